# Las frases de las razones. Un valor está por su nombre; un espacio delante se escribe { " " }.
crop-lost = { $taken } cortados cuestan cerca de { $this } de la próxima cosecha, { $following } de la siguiente, { $third-year } de la tercera
crop-lost-ripe = , y { $picked } de la fruta madura que cuelga.
lift-in-pieces = : por trozos, o con cuerda, o dejarlo a quien tenga licencia
lift = Unos { $length } de largo, { $total } con hojas y ramillas; contar con { $lift } en la mano{ $pieces }.
wound-closes = Cierra en unos { $years } años.
wound-too-large = { " " }Mayor de lo que esta especie cierra bien: acortar la rama más afuera, o quitarla en dos años.
chips = { $fresh } kg dan { $chips } m³ de astilla, { $ground } m² con { $depth } cm; devuelven { $returned } g de nitrógeno. Dejar un anillo limpio de { $ring } cm alrededor del tronco.
whitewash-mix = { $area } m² de corteza en { $layers ->
    [one] { $layers } mano
   *[other] { $layers } manos
}: { $mix } litros de mezcla, { $paint } de pintura blanca al agua en { $water } de agua. Sin aceite; seguir la etiqueta, gafas puestas.
dip = { $name }: { $of-stock } ml tal como se compra en { $mix } litros de agua; { $seconds } s mojado. Sirve contra { $against }, no contra { $not-against }. { $care } Antes quitar tierra y savia; decide la etiqueta.
caution-thorns = Espinas de hasta { $thorn }, más largas en los chupones: guantes largos y protección de los ojos.
caution-chainsaw = Motosierra: solo manos formadas, los dos pies en el suelo, nunca por encima del hombro, otra persona al alcance de la voz.
caution-arborist = Esto es trabajo para un arborista con licencia.
caution-weight = Contar con { $lift-kg }: bajarlo por trozos o con cuerda, y todo el mundo al menos a { $away } de distancia.
caution-height = A { $height } del suelo: desde el suelo con pértiga, o en un trípode de huerto. Una escalera recta va cuatro hacia arriba por uno hacia fuera, tres puntos de apoyo, nunca apoyada en la rama que se corta. Primero buscar líneas eléctricas y quedarse al menos a { $clear } de ellas; más cerca decide la compañía eléctrica.
limit-heads-stem = Descabeza el único tallo: se va { $headed } de su largo con todas las hojas que lleva.
limit-free-besides = { $n ->
    [one] Uno de estos cortes es madera muerta, rota o enferma, o un chupón del patrón: no cuesta copa y puede hacerse hoy.
   *[other] { $n } de estos cortes son madera muerta, rota o enferma, o chupones del patrón: no cuestan copa y pueden hacerse hoy.
}
limit-no-canopy = No cuesta copa.
limit-share = { $removed } de la copa.
limit-within = { $removed } de la copa, dentro del { $limit } del { $day }.
limit-put-off = { " " }¿Dejar una parte para el { $opens }?
limit-over = { $removed } de la copa: por encima del { $limit } del { $day } en { $over }.{ $opens }
limit-lowered = Bajado { $drop } de una vez; { $most } al año es lo que un árbol acepta con calma.
wound-larger = Una herida de { $wound } es mayor de lo que esta especie cierra bien ({ $largest }).
fruit-on-it = Lleva { $fruit-lost } frutos: recoger primero.
between-branches = Entre ramas sale un manojo de brotes. Cortar hasta una rama lateral, o en el cuello, si se puede.
third-of-trunk = La herida es más de un tercio del diámetro del tronco: repartir estos cortes entre años.
weak-side-branch = La rama lateral ({ $basem }) es menos de un tercio del corte ({ $wound }): demasiado débil para tomar el relevo, saldrán brotes.
shoots-from-to = { $low } a { $high } brotes
shoots = { $low } brotes
regrowth-sprouts = { $cuts } { $many } { $says }: { $shoots } en cada uno desde cerca del { $starts }, hasta { $length } al final de la temporada. Elegir los que se quedan desde el { $select }.
regrowth-as-expected = como se esperaba
regrowth-stronger = más fuerte de lo que se pensaba
regrowth-weaker = más débil de lo que se pensaba
regrowth-measured = { $length } de rebrote tras { $days } días, se esperaban { $expected }: { $word }, vigor { $vigour } de 5.
droop-beam = Se dobla como una vara redonda que adelgaza, sujeta en la base.
droop-pulled = La rigidez se midió tirando de ella.
droop-lower-bound = Se dobla tanto que la cifra es solo el mínimo del mal: apuntalar, aclarar la fruta o acortar.
share-no-leaf = En este árbol no hay hojas apuntadas, así que no puede darse la parte de la copa; se da la parte de la madera.
share-model = La hoja sigue a la sección: un corte cuesta follaje x diámetro^{ $power }, contra las ramas principales en su base.
whitewash-now = Encalar ahora, antes de cualquier corte, lo que perdió la sombra y es más grueso que un dedo: el tronco todo alrededor, las ramas por arriba, primero el lado { $side }. Es contra el sol, no contra la helada. Pintura blanca al agua de interior, sin aceite, mitad agua; decide la etiqueta, gafas puestas, nada en las heridas que hay que volver a mirar.
cold-by-hours = { $milder } si duró { $short } h, { $possible } si duró { $long } h
cold-any-hours = { $worst }, haya durado { $short } h o { $long } h
cold-unknown-hours = Nadie sabe cuánto duró: { $said }.
cold-possibly = , quizá { $possible }
cold-hurts = { $worst }{ $more }: { $min-c } °C durante { $hours } h dañan { $hurt }. Puede errar { $uncertain } °C a cada lado: decide el propio árbol.
dead-below-union = De debajo del injerto: preguntar de quién es el brote, después a ras de su origen; se busca en cada brotación de dos temporadas.
dead-union-unknown = Mientras no se sepa si vive algo por encima del injerto, los brotes de debajo se quedan: pueden ser todo lo que vive.
dead-only-stock = Solo vive el patrón: sus brotes se quedan hasta decidir si se injerta de nuevo, se conserva o se arranca.
dead-weight-first = Primero el peso: quitar la mitad de fuera, después cortar. { $hand-kg } de madera muerta caen de golpe.
dead-brittle = La madera muerta es quebradiza: no atrapa la sierra pero se parte pronto, y lo que cuelga encima puede venirse con ella.
dead-blade = La hoja en el lado que se queda, el gancho en el lado que cae.
dead-stub = Un tocón que sobresale del cuello se sierra o se rebaja hasta el cuello, no dentro de él, para que pueda cerrar.
dead-hazards = La madera rota que puede caer sale ya, hasta por debajo de la rotura; nada más se corta por ahora.
dead-nothing-broken = No cuelga nada roto. Si algo se rompe, sale ya.
dead-open-now = Abierto ahora
dead-into-green = { $when }: primero el peso, tres cortes en lo que pesa, hasta lo verde, sin tocones; un tocón que sobresale se rebaja hasta el cuello. Las ramillas muertas pueden quedar: dan sombra.
dead-frame = La estructura se termina desde el { $shape-on }, cuando se ha visto lo que vive: un brote fuerte por cada { $spacing } de rama, el resto fuera.
feed-soak-once = Un riego hondo si la tierra está seca a un palmo, después ninguno hasta que brote: las raíces de un árbol sin hojas se pudren en tierra mojada
feed-soak = Regar con { $water } de lo habitual, y solo donde la tierra está seca a un palmo: raíces con poca hoja encima se pudren en tierra mojada
feed-last = , la última antes del { $last }
feed-after-frost = después de la última helada
feed = Sin nitrógeno hasta que los brotes nuevos midan un palmo ({ $nitrogen-growth } cm), después { $nitrogen } de lo habitual en tres o cuatro dosis ligeras{ $last }. { $soak }. Zinc y manganeso solo en la primera brotación completa. Ningún herbicida sistémico debajo esta temporada. Compost bajo la copa y acolchado encima, ambos a un palmo del tronco; quitar los abrigos { $wraps }.
fruit-sell = Vender como siempre, pronto, y volver a mirar en una semana
fruit-juice = Recoger para zumo antes del { $late }, no guardar; lo dañado se seca y cae
fruit-worthless = No vale la pena escoger: lo que cuelga sale con el próximo trabajo, para que no tape madera
fruit-cut-more = { " " }Cortar { $few }, de dentro y de fuera, de arriba y de abajo, para estar más seguro.
fruit-hurt = { $hurt } de { $cut } dañados: { $share }, entre { $low } y { $high } de la cosecha. { $advice }.{ $more }
leader-stock = De debajo del injerto: el patrón. Nunca se cría como árbol.
leader-keep = Todos los brotes fuertes se quedan esta temporada: su hoja alimenta las raíces. En la segunda primavera quedan { $keep }{ $form ->
    [leader] , el primero como guía
   *[other] { "" }
}, atados flojo a un tutor; los chupones del patrón se buscan en cada brotación de dos temporadas.
leader-stakes = Dos tutores al lado del tallo, una atadura floja en el punto más bajo que sujete, para que pueda mecerse; quitar a los { $first } a { $last } meses. Espinas en los brotes: guantes y ojos.
hand-widths = { $near } a { $far } cm
leader-nothing = nada habla mucho a su favor
leader-stake-these = Poner tutor a lo que se cría ({ $names }): atadura floja en el punto más bajo que sujete, suelta para que el tallo se meza.
leader-ties = Mirar las ataduras de { $names }: tiene que caber un dedo debajo.
leader-second-spring = Segunda primavera: dejar { $keep } de los brotes, primero { $names }; uno por cada { $spacing } de rama, el resto fuera.
leader-suckers = Buscar chupones por debajo del injerto; el patrón es lo que más crece ahora.
protect = Puesto antes del { $on }, quitado desde el { $off }, en árboles de hasta { $age } años: { $does }.
frost-alive = Vivo por encima del injerto.
frost-rootstock-only = Solo vive el patrón: injertar de nuevo, sustituir, o conservar el patrón; sus brotes no son el árbol.
frost-wait = Esperar: todavía no se puede decir.
frost-dead = Muerto, por encima y por debajo del injerto.
frost-caution = Lo que es peligro sale ya; la madera muerta es quebradiza, cae sin aviso y no aguanta una escalera, y el suelo helado o empapado se mueve debajo. Ningún herbicida sistémico debajo esta temporada; de los chupones bajo el injerto se pregunta de quién son antes de quitarlos.
frost-class = { $frost-class }, muerto: { $dead }. { $does }.
frost-collapsed = La brotación se vino abajo antes del { $collapsed-on }: un falso arranque. Lo que antes era verde ya no cuenta; raspar de nuevo, más abajo.
frost-look-now = Hace calor desde el { $since }: mirar de nuevo ahora.
frost-look-warm = Mirar de nuevo después de tiempo cálido.
frost-early-green = Verde tan pronto no prueba nada: las ramas débiles brotan de lo que guardaban y se vienen abajo con el primer calor. { $again }
frost-too-early = Demasiado pronto: juzgarlo el { $judge }. Quien corta antes se lleva madera viva, y hace el corte dos veces.
frost-edge-stayed = { " " }(el borde quedó igual en la segunda brotación)
frost-cut = Cortar { $where }, desde el { $cut }{ $held }.
frost-no-cut = Ningún corte: { $where }.
frost-too-late = Después del último corte seguro de esta temporada: la forma espera al { $cut }; solo sale la madera muerta que es peligro.
frost-near-heat = Cerca de la estación calurosa: encalar el mismo día.
recovery-compared = { $trees ->
    [one] { " " }En { $years } años se pierden { $lost } kg recuperándolo, { $lost-new } kg replantando.
   *[other] { " " }{ $trees } árboles, en { $years } años se pierden { $lost } kg recuperándolos, { $lost-new } kg replantando.
}
recovery-from = { " " }desde el { $replant-on }
recovery-must = { " " }{ $must }.
recovery-replant = Replantar{ $when }, a { $near } a { $far } m del hoyo viejo, con la cepa y las raíces gruesas fuera donde hubo gomosis. Preguntar antes si una cuarentena retiene plantas o la especie.{ $why }
recovery-bears = Da como siempre el año que viene.
recovery-bring-back = Recuperarlo, porque cuesta menos fruta que un árbol nuevo.
recovery-between = Entre lo uno y lo otro: esperar a la próxima primavera.
recovery-not-yet = Todavía no se juzga: si se recupera o se planta de nuevo se decide cuando se vea lo que vive.
recovery-nothing-lives = nada del árbol vive por encima del injerto; si el patrón está sano, puede injertarse de nuevo
recovery-too-little-bark = vive menos de { $replant-bark } de la vuelta del tronco
recovery-too-short = su rebrote más largo es demasiado corto medio año después de la última helada
recovery-was-failing = ya iba mal antes de que la helada se llevara la copa
stem-scratch = Raspar el lado { $quarter }.
stem-scratch-edge = Raspar el lado { $middle }: el borde está ahí.
stem-means = Con menos de { $gone } de la vuelta viva se sustituye el árbol; desde { $enough } puede recuperarse.
stem-green = Verde todo alrededor.
stem-brown = Marrón todo alrededor a esta altura.
and-between = { " " }y{ " " }
stem-from-to = de { $from-deg } a { $to-deg }
stem-dead = Muerto { $sides }: vive { $live }% de la vuelta.
keep-on-cluster = A mano, sin contar: { $n ->
    [one] dejar un fruto
   *[other] dejar { $n } frutos
} en cada racimo, los más grandes y sanos que cuelgan separados; primero fuera los pequeños, marcados y dobles.
crop-by-fruit = Por la fruta contada en las ramas, los cortes se llevan { $part } de la cosecha que cuelga, aunque { $share } de la hoja.
crop-by-bloom = Por la flor vista en las ramas, los cortes se llevan { $part } de la cosecha que florece, aunque { $share } de la hoja.
limbs-without-fruit = Las ramas que se cortan no llevan nada de la fruta que se contó: sus días son los de un árbol sin cosecha.
half-of-few = { $lost } de sus { $hung } frutos se van con estos cortes. ¿Es lo que se quiere? Si no, recoger primero, o cortar donde no cuelga ninguno.
mulch-lies = Hay acolchado de { $depth } debajo, y a { $ring } del tronco todo alrededor.
load-clusters = En { $n } racimos sobran { $mean } frutos en cada uno; en { $clusters } racimos son { $total }.
load-count-more = Las cuentas difieren mucho: contar más racimos antes de gastar un día en esto.
load-take-off = quitar{ " " }
load-carries = aguanta lo que cuelga
load-trunk = Un tronco de { $section } cm² en el año { $year-in-ground } aguanta { $limit }, unos { $most } frutos: { $remove }.
ways-from-start = desde el principio
ways-from-year = desde el año { $under }
ways-compared = { $good } { $bad } Cosecha { $crop } de la de un árbol sin cortar, por debajo de { $cap } { $when }.
thirds-limbs = Estos árboles tienen { $scaffolds } ramas principales; un tercio pide tres más o menos iguales.
thirds-rows = Solo { $rows } filas: de ellas no hay un tercio.
thirds-frost-pocket = Una hondonada de helada: todo lo que se cortara a fondo encontraría el frío tierno y bajo.
thirds-too-old = Con { $age-years } años es demasiado viejo para volver desde ramas desnudas.
hedge-every-face = todas las caras cada año
hedge-one-face = una cara de cada fila al año, las dos caras de una calle juntas
hedge-turns = El vigor { $vigour } de 5 empuja unos { $grown } hacia la calle por cada lado: { $turns }. Se buscan frutos y nidos antes de que venga la máquina; nadie en la calle mientras trabaja, primero buscar las líneas eléctricas, y guardar de los postes la distancia propia de la máquina.
wall-bar = una barra de sierras la lleva
wall-by-hand = demasiado gruesa para la barra, a mano hasta una rama lateral
wall-takes = La pared nueva se lleva { $taken } m³ por metro de fila, { $share } de ella y { $part } de los { $depth } de fuera que dan fruta. Madera de hasta { $wood }: { $bar }.
section-width = { $says }, { $least } a { $most }: { $kept }, en { $foot }.
section-leans = { $says }: { $foot } en el pie, { $top } en el hombro.
section-overhangs = { $says }: en el hombro son { $top }, en el pie { $foot }; lo que sobresale da sombra al pie, que se desnuda y deja de dar.
section-rule = { $says }: { $most } aquí; { $kept } en { $peak }.
which-nothing = nada habla a su favor
which-limb = { $name }: { $speaks }; lleva { $fruit } frutos.
which-at-collar = Fuera en el cuello: ninguna rama lateral tan baja tomaría el relevo.
which-to-heir = , hasta { $names }, que toma el relevo
which-no-heir = , donde nada toma el relevo: saldrán brotes, que se aclaran dos veces
which-where = Cortar a { $height } del suelo, a { $keep } a lo largo{ $to }.
bark-burns = se quema donde las máximas llegan a { $sun-half } °C, pintar el mismo día
bark-little = poco; la hoja volverá a darle sombra
bark-sun = { $hours } h de sol de plano después de las once: { $means }.
inner-crown = Dentro de una copa sin cortar (área foliar { $full }) queda { $light } % de la luz; aclarada hasta un área foliar de { $target } son { $thinned } %. La madera florece desde cerca de { $need } %, que un área foliar de { $area } deja pasar.
inner-before-after = Las ramas bajas reciben ahora { $was } % de la luz y después { $now } %; la madera florece desde cerca de { $need } %.
inner-wall = Dentro de una pared llena queda { $left } % de la luz.
rows-wall = { $least } a { $most } h en la pared que mira a { $facing }°
rows-sun = Sol directo el { $day }: { $each }.
left-out-room = No cabe en el { $room } que queda al lado de lo que rinde más.
left-out-pair = Sale el otro de la pareja.
left-out-further-down = Se va con un corte más abajo.
left-out-nothing = No trae nada para este fin.
choice-best = De todos los cortes que caben en { $room }, estos son los que más traen cuando el fin es { $says }.
choice-stages = : en { $stages } etapas, la próxima desde el { $day }
choice-alone = Solo lo que tiene que salir se lleva { $share }, más del { $room } que queda{ $when }.
choice-too-big = Una rama que tiene que salir es más de lo que cabe en ninguna ventana: quitarla en dos veces, primero acortada a la mitad, y ningún otro corte ese año.
skeleton-not-staying = No es de las ramas que se quedan.
skeleton-stays = Se queda, cortada donde tiene { $keep } de grueso.
skeleton-nurse = Madera fina en la parte de fuera de una rama que se queda; lo que está más cerca del tronco se queda como hoja nodriza.
skeleton-limbs = Se quedan { $count } ramas: { $stays }. { $middle }
skeleton-bare = Se verá desnudo: desaparece { $share } de la hoja, palos de hasta { $poles } con puntas cortadas, mechones verdes a las { $green-weeks } semanas, la copa cerrada a las { $closed-seasons } temporadas. Decírselo ya al dueño.
skeleton-crop = Cosecha perdida: { $now } de la que está en curso, { $after } de la temporada siguiente, { $third } de la otra.
skeleton-too-soon = : demasiado pronto, la corteza se quemaría antes de que la hoja le dé sombra
skeleton-sun = Sol fuerte en la corteza desde el { $sun }, dentro de { $days } días{ $soon }. Encalar el mismo día, el tronco todo alrededor y las ramas por arriba.
skeleton-second-spring = Todos los brotes fuertes se quedan esta temporada. En la segunda primavera, hacia el { $second }, aclararlos a uno por cada { $gap } de rama, { $shoots-an-end } en cada punta cortada; chupones del patrón fuera en cada visita de dos temporadas.
skeleton-bearing = Vuelve a dar hacia { $back }; hasta entonces ningún otro corte vivo.
skeleton-vase = En su manera de trabajar se abre el centro: solo en una renovación, y se pinta cada rama que queda desnuda.
skeleton-no-vase = Sin vaso: un árbol de hoja perenne guarda una rama en el centro, para que la corteza tenga sombra.
wall-past = Está { $beyond } fuera de la pared: se va con la pasada.
wall-thick = { $wound } en la pared, más grueso de lo que lleva la barra ({ $most }): a mano, por dentro de la pared.
wall-hole = Está { $beyond } fuera de la pared: hasta una horca muy adentro, un hueco para la luz.
wall-fork = Está { $beyond } fuera de la pared: hasta una horca dentro de ella.
shape-fork = Está { $beyond } fuera de la forma: hasta una horca dentro de ella.
wall-shape = A mano, de vuelta a la forma: { $wall }. Cada rama que sale de ella vuelve hasta una lateral de dentro.
wall-set = pared a { $half } del tronco en el pie, la cima a { $top }
wall-set-out = { " " }Apartada { $set-out }, para que una pasada quepa en { $limit }.
wall-for-the-saw = { $thick ->
    [one] { " " }Queda { $thick } rama para la sierra.
   *[other] { " " }Quedan { $thick } ramas para la sierra.
}
wall-by-machine = A máquina: { $wall }; todo lo que sale de ella se va en una pasada, no se elige yema, y sigue una cáscara de brotes.{ $out }{ $hand }
wall-ragged = A mano, irregular: { $wall }; las ramas de fuera vuelven a horcas a fondos distintos, para que pase la luz y salgan menos brotes. Más lento que la máquina.
pot-windy = , porque es ventoso
pot-holds = Una maceta de { $pot-l } litros sostiene de pie un árbol de { $by-pot }{ $windy }.
pot-room = El sitio de invierno deja { $room } por encima de la maceta, descontado el crecimiento de una temporada.
tips-accident = Tan pocas puntas son un accidente de viento o sol: no quitar nada, volver a mirar en un mes.
tips-early = { $stage ->
    [small_leaves] Visto pronto, cuando las hojas son solo pequeñas: el corte menos hondo.
   *[bare_green] La madera desnuda pero verde todavía vive: sale menos que donde está muerta.
}
tips-last-leaves = Las últimas hojas se quedan: alimentan las raíces que tienen que volver.
heat-feels = Se siente como { $feels } °C: { $says }
heat-foreseen = previstos
heat-usual = de costumbre en esta época
heat-dawn = empezar al amanecer, diez minutos a la sombra de cada dos horas, nadie solo
heat-water = agua a mano y sombra para los descansos
heat-dry = { $air } °C { $said }: { $rest }; ala ancha, cuello y brazos tapados, primero las horas frescas.
ladder = Antes que nada un trípode de huerto. Una escalera recta que toca a { $contact } va { $foot } hacia fuera y mide { $length }; nunca contra la rama que se corta, { $ladder-above } por encima de donde se baja, tres puntos de apoyo.
year-condition = el árbol está { $condition }
year-pot = está en una maceta
year-planted = está en el año { $age } después de plantado
year-young = tiene solo { $age } años
year-no-crop = no lleva cosecha este año
year-neglected = está crecido y descuidado
year-healthy = está crecido y sano
year-at-most = Este año como mucho { $share } de la copa: { $why }.
year-nothing = Este año nada de la copa viva: { $why }.
year-used = { " " }{ $used-share } ya se cortó.
forecast-frost = Se prevé helada de { $tmin } °C para { $when }: ningún corte vivo antes de que pase.
forecast-heat = Se prevén { $tmax } °C para { $when }: ningún corte ahora, corteza y hoja se queman.
forecast-rain = Se prevén { $rain } mm de lluvia para { $when }: la enfermedad se extiende en hojas mojadas.
forecast-unknown = Aquí no hay previsión, y puede venir helada hasta el { $end }: mire la suya y dígalo.
lane-no-pot = No se hace a un árbol en maceta.
lane-too-young = No se hace a un árbol tan joven: formarlo, y dejarle la hoja hasta cerca del { $day }.
lane-small-any-time = Los cortes pequeños de como mucho { $wide } pueden hacerse en cualquier momento mientras el árbol esté sano; los mayores en un día más barato.
lane-small-only = Solo cortes pequeños, como mucho { $small }.
lane-rounds = Ningún día del año deja más que esto de una vez: un corte corriente lleva { $rounds } vueltas de estas.
lane-costs = Un corte ahora cuesta cerca de { $now } de lo que se corta; { $none ->
    [yes] ninguna cosecha
   *[no] cerca de { $then }
} desde el { $day }.
lane-other-days = En su manera de trabajar van antes otros días: el próximo desde el { $day }.
lane-next = El próximo desde el { $day }.
date-unknown = una fecha que no se sabe
year-share-used = La parte de este año está gastada: nada más de la copa viva antes del { $again }.
wanted-pot = A un árbol en maceta se le da forma una vez al año.
wanted-wall = Una pared de seto se mantiene cada año.
wanted-neglected = Descuidado: se renueva por tercios en tres años.
wanted-over-cap = Por encima de la altura deseada, { $cap }.
wanted-thinned = Aclarado por última vez el { $last }.
wanted-wood-first = Un árbol joven hace madera antes que cosecha.
wanted-trained = Un árbol joven se forma una vez al año.
wanted-skirt = Una rama cuelga a { $tip } del suelo sin su cosecha: con ella, hoja y fruta quedan en la tierra.
wanted-in-order = Tan alto como se quiere y en orden: solo puntas y madera muerta, una ventana abierta no es razón para cortar.
shoot-rootstock = Del patrón: sale
shoot-water-sprout = Un chupón del propio árbol
shoot-bearing = Un brote que dará fruta
shoot-unclear = Todavía no está claro
shoot-keep-gap = Dejarlo donde haga falta llenar un hueco, despuntado o doblado; si no, fuera en su origen mientras es pequeño.
shoot-spare = Dejarlo de reserva, o sacar de él un árbol nuevo; quitarlo solo si estorba.
shoot-no-union = Sin injerto: el árbol está sobre sus propias raíces, así que un brote de la base es la misma planta.
shoot-follow = Seguirlo hasta su origen y preguntar qué injerto lo lleva antes de cortar nada.
shoot-several-grafts = Varios injertos en este árbol: las señales se comparan solo con uno. Preguntar de qué injerto nace.
shoot-only-living = Son los únicos brotes vivos del árbol: sin ellos muere.
shoot-rebud = No cortar todavía. ¿Se injertará de nuevo el árbol en este brote, o se sustituirá?
shoot-below-union = Nace por debajo de un injerto bien visto: sale, se parezca a lo que se parezca.
shoot-seen = Por lo que se vio es { $kind ->
    [rootstock_sucker] un chupón del patrón
    [water_sprout] un chupón del propio árbol
   *[scion_shoot] un brote que dará fruta
}.
shoot-leave = Dejarlo: dará fruta.
shoot-vigour = El vigor solo nunca distingue un chupón del patrón de uno del árbol.
shoot-not-clear = Todavía no está claro.
shoot-one-more = { $why } Mirar una cosa más.
shoot-union-off = En el injerto: sale
shoot-union-rub = Nace en el injerto. En su manera de trabajar estos brotes se arrancan, sean de quien sean: un tronco limpio, y ninguna duda después.
shoot-union-keep = Nace en el injerto y es de la variedad plantada. En su manera de trabajar puede quedarse.
shoot-leave-now = Dejarlo por ahora; mirar lo que se pregunta a continuación.
shoot-rub = Arrancarlo con el dedo, con talón y todo; nunca un tocón, nunca pulverizar corteza verde.
shoot-clear-soil = Apartar la tierra con cuidado y cortarlo
shoot-cut-it = Cortarlo
shoot-flush = { $where } a ras de su origen; nunca un tocón, nunca pulverizar corteza verde.
clue-thorny-kind = { $asks } Esta especie ya tiene espinas, así que no dice nada.
clue-neither = { $asks } { $word }: ni el patrón apuntado ni la especie apuntada tienen una hoja así. ¿Qué está mal, el patrón o la especie? La hoja vale más que la etiqueta.
again-in-order = Un árbol en orden se vuelve a mirar a los tres meses.
again-after-found = La próxima vuelta, tres meses después de esta.
again-before-flush = Mirar de nuevo antes de la próxima brotación: los chupones son pequeños entonces.
look-sucker-left = Si se deja, un chupón del patrón es tan grueso como un pulgar en { $months } meses, se lleva lo que mandan las raíces y da la fruta del patrón: al final la variedad plantada se seca.
look-frost = La helada lo dañó: la madera no se da por muerta antes del { $waiting-until }. Ramas rotas y chupones del patrón pueden salir.
look-at-most = Como mucho { $most }
look-from-to = { $least } a { $most }
look-tips = { $much } de sus { $height }, hasta un brote lateral vivo: queda con { $left } de alto. La madera de más de dos años tarda en brotar en maceta, así que ningún corte por debajo del brote más bajo con hojas.
look-by-hand = con la mano
look-pole = con pértiga
look-ladder = solo desde una escalera
look-over = por encima de eso
look-under = por debajo de eso
look-cap = { " " }Se quiere de { $cap } de alto: { $where }.
look-reach = { $height } de alto: se llega a su cima { $by } (mano { $reach }, pértiga { $pole }).{ $cap }
look-tractor = basta para un tractor
look-on-foot = basta a pie, no para un tractor
look-too-little = poco para andar y trabajar
look-clear = { $spread } de ancho: una fila igual al lado deja { $clear } libres, { $word }.
crop-given-of = , { $lost } de lo que cuelga
crop-given = La cosecha que se da: { $lost } frutos{ $share }; la falda vuelve a dar más arriba en uno o dos años.
bends-expected = como se esperaba de su madera
bends-times = { $ratio } veces lo que su madera suele doblar
bends-less = menos de lo que su madera suele
bends = Bajó { $drop } con { $mass }: se dobla { $word }. Lo que ceden las otras se calcula con eso.
for-the-sum = Para la cuenta, { $message }.
thin-fruit = Quitar unos { $remove } frutos, entre { $remove-low } y { $remove-high } en diecinueve casos de veinte.
measure-trunk = Medir el tronco por encima del injerto: de ahí sale cuánto puede llevar.
winter-room = El sitio de invierno { $message }.
pot-too-tall = Le sobran { $shorten } para { $by }: acortarlo hasta { $cap } en su ventana, no más de un tercio de una vez.
pot-weighs = Regado pesa cerca de { $weight }
pot-two-people = : dos personas o una carretilla.
pot-in = { " " }Dentro antes del
pot-out = { " " }Fuera desde el
pot-on-day = { $words } { $day }.
pot-shade = { " " }Después { $shade-weeks } semanas de sombra, espesa al principio.
low-branch-waits = { $form ->
    [tree] Como árbol
    [bush] Como mata
   *[leader] Como árbol de una guía
}, su rama más baja queda a { $height } del suelo. Una rama baja que espera engorda cerca de { $wait } al año, y su herida también.
one-branch = Una rama
branches = { $low } ramas
form-of-block = Se pregunta una vez: vale para los { $n } árboles de la parcela. Un árbol que va por su camino lo dice en su propia página.
low-branches = { $form ->
    [tree] Como árbol
    [bush] Como mata
   *[leader] Como árbol de una guía
}, su rama más baja queda a { $height } del suelo. { $branches } por debajo cuestan hoy { $now } de la hoja y heridas de hasta { $wounds }; dejadas un año, { $later } y { $wounds-later }. Van por etapas, como mucho la mitad de una vez.
tie-off = Una holgura de { $gap } ya está cerrada: la atadura sale hoy, y se pone otra con un dedo de holgura si todavía hace falta.
tie-until = Con { $gap } de holgura, y un tronco que engorda cerca de { $rate } al mes mientras crece, tiene que salir antes del { $off }; mirar de nuevo { $look }.
clear-below = Por debajo de { $clear } nada se queda para siempre; lo que es más grueso que { $at } sale, el resto alimenta el tronco un año más.
stands-tall = { " " }Mide { $height } de alto.
first-pinch = Primer despunte entre { $low } y { $high }.{ $stands }
lags = Mide { $height } de alto, sus iguales de la fila { $rowean } de media: va atrasado.
neighbour = { $name }, a { $distance } hacia el { $bearing-deg }
neighbour-shade = , y echa allí su sombra
neighbour-outgrown = Sobrepasa a { $where } ({ $height }){ $shade }: los dos se llevan como uno, así que se baja primero este, hasta cerca de eso.
neighbour-before = está al sol delante de él
neighbour-outgrows = lo sobrepasa
neighbour-lower = { $where } ({ $height }) { $shade }: bajar primero ese, hasta cerca de la altura de este, y respetar la hoja de este.
neighbour-balance = En equilibrio con { $where }.
tip-on-ground = en el suelo
tip-up = a { $tip-height-loaded } del suelo
tip-hangs = Su punta cuelga a { $tip } del suelo, { $end } con { $load } de fruta; se quieren { $clear }.
skirt-clear = La falda cargada cuelga a { $height } del suelo: { $says }.
year-overrun = En { $year } se fueron { $done-share }, más de los { $budget } que el árbol aguanta en un año. No es una desgracia: responde con chupones y da menos una temporada o dos. Pintar la corteza que ve sol nuevo, elegir entre los chupones cuando midan un palmo, y el año que viene quitar solo chupones del patrón y madera muerta.
pace = Las visitas llevaron { $pace } veces los minutos calculados: planes y hojas cuentan ahora con eso.
shade-cure = { " " }Con { $lower } m dejaría { $wanted } h, { $gain } h más, y daría cerca de { $share } de su propia hoja.
shade-taken = { $by } quita { $lost } de las { $hours } h de sol a las ramas bajas de { $name }.{ $cure }
plan-not-today = Hoy no: desde el { $opens }. Este es el plan de ese día. { $why }
bared-paint = pintarla el mismo día
bared-leaf = la hoja volverá a darle sombra
bared = La corteza desnuda en { $names } recibe { $hours } h de sol de plano hacia el { $on }: { $does }.
one-pass = Recoger y cortar en una pasada: primero la fruta de las ramas que salen, después el corte.
one-pass-kg = , unos { $kg } de ella
one-pass-machine = la fruta{ $about } antes de la barra, cajas y restos en lados opuestos
one-pass-limbs = la fruta{ $about } de las ramas que salen, después el corte
one-pass-block = { $due ->
    [one] { $due } árbol está maduro y abierto
   *[other] { $due } árboles están maduros y abiertos
} al corte: recoger y cortar en una pasada, { $how }.
no-forecast = Sin previsión: helada y calor se juzgan solo por las medias. Mire su propia previsión antes de cortar.
task-late = { " " }Va con retraso.
task-put-off = { " " }Aplazado: { $why }.
task-due = Para el { $due } tras { $after ->
    [frost] la helada
   *[work] el último trabajo
}.{ $late }{ $put }
sheet-open-already = Ya hay una hoja suya abierta.
sheet-nothing-to-cut = Por ahora no hay nada que cortar en él.
sheet-open = Su hoja de cortes del { $day } está abierta.
found-on = Hallado al mirarlo el { $day }.
suckers-seen = Se vieron chupones por debajo del injerto: salen cualquier día, cuanto antes mejor.
dead-marked = Hay ramas muertas marcadas: fuera hasta una unión viva en un día seco.
flush-starts = Empieza una brotación hacia el { $end }: los chupones son pequeños ahora y se arrancan con el dedo.
frost-foreseen = Se prevé helada el { $night }, la más fría en { $block }
frost-to-judge = { $n ->
    [one] Un árbol pide ser juzgado tras la helada del { $night }
   *[other] { $n } árboles piden ser juzgados tras la helada del { $night }
}
forecast-closes = La previsión cierra esta ventana.
left-out-more = { $share } es más del { $most } que este trabajo puede llevarse ese día.
shoot-not-yet = No cortar todavía
leader-for = { $good }.
leader-for-but = { $good }; pero { $weak }.
from-day = Desde el { $day }
nothing = nada
unknown = no se sabe
tips-do = { $does }.
heir-steep = empinada
heir-slanting = inclinada
heir-flat = tendida
bud-under = de abajo
bud-outer = de fuera
feed-wraps = desde el { $day }
named-on-walk = Dicho en la vuelta.
rubs-worn = Roza con { $limb } a { $out }, y su propia corteza está gastada.
rubs-inward = Roza con { $limb } a { $out }, y crece hacia dentro.
rubs-thinner = Roza con { $limb } a { $out }, y es la más fina.
rubbed = La otra de la pareja: está mejor puesta que { $limb }.
parallel-lower = Corre por debajo de { $limb } y pierde antes la luz: sale la de abajo.
parallel-upper = La de arriba de la pareja sobre { $limb }.
below-cluster = A { $along } nacen { $shoots } brotes: cortar por debajo del manojo.
in-cluster = Uno de { $shoots } del mismo punto; los mejor puestos: { $limb }.
drawn-dead = Dibujada como { $state ->
    [dead] muerta
    [broken] rota
   *[diseased] enferma
}.
tuft = Poca hoja para su madera: { $leaf } de lo que su grueso podría llevar.
sprout-upright = Derecho hacia arriba en una rama principal.
starts-below-union = Nace por debajo del injerto o en la tierra.
low-branch-thickest = De las más gruesas por debajo de la rama más baja que se queda.
over-cap-sets = Es la cima: { $top }, y se quieren { $cap }.
over-cap-stands = Está por encima de la altura deseada: { $top }, y se quieren { $cap }.
wide-aim = Llega a { $reach }; se quieren { $wanted } desde el tronco.
wide = Llega a { $reach }; { $wanted } estaría a la par de las otras.
most-upright = La más derecha y fuerte de las ramas principales.
left-out-others = Los otros cortes de su género se llevan lo que este trabajo puede ese día.
left-out-by-you = lo quitó usted
traced = De la imagen: { $height } de alto, { $across } de ancho.
traced-flat = Nadie dijo a qué distancia estaba: lo que está más cerca parece mayor de lo que es. Diga la distancia, y los tamaños salen más ciertos.
counted = Cerca de { $share } de la copa, entre { $low } y { $high }: por la sección de lo que se corta contra la del tronco.
counted-mass = La pieza más pesada pesa cerca de { $heaviest }; contar con { $twice } para sujetarla. Sin fruta.
counted-over = Por encima del { $limit } de hoy en { $over }.
counted-may-be-over = Puede pasar del { $limit } de hoy: hasta { $high }.
recipe = Para { $aim }: cerca de { $share } del { $limit } de hoy. Nada más grueso que { $thickest }, un tercio del tronco. Contar lo que se quita; parar donde se llega al límite.
recipe-above = { $where }, por encima de { $height }
stairs = { $visits ->
    [one] Una visita lo lleva de { $now } a { $wanted }, el { $day }.
   *[other] { $visits } visitas lo llevan de { $now } a { $wanted }, la última el { $day }.
}
grown-unmeasured = { $start ->
   *[cut] { $was } tras el corte del { $day }
    [measured] { $was } el { $day }
  }. Nadie ha medido desde entonces; se esperan ya { $expected } más.
