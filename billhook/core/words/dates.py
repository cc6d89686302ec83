"""Dates as they are said: ``25 Nov 2026``."""

from __future__ import annotations

import datetime as dt

MONTHS = ("Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec")


def month_words(day: dt.date) -> str:
    """Month and year."""
    return f"{MONTHS[day.month - 1]} {day.year}"


def day_words(day: dt.date) -> str:
    """Day, month and year."""
    return f"{day.day} {MONTHS[day.month - 1]} {day.year}"
