"""The log as CSV, for spreadsheets."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping

from ..core.words.units import Units
from .table import column_in, defused

COLUMNS = (
    "date",
    "tree",
    "work",
    "share",
    "cuts",
    "height_before_m",
    "height_after_m",
    "minutes",
    "who",
    "note",
    "id",
    "corrects",
    "corrected_by",
)


def write_log(lines: Iterable[Mapping[str, object]], units: Units = "metric") -> str:
    """A CSV text with one line an entry; a leading sign that a spreadsheet would run as a formula
    is kept as text.
    """
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow([column_in(c, units)[0] for c in COLUMNS])
    for line in lines:
        writer.writerow([_cell(_in(line.get(c), column_in(c, units)[1])) for c in COLUMNS])
    return out.getvalue()


def _in(value: object, factor: float) -> object:
    return round(value / factor, 2) if isinstance(value, float) and factor != 1 else value


def _cell(value: object) -> object:
    return "" if value is None else defused(value)
