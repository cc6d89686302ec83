"""The log as CSV, for spreadsheets."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping

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


def write_log(lines: Iterable[Mapping[str, object]]) -> str:
    """A CSV text with one line an entry; a leading sign that a spreadsheet would run as a formula
    is kept as text.
    """
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(COLUMNS)
    for line in lines:
        writer.writerow([_safe(line.get(c)) for c in COLUMNS])
    return out.getvalue()


def _safe(value: object) -> object:
    if isinstance(value, str) and value[:1] in "=+-@\t\r":
        return f"'{value}"
    return "" if value is None else value
