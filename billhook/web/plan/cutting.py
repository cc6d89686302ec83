"""Cuts costed before they are made, and put on a sheet."""

from __future__ import annotations

from collections.abc import Iterable
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.plan import cutting, sheet_making
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.cutting import MarkedIn, PreviewIn, PreviewOut
from ..models.sheets import SheetIn, SheetLink
from ..tree.trees import sheet_link

routes = APIBlueprint("plan_cutting", __name__, url_prefix="/api/trees")


@routes.post("/<id>/preview", responses={200: PreviewOut})
def post_preview(path: IdPath, body: PreviewIn) -> dict[str, Any]:
    """What cuts would cost, against the limit of the day, and how to make each."""
    at = here()
    found = cutting.preview(
        at,
        path.id,
        [c.core() for c in body.cuts],
        body.work,
        body.day or at.today(),
        body.units,
        body.frame_id,
        sick_of(body.cuts),
    )
    return preview_body(found)


def sick_of(cuts: Iterable[MarkedIn]) -> frozenset[str]:
    """Limbs that are marked as dead, broken or diseased."""
    return frozenset(c.limb for c in cuts if c.sick)


def preview_body(found: cutting.Preview) -> dict[str, Any]:
    """Cuts with their cost, verdict and technique."""
    parts = ("frame_id", "work", "verdict", "against", "advice", "minutes", "gone")
    return answer(PreviewOut, {**vars(found.answer), **{p: getattr(found, p) for p in parts}})


@routes.post("/<id>/sheets", responses={201: SheetLink})
def post_sheet(path: IdPath, body: SheetIn) -> tuple[dict[str, Any], int]:
    """Save a cut sheet."""
    at = here()
    plan = sheet_making.make_sheet(
        at,
        path.id,
        body.id,
        [c.core() for c in body.cuts],
        body.work,
        body.day or at.today(),
        body.frame_id,
        {x.day: x.says for x in body.later},
        sick_of(body.cuts),
    )
    return sheet_link(plan), 201
