"""A date as it is said to who reads it near by, and to who reads it years on."""

from __future__ import annotations

import datetime as dt
from contextvars import copy_context

from billhook.core.words.dates import day_words, read_on


def test_a_year_that_is_plain_is_left_out():
    def near(day: dt.date) -> str:
        read_on(dt.date(2027, 3, 24))
        return day_words(day)

    said = [
        copy_context().run(near, dt.date(*d)) for d in ((2027, 5, 30), (2026, 5, 1), (2026, 3, 24))
    ]
    assert said == ["30 May", "1 May", "24 Mar 2026"]
    assert day_words(dt.date(2027, 5, 30)) == "30 May 2027"
