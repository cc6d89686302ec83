"""Work of the fortnight done, or put off."""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Sequence

from ...core.days import done_problem, planned_problem
from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.season.model import WORKS, Work
from ...core.words.values import Value, listed, say
from ...store import logbook
from ...store.database import StaleVersion
from ...store.logbook import save_put_off, save_tasks
from ...store.tables import PutOff, Task
from ...store.trees import tree_record
from ...store.work_tables import LogEntry
from ..book.come_back import come_back_after
from ..book.logged import put_in_log
from ..workplace import Workplace
from .desk import SeasonDesk


def _later_problem(until: dt.date, day: dt.date) -> Value | None:
    return say("bad-must-lie-after", day=day) if until <= day else planned_problem(until, day)


def put_off(
    at: Workplace, tree_ids: Sequence[str], work: str, until: dt.date, why: str, day: dt.date
) -> None:
    """Put seasonal work on trees off to a day, with the reason. Raises: InvalidInput by field,
    NotFound.
    """
    problems = []
    if work not in WORKS:
        problems.append(FieldProblem("/work", say("bad-must-be-one-of", known=listed(WORKS))))
    if (wrong := _later_problem(until, day)) is not None:
        problems.append(FieldProblem("/until", wrong))
    if not why.strip():
        problems.append(FieldProblem("/why", say("bad-say-why")))
    if problems:
        raise InvalidInput(problems)
    with at.store.writing() as session:
        for tree_id in tree_ids:
            tree_record(session, tree_id)
            save_put_off(session, PutOff(tree_id=tree_id, work=work, until=until, why=why.strip()))


def put_task_off(
    at: Workplace, task_id: str, version: int, until: dt.date, why: str, day: dt.date
) -> Task:
    """Put a come-back off to another day, with the reason. Raises: InvalidInput by field, NotFound,
    StaleVersion.
    """
    refuse(
        {"/until": _later_problem(until, day), "/why": None if why.strip() else say("bad-say-why")}
    )
    with at.store.writing() as session:
        task = logbook.task(session, task_id)
        if task.version != version:
            raise StaleVersion(
                say("bad-someone-else-changed-this-in-the"), {"version": task.version}
            )
        task.due, task.why_later, task.version = until, why.strip(), version + 1
        save_tasks(session, task)
        return task


def done(
    at: Workplace,
    tree_ids: Sequence[str],
    work: Work,
    date: dt.date,
    who: str,
    minutes: float | None,
    request_id: str,
    count: int | None = None,
    found: str | None = None,
) -> int:
    """Log work as done on trees, unmeasured; ``count``: how many came off each; ``found``: the one
    finding of a look that it was. The same request twice changes nothing. Returns how many entries
    are on record for it.

    Raises: InvalidInput, NotFound.
    """
    refuse({"/date": done_problem(date, at.today())})
    if work not in WORKS:
        raise invalid("/work", say("bad-must-be-one-of", known=listed(WORKS)))
    with at.store.writing() as session:
        desk, written = SeasonDesk(session, at, date), []
        for tree_id in tree_ids:
            entry_id = str(uuid.uuid5(uuid.UUID(request_id), tree_id))
            if session.get(LogEntry, entry_id) is None:
                record = desk.held.by_tree.get(tree_id) or tree_record(session, tree_id)
                entry = LogEntry(
                    id=entry_id,
                    tree_id=tree_id,
                    date=date,
                    work=work,
                    who=who,
                    minutes=None if minutes is None else minutes / len(tree_ids),
                    cuts=count,
                    note="unmeasured",
                )
                put_in_log(at.know, session, entry, found=found)
                session.flush()
                written.append((record, entry))
        come_back_after(desk, written)
    return len(tree_ids)
