## RehearsePage

rehearsal = Rehearsal
nothing-is-logged-in-broken = Nothing is logged. In broken lines its twin, uncut, in the same weather.
cut-it-again = Cut it again
plan-these-cuts = Plan these cuts
only-the-size-of-this = Only the size of this tree is known. Measure its main limbs, or trace them on a photo, and it can be rehearsed.
its-limbs = Its limbs
season = Season
last-drawing = Last drawing
your-cuts = Your cuts
touch-a-limb-in-the-first = Touch a limb in the first drawing where you would cut it, or choose one here. The years ahead answer at once.
cut-a-limb-off = Cut a limb off
choose-a-limb = choose a limb …
keep-as-second-plan = Keep as second plan
second-plan-away = Second plan away
other-weather = Other weather
bared-bark-whitewashed = bared bark whitewashed
what-comes-of-it = What comes of it
the-red-mark-on-each = The red mark on each bar is your second plan.
how-sure-our-estimate = How sure: our estimate{ $sure }.
a-tree-grows-on-the = A tree grows on the drawing by rules of the trade; each is listed with how sure it is.
one-year-on = one year on
two-years-on = two years on
three-years-on = three years on
four-years-on = four years on
cut-on = cut on { $day }
years-on = { $k } years on
the-same = the same { $ids }
twin = twin { $height }
crop = crop
twin-2 = twin { $twin }
light-inside = light inside
twin-3 = twin { $lightInside }
twin-4 = twin { $sprouts }
wounds-open = wounds open
none-made = none made
crop-within = crop within { $count } %
height-within = height within { $which }
by-the-weather-of-seasons = , { $size }, { $crop } by the weather of { $runs } seasons
shoots = { $ids } shoots
closed-2 = { $count } closed

## MarkRow

the-trunk = The trunk
of-it-stay = { $keep } of it stay
off-at-its-collar = off at its collar
how-much-of-the-stays = How much of the { $limb } stays
off = Off
