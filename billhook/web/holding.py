"""The holding: set-up, planting, lists of trees, the plan view, and the catalogue."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ..catalogue import catalogue_version
from ..core.errors import FieldProblem, InvalidInput
from ..core.season.normals import Normals
from ..core.season.today import LANE_WORDS
from ..services.holding import planting, tree_lists
from ..services.holding.grove import GroveTree, grove
from ..services.season.almanac import almanac
from ..services.tree.framing import apply_row_mean
from .answers import body as answer
from .answers import here, kind_name
from .models.almanac import AlmanacOut, AlmanacQuery
from .models.holding import (
    BlockIn,
    BlockOut,
    CatalogueOut,
    CatalogueQuery,
    ClimateQuery,
    ClimatesOut,
    DayQuery,
    GroveOut,
    ImportIn,
    ImportOut,
    LatitudeNormalsIn,
    MeanOut,
    NearestOut,
    PhraseIn,
    PlantedOut,
    PlantIn,
    PlantingOut,
    SetUpIn,
    SiteOut,
    UnitsIn,
    UnitsOut,
)
from .models.trees import IdPath

holding = APIBlueprint("holding", __name__, url_prefix="/api")


@holding.get("/grove", responses={200: GroveOut})
def get_grove(query: DayQuery) -> dict[str, Any]:
    """The holding in plan on a day, with what each tree needs next."""
    at = here()
    view = grove(at, query.day or at.today())
    return answer(
        GroveOut,
        {
            "holding": view.holding.name if view.holding else None,
            "units": view.holding.units if view.holding else "metric",
            "day": view.day,
            "sites": view.sites,
            "blocks": view.blocks,
            "rows": view.rows,
            "trees": [_in_plan(t) for t in view.trees],
            "gaps": [{"row_id": r, "x": x, "y": y} for r, x, y in view.empty_places],
        },
    )


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
        "height_m": size.height_m if size else None,
        "spread_m": size.spread_m if size else None,
        "measured": found.measured,
        "tone": found.need.tone,
        "need": found.need.text,
        "need_alike": found.need.alike,
        "need_kind": found.need.kind,
        "need_by": found.need.by,
    }


@holding.get("/almanac", responses={200: AlmanacOut})
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
    found = almanac(at, query.day or at.today(), query.tree, query.block, query.months, what_if)
    lanes = [
        {
            "work": lane.work,
            "name": LANE_WORDS[lane.work],
            "segments": lane.segments,
            "prices": lane.prices,
            "costs": lane.costs,
        }
        for lane in found.lanes
    ]
    kind = kind_name(found.record.tree.species, found.record.cultivar)
    return answer(
        AlmanacOut,
        {**vars(found), "kind_name": kind, "species": found.record.tree.species, "lanes": lanes},
    )


@holding.get("/climates", responses={200: ClimatesOut})
def get_climates(query: ClimateQuery) -> dict[str, Any]:
    """Climates that ship with Billhook, as they stand in one hemisphere."""
    found = planting.climates(here(), query.southern == "true")
    return answer(
        ClimatesOut,
        {
            "climates": [
                {**vars(c), "tmin_c": c.normals.tmin_c, "tmax_c": c.normals.tmax_c} for c in found
            ]
        },
    )


@holding.post("/climates/nearest", responses={200: NearestOut})
def post_nearest(body: LatitudeNormalsIn) -> dict[str, Any]:
    """The shipped climate nearest to twelve pairs of temperatures."""
    return {
        "climate": planting.nearest(
            here(), Normals(tuple(body.tmin_c), tuple(body.tmax_c)), body.latitude
        )
    }


@holding.post("/sites", responses={201: SiteOut})
def post_site(body: SetUpIn) -> tuple[dict[str, Any], int]:
    """Describe a place; the first one makes the holding."""
    site = planting.set_up(
        here(),
        body.holding,
        body.site,
        body.latitude,
        body.climate,
        body.tmin_c,
        body.tmax_c,
        body.last_frost,
        body.first_frost,
        body.units,
        body.longitude,
        body.elevation_m,
    )
    return answer(SiteOut, site), 201


@holding.put("/units", responses={200: UnitsOut})
def put_units(body: UnitsIn) -> dict[str, Any]:
    """Switch the whole application between metric and feet and inches."""
    return {"units": planting.set_units(here(), body.units).units}


@holding.post("/plantings/understand", responses={200: PlantingOut})
def post_understand(body: PhraseIn) -> dict[str, Any]:
    """Read a planting out of a sentence."""
    return answer(PlantingOut, planting.understand(here(), body.text))


@holding.post("/plantings", responses={201: PlantedOut})
def post_planting(body: PlantIn) -> tuple[dict[str, Any], int]:
    """Put like trees into a row."""
    made = planting.plant(
        here(),
        body.site_id,
        body.block,
        body.row,
        body.count,
        body.species,
        body.planted_year,
        body.cultivar,
        body.rootstock,
        body.pot_l,
        body.under_cover,
        body.spacing_m,
    )
    return answer(PlantedOut, made), 201


@holding.put("/blocks/<id>", responses={200: BlockOut})
def put_block(path: IdPath, body: BlockIn) -> dict[str, Any]:
    """Describe a block: height cap, cold air, hedgerows."""
    return answer(
        BlockOut,
        planting.describe_block(
            here(),
            path.id,
            body.cap_m,
            body.offset_c,
            body.frost_pocket,
            body.rows,
            body.version,
            body.elevation_m,
        ),
    )


@holding.post("/trees/import", responses={200: ImportOut})
def post_import(body: ImportIn) -> dict[str, Any]:
    """Check a list of trees, and save it whole when asked; problems come with their line."""
    return answer(ImportOut, tree_lists.import_trees(here(), body.site_id, body.text, body.save))


@holding.get("/trees.csv")
def get_trees_csv() -> Response:
    """Every standing tree as CSV."""
    return Response(
        tree_lists.export_trees(here()),
        mimetype="text/csv",
        headers={"Content-Disposition": 'attachment; filename="trees.csv"'},
    )


@holding.post("/rows/<id>/mean", responses={200: MeanOut})
def post_mean(path: IdPath) -> dict[str, Any]:
    """Give the unmeasured trees of a row the mean of its measured ones."""
    return answer(MeanOut, apply_row_mean(here(), path.id, here().today()))


@holding.get("/catalogue", responses={200: CatalogueOut})
def get_catalogue(query: CatalogueQuery) -> dict[str, Any]:
    """What is known, each value with unit, range and provenance."""
    found = [k for k in here().know if k.id.startswith(query.prefix)]
    if query.prefix and not found:
        raise InvalidInput([FieldProblem("/prefix", "the catalogue holds nothing of that name")])
    return answer(
        CatalogueOut,
        {
            "version": catalogue_version(),
            "values": [
                {
                    **vars(k),
                    "sure": k.sure,
                    "value": list(k.value) if isinstance(k.value, tuple) else k.value,
                }
                for k in found
            ],
        },
    )
