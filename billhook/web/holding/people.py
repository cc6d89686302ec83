"""People of the holding, and whose rows are whose."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.holding import people
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.people import AssignIn, AssignOut, PeopleOut, PersonIn, PersonOut

routes = APIBlueprint("holding_people", __name__, url_prefix="/api")


def _people() -> dict[str, Any]:
    at = here()
    said = {"skills": people.skills(at.know), "paces": people.paces(at.know)}
    return answer(PeopleOut, {"people": people.list_people(at), **said})


@routes.get("/people", responses={200: PeopleOut})
def get_people() -> dict[str, Any]:
    """Everybody who works here, by name."""
    return _people()


@routes.put("/people/<id>", responses={200: PersonOut})
def put_person(path: IdPath, body: PersonIn) -> dict[str, Any]:
    """Put somebody on the list, or change what is known of them."""
    return answer(PersonOut, people.put_person(here(), path.id, **body.model_dump(exclude={"id"})))


@routes.delete("/people/<id>", responses={200: PeopleOut})
def delete_person(path: IdPath) -> dict[str, Any]:
    """Take somebody off the list; what they did stays in the Book."""
    people.remove_person(here(), path.id)
    return _people()


@routes.put("/assignments", responses={200: AssignOut})
def put_assignments(body: AssignIn) -> dict[str, Any]:
    """Give rows or blocks to somebody, or to nobody."""
    given = people.assign(here(), body.scope, body.scope_ids, body.person_id)
    return answer(AssignOut, {"given": given})
