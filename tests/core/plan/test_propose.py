"""From findings to a plan: never above the limit but for what must go, the same twice, and each cut
that is left has its reason.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.cuts.names import limb_names
from billhook.core.cuts.sheet_words import limb_words
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.outline import Outline
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.plan.propose import propose
from billhook.core.plan.stages import Window
from billhook.core.season.model import WORKS
from billhook.core.season.today import Verdict
from billhook.core.walk.tree import WalkTree

DAY = dt.date(2027, 3, 24)


def verdicts(share: float | None = 0.2, status: str = "go") -> dict[str, Verdict]:
    """The same verdict for every kind of work; suckers and dead wood are free."""
    opens = dt.date(2027, 6, 1) if status in ("wait", "stop") else None
    free = {w: Verdict(w, DAY, "go", "Go", None, (), None, None) for w in ("sucker", "sanitation")}
    return {w: Verdict(w, DAY, status, status, share, (), None, opens) for w in WORKS} | free


def tree_of(frame: Frame, **more) -> WalkTree:
    return replace(
        WalkTree("mandarin", "citrus", DAY, 12, 3, frame=frame, names=limb_names(frame), cap_m=2.5),
        **more,
    ).with_frame()


def sketch(know, seed: int, fruit: int = 0) -> WalkTree:
    return tree_of(sketch_frame(3.2, 3.0, 110, habit(know, "rounded"), seed, 0.25, fruit))


@given(
    st.integers(0, 40),
    st.sampled_from(["tidy", "open", "lower", "calm", "renew", "recover"]),
    st.floats(0, 0.4),
)
def test_a_plan_keeps_to_its_limit_and_accounts_for_every_cut(know, seed, goal, limit):
    tree = sketch(know, seed, 40)
    plan = propose(know, tree, goal, verdicts(), limit=limit)
    assert plan.over_limit or plan.share <= limit + 1e-9
    assert plan == propose(know, tree, goal, verdicts(), limit=limit)
    assert all(x.why for x in plan.left)
    assert not {c.id for c in plan.cuts} & {x.proposed.id for x in plan.left}
    if plan.cuts:
        real = frame_answer(
            tree.frame, [c.cut for c in plan.cuts], wood_parameters(know, "mandarin")
        )
        assert (
            real.canopy_share_removed <= plan.share + 1e-6
        )  # what the frame loses is never more than the plan said


@given(st.integers(0, 20), st.floats(0.02, 0.2), st.floats(0, 0.2))
def test_more_room_never_brings_less(know, seed, limit, more):
    less, wide = (
        propose(know, sketch(know, seed), "open", verdicts(0.5), limit=x)
        for x in (limit, limit + more)
    )
    assert sum(c.benefit for c in wide.cuts) >= sum(c.benefit for c in less.cuts) - 1e-9


FORK = (
    Limb("e", "trunk", 0.6, 60, 2.0, 45, 90, tip_mm=20),
    Limb("w", "trunk", 0.7, 60, 2.2, 40, 270, tip_mm=20),
)


def test_what_must_go_over_the_limit_goes_in_stages(know):
    dying = (*FORK, Limb("b", "trunk", 0.5, 55, 1.8, 35, 180, tip_mm=18, state="broken"))
    plan = propose(
        know, tree_of(Frame(Trunk(110, 0.75), dying, 0.25)), "tidy", verdicts(0.15), limit=0.1
    )
    assert [c.cut.limb for c in plan.cuts] == ["b"]
    assert plan.over_limit
    assert "one-too-large" in [
        r.code for r in plan.reasons
    ]  # no window holds it whole, and the plan says so
    assert plan.stages[0].over


def test_obligations_over_the_limit_are_laid_out_over_windows_and_years(know):
    dying = (
        *FORK,
        *(
            Limb(k, "trunk", 0.5, 30, 1.2, 35, b, tip_mm=12, state="broken")
            for k, b in (("a", 0), ("b", 120), ("c", 200))
        ),
    )
    tree = tree_of(Frame(Trunk(110, 0.75), dying, 0.25))
    years = [
        Window(dt.date(y, 3, 10), dt.date(y, 1, 15), {"sanitation": 0.11, "thin": 0.11})
        for y in (2028, 2029, 2030)
    ]
    plan = propose(know, tree, "tidy", verdicts(0.15), limit=0.11, windows=years)
    assert plan.over_limit
    laid = [i for s in plan.stages for i in s.cuts]
    assert sorted(laid) == sorted(set(laid))
    assert {"a@0", "b@0", "c@0"} <= set(laid)
    assert plan.stages[0].day == DAY
    assert all(s.share <= s.limit + 1e-9 for s in plan.stages)
    assert [s.day for s in plan.stages] == sorted(s.day for s in plan.stages)
    assert f"in {len(plan.stages)} stages" in next(
        said(r) for r in plan.reasons if r.code == "over-limit"
    )


def test_what_does_not_fit_today_finds_its_window(know):
    tree = sketch(know, 3, 40)
    plan = propose(know, tree, "open", verdicts(), limit=0.03)
    off = {x.proposed.id for x in plan.left if not x.idle}
    assert off
    later = propose(
        know,
        tree,
        "open",
        verdicts(),
        limit=0.03,
        windows=[Window(dt.date(2028, 3, 1), dt.date(2028, 1, 15), dict.fromkeys(WORKS, 0.2))],
    )
    placed = {i for s in later.stages for i in s.cuts}
    assert placed
    assert placed | set(later.unplaced) <= off
    assert not placed & {c.id for c in later.cuts}


def test_a_school_changes_what_weighs_and_says_so(know):
    tree = sketch(know, 5, 40)
    tall = propose(
        know, replace(tree, stances={"height": "tall"}), "lower", verdicts(0.5), limit=0.3
    )
    low = propose(know, replace(tree, stances={"height": "low"}), "lower", verdicts(0.5), limit=0.3)
    assert any(c.look == "height" for c in low.cuts)
    assert not any(c.look == "height" for c in tall.cuts)  # fruit is stored up there
    assert "school-height" in [r.code for r in tall.reasons]
    assert "school-height" not in [r.code for r in low.reasons]


@given(st.integers(0, 20), st.floats(0.03, 0.3))
def test_a_machine_is_set_out_until_its_pass_keeps_to_the_limit(know, seed, limit):
    tree = sketch(know, seed)
    wall = Outline("wall", 2.2, 0.9, 0.5, 10, 30)
    plan = propose(know, tree, "lower", verdicts(0.5), limit=limit, by="machine", outline=wall)
    swept = [c.cut for c in plan.cuts if c.look == "wall" and c.must]
    assert (
        frame_answer(tree.frame, swept, wood_parameters(know, "mandarin")).canopy_share_removed
        <= limit + 1e-6
    )
    assert plan.set_out_m >= 0
    assert all(
        tree.frame.limb(c.limb).diameter_mm(c.keep_m) <= know.number("machine/largest-mm") + 1e-6
        for c in swept
    )


def test_hand_or_machine_changes_the_plan(know):
    tree = sketch(know, 3, 40)
    wall = Outline("wall", 2.2, 0.9, 0.5, 10, 30)
    ragged = propose(know, tree, "lower", verdicts(0.5), limit=0.4, by="ragged", outline=wall)
    machine = propose(know, tree, "lower", verdicts(0.5), limit=0.4, by="machine", outline=wall)
    assert {c.id for c in ragged.cuts if c.look == "wall"} != {
        c.id for c in machine.cuts if c.look == "wall"
    }
    assert "by-machine" in [r.code for r in machine.reasons]
    assert "by-hand-ragged" in [r.code for r in ragged.reasons]


def test_a_skeleton_keeps_limbs_all_round_and_one_upright(know):
    limbs = tuple(
        Limb(f"l{b}", "trunk", 0.7, 60 + b / 20, 2.0, 45, b, tip_mm=15) for b in range(0, 360, 45)
    )
    tree = tree_of(
        Frame(
            Trunk(140, 0.8), (*limbs, Limb("up", "trunk", 0.8, 55, 2.2, 80, 10, tip_mm=12)), 0.25
        ),
        stances={"middle": "dense"},
    )
    plan = propose(know, tree, "skeleton", verdicts(0.75), limit=1.0)
    off = {c.cut.limb for c in plan.cuts if c.cut.keep_m == 0}
    kept = {x.id for x in tree.frame.limbs} - off
    assert len(kept) == know.number("skeleton/limbs-stay")
    assert "up" in kept  # no vase on an evergreen
    turns = sorted(tree.frame.limb(k).bearing_deg for k in kept - {"up"})
    assert max((b - a) % 360 for a, b in zip(turns, turns[1:] + turns[:1], strict=True)) <= 135
    opened = propose(
        know,
        replace(tree, stances={"middle": "open-windows"}),
        "skeleton",
        verdicts(0.75),
        limit=1.0,
    )
    assert "up@0" in {c.id for c in opened.cuts}


def test_fruit_on_a_cut_is_weighed_against_the_rest(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    bare = propose(
        know, tree_of(Frame(Trunk(110, 0.75), (*FORK, low, high), 0.25)), "tidy", verdicts()
    )
    laden = propose(
        know,
        tree_of(
            Frame(Trunk(110, 0.75), (*FORK, replace(low, fruit=30), replace(high, fruit=2)), 0.25)
        ),
        "tidy",
        verdicts(),
    )
    points = [
        next(c.benefit for c in (*p.cuts, *(x.proposed for x in p.left)) if c.cut.limb == "low")
        for p in (bare, laden)
    ]
    assert points[1] < points[0]


def test_a_closed_day_leaves_everything_but_what_is_free(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    tree = tree_of(
        Frame(
            Trunk(110, 0.75),
            (*FORK, low, high, Limb("k", "trunk", 0.1, 12, 0.4, 80, 200, tip_mm=4)),
            0.25,
        )
    )
    plan = propose(know, tree, "tidy", verdicts(0.0, "wait"))
    assert [c.cut.limb for c in plan.cuts] == ["k"]
    assert {x.until for x in plan.left if x.proposed.cut.limb == "low"} == {dt.date(2027, 6, 1)}


def test_a_limb_named_on_the_walk_weighs_more(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    tree = tree_of(Frame(Trunk(110, 0.75), (*FORK, low, high), 0.25))
    plain, named = (
        next(c for c in propose(know, tree, "tidy", verdicts(), n).cuts if c.cut.limb == "low")
        for n in ((), (Cut("low", 0.0),))
    )
    assert named.benefit == pytest.approx(1.5 * plain.benefit)
    assert named.named
    chosen = propose(know, tree, "tidy", verdicts(0.5), (Cut("high", 0.0),))
    assert "high" in [c.cut.limb for c in chosen.cuts]  # the better of the pair, since it was named


def test_names_in_another_language_tell_the_same_limbs_apart(know):
    from billhook.catalogue.languages import language, languages

    frame = sketch(know, 7).frame
    for code in [known.code for known in languages()]:
        names = limb_words(frame, language(code).phrases)
        assert names.keys() == {x.id for x in frame.limbs}
        told = {said(name, code) for name in limb_names(frame).values()}
        assert len(set(names.values())) == len(told) == len(set(limb_names(frame).values()))
    assert limb_words(frame, language("en").phrases) == {
        limb: said(name) for limb, name in limb_names(frame).items()
    }
