"""The Book: what was done, by day, of those asked for; and what it comes to."""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Iterable
from dataclasses import dataclass

from sqlmodel import Session

from ...core.season.model import Work
from ...core.words.values import Value
from ...store import logbook as kept
from ...store import trees as tree_store
from ...store.changes import kept_acts
from ...store.harvests import harvests
from ...store.work_tables import LogEntry
from ..tree.names import row_called
from ..workplace import Workplace
from .logbook import LogLine


@dataclass(frozen=True)
class Asked:
    """Which entries: within days, of a kind of work, of somebody, of a block, of rows, of a kind of
    tree; None: all.
    """

    first: dt.date | None = None
    last: dt.date | None = None
    work: Work | None = None
    who: str | None = None
    block_id: str | None = None
    species: str | None = None
    rows: frozenset[str] | None = None


@dataclass(frozen=True)
class Sums:
    """What entries in force come to. hours, kg: of those where somebody wrote it down; share: of
    its canopy that a tree lost, the mean of those where it is known [0..1].
    """

    entries: int
    trees: int
    cuts: int
    hours: float
    share: float | None
    kg: float


@dataclass(frozen=True)
class Picked:
    """Fruit of a tree, a row or a block, named, on a day [kg]; act: taken back where not so."""

    id: str
    day: dt.date
    where: Value
    kg: float
    who: str
    act: str | None


@dataclass(frozen=True)
class Book:
    """Lines, the newest first, their sums, what was picked, and everybody named in the log.
    older: entries that were asked for and lie before the lines.
    """

    lines: tuple[LogLine, ...]
    sums: Sums
    picked: tuple[Picked, ...]
    people: tuple[str, ...]
    older: int


def book(at: Workplace, asked: Asked, limit: int = 400) -> Book:
    """The Book of what was asked for; sums are over all of it, lines up to a limit."""
    with at.store.reading() as session:
        every = kept.entries(session)
        beside = Counter(e.act for e in every)
        by = {e.corrects: e.id for e in every if e.corrects}
        records = at.standing(session).by_tree
        of = {
            tree_id: r
            for tree_id, r in records.items()
            if asked.block_id in (None, r.block.id)
            and asked.species in (None, r.tree.species)
            and (asked.rows is None or r.row.id in asked.rows)
        }
        every_tree = asked.block_id is None and asked.species is None and asked.rows is None
        found = [
            e
            for e in every
            if (asked.first is None or e.date >= asked.first)
            and (asked.last is None or e.date <= asked.last)
            and asked.work in (None, e.work)
            and asked.who in (None, e.who)
            and (every_tree or e.tree_id in of)
        ]
        shown = found[:limit]
        counts = kept.counts(session, [e.id for e in shown])
        acts = kept_acts(session, [e.act for e in shown])
        picked = _picked(session, asked, of.values()) if asked.work is None else ()
    lines = tuple(
        LogLine(
            e,
            records[e.tree_id].name if e.tree_id in records else "a tree that is gone",
            by.get(e.id),
            tuple(counts.get(e.id, ())),
            acts.get(e.act),
            beside[e.act] - 1,
        )
        for e in shown
    )
    held = [e for e in found if e.id not in by]
    sums = Sums(
        len(held),
        len({e.tree_id for e in held}),
        sum(e.cuts or 0 for e in held),
        round(sum(e.minutes or 0 for e in held) / 60, 1),
        _mean_share(held),
        round(sum(p.kg for p in picked), 1),
    )
    people = {e.who for e in every} | {p.who for p in picked}
    return Book(lines, sums, picked, tuple(sorted(people - {""})), len(found) - len(shown))


def _mean_share(entries: Iterable[LogEntry]) -> float | None:
    by_tree: dict[str, float] = {}
    for e in entries:
        if e.share is not None:
            by_tree[e.tree_id] = by_tree.get(e.tree_id, 0.0) + e.share
    return round(sum(by_tree.values()) / len(by_tree), 4) if by_tree else None


def _picked(
    session: Session, asked: Asked, records: Iterable[tree_store.TreeRecord]
) -> tuple[Picked, ...]:
    names: dict[str, Value] = {}
    for r in records:
        if asked.rows is None:  # what a whole block bore says nothing of some of its rows
            names[r.block.id] = r.block.name
        names |= {r.row.id: row_called(r), r.tree.id: r.name}
    found = [
        h
        for h in harvests(session, sorted(names))
        if (asked.first is None or h.day >= asked.first)
        and (asked.last is None or h.day <= asked.last)
        and asked.who in (None, h.who)
    ]
    acts = kept_acts(session, [h.act for h in found])
    return tuple(
        Picked(h.id, h.day, names[h.scope_id], h.kg, h.who, acts.get(h.act)) for h in found
    )
