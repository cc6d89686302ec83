"""The ways of renewal there are."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.heights.ways import ways
from ..answers import body as answer
from ..answers import here
from ..models.ways import WaysOut

routes = APIBlueprint("heights_ways", __name__, url_prefix="/api")


@routes.get("/ways", responses={200: WaysOut})
def get_ways() -> dict[str, Any]:
    """Every way of renewal: its name, and what it can be followed on."""
    return answer(WaysOut, {"ways": ways(here().know)})
