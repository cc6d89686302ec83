"""Whose shoot it is, on a stored tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.walk.shoots import Question, whose_shoot
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.shoots import TreeShootIn, TreeShootOut

routes = APIBlueprint("walk_shoots", __name__, url_prefix="/api")


def question_body(found: Question) -> dict[str, Any]:
    """A clue as it is asked."""
    return {
        "clue": found.clue,
        "asks": found.asks,
        "answers": [{"value": value, "says": words} for value, words in found.answers],
    }


@routes.post("/trees/<id>/shoot", responses={200: TreeShootOut})
def tree_shoot(path: IdPath, body: TreeShootIn) -> dict[str, Any]:
    """Whose shoot it is, on a stored tree: its record is filled in, and one question comes at a
    time.
    """
    found = whose_shoot(
        here(),
        path.id,
        body.clues,
        body.union_seen,
        body.only_living_shoots,
        body.many_grafts,
        body.diameter_mm,
        tuple(body.skip),
    )
    return answer(
        TreeShootOut,
        {
            **vars(found.answer),
            "name": found.name,
            "hazards": found.hazards,
            "question": question_body(found.question) if found.question else None,
            "asked": [question_body(q) for q in found.asked],
        },
    )
