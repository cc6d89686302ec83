"""Daily minima and maxima as CSV, in and out: every problem with its line, and nothing taken until
it is resolved or accepted.

Columns: ``date`` (YYYY-MM-DD, or day, month, year in three columns), ``tmin``, ``tmax``, and
optionally ``rain``, in any order; extra columns are left out. Degrees Celsius, unless the header
names ``tmin_f`` and ``tmax_f``.
"""

from __future__ import annotations

import csv
import datetime as dt
import io
from collections.abc import Iterable
from dataclasses import dataclass
from itertools import pairwise
from typing import Any

from ..core.season.station import StationDay
from ..core.words.columns import Heads
from ..core.words.units import celsius
from ..core.words.values import Rounded, Value, say
from .table import reader_of

_NAMES = {
    "date": ("date", "day_date"),
    "tmin": ("tmin", "tmin_c", "min", "minimum", "mintemp", "tmin_f"),
    "tmax": ("tmax", "tmax_c", "max", "maximum", "maxtemp", "tmax_f"),
    "rain": ("rain", "rain_mm", "prcp", "precipitation"),
    "day": ("day",),
    "month": ("month",),
    "year": ("year",),
}
_LOW, _HIGH = -60.0, 60.0
_FAHRENHEIT_FROM = (
    50.0  # a mean maximum above this is no place where these trees grow in degrees Celsius
)
ACCEPTABLE = ("gaps", "duplicates", "swapped", "fahrenheit")


@dataclass(frozen=True)
class DayProblem:
    """What is wrong, and on which line (0: the list as a whole). ``accept``: the word by which it
    may be accepted, None where it must be mended.
    """

    line: int
    column: str
    message: Value
    accept: str | None = None


@dataclass(frozen=True)
class DaysRead:
    """Days in date order, and what was found wrong that was not accepted."""

    days: tuple[StationDay, ...]
    problems: tuple[DayProblem, ...]


def read_days(text: str, accept: Iterable[str] = (), heads: Heads | None = None) -> DaysRead:
    """Read a daily series. ``accept``: ``gaps`` and ``duplicates`` (the first of a day holds) are
    left as they are, ``swapped`` turns columns round, ``fahrenheit`` converts.
    """
    reader = reader_of(text)
    try:
        return _read(reader, set(accept), heads or Heads())
    except csv.Error as error:
        return DaysRead(
            (),
            (
                DayProblem(
                    max(1, reader.line_num), "", say("bad-cannot-be-read-as-csv", error=str(error))
                ),
            ),
        )


def _read(reader: Any, accepted: set[str], heads: Heads) -> DaysRead:
    problems: list[DayProblem] = []
    header = [heads.meant(h.split("(")[0]) for h in next(reader, [])]
    column = {
        name: next((i for i, h in enumerate(header) if h in known), None)
        for name, known in _NAMES.items()
    }
    dated = column["date"] is not None or None not in (
        column["day"],
        column["month"],
        column["year"],
    )
    for name in ("tmin", "tmax"):
        if column[name] is None:
            problems.append(DayProblem(1, name, say("bad-there-is-no-column", name=name)))
    if not dated:
        problems.append(DayProblem(1, "date", say("bad-there-is-no-column-date-nor")))
    if problems:
        return DaysRead((), tuple(problems))
    rows: list[tuple[int, StationDay]] = []
    for line, cells in enumerate(reader, 2):
        if any(c.strip() for c in cells):
            _row(cells, line, column, rows, problems)
    rows = _converted(rows, header, accepted, problems)
    rows = _turned(rows, accepted, problems)
    rows = _once(rows, accepted, problems)
    rows.sort(key=lambda r: r[1].date)
    if "gaps" not in accepted:
        for (_, a), (line, b) in pairwise(rows):
            if (missing := (b.date - a.date).days - 1) > 0:
                problems.append(
                    DayProblem(
                        line,
                        "date",
                        say("bad-days-missing", n=missing, day=a.date.isoformat()),
                        "gaps",
                    )
                )
    if not rows and not problems:
        problems.append(DayProblem(0, "date", say("bad-the-list-holds-no-day")))
    return DaysRead(tuple(day for _, day in rows), tuple(sorted(problems, key=lambda p: p.line)))


