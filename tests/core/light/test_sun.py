"""The sun against NREL's algorithm and its published example; hours on walls against an independent
ray-march.
"""

from __future__ import annotations

import datetime as dt
from math import cos, radians, sin, tan

import numpy as np
import pandas as pd
import pvlib
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from billhook.core.light.rows import (
    Obstacle,
    Rows,
    Section,
    bark_hours,
    lit,
    tallest_for,
    wall_sun,
    year_of_hours,
)
from billhook.core.light.sun import days_since_2000, sun_path, sun_position


def test_the_published_example_of_the_solar_position_algorithm():
    """Reda and Andreas, NREL/TP-560-34302: Golden, 17 October 2003, 12:30:30 at UTC-7: azimuth
    194.34024°, true elevation 39.872046° (from memory).
    """
    moment = dt.datetime(2003, 10, 17, 19, 30, 30, tzinfo=dt.UTC)
    elevation, azimuth = sun_position(39.742476, -105.1786, np.array([days_since_2000(moment)]))
    assert elevation[0] == pytest.approx(39.872046, abs=0.02)
    assert azimuth[0] == pytest.approx(194.34024, abs=0.03)


@pytest.mark.parametrize("latitude", [-45, -33.2, -10, 0, 23, 36.8, 50])
def test_within_a_tenth_of_a_degree_of_nrel_s_algorithm(latitude):
    times = pd.date_range("2027-01-01", "2027-12-31 23:00", freq="5h", tz="UTC")
    spa = pvlib.solarposition.spa_python(times, latitude, 12.5, altitude=0)
    days = np.array([days_since_2000(t.to_pydatetime()) for t in times])
    elevation, azimuth = sun_position(latitude, 12.5, days)
    assert np.abs(elevation - spa["elevation"].to_numpy()).max() < 0.1
    off = np.abs((azimuth - spa["azimuth"].to_numpy() + 180) % 360 - 180) * np.cos(
        np.radians(elevation)
    )
    assert off.max() < 0.1  # on the sky, so that a sun overhead does not count double


def march(rows: Rows, section: Section, facing: float, z0: float, date: dt.date) -> float:
    """Hours of sun at a point by walking along every ray in small steps; independent of what it
    checks.
    """
    hours, x0 = 0.0, section.half_at(z0) + 1e-6
    lean = radians(section.lean_deg)
    minutes = pd.date_range(pd.Timestamp(date), periods=720, freq="2min", tz="UTC") - pd.Timedelta(
        hours=rows.longitude / 15
    )
    sun = pvlib.solarposition.spa_python(minutes, rows.latitude, rows.longitude)
    for elevation, azimuth in zip(sun["elevation"], sun["azimuth"], strict=True):
        if elevation <= 0:
            continue
        out = cos(radians(elevation)) * cos(radians(azimuth - facing))
        rise = sin(radians(elevation))
        if out * cos(lean) + rise * sin(lean) <= 0:
            continue
        t = np.arange(0.0, (section.height_m - z0) / rise + 0.02, 0.02)
        x, z = x0 + out * t, z0 + rise * t
        row = np.round(x / rows.row_spacing_m)
        across = np.abs(x - row * rows.row_spacing_m)
        part = np.clip((z - section.skirt_m) / (section.height_m - section.skirt_m), 0, 1)
        half = (section.base_width_m + (section.top_width_m - section.base_width_m) * part) / 2
        if not np.any(
            (row != 0) & (z >= section.skirt_m) & (z <= section.height_m) & (across < half)
        ):
            hours += 2 / 60
    return hours


CASES = [
    (Rows(36.8, 80, 4.5), Section(3.6, 2.4, 2.1, 0.5), dt.date(2027, 4, 15)),
    (Rows(36.8, 0, 6.0, -3.5), Section(4.5, 3.5, 2.5, 0.6), dt.date(2027, 12, 21)),
    (Rows(-33.2, 30, 5.0), Section(3.0, 2.2, 1.4, 0.8), dt.date(2027, 10, 1)),
    (Rows(10, 135, 7.0), Section(5.0, 3.0, 3.0, 0.4), dt.date(2027, 6, 21)),
]


@pytest.mark.parametrize(("rows", "section", "date"), CASES)
@pytest.mark.parametrize("part", [0.02, 0.4, 0.9])
def test_hours_on_both_walls_within_ten_minutes_of_a_ray_march(rows, section, date, part):
    z = section.skirt_m + part * (section.height_m - section.skirt_m)
    for wall in wall_sun(rows, section, [z], date):
        assert wall.sun_hours[0] == pytest.approx(
            march(rows, section, wall.facing_deg, z, date), abs=10 / 60
        )


