"""Weeks ahead, and what a piece of work weighs in each: the price of its days in crop, and the
waiting.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from math import ceil

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from .model import Week

_DAY = dt.timedelta(days=1)


def weeks_from(know: Knowledge, day: dt.date, n: int) -> tuple[Week, ...]:
    """The rest of this week, Monday to Sunday, and those after it; once its workdays are over, the
    next.
    """
    first = (
        day if day.weekday() < know.number("crew/workdays") else day + (7 - day.weekday()) * _DAY
    )
    ends = first + (6 - first.weekday()) * _DAY
    later = (Week(ends + (7 * i + 1) * _DAY, ends + 7 * (i + 1) * _DAY) for i in range(n - 1))
    return (Week(first, ends), *later)


def part_of(know: Knowledge, week: Week, away: Iterable[tuple[dt.date, dt.date]] = ()) -> float:
    """How much of a whole week's workdays it has. away: days off, first and last of each span."""
    workdays = int(know.number("crew/workdays"))
    spans = tuple(away)
    there = [
        day
        for day in (week.first + i * _DAY for i in range((week.last - week.first).days + 1))
        if day.weekday() < workdays and not any(a <= day <= b for a, b in spans)
    ]
    return len(there) / workdays


@dataclass(frozen=True)
class Days:
    """prices: crops lost per share taken on each day from the first, shape (days,); not a number
    where the day is closed. Beyond them every day is closed.
    """

    first: dt.date
    prices: npt.NDArray[np.float64]

    def least(self, first: dt.date, last: dt.date | None, workdays: int = 7) -> float | None:
        """The price of the cheapest workday of a span, both inclusive; None where all are closed.
        workdays: of a week, from Monday on.
        """
        open_ = self._open(first, last, workdays)
        return float(open_.min()) if len(open_) else None

    def enough(self, weeks: Sequence[Week], least: float, workdays: int = 7) -> list[bool]:
        """Which weeks have so many open workdays, or all they have; where none has, those that have
        one: a day does not hold a week's hours, but better a day than nothing.
        """
        found = [len(self._open(w.first, w.last, workdays)) for w in weeks]
        there = [sum(d < workdays for d in range(w.first.weekday(), 7)) for w in weeks]
        wide = [n >= min(least, has) > 0 for n, has in zip(found, there, strict=True)]
        return wide if any(wide) else [n > 0 for n in found]

    def share_out(
        self, spans: Sequence[tuple[dt.date, dt.date]], most: float, days: int, workdays: int = 7
    ) -> dict[int, float]:
        """Parts of a piece of work that is spread over its cheapest days, by the number of their
        span: evenly over the workdays that cost no more than ``most`` above the cheapest of all,
        and lie within so many ``days`` from the first of these. Nothing where all are closed.
        """
        open_ = [self._open(first, last, workdays) for first, last in spans]
        least = min((float(p.min()) for p in open_ if len(p)), default=0.0)
        cheap = np.flatnonzero(self.prices <= least + most)
        near = self.prices[: cheap[0] + days] if len(cheap) else self.prices
        soon = Days(self.first, near)
        good = [
            int((soon._open(first, last, workdays) <= least + most).sum()) for first, last in spans
        ]
        return {n: many / sum(good) for n, many in enumerate(good) if many}

    def _open(self, first: dt.date, last: dt.date | None, workdays: int) -> npt.NDArray[np.float64]:
        """Prices of the open workdays of a span."""
        start = max(0, (first - self.first).days)
        end = None if last is None else max(0, (last - self.first).days + 1)
        span = self.prices[start:end]
        weekday = (self.first.weekday() + start + np.arange(len(span))) % 7
        found: npt.NDArray[np.float64] = span[~np.isnan(span) & (weekday < workdays)]
        return found


@dataclass(frozen=True)
class Weighed:
    """crops: lost if all is done in a week, None where it is closed; later: after the weeks, None
    where it is not open again; dearer: what leaving all of it costs beyond its cheapest week.
    prices: of an hour in each week; leave_price: of an hour left.
    """

    crops: tuple[float | None, ...]
    later: float | None
    dearer: float
    prices: tuple[float | None, ...]
    leave_price: float


def weigh(
    know: Knowledge, weeks: tuple[Week, ...], days: Days, canopy: float, hours: float
) -> Weighed:
    """What work weighs in each week. canopy: what is taken, in whole canopies of a tree: shares
    times trees. hours: of the work, above 0.
    """
    workdays = int(know.number("crew/workdays"))
    of_a_day = know.number("crew/day-part") * know.number("renewal/crew-hours")
    least = min(know.number("crew/open-days"), ceil(hours / of_a_day))
    open_ = days.enough(weeks, least, workdays)
    crops = tuple(
        _crops(days.least(w.first, w.last, workdays) if enough else None, canopy)
        for w, enough in zip(weeks, open_, strict=True)
    )
    later = _crops(days.least(weeks[-1].last + _DAY, None), canopy)
    worth = know.number("crew/crop-hours") / hours
    since = next((i for i, c in enumerate(crops) if c is not None), 0)
    late = know.number("crew/late-week")
    prices = tuple(
        None if c is None else (c + late * (i - since)) * worth for i, c in enumerate(crops)
    )
    cheapest = min((c for c in crops if c is not None), default=0.0)
    after = know.number("crew/never-again") * canopy if later is None else later
    dearer = max(0.0, after - cheapest)
    top = max((p for p in prices if p is not None), default=0.0)
    return Weighed(
        crops, later, dearer, prices, know.number("crew/left-hour") + top + dearer * worth
    )


def _crops(price: float | None, canopy: float) -> float | None:
    return None if price is None else price * canopy
