"""What cuts take of a crop whose limbs are known."""

from __future__ import annotations

from dataclasses import replace

import pytest

from billhook.catalogue.wording import said
from billhook.core.frame.model import Cut
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.fruit.by_limb import half_of_few, of_the_crop

from ..frames import hand_worked


def costs(know, frame, *cuts: Cut):
    wood = wood_parameters(know, "mandarin")
    return frame_answer(frame, cuts, wood).cuts


def test_a_limb_without_fruit_costs_none_of_the_crop_that_has_set(know):
    """4, 6 and 5 fruit on limbs of 36, 64 and part of the 64 hundredths of the leaf."""
    frame = hand_worked()
    part, why = of_the_crop(know, frame, costs(know, frame, Cut("a", 0)), 0.36, {"fruit-to-come"})
    assert part == pytest.approx(4 / 15)
    assert "27 %" in said(why)
    bare = replace(
        frame, limbs=tuple(replace(x, fruit=0 if x.id == "a" else 9) for x in frame.limbs)
    )
    part, _ = of_the_crop(know, bare, costs(know, bare, Cut("a", 0)), 0.36, {"fruit-to-come"})
    assert part == 0
    # on a day that prices no fruit to come, the leaf says it
    assert of_the_crop(know, bare, costs(know, bare, Cut("a", 0)), 0.36, set()) == (0.36, None)


def test_a_limb_in_bloom_costs_by_its_bloom(know):
    frame = hand_worked()
    seen = {"a": 0.8, "b": 0.2}
    frame = replace(
        frame, limbs=tuple(replace(x, fruit=0, bloom=seen.get(x.id)) for x in frame.limbs)
    )
    full, why = of_the_crop(know, frame, costs(know, frame, Cut("a", 0)), 0.36, {"in-bloom"})
    bare, _ = of_the_crop(know, frame, costs(know, frame, Cut("b", 0)), 0.64, {"in-bloom"})
    assert full == pytest.approx(0.36 * 0.8 / 0.5)
    assert bare == pytest.approx(0.64 * 0.2 / 0.5)
    assert why.code == "by-limb"


@pytest.mark.parametrize(
    ("hung", "left", "asked"), [(12, 5, True), (12, 9, False), (400, 100, False), (0, 0, False)]
)
def test_half_of_few_fruit_is_asked_about(know, hung, left, asked):
    why = half_of_few(know, hung, left)
    assert (why is not None) == asked
    if why:
        assert said(why).startswith("7 of its 12 fruit go")
