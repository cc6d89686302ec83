"""Stances, weather and observed dates, as a holding uses them."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.season.normals import Normals
from billhook.devices.stand_in import SCENARIOS, StandIn
from billhook.formats.daily_csv import read_days, write_days
from billhook.services.holding import place, setting_up
from billhook.services.season import stances, weather
from billhook.services.season.almanac import almanac
from billhook.services.season.desk import SeasonDesk
from billhook.services.tree import observing
from billhook.store.database import StaleVersion
from billhook.store.trees import tree_record

from ...places import TODAY
from ...refusing import refusing

NORMALS = Normals(
    (8, 8, 9, 11, 14, 18, 21, 21, 19, 16, 12, 9), (16, 17, 19, 21, 24, 28, 31, 31, 28, 25, 20, 17)
)


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
        "bloom": event_of(grove, grove.high, "bloom").start,
        "frost": event_of(grove, grove.high, "frost likely").start,
    }
    setting_up.describe_block(grove, grove.high.block_id, None, 0.0, False, elevation_m=400)
    assert event_of(grove, grove.high, "bloom").start > before["bloom"]
    assert event_of(grove, grove.high, "frost likely").start < before["frost"]
    with grove.store.reading() as session:
        site = SeasonDesk(session, grove, TODAY).site(tree_record(session, grove.high.tree_ids[0]))
    assert site.normals.tmin_c[0] == pytest.approx(8 - 6.5 * 0.3)


def event_of(at, row, name: str):
    return next(
        e
        for e in almanac(at, TODAY, tree_id=row.tree_ids[0]).events
        if e.name == name and e.start >= TODAY
    )


def test_a_date_seen_beats_the_model_and_corrects_next_year(grove):
    tree, other = grove.low.tree_ids[:2]
    computed = event_of(grove, grove.low, "first flush").start
    observing.observe(
        grove, "tree", tree, "flush_start", (computed + dt.timedelta(days=9)).isoformat(), computed
    )
    assert (event_of(grove, grove.low, "first flush").start - computed).days == 9
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
    assert "No forecast" in said(weather.view(grove, grove.site.id).missing)
    with refusing(InvalidInput, "simulated"):
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
    simulated = event_of(demo, demo.low, "first flush").start
    weather.set_scenario(demo, "frost")
    cold = "date,tmin,tmax\n" + "".join(
        f"{dt.date(2027, 1, 1) + dt.timedelta(days=i)},2,10\n" for i in range(83)
    )
    taken = place.station_series(demo, demo.site.id, cold, save=True)
    assert (taken.saved, taken.count) == (True, 83)
    assert event_of(demo, demo.low, "first flush").start > simulated
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
