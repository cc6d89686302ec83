"""The events of a place and a tree, resolved per growing year. Later events follow earlier ones."""

from __future__ import annotations

import datetime as dt
from calendar import monthrange
from collections.abc import Mapping

import numpy as np

from ..known import Knowledge
from .latest import LatestCut, latest_cut
from .model import GrowingYear, MonthDay, Origin, Site, Span, TreeState, span
from .normals import YEAR_DAYS, coldest_day, hours_below, values_on
from .warmth import HeatRule

OBSERVABLE = ("flush_start", "flush_hard", "bloom_start", "harvest_start", "harvest_end", "first_frost", "last_frost")
_DAY = dt.timedelta(days=1)
_BLOOM_LEAD = 60  # a bloom of these days before the coldest day belongs to the growing year that follows
Observed = Mapping[str, dt.date]
Moved = Mapping[str, int]


def turned_month(month: int, site: Site) -> int:
    """A northern calendar month as the month of this place."""
    return (month + 5) % 12 + 1 if site.turned else month


def on_or_after(day: dt.date, month_day: MonthDay) -> dt.date:
    """First occurrence of a month and day on or after ``day``; 29 February falls on the 28th in common years."""
    for year in (day.year, day.year + 1):
        month, number = month_day
        there = dt.date(year, month, min(number, monthrange(year, month)[1]))
        if there >= day:
            return there
    raise AssertionError("a month and day recurs within a year")


def _from_index(index: int, year: int) -> dt.date:
    return dt.date(year, 1, 1) + dt.timedelta(days=index)


def growing_year_starts(site: Site, first: dt.date, last: dt.date) -> list[dt.date]:
    """Start of each growing year that touches the span, with one more before and two after."""
    index = coldest_day(site.normals)
    years = range(first.year - 2, last.year + 4)
    starts = [_from_index(index, y) for y in years]
    inside = [i for i, s in enumerate(starts) if s <= last and (starts[i + 1] if i + 1 < len(starts) else s) > first]
    return starts[max(0, inside[0] - 1) : inside[-1] + 4]


def vigour_of(tree: TreeState, know: Knowledge) -> int:
    """Vigour 1..5: the tree's own, the cultivar's, or the species'."""
    if tree.vigour is not None:
        return tree.vigour
    for known in (f"cultivars/{tree.cultivar}/vigour", f"species/{tree.species}/vigour"):
        if known in know:
            return round(know.number(known))
    return 3


def last_safe(site: Site, tree: TreeState, know: Knowledge, rule: HeatRule, first_frost: dt.date, safety_days: int) -> LatestCut:
    """Last day on which regrowth still hardens before the first frost."""
    factor = know.numbers("heat/vigour-factor")[max(1, min(5, vigour_of(tree, know))) - 1]
    heat = rule.break_heat * factor + rule.harden_heat
    found = latest_cut(site.normals, rule.base_c, heat, first_frost, safety_days, rule.upper_c, rule.method, rule.floor_days, rule.cap_days)
    if found.latest is None or rule.lag_days == 0:
        return found
    return LatestCut(found.latest - dt.timedelta(days=rule.lag_days), found.matures_on, (found.days or 0) + rule.lag_days, found.heat)


def _months_span(months: tuple[float, ...], after: dt.date, years_on: int, shift_days: int, site: Site) -> Span:
    """Months of the northern table as days: the first of the first to the last of the last, the first such after ``after``."""
    start, end = (turned_month(int(m), site) for m in months)
    begin = on_or_after(after - dt.timedelta(days=shift_days), (start, 1))
    begin = on_or_after(dt.date(begin.year + years_on, 1, 1), (start, 1)) if years_on else begin
    length = (end - start) % 12
    last_month = (start - 1 + length) % 12 + 1
    year = begin.year + (1 if start + length > 12 else 0)
    finish = dt.date(year, last_month, monthrange(year, last_month)[1])
    move = dt.timedelta(days=shift_days)
    return Span(begin + move, finish + move)


