"""The season answer: events, and for every kind of work gapless segments of go, light, wait or
stop, with what each day costs.

A growing year is answered whole and once; an asked span is cut out of it, so that a day's answer
does not depend on the span.
"""

from __future__ import annotations

import datetime as dt
import math
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from functools import lru_cache

import numpy as np

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from .budget import yearly_budget
from .claims import DAY, Asked, Claim
from .events import growing_year, growing_year_of, growing_year_starts
from .forecast import forecast_stops, unforeseen
from .lane import WAIT, Lane, Priced, best_of, last_closed, look_ahead, year_lane
from .model import (
    FREE_WORK,
    OWN_BUDGET,
    STRICTNESS,
    WORKS,
    Best,
    Event,
    ForecastDay,
    GrowingYear,
    Origin,
    SeasonAnswer,
    Segment,
    Site,
    Span,
    Stance,
    Status,
    TreeState,
    Work,
)
from .rules import claims_of
from .schools import stance_in_force
from .seen import Moved, Observed

_NAMES: tuple[Status, ...] = ("go", "light", "wait", "stop")
_MAX_DAYS = 1100
_UPKEEP = frozenset(
    {"young", "sprout"}
)  # choosing among the shoots that a cut brought is upkeep of that cut
_AHEAD = frozenset({"cheaper-day", "next-window"})


def season(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    first: dt.date,
    last: dt.date,
    works: Sequence[Work] = WORKS,
    observed: Observed | None = None,
    forecast: Sequence[ForecastDay] = (),
    stance: Stance | None = None,
    moved: Moved | None = None,
    unknown_on: dt.date | None = None,
) -> SeasonAnswer:
    """What may be done to a tree from ``first`` to ``last``, both included.

    observed: dates seen this year, which beat computed ones. stance: school by topic, the
    catalogue's defaults where it is silent. moved: days by which earlier years differed from the
    model, by observed name. unknown_on: a day whose coming fortnight nobody has foreseen; without
    it, days that no forecast covers count as clear. Returns events, gapless segments per work, and
    the best days.
    Raises: ValueError for an empty or overlong span; UnknownKnowledge for an unknown species,
    climate, cultivar or school.
    """
    if not 1 <= (last - first).days + 1 <= _MAX_DAYS:
        raise ValueError(f"the span must be 1 to {_MAX_DAYS} days long")
    chosen = tuple(sorted(stance_in_force(know, stance or {}).items()))
    seen, learned = tuple(sorted((observed or {}).items())), tuple(sorted((moved or {}).items()))
    plain = replace(tree, used_share=0.0, used_on=None)
    starts = [s for s in growing_year_starts(site, first, last) if s <= last]
    years = [
        _year(site, plain, know, s, seen, learned, chosen)
        for s in starts
        if growing_year_of(site, s)[1] >= first
    ]
    ahead = forecast_stops(years[0].asked, forecast) if forecast else []
    if unknown_on is not None and first <= unknown_on <= last:
        ahead = [
            *ahead,
            *(
                c
                for y in years
                if y.asked.year.start <= unknown_on <= y.asked.year.end
                for c in unforeseen(y.asked, unknown_on)
            ),
        ]
    used_on = growing_year_of(site, tree.used_on or first)[0]
    segments: list[Segment] = []
    best: list[Best] = []
    prices: dict[str, np.ndarray] = {}
    for work in works:
        parts: list[Segment] = []
        costs = []
        for year in years:
            lane = year.lane(work, last)
            if work not in FREE_WORK:
                best += best_of(lane, Span(year.asked.year.start, year.asked.year.end))
            part = lane.part(max(first, year.asked.year.start), min(last, year.asked.year.end))
            _forecast(part, [c for c in ahead if work in c.work])
            if work not in FREE_WORK:
                _charge(
                    part,
                    year,
                    replace(
                        tree,
                        used_share=tree.used_share if year.asked.year.start == used_on else 0.0,
                    ),
                )
            parts += _segments(part)
            costs.append(part.price)
        segments += _joined(parts)
        prices[work] = np.concatenate(costs)
    return SeasonAnswer(_events(years, first, last), tuple(segments), tuple(best), prices)


