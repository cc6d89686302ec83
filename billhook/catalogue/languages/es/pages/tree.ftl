## Dicho en varios sitios

fruit-on-it = Fruta en él
not-looked-at = no mirado
soft = tierna
saving = Guardando …
its-limbs-2 = sus ramas

## TreePage

shown-for = se muestra el { $day }
back-to-today = volver a hoy
this-tree-2 = Este árbol
cut-2 = Cortar
on-2 = { $kindName } sobre { $rootstockName }
planted-2 = { $kind }, plantado { $plantedYear }
outline-from-sizes = contorno por sus medidas
fruit-on = , { $fruit } frutos

## BlockForm

block-height-and-cold-air = Parcela { $block }: altura y aire frío
kept-at-a-height-of = Se mantiene a una altura de
nights-against-the-station = Noches frente a la estación, { $which }
height-above-the-sea = Altura sobre el mar
cold-air-gathers-here = aquí se junta aire frío
stands-in-hedgerows = está en setos
save-for-the-whole-block = Guardar para toda la parcela
must-be-a-number-of-degrees = debe ser un número de grados, con menos donde hace más frío

## CalledForm

its-block-and-row-names = Su parcela y su fila: nombres, notas, distancias
row-empty-for-its-number = Fila; vacío para su número
note-on-the-block = Nota de la parcela
note-on-the-row = Nota de la fila
set-the-row-out-anew = Replantear la fila, de árbol a árbol
the-row-runs-to = La fila va hacia
turn-the-block-its-rows = Girar la parcela: sus filas van hacia
save-these = Guardar esto
the-row-2 = la fila
the-block = la parcela

## CountPanel

what-to-look-for = Qué buscar
taken-of = Quitado de { $what }
print-this = Imprimir esto
how-many-did-you-take = Cuántos quitó, de qué grosor
how-many-did-you-take-how = ¿Cuántos quitó, de qué grosor?
weighed-against-the-trunk-across = Pesado frente al tronco, { $trunk } de grueso por encima del injerto
the-tree-stands-tall = ; el árbol tiene { $height } de alto
trunk-across-above-the-union = Tronco, de grueso, por encima del injerto y por debajo de la primera rama
weigh-against-this-trunk = Pesar frente a este tronco
into-the-log-2 = Al registro, { $day }
in-the-log-cuts-about = En el registro: { $made } cortes, cerca del { $share } de la copa.

## CutPanel

how-the-cuts-are-found = Cómo se encuentran los cortes
proposed = Propuestos
my-own-marks = Mis marcas
counted-2 = Contados

## FirstSizes

draw-its-outline = Dibujar su contorno
or-trace-it-on-a = o trácelo sobre una foto: así se conocen también sus ramas

## GraftsForm

more-than-one-cultivar-on = Más de una variedad en él
told-by = , se conoce por { $mark }
take-it-off = Quitarla
its-leaf-is-told-by = Su hoja se conoce por
broad-wings-on-the-stalk = alas anchas en el pecíolo
add-it = Añadirla

## LimbsPanel

limbs-can-be-entered-once = Las ramas se pueden anotar cuando el árbol tiene un dibujo.
of-limbs-measured-trunk-broken = { $limbs } de { $limbs2 } ramas medidas; tronco { $trunk }. Las líneas a trazos son supuestas. Elija una rama para medirla o corregirla.
add-a-limb = Añadir una rama
trace-on-a-photo = Trazar sobre una foto
limb-2 = Rama
pick-a-limb = elija una rama
sketched-2 = (supuesta)
new-limb = Rama nueva
grows-on = Nace en
the-trunk-2 = el tronco
the-soil = el suelo
starts-above-ground = Empieza, sobre el suelo
out-from-the-trunk = Separada del tronco
starts-along-that-limb = Empieza, a lo largo de esa rama
diameter-at-its-base = Diámetro en la base
diameter-at-its-tip-if = Diámetro en la punta, si se sabe
direction = Dirección
slope = Inclinación
or-height-of-its-tip = o altura de su punta
wood = Madera
alive-2 = viva
dead = muerta
diseased = enferma
limb-3 = rama
water-sprout = chupón de la copa
sucker = chupón del patrón
leaf-against-a-full-limb = Hoja, frente a una rama llena
ends-in-bloom = Puntas en flor
young-leaf-on-it = Hoja joven en ella
hardened = endurecida
that-makes-it-long = Así mide { $length } de largo.
a-limb-of-that-slope = Una rama con esa inclinación no llega nunca a esa altura; dé mejor su largo.
remove = Quitar
add-this-limb = Añadir esta rama
save-the-measurement = Guardar la medida

