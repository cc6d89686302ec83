"""From findings to a plan: never above the limit but for what must go, the same twice, and each cut that is left has its reason."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.cuts.names import limb_names
from billhook.core.cuts.sheet_words import limb_words
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.share import frame_answer
from billhook.core.frame.wood import wood_parameters
from billhook.core.plan.propose import propose
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
    return replace(WalkTree("mandarin", "citrus", DAY, 12, 3, frame=frame, names=limb_names(frame), cap_m=2.5), **more).with_frame()


def sketch(know, seed: int, fruit: int = 0) -> WalkTree:
    return tree_of(sketch_frame(3.2, 3.0, 110, habit(know, "rounded"), seed, 0.25, fruit))


@given(st.integers(0, 40), st.sampled_from(["tidy", "open", "lower", "calm", "renew", "recover"]), st.floats(0, 0.4))
def test_a_plan_keeps_to_its_limit_and_accounts_for_every_cut(know, seed, goal, limit):
    tree = sketch(know, seed, 40)
    plan = propose(know, tree, goal, verdicts(), limit=limit)
    assert plan.over_limit or plan.share <= limit + 1e-9
    assert plan == propose(know, tree, goal, verdicts(), limit=limit)
    assert all(x.why for x in plan.left)
    assert not {c.id for c in plan.cuts} & {x.proposed.id for x in plan.left}
    if plan.cuts:
        real = frame_answer(tree.frame, [c.cut for c in plan.cuts], wood_parameters(know, "mandarin"))
        assert real.canopy_share_removed <= plan.share + 1e-6  # what the frame loses is never more than the plan said


@given(st.integers(0, 20), st.floats(0.02, 0.2), st.floats(0, 0.2))
def test_more_room_never_brings_less(know, seed, limit, more):
    less, wide = (propose(know, sketch(know, seed), "open", verdicts(0.5), limit=x) for x in (limit, limit + more))
    assert sum(c.benefit for c in wide.cuts) >= sum(c.benefit for c in less.cuts) - 1e-9


FORK = (Limb("e", "trunk", 0.6, 60, 2.0, 45, 90, tip_mm=20), Limb("w", "trunk", 0.7, 60, 2.2, 40, 270, tip_mm=20))


def test_what_must_go_over_the_limit_goes_in_stages(know):
    dying = (*FORK, Limb("b", "trunk", 0.5, 55, 1.8, 35, 180, tip_mm=18, state="broken"))
    plan = propose(know, tree_of(Frame(Trunk(110, 0.75), dying, 0.25)), "tidy", verdicts(0.15), limit=0.1)
    assert [c.cut.limb for c in plan.cuts] == ["b"]
    assert (plan.over_limit, plan.stages) == (True, 3)
    assert "3 stages" in plan.reasons[-1].text


def test_fruit_on_a_cut_is_weighed_against_the_rest(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    bare = propose(know, tree_of(Frame(Trunk(110, 0.75), (*FORK, low, high), 0.25)), "tidy", verdicts())
    laden = propose(know, tree_of(Frame(Trunk(110, 0.75), (*FORK, replace(low, fruit=30), replace(high, fruit=2)), 0.25)), "tidy", verdicts())
    points = [next(c.benefit for c in (*p.cuts, *(x.proposed for x in p.left)) if c.cut.limb == "low") for p in (bare, laden)]
    assert points[1] < points[0]


def test_a_closed_day_leaves_everything_but_what_is_free(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    tree = tree_of(Frame(Trunk(110, 0.75), (*FORK, low, high, Limb("k", "trunk", 0.1, 12, 0.4, 80, 200, tip_mm=4)), 0.25))
    plan = propose(know, tree, "tidy", verdicts(0.0, "wait"))
    assert [c.cut.limb for c in plan.cuts] == ["k"]
    assert {x.until for x in plan.left if x.proposed.cut.limb == "low"} == {dt.date(2027, 6, 1)}


def test_a_limb_named_on_the_walk_weighs_more(know):
    low, high = Limb("low", "e", 0.8, 18, 0.9, 30, 90), Limb("high", "e", 1.0, 18, 0.9, 34, 92)
    tree = tree_of(Frame(Trunk(110, 0.75), (*FORK, low, high), 0.25))
    plain, named = (next(c for c in propose(know, tree, "tidy", verdicts(), n).cuts if c.cut.limb == "low") for n in ((), (Cut("low", 0.0),)))
    assert named.benefit == pytest.approx(1.5 * plain.benefit)
    assert named.named
    chosen = propose(know, tree, "tidy", verdicts(0.5), (Cut("high", 0.0),))
    assert "high" in [c.cut.limb for c in chosen.cuts]  # the better of the pair, since it was named


def test_names_in_another_language_tell_the_same_limbs_apart(know):
    from billhook.catalogue.languages import LANGUAGES, language

    frame = sketch(know, 7).frame
    for code in LANGUAGES:
        names = limb_words(frame, language(code).phrases)
        assert names.keys() == {x.id for x in frame.limbs}
        assert len(set(names.values())) == len(set(limb_names(frame).values()))
    assert limb_words(frame, language("en").phrases) == limb_names(frame)
