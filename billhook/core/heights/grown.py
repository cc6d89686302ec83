"""How much taller a tree is than at its last visit, beside what was expected of its vigour."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Literal

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, say


@dataclass(frozen=True)
class Height:
    """A tree's height on a day [m]. cut: what a cut left, else as it was measured."""

    day: dt.date
    height_m: float
    cut: bool = False


@dataclass(frozen=True)
class Grown:
    """From the last visit to the newest measurement, or to today where nothing was measured since.

    grew_m: None where nothing was; expected_m: by the tree's vigour in that time; both in metres.
    """

    since: Height
    now: Height | None
    grew_m: float | None
    expected_m: float
    reason: Reason


def grown(
    know: Knowledge, heights: Sequence[Height], today: dt.date, vigour: int, units: Units = "metric"
) -> Grown | None:
    """Growth since the last visit: the last cut, or without one the measurement before the newest.
    None before there is one to start from. heights: in order of their days. vigour: 1 to 5.

    A bearing tree's gain in height is common practice, its figures from memory.
    """
    apart = dt.timedelta(days=know.days("grown/least-days"))
    start = next((h for h in reversed(heights) if h.cut), None)
    if start is None:
        newest = heights[-1] if heights else None
        start = next(
            (h for h in reversed(heights) if newest and newest.day - h.day >= apart), newest
        )
    if start is None:
        return None
    later = [h for h in heights if h.day - start.day >= apart and not h.cut]
    now = later[-1] if later else None
    until = now.day if now else today
    if until - start.day < apart:
        return None
    years = (until - start.day).days / 365.25
    a_year = min(
        know.by_vigour("renewal/gain-tipped", vigour),
        know.number("stairs/regrow-most") * start.height_m,
    )
    expected = a_year * years
    grew = None if now is None else now.height_m - start.height_m
    return Grown(start, now, grew, expected, _why(know, start, now, expected, units))


def _why(
    know: Knowledge, since: Height, now: Height | None, expected: float, units: Units
) -> Reason:
    was, gain = Length(since.height_m, units), Length(expected, units)
    start: Literal["cut", "measured"] = "cut" if since.cut else "measured"
    used = {"height then, m": since.height_m, "expected, m": round(expected, 2)}
    ids = ("renewal/gain-tipped",)
    if now is None:
        text = say("grown-unmeasured", start=start, was=was, day=since.day, expected=gain)
        return Reason("grown-unmeasured", text, used, catalogue_ids=ids)
    grew = now.height_m - since.height_m
    off = know.number("grown/off")
    beside = (
        "more" if grew > expected * (1 + off) else "less" if grew < expected * (1 - off) else ""
    )
    text = say(
        "grown",
        start=start,
        was=was,
        day=since.day,
        now=Length(now.height_m, units),
        on=now.day,
        grew=Length(abs(grew), units),
        way="taller" if grew >= 0 else "lower",
        expected=gain,
        beside=beside,
    )
    return Reason("grown", text, used | {"grew, m": round(grew, 2)}, catalogue_ids=ids)
