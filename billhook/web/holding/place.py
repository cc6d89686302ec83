"""A place and the days measured there."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ...catalogue.languages import heads
from ...core.words.tongue import spoken
from ...formats.daily_csv import write_days
from ...services.holding import place
from ...services.season import weather
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.place import DangersOut, DaysIn, DaysOut, SiteIn, SiteViewOut

routes = APIBlueprint("holding_place", __name__, url_prefix="/api")


_SHOWN_PROBLEMS = 200


def _site(found: place.SiteView) -> dict[str, Any]:
    return answer(
        SiteViewOut,
        {
            **found.site.model_dump(),
            "tmin_c": found.normals.tmin_c,
            "tmax_c": found.normals.tmax_c,
            "origin": place.origin_said(here().know, found.normals.origin),
        },
    )


@routes.get("/sites/<id>", responses={200: SiteViewOut})
def get_site(path: IdPath) -> dict[str, Any]:
    """A place with its normals and frost dates."""
    return _site(place.site_view(here(), path.id))


@routes.put("/sites/<id>", responses={200: SiteViewOut})
def put_site(path: IdPath, body: SiteIn) -> dict[str, Any]:
    """Correct a place."""
    found = place.describe_site(
        here(),
        path.id,
        body.version,
        body.latitude,
        body.climate,
        body.tmin_c,
        body.tmax_c,
        body.last_frost,
        body.first_frost,
        body.elevation_m,
        body.dangers,
        body.longitude,
    )
    return _site(found)


@routes.get("/dangers", responses={200: DangersOut})
def get_dangers() -> dict[str, Any]:
    """Pests and diseases of a region that move windows."""
    know = here().know
    found = [
        {"id": r, "name": know.row(f"dangers/{r}/name"), "says": know.row(f"dangers/{r}/says")}
        for r in know.rows("dangers")
    ]
    return answer(DangersOut, {"dangers": found})


@routes.post("/sites/<id>/days", responses={200: DaysOut})
def post_days(path: IdPath, body: DaysIn) -> dict[str, Any]:
    """Check a station's daily series, and bring it in when asked; problems come with their line."""
    found = place.station_series(
        here(), path.id, body.text, body.accept, body.risk, body.save, body.as_normals
    )
    climate = found.climate
    dates = {
        k: None
        if climate is None or (d := getattr(climate, k)) is None
        else f"{d[0]:02d}-{d[1]:02d}"
        for k in ("last_frost", "first_frost", "hot_from", "hot_to")
    }
    return answer(
        DaysOut,
        {
            "count": found.count,
            "problems": found.problems[:_SHOWN_PROBLEMS],
            "problem_count": len(found.problems),
            "why_not": found.why_not,
            "saved": found.saved,
            "tmin_c": climate.normals.tmin_c if climate else None,
            "tmax_c": climate.normals.tmax_c if climate else None,
            "first": climate.first if climate else None,
            "last": climate.last if climate else None,
            "years": climate.years if climate else None,
            **dates,
        },
    )


@routes.get("/sites/<id>/days.csv")
def get_days(path: IdPath) -> Response:
    """The station's days as CSV."""
    text = write_days(weather.all_days(here(), path.id), heads(spoken()))
    return Response(
        text,
        mimetype="text/csv",
        headers={"Content-Disposition": 'attachment; filename="days.csv"'},
    )
