"""Calculators of heights: rows and sun, renewal, walls, shapes, which limb."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.aftercare.quantities import whitewash
from ...core.cuts.names import limb_names
from ...core.errors import FieldProblem, InvalidInput
from ...core.frame.check import checked
from ...core.heights.renewal import School, course
from ...core.heights.section import trade_rules, wall_cost
from ...core.heights.which import rank_limbs
from ...core.light.inner import light_under
from ...core.light.rows import Rows, Section, bark_hours, tallest_for, wall_sun
from ...core.reasons import Reason
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


def _section(
    height: float, base: float, top: float, skirt: float, pointer: str, spacing: float
) -> Section:
    wrong = []
    if height <= skirt:
        wrong.append(FieldProblem(f"{pointer}/height_m", "must lie above the skirt"))
    if max(base, top) >= spacing:
        wrong.append(FieldProblem(f"{pointer}/base_width_m", "leaves no alley between the rows"))
    if wrong:
        raise InvalidInput(wrong)
    return Section(height, base, top, skirt)


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
    section = _section(
        body.height_m, body.base_width_m, body.top_width_m, body.skirt_m, "", body.row_spacing_m
    )
    cut = body.cut and _section(
        body.cut.height_m,
        body.cut.base_width_m,
        body.cut.top_width_m,
        body.cut.skirt_m,
        "/cut",
        body.row_spacing_m,
    )
    walls = wall_sun(rows, section, body.heights_m, body.date)
    after = wall_sun(rows, cut, body.heights_m, body.date) if cut else None
    tallest = None
    if body.hours is not None:
        at_m = body.at_m if body.at_m is not None else section.skirt_m
        tallest = [
            tallest_for(rows, cut or section, f, at_m, body.hours, body.date) for f in rows.walls
        ]
    k, area = know.number("light/other/k"), know.number("light/other/leaf-area")
    said = ", ".join(
        (
            f"{min(w.sun_hours):.1f} to {max(w.sun_hours):.1f} h on the wall that faces "
            f"{w.facing_deg:.0f}°"
        )
        for w in walls
    )
    used: dict[str, float | str | None] = {
        "row spacing, m": body.row_spacing_m,
        "alley, m": round(body.row_spacing_m - body.base_width_m, 2),
        "k": k,
        "leaf area": area,
    }
    reasons = [
        Reason(
            "wall-sun",
            f"Direct sun on {body.date.isoformat()}: {said}.",
            used,
            date=body.date,
            catalogue_ids=("light/other/k", "light/other/leaf-area"),
        )
    ]
    return answer(
        HedgerowOut,
        {
            "walls": walls,
            "cut_walls": after,
            "tallest_m": tallest,
            "inner_light": light_under(area, k),
            "reasons": reasons,
        },
    )


@routes.post("/renewal", responses={200: RenewalOut})
def post_renewal(body: RenewalIn) -> dict[str, Any]:
    """A school of renewal over years: what goes down, crop and height."""
    given = body.model_dump(exclude={"school", "years", "start_m", "rows", "cap_m", "recovery"})
    school = School(name=body.school, recovery=tuple(body.recovery), **given)
    return answer(RenewalOut, course(school, body.start_m, body.years, body.rows, body.cap_m))


@routes.post("/wall", responses={200: WallTakesOut})
def post_wall(body: WallIn) -> dict[str, Any]:
    """What a new wall takes of a row, what it costs, whether a bar can, and the rules of the trade
    beside it.
    """
    know, now, cut = here().know, body.now.core(), body.cut.core()
    for pointer, profile in (("/now", now), ("/cut", cut)):
        s = profile.section
        _section(s.height_m, s.base_width_m, s.top_width_m, s.skirt_m, pointer, body.row_spacing_m)
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
    hours = bark_hours(body.latitude, body.date, body.facing_deg, body.rise_deg, body.longitude)
    paint = (
        whitewash(know, (), [(body.diameter_mm, body.length_m)])
        if body.diameter_mm and body.length_m
        else None
    )
    burns = hours > know.number("bark/hours")
    means = (
        "it burns where maxima reach 32 °C, paint it the same day"
        if burns
        else "little; leaf will shade it again"
    )
    text = f"{hours:.1f} h of steep sun after eleven: {means}."
    reasons = [
        Reason(
            "bark-sun",
            text,
            {"faces, degrees": body.facing_deg},
            date=body.date,
            catalogue_ids=("bark/hours",),
        ),
        *(paint.reasons if paint else ()),
    ]
    return answer(
        BarkSunOut, {"hours": hours, "paint_l": paint.mix_l if paint else None, "reasons": reasons}
    )
