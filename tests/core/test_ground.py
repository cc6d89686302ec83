"""Places on the earth and in plan, and rows counted out within an outline."""

from __future__ import annotations

from itertools import pairwise
from math import dist

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.ground import (
    crosses_itself,
    in_plan,
    inside,
    longest_side_deg,
    metres_per_degree,
    on_earth,
    rows_within,
)

FIELD = [(0.0, 0.0), (60.0, 0.0), (60.0, 30.0), (0.0, 30.0)]
BOW = [(0.0, 0.0), (60.0, 30.0), (60.0, 0.0), (0.0, 30.0)]
ELL = [(0.0, 0.0), (60.0, 0.0), (60.0, 10.0), (20.0, 10.0), (20.0, 30.0), (0.0, 30.0)]


@pytest.mark.parametrize(
    ("latitude", "east_km", "north_km"),
    # lengths of a degree on WGS 84 as printed in atlases and by surveys
    [(0, 111.320, 110.574), (15, 107.550, 110.649), (30, 96.486, 110.852), (45, 78.847, 111.132)],
)
def test_a_degree_is_as_long_as_in_the_tables(latitude, east_km, north_km):
    east, north = metres_per_degree(latitude)
    assert east / 1000 == pytest.approx(east_km, abs=0.002)
    assert north / 1000 == pytest.approx(north_km, abs=0.002)


@given(
    st.tuples(st.floats(-3000, 3000), st.floats(-3000, 3000)),
    st.tuples(st.floats(-179, 179), st.floats(-60, 60)),
)
def test_to_the_earth_and_back(spot, corner):
    there = on_earth(spot, corner)
    assert in_plan(there, corner) == pytest.approx(spot, abs=1e-4)
    assert (there[0] >= corner[0]) == (spot[0] >= 0) or abs(spot[0]) < 1e-6


def test_rows_are_counted_out_along_their_bearing():
    rows = rows_within(FIELD, 5.0, 4.0, 90.0)
    assert [len(r) for r in rows] == [15] * 6
    assert rows[0][0] == pytest.approx((2.0, 27.5)), "the first row is the northern one, from west"
    assert rows[-1][-1] == pytest.approx((58.0, 2.5))
    north = rows_within(FIELD, 5.0, 4.0, 0.0)
    assert [len(r) for r in north] == [7] * 12
    assert north[0][0] == pytest.approx((2.5, 2.0))


@given(st.floats(0, 179), st.floats(2, 9), st.floats(1, 6))
def test_all_stand_within_and_none_too_near_another(bearing, apart, step):
    rows = rows_within(ELL, apart, step, bearing)
    spots = [s for r in rows for s in r]
    assert inside(spots, ELL).all()
    for row in rows:
        assert all(dist(a, b) >= step - 1e-6 for a, b in pairwise(row))
    # about as many as the ground has room for: 1,000 m²
    assert len(spots) <= 1000 / (apart * step) * 1.5 + 8


def test_an_outline_that_crosses_itself_is_told():
    assert crosses_itself(BOW)
    assert not crosses_itself(FIELD)
    assert not crosses_itself(ELL)
    assert longest_side_deg(FIELD) == pytest.approx(90)
