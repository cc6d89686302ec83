## Dito em vários sítios

today = hoje
the-tree = a árvore
what-is-dead = O que está morto
day = Dia
row = { $block }, linha { $n }
now = Agora
trees = Árvores
look = Ver
year = Ano
height = Altura
frost = Geada
record = Ficha
for = Para
this-tree = esta árvore
its-row = a sua linha
its-block = o seu talhão
all-trees = todas as árvores
write-down = Anotar
picked-today = Colhido hoje
one-fewer = { $label }, um a menos
one-more = { $label }, um a mais
sprouts = ladrões da copa
to = ({ $low } a { $high })
done = Feito
send-again = Enviar outra vez
drop-it = Deitar fora
find-a-tree-3 = Procurar uma árvore   /
keys = Teclas
close = Fechar
cuts = { $cuts ->
    [one] corte
   *[other] cortes
 }
of-canopy = { $share } da copa
cannot-read-this-type = Não se percebe; escreva { $hint }
thickness-at-its-base = Grossura na base
length = Comprimento
log-a-cut-already-made = Anotar um corte já feito
work = Trabalho
height-before = Altura antes
height-after = Altura depois
note = Nota
all-2 = todos
trees-2 = , { $trees } árvores
take-back = Desfazer
leave-it-2 = Deixar
undo = Desfazer
why = Porquê
from = de { $from }
walk-round-to-the-left = Dar a volta pela esquerda
walk-round-to-the-right = Dar a volta pela direita
cultivar = Variedade
not-known = não se sabe
rootstock = Porta-enxerto
who = Quem
grove = Pomar
book = Livro
more = Mais
suckers = Ladrões do porta-enxerto
water-sprouts = Ladrões da copa
dead-and-broken-wood = Lenha morta e partida
skirt = Saia
fruit-taken-off = Fruta tirada
skeleton-prune = Poda de esqueleto
print = Imprimir
make-the-sheet = Fazer a folha
trees-3 = { $trees ->
    [one] árvore
   *[other] árvores
 }
tree = Árvore
kind = Espécie
pot = Vaso
trained = Formada
block = Talhão { $block }
nearer = Mais perto
row-2 = linha { $n }
measured-2 = medido
not-now = agora não
as-a-list = Como lista
from-2 = De
site = Sítio
add-trees = Juntar árvores
to-4 = { $first } a { $last }
block-2 = Talhão
the-tree-from-the-side = A árvore de lado
practice = Treino
by-week = Por semanas
places-and-weather = Lugares e tempo
people = Pessoas
on-this-phone-2 = Neste telefone
fruit-picked = Fruta colhida
hours = Horas
change = Mudar
copied = Copiado
copy-it = Copiar
waits-to-be-sent = À espera de ser enviado
walk-the-row = Percorrer a linha
cut-sheets = Folhas de cortes
hurt-by-frost = Feridas pela geada
weather = Tempo
the-whole-holding = toda a exploração
go-on = Continuar
cuts-2 = Cortes
redo = Refazer
height-2 = altura
no-fruit-this-year = Sem fruta este ano
the-tree-3 = A árvore
fruit-lost = fruta perdida
time = tempo
which = qual
rows-2 = { $rows ->
    [one] linha
   *[other] linhas
 }
