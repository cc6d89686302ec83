"""Setting up: the place, what stands there, a block."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.lie import Lie
from ...core.season.normals import Normals
from ...services.holding import blocks, planting, setting_up
from ...services.tree import put_right
from ...services.tree.framing import apply_row_mean
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.grove import BlockOut, SiteOut
from ..models.planting import (
    BlockIn,
    ClimateQuery,
    ClimatesOut,
    LatitudeNormalsIn,
    MeanOut,
    NearestOut,
    PhraseIn,
    PlantedOut,
    PlantIn,
    PlantingOut,
    SetUpIn,
    UnitsIn,
    UnitsOut,
)
from ..models.trees import CalledIn, CalledOut

routes = APIBlueprint("holding_planting", __name__, url_prefix="/api")


@routes.get("/climates", responses={200: ClimatesOut})
def get_climates(query: ClimateQuery) -> dict[str, Any]:
    """Climates that ship with Billhook, as they stand in one hemisphere."""
    found = setting_up.climates(here(), query.southern == "true")
    return answer(
        ClimatesOut,
        {
            "climates": [
                {**vars(c), "tmin_c": c.normals.tmin_c, "tmax_c": c.normals.tmax_c} for c in found
            ]
        },
    )


@routes.post("/climates/nearest", responses={200: NearestOut})
def post_nearest(body: LatitudeNormalsIn) -> dict[str, Any]:
    """The shipped climate nearest to twelve pairs of temperatures."""
    return {
        "climate": setting_up.nearest(
            here(), Normals(tuple(body.tmin_c), tuple(body.tmax_c)), body.latitude
        )
    }


@routes.post("/sites", responses={201: SiteOut})
def post_site(body: SetUpIn) -> tuple[dict[str, Any], int]:
    """Describe a place; the first one makes the holding."""
    site = setting_up.set_up(
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


@routes.put("/units", responses={200: UnitsOut})
def put_units(body: UnitsIn) -> dict[str, Any]:
    """Switch the whole application between metric and feet and inches."""
    return {"units": setting_up.set_units(here(), body.units).units}


@routes.post("/plantings/understand", responses={200: PlantingOut})
def post_understand(body: PhraseIn) -> dict[str, Any]:
    """Read what stands there out of a sentence."""
    return answer(PlantingOut, planting.understand(here(), body.text, body.day))


@routes.post("/plantings", responses={201: PlantedOut})
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
        rows=body.rows,
        row_spacing_m=body.row_spacing_m,
        like=planting.Like(
            body.height_m,
            body.spread_m,
            body.trunk_mm,
            body.origin,
            body.medium,
            body.form,
            body.together,
        ),
    )
    return answer(PlantedOut, made), 201


@routes.put("/blocks/<id>", responses={200: BlockOut})
def put_block(path: IdPath, body: BlockIn) -> dict[str, Any]:
    """Describe a block: height cap, cold air, hedgerows."""
    return answer(
        BlockOut,
        setting_up.describe_block(
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


@routes.post("/rows/<id>/mean", responses={200: MeanOut})
def post_mean(path: IdPath) -> dict[str, Any]:
    """Give the unmeasured trees of a row the mean of its measured ones."""
    return answer(MeanOut, apply_row_mean(here(), path.id, here().today()))


@routes.patch("/rows/<id>", responses={200: CalledOut})
def patch_row(path: IdPath, body: CalledIn) -> dict[str, Any]:
    """What a row is called (empty for its number), how its trees stand, a note on it."""
    at = here()
    if body.note is not None:
        put_right.note_on(at, "row", path.id, body.note)
    if body.spacing_m is not None:
        put_right.set_out(at, path.id, body.spacing_m, body.bearing_deg)
    row = put_right.call_row(at, path.id, body.name)
    return answer(CalledOut, {"id": row.id, "called": row.called})


@routes.patch("/blocks/<id>", responses={200: CalledOut})
def patch_block(path: IdPath, body: CalledIn) -> dict[str, Any]:
    """What a block is called, which way its rows run, a note on it."""
    if body.note is not None:
        put_right.note_on(here(), "block", path.id, body.note)
    if body.bearing_deg is not None:
        turned = Lie(body.bearing_deg, None, None)
        blocks.lay_block(here(), path.id, 0.0, 0.0, turned, save=True)
    block = put_right.call_block(here(), path.id, body.version or 0, body.name)
    return answer(CalledOut, {"id": block.id, "called": block.name})
