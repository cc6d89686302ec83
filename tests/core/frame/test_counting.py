"""Cuts by counting: the share with its range, against frames whose truth is known."""

from __future__ import annotations

import datetime as dt
from math import sqrt

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.counting import Counted, count_cuts, counted, trunk_of
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.model import TRUNK, Frame, Limb, Trunk
from billhook.core.frame.sizes import size_problems
from billhook.core.frame.whip import head_whip
from billhook.core.heights.stairs import DayLimit, leaf_above, leaf_by_height, stairs
from billhook.core.plan.recipe import recipe

DAY = dt.date(2027, 2, 20)


def thumbs(know, n: int, sprout: bool = False) -> Counted:
    return counted(know, "thumb", n, sprout, False)


def test_three_thumb_thick_ones_by_hand(know, wood):
    """3 × 22² / 150² = 6.45 %; its range: 20 % of that, and 18 to 26 mm for each."""
    found = count_cuts(know, wood, 150, [thumbs(know, 3)], used_share=0.05)
    share = 3 * 484 / 22500
    around = sqrt((0.2 * share) ** 2 + 3 * ((26**2 - 18**2) / 45000) ** 2)
    assert found.share == pytest.approx(share)
    assert (found.low, found.high) == pytest.approx((share - around, share + around))
    assert found.year_share == pytest.approx(0.05 + share)
    assert found.wounds == ((22, 3),)
    assert found.hand_kg == pytest.approx(3 * found.heaviest_kg)


def test_sprouts_and_dead_wood_by_hand(know, wood):
    """A sprout of this season bears 0.3 of the leaf; dead wood none, but it weighs."""
    alive = count_cuts(know, wood, 150, [thumbs(know, 1)])
    sprout = count_cuts(know, wood, 150, [thumbs(know, 1, sprout=True)])
    dead = count_cuts(know, wood, 150, [counted(know, "thumb", 1, False, True)])
    assert sprout.share == pytest.approx(0.3 * alive.share)
    assert (dead.share, dead.low, dead.high) == (0, 0, 0)
    assert dead.hand_kg == pytest.approx(alive.hand_kg)


def test_measured_cuts_and_several_stems(know, wood):
    assert trunk_of([90, 120]) == pytest.approx(150)
    found = count_cuts(know, wood, trunk_of([90, 120]), [Counted(30, 2, 30, 30)])
    assert found.share == pytest.approx(0.08)
    assert found.high - found.share == pytest.approx(0.2 * 0.08)  # only the trunk is unsure


def test_against_the_limit_of_the_day(know, wood):
    codes = [
        [r.code for r in count_cuts(know, wood, 150, [thumbs(know, 3)], limit=x).reasons]
        for x in (0.05, 0.07, 0.2)
    ]
    assert ["over-limit" in c for c in codes] == [True, False, False]
    assert ["may-be-over" in c for c in codes] == [False, True, False]


def test_more_than_a_trunk_bears_is_refused_at_the_trunk(know, wood):
    with pytest.raises(InvalidInput) as refused:
        count_cuts(know, wood, 30, [thumbs(know, 3)])
    assert [p.pointer for p in refused.value.problems] == ["/trunk_mm"]


def test_the_range_holds_the_truth_four_times_in_five(know, wood):
    """Of a thousand trees with k from 0.8 to 1.2 and cuts of mixed classes, told by class alone."""
    rng = np.random.default_rng(16)
    classes = know.rows("thickness")
    held = 0
    for _ in range(1000):
        trunk, k = rng.uniform(80, 300), rng.uniform(0.8, 1.2)
        cuts, truth = [], 0.0
        for name in rng.choice(classes[:5], size=int(rng.integers(1, 5)), replace=False):
            one = counted(know, str(name), int(rng.integers(1, 5)), bool(rng.random() < 0.3), False)
            leaf = 0.3 if one.sprout else 1.0
            truth += sum(leaf * rng.uniform(one.least, one.most) ** 2 for _ in range(one.n))
            cuts.append(one)
        truth /= k * trunk**2
        if truth > 0.8:
            held += 1
            continue
        found = count_cuts(know, wood, trunk, cuts)
        held += found.low <= truth <= found.high
    assert 800 <= held <= 950


@given(
    st.floats(30, 600),
    st.sampled_from(["tidy", "open", "lower", "calm", "renew", "recover"]),
    st.floats(0, 0.4),
)
def test_a_recipe_keeps_to_the_limit_and_the_trunk(know, trunk, goal, limit):
    found = recipe(know, trunk, 4.0, goal, limit)
    assert found.share <= limit + 1e-9
    assert all(know.number(f"thickness/{x.thickness}/mm") <= trunk / 3 for x in found.lines)
    assert found.share == pytest.approx(sum(x.share for x in found.lines))


