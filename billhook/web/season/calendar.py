"""The calendar feed."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...services.season.calendar import calendar
from ..answers import body as answer
from ..answers import here
from ..door.own import own_rows
from ..door.signing import door, who_asks
from ..holding.address import own_url
from ..models.calendar import CalendarAddressOut, CalendarQuery

routes = APIBlueprint("season_calendar", __name__, url_prefix="/api")


def _address(renew: bool) -> dict[str, Any]:
    who = who_asks()
    url = f"{own_url(here().settings)}api/calendar.ics"
    if who is None:
        return answer(CalendarAddressOut, {"url": url, "secret": False})
    key = door().calendar_key(who.id, renew)
    return answer(CalendarAddressOut, {"url": f"{url}?key={key}", "secret": True})


@routes.get("/calendar-address", responses={200: CalendarAddressOut})
def get_calendar_address() -> dict[str, Any]:
    """Where a calendar subscribes; where one signs in the address bears a key of one's own."""
    return _address(renew=False)


@routes.post("/calendar-address", responses={200: CalendarAddressOut})
def post_calendar_address() -> dict[str, Any]:
    """Another key: the address that was given away opens nothing any more."""
    return _address(renew=True)


@routes.get("/calendar.ics")
def get_calendar(query: CalendarQuery) -> Response:
    """The calendar feed, as iCalendar."""
    return Response(
        calendar(here(), query.block, own_rows()),
        mimetype="text/calendar",
        headers={"Content-Disposition": 'inline; filename="billhook.ics"'},
    )
