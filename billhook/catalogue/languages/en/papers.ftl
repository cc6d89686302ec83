# On paper and in calendars.
row-of-block = { $block }, row { $row }
calendar-put-off = Look again. Put off: { $why }.
calendar-look-again = Look again.
calendar-finish-sheet = finish the cut sheet
calendar-open-sheet = Open cut sheet.
calendar-sheet = Cut sheet
calendar-name = { $of }: pruning
calendar-when = When to do it
calendar-window = { $block }, { $kind }: { $work }
calendar-window-to = { $block }, { $kind }: { $work }, to { $share }
crew-rows = { $rows ->
    [one] row { $first }
   *[other] { $rows } rows
    }
crew-about = About { $minutes } minutes this week, { $trees } trees.
crew-weeks-ahead = The weeks ahead
crew-weeks-of = { $name }: the weeks ahead
report-by-block = By block
report-block = Block
report-trees = Trees
report-worked-on = Worked on
report-cuts = Cuts
report-hours = Hours
report-share = Share
report-picked = Picked
report-regrown = Regrown
report-hurt = Hurt by frost
report-next = What comes next
report-due = Due
report-what = What
report-on = On
report-right-next = When it is right next
report-kind = Kind
report-from = From
report-to = To
report-work = Work
report-record = The record
report-day = Day
report-tree = Tree
report-who = Who
report-noted = Noted
report-span = From { $first } to { $last }; made on { $day }.
report-dash = A dash stands where nobody wrote it down. Products are those named in the notes.
report-title = { $holding }, what was done
report-nothing = Nothing.
report-all-of-it = All of it
