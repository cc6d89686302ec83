"""The calendar of a holding or a block: come-backs, windows of each kind of work, and open
sheets.
"""

from __future__ import annotations

import datetime as dt
import uuid

from ...catalogue.wording import said, said_all
from ...core.season.today import lane_words
from ...core.tasks import task_said
from ...core.words.tongue import spoken
from ...core.words.values import Clause, Share, Value, listed, say
from ...formats.ical import Entry, write_calendar
from ...store import logbook, places, plans
from ...store.tables import Task
from ...store.trees import TreeRecord
from ..tree.names import row_called
from ..workplace import Workplace
from .desk import SeasonDesk
from .windows import Window, windows

_NAMES = uuid.UUID("3c1d6a35-6a4e-4f6e-9a3b-7b0d5f0c2a11")
_FIRST = dt.date(2020, 1, 1)


def calendar(
    at: Workplace, block_id: str | None = None, rows: frozenset[str] | None = None
) -> bytes:
    """The feed as iCalendar bytes, of all rows or of some. UIDs stay with the task, or with the
    kind, the work and the year of a window. Raises: NotFound.
    """
    today = at.today()
    with at.store.reading() as session:
        holding = places.holding(session)
        block = places.block(session, block_id) if block_id else None
        desk = SeasonDesk(session, at, today)
        records = [
            r
            for r in desk.held.within(rows)
            if (block is None or r.block.id == block.id) and desk.sound(r)
        ]
        names = {r.tree.id: r.name for r in records} | {
            r.row.id: said(row_called(r)) for r in records
        }
        entries = [
            Entry(
                f"{task.calendar_uid}@billhook",
                task.due,
                task.due,
                f"{names[task.scope_id]}: {said(_task(at, task))}",
                said(
                    say("calendar-put-off", why=task.why_later)
                    if task.why_later
                    else say("calendar-look-again")
                ),
                said(Clause(say("calendar-look-again"))),
                task.version,
            )
            for task in logbook.tasks(session)
            if task.scope_id in names
        ]
        entries += [
            Entry(
                f"{p.id}@billhook",
                p.day,
                p.day,
                f"{names[p.tree_id]}: {said(say('calendar-finish-sheet'))}",
                said(say("calendar-open-sheet")),
                said(say("calendar-sheet")),
                p.version,
            )
            for p in plans.open_plans(session)
            if p.tree_id in names
        ]
        for where in dict.fromkeys(r.block.id for r in records):
            entries += _windows(desk, [r for r in records if r.block.id == where], today)
        of = [holding.name if holding else "Billhook", *([block.name] if block else [])]
        name = said(say("calendar-name", of=listed(of)))
    return write_calendar(name, spoken(), entries, dt.datetime.combine(today, dt.time(), dt.UTC))


def _task(at: Workplace, task: Task) -> Value:
    return task_said(at.know, task.rule, task.does, task.says)


def _windows(desk: SeasonDesk, records: list[TreeRecord], today: dt.date) -> list[Entry]:
    """Runs of go of each kind of a block."""
    return [
        Entry(
            f"{uuid.uuid5(_NAMES, _named(w))}@billhook",
            w.first,
            w.last,
            said(_what(desk, w)),
            said_all(w.of.reasons[:2]),
            said(say("calendar-when")),
            (today - _FIRST).days,
        )
        for w in windows(desk, records)
    ]


def _named(w: Window) -> str:
    kind = (w.record.tree.species, w.record.cultivar)
    return f"{w.record.block.id} {kind} {w.work} {w.of.start.year} {w.nth}"


def _what(desk: SeasonDesk, w: Window) -> Value:
    cultivar = w.record.cultivar
    kind = f"cultivars/{cultivar}/name" if cultivar else f"species/{w.record.tree.species}/name"
    block, work = w.record.block.name, said(lane_words(w.work)).lower()
    kind_name = desk.at.know.row(kind)
    if not w.of.max_share:
        return say("calendar-window", block=block, kind=kind_name, work=work)
    share = Share(w.of.max_share)
    return say("calendar-window-to", block=block, kind=kind_name, work=work, share=share)
