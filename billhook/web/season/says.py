"""One tap that changes what the season says, and taking it back."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.season import says as spoken
from ..answers import body as answer
from ..answers import here
from ..models.says import SaidOut, SayIn, TakeBackIn, TakenBackOut

routes = APIBlueprint("season_says", __name__, url_prefix="/api/says")


@routes.post("", responses={201: SaidOut})
def post_saying(body: SayIn) -> tuple[dict[str, Any], int]:
    """Say it of trees, or of a row or block and its kinds."""
    found = spoken.write_down(
        here(), body.saying, body.tree_ids, body.scope, body.scope_id, body.species, body.day
    )
    return answer(SaidOut, found), 201


@routes.post("/take-back", responses={200: TakenBackOut})
def post_take_back(body: TakeBackIn) -> dict[str, Any]:
    """Take it back."""
    return {"taken_back": spoken.take_back(here(), body.saying, body.ids)}