@dataclass(frozen=True, eq=False)
class Year:
    """One growing year of a tree: what rules say of it and of its neighbours, and each kind of work
    as its rules leave it, filled as asked for.
    """

    asked: Asked
    claims: tuple[Claim, ...]
    key: tuple[
        Site,
        TreeState,
        Knowledge,
        tuple[tuple[str, dt.date], ...],
        tuple[tuple[str, int], ...],
        tuple[tuple[str, str], ...],
    ]
    lanes: dict[tuple[str, bool], Lane] = field(default_factory=dict)
    _bare: dict[str, Lane] = field(default_factory=dict)
    _by_work: dict[str, list[Claim]] = field(default_factory=dict)
    _priced: dict[tuple[int, ...], Priced] = field(default_factory=dict)

    def _of_work(self) -> dict[str, list[Claim]]:
        if not self._by_work:
            for claim in self.claims:
                for work in claim.work:
                    self._by_work.setdefault(work, []).append(claim)
        return self._by_work

    def bare(self, work: Work) -> Lane:
        """The work before it is said when the next open day comes."""
        if work not in self._bare:
            self._bare[work] = year_lane(
                self.asked, work, self._of_work().get(work, []), self._priced
            )
        return self._bare[work]

    def next(self) -> Year:
        """The growing year that follows."""
        site, tree, know, seen, learned, stance = self.key
        return _year(site, tree, know, self.asked.after.start, seen, learned, stance)

    def lane(self, work: Work, until: dt.date) -> Lane:
        """The work over this year, nothing used and no forecast known. Only where days to ``until``
        ask for it is the following year looked into.
        """
        bare = self.bare(work)
        deep = until >= last_closed(bare)
        known = self.lanes.get((work, True)) or (None if deep else self.lanes.get((work, False)))
        if known is None:
            known = self.lanes[work, deep] = bare.part(self.asked.year.start, self.asked.year.end)
            look_ahead(known, self.next().bare(work) if deep else None)
        return known


@lru_cache(maxsize=4096)
def _year(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    seen: tuple[tuple[str, dt.date], ...],
    learned: tuple[tuple[str, int], ...],
    stance: tuple[tuple[str, str], ...],
) -> Year:
    begins = [start]
    for _ in range(2):
        begins = [
            growing_year_of(site, begins[0] - DAY)[0],
            *begins,
            growing_year_of(site, begins[-1])[1] + DAY,
        ]
    asked = [_asked(site, tree, know, b, seen, learned, stance) for b in begins[1:-1]]
    of = [_claims(a) for a in asked]
    year = asked[1].year
    near = tuple(
        c for claims in of for c in claims if c.when.end >= year.start and c.when.start <= year.end
    )
    return Year(asked[1], near, (site, tree, know, seen, learned, stance))


@lru_cache(maxsize=8192)
def _asked(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    seen: tuple[tuple[str, dt.date], ...],
    learned: tuple[tuple[str, int], ...],
    stance: tuple[tuple[str, str], ...],
) -> Asked:
    """What the rules may look at in the growing year that begins on ``start``; kept, since three
    years ask it.
    """
    observed, moved = dict(seen), dict(learned)

    def resolved(begin: dt.date) -> GrowingYear:
        return growing_year(
            site, tree, know, begin, growing_year_of(site, begin)[1], observed, moved
        )

    year = resolved(start)
    return Asked(
        site,
        tree,
        know,
        resolved(growing_year_of(site, start - DAY)[0]),
        year,
        resolved(year.end + DAY),
        dict(stance),
    )


@lru_cache(maxsize=8192)
def _claims(asked: Asked) -> tuple[Claim, ...]:
    return tuple(claims_of(asked))


def _forecast(lane: Lane, stops: Sequence[Claim]) -> None:
    for claim in stops:
        where = lane.days_of(claim.when)
        lane.status[where] = np.maximum(lane.status[where], STRICTNESS[claim.status])
        lane.note(where, claim.reason)
    lane.cap[lane.status >= WAIT] = np.where(np.isnan(lane.cap[lane.status >= WAIT]), np.nan, 0.0)


def _charge(lane: Lane, year: Year, tree: TreeState) -> None:
    """Take what was cut this year off what is left; a year that is used up waits for the next."""
    asked = year.asked
    if (
        tree.used_share <= 0
        or lane.work in OWN_BUDGET
        or lane.work in _UPKEEP
        or lane.status.size == 0
    ):
        return
    plain, budget = (
        yearly_budget(t, asked.age, asked.know, asked.barren)
        for t in (replace(tree, used_share=0.0), tree)
    )
    left = max(0.0, budget.share - tree.used_share)
    lane.reasons[:] = [
        budget.reason if r.code == "yearly-budget" and r.text == plain.reason.text else r
        for r in lane.reasons
    ]
    lane.cap = np.minimum(lane.cap, round(left, 9))
    if left > asked.know.number("useful/nothing-left"):
        return
    lane.status = np.maximum(lane.status, WAIT).astype(np.int8)
    lane.cap[:] = 0.0
    following = year.next().bare(lane.work)
    at = following.first_go()
    again = following.day(at) if at is not None else asked.after.start
    lane.unsay(slice(None), _AHEAD | {"any-time", "small-cuts", "in-rounds"})
    text = f"This year's share is used: nothing more of the live canopy before {day_words(again)}."
    lane.note(
        slice(None), Reason("no-share-left", text, {"left, share": round(left, 4)}, date=again)
    )


