"""Describing a place after the start: correcting its normals, its frost dates and dangers, and a
station's own series.
"""

from __future__ import annotations

import datetime as dt
import re
from collections.abc import Sequence
from dataclasses import dataclass

from sqlmodel import Session

from ...catalogue.languages import heads
from ...core.errors import invalid, refuse
from ...core.known import Knowledge
from ...core.season.place import month_day
from ...core.season.station import NoNormals, StationClimate, station_climate
from ...core.words.tongue import spoken
from ...core.words.values import Share, Value, listed, say
from ...formats.daily_csv import ACCEPTABLE, DayProblem, read_days
from ...store import places
from ...store import weather as stored
from ...store.database import StaleVersion
from ...store.places import save_places
from ...store.tables import Site, SiteNormals
from ..workplace import Workplace


@dataclass(frozen=True)
class SiteView:
    """A site with the normals in force and where they come from."""

    site: Site
    normals: SiteNormals


def site_view(at: Workplace, site_id: str) -> SiteView:
    """Raises: NotFound."""
    with at.store.reading() as session:
        return SiteView(places.site(session, site_id), places.normals(session, site_id))


_BOTH_OR_NONE = "where there is frost both dates are needed; where there is none, neither"


def describe_site(
    at: Workplace,
    site_id: str,
    version: int,
    latitude: float,
    climate: str,
    tmin_c: Sequence[float],
    tmax_c: Sequence[float],
    last_frost: str | None,
    first_frost: str | None,
    elevation_m: float | None,
    dangers: Sequence[str],
    longitude: float | None = None,
    origin: str = "typed",
) -> SiteView:
    """Correct a place. New normals are added; the old ones stay on record. Raises: InvalidInput by
    field, NotFound, StaleVersion.
    """
    climates, known = at.know.rows("climates"), at.know.rows("dangers")
    one_frost = (last_frost is None) != (first_frost is None)
    refuse(
        {
            f"/tmax_c/{i}": say("bad-the-maximum-lies-below-the-minimum-2", low=low)
            for i, (low, high) in enumerate(zip(tmin_c, tmax_c, strict=True))
            if high < low
        }
        | {
            "/climate": None
            if climate in climates
            else say("bad-must-be-one-of", known=listed(climates))
        }
        | {
            f"/dangers/{i}": say("bad-must-be-one-of", known=listed(known))
            for i, d in enumerate(dangers)
            if d not in known
        }
        | {
            "/last_frost" if last_frost is None else "/first_frost": _BOTH_OR_NONE
            if one_frost
            else None
        }
    )
    with at.store.writing() as session:
        site = places.site(session, site_id)
        if site.version != version:
            raise StaleVersion(
                say("bad-someone-else-changed-this-place-in"), {"version": site.version}
            )
        site.latitude, site.longitude = latitude, longitude
        site.climate, site.elevation_m = climate, elevation_m
        site.dangers = list(dangers)
        _climate_of(session, site, tmin_c, tmax_c, last_frost, first_frost, origin)
    at.weather_changes += 1
    return site_view(at, site_id)


def _climate_of(
    session: Session,
    site: Site,
    tmin_c: Sequence[float],
    tmax_c: Sequence[float],
    last_frost: str | None,
    first_frost: str | None,
    origin: str,
) -> None:
    """Frost dates of a site, and its normals where they are new; a change of the site."""
    before = places.normals(session, site.id)
    site.last_frost, site.first_frost, site.version = last_frost, first_frost, site.version + 1
    save_places(session, site)
    if list(tmin_c) != before.tmin_c or list(tmax_c) != before.tmax_c:
        save_places(
            session,
            SiteNormals(
                site_id=site.id,
                tmin_c=list(tmin_c),
                tmax_c=list(tmax_c),
                origin=origin,
                seq=before.seq + 1,
            ),
        )


@dataclass(frozen=True)
class Series:
    """What a station's CSV holds, what is wrong with it line by line, and what it would make of the
    place.
    """

    count: int
    problems: tuple[DayProblem, ...]
    climate: StationClimate | None
    why_not: Value | None
    saved: bool


def station_series(
    at: Workplace,
    site_id: str,
    text: str,
    accept: Sequence[str] = (),
    risk: float = 0.1,
    save: bool = False,
    as_normals: bool = False,
) -> Series:
    """Check a daily series, and bring it in when asked; nothing is taken while a problem is neither
    mended nor accepted.

    as_normals: also take its normals and frost dates for the place. Raises: NotFound, InvalidInput.
    """
    unknown = [a for a in accept if a not in ACCEPTABLE]
    if unknown:
        raise invalid("/accept", say("bad-must-be-some-of", known=listed(ACCEPTABLE)))
    read = read_days(text, accept, heads(spoken()))
    climate, why_not = None, None
    if read.days and not read.problems:
        try:
            climate = station_climate(read.days, risk, hot_c=at.know.number("season/sun-light"))
        except NoNormals as error:
            why_not = error.says
    site_view(at, site_id)
    if not save or read.problems or not read.days:
        return Series(len(read.days), read.problems, climate, why_not, False)
    if as_normals and climate is None:
        raise invalid("/as_normals", say("bad-these-days-make-no-normals", why_not=why_not or ""))
    with at.store.writing() as session:
        stored.put(session, site_id, read.days, "csv")
        if as_normals and climate is not None:
            origin = (
                f"station {climate.first.year} to {climate.last.year}, {climate.years} whole "
                f"years, frost at {climate.risk:.0%} risk"
            )
            normals, frost = (
                climate.normals,
                (_text(climate.last_frost), _text(climate.first_frost)),
            )
            _climate_of(
                session,
                places.site(session, site_id),
                normals.tmin_c,
                normals.tmax_c,
                *frost,
                origin,
            )
    at.weather_changes += 1
    return Series(len(read.days), (), climate, None, True)


def _text(day: tuple[int, int] | None) -> str | None:
    return None if day is None else f"{day[0]:02d}-{day[1]:02d}"


def frost_day(pointer: str, text: str | None) -> None:
    """Refuse what is no month and day. Raises: InvalidInput."""
    if not text:
        return
    try:
        day = month_day(text)
        assert day is not None
        dt.date(2028, *day)
    except (ValueError, AssertionError):
        raise invalid(pointer, say("bad-must-be-a-month-and-a")) from None


_OF_STATION = re.compile(r"station (\d+) to (\d+), (\d+) whole years, frost at (\d+)% risk")


def origin_said(know: Knowledge, kept: str) -> Value:
    """Where the normals of a place come from, as it is kept, for every language to say."""
    kind, _, climate = kept.partition(" ")
    if kind == "climate" and climate in know.rows("climates"):
        return say("origin-climate", climate=know.row(f"climates/{climate}/name"))
    if found := _OF_STATION.fullmatch(kept):
        first, last, years, risk = map(int, found.groups())
        return say("origin-station", first=first, last=last, years=years, risk=Share(risk / 100))
    return say("origin-typed") if kept == "typed" else kept
