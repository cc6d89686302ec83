## Said in several places

the-place = The place

## PlacePage

no-place-is-described-yet = No place is described yet.
say-where-the-trees-stand = Say where the trees stand
ways-of-working = Ways of working
invented-for-the-demo-a = : invented for the demo; a real holding never listens to it
how-the-demo-s-weather = How the demo's weather turns
days-of-your-own-station = Days of your own station
calendar = Calendar
what-to-look-at-again = What to look at again, open days of each kind of work, and open sheets, for your own calendar. Subscribe to the address, and it updates in place; or save the file once.
of-3 = Of
address-to-subscribe-to = Address to subscribe to
renew-it = Renew it
save-the-file = Save the file
a-kind-of-tree-of = A kind of tree of your own

## DemoDay

the-demo-s-day = The demo’s day
it-stands-on-on-another = It stands on { $day }. On another day its history is run anew to there; what you entered in the demo is gone then.
on-the-way-to = On the way to { $day } …
that-day-could-not-be = That day could not be reached; the demo is as it was.
go-there = Go there

## NormalsForm

normals-from-drag-a-point = Normals from: { $origin }. Drag a point, or move it with the arrow keys, half a degree a step.
start-again-from-a-climate = Start again from a climate
calendar-of-bloom-and-harvest = Calendar of bloom and harvest of
the-one-nearest-to-the = the one nearest to the curve
station-stands-at = Station stands at
about-in-the-region = About in the region
saved-every-window-is-worked = Saved. Every window is worked out anew.
save-the-place = Save the place
must-be-a-number-minus = must be a number, minus in the south

## OwnKind

a-habit = { $h ->
    [spreading] spreading
    [upright] upright
    [columnar] columnar
    [weeping] weeping
   *[rounded] rounded
}
a-kind-of-your-own = A kind of your own
what-it-is-called = What it is called
feijoa = feijoa
grows = Grows
low = low
middling = middling
tall-2 = tall
hurt-by-nights-of = Hurt by nights of, { $which }
its-habit = Its habit
bears = Bears
along-its-branches = along its branches
at-the-ends-of-shoots = at the ends of shoots
a-wound-closes-up-to = A wound closes up to
keeps-its-leaves-through-winter = keeps its leaves through winter
blooms-and-bears-all-year = blooms and bears all year
is-known-now = { $made } is known now.
add-this-kind = Add this kind
must-be-a-number-of = must be a number of degrees

## StancePanel

waiting-after-a-frost = Waiting after a frost
ways-of-working-of = Ways of working of
block-3 = block { $name }
tree-2 = tree { $treeName }
in-force = , in force
believes = Believes
against-it = Against it
changes = Changes
no-date-changes = No date changes.
such-as-over-the-next = { $kindName }, such as { $tree }, over the next year:
now-3 = (now { $now })
what-would-change = What would change: { $name }
what-would-change-2 = What would change
choose-3 = Choose: { $name }
choose-4 = Choose
take-back-3 = Take back: { $name }
take-the-choice-back = Take the choice back
when-to-cut = When to cut
form-of-the-tree = Form of the tree
the-middle = The middle
clippings-and-vigour = Clippings and vigour
mined-leaves = Mined leaves
fruit-on-a-young-tree = Fruit on a young tree
shoots-exactly-at-the-union = Shoots exactly at the union
unless-you-choose = unless you choose
chosen-for-the-holding = chosen for the holding
chosen-for-the-block = chosen for the block
chosen-for-this-tree = chosen for this tree

## StationForm

columns-date-tmin-tmax-and = Columns date, tmin, tmax and, if there is one, rain.
the-days-there-are-as = The days there are, as CSV
station-file = Station file
frost-in-one-year-of = Frost in one year of
twenty = twenty
ten = ten
five = five
two = two
or-paste-the-days = Or paste the days
date-tmin-tmax-rain-2026 = date,tmin,tmax,rain 2026-01-01,7.2,15.9,0
check-the-days = Check the days
things-found-nothing-is-taken = { $problemCount } { $problemCount ->
    [one] thing
   *[other] things
 } found; nothing is taken until each is mended or accepted.
problems = Problems
line = Line { $line }
the-list = The list
days-taken = { $count } days taken.
days-2 = { $count } days
whole-years-to = , { $years } whole years, { $first } to { $last }
coldest-month-warmest = Coldest month { $count }, warmest { $Math2 } { $which };
last-frost-first = last frost { $lastFrost }, first { $firstFrost };
no-frost-at-this-risk = no frost at this risk;
hot-season-to = hot season { $hotFrom } to { $hotTo }
no-hot-season = no hot season
no-normals = No normals: { $whyNot }.
take-days-and-normals = Take days and normals
take-the-days-only = Take the days only
leave-the-gaps = Leave the gaps
keep-the-first-of-each = Keep the first of each day
turn-the-columns-round = Turn the columns round
convert-from-f = Convert from °F
from-or-to = { $event ->
    [bloom] bloom
   *[harvest] harvest
 } { $end ->
    [from] from
   *[to] to
 }
