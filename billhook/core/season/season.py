"""The season answer: events, and for every kind of work gapless segments of go, light, wait or
stop, with what each day costs.

A growing year is answered whole and once; an asked span is cut out of it, so that a day's answer
does not depend on the span.
"""

from __future__ import annotations

import datetime as dt
import math
from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import say
from .budget import yearly_budget
from .claims import Claim
from .events import growing_year_of, growing_year_starts
from .forecast import forecast_stops, unforeseen
from .lane import WAIT, Lane, best_of
from .model import (
    FREE_WORK,
    OWN_BUDGET,
    STRICTNESS,
    WORKS,
    Best,
    ForecastDay,
    SeasonAnswer,
    Segment,
    Site,
    Span,
    Stance,
    Status,
    TreeState,
    Work,
)
from .schools import stance_in_force
from .seen import Moved, Observed
from .shown import events_shown
from .year import Year, year_from

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
        year_from(site, plain, know, s, seen, learned, chosen)
        for s in starts
        if growing_year_of(site, s)[1] >= first
    ]
    ahead = _stops(years, forecast, unknown_on if _within(unknown_on, first, last) else None)
    asked = Span(first, last)
    lanes = {w: _of_work(w, site, tree, years, ahead, asked) for w in works}
    return SeasonAnswer(
        events_shown(years, first, last),
        tuple(s for segments, _, _ in lanes.values() for s in segments),
        tuple(b for _, best, _ in lanes.values() for b in best),
        {work: prices for work, (_, _, prices) in lanes.items()},
    )


def _of_work(
    work: Work,
    site: Site,
    tree: TreeState,
    years: Sequence[Year],
    ahead: Sequence[Claim],
    asked: Span,
) -> tuple[list[Segment], list[Best], np.ndarray]:
    """Segments, best days and daily prices of one kind of work over the span asked about."""
    used_on = growing_year_of(site, tree.used_on or asked.start)[0]
    parts: list[Segment] = []
    best: list[Best] = []
    costs = []
    stops = [c for c in ahead if work in c.work]
    for year in years:
        lane, start = year.lane(work, asked.end), year.asked.year.start
        part = lane.part(max(asked.start, start), min(asked.end, year.asked.year.end))
        _forecast(part, stops)
        if work not in FREE_WORK:
            best += best_of(lane, Span(start, year.asked.year.end))
            used = tree.used_share if start == used_on else 0.0
            _charge(part, year, replace(tree, used_share=used))
        parts += _segments(part)
        costs.append(part.price)
    return _joined(parts), best, np.concatenate(costs)


def _within(day: dt.date | None, first: dt.date, last: dt.date) -> bool:
    return day is not None and first <= day <= last


def _stops(
    years: Sequence[Year], forecast: Sequence[ForecastDay], unknown_on: dt.date | None
) -> list[Claim]:
    """What a forecast stops, and what waits because nobody has foreseen it."""
    found = forecast_stops(years[0].asked, forecast) if forecast else []
    for year in years if unknown_on is not None else ():
        if unknown_on is not None and year.asked.year.start <= unknown_on <= year.asked.year.end:
            found = [*found, *unforeseen(year.asked, unknown_on)]
    return found


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
        budget.reason if r.code == "yearly-budget" and r.says == plain.reason.says else r
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
    text = say("year-share-used", again=again)
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
