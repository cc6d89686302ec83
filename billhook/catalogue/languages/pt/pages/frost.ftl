## Dito em vários sítios

after-frost = Depois da geada

## FrostPage

wait-before-you-cut-green = Espere antes de cortar: as folhas verdes não provam nada até à segunda rebentação.
a-class-f0-to-f6 = Uma classe (F0 a F6) pode falhar em cerca de { $uncertain } para cima ou para baixo: vale o que se vê na árvore.

## AlivePanel

find-the-union = Procure o enxerto
at = a { $union }
dig-it-out-gently-if = ; desenterre-o com cuidado se estiver tapado. Compare o que rebenta com folhas que conheça: outra forma de folha, outros espinhos ou outro cheiro são do porta-enxerto.
yes = Sim
no = Não
said = { $which }, dito em { $day }
round-the-stem = À volta do tronco
round-the-stem-up = À volta do tronco, a { $at } de altura
too-early-bark-misleads-before = Cedo demais: a casca engana antes de { $scratchFrom }.
green = Verde, { $next }
brown = Castanho, { $next }
alive-above-the-union = Viva acima do enxerto?
alive-below-it = Viva abaixo dele?

## BeforeCold

protection = { $kind ->
    [wrap] Embrulhar
   *[bank] Amontoar terra
}
before-the-cold = Antes do frio
before-the-cold-the-union = Antes do frio: primeiro o enxerto
no-young-tree-stands-where = Nenhuma árvore jovem está onde se espera geada, e não se prevê nenhuma.
dates-set = { $set } datas marcadas
set-already = já marcadas
put-the-dates-in-my = Pôr as datas na minha lista
to-9 = { $on } a { $off }
young-trees = , { $trees } { $trees ->
    [one] árvore jovem
   *[other] árvores jovens
 }
foreseen-from = { $at } previstos a partir de { $night }.
frost-was-said-to-be = Foi dito que se prevê geada.
on-ice-and-in-the = Sobre gelo e às escuras: sem escadas, duas pessoas, as mãos longe de fios e bombas molhados.
covered = Coberta
heated-or-sprinkled = Aquecida ou regada

## BlockCrop

crop-of-a-block = Colheita de um talhão
the-crop-to-come = A colheita que vem
no-tree-of-this-block = Nenhuma árvore deste talhão tem uma classe.
all-replanted-that-lost-limbs = replantadas todas as que perderam pernadas
as-advised = como se aconselha
usual-crop-a-year-over = Colheita habitual { $usual } por ano. Em dez anos perdem-se { $lost } como se aconselha em baixo; { $healAllLost } se se recuperarem todas, { $replantLost } se se replantarem todas as que perderam pernadas.
write-down-what-is-picked = Anote o que se colhe de uma linha ou talhão, e calculam-se também quilos.

## ClassSay

the-class-by-your-own = A classe pelos seus próprios olhos
you-know-better-the-class = Sabe melhor? A classe é
write-it-down = Anotar

## CropPanel

bark-and-feed = Casca e adubo
crop-to-come = Colheita que vem
usual-crop-a-tree = Colheita habitual { $usual } por árvore.
write-down-what-is-picked-and = Anote o que se colhe, e calculam-se também os quilos perdidos.
it-came-back-close-the = Recuperou: fechar a ficha

## CutsPanel

draw-the-tree-first-give = Desenhe primeiro a árvore: dê altura, largura e tronco na página dela.
show-cuts = Mostrar { $cuts } { $cuts ->
    [one] corte
   *[other] cortes
 }
across-3 = { $tool }, { $wound } de largura
min-together = { $count } min no total
and-more = e mais { $left }
twigs-that-may-hang = Raminhos que podem ficar: { $left }{ $left2 }.
hazards = Perigos
dead-wood = Lenha morta
final-shaping = Forma final
from-3 = a partir de { $when }

## FrostRecord

