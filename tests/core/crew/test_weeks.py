"""Weeks, what work weighs in them, and how much planning brings."""

from __future__ import annotations

import datetime as dt

import numpy as np
import pytest

from billhook.catalogue import load_catalogue
from billhook.core.crew.cost import cost_of
from billhook.core.crew.model import Crew, Helper, Job
from billhook.core.crew.more import one_more_hour
from billhook.core.crew.plan import plan
from billhook.core.crew.served import first_come
from billhook.core.crew.weeks import Days, part_of, weeks_from, weigh

from .crews import broken, grove_crew, weeks

KNOW = load_catalogue()


@pytest.mark.parametrize(
    ("day", "first", "ends", "part"),
    [
        ("2027-03-15", "2027-03-15", "2027-03-21", 1.0),  # a Monday
        ("2027-03-18", "2027-03-18", "2027-03-21", 0.4),  # Thursday and Friday are left
        ("2027-03-20", "2027-03-22", "2027-03-28", 1.0),  # on a Saturday the next one
    ],
)
def test_the_first_week_is_what_is_left_of_it(day, first, ends, part):
    one, two = weeks_from(KNOW, dt.date.fromisoformat(day), 2)
    assert (one.first, one.last) == (dt.date.fromisoformat(first), dt.date.fromisoformat(ends))
    assert part_of(KNOW, one) == pytest.approx(part)
    assert (two.first - one.last).days == 1
    assert part_of(KNOW, two) == 1


def weighs(prices: dict[int, float | None], canopy: float = 2.0):
    """Work of two hours, by the price of each week; None: closed."""
    spans = weeks(3)

    each = [prices.get(day // 7) for day in range(7 * len(spans) + 60)]
    days = np.array([np.nan if price is None else price for price in each])
    return weigh(KNOW, spans, Days(spans[0].first, days), canopy, 2.0)


def test_a_week_weighs_the_crop_of_its_cheapest_day_and_the_waiting():
    found = weighs({0: None, 1: 0.3, 2: 0.1})
    assert found.crops == (None, pytest.approx(0.6), pytest.approx(0.2))
    assert found.prices[0] is None
    hour, late = KNOW.number("crew/crop-hours") / 2, KNOW.number("crew/late-week")
    assert found.prices[1] == pytest.approx(0.6 * hour)
    assert found.prices[2] == pytest.approx((0.2 + late) * hour)
    assert found.later is None


def test_a_week_that_opens_on_its_saturday_is_closed():
    spans = weeks(2)
    prices = np.full(40, np.nan)
    saturday = 5 - spans[0].first.weekday()
    prices[saturday : saturday + 2] = 0.2
    found = weigh(KNOW, spans, Days(spans[0].first, prices), 1.0, 2.0)
    assert found.crops == (None, None)
    prices[saturday + 2] = 0.3
    found = weigh(KNOW, spans, Days(spans[0].first, prices), 1.0, 2.0)
    assert found.crops == (None, pytest.approx(0.3))


def test_a_week_that_opens_on_its_friday_waits_for_the_next():
    spans = weeks_from(KNOW, dt.date(2027, 3, 1), 3)
    prices = np.full(21, 0.2)
    prices[:4] = np.nan  # closed until Friday
    found = weigh(KNOW, spans, Days(spans[0].first, prices), 1.0, 30.0)
    assert found.crops == (None, pytest.approx(0.2), pytest.approx(0.2))
    # what takes little of a day may have it
    assert weigh(KNOW, spans, Days(spans[0].first, prices), 1.0, 2.0).crops[0] is not None
    # the rest of a week that has begun is all there is of it
    late = weeks_from(KNOW, dt.date(2027, 3, 4), 3)
    found = weigh(KNOW, late, Days(late[0].first, np.full(18, 0.2)), 1.0, 30.0)
    assert None not in found.crops
    # and where only a day is open, that day
    prices[5:] = np.nan
    found = weigh(KNOW, spans, Days(spans[0].first, prices), 1.0, 30.0)
    assert found.crops == (pytest.approx(0.2), None, None)


def test_what_is_dearer_afterwards_is_left_last():
    same, dear, gone = (weighs({0: 0.1, 5: later}) for later in (0.1, 1.0, None))
    assert same.leave_price < dear.leave_price <= gone.leave_price
    # and any open week is better than leaving it
    assert all(p < x.leave_price for x in (same, dear, gone) for p in x.prices if p is not None)


def test_planning_is_never_dearer_than_first_come_first_served():
    for seed in range(4):
        crew = grove_crew(20, 5, 2, 1.1, seed, places=6)
        greedy = first_come(crew)
        assert broken(crew, tuple(greedy)) == []
        assert plan(crew).cost <= cost_of(crew, greedy) + 1e-6


def test_the_hour_that_is_missing_is_named():
    """Two weeks, two helpers; only the second may saw, and only in the second week."""
    helpers = (Helper("hand", (600.0, 600.0)), Helper("saw", (600.0, 60.0), frozenset({"saw"})))
    job = Job("j", "row", 120, (None, 1.0), frozenset({"saw"}), 60.0)
    crew = Crew(weeks(2), helpers, (job,))
    found = one_more_hour(crew, plan(crew))
    assert found is not None
    assert (found.helper, found.week) == ("saw", 1)
    assert found.saves == pytest.approx(59)  # an hour at 1 in place of one left at 60
    plenty = Crew(weeks(2), (Helper("saw", (600.0, 600.0), frozenset({"saw"})),), (job,))
    assert one_more_hour(plenty, plan(plenty)) is None
