"""Who shades whom in a planting of two or three trees, and how low the other must be so that enough
sun is left.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from .sun import Floats, SunPath, sun_path


@dataclass(frozen=True)
class Crown:
    """A tree as an upright cylinder of leaf. x east, y north [m]."""

    name: str
    x: float
    y: float
    height_m: float
    radius_m: float
    skirt_m: float


@dataclass(frozen=True)
class Shade:
    """Hours of direct sun on the lower part of one tree with the other gone, those lost to it, and
    the height that leaves enough; None where no height does, or none is needed.
    """

    name: str
    by: str
    hours: float
    lost: float
    lower_to_m: float | None


def shades(
    crowns: Sequence[Crown],
    latitude: float,
    date: dt.date,
    low_part: float,
    wanted_h: float,
    longitude: float = 0.0,
) -> list[Shade]:
    """Every pair. low_part: share of a tree's height at which its lower limbs hang; wanted_h: hours
    they should get.
    """
    path = sun_path(latitude, date, 1, longitude)
    up = path.elevation > 0
    found = []
    for tree in crowns:
        z = tree.height_m * low_part
        others = [c for c in crowns if c is not tree]
        for other in others:
            rest = up.copy()
            for third in (c for c in others if c is not other):
                rest &= ~_hidden(tree, third, z, path)
            free = float(rest.sum() * path.step_h)
            lost = float((rest & _hidden(tree, other, z, path)).sum() * path.step_h)
            low = None
            if lost > 0.05 and free - lost < wanted_h <= free:
                low = _low_enough(tree, other, z, path, rest, wanted_h)
            found.append(Shade(tree.name, other.name, free, lost, low))
    return found


def _hidden(
    tree: Crown, other: Crown, z: float, path: SunPath
) -> np.ndarray[tuple[int], np.dtype[np.bool_]]:
    """Whether the other stands between a tree's middle, at a height, and the sun."""
    east, north = other.x - tree.x, other.y - tree.y
    turn: Floats = np.radians(path.azimuth)
    ahead = east * np.sin(turn) + north * np.cos(turn)
    aside = np.abs(east * np.cos(turn) - north * np.sin(turn))
    within = (aside < other.radius_m) & (ahead > 0)
    half = np.sqrt(np.maximum(0.0, other.radius_m**2 - aside**2))
    rise = np.tan(np.radians(np.maximum(path.elevation, 1e-6)))
    enters, leaves = z + rise * np.maximum(0.0, ahead - half), z + rise * (ahead + half)
    hidden = within & (enters < other.height_m) & (leaves > other.skirt_m) & (path.elevation > 0)
    return np.asarray(hidden, dtype=np.bool_)


def _low_enough(
    tree: Crown,
    other: Crown,
    z: float,
    path: SunPath,
    rest: np.ndarray[tuple[int], np.dtype[np.bool_]],
    wanted_h: float,
) -> float | None:
    low, high = other.skirt_m + 0.2, other.height_m

    def gets(height: float) -> float:
        return float(
            (rest & ~_hidden(tree, replace(other, height_m=height), z, path)).sum() * path.step_h
        )

    if gets(low) < wanted_h:
        return None
    for _ in range(12):
        middle = (low + high) / 2
        low, high = (middle, high) if gets(middle) >= wanted_h else (low, middle)
    return round(low, 2)
