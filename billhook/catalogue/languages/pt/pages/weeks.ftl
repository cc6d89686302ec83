## MonthsPage

the-months-ahead = Os próximos meses
from-on = { $hours } a partir de { $day }
all-blocks = todos os talhões
gathering-the-months = A juntar os meses …
what-is-known-today-with = O que se sabe hoje, com as maneiras que adotou, cada trabalho nos dias em que menos custa. Novas vistas, geada e crescimento acrescentam-lhe.
what-all-of-it-takes = O que é preciso para tudo
of-it-as-bought-clean = { $agent }: { $stockMl } tal como se compra. { $care } Tire antes terra e seiva; decidem o rótulo e as regras locais.
of-trees-no-size-is = De { $unsized } { $unsized ->
    [one] árvore não se sabe o tamanho; cortes e estilha não a contam.
   *[other] árvores não se sabe o tamanho; cortes e estilha não as contam.
 }
nothing-is-known-yet-for = Ainda não se sabe nada para estes meses.
pieces-of-work = { $works } { $works ->
    [one] trabalho
   *[other] trabalhos
 }
whitewash = cal { $whitewash }
disinfectant-ready-mixed = desinfetante { $disinfectant } já misturado
saw-blades = lâminas de serra { $sawBlades }
secateur-blades = lâminas de tesoura { $secateurBlades }
gives-of-chips-mulch-for = dá { $chipsM3 } de estilha, cobertura para { $count } { $unit }
rags = { $rags } { $rags ->
    [one] pano
   *[other] panos
 }

## WeeksPage

the-weeks-ahead = As próximas semanas
placed = { $spent } distribuídas
that-do-not-fit = , { $leftMinutes } que não cabem
how-many-weeks = Quantas semanas
weeks = { $n } semanas
keep-this-plan = Guardar este plano
sharing-out-the-weeks = A repartir as semanas …
nothing-wants-doing-in-these = Não há nada a fazer nestas semanas.
nobody-s-hours-are-known = Não se sabem as horas de ninguém, por isso o trabalho reparte-se por igual nas semanas que os seus dias permitem.
say-how-many-hours-a = Diga quantas horas por semana tem cada um
the-cheapest-days-first-and = Primeiro os dias mais baratos, e poucas idas de linha a linha. { $data }
since-the-plan-was-kept = Desde que se guardou o plano
all-lies-as-it-was = Tudo está como se guardou em { $keptOn }.
jobs-lie-elsewhere-than-in = { $moved } { $moved ->
    [one] trabalho está
   *[other] trabalhos estão
 } noutro sítio que no plano guardado em { $keptOn }
whoever-works = Quem trabalhar
by-hand = à mão
of-h = { $spent } de { $minutes } h
to-6 = { $from } a { $to }
print-week-of = Imprimir { $name }, semana de { $from }
move = Mover { $block }, { $says }
fixed = fixo
move-2 = mover
what-does-not-fit = O que não cabe
hours-of-a-week-count = As horas de uma semana contam o caminho de linha a linha.
live-wood = lenha viva
takes-no-canopy = não tira copa

## DaysOff

days-off = Dias livres
nobody-works = Ninguém trabalha
off-2 = livre
rain-or-days-off = Chuva ou dias livres
nobody-works-rain = Ninguém trabalha: chuva
to-both-included = Até, os dois incluídos
note-it = Anotar

## MovePiece

which-row = Que linha
shared-now-chosen-here-is = Agora partilhado: { $shared }. O escolhido aqui faz tudo.
in-the-week-from = Na semana de
closed = , fechado
it-is-fixed-here-by = Está fixado aqui à mão.
it-lies-here-as-planned = Está aqui como se planeou.
trying-it = A experimentar …
fix-it-there = Fixá-lo aí
let-the-plan-say = O plano que o diga
min-from = { $who } { $minutes } min a partir de { $from }

## MovedList

somebody = alguém
week-of = { $names }, semana de { $week }

rain = chuva