def test_a_recipe_by_hand(know):
    """Lowering a 15 ft orange with a trunk of 200 mm: a broom handle is 2.56 %, a thumb 1.21 %."""
    found = recipe(know, 200, 4.572, "lower", 0.08, "height", units="us")
    lines = {x.row: x for x in found.lines}
    assert (lines["tops"].n, lines["tops"].whole) == (3, False)
    assert lines["tops"].share == pytest.approx(3 * 32**2 / 200**2)
    assert "top-shoots" not in lines  # 0.3 % is left, a thumb takes more
    assert "sprouts" not in lines  # another kind of work
    assert lines["dead"].share == 0
    assert "12'0\"" in said(lines["tops"].where)
    assert recipe(know, 200, 4.5, "skeleton", 0.3).reasons[0].code == "no-recipe"


def upright(height: float) -> Frame:
    """A bare trunk of 1 m with one upright limb to a height, and one flat limb at 1 m."""
    return Frame(
        Trunk(100, 1.0),
        (
            Limb("up", TRUNK, 1.0, 80, height - 1, 90, 0, tip_mm=0.01),
            Limb("flat", TRUNK, 1.0, 60, 1.0, 0, 90, tip_mm=10),
        ),
    )


def test_leaf_above_a_height_by_hand():
    """Half way up, the limb of 80 mm is 40 mm: 1600 of the 6400 + 3600 that the two bear."""
    frame = upright(3.0)
    assert leaf_above(frame, 2.0) == pytest.approx(1600 / 10000, abs=1e-4)
    assert leaf_above(frame, 3.0) == 0
    assert leaf_above(frame, 0.5) == pytest.approx(1)


def test_stairs_by_hand():
    """From 3 m to 2 m: 16 % in one visit; with 4 % a day the limb is cut where it is 20 mm."""
    leaf = leaf_by_height([upright(3.0)])
    at_once = stairs(3.0, 2.0, 0.2, [DayLimit(DAY, 0.2, 0.5)], leaf)
    assert at_once.reached
    (visit,) = at_once.visits
    assert (visit.to_m, visit.price) == (2.0, 0.5)
    assert visit.share == pytest.approx(0.16, abs=2e-3)
    assert visit.after_m == pytest.approx(2.2)
    days = [DayLimit(DAY.replace(year=2027 + i), 0.04) for i in range(3)]
    steps = stairs(3.0, 2.0, 0.0, days, leaf)
    assert steps.visits[0].to_m == pytest.approx(2.5, abs=0.02)
    assert not stairs(3.0, 1.0, 1.5, days, leaf).reached


@given(st.floats(0.02, 0.5), st.floats(0, 1.0), st.floats(1.5, 3.4))
def test_no_visit_takes_more_than_its_day_allows(know, limit, regrow, wanted):
    form = habit(know, know.text("species/avocado/habit"))
    leaf = leaf_by_height([sketch_frame(3.5, 3.0, 120, form, 1)])
    days = [DayLimit(DAY + dt.timedelta(days=365 * i), limit) for i in range(6)]
    found = stairs(3.5, wanted, regrow, days, leaf)
    assert all(v.share <= limit + 1e-9 for v in found.visits)
    assert all(v.to_m >= wanted - 1e-9 for v in found.visits)
    assert found.reached == any(v.to_m <= wanted + 1e-6 for v in found.visits)


def test_days_out_of_order_are_refused():
    days = [DayLimit(DAY, 0.1), DayLimit(DAY, 0.1)]
    with pytest.raises(InvalidInput):
        stairs(3.0, 2.0, 0.2, days, leaf_by_height([upright(3.0)]))


def test_sizes_no_tree_has(know):
    assert not any(size_problems(know, 4.5, 4.0, 200).values())
    assert size_problems(know, 0.3, 4.0, None)["/height_m"]
    assert size_problems(know, 2.0, None, 3000)["/trunk_mm"]


def test_heading_a_whip_by_hand(know):
    """A stem of 1 m with leaves from 0.4 m up, cut at 0.7 m: half of its leafy 0.6 m."""
    found = head_whip(know, 1.0, 0.4, 0.7)
    assert found.share == pytest.approx(0.5)
    assert (found.low, found.high) == pytest.approx((0.4, 0.6))
    words = " ".join(said(r) for r in found.reasons)
    assert "50 % of its leaf" in words
    assert "above a leaf or a bud" in words
    bare = head_whip(know, 1.0, 0.4, 0.3)
    assert (bare.share, "below-leaves" in [r.code for r in bare.reasons]) == (1.0, True)
    small = head_whip(know, 0.65, 0.3, 0.5)
    assert small.too_small
    assert [r.code for r in small.reasons] == ["whip-small"]
    assert not head_whip(know, 0.65, 0.3, 0.5, in_pot=True).too_small
    for leaves, cut in ((1.2, 0.5), (0.4, 1.0), (0.4, 0.0)):
        with pytest.raises(InvalidInput):
            head_whip(know, 1.0, leaves, cut)
