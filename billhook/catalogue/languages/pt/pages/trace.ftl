## Dito em vários sítios

touch-the-lower-end-of = Toque na ponta de baixo daquilo com que se mede.
touch-its-upper-end = Toque na ponta de cima.

## TracePage

traced-on-a-photo = Traçada sobre uma fotografia
the-tree-is-drawn = A árvore está desenhada
its-limbs-are-as-they = As pernadas estão como se tocaram. Podem marcar-se cortes na fotografia.
mark-cuts = Marcar cortes
stand-level-with-the-trunk = Ponha-se ao nível do tronco, longe o bastante para caber todo na fotografia, e ponha algo direito de comprimento conhecido ao lado do tronco.
photo-of-arrow-keys-move = Fotografia de { $name }. { $asks } As setas movem a cruz, Enter toca, mais e menos aproximam, Z desfaz.
how-the-picture-was-taken = Como se tirou a fotografia
or-how-thick-the-trunk = ou que grossura tem o tronco
how-thick-the-trunk-is = Que grossura tem o tronco
keep-this-drawing = Guardar este desenho
picture-and-touches-stay-on = A fotografia e os toques ficam neste aparelho até o Billhook os ter. As pernadas que vão direitas a si ou em sentido contrário não se podem medir numa só fotografia.
another-picture = Outra fotografia
touch-the-foot-of-the = Toque no pé do tronco, onde chega ao chão.
touch-the-top-of-the = Toque no cimo da árvore.
touch-both-sides-of-the = Toque nos dois lados do tronco, acima do enxerto e abaixo da primeira pernada.
touch-where-a-limb-starts = Toque onde começa uma pernada, e depois na ponta.
touch-the-tip-of-this = Toque na ponta desta pernada.
touch-both-sides-of-this = Toque nos dois lados desta pernada, perto da base.
touch-its-other-side = Toque no outro lado.

## LimbRow

limb = Pernada { $nth }
of-the-leaf-traced = { $share } da folha traçado
to-13 = , { $low } a { $high } %
how-thick = que grossura?
its-tip-next = agora a ponta
how-thick-at-its-base = Que grossura na base
how-thick-limb-is-at = Que grossura tem a pernada { $nth } na base
which-way-it-runs = Para onde vai
which-way-limb-runs = Para onde vai a pernada { $nth }
by-compass = pela bússola
direction-it-runs = Direção que leva
take-this-limb-out = Tirar esta pernada

## PhotoPick

trace-on-the-photo-of = Traçar sobre a fotografia de { $day }
take-a-photo = Tirar uma fotografia
choose-a-picture = Escolher uma fotografia

## PictureFacts

measured-by-upright-beside-the = Medido por, direito ao lado do tronco
measured-by = Medido por
how-far-off-you-stood = A que distância estava
from-which-side-it-was = De que lado se tirou
a-staff-or-pole = uma vara
how-long-it-is = Que comprimento tem
a-person = uma pessoa
how-tall-they-are = Quanto mede
the-tree-itself = a própria árvore
how-tall-the-tree-is = Que altura tem a árvore

## SecondPicture

a-second-picture-if-you = Uma segunda fotografia, se quiser
from-another-side-about-a = De outro lado, um quarto de volta: assim mede-se também o que vem para si ou se afasta.
second-photo-of = Segunda fotografia de { $name }. { $asks }
not-to-be-seen = Não se vê
undo-on-this-picture = Desfazer nesta fotografia
leave-the-second-picture = Deixar a segunda fotografia
on-this-picture-touch-the = Nesta fotografia, toque no pé do tronco.
touch-the-tip-of-limb = Toque na ponta da pernada { $nth }.
every-tip-is-touched = Todas as pontas estão tocadas.

## ThickPick

touch-across-it = toque-lhe de lado a lado

## useTrace

a-photo-of-2 = Uma fotografia de { $name }
the-limbs-of-traced = As pernadas de { $name }, traçadas
