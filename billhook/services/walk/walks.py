"""Walking a tree: begun, paused, taken up on another device, and finished with findings, cuts and
days to come back.
"""

from __future__ import annotations

import datetime as dt
import uuid
from collections.abc import Mapping
from dataclasses import dataclass

from sqlmodel import Session

from ...core.cuts.comeback import ComeBack, come_backs
from ...core.days import done_problem
from ...core.errors import FieldProblem, InvalidInput, refuse
from ...core.frame.model import Cut
from ...core.known import Knowledge
from ...core.reasons import Reason
from ...core.season.model import Work
from ...core.walk.findings import Finding, Summary, summary
from ...core.walk.looks import notes
from ...core.walk.questions import (
    LATER,
    Question,
    Step,
    asked_next,
    check_answer,
    chosen_limb,
    questions_of,
    steps_of,
)
from ...core.walk.suggest import LimbOption, limb_options
from ...core.walk.tree import FORM_SCHOOLS
from ...core.words.dates import day_words
from ...store import frames, stances, walks
from ...store.logbook import save_entries, save_tasks
from ...store.tables import LogEntry, Observation, Photo, Plan, Task, Walk, WalkAnswer
from ...store.trees import save_observations, save_trees, tree_record, tree_records
from ...store.walks import Crossing, save_walk
from ..book import photos
from ..plan import cutting
from ..plan.cutting import Preview
from ..tree.views import FrameView, frame_view
from ..workplace import Workplace
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
    looks that follow once they are made. next_tree: the next tree of the row.
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
    next_tree: str | None
    photos: list[Photo]


def begin(at: Workplace, tree_id: str, walk_id: str, day: dt.date | None = None) -> WalkView:
    """Begin a walk, or take up the one that is open on this tree. The same id twice begins one
    walk; a walk begun without signal is merged into the open one.

    day: when it was begun, for a walk begun without signal. Raises: NotFound, InvalidInput for a
    day to come.
    """
    refuse({"/day": done_problem(day, at.today())})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        found = session.get(Walk, walk_id)
        if found is None:
            going = walks.open_walk(session, tree_id)
            if going is not None and day is None:
                return _view(at, session, going)
            found = Walk(
                id=walk_id,
                tree_id=record.tree.id,
                day=day or at.today(),
                state="merged" if going else "open",
                into=going.id if going else None,
            )
            save_walk(session, found)
            session.flush()
        return _view(at, session, walks.walk(session, found.id))


def walk_view(at: Workplace, walk_id: str) -> WalkView:
    """Raises: NotFound."""
    with at.store.reading() as session:
        return _view(at, session, walks.walk(session, walk_id))


def walk_form(at: Workplace, tree_id: str) -> WalkView:
    """A tree's questions before a walk is begun, or its open walk: what a phone takes along.
    Raises: NotFound.
    """
    with at.store.reading() as session:
        going = walks.open_walk(session, tree_id)
        return _view(
            at,
            session,
            going,
            None if going else walked_tree(at, session, tree_record(session, tree_id), at.today()),
        )


def give(
    at: Workplace,
    walk_id: str,
    answer_id: str,
    question: str,
    answer: str | None,
    seen: str | None = None,
) -> WalkView:
    """Answer a question, change its answer, or take it back with None. The same answer id twice
    counts once.

    seen: id of the answer the device knew of, empty for none. Raises: NotFound, InvalidInput.
    """
    with at.store.writing() as session:
        walk = walks.walk(session, walk_id)
        walked = walked_tree(at, session, tree_record(session, walk.tree_id), walk.day)
        if session.get(WalkAnswer, answer_id) is None:
            if walk.state != "open":
                raise InvalidInput(
                    [FieldProblem("/question", "this walk is finished; begin another")]
                )
            _check(at.know, walked, question, answer)
            save_walk(
                session,
                WalkAnswer(
                    id=answer_id, walk_id=walk.id, step=question, answer=answer or "", seen=seen
                ),
            )
            session.flush()
        return _view(at, session, walk, walked)


