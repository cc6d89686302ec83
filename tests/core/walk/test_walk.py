"""The walk's sums: which limbs the drawing shows of a finding, what each cut takes, and dates and
quantities worked out at a question.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from math import dist

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.optimize import minimize

from billhook.catalogue.wording import said
from billhook.core.cuts.names import limb_names
from billhook.core.frame.droop import Pull, droop, pulled_modulus_gpa
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.near import angle_deg, nearest
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.walk.looks import notes
from billhook.core.walk.neighbours import balance, lagging
from billhook.core.walk.skirt import clearance
from billhook.core.walk.suggest import limb_options
from billhook.core.walk.tree import Companion, WalkTree

DAY = dt.date(2027, 3, 24)
coordinate = st.floats(-3, 3)
point = st.tuples(coordinate, coordinate, coordinate)


def walk_tree(*limbs: Limb, **more) -> WalkTree:
    """A grown clementine with these limbs."""
    frame = Frame(Trunk(110, 0.7), limbs, 0.25)
    return replace(
        WalkTree(
            "mandarin", "citrus", DAY, 12, 3, frame=frame, names=limb_names(frame), height_m=3.0
        ),
        **more,
    ).with_frame()


def shown(look: str, tree: WalkTree, know, **answers: str) -> dict[str, float]:
    """Limbs the drawing shows of a finding, with the length that is kept."""
    options = limb_options(look, tree, know, {k.replace("_", "-"): v for k, v in answers.items()})
    return {o.limb: o.keep_m for o in options if o.why is not None}


@given(point, point, point, point)
def test_the_nearest_points_of_two_limbs_agree_with_a_search(a0, a1, b0, b1):
    if dist(a0, a1) < 0.05 or dist(b0, b1) < 0.05:
        return
    gap, s, t = nearest((a0, a1), (b0, b1))

    def at(p, q, u):
        return tuple(p[i] + u * (q[i] - p[i]) for i in range(3))

    assert gap == pytest.approx(dist(at(a0, a1, s), at(b0, b1, t)), abs=1e-9)
    best = min(
        minimize(
            lambda u: dist(at(a0, a1, u[0]), at(b0, b1, u[1])) ** 2, start, bounds=[(0, 1), (0, 1)]
        ).fun
        for start in ([0.1, 0.1], [0.9, 0.9], [0.1, 0.9], [0.9, 0.1])
    )
    assert gap**2 <= best + 1e-6


def test_angles_of_limbs():
    assert angle_deg(((0, 0, 0), (1, 0, 0)), ((5, 5, 5), (5, 6, 5))) == pytest.approx(90)
    assert angle_deg(((0, 0, 0), (1, 0, 0)), ((0, 1, 0), (2, 1, 0))) == pytest.approx(0)


EAST = Limb("e", "trunk", 0.6, 60, 2.0, 30, 90, tip_mm=20)
WEST = Limb("w", "trunk", 0.7, 60, 2.0, 30, 270, tip_mm=20)


def test_of_a_rubbing_pair_the_one_that_grows_inward_goes(know):
    outward = Limb("a", "e", 0.8, 20, 1.4, 50, 90)
    inward = Limb("b", "e", 1.95, 20, 1.5, 20, 270)  # back over the trunk, through the other
    found = shown("rub", walk_tree(EAST, WEST, outward, inward), know)
    assert set(found) == {"a", "b"}
    options = {
        o.limb: o.why.code
        for o in limb_options("rub", walk_tree(EAST, WEST, outward, inward), know, {})
        if o.why
    }
    assert options == {"b": "rubs", "a": "rubbed"}
    worn = limb_options("rub", walk_tree(EAST, WEST, outward, inward), know, {"rub-worn": "a@0"})
    assert {o.limb: o.why.code for o in worn if o.why} == {"a": "rubs", "b": "rubbed"}
    assert shown("rub", walk_tree(EAST, WEST), know) == {}  # two that leave one trunk do not rub


def test_of_two_parallels_the_lower_goes(know):
    low, high = Limb("low", "e", 0.8, 20, 0.9, 20, 90), Limb("high", "e", 1.0, 20, 0.9, 25, 92)
    codes = {
        o.limb: o.why.code
        for o in limb_options("parallel", walk_tree(EAST, WEST, low, high), know, {})
        if o.why
    }
    assert codes == {"low": "parallel-lower", "high": "parallel-upper"}


def test_a_cluster_is_cut_below_it_or_thinned_to_its_best(know):
    crowd = [
        Limb(f"c{n}", "e", 1.2 + n * 0.01, 12, 0.5, rise, n * 90)
        for n, rise in enumerate((80, 45, 10, 70))
    ]
    found = shown("cluster", walk_tree(EAST, WEST, *crowd), know)
    assert found["e"] == pytest.approx(1.18)  # below the lowest of them
    assert set(found) == {"e", "c0", "c3"}  # two stay, spread round; the upright ones go
    six = [
        Limb(f"s{n}", "trunk", 0.5 + n * 0.005, 20, 1.0, rise, n * 60)
        for n, rise in enumerate((85, 45, 40, 50, 45, 40))
    ]
    gone = shown("cluster", walk_tree(*six), know)
    stay = [x.bearing_deg for x in six if x.id not in gone]
    assert len(stay) == 3  # common practice: two or three, about a third of the round apart
    assert {round((b - a) % 360) for a, b in zip(stay, stay[1:] + stay[:1], strict=True)} == {120}
    assert "s0" in gone
    assert shown("cluster", walk_tree(EAST, WEST, *crowd[:3]), know) == {}


def test_dead_wood_goes_to_the_live_junction_below(know):
    dead_top = replace(EAST, state="broken")
    live = Limb("s", "e", 1.1, 22, 0.8, 30, 45)
    dead = Limb("d", "w", 1.5, 15, 0.4, 10, 300, state="dead")
    assert shown("dead", walk_tree(dead_top, WEST, live, dead), know) == {
        "e": pytest.approx(1.12),
        "d": 0.0,
    }


def test_only_the_limb_over_the_cap_is_lowered_and_to_a_side_branch_of_a_third(know):
    tall = Limb("t", "trunk", 0.7, 50, 2.6, 85, 0, tip_mm=20)
    thin, thick = Limb("n", "t", 1.4, 8, 0.6, 30, 90), Limb("k", "t", 1.2, 24, 0.7, 30, 180)
    tree = walk_tree(tall, EAST, thin, thick, cap_m=2.5)
    assert shown("height", tree, know) == {"t": pytest.approx(1.22)}


def test_a_skirt_limb_is_named_by_its_sag_and_the_pull_settles_its_stiffness(know):
    low = Limb("low", "trunk", 0.7, 26, 1.8, 5, 90, tip_mm=8, fruit=12)
    tree = walk_tree(low, EAST, WEST, fruit_kg=0.1)
    clear, reason = clearance(tree, know, {})
    assert set(shown("skirt", tree, know)) == {"low"}
    assert (clear, reason.catalogue_ids) == (0.5, ("clearance/garden/height",))
    # a pull that hardly bends it: the wood is stiffer than thought, and the limb stays clear
    assert shown("skirt", tree, know, skirt_limbs="low@0", skirt_pull="5", skirt_drop="0.01") == {}
    modulus = pulled_modulus_gpa(1.8, 26, 8, Pull(5, 0.01))
    calibrated = droop(know, 1.8, 26, 8, 5, 1.0, 1.0, 0.5, modulus)
    assert calibrated.drop_m == pytest.approx(
        0.01
    )  # the beam with the measured stiffness repeats the pull


def test_clearance_is_the_highest_that_applies(know):
    tree = walk_tree(EAST, WEST)
    assert clearance(tree, know, {"ground": "sprayed"})[0] == 0.75
    assert clearance(tree, know, {"form": "bush"})[0] == 0.15
    assert clearance(replace(tree, humid=True), know, {})[0] == 0.65
    assert clearance(replace(tree, form="bush", dangers=frozenset({"snakes"})), know, {})[0] == 0.6


def test_what_an_option_costs_is_what_the_frame_says(know):
    tree = walk_tree(
        EAST,
        WEST,
        Limb("s", "e", 1.0, 30, 0.9, 40, 45, fruit=3),
        Limb("t", "s", 0.5, 10, 0.3, 20, 90, fruit=2),
    )
    whole = frame_answer(tree.frame, [Cut("s", 0.0)], wood_parameters(know, "mandarin")).cuts[0]
    option = next(o for o in limb_options("rub", tree, know, {}) if o.limb == "s")
    assert (option.share, option.fruit, option.wound_mm) == (
        pytest.approx(whole.share),
        whole.fruit_lost,
        pytest.approx(whole.wound_mm),
    )


def test_the_cost_of_delay_by_hand(know):
    """A low branch of 20 mm against two of 60: 400 / 7600 today; at 28 mm next year 784 / 7984."""
    low = Limb("low", "trunk", 0.3, 20, 0.8, 20, 180, tip_mm=6)
    note = notes("form", walk_tree(EAST, WEST, low), know, {"form": "tree"})[0].reason
    assert note.used["share now"] == pytest.approx(400 / 7600, abs=5e-4)
    assert note.used["share in a year"] == pytest.approx(784 / 7984, abs=5e-4)
    assert "28 mm" in said(note)
    assert shown("form-low", walk_tree(EAST, WEST, low), know, form="tree") == {"low": 0.0}
    assert notes("form", walk_tree(EAST, WEST, low), know, {"form": "bush"})[0].of == ()


@given(st.floats(3, 40), st.integers(1, 5))
def test_a_tie_with_more_slack_comes_off_later_and_never_in_the_past(know, gap, vigour):
    tree = replace(walk_tree(EAST), vigour=vigour)
    found = [notes("tie", tree, know, {"tie-gap": str(g)})[0].reason for g in (gap, gap + 1)]
    off = [dt.date.fromisoformat(str(r.used["off by"])) for r in found]
    assert DAY <= off[0] <= off[1]
    assert all(r.date <= dt.date.fromisoformat(str(r.used["off by"])) for r in found)


def test_a_tree_that_lags_and_a_planting_out_of_balance(know):
    tree = walk_tree(EAST, WEST)
    assert lagging(replace(tree, row_mean_m=3.5), know) is None
    assert lagging(replace(tree, row_mean_m=4.5), know).code == "lags"
    south = Companion("the other", 4.0, 3.0, 180, 4)
    codes = {
        a: balance(replace(tree, companions=(c,)), know)[0]
        for a, c in (
            ("tall", south),
            ("low", replace(south, height_m=2.0)),
            ("even", replace(south, height_m=3.1)),
        )
    }
    assert {a: r.code for a, r in codes.items()} == {
        "tall": "outgrown",
        "low": "outgrows",
        "even": "balanced",
    }
    assert "stands in the sun before it" in said(codes["tall"])
    southern = balance(replace(tree, southern=True, companions=(south,)), know)[0]
    assert "stands in the sun before it" not in said(southern)


def test_quantities_said_at_their_question(know):
    thin = notes(
        "thinning", walk_tree(EAST), know, {"thin-counts": "4 6 3 5 7", "thin-clusters": "60"}
    )
    assert (
        thin[0].reason.used["take off"] == 180
    )  # three too many on each of sixty, two left on each
    assert "count at least" in said(
        notes("thinning", walk_tree(EAST), know, {"thin-counts": "4 6", "thin-clusters": "60"})[
            0
        ].reason
    )
    load = notes(
        "crop-load",
        walk_tree(EAST, age_years=3, fruit_kg=0.23),
        know,
        {"load-fruit": "30", "union-trunk": "50"},
    )[0].reason
    assert "take off 9" in said(
        load
    )  # worked figure, from memory: a trunk of 50 mm carries 21 of 230 g
    pot = walk_tree(EAST, pot_l=57.0, height_m=2.4, winter_room_m=None)
    note = {n.reason.code: n.reason for n in notes("pot", pot, know, {})}
    assert note["pot-tall"].used["cap, m"] == pytest.approx(
        1.81, abs=0.01
    )  # from memory: a pot of 57 litres
    assert "two people" in said(note["pot-carry"])
