"""The ways of renewal there are."""

from __future__ import annotations

from .base import Answer


class WayOut(Answer):
    """A way of renewal. ``adopted``: it can be adopted; ``one_tree``: on one tree too."""

    id: str
    name: str
    adopted: bool
    one_tree: bool


class WaysOut(Answer):
    """Every way, in the catalogue's order."""

    ways: list[WayOut]
