"""Heights: sections of rows with the sun on them, renewal over years, which limb, outlines, hedging rounds, rotations."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frame.outline import Outline
from ...core.heights.section import Profile
from ...core.light.rows import Obstacle, Section
from .base import Answer, Asked, Counted, IsoDate, Number, Units, Uuid
from .frames import DrawnFrame, FrameIn
from .plan import YieldCostOut
from .shared import ReasonOut
from .trees import TaskOut

Metres = Annotated[Number, Field(ge=0, le=30)]
Bearing = Annotated[Number, Field(ge=0, le=360)]
SchoolName = Literal["third_of_tree", "third_of_rows", "limb_replacement", "tip_only", "all_at_once", "do_nothing"]


class SectionIn(Asked):
    """A row across: a trapezoid from the skirt up, with a roof of a pitch."""

    height_m: Annotated[Number, Field(ge=0.1, le=15)]
    base_width_m: Annotated[Number, Field(ge=0.1, le=15)]
    top_width_m: Annotated[Number, Field(ge=0, le=15)]
    skirt_m: Annotated[Number, Field(ge=0, le=5)]
    pitch_deg: Annotated[Number, Field(ge=0, le=60)] = 0

    def core(self) -> Profile:
        """As the core has it."""
        return Profile(Section(self.height_m, self.base_width_m, self.top_width_m, self.skirt_m), self.pitch_deg)


class ObstacleIn(Asked):
    """A tree, house or hill before the rows."""

    bearing_deg: Bearing
    distance_m: Annotated[Number, Field(ge=0.5, le=5000)]
    width_m: Annotated[Number, Field(ge=0.01, le=5000)]
    height_m: Annotated[Number, Field(ge=0.01, le=2000)]

    def core(self) -> Obstacle:
        """As the core has it."""
        return Obstacle(self.bearing_deg, self.distance_m, self.width_m, self.height_m)


class HedgeCutIn(Asked):
    """The section after a cut."""

    height_m: Annotated[Number, Field(ge=0.1, le=15)]
    base_width_m: Annotated[Number, Field(ge=0.1, le=15)]
    top_width_m: Annotated[Number, Field(ge=0, le=15)]
    skirt_m: Annotated[Number, Field(ge=0, le=5)]


class HedgerowIn(Asked):
    """Endless rows at a place on a date. ``step_m``: rise to the next row on the right-hand side; ``hours``: asked of the walls at ``at_m``."""

    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] = 0
    date: IsoDate
    row_bearing_deg: Bearing
    row_spacing_m: Annotated[Number, Field(gt=0.5, le=30)]
    height_m: Annotated[Number, Field(ge=0.1, le=15)]
    base_width_m: Annotated[Number, Field(ge=0.1, le=15)]
    top_width_m: Annotated[Number, Field(ge=0, le=15)]
    skirt_m: Annotated[Number, Field(ge=0, le=5)]
    heights_m: Annotated[list[Metres], Field(min_length=1, max_length=60)]
    cut: HedgeCutIn | None = None
    step_m: Annotated[Number, Field(ge=-5, le=5)] = 0
    obstacles: Annotated[list[ObstacleIn], Field(max_length=12)] = []
    at_m: Metres | None = None
    hours: Annotated[Number, Field(ge=0, le=16)] | None = None


class WallSunOut(Answer):
    """A wall by the bearing it faces: hours of direct sun at each height, and the share of it lit by solar hour."""

    facing_deg: float
    sun_hours: list[float]
    by_hour: list[float]


class HedgerowOut(Answer):
    """Both walls, the right-hand one (row bearing + 90°) first; ``tallest_m``: rows at which each still gets the hours, None where no height does."""

    walls: list[WallSunOut]
    cut_walls: list[WallSunOut] | None
    tallest_m: list[float | None] | None
    inner_light: float
    reasons: list[ReasonOut]


class RenewalIn(Asked):
    """A school over years, as the methods have it."""

    school: SchoolName
    sectors: Annotated[Counted, Field(ge=1, le=12)] = 3
    years: Annotated[Counted, Field(ge=1, le=40)]
    start_m: Annotated[Number, Field(ge=0.01, le=30)] | Annotated[list[Annotated[Number, Field(ge=0.01, le=30)]], Field(min_length=1, max_length=12)]
    regrow_m: Annotated[Number, Field(ge=0, le=5)]
    regrow_low_m: Annotated[Number, Field(ge=0, le=5)] | None = None
    low_m: Annotated[Number, Field(ge=0.1, le=15)]
    tip_m: Annotated[Number, Field(ge=0.1, le=15)]
    natural_m: Annotated[Number, Field(ge=0.01, le=30)]
    recovery: Annotated[list[Annotated[Number, Field(ge=0, le=1)]], Field(max_length=20)] = [0.0]
    sister_gain: Annotated[Number, Field(ge=1, le=3)] = 1
    rows: Annotated[Counted, Field(ge=1, le=2000)] | None = None
    cap_m: Annotated[Number, Field(ge=0.01, le=30)] | None = None
    swing: Annotated[Number, Field(ge=0, le=0.9)] = 0
    late_years: Annotated[Counted, Field(ge=0, le=20)] = 0


class YearLineOut(Answer):
    """``cut``: index of the sector or group that goes down; ``height_m``: tallest sector after regrowth."""

    cut: int | None
    crop: float
    height_m: float


class RenewalOut(Answer):
    """Year by year."""

    years: list[YearLineOut]
    mean_crop: float
    under_cap_from: int | None
    rows: list[int]


class WallIn(Asked):
    """A section as it stands and as it is to be, in rows so far apart."""

    now: SectionIn
    cut: SectionIn
    row_spacing_m: Annotated[Number, Field(gt=0.5, le=30)]
    row_bearing_deg: Bearing = 0
    latitude: Annotated[Number, Field(ge=-66, le=66)] = 0
    ripe_on: bool = False
    thickest_mm: Annotated[Number, Field(ge=0.01, le=500)] | None = None
    units: Units = "metric"


class WallCostOut(Answer):
    """Volume a metre of row, share of the bearing shell, thickest wood and whether a bar takes it, the crop given up."""

    volume_m3: float
    volume_share: float
    shell_share: float
    depth_m: float
    wood_mm: float
    bar: bool
    crop: YieldCostOut
    reasons: list[ReasonOut]


class TradeRuleOut(Answer):
    """A rule of the trade: the height it allows, whether it is kept, who says so."""

    id: str
    most_m: float
    kept: bool
    reason: ReasonOut


class WallTakesOut(WallCostOut):
    """What a wall takes, and the rules beside it."""

    rules: list[TradeRuleOut]


class OutlineIn(Asked):
    """A target shape laid over a tree."""

    shape: Literal["wall", "round", "pyramid", "globe"]
    top_m: Annotated[Number, Field(ge=0.1, le=15)]
    half_m: Annotated[Number, Field(ge=0.01, le=12)]
    skirt_m: Annotated[Number, Field(ge=0, le=5)] = 0
    lean_deg: Annotated[Number, Field(ge=0, le=45)] = 0
    row_bearing_deg: Bearing = 0
    draw_in_m: Annotated[Number, Field(ge=0, le=6)] = 0
    draw_in_deg: Bearing = 0

    def core(self) -> Outline:
        """As the core has it."""
        return Outline(**self.model_dump())


class EnvelopeIn(Asked):
    """A frame and the shape it should keep to."""

    frame: FrameIn
    outline: OutlineIn


class TreeEnvelopeIn(Asked):
    """The shape a stored tree should keep to."""

    outline: OutlineIn


class BreakOut(Answer):
    """A limb that breaks the shape: what stays within, and how far it stands out."""

    limb: str
    name: str
    keep_m: float
    beyond_m: float


class EdgePoint(Answer):
    """A point of the shape's edge as seen from the side: half its width at a height."""

    z: float
    half_m: float


