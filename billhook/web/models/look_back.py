"""Looking back: years of a tree and a block, what was picked, what grew."""

from __future__ import annotations

import datetime as dt
from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, IsoDate, Number, Units, Uuid, Written
from .shared import ReasonOut


class YearOut(Answer):
    """One year of a tree: planned and done."""

    year: int
    planned_share: float | None
    done_share: float
    planned_cuts: int
    done_cuts: int
    reckoned_minutes: float | None
    taken_minutes: float | None
    height_m: float | None
    crop_kg: float | None


class HeightOnDayOut(Answer):
    """A height on a day; ``cut``: what a cut left, else as it was measured."""

    day: dt.date
    height_m: float
    cut: bool


class GrowthSinceOut(Answer):
    """Growth since the last visit beside what was expected; ``now``: null where nothing was
    measured since.
    """

    since: HeightOnDayOut
    now: HeightOnDayOut | None
    grew_m: float | None
    expected_m: float
    reason: ReasonOut


class LookBackOut(Answer):
    """Years, the newest first; ``pace``: minutes taken against those reckoned; ``grown``: since
    the last visit, null before there was one.
    """

    years: list[YearOut]
    pace: float | None
    grown: GrowthSinceOut | None
    reasons: list[ReasonOut]


class BlockYearOut(Answer):
    """One year of a block: trees worked on, their mean share, wounds, hours, crop."""

    year: int
    trees: int
    share: float | None
    wounds: int
    hours: float
    crop_kg: float | None


class BlockBackOut(Answer):
    """Years of a block, the newest first."""

    block: str
    standing: int
    years: list[BlockYearOut]


class HarvestIn(Asked):
    """Fruit picked from a tree, a row or a block."""

    id: Uuid
    scope: Literal["tree", "row", "block"]
    scope_id: Uuid
    day: IsoDate | None = None
    kg: Annotated[Number, Field(gt=0, le=1_000_000)]
    who: Annotated[str, Field(max_length=60)] = ""


class HarvestOut(Answer):
    """What was written down."""

    id: str
    scope: str
    scope_id: str
    day: IsoDate
    kg: float
    who: str


class RegrowthIn(Written):
    """Length of the shoots at the last live cuts."""

    length_m: Annotated[Number, Field(gt=0, le=6)]
    day: IsoDate | None = None
    units: Units = "metric"


class RegrowthOut(Answer):
    """The vigour it fits, 1 to 5, which the tree now has."""

    vigour: int
    expected_m: float
    reasons: list[ReasonOut]
