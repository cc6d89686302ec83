## Dito em vários sítios

draw-a-block = Desenhar um talhão
between-trees-in-a-row = Entre árvores na linha
move-trees = Mover árvores
sketched = suposta

## GrovePage

opening-the-holding = A abrir a exploração …
in-plan = Na planta
plan-of-the-holding = Planta da exploração
trees-4 = { $chosen ->
    [one] árvore
   *[other] árvores
 }
leave-them = Deixá-las
trees-lit-in-the-plan = «{ $looked }»: { $size } { $size ->
    [one] árvore
   *[other] árvores
 }, iluminadas na planta
show-all-again = mostrar tudo outra vez
what-each-needs-next = O que cada uma precisa a seguir
trees-pick-one-in-the = { $day }, { $siteTrees } árvores. Escolha uma na planta, ou procure-a por nome
next-tree-in-the-row = árvore seguinte da linha
the-tree-before = a árvore anterior
open-the-tree = abrir a árvore
nearer-2 = mais perto
further = mais longe
the-whole-plan = a planta inteira
move-the-plan-left = mover a planta para a esquerda

## DrawBlock

a-block-to-be-drawn = Um talhão por desenhar
touch-the-plan-at-each = Toque na planta em cada canto. Um canto pode arrastar-se, e também o todo. Um toque num lugar deixa-o vazio.
or-say-how-long-and = Ou diga que comprimento e largura tem
long-west-to-east = Comprimento, de oeste a este
wide-north-to-south = Largura, de norte a sul
set-it-beside-the-others = Pô-lo ao lado dos outros
the-outline = O contorno: { $wrong }
its-name = O nome
rows-run-to-empty-for = As linhas vão para; vazio para o lado mais comprido
left-empty = , { $size } lugares vazios
between-rows-between-trees = ; { $rowSpacing } entre linhas, { $spacing } entre árvores.
corner = canto
corners = cantos
more-at-least = mais { $which } { $which2 } no mínimo.
pick-its-kind-rows-are = Escolha a espécie: as linhas contam-se como se planta essa espécie.
planting = A plantar …
plant-trees = Plantar { $trees } árvores

## MoveBlock

a-block-to-be-moved = Um talhão por mover
drag-a-tree-to-where = Arraste uma árvore para o seu lugar, ou escolha-a e use maiúsculas e as setas.
or-a-whole-block = Ou um talhão inteiro
drag-it-on-the-plan = Arraste-o na planta, ou prima maiúsculas e as setas. Ao rodá-lo ou alargá-lo, fica onde está a primeira árvore.
its-rows-run-to = As linhas vão para
there-2 = Lá { $wrong }.
rows-run-to-from-north = As linhas vão a { $count }° do norte
apart = , a { $rowSpacing } umas das outras
from-tree-to-tree = , { $spacing } de árvore a árvore
lay-it-so = Pô-lo assim

## NeedsList

and-more-in-the-list = e mais { $trees }, na lista
rows-3 = { $size ->
    [one] linha
   *[other] linhas
 }

## PickedTree

planted-3 = { $kindName }, plantada { $plantedYear }
tall-across = { $height } de altura, { $spread } de largura, { $which }
not-measured-yet = ainda por medir
open = Abrir { $tree }

## PlanTools

further-2 = Mais longe
the-whole-plan-2 = A planta inteira
draw-a-line-round-them = Trace uma linha à volta delas, ou toque no número de uma linha.
choose-trees = Escolher árvores
done-choosing = Já escolhidas
done-moving = Já movidas
leave-the-drawing = Deixar o desenho
right-2 = para a direita
upwards = para cima
down = para baixo
