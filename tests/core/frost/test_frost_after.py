"""After the night: cut fruit, looks and false starts, dead bark round a stem, dead wood and its
stages, shoots grown on, the crop of a block.
"""

from __future__ import annotations

import datetime as dt
from math import ceil, log2

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.stats import binomtest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.finish import after_cuts
from billhook.core.frame.model import Cut
from billhook.core.frost.after import AfterFrost
from billhook.core.frost.bark import bark_paint
from billhook.core.frost.classes import CLASSES
from billhook.core.frost.damage import ColdTree, frost_damage, thresholds
from billhook.core.frost.dead_wood import killed, stages
from billhook.core.frost.feed import feed
from billhook.core.frost.fruit import cut_test, salvage, wilson_interval
from billhook.core.frost.leaders import Shoot, grown_on, leaders
from billhook.core.frost.looks import Look, weigh_looks
from billhook.core.frost.protect import protections, tonight
from billhook.core.frost.recovery import Group, Stand, block_recovery, recovery, replant_day
from billhook.core.frost.stem import RoundReading, stem_round
from billhook.core.frost.verdict import frost_verdict

from ...places import forked_frame
from ...refusing import refusing

NIGHT = dt.date(2026, 1, 19)
JUDGE = dt.date(2026, 5, 30)


def on(days: int) -> dt.date:
    return NIGHT + dt.timedelta(days=days)


def test_hours_nobody_knows_lie_between_a_short_and_a_long_night(know):
    tree = ColdTree("navel-orange", fruit="ripe")
    found = frost_damage(know, tree, -4.7, None)
    assert found.milder == frost_damage(know, tree, -4.7, 2).worst
    assert found.worst == frost_damage(know, tree, -4.7, 4).worst
    assert found.possible == max(
        frost_damage(know, tree, -4.7, 6).worst, frost_damage(know, tree, -4.7, 4).possible
    )
    assert (found.milder, found.possible) == ("F1", "F2")
    assert "for how long" in said(found.reasons[-1])
    assert frost_damage(know, tree, -4.7, 4).milder is None


def test_lemon_blossom_freezes_at_the_published_figure_and_pea_sized_fruit_before_it(know):
    """Lemon buds and blossoms -2.8 °C: FAO Environment and Natural Resources Series 10 (2005),
    quoting Puffer and Turrell 1967 (from memory).
    """
    assert thresholds(know, ColdTree("lemon", fruit="flowers"), 4)["fruit"] == -2.8
    for species in ("lemon", "navel-orange"):
        assert (
            thresholds(know, ColdTree(species, fruit="fruitlets"), 4)["fruit"]
            > thresholds(know, ColdTree(species, fruit="flowers"), 4)["fruit"]
        )


@given(st.integers(1, 200), st.floats(0, 1), st.sampled_from([0.8, 0.9, 0.95]))
def test_the_span_of_a_sample_is_that_of_scipy(count, share, confidence):
    hits = round(share * count)
    low, high = wilson_interval(hits, count, confidence)
    known = binomtest(hits, count).proportion_ci(confidence, "wilson")
    assert (low, high) == (pytest.approx(known.low, abs=1e-9), pytest.approx(known.high, abs=1e-9))


def test_cut_fruit_decides_what_is_saved(know):
    lost = cut_test(know, 20, 18, NIGHT, on(6))
    some = cut_test(know, 20, 6, NIGHT, on(6))
    none = cut_test(know, 20, 0, NIGHT, on(6))
    assert (lost.advice, some.advice, none.advice) == ("lost", "juice", "sound")
    assert some.reason.date == on(21)
    assert cut_test(know, 20, 6, NIGHT, on(6), mean_c=20).reason.date == on(
        10
    )  # in warm weather it spoils sooner
    with refusing(InvalidInput, "too early"):
        cut_test(know, 20, 6, NIGHT, on(2))
    with refusing(InvalidInput, "more than"):
        cut_test(know, 5, 6, NIGHT, on(6))
    assert salvage(know, NIGHT, None).early == on(14)


def looked(know, *seen: tuple[int, str], frost_class: str = "F3"):
    return weigh_looks(know, NIGHT, frost_class, [Look(on(d), s) for d, s in seen], JUDGE)


