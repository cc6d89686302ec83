"""A stored tree as the walk asks for it: its record, its season, its neighbours, and what was seen
before.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from math import atan2, degrees, hypot

from sqlmodel import Session

from ...core.cuts.names import limb_names
from ...core.frame.model import Frame
from ...core.frame.share import canopy_total
from ...core.frost.classes import at_least
from ...core.season.budget import tree_age
from ...core.season.events import vigour_of
from ...core.season.model import Span
from ...core.shoot.case import ShootCase, stands_on_own_roots
from ...core.walk.tree import FORM_SCHOOLS, Companion, WalkTree
from ...store import frames, places, stances
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, observations, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Workplace

_FORMS = {school: form for form, school in FORM_SCHOOLS.items()}


@dataclass(frozen=True)
class Walked:
    """A tree ready to be walked, with the frame row its limbs come from, and the span in which
    bared bark burns, if the day lies in it.
    """

    record: TreeRecord
    tree: WalkTree
    frame_row: FrameRow | None
    bark_sun: Span | None


def walked_tree(at: Workplace, session: Session, record: TreeRecord, day: dt.date) -> Walked:
    """Everything the walk's questions, sums and findings turn on."""
    know, desk = at.know, SeasonDesk(session, at, day)
    tree, stem, species = record.tree, record.stem, record.tree.species
    row = frames.current_row(session, stem.id)
    frame, measured = frames.frame_of(session, row) if row else (None, set())
    seen = {
        kind: o.value
        for scope in (record.block.id, tree.id)
        for kind, o in observations(session, [scope]).get(scope, {}).items()
    }
    state = desk.state(record)
    events = desk.season(record, ("sucker",)).events
    size = at.size(row.id, frame) if row and frame else None
    chosen = stances.choices(session)
    form_chosen = any(
        "form" in chosen.get(scope, {})
        for scope in (record.site.holding_id, record.block.id, tree.id)
    )
    stance = desk.stance(record)
    trunk = (
        float(seen["trunk_mm"])
        if "trunk_mm" in seen
        else frame.trunk.diameter_mm
        if frame
        else None
    )
    mean, companions, gap = _around(at, session, record)
    return Walked(
        record,
        WalkTree(
            species,
            know.text(f"species/{species}/group"),
            day,
            tree_age(state, day.year),
            vigour_of(state, know),
            record.site.latitude < 0,
            know.text(f"climates/{record.site.climate}/calendar") == "humid",
            stands_on_own_roots(ShootCase(species, stem.rootstock, {}, cultivar=record.cultivar)),
            stem.union_m,
            bool(measured) or "trunk_mm" in seen or row is not None,
            trunk,
            size.height_m if size else float(seen["height_m"]) if "height_m" in seen else None,
            size.spread_m if size else None,
            gap,
            record.block.cap_m,
            know.number("cuts/reach"),
            know.number("cuts/pole-reach"),
            tree.pot_l,
            tree.under_cover,
            float(seen["winter_room_m"]) if "winter_room_m" in seen else None,
            next((e.start for e in events if e.name == "carry in" and e.start >= day), None),
            next((e.start for e in events if e.name == "carry out" and e.start >= day), None),
            _FORMS[stance["form"]],
            form_chosen,
            seen.get("ground"),
            _waits_until(desk, record, day),
            mean,
            next(
                (
                    e.start
                    for e in events
                    if e.name in ("first flush", "later flush") and e.start > day
                ),
                None,
            ),
            know.number(know.first(f"species/{species}/fruit-mass", "wood/fruit-mass").id),
            frozenset(record.site.dangers),
            stance,
            companions,
            frame,
            limb_names(frame) if frame else {},
            _leafless(frame, at),
            places.units(session),
        ).with_frame(),
        row,
        next(
            (
                Span(e.start, e.end)
                for e in events
                if e.name == "strong sun on bark" and e.start <= day <= e.end
            ),
            None,
        ),
    )


