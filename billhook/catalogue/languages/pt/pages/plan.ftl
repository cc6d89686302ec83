## PlanAsk

how-it-is-cut = Como se corta
wall-from-the-trunk-at = Parede a partir do tronco, no pé
of-the-day = , do dia
yours = , seu
limit = Limite { $limit }{ $which }
the-day-s-limit-again = outra vez o limite do dia
what-weighs-how-much = O que pesa quanto{ $which }
points-2 = { $says }, { $weights } pontos
as-the-aim-has-it = outra vez como pede o objetivo
yours-for-this-plan = , seu para este plano
ways-of-working-2 = Maneiras de trabalhar{ $which }
as-the-tree-has-it = outra vez como as tem a árvore
limb-by-limb = Pernada a pernada
by-hand-each-cut-chosen = à mão, cada corte escolhido
ragged-hedge = Sebe irregular
by-hand-back-inside-a = à mão, para dentro de uma parede, com buracos para a luz
into-a-shape = A uma forma
by-hand-each-limb-out = à mão, cada pernada que sai volta a uma forquilha de dentro
machine = Máquina
one-pass-along-a-wall = uma passagem ao longo de uma parede
form = Forma
middle = Centro
vigour = Vigor
timing = Altura do ano

## PlanCompare

beside-it = Ao lado
no-other-plan = nenhum outro plano
measure = Medida
to-12 = { $cuts }, até { $largest }

## PlanCut

with-the = { $technique } Com: { $tool }.
fruit-2 = { $fruit } frutos
take-out-of-the-plan = Tirar { $cut } do plano
let-go = Soltar
take-out = Tirar

## PlanLeft

from-5 = A partir de { $until }.
put-into-the-plan = Pôr { $cut } no plano
let-it-be = Deixar estar
put-in = Pôr

## PlanPanel

drawn = Desenhado: { $goal }
weighing-the-cuts = A pesar os cortes …
plan-anew-without-the-pins = Planear outra vez sem o que está preso
limit-2 = limite { $limit }
before-you-decide = Antes de decidir
cut-now = Cortar agora
cut-on-2 = Cortar em { $day }
nothing-to-cut-under-this = Nada a cortar com este objetivo
left-for-now = Deixado por agora
after-the-cut = Depois do corte
bared-bark = Casca a descoberto:
rehearse-it = Ensaiá-lo
look-at-the-blades-before = Veja as lâminas antes de começar: afiadas, limpas, apertadas. Veja se há fruta, ninhos e linhas antes de cada corte; ninguém debaixo da pernada. Sobre árvores protegidas e quarentena decidem as regras locais.
cut-plan = Plano de cortes
in-2 = Entra: { $came }.
out = Sai: { $went }.

## PlanStages

in-stages = Por etapas
and-later = E mais tarde
more-than-any-window-holds = Mais do que cabe em qualquer prazo: metade primeiro, o resto um ano depois.
of-4 = { $share } de { $limit }
no-window-of-the-next = Nenhum prazo dos próximos três anos tem lugar para { $unplaced }.
cut-only-the-first-stage = Cortar agora só a primeira etapa
spread-after = Largura depois
canopy-taken = Copa tirada
fruit-on-it-2 = Fruta nisso
time-on-the-tree = Tempo na árvore
light-on-the-lower-limbs = Luz nos ramos baixos
crop-this-next-third = Colheita este ano, o próximo, o terceiro