def test_a_look_that_comes_too_early_says_when_to_look_again(know):
    found = looked(know, (2, "leaves-fell")).looks[0]
    assert (found.worth, found.again) == ("too-early", on(4))
    assert looked(know, (2, "leaves-fell")).suggests is None


def test_a_first_flush_is_provisional_and_a_collapse_makes_it_a_false_start(know):
    first = looked(know, (60, "first-flush"))
    assert (first.looks[0].worth, first.looks[0].again) == ("provisional", JUDGE)
    after = looked(know, (60, "first-flush"), (110, "collapsed"))
    assert [x.worth for x in after.looks] == ["holds", "false-start"]
    assert after.collapsed_on == on(110)
    warm = weigh_looks(know, NIGHT, "F3", [Look(on(60), "first-flush")], JUDGE, on(100))
    assert warm.looks[0].again == on(100)  # asked again when hot days usually begin
    second = looked(know, (60, "first-flush"), (110, "collapsed"), (170, "second-flush"))
    assert second.looks[0].worth == "holds"


def test_what_the_tree_shows_beats_what_the_cold_foretold(know):
    assert looked(know, (9, "leaves-fell"), frost_class="F4").suggests == "F2"
    assert looked(know, (15, "leaves-hang"), frost_class="F2").suggests == "F3"
    assert looked(know, (20, "bark-split"), frost_class="F3").suggests == "F4"
    assert looked(know, (15, "leaves-hang"), frost_class="F5").suggests is None
    with refusing(InvalidInput, "must be one of"):
        looked(know, (9, "moonlight"))
    with refusing(InvalidInput, "before the night"):
        looked(know, (-3, "leaves-fell"))


def test_green_seen_before_a_collapse_opens_nothing(know):
    case = AfterFrost(
        "F4",
        NIGHT,
        dt.date(2026, 3, 1),
        on(150),
        second_flush_hard=on(140),
        alive_above=None,
        boundary_steady_since=on(60),
        collapsed_on=on(110),
    )
    found = frost_verdict(know, case)
    assert (found.verdict, found.may_cut, found.opens_early) == ("wait", False, None)
    assert "collapsed" in {r.code for r in found.reasons}


def test_a_provisional_green_is_asked_again_after_hot_days(know):
    case = AfterFrost("F4", NIGHT, dt.date(2026, 3, 1), on(100), alive_above=True)
    assert frost_verdict(know, case).look_again > on(100)
    assert said(frost_verdict(know, case).when) == "Judge from 30 May 2026 · cut from 29 Jun 2026"
    hot = frost_verdict(know, AfterFrost(**{**vars(case), "hot_since": on(97)}))
    assert hot.look_again == on(100)
    assert "look again now" in next(said(r) for r in hot.reasons if r.code == "false-start")


def test_a_cut_missed_in_its_season_waits_for_the_next_spring_and_then_opens(know):
    case = AfterFrost(
        "F3",
        NIGHT,
        dt.date(2026, 3, 1),
        dt.date(2026, 11, 25),
        alive_above=True,
        latest_cut=dt.date(2026, 8, 22),
    )
    late = frost_verdict(know, case)
    assert (late.postponed, late.may_cut, late.cut_on) == (True, False, dt.date(2027, 2, 15))
    spring = frost_verdict(know, AfterFrost(**{**vars(case), "today": dt.date(2027, 2, 20)}))
    assert (spring.postponed, spring.may_cut) == (False, True)


def test_kinds_with_waits_of_their_own_have_them(know):
    """A mango's twigs are cut from three months, its limbs from five; loquat is told by two
    months.
    """

    def cut(species, frost_class):
        return frost_verdict(
            know, AfterFrost(frost_class, NIGHT, dt.date(2026, 3, 1), NIGHT, species=species)
        ).cut_on

    assert (cut("mango", "F4") - dt.date(2026, 3, 1)).days == 150
    assert cut("loquat", "F4") < cut("navel-orange", "F4") < cut("macadamia", "F4")
    assert recovery(know, "F4", 8, 100, species="mango").shares[:4] == (0, 0.25, 0.7, 0.95)


