## Dito em vários sítios

fruit-on-it = Fruta nela
not-looked-at = não visto
soft = tenra
saving = A guardar …
its-limbs-2 = as pernadas dela

## TreePage

shown-for = mostra-se { $day }
back-to-today = voltar a hoje
this-tree-2 = Esta árvore
cut-2 = Cortar
on-2 = { $kindName } sobre { $rootstockName }
planted-2 = { $kind }, plantada { $plantedYear }
outline-from-sizes = contorno pelas medidas
fruit-on = , { $fruit } frutos

## BlockForm

block-height-and-cold-air = Talhão { $block }: altura e ar frio
kept-at-a-height-of = Mantém-se a uma altura de
nights-against-the-station = Noites face à estação, { $which }
height-above-the-sea = Altura acima do mar
cold-air-gathers-here = aqui junta-se ar frio
stands-in-hedgerows = está em sebes
save-for-the-whole-block = Guardar para todo o talhão
must-be-a-number-of-degrees = tem de ser um número de graus, com menos onde faz mais frio

## CalledForm

its-block-and-row-names = O talhão e a linha: nomes, notas, distâncias
row-empty-for-its-number = Linha; vazio para o número
note-on-the-block = Nota do talhão
note-on-the-row = Nota da linha
set-the-row-out-anew = Remarcar a linha, de árvore a árvore
the-row-runs-to = A linha vai para
turn-the-block-its-rows = Rodar o talhão: as linhas vão para
save-these = Guardar isto
the-row-2 = a linha
the-block = o talhão

## CountPanel

what-to-look-for = O que procurar
taken-of = Tirado de { $what }
print-this = Imprimir isto
how-many-did-you-take = Quantos tirou, de que grossura
how-many-did-you-take-how = Quantos tirou, de que grossura?
weighed-against-the-trunk-across = Pesado face ao tronco, { $trunk } de grossura acima do enxerto
the-tree-stands-tall = ; a árvore tem { $height } de altura
trunk-across-above-the-union = Tronco, de grossura, acima do enxerto e abaixo da primeira pernada
weigh-against-this-trunk = Pesar face a este tronco
into-the-log-2 = Para o registo, { $day }
in-the-log-cuts-about = No registo: { $made } cortes, cerca de { $share } da copa.

## CutPanel

how-the-cuts-are-found = Como se encontram os cortes
proposed = Propostos
my-own-marks = As minhas marcas
counted-2 = Contados

## FirstSizes

draw-its-outline = Desenhar o contorno
or-trace-it-on-a = ou trace-a sobre uma fotografia: assim conhecem-se também as pernadas

## GraftsForm

more-than-one-cultivar-on = Mais de uma variedade nela
told-by = , conhece-se por { $mark }
take-it-off = Tirar
its-leaf-is-told-by = A folha conhece-se por
broad-wings-on-the-stalk = asas largas no pecíolo
add-it = Juntar

## LimbsPanel

limbs-can-be-entered-once = As pernadas podem anotar-se quando a árvore tem um desenho.
of-limbs-measured-trunk-broken = { $limbs } de { $limbs2 } pernadas medidas; tronco { $trunk }. As linhas a tracejado são supostas. Escolha uma pernada para a medir ou corrigir.
add-a-limb = Juntar uma pernada
trace-on-a-photo = Traçar sobre uma fotografia
limb-2 = Pernada
pick-a-limb = escolha uma pernada
sketched-2 = (suposta)
new-limb = Pernada nova
grows-on = Nasce em
the-trunk-2 = o tronco
the-soil = o solo
starts-above-ground = Começa, acima do chão
out-from-the-trunk = Afastada do tronco
starts-along-that-limb = Começa, ao longo dessa pernada
diameter-at-its-base = Diâmetro na base
diameter-at-its-tip-if = Diâmetro na ponta, se se souber
direction = Direção
slope = Inclinação
or-height-of-its-tip = ou altura da ponta
wood = Lenha
alive-2 = viva
dead = morta
diseased = doente
limb-3 = pernada
water-sprout = ladrão da copa
sucker = ladrão do porta-enxerto
leaf-against-a-full-limb = Folha, face a uma pernada cheia
ends-in-bloom = Pontas em flor
young-leaf-on-it = Folha nova nela
hardened = endurecida
that-makes-it-long = Assim tem { $length } de comprimento.
a-limb-of-that-slope = Uma pernada com essa inclinação nunca chega a essa altura; dê antes o comprimento.
remove = Tirar
add-this-limb = Juntar esta pernada
save-the-measurement = Guardar a medida

