## Dito em vários sítios

seasons = Épocas

## HeightsPage

heights = Alturas

## AdoptForm

adopt-a-way = Adotar uma maneira
lower-to = Baixar a
tip-the-rest-at = Despontar o resto a
adopt-years = Adotar: { $schoolName }, { $years } anos
adopted = Adotado
given-up = ; deixado em { $endedOn }
from-for-years-to-and = desde { $firstYear } durante { $years } anos, a { $low } e { $tip }{ $endedOn }
give-up-for = Deixar { $name } para { $scopeName }
give-up = Deixar
done-ahead = { $tasks } feitos, { $tasks2 } pela frente
done-2 = , feito
dated-pieces-of-work-stand = { $count } trabalhos com data estão em Hoje e no calendário
is-adopted = { $made } adotado: { $stand }.
is-given-up-what-was = { $name } deixado; o que se fez fica na ficha.

## BlockHeights

fetching-the-block = A buscar o talhão …
hedgerows = sebes
rows-4 = linhas
apart-bearing-trees-with-a = { $rows } { $which }, a { $spacing } umas das outras, rumo { $count }° ({ $bearing }); { $trees } árvores, { $measured } com medidas
vigour-of-5-lower-fruit = vigor { $vigour } de 5; a fruta de baixo é nova por volta de { $date }
renewal-over-years = Renovação em anos
seasons-ways = { $years } épocas, { $compared } maneiras
another-height-to-try = Outra altura para experimentar
my-own-numbers = Os meus próprios números
a-limb-bears-so-many = Uma pernada dá tantos % depois do corte, ano a ano
a-tipped-tree-gains-a = Uma árvore despontada ganha por ano
begin-so-many-years-late = Começar tantos anos tarde
whole-rows-and-tips-by = linhas inteiras e pontas à máquina
a-heavy-year-follows-a = um ano carregado segue-se a um fraco
never-wholly-under-the-height = nunca de todo abaixo da altura
under-the-height-from-year = abaixo da altura desde o ano { $underCapFrom }
hours-by-year-hard-cuts = Horas por ano { $hours }; cortes fortes { $hardCuts }; { $underCapFrom }.
adopt-it-for = Adotá-la para
the-whole-block = todo o talhão
machines-ladders-and-lines-nobody = Máquinas, escadas e linhas: ninguém na entrelinha enquanto trabalha uma máquina; perto de linhas elétricas e estradas decidem as regras locais e os profissionais credenciados.

## HedgingPanel

hedging-round = Volta das sebes
h-machine-h-by-hand = { $machineH } h de máquina · { $handH } h à mão depois · { $paint } de cal · { $clippings } de restos, { $chipsM3 } triturados
row-4 = linha { $row }, { $which }

## SchoolCard

crop-h-a-year = colheita { $meanCrop } · { $count } h por ano
in-years-crops-for-h = em { $hours } anos { $crop } colheitas por { $count } h
rows-by-year = linhas por ano: { $rows }
crop-h = { $first }: { $length }, colheita { $crop }, { $hours } h

## SectionPanel

working-out-the-sun = A calcular o sol …
section = Corte
on-this-day = Neste dia { $tallest }.
the-sun-at-solar-time = O sol às { $hour }, hora solar
to-try-out-drag-the = Para experimentar: arraste a parede ou escreva. Aqui não se guarda nada.
roof-2 = Topo
across-at-the-foot = Largura no pé
across-at-the-shoulder = Largura no ombro
next-row-higher-by = Linha ao lado mais alta em
level = ao nível
counted = , contado
a-tree-house-or-hill = Uma árvore, casa ou monte que tapa o sol{ $which }
count-it = contá-lo
it-stands-to-the = Está a
so-far-away = A esta distância
so-tall = Desta altura
so-wide = Desta largura
as-tall = da mesma altura
sun-on-the-low-wall = Sol na parede baixa ao longo do ano, { $facings }, a { $at } de altura, cortada assim
what-the-cut-takes = O que o corte tira
a-yard = por jarda
a-metre = por metro
of-of-row = de { $which } de linha
of-the-bearing-shell = da camada que dá fruto
thickest-wood-at-the-wall = lenha mais grossa na parede
a-saw-bar-takes-it = corta-a uma barra de serras
by-hand-to-a-side = à mão, até uma ramificação
crop-this-next-third-year = colheita este ano, o próximo, o terceiro
ripe-fruit-on-it = fruta madura nela
rules-of-the-trade = Regras do ofício
kept = cumprida
faces = virada a { $facing }
facing-now = { $sunHours } virada a { $facing } (agora { $now })
at-the-low-wall-gets = A { $high } a parede baixa recebe { $each } de sol.
the-wall-facing = a parede virada a { $facing }
never-gets-h = { $wall } nunca recebe { $hours } h
at-any-height = a nenhuma altura
up-to-2 = até { $length }
gets-h = { $wall } recebe { $hours } h { $where }

## ShapePanel

a-shape = Uma forma
lay-a-shape-over-it = Pôr uma forma por cima
from-the-trunk = A partir do tronco
drawn-in-by = Recolhida em
on-the-side-facing = Do lado virado a
every-limb-keeps-within-it = Nenhuma pernada sai dela.
n-1-limb-breaks-it = 1 pernada sai dela:
limbs-break-it = { $breaks } pernadas saem dela:
make-these-the-cuts = Fazer disto os cortes
upright-round = Redonda e erguida
globe = Globo
pyramid = Pirâmide
wall = Parede

## TreeHeightPanel

which-limb = Que pernada
which-limb-goes-next = Que pernada vai a seguir
wound = ferida { $wound }
of-the-canopy = , { $share } da copa
never-cut = nunca cortada
cut-this-year = cortada este ano
cut-years-ago = cortada há { $seasons } { $seasons ->
    [one] ano
   *[other] anos
 }
fruit = , { $fruit } frutos; { $seasons }
the-others-are-tipped = As outras despontam-se.
seasons-2 = { $years } épocas
ways = , { $compared } maneiras
season-2 = Época { $year }, { $year2 }
the-went-down = Desceu: { $cutName };
of-the-leaf-cut-tall = { $cutName }{ $count } da folha cortada, { $height } de altura depois de crescer, colheita { $crop } de uma árvore por cortar.
shade = Sombra
who-shades-whom-today = Quem dá sombra a quem hoje
an-orchard-tripod-first-a = Antes uma escada de tripé; uma direita, quatro de altura por um de afastamento e nunca na pernada que se corta; linhas: decide a companhia elétrica.

the-flat-top = topo
