"""Walks and their answers; answers are appended, the newest of a step holds."""

from __future__ import annotations

from sqlmodel import Session, col, select

from .database import NotFound
from .tables import Walk, WalkAnswer


def walk(session: Session, walk_id: str) -> Walk:
    """One walk. Raises: NotFound."""
    found = session.get(Walk, walk_id)
    if found is None:
        raise NotFound(f"there is no walk {walk_id}")
    return found


def open_walk(session: Session, tree_id: str) -> Walk | None:
    """The walk of a tree that was begun and not finished."""
    return session.exec(select(Walk).where(Walk.tree_id == tree_id, Walk.state == "open").order_by(col(Walk.made_at).desc())).first()


def answers(session: Session, walk_id: str) -> dict[str, str]:
    """The answer in force of each step that was answered; a step taken back has none."""
    rows = session.exec(select(WalkAnswer).where(WalkAnswer.walk_id == walk_id).order_by(col(WalkAnswer.made_at), col(WalkAnswer.id))).all()
    found: dict[str, str] = {}
    for row in rows:
        found.pop(row.step, None)
        if row.answer:
            found[row.step] = row.answer
    return found
