"""Which figure of a class of frost damage holds for a kind: its own where one is known, else that
of citrus.
"""

from __future__ import annotations

from ..choice import one_of
from ..known import Knowledge
from .classes import CLASSES, FrostClass

_OWN = {"cut-after": "cut", "recovery": "crop"}


def class_figure(
    know: Knowledge, frost_class: FrostClass, column: str, species: str | None = None
) -> str:
    """Catalogue id of a class's ``cut-after``, ``recovery`` or any other column for a species."""
    own = f"frost-kind/{species}/{frost_class}-{_OWN.get(column, column)}"
    return own if species is not None and own in know else f"frost-class/{frost_class}/{column}"


def of_kind(know: Knowledge, known_id: str, species: str) -> str:
    """A catalogue id as it holds for a species: ids of classes may have a figure of the kind's own,
    all others stay.
    """
    table, *rest = known_id.split("/")
    return (
        class_figure(know, one_of(CLASSES, rest[0]), rest[1], species)
        if table == "frost-class" and len(rest) == 2
        else known_id
    )
