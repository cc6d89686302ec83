## Dito em vários sítios

n = N
wanted = desejada

## AlmanacRibbon

the-year-of-to = O ano de { $almanac }, { $from } a { $to }
growing-warmth = calor de crescimento
over = acima de { $base }
frost-likely = geada provável
strong-sun-on-bark = sol forte na casca
set = vingamento
what-if-the-moved = E se mudasse: { $says }
first-flush = primeira rebentação
bloom-forms = forma-se a flor
cool-nights = noites frescas
carry-out = levar para fora
carry-in = trazer para dentro
no-nitrogen = sem azoto
harvest = colheita
bloom = flor
harvest-end = fim da colheita
first-frost = primeira geada

## BeforeAfter

after-the-work = { $name } depois do trabalho, { $day }
before-the-work = { $name } antes do trabalho, { $day }
how-much-of-the-photo = Quanto se vê da fotografia de antes
before-after = { $share } % antes, { $which } % depois
before = antes, { $day }
after = depois, { $day }

## ClimateCurve

mean-daily = { $month }, { $name } média do dia
minimum = mínima
maximum = máxima

## CropYears

years-after-the-freeze = anos depois da geada
of-the-usual-crop = da colheita habitual
brought-back = recuperadas
year-2 = ano { $i } { $share }

## GrovePlan

plan-of-trees-find-them = Planta de { $trees } árvores; procure-as por nome em cima ou na lista ao lado
the-block-on-the-plan = O talhão na planta

## PhotoCuts

the-tree-on-its-photo = A árvore na sua fotografia. Toque numa pernada onde se vai cortar.

## PhotoTouch

nearer-and-farther = Mais perto e mais longe
farther = Mais longe
whole-picture = Fotografia inteira

## RowSection

rows-in-section-to-scale = Linhas em corte, à escala
alley = entrelinha { $count }
roof = Topo, { $height }
foot-of-the-wall-across = Pé da parede, { $baseWidth } de largura
shoulder-across = Ombro, { $topWidth } de largura

## SeasonsAlong

the-tree-2 = A árvore { $trees }

## ShareMeasure

this-year = este ano { $year }
marked-this-year = { $marked } marcado, { $limitSays }, este ano { $year }

## StemRound

the-trunk-from-above-thick = O tronco visto de cima, { $trunk } de grossura. { $found }

## TouchMarks

across-4 = { $limb }, largura

## TreeElevation

long = { $limb }, { $base }, { $length } de comprimento
union = enxerto { $union }
after-2 = depois { $afterHeight }
the-tree-from = A árvore vista de { $from }, { $size }
reach = alcance
skirt-2 = saia
tall-across-2 = { $tall } de altura, { $across } de largura

## WantedHandle

how-high-the-tree-is = Que altura se quer para a árvore
how-high = que altura?
wanted-2 = desejada { $at }

## WeatherStrip

foreseen = previsto
weather-days-measured-foreseen = Tempo: { $days } dias medidos, { $forecast } previstos.
frost-on = Geada em { $cold }.
no-frost-foreseen = Não se prevê geada.
heat-on = Calor em { $hot }.

## WhipStem

the-stem = A haste
cut = corte { $cut }
leaves-from = folhas a partir de

## YearPrice

over-the-year = { $lane } ao longo do ano: { $tones }

## BlockDraft

corner-arrow-keys-move-it = Canto { $i }: as setas movem-no, Delete tira-o

## What lies over the plan, and what stands on a lane

cold-air-lies-here = aqui assenta o ar frio, { $colder } abaixo da estação
replanted = replantadas
open-any-day = qualquer dia
