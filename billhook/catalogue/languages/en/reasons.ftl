# The sentences of reasons. A value stands by its name; a leading blank is written { " " }.
crop-lost = { $taken } taken costs about { $this } of the coming crop, { $following } of the next, { $third-year } of the third
crop-lost-ripe = , and { $picked } of the ripe fruit that hangs.
lift-in-pieces = : in pieces, or on a line, or leave it to someone licensed
lift = About { $length } long, { $total } with leaf and twigs; reckon with { $lift } in the hand{ $pieces }.
wound-closes = It closes in about { $years } years.
wound-too-large = { " " }Larger than this kind closes well: shorten the limb further out, or take it in two years.
chips = { $fresh } kg make { $chips } m³ of chips, { $ground } m² at { $depth } cm; they bring back { $returned } g of nitrogen. Keep a bare ring of { $ring } cm round the trunk.
whitewash-mix = { $area } m² of bark in { $layers ->
    [one] { $layers } coat
   *[other] { $layers } coats
}: { $mix } litres of mix, { $paint } of white water-based paint in { $water } of water. No oil in it; heed the label, goggles on.
dip = { $name }: { $of-stock } ml as bought into { $mix } litres of water; { $seconds } s wet. Works on { $against }, not on { $not-against }. { $care } Soil and sap off first; the label decides.
caution-thorns = Thorns to { $thorn }, longer on sprouts: gauntlets and eye protection.
caution-chainsaw = Chainsaw: trained hands only, both feet on the ground, never over the shoulder, a second person in earshot.
caution-arborist = This is work for a licensed arborist.
caution-weight = Plan for { $lift-kg }: take it down in pieces or on a line, and keep everyone { $away } away.
caution-height = { $height } up: from the ground with a pole, or on an orchard tripod. A straight ladder stands four up to one out, three points of contact, never leaning on the limb you cut. Look for power lines first and keep { $clear } away; nearer than that the utility decides.
limit-heads-stem = Heads the single stem: { $headed } of its length goes with every leaf on it.
limit-free-besides = { $n ->
    [one] One of these cuts is dead, broken or sick wood or a sucker: it costs no canopy and may be made today.
   *[other] { $n } of these cuts are dead, broken or sick wood or suckers: they cost no canopy and may be made today.
}
limit-no-canopy = Costs no canopy.
limit-share = { $removed } of the canopy.
limit-within = { $removed } of the canopy, within the { $limit } of { $day }.
limit-put-off = { " " }Put part of it off to { $opens }?
limit-over = { $removed } of the canopy: over the { $limit } of { $day } by { $over }.{ $opens }
limit-lowered = Lowered by { $drop } in one go; { $most } a year is as much as a tree takes quietly.
wound-larger = A wound of { $wound } is larger than this kind closes well ({ $largest }).
fruit-on-it = { $fruit-lost } fruit on it: pick first.
between-branches = Between branches a bunch of sprouts follows. Cut to a side branch, or off at the collar, if you can.
third-of-trunk = The wound is more than a third of the trunk's diameter: spread such cuts over years.
weak-side-branch = The side branch ({ $basem }) is under a third of the cut ({ $wound }): too weak to take over, sprouts will follow.
shoots-from-to = { $low } to { $high } shoots
shoots = { $low } shoots
regrowth-sprouts = { $cuts } { $many } { $says }: { $shoots } each from about { $starts }, up to { $length } by the end of the season. Choose those that stay from { $select }.
regrowth-as-expected = as expected
regrowth-stronger = stronger than thought
regrowth-weaker = weaker than thought
regrowth-measured = { $length } of regrowth after { $days } days, { $expected } expected: { $word }, vigour { $vigour } of 5.
droop-beam = Bends as a tapered round beam held at its base.
droop-pulled = Its stiffness was measured by the pull.
droop-lower-bound = It bends so far that the figure is only a lower bound of trouble: prop it, thin the fruit or shorten it.
share-no-leaf = No leaf is recorded on this tree, so no share of canopy can be given; the share of wood is given instead.
share-model = Leaf follows the cross-section: a cut costs foliage x diameter^{ $power }, against the main limbs at their base.
whitewash-now = Whitewash now, before any cut, what lost its shade and is thicker than a finger: the trunk all round, limbs on their upper side, the { $side } first. It is for the sun, not against frost. White water-based paint for indoors without oil, half water; the label decides, goggles on, none into wounds that must be looked at again.
cold-by-hours = { $milder } if it held { $short } h, { $possible } if { $long } h
cold-any-hours = { $worst } whether it held { $short } h or { $long } h
cold-unknown-hours = Nobody knows for how long: { $said }.
cold-possibly = , possibly { $possible }
cold-hurts = { $worst }{ $more }: { $min-c } °C for { $hours } h hurts { $hurt }. Off by { $uncertain } °C either way: the tree itself decides.
dead-below-union = From below the union: ask whose shoot it is, then flush at its origin; looked for at every flush of two seasons.
dead-union-unknown = While it is not known that anything lives above the union, shoots from below it stay: they may be all that lives.
dead-only-stock = Only the rootstock lives: its shoots stay until you decide to re-bud it, keep it or take it out.
dead-weight-first = Weight first: take its outer half off, then cut. { $hand-kg } of dead wood drops at once.
dead-brittle = Dead wood is brittle: it pinches no saw but snaps early, and what hangs above may come with it.
dead-blade = Blade on the side that stays, hook on the side that falls.
dead-stub = A stub that stands proud of the collar is sawn or ground down to it, not into it, so that it can close over.
dead-hazards = Broken wood that may fall comes off at once, to below the break; nothing else is cut yet.
dead-nothing-broken = Nothing broken hangs in it. If something breaks, it comes off at once.
dead-open-now = Open now
dead-into-green = { $when }: weight first, three cuts on what is heavy, into the green, no stubs; a proud stub is ground down to the collar. Dead twigs may hang: they shade.
dead-frame = The frame is finished from { $shape-on }, when what lives has shown itself: one strong shoot per { $spacing } of limb, the rest off.
feed-soak-once = One deep soak if the soil is dry a hand down, then none until it sprouts: roots of a leafless tree rot in wet soil
feed-soak = Water { $water } of the usual, and only where the soil is dry a hand down: roots with little leaf above them rot in wet soil
feed-last = , the last by { $last }
feed-after-frost = after the last frost
feed = No nitrogen until new growth is a hand long ({ $nitrogen-growth } cm), then { $nitrogen } of the usual in three or four light splits{ $last }. { $soak }. Zinc and manganese only on the first full flush. No systemic herbicide under it this season. Compost under the crown and mulch over it, both a hand off the trunk; wraps off { $wraps }.
fruit-sell = Sell it as usual, soon, and look again in a week
fruit-juice = Pick for juice by { $late }, do not store it; what is hurt dries and drops
fruit-worthless = Not worth sorting: what hangs comes off with the next work, so that it hides no wood
fruit-cut-more = { " " }Cut { $few }, from inside and outside, high and low, to be surer.
fruit-hurt = { $hurt } of { $cut } hurt: { $share }, between { $low } and { $high } of the crop. { $advice }.{ $more }
leader-stock = From below the union: the rootstock. It is never grown on as the tree.
leader-keep = All strong shoots stay this season: their leaf feeds the roots. In the second spring keep { $keep }{ $form ->
    [leader] , the first the leader
   *[other] { "" }
}, to a soft tie on a stake; suckers are looked for at every flush of two seasons.
leader-stakes = Two stakes beside the stem, a soft tie at the lowest point that holds, so that it can sway; off after { $first } to { $last } months. Thorns on shoots: gloves and eyes.
hand-widths = { $near } to { $far } cm
leader-nothing = nothing speaks strongly for it
leader-stake-these = Stake what is grown on ({ $names }): a soft tie at the lowest point that holds, loose enough for the stem to sway.
leader-ties = Look at the ties on { $names }: a finger must fit under them.
leader-second-spring = Second spring: keep { $keep } of the shoots, { $names } first; one per { $spacing } of limb, the rest off.
leader-suckers = Look for suckers below the union; the rootstock grows fastest now.
protect = On by { $on }, off from { $off }, on trees up to { $age } years: { $does }.
frost-alive = Alive above the union.
frost-rootstock-only = Only the rootstock lives: re-bud it, replace it, or keep the stock; its shoots are not the tree.
frost-wait = Wait: it cannot be told yet.
frost-dead = Dead, above the union and below.
frost-caution = Hazards come off at once; dead wood is brittle, falls without warning and does not carry a ladder, and frozen or soaked ground moves under one. No systemic herbicide under it this season; suckers below the union are asked about before they go.
frost-class = { $frost-class }, dead: { $dead }. { $does }.
frost-collapsed = The flush collapsed by { $collapsed-on }: a false start. What was green before counts no more; scratch again, further down.
frost-look-now = It has been hot since { $since }: look again now.
frost-look-warm = Look again after warm weather.
frost-early-green = Green this early proves nothing: weak limbs flush on what they had stored and collapse in the first heat. { $again }
frost-too-early = Too early: judge it on { $judge }. Cut before that and live wood goes, and the cut is made twice.
frost-edge-stayed = { " " }(the edge stayed through the second flush)
frost-cut = Cut { $where }, from { $cut }{ $held }.
frost-no-cut = No cut: { $where }.
frost-too-late = Later than the last safe cut of this season: the shaping waits for { $cut }; only dead wood that endangers comes off.
frost-near-heat = Near the hot season: whitewash the same day.
recovery-compared = { $trees ->
    [one] { " " }Over { $years } years { $lost } kg are lost by bringing it back, { $lost-new } kg by replanting.
   *[other] { " " }{ $trees } trees, over { $years } years { $lost } kg are lost by bringing them back, { $lost-new } kg by replanting.
}
recovery-from = { " " }from { $replant-on }
recovery-must = { " " }{ $must }.
recovery-replant = Replant{ $when }, { $near } to { $far } m off the old hole, the old crown and main roots out where foot rot was. Ask first whether a quarantine holds back plants or the kind.{ $why }
recovery-bears = It bears as usual next year.
recovery-bring-back = Bring it back, since it costs less fruit than a new tree.
recovery-between = Between the two: wait for next spring.
recovery-not-yet = It is not judged yet: whether it is brought back or planted anew is decided once it has shown what lives.
recovery-nothing-lives = nothing of the tree lives above the union; if the stock is sound you may re-bud it instead
recovery-too-little-bark = less than { $replant-bark } of the trunk's round lives
recovery-too-short = its longest regrowth is too short half a year after the last frost
recovery-was-failing = it was failing before the frost took its top
stem-scratch = Scratch the { $quarter } side.
stem-scratch-edge = Scratch the { $middle } side: the edge lies there.
stem-means = With less than { $gone } of the round alive a tree is replaced; from { $enough } on it can be brought back.
stem-green = Green all round.
stem-brown = Brown all round at this height.
and-between = { " " }and{ " " }
stem-from-to = from { $from-deg } to { $to-deg }
stem-dead = Dead { $sides }: { $live }% of the round lives.
keep-on-cluster = By hand, without counting: { $n ->
    [one] leave one fruit
   *[other] leave { $n } fruit
} on each cluster, the largest clean ones that hang apart; small, scarred and doubled ones first.
crop-by-fruit = By the fruit counted on its limbs the cuts take { $part } of the crop that hangs, though { $share } of the leaf.
crop-by-bloom = By the bloom seen on its limbs the cuts take { $part } of the crop that blooms, though { $share } of the leaf.
limbs-without-fruit = The limbs that are cut carry none of the fruit that was counted: their days are those of a tree without a crop.
half-of-few = { $lost } of its { $hung } fruit go with these cuts. Is that meant? Else pick them first, or cut where none hangs.
mulch-lies = Mulch lies { $depth } deep under it, and { $ring } off the trunk all round.
load-clusters = On { $n } clusters { $mean } fruit too many each; of { $clusters } clusters that is { $total }.
load-count-more = The counts differ much: count more clusters before a day is spent on it.
load-take-off = take off{ " " }
load-carries = it carries what hangs
load-trunk = A trunk of { $section } cm² in year { $year-in-ground } carries { $limit }, about { $most } fruit: { $remove }.
ways-from-start = from the start
ways-from-year = from year { $under }
ways-compared = { $good } { $bad } Crop { $crop } of uncut, under { $cap } { $when }.
thirds-limbs = These trees have { $scaffolds } main limbs; a third needs three of about the same size.
thirds-rows = Only { $rows } rows: no third of them.
thirds-frost-pocket = A frost pocket: everything that was cut hard would meet the cold soft and low.
thirds-too-old = At { $age-years } years too old to come back from bare limbs.
hedge-every-face = every face every year
hedge-one-face = one face of each row a year, the two faces of an alley together
hedge-turns = Vigour { $vigour } of 5 pushes about { $grown } into the alley on each side: { $turns }. Fruit and nests are looked for before the machine comes; nobody in the alley while it works, lines looked for first, the machine's own distance kept to poles.
wall-bar = a saw bar takes it
wall-by-hand = too thick for a saw bar, by hand to a side branch
wall-takes = The new wall takes { $taken } m³ of a metre of row, { $share } of it and { $part } of the outer { $depth } that bears. Wood to { $wood }: { $bar }.
section-width = { $says }, { $least } to { $most }: { $kept }, at { $foot }.
section-leans = { $says }: { $foot } at the foot, { $top } at the shoulder.
section-overhangs = { $says }: at the shoulder it is { $top }, at the foot { $foot }; what hangs over shades the foot, which goes bare and stops bearing.
section-rule = { $says }: { $most } here; { $kept } at { $peak }.
which-nothing = nothing speaks for it
which-limb = { $name }: { $speaks }; { $fruit } fruit on it.
which-at-collar = Off at its collar: no side branch low enough would take over.
which-to-heir = , to the { $names }, which takes over
which-no-heir = , where nothing takes over: shoots will follow and are thinned twice
which-where = Cut { $height } above ground, { $keep } along it{ $to }.
bark-burns = it burns where maxima reach { $sun-half } °C, paint it the same day
bark-little = little; leaf will shade it again
bark-sun = { $hours } h of steep sun after eleven: { $means }.
inner-crown = Inside an uncut crown (leaf area { $full }) { $light } % of the light is left; thinned to a leaf area of { $target } it is { $thinned } %. Wood flowers from about { $need } %, which a leaf area of { $area } lets through.
inner-before-after = Lower limbs get { $was } % of the light now and { $now } % after; wood flowers from about { $need } %.
inner-wall = Inside a full wall { $left } % of the light is left.
rows-wall = { $least } to { $most } h on the wall that faces { $facing }°
rows-sun = Direct sun on { $day }: { $each }.
left-out-room = It does not fit the { $room } left beside what brings more.
left-out-pair = The other of the pair goes.
left-out-further-down = It goes with a cut further down.
left-out-nothing = It brings nothing under this goal.
choice-best = Of all cuts that fit { $room }, these bring most when the aim is { $says }.
choice-stages = : in { $stages } stages, the next from { $day }
choice-alone = What must go alone takes { $share }, more than the { $room } left{ $when }.
choice-too-big = One limb that must go is more than any window has room for: take it in two, first shortened by half, and bear no other cut that year.
skeleton-not-staying = Not one of the limbs that stay.
skeleton-stays = Stays, cut where it is { $keep } thick.
skeleton-nurse = Thin wood on the outer part of a limb that stays; what is nearer the trunk stays as nurse leaf.
skeleton-limbs = { $count } limbs stay: { $stays }. { $middle }
skeleton-bare = It will look bare: { $share } of the leaf is gone, poles up to { $poles } with cut ends, tufts of green after { $green-weeks } weeks, a closed crown after { $closed-seasons } seasons. Tell the owner now.
skeleton-crop = Crop lost: { $now } of the crop at hand, { $after } of the season after, { $third } of the one after that.
skeleton-too-soon = : too soon, the bark would burn before leaf shades it
skeleton-sun = Strong sun on bark from { $sun }, { $days } days away{ $soon }. Whitewash the same day, every side of the trunk and the upper sides of the limbs.
skeleton-second-spring = All strong shoots stay this season. In the second spring, about { $second }, thin them to one each { $gap } of limb, { $shoots-an-end } at each cut end; suckers off at every look for two seasons.
skeleton-bearing = Back in bearing about { $back }; no other live cut until then.
skeleton-vase = By your school the middle is opened: in a renewal only, and every bared limb is painted.
skeleton-no-vase = No vase: an evergreen keeps a limb in the middle, so that bark stays shaded.
wall-past = Stands { $beyond } past the wall: goes with the pass.
wall-thick = { $wound } at the wall, thicker than the bar takes ({ $most }): by hand, inside the wall.
wall-hole = Stands { $beyond } past the wall: back to a fork deep inside, a hole for light.
wall-fork = Stands { $beyond } past the wall: back to a fork inside it.
shape-fork = Stands { $beyond } out of the shape: back to a fork inside it.
wall-shape = By hand, back into the shape: { $wall }. Each limb out of it goes back to a side branch inside.
wall-set = wall { $half } from the trunk at its foot, top at { $top }
wall-set-out = { " " }Set out by { $set-out }, so that one pass stays within { $limit }.
wall-for-the-saw = { $thick ->
    [one] { " " }{ $thick } limb is left for the saw.
   *[other] { " " }{ $thick } limbs are left for the saw.
}
wall-by-machine = By machine: { $wall }; every shoot past it goes in one pass, no bud is chosen, and a shell of sprouts follows.{ $out }{ $hand }
wall-ragged = By hand, ragged: { $wall }; limbs past it go back to forks at uneven depths, so that light gets through and fewer sprouts follow. Slower than a machine.
pot-windy = , as it is windy
pot-holds = A pot of { $pot-l } litres holds a tree of { $by-pot } upright{ $windy }.
pot-room = The winter room leaves { $room } above the pot, a season's growth taken off.
tips-accident = So few tips are an accident of wind or sun: nothing off, look again in a month.
tips-early = { $stage ->
    [small_leaves] Seen early, while leaves are only small: the shallower cut.
   *[bare_green] Bare but green wood still lives: less comes off than where it is dead.
}
tips-last-leaves = The last leaves stay: they feed the roots that must come back.
heat-feels = Feels like { $feels } °C: { $says }
heat-foreseen = foreseen
heat-usual = usual at this time
heat-dawn = start at dawn, ten minutes of every two hours in the shade, nobody alone
heat-water = water at hand and shade for the rests
heat-dry = { $air } °C { $said }: { $rest }; a brim, neck and arms covered, the cool hours first.
ladder = An orchard tripod first. A straight ladder touching at { $contact } stands { $foot } out and runs { $length }; never against the limb that is cut, { $ladder-above } above where one steps off, three points of contact.
year-condition = the tree is { $condition }
year-pot = it stands in a pot
year-planted = it is in year { $age } after planting
year-young = it is only { $age } years old
year-no-crop = it carries no crop this year
year-neglected = it is grown and neglected
year-healthy = it is grown and healthy
year-at-most = This year at most { $share } of the canopy: { $why }.
year-nothing = Nothing of the live canopy this year: { $why }.
year-used = { " " }{ $used-share } is already cut.
forecast-frost = Frost of { $tmin } °C is forecast for { $when }: no live cut before it is over.
forecast-heat = { $tmax } °C is forecast for { $when }: no cut now, bark and leaf burn.
forecast-rain = { $rain } mm of rain is forecast for { $when }: disease spreads on wet leaves.
forecast-unknown = No forecast is known here, and frost may come until { $end }: look at yours and say.
lane-no-pot = Not done to a tree in a pot.
lane-too-young = Not done to a tree this young: train it, and leave its leaf on until about { $day }.
lane-small-any-time = Small cuts of at most { $wide } may be made any time while the tree is healthy; larger ones on a cheaper day.
lane-small-only = Small cuts only, at most { $small }.
lane-rounds = No day of the year leaves more than this at once: an ordinary cut takes { $rounds } such rounds.
lane-costs = A cut now costs about { $now } of what you cut; { $none ->
    [yes] no crop
   *[no] about { $then }
} from { $day }.
lane-other-days = By the way you work other days come first: next from { $day }.
lane-next = Next from { $day }.
date-unknown = a date not known
year-share-used = This year's share is used: nothing more of the live canopy before { $again }.
wanted-pot = A tree in a pot is shaped once a year.
wanted-wall = A hedgerow wall is kept every year.
wanted-neglected = Neglected: it is renewed by thirds over three years.
wanted-over-cap = Over the wanted height, { $cap }.
wanted-thinned = Last thinned { $last }.
wanted-wood-first = A young tree makes wood before crop.
wanted-trained = A young tree is trained once a year.
wanted-skirt = A limb hangs { $tip } above the ground without its crop: with it, leaf and fruit lie on the soil.
wanted-in-order = As high as you want it and in order: tips and dead wood only, an open window is no reason to cut.
shoot-rootstock = The rootstock's: it comes off
shoot-water-sprout = A water sprout of the tree itself
shoot-bearing = A shoot that will bear
shoot-unclear = Not yet clear
shoot-keep-gap = Keep it where a gap wants filling, tipped or bent; else off at its origin while it is small.
shoot-spare = Keep it as a spare, or strike it as a new tree; take it off only if it crowds.
shoot-no-union = No union: the tree stands on its own roots, so a shoot from the base is the same plant.
shoot-follow = Follow it to its origin and ask which graft bears it before anything is cut.
shoot-several-grafts = Several grafts on this tree: the clues compare with one scion only. Ask which graft it grows from.
shoot-only-living = These are the only living shoots of the tree: without them it dies.
shoot-rebud = Do not cut yet. Will the tree be budded again on this shoot, or replaced?
shoot-below-union = It grows from below a clearly seen union: it comes off, whatever else it looks like.
shoot-seen = By what was seen it is { $kind ->
    [rootstock_sucker] a sucker of the rootstock
    [water_sprout] a water sprout of the tree itself
   *[scion_shoot] a shoot that will bear
}.
shoot-leave = Leave it: it will bear.
shoot-vigour = Vigour alone never tells a sucker from a sprout.
shoot-not-clear = Not yet clear.
shoot-one-more = { $why } Look at one thing more.
shoot-union-off = At the union: it comes off
shoot-union-rub = It starts at the union. By your way of working such shoots are rubbed off, whosever they are: a clean trunk, and no doubt later.
shoot-union-keep = It starts at the union and is the planted kind’s. By your way of working it may stay.
shoot-leave-now = Leave it for now; look at what is asked next.
shoot-rub = Rub or pull it off by finger, heel and all; never a stub, never spray on green bark.
shoot-clear-soil = Clear the soil gently and cut it
shoot-cut-it = Cut it
shoot-flush = { $where } flush at its origin; never a stub, never spray on green bark.
clue-thorny-kind = { $asks } This kind is thorny itself, so it tells nothing.
clue-neither = { $asks } { $word }: neither the recorded stock nor the recorded kind bears such a leaf. Which is wrong, the stock or the kind? The leaf outranks the label.
again-in-order = A tree in order is walked again after three months.
again-after-found = The next look round it, three months after this one.
again-before-flush = Look again before the next flush: suckers and sprouts are small then.
look-sucker-left = Left alone, a sucker is as thick as a thumb in { $months } months, takes what the roots send up, and bears the stock’s fruit: in the end the planted kind dies back.
look-frost = Frost hurt it: wood is not called dead before { $waiting-until }. Broken limbs and suckers may come off.
look-at-most = At most { $most }
look-from-to = { $least } to { $most }
look-tips = { $much } off its { $height }, to a living side shoot: it then stands { $left } tall. Wood older than two years is slow to break in a pot, so no cut below the lowest shoot with leaves.
look-by-hand = by hand
look-pole = with a pole
look-ladder = only from a ladder
look-over = over it
look-under = under it
look-cap = { " " }You want it { $cap } high: { $where }.
look-reach = { $height } tall: its top is reached { $by } (hand { $reach }, pole { $pole }).{ $cap }
look-tractor = enough for a tractor
look-on-foot = enough on foot, not for a tractor
look-too-little = too little to walk and work
look-clear = { $spread } wide: a like row beside it leaves { $clear } clear, { $word }.
crop-given-of = , { $lost } of what hangs
crop-given = The crop given up: { $lost } fruit{ $share }; the skirt bears again higher up within a year or two.
bends-expected = as one would expect of its wood
bends-times = { $ratio } times what its wood usually bends
bends-less = less than its wood usually does
bends = It came down { $drop } under { $mass }: it bends { $word }. The sag of the others is worked out with that.
for-the-sum = For the sum, { $message }.
thin-fruit = Take off about { $remove } fruit, between { $remove-low } and { $remove-high } nineteen times in twenty.
measure-trunk = Measure the trunk above the union: how much it may carry follows from that.
winter-room = The winter room { $message }.
pot-too-tall = It is { $shorten } too tall for its { $by }: shorten it to { $cap } in its window, no more than a third at once.
pot-weighs = Watered it weighs about { $weight }
pot-two-people = : two people or a trolley.
pot-in = { " " }In by
pot-out = { " " }Out from
pot-on-day = { $words } { $day }.
pot-shade = { " " }Then { $shade-weeks } weeks of shade, thick at first.
low-branch-waits = { $form ->
    [tree] As a tree
    [bush] As a bush
   *[leader] As a tree with one leader
} its lowest branch stays { $height } up. A low branch that waits thickens about { $wait } a year, and so does its wound.
one-branch = One branch
branches = { $low } branches
form-of-block = Asked once: it holds for all { $n } trees of the block. A tree that goes its own way says so on its own page.
low-branches = { $form ->
    [tree] As a tree
    [bush] As a bush
   *[leader] As a tree with one leader
} its lowest branch stays { $height } up. { $branches } below it cost { $now } of the leaf and wounds to { $wounds } today; left for a year, { $later } and { $wounds-later }. They go in stages, half of them at once at most.
tie-off = A gap of { $gap } is closed by now: the tie comes off today, another goes on with a finger's slack if it is still needed.
tie-until = With { $gap } of slack, and a trunk that thickens about { $rate } a month while it grows, it must come off by { $off }; look again { $look }.
clear-below = Below { $clear } nothing stays for good; what is thicker than { $at } comes off, the rest feeds the trunk for another year.
stands-tall = { " " }It stands { $height } tall.
first-pinch = First pinch between { $low } and { $high }.{ $stands }
lags = It is { $height } tall, its like in the row { $rowean } on the mean: it lags.
neighbour = { $name }, { $distance } to the { $bearing-deg }
neighbour-shade = , and throws its shade there
neighbour-outgrown = It outgrows { $where } ({ $height }){ $shade }: the two are kept as one, so this one is lowered first, to about that.
neighbour-before = stands in the sun before it
neighbour-outgrows = outgrows it
neighbour-lower = { $where } ({ $height }) { $shade }: lower that one first, to about this one's height, and spare this one's leaf.
neighbour-balance = In balance with { $where }.
tip-on-ground = on the ground
tip-up = { $tip-height-loaded } up
tip-hangs = Its tip hangs { $tip } up, { $end } under { $load } of fruit; { $clear } is wanted.
skirt-clear = The loaded skirt hangs { $height } clear: { $says }.
year-overrun = In { $year } { $done-share } went, more than the { $budget } the tree bears in a year. It is no disaster: it answers with sprouts and bears less for a season or two. Paint the bark that sees new sun, choose among the sprouts when they are a hand long, and take only suckers and dead wood next year.
pace = Visits took { $pace } times the minutes reckoned: plans and sheets count by that now.
shade-cure = { " " }At { $lower } m it would leave { $wanted } h, { $gain } h more, and give up about { $share } of its own leaf.
shade-taken = { $by } takes { $lost } of the { $hours } h of sun from the lower limbs of { $name }.{ $cure }
plan-not-today = Not today: from { $opens }. Here is that day's plan. { $why }
bared-paint = paint it the same day
bared-leaf = leaf will shade it again
bared = Bark bared at the { $names } gets { $hours } h of steep sun about { $on }: { $does }.
one-pass = Pick and cut in one pass: fruit off first from the limbs that go, then the cut.
one-pass-kg = , about { $kg } of it
one-pass-machine = fruit{ $about } off before the bar, bins and clippings on opposite sides
one-pass-limbs = fruit{ $about } off the limbs that go, then the cut
one-pass-block = { $due ->
    [one] { $due } tree is
   *[other] { $due } trees are
} ripe and open to the cut: pick and cut in one pass, { $how }.
no-forecast = No forecast: frost and heat are judged from the normals alone. Look at your own forecast before you cut.
task-late = { " " }It is late.
task-put-off = { " " }Put off: { $why }.
task-due = Due { $due } after the { $after ->
    [frost] frost
   *[work] last work
}.{ $late }{ $put }
sheet-open-already = A sheet of it is open already.
sheet-nothing-to-cut = Nothing to cut on it for now.
sheet-open = Its cut sheet of { $day } is open.
found-on = Found on the look of { $day }.
suckers-seen = Suckers were seen below the union: they come off any day, the sooner the better.
dead-marked = Dead limbs are marked: off to a live junction on a dry day.
flush-starts = A flush starts about { $end }: suckers are small now and rub off.
frost-foreseen = Frost is foreseen on { $night }, coldest in { $block }
frost-to-judge = { $n ->
    [one] One tree wants judging after the frost of { $night }
   *[other] { $n } trees want judging after the frost of { $night }
}
forecast-closes = The forecast closes this window.
left-out-more = { $share } is more than the { $most } this work may take that day.
shoot-not-yet = Do not cut yet
leader-for = { $good }.
leader-for-but = { $good }; but { $weak }.
from-day = From { $day }
nothing = nothing
unknown = not known
tips-do = { $does }.
heir-steep = steeply
heir-slanting = slanting
heir-flat = flat
bud-under = under
bud-outer = outer
feed-wraps = from { $day }
named-on-walk = Named on the walk.
rubs-worn = Rubs the { $limb } { $out } out, and its own bark is worn through.
rubs-inward = Rubs the { $limb } { $out } out, and grows inward.
rubs-thinner = Rubs the { $limb } { $out } out, and is the thinner one.
rubbed = The other of the pair: it is better placed than the { $limb }.
parallel-lower = Runs under the { $limb } and is shaded first: the lower goes.
parallel-upper = The upper of the pair over the { $limb }.
below-cluster = { $shoots } shoots spring { $along } along it: cut below the cluster.
in-cluster = One of { $shoots } from one point; those that stand best: { $limb }.
drawn-dead = Drawn as { $state ->
    [dead] dead
    [broken] broken
   *[diseased] diseased
}.
tuft = Little leaf for its wood: { $leaf } of what its girth could carry.
sprout-upright = Upright off a main limb.
starts-below-union = Starts below the union or in the soil.
low-branch-thickest = Among the thickest below the lowest kept branch.
over-cap-sets = Sets the top: { $top }, and { $cap } is wanted.
over-cap-stands = Stands over the wanted height: { $top }, and { $cap } is wanted.
wide-aim = Reaches { $reach } out; { $wanted } from the stem is wanted.
wide = Reaches { $reach } out; { $wanted } would be in line with the others.
most-upright = The most upright and strongest of the main limbs.
left-out-others = The other cuts of its kind take what this work may that day.
left-out-by-you = you took it out
traced = From the picture: { $height } tall, { $across } across.
traced-flat = Nobody said how far off you stood: what stands nearer to you looks larger than it is. Say the distance, and sizes come out truer.
counted = About { $share } of the canopy, between { $low } and { $high }: by the cross-section of what is cut against the trunk's.
counted-mass = The heaviest piece weighs about { $heaviest }; plan the lift for { $twice }. Without fruit.
counted-over = Over today's { $limit } by { $over }.
counted-may-be-over = It may be over today's { $limit }: up to { $high }.
recipe = For { $aim }: about { $share } of today's { $limit }. Nothing thicker than { $thickest }, a third of the trunk. Count what you take; stop where the limit is reached.
recipe-above = { $where }, above { $height }
stairs = { $visits ->
    [one] One visit brings it from { $now } to { $wanted }, on { $day }.
   *[other] { $visits } visits bring it from { $now } to { $wanted }, the last on { $day }.
}
grown-unmeasured = { $start ->
   *[cut] { $was } after the cut of { $day }
    [measured] { $was } on { $day }
  }. Nobody has measured since; about { $expected } more is expected by now.
