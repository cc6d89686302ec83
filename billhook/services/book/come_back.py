"""The days to come back that work sets, by a sheet's own cuts or by the kind of work."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Iterable, Sequence
from typing import Literal

from ...core.choice import one_of
from ...core.cuts.comeback import ComeBack, Then, come_backs, come_backs_of, mark_is_tied
from ...core.cuts.technique import CutAdvice
from ...core.season.budget import tree_age
from ...core.season.events import spring_after
from ...core.season.model import OWN_BUDGET, WORKS, Span
from ...store import logbook
from ...store.logbook import save_tasks
from ...store.tables import Task
from ...store.trees import TreeRecord
from ...store.work_tables import LogEntry
from ..season.desk import SeasonDesk

Backs = tuple[ComeBack, ...]


def then_of(desk: SeasonDesk, record: TreeRecord) -> Then:
    """A tree and its season on the desk's day, on which it was cut."""
    know, day = desk.at.know, desk.day
    age = tree_age(desk.state(record), day.year)
    tied = age <= know.number("walk/young-until") or mark_is_tied(record.stem.union_mark, know)
    season = desk.season(record, ("tip",), with_forecast=False)
    events = season.events
    suns = (Span(e.start, e.end) for e in events if e.name == "strong sun on bark")
    sun = next((s for s in suns if s.holds(day)), None)
    spring = spring_after(events, day, know.days("plan/next-spring-after"))
    trims = tuple(Span(s.start, s.end) for s in season.segments if s.status == "go")
    return Then(day, age, sun, tied, spring, trims)


def backs_after(
    desk: SeasonDesk, record: TreeRecord, work: str, advice: Iterable[CutAdvice]
) -> Backs:
    """The days to come back after these cuts, made on the desk's day."""
    hard = work in OWN_BUDGET
    return tuple(come_backs(advice, then_of(desk, record), desk.at.know, hard))


def set_come_backs(
    desk: SeasonDesk, scope: Literal["tree", "row"], scope_id: str, cause: str, backs: Backs
) -> None:
    """Write dated looks down for a tree or a row, with the entry that asks for them. A look below
    the union that is open has just been made; another of the same rule, due about then, is one.
    """
    near = dt.timedelta(days=desk.at.know.days("comeback/soon"))
    open_now = {t.rule: t for t in logbook.tasks(desk.session, scope_id)}
    for back in backs:
        task = open_now.get(back.rule)
        if task is None or (back.kind != "sucker" and task.due < back.due - near):
            task = Task(
                scope=scope,
                scope_id=scope_id,
                kind=back.kind,
                does=back.does,
                due=back.due,
                rule=back.rule,
                cause=cause,
            )
        elif task.due < back.due:
            task.due, task.version = back.due, task.version + 1
        save_tasks(desk.session, task)


def come_back_after(desk: SeasonDesk, done: Sequence[tuple[TreeRecord, LogEntry]]) -> None:
    """Set the days to come back after work without a plan; one look for a row that was done whole.
    What would be due by now is past: work of long ago asks for nothing.
    """
    by_row: dict[str, list[tuple[str, str, Backs]]] = {}
    for record, entry in done:
        if entry.corrects is None:
            seen = (record.tree.id, entry.id, _backs(desk, record, entry))
            by_row.setdefault(record.row.id, []).append(seen)
    standing = Counter(r.row.id for r in desk.held.records) if len(done) > 1 else {}
    for row, trees in by_row.items():
        whole = 1 < len(trees) == standing.get(row, 0) and len({b for _, _, b in trees}) == 1
        if whole:
            set_come_backs(desk, "row", row, *trees[0][1:])
            continue
        for tree, cause, backs in trees:
            set_come_backs(desk, "tree", tree, cause, backs)


def _backs(desk: SeasonDesk, record: TreeRecord, entry: LogEntry) -> Backs:
    backs = come_backs_of(one_of(WORKS, entry.work), then_of(desk, record), desk.at.know)
    return tuple(b for b in backs if b.due > desk.at.today())
