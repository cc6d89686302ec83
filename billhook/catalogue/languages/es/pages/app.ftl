## Dicho en varios sitios

today = hoy
the-tree = el árbol
what-is-dead = Lo que está muerto
day = Día
row = { $block }, fila { $n }
now = Ahora
trees = Árboles
look = Mirar
year = Año
height = Altura
frost = Helada
record = Ficha
for = Para
this-tree = este árbol
its-row = su fila
its-block = su parcela
all-trees = todos los árboles
write-down = Anotar
picked-today = Cosechado hoy
one-fewer = { $label }, uno menos
one-more = { $label }, uno más
sprouts = chupones de la copa
to = ({ $low } a { $high })
done = Hecho
send-again = Enviar otra vez
drop-it = Descartarlo
find-a-tree-3 = Buscar un árbol   /
keys = Teclas
close = Cerrar
cuts = { $cuts ->
    [one] corte
   *[other] cortes
 }
of-canopy = { $share } de la copa
cannot-read-this-type = No se entiende; escriba { $hint }
thickness-at-its-base = Grosor en la base
length = Largo
log-a-cut-already-made = Anotar un corte ya hecho
work = Trabajo
height-before = Altura antes
height-after = Altura después
note = Nota
all-2 = todos
trees-2 = , { $trees } árboles
take-back = Deshacer
leave-it-2 = Dejarlo
undo = Deshacer
why = Por qué
from = desde el { $from }
walk-round-to-the-left = Rodear hacia la izquierda
walk-round-to-the-right = Rodear hacia la derecha
cultivar = Variedad
not-known = no se sabe
rootstock = Patrón
who = Quién
grove = Huerta
book = Libro
more = Más
suckers = Chupones del patrón
water-sprouts = Chupones de la copa
dead-and-broken-wood = Madera muerta y rota
skirt = Faldas
fruit-taken-off = Fruta quitada
skeleton-prune = Poda de esqueleto
print = Imprimir
make-the-sheet = Hacer la hoja
trees-3 = { $trees ->
    [one] árbol
   *[other] árboles
 }
tree = Árbol
kind = Especie
pot = Maceta
trained = Formado
block = Parcela { $block }
nearer = Más cerca
row-2 = fila { $n }
measured-2 = medido
not-now = ahora no
as-a-list = Como lista
from-2 = Desde
site = Finca
add-trees = Añadir árboles
to-4 = { $first } a { $last }
block-2 = Parcela
the-tree-from-the-side = El árbol de lado
practice = Práctica
by-week = Por semanas
places-and-weather = Lugares y tiempo
people = Personas
on-this-phone-2 = En este teléfono
fruit-picked = Fruta cosechada
hours = Horas
change = Cambiar
copied = Copiado
copy-it = Copiar
waits-to-be-sent = Espera a ser enviado
walk-the-row = Recorrer la fila
cut-sheets = Hojas de cortes
hurt-by-frost = Dañados por la helada
weather = Tiempo
the-whole-holding = toda la explotación
go-on = Seguir
cuts-2 = Cortes
redo = Rehacer
height-2 = altura
no-fruit-this-year = Sin fruta este año
the-tree-3 = El árbol
fruit-lost = fruta perdida
time = tiempo
which = cuál
rows-2 = { $rows ->
    [one] fila
   *[other] filas
 }