grown = { $start ->
   *[cut] { $was } after the cut of { $day }
    [measured] { $was } on { $day }
  }, { $now } on { $on }. That is { $grew } { $way ->
   *[taller] taller
    [lower] lower
  }; about { $expected } was expected, { $beside ->
   *[as] as a tree of this vigour does
    [more] so it grows more than was thought
    [less] so it grows less than was thought
  }.
stairs-low-enough = It is no higher than { $wanted }.
stairs-too-few = These days bring it from { $now } to { $lowest }, not to { $wanted }: more visits, or a renewal.
recipe-none = { $aim }: this cannot be said by counting. Draw the tree, or trace it on a photo, and plan it limb by limb.
climate-of = { $name }: { $zone }, at { $latitude }° from the equator.
climate-by-latitude = { $name }: by the latitude alone; the map does not reach here.
climate-of-zone = Zone { $zone } falls to about { $low } °C in a usual year: nearest is { $name }.
aim-from-ground = picked from the ground
renewal-first = First pick what hangs and take the dead wood out, then look again: another limb may be the one to go.
aim-full = Left alone it comes to about { $low } to { $high }{ $on }.{ $need }
aim-on-stock = { " " }on { $name }
aim-no-topping = { " " }Wanted higher than that, it needs no topping.
aim-over-weeks = in rounds from a tripod, as its fruit hangs for weeks
aim-by-rows = { $share } of the way between rows
aim-from-step = picked from a step
aim-with-pole = picked with a pole
aim-off-top = { $share } off the top
shoot-how-raised = Its rootstock is not on record, and one thing was looked at. From a seed or a cutting it has none, and the shoot is its own.
shoot-say-how-raised = Say how the tree was raised, or look at one thing more.
whip-small = Not yet: leave every leaf on until it stands { $low } tall. In weak light it only grows thin: more light first.
whip-pinch = The first cut is made between { $low } and { $high }, so that branches come where they are wanted.
whip-leaf = It takes { $leaf } of its leaf; the rest feeds what breaks below.
whip-below-leaves = Below all its leaves: { $leaf } of them goes. It may break from the scars left by fallen leaves, or die; leave some leaf below the cut.
whip-node = Cut { $above } above a leaf or a bud. Without leaves look for the scar a leaf left: a crescent across the bark with a bud in its corner.
whip-after = Two to four shoots break just below within some weeks. Leave them all until they are a hand long, then keep three that point round the stem at different heights; nothing else this season.
need-on = { $day }
need-from = from { $day }
need-late = late, since { $day }
need-by = by { $day }
need-dry-day = any dry day
need-any-day = any day
crew-left-closed = No week is open to it.
crew-left-nobody = Nobody with hours may { $skills }.
crew-left-hours = No hours are left for it.
crew-left-dearer = Every week costs more than leaving it.
crew-cost = The cuts cost up to { $crops } of one tree.
crew-served = First come, first served would cost { $crops } more.
crew-more = One more hour brings most with { $who } in the week of { $day }.
crew-later-same = Waiting loses nothing.
crew-later-costs = Done afterwards it costs about { $crops } more.
crew-later-closed = Afterwards it is not open again within a year.
work-begins = It begins.
import-reading = Reading the list
import-drawing = Drawing an outline of each tree
import-keeping = Putting the trees down
import-wrong = { $n ->
    [one] One thing on the list is to be put right; nothing was saved.
   *[other] { $n } things on the list are to be put right; nothing was saved.
}
import-good = { $n ->
    [one] The list is in order: one tree.
   *[other] The list is in order: { $n } trees.
}
import-made = { $n ->
    [one] One tree stands there now.
   *[other] { $n } trees stand there now.
}
sheets-planning = Planning the cuts of each tree
sheets-made = { $n ->
    [0] No sheet was made.
    [one] One sheet was made.
   *[other] { $n } sheets were made.
}
season-gathering = Gathering the work of the months
weeks-gathering = Gathering the work of the weeks
weeks-placing = Sharing it out
package-tables = Writing the tables of the package
package-photos = Writing its photos
package-reading = Reading the tables
restore-unpacking = Unpacking
restore-checking = Checking it to the last row
moved-slipped = It was planned for a week that is over, and is not done.
moved-away = There are fewer hours in that week than when the plan was kept.
moved-closed = That week is closed to it now.
moved-fixed = It is fixed there by hand.
moved-room = It makes room for other work.
moved-new = It was not known when the plan was kept.
moved-gone = It is done, or no longer wanted.
moved-left = It no longer fits.
move-costs = It costs { $crops } of one tree more.
move-saves = It saves { $crops } of one tree.
move-same = It costs no crop.
move-leaves = { $hours } h of other work no longer fit.
sample-told = Mean { $what } so far { $mean }; from these trees it is known to ± { $about } in nine cases of ten, with one more to ± { $more }.
sample-share = Mean { $what }: from these trees known to ± { $about } of itself in nine cases of ten, with one more to ± { $more }.
sample-all = Mean { $what }: known without error, since every tree is measured.
backup-none = There is no backup yet; the first is made within ten minutes of starting.
backup-failed = The last backup could not be made: { $why }.
backup-late = The last backup is { $days } days old. One is made every day while Billhook runs.
backup-there = The last backup is of { $day }.
backup-opened = The last backup is of { $day }. It was opened and is whole: { $trees ->
    [one] one tree.
   *[other] { $trees } trees.
}
role-owner = Owner: all of it, who may come in, and backups.
role-manager = Manager: plans, brings in and takes out lists, corrects what others wrote.
role-helper = Helper: looks, ticks cuts, counts, takes photos, writes down what was done; sees the rows given to their name, or all where none are.
role-viewer = Viewer: reads, and changes nothing.
grow-headed = Headed between branches, its last buds wake: { $n ->
    [0] no shoot found light
    [one] one shoot
   *[other] { $n } shoots
}, as upright as before; { $low } to { $high } are usual.
grow-to-side-branch = Cut to a side branch that takes over: { $n ->
    [0] no new shoot
    [one] one new shoot
   *[other] { $n } new shoots
} beside the cut; { $low } to { $high } are usual.
grow-collar = Off at its collar: { $n ->
    [0] no shoot follows
    [one] one small shoot follows
   *[other] { $n } small shoots follow
}, { $low } to { $high } are usual. A stub would have kept its buds.
grow-origin = Off at its origin: { $n ->
    [0] none comes back
   *[other] one may come back
} ({ $low } to { $high } are usual); look again in a season.
grow-over-budget = { $removed } went, more than the { $budget } of a year: the roots push { $n ->
    [one] one sprout
   *[other] { $n } sprouts
} from the limbs that are left.
grow-burnt = { $removed } went at once and bark stood bare in sun of { $hot } °C: it burns on { $n ->
    [one] one main limb
   *[other] { $n } main limbs
}. Whitewash the same day keeps it.
grow-frost = Frost of { $min-c } °C on { $day }, class { $worst }: { $lost } of the leaf is lost.
grow-shade = Under { $limit } of the sky’s light for { $seasons } seasons inner twigs die on { $n ->
    [one] one limb
   *[other] { $n } limbs
}: { $lost } of the leaf.
grow-suckers = { $n ->
    [one] A sucker
   *[other] { $n } suckers
} from below the union grew { $gain } and { $n ->
    [one] takes
   *[other] take
} { $takes } of the top’s leaf.
grow-price = { $share } of the canopy on { $day } takes { $price } of what is cut.
grow-sum-crop = You give up { $lost } of the crop of { $year }{ $gains ->
    [yes] { " " }and pick more than the twin in { $more }
   *[no] { "" }
}. Over { $seasons ->
    [one] one season
   *[other] { $seasons } seasons
} it bears { $total } crops, its twin { $twin }.
grow-sum-height = It stands { $now } high after the cuts and { $then } in { $year }; its twin then { $twin }. Light on its lower limbs is { $light } of the sky’s then, in the twin { $dark }.
grow-sum-work = Most sprouts to choose among: { $n }, in { $year }; about { $minutes } minutes.
practice-missed = Left standing: the { $name }. { $why }
practice-not-needed = Cut, but it should stay: the { $name }. { $why }
practice-place = The { $name }, { $whole ->
    [yes] cut back to { $kept } where it should come off whole
   *[no] cut at { $kept } where { $right } would be right
}. { $why }
practice-besides = The { $name } did not need a cut; it costs { $share } of the canopy.
practice-early = Right or not, { $weeks ->
    [one] a week
   *[other] { $weeks } weeks
} early: { $why } From { $better } on it is right.
practice-shut = Right or not, not on { $day }: { $why } { $better } was a good day for it.
practice-waited = Today was a good day for it; waiting lets it grow on.
practice-over = { $share } of the canopy went, { $budget } is what a year allows. Sprouts follow.
practice-danger = Not looked for: { $what }
practice-choice-wait = leave it today, and wait
practice-choice-off = take off { $names }
practice-choice-head =
    cut { $names } back by { $part ->
        [third] a third
       *[half] half
    }
