"""After frost on stored trees, the work itself: nights of a station, dates, looks, staged cuts,
shoots grown on, the record.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import TRUNK, Limb
from billhook.services.book import harvests
from billhook.services.frost import cuts as frost_cuts
from billhook.services.frost import fruit as frost_fruit
from billhook.services.frost import grow_on as frost_grow_on
from billhook.services.frost import looking
from billhook.services.frost import night as frost_night
from billhook.services.frost import record as frost_record
from billhook.services.frost import tree as frost_tree
from billhook.services.holding import planting, setting_up
from billhook.services.plan import finishing, sheets
from billhook.services.season import stances
from billhook.services.tree import framing, observing, records, views
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings
from billhook.store.database import StaleVersion
from billhook.store.trees import tree_record

from ...places import TODAY, forked_frame, new_id
from ...refusing import refusing
from .hurt import NIGHT, scratched, tasks_of, tree_record_block

SUMMER = dt.date(2027, 7, 8)


@pytest.fixture
def summer(tmp_path) -> tuple[Workplace, str, str]:
    """A workplace in July with a measured tree that a night in January hurt; its site and the
    tree.
    """
    at = open_workplace(Settings(data=tmp_path / "summer", fixed_today=SUMMER))
    site = setting_up.set_up(
        at,
        "Almirelo",
        "Almirelo",
        36.8,
        "mediterranean-coast",
        last_frost="02-12",
        first_frost="12-10",
    )
    row = planting.plant(at, site.id, "Baixo", 1, 3, "mandarin", 2014, "clementine", "carrizo")
    framing.save_frame(
        at, row.tree_ids[0], forked_frame(), None, {"e", "w"}, NIGHT - dt.timedelta(days=90)
    )
    frost_night.night(at, site.id, NIGHT, -7.5, 6, save=True)
    observing.observe(at, "tree", row.tree_ids[0], "freeze_class", "F4", NIGHT)
    yield at, site.id, row.tree_ids[0]
    at.store.close()


def test_green_that_turned_brown_is_no_life_and_a_flush_alone_may_be_the_rootstocks(summer):
    at, _, tree = summer
    looking.say_class(at, tree, "F6")
    spring = dt.date(2027, 3, 20)
    looking.look(at, tree, new_id(), "first-flush", spring)
    assert frost_tree.after_frost(at, tree).verdict.verdict == "wait"
    for limb in ("e", "w"):
        looking.scratch(at, tree, new_id(), limb, 0.3, True, spring)
    assert frost_tree.after_frost(at, tree).verdict.verdict == "alive"
    for limb in ("e", "w"):
        for place in (0.3, 0.0):
            looking.scratch(at, tree, new_id(), limb, place, False, SUMMER)
    observing.observe(at, "tree", tree, "frost_below", "yes", SUMMER)
    assert frost_tree.after_frost(at, tree).verdict.verdict == "rootstock-only"
    suckers = next(v for v in frost_cuts.cut_stages(at, tree) if v.stage.name == "suckers")
    assert suckers.cuts == ()
    assert "stay" in said(suckers.stage.reason)


def test_a_false_start_is_recorded_and_asked_again(summer):
    at, _, tree = summer
    looking.look(at, tree, new_id(), "first-flush", NIGHT + dt.timedelta(days=60))
    assert frost_tree.after_frost(at, tree).looks.looks[0].worth == "provisional"
    assert "frost-again" in {t.kind for t in tasks_of(at, tree)}
    same = new_id()
    for _ in range(2):
        seen = looking.look(at, tree, same, "collapsed", NIGHT + dt.timedelta(days=120))
    assert [x.worth for x in seen.looks] == ["holds", "false-start"]
    found = frost_tree.after_frost(at, tree)
    assert (found.verdict.verdict, found.verdict.may_cut) == ("wait", False)
    assert "frost-again" not in {t.kind for t in tasks_of(at, tree)}  # the question was answered
    for day, why in (
        (SUMMER + dt.timedelta(days=2), "future"),
        (NIGHT - dt.timedelta(days=2), "before the night"),
    ):
        with refusing(InvalidInput, why):
            looking.look(at, tree, new_id(), "leaves-fell", day)


def test_what_the_tree_shows_is_written_of_the_same_night(summer):
    at, site, tree = summer
    looking.look(at, tree, new_id(), "leaves-fell", NIGHT + dt.timedelta(days=9))
    assert frost_tree.after_frost(at, tree).looks.suggests == "F2"
    looking.say_class(at, tree, "F2")
    found = frost_tree.after_frost(at, tree)
    assert (found.frost_class, found.night) == ("F2", NIGHT)
    looking.say_class(at, tree, "F0")
    assert frost_tree.after_frost(at, tree) is None
    place = next(p for p in frost_record.frost_record(at, site).places if p.tree_id == tree)
    assert (place.stands, place.nights, place.coldest_c) == ("back", 1, -7.5)


def test_a_tree_that_nobody_foresaw_is_written_down_of_its_night(garden):
    at, tree = garden.at, garden.tree_ids[0]
    looking.say_class(at, tree, "F3", NIGHT)
    assert frost_tree.after_frost(at, tree).night == NIGHT
    frost_night.night(at, garden.site.id, dt.date(2027, 2, 3), -1.0, 2, save=True)
    looking.say_class(at, garden.tree_ids[1], "F2")
    assert frost_tree.after_frost(at, garden.tree_ids[1]).night == dt.date(
        2027, 2, 3
    )  # the last night of the site
    for wrong, night, why in (
        ("F9", None, "must be one of"),
        ("F3", TODAY + dt.timedelta(days=1), "future"),
    ):
        with refusing(InvalidInput, why):
            looking.say_class(at, tree, wrong, night)


def test_an_edge_that_holds_through_the_second_flush_opens_the_cut_and_the_almanac(summer):
    at, _, tree = summer
    looking.say_class(at, tree, "F5")  # its own day comes later
    first, second = dt.date(2027, 5, 1), dt.date(2027, 6, 10)
    scratched(at, tree, "e", 1.2, first)
    assert not frost_tree.after_frost(at, tree).verdict.opens_early
    green = next(x for x in frost_tree.after_frost(at, tree).limbs if x.limb == "e").found.boundary[
        0
    ]
    looking.scratch(at, tree, new_id(), "e", green, True, second)
    looking.look(at, tree, new_id(), "second-flush", dt.date(2027, 6, 20))
    found = frost_tree.after_frost(at, tree)
    assert found.verdict.opens_early is not None
    assert found.verdict.may_cut
    verdict = views.tree_view(at, tree, SUMMER, ("thin",)).verdicts[0]
    assert "after-freeze" not in {r.code for r in verdict.reasons}
    looking.scratch(at, tree, new_id(), "e", 0.3, False, SUMMER)  # it went further down after all
    assert not frost_tree.after_frost(at, tree).verdict.may_cut
    assert "after-freeze" in {
        r.code for r in views.tree_view(at, tree, SUMMER, ("thin",)).verdicts[0].reasons
    }


def test_dead_wood_goes_onto_a_sheet_and_off_the_tree(summer):
    at, _, tree = summer
    test = scratched(at, tree, "e", 0.9)
    assert test.found.cut_at_m is not None
    assert test.found.cut_at_m <= test.found.boundary[0]
    stages = {v.stage.name: v for v in frost_cuts.cut_stages(at, tree)}
    assert list(stages) == ["hazards", "suckers", "dead", "shaping"]
    dead = stages["dead"]
    assert dead.stage.may
    assert [c.advice.keep_m for c in dead.cuts if c.advice.limb == "e"] == [
        pytest.approx(test.found.cut_at_m)
    ]
    heights = [c.advice.at_height_m for c in dead.cuts]
    assert heights == sorted(heights, reverse=True)  # weight first
    same = new_id()
    plan = frost_cuts.stage_sheet(at, tree, same, "dead")
    assert frost_cuts.stage_sheet(at, tree, same, "dead").id == plan.id
    sheet = sheets.sheet(at, plan.id)
    assert sheet.answer.canopy_share_removed == 0  # dead wood costs no leaf
    for line in sheet.lines:
        sheets.tick(at, plan.id, line.cut.id, new_id(), True, SUMMER, None, "")
    lost = frost_tree.after_frost(at, tree).dead_share
    entry = finishing.finish(at, plan.id, 1, SUMMER)
    assert entry.cuts == len(dead.cuts)
    assert frost_tree.after_frost(at, tree).dead_share == pytest.approx(
        lost
    )  # cutting dead wood off brings no leaf back
    left = views.tree_view(at, tree, SUMMER, ("thin",)).frame.frame
    assert left.limb("e").length_m == pytest.approx(test.found.cut_at_m)
    with refusing(InvalidInput, "not open"):
        frost_cuts.stage_sheet(at, tree, new_id(), "shaping")


def test_before_its_day_no_stage_cuts_what_may_live(drawn):
    at, tree = drawn
    observing.observe(at, "tree", tree, "freeze_class", "F4", NIGHT)
    scratched(at, tree, "e", 0.9)
    dead = next(v for v in frost_cuts.cut_stages(at, tree) if v.stage.name == "dead")
    assert "e" not in {c.advice.limb for c in dead.cuts}
    assert not dead.stage.may
    with refusing(InvalidInput, "not open"):
        frost_cuts.stage_sheet(at, tree, new_id(), "dead")


def test_round_the_stem_one_side_may_be_dead(summer):
    at, _, tree = summer
    height = frost_tree.after_frost(at, tree).stem.at_m
    while (side := frost_tree.after_frost(at, tree).stem.found.next_bearing_deg) is not None:
        looking.scratch(at, tree, new_id(), TRUNK, height, not 60 < side < 300, bearing_deg=side)
    found = frost_tree.after_frost(at, tree)
    assert found.stem.found.one_sided
    assert found.stem.found.live_share < 0.5
    assert found.recovery.advice in ("replant", "wait")
    with refusing(InvalidInput, "not on the drawing"):
        looking.scratch(at, tree, new_id(), TRUNK, height, True)  # without a side


def test_shoots_are_chosen_and_get_their_dates(summer):
    at, _, tree = summer
    looking.say_class(at, tree, "F5")
    frost_grow_on.add_shoot(at, tree, Limb("n1", TRUNK, 0.4, 11, 0.6, 84, 120))
    frost_grow_on.add_shoot(at, tree, Limb("n1", TRUNK, 0.4, 11, 0.6, 84, 120))
    frost_grow_on.add_shoot(at, tree, Limb("low", TRUNK, 0.05, 14, 0.9, 86, 200))
    with refusing(InvalidInput, "another limb"):
        frost_grow_on.add_shoot(at, tree, Limb("e", TRUNK, 0.4, 11, 0.6, 84, 120))
    with refusing(InvalidInput, "trunk ends"):
        frost_grow_on.add_shoot(at, tree, Limb("n9", TRUNK, 3.0, 11, 0.6, 84, 120))
    points = {s.id: s.points for s in frost_grow_on.grow_on(at, tree).leaders.shoots}
    assert points["low"] is None
    assert said(frost_grow_on.grow_on(at, tree).names["n1"]) == "south-east shoot"
    for keep, why in (([], "at least one"), (["low"], "rootstock"), (["nobody"], "no live shoot")):
        with refusing(InvalidInput, why):
            frost_grow_on.choose(at, tree, keep)
    chosen = frost_grow_on.choose(at, tree, ["n1"], "leader")
    assert chosen.chosen == ("n1",)
    again = frost_grow_on.choose(at, tree, ["n1"], "leader")
    assert again.chosen_on == SUMMER
    kinds = [t.kind for t in tasks_of(at, tree)]
    assert kinds.count("frost-stake") == kinds.count("frost-thin") == 1
    assert "frost-sucker" in kinds
    assert frost_grow_on.grow_on(at, tree).chosen == ("n1",)


def test_fruit_of_a_block_is_weighed_after_its_night(garden):
    at, block = garden.at, tree_record_block(garden.at, garden.tree_ids[0])
    with refusing(InvalidInput, "write the night down"):
        frost_fruit.cut_sample(at, garden.site.id, block, new_id(), 20, 5)
    frost_night.night(at, garden.site.id, NIGHT, -4.0, 4, save=True)
    assert frost_fruit.cut_sample(at, garden.site.id, block, new_id(), 20, 5).share == 0.25


def test_the_crop_of_a_block_by_its_classes(summer):
    at, _, tree = summer
    block = tree_record_block(at, tree)
    assert frost_record.recovery_of_block(at, block).usual_kg == 0
    harvests.pick(at, new_id(), "tree", tree, dt.date(2027, 1, 10), 90.0)
    found = frost_record.recovery_of_block(at, block)
    assert found.usual_kg == pytest.approx(90)
    assert 0 < found.kg[0] < found.usual_kg
    assert sum(g.trees for g, _ in found.groups) == 3
    assert [g.frost_class for g, _ in found.groups] == sorted(
        (g.frost_class for g, _ in found.groups), reverse=True
    )


def test_a_tree_that_died_is_in_the_record(summer):
    at, site, tree = summer
    with at.store.reading() as session:
        version = tree_record(session, tree).tree.version
    records.remove_tree(at, tree, version, SUMMER)
    found = frost_record.frost_record(at, site)
    assert next(p for p in found.places if p.tree_id == tree).stands == "lost"
    assert found.nights[0].lost == 1
    assert found.blocks[0].hurt >= 1


def test_what_was_said_without_signal_does_not_win_over_something_newer(garden):
    at, tree = garden.at, garden.tree_ids[0]
    known = at.as_of()  # the phone was last here
    looking.say_class(at, tree, "F3", NIGHT)
    with refusing(StaleVersion, r"what the frost killed, F3\. That holds"):
        looking.say_class(at, tree, "F5", NIGHT, as_of=known)
    looking.say_class(at, tree, "F3", NIGHT, as_of=known)  # says the same
    looking.say_class(at, tree, "F4", NIGHT, as_of=at.as_of())
    assert frost_tree.after_frost(at, tree).frost_class == "F4"
    observing.observe(at, "tree", tree, "frost_above", "yes", TODAY)
    with pytest.raises(StaleVersion):
        observing.observe(at, "tree", tree, "frost_above", "no", TODAY, as_of=known)


def test_a_limb_brown_from_tip_to_base_is_one_scratch_and_no_leader(summer):
    at, _, tree = summer
    looking.scratch(at, tree, new_id(), "e", 0.0, False)
    (limb,) = [x for x in frost_tree.after_frost(at, tree).limbs if x.limb == "e"]
    assert (limb.found.next_at_m, limb.found.cut_at_m) == (None, 0.0)
    shoots = frost_grow_on.grow_on(at, tree).leaders.shoots
    assert "e" not in {s.id for s in shoots}


def test_leaders_are_never_what_the_class_says_is_dead(summer):
    """F4 kills limbs to 75 mm: of those that stood on the night none leads unless it is found
    green; what came since does.
    """
    at, _, tree = summer

    def shoots():
        return {s.id for s in frost_grow_on.grow_on(at, tree).leaders.shoots if s.points}

    assert not {"e", "w"} & shoots()
    looking.scratch(at, tree, new_id(), "e", 1.0, True)
    assert "e" in shoots()
    fresh = frost_grow_on.add_shoot(at, tree, Limb("n1", TRUNK, 0.5, 12, 0.6, 70, 10))
    assert fresh in shoots()


def test_what_was_found_alive_stays_to_be_read(summer):
    at, _, tree = summer
    assert frost_tree.after_frost(at, tree).alive == ()
    observing.observe(at, "tree", tree, "frost_above", "yes", SUMMER)
    (said,) = frost_tree.after_frost(at, tree).alive
    assert (said.kind, said.alive, said.day) == ("frost_above", True, SUMMER)


@pytest.mark.parametrize("way", ["by-class", "ninety-days", "second-flush"])
def test_the_way_of_working_sets_the_waiting_date_on_every_page(tmp_path, way):
    at = open_workplace(Settings(data=tmp_path / way, fixed_today=NIGHT + dt.timedelta(days=1)))
    frosts = {"last_frost": "02-12", "first_frost": "12-10"}
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast", **frosts)
    stances.choose(at, "holding", None, "frost-wait", way)
    tree = planting.plant(at, site.id, "Baixo", 1, 1, "mandarin", 2014).tree_ids[0]
    frost_night.night(at, site.id, NIGHT, -7.0, 6, save=True)
    observing.observe(at, "tree", tree, "freeze_class", "F3", NIGHT)
    found = frost_tree.after_frost(at, tree).verdict
    verdict = {v.work: v for v in views.tree_view(at, tree, at.today()).verdicts}["thin"]
    due = {t.kind: t.due for t in tasks_of(at, tree)}
    assert verdict.status == "stop"
    if way == "ninety-days":
        ninety = NIGHT + dt.timedelta(days=90)
        assert (found.judge_on, found.cut_on, due["frost-night-cut"]) == (ninety,) * 3
        assert any(r.code == "after-freeze" and r.date < ninety for r in verdict.reasons)
        early = next(r for r in found.reasons if r.code == "too-early")
        assert (early.school, early.catalogue_ids) == (f"frost-wait/{way}", ("frost/ninety-days",))
    if way == "second-flush":
        assert found.judge_on == due["frost-night-judge"]
        assert found.judge_on > dt.date(2027, 6, 1)
    at.store.close()
