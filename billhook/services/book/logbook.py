"""What was done: reading the log, logging work made without a plan, correcting by a new entry, and
ticking come-backs off.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import done_problem, planned_problem
from ...core.errors import invalid, refuse
from ...core.season.model import WORKS
from ...store import logbook
from ...store.database import StaleVersion
from ...store.logbook import save_entries, save_tasks
from ...store.tables import LogEntry, Task
from ...store.trees import tree_record, tree_records
from ..workplace import Workplace


@dataclass(frozen=True)
class LogLine:
    """An entry with its tree's name, and the entry that corrects it, if any."""

    entry: LogEntry
    tree_name: str
    corrected_by: str | None


def log(at: Workplace, tree_id: str | None = None, limit: int = 400) -> list[LogLine]:
    """The log of a tree, or of the holding, the newest work first. Corrected entries stay and say
    what corrects them.
    """
    with at.store.reading() as session:
        found = logbook.entries(session, tree_id)[:limit]
        by = {e.corrects: e.id for e in found if e.corrects}
        names = {
            r.tree.id: r.name
            for r in (tree_records(session) if tree_id is None else [tree_record(session, tree_id)])
        }
        return [
            LogLine(e, names.get(e.tree_id, "a tree that is gone"), by.get(e.id)) for e in found
        ]


def log_past_work(
    at: Workplace,
    tree_id: str,
    entry_id: str,
    date: dt.date,
    work: str,
    share: float | None = None,
    height_before_m: float | None = None,
    height_after_m: float | None = None,
    who: str = "",
    note: str = "",
    minutes: float | None = None,
    corrects: str | None = None,
) -> LogEntry:
    """Log work made without a plan, or correct an entry by a new one. The same entry id twice
    changes nothing.

    Raises: InvalidInput by field; NotFound.
    """
    grew = (height_after_m or 0.0) > (height_before_m or float("inf"))
    refuse(
        {
            "/work": None if work in WORKS else f"must be one of {', '.join(WORKS)}",
            "/date": done_problem(date, at.today()),
            "/height_after_m": "a tree is not taller after a cut than before" if grew else None,
        }
    )
    with at.store.writing() as session:
        known = session.get(LogEntry, entry_id)
        if known is not None:
            return known
        tree_record(session, tree_id)
        wrong = _to_correct(session, tree_id, corrects) if corrects is not None else None
        entry = LogEntry(
            id=entry_id,
            tree_id=tree_id,
            date=date,
            work=work,
            share=share,
            height_before_m=height_before_m,
            height_after_m=height_after_m,
            who=who,
            note=note,
            minutes=minutes,
            corrects=corrects,
        )
        if wrong is not None:
            entry.frame_before, entry.frame_after = wrong.frame_before, wrong.frame_after
            entry.plan_id, entry.cuts = wrong.plan_id, wrong.cuts
        save_entries(session, entry)
        return entry


def _to_correct(session: Session, tree_id: str, entry_id: str) -> LogEntry:
    """Raises: NotFound; InvalidInput for another tree's entry, or one that is corrected."""
    wrong = logbook.entry(session, entry_id)
    if wrong.tree_id != tree_id:
        raise invalid("/corrects", "that entry belongs to another tree")
    if any(e.corrects == entry_id for e in logbook.entries(session, tree_id)):
        raise invalid("/corrects", "that entry is corrected already; correct the newer one")
    return wrong


def open_tasks(at: Workplace) -> list[Task]:
    """Every come-back that is open, the soonest first."""
    with at.store.reading() as session:
        return logbook.tasks(session)


def settle_task(
    at: Workplace, task_id: str, version: int, state: str, due: dt.date | None = None
) -> Task:
    """Mark a come-back done or dropped, or put it off to another day. Raises: NotFound,
    StaleVersion, InvalidInput.
    """
    if state not in ("open", "done", "dropped"):
        raise invalid("/state", "must be open, done or dropped")
    refuse({"/due": planned_problem(due, at.today())})
    with at.store.writing() as session:
        task = logbook.task(session, task_id)
        if task.version != version:
            raise StaleVersion(
                "Someone else changed this come-back in the meantime.",
                {"version": task.version, "state": task.state, "due": task.due.isoformat()},
            )
        task.state, task.due, task.version = state, due or task.due, task.version + 1
        save_tasks(session, task)
        return task
