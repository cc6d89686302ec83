"""A simulated weather station: the same days for the same place and scenario, with frosts in winter
and heat waves in summer.
"""

from __future__ import annotations

import datetime as dt
import hashlib
from collections.abc import Sequence
from functools import lru_cache

import numpy as np

from ..core.season.model import ForecastDay
from ..core.season.normals import Normals, coldest_day, values_on
from ..core.season.station import StationDay
from ..core.words.values import Value, say
from .station import FORECAST_DAYS

SCENARIOS = {
    "ordinary": say("scenario-ordinary"),
    "frost": say("scenario-frost"),
    "heat": say("scenario-heat"),
    "wet": say("scenario-wet"),
    "clear": say("scenario-clear"),
}


@lru_cache(maxsize=100_000)
def _chance(seed: int, knot: int, salt: int) -> float:
    """A number of unit spread that is always the same for these three."""
    mixed = hashlib.blake2b(f"{seed}:{salt}:{knot}".encode(), digest_size=8).digest()
    return (int.from_bytes(mixed, "big") / 2**64 - 0.5) * 3.46


class StandIn:
    """Normals with weather on them: slow swings of a few days, cold spells in winter, heat waves in
    summer, rain by the month.
    """

    simulated = True
    name: Value = say("station-simulated")

    def __init__(
        self,
        normals: Normals,
        place: str,
        scenario: str = "ordinary",
        from_day: dt.date | None = None,
    ) -> None:
        self.normals, self.scenario, self.from_day = normals, scenario, from_day
        self._seed = int.from_bytes(hashlib.sha256(place.encode()).digest()[:4], "big")

    def days(self, first: dt.date, last: dt.date) -> Sequence[StationDay]:
        """Simulated days of a span; a day is the same whatever span it is asked in."""
        count = (last - first).days + 1
        if count < 1:
            return []
        index = np.arange(first.toordinal(), first.toordinal() + count)
        low, high = (
            values_on(self.normals.tmin_c, first, count),
            values_on(self.normals.tmax_c, first, count),
        )
        swing = 2.4 * self._smooth(index, 6, 1) + 1.2 * self._smooth(index, 2, 2)
        winter = np.cos(
            2
            * np.pi
            * (index - dt.date(2027, 1, 1).toordinal() - coldest_day(self.normals))
            / 365.25
        )
        spell = np.clip(self._smooth(index, 9, 3) - 1.1, 0, None)
        low = low + swing - 17.0 * spell * np.clip(winter, 0, 1)
        high = (
            high
            + swing
            - 3.0 * spell * np.clip(winter, 0, 1)
            + 9.0 * np.clip(self._smooth(index, 8, 4) - 1.0, 0, None) * np.clip(-winter, 0, 1)
        )
        rain = np.where(
            self._smooth(index, 1.2, 5) > 1.3, 4 + 9 * np.abs(self._smooth(index, 1, 6)), 0.0
        )
        made = [
            StationDay(
                first + dt.timedelta(days=i),
                round(float(min(low[i], high[i] - 1)), 1),
                round(float(high[i]), 1),
                round(float(rain[i]), 1),
            )
            for i in range(count)
        ]
        return [self._bent(d) for d in made]

    def forecast(self, made_on: dt.date) -> Sequence[ForecastDay]:
        """Three weeks ahead; a simulated forecast comes true."""
        ahead = self.days(
            made_on + dt.timedelta(days=1), made_on + dt.timedelta(days=FORECAST_DAYS)
        )
        return [
            ForecastDay(d.date, d.tmin_c or 0.0, d.tmax_c or 0.0, d.rain_mm or 0.0) for d in ahead
        ]

    def _smooth(self, index: np.ndarray, days: float, salt: int) -> np.ndarray:
        """A smooth random walk of unit spread that turns about every ``days`` days."""
        knots = index / (2 * days)
        left = np.floor(knots).astype(int)
        part = (1 - np.cos(np.pi * (knots - left))) / 2
        a, b = (
            np.array([_chance(self._seed, int(k), salt) for k in left + step]) for step in (0, 1)
        )
        return np.asarray(a * (1 - part) + b * part)

    def _bent(self, day: StationDay) -> StationDay:
        """The day as the scenario wants it; only days after the one it was switched on are bent."""
        if self.from_day is None or self.scenario == "ordinary":
            return day
        ahead = (day.date - self.from_day).days
        if not 0 < ahead <= FORECAST_DAYS:
            return day
        low, high, rain = day.tmin_c or 0.0, day.tmax_c or 0.0, day.rain_mm or 0.0
        if self.scenario == "frost" and ahead in (10, 11):
            low, high = -1.8, max(8.0, min(high, 12.0))
        elif self.scenario == "heat" and ahead in (4, 5, 6):
            low, high = max(low, 22.0), 40.0
        elif self.scenario == "wet" and ahead in (1, 2):
            rain = 14.0
        if self.scenario in ("clear", "heat", "wet"):
            low = max(low, 4.0)
        if self.scenario == "clear":
            high, rain = min(max(high, low + 5), 31.0), 0.0
        return StationDay(day.date, round(low, 1), round(max(high, low + 1), 1), round(rain, 1))
