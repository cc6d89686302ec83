"""What was seen of a tree or a block."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.fruit.by_side import Carries
from ...services.tree.by_side import say_side
from ...services.tree.observing import observe
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.trees import ObserveIn, SeenOut, SideIn, SideOut

routes = APIBlueprint("tree_observing", __name__, url_prefix="/api")


@routes.post("/trees/<id>/observations", responses={201: SeenOut})
def post_observation(path: IdPath, body: ObserveIn) -> tuple[dict[str, Any], int]:
    """Write down what was seen of the tree."""
    return answer(
        SeenOut,
        observe(here(), "tree", path.id, body.kind, body.value, body.date, as_of=body.as_of),
    ), 201


@routes.post("/trees/<id>/sides", responses={201: SideOut})
def post_side(path: IdPath, body: SideIn) -> tuple[dict[str, Any], int]:
    """Write down what a side of a drawn tree carries, for all its limbs at once."""
    seen = Carries(body.side_deg, body.fruit, body.bloom, body.flush)
    return answer(SideOut, {"frame_id": say_side(here(), path.id, seen, body.id).id}), 201


@routes.post("/blocks/<id>/observations", responses={201: SeenOut})
def post_block_observation(path: IdPath, body: ObserveIn) -> tuple[dict[str, Any], int]:
    """Write down a date that was seen of a whole block."""
    return answer(
        SeenOut,
        observe(here(), "block", path.id, body.kind, body.value, body.date, as_of=body.as_of),
    ), 201
