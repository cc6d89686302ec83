"""The events of a place and a tree, resolved per growing year. Later events follow earlier ones."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable
from dataclasses import replace
from functools import lru_cache

import numpy as np

from ..known import Knowledge
from .carry import carry_dates
from .crop import bloom_of, cool_hours, forming, harvest_of
from .latest import LatestCut, latest_cut
from .model import Event, GrowingYear, Site, Span, TreeState
from .normals import YEAR_DAYS, Normals, coldest_day, values_on
from .place import place_rain
from .seen import Dates, Moved, Observed, on_or_after
from .warmth import HeatRule

# a growing year begins this long before the coldest normal day, so that none begins anew inside the
# spring
LEAD_DAYS = 60
_DAY = dt.timedelta(days=1)


def _from_index(index: int, year: int) -> dt.date:
    return dt.date(year, 1, 1) + dt.timedelta(days=index)


def growing_year_starts(site: Site, first: dt.date, last: dt.date) -> list[dt.date]:
    """Start of each growing year that touches the span, with one more before and two after."""
    starts = list(_begins(site.normals, first.year - 3, last.year + 4))
    inside = [i for i, s in enumerate(starts[:-1]) if s <= last and starts[i + 1] > first]
    return starts[max(0, inside[0] - 1) : inside[-1] + 4]


@lru_cache(maxsize=1024)
def _begins(normals: Normals, first_year: int, last_year: int) -> tuple[dt.date, ...]:
    index = coldest_day(normals)
    return tuple(
        _from_index(index, y) - dt.timedelta(days=LEAD_DAYS)
        for y in range(first_year, last_year + 1)
    )


def growing_year_of(site: Site, day: dt.date) -> tuple[dt.date, dt.date]:
    """First and last day of the growing year a day lies in."""
    starts = _begins(site.normals, day.year - 1, day.year + 2)
    begin = max(s for s in starts if s <= day)
    return begin, min(s for s in starts if s > day) - _DAY


def spring_after(events: Iterable[Event], day: dt.date, beyond_days: int) -> dt.date | None:
    """The first flush of the year after a day: one more than so many days ahead [d]."""
    flushes = (e.start for e in events if e.name == "first flush")
    return next((f for f in flushes if (f - day).days > beyond_days), None)


def vigour_of(tree: TreeState, know: Knowledge) -> int:
    """Vigour 1..5: the tree's own, the cultivar's, or the species'."""
    if tree.vigour is not None:
        return tree.vigour
    for known in (f"cultivars/{tree.cultivar}/vigour", f"species/{tree.species}/vigour"):
        if known in know:
            return round(know.number(known))
    return 3


def is_rank(tree: TreeState, know: Knowledge) -> bool:
    """Whether somebody said that a tree grows ranker than its kind; of a kind that is as rank as
    can be, that it does so too.
    """
    most = ranker(usual_vigour(tree, know))
    return tree.vigour is not None and tree.vigour >= most


def usual_vigour(tree: TreeState, know: Knowledge) -> int:
    """Vigour 1..5 of its cultivar or kind, whatever was said of the tree."""
    return vigour_of(replace(tree, vigour=None), know)


def ranker(vigour: int) -> int:
    """One step more vigour, 5 at most."""
    return min(5, vigour + 1)


def last_safe(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    rule: HeatRule,
    first_frost: dt.date,
    safety_days: int,
) -> LatestCut:
    """Last day on which regrowth still hardens before the first frost."""
    factor = know.by_vigour("heat/vigour-factor", vigour_of(tree, know))
    heat = rule.break_heat * factor + rule.harden_heat
    found = latest_cut(
        site.normals,
        rule.base_c,
        heat,
        first_frost,
        safety_days,
        rule.upper_c,
        rule.method,
        rule.floor_days,
        rule.cap_days,
    )
    if found.latest is None or rule.lag_days == 0:
        return found
    return LatestCut(
        found.latest - dt.timedelta(days=rule.lag_days),
        found.matures_on,
        (found.days or 0) + rule.lag_days,
        found.heat,
    )


def _warm_span(values: np.ndarray, start: dt.date, limit: float) -> Span | None:
    """First to last day of the growing year with a value at or above the limit."""
    hot = np.nonzero(values >= limit)[0]
    return (
        None
        if hot.size == 0
        else Span(start + dt.timedelta(days=int(hot[0])), start + dt.timedelta(days=int(hot[-1])))
    )


