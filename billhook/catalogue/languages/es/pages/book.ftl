## Dicho en varios sitios

season-report = Informe de la temporada
to-3 = Hasta
cuts-3 = { $cuts } cortes
picked = Cosechado

## BookPage

by-day = Por día
log-as-csv = Registro como CSV
trees-as-csv = Árboles como CSV
which-entries = Qué anotaciones
in-block = En la parcela
everybody = todos
fetching-the-log = Buscando el registro …
the-newest-are-shown-are = Se muestran las { $entries } más recientes, { $older } son anteriores; diga días para verlas. El CSV las tiene todas.
everything-written-to-take-back = Todo lo escrito, para deshacer
by = , por { $person }
take-back-2 = Deshacer: { $said }
entries = { $entries ->
    [one] anotación
   *[other] anotaciones
 }
of-the-canopy-a-tree = { $share } de la copa por árbol
hours-2 = { $hours } horas
picked-3 = { $kg } cosechado

## ReportPage

as-pdf = Como PDF
which-days = Qué días
to-a-dash-stands-where = { $holding }, { $first } a { $last }. Hay una raya donde nadie lo anotó. Los productos son los nombrados en las notas.
by-block = Por parcela
all-of-it = Todo
what-comes-next = Lo que viene después
by-2 = antes del { $due } · { $what }
trees-or-rows = · { $n } árboles o filas
when-it-is-right-next = Cuándo es bueno la próxima vez
the-record = La ficha
nothing-was-written-down-in = En estos días no se anotó nada.
one-cut = un corte
worked-on = Trabajados
share = Parte
regrown = Rebrotado

## BlockBack

block-by-year = Parcela por año
by-year = Por año
trees-stand-in-it = hay { $standing } árboles en ella
nothing-was-cut-or-picked = En esta parcela todavía no se ha cortado ni cosechado nada.
canopy-taken-mean-of-the = Copa quitada, media de los árboles cortados

## EntryList

so-many-entries = { $n ->
    [one] { $n } entrada
   *[other] { $n } entradas
}
tree-work-helper = árbol, trabajo, ayudante
done-on = Hecho el
share-of-canopy = Parte de la copa
minutes = Minutos

## NotSo

for-the-chosen = Para lo elegido
entries-2 = { $acts ->
    [one] anotación
   *[other] anotaciones
 }
not-so-take-back = No fue así: deshacer
cannot-be-taken-back-only = { $rest } no se pueden deshacer, solo corregir.

## PickedList

block-row-helper = parcela, fila, ayudante
picked-on = Cosechado el
how-much = Cuánto