the-record-for-next-time = A memória para a próxima vez
for-next-time = Para a próxima vez
no-night-is-written-down = Ainda não há nenhuma noite anotada.
whole-or-fruit-only = inteira ou só fruta
leaves-twigs = folhas, raminhos
limbs = pernadas
trunk-or-union = tronco ou enxerto
there = , { $coldest } lá
coldest-places = Os sítios mais frios
of-standing-trees-ever-hurt = { $hurt } de { $trees } árvores em pé feridas alguma vez
nights = Noites
for-h = durante { $hours } h
at-the-station = , { $min } na estação{ $hours } ({ $source })
nothing-hurt = nada ferido
came-back-lost = : { $classes }; { $cameBack } recuperadas, { $lost } perdidas.
which-trees-came-back = Que árvores recuperaram
hurt-in-nights = , ferida em { $nights } noites
not-back-yet = ainda por recuperar
came-back = recuperada

## GrowOnPanel

form-by-your-way-of = Forma, pela sua maneira de trabalhar se não a mudar aqui
no-live-shoot-is-drawn = Não há nenhum rebento vivo desenhado no tronco. Desenhe o que saiu dele.
no-2 = não
points = { $points } pontos
grow-these-on = Criar estes
chosen-2 = Escolhidos em { $chosenOn }.
in-this-class-the-limbs = Nesta classe as pernadas que vivem continuam a ser o esqueleto: não é preciso escolher nada de novo.
draw-in-a-new-shoot = Desenhar um rebento novo
a-new-shoot = Um rebento novo
draw-it-in = Desenhar
written-down-stake-ties-suckers = Anotado. Tutor, atilhos, ladrões e desbaste aparecem em Hoje.
tree-a-trunk-and-its = Árvore, um tronco e as suas pernadas
bush-many-stems = Moita, muitas hastes
one-leader = Uma guia

## HurtTrees

trees-that-bear-a-class = Árvores que têm uma classe
hurt-trees = Árvores feridas
no-tree-bears-a-class = Nenhuma árvore tem uma classe de dano de geada.
cut-test = Prova de corte
cut-test-slice-fruit-at = Prova de corte: corte a fruta do lado do pé; ferida é seca, ou com cristais brancos, em mais de um terço dos gomos
fruit-cut = Fruta cortada
hurt = Ferida
weigh-it = Pesar

## NightAsk

the-night = A noite
foreseen-for-in-see-to = Previsto para { $day }: { $at } em { $block }. Trate primeiro do enxerto.
the-station-tells-of-no = A estação ({ $station }) não dá nenhuma noite fria nos últimos quinze meses; uma que se sentiu ou se leu noutro sítio anota-se aqui.
a-stand-in-made-up = (uma de substituição, inventada)
cold-nights-at-the = Noites frias em { $station }{ $which }:
cold-nights = Noites frias
written-down = anotada
earlier = { $nights } anteriores
or-the-night-of = Ou a noite de
coldest-at-the-station = Mínima na estação, { $which }
hours-so-cold-if-known = Horas com esse frio, se se souberem
dry-soil-or-wilted-trees = Solo seco ou árvores murchas
reckoning = A calcular …
what-was-hurt = O que ficou ferido
bring-in-your-own-station = Trazer os dias da sua própria estação, como CSV
say-4-5 = p. ex. −4,5
say-24 = p. ex. 24
not-a-temperature = não é uma temperatura; { $which }
between-a-quarter-of-an = entre um quarto de hora e 24 horas, ou vazio

## NightFound

what-the-night-hurt = O que a noite feriu
foreseen-from-the-numbers-off = previsto pelos números, pode falhar em cerca de { $uncertain }; a própria árvore decide
classes-are-written-down = { $saved } classes anotadas
write-night-classes-and-dates = Anotar noite, classes e datas
about-of-hanging-fruit-hurt = cerca de { $fruitHurt } da fruta pendurada ferida
about-of-the-next-crop = perde-se cerca de { $missed } da próxima colheita
was-covered = Estava coberta
was-heated = Estava aquecida
hardiness-is-not-known-of = Não se sabe quanto frio aguenta { $unknown }: veja essas árvores uma a uma.
for-it-is-warm = , porque está calor
cut-test-fruit-from-to = Prova de corte da fruta de { $testFrom } a { $testTo }; a ferida vai para sumo até { $early }, o mais tardar { $late }{ $which }.
nothing-for-sure = nada de certo
by-the-hours = ; { $between } conforme as horas
possibly = ; talvez { $possible }
why-3 = Porquê: { $name }
more-2 = mais { $trees }
to-10 = { $milder } a { $possible }

