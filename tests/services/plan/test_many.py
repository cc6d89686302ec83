"""Sheets for many trees at once."""

from __future__ import annotations

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Frame, Limb, Trunk
from billhook.services.heights import aims
from billhook.services.holding import planting
from billhook.services.plan import counted, many, sheets
from billhook.services.tree import framing, observing
from billhook.store import places

from ...places import TODAY, new_id
from .test_proposals import crowded as crowded


def test_each_tree_gets_a_sheet_or_the_reason_why_not(crowded):
    at, tree = crowded
    bare = planting.plant(at, _site(at), "Novo", 1, 1, "mandarin", 2012, "clementine").tree_ids[0]
    request = new_id()
    found = many.make_sheets(at, request, [tree, bare, tree], "tidy", TODAY)
    (made,) = found.made
    assert (made.tree_id, made.day) == (tree, TODAY)
    view = sheets.sheet(at, made.sheet_id)
    assert made.cuts == len(view.lines) > 1
    (without,) = found.without
    assert without.tree_id == bare
    assert "not drawn" in said(without.says)
    again = many.make_sheets(at, request, [tree], "tidy", TODAY)
    assert again.made == found.made
    other = many.make_sheets(at, new_id(), [tree], "tidy", TODAY)
    assert "open already" in said(other.without[0].says)


def test_where_no_limb_is_drawn_there_is_a_recipe_to_count(garden):
    """In a row of thousands hardly any tree is drawn; its helper still gets what to cut."""
    at, site = garden.at, _site(garden.at)
    sized, bare = planting.plant(at, site, "Novo", 1, 2, "mandarin", 2012, "clementine").tree_ids
    for kind, value in (("height_m", "3.2"), ("trunk_mm", "140")):
        observing.observe(at, "tree", sized, kind, value, TODAY)
    found = many.make_sheets(at, new_id(), [sized, bare], "tidy", TODAY)
    (counts,) = found.to_count
    assert (counts.tree_id, counts.goal) == (sized, "tidy")
    assert counts.recipe == counted.recipe_for(at, sized, TODAY, "tidy").recipe
    assert counts.recipe.lines
    assert [w.tree_id for w in found.without] == [bare]  # of which no size is known
    assert found.made == ()


def test_without_a_goal_what_is_too_tall_is_lowered(garden):
    at, tree = garden.at, garden.tree_ids[0]
    limbs = (
        Limb("e", "trunk", 0.6, 60, 2.0, 45, 90, tip_mm=20),
        Limb("w", "trunk", 0.7, 60, 2.0, 40, 270, tip_mm=20),
        Limb("n", "trunk", 0.65, 32, 2.4, 80, 0, tip_mm=12),
    )
    frame = Frame(Trunk(110, 0.75), limbs, 0.25)
    framing.save_frame(at, tree, frame, garden.frame_id, {x.id for x in limbs}, TODAY)
    for goal in ("nonsense", "skeleton"):  # whose owner is told first what it costs
        with pytest.raises(InvalidInput):
            many.make_sheets(at, new_id(), [tree], goal, TODAY)
    assert many.make_sheets(at, new_id(), [tree], None, TODAY).made == ()  # nobody wants it lower
    aims.say_aim(at, tree, "tree", 2.3)
    (made,) = many.make_sheets(at, new_id(), [tree], None, TODAY).made
    assert {x.cut.limb_key for x in sheets.sheet(at, made.sheet_id).lines} == {"n"}


def _site(at) -> str:
    with at.store.reading() as session:
        return places.sites(session)[0].id
