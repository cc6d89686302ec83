"""The log of the holding, and come-backs."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...catalogue.languages import heads
from ...core.words.tongue import spoken
from ...formats.log_csv import write_log
from ...services.book import book, logbook
from ...services.holding.setting_up import units_of
from ..answers import body as answer
from ..answers import here, log_body, log_lines, tasks_body
from ..door.own import own_rows
from ..models.base import IdPath
from ..models.logbook import (
    LogListOut,
    LogOut,
    LogQuery,
    OtherTreeIn,
    PickedOut,
    SumsOut,
    TaskIn,
    TaskOut,
)

routes = APIBlueprint("book_logbook", __name__, url_prefix="/api")


def _asked(query: LogQuery) -> book.Asked:
    return book.Asked(
        query.first, query.last, query.work, query.who, query.block_id, query.species, own_rows()
    )


@routes.get("/log", responses={200: LogListOut})
def get_log(query: LogQuery) -> dict[str, Any]:
    """The log of the holding, the newest work first, and what it comes to."""
    found = book.book(here(), _asked(query))
    return {
        "entries": log_lines(found.lines),
        "sums": answer(SumsOut, found.sums),
        "picked": [answer(PickedOut, p) for p in found.picked],
        "people": list(found.people),
        "older": found.older,
    }


@routes.get("/log.csv")
def get_log_csv(query: LogQuery) -> Response:
    """The log as CSV: the same entries, all of them."""
    lines = log_lines(book.book(here(), _asked(query), limit=100_000).lines)
    text = write_log(lines, units_of(here()), heads(spoken()))
    return Response(
        text, mimetype="text/csv", headers={"Content-Disposition": 'attachment; filename="log.csv"'}
    )


@routes.put("/log/<id>", responses={200: LogOut})
def put_log(path: IdPath, body: OtherTreeIn) -> dict[str, Any]:
    """That was another tree: put the entry on it."""
    entry = logbook.on_other_tree(here(), path.id, body.tree_id)
    return log_body(logbook.LogLine(entry, "", None))


@routes.put("/tasks/<id>", responses={200: TaskOut})
def put_task(path: IdPath, body: TaskIn) -> dict[str, Any]:
    """Mark a come-back done, drop it, or put it off."""
    task = logbook.settle_task(here(), path.id, body.version, body.state, body.due)
    return tasks_body([task])[0]
