"""Days off, work that is moved by hand, the plan that is kept, and a week on paper."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.crew import away, fixing
from ...services.crew.moved import Moved
from ...services.crew.printing import week_pdf
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.crew import (
    AwayIn,
    DaysOffListOut,
    FixedOut,
    FixIn,
    KeptIn,
    KeptOut,
    TriedOut,
    TryIn,
    WeekPrintQuery,
)
from ..plan.sheets import printed_as

routes = APIBlueprint("crew_changes", __name__, url_prefix="/api")


def moved(found: Moved) -> dict[str, Any]:
    """Work that lies elsewhere, for the wire."""
    sides = {
        side: [{"helper": who, "week": first} for who, first in getattr(found, side)]
        for side in ("was", "now")
    }
    return {
        "job": found.job,
        "block": found.block,
        "rows": found.rows,
        "says": found.says,
        "why": found.sentence,
        **sides,
    }


def _off() -> dict[str, Any]:
    at = here()
    with at.store.reading() as session:
        return answer(DaysOffListOut, {"off": away.days_off(session, at.today())})


@routes.put("/crew/away/<id>", responses={200: DaysOffListOut})
def put_away(path: IdPath, body: AwayIn) -> dict[str, Any]:
    """Days off of somebody, or of everybody."""
    away.put_away(here(), path.id, body.person_id, body.first, body.last, body.why)
    return _off()


@routes.delete("/crew/away/<id>", responses={200: DaysOffListOut})
def delete_away(path: IdPath) -> dict[str, Any]:
    """They are no days off after all."""
    away.take_away(here(), path.id)
    return _off()


@routes.post("/crew/try", responses={200: TriedOut})
def post_try(body: TryIn) -> dict[str, Any]:
    """What it would cost if somebody did some work in another week."""
    asked = (body.job, body.person_id, body.day, body.weeks, body.units)
    found = fixing.try_move(here(), *asked)
    of = {"crops": found.crops, "says": found.says, "moved": [moved(m) for m in found.moved]}
    return answer(TriedOut, of)


@routes.put("/crew/fixes/<id>", responses={200: FixedOut})
def put_fix(path: IdPath, body: FixIn) -> dict[str, Any]:
    """Somebody does the work in the week that holds a day, whatever the plan would rather."""
    fixing.fix(here(), path.id, body.person_id, body.day, 12)
    return answer(FixedOut, {"job": path.id})


@routes.delete("/crew/fixes/<id>", responses={200: FixedOut})
def delete_fix(path: IdPath) -> dict[str, Any]:
    """The plan says again when the work is done."""
    fixing.unfix(here(), path.id)
    return answer(FixedOut, {"job": path.id})


@routes.post("/crew/kept", responses={200: KeptOut})
def post_kept(body: KeptIn) -> dict[str, Any]:
    """Keep the plan as it is; what is planned anew later is held against it."""
    return answer(KeptOut, {"kept_on": fixing.keep(here(), body.id, body.weeks)})


@routes.get("/people/<id>/week.pdf")
def get_week_pdf(path: IdPath, query: WeekPrintQuery) -> Response:
    """Somebody's week on paper, with the open cut sheets of its rows."""
    made = week_pdf(here(), path.id, query.week, *printed_as(query))
    named = {"Content-Disposition": f'inline; filename="week-{query.week + 1}.pdf"'}
    return Response(made, mimetype="application/pdf", headers=named)
