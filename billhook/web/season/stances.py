"""Which school holds on each topic, and what another would change."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.season import stances
from ..answers import body as answer
from ..answers import here, kind_name
from ..models.stances import EffectOut, StanceChoiceIn, StanceEffectIn, StanceQuery, StancesOut

routes = APIBlueprint("season_stances", __name__, url_prefix="/api")


@routes.get("/stances", responses={200: StancesOut})
def get_stances(query: StanceQuery) -> dict[str, Any]:
    """Schools in force for the holding, a block or a tree."""
    return answer(StancesOut, {"topics": stances.view(here(), query.scope, query.scope_id)})


@routes.put("/stances", responses={200: StancesOut})
def put_stance(body: StanceChoiceIn) -> dict[str, Any]:
    """Choose a school, or take the choice back."""
    return answer(
        StancesOut,
        {"topics": stances.choose(here(), body.scope, body.scope_id, body.topic, body.school)},
    )


@routes.post("/stances/effect", responses={200: EffectOut})
def post_effect(body: StanceEffectIn) -> dict[str, Any]:
    """What a school would change in the dates of the next year."""
    found = stances.effect(here(), body.scope, body.scope_id, body.topic, body.school)
    kinds = [
        {
            "tree": e.record.name,
            "kind_name": kind_name(e.record.tree.species, None),
            "changes": e.changes,
        }
        for e in found
    ]
    return answer(EffectOut, {"kinds": kinds})
