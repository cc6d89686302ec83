"""What every reader of the catalogue refuses in the same words."""

from __future__ import annotations

from typing import Any, NoReturn

from ..core.errors import BillhookError
from ..core.known import SURE

PROVENANCES = tuple(SURE)


class CatalogueError(BillhookError):
    """The catalogue holds something it must not, or lacks something it needs. Names file and id."""


def refuse(where: str, what: str) -> NoReturn:
    """Raise: CatalogueError."""
    raise CatalogueError(f"{where}: {what}")


def keys(where: str, given: dict[str, Any], allowed: set[str]) -> None:
    """Refuse a key that means nothing. Raises: CatalogueError."""
    for key in given:
        if key not in allowed:
            refuse(where, f"unknown key {key!r}")