def _check(know: Knowledge, walked: Walked, question: str, answer: str | None) -> None:
    asked = {q.id: q for q in questions_of(know, walked.tree)}
    if question not in asked:
        raise InvalidInput([FieldProblem("/question", f"must be one of {', '.join(asked)}")])
    if answer is None:
        return
    check_answer(asked[question], answer)
    if asked[question].kind == "limbs" and answer != LATER:
        known = {x.id: x.length_m for x in walked.tree.frame.limbs} if walked.tree.frame else {}
        for limb, keep in map(chosen_limb, answer.split()):
            if limb not in known or keep >= known[limb]:
                raise InvalidInput(
                    [FieldProblem("/answer", f"there is no limb {limb!r} to cut at {keep:g} m")]
                )


def finish(at: Workplace, walk_id: str) -> WalkView:
    """End a walk: what was measured goes to the record, what came off to the log, and its findings
    set the days to come back.

    Ending twice ends once. Raises: NotFound.
    """
    with at.store.writing() as session:
        walk = walks.walk(session, walk_id)
        view = _view(at, session, walk)
        if walk.state == "open":
            walk.state = "done"
            save_walk(session, walk)
            _keep_measures(session, view)
            _log_tallies(session, walk, view.answers)
            _come_backs(session, walk, view.end)
            session.flush()
        return _view(at, session, walk)


def quick(
    at: Workplace,
    tree_id: str,
    walk_id: str,
    suckers: int,
    sprouts: int,
    day: dt.date | None = None,
) -> Walk:
    """A tree of a row looked at in passing: nothing to do, or so many suckers and sprouts rubbed
    off. The same id twice counts once.

    Raises: NotFound, InvalidInput for a day to come.
    """
    refuse({"/day": done_problem(day, at.today())})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        known = session.get(Walk, walk_id)
        if known is not None:
            return known
        walk = Walk(
            id=walk_id, tree_id=record.tree.id, day=day or at.today(), state="done", quick=True
        )
        save_walk(session, walk)
        session.flush()
        tallies = {"below": "rubbed", "below-count": str(suckers)} if suckers else {"below": "none"}
        tallies |= (
            {"sprouts": "small", "sprouts-count": str(sprouts)} if sprouts else {"sprouts": "none"}
        )
        for question, answer in tallies.items():
            save_walk(session, WalkAnswer(walk_id=walk.id, step=question, answer=answer))
        session.flush()
        view = _view(at, session, walk)
        _log_tallies(session, walk, view.answers)
        _come_backs(session, walk, view.end)
        return walk


def plan(at: Workplace, walk_id: str, plan_id: str) -> Plan:
    """The cuts a walk named, as a cut sheet. The same id twice makes one. Raises: NotFound,
    InvalidInput where no limb was named, StaleVersion.
    """
    with at.store.reading() as session:
        view = _view(at, session, walks.walk(session, walk_id))
    if view.cuts is None or view.walked.frame_row is None:
        raise InvalidInput(
            [
                FieldProblem(
                    "", "no limb was named on this walk: name them, or mark the cuts in the drawing"
                )
            ]
        )
    return cutting.make_sheet(
        at,
        view.walked.record.tree.id,
        plan_id,
        named_cuts(view.end.findings),
        view.cuts.verdict.work,
        at.today(),
        view.walked.frame_row.id,
    )


def named_cuts(findings: tuple[Finding, ...]) -> list[Cut]:
    """Every limb that findings mean, once: where two mean it, the lower cut."""
    keep: dict[str, float] = {}
    for cut in (c for f in findings for c in f.cuts):
        keep[cut.limb] = min(cut.keep_m, keep.get(cut.limb, cut.keep_m))
    return [Cut(limb, at) for limb, at in keep.items()]


