## Said in several places

fruit-on-it = Fruit on it
not-looked-at = not looked at
soft = soft
saving = Saving …
its-limbs-2 = its limbs

## TreePage

shown-for = shown for { $day }
back-to-today = back to today
this-tree-2 = This tree
cut-2 = Cut
on-2 = { $kindName } on { $rootstockName }
planted-2 = { $kind }, planted { $plantedYear }
outline-from-sizes = outline from sizes
fruit-on = , { $fruit } fruit on

## BlockForm

block-height-and-cold-air = Block { $block }: height and cold air
kept-at-a-height-of = Kept at a height of
nights-against-the-station = Nights against the station, { $which }
height-above-the-sea = Height above the sea
cold-air-gathers-here = cold air gathers here
stands-in-hedgerows = stands in hedgerows
save-for-the-whole-block = Save for the whole block
must-be-a-number-of-degrees = must be a number of degrees, minus where it is colder

## CalledForm

its-block-and-row-names = Its block and row: names, notes, spacing
row-empty-for-its-number = Row; empty for its number
note-on-the-block = Note on the block
note-on-the-row = Note on the row
set-the-row-out-anew = Set the row out anew, tree to tree
the-row-runs-to = The row runs to
turn-the-block-its-rows = Turn the block: its rows run to
save-these = Save these
the-row-2 = the row
the-block = the block

## CountPanel

what-to-look-for = What to look for
taken-of = Taken of { $what }
print-this = Print this
how-many-did-you-take = How many did you take, how thick
how-many-did-you-take-how = How many did you take, how thick?
weighed-against-the-trunk-across = Weighed against the trunk, { $trunk } across above the union
the-tree-stands-tall = ; the tree stands { $height } tall
trunk-across-above-the-union = Trunk, across, above the union and below the first branch
weigh-against-this-trunk = Weigh against this trunk
into-the-log-2 = Into the log, { $day }
in-the-log-cuts-about = In the log: { $made } cuts, about { $share } of the canopy.

## CutPanel

how-the-cuts-are-found = How the cuts are found
proposed = Proposed
my-own-marks = My own marks
counted-2 = Counted

## FirstSizes

draw-its-outline = Draw its outline
or-trace-it-on-a = or trace it on a photo: its limbs are then known too

## GraftsForm

more-than-one-cultivar-on = More than one cultivar on it
told-by = , told by { $mark }
take-it-off = Take it off
its-leaf-is-told-by = Its leaf is told by
broad-wings-on-the-stalk = broad wings on the stalk
add-it = Add it

## LimbsPanel

limbs-can-be-entered-once = Limbs can be entered once the tree has a sketch.
of-limbs-measured-trunk-broken = { $limbs } of { $limbs2 } limbs measured; trunk { $trunk }. Broken lines are sketched. Pick a limb to measure or correct it.
add-a-limb = Add a limb
trace-on-a-photo = Trace on a photo
limb-2 = Limb
pick-a-limb = pick a limb
sketched-2 = (sketched)
new-limb = New limb
grows-on = Grows on
the-trunk-2 = the trunk
the-soil = the soil
starts-above-ground = Starts, above ground
out-from-the-trunk = Out from the trunk
starts-along-that-limb = Starts, along that limb
diameter-at-its-base = Diameter at its base
diameter-at-its-tip-if = Diameter at its tip, if known
direction = Direction
slope = Slope
or-height-of-its-tip = or height of its tip
wood = Wood
alive-2 = alive
dead = dead
diseased = diseased
limb-3 = limb
water-sprout = water sprout
sucker = sucker
leaf-against-a-full-limb = Leaf, against a full limb
ends-in-bloom = Ends in bloom
young-leaf-on-it = Young leaf on it
hardened = hardened
that-makes-it-long = That makes it { $length } long.
a-limb-of-that-slope = A limb of that slope never reaches this height; give its length instead.
remove = Remove
add-this-limb = Add this limb
save-the-measurement = Save the measurement

## LookBack

look-back = Look back
nothing-was-cut-or-picked-here = Nothing was cut or picked here yet.
of-the-canopy-went = { $doneShare } of the canopy went
was-planned = , { $plannedShare } was planned
cuts-4 = { $doneCuts ->
    [one] cut
   *[other] cuts
 }
of-5 = of { $plannedCuts }
about-unwatched = , about { $count } unwatched
tall-after = ; { $height } tall after
picked-2 = ; { $crop } picked
regrowth = Regrowth
longest-shoots-at-the-last = Longest shoots at the last cuts
set-vigour = Set vigour
fruit-picked-today = Fruit picked today, { $which }
written-down-2 = { $kg } written down.

## MarkedCut

trunk = Trunk
goes-with-a-cut-further = goes with a cut further down
with-the-2 = With the { $tool }.
slide-the-cut-along-the = Slide the cut along the limb
keep = Keep
it-is-dead-broken-or = It is dead, broken or sick: no canopy is counted

## MarksPanel

this-is-an-outline-from = This is an outline from the sizes you gave; what is drawn inside is only typical for the kind, so no limb of it is planned. Count what you cut by its thickness, or measure its main limbs (
to-plan-limb-by-limb = ) to plan limb by limb.
costs-no-canopy = costs no canopy
today-6 = today { $maxShare }
a-cut-sheet-is-open = A cut sheet is open
on-this-tree = on this tree.
or-touch-a-limb-in = , or touch a limb in the drawing to mark a cut, or pick one with
and-press = and press
how-it-is-counted = How it is counted
how-the-share-is-counted = How the share is counted
make-a-sheet-of-it = { $sentence } Make a sheet of it all the same? It will say so.
rehearse = Rehearse
make-it-all-the-same = Make it all the same

