## Said in several places

after-frost = After frost

## FrostPage

wait-before-you-cut-green = Wait before you cut: green leaves prove nothing until the second flush.
a-class-f0-to-f6 = A class (F0 to F6) is off by about { $uncertain } either way: what is seen on the tree counts.

## AlivePanel

find-the-union = Find the union
at = at { $union }
dig-it-out-gently-if = ; dig it out gently if it is buried. Compare what sprouts with leaves you know: another shape of leaf, other thorns or another scent are the stock.
yes = Yes
no = No
said = { $which }, said { $day }
round-the-stem = Round the stem
round-the-stem-up = Round the stem, { $at } up
too-early-bark-misleads-before = Too early: bark misleads before { $scratchFrom }.
green = Green, { $next }
brown = Brown, { $next }
alive-above-the-union = Alive above the union?
alive-below-it = Alive below it?

## BeforeCold

protection = { $kind ->
    [wrap] Wrap
   *[bank] Bank
}
before-the-cold = Before the cold
before-the-cold-the-union = Before the cold: the union first
no-young-tree-stands-where = No young tree stands where frost is expected, and none is foreseen.
dates-set = { $set } dates set
set-already = set already
put-the-dates-in-my = Put the dates in my list
to-9 = { $on } to { $off }
young-trees = , { $trees } young { $trees ->
    [one] tree
   *[other] trees
 }
foreseen-from = { $at } foreseen from { $night }.
frost-was-said-to-be = Frost was said to be forecast.
on-ice-and-in-the = On ice and in the dark: no ladders, two people, hands off wires and pumps that are wet.
covered = Covered
heated-or-sprinkled = Heated or sprinkled

## BlockCrop

crop-of-a-block = Crop of a block
the-crop-to-come = The crop to come
no-tree-of-this-block = No tree of this block bears a class.
all-replanted-that-lost-limbs = all replanted that lost limbs
as-advised = as advised
usual-crop-a-year-over = Usual crop { $usual } a year. Over ten years { $lost } are lost as advised below; { $healAllLost } if all are brought back, { $replantLost } if all that lost limbs are replanted.
write-down-what-is-picked = Write down what is picked of a row or block, and kilograms are worked out too.

## ClassSay

the-class-by-your-own = The class by your own eyes
you-know-better-the-class = You know better? The class is
write-it-down = Write it down

## CropPanel

bark-and-feed = Bark and feed
crop-to-come = Crop to come
usual-crop-a-tree = Usual crop { $usual } a tree.
write-down-what-is-picked-and = Write down what is picked, and the kilograms lost are worked out too.
it-came-back-close-the = It came back: close the record

## CutsPanel

draw-the-tree-first-give = Draw the tree first: give height, spread and trunk on its own page.
show-cuts = Show { $cuts } { $cuts ->
    [one] cut
   *[other] cuts
 }
across-3 = { $tool }, { $wound } across
min-together = { $count } min together
and-more = and { $left } more
twigs-that-may-hang = Twigs that may hang: { $left }{ $left2 }.
hazards = Hazards
dead-wood = Dead wood
final-shaping = Final shaping
from-3 = from { $when }

## FrostRecord

the-record-for-next-time = The record for next time
for-next-time = For next time
no-night-is-written-down = No night is written down yet.
whole-or-fruit-only = whole or fruit only
leaves-twigs = leaves, twigs
limbs = limbs
trunk-or-union = trunk or union
there = , { $coldest } there
coldest-places = Coldest places
of-standing-trees-ever-hurt = { $hurt } of { $trees } standing trees ever hurt
nights = Nights
for-h = for { $hours } h
at-the-station = , { $min } at the station{ $hours } ({ $source })
nothing-hurt = nothing hurt
came-back-lost = : { $classes }; { $cameBack } came back, { $lost } lost.
which-trees-came-back = Which trees came back
hurt-in-nights = , hurt in { $nights } nights
not-back-yet = not back yet
came-back = came back

## GrowOnPanel

form-by-your-way-of = Form, by your way of working unless you change it here
no-live-shoot-is-drawn = No live shoot is drawn on the trunk. Draw in what came out of it.
no-2 = no
points = { $points } points
grow-these-on = Grow these on
chosen-2 = Chosen { $chosenOn }.
in-this-class-the-limbs = In this class the limbs that live stay the skeleton: nothing must be chosen anew.
draw-in-a-new-shoot = Draw in a new shoot
a-new-shoot = A new shoot
draw-it-in = Draw it in
written-down-stake-ties-suckers = Written down. Stake, ties, suckers and thinning come up on Today.
tree-a-trunk-and-its = Tree, a trunk and its limbs
bush-many-stems = Bush, many stems
one-leader = One leader

## HurtTrees

trees-that-bear-a-class = Trees that bear a class
hurt-trees = Hurt trees
no-tree-bears-a-class = No tree bears a class of frost damage.
cut-test = Cut test
cut-test-slice-fruit-at = Cut test: slice fruit at the stem end; hurt is dry, or with white crystals, over a third of the segments
fruit-cut = Fruit cut
hurt = Hurt
weigh-it = Weigh it

## NightAsk