## LookBack

look-back = Olhar para trás
nothing-was-cut-or-picked-here = Aqui ainda não se cortou nem colheu nada.
of-the-canopy-went = foi { $doneShare } da copa
was-planned = , planeou-se { $plannedShare }
cuts-4 = { $doneCuts ->
    [one] corte
   *[other] cortes
 }
of-5 = de { $plannedCuts }
about-unwatched = , cerca de { $count } sem ver
tall-after = ; { $height } de altura depois
picked-2 = ; { $crop } colhido
regrowth = Rebentação depois do corte
longest-shoots-at-the-last = Os rebentos mais compridos nos últimos cortes
set-vigour = Fixar o vigor
fruit-picked-today = Fruta colhida hoje, { $which }
written-down-2 = { $kg } anotados.

## MarkedCut

trunk = Tronco
goes-with-a-cut-further = vai com um corte mais abaixo
with-the-2 = Com: { $tool }.
slide-the-cut-along-the = Mover o corte pela pernada
keep = Deixar
it-is-dead-broken-or = Está morta, partida ou doente: não conta como copa

## MarksPanel

this-is-an-outline-from = Isto é um contorno pelas medidas que deu; o que está desenhado dentro é só o típico da espécie, por isso não se planeia nenhuma pernada. Conte o que cortar pela grossura, ou meça as pernadas principais (
to-plan-limb-by-limb = ) para planear pernada a pernada.
costs-no-canopy = não custa copa
today-6 = hoje { $maxShare }
a-cut-sheet-is-open = Há uma folha de cortes aberta
on-this-tree = nesta árvore.
or-touch-a-limb-in = , ou toque numa pernada no desenho para marcar um corte, ou escolha uma com
and-press = e prima
how-it-is-counted = Como se conta
how-the-share-is-counted = Como se conta a parte
make-a-sheet-of-it = { $sentence } Fazer a folha mesmo assim? Ela di-lo-á.
rehearse = Ensaiar
make-it-all-the-same = Fazê-la mesmo assim

## MarksSum

spread-2 = largura
of-6 = { $fruit } de { $fruit2 }
heaviest-in-the-hand = o mais pesado na mão
lift-for = conte com { $lift }

## NowPanel

it-is-gone-since-its = Já não existe desde { $removedOn }; o registo continua em
look-at-it = Vê-la
go-on-with-the-sheet = Continuar com a folha
over-the-year-2 = Ao longo do ano
line-crops-lost-of-what = linha: colheitas perdidas do que se corta
what-it-needs-next = O que precisa a seguir
nothing-has-to-be-done = Não há nada a fazer durante um ano. O que a resposta em cima abre é consigo; veja-a quando passar.

## PutRight

put-right = Corrigir
a-name-of-its-own = Um nome próprio
every-of-its-row = cada { $kindName } da sua linha
every-of-its-block = cada { $kindName } do seu talhão
trees-are-put-right = { $changed } árvores corrigidas.
save = Guardar
entered-by-mistake = Anotada por engano
yes-delete-it = Sim, apagá-la

## RecordPanel

