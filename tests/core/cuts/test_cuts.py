"""Technique, tool, order, words and come-back dates of cuts."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.cuts.comeback import Then, come_backs, come_backs_of
from billhook.core.cuts.limits import against_limit, share_of
from billhook.core.cuts.names import forks, limb_names, position_words
from billhook.core.cuts.technique import advise
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.frame.share import frame_answer
from billhook.core.season.model import Span
from billhook.core.season.today import Verdict
from billhook.core.words.units import diameter_words, length_words, weight_words

from ..frames import hand_worked


def one(
    know,
    wood,
    frame: Frame,
    cut: Cut,
    work: str = "thin",
    species: str = "navel-orange",
    units="metric",
):
    answer = frame_answer(frame, [cut], wood)
    return advise(frame, answer.cuts[0], know, work, species, 3, units)


def straight(base: float, at: float = 0.5, length: float = 1.0, rise: float = 10, **more) -> Frame:
    return Frame(
        Trunk(300, 1.0),
        (Limb("x", "trunk", at, base, length, rise, 90, tip_mm=base, **more),),
        union_m=0.2,
    )


@pytest.mark.parametrize(
    ("base", "state", "tool", "cuts"),
    [
        (19, "live", "hand-pruner", 1),
        (19, "dead", "lopper", 1),
        (30, "live", "lopper", 1),
        (41, "live", "hand-saw", 3),
        (120, "live", "chainsaw", 3),
    ],
)
def test_tool_by_diameter(know, wood, base, state, tool, cuts):
    advice = one(know, wood, straight(base, state=state, length=0.4), Cut("x", 0))
    assert (advice.tool_id, advice.cuts_needed) == (tool, cuts)


@pytest.mark.parametrize(
    ("base", "at", "tool"),
    [
        (60, 3.0, "pole-saw"),
        (90, 3.0, "hand-saw"),
        (120, 3.0, "arborist"),
        (90, 5.0, "hand-saw"),
        (120, 5.0, "arborist"),
        (120, 1.5, "chainsaw"),
    ],
)
def test_a_chainsaw_is_for_the_ground_alone(know, wood, base, at, tool):
    """Common practice: both feet on the ground, never on a ladder nor on a pole."""
    tall = Frame(Trunk(300, 5.2), (Limb("x", "trunk", at, base, 0.8, 0, 0, tip_mm=base),))
    assert one(know, wood, tall, Cut("x", 0)).tool_id == tool


def test_minutes_of_a_worked_cut(know, wood):
    """From memory: 60 mm by hand saw in three cuts takes (0.3 + 0.035 x 36) x 1.6 minutes in reach,
    doubled on a tripod.
    """
    low = one(know, wood, straight(60, at=1.0), Cut("x", 0))
    assert low.minutes == pytest.approx((0.3 + 0.035 * 36) * 1.6)
    tall = Frame(Trunk(300, 5.2), (Limb("x", "trunk", 5.0, 60, 1, 0, 0, tip_mm=60),))
    high = one(know, wood, tall, Cut("x", 0))
    assert high.minutes == pytest.approx((0.3 + 0.035 * 36) * 1.6 * 2)
    assert "up-high" in [c.code for c in high.cautions]


def test_heavy_limbs_come_off_in_steps_the_tool_can_make(know, wood):
    """Over 2 kg in the hand: shears cut long first and then close; a saw cuts three times (common
    practice).
    """
    heavy = one(know, wood, straight(30, length=3.0), Cut("x", 0))
    assert (heavy.tool_id, heavy.cuts_needed) == ("lopper", 2)
    assert said(heavy.technique).startswith("Heavy: cut it long first")
    sawn = one(know, wood, straight(45, length=3.0), Cut("x", 0))
    assert (sawn.tool_id, sawn.cuts_needed) == ("hand-saw", 3)


def test_suckers_come_off_at_their_origin(know, wood):
    advice = one(know, wood, hand_worked(), Cut("s", 0))
    assert (advice.place, advice.order_class) == ("origin", 2)
    assert "never a stub" in said(advice.technique)
    assert said(advice.position) == "sucker on the south, 0.15 m under the union, off at its origin"
    thin = Frame(Trunk(60, 0.6), (Limb("s", "trunk", 0.1, 5, 0.1, 80, 0),), union_m=0.2)
    assert one(know, wood, thin, Cut("s", 0)).tool_id == "finger"


def test_a_side_branch_must_be_a_third_to_take_over(know, wood):
    """ISA and A300 tradition (named from memory): 27 of 75 mm passes at 0.360, 22 of 75 fails at
    0.293.
    """
    for side, weak in ((27, False), (22, True)):
        frame = Frame(
            Trunk(300, 1),
            (Limb("x", "trunk", 1, 75, 2, 45, 90, tip_mm=75), Limb("y", "x", 1.0, side, 1, 45, 0)),
        )
        advice = one(know, wood, frame, Cut("x", 1.0))
        assert advice.place == "side-branch"
        assert said(advice.takes_over) == "side branch facing north on the east limb"
        assert ("weak-side-branch" in [c.code for c in advice.cautions]) is weak


def test_cut_between_branches_is_called_out(know, wood):
    codes = [c.code for c in one(know, wood, hand_worked(), Cut("b", 0.6)).cautions]
    assert "between-branches" in codes
    assert "fruit-on-it" in codes


def test_danger_is_named_at_the_place(know, wood):
    codes = [c.code for c in one(know, wood, straight(160, length=4), Cut("x", 0)).cautions]
    assert {"licensed", "heavy", "chainsaw", "large-wound", "third-of-trunk", "thorns"} <= set(
        codes
    )
    assert "sap" in [
        c.code for c in one(know, wood, straight(20), Cut("x", 0), species="mango").cautions
    ]


def test_wound_closing(know, wood):
    """From memory: 50 mm at vigour 3 closes in about 3.1 years."""
    assert one(know, wood, straight(50), Cut("x", 0)).closing_years == pytest.approx(3.1, abs=0.05)


def test_names_tell_limbs_apart(know):
    frame = Frame(
        Trunk(100, 1),
        (
            Limb("a", "trunk", 0.5, 40, 1, 30, 85),
            Limb("b", "trunk", 0.8, 40, 1, 30, 95),
            Limb("c", "b", 0.4, 20, 1, 30, 180),
        ),
    )
    names = limb_names(frame)
    assert {limb: said(name) for limb, name in names.items()} == {
        "a": "lower east limb",
        "b": "upper east limb",
        "c": "side branch facing south on the upper east limb",
    }
    assert (
        said(position_words(frame, "b", 0.42, names, 0.05))
        == "0.42 m up the upper east limb, to the first fork"
    )
    assert (
        said(position_words(frame, "b", 0.42, names, 0.05, "us"))
        == "1'5\" up the upper east limb, to the first fork"
    )
    assert forks(frame, "b") == [0.4]


def test_order_follows_the_walk(know, wood):
    frame = Frame(
        Trunk(100, 1),
        (
            Limb("d", "trunk", 1, 30, 1, 30, 0, state="dead"),
            Limb("w", "trunk", 1, 20, 1, 88, 90, kind="sprout"),
            Limb("t", "trunk", 1, 40, 2, 70, 180),
        ),
    )
    classes = [one(know, wood, frame, Cut(x, 0), "height").order_class for x in ("d", "w", "t")]
    assert classes == sorted(classes) == [3, 6, 7]


def test_running_total_against_the_limit(know, wood):
    day = dt.date(2026, 11, 25)
    limit = Verdict("thin", day, "light", "", 0.05, (), None, dt.date(2027, 2, 6))
    answer = frame_answer(hand_worked(), [Cut("b", 1.2)], wood)
    over = against_limit(answer, limit, know, share_of(answer))
    assert (over.fits, over.over) == (False, pytest.approx(0.20))
    assert "6 Feb 2027" in said(over.sentence)
    assert over.reasons[0].code == "lowered-too-much"
    suckers = frame_answer(hand_worked(), [Cut("s", 0)], wood)
    assert against_limit(suckers, limit, know, None).fits


def test_come_backs_name_their_rule(know, wood):
    cuts = [one(know, wood, hand_worked(), Cut(x, 0)) for x in ("s", "a")]
    day = dt.date(2026, 7, 1)
    found = come_backs(cuts, Then(day, 0, Span(dt.date(2026, 6, 1), dt.date(2026, 8, 31))), know)
    assert [(c.kind, (c.due - day).days) for c in found] == [
        ("bark", 14),
        ("sucker", 14),
        ("sprout", 45),
        ("trim", 90),
    ]
    assert all(know[c.rule].unit == "days" for c in found)
    assert [(c.due - day).days for c in come_backs(cuts[:1], Then(day, 3), know)] == [30]
    assert come_backs([], Then(day, 3), know) == []


def test_work_without_a_plan_is_come_back_to_as_its_cuts_on_a_sheet(know, wood):
    day, frame = dt.date(2026, 7, 1), hand_worked()
    then = Then(day, 8, Span(dt.date(2026, 6, 1), dt.date(2026, 8, 31)), tied=True)
    for limb, work in (("s", "sucker"), ("a", "thin")):
        planned = come_backs([one(know, wood, frame, Cut(limb, 0))], then, know)
        assert come_backs_of(work, then, know) == planned
    assert come_backs_of("sanitation", then, know) == []


@pytest.mark.parametrize("spring", [None, dt.date(2027, 4, 4)])
def test_after_hard_work_strong_shoots_stay_until_the_second_spring(know, wood, spring):
    """On the sheet, too: nobody is told to rub off what the roots live on."""
    then = Then(dt.date(2026, 7, 1), 8, spring=spring)
    sheet = come_backs([one(know, wood, hand_worked(), Cut("a", 0))], then, know, hard=True)
    assert come_backs_of("skeleton", then, know) == sheet
    first, second = sheet
    assert "stay this first season" in first.does
    assert "second spring" in second.does
    assert second.due == (spring or dt.date(2027, 7, 1))


def test_what_a_headed_shoot_breaks_into_is_counted_and_not_rubbed_off(know, wood):
    frame, day = hand_worked(), dt.date(2026, 7, 1)
    headed = one(know, wood, frame, Cut("a", 0.9 * frame.limb("a").length_m))
    assert headed.place == "between"
    alone = [(c.kind, (c.due - day).days) for c in come_backs([headed], Then(day, 3), know)]
    assert alone == [("breaks", 28), ("trim", 90)]
    whole = one(know, wood, frame, Cut("b", 0))
    both = {c.kind for c in come_backs([headed, whole], Then(day, 3), know)}
    assert both == {"breaks", "sprout", "trim"}


@pytest.mark.parametrize(("metres", "words"), [(2.286, "7'6\""), (0.3048, "1'0\""), (1.4, "4'7\"")])
def test_lengths_in_feet_and_inches(metres, words):
    assert length_words(metres, "us") == words


def test_diameters_and_weights_in_words():
    assert [diameter_words(x, "us") for x in (19.05, 25.4, 41.3)] == ['3/4"', '1"', '1 5/8"']
    assert diameter_words(19.05) == "19 mm"
    assert (weight_words(10), weight_words(10, "us")) == ("10.0 kg", "22.0 lb")
