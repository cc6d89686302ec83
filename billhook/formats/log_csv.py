"""The log as CSV, for spreadsheets."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping

from ..core.words.columns import Heads
from ..core.words.units import Units
from .table import defused

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


def write_log(
    lines: Iterable[Mapping[str, object]], units: Units = "metric", heads: Heads | None = None
) -> str:
    """A CSV text with one line an entry; a leading sign that a spreadsheet would run as a formula
    is kept as text.
    """
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    named = [(heads or Heads()).column(c, units) for c in COLUMNS]
    writer.writerow([name for name, _ in named])
    for line in lines:
        cells = [(line.get(c), factor) for c, (_, factor) in zip(COLUMNS, named, strict=True)]
        writer.writerow([_cell(_in(value, factor)) for value, factor in cells])
    return out.getvalue()


def _in(value: object, factor: float) -> object:
    return round(value / factor, 2) if isinstance(value, float) and factor != 1 else value


def _cell(value: object) -> object:
    return "" if value is None else defused(value)
