"""The weeks of one helper as a calendar."""

from __future__ import annotations

import datetime as dt
import uuid

from ...catalogue.wording import said
from ...core.words.tongue import spoken
from ...core.words.values import say
from ...formats.ical import Entry, write_calendar
from ...store import people
from ..workplace import Workplace
from .crew import CrewWeeks, crew_weeks

_NAMES = uuid.UUID("5a0c1f0e-6b7d-4b1e-9d55-0f7f3f6f1b52")
_FIRST = dt.date(2020, 1, 1)
_WEEKS = 6


def weeks_calendar(at: Workplace, person_id: str) -> bytes:
    """The feed as iCalendar bytes: what somebody does in each week. UIDs stay with the work and its
    week. Raises: NotFound.
    """
    today = at.today()
    with at.store.reading() as session:
        name = people.person(session, person_id).name
    found = crew_weeks(at, today, _WEEKS)
    title = said(say("crew-weeks-of", name=name))
    made = dt.datetime.combine(today, dt.time(), dt.UTC)
    return write_calendar(title, spoken(), _entries(found, person_id), made)


def _entries(found: CrewWeeks, person_id: str) -> list[Entry]:
    jobs = {g.job.id: g for g in found.jobs}
    entries = []
    for piece in found.plan.work:
        if piece.helper != person_id:
            continue
        item, week = jobs[piece.job].item, found.weeks[piece.week]
        rows = say("crew-rows", rows=len(item.rows), first=str(item.rows[0]))
        uid = uuid.uuid5(_NAMES, f"{person_id} {piece.job} {week.last}")
        entries.append(
            Entry(
                f"{uid}@billhook",
                week.first,
                week.last,
                f"{item.block}, {said(rows)}: {said(item.says)}",
                said(say("crew-about", minutes=piece.minutes, trees=len(item.trees))),
                said(say("crew-weeks-ahead")),
                (found.day - _FIRST).days,
            )
        )
    return entries
