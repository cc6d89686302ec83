# What one comes back for.
task-walk-again = Walk the tree again
task-next-stage = Next stage of the plan: { $says }
task-look-after-heat = Look again after the first hot days. { $sign }? It was seen on { $day }, and proves nothing yet.
task-look-was-early = Look again. { $sign }? It was too early on { $day }.
task-protect = { $does } ({ $trees }).
task-cut-test = Cut-test { $fruit } fruit of row { $row } at the stem end; dry, or white crystals over a third of the segments, is hurt.
task-juice = Hurt fruit of row { $row } goes to juice by { $day }; none is stored.
task-whitewash-bared = Whitewash trunk and limbs that lost their shade
task-of-trees = { $does }: { $trees }.
task-of-this-tree = { $does }.
task-of-class = { $does } (class { $frost })
task-judge = Judge what lives
task-cut-dead = Cut dead wood, if the edge has held
trees-and-more = { $trees } and { $more } more
task-one-main-limb = one main limb
task-the-limb = the { $limb }
task-only-tipped = No higher than { $tip }, only tipped: { $trees }.
