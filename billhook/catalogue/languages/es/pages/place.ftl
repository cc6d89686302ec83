## Dicho en varios sitios

the-place = El lugar

## PlacePage

no-place-is-described-yet = Todavía no hay ningún lugar descrito.
say-where-the-trees-stand = Diga dónde están los árboles
ways-of-working = Maneras de trabajar
invented-for-the-demo-a = : inventado para la demostración; una explotación real nunca lo escucha
how-the-demo-s-weather = Cómo cambia el tiempo de la demostración
days-of-your-own-station = Días de su propia estación
calendar = Calendario
what-to-look-at-again = Lo que hay que volver a mirar, los días abiertos de cada clase de trabajo y las hojas abiertas, para su propio calendario. Suscríbase a la dirección y se pone al día solo; o guarde el archivo una vez.
of-3 = De
address-to-subscribe-to = Dirección para suscribirse
renew-it = Renovarla
save-the-file = Guardar el archivo
a-kind-of-tree-of = Una especie de árbol propia

## DemoDay

the-demo-s-day = El día de la demostración
it-stands-on-on-another = Está en el { $day }. En otro día su historia se vuelve a contar hasta ahí; lo que usted anotó en la demostración se pierde entonces.
on-the-way-to = De camino al { $day } …
that-day-could-not-be = No se pudo llegar a ese día; la demostración está como estaba.
go-there = Ir ahí

## NormalsForm

normals-from-drag-a-point = Medias de: { $origin }. Arrastre un punto, o muévalo con las flechas, medio grado cada vez.
start-again-from-a-climate = Empezar otra vez desde un clima
calendar-of-bloom-and-harvest = Calendario de flor y cosecha de
the-one-nearest-to-the = el más parecido a la curva
station-stands-at = La estación está a
about-in-the-region = Presentes en la región
saved-every-window-is-worked = Guardado. Todos los plazos se calculan de nuevo.
save-the-place = Guardar el lugar
must-be-a-number-minus = debe ser un número, con menos en el sur

## OwnKind

a-habit = { $h ->
    [spreading] extendido
    [upright] erguido
    [columnar] columnar
    [weeping] llorón
   *[rounded] redondo
}
a-kind-of-your-own = Una especie propia
what-it-is-called = Cómo se llama
feijoa = feijoa
grows = Crece
low = bajo
middling = mediano
tall-2 = alto
hurt-by-nights-of = Lo dañan noches de, { $which }
its-habit = Su porte
bears = Da fruta
along-its-branches = a lo largo de sus ramas
at-the-ends-of-shoots = en la punta de los brotes
a-wound-closes-up-to = Una herida cierra hasta
keeps-its-leaves-through-winter = conserva la hoja en invierno
blooms-and-bears-all-year = florece y da fruta todo el año
is-known-now = { $made } ya se conoce.
add-this-kind = Añadir esta especie
must-be-a-number-of = debe ser un número de grados

## StancePanel

waiting-after-a-frost = Espera tras una helada
ways-of-working-of = Maneras de trabajar de
block-3 = parcela { $name }
tree-2 = árbol { $treeName }
in-force = , en vigor
believes = Cree
against-it = En contra
changes = Cambia
no-date-changes = No cambia ninguna fecha.
such-as-over-the-next = { $kindName }, como { $tree }, durante el próximo año:
now-3 = (ahora { $now })
what-would-change = Qué cambiaría: { $name }
what-would-change-2 = Qué cambiaría
choose-3 = Elegir: { $name }
choose-4 = Elegir
take-back-3 = Deshacer: { $name }
take-the-choice-back = Deshacer la elección
when-to-cut = Cuándo cortar
form-of-the-tree = Forma del árbol
the-middle = El centro
clippings-and-vigour = Restos y vigor
mined-leaves = Hojas minadas
fruit-on-a-young-tree = Fruta en un árbol joven
shoots-exactly-at-the-union = Brotes justo en el injerto
unless-you-choose = si no elige otra cosa
chosen-for-the-holding = elegido para la explotación
chosen-for-the-block = elegido para la parcela
chosen-for-this-tree = elegido para este árbol

## StationForm

columns-date-tmin-tmax-and = Columnas date, tmin, tmax y, si la hay, rain.
the-days-there-are-as = Los días que hay, como CSV
station-file = Archivo de la estación
frost-in-one-year-of = Helada un año de cada
twenty = veinte
ten = diez
five = cinco
two = dos
or-paste-the-days = O pegue los días
date-tmin-tmax-rain-2026 = date,tmin,tmax,rain 2026-01-01,7.2,15.9,0
check-the-days = Comprobar los días
things-found-nothing-is-taken = { $problemCount } { $problemCount ->
    [one] cosa encontrada
   *[other] cosas encontradas
 }; no se toma nada hasta que cada una esté corregida o aceptada.
problems = Problemas
line = Línea { $line }
the-list = La lista
days-taken = { $count } días tomados.
days-2 = { $count } días
whole-years-to = , { $years } años enteros, { $first } a { $last }
coldest-month-warmest = Mes más frío { $count }, más cálido { $Math2 } { $which };
last-frost-first = última helada { $lastFrost }, primera { $firstFrost };
no-frost-at-this-risk = sin helada con este riesgo;
hot-season-to = época de calor { $hotFrom } a { $hotTo }
no-hot-season = sin época de calor
no-normals = Sin medias: { $whyNot }.
take-days-and-normals = Tomar días y medias
take-the-days-only = Tomar solo los días
leave-the-gaps = Dejar los huecos
keep-the-first-of-each = Dejar el primero de cada día
turn-the-columns-round = Cambiar las columnas de lugar
convert-from-f = Convertir de °F
from-or-to = { $event ->
    [bloom] flor
   *[harvest] cosecha
 } { $end ->
    [from] desde
   *[to] hasta
 }
