"""The fortnight's work in walking order, each with its reason and last good day; what can no longer
be done this season; and what comes next, however far.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

from ...core.errors import invalid
from ...core.words.units import Units
from ...core.words.values import say
from ..workplace import Workplace
from .ahead import FORTNIGHT, Ahead
from .item import Item, TodayView

_YEAR = 366


def fortnight(
    at: Workplace,
    day: dt.date,
    units: Units = "metric",
    days: int = FORTNIGHT,
    within: str | frozenset[str] | None = None,
) -> TodayView:
    """The work of the days ahead, of the holding or within rows or a block. Raises: InvalidInput
    for a span outside 1 to 60 days.
    """
    if not 1 <= days <= 60:
        raise invalid("/days", say("bad-between", low=1, high=60))
    with at.store.reading() as session:
        until, far = day + dt.timedelta(days=days), day + dt.timedelta(days=_YEAR)
        found = Ahead(at, session, day, until, units, within=within).view()
        if found.items or found.late:
            return found
        ahead = Ahead(at, session, day, far, units, within=within).view().items
        return replace(found, next=min(ahead, key=_first_day, default=None))


def _first_day(item: Item) -> dt.date:
    first = item.last_good if item.kind == "come-back" else item.opens
    return first or dt.date.max
