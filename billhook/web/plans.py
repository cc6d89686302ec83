"""Cut plans for stored trees."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..core.plan.propose import Proposed
from ..services import proposals
from .answers import body as answer
from .answers import drawn, here
from .models.plan import PlanIn, PlanOut
from .models.trees import IdPath
from .trees import preview_body

plans = APIBlueprint("plans", __name__, url_prefix="/api/trees")


def _cut(one: Proposed) -> dict[str, Any]:
    return {**vars(one), "limb": one.cut.limb, "keep_m": one.cut.keep_m}


@plans.post("/<id>/plan", responses={200: PlanOut})
def post_plan(path: IdPath, body: PlanIn) -> dict[str, Any]:
    """The cuts that bring most for a goal, of those a walk named and those the drawing shows; what is left, and until when. Nothing is saved."""
    at = here()
    found = proposals.plan_for(at, path.id, body.goal, body.day or at.today(), body.walk_id, body.pins_in, body.pins_out, body.limit, body.weights)
    left = [{**_cut(x.proposed), "left_why": x.why, "until": x.until} for x in found.proposal.left]
    goals = [{"id": g, "name": at.know.text(f"goals/{g}/name"), "says": at.know.text(f"goals/{g}/says")} for g in at.know.rows("goals")]
    looks = {c.look for c in (*found.proposal.cuts, *(x.proposed for x in found.proposal.left))}
    weights = [
        {"look": k, "says": at.know.text(f"plan-weights/{k}/says"), "points": at.know.number(f"plan-weights/{k}/{body.goal}")}
        for k in at.know.rows("plan-weights")
        if k in looks
    ]
    return answer(
        PlanOut,
        {
            **vars(found.proposal), **vars(found), "cuts": [_cut(c) for c in found.proposal.cuts], "left": left, "goals": goals, "weights": weights, "goal": body.goal,
            "frame": drawn(found.frame), "cap_m": found.cap_m, "reach_m": at.know.number("cuts/reach"), "preview": preview_body(found.preview) if found.preview else None,
        },
    )  # fmt: skip
