"""Walks and their answers; answers are appended, the newest of a question holds."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session, col, select

from .database import NotFound
from .tables import Walk, WalkAnswer


@dataclass(frozen=True)
class Crossing:
    """Two devices answered one question without knowing of each other: what holds, and what the other said."""

    question: str
    holds: str
    other: str


def walk(session: Session, walk_id: str) -> Walk:
    """One walk, or the one it was merged into. Raises: NotFound."""
    found = session.get(Walk, walk_id)
    if found is None:
        raise NotFound(f"there is no walk {walk_id}")
    return walk(session, found.into) if found.into else found


def open_walk(session: Session, tree_id: str) -> Walk | None:
    """The walk of a tree that was begun and not finished."""
    return session.exec(select(Walk).where(Walk.tree_id == tree_id, Walk.state == "open").order_by(col(Walk.made_at).desc())).first()


def last_walks(session: Session, tree_ids: Sequence[str]) -> dict[str, Walk]:
    """The newest walk of each tree, merged ones apart."""
    query = select(Walk).where(col(Walk.tree_id).in_(tree_ids), Walk.state != "merged").order_by(col(Walk.day), col(Walk.made_at))
    return {w.tree_id: w for w in session.exec(query).all()}


def history(session: Session, walk_id: str) -> list[WalkAnswer]:
    """Every answer of a walk as it came in."""
    query = select(WalkAnswer).where(WalkAnswer.walk_id == walk_id).order_by(col(WalkAnswer.made_at), col(WalkAnswer.id))
    return list(session.exec(query).all())


def in_force(rows: Sequence[WalkAnswer]) -> dict[str, WalkAnswer]:
    """The newest answer of each question."""
    return {row.step: row for row in rows}


def crossings(rows: Sequence[WalkAnswer]) -> tuple[Crossing, ...]:
    """Questions where the answer in force was given without knowing of a different one that had come in before."""
    by_id, found = {r.id: r for r in rows}, []
    before: dict[str, list[WalkAnswer]] = {}
    for row in rows:
        before.setdefault(row.step, []).append(row)
    for question, given in before.items():
        last = given[-1]
        if last.seen is None:
            continue
        seen = given.index(by_id[last.seen]) if last.seen in by_id else -1
        unseen = [g for g in given[seen + 1 : -1] if g.answer != last.answer]
        if unseen:
            found.append(Crossing(question, last.answer, unseen[-1].answer))
    return tuple(found)
