"""Suckers on a look: what an ignored one does, the tool by its thickness, what came off in the log,
and which trees are looked over before a flush.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.services.book.logbook import log
from billhook.services.holding import planting, setting_up
from billhook.services.season import today
from billhook.services.walk import walks
from billhook.store.logbook import counts

from ...places import TODAY, empty_workplace
from .walking import walked


def below(view):
    return next(f for f in view.end.findings if f.step == "below")


@pytest.mark.parametrize(
    ("thick", "how"),
    [("straw", "rub it off"), ("pencil", "off at its origin"), ("thumb", "two cuts")],
)
def test_its_thickness_decides_how_a_sucker_comes_off(garden, thick, how):
    view = walked(
        garden.at, garden.tree_ids[0], below="shoot", below_outcome="waits", below_thick=thick
    )
    found = below(view)
    assert how in said(found.text)
    assert found.work == "sucker"
    (left,) = [r for r in found.reasons if r.code == "sucker-left"]
    assert "9 months" in said(left.says)


@pytest.mark.parametrize("way", [{"below": "cut"}, {"below": "shoot", "below_outcome": "off"}])
def test_suckers_cut_on_a_look_go_into_the_log_with_their_thickness(garden, way):
    at, tree = garden.at, garden.tree_ids[0]
    view = walked(at, tree, **way, below_count="3", below_thick="thumb")
    for _ in range(2):
        walks.finish(at, view.walk.id)
    (line,) = [x for x in log(at) if x.entry.work == "sucker" and x.entry.date == TODAY]
    assert line.entry.cuts == 3
    with at.store.reading() as session:
        (count,) = counts(session, [line.entry.id])[line.entry.id]
    assert (count.thickness, count.n) == ("thumb", 3)


def test_a_tree_the_stock_has_taken_is_won_back_in_stages_or_given_up(garden):
    works = {}
    for tree, left in zip(garden.tree_ids, ("half", "some", "few", "none"), strict=False):
        works[left] = below(walked(garden.at, tree, below="over", below_left=left))
    assert [f.work for f in works.values()] == ["sucker", "sucker", "sucker", None]
    assert "a third" in said(works["some"].text)
    assert "Graft it over or plant anew" in said(works["none"].text)


def test_a_tree_of_unknown_stock_is_looked_over_before_each_flush(tmp_path):
    """Nobody said what the lemon stands on; a lychee is layered unless somebody says otherwise."""
    at = empty_workplace(tmp_path, TODAY)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    asked = {}
    for species, stock in (("lemon", None), ("lemon", "own-rooted"), ("lychee", None)):
        (tree,) = planting.plant(
            at, site.id, f"{species} {stock}", 1, 1, species, 2012, rootstock=stock
        ).tree_ids
        asked[tree] = species == "lemon" and stock is None
    seen = set()
    for weeks in range(0, 52, 2):
        items = today.fortnight(at, TODAY + dt.timedelta(weeks=weeks)).items
        seen |= {r.tree.id for i in items if i.kind == "sweep" for r in i.trees}
    assert seen == {tree for tree, due in asked.items() if due}
