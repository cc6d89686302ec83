"""Monthly normals as daily values, and dates on the 365-day year they live in."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from functools import lru_cache

import numpy as np
import numpy.typing as npt

Floats = npt.NDArray[np.float64]

MONTH_DAYS = (31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31)
YEAR_DAYS = 365
_STARTS = np.cumsum((0, *MONTH_DAYS[:-1]))
_MIDDLES = _STARTS + np.array(MONTH_DAYS) / 2


@dataclass(frozen=True)
class Normals:
    """Twelve monthly means, January first [deg C; rain in mm a month]."""

    tmin_c: tuple[float, ...]
    tmax_c: tuple[float, ...]
    rain_mm: tuple[float, ...] | None = None

    def moved(self, offset_c: float) -> Normals:
        """Minima moved by an offset [K], as in a frost pocket (negative) or on a warm slope."""
        return Normals(tuple(t + offset_c for t in self.tmin_c), self.tmax_c, self.rain_mm)

    def turned(self) -> Normals:
        """The same year six months on: the southern twin of a northern place."""
        rain = None if self.rain_mm is None else self.rain_mm[6:] + self.rain_mm[:6]
        return Normals(self.tmin_c[6:] + self.tmin_c[:6], self.tmax_c[6:] + self.tmax_c[:6], rain)


@lru_cache(maxsize=512)
def daily(monthly: tuple[float, ...]) -> Floats:
    """The 365 daily values of twelve monthly means: each day at its noon, linear between
    mid-months, periodic. Shape (365,).
    """
    noon = np.arange(YEAR_DAYS) + 0.5
    values: Floats = np.interp(noon, _MIDDLES, np.array(monthly), period=YEAR_DAYS)
    values.setflags(write=False)
    return values


@lru_cache(maxsize=4096)
def day_indices(first: dt.date, count: int) -> npt.NDArray[np.intp]:
    """Day of the 365-day year for ``count`` days from ``first``. Shape (count,)."""
    days = np.arange(np.datetime64(first, "D"), np.datetime64(first, "D") + count)
    months = days.astype("datetime64[M]")
    month = months.astype(int) % 12
    in_month = (days - months).astype(int)
    found = np.asarray(
        _STARTS[month] + np.minimum(in_month, np.array(MONTH_DAYS)[month] - 1), dtype=np.intp
    )
    found.setflags(write=False)
    return found


def values_on(monthly: tuple[float, ...], first: dt.date, count: int) -> Floats:
    """Daily values for ``count`` days from ``first``. Shape (count,)."""
    return daily(monthly)[day_indices(first, count)]


def coldest_day(normals: Normals) -> int:
    """Index of the coldest normal day of the 365-day year; of several in a row the first, wherever
    the calendar's year begins.
    """
    warmth = daily(normals.tmin_c) + daily(normals.tmax_c)
    coldest = warmth <= warmth.min() + 1e-9
    begins = coldest & ~np.roll(coldest, 1)
    return int(np.argmax(begins)) if begins.any() else 0


def hours_below(tmin_c: Floats, tmax_c: Floats, limit_c: float) -> Floats:
    """Hours of each day below a limit, under one sine through its minimum and maximum. Shape as
    given.
    """
    mean, swing = (tmin_c + tmax_c) / 2, np.maximum((tmax_c - tmin_c) / 2, 1e-9)
    return np.asarray(12 + 24 / np.pi * np.arcsin(np.clip((limit_c - mean) / swing, -1.0, 1.0)))
