"""Looking back, and what is written down for it: fruit picked, regrowth measured."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.book import harvests, look_back
from ...services.tree import regrown
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.look_back import (
    BlockBackOut,
    HarvestIn,
    HarvestOut,
    LookBackOut,
    RegrowthIn,
    RegrowthOut,
)

routes = APIBlueprint("book_look_back", __name__, url_prefix="/api")


@routes.get("/trees/<id>/look-back", responses={200: LookBackOut})
def get_look_back(path: IdPath) -> dict[str, Any]:
    """What was planned, done and picked on a tree, year by year."""
    return answer(LookBackOut, look_back.look_back(here(), path.id))


@routes.get("/blocks/<id>/look-back", responses={200: BlockBackOut})
def get_block_back(path: IdPath) -> dict[str, Any]:
    """Share, wounds, hours and crop of a block, year by year."""
    return answer(BlockBackOut, look_back.block_back(here(), path.id))


@routes.post("/harvests", responses={201: HarvestOut})
def post_harvest(body: HarvestIn) -> tuple[dict[str, Any], int]:
    """Write down what was picked."""
    at = here()
    made = harvests.pick(
        at, body.id, body.scope, body.scope_id, body.day or at.today(), body.kg, body.who
    )
    return answer(HarvestOut, made), 201


@routes.post("/trees/<id>/regrowth", responses={200: RegrowthOut})
def post_regrowth(path: IdPath, body: RegrowthIn) -> dict[str, Any]:
    """Measure what grew at the last live cuts; the tree's vigour follows."""
    at = here()
    return answer(
        RegrowthOut, regrown.regrown(at, path.id, body.day or at.today(), body.length_m, body.units)
    )
