"""Calculators of heights: rows and sun, renewal, walls, shapes, which limb."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.aftercare.quantities import whitewash
from ...core.cuts.names import limb_names
from ...core.frame.check import checked
from ...core.heights.renewal import School, course
from ...core.heights.section import trade_rules, wall_cost
from ...core.heights.standing import check_section
from ...core.heights.ways import way
from ...core.heights.which import rank_limbs
from ...core.light.bark import bark_reason, bark_sun
from ...core.light.inner import between_rows
from ...core.light.rows import Rows, Section, sun_reason, tallest_for, wall_sun
from ...core.walk.tree import WalkTree
from ...services.heights.tree import laid_over
from ..answers import body as answer
from ..answers import here
from ..heights.tree import envelope_body
from ..models.calc.heights import (
    BarkSunIn,
    BarkSunOut,
    EnvelopeIn,
    EnvelopeOut,
    HedgerowIn,
    HedgerowOut,
    RenewalIn,
    RenewalOut,
    WallIn,
    WallTakesOut,
    WhichLimbIn,
    WhichLimbOut,
)

routes = APIBlueprint("calc_heights", __name__, url_prefix="/api/calc")


@routes.post("/hedgerow", responses={200: HedgerowOut})
def post_hedgerow(body: HedgerowIn) -> dict[str, Any]:
    """Hours of direct sun on both walls of endless rows on a date, before and after a cut."""
    know = here().know
    rows = Rows(
        body.latitude,
        body.row_bearing_deg,
        body.row_spacing_m,
        body.longitude,
        body.step_m,
        tuple(o.core() for o in body.obstacles),
    )
    section = Section(body.height_m, body.base_width_m, body.top_width_m, body.skirt_m)
    check_section(section, body.row_spacing_m)
    cut = body.cut and Section(
        body.cut.height_m, body.cut.base_width_m, body.cut.top_width_m, body.cut.skirt_m
    )
    if cut:
        check_section(cut, body.row_spacing_m, "/cut")
    walls = wall_sun(rows, section, body.heights_m, body.date)
    after = wall_sun(rows, cut, body.heights_m, body.date) if cut else None
    tallest = None
    if body.hours is not None:
        at_m = body.at_m if body.at_m is not None else section.skirt_m
        tallest = [
            tallest_for(rows, cut or section, f, at_m, body.hours, body.date) for f in rows.walls
        ]
    inner, inside_wall = between_rows(know, body.row_spacing_m - body.base_width_m)
    reasons = [sun_reason(walls, body.date, body.row_spacing_m), inside_wall]
    return answer(
        HedgerowOut,
        {
            "walls": walls,
            "cut_walls": after,
            "tallest_m": tallest,
            "inner_light": inner,
            "reasons": reasons,
        },
    )


@routes.post("/renewal", responses={200: RenewalOut})
def post_renewal(body: RenewalIn) -> dict[str, Any]:
    """A school of renewal over years: what goes down, crop and height."""
    given = body.model_dump(exclude={"school", "years", "start_m", "rows", "cap_m", "recovery"})
    what = way(here().know, body.school)
    school = School(what.goes_down, recovery=tuple(body.recovery), tips=what.tips, **given)
    return answer(RenewalOut, course(school, body.start_m, body.years, body.rows, body.cap_m))


@routes.post("/wall", responses={200: WallTakesOut})
def post_wall(body: WallIn) -> dict[str, Any]:
    """What a new wall takes of a row, what it costs, whether a bar can, and the rules of the trade
    beside it.
    """
    know, now, cut = here().know, body.now.core(), body.cut.core()
    for pointer, profile in (("/now", now), ("/cut", cut)):
        check_section(profile.section, body.row_spacing_m, pointer)
    cost = wall_cost(know, now, cut, body.ripe_on, body.thickest_mm, body.units)
    rules = trade_rules(
        know, Rows(body.latitude, body.row_bearing_deg, body.row_spacing_m), cut, body.units
    )
    return answer(WallTakesOut, {**vars(cost), "rules": rules})


@routes.post("/envelope", responses={200: EnvelopeOut})
def post_envelope(body: EnvelopeIn) -> dict[str, Any]:
    """A shape over a frame, and the limbs that break it."""
    frame = body.frame.core()
    checked(frame)
    return answer(EnvelopeOut, envelope_body(laid_over(frame, body.outline.core())))


@routes.post("/which-limb", responses={200: WhichLimbOut})
def post_which_limb(body: WhichLimbIn) -> dict[str, Any]:
    """Main limbs of a frame, the one to lower first."""
    at, frame = here(), body.frame.core()
    checked(frame)
    tree = WalkTree(
        "other", "other", at.today(), 10, 3, frame=frame, names=limb_names(frame)
    ).with_frame()
    return answer(
        WhichLimbOut,
        {"limbs": rank_limbs(at.know, replace(tree, cap_m=body.low_m), body.low_m, body.seasons)},
    )


@routes.post("/bark-sun", responses={200: BarkSunOut})
def post_bark_sun(body: BarkSunIn) -> dict[str, Any]:
    """Hours of hot sun on bark that a cut would bare, and the whitewash for it."""
    know = here().know
    found = bark_sun(know, body.latitude, body.date, body.facing_deg, body.rise_deg, body.longitude)
    thick, long = body.diameter_mm, body.length_m
    paint = whitewash(know, (), [(thick, long)]) if thick and long else None
    reasons = [
        bark_reason(know, found, body.date, body.facing_deg),
        *(paint.reasons if paint else ()),
    ]
    return answer(
        BarkSunOut,
        {"hours": found.hours, "paint_l": paint.mix_l if paint else None, "reasons": reasons},
    )
