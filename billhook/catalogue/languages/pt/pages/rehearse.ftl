## RehearsePage

rehearsal = Ensaio
nothing-is-logged-in-broken = Não se anota nada. A tracejado a sua gémea, por cortar, com o mesmo tempo.
cut-it-again = Cortá-la outra vez
plan-these-cuts = Planear estes cortes
only-the-size-of-this = Desta árvore só se sabe o tamanho. Meça as pernadas principais, ou trace-as sobre uma fotografia, e poderá ensaiar-se.
its-limbs = As pernadas
season = Época
last-drawing = Último desenho
your-cuts = Os seus cortes
touch-a-limb-in-the-first = Toque numa pernada no primeiro desenho onde a cortaria, ou escolha uma aqui. Os anos que vêm respondem logo.
cut-a-limb-off = Cortar uma pernada
choose-a-limb = escolha uma pernada …
keep-as-second-plan = Guardar como segundo plano
second-plan-away = Tirar o segundo plano
other-weather = Outro tempo
bared-bark-whitewashed = casca descoberta caiada
what-comes-of-it = O que resulta
the-red-mark-on-each = A marca vermelha de cada barra é o seu segundo plano.
how-sure-our-estimate = Com que certeza: a nossa estimativa{ $sure }.
a-tree-grows-on-the = Uma árvore cresce no desenho segundo regras do ofício; cada uma está na lista com a sua certeza.
one-year-on = um ano depois
two-years-on = dois anos depois
three-years-on = três anos depois
four-years-on = quatro anos depois
cut-on = cortada em { $day }
years-on = { $k } anos depois
the-same = os mesmos { $ids }
twin = gémea { $height }
crop = colheita
twin-2 = gémea { $twin }
light-inside = luz dentro
twin-3 = gémea { $lightInside }
twin-4 = gémea { $sprouts }
wounds-open = feridas abertas
none-made = nenhuma feita
crop-within = colheita dentro de { $count } %
height-within = altura dentro de { $which }
by-the-weather-of-seasons = , { $size }, { $crop } pelo tempo de { $runs } épocas
shoots = { $ids } rebentos
closed-2 = { $count } fechadas

## MarkRow

the-trunk = O tronco
of-it-stay = ficam { $keep }
off-at-its-collar = tirada no colo
how-much-of-the-stays = Quanto fica de { $limb }
off = Tirar