walking-the-rows = Recorriendo las filas …
by-month = Por meses
calendar-file = Archivo de calendario
no-tree-stands-here-yet = Aquí no hay ningún árbol todavía.
say-what-stands-there = Diga lo que hay plantado
propose-a-plan = Proponer un plan
fetching-the-tree = Buscando el árbol …
walk-round-the-tree-left = rodear el árbol, a la izquierda
walk-round-the-tree-right = rodear el árbol, a la derecha
wounds = Heridas
whose-shoot-is-it = ¿De quién es el brote?
trees-5 = { $trees } árboles
c = °C
f = °F
planted-year = Plantado, año
pick-one = elija una
between-rows = Entre filas
plant-it = Plantarlo
none = ninguno
broken = roto
top = Arriba
plan-the-cuts = Planear los cortes
as-2 = Como
sign-this-device-out = Cerrar la sesión de este aparato
as-it-stands = como está
latitude-minus-in-the-south = Latitud, con menos en el sur
there-is-frost-in-one = Hiela un año de cada diez
last-frost-of-spring-one = Última helada de primavera, un año de cada diez
first-frost-of-autumn-one = Primera helada de otoño, un año de cada diez
renewal = Renovación
reading = Leyendo …
what-it-is-for = Para qué es
what-it-comes-to = En qué queda
free = libre
what-to-look-for-and-count = Qué buscar, y contar
make-the-cut-sheet = Hacer la hoja de cortes
take-mark-off = Quitar la marca { $n }
rule = regla
no-leaf = sin hoja
under-cover-in-winter = a cubierto en invierno
spread = Anchura
trunk-across = Tronco, de grueso
row-6 = Fila
a-new-one = una nueva
come-back-2 = Volver
minutes-2 = { $count } minutos

## App

go-to-the-page = Ir a la página
demo-made-up-on = Demostración, inventada, el { $day }.
another-day = Otro día
find-a-tree = buscar un árbol
metric-or-feet-and-inches = métrico o pies y pulgadas
the-grove = la huerta
the-year = el año
the-book = el libro
these-keys = estas teclas

## client

billhook-does-not-answer-what = Billhook no responde. Lo que escribió se guarda aquí; pruebe otra vez.
something-went-wrong-what-you = Algo salió mal. Lo que escribió se guarda aquí; pruebe otra vez.

## useFrost

on = { $says } en { $name }
what-was-seen = Lo que se vio

## useSettings

full-sun = Pleno sol
night = Noche

## useUndo

an-entry-of-the-book = una anotación del Libro
taking-back = Deshacer: { $of }

## DayField

n-30-may = 30 mayo
pick-from-the-month = Elegir en el mes
the-month-before = El mes anterior
the-next-month = El mes siguiente
cannot-read-this-day-type = No se entiende el día; escriba 30 mayo, o 2 semanas
not-after = No después del { $max }
not-before = No antes del { $min }
su-mo-tu-we-th = Do Lu Ma Mi Ju Vi Sá
mo-tu-we-th-fr = Lu Ma Mi Ju Vi Sá Do

## DoneForm

how-many-other-a-tree = Cuántos{ $trees ->
    [one] { "" }
   *[other] { " " }por árbol
 }
how-many-came-off = Cuántos se quitaron
minutes-other-in-all = Minutos{ $trees ->
    [one] { "" }
   *[other] { " " }en total
 }
done-trees = Hecho, { $trees } árboles

## FieldState

no-signal-what-is = Sin señal. Lo que está
on-this-phone = en este teléfono
opens-and-what-you-enter = se abre, y lo que escriba se guarda.
kept-on-this-device-and = { $why } { $waiting } en este aparato y se envía después.
try-now = Probar ahora
another-holding-answers-here-now = Aquí responde ahora otra explotación: { $other }. Lo escrito para la anterior no se le envía; se guarda en este aparato.
an-older-state-was-put = Se repuso un estado anterior, del { $asOf }. Lo escrito después no está; lo que aún espera en este aparato se envía.
understood = Entendido
billhook-could-not-write-it = { $item }: Billhook no pudo anotarlo. Se guarda en este aparato. { $failed }
was-not-taken = { $item } no se aceptó: { $refused }
mend-it = Corregirlo
n-1-entry-is = 1 anotación queda
entries-are = { $n } anotaciones quedan
something-else-answers-in-billhook = Otra cosa responde en lugar de Billhook, como la página de acceso de una red.
billhook-does-not-answer = Billhook no responde.

## FindHead

find = Buscar
find-a-tree-2 = Buscar un árbol

## FindTree

