"""How large a tree is, by its frame or outline, else by what was said."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import NamedTuple

from sqlmodel import Session

from ...core.frame.whole import Size
from ...store import frames
from ...store.tables import Observation
from ...store.trees import TreeRecord, observations
from ..workplace import Workplace

_FEW = 400  # more ids than this in one query cost more than reading all


class Sizes(NamedTuple):
    """What is known of a tree's size [m, mm across]; None where nobody said it."""

    height_m: float | None
    spread_m: float | None
    trunk_mm: float | None


def sizes_of(at: Workplace, session: Session, record: TreeRecord) -> Sizes:
    """By its newest frame or outline, else as it was seen."""
    row = frames.current_row(session, record.stem.id)
    size = at.size(row.id, frames.frame_of(session, row)[0]) if row is not None else None
    return sizes_by(size, observations(session, [record.tree.id]).get(record.tree.id, {}))


def sizes_of_all(
    at: Workplace, session: Session, records: Sequence[TreeRecord]
) -> dict[str, Sizes]:
    """Of many trees, by their ids; of a few only those are read."""
    few = len(records) <= _FEW
    stems = [r.stem.id for r in records] if few else None
    current = {row.stem_id: row for row in frames.current_rows(session, stems)}
    drawn = at.sizes(session, list(current.values()))
    seen = observations(session, [r.tree.id for r in records] if few else None)
    found = {}
    for r in records:
        row = current.get(r.stem.id)
        size = drawn[row.id] if row is not None else None
        found[r.tree.id] = sizes_by(size, seen.get(r.tree.id, {}))
    return found


def sizes_by(size: Size | None, seen: Mapping[str, Observation]) -> Sizes:
    """As it is drawn; a tree nobody has drawn as it was seen."""
    if size is not None:
        return Sizes(size.height_m, size.spread_m, size.trunk_mm)
    height, spread, trunk = (
        float(seen[k].value) if k in seen else None for k in ("height_m", "spread_m", "trunk_mm")
    )
    return Sizes(height, spread, trunk)
