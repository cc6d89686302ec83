"""Daily series in and out: each problem with its line, and nothing taken before it is mended or
accepted.
"""

from __future__ import annotations

import datetime as dt

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.season.station import StationDay
from billhook.formats.daily_csv import read_days, write_days

HEAD = "date,tmin,tmax,rain\n"
GOOD = HEAD + "".join(
    f"2026-01-{d:02d},{5 + d / 10:.1f},{15 + d / 10:.1f},0\n" for d in range(1, 11)
)


def problems(text: str, *accept: str):
    return [(p.line, p.column, p.accept) for p in read_days(text, accept).problems]


def test_a_clean_list_is_read_whole():
    read = read_days(GOOD)
    assert (len(read.days), read.problems) == (10, ())
    assert read.days[0] == StationDay(dt.date(2026, 1, 1), 5.1, 15.1, 0.0)


@pytest.mark.parametrize(
    ("text", "found"),
    [
        (GOOD.replace("2026-01-04", "2026-02-30"), (5, "date", None)),
        (GOOD.replace("2026-01-04,5.4", "2026-01-04,cold"), (5, "tmin", None)),
        (GOOD.replace("5.4,15.4", "15.4,5.4"), (5, "tmax", None)),
        (GOOD.replace("5.4,15.4", "5.4,75.4"), (5, "tmax", None)),
        (GOOD.replace("15.4,0", "15.4,-3"), (5, "rain", None)),
        (GOOD.replace("2026-01-04", "2026-01-03"), (5, "date", "duplicates")),
        (GOOD.replace("2026-01-04,5.4,15.4,0\n", ""), (5, "date", "gaps")),
        (GOOD.replace("tmin", "low"), (1, "tmin", None)),
        ("day,tmin,tmax\n", (1, "date", None)),
        (HEAD, (0, "date", None)),
    ],
)
def test_each_problem_names_its_line(text, found):
    assert found in problems(text)


def test_swapped_columns_and_fahrenheit_are_found_and_turned():
    swapped = GOOD.replace("tmin,tmax", "tmax,tmin")
    assert (0, "tmin", "swapped") in problems(swapped)
    assert read_days(swapped, ["swapped"]).days == read_days(GOOD).days
    hot = HEAD + "".join(f"2026-07-{d:02d},68,86,0\n" for d in range(1, 11))
    assert (0, "tmax", "fahrenheit") in problems(hot)
    assert read_days(hot, ["fahrenheit"]).days[0] == StationDay(
        dt.date(2026, 7, 1), 20.0, 30.0, 0.0
    )
    assert read_days(hot.replace("tmin,tmax", "tmin_f,tmax_f")).days[0].tmax_c == 30.0


def test_accepting_leaves_only_what_cannot_be_accepted():
    text = GOOD.replace("2026-01-04", "2026-01-03").replace("5.9,15.9", "15.9,5.9")
    assert {p[2] for p in problems(text)} == {"duplicates", "gaps", None}
    assert {p[2] for p in problems(text, "duplicates", "gaps")} == {None}


def test_other_layouts_are_read():
    assert read_days("Day\tMonth\tYear\tMinTemp\tMaxTemp\n1\t2\t2026\t3,5\t12\n").days == (
        StationDay(dt.date(2026, 2, 1), 3.5, 12.0, None),
    )
    assert read_days("\ufeffdate;tmin;tmax\n2026-02-01;−1;NA\n").days == (
        StationDay(dt.date(2026, 2, 1), -1.0, None, None),
    )


@given(
    st.lists(
        st.tuples(
            st.integers(-20, 20), st.integers(0, 25), st.one_of(st.none(), st.integers(0, 90))
        ),
        min_size=1,
        max_size=30,
    )
)
def test_what_is_written_is_read_again(rows):
    days = tuple(
        StationDay(
            dt.date(2026, 3, 1) + dt.timedelta(days=i),
            float(a),
            float(a + b),
            None if r is None else float(r),
        )
        for i, (a, b, r) in enumerate(rows)
    )
    assert read_days(write_days(days)).days == days
