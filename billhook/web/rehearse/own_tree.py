"""Rehearsing cuts on a stored tree."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.rehearse import own_tree
from ...services.rehearse.own_tree import Drawn, Wish
from ..answers import body as answer
from ..answers import drawn, here
from ..calc.grow import figures
from ..models.base import IdPath
from ..models.rehearse import RangeOut, RehearsalOut, RehearseIn

routes = APIBlueprint("rehearse_own_tree", __name__, url_prefix="/api/trees")


def _wish(body: RehearseIn) -> Wish:
    return Wish(
        [c.core() for c in body.cuts],
        body.day or here().today(),
        body.seasons,
        body.seed,
        body.whitewash,
        None if body.second is None else [c.core() for c in body.second],
    )


def _seasons(seasons: Sequence[Drawn]) -> list[dict[str, Any]]:
    return [{**figures(season), "frame": drawn(view)} for season, view in seasons]


@routes.post("/<id>/rehearse", responses={200: RehearsalOut})
def post_rehearse(path: IdPath, body: RehearseIn) -> dict[str, Any]:
    """A drawn tree over seasons after cuts, beside its uncut twin. Nothing is saved."""
    found = own_tree.rehearsed(here(), path.id, _wish(body))
    return answer(
        RehearsalOut,
        {
            **vars(found),
            "before": drawn(found.before),
            "seasons": _seasons(found.seasons),
            "twin": _seasons(found.twin),
            "second": _seasons(found.second),
        },
    )


@routes.post("/<id>/rehearse/range", responses={200: RangeOut})
def post_range(path: IdPath, body: RehearseIn) -> dict[str, Any]:
    """How far height and crop of a rehearsal lie apart over the weather of many seasons."""
    at = here()
    seasons = own_tree.spread(at, path.id, _wish(body))
    return answer(RangeOut, {"runs": at.know.days("grow/runs"), "seasons": seasons})
