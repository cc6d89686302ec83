"""What a side carries lies on the limbs of that side."""

from __future__ import annotations

from billhook.core.fruit.by_side import Carries, carried

from ..frames import hand_worked


def test_fruit_is_dealt_by_leaf_and_the_other_side_keeps_what_was_said(know):
    """Of the hand-worked frame a stands east, b and b1 north; the sucker bears nothing."""
    east = carried(know, hand_worked(), Carries(90.0, fruit=20))
    assert {x.id: x.fruit for x in east.limbs} == {"a": 20, "b": 6, "b1": 5, "s": 0}
    north = carried(know, hand_worked(), Carries(0.0, fruit=20, bloom=0.5, flush="soft"))
    by = {x.id: x for x in north.limbs}
    assert by["b"].fruit + by["b1"].fruit == 20
    assert by["b"].fruit > by["b1"].fruit
    assert (by["b"].bloom, by["b1"].flush, by["a"].bloom, by["s"].flush) == (
        0.5,
        "soft",
        None,
        None,
    )
    whole = carried(know, hand_worked(), Carries(None, fruit=31))
    assert sum(x.fruit for x in whole.limbs) == 31
