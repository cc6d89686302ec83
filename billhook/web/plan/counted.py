"""Cuts by counting on stored trees: the recipe, the running share, the log."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.book.logbook import LogLine
from ...services.plan import counted
from ..answers import body as answer
from ..answers import goals, here, log_body
from ..calc.counting import read_counted
from ..models.base import IdPath
from ..models.counted import CountedLogIn, TreeCountIn, TreeCountOut, TreeRecipeIn, TreeRecipeOut
from ..models.logbook import LogOut

routes = APIBlueprint("plan_counted", __name__, url_prefix="/api/trees")


@routes.post("/<id>/recipe", responses={200: TreeRecipeOut})
def post_recipe(path: IdPath, body: TreeRecipeIn) -> dict[str, Any]:
    """What to look for and count on a tree of which only sizes are known. Nothing is saved."""
    at = here()
    found = counted.recipe_for(at, path.id, body.day or at.today(), body.goal)
    return answer(TreeRecipeOut, {**vars(found), **vars(found.recipe), "goals": goals()})


@routes.post("/<id>/count", responses={200: TreeCountOut})
def post_count(path: IdPath, body: TreeCountIn) -> dict[str, Any]:
    """What counted cuts take of a tree, against the day. Nothing is saved."""
    at = here()
    found = counted.count_on(
        at, path.id, body.day or at.today(), body.work, read_counted(body.cuts)
    )
    return answer(
        TreeCountOut,
        {
            **vars(found.count),
            "wounds": [{"mm": mm, "n": n} for mm, n in found.count.wounds],
            "limit": found.verdict.max_share,
            "verdict": found.verdict,
        },
    )


@routes.post("/<id>/counted", responses={201: LogOut})
def post_counted(path: IdPath, body: CountedLogIn) -> tuple[dict[str, Any], int]:
    """Log cuts by counting."""
    entry = counted.log_counted(
        here(),
        path.id,
        body.id,
        body.date,
        body.work,
        read_counted(body.cuts),
        body.who,
        body.note,
        body.minutes,
        body.found,
    )
    return log_body(LogLine(entry, "", None)), 201