grown = { $start ->
   *[cut] { $was } tras el corte del { $day }
    [measured] { $was } el { $day }
  }, { $now } el { $on }. Son { $grew } { $way ->
   *[taller] más
    [lower] menos
  }; se esperaban cerca de { $expected }, { $beside ->
   *[as] como hace un árbol de este vigor
    [more] así que crece más de lo que se pensaba
    [less] así que crece menos de lo que se pensaba
  }.
stairs-low-enough = No pasa de { $wanted }.
stairs-too-few = Estos días lo llevan de { $now } a { $lowest }, no a { $wanted }: más visitas, o una renovación.
recipe-none = { $aim }: esto no puede decirse contando. Dibujar el árbol, o trazarlo sobre una foto, y planearlo rama a rama.
climate-of = { $name }: { $zone }, a { $latitude }° del ecuador.
climate-by-latitude = { $name }: solo por la latitud; el mapa no llega hasta aquí.
climate-of-zone = La zona { $zone } baja a cerca de { $low } °C en un año normal: lo más cercano es { $name }.
aim-from-ground = se recoge desde el suelo
renewal-first = Primero recoger lo que cuelga y sacar la madera muerta, después volver a mirar: puede que sea otra rama la que salga.
aim-full = Dejado en paz llega a cerca de { $low } a { $high }{ $on }.{ $need }
aim-on-stock = { " " }sobre { $name }
aim-no-topping = { " " }Si se quiere más alto que eso, no hace falta bajarlo.
aim-over-weeks = por vueltas con trípode, porque su fruta cuelga semanas
aim-by-rows = { $share } de la distancia entre filas
aim-from-step = se recoge desde un escalón
aim-with-pole = se recoge con pértiga
aim-off-top = { $share } de la cima
shoot-how-raised = Su patrón no está apuntado, y se miró una cosa. De semilla o de estaca no lo tiene, y el brote es suyo.
shoot-say-how-raised = Decir cómo se crió el árbol, o mirar una cosa más.
whip-small = Todavía no: dejar todas las hojas hasta que mida { $low }. Con poca luz solo crece fino: primero más luz.
whip-pinch = El primer corte se hace entre { $low } y { $high }, para que las ramas salgan donde se quieren.
whip-leaf = Se lleva { $leaf } de su hoja; el resto alimenta lo que brota debajo.
whip-below-leaves = Por debajo de todas sus hojas: se van { $leaf }. Puede brotar de las cicatrices de las hojas caídas, o morir; dejar alguna hoja bajo el corte.
whip-node = Cortar { $above } por encima de una hoja o de una yema. Sin hojas, buscar la cicatriz que dejó una: una media luna en la corteza con una yema en su esquina.
whip-after = Justo debajo brotan de dos a cuatro en unas semanas. Dejarlos todos hasta que midan un palmo, después quedan tres que apunten alrededor del tallo a alturas distintas; nada más esta temporada.
need-on = el { $day }
need-from = desde el { $day }
need-late = con retraso, desde el { $day }
need-by = antes del { $day }
need-dry-day = cualquier día seco
need-any-day = cualquier día
crew-left-closed = Ninguna semana está abierta para esto.
crew-left-nobody = Nadie con horas puede { $skills }.
crew-left-hours = No quedan horas para esto.
crew-left-dearer = Cualquier semana cuesta más que dejarlo.
crew-cost = Los cortes cuestan hasta { $crops } de un árbol.
crew-served = Por orden de llegada costaría { $crops } más.
crew-more = Una hora más rinde lo máximo con { $who } en la semana del { $day }.
crew-later-same = Esperar no pierde nada.
crew-later-costs = Hecho después cuesta cerca de { $crops } más.
crew-later-closed = Después no vuelve a estar abierto en un año.
work-begins = Empieza.
import-reading = Leyendo la lista
import-drawing = Dibujando un contorno de cada árbol
import-keeping = Poniendo los árboles en su sitio
import-wrong = { $n ->
    [one] Una cosa de la lista hay que corregirla; no se guardó nada.
   *[other] { $n } cosas de la lista hay que corregirlas; no se guardó nada.
}
import-good = { $n ->
    [one] La lista está en orden: un árbol.
   *[other] La lista está en orden: { $n } árboles.
}
import-made = { $n ->
    [one] Ahora hay allí un árbol.
   *[other] Ahora hay allí { $n } árboles.
}
sheets-planning = Planeando los cortes de cada árbol
sheets-made = { $n ->
    [0] No se hizo ninguna hoja.
    [one] Se hizo una hoja.
   *[other] Se hicieron { $n } hojas.
}
season-gathering = Juntando el trabajo de los meses
weeks-gathering = Juntando el trabajo de las semanas
weeks-placing = Repartiéndolo
package-tables = Escribiendo las tablas del paquete
package-photos = Escribiendo sus fotos
package-reading = Leyendo las tablas
restore-unpacking = Desempaquetando
restore-checking = Comprobándolo hasta la última línea
moved-slipped = Estaba planeado para una semana que pasó, y no está hecho.
moved-away = Hay menos horas en esa semana que cuando se guardó el plan.
moved-closed = Esa semana está ahora cerrada para esto.
moved-fixed = Está fijado ahí a mano.
moved-room = Deja sitio a otro trabajo.
moved-new = No se sabía de él cuando se guardó el plan.
moved-gone = Está hecho, o ya no se quiere.
moved-left = Ya no cabe.
move-costs = Cuesta { $crops } más de un árbol.
move-saves = Ahorra { $crops } de un árbol.
move-same = No cuesta cosecha.
move-leaves = { $hours } h de otro trabajo ya no caben.
sample-told = Media de { $what } hasta ahora { $mean }; con estos árboles se sabe a ± { $about } en nueve casos de diez, con uno más a ± { $more }.
sample-share = Media de { $what }: con estos árboles se sabe a ± { $about } de sí misma en nueve casos de diez, con uno más a ± { $more }.
sample-all = Media de { $what }: se sabe sin error, porque todos los árboles están medidos.
backup-none = Todavía no hay copia de seguridad; la primera se hace en los diez minutos después de empezar.
backup-failed = No se pudo hacer la última copia de seguridad: { $why }.
backup-late = La última copia de seguridad tiene { $days } días. Se hace una cada día mientras Billhook está en marcha.
backup-there = La última copia de seguridad es del { $day }.
backup-opened = La última copia de seguridad es del { $day }. Se abrió y está entera: { $trees ->
    [one] un árbol.
   *[other] { $trees } árboles.
}
role-owner = Dueño: todo, quién puede entrar, y las copias de seguridad.
role-manager = Encargado: planea, trae y saca listas, corrige lo que otros escribieron.
role-helper = Ayudante: mira, marca cortes, cuenta, hace fotos, escribe lo que se hizo; ve las filas dadas a su nombre, o todas donde no hay ninguna dada.
role-viewer = Lector: lee, y no cambia nada.
grow-headed = Cortado entre ramas, despiertan sus últimas yemas: { $n ->
    [0] ningún brote halló luz
    [one] un brote
   *[other] { $n } brotes
}, tan derechos como antes; lo usual son { $low } a { $high }.
grow-to-side-branch = Cortado hasta una rama lateral que toma el relevo: { $n ->
    [0] ningún brote nuevo
    [one] un brote nuevo
   *[other] { $n } brotes nuevos
} junto al corte; lo usual son { $low } a { $high }.
grow-collar = Fuera en su cuello: { $n ->
    [0] no sale ningún brote
    [one] sale un brote pequeño
   *[other] salen { $n } brotes pequeños
}, lo usual son { $low } a { $high }. Un tocón habría guardado sus yemas.
grow-origin = Fuera en su origen: { $n ->
    [0] no vuelve ninguno
   *[other] puede volver uno
} (lo usual son { $low } a { $high }); mirar de nuevo en una temporada.
grow-over-budget = Se fueron { $removed }, más de los { $budget } de un año: las raíces empujan { $n ->
    [one] un chupón
   *[other] { $n } chupones
} en las ramas que quedaron.
grow-burnt = Se fueron { $removed } de una vez y la corteza quedó desnuda al sol de { $hot } °C: se quema en { $n ->
    [one] una rama principal
   *[other] { $n } ramas principales
}. Encalar el mismo día la salva.
grow-frost = Helada de { $min-c } °C el { $day }, clase { $worst }: se pierde { $lost } de la hoja.
grow-shade = Con menos de { $limit } de la luz del cielo durante { $seasons } temporadas mueren ramillas de dentro en { $n ->
    [one] una rama
   *[other] { $n } ramas
}: { $lost } de la hoja.
grow-suckers = { $n ->
    [one] Un chupón
   *[other] { $n } chupones
} de debajo del injerto { $n ->
    [one] creció { $gain } y se lleva
   *[other] crecieron { $gain } y se llevan
} { $takes } de la hoja de la copa.
grow-price = { $share } de la copa el { $day } se lleva { $price } de lo que se corta.
grow-sum-crop = Se da { $lost } de la cosecha de { $year }{ $gains ->
    [yes] { " " }y se recoge más que el gemelo en { $more }
   *[no] { "" }
}. En { $seasons ->
    [one] una temporada
   *[other] { $seasons } temporadas
} da { $total } cosechas, su gemelo { $twin }.
grow-sum-height = Mide { $now } después de los cortes y { $then } en { $year }; su gemelo entonces { $twin }. La luz en sus ramas bajas es entonces { $light } de la del cielo, en el gemelo { $dark }.
grow-sum-work = Más chupones entre los que elegir: { $n }, en { $year }; unos { $minutes } minutos.
practice-missed = Quedó en pie: { $name }. { $why }
practice-not-needed = Cortado, pero debía quedarse: { $name }. { $why }
practice-place = { $name }: { $whole ->
    [yes] cortado a { $kept } donde debía salir entero
   *[no] cortado a { $kept } donde lo correcto era { $right }
}. { $why }
practice-besides = { $name } no necesitaba corte; cuesta { $share } de la copa.
practice-early = Correcto o no, { $weeks ->
    [one] una semana
   *[other] { $weeks } semanas
} antes de tiempo: { $why } Desde el { $better } es correcto.
practice-shut = Correcto o no, no el { $day }: { $why } El { $better } era un buen día para eso.
practice-waited = Hoy era un buen día para eso; esperar lo deja crecer.
practice-over = Se fueron { $share } de la copa, y un año deja { $budget }. Siguen chupones.
practice-danger = No se buscó: { $what }
practice-choice-wait = dejarlo hoy, y esperar
practice-choice-off = quitar { $names }
practice-choice-head =
    acortar { $names } { $part ->
        [third] un tercio
       *[half] la mitad
    }
