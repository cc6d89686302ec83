"""Dates that were seen, and dates learned from: what beats the model, and by how much it is
moved.
"""

from __future__ import annotations

import datetime as dt
from calendar import monthrange
from collections.abc import Mapping
from typing import Literal, get_args

from .model import MonthDay, Origin, Site, Span
from .normals import YEAR_DAYS

Observable = Literal[
    "flush_start",
    "flush_hard",
    "bloom_start",
    "harvest_start",
    "harvest_end",
    "first_frost",
    "last_frost",
    "carry_out",
    "carry_in",
]
OBSERVABLE: tuple[Observable, ...] = get_args(Observable)
Observed = Mapping[str, dt.date]
Moved = Mapping[str, int]


def turned_month(month: int, site: Site) -> int:
    """A northern calendar month as the month of this place."""
    return (month + 5) % 12 + 1 if site.turned else month


def on_or_after(day: dt.date, month_day: MonthDay) -> dt.date:
    """First occurrence of a month and day on or after ``day``; 29 February falls on the 28th in
    common years.
    """
    for year in (day.year, day.year + 1):
        month, number = month_day
        there = dt.date(year, month, min(number, monthrange(year, month)[1]))
        if there >= day:
            return there
    raise AssertionError("a month and day recurs within a year")


class Dates:
    """Dates of one growing year: computed, moved by what was learned, and beaten by what was
    seen.
    """

    def __init__(self, observed: Observed, moved: Moved) -> None:
        self.observed, self.moved = observed, moved
        self.origins: dict[str, Origin] = {}

    def heed(
        self, name: str, computed: dt.date | None, origin: Origin
    ) -> tuple[dt.date | None, Origin]:
        """The observed date where it is nearer to this year's computed one than half a year."""
        seen = self.observed.get(name)
        if (
            seen is not None
            and computed is not None
            and abs((seen - computed).days) <= YEAR_DAYS // 2
        ):
            return seen, "observed"
        return computed + dt.timedelta(days=self.moved.get(name, 0)) if computed else None, origin

    def known(self, event: str, name: str, computed: dt.date, origin: Origin) -> dt.date:
        """As :meth:`heed`, keeping the origin of an event."""
        day, self.origins[event] = self.heed(name, computed, origin)
        assert day is not None
        return day

    def heed_pick(self, name: str, window: Span, computed: dt.date) -> tuple[dt.date, Origin]:
        """A day of the pick, where it lies nearer to this crop's window than to the one before or
        after it.
        """
        seen = self.observed.get(name)
        if seen is None:
            return computed + dt.timedelta(days=self.moved.get(name, 0)), "catalogue"
        away = [_days_off(seen - dt.timedelta(days=YEAR_DAYS * n), window) for n in (0, 1, -1)]
        if away[0] == min(away):
            return seen, "observed"
        return computed + dt.timedelta(days=self.moved.get(name, 0)), "catalogue"


def _days_off(day: dt.date, window: Span) -> int:
    return max(0, (window.start - day).days, (day - window.end).days)
