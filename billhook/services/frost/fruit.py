"""Fruit after a cold night: a sample cut through, weighed and written down."""

from __future__ import annotations

from ...core.errors import invalid
from ...core.frost.fruit import CutTest, cut_test
from ...core.words.values import say
from ...store import frost_nights, places
from ...store.tables import Observation
from ...store.trees import save_observations, tree_records
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .hurt import mean_of


def cut_sample(
    at: Workplace, site_id: str, block_id: str, observation_id: str, cut: int, hurt: int
) -> CutTest:
    """A block's cut fruit after its last cold night, weighed and written down. The same id twice
    writes it once.

    Raises: NotFound; InvalidInput where no night was written down, or the sample cannot be.
    """
    today = at.today()
    with at.store.writing() as session:
        places.block(session, block_id)
        last = next((n for n in frost_nights.nights(session, site_id) if n.day <= today), None)
        if last is None:
            raise invalid("/cut", say("bad-write-the-night-down-first"))
        records = tree_records(session, block_id=block_id)
        mean = mean_of(SeasonDesk(session, at, today), records[0], today, 14) if records else None
        found = cut_test(at.know, cut, hurt, last.day, today, mean)
        if session.get(Observation, observation_id) is None:
            save_observations(
                session,
                Observation(
                    id=observation_id,
                    scope="block",
                    scope_id=block_id,
                    kind="cut_test",
                    value=f"{hurt}/{cut}",
                    date=today,
                ),
            )
        return found
