"""Entries that make no sense: listed, and taken out."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...services.holding import odd as service
from ...services.holding.own_rows import not_theirs
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..models.base import IdPath
from ..models.odd import OddListOut, TakeOutIn

routes = APIBlueprint("holding_odd", __name__, url_prefix="/api/odd")


def _listed() -> dict[str, Any]:
    at, rows = here(), own_rows()
    found = service.odd_entries(at)
    if rows is not None:
        found = [e for e in found if e.tree_id and not not_theirs(at, [e.tree_id], rows)]
    return answer(OddListOut, {"entries": found})


@routes.get("", responses={200: OddListOut})
def get_odd() -> dict[str, Any]:
    """Every entry that cannot be used, and why."""
    return _listed()


@routes.post("/<id>/out", responses={200: OddListOut})
def post_out(path: IdPath, body: TakeOutIn) -> dict[str, Any]:
    """Take an entry out; the history keeps it."""
    service.take_out(here(), path.id)
    return _listed()
