"""The almanac of stored trees: whole months, no gaps, the commonest tree of a block, and what does
not concern a tree left out.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.core.errors import InvalidInput
from billhook.services.holding import planting, setting_up
from billhook.services.season.almanac import almanac
from billhook.services.tree.views import tree_view
from billhook.store.database import NotFound

from ...places import TODAY
from ...refusing import refusing


def test_a_tree_over_fourteen_months(garden):
    found = almanac(garden.at, TODAY, tree_id=garden.tree_ids[0])
    assert (found.first, found.last) == (dt.date(2027, 3, 1), dt.date(2028, 4, 30))
    assert (found.name, found.trees, found.of) == ("Baixo 1·1", 1, 1)
    for lane in found.lanes:
        assert (lane.segments[0].start, lane.segments[-1].end) == (found.first, found.last)
    assert "pot" not in [lane.work for lane in found.lanes]
    assert len(found.warmth) == -(-((found.last - found.first).days + 1) // 7)
    assert max(found.warmth) == max(found.warmth[15:30])  # in summer


def test_the_day_says_the_same_as_the_tree(garden):
    found = almanac(garden.at, TODAY, tree_id=garden.tree_ids[0])
    for verdict in tree_view(garden.at, garden.tree_ids[0], TODAY).verdicts:
        lane = next((x for x in found.lanes if x.work == verdict.work), None)
        if lane is not None:
            now = next(s for s in lane.segments if s.start <= TODAY <= s.end)
            assert (now.status, now.max_share) == (verdict.status, verdict.max_share), verdict.work


def test_most_trees_stand_for_a_block(garden):
    block = tree_view(garden.at, garden.tree_ids[0], TODAY).record.block.id
    planting.plant(garden.at, garden.site.id, "Baixo", 2, 2, "mango", 2016)
    found = almanac(garden.at, TODAY, block_id=block)
    assert (found.name, found.trees, found.of, found.record.tree.species) == (
        "Baixo",
        5,
        7,
        "mandarin",
    )
    whole = almanac(garden.at, TODAY, months=18)
    assert (whole.name, whole.of, whole.last) == ("Almirelo", 8, dt.date(2028, 8, 31))


def test_a_pot_has_its_own_lane_and_no_hedge(garden):
    works = [lane.work for lane in almanac(garden.at, TODAY, tree_id=garden.pot_id).lanes]
    assert "pot" in works
    assert not {"hedge", "young"} & set(works)


def test_spans_and_places_that_cannot_be_are_refused(garden):
    for months in (11, 19):
        with refusing(InvalidInput, "between 12 and 18"):
            almanac(garden.at, TODAY, months=months)
    with pytest.raises(NotFound):
        almanac(garden.at, TODAY, tree_id="nothing")
    with pytest.raises(NotFound):
        almanac(garden.at, TODAY, block_id="nothing")


def test_before_anything_stands_there_is_no_almanac(at):
    setting_up.set_up(at, "G", "G", 36.8, "low-desert")
    with refusing(InvalidInput, "no tree stands"):
        almanac(at, TODAY)
