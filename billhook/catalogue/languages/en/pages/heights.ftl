## Said in several places

seasons = Seasons

## HeightsPage

heights = Heights

## AdoptForm

adopt-a-way = Adopt a way
lower-to = Lower to
tip-the-rest-at = Tip the rest at
adopt-years = Adopt: { $schoolName }, { $years } years
adopted = Adopted
given-up = ; given up { $endedOn }
from-for-years-to-and = from { $firstYear } for { $years } years, to { $low } and { $tip }{ $endedOn }
give-up-for = Give up { $name } for { $scopeName }
give-up = Give up
done-ahead = { $tasks } done, { $tasks2 } ahead
done-2 = , done
dated-pieces-of-work-stand = { $count } dated pieces of work stand in Today and the calendar
is-adopted = { $made } is adopted: { $stand }.
is-given-up-what-was = { $name } is given up; what was done stays in the record.

## BlockHeights

fetching-the-block = Fetching the block …
hedgerows = hedgerows
rows-4 = rows
apart-bearing-trees-with-a = { $rows } { $which }, { $spacing } apart, bearing { $count }° ({ $bearing }); { $trees } trees, { $measured } with a size
vigour-of-5-lower-fruit = vigour { $vigour } of 5; lower fruit is young about { $date }
renewal-over-years = Renewal over years
seasons-ways = { $years } seasons, { $compared } ways
another-height-to-try = Another height to try
my-own-numbers = My own numbers
a-limb-bears-so-many = A limb bears so many % after its cut, year by year
a-tipped-tree-gains-a = A tipped tree gains a year
begin-so-many-years-late = Begin so many years late
whole-rows-and-tips-by = whole rows and tips by machine
a-heavy-year-follows-a = a heavy year follows a light one
never-wholly-under-the-height = never wholly under the height
under-the-height-from-year = under the height from year { $underCapFrom }
hours-by-year-hard-cuts = Hours by year { $hours }; hard cuts { $hardCuts }; { $underCapFrom }.
adopt-it-for = Adopt it for
the-whole-block = the whole block
machines-ladders-and-lines-nobody = Machines, ladders and lines: nobody in the alley while a machine works; local rules and licensed practice decide near power lines and roads.

## HedgingPanel

hedging-round = Hedging round
h-machine-h-by-hand = { $machineH } h machine · { $handH } h by hand after it · { $paint } of whitewash · { $clippings } of clippings, { $chipsM3 } chipped
row-4 = row { $row }, { $which }

## SchoolCard

crop-h-a-year = crop { $meanCrop } · { $count } h a year
in-years-crops-for-h = in { $hours } years { $crop } crops for { $count } h
rows-by-year = rows by year: { $rows }
crop-h = { $first }: { $length }, crop { $crop }, { $hours } h

## SectionPanel

working-out-the-sun = Working out the sun …
section = Section
on-this-day = On this day { $tallest }.
the-sun-at-solar-time = The sun at { $hour }, solar time
to-try-out-drag-the = To try out: drag the wall or type. Nothing here is kept.
roof-2 = Roof
across-at-the-foot = Across at the foot
across-at-the-shoulder = Across at the shoulder
next-row-higher-by = Next row higher by
level = level
counted = , counted
a-tree-house-or-hill = A tree, house or hill in the sun’s way{ $which }
count-it = count it
it-stands-to-the = It stands to the
so-far-away = So far away
so-tall = So tall
so-wide = So wide
as-tall = as tall
sun-on-the-low-wall = Sun on the low wall through the year, { $facings }, { $at } up, cut like this
what-the-cut-takes = What the cut takes
a-yard = a yard
a-metre = a metre
of-of-row = of { $which } of row
of-the-bearing-shell = of the bearing shell
thickest-wood-at-the-wall = thickest wood at the wall
a-saw-bar-takes-it = a saw bar takes it
by-hand-to-a-side = by hand, to a side branch
crop-this-next-third-year = crop this, next, third year
ripe-fruit-on-it = ripe fruit on it
rules-of-the-trade = Rules of the trade
kept = kept
faces = faces { $facing }
facing-now = { $sunHours } facing { $facing } (now { $now })
at-the-low-wall-gets = At { $high } the low wall gets { $each } of sun.
the-wall-facing = the wall facing { $facing }
never-gets-h = { $wall } never gets { $hours } h
at-any-height = at any height
up-to-2 = up to { $length }
gets-h = { $wall } gets { $hours } h { $where }

## ShapePanel

a-shape = A shape
lay-a-shape-over-it = Lay a shape over it
from-the-trunk = From the trunk
drawn-in-by = Drawn in by
on-the-side-facing = On the side facing
every-limb-keeps-within-it = Every limb keeps within it.
n-1-limb-breaks-it = 1 limb breaks it:
limbs-break-it = { $breaks } limbs break it:
make-these-the-cuts = Make these the cuts
upright-round = Upright round
globe = Globe
pyramid = Pyramid
wall = Wall

## TreeHeightPanel

which-limb = Which limb
which-limb-goes-next = Which limb goes next
wound = wound { $wound }
of-the-canopy = , { $share } of the canopy
never-cut = never cut
cut-this-year = cut this year
cut-years-ago = cut { $seasons } { $seasons ->
    [one] year
   *[other] years
 } ago
fruit = , { $fruit } fruit; { $seasons }
the-others-are-tipped = The others are tipped.
seasons-2 = { $years } seasons
ways = , { $compared } ways
season-2 = Season { $year }, { $year2 }
the-went-down = The { $cutName } went down;
of-the-leaf-cut-tall = { $cutName }{ $count } of the leaf cut, { $height } tall after it grew, crop { $crop } of an uncut tree.
shade = Shade
who-shades-whom-today = Who shades whom today
an-orchard-tripod-first-a = An orchard tripod first, a straight ladder four up to one out and never on the limb that is cut; lines: the utility decides.

the-flat-top = top
