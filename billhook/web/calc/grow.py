"""A drawing over seasons."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.grow.course import rehearse
from ...core.grow.model import Asked, DatedCut, FrostNight, SeasonTree
from ..answers import body as answer
from ..answers import here
from ..models.calc.grow import GrowIn, GrowOut, frame_shape
from .asked import place_and_tree

routes = APIBlueprint("calc_grow", __name__, url_prefix="/api/calc")


def figures(season: SeasonTree) -> dict[str, Any]:
    """A season without its skeleton."""
    events = [
        {
            **vars(e),
            "text": e.reason.says,
            "shoots": list(e.shoots),
            "catalogue_ids": list(e.reason.catalogue_ids),
        }
        for e in season.events
    ]
    return {**vars(season), "events": events}


def _season(season: SeasonTree) -> dict[str, Any]:
    return {**figures(season), "frame": frame_shape(season.frame)}


@routes.post("/grow", responses={200: GrowOut})
def grow(body: GrowIn) -> dict[str, Any]:
    """A drawn tree season by season after its cuts, and its twin that was not cut, in the same
    weather: height, crop, leaf, light inside, sprouts, and what each rule did.
    """
    at = here()
    site, tree = place_and_tree(body.site, body.tree)
    asked = Asked(
        site,
        tree,
        body.frame.core(),
        tuple(DatedCut(c.limb, c.keep_m, c.day) for c in body.cuts),
        body.seasons,
        at.today(),
        body.seed,
        body.whitewash,
        tuple(FrostNight(f.day, f.min_c, f.hours) for f in body.frosts),
    )
    found = rehearse(at.know, asked)
    seasons = [_season(s) for s in found.seasons]
    return answer(
        GrowOut, {"seasons": seasons, "twin": {"seasons": [_season(s) for s in found.twin]}}
    )
