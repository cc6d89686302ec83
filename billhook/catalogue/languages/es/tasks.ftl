# Para qué se vuelve.
task-walk-again = Recorra otra vez el árbol
task-next-stage = Siguiente etapa del plan: { $says }
task-look-after-heat = Vuelva a mirar después de los primeros días de calor. ¿{ $sign }? Se vio el { $day }, y aún no prueba nada.
task-look-was-early = Vuelva a mirar. ¿{ $sign }? El { $day } era demasiado pronto.
task-protect = { $does } ({ $trees }).
task-cut-test = Pruebe con un corte { $fruit } frutos de la fila { $row } por el lado del pedúnculo; secos, o con cristales blancos en más de un tercio de los gajos, están dañados.
task-juice = La fruta dañada de la fila { $row } va a zumo antes del { $day }; ninguna se guarda.
task-whitewash-bared = Encale el tronco y las ramas que perdieron la sombra
task-of-trees = { $does }: { $trees }.
task-of-this-tree = { $does }.
task-of-class = { $does } (clase { $frost })
task-judge = Juzgue qué vive
task-cut-dead = Corte la madera muerta, si el borde se ha mantenido
trees-and-more = { $trees } y { $more } más
task-one-main-limb = una rama principal
task-the-limb = la { $limb }
task-only-tipped = No más altos que { $tip }, solo despuntados: { $trees }.
