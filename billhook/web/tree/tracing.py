"""Trees traced on a picture."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.tree import tracing
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.tracing import SeenOnOut, TraceIn

routes = APIBlueprint("tree_tracing", __name__, url_prefix="/api/trees")


@routes.post("/<id>/traces", responses={201: SeenOnOut})
def post_trace(path: IdPath, body: TraceIn) -> tuple[dict[str, Any], int]:
    """Keep what was touched on a photo of the tree; the frame it gives takes the place of the one
    before, which stays in the history.
    """
    at = here()
    tracing.save_trace(
        at,
        path.id,
        body.id,
        body.photo_id,
        body.core(at.know.number("trace/eye")),
        body.model_dump(mode="json", by_alias=True, exclude={"id", "photo_id", "date"}),
        body.date or at.today(),
    )
    return _seen(path.id), 201


@routes.get("/<id>/trace", responses={200: SeenOnOut})
def get_trace(path: IdPath) -> dict[str, Any]:
    """The picture the tree was last traced on, and where each limb is seen on it."""
    return _seen(path.id)


def _seen(tree_id: str) -> dict[str, Any]:
    seen = tracing.seen_on(here(), tree_id)
    return answer(
        SeenOnOut,
        {
            "photo_id": seen.photo.id,
            "width": seen.touched["picture"]["width"],
            "height": seen.touched["picture"]["height"],
            "limbs": [
                {k: x[k] for k in ("id", "fork", "tip")} | {"standing": x["id"] in seen.standing}
                for x in seen.touched["limbs"]
            ],
        },
    )
