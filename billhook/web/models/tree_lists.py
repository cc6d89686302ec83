"""Trees in as a list."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Text, Written


class ImportIn(Written):
    """A list of trees as CSV text; ``save`` false only checks it."""

    site_id: Text
    text: Annotated[str, Field(min_length=1, max_length=24_000_000)]
    save: bool = False


class LineProblemOut(Answer):
    """What is wrong on a line of a list."""

    line: int
    column: str
    message: str


class ImportOut(Answer):
    """What an import did or would do."""

    trees: int
    blocks: int
    problems: list[LineProblemOut]
    saved: bool
