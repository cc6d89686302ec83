"""Direct sun on the walls of endless identical rows: how long at each height, which part by hour,
and how tall rows may be.

A ray from a wall that lies above the skirts clears every row once it clears the roof of the next:
past that it only rises. From below the skirts it may also pass under them, row after row.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, replace
from math import atan, cos, degrees, radians, sin, tan

import numpy as np
from numpy.typing import NDArray

from ..reasons import Reason
from ..words.values import Rounded, listed, say
from .sun import STEP_MIN, Floats, SunPath, sun_path

_MOST_ROWS = 40


@dataclass(frozen=True)
class Section:
    """A row across: trapezoid from skirt to top [m]. roof_m: rise of a ridge above the shoulders, 0
    for a flat top.
    """

    height_m: float
    base_width_m: float
    top_width_m: float
    skirt_m: float

    def half_at(self, z: float) -> float:
        """Half the width at a height between skirt and top [m]."""
        z = min(max(z, self.skirt_m), self.height_m)
        part = (z - self.skirt_m) / max(1e-9, self.height_m - self.skirt_m)
        return (self.base_width_m + (self.top_width_m - self.base_width_m) * part) / 2

    @property
    def lean_deg(self) -> float:
        """How far a wall leans in from upright [degrees]; negative where it leans out."""
        return degrees(
            atan(
                (self.base_width_m - self.top_width_m) / 2 / max(1e-9, self.height_m - self.skirt_m)
            )
        )


@dataclass(frozen=True)
class Obstacle:
    """A tree, house or hill that stands before the rows. bearing_deg: of its middle; distance,
    width and height in metres.
    """

    bearing_deg: float
    distance_m: float
    width_m: float
    height_m: float


@dataclass(frozen=True)
class Rows:
    """Rows on the ground. row_bearing_deg: along the row; step_m: by how much the next row on the
    right-hand side (bearing + 90°) stands higher.
    """

    latitude: float
    row_bearing_deg: float
    row_spacing_m: float
    longitude: float = 0.0
    step_m: float = 0.0
    obstacles: tuple[Obstacle, ...] = ()

    @property
    def walls(self) -> tuple[float, float]:
        """The bearings that the two walls face."""
        right = (self.row_bearing_deg + 90) % 360
        return right, (right + 180) % 360


def lit(
    rows: Rows, section: Section, facing_deg: float, heights_m: Sequence[float], path: SunPath
) -> NDArray[np.bool_]:
    """Whether the wall gets direct sun: shape (heights, steps)."""
    up = path.elevation > 0
    elevation, turn = np.radians(path.elevation), np.radians(path.azimuth - facing_deg)
    out, rise = np.cos(elevation) * np.cos(turn), np.sin(elevation)
    lean = radians(section.lean_deg)
    faces = up & (out * cos(lean) + rise * sin(lean) > 0)
    found = np.zeros((len(heights_m), len(path.elevation)), dtype=bool)
    step = rows.step_m if abs((facing_deg - rows.walls[0] + 180) % 360 - 180) < 1 else -rows.step_m
    for i, z in enumerate(heights_m):
        found[i] = faces & _clears(rows.row_spacing_m, section, z, out, rise, step)
        for obstacle in rows.obstacles:
            found[i] &= ~_hides(obstacle, z, path)
    return found


def _clears(
    spacing: float, section: Section, z: float, out: Floats, rise: Floats, step: float
) -> NDArray[np.bool_]:
    """Whether a ray from the wall passes the rows before it."""
    x0 = section.half_at(z)
    top = spacing - section.top_width_m / 2 - x0
    with np.errstate(divide="ignore", invalid="ignore"):
        slope = np.where(out > 1e-12, rise / np.maximum(out, 1e-12), np.inf)
    if z >= section.skirt_m + max(step, 0.0):
        # the near corner of the next roof, and where walls lean out, its foot
        foot = spacing - section.base_width_m / 2 - x0
        least = (section.height_m + step - z) / max(top, 1e-9)
        if foot <= 1e-9 or top <= 1e-9:
            return out <= 1e-12
        return slope >= least
    clear = np.ones(len(out), dtype=bool)
    open_ = out > 1e-12
    for k in range(1, _MOST_ROWS + 1):
        where = np.flatnonzero(open_)
        if not len(where):
            break
        s = slope[where]
        low, high = section.skirt_m + k * step, section.height_m + k * step
        # the ray is in the row's band between these distances; over it, distance to the middle less
        # half the width is convex
        enter, leave = np.maximum(0.0, (low - z) / s), (high - z) / s
        middle = np.clip(k * spacing - x0, enter, leave)
        gap = np.full(len(where), np.inf)
        for at in (enter, leave, middle):
            half = (
                section.base_width_m
                + (section.top_width_m - section.base_width_m)
                * np.clip((z + s * at - low) / (high - low), 0, 1)
            ) / 2
            gap = np.minimum(gap, np.abs(x0 + at - k * spacing) - half)
        hit = (gap <= 0) & (leave > enter)
        clear[where[hit]] = False
        passed = z + s * ((k + 0.5) * spacing - x0) > high + max(step, 0.0)
        open_[where[hit | passed]] = False
    clear[open_] = False
    return clear


def _hides(obstacle: Obstacle, z: float, path: SunPath) -> NDArray[np.bool_]:
    half = degrees(atan(obstacle.width_m / 2 / obstacle.distance_m))
    within = np.abs((path.azimuth - obstacle.bearing_deg + 180) % 360 - 180) <= half
    over = np.tan(np.radians(path.elevation)) * obstacle.distance_m + z >= obstacle.height_m
    return within & ~over


@dataclass(frozen=True)
class WallSun:
    """Hours of direct sun at each height on the wall that faces a bearing. by_hour: share of the
    wall that is lit in each of 24 solar hours.
    """

    facing_deg: float
    sun_hours: tuple[float, ...]
    by_hour: tuple[float, ...]


def wall_sun(
    rows: Rows,
    section: Section,
    heights_m: Sequence[float],
    date: dt.date,
    step_min: float = STEP_MIN,
) -> tuple[WallSun, WallSun]:
    """Both walls on a date, the right-hand one (row bearing + 90°) first."""
    path = sun_path(rows.latitude, date, 1, rows.longitude, step_min)
    grid = (
        np.linspace(section.skirt_m, section.height_m, 25)[:-1]
        + (section.height_m - section.skirt_m) / 48
    )
    found = []
    for facing in rows.walls:
        hours = lit(rows, section, facing, heights_m, path).sum(axis=1) * path.step_h
        whole = lit(rows, section, facing, list(grid), path).mean(axis=0)
        per_hour = tuple(
            float(whole[(path.hour >= h) & (path.hour < h + 1)].mean()) for h in range(24)
        )
        found.append(WallSun(facing, tuple(float(h) for h in hours), per_hour))
    return found[0], found[1]


def year_of_hours(
    rows: Rows, section: Section, heights_m: Sequence[float], year: int, step_min: float = STEP_MIN
) -> Floats:
    """Hours of direct sun by day: shape (walls, heights, days)."""
    count = (dt.date(year + 1, 1, 1) - dt.date(year, 1, 1)).days
    path = sun_path(rows.latitude, dt.date(year, 1, 1), count, rows.longitude, step_min)
    steps = len(path.elevation) // count
    return np.stack(
        [
            lit(rows, section, f, heights_m, path).reshape(len(heights_m), count, steps).sum(axis=2)
            * path.step_h
            for f in rows.walls
        ]
    )


def tallest_for(
    rows: Rows,
    section: Section,
    facing_deg: float,
    at_m: float,
    hours: float,
    date: dt.date,
    tallest_m: float = 12.0,
) -> float | None:
    """The greatest height of rows at which a wall still gets so many hours at a height on it, the
    lean kept [m]; None where no height gives it.
    """
    lean = tan(radians(section.lean_deg))

    def sun(height: float) -> float:
        top = max(0.1, section.base_width_m - 2 * lean * (height - section.skirt_m))
        path = sun_path(rows.latitude, date, 1, rows.longitude, 1.0)
        shape = replace(section, height_m=height, top_width_m=top)
        return float(lit(rows, shape, facing_deg, [at_m], path).sum() * path.step_h)

    low, high = max(at_m, section.skirt_m) + 0.05, tallest_m
    if sun(low) < hours:
        return None
    if sun(high) >= hours:
        return high
    for _ in range(14):
        middle = (low + high) / 2
        low, high = (middle, high) if sun(middle) >= hours else (low, middle)
    return round(low, 2)


def bark_hours(
    latitude: float,
    date: dt.date,
    facing_deg: float,
    rise_deg: float,
    longitude: float = 0.0,
    after: float = 11.0,
) -> float:
    """Hours of steep sun in the hot part of the day on bared bark whose surface faces a bearing and
    rises from level [h].

    Steep: within 60° of square to the surface; after: solar hour from which the air is hot.
    """
    path = sun_path(latitude, date, 1, longitude)
    elevation, turn = np.radians(path.elevation), np.radians(path.azimuth - facing_deg)
    tilt = radians(rise_deg)
    square = np.cos(elevation) * np.cos(turn) * cos(tilt) + np.sin(elevation) * sin(tilt)
    return float(
        ((path.elevation > 0) & (square >= 0.5) & (path.hour >= after)).sum() * path.step_h
    )


def sun_reason(walls: Sequence[WallSun], day: dt.date, spacing_m: float) -> Reason:
    """Hours of direct sun on both walls, in words."""
    each = (
        say(
            "rows-wall",
            least=Rounded(min(w.sun_hours), 1),
            most=Rounded(max(w.sun_hours), 1),
            facing=Rounded(w.facing_deg),
        )
        for w in walls
    )
    text = say("rows-sun", day=day, each=listed(each))
    return Reason("wall-sun", text, {"row spacing, m": spacing_m}, date=day)
