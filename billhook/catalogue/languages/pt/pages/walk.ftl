## Dito em vários sítios

the-row = A linha
try-again = Tentar outra vez
answer = resposta { $n }
go-on-2 = continuar
in-the-log-as-done = No registo como feito.
back = Voltar

## RowWalkPage

this-row = Esta linha
walking-down-the-row = A percorrer a linha …
picked-today-the-row = Colhido hoje: a linha
rake-and-look-before-hands = Passe o ancinho e veja antes de meter as mãos numa base ou debaixo de uma saia. Passe uma árvore com um toque, ou percorra-a passo a passo.
taking-along-of = A levar { $takenAlong } de { $trees } …
the-row-is-on-this = A linha está neste telefone; levá-la de novo
take-the-row-along-for = Levar a linha, para onde não há rede
of-trees-taken-along = { $takenAlong } de { $trees } árvores no telefone
open-cut-sheet = folha de cortes aberta
open-cut-sheets = { $openSheets } folhas de cortes abertas
print-the-row-s-pdf = Imprimir da linha: { $openSheets } (PDF)
together = Em conjunto
the-same-on-all-not = O mesmo nas { $left } não vistas hoje
the-same-on-of-the = O mesmo em { $together } das { $left } não vistas hoje
nothing-to-do = Nada a fazer
taken-off-each = Tirados em cada uma …
trained-young = Formadas: { $young } jovens
suckers-rubbed-off-each = Ladrões arrancados em cada uma
sprouts-rubbed-off-each = Ladrões da copa arrancados em cada uma
into-the-log-of-trees = Para o registo de { $together } árvores
with-the-others = { $name } com as outras
kept-here = guardado aqui
whose-shoot-is-it-on = De quem é o rebento, em { $name }?
whose-shoot = De quem é?
taken-off = Tirados …
walk = Percorrer
suckers-rubbed-off = Ladrões arrancados
sprouts-rubbed-off = Ladrões da copa arrancados
cut-off-by-thickness = Cortados, por grossura
into-the-log-next-tree = Para o registo, árvore seguinte
row-trees = { $block }, linha { $n }: { $trees } árvores
in-passing = { $trees } de passagem
never-walked = nunca percorrida
walk-open-since = volta aberta desde { $walked }

## AnswerSaid

what-that-comes-to = No que isso dá

## FoundHere

done-on-the-spot = Feito na hora: { $finding }
done-on-the-spot-2 = Feito na hora
it-waits-for = Espera por { $opens }.
it-waits-until-a-day = Espera por um dia que o permita.

## LimbAnswer

the-drawing-shows-none-by = O desenho não mostra nenhuma por si: toque nela no desenho, ou escolha da lista.
what-the-drawing-shows = O que o desenho mostra
the-other-limbs = As outras pernadas ({ $others })
of-the-leaf = { $share } da folha
wound-2 = { $share }, ferida { $wound }
fruit-3 = , { $fruit } frutos
one-limb = uma pernada
limbs-2 = { $cuts } pernadas
go-on-with = Continuar com { $cuts }
none-of-them-go-on = Nenhuma: continuar
limb-4 = pernada { $n }

## LookPanel

its-row-2 = A sua linha
of-8 = { $title }, { $nth } de { $stages }
look-done = visto
all-seen = tudo visto, { $day }
the-look = A vista
two-answers-crossed = Duas respostas cruzaram-se
two-phones-answered-neither-knowing = Dois telefones responderam «{ $asks }», sem saber um do outro. Chegou primeiro, e vale:
then-came = . Depois chegou:
keep-2 = Ficar com «{ $holdsWords }»
take = Tomar «{ $otherWords }»
what-the-look-is-for = Para que é a vista
looked-at-as-one = Vistas como uma
trees-stand-here-as-one = Aqui { $group } árvores estão como uma; vê-se primeiro a mais alta.
looked-at = , vista
all-questions = Todas as perguntas
one-question-back = uma pergunta atrás

