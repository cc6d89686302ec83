"""The season answer: events, and for every kind of work gapless segments of go, light, wait or stop."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np
import numpy.typing as npt

from ..known import Knowledge
from ..reasons import Reason
from ..words.dates import day_words
from ..words.units import share_words
from .any_species import common_windows
from .avocado import avocado_windows
from .budget import citrus_factors, own_limit, tree_age, yearly_budget
from .citrus import citrus_windows
from .claims import DAY, Asked, Claim
from .events import Observed, growing_year, growing_year_starts
from .mango import mango_windows
from .model import FREE_WORK, STRICTNESS, WORKS, Event, ForecastDay, GrowingYear, SeasonAnswer, Segment, Site, Span, Status, Timing, TreeState, Work
from .stops import forecast_stops, standing_stops

_WINDOWS = {"citrus": citrus_windows, "mango": mango_windows, "avocado": avocado_windows}
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
    observed: Observed | None = None, forecast: Sequence[ForecastDay] = (), timing: Timing = "any-time",
) -> SeasonAnswer:  # fmt: skip
    """What may be done to a tree from ``first`` to ``last``, both included.

    observed: dates seen this year, which beat computed ones. timing: the school of timing. ``any-time`` (the default):
    besides the windows, small cuts on any day that nothing stops; ``before-first-flush``: ordinary cuts in their windows only. Returns events and gapless segments per work.
    Raises: ValueError for an empty or overlong span; UnknownKnowledge for an unknown species, climate or cultivar.
    """
    count = (last - first).days + 1
    if not 1 <= count <= _MAX_DAYS:
        raise ValueError(f"the span must be 1 to {_MAX_DAYS} days long")
    starts = growing_year_starts(site, first, last)
    years = [growing_year(site, tree, know, s, e - DAY, observed or {}) for s, e in pairwise(starts)]
    asked = [Asked(site, tree, know, *years[i - 1 : i + 2]) for i in range(1, len(years) - 1)]
    factors = _factor_days(asked, first, count)
    claims = [c for a in asked for c in _claims(a)]
    if forecast and asked:
        claims += forecast_stops(asked[0], forecast)
    segments: list[Segment] = []
    for work in works:
        segments += _segments(_lane(work, [c for c in claims if c.work == work], asked, factors, first, count, timing))
    return SeasonAnswer(tuple(_events(years, first, last)), tuple(segments))


def _claims(a: Asked) -> list[Claim]:
    group = a.know.text(f"species/{a.tree.species}/group")
    return [*common_windows(a), *_WINDOWS[group](a), *standing_stops(a)]


def _lane(work: Work, claims: list[Claim], asked: list[Asked], factors: _Factors, first: dt.date, count: int, timing: Timing) -> _Lane:
    lane = _Lane(work, first, count)
    never = _never_done(work, asked[0].tree)
    windows = [] if never else [c for c in claims if c.kind == "window"]
    for claim in windows:
        where = lane.days_of(claim.when)
        fresh = np.zeros(count, dtype=bool)
        fresh[where] = True
        lane.status[where] = np.where(lane.open[where], np.minimum(lane.status[where], STRICTNESS[claim.status]), STRICTNESS[claim.status])
        lane.open |= fresh
        if claim.cap is not None:
            lane.cap[where] = claim.cap
        lane.note(where, claim.reason)
    _outside(lane, windows, asked[0], timing, never)
    for claim in claims:
        if claim.kind == "limit":
            where = lane.days_of(claim.when)
            lane.status[where] = np.maximum(lane.status[where], STRICTNESS[claim.status])
            if claim.cap is not None:
                lane.cap[where] = np.minimum(lane.cap[where], claim.cap)
            lane.note(where, claim.reason)
    if work in FREE_WORK:
        lane.cap[:] = np.nan
    else:
        _charge(lane, asked, factors)
    return lane


def _never_done(work: Work, tree: TreeState) -> bool:
    """True for work that does not concern a tree: hedging or skeletonising a pot, shaping a pot that is none."""
    return work in ("skeleton", "hedge") if tree.in_pot else work == "pot"


def _outside(lane: _Lane, windows: list[Claim], a: Asked, timing: Timing, never: bool) -> None:
    """Days no window covers: small cuts where nothing forbids them, and the date the next window opens."""
    closed = ~lane.open
    if not closed.any():
        return
    know, work = a.know, lane.work
    small_ok = timing == "any-time" and work not in ("skeleton", "hedge")
    if never:
        text = "Never done to a tree in a pot." if work != "pot" else "This work is for trees in pots."
        lane.status[closed] = STRICTNESS["stop" if work != "pot" else "wait"]
        lane.note(closed, Reason("not-for-this-tree", text))
        return
    if small_ok:
        lane.status[closed] = STRICTNESS["light"]
        lane.cap[closed] = np.minimum(lane.cap[closed], know.number("season/light-share"))
        small = Reason(
            "small-cuts",
            f"Outside its window: small cuts only, at most {share_words(know.number('season/light-share'))}.",
            {},
            None,
            "any-time",
            ("season/light-share",),
        )
        lane.note(closed, small)
    opens = sorted({c.when.start: c for c in windows if c.status == "go"}.items())
    edges = np.concatenate(([True], closed[1:] != closed[:-1]))
    for begin in np.nonzero(edges & closed)[0]:
        stop = next((k for k in range(int(begin), lane.count) if not closed[k]), lane.count)
        here = lane.first + dt.timedelta(days=int(begin))
        coming = next((claim for day, claim in opens if day > here), None)
        if coming is not None:
            text = f"The next window opens on {day_words(coming.when.start)}."
            lane.note(slice(int(begin), stop), Reason("next-window", text, {}, coming.when.start, coming.reason.school, coming.reason.catalogue_ids))


@dataclass(frozen=True)
class _Factors:
    """Season factor per day [0..1], and which of ``ids`` names it. Both arrays have shape (days,)."""

    value: npt.NDArray[np.float64]
    named_by: npt.NDArray[np.intp]
    ids: tuple[str, ...]


def _factor_days(asked: list[Asked], first: dt.date, count: int) -> _Factors:
    """Season factors over the asked days; days that no factor names take the smaller neighbour. Only citrus has season factors."""
    tree, know, site = asked[0].tree, asked[0].know, asked[0].site
    if know.text(f"species/{tree.species}/group") != "citrus":
        return _Factors(np.ones(count), np.zeros(count, dtype=np.intp), ("",))
    size = count + 2 * _PAD
    values, named_by, ids = np.full(size, np.nan), np.zeros(size, dtype=np.intp), [""]
    origin = first - dt.timedelta(days=_PAD)
    mild = min(site.normals.tmin_c) - know.number("season/extreme-below-normal") > know.number("season/mild-winter-above")
    for a in asked:
        for part in citrus_factors(a.year, a.after, know, mild, site.frost_pocket):
            start, end = (part.when.start - origin).days, (part.when.end - origin).days + 1
            where = slice(max(0, start), max(0, min(size, end)))
            stricter = ~(values[where] <= part.factor)
            values[where] = np.where(stricter, part.factor, values[where])
            if part.known_id not in ids:
                ids.append(part.known_id)
            named_by[where] = np.where(stricter, ids.index(part.known_id), named_by[where])
    index, named = np.arange(size), ~np.isnan(values)
    before = np.maximum.accumulate(np.where(named, index, 0))
    after = np.minimum.accumulate(np.where(named, index, size - 1)[::-1])[::-1]
    smaller = np.where(np.nan_to_num(values[before], nan=1.0) <= np.nan_to_num(values[after], nan=1.0), before, after)
    here = slice(_PAD, _PAD + count)
    return _Factors(np.nan_to_num(values[smaller], nan=1.0)[here], named_by[smaller][here], tuple(ids))


def _charge(lane: _Lane, asked: list[Asked], factors: _Factors) -> None:
    """Share limit per day: the operation's own, and the season's part of what is left of the year's budget."""
    used_in = next((i for i, a in enumerate(asked) if a.year.start <= lane.first <= a.year.end), 0)
    for i, a in enumerate(asked):
        where = lane.days_of(Span(a.year.start, a.year.end))
        if where.start == where.stop:
            continue
        age = tree_age(a.tree, a.year.age_year)
        state = a.tree if i == used_in else _unused(a.tree)
        budget = yearly_budget(state, age, a.know)
        own = own_limit(state, lane.work, age, a.know) or 0.0
        factor = factors.value[where]
        left = max(0.0, budget.share - state.used_share)
        allowed = np.full(factor.shape, own) if lane.work == "skeleton" else np.minimum(own, factor * left)
        lane.cap[where] = np.minimum(lane.cap[where], allowed)
        lane.note(where, budget.reason)
        if lane.work != "skeleton":
            named = factors.named_by[where]
            for number in np.unique(named[(factor > 0) & (factor < 1)]):
                known_id = factors.ids[number]
                days = np.zeros(lane.count, dtype=bool)
                days[where] = named == number
                part = a.know.number(known_id)
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


