"""The walk under the tree, along a row, and its photos."""

from __future__ import annotations

from typing import Any

from flask import Response, request, send_file
from flask_openapi.blueprint import APIBlueprint

from ..services.book import photos
from ..services.plan.cutting import Preview
from ..services.walk import rows, shoots
from ..services.walk import walks as service
from ..store.tables import Photo
from .answers import body as answer
from .answers import drawn, here, kind_name
from .calc_walk import question_body
from .models.shared import PhotoOut
from .models.trees import IdPath
from .models.walk import (
    PhotoQuery,
    RowWalkOut,
    WalkAnswerIn,
    WalkFormOut,
    WalkIn,
    WalkOut,
    WalkPlanIn,
    WalkPlanOut,
    WalkQuickIn,
)

walks = APIBlueprint("walks", __name__, url_prefix="/api")


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


def _fields(found: service.WalkView) -> dict[str, Any]:
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
    }


def _walk(found: service.WalkView) -> dict[str, Any]:
    return answer(WalkOut, _fields(found))


@walks.post("/trees/<id>/walks", responses={201: WalkOut})
def post_walk(path: IdPath, body: WalkIn) -> tuple[dict[str, Any], int]:
    """Begin a walk, or take up the one that is open on this tree."""
    return _walk(service.begin(here(), path.id, body.id, body.day)), 201


@walks.get("/trees/<id>/walk-form", responses={200: WalkFormOut})
def get_form(path: IdPath) -> dict[str, Any]:
    """What a phone takes along for a tree: its questions, limbs and clues, so that a walk can be
    begun without signal.
    """
    clues = [question_body(q) for q in shoots.clues_in_order(here(), path.id)]
    return answer(WalkFormOut, {**_fields(service.walk_form(here(), path.id)), "shoot": clues})


@walks.post("/trees/<id>/walks/quick", responses={201: RowWalkOut})
def post_quick(path: IdPath, body: WalkQuickIn) -> tuple[dict[str, Any], int]:
    """A tree looked at in passing; the row comes back."""
    service.quick(here(), path.id, body.id, body.suckers, body.sprouts, body.day)
    return _row(rows.row_of(here(), path.id)), 201


@walks.get("/rows/<id>/walk", responses={200: RowWalkOut})
def get_row(path: IdPath) -> dict[str, Any]:
    """A row as it is walked."""
    return _row(rows.row_walk(here(), path.id))


def _row(found: rows.RowWalk) -> dict[str, Any]:
    trees = [
        {
            "tree_id": t.tree_id,
            "name": t.name,
            "kind": kind_name(t.species, t.cultivar),
            "walked": t.last.day if t.last else None,
            "state": "never" if t.last is None else "passed" if t.last.quick else t.last.state,
            "need": t.need.text,
            "tone": t.need.tone,
        }
        for t in found.trees
    ]
    return answer(RowWalkOut, {**vars(found), "trees": trees})


@walks.get("/walks/<id>", responses={200: WalkOut})
def get_walk(path: IdPath) -> dict[str, Any]:
    """A walk as it stands."""
    return _walk(service.walk_view(here(), path.id))


@walks.post("/walks/<id>/answers", responses={201: WalkOut})
def post_answer(path: IdPath, body: WalkAnswerIn) -> tuple[dict[str, Any], int]:
    """Answer a question, change its answer, or take it back."""
    return _walk(service.give(here(), path.id, body.id, body.question, body.answer, body.seen)), 201


@walks.post("/walks/<id>/finish", responses={200: WalkOut})
def post_finish(path: IdPath) -> dict[str, Any]:
    """End a walk; what it found sets the days to come back."""
    return _walk(service.finish(here(), path.id))


@walks.post("/walks/<id>/plan", responses={201: WalkPlanOut})
def post_plan(path: IdPath, body: WalkPlanIn) -> tuple[dict[str, Any], int]:
    """The cuts that a walk named, as a cut sheet."""
    return {"id": service.plan(here(), path.id, body.id).id}, 201


def _photo(photo: Photo) -> dict[str, Any]:
    return answer(PhotoOut, photo)


@walks.put("/photos/<id>", responses={201: PhotoOut})
def put_photo(path: IdPath, query: PhotoQuery) -> tuple[dict[str, Any], int]:
    """Keep a photo of a tree. The body is the picture itself (JPEG, PNG or WebP, 10 MB at most);
    place and maker written into it are left out.
    """
    at = here()
    return _photo(
        photos.keep(
            at, path.id, query.tree_id, query.moment, query.day or at.today(), request.get_data()
        )
    ), 201


@walks.get("/photos/<id>.jpg")
def get_photo(path: IdPath) -> Response:
    """A photo as it was kept."""
    response = send_file(photos.file_of(here(), path.id), "image/jpeg")
    response.cache_control.max_age = 31_536_000
    return response
