"""A sheet is finished: what was ticked is cut from the drawing, the log is written, days to come
back are set.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from sqlmodel import Session

from ...core.cuts.technique import CutAdvice
from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.frame.counting import Counted
from ...core.frame.finish import after_cuts
from ...core.frame.model import Cut
from ...core.words.values import say
from ...store import frames, plans
from ...store.acts import new_id
from ...store.database import StaleVersion
from ...store.plans import save_plan
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, tree_record
from ...store.work_tables import LogEntry, Plan, PlanCut
from ..book.come_back import backs_after, set_come_backs
from ..book.logged import put_in_log
from ..heights.rotations import renew_tree
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from . import counted
from .costed import advice_of, answer_of, counted_share
from .works import sick_of, works_of


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
    are set. besides: cuts that are not in the drawing, counted; their share is added. minutes: as
    somebody timed them; what is reckoned is never logged.

    Raises: InvalidInput when nothing is ticked or it is finished already; StaleVersion when the
    sheet or the frame changed.
    """
    refuse({"/date": done_problem(date, at.today())})
    with at.store.writing() as session:
        plan = plans.plan(session, plan_id)
        record = tree_record(session, plan.tree_id)
        current = _still_open(session, plan, record, version)
        done = _done(session, plan)
        cuts = [Cut(c.limb_key, c.keep_m) for c in done]
        frame, _ = frames.frame_of(session, current)
        desk_then = SeasonDesk(session, at, plan.day)
        answer = answer_of(desk_then, record, frame, cuts, plan.frame_id)
        desk = SeasonDesk(session, at, date)
        frames.set_baseline(session, record.tree.id, desk.year_of(record), date, current.id)
        after = _cut_off(session, record, current, cuts, date)
        advice = advice_of(desk, record, frame, answer.cuts, plan.work, sick=sick_of(done))
        share = counted_share(desk_then, record, frame, cuts, advice, plan.frame_id)
        more = counted.share_of(at, session, record, date, besides) if besides else 0.0
        entry = LogEntry(
            id=new_id(),
            tree_id=record.tree.id,
            date=date,
            work=plan.work,
            share=_with(None if answer.canopy_share_removed is None else share or 0.0, more),
            height_before_m=answer.before.height_m,
            height_after_m=answer.after.height_m,
            frame_before=current.id,
            frame_after=after.id,
            plan_id=plan_id,
            cuts=len(done) + counted.how_many(besides),
            minutes=minutes,
            who=who,
            note=_note(session, plan, done, note),
        )
        put_in_log(at.know, session, entry, works_of(done, frame))
        session.flush()
        counted.put_down(session, entry, besides)
        _come_back(desk, record, entry, advice)
        _close(at, session, plan, record)
        return entry


def _close(at: Workplace, session: Session, plan: Plan, record: TreeRecord) -> None:
    plan.state, plan.version = "finished", plan.version + 1
    save_plan(session, plan)
    session.flush()
    renew_tree(at, session, record)


def _with(share: float | None, more: float) -> float | None:
    return share if not more else min(1.0, (share or 0.0) + more)


def _still_open(session: Session, plan: Plan, record: TreeRecord, version: int) -> FrameRow:
    """The frame a sheet was made on. Raises: StaleVersion, InvalidInput where it is finished."""
    if plan.version != version:
        raise StaleVersion(
            say("bad-someone-else-changed-this-sheet-in"),
            {"version": plan.version, "state": plan.state},
        )
    if plan.state != "open":
        raise invalid("/version", say("bad-this-sheet-is-finished-already"))
    current = frames.current_row(session, record.stem.id)
    if current is None or current.id != plan.frame_id:
        raise StaleVersion(
            say("bad-the-tree-was-measured-or-cut-2"), {"frame_id": current.id if current else None}
        )
    return current


def _done(session: Session, plan: Plan) -> list[PlanCut]:
    """The cuts that were ticked off. Raises: InvalidInput where none was."""
    ticks = plans.ticks_of(session, plan.id)
    done = [c for c in plans.cuts_of(session, plan.id) if c.id in ticks]
    if not done:
        raise invalid("/cuts", say("bad-no-cut-is-ticked-off-yet"))
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
    desk: SeasonDesk, record: TreeRecord, entry: LogEntry, advice: Sequence[CutAdvice]
) -> None:
    """Set the days to come back after what was cut."""
    backs = backs_after(desk, record, entry.work, advice)
    set_come_backs(desk, "tree", entry.tree_id, entry.id, backs)
