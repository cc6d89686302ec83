"""Heights of a block."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from .base import Answer, Asked, Counted, IsoDate, Key, Metres, Number, Units, whole
from .calc.heights import Bearing, ObstacleIn, SectionIn, TradeRuleOut, WallCostOut, WallSunOut
from .rotations import RotationOut
from .shared import ReasonOut


class SectionAskIn(Asked):
    """A section of a block as it is dragged."""

    cut: SectionIn
    now: SectionIn | None = None
    date: IsoDate | None = None
    at_m: Metres | None = None
    hours: Annotated[Number, Field(ge=0, le=16)] | None = None
    step_m: Annotated[Number, Field(ge=-5, le=5)] = 0
    spacing_m: Annotated[Number, Field(gt=0.5, le=30)] | None = None
    bearing_deg: Bearing | None = None
    obstacles: Annotated[list[ObstacleIn], Field(max_length=6)] = []
    units: Units = "metric"


class SunStepOut(Answer):
    """The sun at a solar hour: where it stands, its slope across the rows, from which height up
    each wall is lit (None: dark).
    """

    hour: float
    elevation: float
    azimuth: float
    across: float
    rise: float
    lit_from: list[float | None]


class SectionViewOut(Answer):
    """Sun on both walls now and after the cut, its cost, the rules of the trade, and how tall each
    wall lets the row be.
    """

    date: IsoDate
    heights_m: list[float]
    walls: list[WallSunOut]
    cut_heights_m: list[float]
    cut_walls: list[WallSunOut]
    steps: list[SunStepOut]
    cost: WallCostOut
    rules: list[TradeRuleOut]
    at_m: float
    hours: float
    tallest_m: list[float | None]
    year: list[list[float]]


class ProfileOut(Answer):
    """A section with its roof."""

    height_m: float
    base_width_m: float
    top_width_m: float
    skirt_m: float
    pitch_deg: float
    peak_m: float


class HedgeLineOut(Answer):
    """A row: its length and trees."""

    n: int
    length_m: float
    trees: int


class BlockHeightsOut(Answer):
    """What heights of a block are planned from."""

    block_id: str
    name: str
    species: str
    hedgerows: bool
    rows: list[int]
    trees: int
    measured: int
    spacing_m: float
    bearing_deg: float
    latitude: float
    cap_m: float
    date: IsoDate
    vigour: int
    scaffolds: int
    low_m: float
    tip_m: float
    inner: ReasonOut
    profile: ProfileOut
    proposed: ProfileOut
    lines: list[HedgeLineOut]
    rotations: list[RotationOut]


class SchoolsIn(Asked):
    """Schools to compare over years; the grower's own numbers in place of the catalogue's."""

    schools: Annotated[list[Key], Field(min_length=1, max_length=6)]
    years: Annotated[Counted, Field(ge=3, le=12)] = 6
    cap_m: Annotated[Number, Field(gt=0.5, le=15)] | None = None
    recovery: (
        Annotated[list[Annotated[Number, Field(ge=0, le=1)]], Field(min_length=1, max_length=8)]
        | None
    ) = None
    regrow_m: Annotated[Number, Field(ge=0, le=3)] | None = None
    swing: Annotated[Number, Field(ge=0, le=0.5)] | None = None
    late_years: Annotated[Counted, Field(ge=0, le=6)] | None = None
    by_machine: bool = False
    units: Units = "metric"


class ComparedOut(Answer):
    """A school over years, means over the trees of the block; ``barred``: why it cannot work
    here.
    """

    school: str
    name: str
    height_m: list[float]
    crop: list[float]
    hours: list[float]
    hard_cuts: list[int]
    over_cap: list[float]
    rows_cut: list[list[int]]
    mean_crop: float
    mean_hours: float
    under_cap_from: int | None
    barred: list[ReasonOut]
    reasons: list[ReasonOut]


class SchoolsOut(Answer):
    """Side by side, from this year on."""

    first_year: int
    cap_m: float
    compared: list[ComparedOut]


class HedgingIn(Asked):
    """The wall that a round keeps to, and over how many years."""

    cut: SectionIn
    years: Annotated[Counted, Field(ge=1, le=6)] = 2
    units: Units = "metric"


class PassOut(Answer):
    """A row in a year: which walls, and whether the top."""

    row: int
    facings: list[float]
    top: bool


class RoundYearOut(Answer):
    """A year's round and what it takes."""

    year: int
    passes: list[PassOut]
    machine_h: float
    hand_h: float
    paint_l: float
    clippings_kg: float
    chips_m3: float


class RoundOut(Answer):
    """A hedging round."""

    years: list[RoundYearOut]
    every: int
    reasons: list[ReasonOut]


class SampleQuery(Asked):
    """How many trees, and the units of sentences."""

    n: Annotated[int, BeforeValidator(whole), Field(ge=1, le=40)] = 5
    units: Units = "metric"


class SampledOut(Answer):
    """A tree that is to be measured, or is."""

    id: str
    name: str
    row_id: str
    measured: bool


class SampleOut(Answer):
    """Trees of a block in walking order, of so many; ``says``: what they tell of its means."""

    trees: list[SampledOut]
    of: int
    says: list[str]
