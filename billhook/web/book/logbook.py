"""The log of the holding, and come-backs."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...formats.log_csv import write_log
from ...services.book import logbook
from ..answers import body as answer
from ..answers import here, log_lines
from ..models.base import IdPath
from ..models.logbook import LogListOut, TaskIn, TaskOut

routes = APIBlueprint("book_logbook", __name__, url_prefix="/api")


@routes.get("/log", responses={200: LogListOut})
def get_log() -> dict[str, Any]:
    """The log of the holding, the newest work first."""
    return {"entries": log_lines(logbook.log(here()))}


@routes.get("/log.csv")
def get_log_csv() -> Response:
    """The whole log as CSV."""
    text = write_log(log_lines(logbook.log(here(), limit=100_000)))
    return Response(
        text, mimetype="text/csv", headers={"Content-Disposition": 'attachment; filename="log.csv"'}
    )


@routes.put("/tasks/<id>", responses={200: TaskOut})
def put_task(path: IdPath, body: TaskIn) -> dict[str, Any]:
    """Mark a come-back done, drop it, or put it off."""
    return answer(TaskOut, logbook.settle_task(here(), path.id, body.version, body.state, body.due))
