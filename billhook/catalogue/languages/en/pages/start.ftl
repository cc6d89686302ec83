## Said in several places

place = Place

## StartPage

may-i-cut-today-and = May I cut today and how much, which cuts, in what order, at what cost, and when to come back. Nothing has to be measured for a first answer.
where = { $step ->
    [one] Where do your trees stand?
   *[other] Where
 }
what-stands-in = What stands in { $holding }?
what-stands-there = What stands there
add-more = Add more
or-bring-in-a-list = Or bring in a list
another-place = Another place
what-do-you-want-of = What do you want of them?
what-you-want-of-them = What you want of them
how-high-how-it-is = How high, how it is picked, or to bring it back.

## GroupCard

of-a-kind-not-known = of a kind not known
in-one-hole-or-pot = in one hole or pot
a-kind-of-your-own-2 = a kind of your own
or-how-old-years = or how old, years
how-large-height-spread-trunk = How large: height, spread, trunk
the-trunk-above-the-union = The trunk above the union and below the first branch, straight across. Without a tape: a closed fist is about { $which }, a span from thumb to little finger about { $which2 }.
which-cultivar-rootstock-how-raised = Which: cultivar, rootstock, how raised
row-5 = , row { $row }
where-2 = Where: { $block }{ $row }
in-how-many-rows = In how many rows
in-a-pot = in a pot
apart-in-the-row = Apart in the row

## ListIn

a-list-of-trees = A list of trees
or-a-list-as-csv = Or a list, as CSV or GeoJSON
pot-gal-union-ft-height = pot_gal, union_ft, height_ft, spread_ft, trunk_in, x_ft, y_ft. In metres they end in _m, _mm and _l.
pot-l-union-m-height = pot_l, union_m, height_m, spread_m, trunk_mm, x, y. In feet they end in _ft, _in and _gal.
columns-block-row-place-species = Columns: block, row, place, species, planted_year; and if known cultivar, rootstock, { $which }
geojson-of-a-survey-points = GeoJSON of a survey: points are trees with these columns as properties; outlines are blocks, their rows counted out by their spacing and bearing, as the guide says.
paste-the-list = Paste the list
block-row-place-species-planted = block,row,place,species,planted_year,cultivar Alto,1,1,avocado,2016,Hass
pick-a-file = Pick a file
check-it = Check it
import-it = Import it
trees-in-blocks-stand-there = { $trees } trees in { $blocks } { $blocks ->
    [one] block
   *[other] blocks
 } stand there now.
the-list-is-in-order = The list is in order: { $trees } trees in { $blocks } { $blocks ->
    [one] block
   *[other] blocks
 }.
nothing-was-saved-things-to = Nothing was saved. { $problems } { $problems ->
    [one] thing
   *[other] things
 } to put right:
feature = feature
line-2 = line

## PlaceForm

where-the-trees-stand = Where the trees stand
name-of-the-place = Name of the place
my-garden = my garden
rather = Rather { $runnerUp }
taken-2 = Taken: { $climate }.
no-town-near-coordinates-or = No town near: coordinates, or a hardiness zone
longitude-minus-in-the-west = Longitude, minus in the west
hardiness-zone = Hardiness zone
n-9a = 9a
nearest-climate = Nearest climate{ $picked }
nearest-climate-2 = Nearest climate
frost-to = frost to { $lastFrost }
no-frost = no frost
coldest-month-warmest-2 = coldest month { $count }, warmest { $Math2 } { $which }; { $lastFrost }
starting-from-this-one = , starting from this one
type-your-own-twelve-months = Type your own twelve months{ $which }
mean-daily-minimum-and-maximum = Mean daily minimum and maximum of each month, { $which }
minimum-2 = { $m }, minimum
maximum-2 = { $m }, maximum
max = max
pick-a-climate-instead = Pick a climate instead
here-my-trees-stand = Here my trees stand
is-no-hardiness-zone-they = is no hardiness zone; they go from 1a to 13b, such as 7b
pick-a-town-or-give = pick a town, or give the latitude: a number, minus in the south

## SayIn

say-it = Say it
one-old-orange-tall-and = one old orange, { $which } tall, and a lemon in a pot
n-10-ft-by-20-ft = 10 ft by 20 ft
n-3-m-by-6-m = 3 m by 6 m
or-row-3-24-navels = Or: row 3, 24 navels alike; 12 Hass avocados on clonal Mexican, planted 2015; 10 rows of 20 Keitt, { $which }.
what-was-read-words-struck = What was read; words struck through were not used
what-was-understood = What was understood
they-stand-there = They stand there
it-stands-there = It stands there
or-pick-a-kind = or pick a kind
one-more-tree = one more tree

## StartStep

of-3-2 = { $nth } of 3

## TownField

nearest-town = Nearest town
its-name-2 = its name
here = Here
no-town-of-5-000 = No town of 5,000 people or more is called so. Type a larger one near, or the latitude below.
this-device-did-not-say = This device did not say where it is; type a town.

## WantIn

what-is-wanted = What is wanted
and-more-2 = and { $count } more
today-5 = { $kindName }. Today: { $need }.
how-high-2 = How high
what-may-be-done-today = What may be done today
not-now-what-may-be = Not now: what may be done today
a-height-to-pick-from = A height to pick from
tidy-as-it-is = Tidy, as it is
its-first-years-shape-it = Its first years: shape it
bring-it-back-it-is = Bring it back: it is old or let go
frost-hurt-it = Frost hurt it

## said

pots = Pots
garden = Garden

lies-south = { $name }, { $degrees }° south.
lies-north = { $name }, { $degrees }° north.
