"""A row as it is walked."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.walk import passing, rows
from ..answers import body as answer
from ..answers import here, kind_name
from ..models.base import IdPath
from ..models.walk import LookedOut, RowWalkOut, WalkQuickIn, WalksQuickIn

routes = APIBlueprint("walk_rows", __name__, url_prefix="/api")


@routes.post("/trees/<id>/walks/quick", responses={201: RowWalkOut})
def post_quick(path: IdPath, body: WalkQuickIn) -> tuple[dict[str, Any], int]:
    """A tree looked at in passing; the row comes back."""
    passing.quick(here(), path.id, body.id, _passed(body), body.day)
    return _row(rows.row_of(here(), path.id)), 201


@routes.post("/walks/quick", responses={201: LookedOut})
def post_quick_many(body: WalksQuickIn) -> tuple[dict[str, Any], int]:
    """Many trees looked at in passing, the same of each: nothing to do, so many rubbed off, or
    trained.
    """
    looked = passing.quick_many(here(), body.tree_ids, body.id, _passed(body), body.day)
    return {"trees": looked}, 201


def _passed(body: WalkQuickIn) -> passing.Passed:
    return passing.Passed(body.suckers, body.sprouts, body.trained)


@routes.get("/rows/<id>/walk", responses={200: RowWalkOut})
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
            "young": t.young,
        }
        for t in found.trees
    ]
    return answer(RowWalkOut, {**vars(found), "trees": trees})
