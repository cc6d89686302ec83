"""Sketched frames keep what was given, and cross-sections at their forks."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.errors import InvalidInput
from billhook.core.frame.check import frame_problems
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.geometry import height_m, radius_m

HABITS = ["rounded", "spreading", "upright", "columnar", "weeping", "hedgerow"]


@given(
    st.sampled_from(HABITS),
    st.floats(0.9, 9),
    st.floats(0.25, 1.6),
    st.floats(20, 400),
    st.integers(0, 10_000),
    st.booleans(),
)
def test_sketch_reproduces_height_spread_and_trunk(know, name, height, slim, trunk, seed, budded):
    spread = height * slim
    frame = sketch_frame(
        height, spread, trunk, habit(know, name), seed, union_m=0.2 if budded else None, fruit=17
    )
    assert frame_problems(frame) == []
    assert height_m(frame) == pytest.approx(height, rel=0.02)
    assert 2 * radius_m(frame) == pytest.approx(spread, rel=0.02)
    assert frame.trunk.diameter_mm == trunk
    assert sum(x.fruit for x in frame.limbs) == 17


@pytest.mark.parametrize("name", HABITS)
def test_cross_sections_are_kept_at_every_fork(know, name):
    """Leonardo's rule (Eloy 2011, source named from memory, not consulted): areas below and above a
    fork are equal.
    """
    frame = sketch_frame(4, 3.6, 140, habit(know, name), 5)
    scaffolds = [x for x in frame.limbs if x.on == "trunk"]
    assert sum(x.base_mm**2 for x in scaffolds) == pytest.approx(140**2)
    for scaffold in scaffolds:
        borne = [x for x in frame.limbs if x.on == scaffold.id]
        at_the_end = [x for x in borne if x.at_m == pytest.approx(scaffold.length_m)]
        assert sum(x.base_mm**2 for x in at_the_end) == pytest.approx(scaffold.end_mm**2)
        assert sum(x.base_mm**2 for x in borne) == pytest.approx(scaffold.base_mm**2)


def test_same_seed_same_tree_other_seed_other_tree(know):
    form = habit(know, "rounded")
    assert sketch_frame(3, 3, 90, form, 1) == sketch_frame(3, 3, 90, form, 1)
    assert sketch_frame(3, 3, 90, form, 1) != sketch_frame(3, 3, 90, form, 2)


def test_an_impossible_tree_is_refused_by_field(know):
    with pytest.raises(InvalidInput) as refused:
        sketch_frame(100, 3, 1, habit(know, "rounded"), 1)
    assert [p.pointer for p in refused.value.problems] == ["/height_m", "/trunk_mm"]
