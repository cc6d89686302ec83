"""When each kind of work is right in a block: runs of go for the commonest state of each kind of
tree.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Iterator, Sequence
from dataclasses import dataclass

from ...core.season.model import WORKS, Segment, Work
from ...core.words.kinds import kind_called
from ...core.words.values import Value
from ...store.trees import TreeRecord
from .alike import SeasonOf
from .desk import SeasonDesk

_MUTE = ("sucker", "sanitation")  # any day: no window to be told


@dataclass(frozen=True)
class Window:
    """A run of days, both inclusive, on which work is right. record: a tree in the commonest state
    of its kind; nth: the how-manieth of its work; of: the run's first part, with its share and
    reasons.
    """

    record: TreeRecord
    kind_name: Value
    work: Work
    nth: int
    first: dt.date
    last: dt.date
    of: Segment


def windows(desk: SeasonDesk, records: Sequence[TreeRecord]) -> Iterator[Window]:
    """Those of a block, kind by kind and work by work."""
    for kind in dict.fromkeys((r.tree.species, r.cultivar) for r in records):
        of_kind = [r for r in records if (r.tree.species, r.cultivar) == kind]
        commonest: SeasonOf = Counter(desk.of(r) for r in of_kind).most_common(1)[0][0]
        record = next(r for r in of_kind if desk.of(r) == commonest)
        segments = desk.season(record).segments
        for work in (w for w in WORKS if w not in _MUTE):
            for nth, (first, last, part) in enumerate(_runs(s for s in segments if s.work == work)):
                yield Window(record, kind_called(desk.at.know, *kind), work, nth, first, last, part)


def _runs(segments: Iterator[Segment]) -> list[tuple[dt.date, dt.date, Segment]]:
    runs: list[tuple[dt.date, dt.date, Segment]] = []
    for s in segments:
        if s.status != "go":
            continue
        if runs and (s.start - runs[-1][1]).days == 1:
            runs[-1] = (runs[-1][0], s.end, runs[-1][2])
        else:
            runs.append((s.start, s.end, s))
    return runs
