"""How a block lies: which way its rows run, how far apart they and their trees stand; and the same
block moved, turned or spread out.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from itertools import pairwise
from math import atan2, cos, degrees, dist, radians, sin
from statistics import median

import numpy as np
from scipy.spatial import ConvexHull, QhullError

from .ground import Spot

Rows = Mapping[int, Mapping[int, Spot]]
"""Spots by the numbers of their row and of their place in it."""


@dataclass(frozen=True)
class Lie:
    """bearing_deg: which way its rows run, from north; row_spacing_m, spacing_m: between rows and
    between trees in them. None where too little stands there to tell.
    """

    bearing_deg: float | None
    row_spacing_m: float | None
    spacing_m: float | None


def lie_of(rows: Rows) -> Lie:
    """How a block lies, by the medians of what stands there."""
    lines = {n: [(p, row[p]) for p in sorted(row)] for n, row in sorted(rows.items()) if row}
    ways = [_way(line[0][1], line[-1][1]) for line in lines.values() if len(line) > 1]
    steps = [dist(a, b) / (q - p) for line in lines.values() for (p, a), (q, b) in pairwise(line)]
    bearing = ways[0] if ways else None
    apart = [
        abs(_off(a, b, ways[0] if ways else _across(a, b))) / (m - n)
        for (n, a), (m, b) in pairwise((n, _middle(line)) for n, line in lines.items())
    ]
    return Lie(bearing, median(apart) if apart else None, median(steps) if steps else None)


def _way(a: Spot, b: Spot) -> float:
    return degrees(atan2(b[0] - a[0], b[1] - a[1])) % 360


def _across(a: Spot, b: Spot) -> float:
    """The bearing that lies across the way from a to b."""
    return _way(a, b) + 90


def _middle(line: Sequence[tuple[int, Spot]]) -> Spot:
    return (sum(s[0] for _, s in line) / len(line), sum(s[1] for _, s in line) / len(line))


def _off(a: Spot, b: Spot, bearing: float) -> float:
    """How far b lies off the line through a that runs to a bearing."""
    turn = radians(bearing)
    return (b[0] - a[0]) * cos(turn) - (b[1] - a[1]) * sin(turn)


def moved(rows: Rows, now: Lie, then: Lie, east: float, north: float) -> dict[int, dict[int, Spot]]:
    """The block shifted by so many metres, turned and spread out about its first tree, so that it
    lies as ``then`` says; what ``then`` leaves open stays. Rows that bow go on bowing.
    """
    first = next((row[min(row)] for _, row in sorted(rows.items()) if row), (0.0, 0.0))
    before = radians(now.bearing_deg or 0.0)
    after = before if then.bearing_deg is None else radians(then.bearing_deg)
    longer = _times(then.spacing_m, now.spacing_m)
    wider = _times(then.row_spacing_m, now.row_spacing_m)

    def put(spot: Spot) -> Spot:
        x, y = spot[0] - first[0], spot[1] - first[1]
        along = (x * sin(before) + y * cos(before)) * longer
        aside = (x * cos(before) - y * sin(before)) * wider
        return (
            round(first[0] + east + along * sin(after) + aside * cos(after), 2),
            round(first[1] + north + along * cos(after) - aside * sin(after), 2),
        )

    return {n: {p: put(spot) for p, spot in row.items()} for n, row in rows.items()}


def _times(then: float | None, now: float | None) -> float:
    return then / now if then and now else 1.0


def hull(spots: Sequence[Spot], edge: float) -> list[Spot]:
    """The outline round spots with an edge beyond them [m], against the clock; not closed."""
    if not spots:
        return []
    corners = np.array(
        [(x + dx, y + dy) for x, y in spots for dx in (-edge, edge) for dy in (-edge, edge)]
    )
    try:
        around = corners[ConvexHull(corners).vertices]
    except QhullError:  # no edge, and all on one line
        around = corners[[0, -1]]
    return [(float(x), float(y)) for x, y in around]
