## Said in several places

n = N
wanted = wanted

## AlmanacRibbon

the-year-of-to = The year of { $almanac }, { $from } to { $to }
growing-warmth = growing warmth
over = over { $base }
frost-likely = frost likely
strong-sun-on-bark = strong sun on bark
set = set
what-if-the-moved = What if the { $says } moved
first-flush = first flush
bloom-forms = bloom forms
cool-nights = cool nights
carry-out = carry out
carry-in = carry in
no-nitrogen = no nitrogen
harvest = harvest
bloom = bloom
harvest-end = harvest end
first-frost = first frost

## BeforeAfter

after-the-work = { $name } after the work, { $day }
before-the-work = { $name } before the work, { $day }
how-much-of-the-photo = How much of the photo from before shows
before-after = { $share } % before, { $which } % after
before = before, { $day }
after = after, { $day }

## ClimateCurve

mean-daily = { $month }, mean daily { $name }
minimum = minimum
maximum = maximum

## CropYears

years-after-the-freeze = years after the freeze
of-the-usual-crop = of the usual crop
brought-back = brought back
year-2 = year { $i } { $share }

## GrovePlan

plan-of-trees-find-them = Plan of { $trees } trees; find them by name above or in the list beside
the-block-on-the-plan = The block on the plan

## PhotoCuts

the-tree-on-its-photo = The tree on its photo. Touch a limb where it is to be cut.

## PhotoTouch

nearer-and-farther = Nearer and farther
farther = Farther
whole-picture = Whole picture

## RowSection

rows-in-section-to-scale = Rows in section, to scale
alley = alley { $count }
roof = Roof, { $height }
foot-of-the-wall-across = Foot of the wall, { $baseWidth } across
shoulder-across = Shoulder, { $topWidth } across

## SeasonsAlong

the-tree-2 = The tree { $trees }

## ShareMeasure

this-year = this year { $year }
marked-this-year = { $marked } marked, { $limitSays }, this year { $year }

## StemRound

the-trunk-from-above-thick = The trunk from above, { $trunk } thick. { $found }

## TouchMarks

across-4 = { $limb } across

## TreeElevation

long = { $limb }, { $base }, { $length } long
union = union { $union }
after-2 = after { $afterHeight }
the-tree-from = The tree from { $from }, { $size }
reach = reach
skirt-2 = skirt
tall-across-2 = { $tall } tall, { $across } across

## WantedHandle

how-high-the-tree-is = How high the tree is wanted
how-high = how high?
wanted-2 = wanted { $at }

## WeatherStrip

foreseen = foreseen
weather-days-measured-foreseen = Weather: { $days } days measured, { $forecast } foreseen.
frost-on = Frost on { $cold }.
no-frost-foreseen = No frost foreseen.
heat-on = Heat on { $hot }.

## WhipStem

the-stem = The stem
cut = cut { $cut }
leaves-from = leaves from

## YearPrice

over-the-year = { $lane } over the year: { $tones }

## BlockDraft

corner-arrow-keys-move-it = Corner { $i }: arrow keys move it, Delete takes it out

## What lies over the plan, and what stands on a lane

cold-air-lies-here = cold air lies here, { $colder } under the station
replanted = replanted
open-any-day = any day
