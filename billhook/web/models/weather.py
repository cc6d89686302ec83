"""Weather measured and foreseen."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, IsoDate, Written


class WeatherDayOut(Answer):
    """One day."""

    date: IsoDate
    tmin: float | None
    tmax: float | None
    rain_mm: float | None


class ScenarioOut(Answer):
    """A way the demo's weather may turn."""

    id: str
    says: str


class WeatherOut(Answer):
    """The last fortnight and the forecast of a site; ``missing`` says why there is none."""

    site_id: str
    station: str
    simulated: bool
    days: list[WeatherDayOut]
    forecast: list[WeatherDayOut]
    missing: str | None
    scenario: str | None
    scenarios: list[ScenarioOut]


class ScenarioIn(Written):
    """How the demo's weather turns."""

    scenario: Annotated[str, Field(max_length=40)]


class ScenarioChosenOut(Answer):
    """How the demo's weather turns."""

    scenario: Annotated[str, Field(max_length=40)]
