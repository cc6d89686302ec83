"""A side said at once moves what a plan's cuts cost."""

from __future__ import annotations

import pytest

from billhook.core.errors import InvalidInput
from billhook.core.fruit.by_side import Carries
from billhook.services.tree.by_side import say_side
from billhook.services.tree.views import tree_view

from ...places import TODAY, new_id
from ...refusing import refusing


def test_a_side_is_said_for_its_limbs_once(drawn):
    at, tree = drawn
    sent = new_id()
    for _ in range(2):
        say_side(at, tree, Carries(270.0, fruit=12), sent)
    view = tree_view(at, tree, TODAY, ("thin",))
    fruit = {x.id: x.fruit for x in view.frame.frame.limbs}
    assert (fruit["w"], fruit["e"]) == (12, 9)
    assert view.frame.drawn  # nothing else of the drawing changed


def test_what_cannot_be_said_is_refused(drawn, garden):
    at, tree = drawn
    with pytest.raises(InvalidInput) as nothing:
        say_side(at, tree, Carries(90.0))
    assert nothing.value.problems[0].pointer == "/fruit"
    with pytest.raises(InvalidInput) as empty:
        say_side(at, tree, Carries(0.0, fruit=3))  # limbs stand east and west
    assert empty.value.problems[0].pointer == "/side_deg"
    with refusing(InvalidInput, "not known"):
        say_side(at, garden.tree_ids[1], Carries(None, fruit=3))
