"""What one tree needs next, in working order: what can be done now, then what comes, by its day."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ...core.season.model import Status
from ...core.words.units import Units
from ...core.words.values import Saying, Value, say
from ..workplace import Workplace
from .ahead import Ahead
from .item import Item

_YEAR = 366
# first what costs no canopy, then what was begun, then the rest by its last good day
_FIRST = {"sucker": 0, "sanitation": 1}
_KINDS = {"sheet": 2, "come-back": 3}


@dataclass(frozen=True)
class TreeNeed:
    """A piece of work. when: until or from which day, in words; opens: None for what can be done
    now.
    """

    kind: str
    work: str
    says: Value
    tone: Status
    when: Saying
    opens: dt.date | None
    minutes: float
    plan_id: str | None
    task_id: str | None
    version: int | None


def needs(at: Workplace, tree_id: str, day: dt.date, units: Units = "metric") -> list[TreeNeed]:
    """What a tree needs from this day on, within a year. Raises: NotFound."""
    with at.store.reading() as session:
        found = Ahead(at, session, day, day + dt.timedelta(days=_YEAR), units, tree_id).view()
    once: dict[tuple[str, str, Value], Item] = {}
    for item in sorted([*found.late, *found.items], key=lambda i: _order(i, day)):
        # of what comes again and again, the next time
        once.setdefault((item.kind, item.work, item.says), item)
    return [_need(i, day) for i in once.values()]


def _order(item: Item, day: dt.date) -> tuple[bool, int, dt.date]:
    opens = _opens(item, day)
    seen = _FIRST.get(item.work) if item.kind in ("work", "found") else None
    rank = _KINDS.get(item.kind, 4) if seen is None else seen
    return opens is not None, 0 if opens else rank, opens or item.last_good or dt.date.max


def _opens(item: Item, day: dt.date) -> dt.date | None:
    """The day from which it can be done; None where that is now."""
    first = item.last_good if item.kind == "come-back" else item.opens
    return first if first is not None and first > day else None


def _need(item: Item, day: dt.date) -> TreeNeed:
    opens = _opens(item, day)
    return TreeNeed(
        item.kind,
        item.work,
        item.says,
        "wait" if opens and item.tone == "go" else item.tone,
        _when(item, day, opens),
        opens,
        item.minutes,
        item.plan_id,
        item.task.id if item.task else None,
        item.task.version if item.task else None,
    )


def _when(item: Item, day: dt.date, opens: dt.date | None) -> Saying:
    if opens is not None:
        return (
            say("need-on", day=opens) if item.kind == "come-back" else say("need-from", day=opens)
        )
    if item.kind == "come-back" and item.last_good and item.last_good < day:
        return say("need-late", day=item.last_good)
    if item.kind != "come-back" and item.last_good:
        return say("need-by", day=item.last_good)
    return say("need-dry-day") if item.work == "sanitation" else say("need-any-day")
