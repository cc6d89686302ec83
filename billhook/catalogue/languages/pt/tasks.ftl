# Para que se volta.
task-walk-again = Percorra a árvore outra vez
task-next-stage = Etapa seguinte do plano: { $says }
task-look-after-heat = Olhe outra vez depois dos primeiros dias quentes. { $sign }? Foi visto em { $day }, e ainda não prova nada.
task-look-was-early = Olhe outra vez. { $sign }? Em { $day } era cedo demais.
task-protect = { $does } ({ $trees }).
task-cut-test = Prove com um corte { $fruit } frutos da linha { $row } do lado do pedúnculo; secos, ou com cristais brancos em mais de um terço dos gomos, estão feridos.
task-juice = A fruta ferida da linha { $row } vai para sumo até { $day }; nenhuma se guarda.
task-whitewash-bared = Caie o tronco e as pernadas que perderam a sombra
task-of-trees = { $does }: { $trees }.
task-of-this-tree = { $does }.
task-of-class = { $does } (classe { $frost })
task-judge = Julgue o que vive
task-cut-dead = Corte a madeira morta, se a borda se manteve
trees-and-more = { $trees } e mais { $more }
task-one-main-limb = uma pernada principal
task-the-limb = a { $limb }
task-only-tipped = Não mais altas que { $tip }, só despontadas: { $trees }.