def _unused(tree: TreeState) -> TreeState:
    return replace(tree, used_share=0.0)


def _segments(lane: _Lane) -> list[Segment]:
    same = (lane.status[1:] == lane.status[:-1]) & (lane.mask[1:] == lane.mask[:-1])
    same &= (lane.cap[1:] == lane.cap[:-1]) | (np.isnan(lane.cap[1:]) & np.isnan(lane.cap[:-1]))
    starts = np.concatenate(([0], np.nonzero(~same)[0] + 1))
    ends = np.concatenate((starts[1:] - 1, [lane.count - 1]))
    out: list[Segment] = []
    for s, e in zip(starts, ends, strict=True):
        mask = int(lane.mask[s])
        reasons = tuple(r for i, r in enumerate(lane.reasons) if mask >> i & 1)
        share = None if np.isnan(lane.cap[s]) else float(round(lane.cap[s], 6))
        day = lane.first + dt.timedelta(days=int(s))
        out.append(Segment(lane.work, day, lane.first + dt.timedelta(days=int(e)), _NAMES[lane.status[s]], share, reasons))
    return out


def _events(years: Sequence[GrowingYear], first: dt.date, last: dt.date) -> list[Event]:
    """Events that touch the asked span, in order."""
    found: list[Event] = []
    for year, following in zip(years, [*years[1:], None], strict=True):
        o = year.origins
        found.append(Event("first flush", year.flush, year.flush_hard, o["flush"]))
        if year.bloom:
            found.append(Event("bloom", year.bloom.start, year.bloom.end, o["bloom"]))
            if year.drop_end:
                found.append(Event("set and drop", year.bloom.end + DAY, year.drop_end, o["bloom"]))
        if year.harvest:
            found.append(Event("harvest", year.harvest.start, year.harvest.end, o["harvest"]))
        if year.first_frost and following and following.last_frost:
            found.append(Event("frost likely", year.first_frost, following.last_frost, o["first_frost"]))
        found.append(Event("strong sun on bark", year.bark_sun.start, year.bark_sun.end, "computed"))
        if year.hot:
            found.append(Event("hot season", year.hot.start, year.hot.end, o["hot"]))
        if year.induction:
            found.append(Event("cool nights that make bloom", year.induction, year.induction, "computed"))
        for name, day in (("last safe hard cut", year.last_safe_hard), ("last safe light cut", year.last_safe_light)):
            if day:
                found.append(Event(name, day, day, "computed"))
    return sorted((e for e in found if e.end >= first and e.start <= last), key=lambda e: (e.start, e.name))
