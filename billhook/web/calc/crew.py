"""The weeks of a crew, from helpers, jobs and prices that are handed in."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.crew.model import Crew, Helper, Job, Week
from ...core.crew.plan import plan
from ..answers import body as answer
from ..models.calc.crew import CrewIn, CrewOut

routes = APIBlueprint("calc_crew", __name__, url_prefix="/api/calc")


@routes.post("/crew", responses={200: CrewOut})
def crew(body: CrewIn) -> dict[str, Any]:
    """Who does what in which week, and what does not fit."""
    helpers = (
        Helper(h.id, tuple(float(m) for m in h.minutes), frozenset(h.skills), h.pace)
        for h in body.helpers
    )
    jobs = (
        Job(
            j.id,
            j.place,
            j.minutes,
            tuple(j.prices),
            frozenset(j.skills),
            j.leave_price,
            j.must,
            j.whole,
        )
        for j in body.jobs
    )
    given = Crew(
        tuple(Week(w.from_, w.to) for w in body.weeks),
        tuple(helpers),
        tuple(jobs),
        body.move_minutes,
        body.unplaced_per_minute,
    )
    return answer(CrewOut, plan(given))
