"""Practice trees are trees, can be solved, and leave something alone; a debrief finds what was
done otherwise, says why and what it costs, the gravest first.
"""

from __future__ import annotations

import datetime as dt

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from billhook.core.errors import InvalidInput
from billhook.core.frame.check import frame_problems
from billhook.core.frame.finish import after_cuts
from billhook.core.frame.geometry import apart_deg, height_m
from billhook.core.frame.model import TRUNK, Cut
from billhook.core.frame.share import frame_answer
from billhook.core.practice.debrief import Decided, debrief
from billhook.core.practice.tree import practice_tree
from billhook.core.practice.troubles import TROUBLES, left_alone
from billhook.core.practice.ways import other_ways
from billhook.core.season.budget import yearly_budget
from billhook.core.season.season import season
from billhook.core.season.today import verdict

troubles = st.sampled_from(sorted(TROUBLES))
seeds = st.integers(0, 2000)
ALL = frozenset({"thorns", "ladder", "line", "sap"})


@settings(max_examples=150)
@given(trouble=troubles, seed=seeds, southern=st.booleans())
def test_every_practice_tree_is_a_tree_that_can_be_solved(know, wood, trouble, seed, southern):
    tree = practice_tree(know, trouble, seed, southern)
    assert frame_problems(tree.frame) == []
    assert practice_tree(know, trouble, seed, southern) == tree
    limbs = {x.id for x in tree.frame.limbs}
    assert {p.limb for p in tree.parts} <= limbs
    assert left_alone(tree.parts) >= 1
    if trouble != "frozen":
        assert tree.right
        answer = frame_answer(tree.frame, list(tree.right), wood)
        share = answer.canopy_share_removed or 0.0
        age = tree.day.year - tree.tree.planted_year
        if trouble != "whip":  # a young stem is trained by shoots, not by its canopy
            assert share <= yearly_budget(tree.tree, age, know).share + 0.05
        assert all(not c.void for c in answer.cuts)


@settings(max_examples=60)
@given(trouble=troubles, seed=seeds)
def test_what_is_right_is_told_as_right(know, trouble, seed):
    tree = practice_tree(know, trouble, seed)
    done = Decided((), True, ALL) if tree.waits else Decided(tree.right, False, ALL)
    found = debrief(know, tree, done)
    assert [r.kind for r in found.remarks if r.kind != "over"] == []
    assert found.yours.cuts == (() if tree.waits else tree.right)


@settings(max_examples=60)
@given(trouble=troubles, seed=seeds)
def test_what_is_wrong_is_found_with_its_reason_and_the_gravest_first(know, trouble, seed):
    tree = practice_tree(know, trouble, seed)
    leave = [p for p in tree.parts if p.act == "leave"]
    wrong = tuple(Cut(p.limb, 0.0) for p in leave[:1])
    found = debrief(know, tree, Decided(wrong))
    kinds = [r.kind for r in found.remarks]
    assert "not-needed" in kinds
    assert kinds.count("missed") == (0 if tree.waits else len(tree.right))
    assert kinds.count("danger") == len(tree.dangers)
    assert ("early" in kinds) == tree.waits
    grave = [r.grave for r in found.remarks]
    assert grave == sorted(grave, reverse=True)
    assert len(found.otherwise) == min(3, len(found.remarks))
    if tree.dangers:
        assert found.otherwise[0].kind == "danger"
    assert debrief(know, tree, Decided(wrong)) == found


@given(seed=seeds)
def test_the_day_of_the_story_is_as_the_season_says(know, seed):
    for trouble in TROUBLES:
        tree = practice_tree(know, trouble, seed)
        if trouble == "half-in-fruit":
            continue  # judged end by end: what carries nothing
        until = tree.day + dt.timedelta(days=430)
        answer = season(tree.site, tree.tree, know, tree.day, until, (tree.work,))
        today = verdict(answer, tree.work, tree.day)
        if tree.waits:
            assert today.status in ("wait", "stop", "light")
            assert verdict(answer, tree.work, tree.better).status == "go"
        else:
            assert today.status == "go"


def test_a_top_that_is_headed_is_a_cut_in_the_wrong_place(know):
    tree = practice_tree(know, "too-tall", 4)
    top = next(p for p in tree.parts if p.role == "top")
    headed = Cut(top.limb, top.keep_m + 0.4)
    found = debrief(know, tree, Decided((headed,), False, ALL))
    (place,) = [r for r in found.remarks if r.kind == "place"]
    assert place.limb == top.limb
    assert place.minutes > 0  # the sprouts that follow take time
    waited = debrief(know, tree, Decided((), True, ALL))
    assert "waited" in [r.kind for r in waited.remarks]


