"""The calendar of a holding or a block: come-backs, windows of each kind of work, and open
sheets.
"""

from __future__ import annotations

import datetime as dt
import uuid
from collections import Counter

from ...catalogue.wording import said_all
from ...core.season.model import WORKS, Segment
from ...core.season.today import LANE_WORDS
from ...core.words.units import share_words
from ...formats.ical import Entry, write_calendar
from ...store import logbook, places, plans
from ...store.trees import TreeRecord
from ..workplace import Workplace
from .alike import SeasonOf
from .desk import SeasonDesk

_NAMES = uuid.UUID("3c1d6a35-6a4e-4f6e-9a3b-7b0d5f0c2a11")
_FIRST = dt.date(2020, 1, 1)
_MUTE = ("sucker", "sanitation")  # any day: no window to put into a calendar


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
            r.row.id: f"{r.block.name} row {r.row.called}" for r in records
        }
        entries = [
            Entry(
                f"{task.calendar_uid}@billhook",
                task.due,
                task.due,
                f"{names[task.scope_id]}: {task.does}",
                f"Look again.{task.why_later and ' Put off: ' + task.why_later + '.'}",
                "Look again",
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
                f"{names[p.tree_id]}: finish the cut sheet",
                "Open cut sheet.",
                "Cut sheet",
                p.version,
            )
            for p in plans.open_plans(session)
            if p.tree_id in names
        ]
        for where in dict.fromkeys(r.block.id for r in records):
            entries += _windows(desk, [r for r in records if r.block.id == where], today)
        name = (
            f"{holding.name if holding else 'Billhook'}{', ' + block.name if block else ''}: "
            "pruning"
        )
    return write_calendar(name, entries, dt.datetime.combine(today, dt.time(), dt.UTC))


def _windows(desk: SeasonDesk, records: list[TreeRecord], today: dt.date) -> list[Entry]:
    """Runs of go of each species of a block, for the commonest state of its trees."""
    found: list[Entry] = []
    for kind in dict.fromkeys((r.tree.species, r.cultivar) for r in records):
        of_kind = [r for r in records if (r.tree.species, r.cultivar) == kind]
        commonest: SeasonOf = Counter(desk.of(r) for r in of_kind).most_common(1)[0][0]
        record = next(r for r in of_kind if desk.of(r) == commonest)
        said = str(
            desk.at.know[
                f"cultivars/{kind[1]}/name" if kind[1] else f"species/{kind[0]}/name"
            ].value
        )
        segments = desk.season(record).segments
        for work in WORKS:
            if work in _MUTE:
                continue
            for nth, (run, first) in enumerate(_runs([s for s in segments if s.work == work])):
                uid = uuid.uuid5(
                    _NAMES, f"{record.block.id} {kind} {work} {first.start.year} {nth}"
                )
                share = f", to {share_words(first.max_share)}" if first.max_share else ""
                why = said_all(first.reasons[:2])
                found.append(
                    Entry(
                        f"{uid}@billhook",
                        run[0],
                        run[1],
                        f"{record.block.name}, {said}: {LANE_WORDS[work].lower()}{share}",
                        why,
                        "When to do it",
                        (today - _FIRST).days,
                    )
                )
    return found


def _runs(segments: list[Segment]) -> list[tuple[tuple[dt.date, dt.date], Segment]]:
    runs: list[tuple[tuple[dt.date, dt.date], Segment]] = []
    for s in segments:
        if s.status != "go":
            continue
        if runs and (s.start - runs[-1][0][1]).days == 1:
            runs[-1] = ((runs[-1][0][0], s.end), runs[-1][1])
        else:
            runs.append(((s.start, s.end), s))
    return runs
