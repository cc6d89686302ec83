"""A cut sheet in the field: read it, tick cuts off, finish it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.comeback import come_backs, mark_is_tied
from ...core.cuts.technique import CutAdvice
from ...core.days import done_problem
from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.frame.check import checked
from ...core.frame.counting import Counted
from ...core.frame.finish import after_cuts, whole_limbs_gone
from ...core.frame.model import Cut
from ...core.frame.share import CutCost, FrameAnswer
from ...core.season.budget import tree_age
from ...core.season.model import Span
from ...core.words.units import Units
from ...store import frames, logbook, plans
from ...store.acts import new_id
from ...store.database import NotFound, StaleVersion
from ...store.logbook import save_entries, save_tasks
from ...store.plans import save_plan
from ...store.tables import CutDone, FrameRow, LogEntry, Plan, PlanCut, Task
from ...store.trees import TreeRecord, tree_record
from ..heights.rotations import renew_tree
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace
from . import counted
from .costed import advice_of, answer_of


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
        advice = advice_of(desk, record, drawn.frame, answer.cuts, plan.work, units)
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
            raise invalid("/done", "this sheet is finished; log what changed as a correction")
        if all(c.id != cut_id for c in plans.cuts_of(session, plan_id)):
            raise NotFound(f"the sheet has no cut {cut_id}")
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
    by = newest.who or "somebody else"
    if done and newest.done:
        raise StaleVersion(
            (
                f"This cut was ticked off already, by {by}. Look at the tree; take the tick "
                "back if it is still there."
            ),
            holds,
        )
    if seen is not None and seen != newest.id and newest.done != done:
        said = (
            "ticked it off"
            if newest.done
            else f"said it was not made{f': {newest.why}' if newest.why else ''}"
        )
        raise StaleVersion(
            f"In the meantime {by} {said}. That holds; look at the tree, then say it again.", holds
        )


def add_cut(at: Workplace, plan_id: str, cut_id: str, cut: Cut) -> PlanCut:
    """A cut that was not planned, added under the tree. The same id twice adds one.

    Raises: NotFound; InvalidInput for a finished sheet, a limb on the sheet already, or a cut the
    frame cannot bear.
    """
    with at.store.writing() as session:
        known = session.get(PlanCut, cut_id)
        if known is not None:
            return known
        plan = plans.plan(session, plan_id)
        if plan.state != "open":
            raise invalid("/limb", "this sheet is finished; log what was done besides")
        rows = plans.cuts_of(session, plan_id)
        frame, _ = frames.frame_of(session, frames.frame_row(session, plan.frame_id))
        if any(r.limb_key == cut.limb for r in rows):
            raise invalid("/limb", "is on the sheet already")
        try:
            checked(frame, [cut])
        except InvalidInput as refused:
            raise InvalidInput(
                [
                    FieldProblem("/" + p.pointer.rsplit("/", 1)[-1], p.message)
                    for p in refused.problems
                ]
            ) from refused
        made = PlanCut(
            id=cut_id,
            plan_id=plan_id,
            limb_key=cut.limb,
            keep_m=cut.keep_m,
            nth=max((r.nth for r in rows), default=0) + 1,
            extra=True,
        )
        save_plan(session, made)
        return made


def finish(
    at: Workplace,
    plan_id: str,
    version: int,
    date: dt.date,
    who: str = "",
    minutes: float | None = None,
    note: str = "",
    besides: Sequence[Counted] = (),
) -> LogEntry:
    """Finish a sheet: what was ticked is cut from the frame, the log is written, come-back dates
    are set. besides: cuts that are not in the drawing, counted; their share is added.

    Raises: InvalidInput when nothing is ticked or it is finished already; StaleVersion when the
    sheet or the frame changed.
    """
    refuse({"/date": done_problem(date, at.today())})
    with at.store.writing() as session:
        plan = plans.plan(session, plan_id)
        record = tree_record(session, plan.tree_id)
        current = _still_open(session, plan, record, version)
        done = _done(session, plan)
        frame, _ = frames.frame_of(session, current)
        cuts = [Cut(c.limb_key, c.keep_m) for c in done]
        made_on = SeasonDesk(session, at, plan.day)
        answer = answer_of(made_on, record, frame, cuts, plan.frame_id)
        desk = SeasonDesk(session, at, date)
        frames.set_baseline(session, record.tree.id, desk.year_of(record), date, current.id)
        after = _cut_off(session, record, current, cuts, date)
        age = tree_age(desk.state(record), date.year)
        advice = advice_of(desk, record, frame, answer.cuts, plan.work)
        more = counted.share_of(at, session, record, date, besides) if besides else 0.0
        took = sum(a.minutes for a in advice) * float(plan.answer.get("pace", 1.0))
        entry = LogEntry(
            id=new_id(),
            tree_id=record.tree.id,
            date=date,
            work=plan.work,
            share=_with(answer.canopy_share_removed, more),
            height_before_m=answer.before.height_m,
            height_after_m=answer.after.height_m,
            frame_before=current.id,
            frame_after=after.id,
            plan_id=plan_id,
            cuts=len(done) + counted.how_many(besides),
            minutes=round(took, 1) if minutes is None else minutes,
            who=who,
            note=_note(session, plan, done, note),
        )
        save_entries(session, entry)
        session.flush()
        counted.put_down(session, entry, besides)
        _come_back(desk, record, entry, advice, age)
        plan.state, plan.version = "finished", plan.version + 1
        save_plan(session, plan)
        session.flush()
        renew_tree(at, session, record)
        return entry


def _with(share: float | None, more: float) -> float | None:
    return share if not more else min(1.0, (share or 0.0) + more)


def _still_open(session: Session, plan: Plan, record: TreeRecord, version: int) -> FrameRow:
    """The frame a sheet was made on. Raises: StaleVersion, InvalidInput where it is finished."""
    if plan.version != version:
        raise StaleVersion(
            "Someone else changed this sheet in the meantime.",
            {"version": plan.version, "state": plan.state},
        )
    if plan.state != "open":
        raise invalid("/version", "this sheet is finished already")
    current = frames.current_row(session, record.stem.id)
    if current is None or current.id != plan.frame_id:
        raise StaleVersion(
            "The tree was measured or cut again after this sheet was made: mark the cuts anew.",
            {"frame_id": current.id if current else None},
        )
    return current


def _done(session: Session, plan: Plan) -> list[PlanCut]:
    """The cuts that were ticked off. Raises: InvalidInput where none was."""
    ticks = plans.ticks_of(session, plan.id)
    done = [c for c in plans.cuts_of(session, plan.id) if c.id in ticks]
    if not done:
        raise invalid("/cuts", "no cut is ticked off yet")
    return done


def _cut_off(
    session: Session, record: TreeRecord, current: FrameRow, cuts: Sequence[Cut], date: dt.date
) -> FrameRow:
    """The tree as it stands after the cuts."""
    frame, measured = frames.frame_of(session, current)
    left = after_cuts(frame, cuts)
    kept = measured & {x.id for x in left.limbs}
    return frames.add_frame(session, record.stem, left, date, "after-plan", current.id, kept)


def _note(session: Session, plan: Plan, done: Sequence[PlanCut], note: str) -> str:
    """What was noted, and which cuts were added under the tree or left, with the reason."""
    said = plans.newest_ticks(session, plan.id)
    undone = [
        f"cut {c.nth}: {said[c.id].why}"
        for c in plans.cuts_of(session, plan.id)
        if c.id in said and said[c.id].why
    ]
    besides = sum(c.extra for c in done)
    parts = (
        note,
        f"{besides} not planned" if besides else "",
        f"not done: {'; '.join(undone)}" if undone else "",
    )
    return ". ".join(p for p in parts if p)


def _come_back(
    desk: SeasonDesk, record: TreeRecord, entry: LogEntry, advice: Sequence[CutAdvice], age: int
) -> None:
    """Set the days to come back after what was cut."""
    know, day = desk.at.know, entry.date
    suns = (e for e in desk.season(record, ("sucker",)).events if e.name == "strong sun on bark")
    sun = next((Span(e.start, e.end) for e in suns if e.start <= day <= e.end), None)
    young = age <= know.number("walk/young-until")
    tied = young or mark_is_tied(record.stem.union_mark, know)
    for back in come_backs(advice, day, age, sun, know, tied):
        task = Task(
            scope="tree",
            scope_id=record.tree.id,
            kind=back.kind,
            does=back.does,
            due=back.due,
            rule=back.rule,
            cause=entry.id,
        )
        save_tasks(desk.session, task)