@given(st.floats(0, 359.9), st.floats(100, 260), st.sampled_from([45.0, 22.5, 10.0]))
def test_round_a_stem_the_dead_side_is_found_with_few_scratches(start, width, step):
    readings: list[RoundReading] = []
    bound = 4 + 2 * ceil(log2(90 / step) + 1)
    while (found := stem_round(readings, step)).next_bearing_deg is not None:
        at = found.next_bearing_deg
        readings.append(RoundReading(at, not (at - start) % 360 < width))
        assert len(readings) <= bound
    assert found.one_sided
    assert found.live_share == pytest.approx(1 - width / 360, abs=step / 360 + 1e-6)
    span = found.dead[0]
    assert len(found.dead) == 1
    assert (span.to_deg - span.from_deg) % 360 == pytest.approx(width, abs=step + 1e-6)


def test_round_a_stem_all_green_all_brown_and_nonsense(know):
    quarters = [0.0, 90.0, 180.0, 270.0]
    assert stem_round([RoundReading(q, True) for q in quarters], 45).live_share == 1
    dead = stem_round([RoundReading(q, False) for q in quarters], 45)
    assert (dead.live_share, dead.one_sided) == (0, False)
    with refusing(InvalidInput, "other colour"):
        stem_round([RoundReading(0, True), RoundReading(360, False)], 45)


def test_what_grows_on_dead_wood_is_dead_and_bears_no_leaf():
    frame = killed(forked_frame(), {"e": 0.8, "w": 0.0})
    assert {x.id: x.state for x in frame.limbs} == {
        "e": "live",
        "w": "dead",
        "e1": "dead",
        "k": "live",
        "d": "dead",
    }
    assert frame.limb("e").leafing == frame.limb("e1").leafing == 0
    assert killed(forked_frame(), {}) == forked_frame()


@given(
    st.floats(0.0, 2.0),
    st.floats(0.0, 2.2),
    st.booleans(),
    st.sampled_from(["off", "undecided", "kept"]),
)
def test_stages_keep_live_wood_and_open_only_on_their_day(know, e_from, w_from, may, stock):
    frame = killed(forked_frame(), {"e": e_from, "w": w_from})
    cuts = [Cut("e", max(0.0, e_from - 0.05)), Cut("w", max(0.0, w_from - 0.05))]
    found = {s.name: s for s in stages(know, frame, cuts, on(60), on(150), may, on(400), stock)}
    assert found["dead"].may == (may and bool(found["dead"].cuts))
    assert found["shaping"].cuts == ()
    assert all(s.when >= on(60) for s in found.values())
    assert {c.limb for c in found["suckers"].cuts} == ({"k"} if stock == "off" else set())
    taken = found["dead"].cuts
    assert len({c.limb for c in taken}) == len(taken)
    left = after_cuts(frame, taken)
    for limb in left.limbs:
        if limb.id in ("e", "w"):
            assert (
                limb.length_m <= {"e": e_from, "w": w_from}[limb.id] + 1e-9
            )  # never above dead wood
    thin = {c.limb for c in cuts} & set(found["dead"].left)
    assert all(
        frame.limb(x).diameter_mm(next(c.keep_m for c in cuts if c.limb == x)) < 12 for x in thin
    )


def test_shoots_say_what_speaks_for_and_against_them(know):
    shoots = [Shoot("up", 0.4, 0.02, 16, 88, 5, True), Shoot("flat", 0.8, 0.5, 4, 12, 1, True)]
    up, flat = leaders(know, shoots, "tree", 0.3).shoots
    assert up.id == "up"
    assert "but" not in said(up.reason)
    assert "grows flat" in said(flat.reason)
    dated = grown_on(know, ["up"], "leader", on(80), [on(90), on(200), on(2000)], on(400))
    assert [d.kind for d in dated].count("frost-sucker") == 2  # two seasons, no further
    assert all(d.due >= on(80) for d in dated)
    assert "keep 1" in next(said(d.does) for d in dated if d.kind == "frost-thin")


