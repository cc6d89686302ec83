"""People of the holding: their names, how far they reach, what they may carry, whose rows are
whose.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from typing import Literal

from sqlmodel import Session

from ...core.errors import refuse
from ...store import people as kept
from ...store import places
from ...store.people_tables import Person
from ...store.trees import TreeRecord
from ..workplace import Workplace

Scope = Literal["row", "block"]


@dataclass(frozen=True)
class PersonView:
    """Somebody, and the ids of the rows and blocks that are theirs."""

    id: str
    name: str
    reach_m: float | None
    pole_m: float | None
    carries_kg: float | None
    scope_ids: tuple[str, ...]


def list_people(at: Workplace) -> list[PersonView]:
    """Everybody, by name."""
    with at.store.reading() as session:
        given = kept.assignments(session)
        return [_view(p, given) for p in kept.people(session)]


def _view(row: Person, given: Mapping[str, str]) -> PersonView:
    own = tuple(scope for scope, who in given.items() if who == row.id)
    return PersonView(row.id, row.name, row.reach_m, row.pole_m, row.carries_kg, own)


def put_person(
    at: Workplace,
    person_id: str,
    name: str,
    reach_m: float | None = None,
    pole_m: float | None = None,
    carries_kg: float | None = None,
) -> PersonView:
    """Put somebody on the list, or change what is known of them [m, kg]. Raises: InvalidInput where
    the name is taken or the pole reaches less far than the hand.
    """
    name = name.strip()
    with at.store.writing() as session:
        taken = any(
            p.name.casefold() == name.casefold() and p.id != person_id for p in kept.people(session)
        )
        short = reach_m is not None and pole_m is not None and pole_m <= reach_m
        refuse(
            {
                "/name": "somebody of this name is on the list already" if taken else None,
                "/pole_m": "a pole reaches further than the hand" if short else None,
            }
        )
        row = Person(id=person_id, name=name, reach_m=reach_m, pole_m=pole_m, carries_kg=carries_kg)
        kept.save_person(session, row)
        session.flush()
        return _view(kept.person(session, person_id), kept.assignments(session))


def remove_person(at: Workplace, person_id: str) -> None:
    """Take somebody off the list; what they did stays in the Book. Raises: NotFound."""
    with at.store.writing() as session:
        kept.remove_person(session, kept.person(session, person_id))


def assign(at: Workplace, scope: Scope, scope_ids: Iterable[str], person_id: str | None) -> int:
    """Give rows or blocks to somebody, or to nobody; how many. Raises: NotFound."""
    ids = list(dict.fromkeys(scope_ids))
    with at.store.writing() as session:
        find = places.row if scope == "row" else places.block
        for one in ids:
            find(session, one)
        if person_id is not None:
            kept.person(session, person_id)
        kept.assign(session, scope, ids, person_id)
    return len(ids)


class Helpers:
    """Whose a tree is: its row's, else its block's."""

    def __init__(self, session: Session) -> None:
        names = {p.id: p.name for p in kept.people(session)}
        self._given = {s: names[p] for s, p in kept.assignments(session).items()}

    def of(self, record: TreeRecord) -> str | None:
        """The name of who does the work on it; None where nobody was named."""
        return self._given.get(record.row.id) or self._given.get(record.block.id)
