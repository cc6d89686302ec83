"""Writing down what was picked, from a tree, a row or a block."""

from __future__ import annotations

import datetime as dt

from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.words.values import listed, say
from ...store import harvests as kept
from ...store import places
from ...store.database import NotFound
from ...store.harvests import save_harvest
from ...store.tables import Harvest
from ...store.trees import tree_record, tree_records
from ..workplace import Workplace

SCOPES = ("tree", "row", "block")


def pick(
    at: Workplace,
    harvest_id: str,
    scope: str,
    scope_id: str,
    day: dt.date,
    kg: float,
    who: str = "",
) -> Harvest:
    """Fruit picked [kg]. The same id twice writes it once. Raises: NotFound; InvalidInput for a
    scope that is none or a day to come.
    """
    if scope not in SCOPES:
        raise invalid("/scope", say("bad-must-be-one-of", known=listed(SCOPES)))
    refuse({"/day": done_problem(day, at.today())})
    with at.store.writing() as session:
        known = kept.harvest(session, harvest_id)
        if known is not None:
            return known
        if scope == "tree":
            tree_record(session, scope_id)
        elif scope == "row":
            if not tree_records(session, row_id=scope_id):
                raise NotFound(say("bad-there-is-no-row-with-trees", scope_id=scope_id))
        else:
            places.block(session, scope_id)
        made = Harvest(id=harvest_id, scope=scope, scope_id=scope_id, day=day, kg=kg, who=who)
        save_harvest(session, made)
        return made
