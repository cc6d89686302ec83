"""Growth since the last visit, beside what was expected."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.heights.grown import Height, grown

MARCH, NOVEMBER = dt.date(2026, 3, 15), dt.date(2026, 11, 15)


def after_cut(now_m: float | None, know, vigour: int = 3):
    heights = [Height(MARCH - dt.timedelta(400), 3.1), Height(MARCH, 2.4, cut=True)]
    if now_m is not None:
        heights.append(Height(NOVEMBER, now_m))
    return grown(know, heights, NOVEMBER, vigour)


def test_eight_months_after_a_cut_a_tree_of_middling_vigour_is_expected_a_third_of_a_metre_up(know):
    found = after_cut(2.75, know)
    assert found.since.height_m == 2.4
    assert found.grew_m == pytest.approx(0.35)
    assert found.expected_m == pytest.approx(0.5 * 245 / 365.25)
    text = said(found.reason)
    assert "2.40 m after the cut of 15 Mar 2026" in text
    assert "0.35 m taller" in text
    assert "as a tree of this vigour does" in text


@pytest.mark.parametrize(("now", "says"), [(3.1, "more than was thought"), (2.45, "less than")])
def test_what_grows_otherwise_than_thought_is_said(know, now, says):
    assert says in said(after_cut(now, know).reason)


def test_what_nobody_measured_is_not_called_grown(know):
    found = after_cut(None, know)
    assert (found.now, found.grew_m) == (None, None)
    assert "Nobody has measured since" in said(found.reason)


def test_a_rank_tree_is_expected_more_and_a_small_one_never_over_a_quarter_of_its_height(know):
    assert after_cut(None, know, 5).expected_m > after_cut(None, know, 2).expected_m
    pot = grown(know, [Height(MARCH, 0.6, cut=True)], NOVEMBER, 5)
    assert pot.expected_m <= 0.25 * 0.6


def test_without_a_cut_two_measurements_tell_and_one_alone_or_one_of_today_does_not(know):
    measured = [Height(MARCH, 2.0), Height(NOVEMBER, 2.2)]
    assert grown(know, measured, NOVEMBER, 3).grew_m == pytest.approx(0.2)
    assert grown(know, [Height(NOVEMBER, 2.2)], NOVEMBER, 3) is None
    assert grown(know, [], NOVEMBER, 3) is None
    assert grown(know, [Height(MARCH, 2.0)], NOVEMBER, 3).now is None
