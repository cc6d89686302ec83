## Dicho en varios sitios

touch-the-lower-end-of = Toque el extremo de abajo de aquello con que se mide.
touch-its-upper-end = Toque su extremo de arriba.

## TracePage

traced-on-a-photo = Trazado sobre una foto
the-tree-is-drawn = El árbol está dibujado
its-limbs-are-as-they = Sus ramas están como se tocaron. Se pueden marcar cortes en la foto.
mark-cuts = Marcar cortes
stand-level-with-the-trunk = Póngase a nivel con el tronco, lo bastante lejos para que quepa entero en la foto, y ponga algo derecho de largo conocido junto al tronco.
photo-of-arrow-keys-move = Foto de { $name }. { $asks } Las flechas mueven la cruz, Intro toca, más y menos acercan, Z deshace.
how-the-picture-was-taken = Cómo se hizo la foto
or-how-thick-the-trunk = o qué grosor tiene el tronco
how-thick-the-trunk-is = Qué grosor tiene el tronco
keep-this-drawing = Guardar este dibujo
picture-and-touches-stay-on = La foto y los toques se quedan en este aparato hasta que Billhook los tenga. Las ramas que van derechas hacia usted o en sentido contrario no se pueden medir en una sola foto.
another-picture = Otra foto
touch-the-foot-of-the = Toque el pie del tronco, donde llega al suelo.
touch-the-top-of-the = Toque la punta del árbol.
touch-both-sides-of-the = Toque los dos lados del tronco, por encima del injerto y por debajo de la primera rama.
touch-where-a-limb-starts = Toque donde empieza una rama, y luego su punta.
touch-the-tip-of-this = Toque la punta de esta rama.
touch-both-sides-of-this = Toque los dos lados de esta rama, cerca de su base.
touch-its-other-side = Toque su otro lado.

## LimbRow

limb = Rama { $nth }
of-the-leaf-traced = { $share } de la hoja trazado
to-13 = , { $low } a { $high } %
how-thick = ¿qué grosor?
its-tip-next = ahora su punta
how-thick-at-its-base = Qué grosor en su base
how-thick-limb-is-at = Qué grosor tiene la rama { $nth } en su base
which-way-it-runs = Hacia dónde va
which-way-limb-runs = Hacia dónde va la rama { $nth }
by-compass = por la brújula
direction-it-runs = Dirección que lleva
take-this-limb-out = Quitar esta rama

## PhotoPick

trace-on-the-photo-of = Trazar sobre la foto del { $day }
take-a-photo = Hacer una foto
choose-a-picture = Elegir una foto

## PictureFacts

measured-by-upright-beside-the = Medido por, derecho junto al tronco
measured-by = Medido por
how-far-off-you-stood = A qué distancia estaba
from-which-side-it-was = De qué lado se hizo
a-staff-or-pole = una vara o pértiga
how-long-it-is = Qué largo tiene
a-person = una persona
how-tall-they-are = Cuánto mide
the-tree-itself = el propio árbol
how-tall-the-tree-is = Qué altura tiene el árbol

## SecondPicture

a-second-picture-if-you = Una segunda foto, si quiere
from-another-side-about-a = De otro lado, un cuarto de vuelta: así se mide también lo que va hacia usted o se aleja.
second-photo-of = Segunda foto de { $name }. { $asks }
not-to-be-seen = No se ve
undo-on-this-picture = Deshacer en esta foto
leave-the-second-picture = Dejar la segunda foto
on-this-picture-touch-the = En esta foto, toque el pie del tronco.
touch-the-tip-of-limb = Toque la punta de la rama { $nth }.
every-tip-is-touched = Todas las puntas están tocadas.

## ThickPick

touch-across-it = tóquela a lo ancho

## useTrace

a-photo-of-2 = Una foto de { $name }
the-limbs-of-traced = Las ramas de { $name }, trazadas
