"""Where the trees of a site stand in plan, and where the next one goes when nobody says."""

from __future__ import annotations

from collections import defaultdict

from sqlmodel import Session

from ...core.known import Knowledge
from ...store import places

Line = tuple[str, int]
"""A row by the name of its block and its number."""


class Ground:
    """The site's places, by row [m from its corner]."""

    def __init__(self, know: Knowledge) -> None:
        self._rows_apart = know.number("planting/rows-apart")
        self._blocks_apart = know.number("planting/blocks-apart")
        self._last: dict[Line, tuple[float, float]] = {}
        self._blocks: set[str] = set()
        self._lowest: float | None = None
        self.places: dict[Line, dict[int, str]] = defaultdict(dict)

    def put(self, line: Line, n: int, place_id: str, x: float, y: float) -> None:
        """A place of a row."""
        self.places[line][n] = place_id
        before = self._last.get(line)
        # the row goes on from its easternmost place, on the line of its first
        self._last[line] = (max(x, before[0]), before[1]) if before else (x, y)
        self._blocks.add(line[0])
        self._lowest = y if self._lowest is None else min(self._lowest, y)

    def next(self, line: Line, step: float, apart: float | None = None) -> tuple[float, float]:
        """On in its row, or in a new line below everything of the site; apart: from the row before
        it in its block [m].
        """
        before = self._last.get(line)
        if before is not None:
            return before[0] + step, before[1]
        if self._lowest is None:
            return 0.0, 0.0
        if line[0] in self._blocks:
            return 0.0, self._lowest - (apart or step * self._rows_apart)
        return 0.0, self._lowest - step * self._blocks_apart


def ground_of(know: Knowledge, session: Session, site_id: str) -> Ground:
    """A site's ground as it is planted."""
    found = Ground(know)
    blocks = {b.id: b.name for b in places.blocks(session) if b.site_id == site_id}
    lines = {r.id: (blocks[r.block_id], r.n) for r in places.rows(session) if r.block_id in blocks}
    for place_id, n, (row_id, x, y) in places.spots(session):
        if row_id in lines:
            found.put(lines[row_id], n, place_id, x, y)
    return found
