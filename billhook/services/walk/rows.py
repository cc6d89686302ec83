"""A row as it is walked: its trees in order, with what each needs next."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ...core.reasons import Reason
from ...core.season.next_need import Need
from ...core.words.values import say
from ...store import places, plans, walks
from ...store.database import NotFound
from ...store.trees import tree_record, tree_records
from ...store.walk_tables import Walk
from ..holding.grove import trees_with_needs
from ..season.desk import SeasonDesk
from ..season.one_pass import one_pass
from ..workplace import Workplace


@dataclass(frozen=True)
class RowTree:
    """A tree of a row as one walks along it, and what it needs next in words; young: it is still
    trained.
    """

    tree_id: str
    name: str
    species: str
    cultivar: str | None
    last: Walk | None
    need: Need
    young: bool = False


@dataclass(frozen=True)
class RowWalk:
    """A row as it is walked, and how many cut sheets are open in it. one_pass: where it is ripe and
    due for shearing.
    """

    row_id: str
    block: str
    n: int
    day: dt.date
    trees: tuple[RowTree, ...]
    open_sheets: int
    one_pass: Reason | None = None


def row_walk(at: Workplace, row_id: str) -> RowWalk:
    """The trees of a row in walking order, each with its last walk. Raises: NotFound."""
    with at.store.reading() as session:
        records = tree_records(session, row_id=row_id)
        if not records:
            raise NotFound(say("bad-there-is-no-row-with-trees", scope_id=row_id))
        last = walks.last_walks(session, [r.tree.id for r in records])
        first, last_of = records[0], {r.tree.id for r in records}
        desk = SeasonDesk(session, at, at.today())
        needs = {t.record.tree.id: t.need for t in trees_with_needs(desk, records)}
        trees = tuple(
            RowTree(
                r.tree.id,
                r.name,
                r.tree.species,
                r.cultivar,
                last.get(r.tree.id),
                needs[r.tree.id],
                desk.young(r),
            )
            for r in records
        )
        sheets_open = sum(p.tree_id in last_of for p in plans.open_plans(session))
        pass_ = one_pass(at, session, records, places.units(session))
        return RowWalk(
            row_id,
            first.block.name,
            first.row.n,
            at.today(),
            trees,
            sheets_open,
            pass_.reason if pass_ else None,
        )


def row_of(at: Workplace, tree_id: str) -> RowWalk:
    """The row a tree stands in. Raises: NotFound."""
    with at.store.reading() as session:
        row_id = tree_record(session, tree_id).row.id
    return row_walk(at, row_id)
