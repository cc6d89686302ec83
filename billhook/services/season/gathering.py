"""Trees with what is known of each on the day, and the work found for them, gathered by row."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

from sqlmodel import Session

from ...catalogue.wording import said
from ...core.frame.whole import Size
from ...core.reasons import Reason
from ...core.season.model import WORKS, Status
from ...core.words.units import Units
from ...core.words.values import Value
from ...store.tables import PutOff
from ...store.trees import TreeRecord, tree_records
from ..holding.people import Helpers
from ..tree.sizes import Sizes, sizes_by
from ..workplace import Workplace
from .desk import SeasonDesk
from .item import Item


class Gathering:
    """Items of like work, each with its trees and minutes, of one tree, of rows or a block
    (within), or of all.
    """

    def __init__(
        self,
        at: Workplace,
        session: Session,
        day: dt.date,
        until: dt.date,
        units: Units,
        tree_id: str | None = None,
        within: str | frozenset[str] | None = None,
    ) -> None:
        self.at, self.session, self.day, self.until, self.units = at, session, day, until, units
        self.desk = SeasonDesk(session, at, day)
        self.held = self.desk.held
        few = tree_records(session, tree_id) if tree_id else self.held.within(within)
        self.records = [r for r in few if self.desk.sound(r)]
        self.rows = self.held.frames
        self.sizes: dict[str, Size | None] = {r.tree.id: self.held.size(r) for r in self.records}
        self.sized: dict[str, Sizes] = {
            r.tree.id: sizes_by(self.sizes[r.tree.id], self.desk.seen(r)) for r in self.records
        }
        self.later: dict[tuple[str, str], PutOff] = {}
        for put in self.held.put_offs:
            self.later[put.tree_id, put.work] = put
        self.helpers = Helpers(session)
        self.items: dict[str, Item] = {}
        self.found: dict[str, set[str]] = {}
        self.late: dict[str, Item] = {}
        self.own_minutes = self._logged_minutes()
        self._row_of: dict[str, tuple[str | None, str]] = {}

    def _logged_minutes(self) -> dict[str, float]:
        found: dict[str, list[float]] = {}
        for record in self.records:
            for entry in self.desk.log(record) if record.tree.id in self.held.log else ():
                if entry.minutes:
                    found.setdefault(entry.work, []).append(entry.minutes)
        return {work: sum(v) / len(v) for work, v in found.items() if len(v) >= 3}

    def _minutes(self, record: TreeRecord, work: str) -> float:
        """By the log of this work where there is enough; else by height, less for a tree that is
        visited regularly.
        """
        if work in self.own_minutes:
            return self.own_minutes[work]
        know, height = self.at.know, self.sized[record.tree.id].height_m
        by_height = 1.0
        if height is not None and work not in ("sucker", "look"):
            tall = height / know.number("today/minutes-tall")
            by_height = max(know.number("today/minutes-least"), tall)
        since = self.day - dt.timedelta(days=know.days("today/regular"))
        logged = self.desk.log(record) if record.tree.id in self.held.log else ()
        again = any(e.work == work and e.date >= since for e in logged)
        regular = know.number("renewal/regular") if again and work != "look" else 1.0
        return know.number(f"today-minutes/{work}/minutes") * by_height * regular

    def _add(
        self,
        record: TreeRecord,
        item: Item,
        into: dict[str, Item] | None = None,
        minutes: float | None = None,
    ) -> None:
        """Put a tree to the like work of its row, or begin that. minutes: on this tree, where its
        cuts are known.
        """
        items = self.items if into is None else into
        helper, where = self._where(record, item.kind)
        apart = item.task is not None or items is self.late
        later = None if apart else self._put_off(record, item.work)
        key = f"{item.kind}|{item.work}|{where}|{item.like}|{later.until if later else None}"
        found = items.get(key)
        if found is None:
            found = items[key] = replace(
                item,
                key=key,
                block=record.block.name,
                rows=[],
                trees=[],
                later=later,
                helper=helper,
            )
        if record.row.n not in found.rows:
            found.rows.append(record.row.n)
        found.trees.append(record)
        usual = item.work if item.work in WORKS else "look"
        found.minutes += self._minutes(record, usual) if minutes is None else minutes

    def _put_off(self, record: TreeRecord, work: str) -> PutOff | None:
        later = self.later.get((record.tree.id, work)) if self.later else None
        return later if later is not None and later.until > self.day else None

    def _where(self, record: TreeRecord, kind: str) -> tuple[str | None, str]:
        """Whose the row is, and what its work is gathered by."""
        if record.row.id not in self._row_of:
            helper = self.helpers.of(record)
            self._row_of[record.row.id] = helper, f"{record.block.id}|{helper or ''}"
        helper, by_block = self._row_of[record.row.id]
        # a sweep is walked over a whole block, by each over what is theirs
        return helper, by_block if kind == "sweep" else record.row.id

    def _item(
        self,
        kind: str,
        work: str,
        says: Value,
        tone: Status,
        reasons: tuple[Reason, ...],
        opens: dt.date | None,
        last_good: dt.date | None,
        alone: str = "",
    ) -> Item:
        like = alone or f"{said(says)}|{last_good}"
        return Item(like, kind, work, says, tone, reasons, opens, last_good)
