"""The holding in plan, and what each tree needs next."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from typing import NamedTuple

from ...core.frame.whole import Size
from ...core.season.next_need import CANNOT_TELL, Need, main_work, next_need
from ...core.tasks import task_said
from ...core.words.values import Value
from ...store import places
from ...store.lights import unswept
from ...store.tables import Block, FrameRow, Holding, Row, Site
from ...store.trees import TreeRecord
from ..backups.restoring import Restored, restored
from ..frost.tag import FrostTag, frost_tag
from ..season.desk import SeasonDesk
from ..tree.sizes import Sizes, sizes_by
from ..workplace import Workplace


class GroveTree(NamedTuple):
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
    with at.store.reading() as session, unswept():
        desk = SeasonDesk(session, at, day)
        found = trees_with_needs(desk, desk.held.records)
        standing = {t.record.place.id for t in found}
        empty = [spot for place_id, _, spot in places.spots(session) if place_id not in standing]
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
    """What each tree needs next on the desk's day, worked out once for all that are alike in it."""
    held = desk.held
    due: dict[str, tuple[Value, dt.date]] = {}
    for task in held.tasks:
        due.setdefault(
            task.scope_id, (task_said(desk.at.know, task.rule, task.does, task.says), task.due)
        )
    sheets = {plan.tree_id: plan.day for plan in held.sheets}
    needs: dict[tuple[object, ...], Need] = {}
    found: list[GroveTree] = []
    for record in records:
        tree_id = record.tree.id
        frame, size = held.frames.get(record.stem.id), held.size(record)
        stands = sizes_by(size, desk.seen(record))
        high, cap = stands.height_m, record.cap_m
        like = (
            held.alike(record),
            high is not None and cap is not None and high > cap,
            due.get(tree_id),
            sheets.get(tree_id),
            size and (size.suckers, size.dead),
            frame.date if frame is not None and tree_id in held.log else None,
        )
        if like not in needs:
            needs[like] = (
                _need(desk, record, high, frame, size, like[2], like[3])
                if desk.sound(record)
                else CANNOT_TELL
            )
        origin = frame.origin if frame else None
        measured = record.stem.id in held.measured
        found.append(GroveTree(record, stands, origin, needs[like], measured))
    return found


def _need(
    desk: SeasonDesk,
    record: TreeRecord,
    high: float | None,
    frame: FrameRow | None,
    size: Size | None,
    due: tuple[Value, dt.date] | None,
    sheet: dt.date | None,
) -> Need:
    in_pot, hedged = record.tree.pot_l is not None, record.row.kind == "hedgerow"
    work = main_work(in_pot, hedged, high, record.cap_m, desk.young(record))
    done = {
        e.work for e in desk.log(record) if frame is not None and frame.date <= e.date <= desk.day
    }
    return next_need(
        desk.verdict(record, work),
        due,
        sheet,
        desk.at.know.days("comeback/soon"),
        size.suckers if size and "sucker" not in done else 0,
        size.dead if size and "sanitation" not in done else 0,
    )
