"""The calculators of the cut plan: the choice, and what follows a cut."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..core.aftercare import quantities
from ..core.aftercare.crop import yield_cost
from ..core.cuts.technique import advise
from ..core.frame.check import checked
from ..core.frame.share import frame_answer
from ..core.frame.wood import wood_parameters
from ..core.plan.choose import Candidate, choose_cuts
from .answers import body as answer
from .answers import here, known_row
from .models.plan import (
    ClippingsIn,
    ClippingsOut,
    CutPlanIn,
    CutPlanOut,
    DisinfectantIn,
    DisinfectantOut,
    LimbIn,
    LimbOut,
    TechniqueIn,
    TechniqueOut,
    WhitewashIn,
    WhitewashOut,
    WoundIn,
    WoundOut,
    YieldCostIn,
    YieldCostOut,
)

calc_plan = APIBlueprint("calc_plan", __name__, url_prefix="/api/calc")


@calc_plan.post("/cut-plan", responses={200: CutPlanOut})
def cut_plan(body: CutPlanIn) -> dict[str, Any]:
    """The cuts that bring most within the share left: exact, obligations always in."""
    candidates = [Candidate(**{**c.model_dump(), "excludes": tuple(c.excludes)}) for c in body.candidates]
    return answer(CutPlanOut, choose_cuts(candidates, body.limit))


@calc_plan.post("/limb", responses={200: LimbOut})
def limb(body: LimbIn) -> dict[str, Any]:
    """Length and mass of an uncut limb from its diameter, with a mass to plan lifting for."""
    known_row("/species", "species", body.species)
    wood = wood_parameters(here().know, body.species)
    if body.green_density_kg_m3 is not None:
        wood = wood.with_density(body.green_density_kg_m3)
    return answer(LimbOut, quantities.limb_mass(here().know, wood, body.diameter_mm))


@calc_plan.post("/wound", responses={200: WoundOut})
def wound(body: WoundIn) -> dict[str, Any]:
    """Years until a wound closes."""
    known_row("/species", "species", body.species)
    return answer(WoundOut, quantities.wound(here().know, **body.model_dump()))


@calc_plan.post("/clippings", responses={200: ClippingsOut})
def clippings(body: ClippingsIn) -> dict[str, Any]:
    """What clippings come to as chips and mulch."""
    known_row("/species", "species", body.species)
    group = here().know.text(f"species/{body.species}/group") if body.species else "other"
    return answer(ClippingsOut, quantities.clippings(here().know, body.fresh_kg, group, body.depth_m, body.moisture, body.nitrogen))


@calc_plan.post("/whitewash", responses={200: WhitewashOut})
def whitewash(body: WhitewashIn) -> dict[str, Any]:
    """Whitewash for bared bark."""
    trunks, limbs = ([(b.diameter_mm, b.length_m) for b in part] for part in (body.trunks, body.limbs))
    return answer(WhitewashOut, quantities.whitewash(here().know, trunks, limbs, body.coats, body.cover_m2_per_l))


@calc_plan.post("/disinfectant", responses={200: DisinfectantOut})
def disinfectant(body: DisinfectantIn) -> dict[str, Any]:
    """Disinfectant for a round of trees."""
    return answer(DisinfectantOut, quantities.disinfectant(here().know, **body.model_dump()))


@calc_plan.post("/yield-cost", responses={200: YieldCostOut})
def yield_cost_(body: YieldCostIn) -> dict[str, Any]:
    """The crop that a share of canopy costs, this year, next and the third."""
    return answer(YieldCostOut, yield_cost(here().know, body.share, body.ripe_on, body.after_drop, body.after_heavy, body.before_heavy))


@calc_plan.post("/technique", responses={200: TechniqueOut})
def technique(body: TechniqueIn) -> dict[str, Any]:
    """How to make cuts: place, technique, tool, minutes, closing of the wound, and what could hurt."""
    known_row("/species", "species", body.species)
    know, frame, cuts = here().know, body.frame.core(), [c.core() for c in body.cuts]
    checked(frame, cuts)
    costs = frame_answer(frame, cuts, wood_parameters(know, body.species)).cuts
    return answer(TechniqueOut, {"cuts": [advise(frame, cost, know, body.work, body.species, body.vigour, body.units) for cost in costs]})
