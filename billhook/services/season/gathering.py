"""Trees with what is known of each on the day, and the work found for them, gathered by row."""

from __future__ import annotations

import datetime as dt

from sqlmodel import Session

from ...core.reasons import Reason
from ...core.season.model import WORKS, Status
from ...core.words.units import Units
from ...store import frames, logbook
from ...store.tables import PutOff
from ...store.trees import TreeRecord, tree_records
from ..holding.people import Helpers
from ..tree.sizes import Sizes, sizes_by
from ..workplace import Size, Workplace
from .desk import SeasonDesk
from .item import Item


class Gathering:
    """Items of like work, each with its trees and minutes, of one tree, of a row or block (within),
    or of all.
    """

    def __init__(
        self,
        at: Workplace,
        session: Session,
        day: dt.date,
        until: dt.date,
        units: Units,
        tree_id: str | None = None,
        within: str | None = None,
    ) -> None:
        self.at, self.session, self.day, self.until, self.units = at, session, day, until, units
        self.desk = SeasonDesk(session, at, day)
        self.records = [
            r
            for r in tree_records(session, tree_id)
            if within in (None, r.row.id, r.block.id) and self.desk.sound(r)
        ]
        self.rows = {row.stem_id: row for row in frames.current_rows(session)}
        current = self.rows
        sizes = at.sizes(session, list(current.values()))
        self.sizes: dict[str, Size | None] = {
            r.tree.id: sizes[current[r.stem.id].id] if r.stem.id in current else None
            for r in self.records
        }
        self.sized: dict[str, Sizes] = {
            r.tree.id: sizes_by(self.sizes[r.tree.id], self.desk.seen(r)) for r in self.records
        }
        self.drawn: dict[str, dt.date] = {stem_id: row.date for stem_id, row in current.items()}
        self.later: dict[tuple[str, str], PutOff] = {}
        for put in logbook.put_offs(session):
            self.later[put.tree_id, put.work] = put
        self.helpers = Helpers(session)
        self.items: dict[str, Item] = {}
        self.found: dict[str, set[str]] = {}
        self.late: dict[str, Item] = {}
        self.own_minutes = self._logged_minutes()

    def _logged_minutes(self) -> dict[str, float]:
        found: dict[str, list[float]] = {}
        for record in self.records:
            for entry in self.desk.log(record):
                if entry.minutes:
                    found.setdefault(entry.work, []).append(entry.minutes)
        return {work: sum(v) / len(v) for work, v in found.items() if len(v) >= 3}

    def _minutes(self, record: TreeRecord, work: str) -> float:
        if work in self.own_minutes:
            return self.own_minutes[work]
        know, height = self.at.know, self.sized[record.tree.id].height_m
        by_height = 1.0
        if height is not None and work not in ("sucker", "look"):
            tall = height / know.number("today/minutes-tall")
            by_height = max(know.number("today/minutes-least"), tall)
        return know.number(f"today-minutes/{work}/minutes") * by_height

    def _add(self, record: TreeRecord, item: Item, into: dict[str, Item] | None = None) -> None:
        items = self.items if into is None else into
        found = items.setdefault(item.key, item)
        if record.row.n not in found.rows:
            found.rows.append(record.row.n)
        found.trees.append(record)
        found.minutes += self._minutes(record, item.work if item.work in WORKS else "look")

    def _item(
        self,
        record: TreeRecord,
        kind: str,
        work: str,
        says: str,
        tone: Status,
        reasons: tuple[Reason, ...],
        opens: dt.date | None,
        last_good: dt.date | None,
        alone: str = "",
    ) -> Item:
        later = self.later.get((record.tree.id, work))
        later = later if later is not None and later.until > self.day else None
        helper = self.helpers.of(record)
        # a sweep is walked over a whole block, by each over what is theirs
        where = f"{record.block.id}|{helper or ''}" if kind == "sweep" else record.row.id
        key = f"{kind}|{work}|{where}|{alone or (says, last_good, later.until if later else None)}"
        return Item(
            key,
            kind,
            work,
            record.block.name,
            [],
            says,
            tone,
            reasons,
            opens,
            last_good,
            0.0,
            later=later,
            helper=helper,
        )
