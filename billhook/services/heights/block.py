"""Heights of a block: its rows in section with the sun on them, schools of renewal over years, and
hedging rounds.
"""

from __future__ import annotations

import datetime as dt
import itertools
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import cos, hypot, radians, sin
from statistics import fmean, median

from sqlmodel import Session

from ...core.errors import refuse
from ...core.frame.model import TRUNK
from ...core.frame.whole import Size
from ...core.heights.compare import Compared, Stand, compare
from ...core.heights.hedging import HedgeRow, Round, hedging_round
from ...core.heights.section import Profile
from ...core.heights.standing import (
    levels_to_hold,
    natural_height,
    section_to_cap,
    standing_section,
)
from ...core.heights.ways import way
from ...core.light.inner import inside
from ...core.reasons import Reason
from ...core.season.budget import tree_age
from ...core.season.events import vigour_of
from ...core.season.model import Event
from ...core.words.units import Units
from ...store import frames, places
from ...store.tables import Rotation
from ...store.trees import TreeRecord, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from . import rotations
from .row_lines import row_bearing_deg

_NO_SIZE = (
    "no tree of this block has a size yet: give height and spread of a few, five can stand for a "
    "row"
)


@dataclass(frozen=True)
class BlockHeights:
    """A block as its heights are planned. rows: numbers; spacing_m, bearing_deg: of its rows;
    profile: as it stands; date: when its lower fruit needs sun.

    measured: trees whose size is known. proposed: the wall to its cap; low_m, tip_m: what a limb is
    lowered to and the rest tipped at; inner: light inside its crowns.
    """

    block_id: str
    name: str
    kind: str
    species: str
    group: str
    latitude: float
    longitude: float
    rows: tuple[int, ...]
    hedgerows: bool
    trees: int
    measured: int
    spacing_m: float
    bearing_deg: float
    profile: Profile
    cap_m: float
    date: dt.date
    ripe: bool
    hot_sun: bool
    stand: Stand
    proposed: Profile
    low_m: float
    tip_m: float
    inner: Reason
    hedge_rows: tuple[HedgeRow, ...]
    rotations: tuple[Rotation, ...]


def block_heights(at: Workplace, block_id: str) -> BlockHeights:
    """What heights are planned from. Raises: NotFound; InvalidInput where no tree of it was
    measured or sketched.
    """
    with at.store.reading() as session:
        return _heights(at, session, block_id)


def _heights(at: Workplace, session: Session, block_id: str) -> BlockHeights:
    know, day, block = at.know, at.today(), places.block(session, block_id)
    records = tree_records(session, block_id=block_id)
    known = _sizes(at, session, records)
    record = _typical(records, known)
    species, group = record.tree.species, know.text(f"species/{record.tree.species}/group")
    desk = SeasonDesk(session, at, day)
    events = desk.season(record, ("sucker",)).events
    bearing, spacing = _ground(at, session, records)
    height = fmean(s.height_m for s in known.values())
    now = standing_section(know, height, fmean(s.spread_m for s in known.values()), spacing)
    stand = _stand(
        desk, records, known, record, round(know.number("section/spacing-share") * spacing, 1)
    )
    low, tip = levels_to_hold(know, stand.vigour, stand.cap_m)
    wide = know.get(f"row-width/{species}/most") if records[0].row.kind == "hedgerow" else None
    return BlockHeights(
        block_id=block.id,
        name=block.name,
        kind=block.kind,
        species=species,
        group=group,
        latitude=record.site.latitude,
        longitude=record.site.longitude or 0.0,
        rows=tuple(sorted({r.row.n for r in records})),
        hedgerows=records[0].row.kind == "hedgerow",
        trees=len(records),
        measured=len(known),
        spacing_m=spacing,
        bearing_deg=bearing,
        profile=Profile(now),
        cap_m=stand.cap_m,
        date=_needs_sun(events, day, record.site.latitude >= 0),
        ripe=any(e.name == "harvest" and e.start <= day <= e.end for e in events),
        hot_sun=any(e.name == "strong sun on bark" for e in events),
        stand=stand,
        proposed=Profile(
            section_to_cap(
                know, now, stand.cap_m, spacing, know.number(wide.id) if wide is not None else None
            )
        ),
        low_m=low,
        tip_m=tip,
        inner=inside(know, species, group),
        hedge_rows=_hedge_rows(records, bearing),
        rotations=tuple(rotations.of_block(session, records, block_id)),
    )


def _sizes(at: Workplace, session: Session, records: Sequence[TreeRecord]) -> dict[str, Size]:
    """Sizes of the trees that have one. Raises: InvalidInput where none has."""
    current = {r.stem_id: r for r in frames.current_rows(session, [r.stem.id for r in records])}
    sizes = at.sizes(session, list(current.values()))
    known = {r.tree.id: sizes[current[r.stem.id].id] for r in records if r.stem.id in current}
    refuse({"": None if known else _NO_SIZE})
    return known


