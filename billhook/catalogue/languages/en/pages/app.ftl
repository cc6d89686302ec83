## Said in several places

today = today
the-tree = the tree
what-is-dead = What is dead
day = Day
row = { $block }, row { $n }
now = Now
trees = Trees
look = Look
year = Year
height = Height
frost = Frost
record = Record
for = For
this-tree = this tree
its-row = its row
its-block = its block
all-trees = all trees
write-down = Write down
picked-today = Picked today
one-fewer = { $label }, one fewer
one-more = { $label }, one more
sprouts = sprouts
to = ({ $low } to { $high })
done = Done
send-again = Send again
drop-it = Drop it
find-a-tree-3 = Find a tree   /
keys = Keys
close = Close
cuts = { $cuts ->
    [one] cut
   *[other] cuts
 }
of-canopy = { $share } of canopy
cannot-read-this-type = Cannot read this; type { $hint }
thickness-at-its-base = Thickness at its base
length = Length
log-a-cut-already-made = Log a cut already made
work = Work
height-before = Height before
height-after = Height after
note = Note
all-2 = all
trees-2 = , { $trees } trees
take-back = Take back
leave-it-2 = Leave it
undo = Undo
why = Why
from = from { $from }
walk-round-to-the-left = Walk round to the left
walk-round-to-the-right = Walk round to the right
cultivar = Cultivar
not-known = not known
rootstock = Rootstock
who = Who
grove = Grove
book = Book
more = More
suckers = Suckers
water-sprouts = Water sprouts
dead-and-broken-wood = Dead and broken wood
skirt = Skirt
fruit-taken-off = Fruit taken off
skeleton-prune = Skeleton prune
print = Print
make-the-sheet = Make the sheet
trees-3 = { $trees ->
    [one] tree
   *[other] trees
 }
tree = Tree
kind = Kind
pot = Pot
trained = Trained
block = Block { $block }
nearer = Nearer
row-2 = row { $n }
measured-2 = measured
not-now = not now
as-a-list = As a list
from-2 = From
site = Site
add-trees = Add trees
to-4 = { $first } to { $last }
block-2 = Block
the-tree-from-the-side = The tree from the side
practice = Practice
by-week = By week
places-and-weather = Places and weather
people = People
on-this-phone-2 = On this phone
fruit-picked = Fruit picked
hours = Hours
change = Change
copied = Copied
copy-it = Copy it
waits-to-be-sent = Waits to be sent
walk-the-row = Walk the row
cut-sheets = Cut sheets
hurt-by-frost = Hurt by frost
weather = Weather
the-whole-holding = the whole holding
go-on = Go on
cuts-2 = Cuts
redo = Redo
height-2 = height
no-fruit-this-year = No fruit this year
the-tree-3 = The tree
fruit-lost = fruit lost
time = time
which = which
rows-2 = { $rows ->
    [one] row
   *[other] rows
 }
walking-the-rows = Walking the rows …
by-month = By month
calendar-file = Calendar file
no-tree-stands-here-yet = No tree stands here yet.
say-what-stands-there = Say what stands there
propose-a-plan = Propose a plan
fetching-the-tree = Fetching the tree …
walk-round-the-tree-left = walk round the tree, left
walk-round-the-tree-right = walk round the tree, right
wounds = Wounds
whose-shoot-is-it = Whose shoot is it?
trees-5 = { $trees } trees
c = °C
f = °F
planted-year = Planted, year
pick-one = pick one
between-rows = Between rows
plant-it = Plant it
none = none
broken = broken
top = Top
plan-the-cuts = Plan the cuts
as-2 = As
sign-this-device-out = Sign this device out
as-it-stands = as it stands
latitude-minus-in-the-south = Latitude, minus in the south
there-is-frost-in-one = There is frost in one year of ten
last-frost-of-spring-one = Last frost of spring, one year in ten
first-frost-of-autumn-one = First frost of autumn, one year in ten
renewal = Renewal
reading = Reading …
what-it-is-for = What it is for
what-it-comes-to = What it comes to
free = free
what-to-look-for-and-count = What to look for, and count
make-the-cut-sheet = Make the cut sheet
take-mark-off = Take mark { $n } off
rule = rule
no-leaf = no leaf
under-cover-in-winter = under cover in winter
spread = Spread
trunk-across = Trunk, across
row-6 = Row
a-new-one = a new one
come-back-2 = Come back
minutes-2 = { $count } minutes

## App

go-to-the-page = Go to the page
demo-made-up-on = Demo, made up, on { $day }.
another-day = Another day
find-a-tree = find a tree
metric-or-feet-and-inches = metric or feet and inches
the-grove = the grove
the-year = the year
the-book = the book
these-keys = these keys

## client

billhook-does-not-answer-what = Billhook does not answer. What you entered is kept here; try again.
something-went-wrong-what-you = Something went wrong. What you entered is kept here; try again.

## useFrost

on = { $says } on { $name }
what-was-seen = What was seen

## useSettings

full-sun = Full sun
night = Night

## useUndo

an-entry-of-the-book = an entry of the Book
taking-back = Taking back: { $of }

## DayField

