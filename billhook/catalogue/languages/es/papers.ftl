# En papel y en calendarios.
row-of-block = { $block }, fila { $row }
calendar-put-off = Vuelva a mirar. Aplazado: { $why }.
calendar-look-again = Vuelva a mirar.
calendar-finish-sheet = termine la hoja de cortes
calendar-open-sheet = Hoja de cortes abierta.
calendar-sheet = Hoja de cortes
calendar-name = { $of }: poda
calendar-when = Cuándo hacerlo
calendar-window = { $block }, { $kind }: { $work }
calendar-window-to = { $block }, { $kind }: { $work }, hasta { $share }
crew-rows = { $rows ->
    [one] fila { $first }
   *[other] { $rows } filas
    }
crew-about = Unos { $minutes } minutos esta semana, { $trees } árboles.
crew-weeks-ahead = Las próximas semanas
crew-weeks-of = { $name }: las próximas semanas
report-by-block = Por parcela
report-block = Parcela
report-trees = Árboles
report-worked-on = Trabajados
report-cuts = Cortes
report-hours = Horas
report-share = Parte
report-picked = Cosechado
report-regrown = Rebrote
report-hurt = Dañados por helada
report-next = Lo que viene
report-due = Para el
report-what = Qué
report-on = En
report-right-next = Cuándo toca la próxima vez
report-kind = Especie
report-from = Desde
report-to = Hasta
report-work = Trabajo
report-record = El registro
report-day = Día
report-tree = Árbol
report-who = Quién
report-noted = Anotado
report-span = Del { $first } al { $last }; hecho el { $day }.
report-dash = Una raya está donde nadie lo anotó. Los productos son los que nombran las notas.
report-title = { $holding }, lo que se hizo
report-nothing = Nada.
report-all-of-it = Todo
