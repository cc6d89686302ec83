"""Marking cuts on a tree: what they cost and how to make them, and the sheet that comes of it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import asdict, dataclass

from sqlmodel import Session

from ...catalogue import catalogue_version
from ...core.cuts.limits import Against, against_limit
from ...core.cuts.technique import CutAdvice, advise
from ...core.days import planned_problem
from ...core.errors import FieldProblem, InvalidInput, invalid, refuse
from ...core.frame.finish import whole_limbs_gone
from ...core.frame.model import TRUNK, Cut, Frame, is_sucker, roots_of
from ...core.frame.share import FrameAnswer, frame_answer
from ...core.frame.wood import wood_parameters
from ...core.season.events import vigour_of
from ...core.season.model import Work
from ...core.season.today import Verdict
from ...core.words.units import Units
from ...store import frames
from ...store.database import NotFound, StaleVersion
from ...store.logbook import save_tasks
from ...store.plans import save_plan
from ...store.tables import FrameRow, Plan, PlanCut, Task
from ...store.trees import TreeRecord, tree_record
from ..book.pace import pace_of
from ..season.desk import SeasonDesk
from ..workplace import Workplace


@dataclass(frozen=True)
class Preview:
    """Cuts on a tree: their cost, the verdict of the day, the total against the limit, and how to
    make each. minutes: at the pace of past visits, 1 before there are enough.
    """

    frame_id: str
    answer: FrameAnswer
    verdict: Verdict
    against: Against
    advice: tuple[CutAdvice, ...]
    minutes: float
    pace: float
    gone: tuple[str, ...]


def _current(session: Session, record: TreeRecord, frame_id: str | None) -> FrameRow:
    row = frames.current_row(session, record.stem.id)
    if row is None:
        raise NotFound(
            "This tree has no frame yet: measure it, or give height, spread and trunk for a sketch."
        )
    if frame_id is not None and row.id != frame_id:
        raise StaleVersion(
            "The tree was measured or cut again in the meantime.", {"frame_id": row.id}
        )
    return row


def _suckers_whole(frame: Frame, cuts: Sequence[Cut]) -> None:
    roots = roots_of(frame)
    problems = [
        FieldProblem(
            f"/cuts/{i}/keep_m", "a sucker comes off at its origin: what is kept must be 0"
        )
        for i, cut in enumerate(cuts)
        if cut.limb != TRUNK
        and cut.limb in roots
        and cut.keep_m > 0
        and is_sucker(frame, roots[cut.limb])
    ]
    if problems:
        raise InvalidInput(problems)


def preview_in(
    at: Workplace,
    session: Session,
    record: TreeRecord,
    row: FrameRow,
    cuts: Sequence[Cut],
    work: Work,
    day: dt.date,
    units: Units,
) -> Preview:
    """Cuts on a frame of a tree, within a session. Raises: InvalidInput by field."""
    frame, _ = frames.frame_of(session, row)
    _suckers_whole(frame, cuts)
    desk = SeasonDesk(session, at, day)
    base = frames.baseline(session, record.tree.id, *desk.year_of(record))
    baseline = frames.frame_of(session, base)[0] if base is not None and base.id != row.id else None
    answer = frame_answer(
        frame,
        cuts,
        wood_parameters(at.know, record.tree.species),
        baseline,
        at.know.number("wood/exponent"),
    )
    verdict = desk.verdict(record, work)
    vigour = vigour_of(desk.state(record), at.know)
    advice = tuple(
        advise(frame, cost, at.know, work, record.tree.species, vigour, units, record.site.dangers)
        for cost in answer.cuts
    )
    free = all(a.free for a in advice)
    against = against_limit(answer, verdict, at.know, free, units)
    minutes = sum(a.minutes for a, c in zip(advice, answer.cuts, strict=True) if not c.void)
    pace = pace_of(session, at.know, record.tree.id) or 1.0
    return Preview(
        row.id,
        answer,
        verdict,
        against,
        advice,
        minutes * pace,
        pace,
        whole_limbs_gone(frame, cuts),
    )


def preview(
    at: Workplace,
    tree_id: str,
    cuts: Sequence[Cut],
    work: Work,
    day: dt.date,
    units: Units = "metric",
    frame_id: str | None = None,
) -> Preview:
    """What these cuts would cost today. Raises: InvalidInput by field, NotFound, StaleVersion if
    the frame is no longer the tree's.
    """
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        return preview_in(
            at, session, record, _current(session, record, frame_id), cuts, work, day, units
        )


def make_sheet(
    at: Workplace,
    tree_id: str,
    plan_id: str,
    cuts: Sequence[Cut],
    work: Work,
    day: dt.date,
    frame_id: str,
    later: Mapping[dt.date, str] | None = None,
) -> Plan:
    """Save a cut sheet in working order, with the answer it rests on. Saving the same id twice
    changes nothing.

    later: what the plan leaves for later windows, by day; each becomes a come-back.

    Raises: InvalidInput by field, NotFound, StaleVersion.
    """
    with at.store.writing() as session:
        return sheet_in(at, session, tree_id, plan_id, cuts, work, day, frame_id, later)


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
) -> Plan:
    """As :func:`make_sheet`, within a session that writes."""
    if not cuts:
        raise invalid("/cuts", "mark at least one cut")
    refuse(
        {"/day": planned_problem(day, at.today())}
        | {f"/later/{i}/day": planned_problem(d, at.today(), 15) for i, d in enumerate(later or ())}
    )
    known = session.get(Plan, plan_id)
    if known is not None:
        return known
    record = tree_record(session, tree_id)
    row = _current(session, record, frame_id)
    found = preview_in(at, session, record, row, cuts, work, day, "metric")
    order = sorted(
        range(len(cuts)),
        key=lambda i: (found.advice[i].order_class, found.advice[i].at_height_m, cuts[i].limb),
    )
    plan = Plan(
        id=plan_id,
        tree_id=tree_id,
        frame_id=row.id,
        day=day,
        work=work,
        answer=_frozen(found),
        catalogue_version=catalogue_version(),
    )
    save_plan(session, plan)
    session.flush()
    for nth, i in enumerate(i for i in order if not found.answer.cuts[i].void):
        save_plan(
            session,
            PlanCut(plan_id=plan_id, limb_key=cuts[i].limb, keep_m=cuts[i].keep_m, nth=nth + 1),
        )
    for due, says in (later or {}).items():
        does = f"Next stage of the plan: {says}"
        save_tasks(
            session,
            Task(
                scope="tree",
                scope_id=tree_id,
                kind="stage",
                does=does,
                due=due,
                rule="plan/years-ahead",
            ),
        )
    return plan


def _frozen(found: Preview) -> dict[str, object]:
    """The verdict and total of the day, as plain data for the record."""
    verdict = found.verdict
    return {
        "status": verdict.status if found.against.fits else "stop",
        "sentence": verdict.sentence,
        "max_share": verdict.max_share,
        "removed": found.against.removed,
        "over": found.against.over,
        "total": found.against.sentence,
        "minutes": round(found.minutes / found.pace, 2),
        "pace": round(found.pace, 3),
        "reasons": [
            asdict(r) | {"used": dict(r.used), "date": r.date.isoformat() if r.date else None}
            for r in verdict.reasons
        ],
    }