n-30-may = 30 May
pick-from-the-month = Pick from the month
the-month-before = The month before
the-next-month = The next month
cannot-read-this-day-type = Cannot read this day; type 30 May, or 2 weeks
not-after = Not after { $max }
not-before = Not before { $min }
su-mo-tu-we-th = Su Mo Tu We Th Fr Sa
mo-tu-we-th-fr = Mo Tu We Th Fr Sa Su

## DoneForm

how-many-other-a-tree = How many { $trees ->
    [one] { "" }
   *[other] a tree
 }
how-many-came-off = How many came off
minutes-other-in-all = Minutes{ $trees ->
    [one] { "" }
   *[other] { " " }in all
 }
done-trees = Done, { $trees } trees

## FieldState

no-signal-what-is = No signal. What is
on-this-phone = on this phone
opens-and-what-you-enter = opens, and what you enter is kept.
kept-on-this-device-and = { $why } { $waiting } kept on this device and sent later.
try-now = Try now
another-holding-answers-here-now = Another holding answers here now: { $other }. What was entered for the one before is not sent to it; it is kept on this device.
an-older-state-was-put = An older state was put back, of { $asOf }. What was entered after it is not there; what still waits on this device is sent.
understood = Understood
billhook-could-not-write-it = { $item }: Billhook could not write it down. It is kept on this device. { $failed }
was-not-taken = { $item } was not taken: { $refused }
mend-it = Mend it
n-1-entry-is = 1 entry is
entries-are = { $n } entries are
something-else-answers-in-billhook = Something else answers in Billhook’s place, such as a network’s sign-in page.
billhook-does-not-answer = Billhook does not answer.

## FindHead

find = Find
find-a-tree-2 = Find a tree

## FindTree

find-a-tree-by-name = Find a tree by name, row, kind, or how it stands: late, too tall
no-tree-is-found-by = No tree is found by that.
both = both
all = all { $found }
show-in-the-plan = Show { $found } in the plan

## LongWork

long-work = Long work
seen = Seen
of = { $done } of { $of }

## PickOne

choose = choose

## QrCode

code-for = Code for { $url }

## UndoLine

later-work-stands-on-it = Later work stands on it: { $stands }.
take-all-back = Take { $stands ->
    [one] both
   *[other] all
 } back
taken-back = Taken back:
put-back = Put back

## VerdictBox

may-i-on-this-day = May I, on this day
last-good-day = Last good day { $lastGoodDay }.

## VolumeField

gallons = gallons
litres = litres

## WhyDialog

way-of-working = Way of working: { $known }.
what-would-change-it = What would change it: { $remedy }
others-say = ; others say { $rivals }
every-value-with-its-source = Every value, with its source

## WireNav

places = Places
today-2 = Today
billhook = Billhook

## WorkPicker

kind-of-work = Kind of work
thin-whole-branches = Thin, whole branches
lower-head-back = Lower, head back
hedge-wall = Hedge wall
tips = Tips
shear-a-formal-hedge = Shear a formal hedge
renew-by-thirds = Renew by thirds
tree-in-a-pot = Tree in a pot
train-a-young-tree = Train a young tree

## words

suckers-off = Suckers off
skirt-lifted = Skirt lifted
thinned = Thinned
lowered = Lowered
hedge-wall-cut = Hedge wall cut
tipped = Tipped
sheared = Sheared
a-third-renewed = A third renewed
pot-shaped = Pot shaped

## photo

that-photo-has-mb-mb = That photo has { $size } MB; { $most } MB is the most. Take it at a lower setting.
that-file-is-not-a = That file is not a picture this browser can read. Take it as JPEG or PNG.
the-photo-could-not-be = The photo could not be made smaller here. Try another.

## useWalk

billhook-does-not-answer-and = Billhook does not answer, and this tree is not on the phone.
take-its-row-along-while = Take its row along while there is signal.
a-walk-on = A walk on { $walk }
what-the-look-at-is = What the look at { $at } is for
an-answer-on = An answer on { $at }
the-end-of-the-walk = The end of the walk on { $at }

## measure

cu-ft = { $m3 } cu ft

## rows

to-2 = { $a } to { $b }

## Days, winds and slopes as they are typed and shown. Words between bars are read alike; the eight winds are apart by a space, from north on.

word-tomorrow = tomorrow
word-yesterday = yesterday
word-days = day | days
word-weeks = week | weeks
word-in = in
word-ago = ago
winds = N NE E SE S SW W NW
winds-in-full = north north-east east south-east south south-west west north-west
such-as-sw = SW, 240° or 3 o'clock
such-as-steep = steep, flat or 35°
upright = upright
steep = steep
slanting = slanting
flat = flat
hanging = hanging
and-between = { " " }and{ " " }

## The four tones of permission

go = go
light = light
wait-2 = wait
stop = stop
yes-2 = yes
as-thick-as = { $class ->
    [straw] straw-thick
    [pencil] pencil-thick
    [finger] finger-thick
    [thumb] thumb-thick
    [broom-handle] broom handle-thick
    [wrist] wrist-thick
    [forearm] forearm-thick
   *[other] { $class }-thick
 }
and-dead = , dead
degrees-south = { $degrees }° south
degrees-north = { $degrees }° north
any-day = Any day

## TongueChoice

language = Language
no-3 = no
