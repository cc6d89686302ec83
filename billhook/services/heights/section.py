"""A section of a row dragged to a new wall: its sun, what it takes, and the rules of the trade."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from math import cos, radians, sin

from ...core.heights.section import Profile, Rule, WallCost, trade_rules, wall_cost
from ...core.heights.standing import check_section
from ...core.light.rows import Obstacle, Rows, Section, WallSun, lit, tallest_for, wall_sun
from ...core.light.sun import sun_path
from ...core.words.units import Units
from ..workplace import Workplace
from .block import block_heights

_GRID = 24


@dataclass(frozen=True)
class SectionAsk:
    """A section as it is dragged. at_m, hours: what is asked of the lower wall. step_m: rise to the
    next row on the right-hand side.
    """

    cut: Profile
    now: Profile | None = None
    date: dt.date | None = None
    at_m: float | None = None
    hours: float | None = None
    step_m: float = 0.0
    spacing_m: float | None = None
    bearing_deg: float | None = None
    obstacles: tuple[Obstacle, ...] = ()


@dataclass(frozen=True)
class SunStep:
    """The sun at a solar hour [h]: elevation and azimuth, its slope in the plane across the rows,
    and from which height up each wall is lit [m].
    """

    hour: float
    elevation: float
    azimuth: float
    across: float
    rise: float
    lit_from: tuple[float | None, float | None]


@dataclass(frozen=True)
class SectionView:
    """Sun on both walls now and after the cut, what the cut takes, the rules of the trade, and how
    tall each wall allows the row for the hours asked.

    year: hours on both walls at ``at_m`` in the middle of each month.
    """

    date: dt.date
    heights_m: tuple[float, ...]
    walls: tuple[WallSun, WallSun]
    cut_heights_m: tuple[float, ...]
    cut_walls: tuple[WallSun, WallSun]
    steps: tuple[SunStep, ...]
    cost: WallCost
    rules: tuple[Rule, ...]
    at_m: float
    hours: float
    tallest_m: tuple[float | None, float | None]
    year: tuple[tuple[float, float], ...]


def section_view(
    at: Workplace, block_id: str, ask: SectionAsk, units: Units = "metric"
) -> SectionView:
    """A section dragged to a new wall. Raises: NotFound, InvalidInput."""
    view = block_heights(at, block_id)
    know, date = at.know, ask.date or view.date
    rows = Rows(
        view.latitude,
        view.bearing_deg if ask.bearing_deg is None else ask.bearing_deg,
        ask.spacing_m or view.spacing_m,
        view.longitude,
        ask.step_m,
        ask.obstacles,
    )
    now, cut = ask.now or view.profile, ask.cut
    check_section(cut.section, rows.row_spacing_m, "/cut")
    heights, cut_heights = _levels(now.section), _levels(cut.section)
    at_m = ask.at_m if ask.at_m is not None else round(cut.section.skirt_m + 0.1, 2)
    hours = ask.hours if ask.hours is not None else know.number("section/hours-wanted")
    tallest = tuple(tallest_for(rows, cut.section, f, at_m, hours, date) for f in rows.walls)
    return SectionView(
        date,
        heights,
        wall_sun(rows, now.section, heights, date),
        cut_heights,
        wall_sun(rows, cut.section, cut_heights, date),
        _steps(rows, cut.section, date),
        wall_cost(know, now, cut, view.ripe, None, units),
        trade_rules(know, rows, cut, units, view.species if view.hedgerows else ""),
        at_m,
        hours,
        (tallest[0], tallest[1]),
        _year(rows, cut.section, at_m, date.year),
    )


def _year(rows: Rows, section: Section, at_m: float, year: int) -> tuple[tuple[float, float], ...]:
    found = []
    for month in range(1, 13):
        right, left = wall_sun(rows, section, [at_m], dt.date(year, month, 15), 10.0)
        found.append((right.sun_hours[0], left.sun_hours[0]))
    return tuple(found)


def _levels(section: Section) -> tuple[float, ...]:
    """Heights from the foot of the wall to its top, nine of them."""
    span = section.height_m - section.skirt_m
    return tuple(round(section.skirt_m + span * (i + 0.5) / 9, 3) for i in range(9))


def _steps(rows: Rows, section: Section, date: dt.date) -> tuple[SunStep, ...]:
    """Every quarter of an hour in which the sun is up."""
    path = sun_path(rows.latitude, date, 1, rows.longitude, 15.0)
    grid = [
        section.skirt_m + (section.height_m - section.skirt_m) * (i + 0.5) / _GRID
        for i in range(_GRID)
    ]
    shone = [lit(rows, section, f, grid, path) for f in rows.walls]
    found = []
    for i in range(len(path.hour)):
        if path.elevation[i] <= 0:
            continue
        turn = radians(path.azimuth[i] - rows.walls[0])
        out, up = cos(radians(path.elevation[i])) * cos(turn), sin(radians(path.elevation[i]))
        first = tuple(
            next((round(z, 2) for z, on in zip(grid, wall[:, i], strict=True) if on), None)
            for wall in shone
        )
        found.append(
            SunStep(
                float(path.hour[i]),
                float(path.elevation[i]),
                float(path.azimuth[i]),
                out,
                up,
                (first[0], first[1]),
            )
        )
    return tuple(found)
