# As frases das razões. Um valor está pelo seu nome; um espaço à frente escreve-se { " " }.
crop-lost = { $taken } cortados custam cerca de { $this } da próxima colheita, { $following } da seguinte, { $third-year } da terceira
crop-lost-ripe = , e { $picked } da fruta madura que está na árvore.
lift-in-pieces = : aos pedaços, ou com corda, ou deixar a quem tem licença
lift = Cerca de { $length } de comprido, { $total } com folhas e raminhos; contar com { $lift } na mão{ $pieces }.
wound-closes = Fecha em cerca de { $years } anos.
wound-too-large = { " " }Maior do que esta espécie fecha bem: encurtar o ramo mais por fora, ou tirá-lo em dois anos.
chips = { $fresh } kg dão { $chips } m³ de estilha, { $ground } m² com { $depth } cm; devolvem { $returned } g de azoto. Deixar um anel limpo de { $ring } cm à volta do tronco.
whitewash-mix = { $area } m² de casca em { $layers ->
    [one] { $layers } demão
   *[other] { $layers } demãos
}: { $mix } litros de mistura, { $paint } de tinta branca de água em { $water } de água. Sem óleo; seguir o rótulo, óculos postos.
dip = { $name }: { $of-stock } ml tal como se compra em { $mix } litros de água; { $seconds } s molhado. Serve contra { $against }, não contra { $not-against }. { $care } Antes tirar terra e seiva; decide o rótulo.
caution-thorns = Espinhos até { $thorn }, mais compridos nos ladrões: luvas compridas e proteção dos olhos.
caution-chainsaw = Motosserra: só mãos treinadas, os dois pés no chão, nunca acima do ombro, outra pessoa ao alcance da voz.
caution-arborist = Isto é trabalho para um arborista credenciado.
caution-weight = Contar com { $lift-kg }: descer aos pedaços ou com corda, e toda a gente pelo menos a { $away } de distância.
caution-height = A { $height } do chão: do solo com vara, ou num tripé de pomar. Uma escada direita fica quatro para cima por um para fora, três pontos de apoio, nunca encostada à pernada que se corta. Primeiro procurar linhas elétricas e ficar pelo menos a { $clear } delas; mais perto decide a companhia elétrica.
limit-heads-stem = Decapita a única haste: vai { $headed } do comprimento com todas as folhas que tem.
limit-free-besides = { $n ->
    [one] Um destes cortes é madeira morta, partida ou doente, ou um ladrão do porta-enxerto: não custa copa e pode fazer-se hoje.
   *[other] { $n } destes cortes são madeira morta, partida ou doente, ou ladrões do porta-enxerto: não custam copa e podem fazer-se hoje.
}
limit-no-canopy = Não custa copa.
limit-share = { $removed } da copa.
limit-within = { $removed } da copa, dentro dos { $limit } de { $day }.
limit-put-off = { " " }Adiar uma parte para { $opens }?
limit-over = { $removed } da copa: acima dos { $limit } de { $day } em { $over }.{ $opens }
limit-lowered = Baixada { $drop } de uma vez; { $most } por ano é o que uma árvore aceita com calma.
wound-larger = Uma ferida de { $wound } é maior do que esta espécie fecha bem ({ $largest }).
fruit-on-it = Tem { $fruit-lost } frutos: colher primeiro.
between-branches = Entre ramos nasce um molho de ladrões. Cortar até uma ramificação, ou no colo, se for possível.
third-of-trunk = A ferida é mais de um terço do diâmetro do tronco: repartir cortes destes por vários anos.
weak-side-branch = A ramificação ({ $basem }) tem menos de um terço do corte ({ $wound }): fraca de mais para tomar o lugar, virão ladrões.
shoots-from-to = { $low } a { $high } rebentos
shoots = { $low } rebentos
regrowth-sprouts = { $cuts } { $many } { $says }: { $shoots } em cada um a partir de cerca de { $starts }, até { $length } no fim da estação. Escolher os que ficam a partir de { $select }.
regrowth-as-expected = como se esperava
regrowth-stronger = mais forte do que se pensava
regrowth-weaker = mais fraca do que se pensava
regrowth-measured = { $length } de rebentação após { $days } dias, esperavam-se { $expected }: { $word }, vigor { $vigour } de 5.
droop-beam = Dobra como uma vara redonda que afina, presa na base.
droop-pulled = A rigidez foi medida pela puxada.
droop-lower-bound = Dobra tanto que o número é só o mínimo do mal: escorar, mondar a fruta ou encurtar.
share-no-leaf = Nesta árvore não há folhas registadas, por isso não se pode dar a parte da copa; dá-se a parte da madeira.
share-model = A folha segue a secção: um corte custa folhagem x diâmetro^{ $power }, contra as pernadas na base.
whitewash-now = Caiar agora, antes de qualquer corte, o que perdeu a sombra e é mais grosso que um dedo: o tronco a toda a volta, as pernadas por cima, primeiro do lado { $side }. É contra o sol, não contra a geada. Tinta branca de água para interiores, sem óleo, metade água; decide o rótulo, óculos postos, nada nas feridas que é preciso voltar a ver.
cold-by-hours = { $milder } se durou { $short } h, { $possible } se durou { $long } h
cold-any-hours = { $worst }, tenha durado { $short } h ou { $long } h
cold-unknown-hours = Ninguém sabe quanto tempo durou: { $said }.
cold-possibly = , talvez { $possible }
cold-hurts = { $worst }{ $more }: { $min-c } °C durante { $hours } h fazem mal a { $hurt }. Pode errar { $uncertain } °C para cada lado: decide a própria árvore.
dead-below-union = De baixo do enxerto: perguntar de quem é o rebento, depois rente na origem; procura-se em cada rebentação de duas estações.
dead-union-unknown = Enquanto não se souber se vive algo acima do enxerto, os rebentos de baixo ficam: podem ser tudo o que vive.
dead-only-stock = Só vive o porta-enxerto: os rebentos ficam até se decidir enxertar de novo, mantê-lo ou arrancá-lo.
dead-weight-first = Primeiro o peso: tirar a metade de fora, depois cortar. { $hand-kg } de madeira morta caem de uma vez.
dead-brittle = A madeira morta é quebradiça: não prende o serrote mas estala cedo, e o que está por cima pode vir com ela.
dead-blade = A lâmina do lado que fica, o gancho do lado que cai.
dead-stub = Um toco que sai do colo serra-se ou rebaixa-se até ao colo, não para dentro dele, para que possa fechar.
dead-hazards = Madeira partida que possa cair sai já, até abaixo da quebra; mais nada se corta por agora.
dead-nothing-broken = Não há nada partido nela. Se algo se partir, sai já.
dead-open-now = Aberto agora
dead-into-green = { $when }: primeiro o peso, três cortes no que pesa, até ao verde, sem tocos; um toco saliente rebaixa-se até ao colo. Os raminhos mortos podem ficar: dão sombra.
dead-frame = A estrutura acaba-se a partir de { $shape-on }, quando se viu o que vive: um rebento forte por cada { $spacing } de ramo, o resto fora.
feed-soak-once = Uma rega funda se a terra estiver seca a um palmo, depois nenhuma até rebentar: as raízes de uma árvore sem folhas apodrecem em terra molhada
feed-soak = Regar com { $water } do costume, e só onde a terra está seca a um palmo: raízes com pouca folha por cima apodrecem em terra molhada
feed-last = , a última até { $last }
feed-after-frost = depois da última geada
feed = Sem azoto até os rebentos novos terem um palmo ({ $nitrogen-growth } cm), depois { $nitrogen } do costume em três ou quatro doses leves{ $last }. { $soak }. Zinco e manganês só na primeira rebentação completa. Nenhum herbicida sistémico debaixo dela nesta estação. Composto debaixo da copa e palha por cima, ambos a um palmo do tronco; tirar as proteções { $wraps }.
fruit-sell = Vender como sempre, em breve, e voltar a ver daqui a uma semana
fruit-juice = Colher para sumo até { $late }, não guardar; o que está ferido seca e cai
fruit-worthless = Não vale a pena escolher: o que está na árvore sai com o próximo trabalho, para não esconder madeira
fruit-cut-more = { " " }Cortar { $few }, de dentro e de fora, de cima e de baixo, para ter mais certeza.
fruit-hurt = { $hurt } de { $cut } feridos: { $share }, entre { $low } e { $high } da colheita. { $advice }.{ $more }
leader-stock = De baixo do enxerto: o porta-enxerto. Nunca se cria como árvore.
leader-keep = Todos os rebentos fortes ficam nesta estação: a folha deles alimenta as raízes. Na segunda primavera ficam { $keep }{ $form ->
    [leader] , o primeiro como guia
   *[other] { "" }
}, presos com atilho mole a uma estaca; os ladrões do porta-enxerto procuram-se em cada rebentação de duas estações.
leader-stakes = Duas estacas ao lado da haste, um atilho mole no ponto mais baixo que segure, para que possa balançar; tirar passados { $first } a { $last } meses. Espinhos nos rebentos: luvas e olhos.
hand-widths = { $near } a { $far } cm
leader-nothing = nada fala muito por ele
leader-stake-these = Estacar o que se cria ({ $names }): atilho mole no ponto mais baixo que segure, solto o bastante para a haste balançar.
leader-ties = Ver os atilhos em { $names }: tem de caber um dedo por baixo.
leader-second-spring = Segunda primavera: deixar { $keep } dos rebentos, primeiro { $names }; um por cada { $spacing } de ramo, o resto fora.
leader-suckers = Procurar ladrões abaixo do enxerto; o porta-enxerto é o que mais cresce agora.
protect = Posto até { $on }, tirado a partir de { $off }, em árvores até { $age } anos: { $does }.
frost-alive = Viva acima do enxerto.
frost-rootstock-only = Só vive o porta-enxerto: enxertar de novo, substituir, ou manter o porta-enxerto; os rebentos dele não são a árvore.
frost-wait = Esperar: ainda não se pode dizer.
frost-dead = Morta, acima e abaixo do enxerto.
frost-caution = O que é perigo sai já; a madeira morta é quebradiça, cai sem aviso e não aguenta uma escada, e o chão gelado ou encharcado mexe-se debaixo dela. Nenhum herbicida sistémico debaixo da árvore nesta estação; dos ladrões abaixo do enxerto pergunta-se de quem são antes de saírem.
frost-class = { $frost-class }, morto: { $dead }. { $does }.
frost-collapsed = A rebentação caiu até { $collapsed-on }: falso arranque. O que antes estava verde já não conta; raspar de novo, mais abaixo.
frost-look-now = Faz calor desde { $since }: olhar de novo agora.
frost-look-warm = Olhar de novo depois de tempo quente.
frost-early-green = Verde tão cedo não prova nada: ramos fracos rebentam do que tinham guardado e caem com o primeiro calor. { $again }
frost-too-early = Cedo de mais: julgar em { $judge }. Quem corta antes leva madeira viva, e faz o corte duas vezes.
frost-edge-stayed = { " " }(a fronteira ficou no mesmo sítio na segunda rebentação)
frost-cut = Cortar { $where }, a partir de { $cut }{ $held }.
frost-no-cut = Nenhum corte: { $where }.
frost-too-late = Depois do último corte seguro desta estação: a forma espera por { $cut }; só sai a madeira morta que é perigo.
frost-near-heat = Perto da estação quente: caiar no mesmo dia.
recovery-compared = { $trees ->
    [one] { " " }Em { $years } anos perdem-se { $lost } kg recuperando-a, { $lost-new } kg replantando.
   *[other] { " " }{ $trees } árvores, em { $years } anos perdem-se { $lost } kg recuperando-as, { $lost-new } kg replantando.
}
recovery-from = { " " }a partir de { $replant-on }
recovery-must = { " " }{ $must }.
recovery-replant = Replantar{ $when }, a { $near } a { $far } m da cova antiga, com a copa velha e as raízes grossas fora onde houve gomose. Perguntar antes se uma quarentena retém plantas ou a espécie.{ $why }
recovery-bears = Dá como de costume no próximo ano.
recovery-bring-back = Recuperar, porque custa menos fruta do que uma árvore nova.
recovery-between = Entre uma coisa e outra: esperar pela próxima primavera.
recovery-not-yet = Ainda não se julga: se se recupera ou se planta de novo decide-se quando se vir o que vive.
recovery-nothing-lives = nada da árvore vive acima do enxerto; se o porta-enxerto estiver são, pode enxertar-se de novo
recovery-too-little-bark = vive menos de { $replant-bark } da volta do tronco
recovery-too-short = a rebentação mais comprida é curta de mais meio ano depois da última geada
recovery-was-failing = já ia mal antes de a geada lhe levar a copa
stem-scratch = Raspar o lado { $quarter }.
stem-scratch-edge = Raspar o lado { $middle }: a fronteira está aí.
stem-means = Com menos de { $gone } da volta viva substitui-se a árvore; a partir de { $enough } pode recuperar-se.
stem-green = Verde a toda a volta.
stem-brown = Castanho a toda a volta nesta altura.
and-between = { " " }e{ " " }
stem-from-to = de { $from-deg } a { $to-deg }
stem-dead = Morto { $sides }: vive { $live }% da volta.
keep-on-cluster = À mão, sem contar: { $n ->
    [one] deixar um fruto
   *[other] deixar { $n } frutos
} em cada cacho, os maiores e sãos que estão afastados; primeiro saem os pequenos, marcados e gémeos.
crop-by-fruit = Pela fruta contada nos ramos, os cortes levam { $part } da colheita que está na árvore, embora { $share } da folha.
crop-by-bloom = Pela flor vista nos ramos, os cortes levam { $part } da colheita que floresce, embora { $share } da folha.
limbs-without-fruit = Os ramos que se cortam não têm nada da fruta que se contou: os dias deles são os de uma árvore sem colheita.
half-of-few = { $lost } dos seus { $hung } frutos vão com estes cortes. É isso que se quer? Senão colher primeiro, ou cortar onde não há nenhum.
mulch-lies = Palha com { $depth } de altura debaixo dela, e a { $ring } do tronco a toda a volta.
load-clusters = Em { $n } cachos há a mais { $mean } frutos em cada um; em { $clusters } cachos são { $total }.
load-count-more = As contagens diferem muito: contar mais cachos antes de gastar um dia nisto.
load-take-off = tirar{ " " }
load-carries = aguenta o que tem
load-trunk = Um tronco de { $section } cm² no ano { $year-in-ground } aguenta { $limit }, cerca de { $most } frutos: { $remove }.
ways-from-start = desde o início
ways-from-year = a partir do ano { $under }
ways-compared = { $good } { $bad } Colheita { $crop } da de uma árvore por cortar, abaixo de { $cap } { $when }.
thirds-limbs = Estas árvores têm { $scaffolds } pernadas; um terço pede três mais ou menos iguais.
thirds-rows = Só { $rows } linhas: delas não há um terço.
thirds-frost-pocket = Uma cova de geada: tudo o que se cortasse a fundo apanharia o frio tenro e baixo.
thirds-too-old = Com { $age-years } anos é velha de mais para voltar de pernadas nuas.
hedge-every-face = todas as faces todos os anos
hedge-one-face = uma face de cada linha por ano, as duas faces de uma entrelinha juntas
hedge-turns = O vigor { $vigour } de 5 empurra cerca de { $grown } para a entrelinha de cada lado: { $turns }. Procuram-se frutos e ninhos antes de vir a máquina; ninguém na entrelinha enquanto trabalha, primeiro procurar as linhas elétricas, e guardar dos postes a distância própria da máquina.
wall-bar = uma barra de serras leva-a
wall-by-hand = grossa de mais para a barra, à mão até uma ramificação
wall-takes = A nova parede leva { $taken } m³ por metro de linha, { $share } dela e { $part } dos { $depth } de fora que dão fruta. Madeira até { $wood }: { $bar }.
section-width = { $says }, { $least } a { $most }: { $kept }, em { $foot }.
section-leans = { $says }: { $foot } no pé, { $top } no ombro.
section-overhangs = { $says }: no ombro são { $top }, no pé { $foot }; o que pende tapa o sol ao pé, que fica nu e deixa de dar.
section-rule = { $says }: { $most } aqui; { $kept } em { $peak }.
which-nothing = nada fala por ele
which-limb = { $name }: { $speaks }; tem { $fruit } frutos.
which-at-collar = Fora no colo: nenhuma ramificação tão baixa tomaria o lugar.
which-to-heir = , até { $names }, que toma o lugar
which-no-heir = , onde nada toma o lugar: virão rebentos, que se desbastam duas vezes
which-where = Cortar a { $height } do chão, a { $keep } ao longo do ramo{ $to }.
bark-burns = queima onde as máximas chegam a { $sun-half } °C, pintar no mesmo dia
bark-little = pouco; a folha volta a dar-lhe sombra
bark-sun = { $hours } h de sol a pique depois das onze: { $means }.
inner-crown = Dentro de uma copa por cortar (área foliar { $full }) sobra { $light } % da luz; desbastada até à área foliar { $target } são { $thinned } %. A madeira floresce a partir de cerca de { $need } %, que uma área foliar de { $area } deixa passar.
inner-before-after = Os ramos de baixo recebem agora { $was } % da luz e depois { $now } %; a madeira floresce a partir de cerca de { $need } %.
inner-wall = Dentro de uma parede cheia sobra { $left } % da luz.
rows-wall = { $least } a { $most } h na parede virada a { $facing }°
rows-sun = Sol direto em { $day }: { $each }.
left-out-room = Não cabe nos { $room } que sobram ao lado do que rende mais.
left-out-pair = Sai o outro do par.
left-out-further-down = Vai com um corte mais abaixo.
left-out-nothing = Não traz nada para este fim.
choice-best = De todos os cortes que cabem em { $room }, estes são os que mais trazem quando o fim é { $says }.
choice-stages = : em { $stages } fases, a próxima a partir de { $day }
choice-alone = Só o que tem de sair leva { $share }, mais do que os { $room } que sobram{ $when }.
choice-too-big = Uma pernada que tem de sair é mais do que cabe em qualquer janela: tirá-la em duas vezes, primeiro encurtada a metade, e nenhum outro corte nesse ano.
skeleton-not-staying = Não é das pernadas que ficam.
skeleton-stays = Fica, cortada onde tem { $keep } de grossura.
skeleton-nurse = Madeira fina na parte de fora de uma pernada que fica; o que está mais perto do tronco fica como folha de ama.
skeleton-limbs = Ficam { $count } pernadas: { $stays }. { $middle }
skeleton-bare = Vai parecer nua: desaparece { $share } da folha, paus até { $poles } com pontas cortadas, tufos verdes ao fim de { $green-weeks } semanas, a copa fechada ao fim de { $closed-seasons } estações. Dizer já ao dono.
skeleton-crop = Colheita perdida: { $now } da que está em curso, { $after } da estação seguinte, { $third } da outra.
skeleton-too-soon = : cedo de mais, a casca queimava antes de a folha lhe dar sombra
skeleton-sun = Sol forte na casca a partir de { $sun }, daqui a { $days } dias{ $soon }. Caiar no mesmo dia, o tronco a toda a volta e as pernadas por cima.
skeleton-second-spring = Todos os rebentos fortes ficam nesta estação. Na segunda primavera, por { $second }, desbastar até um por cada { $gap } de pernada, { $shoots-an-end } em cada ponta cortada; ladrões do porta-enxerto fora em cada visita de duas estações.
skeleton-bearing = Volta a dar por { $back }; até lá nenhum outro corte vivo.
skeleton-vase = Na sua maneira de trabalhar abre-se o meio: só numa renovação, e pinta-se cada pernada que fica nua.
skeleton-no-vase = Sem vaso: uma árvore de folha perene guarda uma pernada no meio, para a casca ter sombra.
wall-past = Está { $beyond } para fora da parede: vai com a passagem.
wall-thick = { $wound } na parede, mais grosso do que a barra leva ({ $most }): à mão, por dentro da parede.
wall-hole = Está { $beyond } para fora da parede: até uma forquilha bem dentro, um buraco para a luz.
wall-fork = Está { $beyond } para fora da parede: até uma forquilha dentro dela.
shape-fork = Está { $beyond } para fora da forma: até uma forquilha dentro dela.
wall-shape = À mão, de volta à forma: { $wall }. Cada ramo de fora volta até uma ramificação de dentro.
wall-set = parede a { $half } do tronco no pé, o topo a { $top }
wall-set-out = { " " }Afastada { $set-out }, para uma passagem caber em { $limit }.
wall-for-the-saw = { $thick ->
    [one] { " " }Sobra { $thick } ramo para o serrote.
   *[other] { " " }Sobram { $thick } ramos para o serrote.
}
wall-by-machine = À máquina: { $wall }; tudo o que sai dela vai numa passagem, não se escolhe gomo, e segue-se uma casca de rebentos.{ $out }{ $hand }
wall-ragged = À mão, irregular: { $wall }; os ramos de fora voltam a forquilhas a fundos diferentes, para a luz passar e virem menos rebentos. Mais lento do que a máquina.
pot-windy = , porque é ventoso
pot-holds = Um vaso de { $pot-l } litros segura de pé uma árvore de { $by-pot }{ $windy }.
pot-room = O lugar de inverno deixa { $room } acima do vaso, descontado o crescimento de uma estação.
tips-accident = Tão poucas pontas são acaso de vento ou sol: não tirar nada, voltar a ver daqui a um mês.
tips-early = { $stage ->
    [small_leaves] Visto cedo, só com folhas pequenas: o corte menos fundo.
   *[bare_green] Madeira nua mas verde ainda vive: sai menos do que onde está morta.
}
tips-last-leaves = As últimas folhas ficam: alimentam as raízes que têm de voltar.
heat-feels = Sente-se como { $feels } °C: { $says }
heat-foreseen = previstos
heat-usual = do costume nesta altura
heat-dawn = começar ao nascer do dia, dez minutos à sombra em cada duas horas, ninguém sozinho
heat-water = água à mão e sombra para os descansos
heat-dry = { $air } °C { $said }: { $rest }; chapéu de aba, pescoço e braços tapados, primeiro as horas frescas.
ladder = Antes de tudo um tripé de pomar. Uma escada direita que toca a { $contact } fica { $foot } para fora e tem { $length } de comprido; nunca contra a pernada que se corta, { $ladder-above } acima de onde se sai, três pontos de apoio.
year-condition = a árvore está { $condition }
year-pot = está num vaso
year-planted = está no ano { $age } depois de plantada
year-young = tem só { $age } anos
year-no-crop = não tem colheita este ano
year-neglected = está crescida e desleixada
year-healthy = está crescida e sã
year-at-most = Este ano no máximo { $share } da copa: { $why }.
year-nothing = Este ano nada da copa viva: { $why }.
year-used = { " " }{ $used-share } já foram cortados.
forecast-frost = Prevê-se geada de { $tmin } °C para { $when }: nenhum corte vivo antes de passar.
forecast-heat = Preveem-se { $tmax } °C para { $when }: nenhum corte agora, casca e folha queimam.
forecast-rain = Preveem-se { $rain } mm de chuva para { $when }: a doença espalha-se em folhas molhadas.
forecast-unknown = Aqui não há previsão, e pode vir geada até { $end }: veja a sua e diga.
lane-no-pot = Não se faz a uma árvore em vaso.
lane-too-young = Não se faz a uma árvore tão nova: formá-la, e deixar-lhe a folha até cerca de { $day }.
lane-small-any-time = Cortes pequenos de no máximo { $wide } fazem-se em qualquer altura enquanto a árvore está sã; os maiores num dia mais barato.
lane-small-only = Só cortes pequenos, no máximo { $small }.
lane-rounds = Nenhum dia do ano deixa mais do que isto de uma vez: um corte normal leva { $rounds } voltas destas.
lane-costs = Um corte agora custa cerca de { $now } do que se corta; { $none ->
    [yes] nenhuma colheita
   *[no] cerca de { $then }
} a partir de { $day }.
lane-other-days = Na sua maneira de trabalhar vêm primeiro outros dias: o próximo a partir de { $day }.
lane-next = O próximo a partir de { $day }.
date-unknown = uma data que não se sabe
year-share-used = A parte deste ano está gasta: mais nada da copa viva antes de { $again }.
wanted-pot = Uma árvore em vaso leva forma uma vez por ano.
wanted-wall = Uma parede de sebe mantém-se todos os anos.
wanted-neglected = Desleixada: renova-se aos terços em três anos.
wanted-over-cap = Acima da altura desejada, { $cap }.
wanted-thinned = Desbastada pela última vez em { $last }.
wanted-wood-first = Uma árvore nova faz madeira antes de colheita.
wanted-trained = Uma árvore nova forma-se uma vez por ano.
wanted-skirt = Um ramo pende a { $tip } do chão sem a sua fruta: com ela, folha e fruta ficam na terra.
wanted-in-order = Tão alta como se quer e em ordem: só pontas e madeira morta, uma janela aberta não é razão para cortar.
shoot-rootstock = Do porta-enxerto: sai
shoot-water-sprout = Um ladrão da própria árvore
shoot-bearing = Um rebento que vai dar fruta
shoot-unclear = Ainda não está claro
shoot-keep-gap = Ficar onde falta encher um vazio, despontado ou dobrado; senão fora na origem enquanto é pequeno.
shoot-spare = Ficar de reserva, ou fazer dele uma árvore nova; tirá-lo só se estorvar.
shoot-no-union = Sem enxerto: a árvore está nas próprias raízes, por isso um rebento da base é a mesma planta.
shoot-follow = Segui-lo até à origem e perguntar que enxerto o tem, antes de cortar seja o que for.
shoot-several-grafts = Vários enxertos nesta árvore: os sinais só se comparam com um. Perguntar de que enxerto nasce.
shoot-only-living = São os únicos rebentos vivos da árvore: sem eles morre.
shoot-rebud = Ainda não cortar. Vai enxertar-se a árvore de novo neste rebento, ou substituir-se?
shoot-below-union = Nasce abaixo de um enxerto bem visto: sai, seja o que for que pareça.
shoot-seen = Pelo que se viu é { $kind ->
    [rootstock_sucker] um ladrão do porta-enxerto
    [water_sprout] um ladrão da própria árvore
   *[scion_shoot] um rebento que vai dar fruta
}.
shoot-leave = Deixar: vai dar fruta.
shoot-vigour = Só o vigor nunca distingue um ladrão do porta-enxerto de um da árvore.
shoot-not-clear = Ainda não está claro.
shoot-one-more = { $why } Olhar a mais uma coisa.
shoot-union-off = No enxerto: sai
shoot-union-rub = Nasce no enxerto. Na sua maneira de trabalhar estes rebentos arrancam-se, sejam de quem forem: um tronco limpo, e nenhuma dúvida depois.
shoot-union-keep = Nasce no enxerto e é da variedade plantada. Na sua maneira de trabalhar pode ficar.
shoot-leave-now = Deixar por agora; olhar ao que se pergunta a seguir.
shoot-rub = Arrancar com o dedo, com talão e tudo; nunca um toco, nunca pulverizar casca verde.
shoot-clear-soil = Afastar a terra com jeito e cortar
shoot-cut-it = Cortar
shoot-flush = { $where } rente na origem; nunca um toco, nunca pulverizar casca verde.
clue-thorny-kind = { $asks } Esta espécie já tem espinhos, por isso não diz nada.
clue-neither = { $asks } { $word }: nem o porta-enxerto registado nem a espécie registada têm uma folha assim. O que está errado, o porta-enxerto ou a espécie? A folha vale mais do que a etiqueta.
again-in-order = Uma árvore em ordem volta a ver-se passados três meses.
again-after-found = A próxima volta, três meses depois desta.
again-before-flush = Voltar a ver antes da próxima rebentação: nessa altura os ladrões são pequenos.
look-sucker-left = Deixado, um ladrão do porta-enxerto fica da grossura de um polegar em { $months } meses, leva o que as raízes mandam e dá a fruta do porta-enxerto: no fim a variedade plantada seca.
look-frost = A geada feriu-a: não se chama morta à madeira antes de { $waiting-until }. Ramos partidos e ladrões do porta-enxerto podem sair.
look-at-most = No máximo { $most }
look-from-to = { $least } a { $most }
look-tips = { $much } dos seus { $height }, até um rebento lateral vivo: fica com { $left } de altura. Madeira com mais de dois anos custa a rebentar em vaso, por isso nenhum corte abaixo do rebento mais baixo com folhas.
look-by-hand = com a mão
look-pole = com vara
look-ladder = só de escada
look-over = acima disso
look-under = abaixo disso
look-cap = { " " }Quer-se com { $cap } de altura: { $where }.
look-reach = { $height } de altura: chega-se ao topo { $by } (mão { $reach }, vara { $pole }).{ $cap }
look-tractor = chega para um trator
look-on-foot = chega a pé, não para um trator
look-too-little = pouco para andar e trabalhar
look-clear = { $spread } de largura: uma linha igual ao lado deixa { $clear } livres, { $word }.
crop-given-of = , { $lost } do que está na árvore
crop-given = A colheita que se dá: { $lost } frutos{ $share }; a saia volta a dar mais acima em um ou dois anos.
bends-expected = como se esperava da sua madeira
bends-times = { $ratio } vezes o que a sua madeira costuma dobrar
bends-less = menos do que a sua madeira costuma
bends = Desceu { $drop } com { $mass }: dobra { $word }. O vergar dos outros calcula-se com isso.
for-the-sum = Para a conta, { $message }.
thin-fruit = Tirar cerca de { $remove } frutos, entre { $remove-low } e { $remove-high } em dezanove casos de vinte.
measure-trunk = Medir o tronco acima do enxerto: daí sai quanto pode aguentar.
winter-room = O lugar de inverno { $message }.
pot-too-tall = Tem { $shorten } a mais para { $by }: encurtar até { $cap } na sua janela, não mais de um terço de uma vez.
pot-weighs = Regado pesa cerca de { $weight }
pot-two-people = : duas pessoas ou um carrinho.
pot-in = { " " }Para dentro até
pot-out = { " " }Para fora a partir de
pot-on-day = { $words } { $day }.
pot-shade = { " " }Depois { $shade-weeks } semanas de sombra, espessa ao princípio.
low-branch-waits = { $form ->
    [tree] Como árvore
    [bush] Como moita
   *[leader] Como árvore de uma guia
}, o ramo mais baixo fica a { $height } do chão. Um ramo baixo que espera engrossa cerca de { $wait } por ano, e a ferida também.
one-branch = Um ramo
branches = { $low } ramos
form-of-block = Pergunta-se uma vez: vale para as { $n } árvores do talhão. Uma árvore que vai por outro caminho diz isso na sua página.
low-branches = { $form ->
    [tree] Como árvore
    [bush] Como moita
   *[leader] Como árvore de uma guia
}, o ramo mais baixo fica a { $height } do chão. { $branches } abaixo disso custam hoje { $now } da folha e feridas até { $wounds }; deixados um ano, { $later } e { $wounds-later }. Vão por fases, no máximo metade de uma vez.
tie-off = Uma folga de { $gap } já está fechada: o atilho sai hoje, e põe-se outro com um dedo de folga se ainda for preciso.
tie-until = Com { $gap } de folga, e um tronco que engrossa cerca de { $rate } por mês enquanto cresce, tem de sair até { $off }; voltar a ver { $look }.
clear-below = Abaixo de { $clear } nada fica para sempre; o que é mais grosso que { $at } sai, o resto alimenta o tronco mais um ano.
stands-tall = { " " }Tem { $height } de altura.
first-pinch = Primeira desponta entre { $low } e { $high }.{ $stands }
lags = Tem { $height } de altura, as iguais da linha { $rowean } em média: está atrasada.
neighbour = { $name }, a { $distance } para { $bearing-deg }
neighbour-shade = , e deita lá a sua sombra
neighbour-outgrown = Passa por cima de { $where } ({ $height }){ $shade }: as duas tratam-se como uma, por isso baixa-se primeiro esta, até perto disso.
neighbour-before = está ao sol à frente dela
neighbour-outgrows = passa por cima dela
neighbour-lower = { $where } ({ $height }) { $shade }: baixar primeiro essa, até perto da altura desta, e poupar a folha desta.
neighbour-balance = Em equilíbrio com { $where }.
tip-on-ground = no chão
tip-up = a { $tip-height-loaded } do chão
tip-hangs = A ponta pende a { $tip } do chão, { $end } com { $load } de fruta; querem-se { $clear }.
skirt-clear = A saia carregada pende a { $height } do chão: { $says }.
year-overrun = Em { $year } foram { $done-share }, mais do que os { $budget } que a árvore aguenta num ano. Não é desgraça: responde com ladrões e dá menos uma estação ou duas. Pintar a casca que vê sol novo, escolher entre os ladrões quando tiverem um palmo, e no próximo ano tirar só ladrões do porta-enxerto e madeira morta.
pace = As visitas levaram { $pace } vezes os minutos calculados: planos e folhas contam agora com isso.
shade-cure = { " " }Com { $lower } m deixaria { $wanted } h, mais { $gain } h, e daria cerca de { $share } da sua própria folha.
shade-taken = { $by } tira { $lost } das { $hours } h de sol aos ramos de baixo de { $name }.{ $cure }
plan-not-today = Hoje não: a partir de { $opens }. Este é o plano desse dia. { $why }
bared-paint = pintar no mesmo dia
bared-leaf = a folha volta a dar-lhe sombra
bared = A casca posta a nu em { $names } apanha { $hours } h de sol a pique por { $on }: { $does }.
one-pass = Colher e cortar numa só passagem: primeiro a fruta dos ramos que saem, depois o corte.
one-pass-kg = , cerca de { $kg } dela
one-pass-machine = a fruta{ $about } antes da barra, caixas e ramos cortados de lados opostos
one-pass-limbs = a fruta{ $about } dos ramos que saem, depois o corte
one-pass-block = { $due ->
    [one] { $due } árvore está madura e aberta
   *[other] { $due } árvores estão maduras e abertas
} ao corte: colher e cortar numa só passagem, { $how }.
no-forecast = Sem previsão: geada e calor julgam-se só pelas médias. Ver a sua previsão antes de cortar.
task-late = { " " }Está atrasado.
task-put-off = { " " }Adiado: { $why }.
task-due = Para { $due } depois { $after ->
    [frost] da geada
   *[work] do último trabalho
}.{ $late }{ $put }
sheet-open-already = Já há uma folha dela aberta.
sheet-nothing-to-cut = Por agora não há nada para cortar nela.
sheet-open = A folha de cortes de { $day } está aberta.
found-on = Encontrado na volta de { $day }.
suckers-seen = Viram-se ladrões abaixo do enxerto: saem em qualquer dia, quanto mais cedo melhor.
dead-marked = Há ramos mortos marcados: fora até uma junção viva num dia seco.
flush-starts = Começa uma rebentação por { $end }: agora os ladrões são pequenos e arrancam-se com o dedo.
frost-foreseen = Prevê-se geada para { $night }, mais fria em { $block }
frost-to-judge = { $n ->
    [one] Uma árvore quer ser julgada depois da geada de { $night }
   *[other] { $n } árvores querem ser julgadas depois da geada de { $night }
}
forecast-closes = A previsão fecha esta janela.
left-out-more = { $share } é mais do que os { $most } que este trabalho pode levar nesse dia.
shoot-not-yet = Ainda não cortar
leader-for = { $good }.
leader-for-but = { $good }; mas { $weak }.
from-day = A partir de { $day }
nothing = nada
unknown = não se sabe
tips-do = { $does }.
heir-steep = a pique
heir-slanting = inclinado
heir-flat = deitado
bud-under = de baixo
bud-outer = de fora
feed-wraps = a partir de { $day }
named-on-walk = Dito na volta.
rubs-worn = Roça em { $limb } a { $out }, e a própria casca está gasta.
rubs-inward = Roça em { $limb } a { $out }, e cresce para dentro.
rubs-thinner = Roça em { $limb } a { $out }, e é o mais fino.
rubbed = O outro do par: está mais bem colocado do que { $limb }.
parallel-lower = Corre por baixo de { $limb } e perde a luz primeiro: sai o de baixo.
parallel-upper = O de cima do par sobre { $limb }.
below-cluster = A { $along } nascem { $shoots } rebentos: cortar abaixo do molho.
in-cluster = Um de { $shoots } do mesmo ponto; os mais bem postos: { $limb }.
drawn-dead = Desenhado como { $state ->
    [dead] morto
    [broken] partido
   *[diseased] doente
}.
tuft = Pouca folha para a madeira: { $leaf } do que a grossura podia ter.
sprout-upright = Direito para cima numa pernada.
starts-below-union = Nasce abaixo do enxerto ou na terra.
low-branch-thickest = Dos mais grossos abaixo do ramo mais baixo que fica.
over-cap-sets = É o topo: { $top }, e querem-se { $cap }.
over-cap-stands = Está acima da altura desejada: { $top }, e querem-se { $cap }.
wide-aim = Chega a { $reach }; querem-se { $wanted } a partir do tronco.
wide = Chega a { $reach }; { $wanted } estaria ao par dos outros.
most-upright = A mais direita e forte das pernadas.
left-out-others = Os outros cortes do género levam o que este trabalho pode nesse dia.
left-out-by-you = foi tirado por si
traced = Da imagem: { $height } de altura, { $across } de largura.
traced-flat = Ninguém disse a que distância estava: o que está mais perto parece maior do que é. Diga a distância, e os tamanhos saem mais certos.
counted = Cerca de { $share } da copa, entre { $low } e { $high }: pela secção do que se corta contra a do tronco.
counted-mass = A peça mais pesada pesa cerca de { $heaviest }; contar com { $twice } para a segurar. Sem fruta.
counted-over = Acima dos { $limit } de hoje em { $over }.
counted-may-be-over = Pode passar os { $limit } de hoje: até { $high }.
recipe = Para { $aim }: cerca de { $share } dos { $limit } de hoje. Nada mais grosso que { $thickest }, um terço do tronco. Contar o que se tira; parar onde se chega ao limite.
recipe-above = { $where }, acima de { $height }
stairs = { $visits ->
    [one] Uma visita leva-a de { $now } a { $wanted }, em { $day }.
   *[other] { $visits } visitas levam-na de { $now } a { $wanted }, a última em { $day }.
}
grown-unmeasured = { $start ->
   *[cut] { $was } depois do corte de { $day }
    [measured] { $was } em { $day }
  }. Ninguém mediu desde então; esperam-se já mais { $expected }.
