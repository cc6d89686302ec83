"""A workplace on an empty folder, and a small holding on it."""

from __future__ import annotations

from dataclasses import dataclass

import pytest

from billhook.core.walk.questions import questions_of
from billhook.core.walk.tree import WalkTree
from billhook.services.holding import planting, setting_up
from billhook.services.tree import framing
from billhook.services.workplace import Workplace
from billhook.store.tables import Site

from ..places import TODAY, empty_workplace, forked_frame


@pytest.fixture
def at(tmp_path) -> Workplace:
    workplace = empty_workplace(tmp_path)
    yield workplace
    workplace.store.close()


@dataclass(frozen=True)
class Garden:
    """A row of five clementines on a mediterranean coast, the first of them measured; and a lemon
    in a pot.
    """

    at: Workplace
    site: Site
    row_id: str
    tree_ids: list[str]
    frame_id: str
    pot_id: str


@pytest.fixture
def garden(at) -> Garden:
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    row = planting.plant(at, site.id, "Baixo", 1, 5, "mandarin", 2014, "clementine", "carrizo")
    pot = planting.plant(
        at, site.id, "Pátio", 1, 1, "lemon", 2021, None, None, 40.0, under_cover=True
    )
    frame = framing.save_frame(
        at, row.tree_ids[0], forked_frame(), None, {"e", "w", "e1", "k"}, TODAY
    )
    return Garden(at, site, row.row_id, row.tree_ids, frame.id, pot.tree_ids[0])


@pytest.fixture
def drawn(garden):
    """The measured tree of the garden: a fork, a dead end and a sucker."""
    return garden.at, garden.tree_ids[0]


@pytest.fixture(scope="session")
def know_walk(know):
    """The catalogue, a tree and its questions."""
    tree = WalkTree("mandarin", "citrus", TODAY, 12, 3)
    return know, tree, questions_of(know, tree)
