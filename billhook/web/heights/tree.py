"""Heights of one tree."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.heights import rotations, turns
from ...services.heights import tree as tree_heights
from ..answers import body as answer
from ..answers import drawn, here
from ..models.base import IdPath
from ..models.block_heights import SchoolsIn, SchoolsOut
from ..models.calc.heights import EnvelopeOut, WhichLimbOut
from ..models.grove import DayQuery
from ..models.tree_heights import GrownIn, GrownOut, ShadesOut, TreeEnvelopeIn
from .block import _own

routes = APIBlueprint("heights_tree", __name__, url_prefix="/api")


def envelope_body(found: tree_heights.Envelope) -> dict[str, Any]:
    """Limbs that break a shape, and its edge."""
    return {
        "top_m": found.outline.top_m,
        "half_m": found.outline.half_m,
        "breaks": [{**vars(b), "name": name} for name, b in found.breaks],
        "edge": [{"z": z, "half_m": half} for z, half in found.edge],
    }


@routes.post("/trees/<id>/schools", responses={200: SchoolsOut})
def post_tree_schools(path: IdPath, body: SchoolsIn) -> dict[str, Any]:
    """Schools of renewal side by side over years, for one tree; `by_machine` is a thing of rows and
    has no effect.
    """
    at = here()
    cap, found = tree_heights.schools_of_tree(
        at, path.id, body.schools, body.years, _own(body), body.cap_m, body.units
    )
    return answer(SchoolsOut, {"first_year": at.today().year, "cap_m": cap, "compared": found})


@routes.get("/trees/<id>/which-limb", responses={200: WhichLimbOut})
def get_which_limb(path: IdPath) -> dict[str, Any]:
    """Which main limb of a tree goes next, from its drawing and from what was cut before."""
    at = here()
    low, tip = rotations.levels(at, path.id)
    return answer(
        WhichLimbOut, {"limbs": turns.ranked(at, path.id, low), "low_m": low, "tip_m": tip}
    )


@routes.post("/trees/<id>/envelope", responses={200: EnvelopeOut})
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


@routes.post("/trees/<id>/grown", responses={200: GrownOut})
def post_grown(path: IdPath, body: GrownIn) -> dict[str, Any]:
    """A tree over seasons of a school, as it would be drawn."""
    found = tree_heights.grown_tree(here(), path.id, body.school, body.years, body.cap_m)
    seasons = [
        {**vars(s), "year": found.first_year + i, "cut_name": name, "frame": drawn(view)}
        for i, (s, view, name) in enumerate(found.seasons)
    ]
    return answer(GrownOut, {"school": body.school, "name": found.name, "seasons": seasons})


@routes.get("/trees/<id>/shade", responses={200: ShadesOut})
def get_shade(path: IdPath, query: DayQuery) -> dict[str, Any]:
    """Who shades whom in a planting of two or three trees."""
    date, pairs, reasons = tree_heights.shade_of(here(), path.id, query.day)
    return answer(ShadesOut, {"date": date, "pairs": pairs, "reasons": reasons})
