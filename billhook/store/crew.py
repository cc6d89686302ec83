"""Days off, fixed work and kept plans of the crew's weeks."""

from __future__ import annotations

import datetime as dt

from sqlmodel import Session, col, select

from ..core.words.values import say
from .crew_tables import Away, CrewFix, CrewKept
from .database import NotFound


def aways(session: Session, since: dt.date) -> list[Away]:
    """Days off that are not over by a day, the earliest first."""
    query = select(Away).where(col(Away.last) >= since).order_by(col(Away.first), col(Away.last))
    return list(session.exec(query).all())


def away(session: Session, away_id: str) -> Away:
    """One span of days off. Raises: NotFound."""
    found = session.get(Away, away_id)
    if found is None:
        raise NotFound(say("bad-there-are-no-days-off", away_id=away_id))
    return found


def save_away(session: Session, row: Away) -> None:
    """Write down days off, new or changed."""
    session.merge(row)


def fixes(session: Session) -> dict[str, CrewFix]:
    """Fixed work by its job."""
    return {f.job: f for f in session.exec(select(CrewFix)).all()}


def save_fix(session: Session, row: CrewFix) -> None:
    """Fix work to a helper and a week."""
    session.merge(row)


def let_go(session: Session, row: Away | CrewFix) -> None:
    """Take days off, or what was fixed, away again."""
    session.delete(row)


def forget_person(session: Session, person_id: str) -> None:
    """What was fixed to somebody, and their days off."""
    for table in (Away, CrewFix):
        for row in session.exec(select(table).where(col(table.person_id) == person_id)).all():
            session.delete(row)
    session.flush()


def kept(session: Session) -> CrewKept | None:
    """The plan kept last; None where none was."""
    return session.exec(select(CrewKept).order_by(col(CrewKept.act).desc())).first()


def rows_kept_for(session: Session, person_id: str) -> set[tuple[str, int]]:
    """Block and number of the rows that are somebody's in the plan kept last, or by what is fixed
    of it.
    """
    plan = kept(session)
    if plan is None:
        return set()
    jobs = {p["job"] for p in plan.work if p["helper"] == person_id}
    for job, fix in fixes(session).items():
        (jobs.add if fix.person_id == person_id else jobs.discard)(job)
    of = (plan.jobs[j] for j in jobs if j in plan.jobs)
    return {(job["block"], n) for job in of for n in job["rows"]}


def save_kept(session: Session, row: CrewKept) -> None:
    """Keep a plan."""
    session.add(row)
