"""Entries that make no sense."""

from __future__ import annotations

from .base import Answer, IsoDate, Written


class OddOut(Answer):
    """An entry that cannot be used. ``tree_id``: None where it is a block's; ``says``: what was
    written down, in words.
    """

    id: str
    where: str
    tree_id: str | None
    says: str
    value: str
    date: IsoDate
    problem: str


class OddListOut(Answer):
    """Every entry that cannot be used."""

    entries: list[OddOut]


class TakeOutIn(Written):
    """Take an entry out."""