grown = { $start ->
   *[cut] { $was } depois do corte de { $day }
    [measured] { $was } em { $day }
  }, { $now } em { $on }. São { $grew } { $way ->
   *[taller] a mais
    [lower] a menos
  }; esperavam-se cerca de { $expected }, { $beside ->
   *[as] como faz uma árvore deste vigor
    [more] por isso cresce mais do que se pensava
    [less] por isso cresce menos do que se pensava
  }.
stairs-low-enough = Não passa de { $wanted }.
stairs-too-few = Estes dias levam-na de { $now } a { $lowest }, não a { $wanted }: mais visitas, ou uma renovação.
recipe-none = { $aim }: isto não se diz a contar. Desenhar a árvore, ou traçá-la numa foto, e planear ramo a ramo.
climate-of = { $name }: { $zone }, a { $latitude }° do equador.
climate-by-latitude = { $name }: só pela latitude; o mapa não chega aqui.
climate-of-zone = A zona { $zone } desce a cerca de { $low } °C num ano normal: o mais perto é { $name }.
aim-from-ground = colhe-se do chão
renewal-first = Primeiro colher o que está na árvore e tirar a madeira morta, depois voltar a ver: pode ser outra pernada a sair.
aim-full = Deixada em paz chega a cerca de { $low } a { $high }{ $on }.{ $need }
aim-on-stock = { " " }em { $name }
aim-no-topping = { " " }Se se quer mais alta do que isso, não precisa de ser baixada.
aim-over-weeks = em voltas com tripé, porque a fruta aguenta semanas na árvore
aim-by-rows = { $share } da distância entre linhas
aim-from-step = colhe-se de um degrau
aim-with-pole = colhe-se com vara
aim-off-top = { $share } do topo
shoot-how-raised = Não está registado o porta-enxerto, e viu-se uma coisa. De semente ou de estaca não o tem, e o rebento é dela própria.
shoot-say-how-raised = Dizer como se fez a árvore, ou olhar a mais uma coisa.
whip-small = Ainda não: deixar todas as folhas até ter { $low } de altura. Com pouca luz só cresce fina: primeiro mais luz.
whip-pinch = O primeiro corte faz-se entre { $low } e { $high }, para os ramos virem onde se querem.
whip-leaf = Leva { $leaf } da folha; o resto alimenta o que rebenta por baixo.
whip-below-leaves = Abaixo de todas as folhas: vão { $leaf }. Pode rebentar das cicatrizes das folhas caídas, ou morrer; deixar alguma folha abaixo do corte.
whip-node = Cortar { $above } acima de uma folha ou gomo. Sem folhas procurar a cicatriz que uma deixou: uma meia-lua na casca com um gomo no canto.
whip-after = Logo abaixo rebentam dois a quatro em algumas semanas. Deixá-los todos até terem um palmo, depois ficam três que apontam à volta da haste a alturas diferentes; mais nada nesta estação.
need-on = { $day }
need-from = a partir de { $day }
need-late = atrasado, desde { $day }
need-by = até { $day }
need-dry-day = qualquer dia seco
need-any-day = qualquer dia
crew-left-closed = Nenhuma semana está aberta para isto.
crew-left-nobody = Ninguém com horas pode { $skills }.
crew-left-hours = Não sobram horas para isto.
crew-left-dearer = Qualquer semana custa mais do que deixar.
crew-cost = Os cortes custam até { $crops } de uma árvore.
crew-served = Por ordem de chegada custaria mais { $crops }.
crew-more = Uma hora a mais rende mais com { $who } na semana de { $day }.
crew-later-same = Esperar não perde nada.
crew-later-costs = Feito depois custa cerca de mais { $crops }.
crew-later-closed = Depois não volta a estar aberto no espaço de um ano.
work-begins = Começa.
import-reading = A ler a lista
import-drawing = A desenhar um contorno de cada árvore
import-keeping = A pôr as árvores no lugar
import-wrong = { $n ->
    [one] Uma coisa da lista é para corrigir; nada ficou guardado.
   *[other] { $n } coisas da lista são para corrigir; nada ficou guardado.
}
import-good = { $n ->
    [one] A lista está em ordem: uma árvore.
   *[other] A lista está em ordem: { $n } árvores.
}
import-made = { $n ->
    [one] Agora está lá uma árvore.
   *[other] Agora estão lá { $n } árvores.
}
sheets-planning = A planear os cortes de cada árvore
sheets-made = { $n ->
    [0] Não se fez nenhuma folha.
    [one] Fez-se uma folha.
   *[other] Fizeram-se { $n } folhas.
}
season-gathering = A juntar o trabalho dos meses
weeks-gathering = A juntar o trabalho das semanas
weeks-placing = A reparti-lo
package-tables = A escrever as tabelas do pacote
package-photos = A escrever as fotos
package-reading = A ler as tabelas
restore-unpacking = A desempacotar
restore-checking = A verificar até à última linha
moved-slipped = Estava planeado para uma semana que passou, e não está feito.
moved-away = Há menos horas nessa semana do que quando se guardou o plano.
moved-closed = Essa semana está agora fechada para isto.
moved-fixed = Está preso aí à mão.
moved-room = Dá lugar a outro trabalho.
moved-new = Não se sabia dele quando se guardou o plano.
moved-gone = Está feito, ou já não se quer.
moved-left = Já não cabe.
move-costs = Custa mais { $crops } de uma árvore.
move-saves = Poupa { $crops } de uma árvore.
move-same = Não custa colheita.
move-leaves = { $hours } h de outro trabalho deixam de caber.
sample-told = Média de { $what } até agora { $mean }; com estas árvores sabe-se a ± { $about } em nove casos de dez, com mais uma a ± { $more }.
sample-share = Média de { $what }: com estas árvores sabe-se a ± { $about } de si mesma em nove casos de dez, com mais uma a ± { $more }.
sample-all = Média de { $what }: sabe-se sem erro, porque todas as árvores estão medidas.
backup-none = Ainda não há cópia de segurança; a primeira faz-se nos dez minutos depois de começar.
backup-failed = Não se pôde fazer a última cópia de segurança: { $why }.
backup-late = A última cópia de segurança tem { $days } dias. Faz-se uma por dia enquanto o Billhook está a correr.
backup-there = A última cópia de segurança é de { $day }.
backup-opened = A última cópia de segurança é de { $day }. Foi aberta e está inteira: { $trees ->
    [one] uma árvore.
   *[other] { $trees } árvores.
}
role-owner = Dono: tudo, quem pode entrar, e as cópias de segurança.
role-manager = Responsável: planeia, traz e leva listas, corrige o que outros escreveram.
role-helper = Ajudante: olha, marca cortes, conta, tira fotos, escreve o que se fez; vê as linhas dadas ao seu nome, ou todas onde não há nenhuma dada.
role-viewer = Leitor: lê, e não muda nada.
grow-headed = Cortado entre ramos, acordam os últimos gomos: { $n ->
    [0] nenhum rebento achou luz
    [one] um rebento
   *[other] { $n } rebentos
}, tão direitos como antes; o normal são { $low } a { $high }.
grow-to-side-branch = Cortado até uma ramificação que toma o lugar: { $n ->
    [0] nenhum rebento novo
    [one] um rebento novo
   *[other] { $n } rebentos novos
} ao lado do corte; o normal são { $low } a { $high }.
grow-collar = Fora no colo: { $n ->
    [0] não vem nenhum rebento
    [one] vem um rebento pequeno
   *[other] vêm { $n } rebentos pequenos
}, o normal são { $low } a { $high }. Um toco teria guardado os gomos.
grow-origin = Fora na origem: { $n ->
    [0] não volta nenhum
   *[other] pode voltar um
} (o normal são { $low } a { $high }); voltar a ver daqui a uma estação.
grow-over-budget = Foram { $removed }, mais do que os { $budget } de um ano: as raízes empurram { $n ->
    [one] um ladrão
   *[other] { $n } ladrões
} nas pernadas que ficaram.
grow-burnt = Foram { $removed } de uma vez e a casca ficou nua ao sol de { $hot } °C: queima em { $n ->
    [one] uma pernada
   *[other] { $n } pernadas
}. Caiar no mesmo dia salva-a.
grow-frost = Geada de { $min-c } °C em { $day }, classe { $worst }: perde-se { $lost } da folha.
grow-shade = Abaixo de { $limit } da luz do céu durante { $seasons } estações morrem raminhos de dentro em { $n ->
    [one] um ramo
   *[other] { $n } ramos
}: { $lost } da folha.
grow-suckers = { $n ->
    [one] Um ladrão
   *[other] { $n } ladrões
} de baixo do enxerto { $n ->
    [one] cresceu { $gain } e leva
   *[other] cresceram { $gain } e levam
} { $takes } da folha da copa.
grow-price = { $share } da copa em { $day } leva { $price } do que se corta.
grow-sum-crop = Dá-se { $lost } da colheita de { $year }{ $gains ->
    [yes] { " " }e colhe-se mais do que a gémea em { $more }
   *[no] { "" }
}. Em { $seasons ->
    [one] uma estação
   *[other] { $seasons } estações
} dá { $total } colheitas, a gémea { $twin }.
grow-sum-height = Fica com { $now } de altura depois dos cortes e { $then } em { $year }; a gémea nessa altura { $twin }. A luz nos ramos de baixo é então { $light } da do céu, na gémea { $dark }.
grow-sum-work = Mais ladrões por escolher: { $n }, em { $year }; cerca de { $minutes } minutos.
practice-missed = Ficou de pé: { $name }. { $why }
practice-not-needed = Cortado, mas devia ficar: { $name }. { $why }
practice-place = { $name }: { $whole ->
    [yes] cortado a { $kept } onde devia sair inteiro
   *[no] cortado a { $kept } onde o certo era { $right }
}. { $why }
practice-besides = { $name } não precisava de corte; custa { $share } da copa.
practice-early = Certo ou não, { $weeks ->
    [one] uma semana
   *[other] { $weeks } semanas
} cedo de mais: { $why } A partir de { $better } está certo.
practice-shut = Certo ou não, não em { $day }: { $why } { $better } era um bom dia para isso.
practice-waited = Hoje era um bom dia para isso; esperar deixa-o crescer.
practice-over = Foram { $share } da copa, e um ano deixa { $budget }. Seguem-se ladrões.
practice-danger = Não se procurou: { $what }
practice-choice-wait = deixar hoje, e esperar
practice-choice-off = tirar { $names }
practice-choice-head =
    encurtar { $names } { $part ->
        [third] um terço
       *[half] metade
    }
