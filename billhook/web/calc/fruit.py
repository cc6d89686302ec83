"""Fruit a limb and a tree can carry."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.fruit.load import crop_load, thinning
from ..answers import body as answer
from ..answers import here
from ..models.calc.fruit import CropLoadIn, CropLoadOut, ThinningIn, ThinningOut

routes = APIBlueprint("calc_fruit", __name__, url_prefix="/api/calc")


@routes.post("/thinning", responses={200: ThinningOut})
def thinning_(body: ThinningIn) -> dict[str, Any]:
    """How much fruit to take off, from a sample of clusters."""
    return answer(ThinningOut, thinning(here().know, body.counts, body.keep, body.clusters))


@routes.post("/crop-load", responses={200: CropLoadOut})
def crop_load_(body: CropLoadIn) -> dict[str, Any]:
    """How much fruit a trunk may carry."""
    return answer(
        CropLoadOut,
        crop_load(here().know, body.trunks_mm, body.year_in_ground, body.fruit, body.fruit_kg),
    )
