"""What a walk found to be done: tasks of the tree until it is done, or let go with a reason."""

from __future__ import annotations

from sqlmodel import Session

from ...core.errors import refuse
from ...core.known import Knowledge
from ...core.words.dates import day_words
from ...core.words.values import say
from ...store import logbook
from ...store.logbook import save_tasks
from ...store.tables import Task
from ...store.trees import tree_record
from ...store.walk_tables import Walk
from ..book.logged import found_problem, rule_of
from ..season.desk import SeasonDesk
from ..tree.tasks import reword
from ..workplace import Workplace
from .view import WalkView


def set_found(at: Workplace, session: Session, walk: Walk, view: WalkView) -> None:
    """Each finding that is work becomes a task, on the day that allows it. What an earlier walk
    found, and this one looked for in vain, is let go; what was logged since it began is done.
    """
    known = {t.rule: t for t in logbook.found(session, walk.tree_id)}
    spot = [t for t in logbook.tasks(session, walk.tree_id, "done") if t.walk_id == walk.id]
    causes, done = {t.cause for t in spot}, {t.rule for t in spot}
    since = {e.work for e in logbook.entries(session, walk.tree_id, walk.day) if e.id not in causes}
    desk = SeasonDesk(session, at, walk.day)
    rules: set[str] = set()
    for finding in view.end.findings:
        rule = rule_of(finding.answer)
        rules.add(rule)
        if finding.work is None or finding.work in since or rule in done:
            continue
        verdict = desk.verdict(view.walked.record, finding.work)
        can = verdict.status in ("go", "light")
        task = known.get(rule) or Task(
            scope_id=walk.tree_id, kind="found", does="", due=walk.day, rule=rule
        )
        task.work, task.walk_id = finding.work, walk.id
        reword(task, finding.text)
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


def let_go(at: Workplace, tree_ids: list[str], found: str, why: str) -> int:
    """What was found on trees, an answer of a walk, is not to be done, with the reason. Returns of
    how many trees. Raises: InvalidInput where no reason is given, or for no finding; NotFound.
    """
    refuse(
        {
            "/why": None if why.strip() else say("bad-say-why"),
            "/found": found_problem(at.know, found),
        }
    )
    with at.store.writing() as session:
        gone: set[str] = set()
        for tree_id in tree_ids:
            tree_record(session, tree_id)
            for task in logbook.found(session, tree_id):
                if task.rule == rule_of(found):
                    _let_go(session, task, why.strip())
                    gone.add(tree_id)
        return len(gone)
