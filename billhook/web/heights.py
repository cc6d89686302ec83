"""Heights of stored blocks and trees: section and sun, schools over years, which limb, shapes,
hedging rounds, rotations.
"""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ..core.heights.compare import school_of
from ..core.heights.section import Profile
from ..core.light.inner import inside
from ..core.light.rows import Section
from ..services.heights import block as service
from ..services.heights import rotations
from ..services.heights import tree as tree_heights
from ..services.heights.rotations import RotationView
from .answers import body as answer
from .answers import drawn, here
from .models.calc_heights import EnvelopeOut, WhichLimbOut
from .models.heights import (
    BlockHeightsOut,
    GrownIn,
    GrownOut,
    HedgingIn,
    RotationEndIn,
    RotationIn,
    RotationOut,
    RotationsOut,
    RotationsQuery,
    RoundOut,
    SchoolsIn,
    SchoolsOut,
    SectionAskIn,
    SectionViewOut,
    ShadesOut,
    TreeEnvelopeIn,
)
from .models.holding import DayQuery
from .models.trees import IdPath

heights = APIBlueprint("heights", __name__, url_prefix="/api")


def profile_body(profile: Profile) -> dict[str, Any]:
    """A section with its roof."""
    return {**vars(profile.section), "pitch_deg": profile.pitch_deg, "peak_m": profile.peak_m}


def envelope_body(found: tree_heights.Envelope) -> dict[str, Any]:
    """Limbs that break a shape, and its edge."""
    return {
        "top_m": found.outline.top_m,
        "half_m": found.outline.half_m,
        "breaks": [{**vars(b), "name": name} for name, b in found.breaks],
        "edge": [{"z": z, "half_m": half} for z, half in found.edge],
    }


def _own(body: SchoolsIn) -> dict[str, Any]:
    """The grower's own numbers of a school; None is the catalogue's."""
    return {
        "recovery": tuple(body.recovery) if body.recovery else None,
        "regrow_m": body.regrow_m,
        "swing": body.swing,
        "late_years": body.late_years,
    }


def _rotation(found: RotationView) -> dict[str, Any]:
    return {
        **found.rotation.model_dump(),
        "name": found.name,
        "scope_name": found.scope_name,
        "tasks": found.tasks,
    }


@heights.get("/blocks/<id>/heights", responses={200: BlockHeightsOut})
def get_heights(path: IdPath) -> dict[str, Any]:
    """What heights of a block are planned from: its rows, its section as it stands and to its cap,
    its rotations.
    """
    at = here()
    found = service.block_heights(at, path.id)
    now, stand = found.profile.section, found.stand
    school = school_of(at.know, "third_of_tree", stand)
    height = min(now.height_m, stand.cap_m)
    base = min(now.base_width_m, max(0.8, found.spacing_m - at.know.number("wall/alley")))
    slope = (now.base_width_m - now.top_width_m) / 2 / max(0.1, now.height_m - now.skirt_m)
    proposed = Profile(
        Section(height, base, max(0.2, base - 2 * slope * (height - now.skirt_m)), now.skirt_m)
    )
    return answer(
        BlockHeightsOut,
        {
            **vars(found),
            "vigour": stand.vigour,
            "scaffolds": stand.scaffolds,
            "low_m": school.low_m,
            "tip_m": school.tip_m,
            "profile": profile_body(found.profile),
            "inner": inside(at.know, found.species, found.group),
            "proposed": profile_body(proposed),
            "lines": found.hedge_rows,
            "rotations": [_rotation(v) for v in rotations.view(at, "block", path.id)],
        },
    )


