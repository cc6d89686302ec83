"""How a species counts warmth at a place: normal days, and the days that were really measured in
their stead.
"""

from __future__ import annotations

import datetime as dt

import numpy as np

from ..choice import one_of
from ..known import Knowledge
from .heat import HEAT_METHODS, day_degrees, normal_day_degrees
from .model import Site
from .normals import Floats, day_indices


class HeatRule:
    """Base, cut-off and sums of a species, from the catalogue: its own row, or its group's."""

    def __init__(self, know: Knowledge, species: str) -> None:
        group = know.text(f"species/{species}/group")
        row = f"heat/{species}" if f"heat/{species}/base" in know else f"heat/{group}"
        self.ids = (f"{row}/base", f"{row}/upper")
        self.base_c, self.upper_c = know.number(f"{row}/base"), know.number(f"{row}/upper")
        self.method = one_of(HEAT_METHODS, know.text(f"{row}/method"))
        self.flush_heat, self.next_heat = (
            know.number(f"{row}/flush-start"),
            know.number(f"{row}/flush-to-flush"),
        )
        self.break_heat, self.harden_heat = (
            know.number(f"{row}/cut-to-break"),
            know.number(f"{row}/break-to-hard"),
        )
        self.lag_days = know.days(f"{row}/cut-lag")
        self.floor_days, self.cap_days = know.days(f"{row}/floor"), know.days(f"{row}/cap")
        self.safety_hard, self.safety_light = (
            know.days(f"{row}/safety-hard"),
            know.days(f"{row}/safety-light"),
        )

    def units(self, site: Site, start: dt.date, count: int) -> Floats:
        """Day degrees of ``count`` days from ``start``: measured where they were, normal elsewhere
        [K d]. Shape (count,).
        """
        normal = normal_day_degrees(site.normals, self.base_c, self.upper_c, self.method)[
            day_indices(start, count)
        ]
        weather = site.weather
        if weather is None:
            return normal
        found = np.array(normal)
        begin = (weather.first - start).days
        here = slice(max(0, begin), max(0, min(count, begin + weather.tmin_c.size)))
        there = slice(here.start - begin, here.stop - begin)
        if here.start < here.stop:
            low, high = weather.tmin_c[there], weather.tmax_c[there]
            known = ~np.isnan(low) & ~np.isnan(high)
            measured = day_degrees(
                np.where(known, low, 0.0),
                np.where(known, high, 0.0),
                self.base_c,
                self.upper_c,
                self.method,
            )
            found[here] = np.where(known, measured, found[here])
        return found

    def reach(self, site: Site, start: dt.date, heat: float, cap: int = 400) -> dt.date:
        """First day on which day degrees summed from ``start`` reach ``heat``; ``cap`` days on if
        they do not.
        """
        done = np.cumsum(self.units(site, start, cap)) >= heat
        return start + dt.timedelta(days=int(np.argmax(done)) if done.any() else cap)
