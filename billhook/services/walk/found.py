"""What a walk found to be done: tasks of the tree until it is done, or let go with a reason."""

from __future__ import annotations

from sqlmodel import Session

from ...core.errors import refuse
from ...core.known import Knowledge
from ...core.words.dates import day_words
from ...store import logbook
from ...store.logbook import save_tasks
from ...store.tables import Task
from ...store.trees import tree_record
from ...store.walk_tables import Walk
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .view import WalkView

ROW = "walk-answers/"


def set_found(at: Workplace, session: Session, walk: Walk, view: WalkView) -> None:
    """Each finding that is work becomes a task, on the day that allows it. What an earlier walk
    found, and this one looked for in vain, is let go; what was logged since it began is done.
    """
    known = {t.rule: t for t in logbook.found(session, walk.tree_id)}
    since = {e.work for e in logbook.entries(session, walk.tree_id, walk.day)}
    desk = SeasonDesk(session, at, walk.day)
    rules: set[str] = set()
    for finding in view.end.findings:
        if finding.work is None or finding.work in since:
            continue
        rule = f"{ROW}{finding.answer}/work"
        rules.add(rule)
        verdict = desk.verdict(view.walked.record, finding.work)
        can = verdict.status in ("go", "light")
        task = known.get(rule) or Task(
            scope_id=walk.tree_id, kind="found", does="", due=walk.day, rule=rule
        )
        task.does, task.work, task.walk_id = finding.text, finding.work, walk.id
        task.since, task.due = walk.day, walk.day if can else verdict.opens or walk.day
        save_tasks(session, task)
    for rule, task in known.items():
        if rule not in rules and _question(at.know, rule) in view.answers:
            _let_go(session, task, f"not found on the look of {day_words(walk.day)}")


def _question(know: Knowledge, rule: str) -> str:
    return know.text(f"{rule.removesuffix('/work')}/question")


def _let_go(session: Session, task: Task, why: str) -> None:
    task.state, task.why_dropped, task.version = "dropped", why, task.version + 1
    save_tasks(session, task)


def let_go(at: Workplace, tree_ids: list[str], work: str, why: str) -> int:
    """What was found of a kind of work on trees is not to be done, with the reason. Returns of how
    many trees. Raises: InvalidInput where no reason is given; NotFound.
    """
    refuse({"/why": None if why.strip() else "say why"})
    with at.store.writing() as session:
        gone: set[str] = set()
        for tree_id in tree_ids:
            tree_record(session, tree_id)
            for task in logbook.found(session, tree_id):
                if task.work == work:
                    _let_go(session, task, why.strip())
                    gone.add(tree_id)
        return len(gone)
