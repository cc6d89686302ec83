"""After frost, as calculators without a stored tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.frost.after import AfterFrost
from ...core.frost.damage import ColdTree, frost_damage
from ...core.frost.feed import feed
from ...core.frost.fruit import cut_test
from ...core.frost.leaders import Shoot, leaders
from ...core.frost.recovery import Stand, recovery
from ...core.frost.scratch import Reading, scratched
from ...core.frost.stem import RoundReading, stem_round
from ...core.frost.verdict import frost_verdict
from ..answers import body as answer
from ..answers import here
from ..models.calc.frost import (
    CutTestIn,
    CutTestOut,
    FrostDamageIn,
    FrostDamageOut,
    FrostVerdictIn,
    FrostVerdictOut,
    LeaderIn,
    LeaderOut,
    RecoveryIn,
    RecoveryOut,
    ScratchIn,
    ScratchOut,
    StemRoundIn,
    StemRoundOut,
)

routes = APIBlueprint("calc_frost", __name__, url_prefix="/api/calc")


@routes.post("/frost-damage", responses={200: FrostDamageOut})
def post_damage(body: FrostDamageIn) -> dict[str, Any]:
    """What a cold night hurts on a tree, organ by organ; off by about 1.5 degrees either way."""
    given = body.model_dump(exclude={"min_c", "hours"})
    return answer(
        FrostDamageOut, frost_damage(here().know, ColdTree(**given), body.min_c, body.hours)
    )


@routes.post("/scratch", responses={200: ScratchOut})
def post_scratch(body: ScratchIn) -> dict[str, Any]:
    """Where to scratch next, or the boundary and the cut."""
    readings = [Reading(r.at_m, r.green) for r in body.readings]
    return answer(
        ScratchOut,
        scratched(
            body.length_m,
            readings,
            body.resolution_m,
            body.into_green_m,
            body.side_branches_m,
            body.judged,
        ),
    )


@routes.post("/stem-round", responses={200: StemRoundOut})
def post_stem_round(body: StemRoundIn) -> dict[str, Any]:
    """Where to scratch next round a stem, or how much of it lives and which side is dead."""
    return answer(
        StemRoundOut,
        stem_round([RoundReading(r.bearing_deg, r.green) for r in body.readings], body.step_deg),
    )


@routes.post("/frost-verdict", responses={200: FrostVerdictOut})
def post_verdict(body: FrostVerdictIn) -> dict[str, Any]:
    """Is it alive, when is it judged, when cut."""
    return answer(FrostVerdictOut, frost_verdict(here().know, AfterFrost(**body.model_dump())))


@routes.post("/cut-test", responses={200: CutTestOut})
def post_cut_test(body: CutTestIn) -> dict[str, Any]:
    """What a sample of cut fruit says of the crop."""
    return answer(CutTestOut, cut_test(here().know, **body.model_dump()))


@routes.post("/leader", responses={200: LeaderOut})
def post_leader(body: LeaderIn) -> dict[str, Any]:
    """Which shoots are grown on after a freeze."""
    return answer(
        LeaderOut,
        leaders(
            here().know, [Shoot(**s.model_dump()) for s in body.shoots], body.form, body.trunk_m
        ),
    )


@routes.post("/recovery", responses={200: RecoveryOut})
def post_recovery(body: RecoveryIn) -> dict[str, Any]:
    """Crop by year against replanting; with the canopy that was lost, feed and water too."""
    know, given = here().know, body.model_dump(exclude={"canopy_lost", "stand"})
    found = recovery(know, **given, stand=Stand(**body.stand.model_dump()) if body.stand else None)
    return answer(
        RecoveryOut,
        {
            **vars(found),
            "feed": feed(know, body.canopy_lost) if body.canopy_lost is not None else None,
        },
    )
