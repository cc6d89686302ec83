"""Every kind of observation that may be written down says which values make sense."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.core.observed import KINDS, MEASURED, OTHERS, SAYS, WORDS, value_problem
from billhook.core.season.seen import OBSERVABLE

DAY = dt.date(2026, 11, 25)


def test_each_kind_has_its_values_and_its_words():
    assert set(KINDS) == {*WORDS, *MEASURED, *OBSERVABLE} - set(OTHERS)
    assert set(KINDS) <= set(SAYS)


@pytest.mark.parametrize(
    ("kind", "good", "bad"),
    [("fruit_on", "none", "some"), ("height_m", "3.2", "61"), ("bloom_start", "2026-03-01", "May")],
)
def test_what_makes_no_sense_is_refused(kind, good, bad):
    assert value_problem(kind, good, DAY) is None
    assert value_problem(kind, bad, DAY)
