"""Blocks drawn, moved, turned and spread out on the plan."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.lie import Lie
from ...services.holding import blocks
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.blocks import BlockOutlineIn, CountedOutOut, DrawnIn, DrawnOut, LieIn, LieOut

routes = APIBlueprint("holding_blocks", __name__, url_prefix="/api")


def _outline(body: BlockOutlineIn) -> blocks.Outline:
    corners = tuple((x, y) for x, y in body.corners)
    return blocks.Outline(corners, body.row_spacing_m, body.spacing_m, body.bearing_deg)


def _lying(found: blocks.Lying) -> dict[str, Any]:
    about = {"outline": found.outline, "spots": found.spots}
    return answer(LieOut, {**vars(found.lie), **about})


@routes.post("/blocks/count-out", responses={200: CountedOutOut})
def post_count_out(body: BlockOutlineIn) -> dict[str, Any]:
    """Rows and trees that an outline holds; nothing is saved."""
    found = blocks.count_out(here(), body.site_id, _outline(body), body.species)
    return answer(CountedOutOut, found)


@routes.post("/blocks", responses={201: DrawnOut})
def post_block(body: DrawnIn) -> tuple[dict[str, Any], int]:
    """Plant a block that was drawn."""
    made = blocks.draw_block(
        here(),
        body.site_id,
        body.block,
        _outline(body),
        blocks.Kind(body.species, body.planted_year, body.cultivar, body.rootstock),
        frozenset((row, place) for row, place in body.skipped),
    )
    return answer(DrawnOut, made), 201


@routes.get("/blocks/<id>/lie", responses={200: LieOut})
def get_lie(path: IdPath) -> dict[str, Any]:
    """How a block lies."""
    return _lying(blocks.lying(here(), path.id))


@routes.post("/blocks/<id>/lie", responses={200: LieOut})
def post_lie(path: IdPath, body: LieIn) -> dict[str, Any]:
    """How a block would lie; nothing is saved."""
    return _laid(path.id, body, save=False)


@routes.put("/blocks/<id>/lie", responses={200: LieOut})
def put_lie(path: IdPath, body: LieIn) -> dict[str, Any]:
    """Move, turn or spread out a block."""
    return _laid(path.id, body, save=True)


def _laid(block_id: str, body: LieIn, save: bool) -> dict[str, Any]:
    then = Lie(body.bearing_deg, body.row_spacing_m, body.spacing_m)
    found = blocks.lay_block(here(), block_id, body.east_m, body.north_m, then, save)
    return _lying(found)
