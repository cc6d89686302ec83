"""The holding in plan, and what each tree needs next."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.season.model import Work
from ...core.season.next_need import CANNOT_TELL, Need, main_work, next_need
from ...store import frames, logbook, places, plans
from ...store.tables import Block, FrameRow, Holding, Row, Site
from ...store.trees import TreeRecord, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Size, Workplace


@dataclass(frozen=True)
class GroveTree:
    """One tree in plan. ``origin``: measured, sketched, after-plan, or None without a frame."""

    record: TreeRecord
    size: Size | None
    origin: str | None
    need: Need
    measured: bool


@dataclass(frozen=True)
class GroveView:
    """The whole holding on one day."""

    holding: Holding | None
    day: dt.date
    sites: list[Site]
    blocks: list[Block]
    rows: list[Row]
    trees: list[GroveTree]
    empty_places: list[tuple[str, float, float]]


def grove(at: Workplace, day: dt.date) -> GroveView:
    """Every block, row and standing tree, with its next need."""
    with at.store.reading() as session:
        found = trees_with_needs(at, session, tree_records(session), day)
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
        )


def trees_with_needs(
    at: Workplace, session: Session, records: Sequence[TreeRecord], day: dt.date
) -> list[GroveTree]:
    """What each tree needs next on a day."""
    stems = {r.stem.id for r in records}
    current = {row.stem_id: row for row in frames.current_rows(session) if row.stem_id in stems}
    sizes = at.sizes(session, list(current.values()))
    measured = frames.stems_once_measured(session)
    desk = SeasonDesk(session, at, day)
    due: dict[str, tuple[str, dt.date]] = {}
    for task in logbook.tasks(session):
        due.setdefault(task.scope_id, (task.does, task.due))
    sheets = {plan.tree_id: plan.day for plan in plans.open_plans(session)}
    found: list[GroveTree] = []
    for record in records:
        frame = current.get(record.stem.id)
        size = sizes[frame.id] if frame else None
        height = size.height_m if size else None
        in_pot, hedged = record.tree.pot_l is not None, record.row.kind == "hedgerow"
        work = main_work(in_pot, hedged, height, record.cap_m, desk.young(record))
        need = (
            _need(desk, record, work, frame, size, due, sheets)
            if desk.sound(record)
            else CANNOT_TELL
        )
        found.append(
            GroveTree(
                record, size, frame.origin if frame else None, need, record.stem.id in measured
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
