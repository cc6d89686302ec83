"""Which school holds on which topic, for the holding, a block or a tree."""

from __future__ import annotations

from sqlmodel import Session, select

from .tables import StanceChoice


def choices(session: Session) -> dict[str, dict[str, str]]:
    """School by topic of every scope that chose one, by scope id."""
    found: dict[str, dict[str, str]] = {}
    for row in session.exec(select(StanceChoice)).all():
        found.setdefault(row.scope_id, {})[row.topic] = row.school
    return found


def choose(session: Session, scope: str, scope_id: str, topic: str, school: str | None) -> None:
    """Set the school of a scope on a topic, or take the choice back."""
    row = session.exec(
        select(StanceChoice).where(StanceChoice.scope_id == scope_id, StanceChoice.topic == topic)
    ).first()
    if school is None:
        if row is not None:
            session.delete(row)
        return
    if row is None:
        row = StanceChoice(scope=scope, scope_id=scope_id, topic=topic, school=school)
    row.school = school
    session.add(row)