value-crops = { $part ->
    [none] ninguna cosecha
    [twentieth] un vigésimo de cosecha
    [tenth] una décima parte de cosecha
    [fifth] un quinto de cosecha
    [quarter] un cuarto de cosecha
    [third] un tercio de cosecha
    [half] media cosecha
    [two-thirds] dos tercios de cosecha
    [three-quarters] tres cuartos de cosecha
    [whole] una cosecha entera
   *[more] { $n } cosechas
}
verdict-head = { $status ->
    [go] Se puede hacer
    [light] Solo cortes pequeños
    [wait] Esperar
   *[stop] No hacerlo
}, { $day }
verdict-cost = { $none ->
    [yes] no cuesta cosecha
   *[no] cuesta cerca de { $crops } de lo que se corta
}
verdict-forecast = ¿Se prevé helada en los próximos 14 días? Sin respuesta: esperar{ $until }
verdict-until = , hasta el { $day }
verdict-most = { $head }: { $half ->
    [yes] como mucho la mitad de sus brotes
   *[no] como mucho { $share }
}
verdict-and = { $most }, y { $cost }
verdict-now = { $head }: un corte ahora { $cost }; { $none ->
    [yes] ninguna cosecha
   *[no] cerca de { $then }
} desde el { $day }
verdict-next = { $head }: el próximo el { $day }
button-picked = Recogida hoy
button-no-fruit = Sin fruta este año
button-under-cover = Está bajo cubierto
button-no-frost = Sin helada en 14 días
button-frost = Se prevé helada
button-went-out = Salió hoy
button-came-in = Entró hoy
button-show-day = Ver el día en que abre
ask-first-flowers = ¿Cuándo abrieron sus primeras flores?
ask-last-picked = ¿Cuándo se recogió la última fruta?
ask-first-branches = ¿A qué altura se quieren sus primeras ramas?
ask-last-flush = ¿Cuándo brotó el año pasado?
scratch-here = Raspar ahora aquí, del ancho de una uña.
scratch-at-base = Una más en la base, para probarlo.
scratch-green = Verde hasta la punta: ningún corte.
scratch-too-early = Apuntado. Es demasiado pronto para cortar: el borde todavía puede moverse.
scratch-no-green = Nada de verde: fuera en su base.
scratch-cut = Cortar a { $cut }, { $to ->
    [branch] hasta la rama lateral viva que hay ahí
   *[green] dentro de lo verde
}.{ $mixed ->
    [yes] { " " }Hay verde más allá de lo marrón, así que se corta por debajo del marrón más bajo.
   *[no] { "" }
}

