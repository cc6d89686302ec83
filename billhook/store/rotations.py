"""Rotations of renewal and their dated work."""

from __future__ import annotations

from collections.abc import Sequence

from sqlmodel import Session, col, select

from ..core.words.values import say
from .database import NotFound
from .tables import Rotation, Task
from .work_tables import CutDone, Plan, PlanCut


def rotation(session: Session, rotation_id: str) -> Rotation:
    """One rotation. Raises: NotFound."""
    found = session.get(Rotation, rotation_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-rotation", rotation_id=rotation_id))
    return found


def known(session: Session, rotation_id: str) -> Rotation | None:
    """A rotation that was written down already."""
    return session.get(Rotation, rotation_id)


def rotations(session: Session, scope_ids: Sequence[str]) -> list[Rotation]:
    """Rotations of these trees, rows and blocks, the newest first; those given up too."""
    query = (
        select(Rotation)
        .where(col(Rotation.scope_id).in_(scope_ids))
        .order_by(col(Rotation.act).desc())
    )
    return list(session.exec(query).all())


def tasks_of(session: Session, rotation_id: str) -> list[Task]:
    """Its dated work, the soonest first, settled or not."""
    return list(
        session.exec(
            select(Task).where(Task.rotation_id == rotation_id).order_by(col(Task.due))
        ).all()
    )


def cuts_done(session: Session, tree_id: str) -> list[tuple[str, float, CutDone]]:
    """Every cut that was ticked off on a tree: limb, what was kept [m], and the tick, the oldest
    first.
    """
    query = (
        select(PlanCut.limb_key, PlanCut.keep_m, CutDone)
        .join(Plan, col(Plan.id) == PlanCut.plan_id)
        .join(CutDone, col(CutDone.cut_id) == PlanCut.id)
        .where(Plan.tree_id == tree_id, Plan.state == "finished", col(CutDone.done).is_(True))
        .order_by(col(CutDone.date))
    )
    return [(limb, keep, tick) for limb, keep, tick in session.exec(query).all()]


def save_rotation(session: Session, *rows: Rotation) -> None:
    """Write an adopted way of renewal, as it stands."""
    session.add_all(rows)
