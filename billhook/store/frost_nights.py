"""Cold nights and what they were foreseen to do."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

from sqlmodel import Session, col, delete, insert, select

from ..core.frost.classes import FrostClass
from ..core.observed import TAKEN_OUT
from .acts import arrival, new_id, utc_now
from .frost_tables import FrostAssessment, FrostNight
from .tables import Observation


@dataclass(frozen=True)
class Foreseen:
    """What a night was reckoned to do to a tree."""

    tree_id: str
    at_c: float
    frost_class: FrostClass
    possible: str | None


def nights(session: Session, site_id: str) -> list[FrostNight]:
    """Nights written down for a site, the newest first."""
    return list(
        session.exec(
            select(FrostNight)
            .where(FrostNight.site_id == site_id)
            .order_by(col(FrostNight.day).desc())
        ).all()
    )


def put_night(
    session: Session, site_id: str, day: dt.date, min_c: float, hours: float | None, source: str
) -> FrostNight:
    """Write a night down; the same day again replaces its figures, and what was foreseen for it
    goes.
    """
    found = session.exec(
        select(FrostNight).where(FrostNight.site_id == site_id, FrostNight.day == day)
    ).first()
    night = found or FrostNight(site_id=site_id, day=day, min_c=min_c, source=source)
    night.min_c, night.hours, night.source = min_c, hours, source
    session.add(night)
    session.flush()
    session.execute(delete(FrostAssessment).where(col(FrostAssessment.night_id) == night.id))
    return night


def foresee(session: Session, night_id: str, found: Sequence[Foreseen]) -> None:
    """Write down what a night is reckoned to do."""
    if found:
        session.connection().execute(
            insert(FrostAssessment),
            [{"id": new_id(), "night_id": night_id, **vars(f)} for f in found],
        )


def bear(session: Session, day: dt.date, classes: Mapping[str, str]) -> None:
    """The class that holds of each tree from a day on; F0 takes an earlier one back."""
    alike = {
        "scope": "tree",
        "kind": "freeze_class",
        "date": day,
        "corrects": None,
        "made_at": utc_now(),
        "act": session.info["act"],
    }
    rows = [{"id": new_id(), "scope_id": tree, "value": c, **alike} for tree, c in classes.items()]
    if rows:
        session.connection().execute(insert(Observation), rows)


def assessments(session: Session, night_ids: Iterable[str]) -> list[FrostAssessment]:
    """What was foreseen on these nights."""
    return list(
        session.exec(
            select(FrostAssessment).where(col(FrostAssessment.night_id).in_(list(night_ids)))
        ).all()
    )


def assessed(
    session: Session, tree_ids: Sequence[str] | None = None
) -> dict[str, list[tuple[FrostNight, FrostAssessment]]]:
    """Nights that were foreseen to hurt these trees, or any, per tree, the newest first."""
    query = select(FrostNight, FrostAssessment).join(
        FrostAssessment, col(FrostAssessment.night_id) == FrostNight.id
    )
    if tree_ids is not None:
        query = query.where(col(FrostAssessment.tree_id).in_(tree_ids))
    found: dict[str, list[tuple[FrostNight, FrostAssessment]]] = {}
    for night, one in session.exec(query.order_by(col(FrostNight.day).desc())).all():
        found.setdefault(one.tree_id, []).append((night, one))
    return found


def history(
    session: Session, kinds: Iterable[str], scope_ids: Iterable[str] | None = None
) -> list[Observation]:
    """Every observation of these kinds that nothing corrects, the oldest first."""
    query = (
        select(Observation)
        .where(col(Observation.kind).in_(list(kinds)))
        .order_by(col(Observation.date), *arrival(Observation))
    )
    if scope_ids is not None:
        query = query.where(col(Observation.scope_id).in_(list(scope_ids)))
    found = list(session.exec(query).all())
    corrected = {o.corrects for o in found if o.corrects}
    return [o for o in found if o.id not in corrected and o.value != TAKEN_OUT]
