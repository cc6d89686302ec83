"""Cold nights and what they were foreseen to do."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable

from sqlmodel import Session, col, delete, select

from .tables import FrostAssessment, FrostNight, Observation


def nights(session: Session, site_id: str) -> list[FrostNight]:
    """Nights written down for a site, the newest first."""
    return list(session.exec(select(FrostNight).where(FrostNight.site_id == site_id).order_by(col(FrostNight.day).desc())).all())


def put_night(session: Session, site_id: str, day: dt.date, min_c: float, hours: float | None, source: str) -> FrostNight:
    """Write a night down; the same day again replaces its figures, and what was foreseen for it goes."""
    found = session.exec(select(FrostNight).where(FrostNight.site_id == site_id, FrostNight.day == day)).first()
    night = found or FrostNight(site_id=site_id, day=day, min_c=min_c, source=source)
    night.min_c, night.hours, night.source = min_c, hours, source
    session.add(night)
    session.flush()
    session.execute(delete(FrostAssessment).where(col(FrostAssessment.night_id) == night.id))
    return night


def assessments(session: Session, night_ids: Iterable[str]) -> list[FrostAssessment]:
    """What was foreseen on these nights."""
    return list(session.exec(select(FrostAssessment).where(col(FrostAssessment.night_id).in_(list(night_ids)))).all())


def assessed(session: Session, tree_id: str) -> list[tuple[FrostNight, FrostAssessment]]:
    """Nights that were foreseen to hurt a tree, the newest first."""
    query = (
        select(FrostNight, FrostAssessment)
        .join(FrostAssessment, col(FrostAssessment.night_id) == FrostNight.id)
        .where(FrostAssessment.tree_id == tree_id)
    )
    return [(n, a) for n, a in session.exec(query.order_by(col(FrostNight.day).desc())).all()]


def history(session: Session, kinds: Iterable[str], scope_ids: Iterable[str] | None = None) -> list[Observation]:
    """Every observation of these kinds that nothing corrects, the oldest first."""
    query = select(Observation).where(col(Observation.kind).in_(list(kinds))).order_by(col(Observation.date), col(Observation.made_at))
    if scope_ids is not None:
        query = query.where(col(Observation.scope_id).in_(list(scope_ids)))
    found = list(session.exec(query).all())
    corrected = {o.corrects for o in found if o.corrects}
    return [o for o in found if o.id not in corrected]
