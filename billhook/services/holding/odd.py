"""Entries that make no sense: shown, so that they can be taken out; they never close a holding."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ...core.errors import invalid
from ...core.observed import SAYS, TAKEN_OUT
from ...core.words.values import Value, say
from ...store import places
from ...store.tables import Observation
from ...store.trees import observation, odd_observations, save_observations, tree_records
from ..workplace import Workplace


@dataclass(frozen=True)
class OddEntry:
    """An entry that cannot be used. where: the tree or block; tree_id: None for a block's; says:
    what it is of; problem: what is wrong with its value.
    """

    id: str
    where: Value
    tree_id: str | None
    says: Value
    value: str
    date: dt.date
    problem: Value


def odd_entries(at: Workplace) -> list[OddEntry]:
    """Every entry that cannot be used."""
    with at.store.reading() as session:
        found = odd_observations(session)
        if not found:
            return []
        names = {r.tree.id: r.name for r in tree_records(session)} | {
            b.id: b.name for b in places.blocks(session)
        }
        return [
            OddEntry(
                o.id,
                names.get(o.scope_id, say("a-tree-that-is-gone")),
                o.scope_id if o.scope == "tree" else None,
                SAYS.get(o.kind, o.kind),
                o.value,
                o.date,
                problem,
            )
            for o, problem in found
        ]


def take_out(at: Workplace, observation_id: str) -> None:
    """Take an entry out; it stays in the history, and nothing reads it any more. Raises: NotFound;
    InvalidInput for one that is sound.
    """
    with at.store.writing() as session:
        wrong = observation(session, observation_id)
        if all(odd.id != observation_id for odd, _ in odd_observations(session)):
            raise invalid("", say("bad-this-entry-makes-sense-or-is"))
        save_observations(
            session,
            Observation(
                scope=wrong.scope,
                scope_id=wrong.scope_id,
                kind=wrong.kind,
                value=TAKEN_OUT,
                date=at.today(),
                corrects=wrong.id,
            ),
        )
