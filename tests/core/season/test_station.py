"""A station's series as a place, against open daily series and known behaviour; measured days in
the heat sums.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from importlib.util import find_spec
from pathlib import Path

import numpy as np
import pytest

from billhook.core.season.events import growing_year, growing_year_starts
from billhook.core.season.model import Site, TreeState, Weather
from billhook.core.season.normals import hours_below
from billhook.core.season.place import climate_normals
from billhook.core.season.season import season
from billhook.core.season.station import NoNormals, StationDay, station_climate
from billhook.formats.daily_csv import read_days

from ...refusing import refusing


def series(name: str):
    """A daily series that the package aquacrop ships (Apache-2.0; the files name no source)."""
    text = (
        Path(find_spec("aquacrop").submodule_search_locations[0]) / "data" / f"{name}_climate.txt"
    ).read_text()
    read = read_days(
        "\n".join(",".join(line.split()) for line in text.splitlines()), accept=["gaps"]
    )
    assert read.problems == ()
    return read.days


@pytest.fixture(scope="module")
def tunis():
    return series("tunis")


def test_few_frosts_at_36_north(tunis):
    """11 days of frost in 23 winters, the lowest -2.0 °C: frost dates exist at one year in ten and
    lie in January, none at one in two.
    """
    assert (sum(d.tmin_c <= 0 for d in tunis), min(d.tmin_c for d in tunis)) == (11, -2.0)
    found = station_climate(tunis)
    assert found.years == 23
    assert found.last_frost[0] == found.first_frost[0] == 1
    assert station_climate(tunis, risk=0.5).last_frost is None


@pytest.mark.parametrize("risk", [0.05, 0.1, 0.2, 0.3])
def test_frost_dates_leave_no_more_than_the_risk(risk):
    """Counted over the years themselves: how many winters of a southern series with some 14 frosts
    a year lie outside the dates.
    """
    days = series("cordoba")
    found = station_climate(days, risk)
    years = range(1992, 2022)
    late = sum(
        any(
            d.date.year == y
            and d.tmin_c <= 0
            and (d.date.month, d.date.day) >= (9, 1)
            and (d.date.month, d.date.day) > found.last_frost
            for d in days
        )
        for y in years
    )
    early = sum(
        any(
            d.date.year == y
            and d.tmin_c <= 0
            and (2, 1) <= (d.date.month, d.date.day) < found.first_frost
            for d in days
        )
        for y in years
    )
    assert late <= risk * 31 + 1
    assert early <= risk * 31 + 1
    assert found.last_frost > (7, 1)
    assert found.first_frost < (7, 15)


def test_no_frost_in_the_tropics_and_normals_are_plain_means():
    days = series("hyderabad")
    found = station_climate(days)
    assert (found.last_frost, found.first_frost) == (None, None)
    assert found.hot_from[0] in (3, 4)
    mays = {}
    for d in days:
        if d.date.month == 5:
            mays.setdefault(d.date.year, []).append(d.tmax_c)
    assert found.normals.tmax_c[4] == pytest.approx(
        np.mean([np.mean(v) for v in mays.values() if len(v) >= 25]), abs=0.01
    )


@pytest.mark.parametrize(
    ("name", "latitude", "climate"),
    [
        ("tunis", 36.8, "mediterranean-coast"),
        ("cordoba", -31.4, "inland-mediterranean"),
        ("hyderabad", 17.4, "tropical-lowland"),
    ],
)
def test_flushes_follow_each_other_as_they_are_known_to(know, name, latitude, climate):
    """First flush in late winter or spring, bloom on it, later flushes until the cool; in the south
    half a year on.
    """
    found = station_climate(series(name))
    site = Site(latitude, found.normals, found.last_frost, found.first_frost, climate)
    events = season(
        site, TreeState("navel-orange", 2010), know, dt.date(2026, 1, 1), dt.date(2027, 12, 31)
    ).events
    flush = next(e for e in events if e.name == "first flush" and e.start >= dt.date(2026, 1, 10))
    spring = {"tunis": (3, 4), "cordoba": (7, 8, 9), "hyderabad": (1, 2)}[name]
    assert flush.start.month in spring
    bloom = next(e for e in events if e.name == "bloom" and e.start >= flush.start)
    assert 0 <= (bloom.start - flush.start).days <= 21
    later = [
        e
        for e in events
        if e.name == "later flush" and flush.start < e.start < flush.start + dt.timedelta(days=300)
    ]
    assert 1 <= len(later) <= 5
    assert all((b.start - a.start).days >= 40 for a, b in zip([flush, *later], later, strict=False))


def test_too_little_is_said_so(tunis):
    with refusing(NoNormals, "two whole years"):
        station_climate(tunis[:420])
    with refusing(NoNormals, "month"):
        station_climate([d for d in tunis if d.date.month != 6])


def test_measured_days_replace_normals_in_the_heat_sums(know):
    normals = climate_normals(know, "mediterranean-coast")
    site, tree = (
        Site(36.8, normals, None, None, "mediterranean-coast"),
        TreeState("navel-orange", 2010),
    )
    first = dt.date(2026, 1, 1)

    def flush(weather):
        starts = growing_year_starts(site, dt.date(2026, 6, 1), dt.date(2026, 6, 1))
        here = next(s for s in starts if s.year == 2025)
        return growing_year(
            replace(site, weather=weather), tree, know, here, here + dt.timedelta(days=364), {}
        ).flush

    warm = Weather("warm", first, np.full(80, 14.0), np.full(80, 22.0))
    cold = Weather("cold", first, np.full(80, 4.0), np.full(80, 11.0))
    unknown = Weather("unknown", first, np.full(80, np.nan), np.full(80, np.nan))
    assert flush(warm) < flush(None) < flush(cold)
    assert flush(unknown) == flush(None)
    # 80 day degrees over 12.8 °C from 1 February at 5.2 a day: the 16th day
    assert flush(warm) == dt.date(2026, 2, 16)


def test_cool_hours_agree_with_counting_minutes():
    low, high = np.array([8.0, 18.0, 21.0, 5.0]), np.array([24.0, 26.0, 30.0, 15.0])
    minutes = np.linspace(0, 2 * np.pi, 100_000, endpoint=False)
    for a, b, hours in zip(low, high, hours_below(low, high, 20.0), strict=True):
        curve = (a + b) / 2 + (b - a) / 2 * np.sin(minutes)
        assert hours == pytest.approx(24 * np.mean(curve < 20), abs=0.01)


def test_a_winter_that_ends_the_old_year_counts_with_the_next():
    days = [
        StationDay(
            dt.date(2019, 7, 1) + dt.timedelta(days=i),
            10.0 if (i % 365) not in (160, 200) else -1.0,
            20.0 + 10 * np.cos(i / 58.1),
        )
        for i in range(365 * 4)
    ]
    found = station_climate(days)
    assert found.first_frost[0] == 12
    assert found.last_frost[0] == 1
