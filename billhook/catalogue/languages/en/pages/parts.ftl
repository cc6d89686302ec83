## AimPanel

how-high-do-you-want = How high do you want it?
nobody-said-until-then-its = Nobody said; until then its height is no finding.
this = this { $id }
how-the-height-is-said = How the height is said
keep-it-so = Keep it so
take-it-back = Take it back
and-how-wide = And how wide?
width = Width
how-the-width-is-said = How the width is said
keep-it-so-wide = Keep it so wide
back-from-its-neighbour-across = back from its neighbour, { $clear } across
for-2 = { $height } for { $by }
it-stands-now = ; it stands { $height } now
visit = Visit
down-to = down to
takes = takes
then-stands = then stands
each-on-the-cheapest-open = Each on the cheapest open day of its year; “then” is at the next visit, or a year on.
high = high
off-the-top = off the top
across = across
from-the-stem = from the stem
off-each-side = off each side

## AskField

for-the-whole-block = for the whole block

## BlockPicked

picked-today-2 = Picked today: { $species }

## CountLog

its-trunk-is-not-measured = Its trunk is not measured, so what was cut cannot be weighed.
say-how-thick-it-is = Say how thick it is
into-the-log = Into the log
in-the-log-about-of = In the log: about { $share } of the canopy.

## CountSteps

sprouts-of-this-season = sprouts of this season
yes-the-next-ones-count = yes: the next ones count about a third
sprouts-of-this-season-2 = Sprouts of this season
thick = { $name }-thick{ $which }

## CountTotal

of-today = of { $limit } today
more-is-cut-than-a = More is cut than a trunk this thin bears; measure it again, or the cuts.

## HowToCut

how = How
seen-from-the-side = { $position }, seen from the side. { $technique }
where-not-to-cut = Where not to cut. { $notSo }
the-wound-closes-min = The wound closes { $closingYears }; { $count } min.
within-about-a-year = within about a year
in-about-years = in about { $count } years

## LogEntries

nothing-is-logged-yet = Nothing is logged yet.
share-not-known = share not known
no-canopy = no canopy
a-correction = a correction
corrected-by-a-later-entry = corrected by a later entry
its-sheet = its sheet
leave-it = leave it
correct = correct
another-tree = Another tree: { $tree }, { $work }, { $date }
leave-it-there = leave it there
another-tree-2 = another tree
not-so = Not so: { $tree }, { $work }, { $date }
not-so-with-more = not so, with { $withIt } more
not-so-2 = not so
of-this-season = of this season

## NewLimb

height-above-ground = Height above ground
how-it-grows = How it grows
on-which-side = On which side

## OddEntries

entries-that-make-no-sense = Entries that make no sense
has-an-entry-that-makes = has an entry that makes no sense and is not read: “{ $says } { $e }”. It { $problem }.
take-it-out = Take it out

## OtherTree

which-tree-was-it = Which tree was it?

## PastWork

correct-an-entry = Correct an entry
the-entry-stays-as-it = The entry stays as it is; this one is written after it and holds.
count-the-cuts-anew = Count the cuts anew
how-many-how-thick = How many, how thick
write-the-correction = Write the correction
log-it = Log it

## PhotoTake

the-work = { $name }, { $moment } the work, { $day }
the-work-not-sent-yet = { $name }, { $moment } the work, not sent yet
making-it-smaller = Making it smaller …
photo-of = Photo of { $name }
photo-the-work = Photo { $moment } the work
a-photo-of = A photo of { $props }

## RecipeLine

up-to = up to { $n }
thick-2 = { $class }-thick
however-thick = however thick
whole = whole
shortened = shortened
about = about { $share }

## WhichFields

how-it-was-raised = How it was raised
grafted = grafted
from-a-seed-or-stone = from a seed or stone
a-cutting = a cutting
layered = layered

## ListTable

only = Only
chosen = , { $chosen } chosen
choose-all-that-are-shown = Choose all that are shown
choose-2 = Choose { $row }

## ListViews

columns-and-views = Columns and views
csv-of-these = CSV of these
columns = Columns
keep-this-view-as = Keep this view as
keep-the-view = Keep the view
forget = Forget “{ $name }”

## ManySheets

what-for = What for
what-each-needs = What each needs
make-up-to-sheets = Make up to { $treeIds } sheets
of-2 = { $done } of { $treeIds }
planning-of-trees = Planning, { $done } of { $treeIds } trees …
sheets-made = { $made } { $made ->
    [one] sheet
   *[other] sheets
 } made.
print-them-as-one = Print them as one

## ManyTrees

for-the-chosen-trees = For the chosen trees
make-their-sheets = Make their sheets
log-work = Log work
wanted-height = Wanted height
how-high-they-are-wanted = How high they are wanted
hold-them-there = Hold them there
work-done-today = Work done today

## ToCount

to-count = To count
to-count-where-no-limbs = To count, where no limbs are drawn
print-these = Print these

## TreeTable

so-many-trees = { $n ->
    [one] { $n } tree
   *[other] { $n } trees
}
name-kind-need = name, kind, need

## columns

planted = Planted
tall = Tall
across-2 = Across
measured = Measured
needs-next = Needs next

## trace

toward-you = toward you
a-little-toward = a little toward
level-with-the-picture = level with the picture
a-little-away = a little away
away-from-you = away from you

## WordChoice

words-of-your-region = Words of your region
