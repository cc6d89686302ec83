## MonthsPage

the-months-ahead = Los próximos meses
from-on = { $hours } desde el { $day }
all-blocks = todas las parcelas
gathering-the-months = Reuniendo los meses …
what-is-known-today-with = Lo que se sabe hoy, con las maneras que ha adoptado, cada trabajo en los días en que menos cuesta. Nuevas miradas, heladas y crecimiento lo aumentan.
what-all-of-it-takes = Lo que hace falta para todo
of-it-as-bought-clean = { $agent }: { $stockMl } tal como se compra. { $care } Quite antes tierra y savia; deciden la etiqueta y las normas locales.
of-trees-no-size-is = De { $unsized } { $unsized ->
    [one] árbol no se sabe el tamaño; cortes y astillas no lo cuentan.
   *[other] árboles no se sabe el tamaño; cortes y astillas no los cuentan.
 }
nothing-is-known-yet-for = Todavía no se sabe nada para estos meses.
pieces-of-work = { $works } { $works ->
    [one] trabajo
   *[other] trabajos
 }
whitewash = encalado { $whitewash }
disinfectant-ready-mixed = desinfectante { $disinfectant } ya mezclado
saw-blades = hojas de sierra { $sawBlades }
secateur-blades = hojas de tijera { $secateurBlades }
gives-of-chips-mulch-for = da { $chipsM3 } de astillas, acolchado para { $count } { $unit }
rags = { $rags } { $rags ->
    [one] trapo
   *[other] trapos
 }

## WeeksPage

the-weeks-ahead = Las próximas semanas
placed = { $spent } repartidas
that-do-not-fit = , { $leftMinutes } que no caben
how-many-weeks = Cuántas semanas
weeks = { $n } semanas
keep-this-plan = Guardar este plan
sharing-out-the-weeks = Repartiendo las semanas …
nothing-wants-doing-in-these = No hay nada que hacer en estas semanas.
nobody-s-hours-are-known = No se saben las horas de nadie, así que el trabajo se reparte por igual en las semanas que permiten sus días.
say-how-many-hours-a = Diga cuántas horas a la semana tiene cada uno
the-cheapest-days-first-and = Primero los días más baratos, y pocas idas de fila a fila. { $data }
since-the-plan-was-kept = Desde que se guardó el plan
all-lies-as-it-was = Todo está como se guardó el { $keptOn }.
jobs-lie-elsewhere-than-in = { $moved } { $moved ->
    [one] trabajo está
   *[other] trabajos están
 } en otro sitio que en el plan guardado el { $keptOn }
whoever-works = Quien trabaje
by-hand = a mano
of-h = { $spent } de { $minutes } h
to-6 = { $from } a { $to }
print-week-of = Imprimir { $name }, semana del { $from }
move = Mover { $block }, { $says }
fixed = fijo
move-2 = mover
what-does-not-fit = Lo que no cabe
hours-of-a-week-count = Las horas de una semana cuentan el camino de fila a fila.
live-wood = madera viva
takes-no-canopy = no quita copa

## DaysOff

days-off = Días libres
nobody-works = Nadie trabaja
off-2 = libre
rain-or-days-off = Lluvia o días libres
nobody-works-rain = Nadie trabaja: lluvia
to-both-included = Hasta, los dos incluidos
note-it = Anotarlo

## MovePiece

which-row = Qué fila
shared-now-chosen-here-is = Ahora compartido: { $shared }. Lo elegido aquí lo hace todo uno.
in-the-week-from = En la semana del
closed = , cerrado
it-is-fixed-here-by = Está fijado aquí a mano.
it-lies-here-as-planned = Está aquí como se planeó.
trying-it = Probándolo …
fix-it-there = Fijarlo ahí
let-the-plan-say = Que lo diga el plan
min-from = { $who } { $minutes } min desde el { $from }

## MovedList

somebody = alguien
week-of = { $names }, semana del { $week }

rain = lluvia
