"""How high and how wide a tree is wanted, and the visits down to it."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Number, Uuid, Written
from .calc.counting import StairsOut
from .shared import ReasonOut

Scope = Literal["tree", "row", "block", "holding"]


class AimIn(Written):
    """A height and a width [m] for a tree or what it stands in; neither takes it back.
    ``off_top_m``: so much off this tree's top in place of a height; ``off_sides_m``: so much off
    each side, or ``from_stem_m``: so far from the stem, in place of a width.
    """

    scope: Scope = "tree"
    height_m: Annotated[Number, Field(ge=0.3, le=30)] | None = None
    width_m: Annotated[Number, Field(ge=0.3, le=30)] | None = None
    off_top_m: Annotated[Number, Field(ge=0.05, le=20)] | None = None
    off_sides_m: Annotated[Number, Field(ge=0.05, le=10)] | None = None
    from_stem_m: Annotated[Number, Field(ge=0.15, le=15)] | None = None


class ManyAimsIn(Written):
    """One height for each of many trees [m]."""

    tree_ids: Annotated[list[Uuid], Field(min_length=1, max_length=3000)]
    height_m: Annotated[Number, Field(ge=0.3, le=30)]


class ManyAimsOut(Answer):
    """How many trees are wanted so."""

    trees: int


class ScopeAimOut(Answer):
    """What a scope says itself."""

    scope: Scope
    height_m: float | None
    width_m: float | None


class PickOut(Answer):
    """A height by how fruit is picked."""

    says: str
    height_m: float


class AimOut(Answer):
    """What is wanted of a tree, who says so, and the visits down to it; null where nothing is."""

    height_m: float | None
    width_m: float | None
    said_by: Scope | None
    picks: list[PickOut]
    clear_m: float | None
    scopes: list[ScopeAimOut]
    stairs: StairsOut | None
    full: ReasonOut
