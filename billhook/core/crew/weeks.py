"""Weeks ahead, and what a piece of work weighs in each: the price of its days in crop, and the
waiting.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import dataclass

from ..known import Knowledge
from .model import Week

_WORKDAYS = 5
_DAY = dt.timedelta(days=1)


def weeks_from(day: dt.date, n: int) -> tuple[Week, ...]:
    """The rest of this week, Monday to Sunday, and those after it; from Saturday on, the next."""
    first = day if day.weekday() < _WORKDAYS else day + (7 - day.weekday()) * _DAY
    ends = first + (6 - first.weekday()) * _DAY
    later = (Week(ends + (7 * i + 1) * _DAY, ends + 7 * (i + 1) * _DAY) for i in range(n - 1))
    return (Week(first, ends), *later)


def part_of(week: Week) -> float:
    """How much of a whole week's workdays it has."""
    return max(0, _WORKDAYS - week.first.weekday()) / _WORKDAYS


@dataclass(frozen=True)
class Weighed:
    """crops: lost if all is done in a week, None where it is closed; later: after the weeks, None
    where it is not open again. prices: of an hour in each week; leave_price: of an hour left.
    """

    crops: tuple[float | None, ...]
    later: float | None
    prices: tuple[float | None, ...]
    leave_price: float


def weigh(
    know: Knowledge,
    weeks: tuple[Week, ...],
    price_on: Callable[[dt.date], float | None],
    canopy: float,
    hours: float,
    until: dt.date,
) -> Weighed:
    """What work weighs in each week.

    price_on: crops lost per share taken on a day, None where the day is closed. canopy: what is
    taken, in whole canopies of a tree: shares times trees. hours: of the work, above 0. until: the
    day up to which it may wait.
    """
    crops = tuple(_least(price_on, w.first, w.last, canopy) for w in weeks)
    later = _least(price_on, weeks[-1].last + _DAY, until, canopy)
    worth = know.number("crew/crop-hours") / hours
    since = next((i for i, c in enumerate(crops) if c is not None), 0)
    late = know.number("crew/late-week")
    prices = tuple(
        None if c is None else (c + late * (i - since)) * worth for i, c in enumerate(crops)
    )
    least = min((c for c in crops if c is not None), default=0.0)
    dearer = max(0.0, canopy - least if later is None else later - least)
    top = max((p for p in prices if p is not None), default=0.0)
    return Weighed(crops, later, prices, know.number("crew/left-hour") + top + dearer * worth)


def _least(
    price_on: Callable[[dt.date], float | None], first: dt.date, last: dt.date, canopy: float
) -> float | None:
    days = (first + i * _DAY for i in range((last - first).days + 1))
    open_ = [p for p in map(price_on, days) if p is not None]
    return min(open_) * canopy if open_ else None
