"""Photos of trees, rows and blocks, and what was traced on them; the files lie beside the
database.
"""

from __future__ import annotations

from sqlmodel import Session, col, select

from .acts import arrival
from .picture_tables import Photo, Trace


def photos_of(session: Session, tree_id: str) -> list[Photo]:
    """Photos of a tree, the oldest first."""
    return list(
        session.exec(
            select(Photo).where(Photo.tree_id == tree_id).order_by(col(Photo.day), *arrival(Photo))
        ).all()
    )


def save_photo(session: Session, *rows: Photo) -> None:
    """Write down a photo whose file is kept."""
    session.add_all(rows)


def photos_at(session: Session, row_id: str | None, block_id: str | None) -> list[Photo]:
    """Photos of a row or a block, the oldest first."""
    of = Photo.row_id == row_id if row_id else Photo.block_id == block_id
    return list(
        session.exec(select(Photo).where(of).order_by(col(Photo.day), *arrival(Photo))).all()
    )


def traces_of(session: Session, tree_id: str) -> list[Trace]:
    """Traces of a tree, the oldest first."""
    return list(
        session.exec(select(Trace).where(Trace.tree_id == tree_id).order_by(*arrival(Trace))).all()
    )


def save_traces(session: Session, *rows: Trace) -> None:
    """Write down what was traced."""
    session.add_all(rows)
