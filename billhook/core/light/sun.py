"""Where the sun stands.

Low-precision formulae of the Astronomical Almanac (Michalsky 1988, source named from memory, not
consulted): within 0.02° from 1950 to 2050. Elevations are true, without refraction.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
_J2000 = dt.datetime(2000, 1, 1, 12, tzinfo=dt.UTC)
STEP_MIN = 5.0


@dataclass(frozen=True)
class SunPath:
    """The sun over solar days from midnight to midnight, in mid-steps. Arrays of shape (days *
    steps,): elevation and azimuth [degrees], solar hour [h].
    """

    elevation: Floats
    azimuth: Floats
    hour: Floats
    step_h: float


def sun_position(latitude: float, longitude: float, days: Floats) -> tuple[Floats, Floats]:
    """True elevation and azimuth clockwise from north [degrees]. days: since noon UTC of 1 January
    2000, any shape.
    """
    mean, anomaly = np.radians(280.460 + 0.9856474 * days), np.radians(357.528 + 0.9856003 * days)
    along = mean + np.radians(1.915) * np.sin(anomaly) + np.radians(0.020) * np.sin(2 * anomaly)
    tilt = np.radians(23.439 - 0.0000004 * days)
    ascension = np.arctan2(np.cos(tilt) * np.sin(along), np.cos(along))
    declination = np.arcsin(np.sin(tilt) * np.sin(along))
    sidereal = np.radians(15.0 * (18.697374558 + 24.06570982441908 * days) + longitude)
    hour_angle = sidereal - ascension
    lat = np.radians(latitude)
    elevation = np.arcsin(
        np.sin(lat) * np.sin(declination) + np.cos(lat) * np.cos(declination) * np.cos(hour_angle)
    )
    azimuth = np.arctan2(
        -np.sin(hour_angle), np.tan(declination) * np.cos(lat) - np.sin(lat) * np.cos(hour_angle)
    )
    return np.degrees(elevation), np.degrees(azimuth) % 360


def days_since_2000(moment: dt.datetime) -> float:
    """Days since noon UTC of 1 January 2000 of a moment with a time zone."""
    return (moment - _J2000).total_seconds() / 86400


def sun_path(
    latitude: float,
    first: dt.date,
    count: int = 1,
    longitude: float = 0.0,
    step_min: float = STEP_MIN,
) -> SunPath:
    """The sun over ``count`` solar days from ``first``, sampled in the middle of steps [min]."""
    steps = round(1440 / step_min)
    midnight = (
        days_since_2000(dt.datetime(first.year, first.month, first.day, tzinfo=dt.UTC))
        - longitude / 360
    )
    hours = (np.arange(steps) + 0.5) * 24 / steps
    days = midnight + np.arange(count)[:, None] + hours[None, :] / 24
    elevation, azimuth = sun_position(latitude, longitude, days.ravel())
    return SunPath(elevation, azimuth, np.tile(hours, count), 24 / steps)