value-crops = { $part ->
    [none] no crop
    [twentieth] a twentieth of a crop
    [tenth] a tenth of a crop
    [fifth] a fifth of a crop
    [quarter] a quarter of a crop
    [third] a third of a crop
    [half] half a crop
    [two-thirds] two thirds of a crop
    [three-quarters] three quarters of a crop
    [whole] a whole crop
   *[more] { $n } crops
}
verdict-head = { $status ->
    [go] Go
    [light] Small cuts only
    [wait] Wait
   *[stop] Stop
}, { $day }
verdict-cost = { $none ->
    [yes] costs no crop
   *[no] costs about { $crops } of what you cut
}
verdict-forecast = Is frost forecast in the next 14 days? Without an answer: wait{ $until }
verdict-until = , until { $day }
verdict-most = { $head }: { $half ->
    [yes] at most half of its shoots
   *[no] at most { $share }
}
verdict-and = { $most }, and { $cost }
verdict-now = { $head }: a cut now { $cost }; { $none ->
    [yes] no crop
   *[no] about { $then }
} from { $day }
verdict-next = { $head }: next on { $day }
button-picked = Picked today
button-no-fruit = No fruit on it this year
button-under-cover = It stands under cover
button-no-frost = No frost in the next 14 days
button-frost = Frost is forecast
button-went-out = Went out today
button-came-in = Carried in today
button-show-day = Show the day it opens
ask-first-flowers = When did its first flowers open?
ask-last-picked = When was the last fruit picked?
ask-first-branches = How high are its first branches to be?
ask-last-flush = When did it flush last year?
scratch-here = Scratch here next, a thumbnail wide.
scratch-at-base = One more at the base, to prove it.
scratch-green = Green to its end: no cut.
scratch-too-early = Written down. It is too early to cut: the edge may still move.
scratch-no-green = No green at all: off at its base.
scratch-cut = Cut at { $cut }, { $to ->
    [branch] to the live side branch there
   *[green] into the green
}.{ $mixed ->
    [yes] { " " }Green lies beyond brown, so it is cut below the lowest brown.
   *[no] { "" }
}

