"""A holding's tables as a Data Package: CSV with a schema, as the Frictionless standard has it
(Data Package 1, Table Schema 1), read by any program that knows it.

Nothing at all is ``\\N`` in a cell, so that an empty text stays one; true and false are 1 and 0. A
text that a spreadsheet would run as a formula bears a mark in front, which reading takes off.
"""

from __future__ import annotations

import csv
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Any, TextIO

from .table import defused, undefused

DESCRIPTION = "datapackage.json"
_NOTHING = "\\N"
_KINDS = {
    "FLOAT": "number",
    "INTEGER": "integer",
    "BOOLEAN": "boolean",
    "DATE": "date",
    "DATETIME": "string",
    "JSON": "string",
}
Row = tuple[Any, ...]


@dataclass(frozen=True)
class Column:
    """A column of a table as its database declares it; key: it names the row."""

    name: str
    declared: str
    key: bool


@dataclass(frozen=True)
class Table:
    """A table: its columns, and what of it names a row of another: (column, table, column)."""

    name: str
    columns: tuple[Column, ...]
    points: tuple[tuple[str, str, str], ...] = ()


def write_table(out: TextIO, table: Table, rows: Iterable[Row]) -> None:
    """A table as CSV."""
    writer = csv.writer(out, lineterminator="\r\n")
    writer.writerow([c.name for c in table.columns])
    for row in rows:
        writer.writerow([_cell(value) for value in row])


def _cell(value: Any) -> Any:
    if value is None:
        return _NOTHING
    if isinstance(value, float):
        return repr(value)
    # an own text of these two letters is told from nothing by a mark, as formulas are
    return f"'{_NOTHING}" if value == _NOTHING else defused(value)


def read_table(text: TextIO, table: Table) -> Iterator[Row]:
    """The rows of a table. Raises: ValueError for a cell or a line that is none of its."""
    csv.field_size_limit(64 * 1024 * 1024)
    reader = csv.reader(text)
    names = next(reader, [])
    if names != [c.name for c in table.columns]:
        raise ValueError(f"the columns of {table.name} are not those of its time")
    for cells in reader:
        if len(cells) != len(table.columns):
            raise ValueError(f"line {reader.line_num} of {table.name} is cut off")
        yield tuple(
            _value(cell, column, table.name, reader.line_num)
            for cell, column in zip(cells, table.columns, strict=True)
        )


def _value(cell: str, column: Column, table: str, line: int) -> Any:
    if cell == _NOTHING:
        return None
    try:
        if column.declared == "FLOAT":
            return float(cell)
        if column.declared in ("INTEGER", "BOOLEAN"):
            return int(cell)
    except ValueError as error:
        raise ValueError(f"line {line} of {table}: {column.name} is no number") from error
    return _NOTHING if cell == f"'{_NOTHING}" else undefused(cell)


def resource(table: Table, path: str, size: int, digest: str) -> dict[str, Any]:
    """What the description says of a table. size [bytes]; digest: SHA-256."""
    keys = [c.name for c in table.columns if c.key]
    schema: dict[str, Any] = {
        "fields": [_field(c) for c in table.columns],
        "missingValues": [_NOTHING],
    }
    if keys:
        schema["primaryKey"] = keys
    if table.points:
        schema["foreignKeys"] = [
            {
                "fields": [column],
                "reference": {"resource": "" if of == table.name else of, "fields": [other]},
            }
            for column, of, other in table.points
        ]
    return {
        "name": table.name,
        "path": path,
        "profile": "tabular-data-resource",
        "format": "csv",
        "mediatype": "text/csv",
        "encoding": "utf-8",
        "bytes": size,
        "hash": f"sha256:{digest}",
        "schema": schema,
    }


def _field(column: Column) -> dict[str, Any]:
    kind = _KINDS.get(column.declared, "string")
    bounds = {"trueValues": ["1"], "falseValues": ["0"]} if kind == "boolean" else {}
    return {"name": column.name, "type": kind, **bounds}
