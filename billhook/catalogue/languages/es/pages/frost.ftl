## Dicho en varios sitios

after-frost = Después de la helada

## FrostPage

wait-before-you-cut-green = Espere antes de cortar: las hojas verdes no prueban nada hasta la segunda brotación.
a-class-f0-to-f6 = Una clase (F0 a F6) puede fallar en cerca de { $uncertain } hacia arriba o abajo: vale lo que se ve en el árbol.

## AlivePanel

find-the-union = Busque el injerto
at = a { $union }
dig-it-out-gently-if = ; desentiérrelo con cuidado si está cubierto. Compare lo que brota con hojas que conozca: otra forma de hoja, otras espinas u otro olor son del patrón.
yes = Sí
no = No
said = { $which }, dicho el { $day }
round-the-stem = Alrededor del tronco
round-the-stem-up = Alrededor del tronco, a { $at } de alto
too-early-bark-misleads-before = Demasiado pronto: la corteza engaña antes del { $scratchFrom }.
green = Verde, { $next }
brown = Marrón, { $next }
alive-above-the-union = ¿Vivo por encima del injerto?
alive-below-it = ¿Vivo por debajo?

## BeforeCold

protection = { $kind ->
    [wrap] Envolver
   *[bank] Aporcar
}
before-the-cold = Antes del frío
before-the-cold-the-union = Antes del frío: primero el injerto
no-young-tree-stands-where = Ningún árbol joven está donde se espera helada, y no se prevé ninguna.
dates-set = { $set } fechas fijadas
set-already = ya fijadas
put-the-dates-in-my = Poner las fechas en mi lista
to-9 = { $on } a { $off }
young-trees = , { $trees } { $trees ->
    [one] árbol joven
   *[other] árboles jóvenes
 }
foreseen-from = { $at } previstos desde el { $night }.
frost-was-said-to-be = Se dijo que se prevé helada.
on-ice-and-in-the = Sobre hielo y a oscuras: sin escaleras, dos personas, las manos lejos de cables y bombas mojados.
covered = Cubierto
heated-or-sprinkled = Calentado o regado

## BlockCrop

crop-of-a-block = Cosecha de una parcela
the-crop-to-come = La cosecha que viene
no-tree-of-this-block = Ningún árbol de esta parcela tiene una clase.
all-replanted-that-lost-limbs = replantados todos los que perdieron ramas
as-advised = como se aconseja
usual-crop-a-year-over = Cosecha habitual { $usual } al año. En diez años se pierden { $lost } como se aconseja abajo; { $healAllLost } si se recuperan todos, { $replantLost } si se replantan todos los que perdieron ramas.
write-down-what-is-picked = Anote lo que se cosecha de una fila o parcela, y se calcularán también kilos.

## ClassSay

the-class-by-your-own = La clase por sus propios ojos
you-know-better-the-class = ¿Lo sabe mejor? La clase es
write-it-down = Anotarlo

## CropPanel

bark-and-feed = Corteza y abono
crop-to-come = Cosecha que viene
usual-crop-a-tree = Cosecha habitual { $usual } por árbol.
write-down-what-is-picked-and = Anote lo que se cosecha, y se calcularán también los kilos perdidos.
it-came-back-close-the = Se recuperó: cerrar la ficha

## CutsPanel

draw-the-tree-first-give = Dibuje antes el árbol: dé altura, anchura y tronco en su página.
show-cuts = Mostrar { $cuts } { $cuts ->
    [one] corte
   *[other] cortes
 }
across-3 = { $tool }, { $wound } de ancho
min-together = { $count } min en total
and-more = y { $left } más
twigs-that-may-hang = Ramillas que pueden quedarse: { $left }{ $left2 }.
hazards = Peligros
dead-wood = Madera muerta
final-shaping = Forma final
from-3 = desde el { $when }

## FrostRecord

