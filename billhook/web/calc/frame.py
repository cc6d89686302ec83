"""Geometry and shares of a frame."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.frame.check import checked
from ...core.frame.finish import after_cuts
from ...core.frame.geometry import balance
from ...core.frame.share import frame_answer
from ...core.frame.wood import wood_parameters
from ..answers import body as answer
from ..answers import here
from ..models.frames import FrameCalcIn, FrameCalcOut

routes = APIBlueprint("calc_frame", __name__, url_prefix="/api/calc")


@routes.post("/frame", responses={200: FrameCalcOut})
def frame(body: FrameCalcIn) -> dict[str, Any]:
    """Share of canopy, wound, weight, fruit, height and spread of cuts on a frame."""
    know = here().know
    wood = wood_parameters(know)
    if body.green_density_kg_m3 is not None:
        wood = replace(wood, green_density_kg_m3=body.green_density_kg_m3)
    if body.fruit_kg is not None:
        wood = replace(wood, fruit_kg=body.fruit_kg)
    core, cuts = body.frame.core(), [c.core() for c in body.cuts]
    baseline = body.baseline.core() if body.baseline else None
    checked(core, cuts, baseline)
    found = frame_answer(core, cuts, wood, baseline, body.exponent or know.number("wood/exponent"))
    return answer(
        FrameCalcOut,
        {
            **vars(found),
            "balance_before": balance(core),
            "balance_after": balance(after_cuts(core, cuts)),
        },
    )
