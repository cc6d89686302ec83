"""The season answer: events, and for every kind of work gapless segments of go, light, wait or stop."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from functools import lru_cache
from itertools import pairwise

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import share_words
from .budget import own_limit, tree_age, yearly_budget
from .claims import DAY, Asked, Claim
from .events import Moved, Observed, growing_year, growing_year_starts
from .forecast import forecast_stops
from .model import (
    FREE_WORK,
    OWN_BUDGET,
    STRICTNESS,
    WORKS,
    Event,
    ForecastDay,
    GrowingYear,
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

_NAMES: tuple[Status, ...] = ("go", "light", "wait", "stop")
_MAX_DAYS = 1100
_PAD = 400  # days looked at on either side, so that every day has a named neighbour


class _Lane:
    """One kind of work over the asked days, as arrays; reasons are bits of a mask."""

    def __init__(self, work: Work, first: dt.date, count: int) -> None:
        self.work, self.first, self.count = work, first, count
        self.status = np.full(count, STRICTNESS["wait"], dtype=np.int8)
        self.cap = np.full(count, np.inf)
        self.open = np.zeros(count, dtype=bool)
        self.reasons: list[Reason] = []
        self._bits: dict[tuple[str, str], int] = {}
        self.mask = np.zeros(count, dtype=object)

    def copy(self) -> _Lane:
        """The same lane, to be changed on its own."""
        twin = _Lane.__new__(_Lane)
        twin.work, twin.first, twin.count, twin.open = self.work, self.first, self.count, self.open
        twin.status, twin.cap, twin.mask = self.status.copy(), self.cap.copy(), self.mask.copy()
        twin.reasons, twin._bits = list(self.reasons), dict(self._bits)
        return twin

    def days_of(self, when: Span) -> slice:
        """The asked days that a span covers."""
        start, end = (when.start - self.first).days, (when.end - self.first).days + 1
        return slice(max(0, min(self.count, start)), max(0, min(self.count, end)))

    def note(self, where: slice | npt.NDArray[np.bool_], reason: Reason) -> None:
        """Add a reason to the days given."""
        bit = self._bits.setdefault((reason.code, reason.text), len(self.reasons))
        if bit == len(self.reasons):
            self.reasons.append(reason)
        self.mask[where] |= 1 << bit


def season(
    site: Site, tree: TreeState, know: Knowledge, first: dt.date, last: dt.date, works: Sequence[Work] = WORKS,
    observed: Observed | None = None, forecast: Sequence[ForecastDay] = (), stance: Stance | None = None, moved: Moved | None = None,
) -> SeasonAnswer:  # fmt: skip
    """What may be done to a tree from ``first`` to ``last``, both included.

    observed: dates seen this year, which beat computed ones. stance: school by topic, the catalogue's defaults where it is silent.
    moved: days by which earlier years differed from the model, by observed name. Returns events and gapless segments per work.
    Raises: ValueError for an empty or overlong span; UnknownKnowledge for an unknown species, climate, cultivar or school.
    """
    count = (last - first).days + 1
    if not 1 <= count <= _MAX_DAYS:
        raise ValueError(f"the span must be 1 to {_MAX_DAYS} days long")
    chosen = stance_in_force(know, stance or {})
    basis = _basis(
        site, replace(tree, used_share=0.0), know, first, last, tuple(sorted((observed or {}).items())), tuple(sorted((moved or {}).items())),
        tuple(sorted(chosen.items())),
    )  # fmt: skip
    ahead = forecast_stops(basis.asked[0], forecast) if forecast and basis.asked else []
    segments: list[Segment] = []
    for work in works:
        if work not in basis.lanes:
            basis.lanes[work] = _lane(work, [c for c in basis.claims if c.work == work and c.kind != "factor"], first, count)
        lane = basis.lanes[work].copy()
        _hold_back(lane, [c for c in ahead if c.work == work])
        if work in FREE_WORK:
            lane.cap[:] = np.nan
        else:
            _charge(lane, basis, tree)
        segments += _segments(lane)
    return SeasonAnswer(basis.events, tuple(segments))


@dataclass(frozen=True)
class _Basis:
    """What does not depend on the share already cut nor on the forecast. lanes: as the rules leave them, by work, filled as asked for."""

    asked: tuple[Asked, ...]
    claims: tuple[Claim, ...]
    factors: _Factors
    events: tuple[Event, ...]
    lanes: dict[str, _Lane] = field(default_factory=dict)


@lru_cache(maxsize=2048)
def _basis(
    site: Site, tree: TreeState, know: Knowledge, first: dt.date, last: dt.date, observed: tuple[tuple[str, dt.date], ...],
    moved: tuple[tuple[str, int], ...], stance: tuple[tuple[str, str], ...],
) -> _Basis:  # fmt: skip
    starts = growing_year_starts(site, first, last)
    years = [growing_year(site, tree, know, s, e - DAY, dict(observed), dict(moved)) for s, e in pairwise(starts)]
    asked = tuple(Asked(site, tree, know, years[i - 1], years[i], years[i + 1], dict(stance)) for i in range(1, len(years) - 1))
    claims = tuple(c for a in asked for c in claims_of(a))
    return _Basis(asked, claims, _factor_days(claims, first, (last - first).days + 1), tuple(_events(years, claims, first, last)))


def _lane(work: Work, claims: list[Claim], first: dt.date, count: int) -> _Lane:
    """One kind of work as its rules leave it, before anything is counted against the year's share."""
    lane = _Lane(work, first, count)
    never = np.zeros(count, dtype=bool)
    for claim in (c for c in claims if c.kind == "never"):
        where = lane.days_of(claim.when)
        never[where], lane.status[where] = True, STRICTNESS[claim.status]
        lane.note(where, claim.reason)
    windows = [c for c in claims if c.kind in ("window", "always")]
    for claim in windows:
        here = np.zeros(count, dtype=bool)
        here[lane.days_of(claim.when)] = True
        here &= ~never
        both, status = lane.open & here, STRICTNESS[claim.status]
        # of two windows on a day the wider stands
        cap = np.inf if claim.cap is None else claim.cap
        lane.status[here] = np.where(both[here], np.minimum(lane.status[here], status), status)
        lane.cap[here] = np.where(both[here], np.maximum(lane.cap[here], cap), cap)
        lane.open |= here
        lane.note(here, claim.reason)
    _outside(lane, claims, windows, ~lane.open & ~never)
    _hold_back(lane, [c for c in claims if c.kind == "limit"])
    return lane


