"""A stored tree rehearsed."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...core.grow.course import MOST_SEASONS
from .base import Answer, Asked, Counted, IsoDate
from .calc.grow import SeasonFiguresOut, Seed
from .frames import CutIn, DrawnFrame
from .shared import ReasonOut

Cuts = Annotated[list[CutIn], Field(max_length=60)]


class RehearseIn(Asked):
    """Cuts on a day, today where none is said; a second plan beside them; the weather of a seed."""

    cuts: Cuts = []
    second: Cuts | None = None
    day: IsoDate | None = None
    seasons: Annotated[Counted, Field(ge=1, le=MOST_SEASONS)] = 4
    seed: Seed = 0
    whitewash: bool = False


class RehearsedSeasonOut(SeasonFiguresOut):
    """A season's tree, drawn."""

    frame: DrawnFrame


class RehearsalOut(Answer):
    """A tree's seasons after its cuts, its twin's, and a second plan's, empty where none is asked
    for.
    """

    name: str
    day: IsoDate
    before: DrawnFrame
    wanted_m: float | None
    seasons: list[RehearsedSeasonOut]
    twin: list[RehearsedSeasonOut]
    second: list[RehearsedSeasonOut]
    reasons: list[ReasonOut]


class SpreadOut(Answer):
    """Lowest, mean and highest over the weather of many seasons."""

    low: float
    mean: float
    high: float


class SeasonSpreadOut(Answer):
    """How far a season's figures lie apart, of the tree and of its twin."""

    height_m: SpreadOut
    crop: SpreadOut
    twin_height_m: SpreadOut
    twin_crop: SpreadOut


class RangeOut(Answer):
    """Season by season; runs: of how many weathers."""

    runs: int
    seasons: list[SeasonSpreadOut]
