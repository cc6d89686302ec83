## Said in several places

season-report = Season report
to-3 = To
cuts-3 = { $cuts } cuts
picked = Picked

## BookPage

by-day = By day
log-as-csv = Log as CSV
trees-as-csv = Trees as CSV
which-entries = Which entries
in-block = In block
everybody = everybody
fetching-the-log = Fetching the log …
the-newest-are-shown-are = The newest { $entries } are shown, { $older } are older; say days to see them. The CSV has them all.
everything-written-to-take-back = Everything written, to take back
by = , by { $person }
take-back-2 = Take back: { $said }
entries = { $entries ->
    [one] entry
   *[other] entries
 }
of-the-canopy-a-tree = { $share } of the canopy a tree
hours-2 = { $hours } hours
picked-3 = { $kg } picked

## ReportPage

as-pdf = As PDF
which-days = Which days
to-a-dash-stands-where = { $holding }, { $first } to { $last }. A dash stands where nobody wrote it down. Products are those named in the notes.
by-block = By block
all-of-it = All of it
what-comes-next = What comes next
by-2 = by { $due } · { $what }
trees-or-rows = · { $n } trees or rows
when-it-is-right-next = When it is right next
the-record = The record
nothing-was-written-down-in = Nothing was written down in these days.
one-cut = one cut
worked-on = Worked on
share = Share
regrown = Regrown

## BlockBack

block-by-year = Block by year
by-year = By year
trees-stand-in-it = { $standing } trees stand in it
nothing-was-cut-or-picked = Nothing was cut or picked in this block yet.
canopy-taken-mean-of-the = Canopy taken, mean of the trees cut

## EntryList

so-many-entries = { $n ->
    [one] { $n } entry
   *[other] { $n } entries
}
tree-work-helper = tree, work, helper
done-on = Done on
share-of-canopy = Share of canopy
minutes = Minutes

## NotSo

for-the-chosen = For the chosen
entries-2 = { $acts ->
    [one] entry
   *[other] entries
 }
not-so-take-back = Not so: take back
cannot-be-taken-back-only = { $rest } cannot be taken back, only corrected.

## PickedList

block-row-helper = block, row, helper
picked-on = Picked on
how-much = How much
