"""Which days make sense: of what was seen, of what was done, of what is planned. Our rule; the door
asks, whoever writes.

A day outside these bounds is a slip of the hand (year 1, year 2206) and would be worked with for
years.
"""

from __future__ import annotations

import datetime as dt

from .words.values import Value, say

_YEAR = 366
_EARLIEST = dt.date(1900, 1, 1)


def _between(day: dt.date, first: dt.date, last: dt.date) -> Value | None:
    return None if first <= day <= last else say("bad-between", low=first, high=last)


def seen_problem(day: dt.date, said_on: dt.date) -> Value | None:
    """What is wrong with a day seen, flush or frost or harvest: not more than a year ahead or ten
    back. None where it makes sense.
    """
    return _between(
        day, said_on - dt.timedelta(days=10 * _YEAR), said_on + dt.timedelta(days=_YEAR)
    )


def done_problem(day: dt.date | None, today: dt.date) -> Value | None:
    """What is wrong with a day on which something was done; it is over, and within living
    memory.
    """
    if day is None:
        return None
    return (
        say("bad-lies-in-the-future-write-down") if day > today else _between(day, _EARLIEST, today)
    )


def planned_problem(day: dt.date | None, today: dt.date, years: int = 3) -> Value | None:
    """What is wrong with a day for which something is planned, at most so many years ahead; a sheet
    may be of a day that is over.
    """
    return (
        None
        if day is None
        else _between(
            day, today - dt.timedelta(days=10 * _YEAR), today + dt.timedelta(days=years * _YEAR)
        )
    )


def planted_problem(year: int, today: dt.date) -> Value | None:
    """What is wrong with a year of planting; one may plan the next."""
    return (
        None
        if 1850 <= year <= today.year + 1
        else say("bad-between", low=1850, high=today.year + 1)
    )
