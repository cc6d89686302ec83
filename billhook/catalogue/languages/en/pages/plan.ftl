## PlanAsk

how-it-is-cut = How it is cut
wall-from-the-trunk-at = Wall from the trunk, at its foot
of-the-day = , of the day
yours = , yours
limit = Limit { $limit }{ $which }
the-day-s-limit-again = the day’s limit again
what-weighs-how-much = What weighs how much{ $which }
points-2 = { $says }, { $weights } points
as-the-aim-has-it = as the aim has it again
yours-for-this-plan = , yours for this plan
ways-of-working-2 = Ways of working{ $which }
as-the-tree-has-it = as the tree has it again
limb-by-limb = Limb by limb
by-hand-each-cut-chosen = by hand, each cut chosen
ragged-hedge = Ragged hedge
by-hand-back-inside-a = by hand, back inside a wall, with holes for light
into-a-shape = Into a shape
by-hand-each-limb-out = by hand, each limb out of it back to a fork inside
machine = Machine
one-pass-along-a-wall = one pass along a wall
form = Form
middle = Middle
vigour = Vigour
timing = Timing

## PlanCompare

beside-it = Beside it
no-other-plan = no other plan
measure = Measure
to-12 = { $cuts }, to { $largest }

## PlanCut

with-the = { $technique } With the { $tool }.
fruit-2 = { $fruit } fruit
take-out-of-the-plan = Take { $cut } out of the plan
let-go = Let go
take-out = Take out

## PlanLeft

from-5 = From { $until }.
put-into-the-plan = Put { $cut } into the plan
let-it-be = Let it be
put-in = Put in

## PlanPanel

drawn = Drawn: { $goal }
weighing-the-cuts = Weighing the cuts …
plan-anew-without-the-pins = Plan anew without the pins
limit-2 = limit { $limit }
before-you-decide = Before you decide
cut-now = Cut now
cut-on-2 = Cut on { $day }
nothing-to-cut-under-this = Nothing to cut under this aim
left-for-now = Left for now
after-the-cut = After the cut
bared-bark = Bared bark:
rehearse-it = Rehearse it
look-at-the-blades-before = Look at the blades before starting: sharp, clean, tight. Look for fruit, nests and lines before every cut; nobody under the limb. Local rules on protected trees and quarantine decide.
cut-plan = Cut plan
in-2 = In: { $came }.
out = Out: { $went }.

## PlanStages

in-stages = In stages
and-later = And later
more-than-any-window-holds = More than any window holds: first half of it, the rest a year later.
of-4 = { $share } of { $limit }
no-window-of-the-next = No window of the next three years has room for { $unplaced }.
cut-only-the-first-stage = Cut only the first stage now
spread-after = Spread after
canopy-taken = Canopy taken
fruit-on-it-2 = Fruit on it
time-on-the-tree = Time on the tree
light-on-the-lower-limbs = Light on the lower limbs
crop-this-next-third = Crop this, next, third year