# What limbs are called, and where and how they are cut.
limb-main = { $which ->
    [only] { $way } limb
    [lower] lower { $way } limb
    [upper] upper { $way } limb
   *[nth] { $which } { $way } limb
}
limb-shoot = { $which ->
    [only] { $way } shoot
    [lower] lower { $way } shoot
    [upper] upper { $way } shoot
   *[nth] { $which } { $way } shoot
}
limb-side = { $which ->
    [only] side branch facing { $way } on the { $bearer }
    [lower] lower side branch facing { $way } on the { $bearer }
    [upper] upper side branch facing { $way } on the { $bearer }
   *[nth] { $which } side branch facing { $way } on the { $bearer }
}
limb-sucker = { $nth ->
    [only] sucker on the { $way }
   *[other] sucker { $nth } on the { $way }
}
limb-nth = { $n ->
    [1] first
    [2] second
    [3] third
    [4] fourth
    [5] fifth
    [6] sixth
    [7] seventh
    [8] eighth
   *[other] { $n }th
}
fork-nth = { $n ->
    [1] first
    [2] second
    [3] third
    [4] fourth
    [5] fifth
    [6] sixth
   *[other] { $n }th
}
limb-unknown-shoot = { $nth ->
    [only] shoot at the foot, { $way }
   *[other] shoot { $nth } at the foot, { $way }
}
cut-at-trunk = the trunk, { $length } above ground
cut-at-soil = { $limb }, from the soil, off at its origin
cut-at-origin = { $limb }, { $under } under the union, off at its origin
cut-at-collar = { $limb }, off at its collar
cut-along = { $way ->
    [along] { $length } along the { $limb }
    [down] { $length } down the { $limb }
   *[up] { $length } up the { $limb }
}
cut-to-fork = { $where }, to the { $nth } fork
cutting-finger = Rub it off with a finger; never a stub, never gouged into the stem, never sprayed.
cutting-origin = Cut flush where it starts, close to the bark; never a stub, never gouged into the stem, never sprayed.
cutting-collar = Just outside the swollen collar, never into it; no stub.
cutting-junction = Back to the live { $branch }; do not cut into its collar.
cutting-side-branch = To the { $branch } ({ $mm } against a cut of { $wound }), sloping away from it.
cutting-some-branch = side branch
cutting-sheared = Back to the line of the wall.
cutting-bud = Just above a leaf, bud or bump, { $slope }° away from it, stub at most { $stub }.
cutting-square = Square across, where it is marked.
cutting-long = { $cuts ->
    [2] Heavy: cut it long first, then close. { $step }
   *[other] Three cuts: undercut a hand out, cut through from above a little further out, then the clean cut. { $step }
}