## LookBack

look-back = Mirar atrás
nothing-was-cut-or-picked-here = Aquí todavía no se ha cortado ni cosechado nada.
of-the-canopy-went = se fue { $doneShare } de la copa
was-planned = , se planeó { $plannedShare }
cuts-4 = { $doneCuts ->
    [one] corte
   *[other] cortes
 }
of-5 = de { $plannedCuts }
about-unwatched = , cerca de { $count } sin mirar
tall-after = ; { $height } de alto después
picked-2 = ; { $crop } cosechado
regrowth = Rebrote
longest-shoots-at-the-last = Los brotes más largos en los últimos cortes
set-vigour = Fijar el vigor
fruit-picked-today = Fruta cosechada hoy, { $which }
written-down-2 = { $kg } anotados.

## MarkedCut

trunk = Tronco
goes-with-a-cut-further = se va con un corte más abajo
with-the-2 = Con: { $tool }.
slide-the-cut-along-the = Mover el corte por la rama
keep = Dejar
it-is-dead-broken-or = Está muerta, rota o enferma: no cuenta como copa

## MarksPanel

this-is-an-outline-from = Esto es un contorno por las medidas que dio; lo dibujado dentro es solo lo típico de la especie, así que no se planea ninguna rama. Cuente lo que corte por su grosor, o mida sus ramas principales (
to-plan-limb-by-limb = ) para planear rama por rama.
costs-no-canopy = no cuesta copa
today-6 = hoy { $maxShare }
a-cut-sheet-is-open = Hay una hoja de cortes abierta
on-this-tree = en este árbol.
or-touch-a-limb-in = , o toque una rama en el dibujo para marcar un corte, o elija una con
and-press = y pulse
how-it-is-counted = Cómo se cuenta
how-the-share-is-counted = Cómo se cuenta la parte
make-a-sheet-of-it = { $sentence } ¿Hacer la hoja de todos modos? Lo dirá.
rehearse = Ensayar
make-it-all-the-same = Hacerla de todos modos

## MarksSum

spread-2 = anchura
of-6 = { $fruit } de { $fruit2 }
heaviest-in-the-hand = lo más pesado en la mano
lift-for = prepárese para { $lift }

## NowPanel

it-is-gone-since-its = Ya no está desde el { $removedOn }; su registro sigue en
look-at-it = Mirarlo
go-on-with-the-sheet = Seguir con la hoja
over-the-year-2 = A lo largo del año
line-crops-lost-of-what = línea: cosechas perdidas de lo que se corta
what-it-needs-next = Lo que necesita después
nothing-has-to-be-done = No hay nada que hacer en un año. Lo que abre la respuesta de arriba lo decide usted; mírelo cuando pase.

## PutRight

put-right = Corregir
a-name-of-its-own = Un nombre propio
every-of-its-row = cada { $kindName } de su fila
every-of-its-block = cada { $kindName } de su parcela
trees-are-put-right = { $changed } árboles corregidos.
save = Guardar
entered-by-mistake = Anotado por error
yes-delete-it = Sí, borrarlo

## RecordPanel

