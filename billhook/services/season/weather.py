"""Weather of a site: measured days for the heat sums, and a forecast, through whatever station the
holding has.

Only the demo listens to the simulated station. On a real holding there are the days that were
brought in, and no forecast.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from sqlmodel import Session

from ...core.errors import invalid
from ...core.season.model import ForecastDay, Weather
from ...core.season.normals import Normals
from ...core.season.station import StationDay
from ...core.words.values import Value, listed, say
from ...devices.stand_in import SCENARIOS, StandIn
from ...devices.station import ListedStation, Station
from ...store import places
from ...store import weather as stored
from ...store.places import save_places
from ...store.tables import Site, SiteNormals
from ..workplace import Workplace

_LOOK_BACK = 450


def station(at: Workplace, session: Session, site: Site, normals: SiteNormals) -> Station:
    """The station of a site: the simulated one in the demo, else the days brought in."""
    listed = stored.days(session, site.id, at.today() - dt.timedelta(days=2 * _LOOK_BACK))
    if not at.settings.demo or listed:
        return ListedStation(listed)
    holding = places.holding(session)
    return StandIn(
        Normals(tuple(normals.tmin_c), tuple(normals.tmax_c)),
        site.name,
        holding.scenario if holding else "ordinary",
        at.today(),
    )


def measured(
    at: Workplace, session: Session, site: Site, normals: SiteNormals, day: dt.date
) -> Weather | None:
    """Measured days up to a day or today, for the heat sums. None where nothing was measured."""
    day = min(day, at.today())
    first = day - dt.timedelta(days=_LOOK_BACK)
    key = f"{site.id} {day.isoformat()} {at.weather_changes} {normals.id}"
    if key not in at.weather_cache:
        found = station(at, session, site, normals).days(first, day)
        at.weather_cache[key] = _as_weather(key, first, day, found) if found else None
    return at.weather_cache[key]


def _as_weather(key: str, first: dt.date, last: dt.date, found: Sequence[StationDay]) -> Weather:
    low, high = (np.full((last - first).days + 1, np.nan) for _ in range(2))
    for day in found:
        at = (day.date - first).days
        low[at], high[at] = (np.nan if v is None else v for v in (day.tmin_c, day.tmax_c))
    return Weather(key, first, low, high)


def forecast(
    at: Workplace, session: Session, site: Site, normals: SiteNormals, day: dt.date
) -> tuple[ForecastDay, ...]:
    """What the station foresees today; nothing where it is simulated and the holding real, nor for
    whoever asks about days gone by.
    """
    if day < at.today():
        return ()
    found = station(at, session, site, normals)
    return () if found.simulated and not at.settings.demo else tuple(found.forecast(at.today()))


@dataclass(frozen=True)
class WeatherView:
    """What a site's station says. ``missing``: why there is no forecast, None where there is
    one.
    """

    site_id: str
    station: Value
    simulated: bool
    days: tuple[StationDay, ...]
    forecast: tuple[ForecastDay, ...]
    missing: Value | None
    scenario: str | None
    scenarios: Mapping[str, Value]


def view(at: Workplace, site_id: str) -> WeatherView:
    """The last fortnight and the forecast of a site. Raises: NotFound."""
    with at.store.reading() as session:
        site, today = places.site(session, site_id), at.today()
        normals = places.normals(session, site_id)
        found = station(at, session, site, normals)
        ahead = forecast(at, session, site, normals, today)
        missing = None if ahead else say("station-foresees-nothing")
        holding = places.holding(session)
        demo = at.settings.demo and found.simulated
        return WeatherView(
            site_id,
            found.name,
            found.simulated,
            tuple(found.days(today - dt.timedelta(days=13), today)),
            ahead,
            missing,
            holding.scenario if demo and holding else None,
            SCENARIOS if demo else {},
        )


def set_scenario(at: Workplace, scenario: str) -> str:
    """Switch the simulated weather of the demo. Raises: InvalidInput outside the demo or for a
    scenario that is not known.
    """
    if not at.settings.demo:
        raise invalid("/scenario", say("bad-a-real-holding-has-no-simulated"))
    if scenario not in SCENARIOS:
        raise invalid("/scenario", say("bad-must-be-one-of", known=listed(SCENARIOS)))
    with at.store.writing() as session:
        holding = places.holding(session)
        if holding is not None:
            holding.scenario = scenario
            save_places(session, holding)
    at.weather_changes += 1
    return scenario


def all_days(at: Workplace, site_id: str) -> Sequence[StationDay]:
    """Every day there is of a site: those brought in, or a year and more of the demo's. Raises:
    NotFound.
    """
    with at.store.reading() as session:
        site = places.site(session, site_id)
        listed = stored.days(session, site_id)
        if listed:
            return listed
        found = station(at, session, site, places.normals(session, site_id))
        return found.days(at.today() - dt.timedelta(days=_LOOK_BACK), at.today())