## ScratchPanel

not-drawn-yet-give-height = Ainda por desenhar: dê altura, largura e tronco na página da árvore, e depois raspe aqui pernada a pernada.
limb-or-touch-it-in = Pernada, ou toque nela no desenho
scratched = , { $readings } raspagens
next-limb = Pernada seguinte
too-early-scratched-bark-misleads = Cedo demais: a casca raspada engana.
look-again-on = Veja outra vez em { $scratchFrom }.
scratch-at-from-its-base = Raspe a { $at } da base.
its-green-ended-here-on = Aqui acabava o verde em { $testedOn }: uma raspagem mostra se continua assim.
at-most-more-on-this = { $found } No máximo mais { $scratchesLeft } nesta pernada.
green-2 = Verde
brown-2 = Castanho
brown-from-tip-to-base = Castanha da ponta à base
nowhere = em lado nenhum
green-to-dead-from = Verde até { $boundary }, morta a partir de { $boundary2 }.
dieback-went-further-down-since = A morte desceu mais { $moved } desde a prova anterior.
scratched-on-this-limb = Raspado nesta pernada
was-turn-it-round = a { $at } estava { $colour }: trocar
at-is-kept-on-this = { $which } a { $at } fica neste aparelho. Onde raspar a seguir nesta pernada sabe-se quando o Billhook responder; continue com outra.
by-limbs-scratched = por { $tested } { $tested ->
    [one] pernada raspada
   *[other] pernadas raspadas
 }
by-its-class-scratch-to = pela classe; raspe para saber
about-of-the-leaf-hung = Cerca de { $count } % da folha pendia de lenha morta, { $tested }. Castanho em todo o comprimento? Prove também à volta do tronco.
green-where-it-was-scratched = verde onde se raspou
brown-where-it-was-scratched = castanho onde se raspou
the-next-limb = a pernada seguinte

## TreeFrostPanel

not-hurt = Sem dano
no-class-of-frost-damage = Não há nenhuma classe de dano de geada anotada para esta árvore, ou já recuperou.
say-what-the-night-was = Diga como foi a noite
or-what-you-see-on = , ou o que vê nesta árvore:
the-night-of-else-the = A noite de (senão, a última anotada)
verdict = Veredicto
the-work-after-a-frost = O trabalho depois de uma geada
wait = Esperar
alive = Viva?
scratch = Raspar
grow-on = Criar
crop-2 = Colheita

## WaitPanel

possibly-2 = , talvez { $possible }
the-night-was-here-and = A noite foi de { $at } aqui e anunciou { $frostClass }{ $possible };
a-class-is-off-by = uma classe pode falhar em cerca de { $uncertain }.
write-down-what-you-see = Anote o que vê
what-do-you-see = O que vê?
seen-on = Visto em
what-the-tree-shows = O que a árvore mostra
the-tree-itself-speaks-for = A própria árvore fala a favor de
written-down-is-what-is = , anotado está { $frostClass }. O que se vê vale mais do que o que o frio anunciou.
write-down-2 = Anotar { $suggests }
seen-so-far = Visto até agora
signs = Sinais
what-to-look-for-and = O que procurar, e quando
to-11 = { $start } a { $end }
now-2 = agora
too-early = cedo demais
false-start = falso arranque

## classes

dead-to-the-union = morta até ao enxerto
dead-to-the-trunk = morta até ao tronco
limbs-dead = pernadas mortas
twigs-dead = raminhos mortos
leaves-lost = folhas perdidas
fruit-or-flush-only = só fruta ou rebentação
not-hurt-2 = sem dano

provisional = provisório
holds = vale
