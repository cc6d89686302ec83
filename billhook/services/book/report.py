"""A season on paper: what was done in each block, what it took, what was picked, frost, what comes
next; and the record of it line by line, as somebody from outside may ask for it.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter
from dataclasses import dataclass

from sqlmodel import Session

from ...catalogue.wording import said
from ...core.choice import one_of
from ...core.errors import invalid
from ...core.frost.after import NO_WOOD
from ...core.known import Knowledge
from ...core.season.model import WORKS
from ...core.season.today import lane_words, work_words
from ...core.tasks import task_said
from ...core.words.values import say
from ...store import logbook as kept
from ...store import places
from ...store.frost_nights import assessed, history
from ...store.tables import Task
from ...store.trees import TreeRecord
from ..season.desk import SeasonDesk
from ..season.windows import Window, windows
from ..workplace import Workplace
from .book import Asked, Sums, book
from .logbook import LogLine

_ALL = 1_000_000
_NEXT = 4


@dataclass(frozen=True)
class Coming:
    """Something due on so many trees, or rows."""

    due: dt.date
    what: str
    n: int


@dataclass(frozen=True)
class Next:
    """When kinds of work are right next on a kind of tree, in words; both days included."""

    kind_name: str
    works: tuple[str, ...]
    first: dt.date
    last: dt.date


@dataclass(frozen=True)
class BlockReport:
    """standing: trees on the day of the report. hurt: trees whose wood a frost hurt within the
    span. regrown_m: how long shoots had grown at the cuts, the mean of what was measured within the
    span. coming: what is due next, the soonest first. right: when each work is right next.
    """

    block: str
    standing: int
    sums: Sums
    hurt: int
    regrown_m: float | None
    coming: tuple[Coming, ...]
    right: tuple[Next, ...]


@dataclass(frozen=True)
class RecordLine:
    """Who did what, when and where; how: its cuts, share of the canopy [0..1] and hours, each None
    where nobody wrote it down; note: as it was written, also of what was used.
    """

    day: dt.date
    where: str
    work: str
    who: str
    cuts: int | None
    share: float | None
    hours: float | None
    note: str


@dataclass(frozen=True)
class Report:
    """Both days included; a block on which nothing was done and nothing is due is left out."""

    holding: str
    day: dt.date
    first: dt.date
    last: dt.date
    total: Sums
    blocks: tuple[BlockReport, ...]
    record: tuple[RecordLine, ...]


def season_report(
    at: Workplace, first: dt.date | None, last: dt.date | None, rows: frozenset[str] | None = None
) -> Report:
    """What was done within days, in all rows or in some; the year up to today where nobody says.
    Raises: InvalidInput.
    """
    until = last or at.today()
    since = first or until - dt.timedelta(days=365)
    if since > until:
        raise invalid("/last", say("bad-must-not-lie-before-the-first"))
    with at.store.reading() as session:
        holding = places.holding(session)
        desk = SeasonDesk(session, at, at.today())
        records = at.standing(session).within(rows)
        tasks = kept.tasks(session)
        hurt = _hurt(session, since, until)
        grown = [
            (o.scope_id, float(o.value))
            for o in history(session, ("regrown_m",))
            if since <= o.date <= until
        ]
        of_block: dict[tuple[str, str], list[TreeRecord]] = {}
        for r in records:
            of_block.setdefault((r.block.id, r.block.name), []).append(r)
        right = {block_id: _right(desk, trees) for (block_id, _), trees in of_block.items()}
    whole = book(at, Asked(since, until, rows=rows), _ALL)
    blocks = (
        BlockReport(
            name,
            len(trees),
            book(at, Asked(since, until, block_id=block_id, rows=rows), 0).sums,
            sum(r.tree.id in hurt for r in trees),
            _mean({r.tree.id for r in trees}, grown),
            _coming(at.know, tasks, trees, at.today()),
            right[block_id],
        )
        for (block_id, name), trees in of_block.items()
    )
    told = tuple(b for b in blocks if b.sums.entries or b.sums.kg or b.hurt or b.coming or b.right)
    record = tuple(_line(x) for x in reversed(whole.lines) if x.corrected_by is None)
    name = holding.name if holding else ""
    return Report(name, at.today(), since, until, whole.sums, told, record)


def _line(line: LogLine) -> RecordLine:
    e = line.entry
    return RecordLine(
        e.date,
        line.tree_name,
        said(work_words(one_of(WORKS, e.work))),
        e.who,
        e.cuts,
        line.share,
        None if e.minutes is None else round(e.minutes / 60, 2),
        e.note,
    )


def _hurt(session: Session, since: dt.date, until: dt.date) -> set[str]:
    """Trees whose wood a frost hurt between two days."""
    return {
        tree_id
        for tree_id, nights in assessed(session).items()
        for night, one in nights
        if since <= night.day <= until and one.frost_class not in NO_WOOD
    }


def _mean(trees: set[str], grown: list[tuple[str, float]]) -> float | None:
    lengths = [length for tree_id, length in grown if tree_id in trees]
    return round(sum(lengths) / len(lengths), 2) if lengths else None


def _right(desk: SeasonDesk, trees: list[TreeRecord]) -> tuple[Next, ...]:
    soonest: dict[tuple[str, str], Window] = {}
    for w in windows(desk, [r for r in trees if desk.sound(r)]):
        if w.last >= desk.day:
            soonest.setdefault((said(w.kind_name), w.work), w)
    together: dict[tuple[str, dt.date, dt.date], list[str]] = {}
    for (kind, _), w in soonest.items():
        span = (kind, max(w.first, desk.day), w.last)
        together.setdefault(span, []).append(said(lane_words(w.work)))
    return tuple(
        Next(kind, tuple(works), first, last)
        for (kind, first, last), works in sorted(together.items())
    )


def _coming(
    know: Knowledge, tasks: list[Task], trees: list[TreeRecord], day: dt.date
) -> tuple[Coming, ...]:
    here = {r.tree.id for r in trees} | {r.row.id for r in trees}
    found = Counter(
        (t.due, said(task_said(know, t.rule, t.does, t.says)))
        for t in tasks
        if t.scope_id in here and t.due >= day
    )
    return tuple(Coming(due, what, n) for (due, what), n in sorted(found.items())[:_NEXT])
