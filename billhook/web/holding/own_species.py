"""A kind of tree that the catalogue lacks."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.holding import own_species
from ..answers import body as answer
from ..answers import here
from ..models.own_species import OwnSpeciesIn, OwnSpeciesOut

routes = APIBlueprint("holding_own_species", __name__, url_prefix="/api")


@routes.post("/species", responses={201: OwnSpeciesOut})
def post_species(body: OwnSpeciesIn) -> tuple[dict[str, Any], int]:
    """Describe a kind of tree that the catalogue lacks."""
    made = own_species.describe_species(
        here(),
        body.name,
        body.evergreen,
        body.everbearing,
        body.bloom,
        body.harvest,
        body.vigour,
        body.size,
        body.frost_c,
        body.coldest_night_c,
        body.habit,
        body.bears,
        body.wound_mm,
    )
    return answer(OwnSpeciesOut, made), 201
