"""Which shipped climate stands for a place: by the zone of a published map, the sea and the
latitude; or by a hardiness zone.
"""

from __future__ import annotations

import re
from dataclasses import dataclass

from ..errors import invalid
from ..known import Knowledge
from ..words.values import Rounded, Saying, say

_ZONE = re.compile(r"(\d{1,2})\s*([ab]?)", re.IGNORECASE)


@dataclass(frozen=True)
class ClimateOf:
    """A climate, why, and the one that would be next."""

    climate: str
    why: Saying
    runner_up: str


def climate_of(
    know: Knowledge, latitude: float, zone: str | None, sea_km: float | None
) -> ClimateOf:
    """The nearest shipped climate. zone: of the Köppen-Geiger map, None where it has none; sea_km:
    to the sea, None where that is far.

    Source: Rubel and others 2017 for the map; which climate stands for a zone is our rule.
    """
    for row in know.rows("climate-fit"):
        at = f"climate-fit/{row}"
        where = know.text(f"{at}/where")
        if zone in know.text(f"{at}/zones").split() and _holds(know, where, latitude, zone, sea_km):
            climate, second = know.text(f"{at}/climate"), know.text(f"{at}/second")
            name = know.row(f"climates/{climate}/name")
            away = Rounded(abs(latitude))
            why = say("climate-of", name=name, zone=know.row(f"{at}/says"), latitude=away)
            return ClimateOf(climate, why, second)
    warm = abs(latitude) < know.number("climate-fit/low-latitude")
    climate, second = (
        ("tropical-lowland", "humid-peninsula") if warm else ("mediterranean-coast", "humid-gulf")
    )
    why = say("climate-by-latitude", name=know.row(f"climates/{climate}/name"))
    return ClimateOf(climate, why, second)


def _holds(know: Knowledge, where: str, latitude: float, zone: str, sea_km: float | None) -> bool:
    away = abs(latitude)
    near = sea_km is not None and sea_km <= know.number("climate-fit/coast-km")
    mild = zone in ("Cfb", "Cfc")
    if where == "near":
        return near
    if where == "low":
        return away <= know.number("climate-fit/low-latitude")
    if where == "warm":
        return away <= know.number("climate-fit/warm-latitude")
    if where == "temperate":
        return away > know.number("climate-fit/temperate-latitude")
    if where == "far":
        beyond = know.number(f"climate-fit/far-{'maritime' if mild else 'latitude'}")
        return away > beyond and not (mild and near)
    return True


def hardiness_low_c(zone: str) -> float:
    """The mean yearly lowest of a hardiness zone [degrees C]: the middle of "7b", or of "7".

    Raises: InvalidInput for what is no zone. Source: USDA plant hardiness zones, whose zone n
    begins at 10 n - 70 degrees F and has two halves of 5 degrees, from memory.
    """
    found = _ZONE.fullmatch(zone.strip())
    if found is None or not 1 <= int(found.group(1)) <= 13:
        raise invalid("/zone", say("bad-is-no-hardiness-zone-they-go"))
    begin = 10.0 * int(found.group(1)) - 70
    half = found.group(2).lower()
    middle = begin + {"": 5.0, "a": 2.5, "b": 7.5}[half]
    return (middle - 32) / 1.8


def climate_of_zone(know: Knowledge, zone: str) -> ClimateOf:
    """The shipped climate whose usual lowest is nearest to a hardiness zone's. Raises: as
    :func:`hardiness_low_c`.
    """
    low = hardiness_low_c(zone)
    order = sorted(
        know.rows("climates"), key=lambda c: (abs(know.number(f"climates/{c}/lowest") - low), c)
    )
    name = know.row(f"climates/{order[0]}/name")
    why = say("climate-of-zone", zone=zone.strip().lower(), low=Rounded(low), name=name)
    return ClimateOf(order[0], why, order[1])
