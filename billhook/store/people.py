"""People who work on the holding, and whose rows and blocks are whose."""

from __future__ import annotations

from collections.abc import Iterable

from sqlmodel import Session, col, select

from ..core.words.values import say
from .crew import forget_person
from .database import NotFound
from .people_tables import Assignment, Person


def people(session: Session) -> list[Person]:
    """Everybody, by name."""
    return sorted(session.exec(select(Person)).all(), key=lambda p: p.name.casefold())


def person(session: Session, person_id: str) -> Person:
    """One of them. Raises: NotFound."""
    found = session.get(Person, person_id)
    if found is None:
        raise NotFound(say("bad-person", person_id=person_id))
    return found


def save_person(session: Session, row: Person) -> None:
    """Write one down, new or changed."""
    session.merge(row)


def remove_person(session: Session, row: Person) -> None:
    """Take one off the list; whose rows they were is nobody's then."""
    forget_person(session, row.id)
    for one in session.exec(select(Assignment).where(Assignment.person_id == row.id)).all():
        session.delete(one)
    session.flush()
    session.delete(row)


def assignments(session: Session) -> dict[str, str]:
    """The person's id by that of the row or block."""
    return {a.scope_id: a.person_id for a in session.exec(select(Assignment)).all()}


def assign(session: Session, scope: str, scope_ids: Iterable[str], person_id: str | None) -> None:
    """Give rows or blocks to somebody, or to nobody."""
    wanted = list(dict.fromkeys(scope_ids))
    held = {
        a.scope_id: a
        for a in session.exec(select(Assignment).where(col(Assignment.scope_id).in_(wanted))).all()
    }
    for scope_id in wanted:
        row = held.get(scope_id)
        if person_id is None:
            if row is not None:
                session.delete(row)
        elif row is None:
            session.add(Assignment(scope=scope, scope_id=scope_id, person_id=person_id))
        else:
            row.person_id = person_id
            session.add(row)
