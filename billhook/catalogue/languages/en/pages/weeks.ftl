## MonthsPage

the-months-ahead = The months ahead
from-on = { $hours } from { $day } on
all-blocks = all blocks
gathering-the-months = Gathering the months …
what-is-known-today-with = What is known today, with the ways you have adopted, each piece over the days on which it costs least. New looks, frost and growth add to it.
what-all-of-it-takes = What all of it takes
of-it-as-bought-clean = { $agent }: { $stockMl } of it as bought. { $care } Clean off soil and sap first; labels and local rules decide.
of-trees-no-size-is = Of { $unsized } { $unsized ->
    [one] tree
   *[other] trees
 } no size is known; cuts and chips leave { $unsized ->
    [one] it
   *[other] them
 } out.
nothing-is-known-yet-for = Nothing is known yet for these months.
pieces-of-work = { $works } { $works ->
    [one] piece
   *[other] pieces
 } of work
whitewash = whitewash { $whitewash }
disinfectant-ready-mixed = disinfectant { $disinfectant } ready mixed
saw-blades = saw blades { $sawBlades }
secateur-blades = secateur blades { $secateurBlades }
gives-of-chips-mulch-for = gives { $chipsM3 } of chips, mulch for { $count } { $unit }
rags = { $rags } { $rags ->
    [one] rag
   *[other] rags
 }

## WeeksPage

the-weeks-ahead = The weeks ahead
placed = { $spent } placed
that-do-not-fit = , { $leftMinutes } that do not fit
how-many-weeks = How many weeks
weeks = { $n } weeks
keep-this-plan = Keep this plan
sharing-out-the-weeks = Sharing out the weeks …
nothing-wants-doing-in-these = Nothing wants doing in these weeks.
nobody-s-hours-are-known = Nobody’s hours are known, so the work is spread evenly over the weeks its days allow.
say-how-many-hours-a = Say how many hours a week each has
the-cheapest-days-first-and = The cheapest days first, and few moves between rows. { $data }
since-the-plan-was-kept = Since the plan was kept
all-lies-as-it-was = All lies as it was kept on { $keptOn }.
jobs-lie-elsewhere-than-in = { $moved } { $moved ->
    [one] job lies
   *[other] jobs lie
 } elsewhere than in the plan kept on { $keptOn }
whoever-works = Whoever works
by-hand = by hand
of-h = { $spent } of { $minutes } h
to-6 = { $from } to { $to }
print-week-of = Print { $name }, week of { $from }
move = Move { $block }, { $says }
fixed = fixed
move-2 = move
what-does-not-fit = What does not fit
hours-of-a-week-count = Hours of a week count the way from row to row.
live-wood = live wood
takes-no-canopy = takes no canopy

## DaysOff

days-off = Days off
nobody-works = Nobody works
off-2 = off
rain-or-days-off = Rain or days off
nobody-works-rain = Nobody works: rain
to-both-included = To, both included
note-it = Note it

## MovePiece

which-row = Which row
shared-now-chosen-here-is = Shared now: { $shared }. Chosen here is who does all of it.
in-the-week-from = In the week from
closed = , closed
it-is-fixed-here-by = It is fixed here by hand.
it-lies-here-as-planned = It lies here as planned.
trying-it = Trying it …
fix-it-there = Fix it there
let-the-plan-say = Let the plan say
min-from = { $who } { $minutes } min from { $from }

## MovedList

somebody = somebody
week-of = { $names }, week of { $week }

rain = rain
