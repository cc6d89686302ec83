## Dito em vários sítios

the-course = O curso

## LessonPage

walk-left = Dar a volta pela esquerda
walk-right = Dar a volta pela direita
lesson-of = , lição { $n } de { $course }
years-old-tall-today-is = { $kindName }, { $ageYears } { $ageYears ->
    [one] ano
   *[other] anos
 }, { $height } de altura; { $climateName }. Hoje é { $day }.
its-room-is-high-from = O lugar dela tem { $wanted } de altura, a partir da terra do vaso.
what-you-see = O que vê
touch-a-limb-in-the = Toque numa pernada no desenho, ou numa destas, para a ver.
nothing-about-it-asks-for = Nada nela pede um corte.
mark-a-cut = Marcar um corte
before-a-cut-you-would = Antes de um corte veria se há
decide = Decidir
when = Quando
today-3 = hoje, { $day }
cut-so-and-talk-it = Cortar assim, e conversar
leave-it-today-and-wait = Deixar hoje, e esperar
talk-it-over = Conversar
next-lesson = Lição seguinte
another-such-tree = Outra árvore assim
height-a-ladder = altura, uma escada
a-power-line = uma linha elétrica
sap-that-burns = seiva que queima

## PracticePage

trees-that-are-nobody-s-look = Árvores de ninguém. Veja, decida e converse; não se anota nada e nada se pode estragar.
the-course-of-right = O curso, { $right } de { $course } certas
five-minutes-each-in-the = Cinco minutos cada uma, pela ordem do trabalho. Fica neste aparelho e abre-se sem rede; o que correu mal volta daí a uns dias.
begin = Começar
more-trees = Mais árvores
another-tree-each-time-mark = De cada vez outra árvore. Marque os seus próprios cortes, ou espere.
any = qualquer
these-trees-and-their-stories = Estas árvores e as suas histórias são inventadas. Debaixo de uma árvore real veja primeiro se há linhas, ninhos e pessoas; decidem as regras locais e os profissionais credenciados.
again-from = outra vez a partir de { $again }

## DebriefPanel

talked-over = Conversado
to-do-otherwise = Fazer de outro modo
as-a-good-practitioner-would = Como faria quem sabe
not-looked-for = Não se viu: { $d }
more-3 = mais { $rest }
over-seasons-on-this-very = Em { $seasons } épocas nesta mesma árvore, a nossa estimativa
plan = plano
taken = tirado
crops = colheitas
sprout-work = trabalho de rebentos
years-to-make-good = { $years } { $years ->
    [one] ano
   *[other] anos
 } para o repor
what-you-did = O que fez
right-from = Certo, a partir de { $better }
right-today = Certo hoje
others = Outros: { $name }
the-plan-your-way = O plano, à sua maneira: { $name }
leaving-it-alone = Deixá-la em paz
the-same-cuts-the-same = os mesmos cortes, no mesmo dia
no-cut = nenhum corte
crops-2 = { $crop } colheitas

lesson-done = feita
thorns = espinhos
