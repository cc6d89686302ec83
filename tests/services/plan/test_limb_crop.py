"""The windows of limbs that carry none of this year's crop are those of a tree without one."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.core.frame.model import Cut
from billhook.services.heights import aims
from billhook.services.holding import planting, setting_up
from billhook.services.plan import cutting
from billhook.services.plan.proposals import plan_for
from billhook.services.plan.wishes import Wish
from billhook.services.tree import framing

from ...places import empty_workplace, forked_frame

DAY = dt.date(2027, 7, 10)


@pytest.fixture
def avocado(tmp_path):
    """A Hass on a mediterranean coast in July: fruit on its west limb, none on the east."""
    at = empty_workplace(tmp_path, DAY)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.7, "mediterranean-coast")
    tree = planting.plant(at, site.id, "Alto", 1, 1, "avocado", 2012, "hass").tree_ids[0]
    yield at, tree
    at.store.close()


def drawn(at, tree, day):
    frame = forked_frame()
    slender = {"base_mm": 30.0, "tip_mm": 12.0}  # so that its cut keeps to the day's share
    limbs = tuple(
        replace(x, fruit=0 if x.id in ("e", "e1") else x.fruit, **slender if x.id == "e" else {})
        for x in frame.limbs
    )
    measured = {x.id for x in limbs}
    framing.save_frame(at, tree, replace(frame, limbs=limbs), None, measured, day)


def test_a_limb_without_fruit_may_be_cut_while_the_bearing_ones_wait(avocado):
    at, tree = avocado
    drawn(at, tree, DAY)
    bare = cutting.preview(at, tree, [Cut("e", 1.5)], "thin", DAY)
    assert (bare.verdict.status, bare.verdict.price) == ("go", 0.0)
    assert bare.against.fits
    assert "limbs-without-fruit" in [r.code for r in bare.verdict.reasons]
    bearing = cutting.preview(at, tree, [Cut("w", 1.6)], "thin", DAY)
    both = cutting.preview(at, tree, [Cut("e", 1.5), Cut("w", 1.6)], "thin", DAY)
    assert bearing.verdict.status == both.verdict.status == "wait"


def test_the_plan_takes_what_carries_none_and_leaves_the_rest_for_its_window(avocado):
    at, tree = avocado
    drawn(at, tree, DAY)
    aims.say_aim(at, tree, "tree", 2.0)
    plan = plan_for(at, tree, Wish("lower", DAY))
    live = {p.cut.limb for p in plan.proposal.cuts if p.work == "height"}
    assert plan.day == DAY
    assert live == {"e"}
    (left,) = [x for x in plan.proposal.left if x.proposed.cut.limb == "w"]
    assert left.until > DAY
    assert plan.preview.verdict.status == "go"
    assert plan.crop.this_year == 0


def test_fruit_counted_on_the_last_crop_says_nothing_of_this_one(avocado):
    at, tree = avocado
    drawn(at, tree, DAY - dt.timedelta(days=200))
    found = cutting.preview(at, tree, [Cut("e", 1.5)], "thin", DAY)
    assert found.verdict.status == "wait"
