"""The visits that bring a tree down to the height it is wanted at."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from ...core.heights.stairs import DayLimit, LeafAbove, Stairs, leaf_by_height, stairs, typical_leaf
from ...core.season.events import vigour_of
from ...core.season.model import Segment
from ...store import frames, places
from ...store.trees import TreeRecord, tree_record
from ..season.desk import SeasonDesk
from ..tree.framing import form_of
from ..tree.sizes import Sizes, sizes_of
from ..workplace import Workplace


def stairs_of(at: Workplace, tree_id: str, wanted_m: float | None = None) -> Stairs | None:
    """Down to the wanted height, once in each coming year; None where nobody
    said how high it is wanted, or how high it is. wanted_m: in place of the tree's aim. Raises:
    NotFound.
    """
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        wanted = wanted_m if wanted_m is not None else record.cap_m
        sizes = sizes_of(at, session, record)
        if wanted is None or sizes.height_m is None:
            return None
        desk = SeasonDesk(session, at, at.today())
        days = _days(desk, record)
        if not days:
            return None
        row = frames.current_row(session, record.stem.id)
        frame = frames.frame_of(session, row)[0] if row else None
        leaf = (
            leaf_by_height([frame], at.know.number("wood/exponent"))
            if frame is not None
            else _typical(at, record, sizes)
        )
        vigour = vigour_of(desk.state(record), at.know)
        most = at.know.number("stairs/regrow-most") * sizes.height_m
        regrow = min(most, at.know.by_vigour("renewal/gain-tipped", vigour))
        return stairs(sizes.height_m, wanted, regrow, days, leaf, places.units(session))


def _typical(at: Workplace, record: TreeRecord, sizes: Sizes) -> LeafAbove:
    height = float(sizes.height_m or 0)
    trunk = sizes.trunk_mm or height * 1000 * at.know.number("stairs/trunk-of-height")
    spread = sizes.spread_m or height
    form = form_of(at, record.tree.species, record.cultivar)
    return typical_leaf(at.know, form, height, spread, trunk)


def _days(desk: SeasonDesk, record: TreeRecord) -> list[DayLimit]:
    """Of each coming year its first day, where it is open for height as the tree's page says; else
    the open day that costs least.
    """
    found = []
    for year in range(int(desk.at.know.number("stairs/years"))):
        first = desk.day + dt.timedelta(days=365 * year)
        ahead = desk.season_between(record, first, first + dt.timedelta(days=364), ("height",))
        now = next((s for s in ahead.segments if s.start <= first <= s.end), None)
        open_now = now is not None and now.status == "go" and bool(now.max_share)
        best = now if open_now else _cheapest(ahead.segments)
        if best is not None:
            found.append(DayLimit(max(best.start, first), best.max_share or 0.0, best.price))
    return found


def _cheapest(segments: Sequence[Segment]) -> Segment | None:
    """An open span with the least price, the most share, the earliest."""
    may = [s for s in segments if s.status == "go" and s.max_share]
    may = may or [s for s in segments if s.status == "light" and s.max_share]
    return min(may, key=lambda s: (s.price, -(s.max_share or 0), s.start), default=None)
