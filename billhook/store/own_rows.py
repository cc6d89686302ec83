"""Which rows are somebody's, and in which rows lies what an id names."""

from __future__ import annotations

from typing import Any

from sqlalchemy import Select, select
from sqlmodel import Session, col

from . import crew, people
from .picture_tables import Photo
from .tables import Block, FrameRow, Place, Row, Stem, Task, Tree
from .walk_tables import Walk
from .work_tables import LogEntry, Plan

_OF_TREES = (
    (col(Plan.id), col(Plan.tree_id)),
    (col(Walk.id), col(Walk.tree_id)),
    (col(LogEntry.id), col(LogEntry.tree_id)),
    (col(Photo.id), col(Photo.tree_id)),
)


def rows_of_person(session: Session, person_id: str) -> frozenset[str]:
    """Ids of the rows given to somebody by row or by block, or theirs in the plan kept last."""
    given = {s for s, who in people.assignments(session).items() if who == person_id}
    planned = crew.rows_kept_for(session, person_id)
    query = select(col(Row.id), col(Row.n), col(Block.id), col(Block.name)).join(
        Block, col(Block.id) == col(Row.block_id)
    )
    return frozenset(
        row
        for row, n, block, name in session.execute(query).all()
        if given & {row, block} or (name, n) in planned
    )


def rows_in(session: Session, block_id: str) -> frozenset[str]:
    """Ids of the rows of a block."""
    return frozenset(_column(session, select(col(Row.id)).where(col(Row.block_id) == block_id)))


def rows_named(session: Session, ids: list[str]) -> frozenset[str]:
    """The rows of what ids name: rows, trees, and what belongs to these (drawings, sheets, walks,
    photos, entries, come-backs); ids of other things name none.
    """
    trees, scopes = set(ids), set(ids)
    for key, tree in _OF_TREES:
        trees |= _column(session, select(tree).where(key.in_(ids)))
    drawn = select(col(Stem.tree_id)).join(FrameRow, col(FrameRow.stem_id) == col(Stem.id))
    trees |= _column(session, drawn.where(col(FrameRow.id).in_(ids)))
    scopes |= _column(session, select(col(Task.scope_id)).where(col(Task.id).in_(ids)))
    scopes |= _column(session, select(col(Photo.row_id)).where(col(Photo.id).in_(ids)))
    of_trees = select(col(Place.row_id)).join(Tree, col(Tree.place_id) == col(Place.id))
    found = _column(session, of_trees.where(col(Tree.id).in_(trees | scopes)))
    return frozenset(found | _column(session, select(col(Row.id)).where(col(Row.id).in_(scopes))))


def blocks_named(session: Session, ids: list[str]) -> dict[str, frozenset[str]]:
    """The rows of each block that ids name, or a photo or a come-back of it."""
    scopes = set(ids)
    scopes |= _column(session, select(col(Task.scope_id)).where(col(Task.id).in_(ids)))
    scopes |= _column(session, select(col(Photo.block_id)).where(col(Photo.id).in_(ids)))
    found: dict[str, set[str]] = {}
    query = select(col(Row.block_id), col(Row.id)).where(col(Row.block_id).in_(scopes))
    for block, row in session.execute(query).all():
        found.setdefault(block, set()).add(row)
    return {block: frozenset(rows) for block, rows in found.items()}


def _column(session: Session, query: Select[Any]) -> set[str]:
    return {found for found in session.execute(query).scalars() if found is not None}
