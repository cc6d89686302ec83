"""Trees looked at in passing, one or many alike: nothing to do, so many rubbed off, or trained."""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.days import done_problem
from ...core.errors import refuse
from ...core.words.values import listed, say
from ...store.trees import TreeRecord, tree_record
from ...store.walk_tables import Walk, WalkAnswer
from ...store.walks import save_walk
from ...store.work_tables import LogEntry
from ..book.come_back import come_back_after
from ..book.logged import put_in_log
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .found import set_found
from .keeping import log_tallies, set_come_backs
from .view import view_of


@dataclass(frozen=True)
class Passed:
    """What was done to a tree in passing: suckers and sprouts rubbed off it, and whether it was
    trained.
    """

    suckers: int = 0
    sprouts: int = 0
    trained: bool = False


def quick(
    at: Workplace, tree_id: str, walk_id: str, passed: Passed, day: dt.date | None = None
) -> None:
    """A tree looked at in passing. The same id twice counts once. Raises: NotFound, InvalidInput
    for a day to come, and at ``/trained`` for a tree that is not young.
    """
    _pass(at, {walk_id: tree_id}, passed, day)


def quick_many(
    at: Workplace,
    tree_ids: Sequence[str],
    request_id: str,
    passed: Passed,
    day: dt.date | None = None,
) -> int:
    """Like work on many trees, the same on each; returns on how many. The same request twice
    counts once. Raises: as :func:`quick`.
    """
    walk_ids = {str(uuid.uuid5(uuid.UUID(request_id), t)): t for t in dict.fromkeys(tree_ids)}
    _pass(at, walk_ids, passed, day)
    return len(walk_ids)


def _pass(at: Workplace, trees: dict[str, str], passed: Passed, day: dt.date | None) -> None:
    on = day or at.today()
    refuse({"/day": done_problem(day, at.today())})
    with at.store.writing() as session:
        desk = SeasonDesk(session, at, on)
        records = {walk_id: tree_record(session, tree_id) for walk_id, tree_id in trees.items()}
        if passed.trained:
            grown = [r.name for r in records.values() if not desk.young(r)]
            refuse(
                {
                    "/trained": say("bad-is-for-young-trees-not", known=listed(grown))
                    if grown
                    else None
                }
            )
        trained = []
        for walk_id, record in records.items():
            if session.get(Walk, walk_id) is None:
                _look(at, session, walk_id, record, passed, on)
                if passed.trained:
                    trained.append((record, _trained(at, session, walk_id, record, on)))
        come_back_after(desk, trained)


def _look(
    at: Workplace, session: Session, walk_id: str, record: TreeRecord, passed: Passed, on: dt.date
) -> None:
    walk = Walk(id=walk_id, tree_id=record.tree.id, day=on, state="done", quick=True)
    save_walk(session, walk)
    session.flush()
    answers = {"below": "none", "sprouts": "none"}
    if passed.suckers:
        answers |= {"below": "rubbed", "below-count": str(passed.suckers)}
    if passed.sprouts:
        answers |= {"sprouts": "small", "sprouts-count": str(passed.sprouts)}
    for question, answer in answers.items():
        save_walk(session, WalkAnswer(walk_id=walk.id, step=question, answer=answer))
    session.flush()
    view = view_of(at, session, walk)
    log_tallies(at.know, session, walk, view.answers)
    set_found(at, session, walk, view)
    set_come_backs(session, walk, view.end)


def _trained(
    at: Workplace, session: Session, walk_id: str, record: TreeRecord, on: dt.date
) -> LogEntry:
    entry = LogEntry(
        id=str(uuid.uuid5(uuid.UUID(walk_id), "young")),
        tree_id=record.tree.id,
        date=on,
        work="young",
        note="unmeasured",
    )
    put_in_log(at.know, session, entry)
    session.flush()
    return entry
