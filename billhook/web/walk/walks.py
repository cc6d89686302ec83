"""A walk round a tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.plan.cutting import Preview
from ...services.walk import shoots, view
from ...services.walk import walks as service
from ..answers import body as answer
from ..answers import drawn, here
from ..models.base import IdPath
from ..models.walk import (
    WalkAnswerIn,
    WalkFormOut,
    WalkIn,
    WalkLookIn,
    WalkOut,
    WalkPlanIn,
    WalkPlanOut,
)
from .shoots import question_body

routes = APIBlueprint("walk_walks", __name__, url_prefix="/api")


def _cuts(found: Preview) -> dict[str, Any]:
    lines = [
        {**vars(cost), "position": advice.position, "free": advice.free}
        for cost, advice in zip(found.answer.cuts, found.advice, strict=True)
    ]
    return {
        "work": found.verdict.work,
        "verdict": found.verdict,
        "sentence": found.against.sentence,
        "fits": found.against.fits,
        "fruit_lost": sum(c.fruit_lost for c in found.answer.cuts),
        "minutes": found.minutes,
        "gone": found.gone,
        "cuts": lines,
    }


def _fields(found: view.WalkView) -> dict[str, Any]:
    record, tree, walk = found.walked.record, found.walked.tree, found.walk
    questions = [
        {
            **vars(a.question),
            "notes": a.notes,
            "limbs": a.limbs,
            "given": a.given,
            "given_id": a.given_id,
        }
        for a in found.questions
    ]
    return {
        **vars(found.end),
        "findings": [
            {
                **vars(f),
                "verdict": found.may[f.work] if f.work else None,
                "done": f.answer in found.done,
            }
            for f in found.end.findings
        ],
        "look": walk.look if walk else "full",
        "looks": found.looks,
        "id": walk.id if walk else None,
        "tree_id": record.tree.id,
        "row_id": record.row.id,
        "name": record.name,
        "day": found.day,
        "state": walk.state if walk else "blank",
        "steps": found.steps,
        "questions": questions,
        "at": found.at,
        "crossings": found.crossings,
        "frame": drawn(found.frame) if found.frame else None,
        "cap_m": tree.cap_m,
        "reach_m": tree.reach_m,
        "cuts": _cuts(found.cuts) if found.cuts else None,
        "after_cuts": found.after_cuts,
        "next_tree": found.next_tree,
        "photos": found.photos,
        "group": list(found.group.trees) if found.group else [],
        "group_says": list(found.group.says) if found.group else [],
    }


def _walk(found: view.WalkView) -> dict[str, Any]:
    return answer(WalkOut, _fields(found))


@routes.post("/trees/<id>/walks", responses={201: WalkOut})
def post_walk(path: IdPath, body: WalkIn) -> tuple[dict[str, Any], int]:
    """Begin a walk, or take up the one that is open on this tree."""
    return _walk(service.begin(here(), path.id, body.id, body.day, body.look)), 201


@routes.get("/trees/<id>/walk-form", responses={200: WalkFormOut})
def get_form(path: IdPath) -> dict[str, Any]:
    """What a phone takes along for a tree: its questions, limbs and clues, so that a walk can be
    begun without signal.
    """
    clues = [question_body(q) for q in shoots.clues_in_order(here(), path.id)]
    return answer(WalkFormOut, {**_fields(view.walk_form(here(), path.id)), "shoot": clues})


@routes.get("/walks/<id>", responses={200: WalkOut})
def get_walk(path: IdPath) -> dict[str, Any]:
    """A walk as it stands."""
    return _walk(view.walk_view(here(), path.id))


@routes.put("/walks/<id>", responses={200: WalkOut})
def put_walk(path: IdPath, body: WalkLookIn) -> dict[str, Any]:
    """Go on with a walk as a look for one thing, or for all."""
    return _walk(service.look_for(here(), path.id, body.look))


@routes.post("/walks/<id>/answers", responses={201: WalkOut})
def post_answer(path: IdPath, body: WalkAnswerIn) -> tuple[dict[str, Any], int]:
    """Answer a question, change its answer, or take it back."""
    return _walk(service.give(here(), path.id, body.id, body.question, body.answer, body.seen)), 201


@routes.post("/walks/<id>/finish", responses={200: WalkOut})
def post_finish(path: IdPath) -> dict[str, Any]:
    """End a walk; what it found sets the days to come back."""
    return _walk(service.finish(here(), path.id))


@routes.post("/walks/<id>/plan", responses={201: WalkPlanOut})
def post_plan(path: IdPath, body: WalkPlanIn) -> tuple[dict[str, Any], int]:
    """The cuts that a walk named, as a cut sheet."""
    return {"id": service.plan(here(), path.id, body.id).id}, 201