## NumberAnswer

that-is-out-of-the = Isso é fora do normal: veja outra vez o número e a unidade.
not-now-2 = Agora não
a-number-as-near-as = um número, o mais perto que conseguir
counted-3 = { $counts } contados

## ShootPanel

seen-kept-here = { $told } visto, guardado aqui
looking-up-the-tree = A procurar a árvore …
cannot-tell = Não se sabe
billhook-does-not-answer-what-you = O Billhook não responde. O que vir fica guardado neste telefone; de quem é o rebento calcula-se quando ele responder. Até lá não se corta nada a adivinhar.
verdict-so-far = Veredicto até agora
in-a-hundred-that-it = { $stock } em cem de que é do porta-enxerto
in-100-that-it-is = { $stock } em 100 de que é do porta-enxerto; a partir de 90 conta como tal, abaixo de 20 como da própria árvore.
how-many-alike = Quantos iguais
taken-off-into-the-log = Tirado: para o registo
back-to-the-walk = Voltar à volta
it-comes-off-later = Tira-se mais tarde
tag-it-on-with-the = Marque-o, continue a volta
keep-it-on-with-the = Deixe-o, continue a volta
another-shoot = Outro rebento
i-see-the-graft-union = Vejo bem o enxerto
nothing-else-of-the-tree = não vive mais nada da árvore
several-kinds-are-grafted-on = tem várias espécies enxertadas
seen-3 = Visto: { $told }.
whose-shoot-2 = De quem é o rebento
billhook-does-not-answer-and-this = O Billhook não responde, e esta árvore ainda não está no telefone.
try-again-where-there-is = Tente outra vez onde houver rede.
suckers-off-2 = Ladrões tirados em { $name }
one-sucker = Um ladrão
suckers-2 = { $alike } ladrões
off-in-the-log = { $alike } tirados, no registo.
cannot-tell-2 = não se sabe
one-answer-back = uma resposta atrás

## WalkEnd

one-answer = Uma resposta
answers = { $answered } respostas
kept-on-this-phone = { $answered } neste telefone
nothing-to-cut = Nada a cortar
cut-all-that-was-found = Cortado: tudo o que se encontrou
one-thing-to-cut = Uma coisa a cortar
things-to-cut = { $toDo } coisas a cortar
what-they-come-to-is = No que dão calcula-se logo que o Billhook responda; até lá não se perde nada.
goes-anyway = vai de qualquer maneira
fruit-4 = { $fruitLost } frutos
fruit-go-with-it = Vão { $fruit } frutos com isso.
no-fruit-goes-with-it = Não vai nenhuma fruta com isso.
about-minutes = { $sentence } { $fruit } Cerca de { $count } { $minutes ->
    [one] minuto
   *[other] minutos
 }.
done-on-the-spot-or = Feito na hora, ou deixado: o que se deixa fica como trabalho desta árvore.
to-cut = A cortar
needs-no-cutting = Não precisa de cortes
not-asked-on-this-tree = Não perguntado nesta árvore
change-it-on-the-tree = Mudar na ficha da árvore
taken-off-on-the-spot = Tirado na hora
finish-and-make-the-cut = Terminar e fazer o plano de cortes
weigh-the-cuts-first = Pesar primeiro os cortes
finish-the-walk = Terminar a volta
the-walk-is-kept-on = A volta está neste telefone e acaba logo que o Billhook responda.
what-was-found-stays-as = O que se encontrou fica como trabalho desta árvore até se fazer; os dias de voltar estão marcados.
the-days-to-come-back = Os dias de voltar estão marcados.
next-of-this-planting = Seguinte desta plantação: { $nextOfGroup }
next-tree-of-the-row = Árvore seguinte da linha
mark-cuts-in-the-drawing = Marcar cortes no desenho
walk-it-again = Percorrê-la outra vez
after-the-cuts = Depois dos cortes: { $does }{ $does2 }.
