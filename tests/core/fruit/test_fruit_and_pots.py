"""Thinning, crop load and pots: worked figures from memory, common practice, and scipy."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.fruit.load import _t, crop_load, thinning
from billhook.core.pots import pot_cap, tip_dieback


@pytest.mark.parametrize("freedom", [4, 6, 9, 20, 60])
def test_students_t_agrees_with_scipy(freedom):
    assert _t(freedom) == pytest.approx(stats.t.ppf(0.975, freedom), rel=0.005)


@given(
    st.lists(st.integers(0, 12), min_size=5, max_size=40), st.integers(0, 4), st.integers(40, 400)
)
def test_the_interval_holds_the_mean_and_narrows_to_nothing(know, counts, keep, clusters):
    found = thinning(know, counts, keep, clusters)
    assert found.low <= found.per_cluster <= found.high
    assert found.remove_low <= found.remove <= found.remove_high
    whole = thinning(know, counts, keep, len(counts))
    assert whole.remove == sum(max(0, c - keep) for c in counts)
    assert whole.low == pytest.approx(whole.high)


def test_thinning_interval_against_scipy(know):
    counts = [4, 6, 3, 5, 7, 2, 8, 5]
    found = thinning(know, counts, 2, 100_000)
    low, high = stats.t.interval(0.95, 7, 3.0, stats.sem([c - 2 for c in counts]))
    assert (found.low, found.high) == (pytest.approx(low, rel=0.01), pytest.approx(high, rel=0.01))
    assert not found.enough
    for counts, clusters, at in (([3, 4], 50, "/counts"), ([3] * 9, 5, "/clusters")):
        with pytest.raises(InvalidInput) as refused:
            thinning(know, counts, 2, clusters)
        assert refused.value.problems[0].pointer == at


def test_crop_limit_of_a_navel_in_its_third_year(know):
    """Worked figure, from memory: a trunk of 50 mm carries 4.909 kg, 21 fruit of 230 g."""
    found = crop_load(know, [50], 3, 30, 0.23)
    assert (found.section_cm2, found.limit_kg) == (
        pytest.approx(19.635, abs=0.05),
        pytest.approx(4.909, abs=0.05),
    )
    assert (found.limit_fruit, found.remove) == (21, 9)
    assert crop_load(know, [50], 1, 4, 0.23).remove == 4
    assert crop_load(know, [30, 40], 9, 10, 0.23).section_cm2 == pytest.approx(19.635, abs=0.01)
    assert crop_load(know, [50], 3, 30, 0.013).limit_kg == pytest.approx(2 * 4.909, abs=0.05)


@pytest.mark.parametrize(("litres", "height"), [(19, 1.25), (57, 1.8), (95, 2.1), (190, 2.7)])
def test_pot_sizes(know, litres, height):
    """From memory: 19 L 1.25 m, 57 L 1.8 m, 95 L 2.1 m, 190 L 2.7 m."""
    assert pot_cap(know, litres, 1).cap_m == pytest.approx(height, abs=0.05)


def test_a_winter_room_may_be_lower_than_the_pot_allows(know):
    found = pot_cap(know, 190, 2.2, winter_room_m=2.4, pot_height_m=0.5)
    assert (found.by, found.cap_m, found.shorten_m) == (
        "winter room",
        pytest.approx(1.5),
        pytest.approx(0.7),
    )
    assert pot_cap(know, 57, 1.0, windy=True).cap_m == pytest.approx(
        0.8 * pot_cap(know, 57, 1.0).cap_m
    )
    with pytest.raises(InvalidInput):
        pot_cap(know, 57, 1.0, winter_room_m=0.8, pot_height_m=0.5)


def test_tip_dieback_takes_a_quarter_off_a_bad_top_and_less_off_a_green_one(know):
    """Common practice: 25 to 30 % off the top; a 1.7 m tree loses about 0.45 m."""
    bad = tip_dieback(know, 0.4, 1.7, "dead")
    assert bad.shorten_from_m <= 0.45 <= bad.shorten_to_m
    assert bad.shorten_to_m <= 1.7 / 3
    green = tip_dieback(know, 0.4, 1.7, "bare_green")
    early = tip_dieback(know, 0.4, 1.7, "small_leaves")
    assert early.shorten_to_m < green.shorten_to_m < bad.shorten_to_m
    assert tip_dieback(know, 0.02, 1.7, "dead").shorten_to_m == 0
    assert any("last leaves stay" in said(r) for r in bad.reasons)
