"""A drawing over seasons, cut and uncut."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ....core.frame.model import Flush, Frame, State
from ....core.grow.course import MOST_SEASONS
from ....core.grow.model import EventKind
from ..base import Answer, Asked, Counted, IsoDate, Number
from ..frames import CutIn, FrameIn
from .season import SeasonSiteIn, Temperature, TreeIn

Seed = Annotated[Counted, Field(ge=0, le=2_000_000_000)]


class DatedCutIn(CutIn):
    """A cut on a day."""

    day: IsoDate


class FrostNightIn(Asked):
    """A night of the series."""

    day: IsoDate
    min_c: Temperature
    hours: Annotated[Number, Field(gt=0, le=48)] = 4.0


class GrowIn(Asked):
    """A place, a tree, its drawing and cuts; without cuts the seasons begin with the growing year
    of today. The same seed is the same weather.
    """

    site: SeasonSiteIn
    tree: TreeIn
    frame: FrameIn
    cuts: Annotated[list[DatedCutIn], Field(max_length=60)] = []
    seasons: Annotated[Counted, Field(ge=1, le=MOST_SEASONS)] = 4
    seed: Seed = 0
    whitewash: bool = False
    frosts: Annotated[list[FrostNightIn], Field(max_length=30)] = []


class ShapeTrunkOut(Answer):
    """Trunk just above the union, and the height of the highest fork."""

    diameter_mm: float
    height_m: float


class ShapeLimbOut(Answer):
    """One straight limb, as it is taken in."""

    id: str
    on: str
    at_m: float
    base_mm: float
    tip_mm: float | None
    length_m: float
    rise_deg: float
    bearing_deg: float
    state: State
    foliage: float
    fruit: int
    headed_mm: float
    kind: str | None
    bloom: float | None
    flush: Flush | None


class FrameShapeOut(Answer):
    """A skeleton, as it is taken in."""

    union_m: float | None
    trunk: ShapeTrunkOut
    limbs: list[ShapeLimbOut]


def frame_shape(frame: Frame) -> dict[str, object]:
    """A frame of the core as it is sent."""
    limbs = [{**vars(x), "bearing_deg": x.bearing_deg % 360} for x in frame.limbs]
    return {"union_m": frame.union_m, "trunk": frame.trunk, "limbs": limbs}


class GrowEventOut(Answer):
    """What a rule did. price: share of a crop or of the leaf that it takes; shoots: limbs that came
    of it.
    """

    kind: EventKind
    limb: str | None
    text: str
    price: float | None
    shoots: list[str]
    catalogue_ids: list[str]


class SeasonFiguresOut(Answer):
    """A season's tree after its cuts. crop 1: a grown tree in a middle year; leaf_share: of the
    frame that was sent; minutes: to choose among its sprouts.
    """

    year: int
    height_m: float
    crop: float
    leaf_share: float
    light_inside: float
    sprouts: int
    minutes: float
    wounds_open: int
    events: list[GrowEventOut]


class SeasonTreeOut(SeasonFiguresOut):
    """With its skeleton."""

    frame: FrameShapeOut


class TwinOut(Answer):
    """The same tree, uncut, in the same weather."""

    seasons: list[SeasonTreeOut]


class GrowOut(Answer):
    """A tree season by season, and its twin."""

    seasons: list[SeasonTreeOut]
    twin: TwinOut
