"""The almanac as it is drawn."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from .base import Answer, Asked, IsoDate, Work, whole
from .calc.season import EventOut, SegmentOut


class AlmanacQuery(Asked):
    """Of a tree, or a block, or the whole holding; over 12 to 18 months from the month of the day;
    dates to try out in place of the computed ones.
    """

    tree: Annotated[str, Field(max_length=60)] | None = None
    block: Annotated[str, Field(max_length=60)] | None = None
    day: IsoDate | None = None
    months: Annotated[int, BeforeValidator(whole), Field(ge=12, le=18)] = 14
    harvest_end: IsoDate | None = None
    first_frost: IsoDate | None = None
    last_frost: IsoDate | None = None


class CostOut(Answer):
    """Days on which the work costs the same in words."""

    from_: IsoDate = Field(serialization_alias="from", validation_alias="start")
    to: IsoDate = Field(validation_alias="end")
    says: str


class LaneOut(Answer):
    """One kind of work, with its name in the grower's words. ``prices``: crops per share on every
    day, null where none is at stake; ``costs``: in words.
    """

    work: Work
    name: str
    segments: list[SegmentOut]
    prices: list[float] | None
    costs: list[CostOut]


class UnlikeOut(Answer):
    """Trees whose almanac is another: the first of them, and how many there are."""

    tree_id: str
    name: str
    kind_name: str
    trees: int


class AlmanacOut(Answer):
    """``trees`` of ``of`` share it, ``others`` do not; ``warmth`` is day degrees over ``base_c`` of
    every seventh day.
    """

    name: str
    kind_name: str
    species: str
    trees: int
    of: int
    from_: IsoDate = Field(serialization_alias="from", validation_alias="first")
    to: IsoDate = Field(validation_alias="last")
    today: IsoDate
    base_c: float
    warmth: list[float]
    events: list[EventOut]
    lanes: list[LaneOut]
    others: list[UnlikeOut]
