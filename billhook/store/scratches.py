"""Scratches of the bark after a frost."""

from __future__ import annotations

import datetime as dt

from sqlmodel import Session, col, select

from .acts import arrival
from .frost_tables import Scratch


def known(session: Session, scratch_id: str) -> Scratch | None:
    """A scratch that was written down already."""
    return session.get(Scratch, scratch_id)


def scratches(session: Session, tree_id: str, since: dt.date) -> list[Scratch]:
    """Scratches of a tree since a day, the oldest first."""
    query = (
        select(Scratch)
        .where(Scratch.tree_id == tree_id, Scratch.day >= since)
        .order_by(col(Scratch.day), *arrival(Scratch))
    )
    return list(session.exec(query).all())


def save_scratch(session: Session, *rows: Scratch) -> None:
    """Write a scratch."""
    session.add_all(rows)