value-crops = { $part ->
    [none] nenhuma colheita
    [twentieth] um vigésimo de colheita
    [tenth] um décimo de colheita
    [fifth] um quinto de colheita
    [quarter] um quarto de colheita
    [third] um terço de colheita
    [half] meia colheita
    [two-thirds] dois terços de colheita
    [three-quarters] três quartos de colheita
    [whole] uma colheita inteira
   *[more] { $n } colheitas
}
verdict-head = { $status ->
    [go] Pode fazer-se
    [light] Só cortes pequenos
    [wait] Esperar
   *[stop] Não fazer
}, { $day }
verdict-cost = { $none ->
    [yes] não custa colheita
   *[no] custa cerca de { $crops } do que se corta
}
verdict-forecast = Prevê-se geada nos próximos 14 dias? Sem resposta: esperar{ $until }
verdict-until = , até { $day }
verdict-most = { $head }: { $half ->
    [yes] no máximo metade dos rebentos
   *[no] no máximo { $share }
}
verdict-and = { $most }, e { $cost }
verdict-now = { $head }: um corte agora { $cost }; { $none ->
    [yes] nenhuma colheita
   *[no] cerca de { $then }
} a partir de { $day }
verdict-next = { $head }: o próximo em { $day }
button-picked = Colhida hoje
button-no-fruit = Sem fruta este ano
button-under-cover = Está debaixo de coberto
button-no-frost = Sem geada em 14 dias
button-frost = Prevê-se geada
button-went-out = Saiu hoje
button-came-in = Entrou hoje
button-show-day = Ver o dia em que abre
ask-first-flowers = Quando abriram as primeiras flores?
ask-last-picked = Quando se colheu a última fruta?
ask-first-branches = A que altura se querem os primeiros ramos?
ask-last-flush = Quando rebentou no ano passado?
scratch-here = Raspar agora aqui, da largura de uma unha.
scratch-at-base = Mais uma na base, para provar.
scratch-green = Verde até à ponta: nenhum corte.
scratch-too-early = Anotado. É cedo de mais para cortar: a fronteira ainda pode mudar.
scratch-no-green = Nada de verde: fora na base.
scratch-cut = Cortar a { $cut }, { $to ->
    [branch] até à ramificação viva que aí está
   *[green] dentro do verde
}.{ $mixed ->
    [yes] { " " }Há verde para lá do castanho, por isso corta-se abaixo do castanho mais baixo.
   *[no] { "" }
}

