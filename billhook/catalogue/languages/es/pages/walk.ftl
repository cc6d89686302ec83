## Dicho en varios sitios

the-row = La fila
try-again = Probar otra vez
answer = respuesta { $n }
go-on-2 = seguir
in-the-log-as-done = En el registro como hecho.
back = Atrás

## RowWalkPage

this-row = Esta fila
walking-down-the-row = Recorriendo la fila …
picked-today-the-row = Cosechado hoy: la fila
rake-and-look-before-hands = Rastrille y mire antes de meter las manos en una base o bajo unas faldas. Pase un árbol con un toque, o recórralo paso a paso.
taking-along-of = Llevando { $takenAlong } de { $trees } …
the-row-is-on-this = La fila está en este teléfono; llevarla de nuevo
take-the-row-along-for = Llevar la fila, para donde no hay señal
of-trees-taken-along = { $takenAlong } de { $trees } árboles en el teléfono
open-cut-sheet = hoja de cortes abierta
open-cut-sheets = { $openSheets } hojas de cortes abiertas
print-the-row-s-pdf = Imprimir de la fila: { $openSheets } (PDF)
together = Juntos
the-same-on-all-not = Lo mismo en los { $left } no mirados hoy
the-same-on-of-the = Lo mismo en { $together } de los { $left } no mirados hoy
nothing-to-do = Nada que hacer
taken-off-each = Quitados en cada uno …
trained-young = Formados: { $young } jóvenes
suckers-rubbed-off-each = Chupones quitados a mano en cada uno
sprouts-rubbed-off-each = Chupones de la copa quitados a mano en cada uno
into-the-log-of-trees = Al registro de { $together } árboles
with-the-others = { $name } con los demás
kept-here = guardado aquí
whose-shoot-is-it-on = ¿De quién es el brote, en { $name }?
whose-shoot = ¿De quién es?
taken-off = Quitados …
walk = Recorrer
suckers-rubbed-off = Chupones quitados a mano
sprouts-rubbed-off = Chupones de la copa quitados a mano
cut-off-by-thickness = Cortados, por grosor
into-the-log-next-tree = Al registro, siguiente árbol
row-trees = { $block }, fila { $n }: { $trees } árboles
in-passing = { $trees } de paso
never-walked = nunca recorrido
walk-open-since = recorrido abierto desde el { $walked }

## AnswerSaid

what-that-comes-to = En qué queda eso

## FoundHere

done-on-the-spot = Hecho en el acto: { $finding }
done-on-the-spot-2 = Hecho en el acto
it-waits-for = Espera al { $opens }.
it-waits-until-a-day = Espera a un día que lo permita.

## LimbAnswer

the-drawing-shows-none-by = El dibujo no muestra ninguna por sí solo: toque la rama en él, o tómela de la lista.
what-the-drawing-shows = Lo que muestra el dibujo
the-other-limbs = Las otras ramas ({ $others })
of-the-leaf = { $share } de la hoja
wound-2 = { $share }, herida { $wound }
fruit-3 = , { $fruit } frutos
one-limb = una rama
limbs-2 = { $cuts } ramas
go-on-with = Seguir con { $cuts }
none-of-them-go-on = Ninguna: seguir
limb-4 = rama { $n }

## LookPanel

its-row-2 = Su fila
of-8 = { $title }, { $nth } de { $stages }
look-done = mirado
all-seen = todo mirado, { $day }
the-look = La mirada
two-answers-crossed = Dos respuestas se cruzaron
two-phones-answered-neither-knowing = Dos teléfonos respondieron «{ $asks }», sin saber uno del otro. Llegó primero, y vale:
then-came = . Luego llegó:
keep-2 = Dejar «{ $holdsWords }»
take = Tomar «{ $otherWords }»
what-the-look-is-for = Para qué es la mirada
looked-at-as-one = Mirados como uno
trees-stand-here-as-one = Aquí { $group } árboles están como uno; primero se mira el más alto.
looked-at = , mirado
all-questions = Todas las preguntas
one-question-back = una pregunta atrás

