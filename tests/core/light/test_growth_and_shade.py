"""What a measured regrowth says, who shades whom, what a school weighs, and the inner light against
its law.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.aftercare.crop import yield_cost
from billhook.core.cuts.regrowth import measured_vigour
from billhook.core.errors import InvalidInput
from billhook.core.light.inner import inside, leaf_area_for, light_under
from billhook.core.light.shade import Crown, shades
from billhook.core.plan.schools import factor, school_reasons
from billhook.core.plan.skeleton import bare_bark, skeleton_cuts, warned

from ...refusing import refusing
from ..plan.test_propose import sketch

JUNE, DECEMBER = dt.date(2027, 6, 21), dt.date(2027, 12, 21)


@pytest.mark.parametrize("vigour", [1, 2, 3, 4, 5])
def test_regrowth_of_a_vigour_is_read_as_that_vigour(know, vigour):
    length = know.numbers("regrowth/season-m")[vigour - 1]
    season = know.days("regrowth/season-days")
    assert measured_vigour(know, length, season, 3).vigour == vigour
    assert (
        measured_vigour(know, length / 2, season // 2, 3).vigour == vigour
    )  # half a season, half the length
    assert measured_vigour(know, length, season, vigour).expected_m == pytest.approx(length)


@given(st.floats(0.05, 2), st.floats(0, 1), st.integers(60, 400))
def test_longer_shoots_never_mean_less_vigour(know, length, more, days):
    assert (
        measured_vigour(know, length + more, days, 3).vigour
        >= measured_vigour(know, length, days, 3).vigour
    )


def test_nothing_is_measured_before_it_has_grown(know):
    with refusing(InvalidInput, "too early"):
        measured_vigour(know, 0.1, 20, 3)


SOUTH_TALL = [Crown("low", 0, 0, 2.4, 1.2, 0.4), Crown("tall", 0, -2.5, 6.0, 1.4, 0.5)]


def test_a_tall_tree_to_the_south_takes_the_noon_sun(know):
    found = {(s.name, s.by): s for s in shades(SOUTH_TALL, 36.8, DECEMBER, 0.4, 4.0)}
    assert found["low", "tall"].lost > 2
    assert found["tall", "low"].lost < 0.3  # the low one stands behind it
    south = {(s.name, s.by): s for s in shades(SOUTH_TALL, -36.8, JUNE, 0.4, 4.0)}
    assert south["low", "tall"].lost < 0.3  # south of the line the winter sun stands in the north


def test_lowering_the_tall_one_gives_the_hours_back(know):
    now = next(s for s in shades(SOUTH_TALL, 36.8, DECEMBER, 0.4, 0.0) if s.name == "low")
    wanted = now.hours - now.lost / 2
    low = next(s for s in shades(SOUTH_TALL, 36.8, DECEMBER, 0.4, wanted) if s.name == "low")
    assert low.lower_to_m is not None
    assert low.lower_to_m < 6.0
    lowered = [SOUTH_TALL[0], replace(SOUTH_TALL[1], height_m=low.lower_to_m)]
    after = next(s for s in shades(lowered, 36.8, DECEMBER, 0.4, wanted) if s.name == "low")
    assert after.hours - after.lost >= wanted - 0.1


@given(st.floats(-45, 45), st.floats(2, 8), st.floats(0.5, 3), st.integers(0, 364))
def test_shade_never_exceeds_the_day_and_grows_with_height(know, latitude, distance, more, day):
    date = dt.date(2027, 1, 1) + dt.timedelta(days=day)
    near = Crown("near", 0, 0, 3, 1.2, 0.5)
    other = Crown("other", distance, 0, 3, 1.2, 0.5)
    a = next(s for s in shades([near, other], latitude, date, 0.4, 4) if s.name == "near")
    b = next(
        s
        for s in shades([near, replace(other, height_m=3 + more)], latitude, date, 0.4, 4)
        if s.name == "near"
    )
    assert 0 <= a.lost <= a.hours <= 24
    assert b.lost >= a.lost - 1e-9


def test_schools_multiply_and_name_themselves(know):
    stances = {"height": "tall", "middle": "open-windows", "vigour": "mulch"}
    assert factor(know, stances, "height") == 0
    assert factor(know, stances, "cluster") == pytest.approx(
        know.number("plan-schools/open-windows/factor")
    )
    assert factor(know, stances, "dead") == 1
    note = school_reasons(know, stances, {"cluster", "dead"})
    assert [r.code for r in note] == ["school-middle"]  # no limb was weighed by height
    assert note[0].school == "middle/open-windows"


def test_a_skeleton_too_near_the_sun_is_called_out(know):
    tree = sketch(know, 2)
    cuts = [c for c, _ in skeleton_cuts(know, tree)]
    crop = yield_cost(know, 0.7)
    near, far = (
        warned(know, tree, cuts, 0.7, tree.day, tree.day + dt.timedelta(days=d), None, crop)
        for d in (30, 120)
    )
    assert "too soon" in next(said(r) for r in near if r.code == "sun-date")
    assert "too soon" not in next(said(r) for r in far if r.code == "sun-date")
    second = next(r for r in far if r.code == "second-year")
    assert second.date > tree.day + dt.timedelta(days=300)
    assert bare_bark(know, tree.frame, cuts).area_m2 != pytest.approx(
        bare_bark(know, tree.frame, cuts[:-1]).area_m2
    )


@pytest.mark.parametrize(
    ("species", "group"),
    [
        ("avocado", "avocado"),
        ("navel-orange", "citrus"),
        ("guava", "other"),
        ("macadamia", "other"),
    ],
)
def test_inner_light_names_a_leaf_area_that_lets_enough_through(know, species, group):
    note = inside(know, species, group)
    row = note.catalogue_ids[0].split("/")[1]
    need, k = know.number(f"light/{row}/needed"), know.number(f"light/{row}/k")
    assert light_under(leaf_area_for(need, k), k) == pytest.approx(need)
    assert know.number(f"light/{row}/target") < know.number(f"light/{row}/leaf-area")
    assert f"{leaf_area_for(need, k):.1f}" in said(note)
