## AimPanel

how-high-do-you-want = ¿Qué altura quiere?
nobody-said-until-then-its = Nadie lo ha dicho; hasta entonces la altura no se señala.
this = { $id ->
    [tree] este árbol
    [row] esta fila
   *[block] esta parcela
 }
how-the-height-is-said = Cómo se dice la altura
keep-it-so = Dejarlo así
take-it-back = Quitarlo
and-how-wide = ¿Y qué anchura?
width = Anchura
how-the-width-is-said = Cómo se dice la anchura
keep-it-so-wide = Dejarlo así de ancho
back-from-its-neighbour-across = apartado del vecino, { $clear } de ancho
for-2 = { $height } para { $by }
it-stands-now = ; ahora tiene { $height }
visit = Visita
down-to = baja a
takes = quita
then-stands = luego queda en
each-on-the-cheapest-open = Cada una el día abierto más barato de su año; «luego» es en la visita siguiente, o un año después.
high = de alto
off-the-top = menos por arriba
across = de ancho
from-the-stem = desde el tronco
off-each-side = menos por cada lado

## AskField

for-the-whole-block = para toda la parcela

## BlockPicked

picked-today-2 = Cosechado hoy: { $species }

## CountLog

its-trunk-is-not-measured = El tronco no está medido, así que no se puede pesar lo cortado.
say-how-thick-it-is = Diga qué grosor tiene
into-the-log = Al registro
in-the-log-about-of = En el registro: cerca del { $share } de la copa.

## CountSteps

sprouts-of-this-season = chupones de esta temporada
yes-the-next-ones-count = sí: los siguientes cuentan cerca de un tercio
sprouts-of-this-season-2 = Chupones de esta temporada
thick = como { $name }{ $which }

## CountTotal

of-today = de { $limit } hoy
more-is-cut-than-a = Se corta más de lo que lleva un tronco tan delgado; mídalo otra vez, o los cortes.

## HowToCut

how = Cómo
seen-from-the-side = { $position }, visto de lado. { $technique }
where-not-to-cut = Dónde no se corta. { $notSo }
the-wound-closes-min = La herida cierra { $closingYears }; { $count } min.
within-about-a-year = en cerca de un año
in-about-years = en unos { $count } años

## LogEntries

nothing-is-logged-yet = Todavía no hay nada anotado.
share-not-known = parte no conocida
no-canopy = sin copa
a-correction = una corrección
corrected-by-a-later-entry = corregida por otra posterior
its-sheet = su hoja
leave-it = dejarlo
correct = corregir
another-tree = Otro árbol: { $tree }, { $work }, { $date }
leave-it-there = dejarlo donde está
another-tree-2 = otro árbol
not-so = No fue así: { $tree }, { $work }, { $date }
not-so-with-more = no fue así, con { $withIt } más
not-so-2 = no fue así
of-this-season = de esta temporada

## NewLimb

height-above-ground = Altura sobre el suelo
how-it-grows = Cómo crece
on-which-side = En qué lado

## OddEntries

entries-that-make-no-sense = Anotaciones que no cuadran
has-an-entry-that-makes = tiene una anotación que no cuadra y no se lee: «{ $says } { $e }». { $problem }.
take-it-out = Quitarla

## OtherTree

which-tree-was-it = ¿Qué árbol era?

## PastWork

correct-an-entry = Corregir una anotación
the-entry-stays-as-it = La anotación queda como está; esta se escribe después y es la que vale.
count-the-cuts-anew = Contar los cortes de nuevo
how-many-how-thick = Cuántos, de qué grosor
write-the-correction = Escribir la corrección
log-it = Anotarlo

## PhotoTake

the-work = { $name }, { $moment ->
    [before] antes
   *[after] después
 } del trabajo, { $day }
the-work-not-sent-yet = { $name }, { $moment ->
    [before] antes
   *[after] después
 } del trabajo, sin enviar todavía
making-it-smaller = Haciéndola más pequeña …
photo-of = Foto de { $name }
photo-the-work = Foto { $moment ->
    [before] antes
   *[after] después
 } del trabajo
a-photo-of = Una foto de { $props }

## RecipeLine

up-to = hasta { $n }
thick-2 = gruesos como { $class }
however-thick = de cualquier grosor
whole = enteros
shortened = acortados
about = cerca de { $share }

## WhichFields

how-it-was-raised = Cómo se crió
grafted = injertado
from-a-seed-or-stone = de semilla o hueso
a-cutting = de estaca
layered = acodado

## ListTable

only = Solo
chosen = , { $chosen } elegidos
choose-all-that-are-shown = Elegir todos los que se ven
choose-2 = Elegir { $row }

## ListViews

columns-and-views = Columnas y vistas
csv-of-these = CSV de estos
columns = Columnas
keep-this-view-as = Guardar esta vista como
keep-the-view = Guardar la vista
forget = Olvidar «{ $name }»

## ManySheets

what-for = Para qué
what-each-needs = Lo que cada uno necesita
make-up-to-sheets = Hacer hasta { $treeIds } hojas
of-2 = { $done } de { $treeIds }
planning-of-trees = Planeando, { $done } de { $treeIds } árboles …
sheets-made = { $made } { $made ->
    [one] hoja hecha
   *[other] hojas hechas
 }.
print-them-as-one = Imprimirlas juntas

## ManyTrees

for-the-chosen-trees = Para los árboles elegidos
make-their-sheets = Hacer sus hojas
log-work = Anotar trabajo
wanted-height = Altura deseada
how-high-they-are-wanted = Qué altura se les quiere dar
hold-them-there = Mantenerlos ahí
work-done-today = Trabajo hecho hoy

## ToCount

to-count = A contar
to-count-where-no-limbs = A contar, donde no hay ramas dibujadas
print-these = Imprimir estas

## TreeTable

so-many-trees = { $n ->
    [one] { $n } árbol
   *[other] { $n } árboles
}
name-kind-need = nombre, especie, necesidad

## columns

planted = Plantado
tall = Alto
across-2 = Ancho
measured = Medido
needs-next = Necesita ahora

## trace

toward-you = hacia usted
a-little-toward = un poco hacia usted
level-with-the-picture = a ras de la foto
a-little-away = un poco alejada
away-from-you = alejada de usted

## WordChoice

words-of-your-region = Palabras de su región