def _hold_back(lane: _Lane, limits: list[Claim]) -> None:
    for claim in limits:
        where = lane.days_of(claim.when)
        lane.status[where] = np.maximum(lane.status[where], STRICTNESS[claim.status])
        if claim.cap is not None:
            lane.cap[where] = np.minimum(lane.cap[where], claim.cap)
        lane.note(where, claim.reason)


def _outside(lane: _Lane, claims: list[Claim], windows: list[Claim], closed: npt.NDArray[np.bool_]) -> None:
    """Days no window covers: what a school allows there, and the date the next window opens."""
    if not closed.any():
        return
    for claim in claims:
        if claim.kind == "otherwise":
            here = np.zeros(lane.count, dtype=bool)
            here[lane.days_of(claim.when)] = True
            here &= closed
            lane.status[here] = STRICTNESS[claim.status]
            lane.cap[here] = np.minimum(lane.cap[here], np.inf if claim.cap is None else claim.cap)
            lane.note(here, claim.reason)
    opens = sorted({c.when.start: c for c in windows if c.status == "go"}.items())
    edges = np.concatenate(([True], closed[1:] != closed[:-1]))
    for begin in np.nonzero(edges & closed)[0]:
        stop = next((k for k in range(int(begin), lane.count) if not closed[k]), lane.count)
        day = lane.first + dt.timedelta(days=int(begin))
        coming = next((claim for start, claim in opens if start > day), None)
        if coming is None:
            lane.note(slice(int(begin), stop), Reason("no-window", "No window for this work lies ahead in these dates."))
        else:
            text = f"The next window opens on {day_words(coming.when.start)}."
            reason = Reason("next-window", text, {}, coming.when.start, coming.reason.school, coming.reason.catalogue_ids)
            lane.note(slice(int(begin), stop), reason)


@dataclass(frozen=True)
class _Factors:
    """Season factor per day [0..1], and which of ``ids`` names it. Both arrays have shape (days,)."""

    value: npt.NDArray[np.float64]
    named_by: npt.NDArray[np.intp]
    ids: tuple[str, ...]


def _factor_days(claims: Sequence[Claim], first: dt.date, count: int) -> _Factors:
    """Season factors over the asked days; days that no factor names take the smaller neighbour. One where no rule speaks of a factor."""
    parts = [c for c in claims if c.kind == "factor"]
    if not parts:
        return _Factors(np.ones(count), np.zeros(count, dtype=np.intp), ("",))
    size = count + 2 * _PAD
    values, named_by, ids = np.full(size, np.nan), np.zeros(size, dtype=np.intp), [""]
    origin = first - dt.timedelta(days=_PAD)
    for part in parts:
        start, end = (part.when.start - origin).days, (part.when.end - origin).days + 1
        where = slice(max(0, start), max(0, min(size, end)))
        factor, known_id = part.cap or 0.0, part.reason.catalogue_ids[-1]
        stricter = ~(values[where] <= factor)
        values[where] = np.where(stricter, factor, values[where])
        if known_id not in ids:
            ids.append(known_id)
        named_by[where] = np.where(stricter, ids.index(known_id), named_by[where])
    index, named = np.arange(size), ~np.isnan(values)
    before = np.maximum.accumulate(np.where(named, index, 0))
    after = np.minimum.accumulate(np.where(named, index, size - 1)[::-1])[::-1]
    smaller = np.where(np.nan_to_num(values[before], nan=1.0) <= np.nan_to_num(values[after], nan=1.0), before, after)
    here = slice(_PAD, _PAD + count)
    return _Factors(np.nan_to_num(values[smaller], nan=1.0)[here], named_by[smaller][here], tuple(ids))


