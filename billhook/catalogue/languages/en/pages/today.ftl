## Said in several places

put-off = Put off

## TodayPage

today-4 = Today, { $day }
the-fortnight-to-of-work = the fortnight to { $until }: { $minutes } of work
in-which-order = In which order
late = Late
nothing-wants-doing-this-fortnight = Nothing wants doing this fortnight.
next-2 = Next
invented-for-the-demo = , invented for the demo
too-late-this-season = Too late this season
rake-the-base-and-look = Rake the base and look into low skirts for snakes and wasps before hands go in. No ladder alone, none near a power line; cuts near lines are for licensed crews.
by-walk = By walk
by-kind-of-work = By kind of work
by-helper = By helper
nobody-named = Nobody named
hours-3 = { $minutes } hours

## WorkItem

stopped = Stopped: { $closedBy }
why-4 = Why: { $where }, { $item }
put-off-to = Put off to { $until }: { $why }
not-yet-ask-again = Not yet: ask again { $askAgain }
chosen-3 = , { $size } chosen
the-trees = The trees{ $size }
to-which-day = To which day
soil-too-wet-for-the = soil too wet for the ladder
not-to-be-done = Not to be done
open-the-sheet = Open the sheet
its-cuts = Its cuts
not-yet = Not yet
put-off-2 = Put off: { $where }, { $item }
later = Later
rows-to = rows { $rows } to { $rows2 }
row-8 = row { $rows }
its-window-closed = its window closed { $lastGood }
due = due { $lastGood }
from-6 = from { $opens },
last-good-day-2 = { $from }last good day { $lastGood }
any-day-2 = any day
not-yet-2 = not yet: { $asks }
trees-7 = { $named }, { $trees } trees