def test_a_leafless_tree_gets_one_soak(know):
    found = feed(know, 1.0, dt.date(2026, 12, 1), dt.date(2026, 3, 1))
    assert "One deep soak" in said(found.reason)
    assert found.last_nitrogen == dt.date(2026, 10, 2)
    assert found.wraps_off == dt.date(2026, 3, 15)
    assert "One deep soak" not in said(feed(know, 0.5).reason)


def test_paint_covers_what_lives(know):
    whole = bark_paint(know, forked_frame(), {}, True)
    half = bark_paint(know, forked_frame(), {"e": 1.0, "w": 1.0}, True)
    assert half.paint.area_m2 < whole.paint.area_m2
    assert "south-west" in said(whole.where)
    assert "north-west" in said(bark_paint(know, None, {}, False).where)
    assert bark_paint(know, None, {}, True).paint is None


def test_before_the_cold_the_union_comes_first(know):
    found = protections(know, dt.date(2026, 12, 1), dt.date(2027, 3, 1), dt.date(2026, 11, 25))
    assert found[0].kind == "bank"
    assert "union first" in said(found[0].does)
    assert found[0].on == dt.date(2026, 11, 25)  # its day has passed: now
    assert all(p.off > dt.date(2027, 3, 1) for p in found)
    assert protections(know, None, None, NIGHT) == []
    young, old = tonight(know, 0.5, 1), tonight(know, 0.5, 12)
    assert {r.code for r in old} < {r.code for r in young}
    assert tonight(know, 5, 1) == []


@pytest.mark.parametrize(
    ("stand", "advice"),
    [
        (Stand(live_bark=0.2), "replant"),
        (Stand(live_bark=0.4), "wait"),
        (Stand(live_bark=0.6, live_above_m=0.4), "rehabilitate"),
        (Stand(regrowth_m=0.4), "replant"),
        (Stand(declining=True), "replant"),
        (Stand(live_above_m=0.1), "wait"),
    ],
)
def test_whether_to_heal_or_replant_by_what_is_left(know, stand, advice):
    found = recovery(know, "F5", 12, 100, stand=stand, replant_on=dt.date(2026, 3, 15))
    assert found.advice == advice
    assert ("quarantine" in said(found.reasons[0])) == (advice == "replant")


def test_a_new_tree_is_planted_after_the_frosts_and_never_just_before_them(know):
    cold = (dt.date(2026, 12, 10), dt.date(2027, 2, 12))
    assert replant_day(know, on(10), dt.date(2026, 2, 12), cold) == dt.date(2026, 2, 26)
    assert replant_day(know, dt.date(2026, 6, 1), dt.date(2026, 2, 12), cold) == dt.date(2026, 6, 1)
    assert replant_day(know, dt.date(2026, 11, 25), dt.date(2026, 2, 12), cold) == dt.date(
        2027, 2, 26
    )


@given(
    st.lists(
        st.tuples(st.sampled_from(CLASSES), st.integers(1, 40), st.floats(2, 40)),
        min_size=1,
        max_size=6,
    )
)
def test_a_block_is_the_sum_of_its_trees(know, made):
    groups = [Group(c, "navel-orange", age, n, 30.0) for c, n, age in made]
    found = block_recovery(know, groups)
    assert found.usual_kg == pytest.approx(sum(30 * n for _, n, _ in made))
    assert found.lost_kg == pytest.approx(10 * found.usual_kg - sum(found.kg))
    assert max(found.kg) <= found.usual_kg + 1e-6
    assert found.lost_kg <= found.heal_all_lost_kg + 1e-6
    worst = [CLASSES.index(g.frost_class) for g, _ in found.groups]
    assert worst == sorted(worst, reverse=True)


def test_nothing_is_planted_anew_before_it_is_judged_nor_in_place_of_what_lives(know):
    def advice(**stand):
        found = recovery(know, "F6", 12, 60.0, stand=Stand(live_bark=0.05, **stand))
        return found.advice, said(found.reasons[0])

    assert advice()[0] == "replant"
    early, words = advice(judged=False)
    assert early == "not-yet"
    assert "not judged yet" in words
    assert "Replant" not in words
    assert advice(alive=True)[0] == "wait"  # little of its bark lives: another spring