def _leafless(frame: Frame | None, at: Workplace) -> bool:
    return (
        frame is not None
        and bool(frame.limbs)
        and canopy_total(frame, at.know.number("wood/exponent")) == 0
    )


def _waits_until(desk: SeasonDesk, record: TreeRecord, day: dt.date) -> dt.date | None:
    """The day before which frost-hurt wood is not judged, as the season's rules have it."""
    if not at_least(desk.state(record).freeze_class, "F2"):
        return None
    held = [
        s.end
        for s in desk.season(record, ("thin",)).segments
        if any(r.code == "after-freeze" for r in s.reasons)
        and s.start <= day + dt.timedelta(days=250)
    ]
    return max(held) + dt.timedelta(days=1) if held else None


def _around(
    at: Workplace, session: Session, record: TreeRecord
) -> tuple[float | None, tuple[Companion, ...], float | None]:
    """Mean height of its like in the row [m], the others of a planting of two or three, and the
    distance to the next row [m].
    """
    know = at.know
    row = tree_records(session, row_id=record.row.id)
    like = [
        r
        for r in row
        if r.tree.species == record.tree.species and r.tree.planted_year == record.tree.planted_year
    ]
    within = know.number("walk/group-within")
    far = 3 * within
    around = _nearby(session, record, far)
    near = _planting(around, record, within) if record.tree.pot_l is None else []
    gaps = (
        [
            _from(record, r)[0]
            for r in around
            if r.block.id == record.block.id and r.row.id != record.row.id
        ]
        if record.tree.pot_l is None
        else []
    )
    rows = {r.stem_id: r for r in frames.current_rows(session, [r.stem.id for r in (*like, *near)])}
    sizes = at.sizes(session, list(rows.values()))
    height = {stem: sizes[found.id].height_m for stem, found in rows.items()}
    others = [
        height[r.stem.id] for r in like if r.stem.id in height and r.tree.id != record.tree.id
    ]
    companions = tuple(
        Companion(
            r.name,
            height[r.stem.id],
            *_from(record, r),
            int(know.number(f"species/{r.tree.species}/vigour")),
        )
        for r in near
        if r.stem.id in height
    )
    return (
        (sum(others) / len(others) if len(others) >= 3 else None),
        companions,
        min(gaps) if len(gaps) >= 3 else None,
    )


def _nearby(session: Session, record: TreeRecord, far_m: float) -> list[TreeRecord]:
    x, y = record.place.x, record.place.y
    return [
        r
        for r in tree_records(
            session, site_id=record.site.id, box=(x - far_m, y - far_m, x + far_m, y + far_m)
        )
        if r.tree.pot_l is None
    ]


def planting_of(at: Workplace, session: Session, record: TreeRecord) -> list[TreeRecord]:
    """The tree and the others of its planting of two or three; the tree alone where it has none."""
    within = at.know.number("walk/group-within")
    return [
        record,
        *(
            _planting(_nearby(session, record, 3 * within), record, within)
            if record.tree.pot_l is None
            else []
        ),
    ]


def _from(record: TreeRecord, other: TreeRecord) -> tuple[float, float]:
    """Distance [m] and bearing [degrees] of another tree."""
    x, y = other.place.x - record.place.x, other.place.y - record.place.y
    return hypot(x, y), degrees(atan2(x, y)) % 360


def _planting(around: list[TreeRecord], record: TreeRecord, within_m: float) -> list[TreeRecord]:
    """The others of a planting of two or three trees; empty for a tree alone or in a row of
    more.
    """
    group, waiting = {record.tree.id: record}, [record]
    while waiting and len(group) <= 3:
        one = waiting.pop()
        for other in around:
            if other.tree.id not in group and 0 < _from(one, other)[0] <= within_m:
                group[other.tree.id] = other
                waiting.append(other)
    return [r for key, r in group.items() if key != record.tree.id] if len(group) in (2, 3) else []