def test_light_passes_under_the_skirts():
    rows, section = Rows(36.8, 0, 6.0), Section(4.0, 3.0, 3.0, 1.5)
    for wall in wall_sun(rows, section, [0.3], dt.date(2027, 3, 21)):
        assert wall.sun_hours[0] == pytest.approx(
            march(rows, section, wall.facing_deg, 0.3, dt.date(2027, 3, 21)), abs=10 / 60
        )


@settings(max_examples=60)
@given(
    st.floats(-45, 45),
    st.floats(0, 179),
    st.floats(4, 8),
    st.floats(2, 4),
    st.floats(0.2, 1.5),
    st.integers(0, 364),
)
def test_taller_rows_never_get_more_sun_and_the_top_never_less(
    latitude, bearing, spacing, height, more, day
):
    rows, date = Rows(latitude, bearing, spacing), dt.date(2027, 1, 1) + dt.timedelta(days=day)
    low, tall = Section(height, 2.2, 2.2, 0.5), Section(height + more, 2.2, 2.2, 0.5)
    for a, b in zip(
        wall_sun(rows, low, [0.8, 1.8], date), wall_sun(rows, tall, [0.8, 1.8], date), strict=True
    ):
        assert b.sun_hours[0] <= a.sun_hours[0] + 1e-9
        assert a.sun_hours[0] <= a.sun_hours[1] + 1e-9
        assert 0 <= min(a.by_hour) <= max(a.by_hour) <= 1


def test_how_tall_a_row_may_be_gives_just_those_hours():
    rows, section, date = Rows(36.8, 80, 4.5), Section(3.6, 2.4, 2.1, 0.5), dt.date(2027, 4, 15)
    height = tallest_for(rows, section, 170, 0.6, 4.0, date)
    assert height is not None
    lean = tan(radians(section.lean_deg))

    def sun(h):
        shape = Section(
            h,
            section.base_width_m,
            section.base_width_m - 2 * lean * (h - section.skirt_m),
            section.skirt_m,
        )
        return wall_sun(rows, shape, [0.6], date, 1.0)[0].sun_hours[0]

    assert sun(height - 0.02) >= 4.0 > sun(height + 0.1)
    assert (
        tallest_for(rows, section, 350, 0.6, 4.0, date) is None
    )  # the wall away from the sun never gets them


def test_a_year_adds_up_to_its_days():
    rows, section = Rows(-33.2, 20, 5), Section(3, 2.2, 1.8, 0.5)
    year = year_of_hours(rows, section, [0.6, 2.0], 2027)
    assert year.shape == (2, 2, 365)
    day = wall_sun(rows, section, [0.6, 2.0], dt.date(2027, 5, 3))
    assert year[:, 0, 122] == pytest.approx([w.sun_hours[0] for w in day])


def test_slope_and_obstacles_take_sun():
    date, section = dt.date(2027, 3, 1), Section(3.0, 2.2, 1.8, 0.5)
    flat = Rows(36.8, 90, 6.0)
    right, _ = wall_sun(flat, section, [0.6], date)
    assert right.facing_deg == 180
    falls, _ = wall_sun(Rows(36.8, 90, 6.0, step_m=-0.6), section, [0.6], date)
    climbs, _ = wall_sun(Rows(36.8, 90, 6.0, step_m=0.6), section, [0.6], date)
    assert climbs.sun_hours[0] < right.sun_hours[0] < falls.sun_hours[0]
    hill = Rows(36.8, 90, 6.0, obstacles=(Obstacle(180, 20, 15, 30),))
    path = sun_path(36.8, date)
    hidden = lit(flat, section, 180, [2.5], path)[0] & ~lit(hill, section, 180, [2.5], path)[0]
    assert hidden.any()
    assert np.all(np.abs(path.azimuth[hidden] - 180) <= 20.6)  # only while the sun stands behind it


def test_bark_on_the_afternoon_side_gets_the_hot_sun():
    day = dt.date(2027, 7, 15)
    west, east, north = (bark_hours(36.8, day, b, 0) for b in (250, 90, 0))
    assert west > 3
    assert west > east > -1e-9
    assert north < west
    assert bark_hours(-33.2, dt.date(2027, 1, 15), 290, 0) == pytest.approx(
        west, abs=1.2
    )  # south of the line the sun turns the other way