# Cómo se llaman las ramas, y dónde y cómo se cortan.
limb-main = { $which ->
    [only] rama al { $way }
    [lower] rama al { $way }, la de abajo
    [upper] rama al { $way }, la de arriba
   *[nth] rama al { $way }, la { $which }
}
limb-shoot = { $which ->
    [only] vara al { $way }
    [lower] vara al { $way }, la de abajo
    [upper] vara al { $way }, la de arriba
   *[nth] vara al { $way }, la { $which }
}
limb-side = { $which ->
    [only] rama lateral hacia el { $way }, en la { $bearer }
    [lower] rama lateral hacia el { $way }, la de abajo, en la { $bearer }
    [upper] rama lateral hacia el { $way }, la de arriba, en la { $bearer }
   *[nth] rama lateral hacia el { $way }, la { $which }, en la { $bearer }
}
limb-sucker = { $nth ->
    [only] chupón al { $way }
   *[other] chupón { $nth } al { $way }
}
limb-nth = { $n ->
    [1] primera
    [2] segunda
    [3] tercera
    [4] cuarta
    [5] quinta
    [6] sexta
    [7] séptima
    [8] octava
   *[other] { $n }.ª
}
fork-nth = { $n ->
    [1] primera
    [2] segunda
    [3] tercera
    [4] cuarta
    [5] quinta
    [6] sexta
   *[other] { $n }.ª
}
limb-unknown-shoot = { $nth ->
    [only] brote al pie, al { $way }
   *[other] brote { $nth } al pie, al { $way }
}
cut-at-trunk = el tronco, a { $length } del suelo
cut-at-soil = { $limb }, sale del suelo, quitar en su origen
cut-at-origin = { $limb }, a { $under } por debajo del injerto, quitar en su origen
cut-at-collar = { $limb }, quitar en su cuello
cut-along = { $way ->
    [along] a { $length } por la { $limb }
    [down] a { $length } bajando por la { $limb }
   *[up] a { $length } subiendo por la { $limb }
}
cut-to-fork = { $where }, hasta la { $nth } horquilla
cutting-finger = Se arranca con el dedo; nunca un tocón, nunca clavando en el tronco, nunca con herbicida.
cutting-origin = Cortar a ras donde nace, junto a la corteza; nunca un tocón, nunca clavando en el tronco, nunca con herbicida.
cutting-collar = Justo fuera del cuello hinchado, nunca dentro; sin tocón.
cutting-junction = Hasta la { $branch } viva; sin cortar su cuello.
cutting-side-branch = Hasta la { $branch } ({ $mm } frente a un corte de { $wound }), con el corte inclinado al lado contrario.
cutting-some-branch = rama lateral
cutting-sheared = A ras de la pared del seto.
cutting-bud = Justo por encima de una hoja, yema o nudo, a { $slope }° hacia el lado contrario; tocón de { $stub } como mucho.
cutting-square = A escuadra, donde está marcado.
cutting-long = { $cuts ->
    [2] Pesada: primero un corte largo, luego el corte cerca. { $step }
   *[other] Tres cortes: uno por debajo a un palmo, otro por arriba un poco más afuera, y luego el corte limpio. { $step }
}

