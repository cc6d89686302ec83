"""A migrated store, and a stem in it."""

from __future__ import annotations

import pytest

from billhook.store.database import Store
from billhook.store.tables import Block, Graft, Holding, Place, Row, Site, Stem, Tree


@pytest.fixture
def store(tmp_path) -> Store:
    opened = Store(tmp_path / "billhook.sqlite")
    opened.migrate()
    yield opened
    opened.close()


@pytest.fixture
def stem(store) -> Stem:
    with store.writing() as session:
        holding = Holding(name="Almirelo")
        session.add(holding)
        session.flush()
        site = Site(
            holding_id=holding.id, name="Almirelo", latitude=36.8, climate="mediterranean-coast"
        )
        session.add(site)
        session.flush()
        block = Block(site_id=site.id, name="Baixo")
        session.add(block)
        session.flush()
        row = Row(block_id=block.id, n=4)
        session.add(row)
        session.flush()
        place = Place(row_id=row.id, n=11)
        session.add(place)
        session.flush()
        tree = Tree(place_id=place.id, species="mandarin", planted_year=2014)
        session.add(tree)
        session.flush()
        made = Stem(tree_id=tree.id, rootstock="carrizo", union_m=0.2)
        session.add(made)
        session.flush()
        session.add(Graft(stem_id=made.id, cultivar="clementine"))
    return made