# Como se chamam as pernadas, e onde e como se cortam.
limb-main = { $which ->
    [only] pernada a { $way }
    [lower] pernada a { $way }, a de baixo
    [upper] pernada a { $way }, a de cima
   *[nth] pernada a { $way }, a { $which }
}
limb-shoot = { $which ->
    [only] vara a { $way }
    [lower] vara a { $way }, a de baixo
    [upper] vara a { $way }, a de cima
   *[nth] vara a { $way }, a { $which }
}
limb-side = { $which ->
    [only] ramificação virada a { $way }, na { $bearer }
    [lower] ramificação virada a { $way }, a de baixo, na { $bearer }
    [upper] ramificação virada a { $way }, a de cima, na { $bearer }
   *[nth] ramificação virada a { $way }, a { $which }, na { $bearer }
}
limb-sucker = { $nth ->
    [only] ladrão a { $way }
   *[other] ladrão { $nth } a { $way }
}
limb-nth = { $n ->
    [1] primeira
    [2] segunda
    [3] terceira
    [4] quarta
    [5] quinta
    [6] sexta
    [7] sétima
    [8] oitava
   *[other] { $n }.ª
}
fork-nth = { $n ->
    [1] primeira
    [2] segunda
    [3] terceira
    [4] quarta
    [5] quinta
    [6] sexta
   *[other] { $n }.ª
}
limb-unknown-shoot = { $nth ->
    [only] rebento no pé, a { $way }
   *[other] rebento { $nth } no pé, a { $way }
}
cut-at-trunk = o tronco, a { $length } do chão
cut-at-soil = { $limb }, vem do solo, tirar na origem
cut-at-origin = { $limb }, a { $under } abaixo do enxerto, tirar na origem
cut-at-collar = { $limb }, tirar no colo
cut-along = { $way ->
    [along] a { $length } ao longo da { $limb }
    [down] a { $length } descendo pela { $limb }
   *[up] a { $length } subindo pela { $limb }
}
cut-to-fork = { $where }, até à { $nth } forquilha
cutting-finger = Arranca-se com o dedo; nunca um toco, nunca a ferir o tronco, nunca com herbicida.
cutting-origin = Cortar rente onde nasce, junto à casca; nunca um toco, nunca a ferir o tronco, nunca com herbicida.
cutting-collar = Mesmo fora do colo inchado, nunca dentro dele; sem toco.
cutting-junction = Até à { $branch } viva; sem cortar o colo dela.
cutting-side-branch = Até à { $branch } ({ $mm } contra um corte de { $wound }), com o corte inclinado para o lado contrário.
cutting-some-branch = ramificação
cutting-sheared = A direito com a parede da sebe.
cutting-bud = Mesmo acima de uma folha, gomo ou nó, a { $slope }° para o lado contrário; toco de { $stub } no máximo.
cutting-square = A esquadria, onde está marcado.
cutting-long = { $cuts ->
    [2] Pesada: primeiro um corte longo, depois o corte perto. { $step }
   *[other] Três cortes: um por baixo a um palmo, outro por cima um pouco mais fora, e depois o corte limpo. { $step }
}

