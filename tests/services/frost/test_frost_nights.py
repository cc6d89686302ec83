"""Cold nights: found, written down, prepared for."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.season.model import ForecastDay
from billhook.core.season.station import StationDay
from billhook.core.tasks import NIGHT_TASKS
from billhook.core.words.dates import day_words
from billhook.services.frost import before as frost_before
from billhook.services.frost import cold_nights, looking
from billhook.services.frost import night as frost_night
from billhook.services.frost import record as frost_record
from billhook.services.frost import tree as frost_tree
from billhook.services.holding import planting, setting_up
from billhook.services.holding.grove import grove
from billhook.services.season import says, settle
from billhook.services.season import weather as weather_service
from billhook.services.tree import observing
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store import weather

from ...places import TODAY, new_id
from ...refusing import refusing
from .hurt import NIGHT, tasks_of, tree_record_block


def test_cold_nights_come_from_the_days_a_station_measured(garden):
    at = garden.at
    with at.store.writing() as session:
        weather.put(
            session,
            garden.site.id,
            [StationDay(NIGHT, -3.1, 9.0), StationDay(NIGHT + dt.timedelta(days=1), 6.0, 15.0)],
            "csv",
        )
    found = cold_nights.cold_nights(at, garden.site.id)
    assert [(n.day, n.min_c, n.saved) for n in found.nights] == [(NIGHT, -3.1, False)]
    assert not found.simulated
    frost_night.night(at, garden.site.id, NIGHT, -3.1, None, save=True, source=said(found.station))
    assert cold_nights.cold_nights(at, garden.site.id).nights[0].saved
    assert frost_record.frost_record(at, garden.site.id).nights[0].source == found.station


def test_the_days_before_decide_how_hardened_a_tree_is(garden):
    at, warm = (
        garden.at,
        [StationDay(NIGHT - dt.timedelta(days=d), 16.0, 26.0) for d in range(1, 40)],
    )
    before = frost_night.night(at, garden.site.id, NIGHT, -4.6, 4).trees
    with at.store.writing() as session:
        weather.put(session, garden.site.id, warm, "csv")
    at.weather_changes += 1
    after = frost_night.night(at, garden.site.id, NIGHT, -4.6, 4).trees
    assert after[0].damage.thresholds["wood"] > before[0].damage.thresholds["wood"] + 1
    assert after[0].damage.worst > before[0].damage.worst


def test_a_night_that_is_written_down_sets_its_dates_once(garden):
    at = garden.at
    at.settings = replace(at.settings, fixed_today=NIGHT + dt.timedelta(days=1))
    for _ in range(2):
        found = frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    assert found.saved >= len(garden.tree_ids)
    row = tasks_of(
        at, garden.row_id
    )  # five alike: dates for each tree, one more and they are the row's
    row = [*row, *(t for tree in garden.tree_ids for t in tasks_of(at, tree))]
    assert len({(t.scope_id, t.kind, t.due) for t in row}) == len(row)
    wanted = ("frost-night-bark", "frost-night-judge", "frost-night-cut")
    assert {*wanted} <= {t.kind for t in row}
    judge, cut = (min(t.due for t in row if t.kind == k) for k in wanted[1:])
    assert NIGHT < judge <= cut
    assert all(t.rule in at.know for t in row)
    foreseen = frost_tree.after_frost(at, garden.tree_ids[0]).foreseen
    assert foreseen.at_c == -8.0


def test_a_night_entered_late_asks_for_nothing_that_is_past(garden):
    """Two months on there is no fruit to test and no bark to shade; judging may be due today."""
    at = garden.at
    frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    asked = [t for s in (garden.row_id, *garden.tree_ids) for t in tasks_of(at, s)]
    assert {t.kind for t in asked} == {"frost-night-judge", "frost-night-cut"}
    assert min(t.due for t in asked) >= TODAY


def test_a_night_written_down_again_keeps_what_the_trees_showed(garden):
    at, (first, second, *_) = garden.at, garden.tree_ids
    frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    looking.say_class(at, first, "F2")
    frost_night.night(at, garden.site.id, NIGHT, -7.0, 6, save=True)
    assert frost_tree.after_frost(at, first).frost_class == "F2"  # seen on the tree, so it stays
    assert (
        frost_tree.after_frost(at, second).frost_class
        == frost_tree.after_frost(at, second).foreseen.frost_class
    )
    frost_night.night(
        at, garden.site.id, NIGHT, 3.0, 6, save=True
    )  # it was another night after all
    assert frost_tree.after_frost(at, second) is None
    assert frost_tree.after_frost(at, first).frost_class == "F2"
    assert not [t for t in tasks_of(at, second) if t.kind in NIGHT_TASKS]


def test_before_the_cold_young_trees_are_banked_and_unbanked(garden):
    at = garden.at
    assert frost_before.before_the_cold(at, garden.site.id) == []  # grown trees need none
    with refusing(InvalidInput, "nothing to put on"):
        frost_before.protect(at, garden.site.id, tree_record_block(at, garden.tree_ids[0]))
    young = planting.plant(
        at, garden.site.id, "Viveiro", 1, 2, "mandarin", TODAY.year - 1, "clementine", "carrizo"
    )
    block = next(
        b for b in frost_before.before_the_cold(at, garden.site.id) if b.block_id == young.block_id
    )
    assert [p.kind for p, _ in block.protections] == ["bank", "wrap"]
    assert {n for _, n in block.protections} == {2}
    assert frost_before.protect(at, garden.site.id, young.block_id) == 4
    assert frost_before.protect(at, garden.site.id, young.block_id) == 0
    due = {(t.kind, t.rule.split("/")[1]): t.due for t in tasks_of(at, young.row_id)}
    for kept in ("bank", "wrap"):
        assert due["frost-protect-on", kept] < due["frost-protect-off", kept]


def test_the_tag_of_frost_hangs_until_the_hurt_trees_are_judged(garden):
    at = garden.at
    assert grove(at, TODAY).frost.says is None
    frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    tag = grove(at, TODAY).frost
    assert f"the frost of {day_words(NIGHT)}" in said(tag.says)
    assert garden.row_id in tag.rows
    for tree_id in garden.tree_ids:
        if frost_tree.after_frost(at, tree_id) is not None:
            looking.look(at, tree_id, new_id(), "leaves-fell", TODAY)
    judged = grove(at, TODAY).frost
    assert (judged.says, judged.rows) == (None, tag.rows)  # the rows keep theirs


def test_the_tag_of_frost_names_a_night_that_is_foreseen(garden, monkeypatch):
    night = TODAY + dt.timedelta(days=1)
    monkeypatch.setattr(
        weather_service, "forecast", lambda *_: [ForecastDay(night, -1.0, 9.0, 0.0)]
    )
    assert day_words(night) in said(grove(garden.at, TODAY).frost.says)


def own(at, tree_id) -> dict[str, object]:
    """Days to judge and to cut of a tree, by kind, and what they say."""
    kinds = ("frost-night-judge", "frost-night-cut")
    return {t.kind: t for t in tasks_of(at, tree_id) if t.kind in kinds}


def test_a_class_put_right_takes_its_dates_along(garden):
    at, (first, second, *_) = garden.at, garden.tree_ids
    frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    before, others = own(at, first), own(at, second)
    looking.say_class(at, first, "F2")
    after = own(at, first)
    assert after["frost-night-cut"].due < before["frost-night-cut"].due
    assert "class F2" in after["frost-night-cut"].does
    assert {k: t.due for k, t in own(at, second).items()} == {k: t.due for k, t in others.items()}
    looking.say_class(at, first, "F1")  # leaf and fruit alone: nothing to judge or to cut
    assert own(at, first) == {}


def test_judging_and_cutting_close_their_days(garden):
    at, first = garden.at, garden.tree_ids[0]
    frost_night.night(at, garden.site.id, NIGHT, -8.0, 6, save=True)
    judge, cut = (own(at, first)[k].due for k in ("frost-night-judge", "frost-night-cut"))
    at.settings = replace(at.settings, fixed_today=judge)
    looking.say_class(at, first, "F4")
    assert set(own(at, first)) == {"frost-night-cut"}
    at.settings = replace(at.settings, fixed_today=max(cut, own(at, first)["frost-night-cut"].due))
    settle.done(at, [first], "sanitation", at.today(), "", None, new_id())
    assert own(at, first) == {}


def test_what_shelters_a_tree_counts_on_its_night_and_prized_trees_are_covered_at_any_age(tmp_path):
    at = open_workplace(Settings(data=tmp_path / "grove", fixed_today=NIGHT))
    frosts = {"last_frost": "02-12", "first_frost": "12-10"}
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast", **frosts)
    made = planting.plant(at, site.id, "Baixo", 1, 3, "lemon", 2005)
    covered, bare, prized = made.tree_ids

    def at_c():
        found = frost_night.night(at, site.id, NIGHT, -4.0, 4)
        return {t.tree_id: t.at_c for t in found.trees}

    says.write_down(at, "covered", [covered])
    assert at_c()[covered] == at_c()[bare] + at.know.number("frost-shelter/cover/warmer")
    says.write_down(at, "uncovered", [covered])
    assert at_c()[covered] == at_c()[bare]
    assert frost_before.before_the_cold(at, site.id) == []  # grown trees, and none foreseen
    observing.observe(at, "tree", prized, "prized", "yes", NIGHT)
    (block,) = frost_before.before_the_cold(at, site.id)
    assert {(p.kind, n) for p, n in block.protections} == {("bank", 1), ("wrap", 1)}
    assert block.tonight == ()
    says.write_down(at, "frost", scope="block", scope_id=made.block_id)  # heard of, not measured
    (block,) = frost_before.before_the_cold(at, site.id)
    assert {"tonight-water", "tonight-cover"} <= {r.code for r in block.tonight}
    at.store.close()