the-night = The night
foreseen-for-in-see-to = Foreseen for { $day }: { $at } in { $block }. See to the union first.
the-station-tells-of-no = The station ({ $station }) tells of no cold night in the last fifteen months; one that was felt or read elsewhere is entered here.
a-stand-in-made-up = (a stand-in, made up)
cold-nights-at-the = Cold nights at the { $station }{ $which }:
cold-nights = Cold nights
written-down = written down
earlier = { $nights } earlier
or-the-night-of = Or the night of
coldest-at-the-station = Coldest at the station, { $which }
hours-so-cold-if-known = Hours so cold, if known
dry-soil-or-wilted-trees = Dry soil or wilted trees
reckoning = Reckoning …
what-was-hurt = What was hurt
bring-in-your-own-station = Bring in your own station’s days, as CSV
say-4-5 = say −4.5
say-24 = say 24
not-a-temperature = not a temperature; { $which }
between-a-quarter-of-an = between a quarter of an hour and 24 hours, or empty

## NightFound

what-the-night-hurt = What the night hurt
foreseen-from-the-numbers-off = foreseen from the numbers, off by about { $uncertain } either way; the tree itself decides
classes-are-written-down = { $saved } classes are written down
write-night-classes-and-dates = Write night, classes and dates down
about-of-hanging-fruit-hurt = about { $fruitHurt } of hanging fruit hurt
about-of-the-next-crop = about { $missed } of the next crop missed
was-covered = Was covered
was-heated = Was heated
hardiness-is-not-known-of = Hardiness is not known of { $unknown }: look at those trees themselves.
for-it-is-warm = , for it is warm
cut-test-fruit-from-to = Cut-test fruit from { $testFrom } to { $testTo }; hurt fruit goes to juice by { $early }, { $late } at the latest{ $which }.
nothing-for-sure = nothing for sure
by-the-hours = ; { $between } by the hours
possibly = ; possibly { $possible }
why-3 = Why: { $name }
more-2 = { $trees } more
to-10 = { $milder } to { $possible }

## ScratchPanel

not-drawn-yet-give-height = Not drawn yet: give height, spread and trunk on the tree’s own page, then scratch limb by limb here.
limb-or-touch-it-in = Limb, or touch it in the drawing
scratched = , { $readings } scratched
next-limb = Next limb
too-early-scratched-bark-misleads = Too early: scratched bark misleads.
look-again-on = Look again on { $scratchFrom }.
scratch-at-from-its-base = Scratch at { $at } from its base.
its-green-ended-here-on = Its green ended here on { $testedOn }: one scratch shows whether it still does.
at-most-more-on-this = { $found } At most { $scratchesLeft } more on this limb.
green-2 = Green
brown-2 = Brown
brown-from-tip-to-base = Brown from tip to base
nowhere = nowhere
green-to-dead-from = Green to { $boundary }, dead from { $boundary2 }.
dieback-went-further-down-since = Dieback went { $moved } further down since the test before.
scratched-on-this-limb = Scratched on this limb
was-turn-it-round = { $at } was { $colour }: turn it round
at-is-kept-on-this = { $which } at { $at } is kept on this device. Where to scratch next on this limb is known once Billhook answers; go on with another limb.
by-limbs-scratched = by { $tested } { $tested ->
    [one] limb
   *[other] limbs
 } scratched
by-its-class-scratch-to = by its class; scratch to know
about-of-the-leaf-hung = About { $count } % of the leaf hung on wood that is dead, { $tested }. Brown all along? Try round the stem too.
green-where-it-was-scratched = green where it was scratched
brown-where-it-was-scratched = brown where it was scratched
the-next-limb = the next limb

## TreeFrostPanel

not-hurt = Not hurt
no-class-of-frost-damage = No class of frost damage is written down for this tree, or it came back.
say-what-the-night-was = Say what the night was
or-what-you-see-on = , or what you see on this tree:
the-night-of-else-the = The night of (else the last one written down)
verdict = Verdict
the-work-after-a-frost = The work after a frost
wait = Wait
alive = Alive?
scratch = Scratch
grow-on = Grow on
crop-2 = Crop

## WaitPanel

possibly-2 = , possibly { $possible }
the-night-was-here-and = The night was { $at } here and foretold { $frostClass }{ $possible };
a-class-is-off-by = a class is off by about { $uncertain } either way.
write-down-what-you-see = Write down what you see
what-do-you-see = What do you see?
seen-on = Seen on
what-the-tree-shows = What the tree shows
the-tree-itself-speaks-for = The tree itself speaks for
written-down-is-what-is = , written down is { $frostClass }. What is seen counts for more than what the cold foretold.
write-down-2 = Write { $suggests } down
seen-so-far = Seen so far
signs = Signs
what-to-look-for-and = What to look for, and when
to-11 = { $start } to { $end }
now-2 = now
too-early = too early
false-start = false start

## classes

dead-to-the-union = dead to the union
dead-to-the-trunk = dead to the trunk
limbs-dead = limbs dead
twigs-dead = twigs dead
leaves-lost = leaves lost
fruit-or-flush-only = fruit or flush only
not-hurt-2 = not hurt

provisional = provisional
holds = holds
