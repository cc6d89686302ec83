"""A stored tree as the walk asks for it: its record, its season, its neighbours, and what was seen
before.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from math import atan2, degrees, hypot

from sqlmodel import Session

from ...core.cuts.names import limb_names
from ...core.frame.known import is_drawn
from ...core.frame.model import Frame
from ...core.frame.share import canopy_total
from ...core.frost.classes import at_least
from ...core.season.budget import tree_age
from ...core.season.events import is_rank, vigour_of
from ...core.season.model import Event
from ...core.walk.tree import FORM_SCHOOLS, Companion, WalkTree
from ...store import frames, places, stances, trees
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, observations, tree_records
from ..holding.people import Helpers
from ..season.desk import SeasonDesk
from ..season.of_tree import on_own_roots, recorded_pair
from ..tree.sizes import sizes_of_all
from ..workplace import Workplace

_FORMS = {school: form for form, school in FORM_SCHOOLS.items()}


@dataclass(frozen=True)
class Walked:
    """A tree ready to be walked, with the frame row its limbs come from."""

    record: TreeRecord
    tree: WalkTree
    frame_row: FrameRow | None


def walked_tree(at: Workplace, session: Session, record: TreeRecord, day: dt.date) -> Walked:
    """Everything the walk's questions, sums and findings turn on."""
    row = frames.current_row(session, record.stem.id)
    frame, measured = frames.frame_of(session, row) if row else (None, set())
    desk = SeasonDesk(session, at, day)
    events = desk.season(record, ("sucker",)).events
    tree = _as_it_stands(desk, record)
    tree = _measured(desk, record, tree, _seen(session, record))
    tree = _in_its_year(desk, record, tree, events)
    size = at.size(row.id, frame) if row and frame else None
    if frame is not None and size is not None and not is_drawn(frame, measured):
        # an outline from sizes: its limbs are made up, and nothing is found on them
        tree = replace(
            tree,
            trunk_mm=tree.trunk_mm or frame.trunk.diameter_mm,
            height_m=size.height_m,
            spread_m=size.spread_m,
            trunk_measured=True,
        )
    elif frame is not None and size is not None:
        tree = replace(
            tree,
            frame=frame,
            trunk_measured=True,
            trunk_mm=tree.trunk_mm or frame.trunk.diameter_mm,
            height_m=size.height_m,
            spread_m=size.spread_m,
            names=limb_names(frame),
            leafless=bool(frame.limbs) and _leaf(frame, at) == 0,
        )
    if measured:
        tree = replace(tree, trunk_measured=True)
    return Walked(record, tree.with_frame(), row)


def _as_it_stands(desk: SeasonDesk, record: TreeRecord) -> WalkTree:
    """What is on record of the tree and of what stands around it."""
    at, session, tree, stem = desk.at, desk.session, record.tree, record.stem
    know, state, stance = at.know, desk.state(record), desk.stance(record)
    mean, companions, gap = _around(at, session, record)
    hands, chosen = Helpers(session).hands(know, record), stances.choices(session)
    scopes = (record.site.holding_id, record.block.id, tree.id)
    mass = know.first(f"species/{tree.species}/fruit-mass", "wood/fruit-mass")
    return WalkTree(
        species=tree.species,
        group=know.text(f"species/{tree.species}/group"),
        day=desk.day,
        age_years=tree_age(state, desk.day.year),
        vigour=vigour_of(state, know),
        southern=record.site.latitude < 0,
        humid=know.text(f"climates/{record.site.climate}/calendar") == "humid",
        own_roots=on_own_roots(record),
        raised=recorded_pair(record).raised,
        union_m=stem.union_m,
        row_gap_m=gap,
        cap_m=record.cap_m,
        width_m=record.width_m,
        reach_m=hands.number("cuts/reach"),
        pole_m=hands.number("cuts/pole-reach"),
        carries_kg=hands.number("pot/two-people-kg"),
        pot_l=tree.pot_l,
        under_cover=tree.under_cover,
        form=_FORMS[stance["form"]],
        moved=state.condition == "transplanted",
        rank=is_rank(state, know),
        alike=alike_in_block(session, record),
        form_chosen=any("form" in chosen.get(scope, {}) for scope in scopes),
        row_mean_m=mean,
        fruit_kg=know.number(mass.id),
        dangers=frozenset(record.site.dangers),
        stances=stance,
        companions=companions,
        units=places.units(session),
    )


def alike_in_block(session: Session, record: TreeRecord) -> int:
    """Trees of the block that go by one form; 1 where several kinds stand in it."""
    kinds = trees.kinds_in_block(session, record.block.id)
    return sum(kinds.values()) if len(kinds) == 1 else 1


def _seen(session: Session, record: TreeRecord) -> dict[str, str]:
    """What was seen of the tree, else of its block."""
    scopes = (record.block.id, record.tree.id)
    found = observations(session, scopes)
    return {kind: o.value for s in scopes for kind, o in found.get(s, {}).items()}


def _measured(
    desk: SeasonDesk, record: TreeRecord, tree: WalkTree, seen: Mapping[str, str]
) -> WalkTree:
    """With what was measured at it and said of it."""

    def number(kind: str) -> float | None:
        return float(seen[kind]) if kind in seen else None

    return replace(
        tree,
        trunk_measured="trunk_mm" in seen,
        trunk_mm=number("trunk_mm"),
        height_m=number("height_m"),
        winter_room_m=number("winter_room_m"),
        ground=seen.get("ground"),
        waiting_until=_waits_until(desk, record, desk.day),
    )


def _in_its_year(
    desk: SeasonDesk, record: TreeRecord, tree: WalkTree, events: Sequence[Event]
) -> WalkTree:
    """With the days of its year that the walk speaks of."""

    def ahead(*names: str, after: int = 0) -> dt.date | None:
        first = desk.day + dt.timedelta(days=after)
        return next((e.start for e in events if e.name in names and e.start >= first), None)

    return replace(
        tree,
        carry_in=ahead("carry in"),
        carry_out=ahead("carry out"),
        next_flush=ahead("first flush", "later flush", after=1),
    )


def _leaf(frame: Frame, at: Workplace) -> float:
    return canopy_total(frame, at.know.number("wood/exponent"))


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
    sizes = sizes_of_all(at, session, [*like, *near])
    height = {
        r.stem.id: tall for r in (*like, *near) if (tall := sizes[r.tree.id].height_m) is not None
    }
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
    """The others of a planting: of one hole, where somebody said so; else of two or three trees
    that stand near. Empty for a tree alone or in a row of more.
    """
    if record.place.together:
        here = record.place.together
        return [r for r in around if r.place.together == here and r.tree.id != record.tree.id]
    group, waiting = {record.tree.id: record}, [record]
    while waiting and len(group) <= 3:
        one = waiting.pop()
        for other in around:
            if other.tree.id not in group and 0 < _from(one, other)[0] <= within_m:
                group[other.tree.id] = other
                waiting.append(other)
    return [r for key, r in group.items() if key != record.tree.id] if len(group) in (2, 3) else []
