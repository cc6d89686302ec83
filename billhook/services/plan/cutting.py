"""Marking cuts on a tree: what they cost and how to make them, and the sheet that comes of it."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.limits import Against, against_limit
from ...core.cuts.technique import CutAdvice
from ...core.errors import FieldProblem, InvalidInput
from ...core.frame.finish import whole_limbs_gone
from ...core.frame.model import TRUNK, Cut, Frame, is_sucker, roots_of
from ...core.frame.share import FrameAnswer
from ...core.season.model import Work
from ...core.season.today import Verdict
from ...core.words.units import Units
from ...store import frames
from ...store.database import NotFound, StaleVersion
from ...store.tables import FrameRow
from ...store.trees import TreeRecord, tree_record
from ..book.pace import pace_of
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .costed import advice_of, answer_of


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


def current_frame(session: Session, record: TreeRecord, frame_id: str | None) -> FrameRow:
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
    answer = answer_of(desk, record, frame, cuts, row.id)
    verdict = desk.verdict(record, work)
    advice = advice_of(desk, record, frame, answer.cuts, work, units)
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
            at, session, record, current_frame(session, record, frame_id), cuts, work, day, units
        )
