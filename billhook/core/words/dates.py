"""Dates as they are said: ``25 Nov 2026``; read on a day near by, ``25 Nov``."""

from __future__ import annotations

import datetime as dt
from contextvars import ContextVar

_PLAIN_DAYS = 335
_read_on: ContextVar[dt.date | None] = ContextVar("read_on", default=None)
MONTHS = ("Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec")


def month_words(day: dt.date) -> str:
    """Month and year."""
    return f"{MONTHS[day.month - 1]} {day.year}"


def read_on(today: dt.date | None) -> None:
    """What is said from here on is read on this day: a year that is plain is left out. For None it
    is kept: every date bears its year.
    """
    _read_on.set(today)


def reading_day() -> dt.date | None:
    """The day on which what is said is read; None where it is kept."""
    return _read_on.get()


def plain_year(day: dt.date) -> bool:
    """Whether the year of a day is plain to who reads it."""
    today = _read_on.get()
    return today is not None and abs((day - today).days) < _PLAIN_DAYS


def day_words(day: dt.date) -> str:
    """Day and month, and the year where it is not plain to who reads it."""
    return f"{day.day} {MONTHS[day.month - 1]}" + ("" if plain_year(day) else f" {day.year}")
