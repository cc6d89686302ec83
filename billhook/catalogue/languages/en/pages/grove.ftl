## Said in several places

draw-a-block = Draw a block
between-trees-in-a-row = Between trees in a row
move-trees = Move trees
sketched = sketched

## GrovePage

opening-the-holding = Opening the holding …
in-plan = In plan
plan-of-the-holding = Plan of the holding
trees-4 = { $chosen ->
    [one] tree
   *[other] trees
 }
leave-them = Leave them
trees-lit-in-the-plan = “{ $looked }”: { $size } { $size ->
    [one] tree
   *[other] trees
 }, lit in the plan
show-all-again = show all again
what-each-needs-next = What each needs next
trees-pick-one-in-the = { $day }, { $siteTrees } trees. Pick one in the plan, or find it by name
next-tree-in-the-row = next tree in the row
the-tree-before = the tree before
open-the-tree = open the tree
nearer-2 = nearer
further = further
the-whole-plan = the whole plan
move-the-plan-left = move the plan left

## DrawBlock

a-block-to-be-drawn = A block to be drawn
touch-the-plan-at-each = Touch the plan at each corner. A corner can be dragged, and so can the whole. A touch on a place leaves it empty.
or-say-how-long-and = Or say how long and wide it is
long-west-to-east = Long, west to east
wide-north-to-south = Wide, north to south
set-it-beside-the-others = Set it beside the others
the-outline = The outline: { $wrong }
its-name = Its name
rows-run-to-empty-for = Rows run to; empty for along its longest side
left-empty = , { $size } left empty
between-rows-between-trees = ; { $rowSpacing } between rows, { $spacing } between trees.
corner = corner
corners = corners
more-at-least = { $which } more { $which2 } at least.
pick-its-kind-rows-are = Pick its kind: rows are counted out as that kind stands.
planting = Planting …
plant-trees = Plant { $trees } trees

## MoveBlock

a-block-to-be-moved = A block to be moved
drag-a-tree-to-where = Drag a tree to where it stands, or pick it and use shift and the arrow keys.
or-a-whole-block = Or a whole block
drag-it-on-the-plan = Drag it on the plan, or press shift and the arrow keys. Turned or spread out, it stays where its first tree stands.
its-rows-run-to = Its rows run to
there-2 = There { $wrong }.
rows-run-to-from-north = Rows run to { $count }° from north
apart = , { $rowSpacing } apart
from-tree-to-tree = , { $spacing } from tree to tree
lay-it-so = Lay it so

## NeedsList

and-more-in-the-list = and { $trees } more, in the list
rows-3 = { $size ->
    [one] row
   *[other] rows
 }

## PickedTree

planted-3 = { $kindName }, planted { $plantedYear }
tall-across = { $height } tall, { $spread } across, { $which }
not-measured-yet = not measured yet
open = Open { $tree }

## PlanTools

further-2 = Further
the-whole-plan-2 = The whole plan
draw-a-line-round-them = Draw a line round them, or touch the number of a row.
choose-trees = Choose trees
done-choosing = Done choosing
done-moving = Done moving
leave-the-drawing = Leave the drawing
right-2 = right
upwards = up
down = down
