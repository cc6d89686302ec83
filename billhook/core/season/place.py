"""Which shipped climate is nearest, how frost dates move in a pocket, and a site made of a
climate.
"""

from __future__ import annotations

import datetime as dt

import numpy as np

from ..known import Knowledge
from .model import MonthDay, Site
from .normals import YEAR_DAYS, Normals, coldest_day, daily


def climate_normals(know: Knowledge, climate: str, southern: bool = False) -> Normals:
    """Normals of a shipped climate, or of its southern twin."""
    row = f"climates/{climate}"
    found = Normals(
        know.numbers(f"{row}/tmin"), know.numbers(f"{row}/tmax"), know.numbers(f"{row}/rain")
    )
    return found.turned() if southern else found


def place_rain(know: Knowledge, site: Site) -> tuple[float, ...]:
    """Rain of each month [mm]: the place's own, or its climate's."""
    if site.normals.rain_mm is not None:
        return site.normals.rain_mm
    rain = know.numbers(f"climates/{site.climate}/rain")
    return rain[6:] + rain[:6] if site.turned else rain


def month_day(text: str) -> MonthDay | None:
    """``MM-DD`` as a month and day; None for an empty text."""
    if not text:
        return None
    month, day = (int(part) for part in text.split("-"))
    return month, day


def climate_frost(
    know: Knowledge, climate: str, southern: bool = False
) -> tuple[MonthDay | None, MonthDay | None]:
    """Last and first frost of a shipped climate, or of its southern twin (182 days on)."""
    dates = [
        month_day(know.text(f"climates/{climate}/{name}")) for name in ("last-frost", "first-frost")
    ]
    if southern:
        dates = [None if d is None else _shifted(d, 182) for d in dates]
    return dates[0], dates[1]


def _shifted(day: MonthDay, by: int) -> MonthDay:
    moved = dt.date(2025, *day) + dt.timedelta(days=by)  # neither 2025 nor 2026 is a leap year
    return moved.month, moved.day


def nearest_climate(know: Knowledge, normals: Normals, latitude: float) -> str:
    """The shipped climate whose monthly minima and maxima lie nearest, by root mean square [K]. Our
    rule.
    """

    def distance(climate: str) -> float:
        theirs = climate_normals(know, climate, latitude < 0)
        gaps = np.concatenate(
            (np.subtract(theirs.tmin_c, normals.tmin_c), np.subtract(theirs.tmax_c, normals.tmax_c))
        )
        return float(np.sqrt(np.mean(gaps**2)))

    return min(know.rows("climates"), key=distance)


def pocket_frost_dates(
    normals: Normals, last: MonthDay | None, first: MonthDay | None, offset_c: float
) -> tuple[MonthDay | None, MonthDay | None]:
    """Frost dates of a block whose minima lie ``offset_c`` [K] from the station's, moved along the
    normals' slope.

    On the station's last frost the normal minimum has some value T; in a pocket that value is
    reached when the station's normal is T - offset: later in spring, earlier in autumn. None stays
    None: a place without frost needs dates of its own. Our rule.
    """
    if offset_c == 0:
        return last, first
    tmin = daily(normals.tmin_c)
    cold = coldest_day(normals)

    def move(day: MonthDay | None, step: int) -> MonthDay | None:
        if day is None:
            return None
        start = (dt.date(2027, *day) - dt.date(2027, 1, 1)).days
        wanted = tmin[start] - offset_c
        direction = step if offset_c < 0 else -step
        for k in range(1, YEAR_DAYS // 2):
            index = (start + direction * k) % YEAR_DAYS
            if (
                (tmin[index] >= wanted)
                if offset_c < 0
                else (tmin[index] <= wanted or index == cold)
            ):
                moved = dt.date(2027, 1, 1) + dt.timedelta(days=index)
                return moved.month, moved.day
        return day

    return move(last, 1), move(first, -1)
