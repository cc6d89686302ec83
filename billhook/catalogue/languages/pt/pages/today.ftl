## Dito em vários sítios

put-off = Adiar

## TodayPage

today-4 = Hoje, { $day }
the-fortnight-to-of-work = a quinzena até { $until }: { $minutes } de trabalho
in-which-order = Por que ordem
late = Em atraso
nothing-wants-doing-this-fortnight = Nesta quinzena não há nada a fazer.
next-2 = A seguir
invented-for-the-demo = , inventado para a demonstração
too-late-this-season = Já é tarde nesta época
rake-the-base-and-look = Passe o ancinho na base e veja nas saias baixas se há cobras ou vespas antes de meter as mãos. Nunca sozinho numa escada, nunca perto de uma linha elétrica; os cortes perto de linhas são para equipas credenciadas.
by-walk = Por percurso
by-kind-of-work = Por tipo de trabalho
by-helper = Por ajudante
nobody-named = Ninguém indicado
hours-3 = { $minutes } horas

## WorkItem

stopped = Parado: { $closedBy }
why-4 = Porquê: { $where }, { $item }
put-off-to = Adiado para { $until }: { $why }
not-yet-ask-again = Ainda não: perguntar outra vez em { $askAgain }
chosen-3 = , { $size } escolhidas
the-trees = As árvores{ $size }
to-which-day = Para que dia
soil-too-wet-for-the = solo molhado demais para a escada
not-to-be-done = Não se faz
open-the-sheet = Abrir a folha
its-cuts = Os cortes
not-yet = Ainda não
put-off-2 = Adiar: { $where }, { $item }
later = Depois
rows-to = linhas { $rows } a { $rows2 }
row-8 = linha { $rows }
its-window-closed = o prazo fechou em { $lastGood }
due = para { $lastGood }
from-6 = a partir de { $opens },
last-good-day-2 = { $from }último dia bom { $lastGood }
any-day-2 = qualquer dia
not-yet-2 = ainda não: { $asks }
trees-7 = { $named }, { $trees } árvores
