"""Places, stances, the fortnight, weather and the calendar feed."""

from __future__ import annotations

from typing import Any

from flask import Response
from flask_openapi.blueprint import APIBlueprint

from ..core.season.station import StationDay
from ..formats.daily_csv import write_days
from ..services.holding import own_species, place
from ..services.season import stances, today, weather
from ..services.season.calendar import calendar
from ..services.tree.observing import observe
from .answers import body as answer
from .answers import here, kind_name
from .models.season_desk import (
    CalendarQuery,
    DangersOut,
    DaysIn,
    DaysOut,
    DoneIn,
    DoneOut,
    EffectOut,
    OwnSpeciesIn,
    OwnSpeciesOut,
    PutOffIn,
    PutOffOut,
    ScenarioChosenOut,
    ScenarioIn,
    SiteIn,
    SiteViewOut,
    StanceChoiceIn,
    StanceEffectIn,
    StanceQuery,
    StancesOut,
    TodayOut,
    TodayQuery,
    WeatherOut,
)
from .models.trees import IdPath, ObserveIn, SeenOut

season_desk = APIBlueprint("season_desk", __name__, url_prefix="/api")
_SHOWN_PROBLEMS = 200


def _site(found: place.SiteView) -> dict[str, Any]:
    return answer(
        SiteViewOut,
        {
            **found.site.model_dump(),
            "tmin_c": found.normals.tmin_c,
            "tmax_c": found.normals.tmax_c,
            "origin": found.normals.origin,
        },
    )


@season_desk.get("/sites/<id>", responses={200: SiteViewOut})
def get_site(path: IdPath) -> dict[str, Any]:
    """A place with its normals and frost dates."""
    return _site(place.site_view(here(), path.id))


@season_desk.put("/sites/<id>", responses={200: SiteViewOut})
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


@season_desk.get("/dangers", responses={200: DangersOut})
def get_dangers() -> dict[str, Any]:
    """Pests and diseases of a region that move windows."""
    know = here().know
    return {
        "dangers": [
            {
                "id": r,
                "name": know.text(f"dangers/{r}/name"),
                "says": know.text(f"dangers/{r}/says"),
            }
            for r in know.rows("dangers")
        ]
    }


@season_desk.post("/sites/<id>/days", responses={200: DaysOut})
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


@season_desk.get("/sites/<id>/days.csv")
def get_days(path: IdPath) -> Response:
    """The station's days as CSV."""
    text = write_days(weather.all_days(here(), path.id))
    return Response(
        text,
        mimetype="text/csv",
        headers={"Content-Disposition": 'attachment; filename="days.csv"'},
    )


@season_desk.get("/sites/<id>/weather", responses={200: WeatherOut})
def get_weather(path: IdPath) -> dict[str, Any]:
    """The last fortnight and the forecast."""
    found = weather.view(here(), path.id)

    def measured(day: StationDay) -> dict[str, Any]:
        return {"date": day.date, "tmin": day.tmin_c, "tmax": day.tmax_c, "rain_mm": day.rain_mm}

    scenarios = [{"id": k, "says": v} for k, v in found.scenarios.items()]
    return answer(
        WeatherOut,
        {**vars(found), "days": [measured(d) for d in found.days], "scenarios": scenarios},
    )


@season_desk.put("/weather/scenario", responses={200: ScenarioChosenOut})
def put_scenario(body: ScenarioIn) -> dict[str, Any]:
    """Turn the demo's weather."""
    return {"scenario": weather.set_scenario(here(), body.scenario)}


@season_desk.get("/stances", responses={200: StancesOut})
def get_stances(query: StanceQuery) -> dict[str, Any]:
    """Schools in force for the holding, a block or a tree."""
    return answer(StancesOut, {"topics": stances.view(here(), query.scope, query.scope_id)})


@season_desk.put("/stances", responses={200: StancesOut})
def put_stance(body: StanceChoiceIn) -> dict[str, Any]:
    """Choose a school, or take the choice back."""
    return answer(
        StancesOut,
        {"topics": stances.choose(here(), body.scope, body.scope_id, body.topic, body.school)},
    )


@season_desk.post("/stances/effect", responses={200: EffectOut})
def post_effect(body: StanceEffectIn) -> dict[str, Any]:
    """What a school would change in the dates of the next year."""
    found = stances.effect(here(), body.scope, body.scope_id, body.topic, body.school)
    kinds = [
        {
            "tree": e.record.name,
            "kind_name": kind_name(e.record.tree.species, None),
            "changes": e.changes,
        }
        for e in found
    ]
    return answer(EffectOut, {"kinds": kinds})


def _item(item: today.Item) -> dict[str, Any]:
    seen: dict[str, Any] = {}
    for reason in item.reasons:
        seen.setdefault(reason.text, reason)
    return {
        **vars(item),
        "reasons": list(seen.values()),
        "trees": [{"id": r.tree.id, "name": r.name} for r in item.trees],
        "minutes": round(item.minutes, 1),
    }


@season_desk.get("/today", responses={200: TodayOut})
def get_today(query: TodayQuery) -> dict[str, Any]:
    """The fortnight's work in walking order."""
    at = here()
    found = today.fortnight(at, query.day or at.today(), query.units, query.days)
    minutes = round(sum(i.minutes for i in found.items if i.closed_by is None), 1)
    lists = {
        name: [_item(i) for i in getattr(found, name)] for name in ("items", "put_off", "too_late")
    }
    return answer(
        TodayOut,
        {
            "day": found.day,
            "until": found.until,
            "forecast": found.forecast,
            "minutes": minutes,
            **lists,
        },
    )


@season_desk.post("/today/put-off", responses={200: PutOffOut})
def post_put_off(body: PutOffIn) -> dict[str, Any]:
    """Put work off to a day, with the reason."""
    at = here()
    if body.task_id is not None:
        today.put_task_off(at, body.task_id, body.version or 1, body.until, body.why, at.today())
    else:
        today.put_off(at, body.tree_ids, body.work, body.until, body.why, at.today())
    return {"trees": len(body.tree_ids)}


@season_desk.post("/today/done", responses={200: DoneOut})
def post_done(body: DoneIn) -> dict[str, Any]:
    """Log work as done, unmeasured."""
    return {
        "entries": today.done(
            here(), body.tree_ids, body.work, body.date, body.who, body.minutes, body.id, body.count
        )
    }


@season_desk.post("/blocks/<id>/observations", responses={201: SeenOut})
def post_block_observation(path: IdPath, body: ObserveIn) -> tuple[dict[str, Any], int]:
    """Write down a date that was seen of a whole block."""
    return answer(
        SeenOut,
        observe(here(), "block", path.id, body.kind, body.value, body.date, as_of=body.as_of),
    ), 201


@season_desk.post("/species", responses={201: OwnSpeciesOut})
def post_species(body: OwnSpeciesIn) -> tuple[dict[str, Any], int]:
    """Describe a kind of tree that the catalogue lacks."""
    made = own_species.describe_species(
        here(),
        body.name,
        body.evergreen,
        body.everbearing,
        body.bloom,
        body.harvest,
        body.vigour,
        body.size,
        body.frost_c,
        body.coldest_night_c,
    )
    return answer(OwnSpeciesOut, made), 201


@season_desk.get("/calendar.ics")
def get_calendar(query: CalendarQuery) -> Response:
    """The calendar feed, as iCalendar."""
    return Response(
        calendar(here(), query.block),
        mimetype="text/calendar",
        headers={"Content-Disposition": 'inline; filename="billhook.ics"'},
    )
