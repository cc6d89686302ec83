"""The year of a tree, a block or the holding."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.season.today import lane_words
from ...services.season.almanac import almanac
from ..answers import body as answer
from ..answers import here, kind_name
from ..door.own import own_rows
from ..models.almanac import AlmanacOut, AlmanacQuery

routes = APIBlueprint("season_almanac", __name__, url_prefix="/api")


@routes.get("/almanac", responses={200: AlmanacOut})
def get_almanac(query: AlmanacQuery) -> dict[str, Any]:
    """When each kind of work is right, over twelve to eighteen months, for a tree, a block or the
    holding.
    """
    at = here()
    what_if = {
        k: d
        for k in ("harvest_end", "first_frost", "last_frost")
        if (d := getattr(query, k)) is not None
    }
    rows = own_rows()
    found = almanac(
        at, query.day or at.today(), query.tree, query.block, query.months, what_if, rows
    )
    lanes = [
        {
            "work": lane.work,
            "name": lane_words(lane.work),
            "segments": lane.segments,
            "prices": lane.prices,
            "costs": lane.costs,
        }
        for lane in found.lanes
    ]
    others = [
        {
            "tree_id": o.record.tree.id,
            "name": o.record.name,
            "kind_name": kind_name(o.record.tree.species, o.record.cultivar),
            "trees": o.trees,
        }
        for o in found.others
    ]
    kind = kind_name(found.record.tree.species, found.record.cultivar)
    return answer(
        AlmanacOut,
        {
            **vars(found),
            "kind_name": kind,
            "species": found.record.tree.species,
            "lanes": lanes,
            "others": others,
        },
    )
