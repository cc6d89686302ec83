"""Marking cuts on a tree: what they cost and how to make them, and the sheet that comes of it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Collection, Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.limits import Against, against_limit, judged_by
from ...core.cuts.technique import CutAdvice
from ...core.errors import FieldProblem, InvalidInput
from ...core.frame.finish import whole_limbs_gone
from ...core.frame.model import TRUNK, Cut, Frame, is_sucker, roots_of
from ...core.frame.share import FrameAnswer
from ...core.season.model import Work
from ...core.season.today import Verdict
from ...core.words.units import Units
from ...core.words.values import say
from ...store import frames
from ...store.database import NotFound, StaleVersion
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, tree_record
from ..book.pace import pace_of
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .costed import advice_of, answer_of, counted_share
from .limb_crop import of_the_limbs


@dataclass(frozen=True)
class Preview:
    """Cuts on a tree: the work they are judged by, their cost, the verdict of the day, the total
    against the limit, and how to make each. minutes: at the pace of past visits, 1 before there are
    enough.
    """

    frame_id: str
    work: Work
    answer: FrameAnswer
    verdict: Verdict
    against: Against
    advice: tuple[CutAdvice, ...]
    minutes: float
    pace: float
    gone: tuple[str, ...]


def current_frame(session: Session, record: TreeRecord, frame_id: str | None) -> FrameRow:
    row = frames.current_row(session, record.stem.id)
    if row is None:
        raise NotFound(say("bad-this-tree-has-no-frame-yet"))
    if frame_id is not None and row.id != frame_id:
        raise StaleVersion(say("bad-the-tree-was-measured-or-cut"), {"frame_id": row.id})
    return row


def _suckers_whole(frame: Frame, cuts: Sequence[Cut]) -> None:
    roots = roots_of(frame)
    problems = [
        FieldProblem(f"/cuts/{i}/keep_m", say("bad-a-sucker-comes-off-at-its"))
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
    sick: Collection[str] = (),
) -> Preview:
    """Cuts on a frame of a tree, within a session. Each is the work it is by itself; together they
    are judged by that of the live wood among them. sick: limbs found dead, broken or diseased.
    Raises: InvalidInput by field.
    """
    frame, _ = frames.frame_of(session, row)
    _suckers_whole(frame, cuts)
    desk = SeasonDesk(session, at, day)
    answer = answer_of(desk, record, frame, cuts, row.id)
    advice = advice_of(desk, record, frame, answer.cuts, work, units, sick)
    judged = judged_by((a.work for a in advice), work)
    made = list(zip(advice, answer.cuts, strict=True))
    verdict = of_the_limbs(desk, record, row, frame, made, desk.verdict(record, judged))
    counted = counted_share(desk, record, frame, cuts, advice, row.id)
    besides = sum(a.free for a in advice)
    against = against_limit(answer, verdict, at.know, counted, units, besides)
    minutes = sum(a.minutes for a, c in made if not c.void)
    pace = pace_of(session, at.know, record.tree.id) or 1.0
    return Preview(
        row.id,
        judged,
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
    sick: Collection[str] = (),
) -> Preview:
    """What these cuts would cost today. Raises: InvalidInput by field, NotFound, StaleVersion if
    the frame is no longer the tree's.
    """
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        row = current_frame(session, record, frame_id)
        return preview_in(at, session, record, row, cuts, work, day, units, sick)