the-record-for-next-time = La memoria para la próxima vez
for-next-time = Para la próxima vez
no-night-is-written-down = Todavía no hay ninguna noche anotada.
whole-or-fruit-only = entero o solo fruta
leaves-twigs = hojas, ramillas
limbs = ramas
trunk-or-union = tronco o injerto
there = , { $coldest } allí
coldest-places = Los sitios más fríos
of-standing-trees-ever-hurt = { $hurt } de { $trees } árboles en pie dañados alguna vez
nights = Noches
for-h = durante { $hours } h
at-the-station = , { $min } en la estación{ $hours } ({ $source })
nothing-hurt = nada dañado
came-back-lost = : { $classes }; { $cameBack } recuperados, { $lost } perdidos.
which-trees-came-back = Qué árboles se recuperaron
hurt-in-nights = , dañado en { $nights } noches
not-back-yet = sin recuperar todavía
came-back = recuperado

## GrowOnPanel

form-by-your-way-of = Forma, por su manera de trabajar si no la cambia aquí
no-live-shoot-is-drawn = No hay ningún brote vivo dibujado en el tronco. Dibuje lo que ha salido de él.
no-2 = no
points = { $points } puntos
grow-these-on = Criar estos
chosen-2 = Elegidos el { $chosenOn }.
in-this-class-the-limbs = En esta clase las ramas que viven siguen siendo el esqueleto: no hay que elegir nada de nuevo.
draw-in-a-new-shoot = Dibujar un brote nuevo
a-new-shoot = Un brote nuevo
draw-it-in = Dibujarlo
written-down-stake-ties-suckers = Anotado. Tutor, ataduras, chupones y aclareo saldrán en Hoy.
tree-a-trunk-and-its = Árbol, un tronco y sus ramas
bush-many-stems = Mata, muchos tallos
one-leader = Una guía

## HurtTrees

trees-that-bear-a-class = Árboles que tienen una clase
hurt-trees = Árboles dañados
no-tree-bears-a-class = Ningún árbol tiene una clase de daño por helada.
cut-test = Prueba de corte
cut-test-slice-fruit-at = Prueba de corte: corte la fruta por el lado del rabillo; dañada es seca, o con cristales blancos, en más de un tercio de los gajos
fruit-cut = Fruta cortada
hurt = Dañada
weigh-it = Pesarlo

## NightAsk

the-night = La noche
foreseen-for-in-see-to = Previsto para el { $day }: { $at } en { $block }. Atienda primero el injerto.
the-station-tells-of-no = La estación ({ $station }) no da ninguna noche fría en los últimos quince meses; una que se notó o se leyó en otro sitio se anota aquí.
a-stand-in-made-up = (una de sustitución, inventada)
cold-nights-at-the = Noches frías en { $station }{ $which }:
cold-nights = Noches frías
written-down = anotada
earlier = { $nights } anteriores
or-the-night-of = O la noche del
coldest-at-the-station = Mínima en la estación, { $which }
hours-so-cold-if-known = Horas con ese frío, si se saben
dry-soil-or-wilted-trees = Suelo seco o árboles mustios
reckoning = Calculando …
what-was-hurt = Qué se dañó
bring-in-your-own-station = Traer los días de su propia estación, como CSV
say-4-5 = p. ej. −4,5
say-24 = p. ej. 24
not-a-temperature = no es una temperatura; { $which }
between-a-quarter-of-an = entre un cuarto de hora y 24 horas, o vacío

## NightFound

what-the-night-hurt = Lo que dañó la noche
foreseen-from-the-numbers-off = previsto por los números, puede fallar en cerca de { $uncertain }; el propio árbol decide
classes-are-written-down = { $saved } clases anotadas
write-night-classes-and-dates = Anotar noche, clases y fechas
about-of-hanging-fruit-hurt = cerca de { $fruitHurt } de la fruta colgada dañada
about-of-the-next-crop = se pierde cerca de { $missed } de la próxima cosecha
was-covered = Estaba cubierto
was-heated = Estaba calentado
hardiness-is-not-known-of = No se sabe cuánto frío aguanta { $unknown }: mire esos árboles uno por uno.
for-it-is-warm = , porque hace calor
cut-test-fruit-from-to = Prueba de corte de la fruta del { $testFrom } al { $testTo }; la dañada va a zumo antes del { $early }, el { $late } como muy tarde{ $which }.
nothing-for-sure = nada seguro
by-the-hours = ; { $between } según las horas
possibly = ; quizá { $possible }
why-3 = Por qué: { $name }
more-2 = { $trees } más
to-10 = { $milder } a { $possible }

