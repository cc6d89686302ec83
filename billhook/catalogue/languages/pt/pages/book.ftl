## Dito em vários sítios

season-report = Relatório da época
to-3 = Até
cuts-3 = { $cuts } cortes
picked = Colhido

## BookPage

by-day = Por dia
log-as-csv = Registo como CSV
trees-as-csv = Árvores como CSV
which-entries = Que registos
in-block = No talhão
everybody = todos
fetching-the-log = A buscar o registo …
the-newest-are-shown-are = Mostram-se os { $entries } mais recentes, { $older } são anteriores; diga dias para os ver. O CSV tem todos.
everything-written-to-take-back = Tudo o que se escreveu, para desfazer
by = , por { $person }
take-back-2 = Desfazer: { $said }
entries = { $entries ->
    [one] registo
   *[other] registos
 }
of-the-canopy-a-tree = { $share } da copa por árvore
hours-2 = { $hours } horas
picked-3 = { $kg } colhido

## ReportPage

as-pdf = Como PDF
which-days = Que dias
to-a-dash-stands-where = { $holding }, { $first } a { $last }. Há um traço onde ninguém anotou. Os produtos são os indicados nas notas.
by-block = Por talhão
all-of-it = Tudo
what-comes-next = O que vem a seguir
by-2 = até { $due } · { $what }
trees-or-rows = · { $n } árvores ou linhas
when-it-is-right-next = Quando é bom da próxima vez
the-record = A ficha
nothing-was-written-down-in = Nestes dias não se anotou nada.
one-cut = um corte
worked-on = Trabalhadas
share = Parte
regrown = Rebentado

## BlockBack

block-by-year = Talhão por ano
by-year = Por ano
trees-stand-in-it = há { $standing } árvores nele
nothing-was-cut-or-picked = Neste talhão ainda não se cortou nem colheu nada.
canopy-taken-mean-of-the = Copa tirada, média das árvores cortadas

## EntryList

so-many-entries = { $n ->
    [one] { $n } entrada
   *[other] { $n } entradas
}
tree-work-helper = árvore, trabalho, ajudante
done-on = Feito em
share-of-canopy = Parte da copa
minutes = Minutos

## NotSo

for-the-chosen = Para o escolhido
entries-2 = { $acts ->
    [one] registo
   *[other] registos
 }
not-so-take-back = Não foi assim: desfazer
cannot-be-taken-back-only = { $rest } não se podem desfazer, só corrigir.

## PickedList

block-row-helper = talhão, linha, ajudante
picked-on = Colhido em
how-much = Quanto
