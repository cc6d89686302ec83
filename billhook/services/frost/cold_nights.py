"""Nights cold enough to be asked about."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ...core.words.values import Value
from ...store import frost_nights as kept
from ...store import places
from ...store.trees import tree_records
from ..season import weather
from ..workplace import Workplace


@dataclass(frozen=True)
class ColdNight:
    """A night the station measured. at_c: in the coldest block; saved: it was written down."""

    day: dt.date
    min_c: float
    at_c: float
    block: str
    saved: bool


@dataclass(frozen=True)
class ColdNights:
    """Cold nights of a station, the newest first; foreseen: the next one to come, None where none
    is.
    """

    station: Value
    simulated: bool
    nights: tuple[ColdNight, ...]
    foreseen: ColdNight | None


def cold_nights(at: Workplace, site_id: str) -> ColdNights:
    """Nights of a site's station that were cold in its coldest block, and the next one foreseen.
    Raises: NotFound.
    """
    today, cold = at.today(), at.know.number("frost/cold-from")
    with at.store.reading() as session:
        site = places.site(session, site_id)
        normals = places.normals(session, site_id)
        station = weather.station(at, session, site, normals)
        offset, coldest = min(
            ((r.block.offset_c, r.block.name) for r in tree_records(session, site_id=site_id)),
            default=(0.0, site.name),
        )
        written = {n.day for n in kept.nights(session, site_id)}

        def listed(day: dt.date, min_c: float | None) -> list[ColdNight]:
            if min_c is None or min_c + offset > cold:
                return []
            return [ColdNight(day, min_c, round(min_c + offset, 1), coldest, day in written)]

        measured = station.days(
            today - dt.timedelta(days=at.know.days("frost/records-back")), today
        )
        found = [n for d in reversed(measured) for n in listed(d.date, d.tmin_c)]
        ahead = [
            n
            for f in weather.forecast(at, session, site, normals, today)
            for n in listed(f.date, f.tmin)
        ]
        return ColdNights(
            station.name, station.simulated, tuple(found), ahead[0] if ahead else None
        )
