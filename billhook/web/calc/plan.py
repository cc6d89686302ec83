"""The calculators of the cut plan: the choice, and what follows a cut."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core import safety
from ...core.aftercare import quantities
from ...core.aftercare.crop import yield_cost
from ...core.cuts.technique import advise
from ...core.frame.check import checked
from ...core.frame.share import frame_answer
from ...core.frame.wood import wood_parameters
from ...core.plan.choose import choose_cuts
from ...core.plan.knapsack import Candidate
from ..answers import body as answer
from ..answers import here, known_row
from ..models.calc.plan import (
    ClippingsIn,
    ClippingsOut,
    CutPlanIn,
    CutPlanOut,
    DisinfectantIn,
    DisinfectantOut,
    LimbCalcIn,
    LimbOut,
    SafetyIn,
    SafetyOut,
    TechniqueIn,
    TechniqueOut,
    WhitewashIn,
    WhitewashOut,
    WoundIn,
    WoundOut,
    YieldCostIn,
    YieldCostOut,
)

routes = APIBlueprint("calc_plan", __name__, url_prefix="/api/calc")


@routes.post("/cut-plan", responses={200: CutPlanOut})
def cut_plan(body: CutPlanIn) -> dict[str, Any]:
    """The cuts that bring most within the share left: exact, obligations always in."""
    candidates = [
        Candidate(**{**c.model_dump(), "excludes": tuple(c.excludes)}) for c in body.candidates
    ]
    return answer(CutPlanOut, choose_cuts(candidates, body.limit))


@routes.post("/limb", responses={200: LimbOut})
def limb(body: LimbCalcIn) -> dict[str, Any]:
    """Length and mass of an uncut limb from its diameter, with a mass to plan lifting for."""
    known_row("/species", "species", body.species)
    wood = wood_parameters(here().know, body.species)
    if body.green_density_kg_m3 is not None:
        wood = wood.with_density(body.green_density_kg_m3)
    return answer(LimbOut, quantities.limb_mass(here().know, wood, body.diameter_mm))


@routes.post("/wound", responses={200: WoundOut})
def wound(body: WoundIn) -> dict[str, Any]:
    """Years until a wound closes."""
    known_row("/species", "species", body.species)
    return answer(WoundOut, quantities.wound(here().know, **body.model_dump()))


@routes.post("/clippings", responses={200: ClippingsOut})
def clippings(body: ClippingsIn) -> dict[str, Any]:
    """What clippings come to as chips and mulch."""
    known_row("/species", "species", body.species)
    group = here().know.text(f"species/{body.species}/group") if body.species else "other"
    return answer(
        ClippingsOut,
        quantities.clippings(
            here().know, body.fresh_kg, group, body.depth_m, body.moisture, body.nitrogen
        ),
    )


@routes.post("/whitewash", responses={200: WhitewashOut})
def whitewash(body: WhitewashIn) -> dict[str, Any]:
    """Whitewash for bared bark."""
    trunks, limbs = (
        [(b.diameter_mm, b.length_m) for b in part] for part in (body.trunks, body.limbs)
    )
    return answer(
        WhitewashOut,
        quantities.whitewash(here().know, trunks, limbs, body.coats, body.cover_m2_per_l),
    )


@routes.post("/disinfectant", responses={200: DisinfectantOut})
def disinfectant(body: DisinfectantIn) -> dict[str, Any]:
    """Disinfectant for a round of trees."""
    return answer(DisinfectantOut, quantities.disinfectant(here().know, **body.model_dump()))


@routes.post("/yield-cost", responses={200: YieldCostOut})
def yield_cost_(body: YieldCostIn) -> dict[str, Any]:
    """The crop that a share of canopy costs, this year, next and the third."""
    return answer(
        YieldCostOut,
        yield_cost(
            here().know,
            body.share,
            body.ripe_on,
            body.after_drop,
            body.after_heavy,
            body.before_heavy,
        ),
    )


@routes.post("/technique", responses={200: TechniqueOut})
def technique(body: TechniqueIn) -> dict[str, Any]:
    """How to make cuts: place, technique, tool, minutes, closing of the wound, and what could
    hurt.
    """
    known_row("/species", "species", body.species)
    know, frame, cuts = here().know, body.frame.core(), [c.core() for c in body.cuts]
    checked(frame, cuts)
    costs = frame_answer(frame, cuts, wood_parameters(know, body.species)).cuts
    return answer(
        TechniqueOut,
        {
            "cuts": [
                advise(frame, cost, know, body.work, body.species, body.vigour, body.units)
                for cost in costs
            ]
        },
    )


@routes.post("/safety", responses={200: SafetyOut})
def post_safety(body: SafetyIn) -> dict[str, Any]:
    """Heat of work, the slope of a straight ladder, distance to a line, drop zone: published
    figures beside your own local rules.
    """
    know = here().know
    heat = safety.heat_of_work(know, body.air_c, body.humidity) if body.air_c is not None else None
    ladder = (
        safety.straight_ladder(know, body.contact_m, body.units)
        if body.contact_m is not None
        else None
    )
    return answer(
        SafetyOut,
        {
            "feels_c": heat.feels_c if heat else None,
            "heat": heat.band if heat else None,
            "ladder_foot_m": ladder.foot_m if ladder else None,
            "ladder_length_m": ladder.length_m if ladder else None,
            "line_m": safety.line_clearance_m(know, body.line_kv)
            if body.line_kv is not None
            else None,
            "drop_zone_m": safety.drop_zone_m(know, body.limb_m)
            if body.limb_m is not None
            else None,
            "reasons": [x.reason for x in (heat, ladder) if x is not None],
        },
    )
