"""The season by month."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.holding.own_rows import narrowed
from ...services.season.season_plan import season_plan
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.months import MonthsOut, MonthsQuery

routes = APIBlueprint("season_months", __name__, url_prefix="/api")


@routes.get("/season-plan", responses={200: MonthsOut})
def get_season_plan(query: MonthsQuery) -> dict[str, Any]:
    """Hours by month, and what the work asks for, as it is known today."""
    at = here()
    within: str | frozenset[str] | None = query.block_id
    if (rows := own_rows()) is not None:
        within = narrowed(at, query.block_id, rows)
    found = season_plan(at, at.today(), within, query.units)
    row = f"disinfectants/{at.know.text('supplies/agent')}"
    named = {"agent": at.know.row(f"{row}/name"), "care": at.know.row(f"{row}/care")}
    return answer(MonthsOut, {**vars(found), **named})