def _later_flushes(
    site: Site, rule: HeatRule, know: Knowledge, first: dt.date, end: dt.date
) -> tuple[Span, ...]:
    """The flushes after the first: each when the warmth since the last reaches the next, a pause in
    the worst heat, none in the cool.
    """
    found: list[Span] = []
    pause = know.number("heat/pause-above")
    while True:
        after = found[-1].start if found else first
        begin = rule.reach(site, after, rule.next_heat)
        hot = values_on(site.normals.tmax_c, begin, 120) >= pause
        if hot[0]:
            begin += dt.timedelta(days=int(np.argmin(hot)) if not hot.all() else 120)
        mean = float(
            (values_on(site.normals.tmin_c, begin, 1) + values_on(site.normals.tmax_c, begin, 1))[0]
            / 2
        )
        if (
            begin > end
            or len(found) >= 6
            or (begin - after).days >= 200
            or mean < rule.base_c + know.number("heat/flush-needs")
        ):
            return tuple(found)
        found.append(Span(begin, rule.reach(site, begin, rule.harden_heat, rule.cap_days)))


def _quiescent(site: Site, know: Knowledge, summer: dt.date) -> Span | None:
    """The winter after ``summer`` with a normal mean below the quiescent limit for a fortnight or
    more.
    """
    mean = (
        values_on(site.normals.tmin_c, summer, YEAR_DAYS)
        + values_on(site.normals.tmax_c, summer, YEAR_DAYS)
    ) / 2
    cool = np.nonzero(mean < know.number("season/quiescent-below"))[0]
    if cool.size < know.days("season/quiescent-run"):
        return None
    return Span(summer + dt.timedelta(days=int(cool[0])), summer + dt.timedelta(days=int(cool[-1])))


def _first_flush(
    site: Site, know: Knowledge, rule: HeatRule, species: str, coldest: dt.date, no_cold: bool
) -> dt.date:
    """By warmth from midwinter; of citrus from the coldest day or 1 February, and where no cold
    comes by the rains.
    """
    northern = coldest.month in (10, 11, 12, 1, 2, 3)
    if know.text(f"species/{species}/group") != "citrus":
        return rule.reach(
            site,
            on_or_after(coldest - dt.timedelta(days=105), (1, 1) if northern else (7, 1)),
            rule.flush_heat,
        )
    if no_cold and (rains := _rains_start(site, know, coldest)) is not None:
        return rains + dt.timedelta(days=know.days("heat/flush-after-rains"))
    february = on_or_after(coldest - dt.timedelta(days=LEAD_DAYS), (2, 1) if northern else (8, 1))
    return rule.reach(site, max(coldest, february), rule.flush_heat)


def _rains_start(site: Site, know: Knowledge, after: dt.date) -> dt.date | None:
    """First day after the driest that is wetter than the year's mean; None where no month is
    markedly dry.
    """
    rain = place_rain(know, site)
    mean = sum(rain) / 12
    if min(rain) > mean / 2:
        return None
    wet = values_on(rain, after, 2 * YEAR_DAYS)
    driest = int(np.argmin(wet[:YEAR_DAYS]))
    days = (driest + int(np.argmax(wet[driest:] >= mean))) % YEAR_DAYS
    return after + dt.timedelta(days=days)


def _no_cold(site: Site, know: Knowledge) -> bool:
    """No frost, and the warmest and the coldest month so alike that no cold is waited for."""
    means = np.add(site.normals.tmin_c, site.normals.tmax_c) / 2
    return (
        site.first_frost is None
        and site.last_frost is None
        and float(np.ptp(means)) < know.number("season/no-cold-below")
    )


def growing_year(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    end: dt.date,
    observed: Observed,
    moved: Moved | None = None,
) -> GrowingYear:
    """Resolve the events of the growing year that runs from ``start`` to ``end``.

    moved: days by which this tree or block was seen to differ from the model in earlier years, by
    observed name.
    Raises: UnknownKnowledge for an unknown species or climate.
    """
    alike = TreeState(
        tree.species,
        0,
        tree.cultivar,
        in_pot=tree.in_pot,
        under_cover=tree.under_cover,
        vigour=tree.vigour,
    )
    return _growing_year(
        site,
        alike,
        know,
        start,
        end,
        tuple(sorted(observed.items())),
        tuple(sorted((moved or {}).items())),
    )