def harvest_months(tree: TreeState, know: Knowledge, climate: str) -> tuple[str, tuple[float, ...], int] | None:
    """Catalogue id, months and years after bloom of the harvest, or None for everbearing kinds and where it is not grown."""
    if know.number(f"species/{tree.species}/everbearing"):
        return None
    calendar = know.text(f"climates/{climate}/calendar")
    for row in (f"cultivars/{tree.cultivar}", f"species/{tree.species}"):
        for column in (f"harvest-{calendar}", "harvest"):
            if (months := know.get(f"{row}/{column}")) is not None:
                years = know.get(f"{row}/harvest-years-on")
                return months.id, know.numbers(months.id), int(know.number(years.id)) if years else 0
    return None


def _calendar_months(tree: TreeState, know: Knowledge, climate: str, column: str) -> tuple[float, ...] | None:
    calendar = know.text(f"climates/{climate}/calendar")
    for row in (f"cultivars/{tree.cultivar}", f"species/{tree.species}"):
        for name in (f"{column}-{calendar}", column):
            if (months := know.get(f"{row}/{name}")) is not None:
                return know.numbers(months.id)
    return None


def _bloom(site: Site, tree: TreeState, know: Knowledge, flush: dt.date, start: dt.date) -> tuple[Span | None, Origin]:
    if know.number(f"species/{tree.species}/everbearing"):
        return None, "catalogue"
    if (after_flush := know.get(f"species/{tree.species}/bloom-after-flush")) is not None:
        begin = flush + dt.timedelta(days=know.days(after_flush.id))
        return Span(begin, begin + dt.timedelta(days=know.days("season/petal-fall-after-bloom"))), "computed"
    months = _calendar_months(tree, know, site.climate, "bloom")
    return (_months_span(months, start - dt.timedelta(days=_BLOOM_LEAD), 0, 0, site) if months else None), "catalogue"


def _warm_span(values: np.ndarray, start: dt.date, limit: float) -> Span | None:
    """First to last day of the growing year with a value at or above the limit."""
    hot = np.nonzero(values >= limit)[0]
    return None if hot.size == 0 else Span(start + dt.timedelta(days=int(hot[0])), start + dt.timedelta(days=int(hot[-1])))


def _bark_sun(site: Site, know: Knowledge, start: dt.date) -> Span:
    """Days when bared bark burns: normal maxima of 32 °C, or the warmest three months where no month reaches that."""
    limit = know.number("season/bark-sun-from")
    if max(site.normals.tmax_c) >= limit:
        found = _warm_span(values_on(site.normals.tmax_c, start, YEAR_DAYS), start, limit)
        if found is not None:
            return found
    # counted from the coldest month, so that of two equal runs the same is taken north and south
    coldest = int(np.argmin(np.add(site.normals.tmin_c, site.normals.tmax_c)))
    sums = [sum(site.normals.tmax_c[(coldest + m + k) % 12] for k in range(3)) for m in range(12)]
    first = (coldest + int(np.argmax(sums))) % 12 + 1
    begin = on_or_after(start, (first, 1))
    last = (first + 1) % 12 + 1
    end = on_or_after(begin + dt.timedelta(days=62), (last, 28))
    return Span(begin, end.replace(day=monthrange(end.year, end.month)[1]))


def _hot(site: Site, know: Knowledge, start: dt.date) -> tuple[Span | None, Origin]:
    if site.hot_from and site.hot_to:
        begin = on_or_after(start, site.hot_from)
        return Span(begin, on_or_after(begin, site.hot_to)), "observed"
    return _warm_span(values_on(site.normals.tmax_c, start, YEAR_DAYS), start, know.number("season/hot-from")), "computed"


def _cool_nights(site: Site, know: Knowledge, after: dt.date) -> dt.date | None:
    """First day after ``after`` on which the last seven normal minima average the inductive night or less."""
    run = know.days("season/induction-run")
    nights = values_on(site.normals.tmin_c, after - dt.timedelta(days=run - 1), YEAR_DAYS + run - 1)
    mean = np.convolve(nights, np.ones(run) / run, mode="valid")
    cool = mean <= know.number("season/induction-night")
    if cool.all() or not cool.any():
        return None
    first = int(np.argmax(cool & ~np.roll(cool, 1)))
    return after + dt.timedelta(days=first)


def _cool_hours(site: Site, know: Knowledge, after: dt.date) -> Span | None:
    """From the first cool day of autumn to the day on which the cool hours make an ordinary bloom. None where they never do."""
    limit = know.number("season/cool-hours-below")
    low, high = (values_on(v, after, YEAR_DAYS) for v in (site.normals.tmin_c, site.normals.tmax_c))
    cool = (low + high) / 2 < limit
    if not cool.any():
        return None
    first = int(np.argmax(cool))
    reached = np.cumsum(hours_below(low[first:], high[first:], limit)) >= know.number("season/cool-hours")
    return Span(after + dt.timedelta(days=first), after + dt.timedelta(days=first + int(np.argmax(reached)))) if reached.any() else None


