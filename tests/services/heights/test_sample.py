"""A few trees of a block are measured for all of them."""

from __future__ import annotations

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.heights.sample import sample
from billhook.store.database import NotFound
from billhook.store.trees import tree_record


def block_of(garden) -> str:
    with garden.at.store.reading() as session:
        return tree_record(session, garden.tree_ids[0]).block.id


def test_trees_are_named_with_what_they_tell(garden):
    found = sample(garden.at, block_of(garden), 3)
    assert (len(found.trees), found.of) == (3, 5)
    assert [t.measured for t in found.trees].count(True) == 1
    height, trunk, share = (said(s) for s in found.says)
    assert height.startswith("Mean height so far 2.61 m")
    assert "110 mm" in trunk
    assert "%" in share
    feet = [said(s) for s in sample(garden.at, block_of(garden), 3, "us").says]
    assert '"' in feet[0]
    assert "without error" in said(sample(garden.at, block_of(garden), 40).says[0])


def test_what_cannot_be_chosen_says_so(garden):
    with pytest.raises(InvalidInput):
        sample(garden.at, block_of(garden), 0)
    with pytest.raises(NotFound):
        sample(garden.at, garden.pot_id, 3)