## MarksSum

spread-2 = spread
of-6 = { $fruit } of { $fruit2 }
heaviest-in-the-hand = heaviest in the hand
lift-for = lift for { $lift }

## NowPanel

it-is-gone-since-its = It is gone since { $removedOn }; its log stays under
look-at-it = Look at it
go-on-with-the-sheet = Go on with the sheet
over-the-year-2 = Over the year
line-crops-lost-of-what = line: crops lost of what is cut
what-it-needs-next = What it needs next
nothing-has-to-be-done = Nothing has to be done within a year. What the answer above opens is yours to choose; look at it when you pass.

## PutRight

put-right = Put right
a-name-of-its-own = A name of its own
every-of-its-row = every { $kindName } of its row
every-of-its-block = every { $kindName } of its block
trees-are-put-right = { $changed } trees are put right.
save = Save
entered-by-mistake = Entered by mistake
yes-delete-it = Yes, delete it

## RecordPanel

it-is-gone-since-its-log = It is gone since { $removedOn }; its log stays.
it-stands-again = It stands again
stands-in = Stands in
its-year = its year
said-2 = said
wanted-3 = · wanted { $cap }
union-2 = Union
not-marked = not marked
up = { $union } up, { $unionMark }
under-cover-in-winter-2 = , under cover in winter
cut-this-growing-year = Cut this growing year
of-7 = { $usedShare } of { $yearShare }
by-the-calendar = by the calendar
a-light-crop = a light crop
a-full-crop = a full crop
condition = Condition
hurt-by-frost-2 = Hurt by frost?
one-you-would-not-lose = One you would not lose?
like-any-other = like any other
its-union-is-covered-at = its union is covered at any age
for-its-winter-room = For its winter room
it-fits = it fits
too-tall = too tall
the-bloom-sat = The bloom sat
all-over = all over
late-and-low = late and low
the-ways-of-working-for = The ways of working for this tree
photos = Photos
before-and-after = Before and after
log = Log
count-cuts = Count cuts
the-tree-is-gone = The tree is gone
yes-it-is-gone-keep = Yes, it is gone; keep its log
take-this-row-s-measured = Take this row's measured trees for the rest of it
mean-of-tall-across-others = Mean of { $fromTrees }: { $height } tall, { $spread } across; { $appliedTo } others sketched from it.

## SeenDates

seen-this-year = Seen this year
for-the-whole-block-2 = for the whole block { $block }
a-date-seen-beats-the = A date seen beats the one worked out, and the difference corrects next year's.
first-flush-seen = First flush seen
its-leaves-hard = Its leaves hard
first-flowers-open = First flowers open
last-fruit-picked = Last fruit picked
kept-for-all-of = Kept for all of { $block }.
kept-for-this-tree = Kept for this tree.

## SideCarries

fruit-bloom-or-new-leaf = Fruit, bloom or new leaf on one side
side = Side
all-round = all round
fruit-on-it-about = Fruit on it, about
its-ends-in-bloom = Its ends in bloom
a-quarter = a quarter
half = half
new-leaf = New leaf
hard = hard
write-it-down-for-its = Write it down for its limbs

## TreeStand

shown = Shown
drawing = Drawing
photo = Photo
where-you-stand = Where you stand
the-whole-tree = The whole tree
walk-round = walk round
all-keys = all keys
not-drawn-yet = Not drawn yet
not-measured-yet-2 = Not measured yet
its-sizes-are-known-cuts = Its sizes are known: cuts are counted by their thickness. Drawn, it shows which limb.
the-verdict-stands-without-a = The verdict stands without a measurement. To cost a cut, give height, spread and trunk: cuts are then counted by their thickness.
long-2 = { $name }, { $base }, { $length } long

## TrunkForm

trunk-and-union = Trunk and union
trunk-just-above-the-union = Trunk, just above the union
highest-fork-above-ground = Highest fork, above ground
union-above-ground = Union, above ground
save-trunk-and-union = Save trunk and union

## WantedSaid

is-wanted-for = { $height } is wanted for { $what }.
also-for = Also for

## WhipPanel

a-single-stem = A single stem
one-stem-no-branches-yet = One stem, no branches yet
leaves-from-2 = Leaves from
cut-at = Cut at
cut-at-slid-along-the = Cut at, slid along the stem
leaves-begin-below-the-top = Leaves begin below the top, and the cut lies on the stem.

## frames

what-you-typed-is-kept = { $title } What you typed is kept; look at the drawing and save again.

## useMarkKeys

next-limb-up = next limb up
next-limb-down = next limb down
mark-a-cut-at-the = mark a cut at the collar of the limb
slide-the-cut-out-with = slide the cut out (with shift, a little)
slide-the-cut-in-with = slide the cut in (with shift, a little)
take-the-mark-off = take the mark off
undo-2 = undo
redo-2 = redo
drawn-how = { $how ->
    [traced] traced { $day }
    [after-plan] cut { $day }
   *[measured] measured { $day }
 }
sheet-state = { $state ->
    [open] open
   *[finished] finished
 }
tree-condition = { $condition ->
    [healthy] healthy
    [weak] weak
    [neglected] neglected
    [transplanted] transplanted
    [diseased] diseased
    [wilting] wilting
   *[leafless] leafless
 }
