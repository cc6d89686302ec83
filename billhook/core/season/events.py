"""The events of a place and a tree, resolved per growing year. Later events follow earlier ones."""

from __future__ import annotations

import datetime as dt
from calendar import monthrange
from collections.abc import Mapping

import numpy as np

from ..known import Knowledge
from .heat import HeatMethod, normal_day_degrees
from .latest import LatestCut, latest_cut
from .model import GrowingYear, MonthDay, Origin, Site, Span, TreeState, span
from .normals import YEAR_DAYS, coldest_day, day_indices, values_on

OBSERVABLE = ("flush_start", "bloom_start", "harvest_start", "harvest_end", "first_frost", "last_frost")
_DAY = dt.timedelta(days=1)
_BLOOM_LEAD = 60  # a bloom of these days before the coldest day belongs to the growing year that follows
Observed = Mapping[str, dt.date]


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


class HeatRule:
    """How a species counts warmth, from the catalogue."""

    def __init__(self, know: Knowledge, species: str) -> None:
        group = know.text(f"species/{species}/group")
        row = f"heat/{group}"
        self.ids = (f"{row}/base", f"{row}/upper")
        self.base_c, self.upper_c = know.number(f"{row}/base"), know.number(f"{row}/upper")
        self.method: HeatMethod = know.text(f"{row}/method")  # type: ignore[assignment]  # the catalogue's loader checks the word
        self.flush_heat = know.number(f"{row}/flush-start")
        self.break_heat, self.harden_heat = know.number(f"{row}/cut-to-break"), know.number(f"{row}/break-to-hard")
        self.lag_days = know.days(f"{row}/cut-lag")
        self.floor_days, self.cap_days = know.days(f"{row}/floor"), know.days(f"{row}/cap")
        self.safety_hard, self.safety_light = know.days(f"{row}/safety-hard"), know.days(f"{row}/safety-light")

    def reach(self, site: Site, start: dt.date, heat: float, cap: int = 400) -> dt.date:
        """First day on which day degrees summed from ``start`` reach ``heat``; ``cap`` days on if they do not."""
        units = normal_day_degrees(site.normals, self.base_c, self.upper_c, self.method)[day_indices(start, cap)]
        done = np.cumsum(units) >= heat
        return start + dt.timedelta(days=int(np.argmax(done)) if done.any() else cap)


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


def _months_span(months: tuple[float, ...], after: dt.date, years_on: int, shift_days: int, southern: bool) -> Span:
    """Months of the northern table as days: the first of the first to the last of the last, the first such after ``after``."""
    start, end = (int(m) for m in months)
    if southern:
        start, end = (start + 5) % 12 + 1, (end + 5) % 12 + 1
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


def _bloom(site: Site, tree: TreeState, know: Knowledge, flush: dt.date, start: dt.date) -> tuple[Span | None, Origin]:
    if know.number(f"species/{tree.species}/everbearing"):
        return None, "catalogue"
    lasting = know.days("season/petal-fall-after-bloom")
    group = know.text(f"species/{tree.species}/group")
    if group == "citrus":
        begin = flush + dt.timedelta(days=know.days(f"species/{tree.species}/bloom-after-flush"))
        return Span(begin, begin + dt.timedelta(days=lasting)), "computed"
    calendar = know.text(f"climates/{site.climate}/calendar")
    for row in (f"cultivars/{tree.cultivar}", f"species/{tree.species}"):
        for column in (f"bloom-{calendar}", "bloom"):
            if (months := know.get(f"{row}/{column}")) is not None:
                return _months_span(know.numbers(months.id), start - dt.timedelta(days=_BLOOM_LEAD), 0, 0, site.turned), "catalogue"
    return None, "catalogue"


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
    sums = [sum(site.normals.tmax_c[(m + k) % 12] for k in range(3)) for m in range(12)]
    first = int(np.argmax(sums)) + 1
    begin = on_or_after(start, (first, 1))
    last = (first + 1) % 12 + 1
    end = on_or_after(begin + dt.timedelta(days=62), (last, 28))
    return Span(begin, end.replace(day=monthrange(end.year, end.month)[1]))


def _hot(site: Site, know: Knowledge, start: dt.date) -> tuple[Span | None, Origin]:
    if site.hot_from and site.hot_to:
        begin = on_or_after(start, site.hot_from)
        return Span(begin, on_or_after(begin, site.hot_to)), "observed"
    return _warm_span(values_on(site.normals.tmax_c, start, YEAR_DAYS), start, know.number("season/hot-from")), "computed"


def _induction(site: Site, know: Knowledge, after: dt.date) -> dt.date | None:
    """First day after ``after`` on which the last seven normal minima average the inductive night or less (mango)."""
    run = know.days("season/induction-run")
    nights = values_on(site.normals.tmin_c, after - dt.timedelta(days=run - 1), YEAR_DAYS + run - 1)
    mean = np.convolve(nights, np.ones(run) / run, mode="valid")
    cool = mean <= know.number("season/induction-night")
    if cool.all() or not cool.any():
        return None
    first = int(np.argmax(cool & ~np.roll(cool, 1)))
    return after + dt.timedelta(days=first)