# Kinds of work: in a sentence, and over their row of the year.
work-of = { $work ->
    [sucker] suckers
    [sprout] water sprouts
    [sanitation] dead and broken wood
    [fruit] taking fruit off
    [skirt] the skirt
    [thin] whole branches
    [height] lowering and heading
    [hedge] the hedge wall
    [shear] a formal hedge
    [tip] tips
    [renewal] a third of the tree
    [skeleton] a skeleton prune
    [pot] the potted tree
   *[young] training a young tree
}
work-lane = { $work ->
    [sucker] Suckers below the union
    [sprout] Water sprouts
    [sanitation] Dead and broken
    [fruit] Take fruit off
    [skirt] Skirt
    [thin] Thin, whole branches
    [height] Lower, head back
    [hedge] Hedge wall
    [shear] Shear a formal hedge
    [tip] Tips
    [renewal] Renew by thirds
    [skeleton] Skeleton prune
    [pot] Tree in a pot
   *[young] Train a young tree
}
cost-none = it costs no crop
cost-about = it costs about { $crops } of what you cut
# What a tree needs next.
need-odd = Cannot be worked out: something in its record is odd. Open it and look.
need-sheet = Cut sheet of { $day } is open
need-suckers = { $n ->
    [one] One sucker below the union: off, any day
   *[other] { $n } suckers below the union: off, any day
}
need-suckers-alike = Suckers below the union: off, any day
need-dead = { $n ->
    [one] One dead limb: off, any dry day
   *[other] { $n } dead limbs: off, any dry day
}
need-dead-alike = Dead limbs: off, any dry day
need-due = { $what }, by { $day }
need-half-shoots = , at most half of the shoots
need-at-most = , at most { $most }
need-until = { " " }until { $day }
need-cost = ; { $cost }
need-opens = , next on { $day }
need-go = { $what }: go{ $limit }{ $until }{ $cost }
need-dear = { $what }: wait, now { $cost }{ $opens }
need-not-yet = { $status ->
    [light] { $what }: small cuts only{ $limit }{ $opens }
    [wait] { $what }: wait{ $opens }
   *[stop] { $what }: stop{ $opens }
}
# Pieces of work on Today.
item-suckers = Suckers below the union, off at their origin
item-dead = Dead limbs, off on a dry day
item-sweep = Look below the union before the flush
item-half-shoots = { $work }, at most half of the shoots
item-share = { $work }, to { $share }
item-too-late = { $work }: too late this season
late-small-cuts = Until then small cuts of at most { $share }.
late-no-cut = No cut until then.
late-next = Next from { $day }.
late-closed = Look at the almanac for what closes it.
# What an answer about a shoot speaks for.
clue-speaks = { $says ->
    [nothing] { $asks } { $word }: tells nothing for this pair.
    [clearly-stock] { $asks } { $word }: speaks clearly for the rootstock.
    [clearly-own] { $asks } { $word }: speaks clearly for the tree itself.
    [some-stock] { $asks } { $word }: speaks for the rootstock.
   *[some-own] { $asks } { $word }: speaks for the tree itself.
}
# What a look after a frost is worth.
look-too-early = Too early to mean anything: look again on { $day }.
look-false-start = A false start: it collapsed by { $day }.
look-provisional = { $means }. Provisional: look again after the first hot days, usual from { $hot }, and on { $judge }.
# Events of a growing year.
season-event = { $event ->
    [first-flush] first flush
    [later-flush] later flush
    [bloom] bloom
    [set-and-drop] set and drop
    [harvest] harvest
    [frost-likely] frost likely
    [strong-sun-on-bark] strong sun on bark
    [hot-season] hot season
    [last-safe-hard-cut] last safe hard cut
    [last-safe-light-cut] last safe light cut
    [carry-out] carry out
    [carry-in] carry in
    [bloom-buds-form] bloom buds form
    [carry-out-into-shade] carry out, into shade
    [cool-nights-that-make-bloom] cool nights that make bloom
    [cool-that-makes-bloom] cool that makes bloom
    [no-nitrogen] no nitrogen
   *[sucker-sweep] sucker sweep
}
shoot-rake = Rake the base and look for snakes and wasps before hands go in.
shoot-thorns = Thorns: wear gloves and eye protection; those of a stock are longer than the tree's own.
item-finish-sheet = Finish the open cut sheet
frost-from = { $what ->
    [judge] Judge from { $day }
    [cut] cut from { $day }
   *[look-again] look again from { $day }
}
frost-now = { $what ->
    [judge] Judge now
    [cut] cut now
   *[look-again] look again now
}
sheet-tree-line = { $stock ->
    [none] { $kind }, planted { $year }
   *[other] { $kind } on { $stock }, planted { $year }
}
ask-how-many = How many?
ask-which-kind = Which kind of tree?
ask-own-kind = “{ $word }” is not known here. Pick a kind, or make it a kind of your own.
ask-drops-leaves = “{ $word }” drops its leaves; Billhook is for trees that keep them. Its dates would be wrong.
ask-planted-when = Planted in which year, or how old?
ask-pot-size = How large is the pot?
ask-which-lime = Which lime: Persian (Tahiti) or Key?
ask-which-orange = Which orange: a sweet one (Valencia, Hamlin, blood) or a navel?
ask-which-lemon = Which one: a lemon (yellow), a Persian lime (Tahiti) or a Key lime?
remedy-pick-first = Pick first what hangs on the limbs you cut.
remedy-say-bloomed = Say when it bloomed.
remedy-say-went-out = Say the day it went out.
remedy-say-carried-in = Say the day it was carried in.
remedy-say-carried-out = Say the day it was carried out.
remedy-look-at-forecast = Look at the forecast of the next 14 days: is frost in it?
scenario-ordinary = An ordinary year, with its frosts and heat waves
scenario-frost = A frost in ten days
scenario-heat = A heat wave in four days
scenario-wet = Rain tomorrow and the day after
scenario-clear = Three weeks without frost, heat or rain
station-foresees-nothing = No forecast: no station that foresees is connected. Frost and heat are judged from the normals alone; look at your own forecast.
station-simulated = simulated station
station-brought-in = days brought in as CSV
origin-climate = the climate “{ $climate }”
origin-station = station { $first } to { $last }, { $years } whole years, frost at { $risk } risk
origin-typed = typed
sure-published = published
sure-common-practice = common practice among growers
sure-from-memory = less sure: check it on your own trees
sure-our-rule = set by Billhook
label-rule = Rule for { $works }: { $says }
