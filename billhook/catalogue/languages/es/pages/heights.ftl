## Dicho en varios sitios

seasons = Temporadas

## HeightsPage

heights = Alturas

## AdoptForm

adopt-a-way = Adoptar una manera
lower-to = Bajar a
tip-the-rest-at = Despuntar el resto a
adopt-years = Adoptar: { $schoolName }, { $years } años
adopted = Adoptado
given-up = ; dejado el { $endedOn }
from-for-years-to-and = desde { $firstYear } durante { $years } años, a { $low } y { $tip }{ $endedOn }
give-up-for = Dejar { $name } para { $scopeName }
give-up = Dejar
done-ahead = { $tasks } hechos, { $tasks2 } por delante
done-2 = , hecho
dated-pieces-of-work-stand = { $count } trabajos con fecha están en Hoy y en el calendario
is-adopted = { $made } adoptado: { $stand }.
is-given-up-what-was = { $name } dejado; lo hecho queda en la ficha.

## BlockHeights

fetching-the-block = Buscando la parcela …
hedgerows = setos
rows-4 = filas
apart-bearing-trees-with-a = { $rows } { $which }, separados { $spacing }, con rumbo { $count }° ({ $bearing }); { $trees } árboles, { $measured } con medidas
vigour-of-5-lower-fruit = vigor { $vigour } de 5; la fruta de abajo es joven hacia el { $date }
renewal-over-years = Renovación en años
seasons-ways = { $years } temporadas, { $compared } maneras
another-height-to-try = Otra altura para probar
my-own-numbers = Mis propios números
a-limb-bears-so-many = Una rama da tantos % después de su corte, año por año
a-tipped-tree-gains-a = Un árbol despuntado gana al año
begin-so-many-years-late = Empezar tantos años tarde
whole-rows-and-tips-by = filas enteras y puntas a máquina
a-heavy-year-follows-a = un año cargado sigue a uno flojo
never-wholly-under-the-height = nunca del todo bajo la altura
under-the-height-from-year = bajo la altura desde el año { $underCapFrom }
hours-by-year-hard-cuts = Horas por año { $hours }; cortes fuertes { $hardCuts }; { $underCapFrom }.
adopt-it-for = Adoptarla para
the-whole-block = toda la parcela
machines-ladders-and-lines-nobody = Máquinas, escaleras y líneas: nadie en la calle mientras trabaja una máquina; cerca de líneas eléctricas y caminos deciden las normas locales y los profesionales autorizados.

## HedgingPanel

hedging-round = Ronda de setos
h-machine-h-by-hand = { $machineH } h de máquina · { $handH } h a mano después · { $paint } de encalado · { $clippings } de restos, { $chipsM3 } triturados
row-4 = fila { $row }, { $which }

## SchoolCard

crop-h-a-year = cosecha { $meanCrop } · { $count } h al año
in-years-crops-for-h = en { $hours } años { $crop } cosechas por { $count } h
rows-by-year = filas por año: { $rows }
crop-h = { $first }: { $length }, cosecha { $crop }, { $hours } h

## SectionPanel

working-out-the-sun = Calculando el sol …
section = Sección
on-this-day = En este día { $tallest }.
the-sun-at-solar-time = El sol a las { $hour }, hora solar
to-try-out-drag-the = Para probar: arrastre la pared o escriba. Aquí no se guarda nada.
roof-2 = Techo
across-at-the-foot = Ancho en el pie
across-at-the-shoulder = Ancho en el hombro
next-row-higher-by = Fila de al lado más alta en
level = a nivel
counted = , contado
a-tree-house-or-hill = Un árbol, una casa o un cerro que tapa el sol{ $which }
count-it = contarlo
it-stands-to-the = Está hacia el
so-far-away = A esta distancia
so-tall = Así de alto
so-wide = Así de ancho
as-tall = igual de alto
sun-on-the-low-wall = Sol en la pared baja a lo largo del año, { $facings }, a { $at } de alto, cortada así
what-the-cut-takes = Lo que quita el corte
a-yard = por yarda
a-metre = por metro
of-of-row = de { $which } de fila
of-the-bearing-shell = de la capa que da fruta
thickest-wood-at-the-wall = madera más gruesa en la pared
a-saw-bar-takes-it = la corta una barra de sierras
by-hand-to-a-side = a mano, hasta una rama lateral
crop-this-next-third-year = cosecha este año, el próximo, el tercero
ripe-fruit-on-it = fruta madura en ella
rules-of-the-trade = Reglas del oficio
kept = cumplida
faces = mira al { $facing }
facing-now = { $sunHours } mirando al { $facing } (ahora { $now })
at-the-low-wall-gets = A { $high } la pared baja recibe { $each } de sol.
the-wall-facing = la pared que mira al { $facing }
never-gets-h = { $wall } nunca recibe { $hours } h
at-any-height = a ninguna altura
up-to-2 = hasta { $length }
gets-h = { $wall } recibe { $hours } h { $where }

## ShapePanel

a-shape = Una forma
lay-a-shape-over-it = Poner una forma encima
from-the-trunk = Desde el tronco
drawn-in-by = Metida hacia dentro
on-the-side-facing = En el lado que mira al
every-limb-keeps-within-it = Ninguna rama se sale.
n-1-limb-breaks-it = 1 rama se sale:
limbs-break-it = { $breaks } ramas se salen:
make-these-the-cuts = Hacer de esto los cortes
upright-round = Redonda y erguida
globe = Globo
pyramid = Pirámide
wall = Pared

## TreeHeightPanel

which-limb = Qué rama
which-limb-goes-next = Qué rama va después
wound = herida { $wound }
of-the-canopy = , { $share } de la copa
never-cut = nunca cortada
cut-this-year = cortada este año
cut-years-ago = cortada hace { $seasons } { $seasons ->
    [one] año
   *[other] años
 }
fruit = , { $fruit } frutos; { $seasons }
the-others-are-tipped = Las otras se despuntan.
seasons-2 = { $years } temporadas
ways = , { $compared } maneras
season-2 = Temporada { $year }, { $year2 }
the-went-down = Bajó: { $cutName };
of-the-leaf-cut-tall = { $cutName }{ $count } de la hoja cortada, { $height } de alto después de crecer, cosecha { $crop } de un árbol sin cortar.
shade = Sombra
who-shades-whom-today = Quién da sombra a quién hoy
an-orchard-tripod-first-a = Mejor una escalera de trípode; una recta, cuatro de alto por uno de separación y nunca en la rama que se corta; líneas: decide la compañía eléctrica.

the-flat-top = techo
