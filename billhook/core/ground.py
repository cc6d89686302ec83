"""The lie of blocks: places on the earth and in plan, rows counted out within an outline."""

from __future__ import annotations

from collections.abc import Sequence
from math import atan2, cos, degrees, dist, radians, sin

import numpy as np
import numpy.typing as npt

Spot = tuple[float, float]
"""East and north of the site's corner [m]; on the earth longitude and latitude [°]."""


def metres_per_degree(latitude: float) -> tuple[float, float]:
    """Length of a degree of longitude and of latitude [m] at a latitude [°].

    Source: series for the WGS 84 ellipsoid as printed in many tables; from memory.
    """
    phi = radians(latitude)
    east = 111_412.84 * cos(phi) - 93.5 * cos(3 * phi) + 0.118 * cos(5 * phi)
    north = 111_132.92 - 559.82 * cos(2 * phi) + 1.175 * cos(4 * phi)
    return east, north


def on_earth(spot: Spot, corner: Spot) -> Spot:
    """Longitude and latitude of a spot in plan; corner: those of the site's corner."""
    east, north = metres_per_degree(corner[1])
    return corner[0] + spot[0] / east, corner[1] + spot[1] / north


def in_plan(place: Spot, corner: Spot) -> Spot:
    """A place on the earth as a spot in plan. Good for some kilometres."""
    east, north = metres_per_degree(corner[1])
    return (place[0] - corner[0]) * east, (place[1] - corner[1]) * north


def inside(spots: Sequence[Spot], outline: Sequence[Spot]) -> npt.NDArray[np.bool_]:
    """Which spots lie within an outline, by the rule of odd crossings."""
    if not spots:
        return np.zeros(0, dtype=bool)
    x, y = np.asarray(spots, dtype=float).T
    odd = np.zeros(len(x), dtype=bool)
    for (ax, ay), (bx, by) in zip(outline, [*outline[1:], outline[0]], strict=True):
        if ay != by:
            between = (ay > y) != (by > y)
            odd ^= between & (x < (bx - ax) * (y - ay) / (by - ay) + ax)
    return odd


def crosses_itself(outline: Sequence[Spot]) -> bool:
    """Whether two of its sides cross, or meet but at their common corner."""
    n = len(outline)
    sides = [(outline[i], outline[(i + 1) % n]) for i in range(n)]
    return any(
        _cross(*sides[i], *sides[j])
        for i in range(n)
        for j in range(i + 2, n)
        if not (i == 0 and j == n - 1)
    )


def _turn(a: Spot, b: Spot, c: Spot) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _cross(a: Spot, b: Spot, c: Spot, d: Spot) -> bool:
    one, two = _turn(a, b, c) * _turn(a, b, d), _turn(c, d, a) * _turn(c, d, b)
    return one <= 0 and two <= 0


def longest_side_deg(outline: Sequence[Spot]) -> float:
    """Bearing of the longest side [° from north, 0 to 180]."""
    sides = zip(outline, [*outline[1:], outline[0]], strict=True)
    (ax, ay), (bx, by) = max(sides, key=lambda s: dist(*s))
    return degrees(atan2(bx - ax, by - ay)) % 180


def rows_within(
    outline: Sequence[Spot], apart_m: float, step_m: float, bearing_deg: float
) -> list[list[Spot]]:
    """Trees of each row within an outline, the first row on the left of the bearing, its trees in
    its direction; half a step and half a row from the edge. A row that the outline parts in two
    goes on behind the gap.

    ::

        +-------------+     bearing 90: rows run east
        |  o  o  o  o |     1
        |  o  o  o  o |     2
        +-------------+
    """
    turn = radians(bearing_deg)
    along, across = (sin(turn), cos(turn)), (cos(turn), -sin(turn))
    turned = [(x * along[0] + y * along[1], x * across[0] + y * across[1]) for x, y in outline]
    first, last = min(v for _, v in turned), max(v for _, v in turned)
    rows = []
    for n in range(int((last - first) / apart_m + 0.5)):
        v = first + (n + 0.5) * apart_m
        cuts = sorted(_crossings(turned, v))
        row: list[Spot] = []
        free = -np.inf
        for start, end in zip(cuts[::2], cuts[1::2], strict=False):
            us = np.arange(max(start + step_m / 2, free), end, step_m)
            free = us[-1] + step_m if len(us) else free
            row += [
                (u * along[0] + v * across[0], u * along[1] + v * across[1]) for u in us.tolist()
            ]
        if row:
            rows.append(row)
    return rows


def _crossings(turned: Sequence[Spot], v: float) -> list[float]:
    """Where a line across meets the sides."""
    sides = zip(turned, [*turned[1:], turned[0]], strict=True)
    return [
        au + (v - av) / (bv - av) * (bu - au)
        for (au, av), (bu, bv) in sides
        if (av > v) != (bv > v)
    ]
