## Dicho en varios sitios

draw-a-block = Dibujar una parcela
between-trees-in-a-row = Entre árboles en la fila
move-trees = Mover árboles
sketched = supuesto

## GrovePage

opening-the-holding = Abriendo la explotación …
in-plan = En el plano
plan-of-the-holding = Plano de la explotación
trees-4 = { $chosen ->
    [one] árbol
   *[other] árboles
 }
leave-them = Dejarlos
trees-lit-in-the-plan = «{ $looked }»: { $size } { $size ->
    [one] árbol
   *[other] árboles
 }, iluminados en el plano
show-all-again = mostrar todo otra vez
what-each-needs-next = Lo que cada uno necesita después
trees-pick-one-in-the = { $day }, { $siteTrees } árboles. Elija uno en el plano, o búsquelo por nombre
next-tree-in-the-row = árbol siguiente de la fila
the-tree-before = el árbol anterior
open-the-tree = abrir el árbol
nearer-2 = más cerca
further = más lejos
the-whole-plan = el plano entero
move-the-plan-left = mover el plano a la izquierda

## DrawBlock

a-block-to-be-drawn = Una parcela por dibujar
touch-the-plan-at-each = Toque el plano en cada esquina. Una esquina se puede arrastrar, y también toda ella. Un toque en un sitio lo deja vacío.
or-say-how-long-and = O diga qué largo y qué ancho tiene
long-west-to-east = Largo, de oeste a este
wide-north-to-south = Ancho, de norte a sur
set-it-beside-the-others = Ponerla junto a las otras
the-outline = El contorno: { $wrong }
its-name = Su nombre
rows-run-to-empty-for = Las filas van hacia; vacío para su lado más largo
left-empty = , { $size } sitios vacíos
between-rows-between-trees = ; { $rowSpacing } entre filas, { $spacing } entre árboles.
corner = esquina
corners = esquinas
more-at-least = { $which } más { $which2 } como mínimo.
pick-its-kind-rows-are = Elija su especie: las filas se cuentan como se planta esa especie.
planting = Plantando …
plant-trees = Plantar { $trees } árboles

## MoveBlock

a-block-to-be-moved = Una parcela por mover
drag-a-tree-to-where = Arrastre un árbol a su sitio, o elíjalo y use mayúsculas y las flechas.
or-a-whole-block = O una parcela entera
drag-it-on-the-plan = Arrástrela en el plano, o pulse mayúsculas y las flechas. Al girarla o ensancharla, se queda donde está su primer árbol.
its-rows-run-to = Sus filas van hacia
there-2 = Allí { $wrong }.
rows-run-to-from-north = Las filas van a { $count }° desde el norte
apart = , separadas { $rowSpacing }
from-tree-to-tree = , { $spacing } de árbol a árbol
lay-it-so = Ponerla así

## NeedsList

and-more-in-the-list = y { $trees } más, en la lista
rows-3 = { $size ->
    [one] fila
   *[other] filas
 }

## PickedTree

planted-3 = { $kindName }, plantado { $plantedYear }
tall-across = { $height } de alto, { $spread } de ancho, { $which }
not-measured-yet = sin medir todavía
open = Abrir { $tree }

## PlanTools

further-2 = Más lejos
the-whole-plan-2 = El plano entero
draw-a-line-round-them = Trace una línea a su alrededor, o toque el número de una fila.
choose-trees = Elegir árboles
done-choosing = Ya elegidos
done-moving = Ya movidos
leave-the-drawing = Dejar el dibujo
right-2 = a la derecha
upwards = arriba
down = abajo
