"""Blocks drawn on the plan, and how a block lies."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Asked, Counted, Number, Text, Written

Metres = Annotated[Number, Field(ge=-50_000, le=50_000)]
Bearing = Annotated[Number, Field(ge=0, le=360)]
Spacing = Annotated[Number, Field(gt=0, le=1000)]
Corner = Annotated[list[Metres], Field(min_length=2, max_length=2)]
Nth = Annotated[Counted, Field(ge=1, le=99_999)]


class BlockOutlineIn(Asked):
    """Corners of a block [m east and north of the site's corner], and how its rows are counted out;
    along its longest side where no bearing is given, as far apart as its kind stands usually where
    no spacing is.
    """

    site_id: Text
    corners: Annotated[list[Corner], Field(min_length=3, max_length=200)]
    row_spacing_m: Spacing | None = None
    spacing_m: Spacing | None = None
    bearing_deg: Bearing | None = None
    species: Annotated[str, Field(max_length=60)] | None = None


class CountedOutOut(Answer):
    """Spots [m] of each row, the first row and its first place being 1."""

    rows: list[list[tuple[float, float]]]
    row_spacing_m: float
    spacing_m: float
    bearing_deg: float
    trees: int


class DrawnIn(BlockOutlineIn, Written):
    """A block that was drawn, with what is planted in it. skipped: row and place of spots that stay
    empty.
    """

    block: Text
    species: Text
    planted_year: Annotated[Counted, Field(ge=1800, le=2200)]
    cultivar: Annotated[str, Field(max_length=60)] | None = None
    rootstock: Annotated[str, Field(max_length=60)] | None = None
    skipped: Annotated[
        list[Annotated[list[Nth], Field(min_length=2, max_length=2)]], Field(max_length=50_000)
    ] = []


class DrawnOut(Answer):
    """How many trees stand there now."""

    trees: int


class LieIn(Written):
    """A block moved by so many metres, and turned or spread out about its first tree; null leaves
    what is.
    """

    east_m: Metres = 0.0
    north_m: Metres = 0.0
    bearing_deg: Bearing | None = None
    row_spacing_m: Spacing | None = None
    spacing_m: Spacing | None = None


class LieOut(Answer):
    """How a block lies: which way its rows run, how far apart, null where too little stands there
    to tell; its outline and the spots of its trees [m].
    """

    bearing_deg: float | None
    row_spacing_m: float | None
    spacing_m: float | None
    outline: list[tuple[float, float]]
    spots: list[tuple[float, float]]
