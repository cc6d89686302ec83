"""Days on which somebody does no work here, or, for rain, nobody does."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import refuse
from ...core.words.values import say
from ...store import crew, people
from ...store.crew_tables import Away
from ..workplace import Workplace


@dataclass(frozen=True)
class DaysOff:
    """Days off of somebody, or of everybody. name: whose, None for everybody's."""

    id: str
    person_id: str | None
    name: str | None
    first: dt.date
    last: dt.date
    why: str


def days_off(session: Session, since: dt.date) -> list[DaysOff]:
    """Those that are not over by a day, the earliest first."""
    names = {p.id: p.name for p in people.people(session)}
    return [
        DaysOff(a.id, a.person_id, names.get(a.person_id or ""), a.first, a.last, a.why)
        for a in crew.aways(session, since)
    ]


def put_away(
    at: Workplace, away_id: str, person_id: str | None, first: dt.date, last: dt.date, why: str = ""
) -> None:
    """Write down days off, both ends included; of everybody for None. Raises: NotFound;
    InvalidInput by field.
    """
    over = (last - at.today()).days < 0
    most = at.know.days("crew/off-most")
    refuse(
        {
            "/last": say("bad-lies-before-the-first-day")
            if last < first
            else say("bad-is-over")
            if over
            else say("bad-more-than-a-year-take-them")
            if (last - first).days > most
            else None
        }
    )
    with at.store.writing() as session:
        if person_id is not None:
            people.person(session, person_id)
        row = Away(id=away_id, person_id=person_id, first=first, last=last, why=why.strip())
        crew.save_away(session, row)


def take_away(at: Workplace, away_id: str) -> None:
    """They are no days off after all. Raises: NotFound."""
    with at.store.writing() as session:
        crew.let_go(session, crew.away(session, away_id))
