## Said in several places

help = Help
what-is-known = What is known

## HelpPage

first-steps = First steps
words-of-the-trade = Words of the trade
which-word = Which word
which-word-2 = which word
that-word-is-not-among = That word is not among them.
guide = Guide
the-guide = The guide
each-page-has-more-of = Each page has more of its own; press ? there.
say-where-your-trees-stand = Say where your trees stand, and what they are.
today-says-what-is-due = Today says what is due, what is late, and what comes next.
open-a-tree-may-i = Open a tree: may I cut today, how much, and what it costs.
look-at-it-one-question = Look at it: one question at a time, and what to do about it.
plan-the-cuts-print-the = Plan the cuts, print the sheet, take it under the tree.
what-was-done-stands-in = What was done stands in the book; everything can be taken back.

## KnownPage

so-many-values = { $n ->
    [one] { $n } value
   *[other] { $n } values
}
every-number-a-verdict-rests = Every number a verdict rests on: its unit, what may stand in its place, and where it comes from.
how-sure = How sure
fetching = Fetching …
catalogue = Catalogue { $version }
lemon-frost-side-branch = lemon, frost, side branch …
to-5 = { $low } to { $high } { $unitOf }
known = known
what = What
value = Value
may-be = May be
others-say-2 = Others say

## MorePage

units = Units
the-same-on-every-device = The same on every device, sheet, list and calendar.
colours = Colours
colours-on-this-device = Colours on this device
data-out = Data out
as = { $name } as { $kind }
all-of-it-as-one = All of it as one package
metres-millimetres-c = Metres, millimetres, °C
feet-inches-f = Feet, inches, °F
the-holding = The holding
say-what-stands-there-or = say what stands there, or bring in a list
climate-station-ways-of-working = climate, station, ways of working, calendar
who-works-here-how-far = who works here, how far they reach, whose rows are whose
heights-of-rows = Heights of rows
sun-on-the-walls-hedging = sun on the walls, hedging, ways of renewal
before-a-cold-night-after = before a cold night, after it, and what was hurt
what-opens-without-signal-what = what opens without signal, what waits to be sent
trees-that-are-nobody-s = trees that are nobody’s: look, decide, talk it over
first-steps-words-of-the = first steps, words of the trade, the guide, keys
every-number-and-how-sure = every number, and how sure it is
the-log = The log
what-is-due = What is due
materials-of-the-months-ahead = Materials of the months ahead
as-geojson = { $name } as GeoJSON

## BackupsPart

backups = Backups
backing-up = Backing up …
back-up-now = Back up now
in = In
on-the-computer-that-runs = on the computer that runs Billhook.
one-is-kept = One is kept
are-kept = { $kept } are kept
the-newest-seven-one-of = The newest seven, one of each of four weeks and one of each of twelve months. To put one back, stop Billhook there and run
with-the-file-what-stood = with the file; what stood there is kept.

## SignedIn

signed-in = Signed in
what-waits-here-to-be = What waits here to be sent stays until { $account } is back.
from-now-on-this-device = From now on this device’s own lock lets you in.
come-in-by-this-device = Come in by this device’s lock
language-of-this-device = Language of this device
notes-stay-as-typed = The phone or computer you look at speaks it; others choose their own. What somebody typed stays as it was typed.
