## AimPanel

how-high-do-you-want = Que altura quer?
nobody-said-until-then-its = Ninguém disse; até lá a altura não é apontada.
this = { $id ->
    [tree] esta árvore
    [row] esta linha
   *[block] este talhão
 }
how-the-height-is-said = Como se diz a altura
keep-it-so = Fica assim
take-it-back = Retirar
and-how-wide = E que largura?
width = Largura
how-the-width-is-said = Como se diz a largura
keep-it-so-wide = Fica com essa largura
back-from-its-neighbour-across = afastada da vizinha, { $clear } de largura
for-2 = { $height } para { $by }
it-stands-now = ; agora tem { $height }
visit = Visita
down-to = desce a
takes = tira
then-stands = depois fica em
each-on-the-cheapest-open = Cada uma no dia aberto mais barato do seu ano; «depois» é na visita seguinte, ou um ano mais tarde.
high = de altura
off-the-top = a menos em cima
across = de largura
from-the-stem = a partir do tronco
off-each-side = a menos de cada lado

## AskField

for-the-whole-block = para todo o talhão

## BlockPicked

picked-today-2 = Colhido hoje: { $species }

## CountLog

its-trunk-is-not-measured = O tronco não está medido, por isso não se pode pesar o que se cortou.
say-how-thick-it-is = Diga que grossura tem
into-the-log = Para o registo
in-the-log-about-of = No registo: cerca de { $share } da copa.

## CountSteps

sprouts-of-this-season = ladrões desta época
yes-the-next-ones-count = sim: os seguintes contam cerca de um terço
sprouts-of-this-season-2 = Ladrões desta época
thick = como { $name }{ $which }

## CountTotal

of-today = de { $limit } hoje
more-is-cut-than-a = Corta-se mais do que um tronco tão fino aguenta; meça-o outra vez, ou os cortes.

## HowToCut

how = Como
seen-from-the-side = { $position }, visto de lado. { $technique }
where-not-to-cut = Onde não se corta. { $notSo }
the-wound-closes-min = A ferida fecha { $closingYears }; { $count } min.
within-about-a-year = em cerca de um ano
in-about-years = em cerca de { $count } anos

## LogEntries

nothing-is-logged-yet = Ainda não há nada anotado.
share-not-known = parte desconhecida
no-canopy = sem copa
a-correction = uma correção
corrected-by-a-later-entry = corrigido por outro posterior
its-sheet = a sua folha
leave-it = deixar
correct = corrigir
another-tree = Outra árvore: { $tree }, { $work }, { $date }
leave-it-there = deixar onde está
another-tree-2 = outra árvore
not-so = Não foi assim: { $tree }, { $work }, { $date }
not-so-with-more = não foi assim, com mais { $withIt }
not-so-2 = não foi assim
of-this-season = desta época

## NewLimb

height-above-ground = Altura acima do chão
how-it-grows = Como cresce
on-which-side = De que lado

## OddEntries

entries-that-make-no-sense = Registos que não batem certo
has-an-entry-that-makes = tem um registo que não bate certo e não é lido: «{ $says } { $e }». { $problem }.
take-it-out = Retirar

## OtherTree

which-tree-was-it = Que árvore era?

## PastWork

correct-an-entry = Corrigir um registo
the-entry-stays-as-it = O registo fica como está; este escreve-se depois e é o que vale.
count-the-cuts-anew = Contar os cortes de novo
how-many-how-thick = Quantos, de que grossura
write-the-correction = Escrever a correção
log-it = Anotar

## PhotoTake

the-work = { $name }, { $moment ->
    [before] antes
   *[after] depois
 } do trabalho, { $day }
the-work-not-sent-yet = { $name }, { $moment ->
    [before] antes
   *[after] depois
 } do trabalho, ainda por enviar
making-it-smaller = A reduzi-la …
photo-of = Foto de { $name }
photo-the-work = Foto { $moment ->
    [before] antes
   *[after] depois
 } do trabalho
a-photo-of = Uma foto de { $props }

## RecipeLine

up-to = até { $n }
thick-2 = grossos como { $class }
however-thick = de qualquer grossura
whole = inteiros
shortened = encurtados
about = cerca de { $share }

## WhichFields

how-it-was-raised = Como foi criada
grafted = enxertada
from-a-seed-or-stone = de semente ou caroço
a-cutting = de estaca
layered = de mergulhia

## ListTable

only = Só
chosen = , { $chosen } escolhidas
choose-all-that-are-shown = Escolher todas as que se veem
choose-2 = Escolher { $row }

## ListViews

columns-and-views = Colunas e vistas
csv-of-these = CSV destes
columns = Colunas
keep-this-view-as = Guardar esta vista como
keep-the-view = Guardar a vista
forget = Esquecer «{ $name }»

## ManySheets

what-for = Para quê
what-each-needs = O que cada uma precisa
make-up-to-sheets = Fazer até { $treeIds } folhas
of-2 = { $done } de { $treeIds }
planning-of-trees = A planear, { $done } de { $treeIds } árvores …
sheets-made = { $made } { $made ->
    [one] folha feita
   *[other] folhas feitas
 }.
print-them-as-one = Imprimi-las juntas

## ManyTrees

for-the-chosen-trees = Para as árvores escolhidas
make-their-sheets = Fazer as suas folhas
log-work = Anotar trabalho
wanted-height = Altura desejada
how-high-they-are-wanted = Que altura se lhes quer dar
hold-them-there = Mantê-las aí
work-done-today = Trabalho feito hoje

## ToCount

to-count = A contar
to-count-where-no-limbs = A contar, onde não há pernadas desenhadas
print-these = Imprimir estas

## TreeTable

so-many-trees = { $n ->
    [one] { $n } árvore
   *[other] { $n } árvores
}
name-kind-need = nome, espécie, necessidade

## columns

planted = Plantada
tall = Altura
across-2 = Largura
measured = Medida
needs-next = Precisa a seguir

## trace

toward-you = na sua direção
a-little-toward = um pouco na sua direção
level-with-the-picture = a par da fotografia
a-little-away = um pouco afastada
away-from-you = afastada de si

## WordChoice

words-of-your-region = Palavras da sua região
