"""The almanac of a tree or a block: events, warmth, and a lane for each kind of work, over twelve
to eighteen months.
"""

from __future__ import annotations

import datetime as dt
from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from sqlmodel import Session

from ...core.errors import invalid
from ...core.season.model import WORKS, Event, SeasonAnswer, Segment, Work
from ...core.season.today import priced
from ...core.season.warmth import HeatRule
from ...core.words.prices import cost_said
from ...core.words.values import Value, say
from ...store import places
from ...store.trees import TreeRecord, tree_record
from ..workplace import Workplace
from .alike import SeasonOf
from .desk import SeasonDesk

_MONTHS = (12, 18)


@dataclass(frozen=True)
class Cost:
    """Days on which the work costs the same in words."""

    start: dt.date
    end: dt.date
    says: Value


@dataclass(frozen=True)
class Lane:
    """One kind of work over the span, without a gap. prices: crops per share on every day, None
    where none of a crop is at stake. costs: the same in words.
    """

    work: Work
    segments: tuple[Segment, ...]
    prices: tuple[float, ...] | None
    costs: tuple[Cost, ...]


@dataclass(frozen=True)
class Unlike:
    """Trees whose almanac is another one: the first of them, and how many there are."""

    record: TreeRecord
    trees: int


@dataclass(frozen=True)
class Almanac:
    """``trees`` share this almanac, of ``of`` that were asked about; others: those that do not,
    the most first. warmth: day degrees of every
    seventh day from ``first`` [K d].
    """

    name: str
    record: TreeRecord
    trees: int
    of: int
    first: dt.date
    last: dt.date
    today: dt.date
    base_c: float
    events: tuple[Event, ...]
    warmth: tuple[float, ...]
    lanes: tuple[Lane, ...]
    others: tuple[Unlike, ...]


def almanac(
    at: Workplace,
    day: dt.date,
    tree_id: str | None = None,
    block_id: str | None = None,
    months: int = 14,
    what_if: Mapping[str, dt.date] | None = None,
    rows: frozenset[str] | None = None,
) -> Almanac:
    """The almanac from the month of ``day`` on, of one tree, of most trees of a block, or of most
    trees of the holding; of these in all rows or in some.

    what_if: dates in place of the computed or observed ones, by observed name.

    Raises: InvalidInput for a span outside 12 to 18 months or where no tree stands; NotFound.
    """
    if not _MONTHS[0] <= months <= _MONTHS[1]:
        raise invalid("/months", say("bad-between", low=_MONTHS[0], high=_MONTHS[1]))
    first = day.replace(day=1)
    after = first.month - 1 + months
    last = dt.date(first.year + after // 12, after % 12 + 1, 1) - dt.timedelta(days=1)
    with at.store.reading() as session:
        desk = SeasonDesk(session, at, day)
        records, name = _whose(at, session, tree_id, block_id, rows)
        if not records:
            raise invalid("/block", say("bad-no-tree-stands-there-yet"))
        # like trees have one almanac: the commonest stands for a block
        (record, count), *others = _alike(desk, records)
        answer = desk.season_between(record, first, last, what_if=what_if)
        rule = HeatRule(at.know, record.tree.species)
        daily = rule.units(desk.site(record), first, (last - first).days + 1)
        lanes = (_lane(answer, work, first) for work in WORKS)
        shown = tuple(lane for lane in lanes if _is_for_this_tree(lane))
        warmth = tuple(float(v) for v in np.round(daily[::7], 2))
        return Almanac(
            name,
            record,
            count,
            len(records),
            first,
            last,
            day,
            rule.base_c,
            answer.events,
            warmth,
            shown,
            tuple(Unlike(r, n) for r, n in others),
        )


def _alike(desk: SeasonDesk, records: Sequence[TreeRecord]) -> list[tuple[TreeRecord, int]]:
    """The first tree of each kind that shares a season, and how many do; the most first."""
    first: dict[SeasonOf, TreeRecord] = {}
    count = Counter(desk.of(r) for r in records)
    for record in records:
        first.setdefault(desk.of(record), record)
    return [(first[of], n) for of, n in count.most_common()]


def _is_for_this_tree(lane: Lane) -> bool:
    return not all(any(r.code == "not-for-this-tree" for r in s.reasons) for s in lane.segments)


def _whose(
    at: Workplace,
    session: Session,
    tree_id: str | None,
    block_id: str | None,
    rows: frozenset[str] | None,
) -> tuple[list[TreeRecord], str]:
    if tree_id is not None:
        record = tree_record(session, tree_id)
        return [record], record.name
    block = places.block(session, block_id) if block_id else None
    records = [r for r in at.standing(session).within(block_id) if rows is None or r.row.id in rows]
    holding = places.holding(session)
    return records, block.name if block else holding.name if holding else ""


def _lane(answer: SeasonAnswer, work: Work, first: dt.date) -> Lane:
    segments = tuple(s for s in answer.segments if s.work == work)
    if not any(priced(work, s.reasons) for s in segments):
        return Lane(work, segments, None, ())
    prices = tuple(float(p) for p in np.round(answer.prices[work], 2))
    costs: list[Cost] = []
    for i, price in enumerate(prices):
        day, says = first + dt.timedelta(days=i), cost_said(price)
        if costs and costs[-1].says == says:
            costs[-1] = Cost(costs[-1].start, day, says)
        else:
            costs.append(Cost(day, day, says))
    return Lane(work, segments, prices, tuple(costs))
