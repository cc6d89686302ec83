"""Which trees to measure, and how well the few tell of the many."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.heights.sample import Candidate, choose, told, within

SURE = 0.9


def block(rows: int, each: int, seed: int = 1) -> list[Candidate]:
    rng = np.random.default_rng(seed)
    return [
        Candidate(f"{r}.{p}", r, p, float(rng.normal(3, 0.4)), False)
        for r in range(1, rows + 1)
        for p in range(1, each + 1)
    ]


def test_they_are_of_every_size_and_from_different_rows():
    trees = block(12, 10)
    chosen = choose(trees, 10)
    assert len({t.row for t in chosen}) >= 8
    sizes = sorted(t.size_m for t in trees)
    parts = [sum(t.size_m >= sizes[i * 12] for i in range(1, 10)) for t in chosen]
    assert sorted(parts) == list(range(10)), "one of each tenth"
    assert [(t.row, t.place) for t in chosen] == sorted((t.row, t.place) for t in chosen)


def test_of_trees_as_good_a_measured_one_is_taken_but_not_all_in_its_row():
    trees = [Candidate(t.id, t.row, t.place, 3.0, t.row == 1 and t.place > 5) for t in block(6, 10)]
    chosen = choose(trees, 6)
    assert sum(t.measured for t in chosen) == 1
    assert len({t.row for t in chosen}) == 6


@given(rows=st.integers(1, 8), each=st.integers(1, 9), n=st.integers(1, 30))
def test_as_many_as_are_asked_for_and_none_twice(rows, each, n):
    trees = block(rows, each)
    chosen = choose(trees, n)
    assert len({t.id for t in chosen}) == len(chosen) == min(n, len(trees))


def test_nobody_measures_nothing():
    with pytest.raises(ValueError, match="at least one"):
        choose(block(2, 2), 0)


def test_the_error_is_the_one_of_the_tables():
    # t for nine in ten, 4 and 9 degrees of freedom: 2.132 and 1.833 (Student's t, any table)
    assert within(0.2, 5, 10**9, SURE) == pytest.approx(2.132 * 0.2 / 5**0.5, rel=1e-3)
    assert within(0.2, 10, 10**9, SURE) == pytest.approx(1.833 * 0.2 / 10**0.5, rel=1e-3)
    # every second tree of a small block: the correction takes a root of a half
    assert within(0.2, 10, 20, SURE) == pytest.approx(
        within(0.2, 10, 10**9, SURE) * (10 / 19) ** 0.5, rel=1e-3
    )
    assert within(0.2, 20, 20, SURE) == 0


def test_the_mean_lies_within_it_about_nine_times_in_ten():
    rng = np.random.default_rng(4)
    hits = 0
    for _ in range(600):
        heights = rng.normal(3, 0.4, 120)
        few = rng.choice(heights, 8, replace=False)
        tells = told(list(few), 0.5, 8, 120, SURE, 3)
        hits += abs(tells.mean - heights.mean()) <= tells.within * tells.mean
    assert hits / 600 == pytest.approx(SURE, abs=0.04)


def test_one_more_always_gains_and_own_spread_counts_from_three():
    assert told([], 0.12, 5, 100, SURE, 3).with_one_more < told([], 0.12, 5, 100, SURE, 3).within
    assert (
        told([2.0, 3.0], 0.12, 5, 100, SURE, 3).cv,
        told([2.0, 3.0], 0.12, 5, 100, SURE, 3).own,
    ) == (0.12, False)
    assert told([2.0, 3.0, 4.0], 0.12, 5, 100, SURE, 3).cv == pytest.approx(1 / 3)