def _bloom_forms(site: Site, tree: TreeState, know: Knowledge, after: dt.date) -> Span | None:
    """When next year's bloom is decided: by cool hours, by the calendar, or on the first cool nights. None where nothing is known."""
    how = know.text(f"species/{tree.species}/induction")
    if how == "cool-hours":
        return _cool_hours(site, know, after)
    if how == "cool-nights":
        first = _cool_nights(site, know, after)
        return None if first is None else Span(first, first + dt.timedelta(days=know.days("season/induction-lasts")))
    months = _calendar_months(tree, know, site.climate, "bloom-forms")
    return _months_span(months, after, 0, 0, site) if months else None


def _later_flushes(site: Site, rule: HeatRule, know: Knowledge, first: dt.date, end: dt.date) -> tuple[Span, ...]:
    """The flushes after the first: each when the warmth since the last reaches the next, a pause in the worst heat, none in the cool."""
    found: list[Span] = []
    pause = know.number("heat/pause-above")
    while True:
        after = found[-1].start if found else first
        begin = rule.reach(site, after, rule.next_heat)
        hot = values_on(site.normals.tmax_c, begin, 120) >= pause
        if hot[0]:
            begin += dt.timedelta(days=int(np.argmin(hot)) if not hot.all() else 120)
        mean = float((values_on(site.normals.tmin_c, begin, 1) + values_on(site.normals.tmax_c, begin, 1))[0] / 2)
        if begin > end or len(found) >= 6 or (begin - after).days >= 200 or mean < rule.base_c + know.number("heat/flush-needs"):
            return tuple(found)
        found.append(Span(begin, rule.reach(site, begin, rule.harden_heat, rule.cap_days)))


def _carry_dates(site: Site, tree: TreeState, know: Knowledge, start: dt.date, summer: dt.date) -> tuple[dt.date | None, dt.date | None]:
    """When a pot kept under cover in winter goes out and comes in, by the night it bears. None where no night is that cold."""
    bears = know.get(f"species/{tree.species}/carry-in-night")
    if not tree.in_pot or not tree.under_cover or bears is None:
        return None, None
    limit = know.number(bears.id) + know.number("season/carry-in-margin")
    spring, autumn = (values_on(site.normals.tmin_c, d, YEAR_DAYS) >= limit for d in (start, summer))
    if spring.all() or not spring.any():
        out = on_or_after(start - dt.timedelta(days=60), site.last_frost) if site.last_frost else None
        back = on_or_after(summer, site.first_frost) if site.first_frost else None
        return out, back
    out, back = start + dt.timedelta(days=int(np.argmax(spring))), summer + dt.timedelta(days=int(np.argmin(autumn)) - 1)
    if site.last_frost and not spring[0]:
        out = max(out, on_or_after(start - dt.timedelta(days=60), site.last_frost))
    return out, min(back, on_or_after(summer, site.first_frost) - _DAY) if site.first_frost else back


def _quiescent(site: Site, know: Knowledge, summer: dt.date) -> Span | None:
    """The winter after ``summer`` with a normal mean below the quiescent limit for a fortnight or more."""
    mean = (values_on(site.normals.tmin_c, summer, YEAR_DAYS) + values_on(site.normals.tmax_c, summer, YEAR_DAYS)) / 2
    cool = np.nonzero(mean < know.number("season/quiescent-below"))[0]
    if cool.size < know.days("season/quiescent-run"):
        return None
    return Span(summer + dt.timedelta(days=int(cool[0])), summer + dt.timedelta(days=int(cool[-1])))


