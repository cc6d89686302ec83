"""What was done: reading the log, logging work made without a plan, correcting by a new entry, and
ticking come-backs off.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import done_problem, planned_problem
from ...core.errors import invalid, refuse
from ...core.frame.counting import Counted
from ...core.season.model import FREE_WORK, WORKS
from ...core.words.values import listed, say
from ...store import logbook
from ...store.acts import Act
from ...store.changes import kept_acts
from ...store.database import StaleVersion
from ...store.logbook import save_entries, save_tasks
from ...store.tables import Task
from ...store.trees import tree_record
from ...store.work_tables import CutCount, LogEntry
from ..plan import counted
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .come_back import come_back_after
from .logged import put_in_log


@dataclass(frozen=True)
class LogLine:
    """An entry with its tree's name, the entry that corrects it, if any, what was counted, the act
    that wrote it, by which it can be taken back, and how many more entries that act wrote.
    """

    entry: LogEntry
    tree_name: str
    corrected_by: str | None
    counts: tuple[CutCount, ...] = ()
    act: str | None = None
    with_it: int = 0

    @property
    def share(self) -> float | None:
        """What went of the canopy [0..1]; None where nobody reckoned it."""
        free = self.entry.work in FREE_WORK and self.entry.share is None
        return 0.0 if free else self.entry.share


def log(at: Workplace, tree_id: str | None = None, limit: int = 400) -> list[LogLine]:
    """The log of a tree, or of the holding, the newest work first. Corrected entries stay and say
    what corrects them.
    """
    with at.store.reading() as session:
        found = logbook.entries(session, tree_id)[:limit]
        by = {e.corrects: e.id for e in found if e.corrects}
        names = {
            r.tree.id: r.name
            for r in (
                at.standing(session).records if tree_id is None else [tree_record(session, tree_id)]
            )
        }
        counts = logbook.counts(session, [e.id for e in found])
        acts = kept_acts(session, [e.act for e in found])
        beside = logbook.entries_by_act(session)
        return [
            LogLine(
                e,
                names.get(e.tree_id, "a tree that is gone"),
                by.get(e.id),
                tuple(counts.get(e.id, ())),
                acts.get(e.act),
                beside[e.act] - 1,
            )
            for e in found
        ]


def _refuse_odd(
    at: Workplace,
    date: dt.date,
    work: str,
    height_before_m: float | None,
    height_after_m: float | None,
) -> None:
    grew = (height_after_m or 0.0) > (height_before_m or float("inf"))
    refuse(
        {
            "/work": None if work in WORKS else say("bad-must-be-one-of", known=listed(WORKS)),
            "/date": done_problem(date, at.today()),
            "/height_after_m": say("bad-a-tree-is-not-taller-after") if grew else None,
        }
    )


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
    cuts: Sequence[Counted] = (),
    only: str | None = None,
) -> LogEntry:
    """Log work made without a plan, or correct an entry by a new one. The same entry id twice
    changes nothing. cuts: counted; they say the share where none is given. only: whose entries
    alone may be corrected.

    Raises: InvalidInput by field; NotFound.
    """
    _refuse_odd(at, date, work, height_before_m, height_after_m)
    with at.store.writing() as session:
        known = session.get(LogEntry, entry_id)
        if known is not None:
            return known
        record = tree_record(session, tree_id)
        if cuts and share is None:
            share = counted.share_of(at, session, record, date, cuts)
        wrong = _to_correct(session, tree_id, corrects, only) if corrects is not None else None
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
            cuts=counted.how_many(cuts) or None,
        )
        if wrong is not None:
            _in_place_of(wrong, entry)
        put_in_log(at.know, session, entry)
        session.flush()
        if not cuts or not all(c.dead for c in cuts):
            come_back_after(SeasonDesk(session, at, date), [(record, entry)])
        counted.put_down(session, entry, cuts)
        return entry


def _in_place_of(wrong: LogEntry, entry: LogEntry) -> None:
    entry.frame_before, entry.frame_after = wrong.frame_before, wrong.frame_after
    # what a sheet cut is known by its frames; only what was counted may be counted anew
    entry.plan_id = wrong.plan_id
    entry.cuts = wrong.cuts if wrong.plan_id else entry.cuts or wrong.cuts


def on_other_tree(at: Workplace, entry_id: str, tree_id: str) -> LogEntry:
    """Put an entry on the tree it was done on, with what was counted.

    Raises: NotFound; InvalidInput for work of a sheet, which stands on its tree's drawing, and for
    the tree it is on already.
    """
    with at.store.writing() as session:
        entry = logbook.entry(session, entry_id)
        record = tree_record(session, tree_id)
        drawn = entry.plan_id is not None or entry.frame_after is not None
        corrected = entry.corrects is not None or any(
            e.corrects == entry_id for e in logbook.entries(session, entry.tree_id)
        )
        refuse(
            {
                "/tree_id": say("bad-is-the-tree-it-stands-on")
                if record.tree.id == entry.tree_id
                else say("bad-the-entry-is-from-a-cut")
                if drawn
                else say("bad-the-entry-was-corrected-take-it")
                if corrected
                else None
            }
        )
        entry.tree_id = record.tree.id
        save_entries(session, entry)
        return entry


def _to_correct(session: Session, tree_id: str, entry_id: str, only: str | None) -> LogEntry:
    """Raises: NotFound; InvalidInput for another tree's entry, one that is corrected, or one that
    somebody else wrote.
    """
    wrong = logbook.entry(session, entry_id)
    if wrong.tree_id != tree_id:
        raise invalid("/corrects", say("bad-that-entry-belongs-to-another-tree"))
    if any(e.corrects == entry_id for e in logbook.entries(session, tree_id)):
        raise invalid("/corrects", say("bad-that-entry-is-corrected-already-correct"))
    act = session.get(Act, wrong.act)
    if only is not None and (act is None or act.person != only):
        raise invalid("/corrects", say("bad-somebody-else-wrote-that-a-manager"))
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
        raise invalid("/state", say("bad-must-be-open-done-or-dropped"))
    refuse({"/due": planned_problem(due, at.today())})
    with at.store.writing() as session:
        task = logbook.task(session, task_id)
        if task.version != version:
            raise StaleVersion(
                say("bad-someone-else-changed-this-in-the"),
                {"version": task.version, "state": task.state, "due": task.due.isoformat()},
            )
        task.state, task.due, task.version = state, due or task.due, task.version + 1
        save_tasks(session, task)
        return task
