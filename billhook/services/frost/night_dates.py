"""The dates that a cold night sets."""

from __future__ import annotations

import datetime as dt
from collections import defaultdict
from collections.abc import Sequence
from typing import NamedTuple

from sqlmodel import Session

from ...core.frost.after import WAYS
from ...core.frost.classes import CLASSES, FrostClass, at_least
from ...core.frost.damage import Damage
from ...core.frost.fruit import Salvage
from ...core.frost.kinds import class_figure
from ...core.known import Knowledge
from ...core.season.model import Event
from ...core.tasks import NIGHT_TASKS, NightTask
from ...core.words.values import Value, say
from ...store import logbook
from ...store.logbook import save_tasks
from ...store.tables import Row
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk
from ..tree.names import named
from ..tree.tasks import task_for
from .hurt import Hurt


def set_dates(desk: SeasonDesk, found: Hurt, saves: Salvage) -> None:
    """What a night asks for: cut test and salvage row by row; whitewash, the day to judge and the
    day to cut tree by tree, or for a row where many are alike. Of a night that is entered late,
    what was to be done by now is not asked; judging and cutting are due at once.
    """
    rows: dict[str, list[tuple[TreeRecord, Damage]]] = defaultdict(list)
    for record, damage in found.ordered:
        if damage.worst != "F0":
            rows[record.row.id].append((record, damage))
    here = {r.tree.id for r in found.records} | {r.row.id for r in found.records}
    for old in logbook.tasks(desk.session):
        if old.kind in NIGHT_TASKS and old.scope_id in here:
            old.state = "dropped"
            save_tasks(desk.session, old)
    for hurt in rows.values():
        if any(d.fruit_hurt > 0 for _, d in hurt) and saves.late >= desk.at.today():
            _fruit_dates(desk, hurt[0][0].row, saves)
        _wood_dates(desk, hurt)


def _fruit_dates(desk: SeasonDesk, row: Row, saves: Salvage) -> None:
    count = desk.at.know.number("frost/cut-test-fruit")
    rule = "frost/salvage-days-warm" if saves.warm else "frost/salvage-days"
    test = say("task-cut-test", fruit=int(count), row=row.called)
    juice = say("task-juice", row=row.called, day=saves.late)
    for kind, due, does, known in (
        ("frost-night-test", saves.test_from, test, "frost/cut-test-days"),
        ("frost-night-salvage", saves.early, juice, rule),
    ):
        save_tasks(
            desk.session,
            task_for(does, scope="row", scope_id=row.id, kind=kind, due=due, rule=known),
        )


def _wood_dates(desk: SeasonDesk, hurt: Sequence[tuple[TreeRecord, Damage]]) -> None:
    """Dates of the trees of one row that lost leaf or wood."""
    know, day = desk.at.know, desk.day
    alike: dict[tuple[FrostClass, str], list[TreeRecord]] = defaultdict(list)
    for record, damage in hurt:
        if CLASSES.index(damage.worst) >= 2:
            alike[damage.worst, record.tree.species].append(record)
    many = know.number("frost/alike-trees")
    for (frost_class, species), trees in alike.items():
        base = max(_last_frost(desk, trees[0]), day)
        bark = day + dt.timedelta(days=know.days("frost/bark-within"))
        wanted = [
            _Dated(
                bark, "frost-night-bark", say("task-whitewash-bared"), "frost-class/F2/leaf-lost"
            ),
            *_judged_and_cut(
                know, frost_class, species, base, _waited(desk, trees[0]), _second(desk, trees[0])
            ),
        ]
        for due, kind, does, rule in wanted:
            if kind == "frost-night-bark" and due < desk.at.today():
                continue
            due = max(due, desk.at.today())
            if len(trees) > many:
                of = say("task-of-trees", does=does, trees=named(trees))
                scopes = [("row", trees[0].row.id, of)]
            else:
                one = say("task-of-this-tree", does=does)
                scopes = [("tree", r.tree.id, one) for r in trees]
            for scope, scope_id, says in scopes:
                task = task_for(says, scope=scope, scope_id=scope_id, kind=kind, due=due, rule=rule)
                save_tasks(desk.session, task)