def _row(
    cells: list[str],
    line: int,
    column: dict[str, int | None],
    rows: list[tuple[int, StationDay]],
    problems: list[DayProblem],
) -> None:
    def cell(name: str) -> str:
        at = column[name]
        return cells[at].strip() if at is not None and at < len(cells) else ""

    words = cell("date") or "-".join(cell(n).zfill(2) for n in ("year", "month", "day"))
    try:
        date = dt.date.fromisoformat(words)
    except ValueError:
        problems.append(DayProblem(line, "date", say("bad-is-no-date-as-yyyy-mm", words=words)))
        return
    if not 1900 <= date.year <= 2199:
        problems.append(
            DayProblem(line, "date", say("bad-must-lie-between-1900-and-2199", words=words))
        )
        return
    figures: dict[str, float | None] = {}
    for name in ("tmin", "tmax", "rain"):
        raw = cell(name).replace(",", ".").replace("−", "-")
        try:
            figures[name] = float(raw) if raw not in ("", "NA", "NaN", "nan", "-") else None
        except ValueError:
            problems.append(DayProblem(line, name, say("bad-is-no-number", raw=raw)))
            return
    if figures["rain"] is not None and figures["rain"] < 0:
        problems.append(DayProblem(line, "rain", say("bad-rain-is-never-less-than-nothing")))
        return
    rows.append((line, StationDay(date, figures["tmin"], figures["tmax"], figures["rain"])))


def _converted(
    rows: list[tuple[int, StationDay]],
    header: list[str],
    accepted: set[str],
    problems: list[DayProblem],
) -> list[tuple[int, StationDay]]:
    maxima = [d.tmax_c for _, d in rows if d.tmax_c is not None]
    named = any(h in ("tmin_f", "tmax_f") for h in header)
    looks = bool(maxima) and sum(maxima) / len(maxima) > _FAHRENHEIT_FROM
    if not named and looks and "fahrenheit" not in accepted:
        problems.append(
            DayProblem(
                0,
                "tmax",
                say("bad-the-mean-maximum-is-this-looks", n=Rounded(sum(maxima) / len(maxima), 0)),
                "fahrenheit",
            )
        )
        return rows
    if named or (looks and "fahrenheit" in accepted):
        rows = [
            (n, StationDay(d.date, _celsius(d.tmin_c), _celsius(d.tmax_c), d.rain_mm))
            for n, d in rows
        ]
    for line, day in rows:
        for name, value in (("tmin", day.tmin_c), ("tmax", day.tmax_c)):
            if value is not None and not _LOW <= value <= _HIGH:
                problems.append(
                    DayProblem(
                        line,
                        name,
                        say("bad-c-lies-outside-to-c", value=value, low=_LOW, high=_HIGH),
                    )
                )
    return rows


def _celsius(value: float | None) -> float | None:
    return None if value is None else round(celsius(value), 2)


def _turned(
    rows: list[tuple[int, StationDay]], accepted: set[str], problems: list[DayProblem]
) -> list[tuple[int, StationDay]]:
    both = [(n, d) for n, d in rows if d.tmin_c is not None and d.tmax_c is not None]
    wrong = [(n, d) for n, d in both if (d.tmin_c or 0.0) > (d.tmax_c or 0.0)]
    if len(both) > 3 and len(wrong) > 0.8 * len(both):
        if "swapped" in accepted:
            return [(n, StationDay(d.date, d.tmax_c, d.tmin_c, d.rain_mm)) for n, d in rows]
        problems.append(
            DayProblem(
                0,
                "tmin",
                (say("bad-on-of-days-the-minimum-lies", n=len(wrong), n2=len(both))),
                "swapped",
            )
        )
        return rows
    problems += [
        DayProblem(
            n,
            "tmax",
            say(
                "bad-the-maximum-lies-below-the-minimum",
                tmax_c=d.tmax_c or 0.0,
                tmin_c=d.tmin_c or 0.0,
            ),
        )
        for n, d in wrong
    ]
    return rows


def _once(
    rows: list[tuple[int, StationDay]], accepted: set[str], problems: list[DayProblem]
) -> list[tuple[int, StationDay]]:
    first: dict[dt.date, int] = {}
    kept: list[tuple[int, StationDay]] = []
    for line, day in rows:
        if day.date in first:
            if "duplicates" not in accepted:
                problems.append(
                    DayProblem(
                        line,
                        "date",
                        say(
                            "bad-stands-on-line-already",
                            what=day.date.isoformat(),
                            line=first[day.date],
                        ),
                        "duplicates",
                    )
                )
            continue
        first[day.date] = line
        kept.append((line, day))
    return kept


def write_days(days: Iterable[StationDay], heads: Heads | None = None) -> str:
    """The series as CSV, as :func:`read_days` takes it."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    named = heads or Heads()
    writer.writerow([named.column(c, "metric")[0] for c in ("date", "tmin", "tmax", "rain")])
    for day in days:
        writer.writerow(
            [
                day.date.isoformat(),
                *("" if v is None else f"{v:g}" for v in (day.tmin_c, day.tmax_c, day.rain_mm)),
            ]
        )
    return out.getvalue()