it-is-gone-since-its-log = Já não existe desde { $removedOn }; o registo fica.
it-stands-again = Voltou a existir
stands-in = Está em
its-year = o ano dela
said-2 = dito
wanted-3 = · desejada { $cap }
union-2 = Enxerto
not-marked = por assinalar
up = a { $union } de altura, { $unionMark }
under-cover-in-winter-2 = , abrigada no inverno
cut-this-growing-year = Cortado neste ano de crescimento
of-7 = { $usedShare } de { $yearShare }
by-the-calendar = segundo o calendário
a-light-crop = pouca colheita
a-full-crop = colheita cheia
condition = Estado
hurt-by-frost-2 = Ferida pela geada?
one-you-would-not-lose = Uma que não quer perder?
like-any-other = como outra qualquer
its-union-is-covered-at = o enxerto cobre-se em qualquer idade
for-its-winter-room = Para o seu lugar de inverno
it-fits = cabe
too-tall = alta demais
the-bloom-sat = A flor estava
all-over = por todo o lado
late-and-low = tarde e em baixo
the-ways-of-working-for = As maneiras de trabalhar para esta árvore
photos = Fotografias
before-and-after = Antes e depois
log = Registo
count-cuts = Contar cortes
the-tree-is-gone = A árvore já não existe
yes-it-is-gone-keep = Sim, já não existe; guardar o registo
take-this-row-s-measured = Tomar as árvores medidas desta linha para as outras
mean-of-tall-across-others = Média de { $fromTrees }: { $height } de altura, { $spread } de largura; outras { $appliedTo } desenhadas por isso.

## SeenDates

seen-this-year = Visto este ano
for-the-whole-block-2 = para todo o talhão { $block }
a-date-seen-beats-the = Uma data vista ganha à calculada, e a diferença corrige a do ano que vem.
first-flush-seen = Primeira rebentação vista
its-leaves-hard = As folhas dela duras
first-flowers-open = Primeiras flores abertas
last-fruit-picked = Última fruta colhida
kept-for-all-of = Guardado para todo { $block }.
kept-for-this-tree = Guardado para esta árvore.

## SideCarries

fruit-bloom-or-new-leaf = Fruta, flor ou folha nova de um lado
side = Lado
all-round = a toda a volta
fruit-on-it-about = Fruta nela, cerca de
its-ends-in-bloom = Pontas em flor
a-quarter = um quarto
half = metade
new-leaf = Folha nova
hard = dura
write-it-down-for-its = Anotar para as pernadas dela

## TreeStand

shown = Mostrado
drawing = Desenho
photo = Fotografia
where-you-stand = Onde está
the-whole-tree = A árvore inteira
walk-round = dar a volta
all-keys = todas as teclas
not-drawn-yet = Ainda por desenhar
not-measured-yet-2 = Ainda por medir
its-sizes-are-known-cuts = As medidas sabem-se: os cortes contam-se pela grossura. Desenhada, vê-se que pernada.
the-verdict-stands-without-a = O veredicto vale sem medir. Para pôr preço a um corte, dê altura, largura e tronco: assim os cortes contam-se pela grossura.
long-2 = { $name }, { $base }, { $length } de comprimento

## TrunkForm

trunk-and-union = Tronco e enxerto
trunk-just-above-the-union = Tronco, logo acima do enxerto
highest-fork-above-ground = Forquilha mais alta, acima do chão
union-above-ground = Enxerto, acima do chão
save-trunk-and-union = Guardar tronco e enxerto

## WantedSaid

is-wanted-for = Quer-se { $height } para { $what }.
also-for = Também para

## WhipPanel

a-single-stem = Uma só haste
one-stem-no-branches-yet = Uma haste, ainda sem ramos
leaves-from-2 = Folhas a partir de
cut-at = Cortar a
cut-at-slid-along-the = Cortar a, movendo pela haste
leaves-begin-below-the-top = As folhas começam abaixo da ponta, e o corte está na haste.

## frames

what-you-typed-is-kept = { $title } O que escreveu fica guardado; veja o desenho e guarde outra vez.

## useMarkKeys

next-limb-up = pernada seguinte para cima
next-limb-down = pernada seguinte para baixo
mark-a-cut-at-the = marcar um corte no colo da pernada
slide-the-cut-out-with = mover o corte para fora (com maiúsculas, um pouco)
slide-the-cut-in-with = mover o corte para dentro (com maiúsculas, um pouco)
take-the-mark-off = tirar a marca
undo-2 = desfazer
redo-2 = refazer
drawn-how = { $how ->
    [traced] traçada em { $day }
    [after-plan] cortada em { $day }
   *[measured] medida em { $day }
 }
sheet-state = { $state ->
    [open] aberta
   *[finished] terminada
 }
tree-condition = { $condition ->
    [healthy] sã
    [weak] fraca
    [neglected] abandonada
    [transplanted] transplantada
    [diseased] doente
    [wilting] murcha
   *[leafless] sem folhas
 }
