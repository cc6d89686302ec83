"""A CSV text as spreadsheets of all ages write it: with or without a mark in front, with any line
ends, by comma, semicolon or tab.
"""

from __future__ import annotations

import csv
import io
from typing import Any

from ..core.words.units import KG_PER_POUND, L_PER_GALLON, M_PER_FOOT, MM_PER_INCH, Units

# ending of a column in SI: its ending in feet and inches, and how much of SI one of those is
_OTHERS = {
    "_m": ("_ft", M_PER_FOOT),
    "_mm": ("_in", MM_PER_INCH),
    "_l": ("_gal", L_PER_GALLON),
    "_kg": ("_lb", KG_PER_POUND),
    "_m2": ("_ft2", M_PER_FOOT**2),
    "_m3": ("_ft3", M_PER_FOOT**3),
}


def plain_lines(text: str) -> str:
    """The text without a byte-order mark, its lines ended in one way."""
    return text.lstrip("\ufeff").replace("\r\n", "\n").replace("\r", "\n")


def separator(text: str) -> str:
    """The mark that parts the columns of the first line."""
    head = text.split("\n", 1)[0]
    return max(",;\t", key=head.count)


def reader_of(text: str) -> Any:
    """A CSV reader of a text; it raises ``csv.Error`` at a line that is none."""
    plain = plain_lines(text)
    return csv.reader(io.StringIO(plain, newline=""), delimiter=separator(plain))


_RUN_BY_SPREADSHEETS = ("=", "+", "-", "@", "\t", "\r", "'")


def defused(value: object) -> object:
    """A text that a spreadsheet would run as a formula kept as text by a mark in front; also one
    that bears such a mark itself, so that :func:`undefused` gives back just what there was.
    """
    runs = isinstance(value, str) and value.startswith(_RUN_BY_SPREADSHEETS)
    return f"'{value}" if runs else value


def undefused(text: str) -> str:
    """The text as it was before :func:`defused`."""
    marked = text.startswith("'") and text[1:].startswith(_RUN_BY_SPREADSHEETS)
    return text[1:] if marked else text


def column_in(column: str, units: Units) -> tuple[str, float]:
    """The name of an SI column in these units, and how much of its SI unit one of them is."""
    for ending, (other, factor) in _OTHERS.items():
        if units == "us" and column.endswith(ending):
            return column.removesuffix(ending) + other, factor
    return column, 1.0
