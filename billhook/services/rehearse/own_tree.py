"""A rehearsal on a stored tree: it grows on after its cuts beside its twin, and beside a second
plan. Nothing is logged.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.errors import invalid
from ...core.frame.model import Cut
from ...core.grow.course import rehearse, spreads
from ...core.grow.debrief import summed
from ...core.grow.model import Asked, DatedCut, SeasonTree, Spread
from ...core.reasons import Reason
from ...core.words.values import say
from ...store import frames, places
from ...store.tables import FrameRow
from ...store.trees import tree_record
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view, imagined_view
from ..workplace import Workplace

Drawn = tuple[SeasonTree, FrameView]


@dataclass(frozen=True)
class Rehearsal:
    """A tree's seasons after its cuts, those of its twin, and of a second plan where one is asked
    for. before: as it stands. wanted_m: how high it is wanted.
    """

    name: str
    day: dt.date
    before: FrameView
    wanted_m: float | None
    seasons: tuple[Drawn, ...]
    twin: tuple[Drawn, ...]
    second: tuple[Drawn, ...]
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class Wish:
    """The cuts, on which day, over how many seasons, in the weather of which seed. second: another
    plan beside them. whitewash: bared bark is painted.
    """

    cuts: Sequence[Cut]
    day: dt.date
    seasons: int = 4
    seed: int = 0
    whitewash: bool = False
    second: Sequence[Cut] | None = None


def _asked(at: Workplace, session: Session, tree_id: str, wish: Wish) -> tuple[FrameRow, Asked]:
    """Raises: NotFound; InvalidInput for a tree that is not drawn."""
    record = tree_record(session, tree_id)
    row = frames.current_row(session, record.stem.id)
    view = frame_view(at, session, row) if row is not None else None
    if row is None or view is None or not view.drawn:
        raise invalid("", _NOT_DRAWN)
    desk = SeasonDesk(session, at, wish.day)
    of = desk.of(record)
    asked = Asked(
        of.site,
        of.tree,
        view.frame,
        tuple(DatedCut(c.limb, c.keep_m, wish.day) for c in wish.cuts),
        wish.seasons,
        wish.day,
        wish.seed,
        wish.whitewash,
        observed=dict(of.observed),
        moved=dict(of.moved),
        stance=dict(of.stance),
        units=places.units(session),
    )
    return row, asked


_NOT_DRAWN = say("bad-not-drawn-rehearse")


def rehearsed(at: Workplace, tree_id: str, wish: Wish) -> Rehearsal:
    """A stored tree over seasons after cuts. Raises: NotFound; InvalidInput for a tree that is not
    drawn, or a cut on no limb of it.
    """
    with at.store.reading() as session:
        row, asked = _asked(at, session, tree_id, wish)
        record = tree_record(session, tree_id)
        units, before = places.units(session), frame_view(at, session, row)
    found = rehearse(at.know, asked)
    second: tuple[SeasonTree, ...] = ()
    if wish.second is not None:
        other = tuple(DatedCut(c.limb, c.keep_m, wish.day) for c in wish.second)
        second = rehearse(at.know, replace(asked, cuts=other)).seasons

    def drawn(seasons: Sequence[SeasonTree]) -> tuple[Drawn, ...]:
        return tuple(
            (s, imagined_view(row, s.frame, found.years[i].start, row.seq + i + 1))
            for i, s in enumerate(seasons)
        )

    return Rehearsal(
        name=record.name,
        day=wish.day,
        before=before,
        wanted_m=record.cap_m,
        seasons=drawn(found.seasons),
        twin=drawn(found.twin),
        second=drawn(second),
        reasons=summed(at.know, found.seasons, found.twin, units) if asked.cuts else (),
    )


def spread(at: Workplace, tree_id: str, wish: Wish) -> list[dict[str, Spread]]:
    """How far height and crop lie apart over the weather of many seasons. Raises: as
    :func:`rehearsed`.
    """
    with at.store.reading() as session:
        asked = _asked(at, session, tree_id, wish)[1]
    return spreads(at.know, asked)
