"""Heights of a block."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.heights.section import Profile
from ...services.heights import block as service
from ...services.heights import rotations, sample, section
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.base import IdPath
from ..models.block_heights import (
    BlockHeightsOut,
    HedgingIn,
    RoundOut,
    SampleOut,
    SampleQuery,
    SchoolsIn,
    SchoolsOut,
    SectionAskIn,
    SectionViewOut,
)
from .rotations import _rotation

routes = APIBlueprint("heights_block", __name__, url_prefix="/api")


def profile_body(profile: Profile) -> dict[str, Any]:
    """A section with its roof."""
    return {**vars(profile.section), "pitch_deg": profile.pitch_deg, "peak_m": profile.peak_m}


def _own(body: SchoolsIn) -> dict[str, Any]:
    """The grower's own numbers of a school; None is the catalogue's."""
    return {
        "recovery": tuple(body.recovery) if body.recovery else None,
        "regrow_m": body.regrow_m,
        "swing": body.swing,
        "late_years": body.late_years,
    }


@routes.get("/blocks/<id>/sample", responses={200: SampleOut})
def get_sample(path: IdPath, query: SampleQuery) -> dict[str, Any]:
    """Which trees of a block to measure, spread over sizes and rows, and what that tells."""
    found, rows = sample.sample(here(), path.id, query.n, query.units), own_rows()
    trees = [t for t in found.trees if rows is None or t.row_id in rows]
    return answer(SampleOut, {**vars(found), "trees": trees})


@routes.get("/blocks/<id>/heights", responses={200: BlockHeightsOut})
def get_heights(path: IdPath) -> dict[str, Any]:
    """What heights of a block are planned from: its rows, its section as it stands and to its cap,
    its rotations.
    """
    at = here()
    found = service.block_heights(at, path.id)
    return answer(
        BlockHeightsOut,
        {
            **vars(found),
            "vigour": found.stand.vigour,
            "scaffolds": found.stand.scaffolds,
            "low_m": found.low_m,
            "tip_m": found.tip_m,
            "profile": profile_body(found.profile),
            "proposed": profile_body(found.proposed),
            "lines": found.hedge_rows,
            "rotations": [_rotation(v) for v in rotations.view(at, "block", path.id)],
        },
    )


@routes.post("/blocks/<id>/section", responses={200: SectionViewOut})
def post_section(path: IdPath, body: SectionAskIn) -> dict[str, Any]:
    """A section dragged to a new wall: sun, cost, rules, and how tall the row may be."""
    ask = section.SectionAsk(
        body.cut.core(),
        body.now.core() if body.now else None,
        body.date,
        body.at_m,
        body.hours,
        body.step_m,
        body.spacing_m,
        body.bearing_deg,
        tuple(o.core() for o in body.obstacles),
    )
    return answer(SectionViewOut, section.section_view(here(), path.id, ask, body.units))


@routes.post("/blocks/<id>/schools", responses={200: SchoolsOut})
def post_schools(path: IdPath, body: SchoolsIn) -> dict[str, Any]:
    """Schools of renewal side by side over years, for the trees of a block."""
    at = here()
    found = service.schools_over_years(
        at, path.id, body.schools, body.years, _own(body), body.cap_m, body.by_machine, body.units
    )
    cap = body.cap_m if body.cap_m is not None else service.block_heights(at, path.id).cap_m
    return answer(SchoolsOut, {"first_year": at.today().year, "cap_m": cap, "compared": found})


@routes.post("/blocks/<id>/hedging-round", responses={200: RoundOut})
def post_round(path: IdPath, body: HedgingIn) -> dict[str, Any]:
    """Faces and years, passes, hours, paint, clippings and hand follow-up of a hedging round."""
    return answer(
        RoundOut, service.round_of(here(), path.id, body.cut.core(), body.years, body.units)
    )
