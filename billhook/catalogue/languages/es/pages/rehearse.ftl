## RehearsePage

rehearsal = Ensayo
nothing-is-logged-in-broken = No se anota nada. A trazos su gemelo, sin cortar, con el mismo tiempo.
cut-it-again = Cortarlo otra vez
plan-these-cuts = Planear estos cortes
only-the-size-of-this = De este árbol solo se sabe el tamaño. Mida sus ramas principales, o trácelas sobre una foto, y se podrá ensayar.
its-limbs = Sus ramas
season = Temporada
last-drawing = Último dibujo
your-cuts = Sus cortes
touch-a-limb-in-the-first = Toque una rama en el primer dibujo donde la cortaría, o elija una aquí. Los años que vienen responden enseguida.
cut-a-limb-off = Cortar una rama
choose-a-limb = elija una rama …
keep-as-second-plan = Guardar como segundo plan
second-plan-away = Quitar el segundo plan
other-weather = Otro tiempo
bared-bark-whitewashed = corteza descubierta encalada
what-comes-of-it = Lo que resulta
the-red-mark-on-each = La marca roja de cada barra es su segundo plan.
how-sure-our-estimate = Cómo de seguro: nuestra estimación{ $sure }.
a-tree-grows-on-the = Un árbol crece en el dibujo según reglas del oficio; cada una está en la lista con lo segura que es.
one-year-on = un año después
two-years-on = dos años después
three-years-on = tres años después
four-years-on = cuatro años después
cut-on = cortado el { $day }
years-on = { $k } años después
the-same = los mismos { $ids }
twin = gemelo { $height }
crop = cosecha
twin-2 = gemelo { $twin }
light-inside = luz dentro
twin-3 = gemelo { $lightInside }
twin-4 = gemelo { $sprouts }
wounds-open = heridas abiertas
none-made = ninguna hecha
crop-within = cosecha dentro de un { $count } %
height-within = altura dentro de { $which }
by-the-weather-of-seasons = , { $size }, { $crop } por el tiempo de { $runs } temporadas
shoots = { $ids } brotes
closed-2 = { $count } cerradas

## MarkRow

the-trunk = El tronco
of-it-stay = quedan { $keep }
off-at-its-collar = quitada en su cuello
how-much-of-the-stays = Cuánto queda de { $limb }
off = Quitar
