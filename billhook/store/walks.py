"""Walks and their answers; answers are appended, the newest of a question holds."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session, col, select

from ..core.words.values import say
from .acts import arrival
from .database import NotFound
from .walk_tables import Walk, WalkAnswer


@dataclass(frozen=True)
class Crossing:
    """Two devices answered one question without knowing of each other: what holds, and what the
    other said.
    """

    question: str
    holds: str
    other: str


def walk(session: Session, walk_id: str) -> Walk:
    """One walk, or the one it was merged into. Raises: NotFound."""
    found = session.get(Walk, walk_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-walk", walk_id=walk_id))
    return walk(session, found.into) if found.into else found


def open_walk(session: Session, tree_id: str) -> Walk | None:
    """The walk of a tree that was begun and not finished."""
    return session.exec(
        select(Walk)
        .where(Walk.tree_id == tree_id, Walk.state == "open")
        .order_by(col(Walk.act).desc())
    ).first()


def last_walks(session: Session, tree_ids: Sequence[str]) -> dict[str, Walk]:
    """The newest walk of each tree, merged ones apart."""
    query = (
        select(Walk)
        .where(col(Walk.tree_id).in_(tree_ids), Walk.state != "merged")
        .order_by(col(Walk.day), *arrival(Walk))
    )
    return {w.tree_id: w for w in session.exec(query).all()}


def history(session: Session, walk_id: str) -> list[WalkAnswer]:
    """Every answer of a walk as it came in."""
    query = select(WalkAnswer).where(WalkAnswer.walk_id == walk_id).order_by(*arrival(WalkAnswer))
    return list(session.exec(query).all())


def in_force(rows: Sequence[WalkAnswer]) -> dict[str, WalkAnswer]:
    """The answer that holds of each question: the newest, but one given without knowing of a
    different newer one does not take its place.
    """
    held: dict[str, WalkAnswer] = {}
    for row in rows:
        if not _crosses(row, held.get(row.step)):
            held[row.step] = row
    return held


def crossings(rows: Sequence[WalkAnswer]) -> tuple[Crossing, ...]:
    """Questions where an answer came in that did not know of the one that holds, until somebody who
    knows both answers again.
    """
    held: dict[str, WalkAnswer] = {}
    open_: dict[str, Crossing] = {}
    for row in rows:
        before = held.get(row.step)
        if before is not None and _crosses(row, before):
            open_[row.step] = Crossing(row.step, before.answer, row.answer)
        else:
            held[row.step] = row
            open_.pop(row.step, None)
    return tuple(open_.values())


def _crosses(row: WalkAnswer, held: WalkAnswer | None) -> bool:
    """Whether an answer was given without knowing of the one that held when it came in, and says
    otherwise.
    """
    return (
        held is not None
        and row.seen is not None
        and row.seen != held.id
        and row.answer != held.answer
    )


def save_walk(session: Session, *rows: Walk | WalkAnswer) -> None:
    """Write a walk, as it stands, and answers given on it."""
    session.add_all(rows)