it-is-gone-since-its-log = Ya no está desde el { $removedOn }; su registro queda.
it-stands-again = Vuelve a estar
stands-in = Está en
its-year = su año
said-2 = dicho
wanted-3 = · deseada { $cap }
union-2 = Injerto
not-marked = sin señalar
up = a { $union } de alto, { $unionMark }
under-cover-in-winter-2 = , a cubierto en invierno
cut-this-growing-year = Cortado este año de crecimiento
of-7 = { $usedShare } de { $yearShare }
by-the-calendar = según el calendario
a-light-crop = poca cosecha
a-full-crop = cosecha completa
condition = Estado
hurt-by-frost-2 = ¿Dañado por la helada?
one-you-would-not-lose = ¿Uno que no quiere perder?
like-any-other = como otro cualquiera
its-union-is-covered-at = su injerto se cubre a cualquier edad
for-its-winter-room = Para su sitio de invierno
it-fits = cabe
too-tall = demasiado alto
the-bloom-sat = La flor estaba
all-over = por todo
late-and-low = tarde y abajo
the-ways-of-working-for = Las maneras de trabajar para este árbol
photos = Fotos
before-and-after = Antes y después
log = Registro
count-cuts = Contar cortes
the-tree-is-gone = El árbol ya no está
yes-it-is-gone-keep = Sí, ya no está; guardar su registro
take-this-row-s-measured = Tomar los árboles medidos de esta fila para el resto
mean-of-tall-across-others = Media de { $fromTrees }: { $height } de alto, { $spread } de ancho; { $appliedTo } otros dibujados según eso.

## SeenDates

seen-this-year = Visto este año
for-the-whole-block-2 = para toda la parcela { $block }
a-date-seen-beats-the = Una fecha vista gana a la calculada, y la diferencia corrige la del año que viene.
first-flush-seen = Primera brotación vista
its-leaves-hard = Sus hojas endurecidas
first-flowers-open = Primeras flores abiertas
last-fruit-picked = Última fruta cosechada
kept-for-all-of = Guardado para toda { $block }.
kept-for-this-tree = Guardado para este árbol.

## SideCarries

fruit-bloom-or-new-leaf = Fruta, flor u hoja nueva en un lado
side = Lado
all-round = alrededor
fruit-on-it-about = Fruta en él, cerca de
its-ends-in-bloom = Puntas en flor
a-quarter = un cuarto
half = la mitad
new-leaf = Hoja nueva
hard = dura
write-it-down-for-its = Anotarlo para sus ramas

## TreeStand

shown = Mostrado
drawing = Dibujo
photo = Foto
where-you-stand = Dónde está usted
the-whole-tree = El árbol entero
walk-round = rodear
all-keys = todas las teclas
not-drawn-yet = Sin dibujar todavía
not-measured-yet-2 = Sin medir todavía
its-sizes-are-known-cuts = Sus medidas se saben: los cortes se cuentan por su grosor. Dibujado, se ve qué rama.
the-verdict-stands-without-a = El veredicto vale sin medir. Para poner precio a un corte, dé altura, anchura y tronco: así los cortes se cuentan por su grosor.
long-2 = { $name }, { $base }, { $length } de largo

## TrunkForm

trunk-and-union = Tronco e injerto
trunk-just-above-the-union = Tronco, justo por encima del injerto
highest-fork-above-ground = Horquilla más alta, sobre el suelo
union-above-ground = Injerto, sobre el suelo
save-trunk-and-union = Guardar tronco e injerto

## WantedSaid

is-wanted-for = Se quieren { $height } para { $what }.
also-for = También para

## WhipPanel

a-single-stem = Un solo tallo
one-stem-no-branches-yet = Un tallo, todavía sin ramas
leaves-from-2 = Hojas desde
cut-at = Cortar a
cut-at-slid-along-the = Cortar a, moviéndolo por el tallo
leaves-begin-below-the-top = Las hojas empiezan bajo la punta, y el corte está en el tallo.

## frames

what-you-typed-is-kept = { $title } Lo que escribió se guarda; mire el dibujo y guarde otra vez.

## useMarkKeys

next-limb-up = rama siguiente hacia arriba
next-limb-down = rama siguiente hacia abajo
mark-a-cut-at-the = marcar un corte en el cuello de la rama
slide-the-cut-out-with = mover el corte hacia afuera (con mayúsculas, un poco)
slide-the-cut-in-with = mover el corte hacia adentro (con mayúsculas, un poco)
take-the-mark-off = quitar la marca
undo-2 = deshacer
redo-2 = rehacer
drawn-how = { $how ->
    [traced] trazado el { $day }
    [after-plan] cortado el { $day }
   *[measured] medido el { $day }
 }
sheet-state = { $state ->
    [open] abierta
   *[finished] terminada
 }
tree-condition = { $condition ->
    [healthy] sano
    [weak] débil
    [neglected] abandonado
    [transplanted] trasplantado
    [diseased] enfermo
    [wilting] mustio
   *[leafless] sin hojas
 }
