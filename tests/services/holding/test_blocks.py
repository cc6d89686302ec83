"""Blocks drawn on the plan and moved there."""

from __future__ import annotations

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.lie import Lie
from billhook.services.holding import blocks
from billhook.services.holding.blocks import Kind, Outline, count_out, draw_block, lay_block, lying
from billhook.store import places
from billhook.store.trees import tree_records

FAR = ((500.0, 500.0), (560.0, 500.0), (560.0, 530.0), (500.0, 530.0))
FIELD = Outline(FAR, 6.0, 4.0)
AVOCADO = Kind("avocado", 2020, "hass")


def block_of(at, name):
    with at.store.reading() as session:
        return next(b.id for b in places.blocks(session) if b.name == name)


def test_a_block_is_drawn_with_places_left_empty(garden):
    at, site = garden.at, garden.site.id
    counted = count_out(at, site, FIELD)
    assert (len(counted.rows), counted.trees, counted.bearing_deg) == (5, 75, 90)
    made = draw_block(at, site, "New field", FIELD, AVOCADO, frozenset({(1, 2), (5, 15)}))
    assert made.trees == 73
    with at.store.reading() as session:
        mine = [r for r in tree_records(session) if r.block.name == "New field"]
    stand = {(r.row.n, r.place.n): (r.place.x, r.place.y) for r in mine}
    assert len(stand) == 73
    assert not {(1, 2), (5, 15)} & stand.keys()
    # the places after one that is empty keep their number and their spot
    assert stand[1, 3] == pytest.approx(counted.rows[0][2], abs=0.01)
    assert {(r.tree.species, r.cultivar, r.tree.planted_year) for r in mine} == {
        ("avocado", "hass", 2020)
    }


def test_trees_stand_as_their_kind_does_where_nobody_says(garden):
    at, site = garden.at, garden.site.id
    bare = Outline(FAR)
    counted = count_out(at, site, bare, "avocado")
    low, high = at.know.numbers("species/avocado/spread")
    assert counted.spacing_m == (low + high) / 2
    assert counted.row_spacing_m > counted.spacing_m
    assert "how far apart" in refused("/spacing_m", lambda: count_out(at, site, bare))
    assert "catalogue" in refused("/species", lambda: count_out(at, site, bare, "fir"))


def refused(field, call):
    with pytest.raises(InvalidInput) as error:
        call()
    assert [p.pointer for p in error.value.problems] == [field]
    return said(error.value.problems[0].message)


def test_what_cannot_be_drawn_is_said_and_nothing_is_planted(garden):
    at, site = garden.at, garden.site.id
    with at.store.reading() as session:
        before = len(tree_records(session))
    bow = Outline((FAR[0], FAR[2], FAR[1], FAR[3]), 6, 4)
    round_all = ((-500.0, -500.0), (400.0, -500.0), (400.0, 400.0), (-500.0, 400.0))
    wide = tuple((x * 1000, y * 1000) for x, y in FAR)

    def drawn(outline, name="New field", kind=AVOCADO, skipped=frozenset()):
        return lambda: draw_block(at, site, name, outline, kind, skipped)

    assert "crosses itself" in refused("/corners", drawn(bow))
    assert "stand within it already" in refused("/corners", drawn(Outline(round_all, 6, 4)))
    assert "more than 200000" in refused("/corners", drawn(Outline(wide, 0.5, 0.5)))
    assert (
        refused("/row_spacing_m", drawn(Outline(FAR, 0.1, 4)))
        == "must be a number between 0.3 and 60 m"
    )
    assert "no row" in refused("/corners", drawn(Outline(FAR[:3], 60, 60)))
    assert "already" in refused("/block", drawn(FIELD, name=garden_block(at)))
    assert "catalogue" in refused("/species", drawn(FIELD, kind=Kind("fir", 2020)))
    every = frozenset((r, p) for r in range(1, 6) for p in range(1, 16))
    assert "left empty" in refused("/skipped", drawn(FIELD, skipped=every))
    with at.store.reading() as session:
        assert len(tree_records(session)) == before


def garden_block(at):
    with at.store.reading() as session:
        return tree_records(session)[0].block.name


def test_a_block_is_moved_turned_and_spread_out(garden):
    at = garden.at
    draw_block(at, garden.site.id, "New field", FIELD, AVOCADO)
    block = block_of(at, "New field")
    assert lying(at, block).lie == Lie(90, 6, 4)
    tried = lay_block(at, block, 100, 0, Lie(0, 7, 5), save=False)
    assert tried.lie.spacing_m == pytest.approx(5, abs=0.02)
    assert lying(at, block).lie == Lie(90, 6, 4), "trying moves nothing"
    lay_block(at, block, 100, 0, Lie(0, 7, 5), save=True)
    after = lying(at, block)
    assert after.lie.row_spacing_m == pytest.approx(7, abs=0.02)
    assert after.rows == tried.rows
    assert after.rows[1][1] == pytest.approx((602, 527))


def test_a_block_is_not_laid_over_another(garden):
    at = garden.at
    draw_block(at, garden.site.id, "New field", FIELD, AVOCADO)
    block = block_of(at, "New field")
    before = lying(at, block)
    onto = garden_spot(at)
    east, north = onto[0] - 530, onto[1] - 515
    says = refused(
        "/east_m", lambda: lay_block(at, block, east, north, Lie(None, None, None), True)
    )
    assert garden_block(at) in says
    assert lying(at, block) == before


def garden_spot(at):
    with at.store.reading() as session:
        place = tree_records(session)[0].place
    return place.x, place.y


def test_a_single_tree_has_no_way_to_turn(garden):
    at = garden.at
    small = Outline(((500.0, 500.0), (505.0, 500.0), (505.0, 505.0), (500.0, 505.0)), 5, 5)
    draw_block(at, garden.site.id, "One", small, AVOCADO)
    block = block_of(at, "One")
    says = refused(
        "/bearing_deg", lambda: blocks.lay_block(at, block, 0, 0, Lie(20, None, None), True)
    )
    assert "two trees" in says
