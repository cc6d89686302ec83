"""The holding in plan, and what each tree needs next."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from ...core.season.model import Work
from ...core.season.next_need import CANNOT_TELL, Need, main_work, next_need
from ...store import frames, logbook, places, plans
from ...store.tables import Block, FrameRow, Holding, Row, Site
from ...store.trees import TreeRecord, tree_records
from ..frost.tag import FrostTag, frost_tag
from ..season.desk import SeasonDesk
from ..tree.sizes import Sizes, sizes_by
from ..workplace import Size, Workplace
from .archive import Restored, restored


@dataclass(frozen=True)
class GroveTree:
    """One tree in plan. ``origin``: measured, sketched, after-plan, or None without a frame."""

    record: TreeRecord
    size: Sizes
    origin: str | None
    need: Need
    measured: bool


@dataclass(frozen=True)
class GroveView:
    """The whole holding on one day. in_rows: ids of the blocks with rows and alleys to reckon with;
    a garden's few trees have none.
    """

    holding: Holding | None
    day: dt.date
    sites: list[Site]
    blocks: list[Block]
    rows: list[Row]
    trees: list[GroveTree]
    empty_places: list[tuple[str, float, float]]
    in_rows: frozenset[str]
    frost: FrostTag
    restored: Restored | None


def grove(at: Workplace, day: dt.date) -> GroveView:
    """Every block, row and standing tree, with its next need."""
    with at.store.reading() as session:
        desk = SeasonDesk(session, at, day)
        found = trees_with_needs(desk, tree_records(session))
        standing = {t.record.place.id for t in found}
        empty = [(p.row_id, p.x, p.y) for p in places.places(session) if p.id not in standing]
        return GroveView(
            places.holding(session),
            day,
            places.sites(session),
            places.blocks(session),
            places.rows(session),
            found,
            empty,
            _in_rows(at, [t.record for t in found]),
            frost_tag(desk, [t.record for t in found]),
            restored(at.settings),
        )


def _in_rows(at: Workplace, records: Sequence[TreeRecord]) -> frozenset[str]:
    least = at.know.number("section/trees-least")
    planted = Counter(r.block.id for r in records if r.tree.pot_l is None)
    hedged = {r.block.id for r in records if r.row.kind == "hedgerow"}
    return frozenset(hedged | {block for block, n in planted.items() if n >= least})


def trees_with_needs(desk: SeasonDesk, records: Sequence[TreeRecord]) -> list[GroveTree]:
    """What each tree needs next on the desk's day."""
    at, session = desk.at, desk.session
    stems = {r.stem.id for r in records}
    current = {row.stem_id: row for row in frames.current_rows(session) if row.stem_id in stems}
    sizes = at.sizes(session, list(current.values()))
    measured = frames.stems_once_measured(session)
    due: dict[str, tuple[str, dt.date]] = {}
    for task in logbook.tasks(session):
        due.setdefault(task.scope_id, (task.does, task.due))
    sheets = {plan.tree_id: plan.day for plan in plans.open_plans(session)}
    found: list[GroveTree] = []
    for record in records:
        frame = current.get(record.stem.id)
        size = sizes[frame.id] if frame else None
        stands = sizes_by(size, desk.seen(record))
        in_pot, hedged = record.tree.pot_l is not None, record.row.kind == "hedgerow"
        work = main_work(in_pot, hedged, stands.height_m, record.cap_m, desk.young(record))
        need = (
            _need(desk, record, work, frame, size, due, sheets)
            if desk.sound(record)
            else CANNOT_TELL
        )
        found.append(
            GroveTree(
                record, stands, frame.origin if frame else None, need, record.stem.id in measured
            )
        )
    return found


def _need(
    desk: SeasonDesk,
    record: TreeRecord,
    work: Work,
    frame: FrameRow | None,
    size: Size | None,
    due: Mapping[str, tuple[str, dt.date]],
    sheets: Mapping[str, dt.date],
) -> Need:
    done = {
        e.work for e in desk.log(record) if frame is not None and frame.date <= e.date <= desk.day
    }
    return next_need(
        desk.verdict(record, work),
        due.get(record.tree.id),
        sheets.get(record.tree.id),
        desk.at.know.days("comeback/soon"),
        size.suckers if size and "sucker" not in done else 0,
        size.dead if size and "sanitation" not in done else 0,
    )
