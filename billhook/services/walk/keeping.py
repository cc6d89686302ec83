"""What a finished walk leaves: measures, tallies, days to come back."""

from __future__ import annotations

import uuid
from collections.abc import Iterator, Mapping

from sqlmodel import Session

from ...core.known import Knowledge
from ...core.season.events import ranker
from ...core.walk.findings import Summary
from ...core.walk.questions import LATER
from ...core.walk.tree import FORM_SCHOOLS, WalkTree
from ...core.words.dates import day_words
from ...core.words.values import say
from ...store import frames, stances
from ...store.logbook import save_counts, save_tasks
from ...store.tables import Observation
from ...store.trees import save_observations, save_trees
from ...store.walk_tables import Walk
from ...store.work_tables import CutCount, LogEntry
from ..book.logged import put_in_log
from ..tree.tasks import task_for
from .view import WalkView

_MEASURED = ("union-height", "union-trunk", "load-trunk", "pot-height", "pot-room")
_OBSERVED = {
    "union-trunk": "trunk_mm",
    "load-trunk": "trunk_mm",
    "pot-height": "height_m",
    "pot-room": "winter_room_m",
}


RANKER = "more"  # one step more vigour than the tree was taken to have


def _facts(
    know: Knowledge, answers: Mapping[str, str], tree: WalkTree
) -> Iterator[tuple[str, str]]:
    """Kind and value of what answers say of the tree from then on."""
    given = {f"{q}-{a}" for q, said in answers.items() for a in said.split()}
    for row in know.rows("walk-facts"):
        if row in given:
            value = know.text(f"walk-facts/{row}/value")
            if value == RANKER:
                usual = int(know.number(f"species/{tree.species}/vigour"))
                value = str(max(tree.vigour, ranker(usual)))
            yield know.text(f"walk-facts/{row}/kind"), value or tree.day.isoformat()


def keep_measures(know: Knowledge, session: Session, view: WalkView) -> None:
    """What was measured and seen on the walk goes to the tree's record; its drawing gets the new
    union and trunk.
    """
    answers, record, day = view.answers, view.walked.record, view.day
    number = {q: float(answers[q]) for q in _MEASURED if answers.get(q, LATER) != LATER}
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
    drawn = () if row is None else ("trunk_mm", "height_m")
    seen = [
        ("tree", record.tree.id, kind, answers[question])
        for question, kind in _OBSERVED.items()
        if question in number and kind not in drawn
    ]
    if "ground" in answers:
        seen.append(("block", record.block.id, "ground", answers["ground"]))
    seen += [("tree", record.tree.id, *fact) for fact in _facts(know, answers, view.walked.tree)]
    for scope, scope_id, kind, value in seen:
        save_observations(
            session, Observation(scope=scope, scope_id=scope_id, kind=kind, value=value, date=day)
        )
    if "form" in answers:
        whole = view.walked.tree.alike > 1
        scope, of = ("block", record.block.id) if whole else ("tree", record.tree.id)
        stances.choose(session, scope, of, "form", FORM_SCHOOLS[answers["form"]])


_GUARDS = {"wrap": "trunk cleaned, guard put on", "white": "trunk cleaned, whitewashed"}


def log_tallies(know: Knowledge, session: Session, walk: Walk, answers: Mapping[str, str]) -> None:
    """Suckers and sprouts that came off under the hand, and a trunk that was cleaned, into the
    log.
    """
    if "cleaned" in answers.get("young-trunk", "").split():
        entry_id = str(uuid.uuid5(uuid.UUID(walk.id), "guard"))
        if session.get(LogEntry, entry_id) is None:
            note = _GUARDS.get(answers.get("trunk-guard", ""), "trunk cleaned")
            entry = LogEntry(
                id=entry_id, tree_id=walk.tree_id, date=walk.day, work="young", note=note
            )
            put_in_log(know, session, entry)
    for question, work in (("below-count", "sucker"), ("sprouts-count", "sprout")):
        entry_id = str(uuid.uuid5(uuid.UUID(walk.id), work))
        if answers.get(question, LATER) != LATER and session.get(LogEntry, entry_id) is None:
            count = int(float(answers[question]))
            thick = answers.get("below-thick") if work == "sucker" else None
            entry = LogEntry(
                id=entry_id,
                tree_id=walk.tree_id,
                date=walk.day,
                work=work,
                cuts=count,
                note="cut off on a walk" if thick else "rubbed off on a walk",
            )
            put_in_log(know, session, entry)
            if thick is not None:
                session.flush()
                mm = know.number(f"thickness/{thick}/mm")
                save_counts(
                    session, CutCount(log_id=entry_id, thickness=thick, mm=mm, n=count, sprout=True)
                )


def set_come_backs(session: Session, walk: Walk, end: Summary) -> None:
    for finding in end.findings:
        if finding.again is not None:
            save_tasks(
                session,
                task_for(
                    finding.text,
                    scope_id=walk.tree_id,
                    kind="walk",
                    due=finding.again,
                    rule=finding.rule,
                ),
            )
    if end.nothing and not any(f.again for f in end.findings):
        save_tasks(
            session,
            task_for(
                say("task-walk-again"),
                scope_id=walk.tree_id,
                kind="walk",
                due=end.look_again,
                rule="walk/look-again",
            ),
        )
