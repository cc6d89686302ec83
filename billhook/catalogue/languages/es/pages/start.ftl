## Dicho en varios sitios

place = Lugar

## StartPage

may-i-cut-today-and = Si puedo cortar hoy y cuánto, qué cortes, en qué orden, a qué precio y cuándo volver. No hay que medir nada para una primera respuesta.
where = { $step ->
    [one] ¿Dónde están sus árboles?
   *[other] Dónde
 }
what-stands-in = ¿Qué hay en { $holding }?
what-stands-there = Lo que hay
add-more = Añadir más
or-bring-in-a-list = O traer una lista
another-place = Otro lugar
what-do-you-want-of = ¿Qué quiere de ellos?
what-you-want-of-them = Lo que quiere de ellos
how-high-how-it-is = Qué altura, cómo se cosecha, o recuperarlo.

## GroupCard

of-a-kind-not-known = de especie no conocida
in-one-hole-or-pot = en un hoyo o maceta
a-kind-of-your-own-2 = una especie propia
or-how-old-years = o qué edad, años
how-large-height-spread-trunk = Qué tamaño: altura, anchura, tronco
the-trunk-above-the-union = El tronco por encima del injerto y por debajo de la primera rama, de lado a lado. Sin cinta: un puño cerrado son unos { $which }, un palmo del pulgar al meñique unos { $which2 }.
which-cultivar-rootstock-how-raised = Cuál: variedad, patrón, cómo se crió
row-5 = , fila { $row }
where-2 = Dónde: { $block }{ $row }
in-how-many-rows = En cuántas filas
in-a-pot = en maceta
apart-in-the-row = Distancia en la fila

## ListIn

a-list-of-trees = Una lista de árboles
or-a-list-as-csv = O una lista, como CSV o GeoJSON
pot-gal-union-ft-height = pot_gal, union_ft, height_ft, spread_ft, trunk_in, x_ft, y_ft. En metros acaban en _m, _mm y _l.
pot-l-union-m-height = pot_l, union_m, height_m, spread_m, trunk_mm, x, y. En pies acaban en _ft, _in y _gal.
columns-block-row-place-species = Columnas: block, row, place, species, planted_year; y si se saben cultivar, rootstock, { $which }
geojson-of-a-survey-points = GeoJSON de un levantamiento: los puntos son árboles con estas columnas como propiedades; los contornos son parcelas, con sus filas contadas por su distancia y rumbo, como dice la guía.
paste-the-list = Pegar la lista
block-row-place-species-planted = block,row,place,species,planted_year,cultivar Alto,1,1,avocado,2016,Hass
pick-a-file = Elegir un archivo
check-it = Comprobarla
import-it = Traerla
trees-in-blocks-stand-there = Ahora hay { $trees } árboles en { $blocks } { $blocks ->
    [one] parcela
   *[other] parcelas
 }.
the-list-is-in-order = La lista está bien: { $trees } árboles en { $blocks } { $blocks ->
    [one] parcela
   *[other] parcelas
 }.
nothing-was-saved-things-to = No se guardó nada. { $problems } { $problems ->
    [one] cosa
   *[other] cosas
 } que corregir:
feature = elemento
line-2 = línea

## PlaceForm

where-the-trees-stand = Dónde están los árboles
name-of-the-place = Nombre del lugar
my-garden = mi jardín
rather = Más bien { $runnerUp }
taken-2 = Se toma: { $climate }.
no-town-near-coordinates-or = Ningún pueblo cerca: coordenadas, o una zona de rusticidad
longitude-minus-in-the-west = Longitud, con menos en el oeste
hardiness-zone = Zona de rusticidad
n-9a = 9a
nearest-climate = Clima más parecido{ $picked }
nearest-climate-2 = Clima más parecido
frost-to = heladas hasta el { $lastFrost }
no-frost = sin heladas
coldest-month-warmest-2 = mes más frío { $count }, más cálido { $Math2 } { $which }; { $lastFrost }
starting-from-this-one = , partiendo de este
type-your-own-twelve-months = Escribir sus propios doce meses{ $which }
mean-daily-minimum-and-maximum = Mínima y máxima media del día de cada mes, { $which }
minimum-2 = { $m }, mínima
maximum-2 = { $m }, máxima
max = máx
pick-a-climate-instead = Mejor elegir un clima
here-my-trees-stand = Aquí están mis árboles
is-no-hardiness-zone-they = no es una zona de rusticidad; van de 1a a 13b, como 7b
pick-a-town-or-give = elija un pueblo, o dé la latitud: un número, con menos en el sur

## SayIn

say-it = Dígalo
one-old-orange-tall-and = un naranjo viejo, { $which } de alto, y un limonero en maceta
n-10-ft-by-20-ft = 10 pies por 20 pies
n-3-m-by-6-m = 3 m por 6 m
or-row-3-24-navels = O: fila 3, 24 navelinos iguales; 12 aguacates Hass sobre mexicano clonal, plantados 2015; 10 filas de 20 Keitt, { $which }.
what-was-read-words-struck = Lo que se leyó; las palabras tachadas no se usaron
what-was-understood = Lo que se entendió
they-stand-there = Ahí están
it-stands-there = Ahí está
or-pick-a-kind = o elija una especie
one-more-tree = un árbol más

## StartStep

of-3-2 = { $nth } de 3

## TownField

nearest-town = Pueblo más cercano
its-name-2 = su nombre
here = Aquí
no-town-of-5-000 = Ningún pueblo de 5.000 habitantes o más se llama así. Escriba uno mayor de cerca, o la latitud abajo.
this-device-did-not-say = Este aparato no dijo dónde está; escriba un pueblo.

## WantIn

what-is-wanted = Lo que se quiere
and-more-2 = y { $count } más
today-5 = { $kindName }. Hoy: { $need }.
how-high-2 = Qué altura
what-may-be-done-today = Lo que se puede hacer hoy
not-now-what-may-be = Ahora no: lo que se puede hacer hoy
a-height-to-pick-from = Una altura para cosechar
tidy-as-it-is = Arreglado, como está
its-first-years-shape-it = Sus primeros años: formarlo
bring-it-back-it-is = Recuperarlo: es viejo o está abandonado
frost-hurt-it = Lo dañó la helada

## said

pots = Macetas
garden = Jardín

lies-south = { $name }, { $degrees }° sur.
lies-north = { $name }, { $degrees }° norte.
