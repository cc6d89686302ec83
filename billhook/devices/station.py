"""A weather station, as Billhook asks one: measured days, and a forecast."""

from __future__ import annotations

import datetime as dt
from collections.abc import Sequence
from typing import Protocol

from ..core.season.model import ForecastDay
from ..core.season.station import StationDay
from ..core.words.values import Value, say

FORECAST_DAYS = 21


class Station(Protocol):
    """``simulated``: a stand-in, whose forecast never counts on a real holding."""

    simulated: bool
    name: Value

    def days(self, first: dt.date, last: dt.date) -> Sequence[StationDay]:
        """Measured days of a span; days it does not have are left out."""

    def forecast(self, made_on: dt.date) -> Sequence[ForecastDay]:
        """The days after ``made_on``, as far as it looks ahead."""


class ListedStation:
    """The days of a list that was brought in: it measures, and forecasts nothing."""

    simulated = False
    name: Value = say("station-brought-in")

    def __init__(self, days: Sequence[StationDay]) -> None:
        self._days = tuple(days)

    def days(self, first: dt.date, last: dt.date) -> Sequence[StationDay]:
        """Days of the list within the span."""
        return [d for d in self._days if first <= d.date <= last]

    def forecast(self, made_on: dt.date) -> Sequence[ForecastDay]:
        """Nothing: a list knows no future."""
        return ()