class _Dates:
    """Dates of one growing year: computed, moved by what was learned, and beaten by what was seen."""

    def __init__(self, observed: Observed, moved: Moved) -> None:
        self.observed, self.moved = observed, moved
        self.origins: dict[str, Origin] = {}

    def heed(self, name: str, computed: dt.date | None, origin: Origin) -> tuple[dt.date | None, Origin]:
        """The observed date where it is nearer to this year's computed one than half a year."""
        seen = self.observed.get(name)
        if seen is not None and computed is not None and abs((seen - computed).days) <= YEAR_DAYS // 2:
            return seen, "observed"
        return computed + dt.timedelta(days=self.moved.get(name, 0)) if computed else None, origin

    def known(self, event: str, name: str, computed: dt.date, origin: Origin) -> dt.date:
        """As :meth:`heed`, keeping the origin of an event."""
        day, self.origins[event] = self.heed(name, computed, origin)
        assert day is not None
        return day


def growing_year(
    site: Site, tree: TreeState, know: Knowledge, start: dt.date, end: dt.date, observed: Observed, moved: Moved | None = None
) -> GrowingYear:
    """Resolve the events of the growing year that runs from ``start`` to ``end``.

    moved: days by which this tree or block was seen to differ from the model in earlier years, by observed name.
    Raises: UnknownKnowledge for an unknown species or climate.
    """
    rule, dates = HeatRule(know, tree.species), _Dates(observed, moved or {})
    frosty = not tree.under_cover
    last_frost = on_or_after(start - dt.timedelta(days=60), site.last_frost) if site.last_frost and frosty else None
    last_frost, dates.origins["last_frost"] = dates.heed("last_frost", last_frost, "computed")
    first_frost = on_or_after((last_frost or start) + _DAY, site.first_frost) if site.first_frost and frosty else None
    first_frost, dates.origins["first_frost"] = dates.heed("first_frost", first_frost, "computed")

    # Warmth for the first flush is summed from the calendar's mid-winter, 1 January or 1 July.
    midwinter = on_or_after(start - dt.timedelta(days=45), (7, 1) if site.southern else (1, 1))
    flush = dates.known("flush", "flush_start", rule.reach(site, midwinter, rule.flush_heat), "computed")
    flush_hard = dates.known("flush_hard", "flush_hard", rule.reach(site, flush, rule.harden_heat, rule.cap_days), "computed")
    bloom, from_ = _bloom(site, tree, know, flush, start)
    if bloom is not None:
        begin = dates.known("bloom", "bloom_start", bloom.start, from_)
        bloom = Span(begin, begin + (bloom.end - bloom.start))
    drop_end = bloom.end + dt.timedelta(days=know.days("season/drop-after-petal-fall")) if bloom else None
    harvest = _harvest(site, tree, know, bloom, dates)

    bark_sun = _bark_sun(site, know, start)
    hot, dates.origins["hot"] = _hot(site, know, start)
    hard = light = None
    unhardened = False
    if first_frost is not None:
        hard = last_safe(site, tree, know, rule, first_frost, rule.safety_hard).latest
        light = last_safe(site, tree, know, rule, first_frost, rule.safety_light).latest
        grace = (last_frost or start) + dt.timedelta(days=know.days("season/short-season-window"))
        if hard is None or hard < grace:
            # Too cool to harden: the rule cannot be met, so the spring window stands and says so.
            hard, light, unhardened = grace, max(light or grace, grace), True
    out, back = _carry_dates(site, tree, know, start, bark_sun.start)
    return GrowingYear(
        start, end, last_frost, first_frost, flush, flush_hard, bloom, drop_end, harvest, bark_sun, hot, _quiescent(site, know, bark_sun.start),
        _bloom_forms(site, tree, know, bark_sun.start), hard, light, unhardened, _later_flushes(site, rule, know, flush, end), out, back,
        dates.origins, {k: v for k, v in dates.moved.items() if v},
    )  # fmt: skip


def _harvest(site: Site, tree: TreeState, know: Knowledge, bloom: Span | None, dates: _Dates) -> Span | None:
    months = harvest_months(tree, know, site.climate)
    if months is None or bloom is None:
        return None
    # months of the reference climate move with the place; months written for a calendar do not
    shift = know.days(f"climates/{site.climate}/harvest-shift") if months[0].endswith("/harvest") else 0
    harvest = _months_span(months[1], bloom.start, months[2], shift, site)
    begin, from_begin = dates.heed("harvest_start", harvest.start, "catalogue")
    finish, from_finish = dates.heed("harvest_end", harvest.end, "catalogue")
    dates.origins["harvest"] = "observed" if "observed" in (from_begin, from_finish) else "catalogue"
    return span(begin, finish) or Span(finish or harvest.end, finish or harvest.end)
