"""Walking a tree: begun, paused, taken up on another device, and finished with findings and days to come back."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass

from sqlmodel import Session

from ..core.shoot.judge import ShootCase, stands_on_own_roots
from ..core.walk.steps import Step, Summary, asked_next, check_answer, steps_of, summary
from ..store import walks
from ..store.tables import Task, Walk, WalkAnswer
from ..store.trees import TreeRecord, tree_record, tree_records
from .seasons import SeasonDesk
from .workplace import Workplace


@dataclass(frozen=True)
class WalkView:
    """A walk as it stands. ``at``: the step that is asked now, None when all are answered. next_tree: the next tree of the row."""

    walk: Walk
    name: str
    steps: tuple[Step, ...]
    answers: Mapping[str, str]
    at: str | None
    end: Summary
    next_tree: str | None


def begin(at: Workplace, tree_id: str, walk_id: str) -> WalkView:
    """Begin a walk, or take up the one that is open on this tree. The same id twice begins one walk. Raises: NotFound."""
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        found = session.get(Walk, walk_id) or walks.open_walk(session, tree_id)
        if found is None:
            found = Walk(id=walk_id, tree_id=record.tree.id, day=at.today())
            session.add(found)
            session.flush()
        return _view(at, session, found)


def walk_view(at: Workplace, walk_id: str) -> WalkView:
    """Raises: NotFound."""
    with at.store.reading() as session:
        return _view(at, session, walks.walk(session, walk_id))


def give(at: Workplace, walk_id: str, answer_id: str, step: str, answer: str | None) -> WalkView:
    """Answer a step, change its answer, or take it back with None. The same answer id twice counts once. Raises: NotFound, InvalidInput."""
    if answer is not None:
        check_answer(at.know, step, answer)
    with at.store.writing() as session:
        walk = walks.walk(session, walk_id)
        if session.get(WalkAnswer, answer_id) is None:
            session.add(WalkAnswer(id=answer_id, walk_id=walk.id, step=step, answer=answer or ""))
            session.flush()
        return _view(at, session, walk)


def finish(at: Workplace, walk_id: str) -> WalkView:
    """End a walk: what it found sets the days to come back. Ending twice ends once. Raises: NotFound."""
    with at.store.writing() as session:
        walk = walks.walk(session, walk_id)
        view = _view(at, session, walk)
        if walk.state == "open":
            walk.state = "done"
            session.add(walk)
            for finding in view.end.findings:
                if finding.again is not None:
                    session.add(Task(scope_id=walk.tree_id, kind="walk", does=finding.text, due=finding.again, rule=finding.rule))
            if view.end.nothing:
                session.add(Task(scope_id=walk.tree_id, kind="walk", does="Walk the tree again", due=view.end.look_again, rule="walk/look-again"))
            session.flush()
        return _view(at, session, walk)


def _view(at: Workplace, session: Session, walk: Walk) -> WalkView:
    record = tree_record(session, walk.tree_id)
    steps = steps_of(at.know, stands_on_own_roots(ShootCase(record.tree.species, record.stem.rootstock, {}, cultivar=record.cultivar)))
    given = walks.answers(session, walk.id)
    asked = asked_next(at.know, steps, given)
    end = summary(at.know, given, walk.day, _next_flush(at, session, record, walk.day))
    return WalkView(walk, record.name, steps, given, asked, end, _next_in_row(session, record))


def _next_flush(at: Workplace, session: Session, record: TreeRecord, day: dt.date) -> dt.date | None:
    events = SeasonDesk(session, at, day).season(record, ("sucker",)).events
    return next((e.start for e in events if e.name in ("first flush", "later flush") and e.start > day), None)


def _next_in_row(session: Session, record: TreeRecord) -> str | None:
    row = tree_records(session, row_id=record.row.id)
    following = [r for r in row if r.place.n > record.place.n]
    return following[0].tree.id if following else None
