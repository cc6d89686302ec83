## Said in several places

the-course = The course

## LessonPage

walk-left = Walk left
walk-right = Walk right
lesson-of = , lesson { $n } of { $course }
years-old-tall-today-is = { $kindName }, { $ageYears } { $ageYears ->
    [one] year
   *[other] years
 } old, { $height } tall; { $climateName }. Today is { $day }.
its-room-is-high-from = Its room is { $wanted } high, from the soil of the pot.
what-you-see = What you see
touch-a-limb-in-the = Touch a limb in the drawing, or one of these, to look at it.
nothing-about-it-asks-for = Nothing about it asks for a cut.
mark-a-cut = Mark a cut
before-a-cut-you-would = Before a cut you would look for
decide = Decide
when = When
today-3 = today, { $day }
cut-so-and-talk-it = Cut so, and talk it over
leave-it-today-and-wait = Leave it today, and wait
talk-it-over = Talk it over
next-lesson = Next lesson
another-such-tree = Another such tree
height-a-ladder = height, a ladder
a-power-line = a power line
sap-that-burns = sap that burns

## PracticePage

trees-that-are-nobody-s-look = Trees that are nobody’s. Look, decide, and talk it over; nothing is logged and nothing can be broken.
the-course-of-right = The course, { $right } of { $course } right
five-minutes-each-in-the = Five minutes each, in the order of work. It is kept on this device and opens without signal; what went wrong comes back in some days.
begin = Begin
more-trees = More trees
another-tree-each-time-mark = Another tree each time. Mark your own cuts, or wait.
any = any
these-trees-and-their-stories = These trees and their stories are invented. Under a real tree look first for lines, nests and people; local rules and licensed practice decide.
again-from = again from { $again }

## DebriefPanel

talked-over = Talked over
to-do-otherwise = To do otherwise
as-a-good-practitioner-would = As a good practitioner would
not-looked-for = Not looked for: { $d }
more-3 = { $rest } more
over-seasons-on-this-very = Over { $seasons } seasons on this very tree, our estimate
plan = plan
taken = taken
crops = crops
sprout-work = sprout work
years-to-make-good = { $years } { $years ->
    [one] year
   *[other] years
 } to make good
what-you-did = What you did
right-from = Right, from { $better }
right-today = Right today
others = Others: { $name }
the-plan-your-way = The plan, your way: { $name }
leaving-it-alone = Leaving it alone
the-same-cuts-the-same = the same cuts, the same day
no-cut = no cut
crops-2 = { $crop } crops

lesson-done = done
thorns = thorns
