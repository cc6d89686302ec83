"""Cut plans for stored trees."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.known import Knowledge
from ...core.plan.offer import Proposed
from ...core.season.schools import schools
from ...services.plan import proposals
from ...services.plan.wishes import PlanView, Wish
from ..answers import body as answer
from ..answers import drawn, goals, here
from ..models.base import IdPath
from ..models.proposals import PlanIn, PlanOut
from .cutting import preview_body

routes = APIBlueprint("plan_proposals", __name__, url_prefix="/api/trees")


# topics on which a school changes what is cut or what follows, in the order they are shown
_TOPICS = ("form", "middle", "height", "renewal", "vigour", "wounds", "timing")


def _cut(one: Proposed) -> dict[str, Any]:
    return {**vars(one), "limb": one.cut.limb, "keep_m": one.cut.keep_m}


def _stance(know: Knowledge, found: PlanView) -> list[dict[str, Any]]:
    return [
        {
            "topic": t,
            "school": found.stance[t],
            "schools": [
                {"id": s.id, "name": s.name, "says": s.believes}
                for s in schools(know)
                if s.topic == t
            ],
        }
        for t in _TOPICS
    ]


@routes.post("/<id>/plan", responses={200: PlanOut})
def post_plan(path: IdPath, body: PlanIn) -> dict[str, Any]:
    """The cuts that bring most for a goal, of those a walk named and those the drawing shows; what
    is left, and until when. Nothing is saved.
    """
    at, asked = here(), body.model_dump()
    found = proposals.plan_for(at, path.id, Wish(**{**asked, "day": body.day or at.today()}))
    know, proposal = at.know, found.proposal
    looks = {c.look for c in (*proposal.cuts, *(x.proposed for x in proposal.left))}
    weights = [
        {
            "look": k,
            "says": know.row(f"plan-weights/{k}/says"),
            "points": know.number(f"plan-weights/{k}/{body.goal}"),
        }
        for k in know.rows("plan-weights")
        if k in looks
    ]
    return answer(
        PlanOut,
        {
            **vars(proposal),
            **vars(found),
            "goal": body.goal,
            "goals": goals(),
            "weights": weights,
            "cuts": [_cut(c) for c in proposal.cuts],
            "left": [
                {**_cut(x.proposed), "left_why": x.why, "until": x.until} for x in proposal.left
            ],
            "stance": _stance(know, found),
            "stages": [{**vars(s), "cuts": [_cut(c) for c in s.cuts]} for s in found.stages],
            "unplaced": [_cut(c) for c in found.unplaced],
            "wall": {**vars(proposal.outline), "set_out_m": proposal.set_out_m}
            if proposal.outline
            else None,
            "frame": drawn(found.frame),
            "reach_m": know.number("cuts/reach"),
            "preview": preview_body(found.preview) if found.preview else None,
        },
    )
