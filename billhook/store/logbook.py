"""The log, append-only, and the tasks that come out of it."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Sequence

from sqlmodel import Session, col, select

from ..core.words.values import say
from .database import NotFound
from .tables import PutOff, Task
from .work_tables import CutCount, LogEntry


def entries(
    session: Session, tree_id: str | None = None, since: dt.date | None = None
) -> list[LogEntry]:
    """Log entries, the newest work first; corrected ones are kept."""
    query = select(LogEntry).order_by(col(LogEntry.date).desc(), col(LogEntry.act).desc())
    if tree_id is not None:
        query = query.where(LogEntry.tree_id == tree_id)
    if since is not None:
        query = query.where(LogEntry.date >= since)
    return list(session.exec(query).all())


def entries_by_act(session: Session) -> Counter[int]:
    """How many entries each act wrote."""
    return Counter(session.exec(select(LogEntry.act)).all())


def entry(session: Session, entry_id: str) -> LogEntry:
    """One entry. Raises: NotFound."""
    found = session.get(LogEntry, entry_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-log-entry", entry_id=entry_id))
    return found


def entry_of_plan(session: Session, plan_id: str) -> LogEntry | None:
    """The entry that finishing a plan wrote."""
    return session.exec(
        select(LogEntry).where(LogEntry.plan_id == plan_id, col(LogEntry.corrects).is_(None))
    ).first()


def in_force(found: list[LogEntry]) -> list[LogEntry]:
    """Entries that no later one corrects."""
    corrected = {e.corrects for e in found if e.corrects}
    return [e for e in found if e.id not in corrected]


def tasks(session: Session, scope_id: str | None = None, state: str | None = "open") -> list[Task]:
    """Tasks by due date."""
    query = select(Task).order_by(col(Task.due), col(Task.kind))
    if scope_id is not None:
        query = query.where(Task.scope_id == scope_id)
    if state is not None:
        query = query.where(Task.state == state)
    return list(session.exec(query).all())


def found(session: Session, tree_id: str | None = None) -> list[Task]:
    """What walks found to be done and is not done yet, of a tree or of all."""
    return [t for t in tasks(session, tree_id) if t.kind == "found"]


def task(session: Session, task_id: str) -> Task:
    """One task. Raises: NotFound."""
    found = session.get(Task, task_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-task", task_id=task_id))
    return found


def save_entries(session: Session, *rows: LogEntry) -> None:
    """Write log entries."""
    session.add_all(rows)


def save_counts(session: Session, *rows: CutCount) -> None:
    """Write counted cuts of log entries."""
    session.add_all(rows)


def counts(session: Session, log_ids: Sequence[str]) -> dict[str, list[CutCount]]:
    """Counted cuts by the entry they belong to."""
    found: dict[str, list[CutCount]] = {}
    query = select(CutCount).where(col(CutCount.log_id).in_(log_ids)).order_by(col(CutCount.mm))
    for one in session.exec(query).all():
        found.setdefault(one.log_id, []).append(one)
    return found


def save_tasks(session: Session, *rows: Task) -> None:
    """Write new or changed tasks."""
    session.add_all(rows)


def save_put_off(session: Session, *rows: PutOff) -> None:
    """Write down that work was put off."""
    session.add_all(rows)
