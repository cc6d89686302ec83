"""A row on the ground: its bearing, the gap to the next, the place a tree has in it, and the wall
that leaves an alley clear.
"""

from __future__ import annotations

from math import atan2, degrees, hypot

from sqlmodel import Session

from ...core.frame.geometry import height_m, radius_m
from ...core.frame.model import Frame
from ...core.frame.outline import Outline
from ...core.walk.tree import WalkTree
from ...store.trees import TreeRecord, tree_records
from ..workplace import Workplace


def row_bearing_deg(session: Session, record: TreeRecord) -> float | None:
    """Bearing of the row [degrees, 0 to 180); None for a tree alone."""
    row = tree_records(session, row_id=record.row.id)
    if len(row) < 2:
        return None
    a, b = row[0].place, row[-1].place
    return degrees(atan2(b.x - a.x, b.y - a.y)) % 180


def to_neighbour(session: Session, record: TreeRecord) -> float | None:
    """Distance to the next tree in the row [m]; None where a tree stands alone."""
    row = [r for r in tree_records(session, row_id=record.row.id) if r.tree.id != record.tree.id]
    gaps = [hypot(r.place.x - record.place.x, r.place.y - record.place.y) for r in row]
    return min(gaps, default=None)


def rows_apart(session: Session, record: TreeRecord) -> float | None:
    """Distance to the nearest tree of another row of its block [m]; None where there is too little
    of a grove for rows to shade each other.
    """
    x, y = record.place.x, record.place.y
    gaps = [
        hypot(r.place.x - x, r.place.y - y)
        for r in tree_records(session, block_id=record.block.id)
        if r.row.id != record.row.id and r.tree.pot_l is None
    ]
    return min(gaps) if len(gaps) >= 3 and record.tree.pot_l is None else None


def spacing_in_row(at: Workplace, session: Session, record: TreeRecord) -> float:
    """Distance to the next tree in the row [m]; the catalogue's where a tree stands alone."""
    found = to_neighbour(session, record)
    return at.know.number("wall/spacing") if found is None else found


def outline_of(
    at: Workplace,
    session: Session,
    record: TreeRecord,
    tree: WalkTree,
    frame: Frame,
    top_m: float | None,
    half_m: float | None,
) -> Outline:
    """The wall of a tree in a row, or a round about a tree alone: to the cap, and as wide as a
    clear alley allows.

    frame: also one that was sketched. top_m, half_m: in place of what the row says.
    """
    know = at.know
    bearing = row_bearing_deg(session, record) if tree.row_gap_m is not None else None
    spread = radius_m(frame)
    if half_m is None:
        room = (
            (tree.row_gap_m - know.number("wall/alley")) / 2
            if tree.row_gap_m is not None
            else spread
        )
        half_m = max(
            know.number("wall/thinnest"), min(room, spread * (1 - know.number("wall/trim")))
        )
    if top_m is None:
        top_m = (
            tree.cap_m
            if tree.cap_m is not None
            else height_m(frame) * (1 - know.number("wall/trim"))
        )
    skirt, lean = know.number("wall/skirt"), know.number("wall/lean")
    return Outline(
        "wall" if bearing is not None else "round", top_m, half_m, skirt, lean, bearing or 0.0
    )
