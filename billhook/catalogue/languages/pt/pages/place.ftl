## Dito em vários sítios

the-place = O lugar

## PlacePage

no-place-is-described-yet = Ainda não há nenhum lugar descrito.
say-where-the-trees-stand = Diga onde estão as árvores
ways-of-working = Maneiras de trabalhar
invented-for-the-demo-a = : inventado para a demonstração; uma exploração real nunca o ouve
how-the-demo-s-weather = Como muda o tempo da demonstração
days-of-your-own-station = Dias da sua própria estação
calendar = Calendário
what-to-look-at-again = O que há que voltar a ver, os dias abertos de cada tipo de trabalho e as folhas abertas, para o seu próprio calendário. Subscreva o endereço e atualiza-se sozinho; ou guarde o ficheiro uma vez.
of-3 = De
address-to-subscribe-to = Endereço para subscrever
renew-it = Renovar
save-the-file = Guardar o ficheiro
a-kind-of-tree-of = Uma espécie de árvore própria

## DemoDay

the-demo-s-day = O dia da demonstração
it-stands-on-on-another = Está em { $day }. Noutro dia a sua história volta a correr até lá; o que anotou na demonstração perde-se então.
on-the-way-to = A caminho de { $day } …
that-day-could-not-be = Não se conseguiu chegar a esse dia; a demonstração está como estava.
go-there = Ir para lá

## NormalsForm

normals-from-drag-a-point = Médias de: { $origin }. Arraste um ponto, ou mova-o com as setas, meio grau de cada vez.
start-again-from-a-climate = Começar outra vez de um clima
calendar-of-bloom-and-harvest = Calendário de flor e colheita de
the-one-nearest-to-the = o mais parecido com a curva
station-stands-at = A estação está a
about-in-the-region = Presentes na região
saved-every-window-is-worked = Guardado. Todos os prazos se calculam de novo.
save-the-place = Guardar o lugar
must-be-a-number-minus = tem de ser um número, com menos no sul

## OwnKind

a-habit = { $h ->
    [spreading] aberto
    [upright] ereto
    [columnar] colunar
    [weeping] chorão
   *[rounded] redondo
}
a-kind-of-your-own = Uma espécie própria
what-it-is-called = Como se chama
feijoa = feijoa
grows = Cresce
low = baixa
middling = média
tall-2 = alta
hurt-by-nights-of = Ferem-na noites de, { $which }
its-habit = O seu porte
bears = Dá fruto
along-its-branches = ao longo dos ramos
at-the-ends-of-shoots = na ponta dos rebentos
a-wound-closes-up-to = Uma ferida fecha até
keeps-its-leaves-through-winter = mantém a folha no inverno
blooms-and-bears-all-year = floresce e dá fruto todo o ano
is-known-now = { $made } já se conhece.
add-this-kind = Juntar esta espécie
must-be-a-number-of = tem de ser um número de graus

## StancePanel

waiting-after-a-frost = Espera depois de uma geada
ways-of-working-of = Maneiras de trabalhar de
block-3 = talhão { $name }
tree-2 = árvore { $treeName }
in-force = , em vigor
believes = Acredita
against-it = Contra
changes = Muda
no-date-changes = Não muda nenhuma data.
such-as-over-the-next = { $kindName }, como { $tree }, durante o próximo ano:
now-3 = (agora { $now })
what-would-change = O que mudaria: { $name }
what-would-change-2 = O que mudaria
choose-3 = Escolher: { $name }
choose-4 = Escolher
take-back-3 = Desfazer: { $name }
take-the-choice-back = Desfazer a escolha
when-to-cut = Quando cortar
form-of-the-tree = Forma da árvore
the-middle = O centro
clippings-and-vigour = Restos e vigor
mined-leaves = Folhas minadas
fruit-on-a-young-tree = Fruta numa árvore jovem
shoots-exactly-at-the-union = Rebentos mesmo no enxerto
unless-you-choose = se não escolher outra coisa
chosen-for-the-holding = escolhido para a exploração
chosen-for-the-block = escolhido para o talhão
chosen-for-this-tree = escolhido para esta árvore

## StationForm

columns-date-tmin-tmax-and = Colunas date, tmin, tmax e, se houver, rain.
the-days-there-are-as = Os dias que há, como CSV
station-file = Ficheiro da estação
frost-in-one-year-of = Geada um ano em cada
twenty = vinte
ten = dez
five = cinco
two = dois
or-paste-the-days = Ou cole os dias
date-tmin-tmax-rain-2026 = date,tmin,tmax,rain 2026-01-01,7.2,15.9,0
check-the-days = Verificar os dias
things-found-nothing-is-taken = { $problemCount } { $problemCount ->
    [one] coisa encontrada
   *[other] coisas encontradas
 }; não se toma nada até cada uma estar corrigida ou aceite.
problems = Problemas
line = Linha { $line }
the-list = A lista
days-taken = { $count } dias tomados.
days-2 = { $count } dias
whole-years-to = , { $years } anos inteiros, { $first } a { $last }
coldest-month-warmest = Mês mais frio { $count }, mais quente { $Math2 } { $which };
last-frost-first = última geada { $lastFrost }, primeira { $firstFrost };
no-frost-at-this-risk = sem geada com este risco;
hot-season-to = época de calor { $hotFrom } a { $hotTo }
no-hot-season = sem época de calor
no-normals = Sem médias: { $whyNot }.
take-days-and-normals = Tomar dias e médias
take-the-days-only = Tomar só os dias
leave-the-gaps = Deixar as falhas
keep-the-first-of-each = Ficar com o primeiro de cada dia
turn-the-columns-round = Trocar as colunas
convert-from-f = Converter de °F
from-or-to = { $event ->
    [bloom] flor
   *[harvest] colheita
 } { $end ->
    [from] de
   *[to] até
 }