@lru_cache(maxsize=8192)
def _growing_year(
    site: Site,
    tree: TreeState,
    know: Knowledge,
    start: dt.date,
    end: dt.date,
    observed: tuple[tuple[str, dt.date], ...],
    moved: tuple[tuple[str, int], ...],
) -> GrowingYear:
    rule, dates = HeatRule(know, tree.species), Dates(dict(observed), dict(moved))
    coldest, no_cold = start + dt.timedelta(days=LEAD_DAYS), _no_cold(site, know)
    last_frost, first_frost = _frosts(site, tree, start, dates)
    flushes = _first_flush(site, know, rule, tree.species, coldest, no_cold)
    flush = dates.known("flush", "flush_start", flushes, "computed")
    hardens = rule.reach(site, flush, rule.harden_heat, rule.cap_days)
    flush_hard = dates.known("flush_hard", "flush_hard", hardens, "computed")
    bloom = bloom_of(site, tree, know, flush, start, dates)
    drop = dt.timedelta(days=know.days("season/drop-after-petal-fall"))
    harvest, spread = harvest_of(site, tree, know, bloom, dates)
    high = values_on(site.normals.tmax_c, coldest, YEAR_DAYS)
    sun30, sun32, sun35 = (
        _warm_span(high, coldest, know.number(f"season/sun-{n}"))
        for n in ("whitewash", "half", "light")
    )
    hot, dates.origins["hot"] = sun35, "computed"
    if site.hot_from and site.hot_to:
        begin = on_or_after(coldest, site.hot_from)
        hot, dates.origins["hot"] = Span(begin, on_or_after(begin, site.hot_to)), "observed"
    hard, light, unhardened = _safe_until(site, tree, know, last_frost or start, first_frost)
    peak = coldest + dt.timedelta(days=int(np.argmax(high)))
    out, back = carry_dates(site, tree, know, coldest, dates)
    return GrowingYear(
        start,
        end,
        last_frost,
        first_frost,
        flush,
        flush_hard,
        bloom,
        bloom.end + drop if bloom else None,
        harvest,
        hot,
        *(sun30, sun32, sun35, peak, _quiescent(site, know, peak)),
        forming(site, tree, know, coldest, bloom),
        *(hard, light, unhardened, no_cold, spread),
        _later_flushes(site, rule, know, flush, end),
        cool_hours(site, tree, know, peak),
        *(out, back, dates.origins),
        {k: v for k, v in dates.moved.items() if v},
    )


def _frosts(
    site: Site, tree: TreeState, start: dt.date, dates: Dates
) -> tuple[dt.date | None, dt.date | None]:
    """The last frost of a growing year and the first of the next winter; none under cover."""
    frosty = not tree.under_cover
    last = on_or_after(start, site.last_frost) if site.last_frost and frosty else None
    last, dates.origins["last_frost"] = dates.heed("last_frost", last, "computed")
    after = (last or start) + _DAY
    first = on_or_after(after, site.first_frost) if site.first_frost and frosty else None
    first, dates.origins["first_frost"] = dates.heed("first_frost", first, "computed")
    return last, first


def _safe_until(
    site: Site, tree: TreeState, know: Knowledge, spring: dt.date, first_frost: dt.date | None
) -> tuple[dt.date | None, dt.date | None, bool]:
    """The last safe hard and light cut before the frost, and whether it is too cool to harden:
    then spring stands, then light cuts, and the answer says so.
    """
    if first_frost is None:
        return None, None, False
    rule = HeatRule(know, tree.species)
    hard, light = (
        last_safe(site, tree, know, rule, first_frost, days).latest
        for days in (rule.safety_hard, rule.safety_light)
    )
    grace = spring + dt.timedelta(days=know.days("season/short-season-window"))
    if hard is not None and hard >= grace:
        return hard, light, False
    until = first_frost - dt.timedelta(days=know.days("season/short-season-light"))
    return grace, max(light or grace, grace, until), True
