"""A walk as it stands."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Mapping
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.comeback import ComeBack
from ...core.frame.model import Cut
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.season.model import Work
from ...core.season.today import Verdict
from ...core.walk.findings import Finding, Summary, summary
from ...core.walk.looks import notes
from ...core.walk.option import LimbOption
from ...core.walk.questions import (
    FULL,
    Look,
    Question,
    Step,
    asked_next,
    looks_of,
    questions_of,
    steps_of,
)
from ...core.walk.suggest import limb_options
from ...store import logbook, walks
from ...store.picture_tables import Photo
from ...store.trees import tree_record, tree_records
from ...store.walk_tables import Walk, WalkAnswer
from ...store.walks import Crossing
from ..book import photos
from ..book.come_back import backs_after
from ..book.logged import rule_of
from ..plan import cutting
from ..plan.cutting import Preview
from ..season.desk import SeasonDesk
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace
from .group import Group, group_of
from .tree import Walked, walked_tree


@dataclass(frozen=True)
class Asked:
    """A question with what is worked out at it and the limbs it may mean; given: the answer in
    force and its id.
    """

    question: Question
    notes: tuple[Reason, ...]
    limbs: tuple[LimbOption, ...]
    given: str | None
    given_id: str | None


@dataclass(frozen=True)
class WalkView:
    """A walk as it stands. walk: None before it is begun. at: the question that is asked now, None
    when all are answered.

    cuts: what the cuts named so far would cost together, None where none is named. after_cuts: the
    looks that follow once they are made. may: the verdict of the day for each kind of work that
    was found. looks: those the tree can be given. next_tree: the next tree of its group, else of
    the row. group: trees that are looked at as one.
    """

    walk: Walk | None
    walked: Walked
    day: dt.date
    steps: tuple[Step, ...]
    questions: tuple[Asked, ...]
    answers: Mapping[str, str]
    at: str | None
    end: Summary
    crossings: tuple[Crossing, ...]
    frame: FrameView | None
    cuts: Preview | None
    after_cuts: tuple[ComeBack, ...]
    may: Mapping[Work, Verdict]
    looks: tuple[Look, ...]
    next_tree: str | None
    photos: list[Photo]
    group: Group | None = None
    done: frozenset[str] = frozenset()
    """Answers whose finding is done: on the spot, or since."""


def walk_view(at: Workplace, walk_id: str) -> WalkView:
    """Raises: NotFound."""
    with at.store.reading() as session:
        return view_of(at, session, walks.walk(session, walk_id))


def walk_form(at: Workplace, tree_id: str) -> WalkView:
    """A tree's questions before a walk is begun, or its open walk: what a phone takes along.
    Raises: NotFound.
    """
    with at.store.reading() as session:
        going = walks.open_walk(session, tree_id)
        return view_of(
            at,
            session,
            going,
            None if going else walked_tree(at, session, tree_record(session, tree_id), at.today()),
        )


def named_cuts(findings: tuple[Finding, ...]) -> list[Cut]:
    """Every limb that findings mean, once: where two mean it, the lower cut."""
    keep: dict[str, float] = {}
    for cut in (c for f in findings for c in f.cuts):
        keep[cut.limb] = min(cut.keep_m, keep.get(cut.limb, cut.keep_m))
    return [Cut(limb, at) for limb, at in keep.items()]


def view_of(
    at: Workplace, session: Session, walk: Walk | None, walked: Walked | None = None
) -> WalkView:
    """walked: the tree, where it was read already; needed where there is no walk."""
    if walked is None:
        assert walk is not None
        walked = walked_tree(at, session, tree_record(session, walk.tree_id), walk.day)
    record, day = walked.record, walked.tree.day
    questions = questions_of(at.know, walked.tree, walk.look if walk else FULL)
    rows = walks.history(session, walk.id) if walk else []
    force = walks.in_force(rows)
    answers = {q: row.answer for q, row in force.items() if row.answer}
    end = summary(at.know, walked.tree, questions, answers)
    cuts = _cost(at, session, walked, end.findings)
    group = group_of(at, session, record, walked.tree, day)
    desk = SeasonDesk(session, at, at.today())
    after = backs_after(desk, record, cuts.verdict.work, cuts.advice) if cuts else ()
    return WalkView(
        walk,
        walked,
        day,
        steps_of(at.know),
        tuple(questions_asked(at.know, walked, q, answers, force) for q in questions),
        answers,
        asked_next(questions, answers),
        end,
        walks.crossings(rows),
        frame_view(at, session, walked.frame_row) if walked.frame_row else None,
        cuts,
        after,
        _may(at, session, walked, end.findings),
        looks_of(at.know, walked.tree),
        (group.after(record.tree.id) if group else None) or _next_in_row(session, walked),
        photos.of_tree(session, record.tree.id),
        group,
        _done(session, walk, end.findings),
    )


def questions_asked(
    know: Knowledge,
    walked: Walked,
    question: Question,
    answers: Mapping[str, str],
    force: Mapping[str, WalkAnswer],
) -> Asked:
    tree = walked.tree
    worked = notes(question.looks, tree, know, answers) if question.skipped is None else ()
    limbs = limb_options(question.looks, tree, know, answers) if question.kind == "limbs" else ()
    row = force.get(question.id)
    return Asked(
        question,
        tuple(n.reason for n in worked),
        limbs,
        answers.get(question.id),
        row.id if row else None,
    )


def _cost(
    at: Workplace, session: Session, walked: Walked, findings: tuple[Finding, ...]
) -> Preview | None:
    """The named cuts together, under the work of the finding that takes most."""
    cuts = named_cuts(findings)
    if not cuts or walked.frame_row is None:
        return None
    weigh: dict[Work, float] = {}
    known = {x.id: x for x in walked.tree.frame.limbs} if walked.tree.frame else {}
    cuts = [c for c in cuts if c.limb in known and c.keep_m < known[c.limb].length_m]
    for finding in findings:
        if finding.work and finding.cuts:
            limbs = [known[c.limb] for c in finding.cuts if c.limb in known]
            taken = sum(limb.leafing * limb.base_mm**2 for limb in limbs)
            weigh[finding.work] = weigh.get(finding.work, 0.0) + taken
    if not cuts:
        return None
    work = max(weigh, key=lambda w: (weigh[w], w))
    day, units = at.today(), walked.tree.units
    given = (walked.record, walked.frame_row, cuts, work, day, units, sick_cuts(findings))
    return cutting.preview_in(at, session, *given)


def sick_cuts(findings: Iterable[Finding]) -> frozenset[str]:
    """Limbs that a look found dead, broken or diseased."""
    return frozenset(c.limb for f in findings if f.work == "sanitation" for c in f.cuts)


def _may(
    at: Workplace, session: Session, walked: Walked, findings: tuple[Finding, ...]
) -> dict[Work, Verdict]:
    desk = SeasonDesk(session, at, at.today())
    works = dict.fromkeys(f.work for f in findings if f.work)
    return {work: desk.verdict(walked.record, work) for work in works}


def _done(session: Session, walk: Walk | None, findings: tuple[Finding, ...]) -> frozenset[str]:
    if walk is None:
        return frozenset()
    kept = logbook.tasks(session, walk.tree_id, "done")
    rules = {t.rule for t in kept if t.walk_id == walk.id}
    return frozenset(f.answer for f in findings if rule_of(f.answer) in rules)


def _next_in_row(session: Session, walked: Walked) -> str | None:
    return next(
        (
            r.tree.id
            for r in tree_records(session, row_id=walked.record.row.id)
            if r.place.n > walked.record.place.n
        ),
        None,
    )