find-a-tree-by-name = Buscar un árbol por nombre, fila, especie, o cómo está: atrasado, muy alto
no-tree-is-found-by = Con eso no se encuentra ningún árbol.
both = los dos
all = los { $found }
show-in-the-plan = Mostrar { $found } en el plano

## LongWork

long-work = Trabajo largo
seen = Visto
of = { $done } de { $of }

## PickOne

choose = elegir

## QrCode

code-for = Código de { $url }

## UndoLine

later-work-stands-on-it = Hay trabajo posterior que se apoya en esto: { $stands }.
take-all-back = Deshacer { $stands ->
    [one] los dos
   *[other] todo
 }
taken-back = Deshecho:
put-back = Reponer

## VerdictBox

may-i-on-this-day = ¿Puedo? este día
last-good-day = Último día bueno: { $lastGoodDay }.

## VolumeField

gallons = galones
litres = litros

## WhyDialog

way-of-working = Manera de trabajar: { $known }.
what-would-change-it = Qué lo cambiaría: { $remedy }
others-say = ; otros dicen { $rivals }
every-value-with-its-source = Cada valor, con su fuente

## WireNav

places = Lugares
today-2 = Hoy
billhook = Billhook

## WorkPicker

kind-of-work = Clase de trabajo
thin-whole-branches = Aclarar, ramas enteras
lower-head-back = Bajar, despuntar
hedge-wall = Pared del seto
tips = Puntas
shear-a-formal-hedge = Recortar un seto formal
renew-by-thirds = Renovar por tercios
tree-in-a-pot = Árbol en maceta
train-a-young-tree = Formar un árbol joven

## words

suckers-off = Chupones quitados
skirt-lifted = Faldas levantadas
thinned = Aclarado
lowered = Rebajado
hedge-wall-cut = Pared del seto cortada
tipped = Puntas cortadas
sheared = Recortado
a-third-renewed = Un tercio renovado
pot-shaped = Árbol de maceta formado

## photo

that-photo-has-mb-mb = Esa foto tiene { $size } MB; { $most } MB es lo máximo. Hágala con menos calidad.
that-file-is-not-a = Ese archivo no es una imagen que este navegador pueda leer. Hágala como JPEG o PNG.
the-photo-could-not-be = La foto no se pudo hacer más pequeña aquí. Pruebe otra.

## useWalk

billhook-does-not-answer-and = Billhook no responde, y este árbol no está en el teléfono.
take-its-row-along-while = Lleve su fila consigo mientras haya señal.
a-walk-on = Un recorrido de { $walk }
what-the-look-at-is = Para qué es la mirada a { $at }
an-answer-on = Una respuesta sobre { $at }
the-end-of-the-walk = El final del recorrido de { $at }

## measure

cu-ft = { $m3 } pies³

## rows

to-2 = { $a } a { $b }

## Days, winds and slopes as they are typed and shown. Words between bars are read alike; the eight winds are apart by a space, from north on.

word-tomorrow = mañana | manana
word-yesterday = ayer
word-days = día | días | dia | dias
word-weeks = semana | semanas
word-in = en | dentro de
word-ago = hace
winds = N NE E SE S SO O NO
winds-in-full = norte nordeste este sudeste sur sudoeste oeste noroeste
such-as-sw = SO, 240° o 3 h
such-as-steep = empinada, tendida o 35°
upright = vertical
steep = empinada
slanting = inclinada
flat = tendida
hanging = colgante
and-between = { " " }y{ " " }

## The four tones of permission

go = adelante
light = poco
wait-2 = esperar
stop = no
yes-2 = sí
as-thick-as = { $class ->
    [straw] como una paja
    [pencil] como un lápiz
    [finger] como un dedo
    [thumb] como un pulgar
    [broom-handle] como un palo de escoba
    [wrist] como una muñeca
    [forearm] como un antebrazo
   *[other] como { $class }
 }
and-dead = , muertos
degrees-south = { $degrees }° sur
degrees-north = { $degrees }° norte
any-day = Cualquier día

## TongueChoice

language = Idioma
no-3 = no
