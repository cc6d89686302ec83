## Dicho en varios sitios

n = N
wanted = deseada

## AlmanacRibbon

the-year-of-to = El año de { $almanac }, { $from } a { $to }
growing-warmth = calor de crecimiento
over = sobre { $base }
frost-likely = helada probable
strong-sun-on-bark = sol fuerte en la corteza
set = cuajado
what-if-the-moved = Y si se moviera: { $says }
first-flush = primera brotación
bloom-forms = se forma la flor
cool-nights = noches frescas
carry-out = sacar afuera
carry-in = meter dentro
no-nitrogen = sin nitrógeno
harvest = cosecha
bloom = flor
harvest-end = fin de la cosecha
first-frost = primera helada

## BeforeAfter

after-the-work = { $name } después del trabajo, { $day }
before-the-work = { $name } antes del trabajo, { $day }
how-much-of-the-photo = Cuánto se ve de la foto de antes
before-after = { $share } % antes, { $which } % después
before = antes, { $day }
after = después, { $day }

## ClimateCurve

mean-daily = { $month }, { $name } media del día
minimum = mínima
maximum = máxima

## CropYears

years-after-the-freeze = años después de la helada
of-the-usual-crop = de la cosecha habitual
brought-back = recuperados
year-2 = año { $i } { $share }

## GrovePlan

plan-of-trees-find-them = Plano de { $trees } árboles; búsquelos por nombre arriba o en la lista de al lado
the-block-on-the-plan = La parcela en el plano

## PhotoCuts

the-tree-on-its-photo = El árbol en su foto. Toque una rama donde se va a cortar.

## PhotoTouch

nearer-and-farther = Más cerca y más lejos
farther = Más lejos
whole-picture = Foto entera

## RowSection

rows-in-section-to-scale = Filas en sección, a escala
alley = calle { $count }
roof = Techo, { $height }
foot-of-the-wall-across = Pie de la pared, { $baseWidth } de ancho
shoulder-across = Hombro, { $topWidth } de ancho

## SeasonsAlong

the-tree-2 = El árbol { $trees }

## ShareMeasure

this-year = este año { $year }
marked-this-year = { $marked } marcado, { $limitSays }, este año { $year }

## StemRound

the-trunk-from-above-thick = El tronco desde arriba, { $trunk } de grueso. { $found }

## TouchMarks

across-4 = { $limb }, ancho

## TreeElevation

long = { $limb }, { $base }, { $length } de largo
union = injerto { $union }
after-2 = después { $afterHeight }
the-tree-from = El árbol desde el { $from }, { $size }
reach = alcance
skirt-2 = faldas
tall-across-2 = { $tall } de alto, { $across } de ancho

## WantedHandle

how-high-the-tree-is = Qué altura se quiere para el árbol
how-high = ¿qué altura?
wanted-2 = deseada { $at }

## WeatherStrip

foreseen = previsto
weather-days-measured-foreseen = Tiempo: { $days } días medidos, { $forecast } previstos.
frost-on = Helada el { $cold }.
no-frost-foreseen = No se prevé helada.
heat-on = Calor el { $hot }.

## WhipStem

the-stem = El tallo
cut = corte { $cut }
leaves-from = hojas desde

## YearPrice

over-the-year = { $lane } a lo largo del año: { $tones }

## BlockDraft

corner-arrow-keys-move-it = Esquina { $i }: las flechas la mueven, Supr la quita

## What lies over the plan, and what stands on a lane

cold-air-lies-here = aquí se posa el aire frío, { $colder } bajo la estación
replanted = replantados
open-any-day = cualquier día
