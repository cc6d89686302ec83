"""Day degrees by three methods, with an optional horizontal upper cut-off."""

from __future__ import annotations

from functools import lru_cache
from typing import Literal, get_args

import numpy as np
import numpy.typing as npt

from .normals import Normals, daily

Floats = npt.NDArray[np.float64]
HeatMethod = Literal["single_sine", "single_triangle", "average"]
HEAT_METHODS: tuple[HeatMethod, ...] = get_args(HeatMethod)


def single_sine_day_degrees(tmin_c: Floats, tmax_c: Floats, base_c: float) -> Floats:
    """Day degrees above ``base_c`` under one sine through a day's minimum and maximum [K d]. Shape
    as given.

    Source: Baskerville & Emin 1969, Ecology 50 (named from memory, not consulted); checked against
    numerical integration.
    """
    mean, swing = (tmin_c + tmax_c) / 2, (tmax_c - tmin_c) / 2
    with np.errstate(divide="ignore", invalid="ignore"):
        angle = np.arcsin(np.clip((base_c - mean) / swing, -1.0, 1.0))
    crossing = ((mean - base_c) * (np.pi / 2 - angle) + swing * np.cos(angle)) / np.pi
    return np.where(tmin_c >= base_c, mean - base_c, np.where(tmax_c <= base_c, 0.0, crossing))


def single_triangle_day_degrees(tmin_c: Floats, tmax_c: Floats, base_c: float) -> Floats:
    """Day degrees above ``base_c`` under one triangle through a day's minimum and maximum [K d].
    Shape as given.
    """
    with np.errstate(divide="ignore", invalid="ignore"):
        crossing = (tmax_c - base_c) ** 2 / (2 * (tmax_c - tmin_c))
    return np.where(
        tmin_c >= base_c, (tmin_c + tmax_c) / 2 - base_c, np.where(tmax_c <= base_c, 0.0, crossing)
    )


def average_day_degrees(tmin_c: Floats, tmax_c: Floats, base_c: float) -> Floats:
    """Day degrees of the daily mean above ``base_c``, not below zero [K d]. Shape as given."""
    return np.maximum(0.0, (tmin_c + tmax_c) / 2 - base_c)


_METHODS = {
    "single_sine": single_sine_day_degrees,
    "single_triangle": single_triangle_day_degrees,
    "average": average_day_degrees,
}


def day_degrees(
    tmin_c: Floats,
    tmax_c: Floats,
    base_c: float,
    upper_c: float | None = None,
    method: HeatMethod = "single_sine",
) -> Floats:
    """Day degrees between a base and an optional horizontal upper cut-off [K d].

    tmin_c, tmax_c: daily minima and maxima [deg C], the same shape. Warmth above ``upper_c`` counts
    as ``upper_c``.
    Raises: ValueError for an unknown method or a maximum below its minimum.
    """
    low, high = np.asarray(tmin_c, dtype=np.float64), np.asarray(tmax_c, dtype=np.float64)
    if method not in _METHODS:
        raise ValueError(f"method must be one of {', '.join(HEAT_METHODS)}")
    if np.any(high < low):
        raise ValueError("a maximum is below its minimum")
    units = _METHODS[method](low, high, base_c)
    return units if upper_c is None else units - _METHODS[method](low, high, upper_c)


@lru_cache(maxsize=512)
def normal_day_degrees(
    normals: Normals, base_c: float, upper_c: float | None, method: HeatMethod
) -> Floats:
    """Day degrees of the 365 normal days of a place [K d]. Shape (365,)."""
    units = day_degrees(daily(normals.tmin_c), daily(normals.tmax_c), base_c, upper_c, method)
    units.setflags(write=False)
    return units


def monthly_heat_units(
    mean_max_c: float, mean_min_c: float, days: int, base_c: float = 13.0
) -> float:
    """Heat units of one month, ``((max + min)/2 - base) x days``, not below zero [K d].

    Source: the NSW DPI monthly formula for citrus, Hardy & Khurshid about 2007 (named from memory,
    not consulted).
    """
    return max(0.0, (mean_max_c + mean_min_c) / 2 - base_c) * days
