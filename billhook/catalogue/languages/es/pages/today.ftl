## Dicho en varios sitios

put-off = Aplazar

## TodayPage

today-4 = Hoy, { $day }
the-fortnight-to-of-work = la quincena hasta el { $until }: { $minutes } de trabajo
in-which-order = En qué orden
late = Atrasado
nothing-wants-doing-this-fortnight = Esta quincena no hay nada que hacer.
next-2 = Después
invented-for-the-demo = , inventado para la demostración
too-late-this-season = Ya es tarde esta temporada
rake-the-base-and-look = Rastrille la base y mire en las faldas bajas si hay serpientes o avispas antes de meter las manos. Nunca solo en una escalera, nunca cerca de una línea eléctrica; los cortes cerca de líneas son para cuadrillas autorizadas.
by-walk = Por recorrido
by-kind-of-work = Por clase de trabajo
by-helper = Por ayudante
nobody-named = Nadie nombrado
hours-3 = { $minutes } horas

## WorkItem

stopped = Parado: { $closedBy }
why-4 = Por qué: { $where }, { $item }
put-off-to = Aplazado al { $until }: { $why }
not-yet-ask-again = Todavía no: preguntar otra vez el { $askAgain }
chosen-3 = , { $size } elegidos
the-trees = Los árboles{ $size }
to-which-day = A qué día
soil-too-wet-for-the = suelo demasiado mojado para la escalera
not-to-be-done = No se hará
open-the-sheet = Abrir la hoja
its-cuts = Sus cortes
not-yet = Todavía no
put-off-2 = Aplazar: { $where }, { $item }
later = Después
rows-to = filas { $rows } a { $rows2 }
row-8 = fila { $rows }
its-window-closed = su plazo cerró el { $lastGood }
due = toca el { $lastGood }
from-6 = desde el { $opens },
last-good-day-2 = { $from }último día bueno { $lastGood }
any-day-2 = cualquier día
not-yet-2 = todavía no: { $asks }
trees-7 = { $named }, { $trees } árboles
