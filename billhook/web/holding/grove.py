"""The holding in plan."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...catalogue.wording import said
from ...services.holding.find import find
from ...services.holding.grove import GroveTree, grove
from ..answers import body as answer
from ..answers import here, kind_name
from ..models.grove import DayQuery, FindQuery, FoundOut, GroveOut

routes = APIBlueprint("holding_grove", __name__, url_prefix="/api")


@routes.get("/grove", responses={200: GroveOut})
def get_grove(query: DayQuery) -> dict[str, Any]:
    """The holding in plan on a day, with what each tree needs next."""
    at = here()
    view = grove(at, query.day or at.today())
    return answer(
        GroveOut,
        {
            "holding": view.holding.name if view.holding else None,
            "holding_id": view.holding.id if view.holding else None,
            "frost": {
                "says": said(view.frost.says) if view.frost.says else None,
                "rows": view.frost.rows,
            },
            "restored": view.restored,
            "units": view.holding.units if view.holding else "metric",
            "demo": at.settings.demo,
            "day": view.day,
            "sites": view.sites,
            "blocks": [{**vars(b), "in_rows": b.id in view.in_rows} for b in view.blocks],
            "rows": view.rows,
            "trees": [_in_plan(t) for t in view.trees],
            "gaps": [{"row_id": r, "x": x, "y": y} for r, x, y in view.empty_places],
        },
    )


@routes.get("/find", responses={200: FoundOut})
def get_find(query: FindQuery) -> dict[str, Any]:
    """Standing trees by what is said of them, read as plantings are."""
    return {"trees": [r.tree.id for r in find(here(), query.q)]}


def _in_plan(found: GroveTree) -> dict[str, Any]:
    record, size = found.record, found.size
    return {
        "id": record.tree.id,
        "name": record.name,
        "row_id": record.row.id,
        "x": record.place.x,
        "y": record.place.y,
        "species": record.tree.species,
        "cultivar": record.cultivar,
        "kind_name": kind_name(record.tree.species, record.cultivar),
        "pot_l": record.tree.pot_l,
        "planted_year": record.tree.planted_year,
        "height_m": size.height_m,
        "spread_m": size.spread_m,
        "measured": found.measured,
        "tone": found.need.tone,
        "need": found.need.text,
        "need_alike": found.need.alike,
        "need_kind": found.need.kind,
        "need_by": found.need.by,
    }
