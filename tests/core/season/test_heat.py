"""Day degrees and last dates against integration, published formulas, worked dates and a real daily
series.
"""

from __future__ import annotations

import datetime as dt
from importlib.util import find_spec
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.integrate import quad

from billhook.core.season.heat import day_degrees, monthly_heat_units
from billhook.core.season.latest import latest_cut
from billhook.core.season.normals import MONTH_DAYS, Normals, coldest_day, daily


@given(
    st.floats(-5, 30), st.floats(0, 25), st.floats(5, 15), st.one_of(st.none(), st.floats(20, 38))
)
def test_single_sine_against_numerical_integration(tmin, swing, base, upper):
    """scipy's quad of the clipped sine through the day; the method is Baskerville & Emin 1969
    (named from memory).
    """
    mean, half = tmin + swing / 2, swing / 2

    def above(t: float) -> float:
        value = mean + half * np.sin(2 * np.pi * t)
        return max(0.0, min(value, upper if upper is not None else value) - base)

    # quad's own kinks: split where the sine crosses the base and the cut-off
    kinks = [
        c
        for level in (base, upper)
        if level is not None and half > 0 and abs(level - mean) < half
        for c in _crossings((level - mean) / half)
    ]
    wanted, _ = quad(above, 0, 1, points=sorted(kinks) or None, limit=200)
    got = day_degrees(np.array([tmin]), np.array([tmin + swing]), base, upper)[0]
    assert got == pytest.approx(wanted, abs=1e-6)


def _crossings(ratio: float) -> list[float]:
    angle = np.arcsin(ratio) / (2 * np.pi)
    return [angle % 1, (0.5 - angle) % 1]


def test_triangle_worked_example():
    """From memory: a day of 8 to 22 °C gives 3.023 over 12.8 °C."""
    assert day_degrees(np.array([8.0]), np.array([22.0]), 12.8, method="single_triangle")[
        0
    ] == pytest.approx(3.023, abs=0.001)


def test_average_method_and_horizontal_cutoff():
    assert day_degrees(
        np.array([20.0, 4.0]), np.array([30.0, 10.0]), 10, method="average"
    ).tolist() == [15, 0]
    assert day_degrees(np.array([32.0]), np.array([38.0]), 10, 33, "average")[0] == pytest.approx(
        23
    )


def test_monthly_formula_of_nsw(know):
    """Hardy & Khurshid, NSW DPI, about 2007 (named from memory): 30/15 °C over 31 days gives 294.5
    with base 13 °C.
    """
    base = know.number("heat/citrus-base-monthly")
    assert monthly_heat_units(30, 15, 31, base) == pytest.approx(294.5)
    assert monthly_heat_units(14, 6, 30, base) == 0


def test_a_maximum_below_its_minimum_is_refused():
    with pytest.raises(ValueError, match="below its minimum"):
        day_degrees(np.array([10.0]), np.array([9.0]), 5)


def test_normals_pass_through_mid_months_and_close_the_year():
    monthly = (5.0, 6, 9, 12, 16, 20, 23, 23, 20, 15, 10, 6)
    values = daily(monthly)
    assert values[15] == pytest.approx(5.0)  # noon of 16 January is the middle instant of the month
    assert abs(values[364] - values[0]) < 0.05
    assert values.mean() == pytest.approx(np.average(monthly, weights=MONTH_DAYS), abs=0.1)


def test_coldest_day_turns_round_with_the_hemisphere():
    north = Normals(
        (5.0, 6, 9, 12, 16, 20, 23, 23, 20, 15, 10, 6),
        (15.0, 16, 19, 22, 26, 30, 33, 33, 30, 25, 20, 16),
    )
    assert coldest_day(north) == 15
    assert coldest_day(north.turned()) == 196


# Worked dates from memory, by the triangle with maxima held to 36 °C; months as (maximum, minimum).
INLAND = {
    4: (23, 9),
    5: (27, 12),
    6: (31, 15),
    7: (34, 17),
    8: (33, 17),
    9: (30, 14),
    10: (26, 11),
    11: (20, 7),
    12: (16, 5),
}
DESERT = {
    4: (31, 15),
    5: (36, 19),
    6: (41, 24),
    7: (42, 28),
    8: (41, 27),
    9: (38, 23),
    10: (32, 16),
    11: (25, 10),
    12: (20, 6),
}


@pytest.mark.parametrize(
    ("months", "frost", "safety", "latest", "ready"),
    [
        (INLAND, dt.date(2025, 11, 25), 28, dt.date(2025, 7, 30), dt.date(2025, 10, 28)),
        (DESERT, dt.date(2025, 12, 1), 14, dt.date(2025, 9, 6), dt.date(2025, 11, 17)),
    ],
)
def test_last_safe_cut_of_worked_places(months, frost, safety, latest, ready):
    normals = Normals(
        tuple(months.get(m, (15, 4))[1] for m in range(1, 13)),
        tuple(min(36, months.get(m, (15, 4))[0]) for m in range(1, 13)),
    )
    found = latest_cut(
        normals, 12.8, 830, frost, safety, method="single_triangle", floor_days=47, cap_days=180
    )
    assert abs((found.latest - latest).days) <= 1
    assert found.matures_on == ready
    assert found.days == (ready - found.latest).days


def test_last_cut_in_constant_warmth_is_plain_division():
    """25 °C all year over 12.8: 830 / 12.2 = 68.03, so 69 days; floor and cap move it."""
    normals = Normals((25.0,) * 12, (25.0,) * 12)
    before = dt.date(2026, 11, 30)
    assert latest_cut(normals, 12.8, 830, before, 0).days == 69
    assert latest_cut(normals, 12.8, 830, before, 0, floor_days=90).days == 90
    assert latest_cut(normals, 12.8, 830, before, 10, cap_days=30).latest == dt.date(2026, 10, 21)


def test_too_cool_a_place_has_no_last_cut_and_says_why():
    found = latest_cut(Normals((2.0,) * 12, (9.0,) * 12), 12.8, 830, dt.date(2026, 11, 30), 14)
    assert found.latest is None
    assert "830" in found.why_not


def test_real_daily_series_agree_with_their_own_monthly_normals():
    """A daily series at 36.8° N that the package aquacrop ships (Apache-2.0; the file names no
    source), 1979 to 2002.

    Heat of whole years day by day, and from the series' own monthly means, agree within 6 %:
    averaging hides cool days in spring.
    """
    package = Path(find_spec("aquacrop").submodule_search_locations[0])
    rows = np.loadtxt(package / "data" / "tunis_climate.txt", skiprows=1, usecols=(0, 1, 2, 3, 4))
    rows = rows[(rows[:, 2] >= 1980) & (rows[:, 2] <= 2001)]
    tmin, tmax = rows[:, 3], np.maximum(rows[:, 3], rows[:, 4])
    assert len(rows) > 8000
    by_day = day_degrees(tmin, tmax, 12.8).sum() / 22
    mean = [[float(v[rows[:, 1] == m].mean()) for m in range(1, 13)] for v in (tmin, tmax)]
    by_normals = day_degrees(daily(tuple(mean[0])), daily(tuple(mean[1])), 12.8).sum()
    assert 1500 < by_day < 3500
    assert by_normals == pytest.approx(by_day, rel=0.06)