def _segments(lane: Lane) -> list[Segment]:
    if lane.status.size == 0:
        return []
    same = (lane.status[1:] == lane.status[:-1]) & (lane.mask[1:] == lane.mask[:-1])
    counted = np.nan_to_num(lane.cap, nan=-1.0)
    same &= counted[1:] == counted[:-1]
    starts = np.concatenate(([0], np.flatnonzero(~same) + 1))
    ends = np.concatenate((starts[1:], [lane.status.size]))
    columns = (
        starts,
        ends,
        lane.mask[starts],
        lane.status[starts],
        lane.cap[starts],
        np.minimum.reduceat(lane.price, starts),
    )
    out: list[Segment] = []
    said: dict[int, tuple[Reason, ...]] = {}
    for s, e, mask, status, cap, price in zip(*(c.tolist() for c in columns), strict=True):
        if mask not in said:
            said[mask] = tuple(r for i, r in enumerate(lane.reasons) if mask >> i & 1)
        share = None if math.isnan(cap) else round(cap, 6)
        out.append(
            Segment(
                lane.work,
                lane.day(s),
                lane.day(e - 1),
                _NAMES[status],
                share,
                round(price, 4),
                said[mask],
            )
        )
    return out


def _joined(parts: list[Segment]) -> list[Segment]:
    """Segments of neighbouring growing years that say the same, as one."""
    out: list[Segment] = []
    for s in parts:
        if out and (out[-1].status, out[-1].max_share, out[-1].reasons) == (
            s.status,
            s.max_share,
            s.reasons,
        ):
            out[-1] = replace(out[-1], end=s.end, price=min(out[-1].price, s.price))
        else:
            out.append(s)
    return out


def _events(years: Sequence[Year], first: dt.date, last: dt.date) -> tuple[Event, ...]:
    """Events that touch the asked span, in order; those of the growing years before and after too,
    where they reach into it.
    """
    found: dict[tuple[str, dt.date], Event] = {}
    resolved: dict[dt.date, GrowingYear] = {}
    for year in years:
        resolved |= {y.start: y for y in (year.asked.before, year.asked.year, year.asked.after)}
        for claim in year.claims:
            if claim.kind == "event":
                event = Event(claim.reason.code, claim.when.start, claim.when.end, "computed")
                found[event.name, event.start] = event
    ordered = sorted(resolved.values(), key=lambda y: y.start)
    for of, following in zip(ordered, [*ordered[1:], None], strict=True):
        for event in _of_year(of, following):
            found[event.name, event.start] = event
    return tuple(
        sorted(
            (e for e in found.values() if e.end >= first and e.start <= last),
            key=lambda e: (e.start, e.name),
        )
    )


def _of_year(year: GrowingYear, following: GrowingYear | None) -> list[Event]:
    o, moved = year.origins, year.moved
    found = [
        Event("first flush", year.flush, year.flush_hard, o["flush"], moved.get("flush_start", 0))
    ]
    found += [Event("later flush", f.start, f.end, "computed") for f in year.later_flushes]
    if year.bloom:
        found.append(
            Event(
                "bloom", year.bloom.start, year.bloom.end, o["bloom"], moved.get("bloom_start", 0)
            )
        )
        if year.drop_end:
            found.append(Event("set and drop", year.bloom.end + DAY, year.drop_end, o["bloom"]))
    if year.harvest:
        found.append(
            Event(
                "harvest",
                year.harvest.start,
                year.harvest.end,
                o["harvest"],
                moved.get("harvest_end", 0),
            )
        )
    if year.first_frost and following and following.last_frost:
        found.append(
            Event("frost likely", year.first_frost, following.last_frost, o["first_frost"])
        )
    if year.sun32 or year.sun30:
        sun = year.sun32 or year.sun30
        assert sun is not None
        found.append(Event("strong sun on bark", sun.start, sun.end, "computed"))
    if year.hot:
        found.append(Event("hot season", year.hot.start, year.hot.end, o["hot"]))
    marks: tuple[tuple[str, dt.date | None, Origin], ...] = (
        ("last safe hard cut", year.last_safe_hard, "computed"),
        ("last safe light cut", year.last_safe_light, "computed"),
        ("carry out", year.carry_out, o.get("carry_out", "computed")),
        ("carry in", year.carry_in, o.get("carry_in", "computed")),
    )
    found += [Event(name, day, day, origin) for name, day, origin in marks if day]
    return found
