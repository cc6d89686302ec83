## SheetPage

fetching-the-sheet = Fetching the sheet …
cut-sheet = Cut sheet, { $day }
language-and-paper = Language and paper
print-pdf = Print (PDF)
who-cuts = Who cuts
of-done = { $done } of { $lines } done
another-limb-that-was-cut = Another limb that was cut
one-that-is-not-in = one that is not in the drawing
how-it-was-cut = How it was cut
so-much-of-it-stays = So much of it stays
add-to-the-sheet = Add to the sheet
small-ones-that-are-not = Small ones that are not in the drawing are counted when the sheet is finished.
take-care = Take care
a4-2 = { $name }, A4
letter-2 = { $name }, Letter

## SheetFinish

cut-besides-not-in-the = Cut besides, not in the drawing{ $besides }
minutes-it-took = Minutes it took
about-3 = about { $count }
what-was-ticked-waits-to = What was ticked waits to be sent; finish when Billhook answers again.
finishing-takes-what-is-ticked = Finishing takes what is ticked off the tree's frame, writes the log and sets the days to come back.
what-comes-after = What comes after
finished = Finished
come-back = Come back:
see-the-tree-and-its = See the tree and its log
finishing = Finishing …
finish-with-of-cuts = Finish with { $done } of { $all } cuts
finish = Finish

## SheetLine

wound-in-the-hand-lift = wound { $wound }, { $share }, { $hand } in the hand (lift for { $lift })
closes-in-about-years = , closes in about { $count } years
not-planned-added-under-the = not planned, added under the tree
not-done = not done: { $left }
by-3 = by { $doneBy }
measured-3 = , measured { $done }
done-3 = done{ $doneOn }{ $doneBy }{ $done }
measured-diameter-of-cut = Measured diameter of cut { $nth }
cut-done = Cut { $nth } done
not-done-2 = Not done …
why-cut-was-not-made = Why cut { $nth } was not made
a-nest-in-it = a nest in it
keep-the-reason = Keep the reason

## useSheet

on-4 = { $says } on { $tree }
cut-taken-back = cut { $nth } taken back
cut-done-2 = cut { $nth } done
cut-not-done = cut { $nth } not done
taken-off-2 = taken off
shortened-2 = shortened
