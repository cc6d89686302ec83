"""The demo's day: only in the demo."""

from __future__ import annotations

from typing import Any

from flask import current_app
from flask_openapi.blueprint import APIBlueprint

from ...core.words.values import say
from ...store.database import NotFound
from ..answers import body as answer
from ..answers import here
from ..models.demo import DemoDayIn, DemoOut

routes = APIBlueprint("holding_demo", __name__, url_prefix="/api")
MOVER = "billhook_mover"


def _state() -> dict[str, Any]:
    mover = current_app.extensions.get(MOVER)
    if mover is None:
        return {"demo": False, "day": here().today(), "mornings": [], "going": None}
    mornings = [{"says": says, "day": day} for says, day in mover.mornings()]
    going = vars(mover.going) if mover.going else None
    return {"demo": True, "day": here().today(), "mornings": mornings, "going": going}


@routes.get("/demo", responses={200: DemoOut})
def get_demo() -> dict[str, Any]:
    """Whether this is the demo, on which day, and how far it is on its way to another."""
    return answer(DemoOut, _state())


@routes.post("/demo", responses={200: DemoOut})
def post_demo(body: DemoDayIn) -> dict[str, Any]:
    """Put the demo on another day, by running its history to that day."""
    mover = current_app.extensions.get(MOVER)
    if mover is None:
        raise NotFound(say("bad-this-is-no-demo-your-own"))
    mover.put_on(body.day)
    return answer(DemoOut, _state())
