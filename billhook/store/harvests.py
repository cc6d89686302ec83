"""Fruit that was picked."""

from __future__ import annotations

from collections.abc import Sequence

from sqlmodel import Session, col, select

from .tables import Harvest


def harvest(session: Session, harvest_id: str) -> Harvest | None:
    """One picking, where it was written down already."""
    return session.get(Harvest, harvest_id)


def harvests(session: Session, scope_ids: Sequence[str]) -> list[Harvest]:
    """What was picked from these trees, rows and blocks, the newest first."""
    found: list[Harvest] = []
    # a list of ids in one statement has a limit in SQLite
    for i in range(0, len(scope_ids), 500):
        found += session.exec(
            select(Harvest).where(col(Harvest.scope_id).in_(scope_ids[i : i + 500]))
        ).all()
    return sorted(found, key=lambda h: (h.day, h.act), reverse=True)


def save_harvest(session: Session, *rows: Harvest) -> None:
    """Write down what was picked."""
    session.add_all(rows)
