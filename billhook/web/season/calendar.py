"""The calendar feed."""

from __future__ import annotations

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.season.calendar import calendar
from ..answers import here
from ..models.calendar import CalendarQuery

routes = APIBlueprint("season_calendar", __name__, url_prefix="/api")


@routes.get("/calendar.ics")
def get_calendar(query: CalendarQuery) -> Response:
    """The calendar feed, as iCalendar."""
    return Response(
        calendar(here(), query.block),
        mimetype="text/calendar",
        headers={"Content-Disposition": 'inline; filename="billhook.ics"'},
    )
