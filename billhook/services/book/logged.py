"""Work put into the log closes what a walk found to be done."""

from __future__ import annotations

from collections.abc import Collection

from sqlmodel import Session

from ...store import logbook
from ...store.logbook import save_entries, save_tasks
from ...store.work_tables import LogEntry


def put_in_log(session: Session, entry: LogEntry, works: Collection[str] = ()) -> None:
    """Write an entry; what was found of its work on its tree is done with it. works: kinds of work
    that were done besides.
    """
    save_entries(session, entry)
    if entry.corrects is not None:
        return
    done = {entry.work, *works}
    for task in logbook.found(session, entry.tree_id):
        if task.work in done and (task.since is None or task.since <= entry.date):
            task.state, task.version = "done", task.version + 1
            save_tasks(session, task)
