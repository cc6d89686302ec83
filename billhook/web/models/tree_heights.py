"""Heights of one tree."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...core.frame.outline import Shape
from .base import Answer, Asked, Counted, IsoDate, Key, Number
from .calc.heights import Bearing
from .frames import DrawnFrame
from .shared import ReasonOut


class TreeEnvelopeIn(Asked):
    """The shape a stored tree should keep to; what is left open follows its cap, its row and its
    spread.
    """

    shape: Shape
    top_m: Annotated[Number, Field(ge=0.1, le=15)] | None = None
    half_m: Annotated[Number, Field(ge=0.1, le=12)] | None = None
    draw_in_m: Annotated[Number, Field(ge=0, le=6)] = 0
    draw_in_deg: Bearing = 0


class GrownIn(Asked):
    """A school on one drawn tree, over seasons."""

    school: Key
    years: Annotated[Counted, Field(ge=1, le=12)] = 6
    cap_m: Annotated[Number, Field(gt=0.5, le=15)] | None = None


class GrownSeasonOut(Answer):
    """A season of a simulated tree: what went down, how it looks after it grew."""

    year: int
    cut: int | None
    cut_name: str
    height_m: float
    share: float
    crop: float
    frame: DrawnFrame


class GrownOut(Answer):
    """A tree over seasons of a school."""

    school: str
    name: str
    seasons: list[GrownSeasonOut]


class ShadeOut(Answer):
    """Who shades whom: hours of direct sun on a tree's lower part, lost to another, and the height
    at which the other would leave it enough.
    """

    name: str
    by: str
    hours: float
    lost: float
    lower_to_m: float | None


class ShadesOut(Answer):
    """A planting of two or three trees on a date."""

    date: IsoDate
    pairs: list[ShadeOut]
    reasons: list[ReasonOut]
