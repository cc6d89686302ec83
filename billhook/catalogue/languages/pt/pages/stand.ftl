## StandPage

there-is-no-such = Aqui não existe { $of ->
    [row] essa linha
   *[block] esse talhão
 }.
the-grove-2 = O pomar
this-2 = { $of ->
    [row] Esta linha
   *[block] Este talhão
 }
sheets-for-the = Folhas para { $of ->
    [row] a linha
   *[block] o talhão
 }
nothing-wants-doing-here-this = Aqui não há nada a fazer nesta quinzena.
next = A seguir:

## SampleTrees

which-trees-to-measure = Que árvores medir
measure-a-few-for-all = Medir algumas por todas
how-many-trees = Quantas árvores
trees-6 = { $many } árvores
of-of-every-size-and = { $trees } de { $of }, de todos os tamanhos e espalhadas pelas linhas; por ordem de andar.

## StandFrost

the-whole-place-before-and = O lugar todo, antes e depois da geada
