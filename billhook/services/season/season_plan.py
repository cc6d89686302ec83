"""The season by month: hours, and what the work asks for, as it is known today."""

from __future__ import annotations

import calendar
import datetime as dt
from collections import Counter, defaultdict
from collections.abc import Iterator
from dataclasses import dataclass
from math import ceil

from ...core.aftercare.supplies import Supplies, Taken, supplies_for, taken_of, together
from ...core.crew.weeks import Days
from ...core.season.model import Event
from ...core.words.units import Units
from ...core.words.values import Value, say
from .. import progress
from ..progress import long_work
from ..workplace import Workplace
from .ahead import Ahead
from .item import Item
from .prices import days_of, within

MONTHS = 12
_SUN = "strong sun on bark"


@dataclass(frozen=True)
class MonthWork:
    """Like work of a block within a month."""

    block: str
    work: str
    says: Value
    trees: int
    hours: float


@dataclass(frozen=True)
class Month:
    """unsized: trees of whose clippings and cuts nothing can be said, since their size is not
    known.
    """

    first: dt.date
    last: dt.date
    works: tuple[MonthWork, ...]
    hours: float
    supplies: Supplies
    unsized: int


@dataclass(frozen=True)
class SeasonPlan:
    """Twelve months from a day's on, and all of them together."""

    day: dt.date
    months: tuple[Month, ...]
    hours: float
    supplies: Supplies
    unsized: int


def season_plan(
    at: Workplace, day: dt.date, within: str | frozenset[str] | None = None, units: Units = "metric"
) -> SeasonPlan:
    """What is known of the next twelve months' work, of all, of rows or of one block: each piece in
    the month in which it costs least, the first of these.
    """
    months = _months(day)
    with long_work(at, "season"), at.store.reading() as session:
        progress.part(say("season-gathering"))
        ahead = Ahead(at, session, day, months[-1][1], units, within=within)
        view = ahead.view()
        laid: dict[int, list[_Part]] = defaultdict(list)
        for item in (*view.late, *view.items):
            parts, share = _shared_out(ahead, item, months)
            for month, part in parts.items() if item.minutes > 0 else ():
                laid[month].append(_Part(item, part, share))
        found = [_month(ahead, span, laid[n]) for n, span in enumerate(months)]
    return SeasonPlan(
        day,
        tuple(found),
        sum(m.hours for m in found),
        together(at.know, (m.supplies for m in found)),
        sum(m.unsized for m in found),
    )


def _months(day: dt.date) -> list[tuple[dt.date, dt.date]]:
    """The rest of this month, and those after it."""
    spans, first = [], day
    for _ in range(MONTHS):
        last = first.replace(day=calendar.monthrange(first.year, first.month)[1])
        spans.append((first, last))
        first = last + dt.timedelta(days=1)
    return spans


@dataclass(frozen=True)
class _Part:
    """Part of a piece of work [0..1], and the share of canopy that it takes of each tree."""

    item: Item
    of: float
    share: float


def _shared_out(
    ahead: Ahead, item: Item, months: list[tuple[dt.date, dt.date]]
) -> tuple[dict[int, float], float]:
    """Parts of a piece of work by month, over its cheapest days; and its share."""
    know = ahead.at.know
    days, share = days_of(ahead, item)
    if item.kind == "come-back":  # it has its day
        first = next((n for n, span in enumerate(months) if days.first <= span[1]), None)
        return ({} if first is None else {first: 1.0}), share
    days = Days(days.first, within(ahead, item, days.prices))
    even, span = know.number("season-plan/even"), know.days("season-plan/span")
    workdays = int(know.number("crew/workdays"))
    # what is right on a weekend only is done then
    return days.share_out(months, even, span, workdays) or days.share_out(months, even, span), share


def _month(ahead: Ahead, span: tuple[dt.date, dt.date], parts: list[_Part]) -> Month:
    know = ahead.at.know
    by_group: dict[str, Taken] = defaultdict(Taken)
    works: dict[tuple[str, str, Value], list[_Part]] = defaultdict(list)
    for part in parts:
        item, sun = part.item, _burns(ahead, part.item, span)
        work = "look" if item.kind == "sweep" else item.work
        for (species, trunk), n in Counter(_alike(ahead, item)).items():
            one = taken_of(know, species, work, trunk, part.share or None, sun)
            by_group[know.text(f"species/{species}/group")] += one.part(n * part.of)
        works[item.block, item.work, item.says].append(part)
    return Month(
        *span,
        tuple(
            MonthWork(
                *what,
                ceil(sum(len(p.item.trees) * p.of for p in same)),
                sum(p.item.minutes * p.of for p in same) / 60,
            )
            for what, same in works.items()
        ),
        sum(p.item.minutes * p.of for p in parts) / 60,
        together(know, (supplies_for(know, t, group) for group, t in by_group.items())),
        ceil(sum(t.unsized for t in by_group.values())),
    )


def _alike(ahead: Ahead, item: Item) -> Iterator[tuple[str, float | None]]:
    """Kind and trunk of each of its trees."""
    return ((r.tree.species, _trunk_mm(ahead, r.tree.id)) for r in item.trees)


def _trunk_mm(ahead: Ahead, tree_id: str) -> float | None:
    """As it is known; by the height where only that is."""
    size = ahead.sized[tree_id]
    if size.trunk_mm is not None or size.height_m is None:
        return size.trunk_mm
    return size.height_m * 1000 * ahead.at.know.number("supplies/trunk-of-height")


def _burns(ahead: Ahead, item: Item, span: tuple[dt.date, dt.date]) -> bool:
    events: tuple[Event, ...] = tuple(ahead.desk.season(item.trees[0], ("sucker",)).events)
    return any(e.name == _SUN and e.start <= span[1] and e.end >= span[0] for e in events)
