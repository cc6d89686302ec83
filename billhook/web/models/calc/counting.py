"""Trees nobody has measured: cuts by counting, a recipe, stairs."""

from __future__ import annotations

import datetime as dt
from typing import Annotated

from pydantic import Field

from ..base import Answer, Asked, Counted, IsoDate, Key, Metres, Number, Share, Units, Work
from ..frames import FrameIn
from ..shared import ReasonOut

TrunkMm = Annotated[Number, Field(ge=4, le=2000)]


class CountedIn(Asked):
    """Like cuts: their thickness by class or in mm, and how many."""

    thickness: Annotated[Key | None, Field(alias="class")] = None
    mm: Annotated[Number, Field(ge=1, le=1000)] | None = None
    n: Annotated[Counted, Field(ge=0, le=500)]
    sprout: bool = False
    dead: bool = False


class CutCountIn(Asked):
    """One trunk or several stems [mm across], what is cut, and what of the year was used before."""

    trunk_mm: TrunkMm | None = None
    stems_mm: Annotated[list[TrunkMm], Field(min_length=1, max_length=12)] | None = None
    cuts: Annotated[list[CountedIn], Field(max_length=40)]
    used_share: Share = 0.0
    limit: Share | None = None
    species: Key | None = None


class WoundsOut(Answer):
    """So many wounds as wide."""

    mm: float
    n: int


class CutCountOut(Answer):
    """Shares of the canopy with their range; wounds; masses."""

    share: float
    low: float
    high: float
    year_share: float
    wounds: list[WoundsOut]
    hand_kg: float
    heaviest_kg: float
    reasons: list[ReasonOut]


class RecipeIn(Asked):
    """Sizes, what it is for, and what the day leaves."""

    trunk_mm: TrunkMm
    height_m: Metres
    spread_m: Metres
    species: Key
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    goal: Key
    limit: Share
    work: Work | None = None
    units: Units = "metric"


class RecipeLineOut(Answer):
    """Like cuts to look for and count."""

    where: str
    what: str
    kind: str
    thickness: str = Field(serialization_alias="class")
    whole: bool
    n: int
    share: float


class RecipeOut(Answer):
    """Lines in the order of the work."""

    lines: list[RecipeLineOut]
    share: float
    reasons: list[ReasonOut]


class DayLimitIn(Asked):
    """What a day allows, and its price [crops per share]."""

    day: IsoDate
    share: Share
    price: Annotated[Number, Field(ge=0, le=100)] | None = None


class StairsIn(Asked):
    """Sizes and kind, or a frame; the wanted height, and what it regrows in a year."""

    trunk_mm: TrunkMm | None = None
    height_m: Metres | None = None
    spread_m: Metres | None = None
    species: Key | None = None
    frame: FrameIn | None = None
    wanted_m: Metres
    regrow_m: Annotated[Number, Field(ge=0, le=6)]
    limits: Annotated[list[DayLimitIn], Field(min_length=1, max_length=40)]
    units: Units = "metric"


class VisitOut(Answer):
    """A visit: down to, share, price, and the height at the next."""

    day: dt.date
    to_m: float
    share: float
    price: float | None
    after_m: float


class StairsOut(Answer):
    """The visits down."""

    visits: list[VisitOut]
    reached: bool
    reasons: list[ReasonOut]


class WhipIn(Asked):
    """A single stem: its height, where its leaves begin, and where it would be cut [m]."""

    in_pot: bool = False
    height_m: Annotated[Number, Field(ge=0.05, le=6)]
    leaves_from_m: Annotated[Number, Field(ge=0, le=6)]
    cut_at_m: Annotated[Number, Field(ge=0, le=6)]
    units: Units = "metric"


class WhipOut(Answer):
    """What heading it takes of its leaf."""

    share: float
    low: float
    high: float
    too_small: bool
    reasons: list[ReasonOut]
