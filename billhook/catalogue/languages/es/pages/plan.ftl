## PlanAsk

how-it-is-cut = Cómo se corta
wall-from-the-trunk-at = Pared desde el tronco, en su pie
of-the-day = , del día
yours = , suyo
limit = Límite { $limit }{ $which }
the-day-s-limit-again = otra vez el límite del día
what-weighs-how-much = Qué pesa cuánto{ $which }
points-2 = { $says }, { $weights } puntos
as-the-aim-has-it = otra vez como pide el objetivo
yours-for-this-plan = , suyo para este plan
ways-of-working-2 = Maneras de trabajar{ $which }
as-the-tree-has-it = otra vez como las tiene el árbol
limb-by-limb = Rama por rama
by-hand-each-cut-chosen = a mano, cada corte elegido
ragged-hedge = Seto irregular
by-hand-back-inside-a = a mano, hacia dentro de una pared, con huecos para la luz
into-a-shape = A una forma
by-hand-each-limb-out = a mano, cada rama que sale vuelve a una horquilla de dentro
machine = Máquina
one-pass-along-a-wall = una pasada a lo largo de una pared
form = Forma
middle = Centro
vigour = Vigor
timing = Momento

## PlanCompare

beside-it = Al lado
no-other-plan = ningún otro plan
measure = Medida
to-12 = { $cuts }, hasta { $largest }

## PlanCut

with-the = { $technique } Con: { $tool }.
fruit-2 = { $fruit } frutos
take-out-of-the-plan = Sacar { $cut } del plan
let-go = Soltar
take-out = Sacar

## PlanLeft

from-5 = Desde el { $until }.
put-into-the-plan = Meter { $cut } en el plan
let-it-be = Dejarlo estar
put-in = Meter

## PlanPanel

drawn = Dibujado: { $goal }
weighing-the-cuts = Pesando los cortes …
plan-anew-without-the-pins = Planear otra vez sin lo fijado
limit-2 = límite { $limit }
before-you-decide = Antes de decidir
cut-now = Cortar ahora
cut-on-2 = Cortar el { $day }
nothing-to-cut-under-this = Nada que cortar con este objetivo
left-for-now = Dejado por ahora
after-the-cut = Después del corte
bared-bark = Corteza al descubierto:
rehearse-it = Ensayarlo
look-at-the-blades-before = Mire las hojas de corte antes de empezar: afiladas, limpias, apretadas. Mire si hay fruta, nidos y líneas antes de cada corte; nadie bajo la rama. Sobre árboles protegidos y cuarentena deciden las normas locales.
cut-plan = Plan de cortes
in-2 = Entra: { $came }.
out = Sale: { $went }.

## PlanStages

in-stages = Por etapas
and-later = Y más adelante
more-than-any-window-holds = Más de lo que cabe en ningún plazo: la mitad primero, el resto un año después.
of-4 = { $share } de { $limit }
no-window-of-the-next = Ningún plazo de los próximos tres años tiene sitio para { $unplaced }.
cut-only-the-first-stage = Cortar ahora solo la primera etapa
spread-after = Anchura después
canopy-taken = Copa quitada
fruit-on-it-2 = Fruta en ello
time-on-the-tree = Tiempo en el árbol
light-on-the-lower-limbs = Luz en las ramas bajas
crop-this-next-third = Cosecha este año, el próximo, el tercero