# Clases de trabajo: en una frase, y sobre su fila del año.
work-of = { $work ->
    [sucker] chupones del patrón
    [sprout] chupones de la copa
    [sanitation] madera muerta y rota
    [fruit] quitar fruta
    [skirt] las faldas
    [thin] ramas enteras
    [height] bajar y despuntar
    [hedge] la pared del seto
    [shear] un seto formal
    [tip] puntas
    [renewal] un tercio del árbol
    [skeleton] una poda de esqueleto
    [pot] el árbol en maceta
   *[young] formar un árbol joven
}
work-lane = { $work ->
    [sucker] Chupones bajo el injerto
    [sprout] Chupones de la copa
    [sanitation] Muerto y roto
    [fruit] Quitar fruta
    [skirt] Faldas
    [thin] Aclarar, ramas enteras
    [height] Bajar, despuntar
    [hedge] Pared del seto
    [shear] Recortar un seto formal
    [tip] Puntas
    [renewal] Renovar por tercios
    [skeleton] Poda de esqueleto
    [pot] Árbol en maceta
   *[young] Formar un árbol joven
}
cost-none = no cuesta cosecha
cost-about = cuesta cerca de { $crops } de lo que se corta
# Lo que un árbol necesita ahora.
need-odd = No se puede calcular: algo en su ficha no cuadra. Ábrala y mire.
need-sheet = La hoja de cortes del { $day } está abierta
need-suckers = { $n ->
    [one] Un chupón bajo el injerto: quitar, cualquier día
   *[other] { $n } chupones bajo el injerto: quitar, cualquier día
}
need-suckers-alike = Chupones bajo el injerto: quitar, cualquier día
need-dead = { $n ->
    [one] Una rama muerta: quitar, cualquier día seco
   *[other] { $n } ramas muertas: quitar, cualquier día seco
}
need-dead-alike = Ramas muertas: quitar, cualquier día seco
need-due = { $what }, antes del { $day }
need-half-shoots = , la mitad de los brotes como mucho
need-at-most = , { $most } como mucho
need-until = { " " }hasta el { $day }
need-cost = ; { $cost }
need-opens = , la próxima vez el { $day }
need-go = { $what }: adelante{ $limit }{ $until }{ $cost }
need-dear = { $what }: esperar, ahora { $cost }{ $opens }
need-not-yet = { $status ->
    [light] { $what }: solo cortes pequeños{ $limit }{ $opens }
    [wait] { $what }: esperar{ $opens }
   *[stop] { $what }: no{ $opens }
}
# Trabajos de Hoy.
item-suckers = Chupones bajo el injerto, quitar en su origen
item-dead = Ramas muertas, quitar en un día seco
item-sweep = Mirar bajo el injerto antes de la brotación
item-half-shoots = { $work }, la mitad de los brotes como mucho
item-share = { $work }, hasta { $share }
item-too-late = { $work }: ya es tarde esta temporada
late-small-cuts = Hasta entonces, cortes pequeños de { $share } como mucho.
late-no-cut = Hasta entonces, ningún corte.
late-next = La próxima vez desde el { $day }.
late-closed = Mire en el calendario del año qué lo cierra.
# A favor de qué habla una respuesta sobre un brote.
clue-speaks = { $says ->
    [nothing] { $asks } { $word }: no dice nada para esta pareja.
    [clearly-stock] { $asks } { $word }: habla claramente a favor del patrón.
    [clearly-own] { $asks } { $word }: habla claramente a favor del propio árbol.
    [some-stock] { $asks } { $word }: habla a favor del patrón.
   *[some-own] { $asks } { $word }: habla a favor del propio árbol.
}
# Lo que vale una mirada después de una helada.
look-too-early = Demasiado pronto para decir algo: mire otra vez el { $day }.
look-false-start = Un falso arranque: se vino abajo antes del { $day }.
look-provisional = { $means }. Provisional: mire otra vez después de los primeros días de calor, habituales desde el { $hot }, y el { $judge }.
# Sucesos de un año de crecimiento.
season-event = { $event ->
    [first-flush] primera brotación
    [later-flush] brotación posterior
    [bloom] flor
    [set-and-drop] cuajado y caída
    [harvest] cosecha
    [frost-likely] helada probable
    [strong-sun-on-bark] sol fuerte en la corteza
    [hot-season] época de calor
    [last-safe-hard-cut] último corte fuerte seguro
    [last-safe-light-cut] último corte ligero seguro
    [carry-out] sacar afuera
    [carry-in] meter dentro
    [bloom-buds-form] se forman las yemas de flor
    [carry-out-into-shade] sacar afuera, a la sombra
    [cool-nights-that-make-bloom] noches frescas que hacen flor
    [cool-that-makes-bloom] frío que hace flor
    [no-nitrogen] sin nitrógeno
   *[sucker-sweep] repaso de chupones
}
shoot-rake = Rastrille la base y mire si hay serpientes o avispas antes de meter las manos.
shoot-thorns = Espinas: póngase guantes y gafas; las de un patrón son más largas que las del propio árbol.
item-finish-sheet = Terminar la hoja de cortes abierta
frost-from = { $what ->
    [judge] Juzgar desde el { $day }
    [cut] cortar desde el { $day }
   *[look-again] mirar otra vez desde el { $day }
}
frost-now = { $what ->
    [judge] Juzgar ahora
    [cut] cortar ahora
   *[look-again] mirar otra vez ahora
}
sheet-tree-line = { $stock ->
    [none] { $kind }, plantado { $year }
   *[other] { $kind } sobre { $stock }, plantado { $year }
}
ask-how-many = ¿Cuántos?
ask-which-kind = ¿Qué especie de árbol?
ask-own-kind = «{ $word }» no se conoce aquí. Elija una especie o haga de ella una especie propia.
ask-drops-leaves = «{ $word }» pierde la hoja; Billhook es para árboles que la conservan. Sus fechas serían falsas.
ask-planted-when = ¿En qué año se plantó, o qué edad tiene?
ask-pot-size = ¿De qué tamaño es la maceta?
ask-which-lime = ¿Qué lima: persa (Tahití) o mexicana?
ask-which-orange = ¿Qué naranjo: uno dulce (Valencia, Hamlin, sanguina) o un navel?
ask-which-lemon = ¿Cuál: limonero (fruto amarillo), lima persa (Tahití) o limón mexicano?
remedy-pick-first = Coseche antes lo que cuelga de las ramas que corta.
remedy-say-bloomed = Diga cuándo floreció.
remedy-say-went-out = Diga el día en que salió.
remedy-say-carried-in = Diga el día en que se metió dentro.
remedy-say-carried-out = Diga el día en que se sacó.
remedy-look-at-forecast = Mire el pronóstico de los próximos 14 días: ¿anuncia helada?
scenario-ordinary = Un año corriente, con sus heladas y olas de calor
scenario-frost = Una helada dentro de diez días
scenario-heat = Una ola de calor dentro de cuatro días
scenario-wet = Lluvia mañana y pasado mañana
scenario-clear = Tres semanas sin helada, calor ni lluvia
station-foresees-nothing = Sin pronóstico: no hay conectada ninguna estación que prevea. Helada y calor se juzgan solo por las medias; mire su propio pronóstico.
station-simulated = estación simulada
station-brought-in = días traídos como CSV
origin-climate = el clima «{ $climate }»
origin-station = estación { $first } a { $last }, { $years } años enteros, helada con { $risk } de riesgo
origin-typed = escritas
sure-published = publicado
sure-common-practice = práctica común entre agricultores
sure-from-memory = menos seguro: compruébelo en sus árboles
sure-our-rule = puesto por Billhook
label-rule = Regla para { $works }: { $says }