class EnvelopeOut(Answer):
    """Limbs that break the shape, the furthest out first, and its edge for the drawing."""

    breaks: list[BreakOut]
    edge: list[EdgePoint]


class WhichLimbIn(Asked):
    """A frame; ``seasons``: since each limb's hard cut."""

    frame: FrameIn
    low_m: Annotated[Number, Field(ge=0.1, le=15)] = 1.5
    seasons: Annotated[dict[str, Annotated[Counted, Field(ge=0, le=200)]], Field(max_length=200)] = {}


class RankedOut(Answer):
    """A main limb with its points, where it is cut and what that costs."""

    limb: str
    name: str
    points: float
    keep_m: float
    cut_height_m: float
    takes_over: str | None
    wound_mm: float
    share: float | None
    fruit: int
    seasons: int | None
    reasons: list[ReasonOut]


class WhichLimbOut(Answer):
    """Main limbs, the one to take first."""

    limbs: list[RankedOut]


class BarkSunIn(Asked):
    """Bark that a cut would bare: which way it faces, and how far its surface rises from level (0: an upright stem)."""

    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] = 0
    date: IsoDate
    facing_deg: Bearing
    rise_deg: Annotated[Number, Field(ge=0, le=90)] = 0
    diameter_mm: Annotated[Number, Field(ge=1, le=1000)] | None = None
    length_m: Annotated[Number, Field(ge=0.01, le=20)] | None = None