@heights.post("/blocks/<id>/section", responses={200: SectionViewOut})
def post_section(path: IdPath, body: SectionAskIn) -> dict[str, Any]:
    """A section dragged to a new wall: sun, cost, rules, and how tall the row may be."""
    ask = service.SectionAsk(
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
    return answer(SectionViewOut, service.section_view(here(), path.id, ask, body.units))


@heights.post("/blocks/<id>/schools", responses={200: SchoolsOut})
def post_schools(path: IdPath, body: SchoolsIn) -> dict[str, Any]:
    """Schools of renewal side by side over years, for the trees of a block."""
    at = here()
    found = service.schools_over_years(
        at, path.id, body.schools, body.years, _own(body), body.cap_m, body.by_machine, body.units
    )
    cap = body.cap_m if body.cap_m is not None else service.block_heights(at, path.id).cap_m
    return answer(SchoolsOut, {"first_year": at.today().year, "cap_m": cap, "compared": found})


@heights.post("/trees/<id>/schools", responses={200: SchoolsOut})
def post_tree_schools(path: IdPath, body: SchoolsIn) -> dict[str, Any]:
    """Schools of renewal side by side over years, for one tree; `by_machine` is a thing of rows and
    has no effect.
    """
    at = here()
    cap, found = tree_heights.schools_of_tree(
        at, path.id, body.schools, body.years, _own(body), body.cap_m, body.units
    )
    return answer(SchoolsOut, {"first_year": at.today().year, "cap_m": cap, "compared": found})


@heights.post("/blocks/<id>/hedging-round", responses={200: RoundOut})
def post_round(path: IdPath, body: HedgingIn) -> dict[str, Any]:
    """Faces and years, passes, hours, paint, clippings and hand follow-up of a hedging round."""
    return answer(
        RoundOut, service.round_of(here(), path.id, body.cut.core(), body.years, body.units)
    )


@heights.get("/trees/<id>/which-limb", responses={200: WhichLimbOut})
def get_which_limb(path: IdPath) -> dict[str, Any]:
    """Which main limb of a tree goes next, from its drawing and from what was cut before."""
    at = here()
    low, tip = rotations.levels(at, path.id)
    return answer(
        WhichLimbOut, {"limbs": rotations.ranked(at, path.id, low), "low_m": low, "tip_m": tip}
    )


@heights.post("/trees/<id>/envelope", responses={200: EnvelopeOut})
def post_envelope(path: IdPath, body: TreeEnvelopeIn) -> dict[str, Any]:
    """A shape laid over a tree, and the limbs that break it."""
    return answer(
        EnvelopeOut,
        envelope_body(
            tree_heights.envelope_of(
                here(),
                path.id,
                body.shape,
                body.top_m,
                body.half_m,
                body.draw_in_m,
                body.draw_in_deg,
            )
        ),
    )


@heights.post("/trees/<id>/grown", responses={200: GrownOut})
def post_grown(path: IdPath, body: GrownIn) -> dict[str, Any]:
    """A tree over seasons of a school, as it would be drawn."""
    found = tree_heights.grown_tree(here(), path.id, body.school, body.years, body.cap_m)
    seasons = [
        {**vars(s), "year": found.first_year + i, "cut_name": name, "frame": drawn(view)}
        for i, (s, view, name) in enumerate(found.seasons)
    ]
    return answer(GrownOut, {"school": body.school, "name": found.name, "seasons": seasons})


@heights.get("/trees/<id>/shade", responses={200: ShadesOut})
def get_shade(path: IdPath, query: DayQuery) -> dict[str, Any]:
    """Who shades whom in a planting of two or three trees."""
    date, pairs, reasons = tree_heights.shade_of(here(), path.id, query.day)
    return answer(ShadesOut, {"date": date, "pairs": pairs, "reasons": reasons})


@heights.get("/rotations", responses={200: RotationsOut})
def get_rotations(query: RotationsQuery) -> dict[str, Any]:
    """Rotations of a scope with their dated work, those given up too."""
    return answer(
        RotationsOut,
        {"rotations": [_rotation(v) for v in rotations.view(here(), query.scope, query.scope_id)]},
    )


@heights.post("/rotations", responses={201: RotationOut})
def post_rotation(body: RotationIn) -> tuple[dict[str, Any], int]:
    """Adopt a school: it becomes dated work in the almanac's windows."""
    at = here()
    made = rotations.adopt(
        at,
        body.id,
        body.scope,
        body.scope_id,
        body.school,
        body.low_m,
        body.tip_m,
        body.years,
        body.first_year,
    )
    return answer(RotationOut, _rotation(rotations.one(at, made.id))), 201


@heights.post("/rotations/<id>/end", responses={200: RotationOut})
def post_end(path: IdPath, body: RotationEndIn) -> dict[str, Any]:
    """Give a rotation up; what was done stays."""
    at = here()
    rotations.give_up(at, path.id, body.version)
    return answer(RotationOut, _rotation(rotations.one(at, path.id)))
