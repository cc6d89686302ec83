"""Weather measured and foreseen."""

from __future__ import annotations

from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...core.season.station import StationDay
from ...services.season import weather
from ..answers import body as answer
from ..answers import here
from ..models.base import IdPath
from ..models.weather import ScenarioChosenOut, ScenarioIn, WeatherOut

routes = APIBlueprint("season_weather", __name__, url_prefix="/api")


@routes.get("/sites/<id>/weather", responses={200: WeatherOut})
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


@routes.put("/weather/scenario", responses={200: ScenarioChosenOut})
def put_scenario(body: ScenarioIn) -> dict[str, Any]:
    """Turn the demo's weather."""
    return {"scenario": weather.set_scenario(here(), body.scenario)}
