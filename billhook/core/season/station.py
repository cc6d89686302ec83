"""What a station's daily series says of a place: monthly normals, frost dates at a chosen risk, the
hot season, the years used.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ..errors import BillhookError
from ..words.values import listed, say
from .model import MonthDay
from .normals import MONTH_DAYS, YEAR_DAYS, Normals, coldest_day, daily

_ENOUGH = 0.8  # of a month's or a year's days


class NoNormals(BillhookError):
    """Days of which no normals can be made, and why."""


@dataclass(frozen=True)
class StationDay:
    """One measured day [deg C, mm]; None where a figure is missing."""

    date: dt.date
    tmin_c: float | None
    tmax_c: float | None
    rain_mm: float | None = None


@dataclass(frozen=True)
class StationClimate:
    """Normals and dates out of a series. ``years``: winters that were whole enough to count. Frost
    and hot dates None where there are none.
    """

    normals: Normals
    last_frost: MonthDay | None
    first_frost: MonthDay | None
    hot_from: MonthDay | None
    hot_to: MonthDay | None
    first: dt.date
    last: dt.date
    years: int
    risk: float


def _frosts(
    days: Sequence[StationDay], middle: int, frost_c: float
) -> tuple[dict[int, list[int]], list[int]]:
    """Days with frost by winter, and the winters that have enough days to be counted."""
    winters: dict[int, list[int]] = {}
    counted: dict[int, int] = {}
    for day in days:
        winter, index = _winter(day.date, middle)
        counted[winter] = counted.get(winter, 0) + 1
        if day.tmin_c is not None and day.tmin_c <= frost_c:
            winters.setdefault(winter, []).append(index)
    return winters, [w for w, n in counted.items() if n >= _ENOUGH * YEAR_DAYS]


def station_climate(
    days: Sequence[StationDay], risk: float = 0.1, frost_c: float = 0.0, hot_c: float = 35.0
) -> StationClimate:
    """Normals, frost dates at ``risk`` (a share of years) and hot season of a series in date order.

    The last frost is the date after which only that share of winters still had a minimum at or
    below ``frost_c``; the first frost the date before which only that share had one. A winter
    without frost counts as one. Raises: NoNormals where a calendar month is not covered by at
    least one whole month, or with fewer than two winters.
    """
    whole = [d for d in days if d.tmin_c is not None and d.tmax_c is not None]
    normals = _normals(whole, days)
    # winters are counted from midsummer to midsummer
    middle = (coldest_day(normals) + YEAR_DAYS // 2) % YEAR_DAYS
    winters, used = _frosts(whole, middle, frost_c)
    if len(used) < 2:
        raise NoNormals(say("bad-two-whole-years"))
    half = YEAR_DAYS // 2
    # frosts on the other side of midwinter only still bound the season from that side
    lasts = np.sort(
        [
            last if last >= 0 else max(winters.get(w, [-1]))
            for last, w in zip(_of(winters, used, half, True), used, strict=True)
        ]
    )
    firsts = np.sort(
        [
            first if first < YEAR_DAYS else min(winters.get(w, [YEAR_DAYS]))
            for first, w in zip(_of(winters, used, half, False), used, strict=True)
        ]
    )
    allowed = int(np.floor(risk * len(used) + 1e-9))
    last, first = int(lasts[len(used) - 1 - allowed]), int(firsts[allowed])
    hot = np.nonzero(daily(normals.tmax_c) >= hot_c)[0]
    hot_from, hot_to = (None, None) if hot.size == 0 else _hot_edges(hot)
    none = last < 0 or first >= YEAR_DAYS
    return StationClimate(
        normals,
        None if none else _month_day(last, middle),
        None if none else _month_day(first, middle),
        hot_from,
        hot_to,
        days[0].date,
        days[-1].date,
        len(used),
        risk,
    )


def _of(winters: dict[int, list[int]], used: list[int], half: int, after: bool) -> list[int]:
    if after:
        return [max((i for i in winters.get(w, []) if i >= half), default=-1) for w in used]
    return [min((i for i in winters.get(w, []) if i < half), default=YEAR_DAYS) for w in used]


def _normals(whole: Sequence[StationDay], days: Sequence[StationDay]) -> Normals:
    lows: dict[tuple[int, int], list[float]] = {}
    highs: dict[tuple[int, int], list[float]] = {}
    rains: dict[tuple[int, int], list[float]] = {}
    for day in whole:
        key = (day.date.year, day.date.month)
        lows.setdefault(key, []).append(day.tmin_c or 0.0)
        highs.setdefault(key, []).append(day.tmax_c or 0.0)
    for day in days:
        if day.rain_mm is not None:
            rains.setdefault((day.date.year, day.date.month), []).append(day.rain_mm)

    def monthly(found: dict[tuple[int, int], list[float]], total: bool) -> list[float | None]:
        out: list[float | None] = []
        for month in range(1, 13):
            kept = [
                v
                for (_, m), v in found.items()
                if m == month and len(v) >= _ENOUGH * MONTH_DAYS[month - 1]
            ]
            out.append(
                float(np.mean([np.sum(v) if total else np.mean(v) for v in kept])) if kept else None
            )
        return out

    low, high, rain = monthly(lows, False), monthly(highs, False), monthly(rains, True)
    missing = [m + 1 for m in range(12) if low[m] is None or high[m] is None]
    if missing:
        raise NoNormals(say("bad-months-not-covered", months=listed(missing)))
    return Normals(
        tuple(round(v, 2) for v in low if v is not None),
        tuple(round(v, 2) for v in high if v is not None),
        tuple(round(v, 1) for v in rain if v is not None)
        if all(v is not None for v in rain)
        else None,
    )


def _winter(day: dt.date, middle: int) -> tuple[int, int]:
    """The winter a day belongs to, and its day number from the midsummer before it."""
    start = dt.date(day.year, 1, 1) + dt.timedelta(days=middle)
    if day < start:
        start = dt.date(day.year - 1, 1, 1) + dt.timedelta(days=middle)
    return start.year, min((day - start).days, YEAR_DAYS - 1)


def _month_day(index: int, middle: int) -> MonthDay:
    day = dt.date(2027, 1, 1) + dt.timedelta(days=(middle + index) % YEAR_DAYS)
    return day.month, day.day


def _hot_edges(hot: np.ndarray) -> tuple[MonthDay, MonthDay]:
    # the hot days are one run around the year; it starts after the widest gap
    gaps = np.diff(np.concatenate((hot, [hot[0] + YEAR_DAYS])))
    widest = int(np.argmax(gaps))
    start, end = int(hot[(widest + 1) % hot.size]), int(hot[widest])
    first, last = (dt.date(2027, 1, 1) + dt.timedelta(days=i) for i in (start, end))
    return (first.month, first.day), (last.month, last.day)
