"""What a tree is asked by its kind, how it was raised, and where it stands; and what the answers
mean there.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said
from billhook.core.aftercare.quantities import clippings
from billhook.core.walk.findings import summary
from billhook.core.walk.looks import notes
from billhook.core.walk.questions import opened, questions_of
from billhook.core.walk.tree import WalkTree, clear_trunk_m

DAY = dt.date(2027, 3, 24)
YOUNG = WalkTree("avocado", "avocado", DAY, 1, 4, height_m=0.8)


def asked(know, tree: WalkTree) -> set[str]:
    return {q.id for q in questions_of(know, tree) if opened(q, {})}


def found(know, tree: WalkTree, **answers: str):
    answers = {k.replace("_", "-"): v for k, v in answers.items()}
    return summary(know, tree, questions_of(know, tree), answers).findings


def test_a_grafted_avocado_in_the_ground_is_not_asked_for_a_pinch(know):
    assert "young-pinch" in asked(know, YOUNG)
    grafted = replace(YOUNG, raised="grafted")
    assert "young-pinch" not in asked(know, grafted)
    assert "young-pinch" in asked(know, replace(grafted, pot_l=20.0))
    assert "young-pinch" in asked(know, replace(grafted, species="mandarin", group="citrus"))


def test_a_seedling_avocado_is_pinched_low_and_a_grafted_one_not_before_its_height(know):
    """Common practice: 0.2 to 0.3 m, just above a node."""
    (note,) = notes("young-pinch", replace(YOUNG, raised="seedling"), know, {})
    assert "between 0.20 m and 0.30 m" in said(note.reason)
    (note,) = notes("young-pinch", YOUNG, know, {})
    assert "between 0.90 m and 1.20 m" in said(note.reason)


@pytest.mark.parametrize(
    ("height", "words"), [(0.2, "From water to soil unhurried"), (0.6, "pot it first")]
)
def test_a_stem_still_in_water_has_one_answer_by_its_length(know, height, words):
    (finding,) = found(know, replace(YOUNG, height_m=height), young_pinch="water")
    text = said(finding.text)
    assert text.startswith(words) or words in text
    assert finding.work is None


def test_drawn_out_shoots_and_what_hangs_over_the_rim_are_work_of_the_pot(know):
    pot = WalkTree("lemon", "citrus", DAY, 6, 3, pot_l=40.0, height_m=1.2)
    leggy, droop = found(know, pot, pot_light="leggy droop")
    assert (leggy.work, droop.work) == ("pot", "pot")
    assert said(leggy.text).index("light first") < said(leggy.text).index("shortened")
    assert "measured from its rim" in said(droop.text)


@pytest.mark.parametrize(("ground", "least"), [("mown", 0.6), ("sprayed", 0.6), ("mulch", 0.45)])
def test_a_trunk_is_clear_as_high_as_the_work_under_it_asks(know, ground, least):
    """Common practice: 0.6 to 0.75 m where work passes under a tree, 0.45 to 0.6 m in a garden."""
    tree = WalkTree("mandarin", "citrus", DAY, 12, 3, ground=ground)
    assert least <= clear_trunk_m(tree, know) <= least + 0.15
    assert clear_trunk_m(replace(tree, form="bush"), know) == pytest.approx(0.2)


@pytest.mark.parametrize(
    ("more", "words"),
    [({}, "shortened to a side branch"), ({"humid": True}, "taken at their origin, not shortened")],
)
def test_what_touches_the_ground_is_shortened_on_dry_and_gone_on_wet_ground(know, more, words):
    tree = WalkTree("mandarin", "citrus", DAY, 12, 3, ground="mulch", **more)
    (finding,) = found(know, tree, skirt="touch")
    assert words in said(finding.text)
    assert finding.work == "skirt"


@pytest.mark.parametrize(
    ("ground", "words"), [("mulch", "skirt stays"), ("sprayed", "lifted above")]
)
def test_a_bush_over_a_sprayed_strip_has_one_answer(know, ground, words):
    ways = {"form": "to-the-ground"}
    tree = WalkTree(
        "mandarin", "citrus", DAY, 12, 3, form="bush", form_chosen=True, ground=ground, stances=ways
    )
    texts = [said(f.text) for f in found(know, tree, skirt="hides")]
    assert [words in t for t in texts] == [True]


def test_long_bare_shoots_are_tipped_until_they_branch_and_no_fruit_has_causes_in_order(know):
    tree = WalkTree("mandarin", "citrus", DAY, 12, 3)
    whips, never = found(know, tree, crossing="whips", crop="never")
    assert (whips.work, (whips.again - DAY).days) == ("tip", 45)
    assert "bend and break under fruit" in said(whips.text)
    assert never.work is None
    causes = [
        said(never.text).index(w) for w in ("seed", "light", "cut off", "frost", "nitrogen", "Feed")
    ]
    assert causes == sorted(causes)


def test_long_shoots_with_little_crop_are_answered_with_wood(know):
    tree = WalkTree("mandarin", "citrus", DAY, 12, 3)
    (rank,) = found(know, tree, crop="rank")
    assert (rank.work, "wood, not leaf" in said(rank.text)) == ("thin", True)
    assert "no nitrogen" in said(rank.text)


def test_fruit_is_thinned_by_one_rule_for_the_hand_and_counts_are_typed(know):
    """Common practice: two on each cluster."""
    tree = WalkTree("mango", "mango", DAY, 12, 3)
    (many,) = found(know, tree, crop="many")
    assert "leave 2 fruit on each cluster" in " ".join(said(r) for r in many.reasons)
    (grapefruit,) = found(know, replace(tree, species="grapefruit", group="citrus"), crop="many")
    assert "leave one fruit" in " ".join(said(r) for r in grapefruit.reasons)
    kinds = {q.id: q.kind for q in questions_of(know, replace(tree, age_years=2))}
    assert (kinds["thin-clusters"], kinds["load-fruit"]) == ("figure", "figure")


def test_a_moved_tree_carries_what_a_new_one_does(know):
    tree = WalkTree("navel-orange", "citrus", DAY, 15, 3, trunk_mm=90, moved=True, fruit_kg=0.23)
    (young,) = found(know, tree, crop="young", load_fruit="20")
    assert "carries 0" in " ".join(said(r) for r in young.reasons)
    grown = questions_of(know, replace(tree, moved=False))
    assert "load-fruit" not in {q.id for q in grown}


def test_an_empty_leafy_stalk_goes_into_normal_wood_and_mixed_bloom_waits(know):
    tree = WalkTree("mango", "mango", DAY, 12, 3)
    (stalk,) = found(know, tree, crop="leafy", leafy_fruit="no")
    assert "first ring below the stalk" in said(stalk.text)
    (mixed,) = found(know, tree, crop="mixed")
    assert (mixed.work, (mixed.again - DAY).days) == (None, 30)
    (flush,) = found(know, tree, crop="flush")
    assert "forty days" in said(flush.text)


@pytest.mark.parametrize(
    ("group", "humid", "ring"),
    [("avocado", False, 0.2), ("avocado", True, 0.3), ("citrus", False, 0.3)],
)
def test_mulch_stays_off_the_trunk_by_kind_and_climate(know, group, humid, ring):
    """Common practice: 0.15 to 0.3 m, more where bark stays wet."""
    tree = WalkTree("avocado", group, DAY, 12, 3, humid=humid)
    (note,) = notes("mulch", tree, know, {})
    assert f"{ring:.2f} m off the trunk" in said(note.reason)
    assert clippings(know, 50, group, humid=humid).ring_m == ring
