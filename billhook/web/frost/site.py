"""A cold night over a site: before it, what it hurt, cut fruit, the record for next time, and the
crop to come.
"""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.frost import before as frost_before
from ...services.frost import cold_nights
from ...services.frost import fruit as frost_fruit
from ...services.frost import night as frost_night
from ...services.frost import record as frost_record
from ...services.frost.tree import hurt_trees
from ..answers import body as answer
from ..answers import here, kind_name
from ..door.own import own_rows
from ..models.base import IdPath
from ..models.calc.frost import CutTestOut
from ..models.frost_site import (
    BeforeOut,
    BlockCutTestIn,
    BlockRecoveryOut,
    ColdNightsOut,
    FrostRecordOut,
    HurtsOut,
    NightIn,
    NightOut,
    ProtectIn,
    ProtectOut,
)

routes = APIBlueprint("frost_site", __name__, url_prefix="/api")


def _uncertain() -> float:
    """By how much a class is off either way [degrees C]."""
    return here().know.number("frost/uncertain")


@routes.get("/sites/<id>/cold-nights", responses={200: ColdNightsOut})
def get_cold_nights(path: IdPath) -> dict[str, Any]:
    """Nights the station measured that were cold in the coldest block, and the next one
    foreseen.
    """
    return answer(ColdNightsOut, cold_nights.cold_nights(here(), path.id))


@routes.post("/sites/<id>/night", responses={200: NightOut})
def post_night(path: IdPath, body: NightIn) -> dict[str, Any]:
    """What a night hurts, block by block; the trees that must be seen to first at the top."""
    found = frost_night.night(
        here(), path.id, body.day, body.min_c, body.hours, body.save, body.dry_soil, body.source
    )
    return answer(NightOut, {**vars(found), "uncertain_c": _uncertain()})


@routes.get("/sites/<id>/before-cold", responses={200: BeforeOut})
def get_before(path: IdPath) -> dict[str, Any]:
    """What is put on before the frosts and when it comes off, block by block; and what is done
    tonight.
    """
    found = frost_before.before_the_cold(here(), path.id)
    return answer(
        BeforeOut,
        {
            "blocks": [
                {**vars(b), "protections": [{**vars(p), "trees": n} for p, n in b.protections]}
                for b in found
            ]
        },
    )


@routes.post("/sites/<id>/protect", responses={200: ProtectOut})
def post_protect(path: IdPath, body: ProtectIn) -> dict[str, Any]:
    """Put a block's banks and wraps among the come-backs."""
    return {"set": frost_before.protect(here(), path.id, body.block_id)}


@routes.post("/sites/<id>/cut-test", responses={200: CutTestOut})
def post_block_cut_test(path: IdPath, body: BlockCutTestIn) -> dict[str, Any]:
    """A block's cut fruit after its last cold night, weighed and written down."""
    return answer(
        CutTestOut,
        frost_fruit.cut_sample(here(), path.id, body.block_id, body.id, body.cut, body.hurt),
    )


@routes.get("/sites/<id>/hurt", responses={200: HurtsOut})
def get_hurt(path: IdPath) -> dict[str, Any]:
    """Trees that bear a class of frost damage, the worst first."""
    found = [
        {"tree_id": i, "name": n, "frost_class": c, "night": d}
        for i, n, c, d in hurt_trees(here(), path.id, own_rows())
    ]
    return answer(HurtsOut, {"trees": found, "uncertain_c": _uncertain()})


@routes.get("/sites/<id>/frost-record", responses={200: FrostRecordOut})
def get_frost_record(path: IdPath) -> dict[str, Any]:
    """What frosts did on a site, for next time."""
    return answer(FrostRecordOut, frost_record.frost_record(here(), path.id, own_rows()))


@routes.get("/blocks/<id>/recovery", responses={200: BlockRecoveryOut})
def get_recovery(path: IdPath) -> dict[str, Any]:
    """Crop of a block in the ten years to come, each group brought back or replanted as advised."""
    found = frost_record.recovery_of_block(here(), path.id)
    groups = [
        {
            "frost_class": g.frost_class,
            "kind_name": kind_name(g.species, None),
            "trees": g.trees,
            "recovery": r,
        }
        for g, r in found.groups
    ]
    return answer(BlockRecoveryOut, {**vars(found), "known": found.usual_kg > 0, "groups": groups})
