"""What was entered wrong is put right; what happened stays."""

from __future__ import annotations

import datetime as dt
import io
from itertools import pairwise
from math import hypot

import pytest
from PIL import Image

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.lie import Lie
from billhook.services.book import logbook, photos
from billhook.services.frost import night as frost_night
from billhook.services.holding import planting
from billhook.services.holding.blocks import lay_block
from billhook.services.holding.grove import grove
from billhook.services.season import settle
from billhook.services.tree import put_right, records, views
from billhook.services.tree.views import tree_view
from billhook.store import frost_nights
from billhook.store.acts import new_id
from billhook.store.database import NotFound, StaleVersion
from billhook.store.trees import tree_record, tree_records

from ...places import TODAY
from ...refusing import refusing


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
    settle.put_off(at, [tree], "thin", TODAY + dt.timedelta(days=20), "no time", TODAY)
    frost_night.night(at, record(at, tree).site.id, TODAY, -9.0, 8.0, save=True)
    with at.store.reading() as session:
        assert tree in frost_nights.assessed(session)
    put_right.delete_tree(at, tree, 1)
    with pytest.raises(NotFound):
        record(at, tree)
    assert tree not in {t.record.tree.id for t in grove(at, TODAY).trees}
    logbook.log_past_work(at, other, new_id(), TODAY, "thin", 0.1)
    with pytest.raises(InvalidInput) as refused:
        put_right.delete_tree(at, other, 1)
    assert "a log" in said(refused.value.problems[0].message)


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


def test_a_tree_is_put_where_it_stands_and_a_row_set_out_anew(garden):
    at, tree = garden.at, garden.tree_ids[1]
    put_right.put_at(at, tree, 1, 12.345, -3.0)
    with at.store.reading() as session:
        record = tree_record(session, tree)
        assert (record.place.x, record.place.y) == (12.35, -3.0)
        row_id = record.row.id
    put_right.set_out(at, row_id, 2.5, 90)
    with at.store.reading() as session:
        spots = [(r.place.x, r.place.y) for r in tree_records(session, row_id=row_id)]
    gaps = [round(b[0] - a[0], 2) for a, b in pairwise(spots)]
    assert set(gaps) == {2.5}
    assert len({y for _, y in spots}) == 1


def test_a_block_is_turned_about_its_first_tree(garden):
    at = garden.at
    with at.store.reading() as session:
        block = tree_record(session, garden.tree_ids[0]).block.id
        before = [(r.place.x, r.place.y) for r in tree_records(session, block_id=block)]
    lay_block(at, block, 0, 0, Lie(0, None, None), save=True)
    with at.store.reading() as session:
        after = [(r.place.x, r.place.y) for r in tree_records(session, block_id=block)]
    assert after[0] == before[0]
    assert len({x for x, _ in after}) == 1
    assert after[-1][1] > after[0][1]  # it runs north now
    far = [[hypot(x - s[0][0], y - s[0][1]) for x, y in s] for s in (before, after)]
    assert far[1] == pytest.approx(far[0], abs=0.02)


def test_like_trees_of_a_row_are_put_right_together(garden):
    at, tree = garden.at, garden.tree_ids[0]
    with at.store.reading() as session:
        record = tree_record(session, tree)
        alike = tree_records(session, row_id=record.row.id)
    many = records.change_alike(at, tree, 1, "row", {"rootstock": "swingle"})
    assert many == len(alike) > 1
    with at.store.reading() as session:
        stocks = {r.stem.rootstock for r in tree_records(session, row_id=record.row.id)}
    assert stocks == {"swingle"}
    with refusing(InvalidInput, "a name is of one tree"):
        records.change_alike(at, tree, 2, "row", {"name": "old one"})
    with pytest.raises(StaleVersion):
        records.change_alike(at, tree, 1, "block", {"planted_year": 2010})


def test_a_second_cultivar_is_told_by_its_leaf_and_keeps_the_tree_one(garden):
    at, tree, graft = garden.at, garden.tree_ids[0], new_id()
    for _ in range(2):
        records.add_graft(at, tree, graft, "clementine", " broad leaf ")
    view = tree_view(at, tree, TODAY, ("thin",))
    assert [(g.cultivar, g.mark) for g in view.grafts] == [("clementine", "broad leaf")]
    with at.store.reading() as session:
        assert len([r for r in tree_records(session) if r.tree.id == tree]) == 1
    with refusing(InvalidInput, "told by"):
        records.add_graft(at, tree, new_id(), "clementine", " ")
    with refusing(InvalidInput, "not a cultivar of that kind"):
        records.add_graft(at, tree, new_id(), "hass", "large leaf")
    records.take_graft_off(at, tree, graft)
    assert tree_view(at, tree, TODAY, ("thin",)).grafts == []


def test_notes_and_photos_of_rows_and_blocks(garden):
    at = garden.at
    with at.store.reading() as session:
        record = tree_record(session, garden.tree_ids[0])
    put_right.note_on(at, "row", record.row.id, " wet foot ")
    put_right.note_on(at, "block", record.block.id, "line overhead")
    with at.store.reading() as session:
        again = tree_record(session, garden.tree_ids[0])
    assert (again.row.note, again.block.note) == ("wet foot", "line overhead")
    out = io.BytesIO()
    Image.new("RGB", (80, 60), (90, 120, 90)).save(out, "JPEG")
    of_row = photos.Whose(row_id=record.row.id)
    kept = photos.keep(at, new_id(), of_row, "before", TODAY, out.getvalue())
    assert [p.id for p in photos.at_place(at, of_row)] == [kept.id]
    assert photos.at_place(at, photos.Whose(block_id=record.block.id)) == []
    with refusing(InvalidInput, "say one of"):
        photos.keep(at, new_id(), photos.Whose(), "before", TODAY, out.getvalue())
