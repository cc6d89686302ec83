"""Kinds of work that a sheet's cuts are: its own, and what a dead limb or a sucker is anyway."""

from __future__ import annotations

from collections.abc import Iterable

from sqlmodel import Session

from ...core.frame.model import Frame, is_sucker, roots_of
from ...store import frames, plans
from ...store.work_tables import PlanCut


def works_of(cuts: Iterable[PlanCut], frame: Frame) -> set[str]:
    """Kinds of work that cuts are, besides their sheet's own."""
    limbs, roots = {x.id: x for x in frame.limbs}, roots_of(frame)
    made = list(cuts)
    cut = [limbs[c.limb_key] for c in made if c.limb_key in limbs]
    works = {c.work for c in made if c.work}
    works |= {"sanitation" for x in cut if x.state == "dead"}
    return works | {"sucker" for x in cut if is_sucker(frame, roots[x.id])}


def sick_of(cuts: Iterable[PlanCut]) -> frozenset[str]:
    """Limbs that were found dead, broken or diseased when their sheet was made."""
    return frozenset(c.limb_key for c in cuts if c.work == "sanitation")


def on_open_sheets(session: Session) -> dict[str, set[str]]:
    """Kinds of work on open sheets, by tree."""
    found: dict[str, set[str]] = {}
    for plan in plans.open_plans(session):
        frame, _ = frames.frame_of(session, frames.frame_row(session, plan.frame_id))
        works = works_of(plans.cuts_of(session, plan.id), frame)
        found.setdefault(plan.tree_id, set()).update({plan.work, *works})
    return found
