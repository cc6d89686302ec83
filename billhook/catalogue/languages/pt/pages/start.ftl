## Dito em vários sítios

place = Lugar

## StartPage

may-i-cut-today-and = Se posso cortar hoje e quanto, que cortes, por que ordem, a que preço e quando voltar. Não é preciso medir nada para uma primeira resposta.
where = { $step ->
    [one] Onde estão as suas árvores?
   *[other] Onde
 }
what-stands-in = O que há em { $holding }?
what-stands-there = O que lá há
add-more = Juntar mais
or-bring-in-a-list = Ou trazer uma lista
another-place = Outro lugar
what-do-you-want-of = O que quer delas?
what-you-want-of-them = O que quer delas
how-high-how-it-is = Que altura, como se colhe, ou recuperá-la.

## GroupCard

of-a-kind-not-known = de espécie desconhecida
in-one-hole-or-pot = numa cova ou vaso
a-kind-of-your-own-2 = uma espécie própria
or-how-old-years = ou que idade, anos
how-large-height-spread-trunk = Que tamanho: altura, largura, tronco
the-trunk-above-the-union = O tronco acima do enxerto e abaixo da primeira pernada, de lado a lado. Sem fita: um punho fechado são uns { $which }, um palmo do polegar ao mindinho uns { $which2 }.
which-cultivar-rootstock-how-raised = Qual: variedade, porta-enxerto, como foi criada
row-5 = , linha { $row }
where-2 = Onde: { $block }{ $row }
in-how-many-rows = Em quantas linhas
in-a-pot = em vaso
apart-in-the-row = Distância na linha

## ListIn

a-list-of-trees = Uma lista de árvores
or-a-list-as-csv = Ou uma lista, como CSV ou GeoJSON
pot-gal-union-ft-height = pot_gal, union_ft, height_ft, spread_ft, trunk_in, x_ft, y_ft. Em metros acabam em _m, _mm e _l.
pot-l-union-m-height = pot_l, union_m, height_m, spread_m, trunk_mm, x, y. Em pés acabam em _ft, _in e _gal.
columns-block-row-place-species = Colunas: block, row, place, species, planted_year; e se se souberem cultivar, rootstock, { $which }
geojson-of-a-survey-points = GeoJSON de um levantamento: os pontos são árvores com estas colunas como propriedades; os contornos são talhões, com as linhas contadas pela distância e rumo, como diz o guia.
paste-the-list = Colar a lista
block-row-place-species-planted = block,row,place,species,planted_year,cultivar Alto,1,1,avocado,2016,Hass
pick-a-file = Escolher um ficheiro
check-it = Verificar
import-it = Trazer
trees-in-blocks-stand-there = Agora há { $trees } árvores em { $blocks } { $blocks ->
    [one] talhão
   *[other] talhões
 }.
the-list-is-in-order = A lista está em ordem: { $trees } árvores em { $blocks } { $blocks ->
    [one] talhão
   *[other] talhões
 }.
nothing-was-saved-things-to = Não se guardou nada. { $problems } { $problems ->
    [one] coisa
   *[other] coisas
 } a corrigir:
feature = elemento
line-2 = linha

## PlaceForm

where-the-trees-stand = Onde estão as árvores
name-of-the-place = Nome do lugar
my-garden = o meu jardim
rather = Antes { $runnerUp }
taken-2 = Toma-se: { $climate }.
no-town-near-coordinates-or = Nenhuma localidade perto: coordenadas, ou uma zona de rusticidade
longitude-minus-in-the-west = Longitude, com menos no oeste
hardiness-zone = Zona de rusticidade
n-9a = 9a
nearest-climate = Clima mais parecido{ $picked }
nearest-climate-2 = Clima mais parecido
frost-to = geadas até { $lastFrost }
no-frost = sem geadas
coldest-month-warmest-2 = mês mais frio { $count }, mais quente { $Math2 } { $which }; { $lastFrost }
starting-from-this-one = , a partir deste
type-your-own-twelve-months = Escrever os seus próprios doze meses{ $which }
mean-daily-minimum-and-maximum = Mínima e máxima média do dia de cada mês, { $which }
minimum-2 = { $m }, mínima
maximum-2 = { $m }, máxima
max = máx
pick-a-climate-instead = Antes escolher um clima
here-my-trees-stand = Aqui estão as minhas árvores
is-no-hardiness-zone-they = não é uma zona de rusticidade; vão de 1a a 13b, como 7b
pick-a-town-or-give = escolha uma localidade, ou dê a latitude: um número, com menos no sul

## SayIn

say-it = Diga-o
one-old-orange-tall-and = uma laranjeira velha, { $which } de altura, e um limoeiro em vaso
n-10-ft-by-20-ft = 10 pés por 20 pés
n-3-m-by-6-m = 3 m por 6 m
or-row-3-24-navels = Ou: linha 3, 24 navel iguais; 12 abacateiros Hass sobre mexicano clonal, plantados 2015; 10 linhas de 20 Keitt, { $which }.
what-was-read-words-struck = O que se leu; as palavras riscadas não se usaram
what-was-understood = O que se percebeu
they-stand-there = Lá estão
it-stands-there = Lá está
or-pick-a-kind = ou escolha uma espécie
one-more-tree = mais uma árvore

## StartStep

of-3-2 = { $nth } de 3

## TownField

nearest-town = Localidade mais próxima
its-name-2 = o nome
here = Aqui
no-town-of-5-000 = Nenhuma localidade de 5 000 habitantes ou mais se chama assim. Escreva uma maior por perto, ou a latitude em baixo.
this-device-did-not-say = Este aparelho não disse onde está; escreva uma localidade.

## WantIn

what-is-wanted = O que se quer
and-more-2 = e mais { $count }
today-5 = { $kindName }. Hoje: { $need }.
how-high-2 = Que altura
what-may-be-done-today = O que se pode fazer hoje
not-now-what-may-be = Agora não: o que se pode fazer hoje
a-height-to-pick-from = Uma altura para colher
tidy-as-it-is = Arranjada, como está
its-first-years-shape-it = Os primeiros anos: formá-la
bring-it-back-it-is = Recuperá-la: é velha ou está abandonada
frost-hurt-it = A geada feriu-a

## said

pots = Vasos
garden = Jardim

lies-south = { $name }, { $degrees }° sul.
lies-north = { $name }, { $degrees }° norte.
