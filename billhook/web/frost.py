"""After frost: calculators, the night over a site, and hurt trees."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..core.frost.damage import ColdTree, frost_damage
from ..core.frost.regrow import Shoot, feed, leaders, recovery
from ..core.frost.scratch import Reading, scratched
from ..core.frost.verdict import AfterFrost, frost_verdict
from ..services import frost as service
from .answers import body as answer
from .answers import drawn, here
from .models.frost import (
    FrostDamageIn,
    FrostDamageOut,
    FrostVerdictIn,
    FrostVerdictOut,
    HurtsOut,
    LeaderIn,
    LeaderOut,
    NightIn,
    NightOut,
    RecoveryIn,
    RecoveryOut,
    ScratchIn,
    ScratchOut,
    TreeFrostOut,
    TreeScratchIn,
)
from .models.trees import IdPath

frost = APIBlueprint("frost", __name__, url_prefix="/api")


@frost.post("/calc/frost-damage", responses={200: FrostDamageOut})
def post_damage(body: FrostDamageIn) -> dict[str, Any]:
    """What a cold night hurts on a tree, organ by organ; off by about 1.5 degrees either way."""
    given = body.model_dump(exclude={"min_c", "hours"})
    return answer(FrostDamageOut, frost_damage(here().know, ColdTree(**given), body.min_c, body.hours))


@frost.post("/calc/scratch", responses={200: ScratchOut})
def post_scratch(body: ScratchIn) -> dict[str, Any]:
    """Where to scratch next, or the boundary and the cut."""
    readings = [Reading(r.at_m, r.green) for r in body.readings]
    return answer(ScratchOut, scratched(body.length_m, readings, body.resolution_m, body.into_green_m, body.side_branches_m, body.judged))


@frost.post("/calc/frost-verdict", responses={200: FrostVerdictOut})
def post_verdict(body: FrostVerdictIn) -> dict[str, Any]:
    """Is it alive, when is it judged, when cut."""
    return answer(FrostVerdictOut, frost_verdict(here().know, AfterFrost(**body.model_dump())))


@frost.post("/calc/leader", responses={200: LeaderOut})
def post_leader(body: LeaderIn) -> dict[str, Any]:
    """Which shoots are grown on after a freeze."""
    return answer(LeaderOut, leaders(here().know, [Shoot(**s.model_dump()) for s in body.shoots], body.form, body.trunk_m))


@frost.post("/calc/recovery", responses={200: RecoveryOut})
def post_recovery(body: RecoveryIn) -> dict[str, Any]:
    """Crop by year against replanting; with the canopy that was lost, feed and water too."""
    know, given = here().know, body.model_dump(exclude={"canopy_lost"})
    found = recovery(know, **given)
    return answer(RecoveryOut, {**vars(found), "feed": feed(know, body.canopy_lost) if body.canopy_lost is not None else None})


@frost.post("/sites/<id>/night", responses={200: NightOut})
def post_night(path: IdPath, body: NightIn) -> dict[str, Any]:
    """What a night hurts, block by block; the trees that must be seen to first at the top."""
    return answer(NightOut, service.night(here(), path.id, body.day, body.min_c, body.hours, body.save))


@frost.get("/sites/<id>/hurt", responses={200: HurtsOut})
def get_hurt(path: IdPath) -> dict[str, Any]:
    """Trees that bear a class of frost damage, the worst first."""
    found = service.hurt_trees(here(), path.id)
    return answer(HurtsOut, {"trees": [{"tree_id": i, "name": n, "frost_class": c, "night": d} for i, n, c, d in found]})


@frost.get("/trees/<id>/after-frost", responses={200: TreeFrostOut})
def get_after_frost(path: IdPath) -> dict[str, Any]:
    """A hurt tree: verdict, signs, scratches, feed, and the crop to come."""
    at = here()
    found = service.after_frost(at, path.id)
    if found is None:
        return answer(TreeFrostOut, {"hurt": False, "today": at.today()})
    return answer(
        TreeFrostOut,
        {
            **vars(found),
            "hurt": True,
            "today": at.today(),
            "names": found.frame.names if found.frame else {},
            "frame": drawn(found.frame) if found.frame else None,
        },
    )


@frost.post("/trees/<id>/scratches", responses={201: TreeFrostOut})
def post_tree_scratch(path: IdPath, body: TreeScratchIn) -> tuple[dict[str, Any], int]:
    """Write a scratch down."""
    service.scratch(here(), path.id, body.id, body.limb, body.at_m, body.green, body.day)
    return get_after_frost(path=path), 201
