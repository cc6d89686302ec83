"""Where: a town by name, a position, or a hardiness zone; the climate that stands for it."""

from __future__ import annotations

from dataclasses import dataclass

from ...catalogue.gazetteer import Town, nearest_town, towns_named, warm, zone_at
from ...core.season.climate_of import ClimateOf, climate_of, climate_of_zone
from ..workplace import Workplace

__all__ = ["Found", "by_zone", "near", "towns", "warm"]


@dataclass(frozen=True)
class Found:
    """A town with the climate that is proposed for it."""

    town: Town
    climate: ClimateOf


def towns(at: Workplace, typed: str) -> list[Found]:
    """Towns whose name begins so, the largest first, each with its climate."""
    return [Found(t, _climate(at, t.latitude, t.longitude)) for t in towns_named(typed)]


def near(at: Workplace, latitude: float, longitude: float) -> tuple[Town | None, ClimateOf]:
    """The nearest town to a position, where one is near, and the climate there."""
    return nearest_town(latitude, longitude), _climate(at, latitude, longitude)


def by_zone(at: Workplace, zone: str) -> ClimateOf:
    """The climate nearest to a hardiness zone. Raises: InvalidInput for what is none."""
    return climate_of_zone(at.know, zone)


def _climate(at: Workplace, latitude: float, longitude: float) -> ClimateOf:
    zone, sea_km = zone_at(latitude, longitude)
    return climate_of(at.know, latitude, zone, sea_km)