class _Dated(NamedTuple):
    due: dt.date
    kind: NightTask
    does: Value
    rule: str


def _judged_and_cut(
    know: Knowledge,
    frost_class: FrostClass,
    species: str,
    base: dt.date,
    waited: tuple[dt.date, str] | None = None,
    second: dt.date | None = None,
) -> list[_Dated]:
    """The days to judge and to cut that a class asks for, counted from the last frost; waited: the
    day and rule of a way of working in their place. second: the second flush begins, before which
    no tree is judged.
    """
    found: list[_Dated] = []
    for column, (kind, does) in _BY_CLASS.items():
        rule = class_figure(know, frost_class, column, species)
        due = base + dt.timedelta(days=know.days(rule))
        if column == "judge-after" and second is not None:
            cut = know.days(class_figure(know, frost_class, "cut-after", species))
            due = min(max(due, second), base + dt.timedelta(days=cut))
        if waited is not None:
            due, rule = waited
        found.append(_Dated(due, kind, say("task-of-class", does=does, frost=frost_class), rule))
    return found


def _waited(desk: SeasonDesk, record: TreeRecord) -> tuple[dt.date, str] | None:
    """The day that the tree's way of working waits for, with its rule; None where that is the
    class's.
    """
    rule = WAYS.get(desk.stance(record)["frost-wait"])
    if rule is None:
        return None
    after = dt.timedelta(days=desk.at.know.days(rule))
    if rule == "frost/ninety-days":
        return desk.day + after, rule
    second = _second_flush(desk, record)
    return (second.end + after, rule) if second else None


def _second_flush(desk: SeasonDesk, record: TreeRecord) -> Event | None:
    """The flush that follows the first one after the night."""
    events = desk.season(record, ("sucker",)).events
    first = next((e.start for e in events if e.name == "first flush" and e.end >= desk.day), None)
    later = (e for e in events if e.name == "later flush")
    return next((e for e in later if first is not None and e.start > first), None)


def _second(desk: SeasonDesk, record: TreeRecord) -> dt.date | None:
    second = _second_flush(desk, record)
    return second.start if second else None


_BY_CLASS: dict[str, tuple[NightTask, Value]] = {
    "judge-after": ("frost-night-judge", say("task-judge")),
    "cut-after": ("frost-night-cut", say("task-cut-dead")),
}
_JUDGE, _CUT = (kind for kind, _ in _BY_CLASS.values())


def class_corrected(
    know: Knowledge, session: Session, record: TreeRecord, frost_class: FrostClass, day: dt.date
) -> None:
    """A class put right takes the dates of its night along: judged from its day on it is judged,
    the day to cut is the new class's, and where no wood is hurt none is left. What was set for a
    whole row stays for the others.
    """
    here = (record.tree.id, record.row.id)
    old = [t for t in logbook.tasks(session) if t.scope_id in here and t.kind in (_JUDGE, _CUT)]
    if not old:
        return
    # the day to judge may have waited for the second flush; the day to cut did not
    counted = [t for t in old if t.kind == _CUT] or old
    base = max(t.due - dt.timedelta(days=know.days(t.rule)) for t in counted)
    judged = any(t.kind == _JUDGE and t.due <= day for t in old)
    for task in (t for t in old if t.scope_id == record.tree.id):
        task.state = "done" if task.kind == _JUDGE and judged else "dropped"
        task.version += 1
        save_tasks(session, task)
    if not at_least(frost_class, "F2"):
        return
    before = next(((t.due, t.rule) for t in old if t.rule in WAYS.values()), None)
    dated = _judged_and_cut(know, frost_class, record.tree.species, base, before)
    for due, kind, does, rule in dated:
        if kind == _JUDGE and judged:
            continue
        says = say("task-of-this-tree", does=does)
        save_tasks(session, task_for(says, scope_id=record.tree.id, kind=kind, due=due, rule=rule))


def _last_frost(desk: SeasonDesk, record: TreeRecord) -> dt.date:
    """The last frost of the cold season the desk's day lies in; the day itself where none is
    expected.
    """
    events = desk.season(record, ("sucker",)).events
    return next(
        (e.end for e in events if e.name == "frost likely" and e.start <= desk.day <= e.end),
        desk.day,
    )
