"""What was entered wrong is put right; what happened stays."""

from __future__ import annotations

import pytest

from billhook.core.errors import InvalidInput
from billhook.services.book import logbook
from billhook.services.holding import planting
from billhook.services.holding.grove import grove
from billhook.services.tree import put_right, records, views
from billhook.store.acts import new_id
from billhook.store.database import NotFound, StaleVersion

from ...places import TODAY


@pytest.fixture
def two(garden):
    like = planting.Like(height_m=3.0, spread_m=2.5, trunk_mm=90)
    made = planting.plant(
        garden.at, garden.site.id, "Alto", 1, 2, "lemon", 2019, "eureka", like=like
    )
    return garden.at, made.tree_ids


def record(at, tree):
    return views.tree_view(at, tree, TODAY, ("thin",)).record


def test_kind_and_cultivar_go_together(two):
    at, (tree, _) = two
    records.change_tree(at, tree, 1, {"species": "mango", "name": "the old one"})
    now = record(at, tree)
    assert (now.tree.species, now.cultivar, now.name) == ("mango", None, "the old one")
    records.change_tree(at, tree, 2, {"cultivar": "kent", "origin": "grafted"})
    assert (record(at, tree).cultivar, record(at, tree).tree.origin) == ("kent", "grafted")
    with pytest.raises(InvalidInput) as refused:
        records.change_tree(at, tree, 3, {"cultivar": "hass"})
    assert refused.value.problems[0].pointer == "/cultivar"


def test_a_tree_is_moved(two):
    at, (tree, other) = two
    moved = put_right.move_tree(at, tree, 1, "Baixo", "1")
    assert (moved.block.name, moved.row.n) == ("Baixo", 1)
    assert moved.place.n == 6  # after the five that stand there
    assert put_right.move_tree(at, other, 1, "Yard", None).name == "Yard 1·1"
    with pytest.raises(StaleVersion):
        put_right.move_tree(at, tree, 1, "Alto", "1")
    with pytest.raises(InvalidInput):
        put_right.move_tree(at, tree, 2, " ", None)


def test_a_mistake_is_deleted_and_a_history_is_not(two):
    at, (tree, other) = two
    put_right.delete_tree(at, tree, 1)
    with pytest.raises(NotFound):
        record(at, tree)
    assert tree not in {t.record.tree.id for t in grove(at, TODAY).trees}
    logbook.log_past_work(at, other, new_id(), TODAY, "thin", 0.1)
    with pytest.raises(InvalidInput) as refused:
        put_right.delete_tree(at, other, 1)
    assert "a log" in refused.value.problems[0].message


def test_a_tree_said_to_be_gone_stands_again(two):
    at, (tree, _) = two
    with pytest.raises(InvalidInput):
        put_right.stand_again(at, tree, 1)
    records.remove_tree(at, tree, 1, TODAY)
    assert tree not in {t.record.tree.id for t in grove(at, TODAY).trees}
    put_right.stand_again(at, tree, 2)
    assert tree in {t.record.tree.id for t in grove(at, TODAY).trees}


def test_rows_and_blocks_are_called_as_people_call_them(two):
    at, (tree, _) = two
    now = record(at, tree)
    put_right.call_row(at, now.row.id, "by the wall")
    put_right.call_block(at, now.block.id, now.block.version, "Upper")
    assert record(at, tree).name == "Upper by the wall·1"
    put_right.call_row(at, now.row.id, "")
    assert record(at, tree).name == "Upper 1·1"
    for name in ("", "Baixo"):
        with pytest.raises(InvalidInput):
            put_right.call_block(at, now.block.id, now.block.version + 1, name)
