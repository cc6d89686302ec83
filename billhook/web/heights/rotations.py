"""Ways of renewal that were adopted."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.heights import rotations
from ...services.heights.rotations import RotationView
from ..answers import body as answer
from ..answers import here, tasks_body
from ..models.base import IdPath
from ..models.rotations import RotationEndIn, RotationIn, RotationOut, RotationsOut, RotationsQuery

routes = APIBlueprint("heights_rotations", __name__, url_prefix="/api")


def _rotation(found: RotationView) -> dict[str, Any]:
    return {
        **found.rotation.model_dump(),
        "name": found.name,
        "scope_name": found.scope_name,
        "tasks": tasks_body(found.tasks),
    }


@routes.get("/rotations", responses={200: RotationsOut})
def get_rotations(query: RotationsQuery) -> dict[str, Any]:
    """Rotations of a scope with their dated work, those given up too."""
    return answer(
        RotationsOut,
        {"rotations": [_rotation(v) for v in rotations.view(here(), query.scope, query.scope_id)]},
    )


@routes.post("/rotations", responses={201: RotationOut})
def post_rotation(body: RotationIn) -> tuple[dict[str, Any], int]:
    """Adopt a school: it becomes dated work in the almanac's windows."""
    at = here()
    made = rotations.adopt(
        at,
        body.id,
        body.scope,
        body.scope_id,
        body.school,
        body.low_m,
        body.tip_m,
        body.years,
        body.first_year,
    )
    return answer(RotationOut, _rotation(rotations.one(at, made.id))), 201


@routes.post("/rotations/<id>/end", responses={200: RotationOut})
def post_end(path: IdPath, body: RotationEndIn) -> dict[str, Any]:
    """Give a rotation up; what was done stays."""
    at = here()
    rotations.give_up(at, path.id, body.version)
    return answer(RotationOut, _rotation(rotations.one(at, path.id)))
