## Said in several places

the-row = The row
try-again = Try again
answer = answer { $n }
go-on-2 = go on
in-the-log-as-done = In the log as done.
back = Back

## RowWalkPage

this-row = This row
walking-down-the-row = Walking down the row …
picked-today-the-row = Picked today: the row
rake-and-look-before-hands = Rake and look before hands go to a base or under a skirt. Pass a tree with one tap, or walk it step by step.
taking-along-of = Taking along { $takenAlong } of { $trees } …
the-row-is-on-this = The row is on this phone; take it anew
take-the-row-along-for = Take the row along, for where there is no signal
of-trees-taken-along = { $takenAlong } of { $trees } trees taken along
open-cut-sheet = open cut sheet
open-cut-sheets = { $openSheets } open cut sheets
print-the-row-s-pdf = Print the row’s { $openSheets } (PDF)
together = Together
the-same-on-all-not = The same on all { $left } not looked at today
the-same-on-of-the = The same on { $together } of the { $left } not looked at today
nothing-to-do = Nothing to do
taken-off-each = Taken off each …
trained-young = Trained: { $young } young
suckers-rubbed-off-each = Suckers rubbed off each
sprouts-rubbed-off-each = Sprouts rubbed off each
into-the-log-of-trees = Into the log of { $together } trees
with-the-others = { $name } with the others
kept-here = kept here
whose-shoot-is-it-on = Whose shoot is it, on { $name }?
whose-shoot = Whose shoot?
taken-off = Taken off …
walk = Walk
suckers-rubbed-off = Suckers rubbed off
sprouts-rubbed-off = Sprouts rubbed off
cut-off-by-thickness = Cut off, by thickness
into-the-log-next-tree = Into the log, next tree
row-trees = { $block }, row { $n }: { $trees } trees
in-passing = { $trees } in passing
never-walked = never walked
walk-open-since = walk open since { $walked }

## AnswerSaid

what-that-comes-to = What that comes to

## FoundHere

done-on-the-spot = Done on the spot: { $finding }
done-on-the-spot-2 = Done on the spot
it-waits-for = It waits for { $opens }.
it-waits-until-a-day = It waits until a day allows it.

## LimbAnswer

the-drawing-shows-none-by = The drawing shows none by itself: touch the limb in it, or take one from the list.
what-the-drawing-shows = What the drawing shows
the-other-limbs = The other limbs ({ $others })
of-the-leaf = { $share } of the leaf
wound-2 = { $share }, wound { $wound }
fruit-3 = , { $fruit } fruit
one-limb = one limb
limbs-2 = { $cuts } limbs
go-on-with = Go on with { $cuts }
none-of-them-go-on = None of them: go on
limb-4 = limb { $n }

## LookPanel

its-row-2 = Its row
of-8 = { $title }, { $nth } of { $stages }
look-done = look done
all-seen = all seen, { $day }
the-look = The look
two-answers-crossed = Two answers crossed
two-phones-answered-neither-knowing = Two phones answered “{ $asks }”, neither knowing of the other. First came, and holds:
then-came = . Then came:
keep-2 = Keep “{ $holdsWords }”
take = Take “{ $otherWords }”
what-the-look-is-for = What the look is for
looked-at-as-one = Looked at as one
trees-stand-here-as-one = { $group } trees stand here as one; the tallest is looked at first.
looked-at = , looked at
all-questions = All questions
one-question-back = one question back

## NumberAnswer

that-is-out-of-the = That is out of the ordinary: look again at the figure and its unit.
not-now-2 = Not now
a-number-as-near-as = a number, as near as you can
counted-3 = { $counts } counted

## ShootPanel

seen-kept-here = { $told } seen, kept here
looking-up-the-tree = Looking up the tree …
cannot-tell = Cannot tell
billhook-does-not-answer-what-you = Billhook does not answer. What you see is kept on this phone; whose shoot it is, is worked out when it answers. Until then nothing is cut on a guess.
verdict-so-far = Verdict so far
in-a-hundred-that-it = { $stock } in a hundred that it is the rootstock's
in-100-that-it-is = { $stock } in 100 that it is the rootstock's; from 90 it counts as that, below 20 as the tree's own.
how-many-alike = How many alike
taken-off-into-the-log = Taken off: into the log
back-to-the-walk = Back to the walk
it-comes-off-later = It comes off later
tag-it-on-with-the = Tag it, on with the walk
keep-it-on-with-the = Keep it, on with the walk
another-shoot = Another shoot
i-see-the-graft-union = I see the graft union clearly
nothing-else-of-the-tree = nothing else of the tree lives
several-kinds-are-grafted-on = several kinds are grafted on it
seen-3 = Seen: { $told }.
whose-shoot-2 = Whose shoot
billhook-does-not-answer-and-this = Billhook does not answer, and this tree is not on the phone yet.
try-again-where-there-is = Try again where there is signal.
suckers-off-2 = Suckers off { $name }
one-sucker = One sucker
suckers-2 = { $alike } suckers
off-in-the-log = { $alike } off, in the log.
cannot-tell-2 = cannot tell
one-answer-back = one answer back

## WalkEnd

one-answer = One answer
answers = { $answered } answers
kept-on-this-phone = { $answered } kept on this phone
nothing-to-cut = Nothing to cut
cut-all-that-was-found = Cut: all that was found
one-thing-to-cut = One thing to cut
things-to-cut = { $toDo } things to cut
what-they-come-to-is = What they come to is worked out as soon as Billhook answers; nothing is lost until then.
goes-anyway = goes anyway
fruit-4 = { $fruitLost } fruit
fruit-go-with-it = { $fruit } fruit go with it.
no-fruit-goes-with-it = No fruit goes with it.
about-minutes = { $sentence } { $fruit } About { $count } { $minutes ->
    [one] minute
   *[other] minutes
 }.
done-on-the-spot-or = Done on the spot, or left: what is left stays as work of this tree.
to-cut = To cut
needs-no-cutting = Needs no cutting
not-asked-on-this-tree = Not asked on this tree
change-it-on-the-tree = Change it on the tree’s record
taken-off-on-the-spot = Taken off on the spot
finish-and-make-the-cut = Finish and make the cut plan
weigh-the-cuts-first = Weigh the cuts first
finish-the-walk = Finish the walk
the-walk-is-kept-on = The walk is kept on this phone and ends as soon as Billhook answers.
what-was-found-stays-as = What was found stays as work of this tree until it is done; the days to come back are set.
the-days-to-come-back = The days to come back are set.
next-of-this-planting = Next of this planting: { $nextOfGroup }
next-tree-of-the-row = Next tree of the row
mark-cuts-in-the-drawing = Mark cuts in the drawing
walk-it-again = Walk it again
after-the-cuts = After the cuts: { $does }{ $does2 }.