walking-the-rows = A percorrer as linhas …
by-month = Por meses
calendar-file = Ficheiro de calendário
no-tree-stands-here-yet = Ainda não há aqui nenhuma árvore.
say-what-stands-there = Diga o que lá está plantado
propose-a-plan = Propor um plano
fetching-the-tree = A buscar a árvore …
walk-round-the-tree-left = dar a volta à árvore, à esquerda
walk-round-the-tree-right = dar a volta à árvore, à direita
wounds = Feridas
whose-shoot-is-it = De quem é o rebento?
trees-5 = { $trees } árvores
c = °C
f = °F
planted-year = Plantada, ano
pick-one = escolha uma
between-rows = Entre linhas
plant-it = Plantar
none = nenhum
broken = partido
top = Topo
plan-the-cuts = Planear os cortes
as-2 = Como
sign-this-device-out = Terminar a sessão deste aparelho
as-it-stands = como está
latitude-minus-in-the-south = Latitude, com menos no sul
there-is-frost-in-one = Há geada num ano em cada dez
last-frost-of-spring-one = Última geada da primavera, um ano em cada dez
first-frost-of-autumn-one = Primeira geada do outono, um ano em cada dez
renewal = Renovação
reading = A ler …
what-it-is-for = Para que é
what-it-comes-to = A quanto vai
free = livre
what-to-look-for-and-count = O que procurar, e contar
make-the-cut-sheet = Fazer a folha de cortes
take-mark-off = Tirar a marca { $n }
rule = regra
no-leaf = sem folha
under-cover-in-winter = abrigada no inverno
spread = Largura
trunk-across = Tronco, de grossura
row-6 = Linha
a-new-one = uma nova
come-back-2 = Voltar
minutes-2 = { $count } minutos

## App

go-to-the-page = Ir para a página
demo-made-up-on = Demonstração, inventada, em { $day }.
another-day = Outro dia
find-a-tree = procurar uma árvore
metric-or-feet-and-inches = métrico ou pés e polegadas
the-grove = o pomar
the-year = o ano
the-book = o livro
these-keys = estas teclas

## client

billhook-does-not-answer-what = O Billhook não responde. O que escreveu fica guardado aqui; tente outra vez.
something-went-wrong-what-you = Algo correu mal. O que escreveu fica guardado aqui; tente outra vez.

## useFrost

on = { $says } em { $name }
what-was-seen = O que se viu

## useSettings

full-sun = Pleno sol
night = Noite

## useUndo

an-entry-of-the-book = um registo do Livro
taking-back = Desfazer: { $of }

## DayField

n-30-may = 30 maio
pick-from-the-month = Escolher no mês
the-month-before = O mês anterior
the-next-month = O mês seguinte
cannot-read-this-day-type = Não se percebe o dia; escreva 30 maio, ou 2 semanas
not-after = Não depois de { $max }
not-before = Não antes de { $min }
su-mo-tu-we-th = Dom Seg Ter Qua Qui Sex Sáb
mo-tu-we-th-fr = Seg Ter Qua Qui Sex Sáb Dom

## DoneForm

how-many-other-a-tree = Quantos{ $trees ->
    [one] { "" }
   *[other] { " " }por árvore
 }
how-many-came-off = Quantos se tiraram
minutes-other-in-all = Minutos{ $trees ->
    [one] { "" }
   *[other] { " " }no total
 }
done-trees = Feito, { $trees } árvores

## FieldState

no-signal-what-is = Sem rede. O que está
on-this-phone = neste telefone
opens-and-what-you-enter = abre-se, e o que escrever fica guardado.
kept-on-this-device-and = { $why } { $waiting } neste aparelho e envia-se depois.
try-now = Tentar agora
another-holding-answers-here-now = Responde aqui agora outra exploração: { $other }. O que se escreveu para a anterior não lhe é enviado; fica guardado neste aparelho.
an-older-state-was-put = Foi reposto um estado anterior, de { $asOf }. O que se escreveu depois não está lá; o que ainda espera neste aparelho é enviado.
understood = Percebido
billhook-could-not-write-it = { $item }: o Billhook não o conseguiu anotar. Fica guardado neste aparelho. { $failed }
was-not-taken = { $item } não foi aceite: { $refused }
mend-it = Corrigir
n-1-entry-is = 1 registo fica
entries-are = { $n } registos ficam
something-else-answers-in-billhook = Outra coisa responde em vez do Billhook, como a página de entrada de uma rede.
billhook-does-not-answer = O Billhook não responde.

## FindHead

find = Procurar
find-a-tree-2 = Procurar uma árvore

## FindTree