# Tipos de trabalho: numa frase, e sobre a sua linha do ano.
work-of = { $work ->
    [sucker] ladrões do porta-enxerto
    [sprout] ladrões da copa
    [sanitation] lenha morta e partida
    [fruit] tirar fruta
    [skirt] a saia
    [thin] ramos inteiros
    [height] baixar e encurtar
    [hedge] a parede da sebe
    [shear] uma sebe formal
    [tip] pontas
    [renewal] um terço da árvore
    [skeleton] uma poda de esqueleto
    [pot] a árvore em vaso
   *[young] formar uma árvore jovem
}
work-lane = { $work ->
    [sucker] Ladrões abaixo do enxerto
    [sprout] Ladrões da copa
    [sanitation] Morto e partido
    [fruit] Tirar fruta
    [skirt] Saia
    [thin] Desbastar, ramos inteiros
    [height] Baixar, encurtar
    [hedge] Parede da sebe
    [shear] Aparar uma sebe formal
    [tip] Pontas
    [renewal] Renovar por terços
    [skeleton] Poda de esqueleto
    [pot] Árvore em vaso
   *[young] Formar uma árvore jovem
}
cost-none = não custa colheita
cost-about = custa cerca de { $crops } do que se corta
# O que uma árvore precisa a seguir.
need-odd = Não se consegue calcular: algo na ficha não bate certo. Abra-a e veja.
need-sheet = A folha de cortes de { $day } está aberta
need-suckers = { $n ->
    [one] Um ladrão abaixo do enxerto: tirar, em qualquer dia
   *[other] { $n } ladrões abaixo do enxerto: tirar, em qualquer dia
}
need-suckers-alike = Ladrões abaixo do enxerto: tirar, em qualquer dia
need-dead = { $n ->
    [one] Um ramo morto: tirar, em qualquer dia seco
   *[other] { $n } ramos mortos: tirar, em qualquer dia seco
}
need-dead-alike = Ramos mortos: tirar, em qualquer dia seco
need-due = { $what }, até { $day }
need-half-shoots = , metade dos rebentos no máximo
need-at-most = , { $most } no máximo
need-until = { " " }até { $day }
need-cost = ; { $cost }
need-opens = , a próxima vez em { $day }
need-go = { $what }: avançar{ $limit }{ $until }{ $cost }
need-dear = { $what }: esperar, agora { $cost }{ $opens }
need-not-yet = { $status ->
    [light] { $what }: só cortes pequenos{ $limit }{ $opens }
    [wait] { $what }: esperar{ $opens }
   *[stop] { $what }: não{ $opens }
}
# Trabalhos de Hoje.
item-suckers = Ladrões abaixo do enxerto, tirar na origem
item-dead = Ramos mortos, tirar num dia seco
item-sweep = Ver abaixo do enxerto antes da rebentação
item-half-shoots = { $work }, metade dos rebentos no máximo
item-share = { $work }, até { $share }
item-too-late = { $work }: já é tarde nesta época
late-small-cuts = Até lá, cortes pequenos de { $share } no máximo.
late-no-cut = Até lá, nenhum corte.
late-next = A próxima vez a partir de { $day }.
late-closed = Veja no calendário do ano o que o fecha.
# A favor de quê fala uma resposta sobre um rebento.
clue-speaks = { $says ->
    [nothing] { $asks } { $word }: não diz nada para este par.
    [clearly-stock] { $asks } { $word }: fala claramente a favor do porta-enxerto.
    [clearly-own] { $asks } { $word }: fala claramente a favor da própria árvore.
    [some-stock] { $asks } { $word }: fala a favor do porta-enxerto.
   *[some-own] { $asks } { $word }: fala a favor da própria árvore.
}
# O que vale uma vista depois de uma geada.
look-too-early = Cedo demais para dizer alguma coisa: veja outra vez em { $day }.
look-false-start = Um falso arranque: foi-se abaixo até { $day }.
look-provisional = { $means }. Provisório: veja outra vez depois dos primeiros dias de calor, habituais a partir de { $hot }, e em { $judge }.
# Acontecimentos de um ano de crescimento.
season-event = { $event ->
    [first-flush] primeira rebentação
    [later-flush] rebentação posterior
    [bloom] flor
    [set-and-drop] vingamento e queda
    [harvest] colheita
    [frost-likely] geada provável
    [strong-sun-on-bark] sol forte na casca
    [hot-season] época de calor
    [last-safe-hard-cut] último corte forte seguro
    [last-safe-light-cut] último corte leve seguro
    [carry-out] levar para fora
    [carry-in] trazer para dentro
    [bloom-buds-form] formam-se os gomos de flor
    [carry-out-into-shade] levar para fora, para a sombra
    [cool-nights-that-make-bloom] noites frescas que fazem flor
    [cool-that-makes-bloom] frio que faz flor
    [no-nitrogen] sem azoto
   *[sucker-sweep] volta aos ladrões
}
shoot-rake = Passe o ancinho na base e veja se há cobras ou vespas antes de meter as mãos.
shoot-thorns = Espinhos: ponha luvas e óculos; os de um porta-enxerto são mais compridos que os da própria árvore.
item-finish-sheet = Terminar a folha de cortes aberta
frost-from = { $what ->
    [judge] Julgar a partir de { $day }
    [cut] cortar a partir de { $day }
   *[look-again] ver outra vez a partir de { $day }
}
frost-now = { $what ->
    [judge] Julgar agora
    [cut] cortar agora
   *[look-again] ver outra vez agora
}
sheet-tree-line = { $stock ->
    [none] { $kind }, plantada { $year }
   *[other] { $kind } sobre { $stock }, plantada { $year }
}
ask-how-many = Quantas?
ask-which-kind = Que espécie de árvore?
ask-own-kind = “{ $word }” não é conhecida aqui. Escolha uma espécie ou faça dela uma espécie própria.
ask-drops-leaves = “{ $word }” perde as folhas; o Billhook é para árvores que as conservam. As datas seriam falsas.
ask-planted-when = Plantada em que ano, ou que idade tem?
ask-pot-size = De que tamanho é o vaso?
ask-which-lime = Que lima: Taiti (persa) ou galega?
ask-which-orange = Que laranjeira: uma doce (Valência, Hamlin, sanguínea) ou uma Bahia (navel)?
ask-which-lemon = Qual: limoeiro siciliano (fruto amarelo), limão Taiti ou limão galego?
remedy-pick-first = Colha antes o que pende das pernadas que corta.
remedy-say-bloomed = Diga quando floriu.
remedy-say-went-out = Diga o dia em que saiu.
remedy-say-carried-in = Diga o dia em que foi para dentro.
remedy-say-carried-out = Diga o dia em que foi para fora.
remedy-look-at-forecast = Veja a previsão dos próximos 14 dias: anuncia geada?
scenario-ordinary = Um ano comum, com as suas geadas e ondas de calor
scenario-frost = Uma geada daqui a dez dias
scenario-heat = Uma onda de calor daqui a quatro dias
scenario-wet = Chuva amanhã e depois de amanhã
scenario-clear = Três semanas sem geada, calor nem chuva
station-foresees-nothing = Sem previsão: não há ligada nenhuma estação que preveja. Geada e calor julgam-se só pelas médias; veja a sua própria previsão.
station-simulated = estação simulada
station-brought-in = dias trazidos como CSV
origin-climate = o clima “{ $climate }”
origin-station = estação { $first } a { $last }, { $years } anos inteiros, geada com { $risk } de risco
origin-typed = escritas
sure-published = publicado
sure-common-practice = prática comum entre agricultores
sure-from-memory = menos certo: verifique nas suas árvores
sure-our-rule = posto pelo Billhook
label-rule = Regra para { $works }: { $says }
