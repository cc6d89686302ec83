"""Whose shoot, asked of a stored tree: its record is filled in."""

from __future__ import annotations

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.holding import planting, setting_up
from billhook.services.season import stances
from billhook.services.tree.observing import observe
from billhook.services.walk.shoots import whose_shoot

from ...places import TODAY


def test_the_record_gives_stock_and_region(garden):
    found = whose_shoot(garden.at, garden.tree_ids[0], {})
    assert (found.name, found.question.clue) == ("Baixo 1·1", "leaf_form")
    assert [value for value, _ in found.question.answers] == [
        "trifoliolate",
        "mixed",
        "unifoliolate",
        "leafless",
    ]
    assert any("snakes" in said(h) for h in found.hazards)
    settled = whose_shoot(
        garden.at, garden.tree_ids[0], {"leaf_form": "trifoliolate"}, diameter_mm=4
    )
    assert (settled.answer.verdict, settled.question, "finger" in said(settled.answer.action)) == (
        "rootstock_sucker",
        None,
        True,
    )


def test_an_unknown_stock_is_a_mix_by_region(garden):
    pot = whose_shoot(garden.at, garden.pot_id, {"origin": "soil"}).answer.probabilities[
        "rootstock_sucker"
    ]
    site = setting_up.set_up(garden.at, "G", "South", -33.0, "mediterranean-coast")
    row = planting.plant(garden.at, site.id, "Encosta", 1, 1, "lemon", 2015)
    south = whose_shoot(
        garden.at, row.tree_ids[0], {"leaf_form": "unifoliolate"}
    ).answer.probabilities["rootstock_sucker"]
    north = whose_shoot(
        garden.at, garden.pot_id, {"leaf_form": "unifoliolate"}
    ).answer.probabilities["rootstock_sucker"]
    assert pot > 0.5
    assert (
        south < north
    )  # in the south most stocks bear three leaflets, so one leaflet speaks for the tree


def test_a_frozen_top_makes_every_shoot_suspect(garden):
    before = whose_shoot(garden.at, garden.tree_ids[1], {}).answer.probabilities["rootstock_sucker"]
    observe(garden.at, "tree", garden.tree_ids[1], "freeze_class", "F5", TODAY)
    assert (
        whose_shoot(garden.at, garden.tree_ids[1], {}).answer.probabilities["rootstock_sucker"]
        > before
    )


def test_an_avocado_is_asked_its_own_questions(garden):
    row = planting.plant(
        garden.at, garden.site.id, "Alto", 1, 1, "avocado", 2015, "hass", "mexican-seedling"
    )
    found = whose_shoot(
        garden.at, row.tree_ids[0], {"origin": "below_union"}, skip=("leaf_form_vs_scion",)
    )
    state, words = found.asked[0].answers[1]
    assert (state, said(words)) == ("below_union", "below the union")
    assert found.answer.probabilities["rootstock_sucker"] > 0.9
    with pytest.raises(InvalidInput):
        whose_shoot(garden.at, row.tree_ids[0], {"petiole_wing": "wide_gt5mm"})


def test_shoots_at_the_union_go_by_the_way_of_working(garden):
    at, tree = garden.at, garden.tree_ids[0]

    def answer():
        clues = {"leaf_form": "unifoliolate", "origin": "at_union"}
        return whose_shoot(at, tree, clues).answer

    rubbed = answer()  # the usual way
    assert (rubbed.comes_off, said(rubbed.headline)) == (True, "At the union: it comes off")
    stances.choose(at, "holding", None, "union-shoots", "keep")
    kept = answer()
    assert not kept.comes_off
    assert "may stay" in said(kept.reasons[0])
    stock = whose_shoot(at, tree, {"leaf_form": "trifoliolate", "origin": "at_union"}).answer
    assert stock.verdict == "rootstock_sucker"  # whatever the way of working
