"""What is known of a tree's height over the years, and how much it grew since its last visit."""

from __future__ import annotations

from sqlmodel import Session

from ...core.heights.grown import Grown, Height, grown
from ...core.season.events import vigour_of
from ...core.season.model import TreeState
from ...store import frames, logbook, places
from ...store.trees import TreeRecord
from ..workplace import Workplace


def heights_of(at: Workplace, session: Session, record: TreeRecord) -> list[Height]:
    """Measured heights and those that cuts left, in order of their days. What a cut's drawing says
    is the cut's height, and counts once; a drawing whose limbs are those of the one before, or that
    an earlier day was put down after, is no new height.
    """
    cuts = {
        e.date: e.height_after_m
        for e in logbook.in_force(logbook.entries(session, record.tree.id))
        if e.height_after_m is not None
    }
    rows = frames.rows_of(session, record.stem.id)
    known = frames.many_frames(session, rows)
    stands = {r.id: (known[r.id].trunk.height_m, known[r.id].limbs) for r in rows}
    measured = [
        r
        for n, r in enumerate(rows)
        if r.origin != "after-plan"
        and r.date not in cuts
        and all(r.date <= after.date for after in rows[n + 1 :])
        and (r.previous_id is None or stands[r.id] != stands.get(r.previous_id))
    ]
    found = [Height(day, height, cut=True) for day, height in cuts.items()]
    found += [Height(r.date, at.size(r.id, known[r.id]).height_m) for r in measured]
    return sorted(found, key=lambda h: h.day)


def grown_of(at: Workplace, session: Session, record: TreeRecord, state: TreeState) -> Grown | None:
    """Growth since the last visit, beside what was expected; None before there was one."""
    return grown(
        at.know,
        heights_of(at, session, record),
        at.today(),
        vigour_of(state, at.know),
        places.units(session),
    )
