"""How far a limb comes down."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ..base import Answer, Asked, Key, Number
from ..shared import ReasonOut


class PullIn(Asked):
    """A known mass hung at the tip, and how far it came down."""

    mass_kg: Annotated[Number, Field(ge=0.05, le=100)]
    drop_m: Annotated[Number, Field(ge=0.001, le=5)]


class DroopIn(Asked):
    """A limb and its load; the wood of a species, or its modulus, or a pull test."""

    length_m: Annotated[Number, Field(ge=0.05, le=15)]
    base_mm: Annotated[Number, Field(ge=2, le=1000)]
    tip_mm: Annotated[Number, Field(ge=1, le=1000)]
    species: Key = "sweet-orange"
    elastic_gpa: Annotated[Number, Field(ge=1, le=20)] | None = None
    pull_test: PullIn | None = None
    load_kg: Annotated[Number, Field(gt=0, le=500)]
    load_at: Annotated[Number, Field(ge=0.05, le=1)] = 1.0
    tip_height_m: Annotated[Number, Field(ge=0, le=20)]
    clearance_m: Annotated[Number, Field(ge=0, le=5)]


class DroopOut(Answer):
    """How far the tip comes down, and whether it touches."""

    drop_m: float
    tip_height_loaded_m: float
    touches_ground: bool
    below_clearance: bool
    method: Literal["beam", "pull_test"]
    linear: bool
    reasons: list[ReasonOut]
