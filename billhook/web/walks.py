"""The walk under the tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..services import walks as service
from .answers import body as answer
from .answers import here
from .models.trees import IdPath
from .models.walk import WalkAnswerIn, WalkIn, WalkOut

walks = APIBlueprint("walks", __name__, url_prefix="/api")


def _walk(found: service.WalkView) -> dict[str, Any]:
    steps = [{**vars(s), "given": found.answers.get(s.id)} for s in found.steps]
    return answer(
        WalkOut, {**found.walk.model_dump(), **vars(found.end), "name": found.name, "steps": steps, "at": found.at, "next_tree": found.next_tree}
    )


@walks.post("/trees/<id>/walks", responses={201: WalkOut})
def post_walk(path: IdPath, body: WalkIn) -> tuple[dict[str, Any], int]:
    """Begin a walk, or take up the one that is open on this tree."""
    return _walk(service.begin(here(), path.id, body.id)), 201


@walks.get("/walks/<id>", responses={200: WalkOut})
def get_walk(path: IdPath) -> dict[str, Any]:
    """A walk as it stands."""
    return _walk(service.walk_view(here(), path.id))


@walks.post("/walks/<id>/answers", responses={201: WalkOut})
def post_answer(path: IdPath, body: WalkAnswerIn) -> tuple[dict[str, Any], int]:
    """Answer a step, change its answer, or take it back."""
    return _walk(service.give(here(), path.id, body.id, body.step, body.answer)), 201


@walks.post("/walks/<id>/finish", responses={200: WalkOut})
def post_finish(path: IdPath) -> dict[str, Any]:
    """End a walk; what it found sets the days to come back."""
    return _walk(service.finish(here(), path.id))
