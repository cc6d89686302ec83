"""Sections by their worked examples, which limb, hedging rounds, and frames that grow as the
recurrence says.
"""

from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.cuts.names import limb_names
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.geometry import height_m
from billhook.core.frame.model import Frame, Limb, Trunk
from billhook.core.heights.grow import grown, sectors_of
from billhook.core.heights.hedging import HedgeRow, hedging_round
from billhook.core.heights.renewal import School, course
from billhook.core.heights.section import Profile, profile_of, trade_rules, wall_cost
from billhook.core.heights.stairs import typical_leaf
from billhook.core.heights.standing import section_to_cap
from billhook.core.heights.ways import way
from billhook.core.heights.which import rank_limbs
from billhook.core.light.rows import Rows, Section

from ..plan.test_propose import tree_of

# worked figures, from memory
EXAMPLES = [
    ((7.0, 2.4, 12, 3.7, 0.6, 30), 3.282, 4.647, 4.8, True),
    ((6.0, 2.1, 5, 4.0, 0.6, 30), 3.305, 4.954, 4.2, False),
]


@pytest.mark.parametrize(("given_", "shoulder_w", "peak", "limit", "ok"), EXAMPLES)
def test_hedge_profiles_by_the_worked_examples(know, given_, shoulder_w, peak, limit, ok):
    profile = profile_of(*given_)
    assert profile.section.top_width_m == pytest.approx(shoulder_w, abs=0.01)
    assert profile.peak_m == pytest.approx(peak, abs=0.01)
    rule = trade_rules(know, Rows(28, 0, given_[0]), profile)[0]
    assert (rule.id, rule.kept) == ("twice-the-alley", ok)
    assert rule.most_m == pytest.approx(limit, abs=0.01)


@pytest.mark.parametrize("form", ["rounded", "spreading", "upright", "weeping"])
@pytest.mark.parametrize(("height", "spread"), [(3.0, 3.0), (5.5, 4.5), (9.0, 7.0)])
def test_a_trunk_nobody_measured_hardly_moves_the_leaf_above_a_height(know, form, height, spread):
    """As its catalogue row says: five points of a hundred over its whole range."""
    row = know["stairs/trunk-of-height"]
    usual, *ends = (
        typical_leaf(know, habit(know, form), height, spread, height * 1000 * part)
        for part in (row.value, row.low, row.high)
    )
    for part in (0.9, 0.8, 0.7, 0.55):
        assert all(abs(end(part) - usual(part)) <= 0.05 for end in ends)


def test_a_wall_that_hangs_over_its_foot_is_warned(know):
    for top, kept in ((3.0, True), (3.5, True), (4.0, False)):
        *_, rule = trade_rules(know, Rows(37, 0, 6.0), Profile(Section(3.0, 3.5, top, 0.5)))
        assert (rule.id, rule.kept) == ("leans-in", kept)
        assert ("stops bearing" in said(rule.reason)) is not kept


def test_height_by_latitude_and_bearing(know):
    """Rows 6.0 m apart, hedge 3.5 m wide at 37°: 3.75 m north-south, 2.81 m east-west (worked
    figure, from memory).
    """
    profile = Profile(Section(3.0, 3.5, 3.5, 0.5))
    ns, ew = (
        next(
            r for r in trade_rules(know, Rows(37, b, 6.0), profile) if r.id == "by-latitude"
        ).most_m
        for b in (0, 90)
    )
    assert ns == pytest.approx(3.75)
    assert ew == pytest.approx(2.81, abs=0.005)


def test_area_of_a_box_hedge_by_its_formula():
    profile = Profile(Section(3.7, 4.6, 3.2, 0.6), 25)
    assert profile.area_m2 == pytest.approx((4.6 + 3.2) / 2 * 3.1 + 3.2**2 * 0.46631 / 4, abs=1e-3)


@given(st.floats(0, 1.2), st.floats(0, 1.2))
def test_a_deeper_wall_takes_more_and_never_more_than_all(know, a, b):
    now = Profile(Section(3.6, 2.6, 2.2, 0.5))
    less, more = sorted((a, b))
    costs = [
        wall_cost(know, now, Profile(Section(3.6 - d, 2.6 - d, 2.2 - d, 0.5))) for d in (less, more)
    ]
    assert costs[0].volume_share <= costs[1].volume_share + 1e-9
    assert costs[0].shell_share <= costs[1].shell_share + 1e-9
    assert costs[0].crop.this_year <= costs[1].crop.this_year + 1e-9
    assert costs[1].shell_share <= 1 + 1e-9
    assert costs[0].wood_mm <= costs[1].wood_mm + 1e-9


def test_nothing_cut_costs_nothing_and_thick_wood_is_no_work_for_a_bar(know):
    now = Profile(Section(3.6, 2.6, 2.2, 0.5))
    same = wall_cost(know, now, now)
    assert (same.volume_m3, same.shell_share, same.crop.this_year) == (0, 0, 0)
    assert wall_cost(know, now, Profile(Section(3.0, 2.0, 1.6, 0.5)), thickest_mm=55).bar is False


