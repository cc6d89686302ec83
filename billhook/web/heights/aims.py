"""How high a tree is wanted, and how it comes down."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.heights import aims, down
from ..answers import body as answer
from ..answers import here
from ..models.aims import AimIn, AimOut, ManyAimsIn, ManyAimsOut
from ..models.base import IdPath

routes = APIBlueprint("heights_aims", __name__, url_prefix="/api")


def _body(tree_id: str, found: aims.AimView) -> dict[str, Any]:
    scopes = [
        {"scope": s, "height_m": high, "width_m": wide} for s, (high, wide) in found.scopes.items()
    ]
    stairs = down.stairs_of(here(), tree_id)
    return answer(AimOut, {**vars(found), "scopes": scopes, "stairs": stairs})


@routes.get("/trees/<id>/aim", responses={200: AimOut})
def get_aim(path: IdPath) -> dict[str, Any]:
    """How high a tree is wanted, by the nearest that says so."""
    return _body(path.id, aims.aim_of(here(), path.id))


@routes.put("/trees/<id>/aim", responses={200: AimOut})
def put_aim(path: IdPath, body: AimIn) -> dict[str, Any]:
    """Say how high a tree, or what it stands in, is wanted."""
    found = aims.say_aim(here(), path.id, **body.model_dump(exclude={"id"}))
    return _body(path.id, found)


@routes.put("/aims", responses={200: ManyAimsOut})
def put_aims(body: ManyAimsIn) -> dict[str, Any]:
    """Say how high each of many trees is wanted."""
    trees = aims.say_aims(here(), body.tree_ids, body.height_m)
    return answer(ManyAimsOut, {"trees": trees})
