"""Lists as CSV or as a workbook (Office Open XML), in the reader's units, with the unit in the name
of a column.
"""

from __future__ import annotations

import csv
import datetime as dt
import io
from collections.abc import Iterable, Sequence

import xlsxwriter

from ..core.words.columns import Heads
from ..core.words.units import Units
from .table import defused, undefused

_DIGITS = 2
_WIDEST, _NARROWEST = 60, 8


def csv_of(
    columns: Sequence[str], rows: Iterable[Sequence[object]], units: Units, heads: Heads
) -> str:
    """A CSV text; columns: our names, in SI."""
    named = [heads.column(c, units) for c in columns]
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow([name for name, _ in named])
    for row in rows:
        writer.writerow([_cell(v, factor) for v, (_, factor) in zip(row, named, strict=True)])
    return out.getvalue()


def _cell(value: object, factor: float) -> object:
    if value is None:
        return ""
    if isinstance(value, float):
        return round(value / factor, _DIGITS)
    return value.isoformat() if isinstance(value, dt.date) else defused(value)


def workbook_of(text: str, title: str) -> bytes:
    """The same list as a workbook: numbers are numbers, days are days, and no text is a formula."""
    out = io.BytesIO()
    rows = list(csv.reader(io.StringIO(text, newline="")))
    with xlsxwriter.Workbook(out, {"in_memory": True, "strings_to_formulas": False}) as book:
        sheet = book.add_worksheet(title[:31])
        head, day = book.add_format({"bold": True}), book.add_format({"num_format": "yyyy-mm-dd"})
        for at, name in enumerate(rows[0] if rows else []):
            cells = [row[at] for row in rows[1:] if at < len(row)]
            width = max((len(c) for c in (name, *cells)), default=0)
            sheet.set_column(at, at, min(_WIDEST, max(_NARROWEST, width + 1)))
            sheet.write_string(0, at, name, head)
            numbers = all(_number(c) is not None for c in cells if c)
            for n, cell in enumerate(cells, 1):
                found, when = _number(cell), _day(cell)
                if cell == "":
                    continue
                if when is not None:
                    sheet.write_datetime(n, at, when, day)
                elif numbers and found is not None:
                    sheet.write_number(n, at, found)
                else:
                    sheet.write_string(n, at, undefused(cell))
        sheet.freeze_panes(1, 0)
    return out.getvalue()


def _number(cell: str) -> float | None:
    try:
        found = float(cell)
    except ValueError:
        return None
    return found if abs(found) < 1e15 and "_" not in cell else None


def _day(cell: str) -> dt.datetime | None:
    try:
        day = dt.date.fromisoformat(cell)
    except ValueError:
        return None
    return dt.datetime.combine(day, dt.time()) if len(cell) == len("2027-03-24") else None