def test_what_is_unknown_is_refused(know):
    with pytest.raises(InvalidInput):
        practice_tree(know, "nothing", 1)
    with pytest.raises(InvalidInput):
        debrief(know, practice_tree(know, "skirt", 1), Decided((Cut("nobody", 0.0),)))
    with pytest.raises(InvalidInput) as refused:
        practice_tree(know, "half-in-fruit", 1, kind="lemon")
    assert refused.value.problems[0].pointer == "/kind"


def test_a_tree_is_of_the_kind_that_was_asked_for_and_else_of_one_of_its_kinds(know):
    for trouble in TROUBLES:
        kinds = know.text(f"practice/{trouble}/kinds").split()
        assert {practice_tree(know, trouble, s).kind for s in range(40)} == set(kinds)
        assert [practice_tree(know, trouble, 3, kind=k).kind for k in kinds] == kinds


@given(seed=seeds)
def test_a_potted_tree_cut_right_fits_its_room_and_uncut_does_not(know, seed):
    tree = practice_tree(know, "potted", seed)
    assert height_m(tree.frame) > tree.wanted_m >= height_m(after_cuts(tree.frame, tree.right))
    assert practice_tree(know, "too-tall", seed).wanted_m is None


@given(seed=seeds)
def test_a_wall_that_was_sheared_is_denser_than_a_sound_tree_and_one_side_is_heavy(know, seed):
    def limbs_a_main(trouble):
        limbs = practice_tree(know, trouble, seed).frame.limbs
        return len(limbs) / sum(x.on == TRUNK for x in limbs)

    assert limbs_a_main("dense") > 1.5 * limbs_a_main("six-from-one")
    tree = practice_tree(know, "one-sided", seed)
    mains = [x for x in tree.frame.limbs if x.on == TRUNK]
    heavy = max(mains, key=lambda x: x.base_mm)
    near = [x for x in mains if apart_deg(x.bearing_deg, heavy.bearing_deg) < 80]
    mean = [sum(x.length_m for x in part) / len(part) for part in (mains, near)]
    assert mean[1] > 1.05 * mean[0]


@settings(max_examples=20)
@given(trouble=troubles, seed=st.integers(0, 300))
def test_plans_do_what_the_look_was_about_on_a_day_that_allows_it_and_leave_what_stays(
    know, trouble, seed
):
    tree = practice_tree(know, trouble, seed)
    mine, other, none = other_ways(know, tree, {})
    stays = {p.limb for p in tree.parts if p.act == "leave"}
    assert none.cuts == ()
    for plan in (mine, other):
        assert plan.day >= (tree.better or tree.day)
        assert not stays & {c.limb for c in plan.cuts}
    if trouble not in ("frozen", "half-in-fruit"):
        assert {c.limb for c in tree.right} <= {c.limb for c in mine.cuts}
    # what a plan cuts besides is not told as a cut that nobody would make
    done = Decided(mine.cuts, False, ALL)
    found = debrief(know, tree, done, planned={c.limb for c in mine.cuts})
    assert "besides" not in [r.kind for r in found.remarks]


def test_what_could_hurt_somebody_is_of_the_kind_as_well_as_of_the_trouble(know):
    def dangers(trouble, kind):
        return practice_tree(know, trouble, 5, kind=kind).dangers

    assert "sap" in dangers("crossing", "mango")
    assert "sap" not in dangers("crossing", "mandarin")
    assert "thorns" in dangers("bare-tips", "lemon")
    assert "thorns" in dangers("suckers", "mandarin")
    assert dangers("suckers", "avocado") == ()
    assert set(dangers("too-tall", "mango")) == {"ladder", "sap"}


def test_the_day_that_was_chosen_is_judged_and_not_the_one_of_the_story(know):
    tree = practice_tree(know, "dense", 7, kind="mandarin")
    assert tree.waits

    def kinds(on):
        found = debrief(know, tree, Decided(tree.right, False, ALL, on))
        return [r.kind for r in found.remarks if r.kind != "over"]

    assert kinds(None) == ["early"]
    assert kinds(tree.better) == []
    assert kinds(tree.better - dt.timedelta(days=7)) == ["early"]
    half = debrief(know, tree, Decided(tree.right[:1], False, ALL, tree.better))
    assert [r.kind for r in half.remarks] == ["missed"]  # on its day what is left standing counts
    tall = practice_tree(know, "crossing", 7, kind="mandarin")
    autumn = dt.date(tall.day.year, 11, 20)
    late = debrief(know, tall, Decided(tall.right, False, ALL, autumn))
    (shut,) = [r for r in late.remarks if r.kind == "shut"]
    assert shut.grave == late.remarks[0].grave