class BarkSunOut(Answer):
    """Hours of steep sun in the hot part of the day, and the paint for it."""

    hours: float
    paint_l: float | None
    reasons: list[ReasonOut]


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
    """The sun at a solar hour: where it stands, its slope across the rows, from which height up each wall is lit (None: dark)."""

    hour: float
    elevation: float
    azimuth: float
    across: float
    rise: float
    lit_from: list[float | None]


class SectionViewOut(Answer):
    """Sun on both walls now and after the cut, its cost, the rules of the trade, and how tall each wall lets the row be."""

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


class RotationOut(Answer):
    """A school adopted for a tree, row or block, and its dated work, settled or not."""

    id: str
    version: int
    scope: str
    scope_id: str
    scope_name: str
    school: str
    name: str
    first_year: int
    years: int
    low_m: float
    tip_m: float
    started_on: IsoDate
    ended_on: IsoDate | None
    tasks: list[TaskOut]


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

    schools: Annotated[list[SchoolName], Field(min_length=1, max_length=6)]
    years: Annotated[Counted, Field(ge=3, le=12)] = 6
    cap_m: Annotated[Number, Field(gt=0.5, le=15)] | None = None
    recovery: Annotated[list[Annotated[Number, Field(ge=0, le=1)]], Field(min_length=1, max_length=8)] | None = None
    regrow_m: Annotated[Number, Field(ge=0, le=3)] | None = None
    swing: Annotated[Number, Field(ge=0, le=0.5)] | None = None
    late_years: Annotated[Counted, Field(ge=0, le=6)] | None = None
    by_machine: bool = False
    units: Units = "metric"


class ComparedOut(Answer):
    """A school over years, means over the trees of the block; ``barred``: why it cannot work here."""

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


class RotationIn(Asked):
    """Adopt a school for a tree, a row or a block."""

    id: Uuid
    scope: Literal["tree", "row", "block"]
    scope_id: Uuid
    school: Literal["third_of_tree", "third_of_rows", "limb_replacement", "tip_only", "all_at_once"]
    low_m: Annotated[Number, Field(gt=0.2, le=10)]
    tip_m: Annotated[Number, Field(gt=0.2, le=15)]
    years: Annotated[Counted, Field(ge=1, le=12)] = 6
    first_year: Annotated[Counted, Field(ge=1950, le=2199)] | None = None


class RotationEndIn(Asked):
    """Give a rotation up."""

    version: Annotated[Counted, Field(ge=1)]


class RotationsQuery(Asked):
    """Whose rotations."""

    scope: Literal["tree", "row", "block"] = "block"
    scope_id: Uuid


class RotationsOut(Answer):
    """Rotations of a scope, the newest first."""

    rotations: list[RotationOut]


class GrownIn(Asked):
    """A school on one drawn tree, over seasons."""

    school: SchoolName
    years: Annotated[Counted, Field(ge=1, le=12)] = 6
    cap_m: Annotated[Number, Field(gt=0.5, le=15)] | None = None


class SeasonOut(Answer):
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
    seasons: list[SeasonOut]


class ShadeOut(Answer):
    """Who shades whom: hours of direct sun on a tree's lower part, lost to another, and the height at which the other would leave it enough."""

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
