"""Trees in and out as a list."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.holding import geojson, tree_lists
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.tree_lists import ImportIn, ImportOut

routes = APIBlueprint("holding_tree_lists", __name__, url_prefix="/api")


@routes.post("/trees/import", responses={200: ImportOut})
def post_import(body: ImportIn) -> dict[str, Any]:
    """Check a list of trees, and save it whole when asked; problems come with their line."""
    return answer(ImportOut, tree_lists.import_trees(here(), body.site_id, body.text, body.save))


@routes.post("/trees/geojson", responses={200: ImportOut})
def post_geojson(body: ImportIn) -> dict[str, Any]:
    """Check surveyed blocks and trees of a GeoJSON file, and save them whole when asked; problems
    come with the number of their feature as their line.
    """
    return answer(ImportOut, geojson.import_geojson(here(), body.site_id, body.text, body.save))


@routes.get("/sites/<id>/grove.geojson")
def get_geojson(path: IdPath) -> Response:
    """Blocks, rows and standing trees of a place as GeoJSON."""
    return Response(
        geojson.export_geojson(here(), path.id),
        mimetype="application/geo+json",
        headers={"Content-Disposition": 'attachment; filename="grove.geojson"'},
    )


@routes.get("/trees.csv")
def get_trees_csv() -> Response:
    """Every standing tree as CSV."""
    return Response(
        tree_lists.export_trees(here()),
        mimetype="text/csv",
        headers={"Content-Disposition": 'attachment; filename="trees.csv"'},
    )
