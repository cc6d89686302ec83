"""A cut sheet in the field: read it, tick cuts off, finish it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass, replace

from sqlmodel import Session

from ...core.cuts.technique import CutAdvice
from ...core.days import done_problem
from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.frame.check import checked
from ...core.frame.finish import whole_limbs_gone
from ...core.frame.model import Cut, Limb
from ...core.frame.share import CutCost, FrameAnswer
from ...core.words.units import Units
from ...core.words.values import Value, say
from ...store import frames, logbook, plans
from ...store.database import NotFound, StaleVersion
from ...store.plans import save_plan
from ...store.trees import TreeRecord, tree_record
from ...store.work_tables import CutDone, Plan, PlanCut
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace
from .costed import advice_of, answer_of
from .works import sick_of


@dataclass(frozen=True)
class SheetCut:
    """One line of a sheet. left: why the cut was not made, empty where nobody said so. said_id: the
    newest word on it, empty for none.
    """

    cut: PlanCut
    cost: CutCost
    advice: CutAdvice
    tick: CutDone | None
    left: str
    said_id: str


@dataclass(frozen=True)
class SheetView:
    """A sheet with its tree, drawing and lines in working order."""

    plan: Plan
    record: TreeRecord
    frame: FrameView
    answer: FrameAnswer
    lines: tuple[SheetCut, ...]
    log_id: str | None
    gone: tuple[str, ...]

    @property
    def minutes(self) -> float:
        """Minutes on the tree, at the pace that past visits had when the sheet was made."""
        return sum(x.advice.minutes for x in self.lines) * float(self.plan.answer.get("pace", 1.0))


def sheet(at: Workplace, plan_id: str, units: Units = "metric") -> SheetView:
    """A cut sheet as it is read and printed. Raises: NotFound."""
    with at.store.reading() as session:
        plan = plans.plan(session, plan_id)
        record = tree_record(session, plan.tree_id)
        drawn = frame_view(at, session, frames.frame_row(session, plan.frame_id))
        rows = plans.cuts_of(session, plan_id)
        cuts = [Cut(c.limb_key, c.keep_m) for c in rows]
        desk = SeasonDesk(session, at, plan.day)
        answer = answer_of(desk, record, drawn.frame, cuts, plan.frame_id)
        advice = advice_of(desk, record, drawn.frame, answer.cuts, plan.work, units, sick_of(rows))
        said = plans.newest_ticks(session, plan_id)
        ticks = {cut: tick for cut, tick in said.items() if tick.done}
        left = {cut: tick.why for cut, tick in said.items() if not tick.done}
        lines = tuple(
            SheetCut(
                row,
                cost,
                how,
                ticks.get(row.id),
                left.get(row.id, ""),
                said[row.id].id if row.id in said else "",
            )
            for row, cost, how in zip(rows, answer.cuts, advice, strict=True)
        )
        entry = logbook.entry_of_plan(session, plan_id)
        return SheetView(
            plan,
            record,
            drawn,
            answer,
            lines,
            entry.id if entry else None,
            whole_limbs_gone(drawn.frame, cuts),
        )


def tick(
    at: Workplace,
    plan_id: str,
    cut_id: str,
    tick_id: str,
    done: bool,
    date: dt.date,
    diameter_mm: float | None,
    who: str,
    why: str = "",
    seen: str | None = None,
) -> CutDone:
    """Tick a cut off, take the tick back, or say why it was not made. The same tick id twice
    changes nothing.

    seen: id of the word on this cut that the device knew of, empty for none. Where a newer one says
    otherwise, that one holds and this one is refused, so that neither is lost in silence.

    Raises: NotFound; InvalidInput on a finished sheet or for a day to come; StaleVersion when
    somebody else said something of this cut in the meantime.
    """
    refuse({"/date": done_problem(date, at.today())})
    with at.store.writing() as session:
        known = session.get(CutDone, tick_id)
        if known is not None:
            return known
        plan = plans.plan(session, plan_id)
        if plan.state != "open":
            raise invalid("/done", say("bad-this-sheet-is-finished-log-what-2"))
        if all(c.id != cut_id for c in plans.cuts_of(session, plan_id)):
            raise NotFound(say("bad-the-sheet-has-no-cut", cut_id=cut_id))
        _not_crossed(plans.newest_ticks(session, plan_id).get(cut_id), done, seen)
        made = CutDone(
            id=tick_id,
            cut_id=cut_id,
            done=done,
            date=date,
            diameter_mm=diameter_mm,
            who=who,
            why="" if done else why.strip(),
            seen=seen,
        )
        save_plan(session, made)
        return made


def _not_crossed(newest: CutDone | None, done: bool, seen: str | None) -> None:
    """Raises: StaleVersion where the newest word on a cut is one that the device did not know of,
    and says otherwise.
    """
    if newest is None:
        return
    holds = {
        "id": newest.id,
        "done": newest.done,
        "who": newest.who,
        "diameter_mm": newest.diameter_mm,
        "why": newest.why,
    }
    by: Value = newest.who or say("bad-somebody-else")
    if done and newest.done:
        raise StaleVersion(say("bad-this-cut-was-ticked-off-already", by=by), holds)
    if seen is not None and seen != newest.id and newest.done != done:
        how = "done" if newest.done else "not-made" if newest.why else "not-made-why-not"
        raise StaleVersion(say("bad-in-the-meantime", by=by, how=how, why=newest.why or ""), holds)


def _open_plan(session: Session, plan_id: str) -> Plan:
    """A sheet that can still be added to. Raises: NotFound, InvalidInput."""
    plan = plans.plan(session, plan_id)
    if plan.state != "open":
        raise invalid("/limb", say("bad-this-sheet-is-finished-log-what"))
    return plan


def add_limb_cut(at: Workplace, plan_id: str, cut_id: str, limb: Limb, keep_m: float) -> PlanCut:
    """A limb that was not in the drawing, drawn in under the tree and cut. The same id twice adds
    one. limb: on the trunk, or on another limb; of no length for its usual one.

    Raises: NotFound; InvalidInput for a finished sheet, or a limb the frame cannot bear;
    StaleVersion where the tree was drawn anew since.
    """
    with at.store.writing() as session:
        known = session.get(PlanCut, cut_id)
        if known is not None:
            return known
        plan = _open_plan(session, plan_id)
        record = tree_record(session, plan.tree_id)
        row = frames.frame_row(session, plan.frame_id)
        frame, measured = frames.frame_of(session, row)
        usual = at.know.number("wood/length-coefficient") * (limb.base_mm / 1000) ** (2 / 3)
        drawn = replace(limb, length_m=limb.length_m or round(usual, 2))
        grown = replace(frame, limbs=(*frame.limbs, drawn))
        with _by_field():
            checked(grown, [Cut(drawn.id, keep_m)])
        given = (grown, at.today(), row.origin, row.id, measured | {drawn.id})
        plan.frame_id = frames.add_frame(session, record.stem, *given).id
        save_plan(session, plan)
        return _extra(session, plan, cut_id, Cut(drawn.id, keep_m))


@contextmanager
def _by_field() -> Iterator[None]:
    """What the frame refuses of a limb or a cut, said at the field that was filled in."""
    try:
        yield
    except InvalidInput as refused:
        raise InvalidInput(
            [FieldProblem("/" + p.pointer.rsplit("/", 1)[-1], p.message) for p in refused.problems]
        ) from refused


def _extra(session: Session, plan: Plan, cut_id: str, cut: Cut) -> PlanCut:
    rows = plans.cuts_of(session, plan.id)
    made = PlanCut(
        id=cut_id,
        plan_id=plan.id,
        limb_key=cut.limb,
        keep_m=cut.keep_m,
        nth=max((r.nth for r in rows), default=0) + 1,
        extra=True,
    )
    save_plan(session, made)
    return made


def add_cut(at: Workplace, plan_id: str, cut_id: str, cut: Cut) -> PlanCut:
    """A cut that was not planned, added under the tree. The same id twice adds one.

    Raises: NotFound; InvalidInput for a finished sheet, a limb on the sheet already, or a cut the
    frame cannot bear.
    """
    with at.store.writing() as session:
        known = session.get(PlanCut, cut_id)
        if known is not None:
            return known
        plan = _open_plan(session, plan_id)
        rows = plans.cuts_of(session, plan_id)
        frame, _ = frames.frame_of(session, frames.frame_row(session, plan.frame_id))
        if any(r.limb_key == cut.limb for r in rows):
            raise invalid("/limb", say("bad-is-on-the-sheet-already"))
        with _by_field():
            checked(frame, [cut])
        return _extra(session, plan, cut_id, cut)
