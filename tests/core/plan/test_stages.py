"""Stages over windows: within each window's room, obligations first, the year's budget shared,
nothing twice, nothing lost.
"""

from __future__ import annotations

import datetime as dt
import random

import pytest

from billhook.core.plan.choose import choose_cuts
from billhook.core.plan.knapsack import Candidate
from billhook.core.plan.stages import Window, staged


def window(year: int, month: int, share: float, works=("thin",)) -> Window:
    return Window(dt.date(year, month, 1), dt.date(year, 1, 15), dict.fromkeys(works, share))


def cut(
    name: str, share: float, benefit: float = 1.0, must: bool = False, within: str | None = None
) -> Candidate:
    return Candidate(name, 4, must, share, benefit, 20, within)


def works_of(candidates) -> dict[str, str]:
    return {c.id: "thin" for c in candidates}


@pytest.mark.parametrize("seed", range(40))
def test_every_window_keeps_to_its_room_and_every_cut_has_its_place(seed):
    rng = random.Random(seed)
    candidates = [
        cut(f"c{i}", rng.uniform(0.01, 0.15), rng.uniform(0.5, 5), rng.random() < 0.3)
        for i in range(rng.randint(1, 9))
    ]
    windows = [window(2027 + i // 2, 3 + 4 * (i % 2), rng.uniform(0.05, 0.25)) for i in range(6)]
    stages, unplaced = staged(candidates, works_of(candidates), windows, 0.0)
    laid = [i for s in stages for i in s.cuts]
    assert sorted([*laid, *unplaced]) == sorted(c.id for c in candidates)
    for stage in stages:
        assert stage.over or stage.share <= stage.limit + 1e-9
    by_year: dict[int, float] = {}
    for stage in stages:
        if not stage.over:
            by_year[stage.day.year] = by_year.get(stage.day.year, 0.0) + stage.share
    for year, share in by_year.items():
        assert (
            share <= max(w.shares["thin"] for w in windows if w.day.year == year) + 1e-9
        )  # two windows of a year share its room


def test_the_first_stage_is_the_exact_choice_with_obligations_first():
    candidates = [
        cut("dead", 0.08, 1, must=True),
        cut("a", 0.1, 9),
        cut("b", 0.04, 3),
        cut("c", 0.03, 2),
    ]
    stages, _ = staged(
        candidates, works_of(candidates), [window(2027, 3, 0.15), window(2028, 3, 0.15)], 0.0
    )
    assert set(stages[0].cuts) == {
        "dead",
        "b",
        "c",
    }  # the weightier limb does not fit beside what must go
    assert stages[1].cuts == ("a",)
    alone = choose_cuts([c for c in candidates if not c.must], 0.15)
    assert "a" in alone.chosen


def test_what_was_spent_this_year_leaves_less_room():
    candidates = [cut("a", 0.1)]
    assert staged(candidates, works_of(candidates), [window(2027, 6, 0.15)], 0.1)[1] == ("a",)
    assert staged(candidates, works_of(candidates), [window(2027, 6, 0.15)], 0.0)[1] == ()


def test_a_cut_waits_for_a_window_of_its_own_kind():
    candidates = [cut("skirt", 0.05)]
    stages, unplaced = staged(
        candidates,
        {"skirt": "skirt"},
        [window(2027, 3, 0.2), window(2027, 9, 0.2, ("skirt",))],
        0.0,
    )
    assert [s.day.month for s in stages] == [9]
    assert unplaced == ()


def test_what_fell_with_a_cut_further_down_is_not_cut_again():
    candidates = [cut("outer", 0.12, 6), cut("inner", 0.05, 1, within="outer")]
    stages, unplaced = staged(
        candidates, works_of(candidates), [window(2027, 3, 0.2), window(2028, 3, 0.2)], 0.0
    )
    assert [s.cuts for s in stages] == [("outer",)]
    assert unplaced == ()


def test_an_outer_cut_pays_only_for_what_is_still_on_it():
    candidates = [cut("outer", 0.12, 6), cut("inner", 0.05, 1, within="outer")]
    stages, _ = staged(
        candidates, works_of(candidates), [window(2027, 3, 0.06), window(2028, 3, 0.08)], 0.0
    )
    assert [s.cuts for s in stages] == [("inner",), ("outer",)]
    assert stages[1].share == pytest.approx(0.07)


def test_one_limb_too_large_for_every_window_goes_alone_and_says_so():
    candidates = [cut("huge", 0.4, 1, must=True), cut("small", 0.05, 1, must=True)]
    stages, unplaced = staged(
        candidates, works_of(candidates), [window(2027, 3, 0.1), window(2028, 3, 0.1)], 0.0
    )
    assert [(s.cuts, s.over) for s in stages] == [(("small",), False), (("huge",), True)]
    assert unplaced == ()
