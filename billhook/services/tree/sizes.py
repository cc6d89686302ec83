"""How large a tree is, by its frame or outline, else by what was said."""

from __future__ import annotations

from dataclasses import dataclass

from sqlmodel import Session

from ...store import frames
from ...store.trees import TreeRecord, observations
from ..workplace import Workplace


@dataclass(frozen=True)
class Sizes:
    """What is known of a tree's size [m, mm across]; None where nobody said it."""

    height_m: float | None
    spread_m: float | None
    trunk_mm: float | None


def sizes_of(at: Workplace, session: Session, record: TreeRecord) -> Sizes:
    """By its newest frame or outline, else as it was seen."""
    row = frames.current_row(session, record.stem.id)
    if row is not None:
        size = at.size(row.id, frames.frame_of(session, row)[0])
        return Sizes(size.height_m, size.spread_m, row.trunk_mm)
    seen = observations(session, [record.tree.id]).get(record.tree.id, {})
    height, spread, trunk = (
        float(seen[k].value) if k in seen else None for k in ("height_m", "spread_m", "trunk_mm")
    )
    return Sizes(height, spread, trunk)
