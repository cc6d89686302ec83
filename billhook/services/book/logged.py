"""Work put into the log closes what a walk found to be done."""

from __future__ import annotations

from collections.abc import Collection

from sqlmodel import Session

from ...core.errors import refuse
from ...core.known import Knowledge
from ...core.words.values import Value, say
from ...store import logbook, walks
from ...store.logbook import save_entries, save_tasks
from ...store.tables import Task
from ...store.work_tables import LogEntry

_ROWS = "walk-answers"


def rule_of(found: str) -> str:
    """The catalogue id of what an answer of a walk asks to be done."""
    return f"{_ROWS}/{found}/work"


def found_problem(know: Knowledge, found: str | None) -> Value | None:
    """Why this is no finding."""
    known = found is None or know.get(rule_of(found)) is not None
    return None if known else say("bad-is-no-finding-of-a-look")


def put_in_log(
    know: Knowledge,
    session: Session,
    entry: LogEntry,
    works: Collection[str] = (),
    found: str | None = None,
) -> None:
    """Write an entry; what was found of its work on its tree is done with it.

    works: kinds of work that were done besides. found: the one finding it was, an answer of a
    walk; then no other is closed. Raises: InvalidInput for one that is none.
    """
    refuse({"/found": found_problem(know, found)})
    save_entries(session, entry)
    if entry.corrects is not None:
        return
    done = {entry.work, *works}
    kept = logbook.found(session, entry.tree_id)
    meant = [
        t
        for t in kept
        if (t.rule == rule_of(found) if found else t.work in done)
        and (t.since is None or t.since <= entry.date)
    ]
    walk = walks.open_walk(session, entry.tree_id) if found else None
    for task in meant:
        task.state, task.version = "done", task.version + 1
        if walk is not None:
            task.walk_id = walk.id
        save_tasks(session, task)
    if "sanitation" in done:
        _frost_cut(session, entry)
    if found and walk is not None and not meant:
        # done on the spot, before the walk has ended
        session.flush()
        save_tasks(
            session,
            Task(
                scope_id=entry.tree_id,
                kind="found",
                does=know.text(f"{_ROWS}/{found}/finding"),
                due=entry.date,
                rule=rule_of(found),
                work=entry.work,
                walk_id=walk.id,
                since=walk.day,
                cause=entry.id,
                state="done",
            ),
        )


def _frost_cut(session: Session, entry: LogEntry) -> None:
    """Dead wood cut from the day a frost's class set is that day's work done."""
    for task in logbook.tasks(session, entry.tree_id):
        if task.kind == "frost-night-cut" and task.due <= entry.date:
            task.state, task.version = "done", task.version + 1
            save_tasks(session, task)
