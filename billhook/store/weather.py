"""Days measured at a site's station."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence

from sqlalchemy.dialects.sqlite import insert
from sqlmodel import Session, col, select

from ..core.season.station import StationDay
from .acts import new_id
from .tables import WeatherDay


def days(
    session: Session, site_id: str, first: dt.date | None = None, last: dt.date | None = None
) -> list[StationDay]:
    """Measured days of a site in date order."""
    query = select(WeatherDay).where(WeatherDay.site_id == site_id).order_by(col(WeatherDay.date))
    if first is not None:
        query = query.where(WeatherDay.date >= first)
    if last is not None:
        query = query.where(WeatherDay.date <= last)
    return [StationDay(d.date, d.tmin_c, d.tmax_c, d.rain_mm) for d in session.exec(query).all()]


def put(session: Session, site_id: str, found: Sequence[StationDay], source: str) -> int:
    """Write days, all at once; one that is there already is replaced. Returns how many were
    written.
    """
    rows = [
        {
            "id": new_id(),
            "site_id": site_id,
            "date": d.date,
            "tmin_c": d.tmin_c,
            "tmax_c": d.tmax_c,
            "rain_mm": d.rain_mm,
            "source": source,
        }
        for d in found
    ]
    if rows:
        made = insert(WeatherDay)
        figures = {name: made.excluded[name] for name in ("tmin_c", "tmax_c", "rain_mm", "source")}
        session.connection().execute(
            made.on_conflict_do_update(index_elements=["site_id", "date"], set_=figures), rows
        )
    return len(rows)
