## StandPage

there-is-no-such = Aquí no existe { $of ->
    [row] esa fila
   *[block] esa parcela
 }.
the-grove-2 = La huerta
this-2 = { $of ->
    [row] Esta fila
   *[block] Esta parcela
 }
sheets-for-the = Hojas para { $of ->
    [row] la fila
   *[block] la parcela
 }
nothing-wants-doing-here-this = Aquí no hay nada que hacer esta quincena.
next = Después:

## SampleTrees

which-trees-to-measure = Qué árboles medir
measure-a-few-for-all = Medir unos pocos por todos
how-many-trees = Cuántos árboles
trees-6 = { $many } árboles
of-of-every-size-and = { $trees } de { $of }, de todos los tamaños y repartidos por las filas; en el orden de andar.

## StandFrost

the-whole-place-before-and = Todo el lugar, antes y después de la helada
