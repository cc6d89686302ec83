"""Quantities after the cut, against worked figures, from memory."""

from __future__ import annotations

import datetime as dt

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.aftercare.crop import yield_cost
from billhook.core.aftercare.quantities import clippings, disinfectant, limb_mass, whitewash, wound
from billhook.core.cuts.limits import against_limit
from billhook.core.cuts.technique import advise
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.season.today import Verdict


def test_mass_of_an_avocado_limb(know):
    """Worked figure, from memory: 100 mm, 950 kg/m3: 4.61 m long, 20.6 kg of wood, 29.5 kg in all,
    twice that for lifting: on a line.
    """
    found = limb_mass(know, wood_parameters(know, "avocado"), 100)
    assert found.length_m == pytest.approx(4.61, rel=0.01)
    assert found.wood_kg == pytest.approx(20.6, rel=0.01)
    assert (found.total_kg, found.lift_kg) == (
        pytest.approx(29.5, rel=0.01),
        pytest.approx(59, rel=0.01),
    )
    assert found.lower_on_line
    assert not limb_mass(know, wood_parameters(know, "avocado"), 50).lower_on_line


@pytest.mark.parametrize(
    ("d", "total"), [(12, 0.29), (25, 1.4), (50, 5.8), (75, 14.8), (150, 80), (200, 165)]
)
def test_the_table_of_limb_masses(know, d, total):
    """From memory, table of limb volumes, density 950."""
    assert limb_mass(know, wood_parameters(know, "avocado"), d).total_kg == pytest.approx(
        total, rel=0.04
    )


def test_years_a_wound_takes(know):
    """Worked figure, from memory: 50 mm at vigour 3 closes in 3.1 years; a stub twice that."""
    assert wound(know, 50, 3).years == pytest.approx(3.1, abs=0.1)
    assert wound(know, 50, 3, stub=True).years == pytest.approx(6.25, abs=0.1)
    assert wound(know, 50, 3, weak=True, cool=True).years == pytest.approx(9.4, abs=0.1)
    assert wound(know, 60, 5, "lemon").too_large
    assert not wound(know, 40, 5, "lemon").too_large


def test_clippings_to_mulch(know):
    """Worked figure, from memory: 85 kg at 50 % water and 0.8 % nitrogen make 0.243 m3 of chips,
    0.34 kg of nitrogen, 2.43 m2 at 100 mm.
    """
    found = clippings(know, 85, depth_m=0.1)
    assert (found.chips_m3, found.dry_kg) == (pytest.approx(0.243, rel=0.01), 42.5)
    assert (found.nitrogen_kg, found.area_m2) == (
        pytest.approx(0.34),
        pytest.approx(2.43, rel=0.01),
    )


def test_whitewash_of_a_trunk(know):
    """Worked figure, from memory: a trunk 0.6 m round and 1.2 m high, two coats at 5 m2 a litre:
    0.288 l of mix, half of it paint.
    """
    found = whitewash(know, [(600 / 3.14159265, 1.2)])
    assert (found.mix_l, found.paint_l, found.water_l) == (
        pytest.approx(0.288, abs=0.005),
        pytest.approx(0.144, abs=0.005),
        pytest.approx(0.144, abs=0.005),
    )
    assert whitewash(know, (), [(100, 1.0)]).area_m2 == pytest.approx(0.6 * 0.314159, rel=0.01)
    with pytest.raises(InvalidInput):
        whitewash(know)


def test_bleach_for_tools(know):
    """Worked figure, from memory: 8.25 % bleach to 0.5 %, one litre: 60.6 ml."""
    assert disinfectant(
        know, "bleach", volume_l=1, stock=0.0825, target=0.005
    ).stock_ml == pytest.approx(60.6, abs=0.5)
    assert disinfectant(know, "alcohol", trees=24).rags == 3
    for agent, target, at in (("soap", None, "/agent"), ("bleach", 0.5, "/target")):
        with pytest.raises(InvalidInput) as refused:
            disinfectant(know, agent, target=target)
        assert refused.value.problems[0].pointer == at


def test_crop_given_up(know):
    """Worked figure, from memory: a quarter taken after harvest; a fifth taken after the fruit has
    set.
    """
    quarter = yield_cost(know, 0.25)
    assert (quarter.this_year, quarter.next_year, quarter.third_year) == (
        pytest.approx(0.208, abs=0.002),
        pytest.approx(0.057, abs=0.002),
        pytest.approx(0.008, abs=0.002),
    )
    late = yield_cost(know, 0.2, after_drop=True)
    assert (late.picked, late.this_year) == (0.0, pytest.approx(0.24, abs=0.002))
    assert yield_cost(know, 0.2, ripe_on=True).picked == 0.2


@given(st.floats(0, 1), st.floats(0, 1), st.booleans(), st.booleans(), st.booleans())
def test_more_taken_never_costs_less(know, a, b, drop, heavy, before):
    less, more = (yield_cost(know, x, False, drop, heavy, before) for x in sorted((a, b)))
    for year in ("this_year", "next_year", "third_year"):
        assert 0 <= getattr(less, year) <= getattr(more, year) + 1e-9 <= 1 + 2e-9


@pytest.mark.parametrize(
    ("gone", "share", "over"), [("l80", 6400 / 23000, True), ("l70", 4900 / 23000, False)]
)
def test_the_standard_s_quarter_against_the_worked_example(know, gone, share, over):
    """Limbs of 90, 80, 70 and 60 mm: the 80 is over a quarter of the canopy, the 70 is not (limit
    of the pruning standard as remembered).
    """
    frame = Frame(
        Trunk(160, 0.9),
        tuple(
            Limb(f"l{d}", "trunk", 0.8, d, 2.5, 45, 90 * i, tip_mm=10)
            for i, d in enumerate((90, 80, 70, 60))
        ),
        0.25,
    )
    answer = frame_answer(frame, [Cut(gone, 0.0)], wood_parameters(know, "avocado"))
    assert answer.canopy_share_removed == pytest.approx(share, rel=1e-6)
    verdict = Verdict("thin", dt.date(2027, 3, 24), "go", "Go", 0.25, (), None, None)
    assert against_limit(answer, verdict, know, share).fits is not over


@pytest.mark.parametrize(("side_mm", "weak"), [(22, True), (27, False)])
def test_a_third_takes_over_by_the_worked_example(know, side_mm, weak):
    """A parent of 75 mm: 22 mm is 0.293 of it and too weak, 27 mm is 0.360 and takes over
    (reduction ratio of the pruning standard as remembered).
    """
    parent = Limb("p", "trunk", 0.8, 76, 3.0, 45, 90, tip_mm=74)
    frame = Frame(Trunk(160, 0.9), (parent, Limb("s", "p", 1.5, side_mm, 1.2, 60, 60)), 0.25)
    answer = frame_answer(frame, [Cut("p", 1.51)], wood_parameters(know, "avocado"))
    found = advise(frame, answer.cuts[0], know, "thin", "avocado", 3)
    assert ("weak-side-branch" in [c.code for c in found.cautions]) is weak
