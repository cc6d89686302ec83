"""What a tree needs next, and what comes when nothing is due."""

from __future__ import annotations

import datetime as dt

from billhook.catalogue.wording import said
from billhook.services.heights import aims
from billhook.services.holding import planting, setting_up
from billhook.services.season import needs, today
from billhook.store.logbook import save_tasks
from billhook.store.tables import Task

from ...places import TODAY, empty_workplace


def come_back(at, tree_id: str, due: dt.date, does: str = "Look for sprouts") -> None:
    with at.store.writing() as session:
        rule = "comeback/look/days"
        save_tasks(session, Task(scope_id=tree_id, kind="look", does=does, due=due, rule=rule))


def test_what_can_be_done_now_comes_first_then_by_its_day(garden):
    tree = garden.tree_ids[0]
    come_back(garden.at, tree, TODAY + dt.timedelta(days=90), "Loosen the tie")
    come_back(garden.at, tree, TODAY - dt.timedelta(days=3))
    found = needs.needs(garden.at, tree, TODAY)
    assert [n.work for n in found[:2]] == ["sucker", "sanitation"]  # as drawn: one of each
    when = [said(n.when) for n in found]
    assert when[:3] == ["any day", "any dry day", "late, since 21 Mar 2027"]
    ahead = [n.opens for n in found if n.opens]
    assert ahead == sorted(ahead)
    assert all(n.opens is None for n in found[: len(found) - len(ahead)])
    assert all(n.tone == "wait" for n in found if n.opens)
    assert any(said(n.when) == "22 Jun 2027" for n in found)


def test_a_sweep_before_every_flush_is_named_once(garden):
    found = needs.needs(garden.at, garden.tree_ids[1], TODAY)
    assert len([n for n in found if n.kind == "sweep"]) == 1


def test_late_looks_stand_apart(garden):
    come_back(garden.at, garden.tree_ids[0], TODAY - dt.timedelta(days=3))
    come_back(garden.at, garden.tree_ids[0], TODAY)
    found = today.fortnight(garden.at, TODAY)
    assert [i.last_good for i in found.late] == [TODAY - dt.timedelta(days=3)]
    assert TODAY in [i.last_good for i in found.items if i.kind == "come-back"]


def test_where_nothing_is_due_the_next_is_named_however_far(at):
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    (tree,) = planting.plant(
        at, site.id, "Horta", 1, 1, "lemon", 2012, rootstock="own-rooted"
    ).tree_ids
    assert today.fortnight(at, TODAY).next is None
    due = TODAY + dt.timedelta(days=200)
    come_back(at, tree, due)
    found = today.fortnight(at, TODAY)
    assert found.items == found.late == []
    assert found.next is not None
    assert found.next.last_good == due


def test_where_no_season_closes_it_no_last_day_is_made_up(tmp_path):
    """Where no frost comes: the end of what is looked ahead is no last good day."""
    at = empty_workplace(tmp_path, dt.date(2026, 12, 5))
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 19.7, "tropical-lowland")
    like = planting.Like(height_m=2.4, spread_m=2.2, trunk_mm=75)
    tree = planting.plant(at, site.id, "B", 1, 1, "key-lime", 2018, like=like).tree_ids[0]
    aims.say_aim(at, tree, "tree", 2.0)
    lowering = next(n for n in needs.needs(at, tree, at.today()) if n.work == "height")
    assert (lowering.tone, said(lowering.when)) == ("go", "any day")
    item = next(i for i in today.fortnight(at, at.today()).items if i.work == "height")
    assert item.last_good is None
    at.store.close()
