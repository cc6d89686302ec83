"""What a season's work asks for, against sums made by hand."""

from __future__ import annotations

from math import pi

import pytest

from billhook.core.aftercare.supplies import Taken, supplies_for, taken_of, together
from billhook.core.frame.wood import typical_limb_kg, wood_parameters


def test_cross_sections_add_up_to_the_share_of_the_trunks(know):
    """A third of a tree of 200 mm off in limbs of 70 mm: 0.3 times the trunk's 314 cm2 of wood."""
    taken = taken_of(know, "avocado", "renewal", 200.0, 0.3, sun=False)
    assert taken.cuts == pytest.approx(0.3 * (200 / 70) ** 2)
    assert taken.saw_cm2 == pytest.approx(0.3 * pi / 4 * 20**2)
    assert taken.secateurs_cm2 == 0
    limb = typical_limb_kg(70, wood_parameters(know, "avocado"))
    assert taken.fresh_kg == pytest.approx(taken.cuts * limb)
    # nothing of it can be more than the tree itself
    assert taken.fresh_kg < typical_limb_kg(200, wood_parameters(know, "avocado"))


def test_more_taken_asks_for_more_and_sun_for_paint(know):
    fifth, third = (taken_of(know, "mango", "renewal", 180.0, s, sun=True) for s in (0.2, 0.33))
    shade = taken_of(know, "mango", "renewal", 180.0, 0.33, sun=False)
    assert third.fresh_kg > fifth.fresh_kg
    assert third.bark_m2 > fifth.bark_m2 > shade.bark_m2 == 0
    assert supplies_for(know, third).whitewash_l > 0
    assert supplies_for(know, shade).whitewash_l == 0
    # tips bare nothing, in any sun
    assert taken_of(know, "mango", "tip", 180.0, 0.08, sun=True).bark_m2 == 0


def test_a_thin_tree_is_cut_no_thicker_than_it_is(know):
    thin = taken_of(know, "lemon", "skeleton", 40.0, 0.9, sun=False)
    assert thin.cuts == pytest.approx(0.9)


def test_what_cannot_be_told_is_not_made_up(know):
    assert taken_of(know, "lemon", "thin", None, 0.2, sun=True) == Taken(unsized=1)
    assert taken_of(know, "lemon", "look", None, None, sun=True) == Taken()
    # suckers are counted by the tree, whatever its size
    suckers = taken_of(know, "lemon", "sucker", None, None, sun=True)
    assert (suckers.cuts, suckers.fresh_kg, suckers.unsized) == (3, 0, 0)


def test_parts_of_work_ask_for_what_the_whole_does(know):
    whole = taken_of(know, "navel-orange", "height", 150.0, 0.15, sun=True).part(40)
    halves = [supplies_for(know, whole.part(0.5), "citrus")] * 2
    both, at_once = together(know, halves), supplies_for(know, whole, "citrus")
    for name in ("chips_m3", "mulch_m2", "whitewash_l", "disinfectant_l", "saw_blades"):
        assert getattr(both, name) == pytest.approx(getattr(at_once, name)), name
    assert both.rags == at_once.rags == 4
    assert at_once.disinfectant_l == pytest.approx(40 * know.number("disinfectant/per-tool"))
