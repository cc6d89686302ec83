"""The fortnight, what is too late, and the calendar, as a holding uses them."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import icalendar
import pytest
import vobject

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.book import logbook
from billhook.services.holding import own_species, planting, setting_up
from billhook.services.season import settle, stances, today, weather
from billhook.services.season.almanac import almanac
from billhook.services.season.calendar import calendar
from billhook.services.tree import framing
from billhook.store.tables import Task
from billhook.store.trees import tree_record

from ...places import TODAY, forked_frame, new_id
from .test_season_desk import event_of


def lowered(at, row, cap: float) -> None:
    for tree_id in row.tree_ids:
        with at.store.writing() as session:
            framing.sketch(at, session, tree_record(session, tree_id), 3.2, 3.0, 100, TODAY)
    setting_up.describe_block(at, row.block_id, cap, 0.0, False)


def items(at, day: dt.date = TODAY):
    return {(i.block, i.work, i.kind): i for i in today.fortnight(at, day).items}


def test_an_open_window_is_no_reason_to_cut(grove):
    lowered(grove, grove.low, 2.8)
    lowered(grove, grove.high, 3.5)
    found = items(grove)
    over = found["Baixo", "height", "work"]
    assert len(over.trees) == 3
    assert over.last_good > TODAY
    assert "Over the wanted height, 2.80 m" in said(over.reasons[0])
    assert ("Alto", "height", "work") not in found
    assert "no reason to cut" in said(found["Alto", "tip", "work"].reasons[0])


def test_sweeps_come_before_each_flush_and_once_logged_are_gone(grove):
    flush = event_of(grove, grove.low, "first flush").start
    day = flush - dt.timedelta(days=10)
    sweep = items(grove, day)["Baixo", "sucker", "sweep"]
    assert sweep.last_good == flush - dt.timedelta(days=1)
    grove.settings = replace(grove.settings, fixed_today=day)
    request = new_id()
    for _ in range(2):  # sent twice, done once
        settle.done(grove, grove.low.tree_ids, "sucker", day, "first helper", 9, request)
    assert len(logbook.log(grove)) == 3
    assert {e.entry.minutes for e in logbook.log(grove)} == {3.0}
    assert ("Baixo", "sucker", "sweep") not in items(grove, day)
    assert ("Alto", "sucker", "sweep") in items(grove, day)


def test_suckers_once_ticked_off_are_not_asked_for_again(grove):
    tree = grove.low.tree_ids[0]
    framing.save_frame(grove, tree, forked_frame(), None, {"e"}, TODAY - dt.timedelta(days=30))
    assert {("Baixo", "sucker", "work"), ("Baixo", "sanitation", "work")} <= items(grove).keys()
    settle.done(grove, [tree], "sucker", TODAY, "", None, new_id())
    assert ("Baixo", "sucker", "work") not in items(grove)
    assert ("Baixo", "sanitation", "work") in items(grove)


def test_work_put_off_waits_with_its_reason(grove):
    lowered(grove, grove.low, 2.8)
    settle.put_off(
        grove, grove.low.tree_ids[:1], "height", TODAY + dt.timedelta(days=5), "soil too wet", TODAY
    )
    view = today.fortnight(grove, TODAY)
    later = next(i for i in view.put_off if i.work == "height")
    assert (later.later.why, [r.tree.id for r in later.trees]) == (
        "soil too wet",
        list(grove.low.tree_ids[:1]),
    )
    assert len(items(grove)["Baixo", "height", "work"].trees) == 2
    assert len(items(grove, TODAY + dt.timedelta(days=6))["Baixo", "height", "work"].trees) == 3
    for until, why, at in ((TODAY, "rain", "/until"), (TODAY + dt.timedelta(days=3), " ", "/why")):
        with pytest.raises(InvalidInput) as refused:
            settle.put_off(grove, grove.low.tree_ids, "height", until, why, TODAY)
        assert refused.value.problems[0].pointer == at


def test_what_is_too_late_is_said_with_what_to_do_instead(grove):
    lowered(grove, grove.low, 2.8)
    stances.choose(
        grove, "holding", None, "timing", "before-first-flush"
    )  # small cuts at any time would still go in May
    after = items(grove)["Baixo", "height", "work"].last_good + dt.timedelta(days=20)
    view = today.fortnight(grove, after)
    late = next(i for i in view.too_late if i.work == "height")
    assert late.opens > after
    assert "Next from" in said(late.instead)
    assert not any(i.work == "height" for i in view.items)


def test_a_forecast_marks_what_it_closes(demo):
    lowered(demo, demo.low, 2.8)
    weather.set_scenario(demo, "clear")
    assert items(demo)["Baixo", "height", "work"].closed_by is None
    weather.set_scenario(demo, "frost")
    closed = items(demo)["Baixo", "height", "work"]
    assert (closed.tone, "Frost of -1.8" in said(closed.closed_by)) == ("stop", True)


# The calendar


def come_back(at, days: int) -> Task:
    task = Task(
        scope_id=at.low.tree_ids[0],
        kind="sucker",
        does="Look below the union again",
        due=TODAY + dt.timedelta(days=days),
        rule="comeback/sucker-mature/days",
    )
    with at.store.writing() as session:
        session.add(task)
    return task


def test_the_feed_is_read_by_two_parsers_and_updates_in_place(grove):
    task = come_back(grove, 9)
    first = calendar(grove)
    events = {str(e["uid"]): e for e in icalendar.Calendar.from_ical(first).walk("VEVENT")}
    other = {e.uid.value: e for e in vobject.readOne(first.decode()).vevent_list}
    assert events.keys() == other.keys()
    assert all(e.decoded("dtend") > e.decoded("dtstart") for e in events.values())
    assert {uid: e.decoded("dtstart") for uid, e in events.items()} == {
        uid: e.dtstart.value for uid, e in other.items()
    }
    uid = f"{task.calendar_uid}@billhook"
    assert events[uid].decoded("dtstart") == task.due
    settle.put_task_off(grove, task.id, 1, task.due + dt.timedelta(days=4), "rain", TODAY)
    second = {
        str(e["uid"]): e for e in icalendar.Calendar.from_ical(calendar(grove)).walk("VEVENT")
    }
    assert second.keys() == events.keys()
    assert (second[uid].decoded("dtstart") - task.due).days == 4
    assert second[uid]["sequence"] > events[uid]["sequence"]
    assert "rain" in str(second[uid]["description"])


def test_the_feed_of_a_block_holds_its_windows_alone(grove):
    come_back(grove, 9)
    summaries = [
        str(e["summary"])
        for e in icalendar.Calendar.from_ical(calendar(grove, grove.high.block_id)).walk("VEVENT")
    ]
    assert summaries
    assert all(s.startswith("Alto") for s in summaries)


# What if, and kinds of one's own


def test_what_if_moves_windows_and_saves_nothing(grove):
    tree = grove.low.tree_ids[0]

    def go_days(**what_if):
        lanes = almanac(grove, TODAY, tree_id=tree, what_if=what_if).lanes
        return {
            lane.work: sum((s.end - s.start).days + 1 for s in lane.segments if s.status == "go")
            for lane in lanes
        }

    before = go_days()
    late = go_days(first_frost=dt.date(2027, 9, 20))
    early_frost = almanac(
        grove, TODAY, tree_id=tree, what_if={"first_frost": dt.date(2027, 11, 1)}
    ).events
    assert late["thin"] < before["thin"]
    safe = next(
        e.start for e in early_frost if e.name == "last safe light cut" and e.start.year == 2027
    )
    assert safe < event_of(grove, grove.low, "last safe light cut").start
    assert go_days() == before


def test_a_deciduous_tree_is_not_guessed_at(grove):
    with pytest.raises(InvalidInput) as refused:
        own_species.describe_species(
            grove, "fig", False, False, [3, 4], [8, 9], 3, "middling", -5, -5
        )
    assert "evergreen trees only" in said(refused.value.problems[0].message)
    with pytest.raises(InvalidInput):
        own_species.describe_species(grove, "Mango", True, True, None, None, 3, "middling", 2, 4)
    own_species.describe_species(grove, "Feijoa", True, False, [5, 6], [10, 11], 3, "low", -6, -6)
    own = grove.know
    assert (own.text("species/own-feijoa/habit"), own.number("species/own-feijoa/wound-max")) == (
        "rounded",
        75,
    )
    row = planting.plant(grove, grove.site.id, "Casa", 1, 1, "own-feijoa", 2015)
    lanes = almanac(grove, TODAY, tree_id=row.tree_ids[0]).lanes
    assert any(s.status == "go" for lane in lanes if lane.work == "thin" for s in lane.segments)


def test_a_row_and_a_block_name_their_own_trees_only(grove):
    """What is gathered over a block in Today is, on the page of a row, the row's."""
    second = planting.plant(grove, grove.site.id, "Baixo", 2, 2, "mandarin", 2012, None, "carrizo")
    block = [*grove.low.tree_ids, *second.tree_ids]
    for within, trees in (
        (second.row_id, second.tree_ids),
        (grove.low.block_id, block),
        (grove.high.row_id, grove.high.tree_ids),
    ):
        found = today.fortnight(grove, TODAY, within=within)
        due = [*found.late, *found.items, *([found.next] if found.next else [])]
        assert {r.tree.id for i in due for r in i.trees} == set(trees)


def test_a_limb_that_hangs_to_the_ground_is_work_by_itself(grove):
    """Of a tree whose limbs were measured; a bush may hang lower; an outline says nothing of it."""
    tree, at = grove.low.tree_ids[0], grove
    standing = forked_frame()
    lowest = replace(standing.limbs[0], at_m=0.4, rise_deg=-4.0, length_m=2.0)
    frame = replace(standing, limbs=(lowest, *standing.limbs[1:]))
    measured = {x.id for x in frame.limbs}
    row = framing.save_frame(at, tree, frame, None, measured, TODAY)
    low = items(at)["Baixo", "skirt", "work"]
    assert [r.tree.id for r in low.trees] == [tree]
    assert "0.26 m above the ground without its crop" in said(low.reasons[0])
    stances.choose(at, "tree", tree, "form", "to-the-ground")
    assert ("Baixo", "skirt", "work") not in items(at)
    stances.choose(at, "tree", tree, "form", "skirted-tree")
    framing.save_frame(at, tree, frame, row.id, set(), TODAY, origin="sketched")
    assert ("Baixo", "skirt", "work") not in items(at)
