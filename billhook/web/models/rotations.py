"""Ways of renewal that were adopted."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, IsoDate, Key, Number, Uuid, Written
from .logbook import TaskOut


class RotationOut(Answer):
    """A school adopted for a tree, row or block, and its dated work, settled or not."""

    id: str
    version: int
    scope: str
    scope_id: str
    scope_name: str
    school: str
    name: str
    first_year: int
    years: int
    low_m: float
    tip_m: float
    started_on: IsoDate
    ended_on: IsoDate | None
    tasks: list[TaskOut]


class RotationIn(Asked):
    """Adopt a school for a tree, a row or a block."""

    id: Uuid
    scope: Literal["tree", "row", "block"]
    scope_id: Uuid
    school: Key
    low_m: Annotated[Number, Field(gt=0.2, le=10)]
    tip_m: Annotated[Number, Field(gt=0.2, le=15)]
    years: Annotated[Counted, Field(ge=1, le=12)] = 6
    first_year: Annotated[Counted, Field(ge=1950, le=2199)] | None = None


class RotationEndIn(Written):
    """Give a rotation up."""

    version: Annotated[Counted, Field(ge=1)]


class RotationsQuery(Asked):
    """Whose rotations."""

    scope: Literal["tree", "row", "block"] = "block"
    scope_id: Uuid


class RotationsOut(Answer):
    """Rotations of a scope, the newest first."""

    rotations: list[RotationOut]