def _stand(
    desk: SeasonDesk,
    records: Sequence[TreeRecord],
    known: Mapping[str, Size],
    typical: TreeRecord,
    usual_cap_m: float,
) -> Stand:
    """What is renewed: the trees that stand, those nobody measured as tall as the others' mean."""
    know, state = desk.at.know, desk.state(typical)
    height = fmean(s.height_m for s in known.values())
    row = frames.current_row(desk.session, typical.stem.id)
    assert row is not None  # a typical tree has a size
    frame = frames.frame_of(desk.session, row)[0]
    union = frame.union_m or 0.0
    return Stand(
        heights_m=tuple(
            known[i].height_m if (i := r.tree.id) in known else height for r in records
        ),
        rows=tuple(r.row.n for r in records),
        scaffolds=sum(x.on == TRUNK and x.at_m >= union for x in frame.limbs),
        age_years=tree_age(state, desk.day.year),
        vigour=vigour_of(state, know),
        natural_m=natural_height(know, typical.tree.species, height, typical.stem.rootstock),
        cap_m=usual_cap_m if typical.cap_m is None else typical.cap_m,
        frost_pocket=typical.block.frost_pocket,
        group=know.text(f"species/{typical.tree.species}/group"),
    )


def _needs_sun(events: Sequence[Event], day: dt.date, northern: bool) -> dt.date:
    """When the lower fruit needs sun: the middle of bloom, else of the spring."""
    bloom = next((e for e in events if e.name == "bloom"), None)
    if bloom is None:
        return dt.date(day.year, 4 if northern else 10, 15)
    return bloom.start + (bloom.end - bloom.start) / 2


def _typical(records: Sequence[TreeRecord], known: Mapping[str, Size]) -> TreeRecord:
    """The tree of middle height among those that are known."""
    there = sorted(
        (r for r in records if r.tree.id in known), key=lambda r: known[r.tree.id].height_m
    )
    return there[len(there) // 2]


def _ground(at: Workplace, session: Session, records: Sequence[TreeRecord]) -> tuple[float, float]:
    """Bearing of the rows [degrees] and distance between them [m]; the catalogue's spacing where
    there is one row.
    """
    first = {r.row.n: r for r in reversed(records)}
    bearings = [b for r in first.values() if (b := row_bearing_deg(session, r)) is not None]
    bearing = median(bearings) if bearings else 0.0
    across = radians(bearing + 90)
    lines = sorted(
        sum(r.place.x * sin(across) + r.place.y * cos(across) for r in group) / len(group)
        for group in _by_row(records)
    )
    apart = at.know.number("section/row-apart")
    gaps = [b - a for a, b in itertools.pairwise(lines) if b - a > apart]
    return bearing, median(gaps) if gaps else at.know.number("section/lone-spacing")


def _by_row(records: Sequence[TreeRecord]) -> list[list[TreeRecord]]:
    found: dict[str, list[TreeRecord]] = {}
    for r in records:
        found.setdefault(r.row.id, []).append(r)
    return list(found.values())


def _hedge_rows(records: Sequence[TreeRecord], bearing: float) -> tuple[HedgeRow, ...]:
    right = (bearing + 90) % 360
    found = []
    for row in _by_row(records):
        a, b = row[0].place, row[-1].place
        length = hypot(b.x - a.x, b.y - a.y)
        step = length / max(1, len(row) - 1)
        found.append(HedgeRow(row[0].row.n, length + step, len(row), (right, (right + 180) % 360)))
    return tuple(sorted(found, key=lambda r: r.n))


def schools_over_years(
    at: Workplace,
    block_id: str,
    names: Sequence[str],
    years: int,
    own: Mapping[str, object],
    cap_m: float | None,
    by_machine: bool = False,
    units: Units = "metric",
) -> list[Compared]:
    """Schools side by side for the trees of a block. own: the grower's recovery, regrowth and
    heights. Raises: NotFound, InvalidInput.
    """
    for name in names:
        way(at.know, name, "/schools")
    view = block_heights(at, block_id)
    stand = replace(
        view.stand, by_machine=by_machine, cap_m=view.stand.cap_m if cap_m is None else cap_m
    )
    # what the hands or the machine there are for does best stands first
    first = sorted(
        names, key=lambda n: (not way(at.know, n).adopted, way(at.know, n).machine != by_machine)
    )
    return compare(at.know, stand, first, years, own, units)


def round_of(
    at: Workplace, block_id: str, cut: Profile, years: int, units: Units = "metric"
) -> Round:
    """A hedging round of a block. Raises: NotFound, InvalidInput."""
    view = block_heights(at, block_id)
    return hedging_round(
        at.know,
        view.hedge_rows,
        view.profile,
        cut,
        view.stand.vigour,
        at.today().year,
        years,
        view.hot_sun,
        view.group,
        units,
    )
