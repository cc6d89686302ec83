"""The calculator of a tree traced on a picture."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.tree import tracing
from ..answers import body as answer
from ..answers import here
from ..models.tracing import TraceCalcIn, TracedOut

routes = APIBlueprint("calc_trace", __name__, url_prefix="/api/calc")


@routes.post("/trace", responses={200: TracedOut})
def post_trace(body: TraceCalcIn) -> dict[str, Any]:
    """The frame that was touched on a picture: a scale, the foot, the top, and each limb's fork
    and tip. Nothing is kept.
    """
    at = here()
    return answer(TracedOut, tracing.traced(at, body.core(at.know.number("trace/eye")), body.units))
