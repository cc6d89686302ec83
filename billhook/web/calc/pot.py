"""Trees in pots."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.pots import pot_cap, tip_dieback
from ..answers import body as answer
from ..answers import here
from ..models.calc.pot import FlaggingIn, FlaggingOut, PotIn, PotOut

routes = APIBlueprint("calc_pot", __name__, url_prefix="/api/calc")


@routes.post("/pot", responses={200: PotOut})
def pot(body: PotIn) -> dict[str, Any]:
    """How tall a tree in a pot may be."""
    return answer(
        PotOut,
        pot_cap(
            here().know,
            body.pot_l,
            body.height_m,
            body.windy,
            body.winter_room_m,
            body.pot_height_m,
        ),
    )


@routes.post("/flagging", responses={200: FlaggingOut})
def flagging(body: FlaggingIn) -> dict[str, Any]:
    """How much comes off the top of a potted tree whose tips die back."""
    return answer(FlaggingOut, tip_dieback(here().know, body.dead_tips, body.height_m, body.stage))
