"""Where: towns by name, positions, hardiness zones."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...catalogue import local
from ...catalogue.gazetteer import Town
from ...core.words.tongue import spoken
from ...services.holding import towns
from ..answers import body as answer
from ..answers import here
from ..models.towns import ClimateOfOut, NearOut, PositionQuery, TownQuery, TownsOut, ZoneQuery

routes = APIBlueprint("holding_towns", __name__, url_prefix="/api/places")


@routes.get("", responses={200: TownsOut})
def get_towns(query: TownQuery) -> dict[str, Any]:
    """At most ten towns whose name begins so, with the climate proposed for each."""
    found = towns.towns(here(), query.q)
    places = [{**vars(f.town), "country": _country(f.town), **vars(f.climate)} for f in found]
    return answer(TownsOut, {"places": places})


def _country(town: Town) -> str:
    return local.country(town.country, spoken())


@routes.get("/near", responses={200: NearOut})
def get_near(query: PositionQuery) -> dict[str, Any]:
    """The climate of a position, and the town near it."""
    town, climate = towns.near(here(), query.latitude, query.longitude)
    named = {"name": town and town.name, "country": town and _country(town)}
    return answer(NearOut, {**named, **vars(climate)})


@routes.get("/zone", responses={200: ClimateOfOut})
def get_zone(query: ZoneQuery) -> dict[str, Any]:
    """The climate whose usual lowest is nearest to a hardiness zone's."""
    return answer(ClimateOfOut, towns.by_zone(here(), query.zone))
