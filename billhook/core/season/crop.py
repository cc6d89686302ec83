"""Bloom and fruit of one growing year: when the ends turn to bloom, when petals fall, when a tree
is picked.
"""

from __future__ import annotations

import datetime as dt
from calendar import monthrange

import numpy as np

from ..known import Knowledge
from .model import Site, Span, TreeState, span
from .normals import YEAR_DAYS, hours_below, values_on
from .seen import Dates, on_or_after, turned_month

_DAY = dt.timedelta(days=1)
# a step from within some months of one year to before the same months of the next, whatever their
# length: more than half a year, less than a year without them
_NEXT = dt.timedelta(days=200)


def _months_span(months: tuple[float, ...], after: dt.date, site: Site) -> Span:
    """Northern months as days of this place: the first such that begins on or after a day."""
    start, end = (turned_month(int(m), site) for m in months)
    begin = on_or_after(after, (start, 1))
    last = (end - start) % 12 + start
    year, month = begin.year + (last - 1) // 12, (last - 1) % 12 + 1
    return Span(begin, dt.date(year, month, monthrange(year, month)[1]))


def _middle(of: Span) -> dt.date:
    return of.start + dt.timedelta(days=((of.end - of.start).days + 1) // 2)


def calendar_months(
    tree: TreeState, know: Knowledge, climate: str, column: str
) -> tuple[str, tuple[float, ...]] | None:
    """Catalogue id and months of a column, the cultivar's before the species', the calendar's
    before the plain ones.
    """
    calendar = know.text(f"climates/{climate}/calendar")
    for row in (f"cultivars/{tree.cultivar}", f"species/{tree.species}"):
        for name in (f"{column}-{calendar}", column):
            if (months := know.get(f"{row}/{name}")) is not None:
                return months.id, know.numbers(months.id)
    return None


def bloom_of(
    site: Site, tree: TreeState, know: Knowledge, flush: dt.date, start: dt.date, dates: Dates
) -> Span | None:
    """The bloom of the growing year from ``start``: after the flush, or about the middle of its
    months. None for everbearing kinds.
    """
    if know.number(f"species/{tree.species}/everbearing"):
        return None
    if (after_flush := know.get(f"species/{tree.species}/bloom-after-flush")) is not None:
        begin = dates.known(
            "bloom", "bloom_start", flush + dt.timedelta(days=know.days(after_flush.id)), "computed"
        )
    elif (months := calendar_months(tree, know, site.climate, "bloom")) is not None:
        lead = dt.timedelta(days=know.days("season/bloom-before-middle"))
        first = _middle(_months_span(months[1], start - _NEXT, site)) - lead
        if first < start:
            first = _middle(_months_span(months[1], first + _NEXT, site)) - lead
        begin = dates.known("bloom", "bloom_start", first, "catalogue")
    else:
        return None
    return Span(begin, begin + dt.timedelta(days=know.days("season/petal-fall-after-bloom")))


def _region_pick(
    site: Site,
    know: Knowledge,
    bloom: Span,
    months: tuple[str, tuple[float, ...]],
    shift: dt.timedelta,
    citrus: bool,
) -> Span:
    """The weeks in which the fruit of this bloom is picked in such a place."""
    # bloom seen some weeks late does not push the pick on by a year
    lead = dt.timedelta(days=0 if citrus else know.days("season/pick-before-bloom"))
    window = _months_span(months[1], bloom.start - lead - shift, site)
    years = know.get(f"{months[0].rsplit('/', 1)[0]}/harvest-years-on")
    # a crop that hangs a whole year longer does so on the dry coasts only; where it is humid the
    # fruit is picked in the year of its bloom
    if years is not None and know.number(years.id) and not months[0].endswith("-humid"):
        window = _months_span(months[1], window.start + _NEXT, site)
    return Span(window.start + shift, window.end + shift)


def harvest_of(
    site: Site, tree: TreeState, know: Knowledge, bloom: Span | None, dates: Dates
) -> tuple[Span | None, int | None]:
    """The pick of this tree, and by how many days it may lie earlier or later where no day of it
    was seen.

    A region's months cover all its cultivars; one tree is picked in some weeks about their middle.
    Citrus stores on the tree: its months, and not before its fruit can be ripe.
    """
    months = calendar_months(tree, know, site.climate, "harvest")
    if months is None or bloom is None:
        return None, None
    # months of the reference climate move with the place; months written for a calendar do not
    moves = months[0].endswith("/harvest")
    shift = dt.timedelta(days=know.days(f"climates/{site.climate}/harvest-shift") if moves else 0)
    citrus = know.text(f"species/{tree.species}/group") == "citrus"
    window = _region_pick(site, know, bloom, months, shift, citrus)
    if citrus:
        ripe = bloom.end + dt.timedelta(days=know.days("season/citrus-ripe-after"))
        if window.start < ripe:
            late = 2 * (window.end - ripe) < window.end - window.start
            window = (
                _months_span(months[1], window.start - shift + _NEXT, site)
                if late
                else Span(ripe, window.end)
            )
        pick = (window.end - window.start).days + 1
        spread = None if tree.cultivar else know.days("season/pick-unknown-cultivar")
    else:
        length = (window.end - window.start).days + 1
        pick = min(length, know.days(know.first(f"pick/{tree.species}/days", "pick/other/days").id))
        begin = _middle(window) - dt.timedelta(days=pick // 2)
        window, spread = Span(begin, begin + dt.timedelta(days=pick - 1)), (length - pick) // 2
    begin, from_begin = dates.heed_pick("harvest_start", window, window.start)
    finish, from_finish = dates.heed_pick("harvest_end", window, window.end)
    if not citrus and from_begin == "observed" and from_finish != "observed":
        finish = begin + dt.timedelta(days=pick - 1)
    elif not citrus and from_finish != "observed" and "harvest_start" not in dates.moved:
        begin += dt.timedelta(days=dates.moved.get("harvest_end", 0))
    seen = "observed" in (from_begin, from_finish)
    dates.origins["harvest"] = "observed" if seen else "catalogue"
    return span(min(begin, finish), finish), None if seen else spread


def forming(
    site: Site, tree: TreeState, know: Knowledge, coldest: dt.date, bloom: Span | None
) -> Span | None:
    """From when the ends of this bloom are made, to the day before its first petals: by cool
    nights, by months, or so long before.
    """
    if bloom is None:
        return None
    species = tree.species
    how = know.text(f"species/{species}/induction")
    if how == "cool-nights":
        begin = _cool_nights(site, know, coldest - dt.timedelta(days=YEAR_DAYS // 2), coldest)
    elif (
        how == "months"
        and (months := calendar_months(tree, know, site.climate, "bloom-forms")) is not None
    ):
        begin = _months_span(months[1], bloom.start - dt.timedelta(days=YEAR_DAYS), site).start
    else:
        group = know.text(f"species/{species}/group")
        begin = bloom.start - dt.timedelta(
            days=know.days(
                know.first(
                    f"forming/{species}/days", f"forming/{group}/days", "forming/other/days"
                ).id
            )
        )
    return span(begin, bloom.start - _DAY)


def _cool_nights(site: Site, know: Knowledge, after: dt.date, coldest: dt.date) -> dt.date:
    """First week after midsummer with mean minima and maxima cool enough to turn ends to bloom;
    where none is, the coldest week.
    """
    run = know.days("season/induction-run")

    def weekly(monthly: tuple[float, ...]) -> np.ndarray:
        values = values_on(monthly, after - dt.timedelta(days=run - 1), YEAR_DAYS + run - 1)
        return np.convolve(values, np.ones(run) / run, mode="valid")

    cool = (weekly(site.normals.tmin_c) <= know.number("season/induction-night")) & (
        weekly(site.normals.tmax_c) <= know.number("season/induction-day")
    )
    if cool.all() or not cool.any():
        return coldest - dt.timedelta(days=run // 2)
    return after + dt.timedelta(days=int(np.argmax(cool & ~np.roll(cool, 1))))


def cool_hours(site: Site, tree: TreeState, know: Knowledge, after: dt.date) -> Span | None:
    """From the first cool day after the heat to the day on which cool hours make an ordinary citrus
    bloom. None where they never do.
    """
    if know.text(f"species/{tree.species}/induction") != "cool-hours":
        return None
    limit = know.number("season/cool-hours-below")
    low, high = (values_on(v, after, YEAR_DAYS) for v in (site.normals.tmin_c, site.normals.tmax_c))
    cool = (low + high) / 2 < limit
    if not cool.any():
        return None
    first = int(np.argmax(cool))
    reached = np.cumsum(hours_below(low[first:], high[first:], limit)) >= know.number(
        "season/cool-hours"
    )
    return (
        Span(
            after + dt.timedelta(days=first),
            after + dt.timedelta(days=first + int(np.argmax(reached))),
        )
        if reached.any()
        else None
    )
