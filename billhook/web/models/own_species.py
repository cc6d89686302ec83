"""A kind of tree that the catalogue lacks."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, Key, Number, Text

Months = Annotated[list[Annotated[Counted, Field(ge=1, le=12)]], Field(min_length=2, max_length=2)]


class OwnSpeciesIn(Asked):
    """A kind of tree by its events, in the months of this place."""

    name: Text
    evergreen: bool
    everbearing: bool = False
    bloom: Months | None = None
    harvest: Months | None = None
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    size: Literal["low", "middling", "tall"] = "middling"
    frost_c: Annotated[Number, Field(ge=-10, le=8)] = 2.0
    coldest_night_c: Annotated[Number, Field(ge=-8, le=15)] = 4.0
    habit: Key = "rounded"
    bears: Literal["ends", "along"] = "along"
    wound_mm: Annotated[Number, Field(ge=20, le=150)] = 75.0


class OwnSpeciesOut(Answer):
    """The kind as the catalogue now holds it."""

    id: str
    name: str
