"""One piece of work of the fortnight."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, field

from ...core.reasons import Reason
from ...core.season.model import Segment, Status
from ...core.season.today import Act
from ...core.words.values import Value
from ...store.tables import PutOff, Task
from ...store.trees import TreeRecord


@dataclass
class Item:
    """Like work on trees of one row. like: what two trees' work must share to be one item, beside
    the row; key: with the row. last_good: the last day it is right. closed_by: the forecast
    that stops it. late: no longer this season.

    acts: what would change it. cost: what the cut takes of the crop, in words. helper: whose trees
    they are. walk_id: the walk that found it; found: as which answer.
    """

    like: str
    kind: str
    work: str
    says: Value
    tone: Status
    reasons: tuple[Reason, ...]
    opens: dt.date | None
    last_good: dt.date | None
    key: str = ""
    block: str = ""
    minutes: float = 0.0
    rows: list[int] = field(default_factory=list)
    trees: list[TreeRecord] = field(default_factory=list)
    task: Task | None = None
    plan_id: str | None = None
    closed_by: Value | None = None
    later: PutOff | None = None
    instead: Value | None = None
    acts: tuple[Act, ...] = ()
    cost: Value | None = None
    helper: str | None = None
    walk_id: str | None = None
    found: str | None = None
    asks: Value | None = None
    ask_again: dt.date | None = None


@dataclass(frozen=True)
class TodayView:
    """Items in walking order, those that are overdue apart; work put off; what is too late, with
    what to do instead; and where nothing wants doing, what comes next.
    """

    day: dt.date
    until: dt.date
    late: list[Item]
    items: list[Item]
    put_off: list[Item]
    too_late: list[Item]
    forecast: str | None
    next: Item | None = None


def open_run(
    segments: Sequence[Segment], first: dt.date, until: dt.date
) -> tuple[dt.date, dt.date | None, Segment] | None:
    """The first run of go that touches the days asked: its first and last day, None where it is
    open as far as is seen, and its first segment.
    """
    for i, s in enumerate(segments):
        if s.status == "go" and s.start <= until and s.end >= first:
            end = s.end
            for following in segments[i + 1 :]:
                if following.status != "go":
                    return s.start, end, s
                end = following.end
            return s.start, None, s
    return None
