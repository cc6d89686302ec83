"""What was written, in words, and taking it back."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.book import taking_back
from ..answers import body as answer
from ..answers import here
from ..door.own import own
from ..door.signing import only_theirs, who_asks
from ..models.acts import ActListOut, ActPath, UndoIn, UndoneOut

routes = APIBlueprint("book_acts", __name__, url_prefix="/api")


@routes.get("/acts", responses={200: ActListOut})
def get_acts() -> dict[str, Any]:
    """What was written of late, the newest first, and whether it was taken back; to a helper with
    rows of their own what they wrote.
    """
    who = who_asks()
    only = who.name if who and own() else None
    return answer(ActListOut, {"acts": taking_back.newest(here(), only=only)})


@routes.post("/acts/<id>/undo", responses={200: UndoneOut})
def post_undo(path: ActPath, body: UndoIn) -> dict[str, Any]:
    """Take a write back; refused with what stands on it (409), unless that is to go with it. A
    helper takes back what they wrote themselves.
    """
    found = taking_back.take_back(here(), path.id, body.also, only_theirs())
    return answer(UndoneOut, found)
