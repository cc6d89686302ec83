"""Fruit a limb and a tree can carry."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ..base import Answer, Asked, Counted, Number
from ..shared import ReasonOut


class ThinningIn(Asked):
    """Counts of some clusters, what is left on each, and how many clusters there are."""

    counts: Annotated[
        list[Annotated[Counted, Field(ge=0, le=500)]], Field(min_length=1, max_length=500)
    ]
    keep: Annotated[Counted, Field(ge=0, le=50)]
    clusters: Annotated[Counted, Field(ge=1, le=100_000)]


class ThinningOut(Answer):
    """Fruit to remove, with the interval that covers the truth 19 times in 20."""

    per_cluster: float
    low: float
    high: float
    remove: int
    remove_low: int
    remove_high: int
    enough: bool
    reasons: list[ReasonOut]


class CropLoadIn(Asked):
    """Trunks, the year in the ground, and what hangs."""

    trunks_mm: Annotated[
        list[Annotated[Number, Field(ge=1, le=2000)]], Field(min_length=1, max_length=12)
    ]
    year_in_ground: Annotated[Counted, Field(ge=1, le=200)]
    fruit: Annotated[Counted, Field(ge=0, le=100_000)]
    fruit_kg: Annotated[Number, Field(ge=0.001, le=10)]


class CropLoadOut(Answer):
    """What the trunk carries, and what comes off."""

    section_cm2: float
    limit_kg: float
    limit_fruit: int
    hangs_kg: float
    remove: int
    reasons: list[ReasonOut]