def _view(
    at: Workplace, session: Session, walk: Walk | None, walked: Walked | None = None
) -> WalkView:
    """walked: the tree, where it was read already; needed where there is no walk."""
    if walked is None:
        assert walk is not None
        walked = walked_tree(at, session, tree_record(session, walk.tree_id), walk.day)
    record, day = walked.record, walked.tree.day
    questions = questions_of(at.know, walked.tree)
    rows = walks.history(session, walk.id) if walk else []
    force = walks.in_force(rows)
    answers = {q: row.answer for q, row in force.items() if row.answer}
    end = summary(at.know, walked.tree, questions, answers)
    cuts = _cost(at, session, walked, end.findings)
    sun = walked.bark_sun
    after = (
        tuple(come_backs(cuts.advice, at.today(), walked.tree.age_years, sun, at.know))
        if cuts
        else ()
    )
    return WalkView(
        walk,
        walked,
        day,
        steps_of(at.know),
        tuple(_asked(at.know, walked, q, answers, force) for q in questions),
        answers,
        asked_next(questions, answers),
        end,
        walks.crossings(rows),
        frame_view(at, session, walked.frame_row) if walked.frame_row else None,
        cuts,
        after,
        _next_in_row(session, walked),
        photos.of_tree(session, record.tree.id),
    )


def _asked(
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
    return cutting.preview_in(at, session, walked.record, walked.frame_row, cuts, work, day, units)


def _keep_measures(session: Session, view: WalkView) -> None:
    """What was measured on the walk goes to the tree's record; its drawing gets the new union and
    trunk.
    """
    answers, record, day = view.answers, view.walked.record, view.day
    number = {
        q: float(answers[q])
        for q in ("union-height", "union-trunk", "load-trunk", "pot-height", "pot-room")
        if answers.get(q, LATER) != LATER
    }
    row = frames.current_row(session, record.stem.id)
    if row is not None and {"union-height", "union-trunk", "load-trunk"} & number.keys():
        frames.correct_foot(
            session,
            record.stem,
            row,
            number.get("union-height"),
            number.get("union-trunk", number.get("load-trunk")),
            day,
        )
    if "union-height" in number:
        record.stem.union_m = number["union-height"]
        save_trees(session, record.stem)
    if answers.get("union-mark", "not") != "not":
        record.stem.union_mark = f"{answers['union-mark']}, {day_words(day)}"
        save_trees(session, record.stem)
    kinds = {
        "union-trunk": "trunk_mm",
        "load-trunk": "trunk_mm",
        "pot-height": "height_m",
        "pot-room": "winter_room_m",
    }
    for question, kind in kinds.items():
        if question in number and not (row is not None and kind in ("trunk_mm", "height_m")):
            save_observations(
                session,
                Observation(
                    scope="tree",
                    scope_id=record.tree.id,
                    kind=kind,
                    value=answers[question],
                    date=day,
                ),
            )
    if "ground" in answers:
        save_observations(
            session,
            Observation(
                scope="block",
                scope_id=record.block.id,
                kind="ground",
                value=answers["ground"],
                date=day,
            ),
        )
    if "form" in answers:
        stances.choose(session, "tree", record.tree.id, "form", FORM_SCHOOLS[answers["form"]])


def _log_tallies(session: Session, walk: Walk, answers: Mapping[str, str]) -> None:
    """Suckers and sprouts that came off under the hand, into the log."""
    for question, work in (("below-count", "sucker"), ("sprouts-count", "sprout")):
        entry_id = str(uuid.uuid5(uuid.UUID(walk.id), work))
        if answers.get(question, LATER) != LATER and session.get(LogEntry, entry_id) is None:
            count = int(float(answers[question]))
            save_entries(
                session,
                LogEntry(
                    id=entry_id,
                    tree_id=walk.tree_id,
                    date=walk.day,
                    work=work,
                    cuts=count,
                    note="rubbed off on a walk",
                ),
            )


def _come_backs(session: Session, walk: Walk, end: Summary) -> None:
    for finding in end.findings:
        if finding.again is not None:
            save_tasks(
                session,
                Task(
                    scope_id=walk.tree_id,
                    kind="walk",
                    does=finding.text,
                    due=finding.again,
                    rule=finding.rule,
                ),
            )
    if end.nothing and not any(f.again for f in end.findings):
        save_tasks(
            session,
            Task(
                scope_id=walk.tree_id,
                kind="walk",
                does="Walk the tree again",
                due=end.look_again,
                rule="walk/look-again",
            ),
        )


def _next_in_row(session: Session, walked: Walked) -> str | None:
    return next(
        (
            r.tree.id
            for r in tree_records(session, row_id=walked.record.row.id)
            if r.place.n > walked.record.place.n
        ),
        None,
    )
