"""A plan made anew leaves what was agreed where it is, as far as it can."""

from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from billhook.core.crew.cost import cost_of
from billhook.core.crew.model import Piece
from billhook.core.crew.plan import plan
from billhook.core.crew.stay import plan_near, stayed

from .crews import broken, grove_crew

KEEP = 0.25


@settings(max_examples=15, deadline=None)
@given(seed=st.integers(0, 10_000), load=st.sampled_from([0.4, 1.0, 1.3]), rain=st.booleans())
def test_what_is_planned_anew_keeps_to_the_rules_and_to_what_was_agreed(seed, load, rain):
    crew = grove_crew(14, 4, 3, load, seed, places=5)
    agreed = plan(crew, seconds=1).work
    if rain:  # everybody loses most of the second week
        less = [(h.minutes[0], h.minutes[1] * 0.3, *h.minutes[2:]) for h in crew.helpers]
        crew = replace(
            crew,
            helpers=tuple(replace(h, minutes=m) for h, m in zip(crew.helpers, less, strict=True)),
        )
    found = plan_near(crew, agreed, KEEP, seconds=1)
    assert broken(crew, found.work) == []
    assert found.cost == pytest.approx(cost_of(crew, found.work), abs=1e-6)
    free = plan(crew, seconds=1)
    minutes = sum(p.minutes for p in agreed)
    assert found.cost <= free.cost + KEEP * minutes / 60 + 0.05 * free.cost
    if not rain:
        assert set(agreed) <= set(found.work)


def test_only_what_cannot_stay_goes_elsewhere():
    crew = grove_crew(14, 4, 3, 0.5, seed=3, places=5)
    agreed = plan(crew).work
    gone = crew.helpers[0].id
    hurt = replace(
        crew,
        helpers=tuple(
            replace(h, minutes=(0.0, *h.minutes[1:])) if h.id == gone else h for h in crew.helpers
        ),
    )
    there = set(stayed(hurt, agreed))
    assert there == {p for p in agreed if not (p.helper == gone and p.week == 0)}
    moved = set(agreed) - set(plan_near(hurt, agreed, 5.0).work)
    assert {p.job for p in moved} <= {p.job for p in agreed if (p.helper, p.week) == (gone, 0)}


@pytest.mark.parametrize("piece", [Piece(0, "nobody", "j0", 30), Piece(0, "h0", "no such job", 30)])
def test_what_is_known_no_more_does_not_stay(piece):
    assert stayed(grove_crew(4, 4, 2, 0.5, seed=1), [piece]) == []


def test_of_a_job_that_grew_shorter_only_what_is_left_of_it_stays():
    crew = grove_crew(6, 4, 2, 0.5, seed=2)
    agreed = plan(crew).work
    piece = agreed[0]
    shorter = replace(
        crew, jobs=tuple(replace(j, minutes=5) if j.id == piece.job else j for j in crew.jobs)
    )
    assert sum(p.minutes for p in stayed(shorter, agreed) if p.job == piece.job) <= 5