find-a-tree-by-name = Procurar uma árvore por nome, linha, espécie, ou como está: atrasada, alta demais
no-tree-is-found-by = Com isso não se encontra nenhuma árvore.
both = as duas
all = as { $found }
show-in-the-plan = Mostrar { $found } na planta

## LongWork

long-work = Trabalho demorado
seen = Visto
of = { $done } de { $of }

## PickOne

choose = escolher

## QrCode

code-for = Código de { $url }

## UndoLine

later-work-stands-on-it = Há trabalho posterior que assenta nisto: { $stands }.
take-all-back = Desfazer { $stands ->
    [one] os dois
   *[other] tudo
 }
taken-back = Desfeito:
put-back = Repor

## VerdictBox

may-i-on-this-day = Posso? neste dia
last-good-day = Último dia bom: { $lastGoodDay }.

## VolumeField

gallons = galões
litres = litros

## WhyDialog

way-of-working = Maneira de trabalhar: { $known }.
what-would-change-it = O que o mudaria: { $remedy }
others-say = ; outros dizem { $rivals }
every-value-with-its-source = Cada valor, com a sua fonte

## WireNav

places = Lugares
today-2 = Hoje
billhook = Billhook

## WorkPicker

kind-of-work = Tipo de trabalho
thin-whole-branches = Desbastar, ramos inteiros
lower-head-back = Baixar, encurtar
hedge-wall = Parede da sebe
tips = Pontas
shear-a-formal-hedge = Aparar uma sebe formal
renew-by-thirds = Renovar por terços
tree-in-a-pot = Árvore em vaso
train-a-young-tree = Formar uma árvore jovem

## words

suckers-off = Ladrões tirados
skirt-lifted = Saia levantada
thinned = Desbastada
lowered = Rebaixada
hedge-wall-cut = Parede da sebe cortada
tipped = Pontas cortadas
sheared = Aparada
a-third-renewed = Um terço renovado
pot-shaped = Árvore de vaso formada

## photo

that-photo-has-mb-mb = Essa foto tem { $size } MB; { $most } MB é o máximo. Tire-a com menos qualidade.
that-file-is-not-a = Esse ficheiro não é uma imagem que este navegador leia. Tire-a como JPEG ou PNG.
the-photo-could-not-be = A foto não se conseguiu reduzir aqui. Tente outra.

## useWalk

billhook-does-not-answer-and = O Billhook não responde, e esta árvore não está no telefone.
take-its-row-along-while = Leve a linha consigo enquanto houver rede.
a-walk-on = Uma volta a { $walk }
what-the-look-at-is = Para que é a vista de { $at }
an-answer-on = Uma resposta sobre { $at }
the-end-of-the-walk = O fim da volta a { $at }

## measure

cu-ft = { $m3 } pés³

## rows

to-2 = { $a } a { $b }

## Days, winds and slopes as they are typed and shown. Words between bars are read alike; the eight winds are apart by a space, from north on.

word-tomorrow = amanhã | amanha
word-yesterday = ontem
word-days = dia | dias
word-weeks = semana | semanas
word-in = em | daqui a | dentro de
word-ago = há | ha | atrás
winds = N NE E SE S SO O NO
winds-in-full = norte nordeste este sudeste sul sudoeste oeste noroeste
such-as-sw = SO, 240° ou 3 h
such-as-steep = empinada, deitada ou 35°
upright = vertical
steep = empinada
slanting = inclinada
flat = deitada
hanging = pendente
and-between = { " " }e{ " " }

## The four tones of permission

go = avançar
light = pouco
wait-2 = esperar
stop = não
yes-2 = sim
as-thick-as = { $class ->
    [straw] como uma palha
    [pencil] como um lápis
    [finger] como um dedo
    [thumb] como um polegar
    [broom-handle] como um cabo de vassoura
    [wrist] como um pulso
    [forearm] como um antebraço
   *[other] como { $class }
 }
and-dead = , mortos
degrees-south = { $degrees }° sul
degrees-north = { $degrees }° norte
any-day = Qualquer dia

## TongueChoice

language = Língua
no-3 = não
