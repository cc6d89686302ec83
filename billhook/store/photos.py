"""Photos of trees; their files lie beside the database."""

from __future__ import annotations

from sqlmodel import Session, col, select

from .acts import arrival
from .tables import Photo


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