def _quiescent(site: Site, know: Knowledge, summer: dt.date) -> Span | None:
    """The winter after ``summer`` with a normal mean below the quiescent limit for a fortnight or more."""
    mean = (values_on(site.normals.tmin_c, summer, YEAR_DAYS) + values_on(site.normals.tmax_c, summer, YEAR_DAYS)) / 2
    cool = np.nonzero(mean < know.number("season/quiescent-below"))[0]
    if cool.size < know.days("season/quiescent-run"):
        return None
    return Span(summer + dt.timedelta(days=int(cool[0])), summer + dt.timedelta(days=int(cool[-1])))


def _heed(observed: Observed, name: str, computed: dt.date | None, origin: Origin) -> tuple[dt.date | None, Origin]:
    """The observed date where it is nearer to this year's computed one than half a year."""
    seen = observed.get(name)
    if seen is not None and computed is not None and abs((seen - computed).days) <= YEAR_DAYS // 2:
        return seen, "observed"
    return computed, origin


def growing_year(site: Site, tree: TreeState, know: Knowledge, start: dt.date, end: dt.date, observed: Observed) -> GrowingYear:
    """Resolve the events of the growing year that runs from ``start`` to ``end``. Raises: UnknownKnowledge for an unknown species or climate."""
    rule = HeatRule(know, tree.species)
    origins: dict[str, Origin] = {}
    frosty = not tree.under_cover
    last_frost = on_or_after(start - dt.timedelta(days=60), site.last_frost) if site.last_frost and frosty else None
    last_frost, origins["last_frost"] = _heed(observed, "last_frost", last_frost, "computed")
    first_frost = on_or_after((last_frost or start) + _DAY, site.first_frost) if site.first_frost and frosty else None
    first_frost, origins["first_frost"] = _heed(observed, "first_frost", first_frost, "computed")

    # Warmth for the first flush is summed from the calendar's mid-winter, 1 January or 1 July.
    midwinter = on_or_after(start - dt.timedelta(days=45), (7, 1) if site.southern else (1, 1))
    flush, origins["flush"] = _heed(observed, "flush_start", rule.reach(site, midwinter, rule.flush_heat), "computed")
    assert flush is not None
    flush_hard = rule.reach(site, flush, rule.harden_heat, rule.cap_days)

    bloom, origins["bloom"] = _bloom(site, tree, know, flush, start)
    if bloom is not None:
        begin, origins["bloom"] = _heed(observed, "bloom_start", bloom.start, origins["bloom"])
        assert begin is not None
        bloom = Span(begin, begin + (bloom.end - bloom.start))
    drop_end = bloom.end + dt.timedelta(days=know.days("season/drop-after-petal-fall")) if bloom else None

    harvest: Span | None = None
    months = harvest_months(tree, know, site.climate)
    if months is not None and bloom is not None:
        shift = know.days(f"climates/{site.climate}/harvest-shift") if know.text(f"species/{tree.species}/group") == "citrus" else 0
        harvest = _months_span(months[1], bloom.start, months[2], shift, site.turned)
        begin, from_begin = _heed(observed, "harvest_start", harvest.start, "catalogue")
        finish, from_finish = _heed(observed, "harvest_end", harvest.end, "catalogue")
        origins["harvest"] = "observed" if "observed" in (from_begin, from_finish) else "catalogue"
        harvest = span(begin, finish) or Span(finish or harvest.end, finish or harvest.end)

    bark_sun = _bark_sun(site, know, start)
    hot, origins["hot"] = _hot(site, know, start)
    hard = light = None
    unhardened = False
    if first_frost is not None:
        hard = last_safe(site, tree, know, rule, first_frost, rule.safety_hard).latest
        light = last_safe(site, tree, know, rule, first_frost, rule.safety_light).latest
        grace = (last_frost or start) + dt.timedelta(days=know.days("season/short-season-window"))
        if hard is None or hard < grace:
            # Too cool to harden: the rule cannot be met, so the spring window stands and says so.
            hard, light, unhardened = grace, max(light or grace, grace), True
    induction = _induction(site, know, bark_sun.start) if know.text(f"species/{tree.species}/group") == "mango" else None
    return GrowingYear(
        start, end, last_frost, first_frost, flush, flush_hard, bloom, drop_end, harvest, bark_sun, hot, _quiescent(site, know, bark_sun.start),
        induction, hard, light, unhardened, origins,
    )  # fmt: skip


def mango_latest_prune(know: Knowledge, induction: dt.date, vigour: int, severity: str, flushes: int = 1) -> tuple[dt.date, dt.date]:
    """Latest post-harvest cut for a full bloom, and the day after which no cut may provoke growth.

    severity: a row of ``mango-severity``. Returns (latest, hard). From memory: ``induction - 14 - A(vigour) - E(severity) - 45 (flushes - 1)``.
    """
    age = know.numbers("mango/terminal-age")[max(1, min(5, vigour)) - 1]
    back = know.number("mango/cut-to-break") + age + know.number(f"mango-severity/{severity}/days") + know.number("mango/per-flush") * (flushes - 1)
    return induction - dt.timedelta(days=round(back)), induction - dt.timedelta(days=know.days("mango/hard-stop"))
