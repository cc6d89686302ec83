"""The first five minutes: the place, its climate and frost dates, and its blocks."""

from __future__ import annotations

from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import invalid, refuse
from ...core.season.normals import Normals
from ...core.season.place import climate_frost, climate_normals, nearest_climate
from ...core.words.units import Units
from ...core.words.values import Value, listed, say
from ...store import places
from ...store.database import NotFound, StaleVersion
from ...store.places import save_places
from ...store.tables import Block, Holding, Site, SiteNormals
from ..workplace import Workplace
from .place import frost_day


def nearest(at: Workplace, normals: Normals, latitude: float) -> str:
    """The shipped climate nearest to these normals."""
    return nearest_climate(at.know, normals, latitude)


@dataclass(frozen=True)
class ShippedClimate:
    """A climate to pick from, as it would stand in this hemisphere."""

    id: str
    name: Value
    normals: Normals
    last_frost: str | None
    first_frost: str | None


def climates(at: Workplace, southern: bool) -> list[ShippedClimate]:
    """Every shipped climate, turned for the southern hemisphere where asked."""
    found = []
    for row in at.know.rows("climates"):
        last, first = climate_frost(at.know, row, southern)
        found.append(
            ShippedClimate(
                row,
                at.know.row(f"climates/{row}/name"),
                climate_normals(at.know, row, southern),
                _md(last),
                _md(first),
            )
        )
    return found


def _md(day: tuple[int, int] | None) -> str | None:
    return f"{day[0]:02d}-{day[1]:02d}" if day else None


def _holding(session: Session, name: str, units: str) -> Holding:
    """The one holding, made with its first site."""
    holding = places.holding(session)
    if holding is None:
        holding = Holding(name=name, units=units)
        save_places(session, holding)
        session.flush()
    return holding


def _typed(tmin_c: list[float], tmax_c: list[float]) -> Normals:
    refuse(
        {
            f"/tmax_c/{i}": say("bad-the-maximum-lies-below-the-minimum-3") if high < low else None
            for i, (low, high) in enumerate(zip(tmin_c, tmax_c, strict=True))
        }
    )
    return Normals(tuple(tmin_c), tuple(tmax_c))


def set_up(
    at: Workplace,
    holding_name: str,
    site_name: str,
    latitude: float,
    climate: str | None,
    tmin_c: list[float] | None = None,
    tmax_c: list[float] | None = None,
    last_frost: str | None = None,
    first_frost: str | None = None,
    units: str = "metric",
    longitude: float | None = None,
    elevation_m: float | None = None,
) -> Site:
    """Describe a place: a shipped climate, or twelve pairs of temperatures and the frost dates.
    Makes the holding with the first site.

    Raises: InvalidInput by field.
    """
    if climate is not None and climate not in at.know.rows("climates"):
        raise invalid("/climate", say("bad-must-be-one-of", known=listed(at.know.rows("climates"))))
    if tmin_c is not None and tmax_c is not None:
        normals, origin = _typed(tmin_c, tmax_c), "typed"
        climate = climate or nearest(at, normals, latitude)
    elif climate is not None:
        southern, origin = latitude < 0, f"climate {climate}"
        normals = climate_normals(at.know, climate, southern)
        last, first = climate_frost(at.know, climate, southern)
        last_frost, first_frost = last_frost or _md(last), first_frost or _md(first)
    else:
        raise invalid("/climate", say("bad-pick-the-nearest-climate-or-type"))
    frost_day("/last_frost", last_frost)
    frost_day("/first_frost", first_frost)
    with at.store.writing() as session:
        holding = _holding(session, holding_name, units)
        site = Site(
            holding_id=holding.id,
            name=site_name,
            latitude=latitude,
            longitude=longitude,
            elevation_m=elevation_m,
            climate=climate,
            last_frost=last_frost,
            first_frost=first_frost,
            dangers=[],
        )
        _keep(session, site, normals, origin)
        return site


def _keep(session: Session, site: Site, normals: Normals, origin: str) -> None:
    save_places(session, site)
    session.flush()
    low, high = list(normals.tmin_c), list(normals.tmax_c)
    save_places(session, SiteNormals(site_id=site.id, tmin_c=low, tmax_c=high, origin=origin))


def units_of(at: Workplace) -> Units:
    """The units the holding is shown and written in."""
    with at.store.reading() as session:
        return places.units(session)


def set_units(at: Workplace, units: str) -> Holding:
    """Switch the holding between metric and feet and inches. Raises: NotFound before a holding is
    set up.
    """
    with at.store.writing() as session:
        holding = places.holding(session)
        if holding is None:
            raise NotFound(say("bad-there-is-no-holding-yet"))
        holding.units = units
        save_places(session, holding)
        return holding


def describe_block(
    at: Workplace,
    block_id: str,
    cap_m: float | None,
    offset_c: float,
    frost_pocket: bool,
    row_kind: str = "trees",
    version: int | None = None,
    elevation_m: float | None = None,
) -> Block:
    """Height cap, cold-air offset and kind of row of a block. Raises: NotFound, StaleVersion when
    somebody else was faster.
    """
    with at.store.writing() as session:
        block = places.block(session, block_id)
        if version is not None and version != block.version:
            raise StaleVersion(
                say("bad-someone-else-described-this-block-in"),
                {"version": block.version, "cap_m": block.cap_m, "offset_c": block.offset_c},
            )
        block.cap_m, block.offset_c, block.frost_pocket, block.elevation_m = (
            cap_m,
            offset_c,
            frost_pocket,
            elevation_m,
        )
        block.version += 1
        save_places(session, block)
        for row in (r for r in places.rows(session) if r.block_id == block_id):
            row.kind = row_kind
            save_places(session, row)
        return block
