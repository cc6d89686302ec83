"""What was entered wrong: a tree moved, deleted, or standing again; names of rows and blocks."""

from __future__ import annotations

from math import atan2, cos, degrees, radians, sin
from typing import Literal

from sqlmodel import Session

from ...core.errors import invalid, refuse
from ...core.words.values import listed, say
from ...store import places
from ...store.database import StaleVersion
from ...store.erase import erase_tree, history_of
from ...store.places import save_places
from ...store.tables import Block, Place, Row
from ...store.trees import TreeRecord, save_trees, tree_record
from ..holding.ground import ground_of
from ..holding.planting import block_for, row_for
from ..workplace import Workplace

_FASTER = "Someone else changed this tree in the meantime."


def _current(session: Session, tree_id: str, version: int) -> TreeRecord:
    record = tree_record(session, tree_id)
    if record.tree.version != version:
        raise StaleVersion(_FASTER, {"version": record.tree.version})
    return record


def move_tree(
    at: Workplace, tree_id: str, version: int, block_name: str, row: str | None
) -> TreeRecord:
    """To the end of another row of its site; row: what it is called, a new one if None. Raises:
    NotFound, StaleVersion, InvalidInput for a block without a name.
    """
    refuse({"/block": None if block_name.strip() else say("bad-say-which-block")})
    with at.store.writing() as session:
        record = _current(session, tree_id, version)
        block = block_for(session, record.site.id, block_name.strip())
        line = row_for(session, block.id, row, record.row.kind)
        if line.id != record.row.id:
            ground, where = ground_of(at.know, session, record.site.id), (block.name, line.n)
            step = sum(at.know.numbers(f"species/{record.tree.species}/spread")) / 2
            x, y = ground.next(where, step)
            place = Place(row_id=line.id, n=max(ground.places[where], default=0) + 1, x=x, y=y)
            save_places(session, place)
            session.flush()
            record.tree.place_id = place.id
        record.tree.version += 1
        save_trees(session, record.tree)
    with at.store.reading() as session:
        return tree_record(session, tree_id)


def delete_tree(at: Workplace, tree_id: str, version: int) -> None:
    """Take out a tree that was entered by mistake, with its place. Raises: NotFound, StaleVersion;
    InvalidInput for one that has a history: it is gone, not a mistake.
    """
    with at.store.writing() as session:
        record = _current(session, tree_id, version)
        held = history_of(session, tree_id)
        if held:
            raise invalid("", say("bad-it-has-say-that-it-is", n=listed(held, say("history-and"))))
        erase_tree(session, record)


def stand_again(at: Workplace, tree_id: str, version: int) -> TreeRecord:
    """A tree that was said to be gone stands. Raises: NotFound, StaleVersion, InvalidInput where it
    never went, or where another stands in its place.
    """
    with at.store.writing() as session:
        record = _current(session, tree_id, version)
        if record.tree.removed_on is None:
            raise invalid("", say("bad-it-stands-there"))
        if places.taken(session, record.place.id):
            raise invalid("", say("bad-another-tree-stands-in-its-place"))
        record.tree.removed_on = None
        record.tree.version += 1
        save_trees(session, record.tree)
        return record


def put_at(at: Workplace, tree_id: str, version: int, x_m: float, y_m: float) -> TreeRecord:
    """Put a tree where it stands on the plan, east and north of the site's corner [m]. Raises:
    NotFound, StaleVersion.
    """
    with at.store.writing() as session:
        record = _current(session, tree_id, version)
        record.place.x, record.place.y = round(x_m, 2), round(y_m, 2)
        save_places(session, record.place)
        record.tree.version += 1
        save_trees(session, record.tree)
        return record


def set_out(at: Workplace, row_id: str, spacing_m: float, bearing_deg: float | None = None) -> Row:
    """Put the places of a row so far apart, from its first, the way it runs or toward a bearing
    [degrees from north]. Raises: NotFound.
    """
    with at.store.writing() as session:
        row = places.row(session, row_id)
        line = sorted((p for p in places.places(session) if p.row_id == row_id), key=lambda p: p.n)
        if line and bearing_deg is None:
            east, north = line[-1].x - line[0].x, line[-1].y - line[0].y
            bearing_deg = degrees(atan2(east, north)) if east or north else 90.0
        way = radians(bearing_deg or 0.0)
        x, y = (line[0].x, line[0].y) if line else (0.0, 0.0)
        for place in line:
            far = spacing_m * (place.n - line[0].n)
            place.x, place.y = round(x + far * sin(way), 2), round(y + far * cos(way), 2)
            save_places(session, place)
        return row


def note_on(at: Workplace, scope: Literal["row", "block"], scope_id: str, note: str) -> None:
    """What is worth knowing of a row or block. Raises: NotFound."""
    with at.store.writing() as session:
        one = places.row(session, scope_id) if scope == "row" else places.block(session, scope_id)
        one.note = note.strip()
        save_places(session, one)


def call_row(at: Workplace, row_id: str, name: str | None) -> Row:
    """What a row is called; empty for its number, None leaves it.

    Raises: NotFound, InvalidInput for a name that another row of the block has.
    """
    with at.store.writing() as session:
        row = places.row(session, row_id)
        if name is None:
            return row
        called = name.strip() or None
        others = [r for r in places.rows(session) if r.block_id == row.block_id and r.id != row_id]
        if called and any(r.called.lower() == called.lower() for r in others):
            raise invalid("/name", say("bad-another-row-of-this-block-is"))
        row.name = called
        save_places(session, row)
        return row


def call_block(at: Workplace, block_id: str, version: int, name: str | None) -> Block:
    """What a block is called; None leaves it.

    Raises: NotFound, StaleVersion, InvalidInput for no name, or one that another block of the site
    has.
    """
    with at.store.writing() as session:
        block = places.block(session, block_id)
        if name is None:
            return block
        if block.version != version:
            raise StaleVersion(_FASTER.replace("tree", "block"), {"version": block.version})
        called = name.strip()
        same = places.block_named(session, block.site_id, called) if called else None
        refuse(
            {
                "/name": say("bad-say-what-it-is-called")
                if not called
                else say("bad-another-block-is-called-so")
                if same is not None and same.id != block_id
                else None
            }
        )
        block.name, block.version = called, block.version + 1
        save_places(session, block)
        return block