## NumberAnswer

that-is-out-of-the = Eso es fuera de lo normal: mire otra vez la cifra y su unidad.
not-now-2 = Ahora no
a-number-as-near-as = un número, lo más cerca que pueda
counted-3 = { $counts } contados

## ShootPanel

seen-kept-here = { $told } visto, guardado aquí
looking-up-the-tree = Buscando el árbol …
cannot-tell = No se sabe
billhook-does-not-answer-what-you = Billhook no responde. Lo que vea se guarda en este teléfono; de quién es el brote se calcula cuando responda. Hasta entonces no se corta nada a ojo.
verdict-so-far = Veredicto hasta ahora
in-a-hundred-that-it = { $stock } de cien a que es del patrón
in-100-that-it-is = { $stock } de 100 a que es del patrón; desde 90 se da por tal, por debajo de 20 por propio del árbol.
how-many-alike = Cuántos iguales
taken-off-into-the-log = Quitado: al registro
back-to-the-walk = Volver al recorrido
it-comes-off-later = Se quita más tarde
tag-it-on-with-the = Márquelo, siga el recorrido
keep-it-on-with-the = Déjelo, siga el recorrido
another-shoot = Otro brote
i-see-the-graft-union = Veo claramente el injerto
nothing-else-of-the-tree = no vive nada más del árbol
several-kinds-are-grafted-on = tiene injertadas varias especies
seen-3 = Visto: { $told }.
whose-shoot-2 = De quién es el brote
billhook-does-not-answer-and-this = Billhook no responde, y este árbol todavía no está en el teléfono.
try-again-where-there-is = Pruebe otra vez donde haya señal.
suckers-off-2 = Chupones quitados en { $name }
one-sucker = Un chupón
suckers-2 = { $alike } chupones
off-in-the-log = { $alike } quitados, en el registro.
cannot-tell-2 = no se sabe
one-answer-back = una respuesta atrás

## WalkEnd

one-answer = Una respuesta
answers = { $answered } respuestas
kept-on-this-phone = { $answered } en este teléfono
nothing-to-cut = Nada que cortar
cut-all-that-was-found = Cortado: todo lo encontrado
one-thing-to-cut = Una cosa que cortar
things-to-cut = { $toDo } cosas que cortar
what-they-come-to-is = En qué quedan se calcula en cuanto Billhook responda; hasta entonces no se pierde nada.
goes-anyway = se va de todos modos
fruit-4 = { $fruitLost } frutos
fruit-go-with-it = Se van { $fruit } frutos con ello.
no-fruit-goes-with-it = No se va ninguna fruta con ello.
about-minutes = { $sentence } { $fruit } Cerca de { $count } { $minutes ->
    [one] minuto
   *[other] minutos
 }.
done-on-the-spot-or = Hecho en el acto, o dejado: lo dejado queda como trabajo de este árbol.
to-cut = A cortar
needs-no-cutting = No hace falta cortar
not-asked-on-this-tree = No preguntado en este árbol
change-it-on-the-tree = Cambiarlo en la ficha del árbol
taken-off-on-the-spot = Quitado en el acto
finish-and-make-the-cut = Terminar y hacer el plan de cortes
weigh-the-cuts-first = Pesar antes los cortes
finish-the-walk = Terminar el recorrido
the-walk-is-kept-on = El recorrido está en este teléfono y acaba en cuanto Billhook responda.
what-was-found-stays-as = Lo encontrado queda como trabajo de este árbol hasta que se haga; los días de volver están fijados.
the-days-to-come-back = Los días de volver están fijados.
next-of-this-planting = Siguiente de esta plantación: { $nextOfGroup }
next-tree-of-the-row = Siguiente árbol de la fila
mark-cuts-in-the-drawing = Marcar cortes en el dibujo
walk-it-again = Recorrerlo otra vez
after-the-cuts = Después de los cortes: { $does }{ $does2 }.
