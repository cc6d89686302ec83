"""The last day on which a cut still leaves growth the time to harden."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from functools import lru_cache

import numpy as np

from .heat import HeatMethod, normal_day_degrees
from .normals import Normals, day_indices

LOOK_BACK_DAYS = 730


@dataclass(frozen=True)
class LatestCut:
    """latest: last day to cut, or None with ``why_not``. matures_on: the day the regrowth has
    hardened. heat: day degrees in between [K d].
    """

    latest: dt.date | None
    matures_on: dt.date | None
    days: int | None
    heat: float | None
    why_not: str | None = None


@lru_cache(maxsize=4096)
def latest_cut(
    normals: Normals,
    base_c: float,
    heat_units: float,
    before: dt.date,
    safety_days: int,
    upper_c: float | None = None,
    method: HeatMethod = "single_sine",
    floor_days: int = 0,
    cap_days: int | None = None,
) -> LatestCut:
    """Last date d such that the day degrees of d+1 … (before - safety_days) reach ``heat_units``.

    The span must also be ``floor_days`` long at least; a span of ``cap_days`` counts as enough
    whatever its heat. Looked back two years at most. Raises: ValueError as
    :func:`billhook.core.season.heat.day_degrees`.
    """
    end = before - dt.timedelta(days=safety_days)
    first = end - dt.timedelta(days=LOOK_BACK_DAYS - 1)
    heat = normal_day_degrees(normals, base_c, upper_c, method)[day_indices(first, LOOK_BACK_DAYS)]
    # reached[k]: day degrees of the last k+1 days; the cut is then made k+1 days before the end
    reached = np.cumsum(heat[::-1])
    spans = np.arange(1, LOOK_BACK_DAYS + 1)
    enough = (reached >= heat_units) & (spans >= floor_days)
    if cap_days is not None:
        enough |= spans >= cap_days
    if not enough.any():
        return LatestCut(
            None,
            None,
            None,
            None,
            (
                f"two years before {end.isoformat()} give {reached[-1]:.0f} day degrees over "
                f"{base_c:g} °C; {heat_units:g} are needed"
            ),
        )
    span = int(spans[enough][0])
    latest = end - dt.timedelta(days=span)
    forward = np.cumsum(heat[LOOK_BACK_DAYS - span :])
    done = (forward >= heat_units) & (np.arange(1, span + 1) >= floor_days)
    if cap_days is not None:
        done |= np.arange(1, span + 1) >= cap_days
    taken = int(np.argmax(done)) + 1
    return LatestCut(latest, latest + dt.timedelta(days=taken), taken, float(forward[taken - 1]))
