"""Whose rows are whose: what somebody is shown who has rows of their own, and nothing else."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass

from ...store import own_rows as store
from ...store import people
from ..workplace import Workplace

Rows = frozenset[str]
_AT_ONCE = 500


@dataclass(frozen=True)
class Own:
    """Somebody on the list of people, and the ids of the rows that are theirs."""

    person_id: str
    rows: Rows


def own_of(at: Workplace, name: str) -> Own | None:
    """What is somebody's of this name on the list of people: rows given to them by row or by block,
    or theirs in the plan of the weeks that was kept. None where nobody gave them any, or nobody of
    that name is on the list.
    """
    folded = name.casefold()
    with at.store.reading() as session:
        person = next((p for p in people.people(session) if p.name.casefold() == folded), None)
        rows = store.rows_of_person(session, person.id) if person else frozenset()
        return Own(person.id, rows) if person and rows else None


def not_theirs(at: Workplace, ids: Iterable[str], rows: Rows, writes: bool = False) -> bool:
    """Whether one of these ids names something in other rows; or a block of which no row is theirs,
    where something is written not every row.
    """
    wanted = sorted(set(ids))
    with at.store.reading() as session:
        for n in range(0, len(wanted), _AT_ONCE):
            some = wanted[n : n + _AT_ONCE]
            if store.rows_named(session, some) - rows:
                return True
            blocks = store.blocks_named(session, some).values()
            if any(of - rows if writes else not of & rows for of in blocks):
                return True
    return False


def narrowed(at: Workplace, within: str | None, rows: Rows) -> Rows:
    """The rows that are theirs, of a row or a block, or of all for None."""
    if within is None or within in rows:
        return rows if within is None else frozenset({within})
    with at.store.reading() as session:
        return rows & store.rows_in(session, within)
