"""A CSV text as spreadsheets of all ages write it: with or without a mark in front, with any line
ends, by comma, semicolon or tab.
"""

from __future__ import annotations

import csv
import io
from typing import Any


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