LIMBS = (
    Limb("up", "trunk", 0.8, 60, 2.6, 78, 10, tip_mm=15, fruit=4),
    Limb("e", "trunk", 0.6, 60, 2.0, 45, 90, tip_mm=20, fruit=40),
    Limb("es", "e", 0.7, 30, 0.9, 30, 110),
    Limb("w", "trunk", 0.7, 60, 2.2, 40, 270, tip_mm=20, fruit=40),
    Limb("ups", "up", 0.6, 30, 0.8, 30, 60),
)


def test_the_most_upright_limb_with_little_fruit_goes_first(know):
    tree = tree_of(Frame(Trunk(120, 0.9), LIMBS, 0.25))
    first = rank_limbs(know, tree, 1.8, {})[0]
    assert first.limb == "up"
    assert first.takes_over == limb_names(tree.frame)["ups"]
    assert first.cut_height_m <= 1.8
    assert "most upright" in said(first.reasons[0])


def test_a_limb_cut_last_year_waits(know):
    tree = tree_of(
        Frame(
            Trunk(120, 0.9),
            tuple(replace(x, rise_deg=45, fruit=10) if x.on == "trunk" else x for x in LIMBS),
            0.25,
        )
    )
    fresh, again = rank_limbs(know, tree, 1.8, {}), rank_limbs(know, tree, 1.8, {"up": 1})
    assert (
        next(r for r in again if r.limb == "up").points
        < next(r for r in fresh if r.limb == "up").points
    )


ROWS = [HedgeRow(n, 60.0, 20, (170.0, 350.0)) for n in (1, 2, 3, 4)]


def test_faces_take_turns_where_growth_is_quiet(know):
    now, cut = Profile(Section(3.4, 2.6, 2.2, 0.5)), Profile(Section(2.8, 2.2, 1.8, 0.5))
    quiet = hedging_round(know, ROWS, now, cut, 3, 2027, 2, hot_sun=True)
    assert quiet.every == 2
    first, second = quiet.years
    assert all(len(p.facings) == 1 for p in first.passes)
    assert all(
        a.facings != b.facings for a, b in zip(first.passes, second.passes, strict=True)
    )  # every face within two years
    assert first.passes[0].facings != first.passes[1].facings  # the two faces of one alley
    strong = hedging_round(know, ROWS, now, cut, 5, 2027, 2, hot_sun=False)
    assert all(len(p.facings) == 2 for p in strong.years[0].passes)
    assert strong.years[0].machine_h > first.machine_h
    assert (strong.years[0].paint_l, first.paint_l > 0) == (0, True)
    # four rows, both faces and the top, at 15 m a minute with a turn each: 12 passes of 4 + 1.5
    # minutes, and half an hour to set up
    assert strong.years[0].machine_h == pytest.approx(12 * 5.5 / 60 + 0.5)


@given(
    st.integers(0, 15),
    st.sampled_from(["third-of-tree", "tip-only", "do-nothing", "limb-replacement"]),
    st.integers(1, 5),
)
def test_a_grown_tree_agrees_with_the_recurrence(know, seed, name, seasons):
    frame = sketch_frame(3.6, 3.2, 130, habit(know, "rounded"), seed, 0.25)
    parts = sectors_of(frame, 3)
    what = way(know, name)
    school = School(
        what.goes_down, len(parts), 0.5, 1.0, 1.5, 2.3, 6.0, (0.05, 0.5, 0.9), 1.2, tips=what.tips
    )
    tree = grown(frame, school, seasons)
    tops = [
        max(
            height_m(
                Frame(frame.trunk, tuple(x for x in frame.limbs if x.id.startswith(tuple(p))), None)
            )
            for _ in [0]
        )
        for p in parts
    ]
    numbers = course(school, tops, seasons)
    for drawn, line in zip(tree, numbers.years, strict=True):
        assert drawn.height_m == pytest.approx(line.height_m, abs=0.02)
        assert drawn.cut == line.cut
        if name != "do-nothing":
            assert drawn.crop == pytest.approx(line.crop, abs=1e-9)
    assert all(0 <= s.share <= 1 for s in tree)
    if name == "third-of-tree":
        assert tree[0].share > 0.1


def test_dense_mango_rows_are_held_at_a_width_of_their_own(know):
    """From memory: 1.8 to 2.4 m."""
    rows = Rows(25.0, 0.0, 6.0)

    def rule(width, species="mango"):
        found = trade_rules(know, rows, Profile(Section(2.8, width, 1.4, 0.6)), species=species)
        return {r.id: r.kept for r in found}.get("row-width")

    assert [rule(w) for w in (1.5, 2.2, 3.2)] == [False, True, False]
    assert rule(3.2, "avocado") is None
    assert section_to_cap(know, Section(4.0, 4.0, 3.0, 0.6), 3.0, 6.0, 2.4).base_width_m == 2.4
