"""The search box reads as the planting sentence does."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.services.heights import aims
from billhook.services.holding import planting
from billhook.services.holding.find import find
from billhook.services.tree import observing
from billhook.store.logbook import save_tasks
from billhook.store.tables import Task

from ...places import TODAY


@pytest.fixture
def mixed(garden):
    at, site = garden.at, garden.site.id
    planting.plant(at, site, "Patio", "pots", 2, "lemon", 2021, "eureka", pot_l=40)
    planting.plant(at, site, "Alto", "B", 2, "mango", 2015, "keitt")
    planting.plant(at, site, "Alto", 3, 1, "avocado", 2018, "hass")
    return at


@pytest.mark.parametrize(
    ("text", "species"),
    [
        ("lemons in pots", ["lemon", "lemon", "lemon"]),
        ("Keitt", ["mango", "mango"]),
        ("a mango planted 2015 and an avocado", ["avocado", "mango", "mango"]),
        ("avocado planted 2011", []),
        ("row B", ["mango", "mango"]),
        ("something else", []),
    ],
)
def test_trees_are_found_by_what_is_said_of_them(mixed, text, species):
    assert sorted(r.tree.species for r in find(mixed, text)) == species


def test_how_trees_stand_can_be_asked_with_what_they_are(mixed, garden):
    tree, day = garden.tree_ids[0], TODAY - dt.timedelta(days=2)
    with mixed.store.writing() as session:
        late = Task(scope_id=tree, kind="look", does="Look", due=day, rule="comeback/look/days")
        save_tasks(session, late)
    aims.say_aim(mixed, tree, "tree", 1.0, None)
    observing.observe(mixed, "tree", garden.tree_ids[1], "freeze_class", "F3", TODAY)

    def names(text: str) -> list[str]:
        return [r.name for r in find(mixed, text)]

    assert names("late") == names("mandarins over the wanted height") == ["Baixo 1·1"]
    assert names("late lemons") == []
    assert names("hurt") == ["Baixo 1·2"]
    assert len(names("undrawn mango")) == 2
    assert names("baixo 1 3") == ["Baixo 1·3"]
    assert names("Baixo undrawn") == ["Baixo 1·2", "Baixo 1·3", "Baixo 1·4", "Baixo 1·5"]
