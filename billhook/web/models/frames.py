"""Frames, cuts, and the frame calculator."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...core.frame.model import Cut, Flush, Frame, Limb, State, Trunk
from .base import Answer, Asked, Counted, IsoDate, Number, Text, Written
from .shared import ReasonOut

Point = tuple[float, float, float]
LimbId = Annotated[str, Field(min_length=1, max_length=40)]


class TrunkIn(Asked):
    """Trunk just above the union, and the height of the highest fork."""

    diameter_mm: Annotated[Number, Field(ge=1, le=5000)]
    height_m: Annotated[Number, Field(ge=0.01, le=60)]


class LimbIn(Asked):
    """One straight limb; ``on`` is trunk, soil or another limb."""

    id: LimbId
    on: LimbId
    at_m: Annotated[Number, Field(ge=0, le=60)]
    base_mm: Annotated[Number, Field(ge=1, le=3000)]
    tip_mm: Annotated[Number, Field(ge=0, le=3000)] | None = None
    length_m: Annotated[Number, Field(ge=0.01, le=60)]
    rise_deg: Annotated[Number, Field(ge=-90, le=90)]
    bearing_deg: Annotated[Number, Field(ge=0, le=360)]
    state: State = "live"
    foliage: Annotated[Number, Field(ge=0, le=1)] = 1.0
    fruit: Annotated[Counted, Field(ge=0, le=100_000)] = 0
    headed_mm: Annotated[Number, Field(ge=0, le=3000)] = 0.0
    kind: Annotated[str, Field(max_length=40)] | None = None
    bloom: Annotated[Number, Field(ge=0, le=1)] | None = None
    flush: Flush | None = None


class FrameIn(Asked):
    """The measured skeleton of one stem."""

    union_m: Annotated[Number, Field(ge=-0.5, le=60)] | None = None
    trunk: TrunkIn
    limbs: Annotated[list[LimbIn], Field(max_length=400)] = []

    def core(self) -> Frame:
        """The core's frame."""
        limbs = tuple(Limb(**limb.model_dump()) for limb in self.limbs)
        return Frame(Trunk(self.trunk.diameter_mm, self.trunk.height_m), limbs, self.union_m)


class CutIn(Asked):
    """A cut that leaves ``keep_m`` of a limb; 0 takes it off at its collar. ``limb`` may be
    trunk.
    """

    limb: LimbId
    keep_m: Annotated[Number, Field(ge=0, le=60)]

    def core(self) -> Cut:
        """The core's cut."""
        return Cut(self.limb, self.keep_m)


class FrameCalcIn(Asked):
    """A frame, the cuts on it, and optionally the frame at the start of the growing year."""

    frame: FrameIn
    cuts: Annotated[list[CutIn], Field(max_length=400)] = []
    baseline: FrameIn | None = None
    exponent: Annotated[Number, Field(ge=0.5, le=4)] | None = None
    green_density_kg_m3: Annotated[Number, Field(ge=300, le=1500)] | None = None
    fruit_kg: Annotated[Number, Field(ge=0.001, le=10)] | None = None


class MeasuresOut(Answer):
    """Height, greatest reach from the trunk, and fruit."""

    height_m: float
    radius_m: float
    fruit: int


class CutCostOut(Answer):
    """What one cut costs. ``counts`` is false for suckers."""

    limb: str
    keep_m: float
    share: float | None
    wood_share: float
    wound_mm: float
    wood_kg: float
    hand_kg: float
    lift_kg: float
    fruit_lost: int
    void: bool
    counts: bool


class BalanceOut(Answer):
    """How far the leaf's middle lies off the trunk, and towards where."""

    offset_m: float
    bearing_deg: float | None


class FrameCalcOut(Answer):
    """Before, after, shares, and each cut."""

    before: MeasuresOut
    after: MeasuresOut
    canopy_share_removed: float | None
    wood_share_removed: float
    cuts: list[CutCostOut]
    balance_before: BalanceOut
    balance_after: BalanceOut
    reasons: list[ReasonOut]


class DrawnLimb(Answer):
    """A limb as it is drawn, with its ends in space [m; x east, y north, z up]."""

    id: str
    on: str
    name: str
    start: Point
    end: Point
    at_m: float
    base_mm: float
    tip_mm: float
    length_m: float
    rise_deg: float
    bearing_deg: float
    state: str
    foliage: float
    fruit: int
    headed_mm: float
    kind: str | None
    bloom: float | None
    flush: Flush | None
    measured: bool
    sucker: bool


class DrawnFrame(Answer):
    """A stored frame as it is drawn."""

    id: str
    date: str
    origin: str
    drawn: bool
    seq: int
    union_m: float | None
    trunk_mm: float
    trunk_m: float
    height_m: float
    spread_m: float
    skirt_m: float | None
    fruit: int
    limbs: list[DrawnLimb]


class FrameSaveIn(Asked):
    """A measured or corrected frame; ``previous_id`` is the frame it was made from."""

    id: Text
    previous_id: Text | None
    frame: FrameIn
    measured: list[LimbId] = []
    date: IsoDate | None = None


class SketchIn(Written):
    """Sizes for a sketched frame."""

    height_m: Annotated[Number, Field(ge=0.3, le=30)]
    spread_m: Annotated[Number, Field(ge=0.1, le=30)]
    trunk_mm: Annotated[Number, Field(ge=4, le=2000)]
