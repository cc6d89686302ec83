"""The weeks of the crew."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.crew import crew as service
from ...services.crew.calendar import weeks_calendar
from ...services.crew.jobs import Gathered, why_left
from ...services.crew.own import of_one
from ..answers import body as answer
from ..answers import here
from ..door.own import own
from ..models.base import IdPath
from ..models.calendar import KeyQuery
from ..models.crew import CrewQuery, CrewWeeksOut
from .changes import moved

routes = APIBlueprint("crew_crew", __name__, url_prefix="/api")


def _job(g: Gathered) -> dict[str, Any]:
    item = g.item
    return {
        "id": g.job.id,
        "says": item.says,
        "work": item.work,
        "block": item.block,
        "rows": item.rows,
        "trees": len(item.trees),
        "row_id": item.trees[0].row.id,
        "free": g.free,
        "minutes": g.job.minutes,
        "skills": sorted(g.job.skills),
        "crops": g.weighed.crops,
        "later": g.weighed.later,
    }


@routes.get("/crew", responses={200: CrewWeeksOut})
def get_crew(query: CrewQuery) -> dict[str, Any]:
    """Who does what in which of the weeks ahead, and what does not fit; to a helper with rows of
    their own what is theirs.
    """
    at = here()
    found = service.crew_weeks(at, at.today(), query.weeks, query.units)
    if (theirs := own()) is not None:
        found = of_one(found, theirs)
    weeks = range(len(found.weeks))
    jobs = {g.job.id: g for g in found.jobs}
    skills = at.know.rows("crew-skills")
    helpers = [
        {
            "id": h.id,
            "name": found.names.get(h.id, ""),
            "skills": [s for s in skills if s in h.skills],
            "minutes": [round(m) for m in h.minutes],
            "spent": [round(found.spent.get((h.id, w), 0.0)) for w in weeks],
        }
        for h in found.helpers
    ]
    return answer(
        CrewWeeksOut,
        {
            "day": found.day,
            "known": found.known,
            "weeks": found.weeks,
            "helpers": helpers,
            "jobs": [_job(g) for g in found.jobs],
            "work": found.plan.work,
            "unplaced": [
                {**vars(x), "says": why_left(at.know, jobs[x.job], x)} for x in found.plan.unplaced
            ],
            "planned": found.planned,
            "served": found.served,
            "says": found.says,
            "fixed": sorted(found.fixed),
            "kept_on": found.kept_on,
            "moved": [moved(m) for m in found.moved],
            "off": found.off,
            "gap": found.plan.gap,
            "seconds": found.plan.seconds,
        },
    )


@routes.get("/people/<id>/weeks.ics")
def get_weeks_calendar(path: IdPath, query: KeyQuery) -> Response:
    """What somebody does in each of the weeks ahead, as iCalendar."""
    return Response(
        weeks_calendar(here(), path.id),
        mimetype="text/calendar",
        headers={"Content-Disposition": 'inline; filename="billhook-weeks.ics"'},
    )