def _charge(lane: _Lane, basis: _Basis, tree: TreeState) -> None:
    """Share limit per day: the operation's own, and the season's part of what is left of the year's budget."""
    asked, factors = basis.asked, basis.factors
    used_in = next((i for i, a in enumerate(asked) if a.year.start <= lane.first <= a.year.end), 0)
    for i, a in enumerate(asked):
        where = lane.days_of(Span(a.year.start, a.year.end))
        if where.start == where.stop:
            continue
        age = tree_age(tree, a.year.age_year)
        state = tree if i == used_in else replace(tree, used_share=0.0)
        budget = yearly_budget(state, age, a.know)
        own = own_limit(state, lane.work, age, a.know) or 0.0
        factor = factors.value[where]
        left = max(0.0, budget.share - state.used_share)
        allowed = np.full(factor.shape, own) if lane.work in OWN_BUDGET else np.minimum(own, factor * left)
        lane.cap[where] = np.minimum(lane.cap[where], allowed)
        lane.note(where, budget.reason)
        if lane.work not in OWN_BUDGET:
            named = factors.named_by[where]
            for number in np.unique(named[(factor > 0) & (factor < 1)]):
                known_id = factors.ids[number]
                days = np.zeros(lane.count, dtype=bool)
                days[where] = named == number
                part = asked[0].know.number(known_id)
                text = f"At this time of year only {share_words(part)} of what is left may go."
                lane.note(days, Reason("season-factor", text, {"season factor": part}, catalogue_ids=(known_id,)))
        spent = np.zeros(lane.count, dtype=bool)
        spent[where] = lane.cap[where] <= 1e-9
        lane.status[spent] = np.maximum(lane.status[spent], STRICTNESS["wait"])
        if own == 0 or left <= 1e-9:
            text = (
                f"Nothing more of the live canopy may go before {day_words(a.after.start)}."
                if left <= 1e-9
                else f"Not done to a tree {'in a pot' if a.tree.in_pot else 'this young'}."
            )
            lane.note(spent, Reason("no-share-left", text, {"left, share": left}, a.after.start))
    lane.cap[lane.status >= STRICTNESS["wait"]] = 0.0


def _segments(lane: _Lane) -> list[Segment]:
    same = (lane.status[1:] == lane.status[:-1]) & (lane.mask[1:] == lane.mask[:-1])
    same &= (lane.cap[1:] == lane.cap[:-1]) | (np.isnan(lane.cap[1:]) & np.isnan(lane.cap[:-1]))
    starts = np.concatenate(([0], np.nonzero(~same)[0] + 1))
    ends = np.concatenate((starts[1:] - 1, [lane.count - 1]))
    out: list[Segment] = []
    said: dict[int, tuple[Reason, ...]] = {}
    for s, e in zip(starts, ends, strict=True):
        mask = int(lane.mask[s])
        if mask not in said:
            said[mask] = tuple(r for i, r in enumerate(lane.reasons) if mask >> i & 1)
        share = None if np.isnan(lane.cap[s]) else float(round(lane.cap[s], 6))
        day = lane.first + dt.timedelta(days=int(s))
        out.append(Segment(lane.work, day, lane.first + dt.timedelta(days=int(e)), _NAMES[lane.status[s]], share, said[mask]))
    return out


def _events(years: Sequence[GrowingYear], claims: Sequence[Claim], first: dt.date, last: dt.date) -> list[Event]:
    """Events that touch the asked span, in order."""
    found: list[Event] = []
    for year, following in zip(years, [*years[1:], None], strict=True):
        o, moved = year.origins, year.moved
        found.append(Event("first flush", year.flush, year.flush_hard, o["flush"], moved.get("flush_start", 0)))
        found += [Event("later flush", f.start, f.end, "computed") for f in year.later_flushes]
        if year.bloom:
            found.append(Event("bloom", year.bloom.start, year.bloom.end, o["bloom"], moved.get("bloom_start", 0)))
            if year.drop_end:
                found.append(Event("set and drop", year.bloom.end + DAY, year.drop_end, o["bloom"]))
        if year.harvest:
            found.append(Event("harvest", year.harvest.start, year.harvest.end, o["harvest"], moved.get("harvest_end", 0)))
        if year.first_frost and following and following.last_frost:
            found.append(Event("frost likely", year.first_frost, following.last_frost, o["first_frost"]))
        found.append(Event("strong sun on bark", year.bark_sun.start, year.bark_sun.end, "computed"))
        if year.hot:
            found.append(Event("hot season", year.hot.start, year.hot.end, o["hot"]))
        marks = (
            ("last safe hard cut", year.last_safe_hard),
            ("last safe light cut", year.last_safe_light),
            ("carry out", year.carry_out),
            ("carry in", year.carry_in),
        )
        for name, day in marks:
            if day:
                found.append(Event(name, day, day, "computed"))
    found += [Event(c.reason.code, c.when.start, c.when.end, "computed") for c in claims if c.kind == "event"]
    return sorted((e for e in found if e.end >= first and e.start <= last), key=lambda e: (e.start, e.name))
