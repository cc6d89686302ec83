"""Whose shoot it is."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.shoot.case import ShootCase
from ...core.shoot.judge import judge
from ..answers import body as answer
from ..answers import here, known_row
from ..models.calc.shoot import ShootIn, ShootOut

routes = APIBlueprint("calc_shoot", __name__, url_prefix="/api/calc")


@routes.post("/shoot", responses={200: ShootOut})
def shoot(body: ShootIn) -> dict[str, Any]:
    """Whose shoot it is: the rootstock's, a water sprout, or a shoot that will bear."""
    known_row("/scion", "species", body.scion)
    known_row("/rootstock", "rootstocks", body.rootstock)
    known_row("/region", "stock-mix", body.region)
    known_row("/cultivar", "cultivars", body.cultivar)
    given = body.model_dump(exclude={"prior"})
    prior = (
        (body.prior.rootstock_sucker, body.prior.water_sprout, body.prior.scion_shoot)
        if body.prior
        else None
    )
    return answer(ShootOut, judge(ShootCase(**given, prior=prior), here().know))
