"""Stances, weather, observed dates, the fortnight and the calendar, as a holding uses them."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import icalendar
import pytest
import vobject

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.season.normals import Normals
from billhook.devices.stand_in import SCENARIOS, StandIn
from billhook.formats.daily_csv import read_days, write_days
from billhook.services.book import logbook
from billhook.services.holding import own_species, place, planting
from billhook.services.season import settle, stances, today, weather
from billhook.services.season.almanac import almanac
from billhook.services.season.calendar import calendar
from billhook.services.season.desk import SeasonDesk
from billhook.services.tree import framing, observing
from billhook.store.database import StaleVersion
from billhook.store.tables import Task
from billhook.store.trees import tree_record

from ...places import TODAY, empty_workplace, forked_frame, new_id

NORMALS = Normals(
    (8, 8, 9, 11, 14, 18, 21, 21, 19, 16, 12, 9), (16, 17, 19, 21, 24, 28, 31, 31, 28, 25, 20, 17)
)


@pytest.fixture
def grove(tmp_path):
    """A real holding: two rows of clementines, one of mangos, no weather but the normals."""
    yield from planted(tmp_path, False)


@pytest.fixture
def demo(tmp_path):
    """The same as a demo, which listens to the simulated station."""
    yield from planted(tmp_path, True)


def planted(folder, demo: bool):
    at = empty_workplace(folder)
    at.settings = replace(at.settings, demo=demo)
    at.site = planting.set_up(
        at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast", elevation_m=100
    )
    at.low = planting.plant(
        at, at.site.id, "Baixo", 1, 3, "mandarin", 2012, "clementine", "carrizo"
    )
    at.high = planting.plant(
        at, at.site.id, "Alto", 1, 2, "mandarin", 2012, "clementine", "carrizo"
    )
    yield at
    at.store.close()


def thin(at, tree_id: str, day: dt.date = TODAY):
    with at.store.reading() as session:
        return SeasonDesk(session, at, day).verdict(tree_record(session, tree_id), "thin")


def test_the_nearest_stance_holds_and_can_be_taken_back(grove):
    summer = dt.date(2027, 6, 20)
    tree, neighbour = grove.low.tree_ids[:2]
    assert thin(grove, tree, summer).status == "go"
    stances.choose(grove, "holding", None, "timing", "before-first-flush")
    assert thin(grove, tree, summer).status == "wait"
    stances.choose(grove, "block", grove.low.block_id, "timing", "any-time")
    assert (
        thin(grove, tree, summer).status,
        thin(grove, grove.high.tree_ids[0], summer).status,
    ) == ("go", "wait")
    stances.choose(grove, "tree", tree, "timing", "before-first-flush")
    assert (thin(grove, tree, summer).status, thin(grove, neighbour, summer).status) == (
        "wait",
        "go",
    )
    topic = next(
        t for t in stances.choose(grove, "tree", tree, "timing", None) if t.topic == "timing"
    )
    assert (topic.in_force, topic.chosen_at) == ("any-time", "block")


def test_a_school_says_what_it_would_change(grove):
    (found,) = stances.effect(grove, "block", grove.low.block_id, "timing", "before-first-flush")
    assert found.record.block.name == "Baixo"
    assert "thin" in {c.work for c in found.changes}
    assert all(c.now != c.then for c in found.changes)
    assert [e.changes for e in stances.effect(grove, "holding", None, "wounds", "paint")] == [()]
    with pytest.raises(InvalidInput):
        stances.effect(grove, "holding", None, "timing", "whenever")


def test_height_above_the_station_cools_a_block(grove):
    before = {
        "bloom": _event(grove, grove.high, "bloom").start,
        "frost": _event(grove, grove.high, "frost likely").start,
    }
    planting.describe_block(grove, grove.high.block_id, None, 0.0, False, elevation_m=400)
    assert _event(grove, grove.high, "bloom").start > before["bloom"]
    assert _event(grove, grove.high, "frost likely").start < before["frost"]
    with grove.store.reading() as session:
        site = SeasonDesk(session, grove, TODAY).site(tree_record(session, grove.high.tree_ids[0]))
    assert site.normals.tmin_c[0] == pytest.approx(8 - 6.5 * 0.3)


def _event(at, row, name: str):
    return next(
        e
        for e in almanac(at, TODAY, tree_id=row.tree_ids[0]).events
        if e.name == name and e.start >= TODAY
    )


def test_a_date_seen_beats_the_model_and_corrects_next_year(grove):
    tree, other = grove.low.tree_ids[:2]
    computed = _event(grove, grove.low, "first flush").start
    observing.observe(
        grove, "tree", tree, "flush_start", (computed + dt.timedelta(days=9)).isoformat(), computed
    )
    assert (_event(grove, grove.low, "first flush").start - computed).days == 9
    with grove.store.reading() as session:
        nearby = SeasonDesk(session, grove, TODAY)
        assert nearby.moved(tree_record(session, tree)) == ()  # it lies ahead of the day
        later = SeasonDesk(session, grove, TODAY.replace(year=2028))
        assert dict(later.moved(tree_record(session, tree))) == {"flush_start": 9}
        assert later.moved(tree_record(session, other)) == ()
        events = later.season(tree_record(session, tree)).events
    next_flush = next(e for e in events if e.name == "first flush")
    assert (next_flush.origin, next_flush.moved_days) == ("computed", 9)
    assert (
        abs((next_flush.start - (computed + dt.timedelta(days=9)).replace(year=2028)).days) <= 1
    )  # 2028 has a 29 February


def test_a_block_is_seen_as_a_whole_and_the_tree_overrules_it(grove):
    tree, other = grove.low.tree_ids[:2]
    observing.observe(
        grove, "block", grove.low.block_id, "harvest_end", "2027-02-20", dt.date(2027, 2, 20)
    )
    observing.observe(grove, "tree", tree, "harvest_end", "2027-03-05", dt.date(2027, 3, 5))
    with grove.store.reading() as session:
        desk = SeasonDesk(session, grove, TODAY)
        assert [
            dict(desk.observed(tree_record(session, t)))["harvest_end"].day for t in (tree, other)
        ] == [5, 20]


# Weather


def test_the_stand_in_is_the_same_each_time_and_has_frosts_and_heat():
    station = StandIn(NORMALS, "Almirelo")
    days = station.days(dt.date(2018, 1, 1), dt.date(2027, 12, 31))
    assert station.days(dt.date(2020, 6, 3), dt.date(2020, 6, 9)) == [
        d for d in days if dt.date(2020, 6, 3) <= d.date <= dt.date(2020, 6, 9)
    ]
    assert StandIn(NORMALS, "elsewhere").days(TODAY, TODAY) != station.days(TODAY, TODAY)
    coldest, hottest = min(days, key=lambda d: d.tmin_c), max(days, key=lambda d: d.tmax_c)
    assert coldest.tmin_c <= 2
    assert coldest.date.month in (12, 1, 2)
    assert hottest.tmax_c >= 37
    assert hottest.date.month in (6, 7, 8)
    assert all(d.tmin_c < d.tmax_c and d.rain_mm >= 0 for d in days)
    assert abs(sum(d.tmin_c for d in days) / len(days) - sum(NORMALS.tmin_c) / 12) < 1


@pytest.mark.parametrize("scenario", sorted(SCENARIOS))
def test_scenarios_do_what_they_say(scenario):
    ahead = StandIn(NORMALS, "Almirelo", scenario, TODAY).forecast(TODAY)
    frost, heat, wet = (
        any(d.tmin <= 0 for d in ahead),
        any(d.tmax >= 38 for d in ahead),
        any(d.rain_mm >= 2.5 for d in ahead[:2]),
    )
    assert (frost, heat, wet) == (scenario == "frost", scenario == "heat", scenario == "wet")


def test_only_the_demo_listens_to_simulated_weather(grove, demo):
    tree = demo.low.tree_ids[0]
    assert weather.view(grove, grove.site.id).forecast == ()
    assert "No forecast" in weather.view(grove, grove.site.id).missing
    with pytest.raises(InvalidInput, match="simulated"):
        weather.set_scenario(grove, "frost")
    assert thin(demo, tree).status == "go"
    weather.set_scenario(demo, "frost")
    assert weather.view(demo, demo.site.id).missing is None
    stopped = thin(demo, tree)
    assert (stopped.status, [r.code for r in stopped.reasons if r.code.startswith("forecast")]) == (
        "stop",
        ["forecast-frost", "forecast-frost"],
    )
    weather.set_scenario(demo, "clear")
    assert thin(demo, tree).status == "go"
    weather.set_scenario(demo, "heat")
    assert "forecast-heat" in [r.code for r in thin(demo, tree).reasons]


def test_the_csv_station_takes_the_stand_ins_place(demo):
    """The same question, the same callers: days of a list instead of the simulated ones, and then
    no forecast.
    """
    simulated = _event(demo, demo.low, "first flush").start
    weather.set_scenario(demo, "frost")
    cold = "date,tmin,tmax\n" + "".join(
        f"{dt.date(2027, 1, 1) + dt.timedelta(days=i)},2,10\n" for i in range(83)
    )
    taken = place.station_series(demo, demo.site.id, cold, save=True)
    assert (taken.saved, taken.count) == (True, 83)
    assert _event(demo, demo.low, "first flush").start > simulated
    assert weather.view(demo, demo.site.id).simulated is False
    assert thin(demo, demo.low.tree_ids[0]).status == "go"
    assert len(read_days(write_days(weather.all_days(demo, demo.site.id))).days) == 83


def test_a_station_makes_the_place(grove):
    days = StandIn(NORMALS, "Almirelo").days(dt.date(2015, 1, 1), dt.date(2026, 12, 31))
    text = write_days(days)
    broken = text.replace("2016-03-04", "2016-03-05")
    found = place.station_series(grove, grove.site.id, broken, save=True, as_normals=True)
    assert (found.saved, {p.accept for p in found.problems}) == (False, {"gaps", "duplicates"})
    assert weather.all_days(grove, grove.site.id) == []
    checked = place.station_series(grove, grove.site.id, text)
    assert (checked.saved, checked.climate.years) == (False, 11)
    place.station_series(grove, grove.site.id, text, save=True, as_normals=True)
    view = place.site_view(grove, grove.site.id)
    assert "11 whole years" in view.normals.origin
    assert view.normals.tmin_c == pytest.approx(NORMALS.tmin_c, abs=1.5)


def test_a_place_that_cannot_be_is_refused(grove):
    view = place.site_view(grove, grove.site.id)
    good = {
        "latitude": 36.8,
        "climate": "mediterranean-coast",
        "tmin_c": view.normals.tmin_c,
        "tmax_c": view.normals.tmax_c,
        "last_frost": "02-10",
        "first_frost": "12-15",
        "elevation_m": 90.0,
        "dangers": [],
    }
    for change, at in (
        ({"tmax_c": [5, *view.normals.tmax_c[1:]]}, "/tmax_c/0"),
        ({"first_frost": None}, "/first_frost"),
        ({"climate": "the moon"}, "/climate"),
        ({"dangers": ["dragons"]}, "/dangers/0"),
    ):
        with pytest.raises(InvalidInput) as refused:
            place.describe_site(grove, grove.site.id, 1, **(good | change))
        assert [p.pointer for p in refused.value.problems] == [at]
    saved = place.describe_site(grove, grove.site.id, 1, **(good | {"dangers": ["borer"]}))
    assert (saved.site.version, saved.site.dangers) == (2, ["borer"])
    with pytest.raises(StaleVersion):
        place.describe_site(grove, grove.site.id, 1, **good)


# The fortnight


def lowered(at, row, cap: float) -> None:
    for tree_id in row.tree_ids:
        with at.store.writing() as session:
            framing.sketch(at, session, tree_record(session, tree_id), 3.2, 3.0, 100, TODAY)
    planting.describe_block(at, row.block_id, cap, 0.0, False)


def items(at, day: dt.date = TODAY):
    return {(i.block, i.work, i.kind): i for i in today.fortnight(at, day).items}


def test_an_open_window_is_no_reason_to_cut(grove):
    lowered(grove, grove.low, 2.8)
    lowered(grove, grove.high, 3.5)
    found = items(grove)
    over = found["Baixo", "height", "work"]
    assert len(over.trees) == 3
    assert over.last_good > TODAY
    assert "Over the cap of 2.80 m" in said(over.reasons[0])
    assert ("Alto", "height", "work") not in found
    assert "no reason to cut" in said(found["Alto", "tip", "work"].reasons[0])


def test_sweeps_come_before_each_flush_and_once_logged_are_gone(grove):
    flush = _event(grove, grove.low, "first flush").start
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
    assert "Next from" in late.instead
    assert not any(i.work == "height" for i in view.items)


def test_a_forecast_marks_what_it_closes(demo):
    lowered(demo, demo.low, 2.8)
    weather.set_scenario(demo, "clear")
    assert items(demo)["Baixo", "height", "work"].closed_by is None
    weather.set_scenario(demo, "frost")
    closed = items(demo)["Baixo", "height", "work"]
    assert (closed.tone, "Frost of -1.8" in closed.closed_by) == ("stop", True)


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
    assert safe < _event(grove, grove.low, "last safe light cut").start
    assert go_days() == before


def test_a_deciduous_tree_is_not_guessed_at(grove):
    with pytest.raises(InvalidInput) as refused:
        own_species.describe_species(
            grove, "fig", False, False, [3, 4], [8, 9], 3, "middling", -5, -5
        )
    assert "evergreen trees only" in refused.value.problems[0].message
    with pytest.raises(InvalidInput):
        own_species.describe_species(grove, "Mango", True, True, None, None, 3, "middling", 2, 4)
    own_species.describe_species(grove, "Feijoa", True, False, [5, 6], [10, 11], 3, "low", -6, -6)
    row = planting.plant(grove, grove.site.id, "Casa", 1, 1, "own-feijoa", 2015)
    lanes = almanac(grove, TODAY, tree_id=row.tree_ids[0]).lanes
    assert any(s.status == "go" for lane in lanes if lane.work == "thin" for s in lane.segments)
