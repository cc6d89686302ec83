"""Walking a tree: begun, paused, taken up on another device, and finished with findings, cuts and
days to come back.
"""

from __future__ import annotations

import datetime as dt

from sqlmodel import Session

from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.known import Knowledge
from ...core.walk.questions import FULL, LATER, check_answer, chosen_limb, questions_of
from ...core.words.values import Length, Value, listed, say
from ...store import walks
from ...store.trees import tree_record
from ...store.walk_tables import Walk, WalkAnswer
from ...store.walks import save_walk
from ...store.work_tables import Plan
from ..plan import sheet_making
from ..workplace import Workplace
from .found import set_found
from .keeping import keep_measures, log_tallies, set_come_backs
from .tree import Walked, walked_tree
from .view import WalkView, named_cuts, sick_cuts, view_of


def begin(
    at: Workplace, tree_id: str, walk_id: str, day: dt.date | None = None, look: str | None = None
) -> WalkView:
    """Begin a walk, or take up the one that is open on this tree. The same id twice begins one
    walk; a walk begun without signal is merged into the open one.

    day: when it was begun, for a walk begun without signal. look: what it is for; the open walk
    goes on as that. Raises: NotFound; InvalidInput for a day to come, or a look that is none.
    """
    refuse({"/day": done_problem(day, at.today()), "/look": _look_problem(at.know, look)})
    with at.store.writing() as session:
        record = tree_record(session, tree_id)
        found = session.get(Walk, walk_id)
        if found is None:
            going = walks.open_walk(session, tree_id)
            if going is not None and day is None:
                return view_of(at, session, _as(session, going, look))
            found = Walk(
                id=walk_id,
                tree_id=record.tree.id,
                day=day or at.today(),
                state="merged" if going else "open",
                into=going.id if going else None,
                look=look or FULL,
            )
            save_walk(session, found)
            session.flush()
        return view_of(at, session, _as(session, walks.walk(session, found.id), look))


def look_for(at: Workplace, walk_id: str, look: str) -> WalkView:
    """Go on with a walk as a look for one thing, or for all. Raises: NotFound, InvalidInput."""
    refuse({"/look": _look_problem(at.know, look)})
    with at.store.writing() as session:
        return view_of(at, session, _as(session, walks.walk(session, walk_id), look))


def _look_problem(know: Knowledge, look: str | None) -> Value | None:
    looks = know.rows("looks")
    return None if look in (None, *looks) else say("bad-must-be-one-of", known=listed(looks))


def _as(session: Session, walk: Walk, look: str | None) -> Walk:
    """The walk, as the look that is asked for; a finished one stays what it was."""
    if look is not None and walk.state == "open" and walk.look != look:
        walk.look = look
        save_walk(session, walk)
    return walk


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
                raise invalid("/question", say("bad-this-walk-is-finished-begin-another"))
            _check(at.know, walked, question, answer)  # of any look: it may have been changed
            save_walk(
                session,
                WalkAnswer(
                    id=answer_id, walk_id=walk.id, step=question, answer=answer or "", seen=seen
                ),
            )
            session.flush()
        return view_of(at, session, walk, walked)


def _check(know: Knowledge, walked: Walked, question: str, answer: str | None) -> None:
    asked = {q.id: q for q in questions_of(know, walked.tree)}
    if question not in asked:
        raise invalid("/question", say("bad-must-be-one-of", known=listed(asked)))
    if answer is None:
        return
    check_answer(asked[question], answer)
    if asked[question].kind == "limbs" and answer != LATER:
        known = {x.id: x.length_m for x in walked.tree.frame.limbs} if walked.tree.frame else {}
        for limb, keep in map(chosen_limb, answer.split()):
            if limb not in known or keep >= known[limb]:
                raise invalid(
                    "/answer", say("bad-there-is-no-limb-to-cut", limb=limb, keep=Length(keep))
                )


def finish(at: Workplace, walk_id: str) -> WalkView:
    """End a walk: what was measured goes to the record, what came off to the log, and its findings
    set the days to come back.

    Ending twice ends once. Raises: NotFound.
    """
    with at.store.writing() as session:
        walk = walks.walk(session, walk_id)
        view = view_of(at, session, walk)
        if walk.state == "open":
            walk.state = "done"
            save_walk(session, walk)
            keep_measures(at.know, session, view)
            log_tallies(at.know, session, walk, view.answers)
            set_found(at, session, walk, view)
            set_come_backs(session, walk, view.end)
            session.flush()
        return view_of(at, session, walk)


def plan(at: Workplace, walk_id: str, plan_id: str) -> Plan:
    """The cuts a walk named, as a cut sheet. The same id twice makes one. Raises: NotFound,
    InvalidInput where no limb was named, StaleVersion.
    """
    with at.store.reading() as session:
        view = view_of(at, session, walks.walk(session, walk_id))
    if view.cuts is None or view.walked.frame_row is None:
        raise invalid("", say("bad-no-limb-was-named-on-this"))
    return sheet_making.make_sheet(
        at,
        view.walked.record.tree.id,
        plan_id,
        named_cuts(view.end.findings),
        view.cuts.verdict.work,
        at.today(),
        view.walked.frame_row.id,
        sick=sick_cuts(view.end.findings),
    )
