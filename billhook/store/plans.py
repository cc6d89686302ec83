"""Cut sheets, their cuts, and what was ticked off."""

from __future__ import annotations

from sqlmodel import Session, col, select

from ..core.words.values import say
from .acts import arrival
from .database import NotFound
from .work_tables import CutDone, LogEntry, Plan, PlanCut

_VISITS = 200


def plan(session: Session, plan_id: str) -> Plan:
    """One plan. Raises: NotFound."""
    found = session.get(Plan, plan_id)
    if found is None:
        raise NotFound(say("bad-there-is-no-cut-sheet", plan_id=plan_id))
    return found


def plans_of(session: Session, tree_id: str) -> list[Plan]:
    """Plans of a tree, the newest first."""
    return list(
        session.exec(
            select(Plan).where(Plan.tree_id == tree_id).order_by(col(Plan.act).desc())
        ).all()
    )


def open_plans(session: Session) -> list[Plan]:
    """Every sheet that is not finished."""
    return list(
        session.exec(select(Plan).where(Plan.state == "open").order_by(col(Plan.day))).all()
    )


def cuts_of(session: Session, plan_id: str) -> list[PlanCut]:
    """Cuts of a plan in working order."""
    return list(
        session.exec(
            select(PlanCut).where(PlanCut.plan_id == plan_id).order_by(col(PlanCut.nth))
        ).all()
    )


def newest_ticks(session: Session, plan_id: str) -> dict[str, CutDone]:
    """The newest word on each cut: done, taken back, or not made and why."""
    query = (
        select(CutDone)
        .join(PlanCut, col(PlanCut.id) == CutDone.cut_id)
        .where(PlanCut.plan_id == plan_id)
        .order_by(*arrival(CutDone))
    )
    return {tick.cut_id: tick for tick in session.exec(query).all()}


def ticks_of(session: Session, plan_id: str) -> dict[str, CutDone]:
    """The newest tick per cut id; a taken-back tick is left out."""
    return {cut_id: tick for cut_id, tick in newest_ticks(session, plan_id).items() if tick.done}


def visits(session: Session, tree_id: str | None = None) -> list[tuple[float, float]]:
    """Minutes taken and minutes reckoned of the newest finished sheets, of one tree or of all."""
    query = (
        select(LogEntry.minutes, Plan.answer)
        .join(Plan, col(Plan.id) == LogEntry.plan_id)
        .where(col(LogEntry.minutes).is_not(None))
    )
    query = query if tree_id is None else query.where(LogEntry.tree_id == tree_id)
    rows = session.exec(query.order_by(col(LogEntry.date).desc()).limit(_VISITS)).all()
    return [
        (minutes, float(answer["minutes"]))
        for minutes, answer in rows
        if minutes and answer.get("minutes")
    ]


def save_plan(session: Session, *rows: Plan | PlanCut | CutDone) -> None:
    """Write a plan, as it stands, its cuts, and what was said of them."""
    session.add_all(rows)
