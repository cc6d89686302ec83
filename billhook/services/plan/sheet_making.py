"""A cut sheet made of marked cuts, with the answer of its day."""

from __future__ import annotations

import datetime as dt
from collections.abc import Collection, Mapping, Sequence

from sqlmodel import Session

from ...catalogue import catalogue_version
from ...catalogue.wording import said
from ...core.days import planned_problem
from ...core.errors import invalid, refuse
from ...core.frame.model import Cut
from ...core.season.model import Work
from ...core.words.values import plain, say
from ...store.logbook import save_tasks
from ...store.plans import save_plan
from ...store.tables import Task
from ...store.trees import tree_record
from ...store.work_tables import Plan, PlanCut
from ..tree.tasks import task_for
from ..workplace import Workplace
from .cutting import Preview, current_frame, preview_in


def make_sheet(
    at: Workplace,
    tree_id: str,
    plan_id: str,
    cuts: Sequence[Cut],
    work: Work,
    day: dt.date,
    frame_id: str,
    later: Mapping[dt.date, str] | None = None,
    sick: Collection[str] = (),
) -> Plan:
    """Save a cut sheet in working order, with the answer it rests on. Saving the same id twice
    changes nothing.

    later: what the plan leaves for later windows, by day; each becomes a come-back. sick: limbs
    found dead, broken or diseased. The sheet goes by the work that its live wood is.

    Raises: InvalidInput by field, NotFound, StaleVersion.
    """
    with at.store.writing() as session:
        return sheet_in(at, session, tree_id, plan_id, cuts, work, day, frame_id, later, sick)


def sheet_in(
    at: Workplace,
    session: Session,
    tree_id: str,
    plan_id: str,
    cuts: Sequence[Cut],
    work: Work,
    day: dt.date,
    frame_id: str,
    later: Mapping[dt.date, str] | None = None,
    sick: Collection[str] = (),
) -> Plan:
    """As :func:`make_sheet`, within a session that writes."""
    if not cuts:
        raise invalid("/cuts", say("bad-mark-at-least-one-cut"))
    refuse(
        {"/day": planned_problem(day, at.today())}
        | {f"/later/{i}/day": planned_problem(d, at.today(), 15) for i, d in enumerate(later or ())}
    )
    known = session.get(Plan, plan_id)
    if known is not None:
        return known
    record = tree_record(session, tree_id)
    gone = record.tree.removed_on
    refuse({"": say("bad-this-tree-is-gone-since", day=gone) if gone else None})
    row = current_frame(session, record, frame_id)
    found = preview_in(at, session, record, row, cuts, work, day, "metric", sick)
    order = sorted(
        range(len(cuts)),
        key=lambda i: (found.advice[i].order_class, found.advice[i].at_height_m, cuts[i].limb),
    )
    plan = Plan(
        id=plan_id,
        tree_id=tree_id,
        frame_id=row.id,
        day=day,
        work=found.work,
        answer=_frozen(found),
        catalogue_version=catalogue_version(),
    )
    save_plan(session, plan)
    session.flush()
    for nth, i in enumerate(i for i in order if not found.answer.cuts[i].void):
        save_plan(
            session,
            PlanCut(
                plan_id=plan_id,
                limb_key=cuts[i].limb,
                keep_m=cuts[i].keep_m,
                nth=nth + 1,
                work=found.advice[i].work if found.advice[i].free else None,
            ),
        )
    for due, says in (later or {}).items():
        save_tasks(session, _stage_task(tree_id, due, says))
    return plan


def _stage_task(tree_id: str, due: dt.date, says: str) -> Task:
    does = say("task-next-stage", says=says)
    return task_for(
        does, scope="tree", scope_id=tree_id, kind="stage", due=due, rule="plan/years-ahead"
    )


def _frozen(found: Preview) -> dict[str, object]:
    """The verdict and total of the day, as plain data for the record."""
    verdict = found.verdict
    return {
        "status": verdict.status if found.against.fits else "stop",
        "sentence": said(verdict.sentence),
        "sentence_says": plain(verdict.sentence),
        "max_share": verdict.max_share,
        "removed": found.against.removed,
        "over": found.against.over,
        "total": said(found.against.sentence),
        "total_says": plain(found.against.sentence),
        "minutes": round(found.minutes / found.pace, 2),
        "pace": round(found.pace, 3),
        "reasons": [
            {
                "code": r.code,
                "says": plain(r.says),
                "text": said(r),
                "used": dict(r.used),
                "date": r.date.isoformat() if r.date else None,
                "school": r.school,
                "catalogue_ids": list(r.catalogue_ids),
                "remedy": None if r.remedy is None else said(r.remedy),
                "remedy_says": None if r.remedy is None else plain(r.remedy),
            }
            for r in verdict.reasons
        ],
    }
