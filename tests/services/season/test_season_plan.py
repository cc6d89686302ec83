"""The season by month."""

from __future__ import annotations

import datetime as dt

import numpy as np
import pytest

from billhook.core.crew.weeks import Days
from billhook.core.words.values import say
from billhook.services.season.season_plan import season_plan

from ...places import TODAY


def test_every_hour_of_the_year_lies_in_one_month(garden):
    found = season_plan(garden.at, TODAY)
    assert len(found.months) == 12
    assert found.months[0].first == TODAY
    for before, after in zip(found.months, found.months[1:], strict=False):
        assert (after.first - before.last).days == 1
        assert after.first.day == 1
    assert found.hours > 0
    assert found.hours == pytest.approx(sum(w.hours for m in found.months for w in m.works))
    total = found.supplies.chips_m3
    assert total == pytest.approx(sum(m.supplies.chips_m3 for m in found.months))


def test_a_block_is_part_of_the_whole(garden):
    at = garden.at
    with at.store.reading() as session:
        blocks = {r.block.id for r in at.standing(session).records}
    whole = season_plan(at, TODAY).hours
    assert sum(season_plan(at, TODAY, block).hours for block in blocks) == pytest.approx(whole)


def test_a_sweep_lies_before_its_flush_and_what_is_free_is_done_soon(garden):
    found = season_plan(garden.at, TODAY)
    swept = [m for m in found.months for w in m.works if w.says == say("item-sweep")]
    assert len({m.first for m in swept}) > 1, "each flush has its own"
    dead = [m for m in found.months for w in m.works if w.work == "sanitation"]
    assert dead
    assert all((m.first - TODAY).days < 60 for m in dead)


def test_work_is_spread_over_the_days_that_cost_about_the_least():
    first = dt.date(2027, 3, 1)
    prices = np.concatenate([np.full(31, 0.5), np.full(30, 0.11), np.full(31, 0.1)])
    months = [(dt.date(2027, m, 1), dt.date(2027, m, d)) for m, d in ((3, 31), (4, 30), (5, 31))]
    parts = Days(first, prices).share_out(months, 0.05, 90)
    assert parts == {1: pytest.approx(30 / 61), 2: pytest.approx(31 / 61)}
    assert Days(first, prices).share_out(months, 0.0, 60) == {2: 1.0}
    # within so many days from the first that costs about the least
    assert Days(first, prices).share_out(months, 0.05, 30) == {1: 1.0}
    assert Days(first, np.full(92, np.nan)).share_out(months, 0.1, 60) == {}
