"""Days measured at a site's station."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from sqlmodel import Session, col, select

from ..core.season.station import StationDay
from .tables import WeatherDay


def days(session: Session, site_id: str, first: dt.date | None = None, last: dt.date | None = None) -> list[StationDay]:
    """Measured days of a site in date order."""
    query = select(WeatherDay).where(WeatherDay.site_id == site_id).order_by(col(WeatherDay.date))
    if first is not None:
        query = query.where(WeatherDay.date >= first)
    if last is not None:
        query = query.where(WeatherDay.date <= last)
    return [StationDay(d.date, d.tmin_c, d.tmax_c, d.rain_mm) for d in session.exec(query).all()]


def put(session: Session, site_id: str, found: Sequence[StationDay], source: str) -> int:
    """Write days; one that is there already is replaced. Returns how many were written."""
    there = {d.date: d for d in session.exec(select(WeatherDay).where(WeatherDay.site_id == site_id)).all()}
    for day in found:
        row = there.get(day.date) or WeatherDay(site_id=site_id, date=day.date, source=source)
        row.tmin_c, row.tmax_c, row.rain_mm, row.source = day.tmin_c, day.tmax_c, day.rain_mm, source
        session.add(row)
    return len(found)
