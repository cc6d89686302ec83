# No papel e em calendários.
row-of-block = { $block }, linha { $row }
calendar-put-off = Olhe de novo. Adiado: { $why }.
calendar-look-again = Olhe de novo.
calendar-finish-sheet = termine a folha de cortes
calendar-open-sheet = Folha de cortes aberta.
calendar-sheet = Folha de cortes
calendar-name = { $of }: poda
calendar-when = Quando fazer
calendar-window = { $block }, { $kind }: { $work }
calendar-window-to = { $block }, { $kind }: { $work }, até { $share }
crew-rows = { $rows ->
    [one] linha { $first }
   *[other] { $rows } linhas
    }
crew-about = Cerca de { $minutes } minutos esta semana, { $trees } árvores.
crew-weeks-ahead = As próximas semanas
crew-weeks-of = { $name }: as próximas semanas
report-by-block = Por talhão
report-block = Talhão
report-trees = Árvores
report-worked-on = Trabalhadas
report-cuts = Cortes
report-hours = Horas
report-share = Parte
report-picked = Colhido
report-regrown = Rebrota
report-hurt = Atingidas pela geada
report-next = O que vem
report-due = Para
report-what = O quê
report-on = Em
report-right-next = Quando é a próxima vez
report-kind = Espécie
report-from = De
report-to = Até
report-work = Trabalho
report-record = O registo
report-day = Dia
report-tree = Árvore
report-who = Quem
report-noted = Anotado
report-span = De { $first } a { $last }; feito em { $day }.
report-dash = Um traço está onde ninguém anotou. Os produtos são os que as notas nomeiam.
report-title = { $holding }, o que foi feito
report-nothing = Nada.
report-all-of-it = Tudo
