## StandPage

there-is-no-such = There is no such { $of }.
the-grove-2 = The grove
this-2 = This { $of }
sheets-for-the = Sheets for the { $of }
nothing-wants-doing-here-this = Nothing wants doing here this fortnight.
next = Next:

## SampleTrees

which-trees-to-measure = Which trees to measure
measure-a-few-for-all = Measure a few for all
how-many-trees = How many trees
trees-6 = { $many } trees
of-of-every-size-and = { $trees } of { $of }, of every size and spread over the rows; in walking order.

## StandFrost

the-whole-place-before-and = The whole place before and after frost