## ScratchPanel

not-drawn-yet-give-height = Sin dibujar todavía: dé altura, anchura y tronco en la página del árbol, y luego raspe aquí rama por rama.
limb-or-touch-it-in = Rama, o tóquela en el dibujo
scratched = , { $readings } raspados
next-limb = Rama siguiente
too-early-scratched-bark-misleads = Demasiado pronto: la corteza raspada engaña.
look-again-on = Mire otra vez el { $scratchFrom }.
scratch-at-from-its-base = Raspe a { $at } de su base.
its-green-ended-here-on = Aquí acababa lo verde el { $testedOn }: un raspado muestra si sigue así.
at-most-more-on-this = { $found } Como mucho { $scratchesLeft } más en esta rama.
green-2 = Verde
brown-2 = Marrón
brown-from-tip-to-base = Marrón de la punta a la base
nowhere = en ninguna parte
green-to-dead-from = Verde hasta { $boundary }, muerta desde { $boundary2 }.
dieback-went-further-down-since = La muerte bajó { $moved } más desde la prueba anterior.
scratched-on-this-limb = Raspado en esta rama
was-turn-it-round = a { $at } estaba { $colour }: cambiarlo
at-is-kept-on-this = { $which } a { $at } queda en este aparato. Dónde raspar después en esta rama se sabrá cuando Billhook responda; siga con otra rama.
by-limbs-scratched = por { $tested } { $tested ->
    [one] rama raspada
   *[other] ramas raspadas
 }
by-its-class-scratch-to = por su clase; raspe para saber
about-of-the-leaf-hung = Cerca del { $count } % de la hoja colgaba de madera muerta, { $tested }. ¿Marrón todo a lo largo? Pruebe también alrededor del tronco.
green-where-it-was-scratched = verde donde se raspó
brown-where-it-was-scratched = marrón donde se raspó
the-next-limb = la rama siguiente

## TreeFrostPanel

not-hurt = Sin daño
no-class-of-frost-damage = No hay ninguna clase de daño por helada anotada para este árbol, o ya se recuperó.
say-what-the-night-was = Diga cómo fue la noche
or-what-you-see-on = , o lo que ve en este árbol:
the-night-of-else-the = La noche del (si no, la última anotada)
verdict = Veredicto
the-work-after-a-frost = El trabajo después de una helada
wait = Esperar
alive = ¿Vivo?
scratch = Raspar
grow-on = Criar
crop-2 = Cosecha

## WaitPanel

possibly-2 = , quizá { $possible }
the-night-was-here-and = La noche fue de { $at } aquí y anunció { $frostClass }{ $possible };
a-class-is-off-by = una clase puede fallar en cerca de { $uncertain }.
write-down-what-you-see = Anote lo que ve
what-do-you-see = ¿Qué ve?
seen-on = Visto el
what-the-tree-shows = Lo que muestra el árbol
the-tree-itself-speaks-for = El propio árbol habla a favor de
written-down-is-what-is = , anotado está { $frostClass }. Lo que se ve vale más que lo que el frío anunció.
write-down-2 = Anotar { $suggests }
seen-so-far = Visto hasta ahora
signs = Señales
what-to-look-for-and = Qué buscar, y cuándo
to-11 = { $start } a { $end }
now-2 = ahora
too-early = demasiado pronto
false-start = falso arranque

## classes

dead-to-the-union = muerto hasta el injerto
dead-to-the-trunk = muerto hasta el tronco
limbs-dead = ramas muertas
twigs-dead = ramillas muertas
leaves-lost = hojas perdidas
fruit-or-flush-only = solo fruta o brotación
not-hurt-2 = sin daño

provisional = provisional
holds = vale
