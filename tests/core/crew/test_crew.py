"""Weeks of a crew: nothing over hours, no skill missing, no closed week; small crews get the
cheapest plan there is, large ones come near to what nothing goes under.
"""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from billhook.core.crew.cost import cost_of, left_of
from billhook.core.crew.model import Crew, Helper, Job
from billhook.core.crew.plan import plan
from billhook.core.crew.served import first_come
from billhook.core.errors import InvalidInput

from .crews import broken, cheapest, grove_crew, weeks

COST = 1e-6


def small(seed: int) -> Crew:
    """Two weeks, two helpers, three jobs, all in half hours."""
    r = np.random.default_rng(seed)
    team = tuple(
        Helper(f"h{i}", (30.0 * r.integers(0, 4), 30.0 * r.integers(0, 4)), frozenset(skills))
        for i, skills in enumerate((("saw",), ()))
    )
    jobs = tuple(
        Job(
            f"j{i}",
            f"p{r.integers(0, 2)}",
            30 * int(r.integers(1, 3)),
            tuple(None if r.random() < 0.2 else float(r.integers(0, 60)) for _ in range(2)),
            frozenset({"saw"} if r.random() < 0.3 else ()),
            float(r.integers(10, 90)) if r.random() < 0.5 else None,
            bool(r.random() < 0.2),
            bool(r.random() < 0.2),
        )
        for i in range(3)
    )
    return Crew(weeks(2), team, jobs, 30.0)


@pytest.mark.parametrize("seed", range(12))
def test_a_small_crew_gets_the_cheapest_plan_there_is(seed):
    crew = small(seed)
    found = plan(crew)
    assert found.cost == pytest.approx(cheapest(crew, 30), abs=COST)
    assert found.bound == pytest.approx(found.cost, abs=1e-3)
    assert not broken(crew, found.work)


@settings(max_examples=25, deadline=None)
@given(seed=st.integers(0, 10_000), load=st.sampled_from([0.3, 1.0, 1.4]), whole=st.booleans())
def test_never_over_hours_and_the_cost_is_what_the_pieces_cost(seed, load, whole):
    crew = grove_crew(14, 4, 3, load, seed, places=5)
    if whole:
        crew = replace(
            crew, jobs=tuple(replace(j, whole=i % 3 == 0) for i, j in enumerate(crew.jobs))
        )
    found = plan(crew, seconds=2)
    assert broken(crew, found.work) == []
    assert {x.job: x.minutes for x in found.unplaced} == {
        j: m for j, m in left_of(crew, found.work).items() if m
    }
    assert found.cost == pytest.approx(cost_of(crew, found.work), abs=COST)
    assert found.bound <= found.cost + COST
    # leaving everything is a plan too
    assert found.cost <= cost_of(crew, ()) + COST


@pytest.mark.parametrize("load", [0.9, 1.2])
def test_a_grove_for_twelve_weeks_comes_within_a_twentieth_of_the_bound(load):
    crew = grove_crew(400, 12, 4, load, seed=1)
    found = plan(crew)
    assert broken(crew, found.work) == []
    assert found.gap <= 0.05


def test_in_no_time_at_all_it_is_no_worse_than_first_come_first_served():
    crew = grove_crew(200, 6, 3, 1.1, seed=5)
    found = plan(crew, seconds=1e-3)
    assert broken(crew, found.work) == []
    assert found.cost <= cost_of(crew, first_come(crew)) + COST
    assert found.work


def one(**job) -> Crew:
    """One helper with an hour in the first week and none in the second, one job of two hours."""
    given = {"minutes": 120, "prices": (6.0, 6.0), **job}
    return Crew(
        weeks(2), (Helper("h", (60.0, 0.0), frozenset({"saw"})),), (Job("j", "row", **given),)
    )


@pytest.mark.parametrize(
    ("job", "left", "why"),
    [
        ({}, 60, "hours"),
        ({"prices": (None, None)}, 120, "closed"),
        ({"skills": frozenset({"climb"})}, 120, "nobody"),
        ({"leave_price": 5.0}, 120, "dearer"),
        # tenfold: what must be done is done at any price
        ({"leave_price": 5.0, "must": True}, 60, "hours"),
        ({"whole": True}, 120, "hours"),
        # its only week has no hours
        ({"prices": (None, 6.0)}, 120, "hours"),
    ],
)
def test_what_stays_says_why(job, left, why):
    (stays,) = plan(one(**job)).unplaced
    assert (stays.minutes, stays.why) == (left, why)


def test_a_second_place_in_a_week_takes_a_move():
    """Two jobs of half an hour in two rows do not fit into an hour with a move of a quarter."""
    jobs = tuple(Job(f"j{i}", f"row {i}", 30, (0.0,)) for i in range(2))
    crew = Crew(weeks(1), (Helper("h", (60.0,)),), jobs)
    found = plan(crew)
    assert sum(x.minutes for x in found.unplaced) == 15
    assert found.cost == pytest.approx(15 * 1.0 + 15 / 60)
    together = replace(crew, jobs=tuple(replace(j, place="row") for j in jobs))
    assert plan(together).cost == 0


def test_who_is_quicker_takes_less_of_the_week():
    crew = one(minutes=90)
    slow = plan(crew)
    quick = plan(replace(crew, helpers=(replace(crew.helpers[0], pace=1.5),)))
    assert (slow.unplaced[0].minutes, quick.unplaced) == (30, ())


@pytest.mark.parametrize(
    ("change", "at"),
    [
        ({"weeks": ()}, "/weeks"),
        ({"helpers": (Helper("h", (60.0,)),)}, "/helpers/0/minutes"),
        ({"helpers": (Helper("h", (60.0, 60.0)),) * 2}, "/helpers/1/id"),
        ({"jobs": (Job("j", "row", 60, (1.0,)),)}, "/jobs/0/prices"),
        ({"jobs": (Job("j", "row", 60, (1.0, -1.0)),)}, "/jobs/0/prices/1"),
        ({"jobs": (Job("j", "row", 60, (1.0, 1.0)),) * 40_000}, "/jobs"),
    ],
)
def test_what_cannot_be_planned_is_said_at_its_field(change, at):
    with pytest.raises(InvalidInput) as refused:
        plan(replace(one(), **change))
    assert at in {p.pointer for p in refused.value.problems}
