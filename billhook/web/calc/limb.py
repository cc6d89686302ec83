"""How far a limb comes down."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.frame.droop import Pull, droop
from ..answers import body as answer
from ..answers import here, known_row
from ..models.calc.limb import DroopIn, DroopOut

routes = APIBlueprint("calc_limb", __name__, url_prefix="/api/calc")


@routes.post("/droop", responses={200: DroopOut})
def droop_(body: DroopIn) -> dict[str, Any]:
    """How far a limb comes down under its fruit."""
    known_row("/species", "species", body.species)
    know = here().know
    group = know.text(f"species/{body.species}/group")
    elastic = body.elastic_gpa or know.number(
        know.first(f"stiffness/{body.species}/elastic", f"stiffness/{group}/elastic").id
    )
    pull = Pull(body.pull_test.mass_kg, body.pull_test.drop_m) if body.pull_test else None
    found = droop(
        know,
        body.length_m,
        body.base_mm,
        body.tip_mm,
        body.load_kg,
        body.load_at,
        body.tip_height_m,
        body.clearance_m,
        elastic,
        pull,
    )
    return answer(DroopOut, found)
