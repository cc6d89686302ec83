"""How a block lies, and the same moved, turned and spread out."""

from __future__ import annotations

from math import dist

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.ground import inside, rows_within
from billhook.core.lie import Lie, hull, lie_of, moved

FIELD = [(0.0, 0.0), (60.0, 0.0), (60.0, 30.0), (0.0, 30.0)]


def laid(bearing: float, apart: float = 6.0, step: float = 4.0):
    rows = rows_within(FIELD, apart, step, bearing)
    return {n: dict(enumerate(row, 1)) for n, row in enumerate(rows, 1)}


@given(st.floats(0, 359), st.floats(3, 9), st.floats(2, 6))
def test_what_was_counted_out_is_found_again(bearing, apart, step):
    found = lie_of(laid(bearing, apart, step))
    if found.bearing_deg is not None:
        assert (found.bearing_deg - bearing + 180) % 360 - 180 == pytest.approx(0, abs=1e-3)
        assert found.spacing_m == pytest.approx(step, rel=1e-3)
        if found.row_spacing_m is not None:
            # a row that is parted goes on behind the gap, so rows lie as far apart as they do
            assert found.row_spacing_m == pytest.approx(apart, rel=1e-3)


def test_a_gap_in_a_row_is_no_wider_spacing():
    rows = {1: {1: (0.0, 0.0), 3: (8.0, 0.0), 4: (12.0, 0.0)}, 3: {1: (0.0, -12.0)}}
    assert lie_of(rows) == Lie(90.0, 6.0, 4.0)


def test_little_that_stands_tells_little():
    assert lie_of({}) == Lie(None, None, None)
    assert lie_of({1: {1: (3.0, 4.0)}}) == Lie(None, None, None)
    # a tree a row: how far apart the rows are, and no more
    assert lie_of({1: {1: (0.0, 0.0)}, 2: {1: (0.0, -5.0)}}) == Lie(None, 5.0, None)


@given(
    st.floats(0, 359),
    st.floats(-500, 500),
    st.floats(-500, 500),
    st.floats(2, 12),
    st.floats(2, 12),
)
def test_a_block_lies_as_it_was_asked_to(bearing, east, north, apart, step):
    rows = laid(90)
    after = moved(rows, lie_of(rows), Lie(bearing, apart, step), east, north)
    found = lie_of(after)
    assert found.row_spacing_m == pytest.approx(apart, abs=0.03)
    assert found.spacing_m == pytest.approx(step, abs=0.03)
    assert (found.bearing_deg - bearing + 180) % 360 - 180 == pytest.approx(0, abs=0.1)
    first = rows[1][1]
    assert after[1][1] == pytest.approx((first[0] + east, first[1] + north), abs=0.006)
    # the second row stays on the right of the first
    assert [len(r) for r in after.values()] == [len(r) for r in rows.values()]


@given(st.floats(0, 359))
def test_turned_and_back_all_stand_where_they_stood(bearing):
    rows = laid(90)
    there = moved(rows, lie_of(rows), Lie(bearing, None, None), 0, 0)
    back = moved(there, Lie(bearing, None, None), Lie(90, None, None), 0, 0)
    far = [dist(back[n][p], spot) for n, row in rows.items() for p, spot in row.items()]
    assert max(far) < 0.03


def test_the_outline_holds_all_with_an_edge():
    spots = [s for row in laid(37).values() for s in row.values()]
    outline = hull(spots, 2.0)
    assert inside(spots, outline).all()
    assert inside([(x + 1.9, y) for x, y in spots], outline).all()
    assert not inside([(x + 100, y) for x, y in spots], outline).any()
    assert len(hull([(1.0, 1.0)], 2.0)) == 4
    assert hull([], 2.0) == []
