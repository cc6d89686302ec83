"""Calculators of heights: rows and sun, renewal, walls, shapes, which limb."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ....core.frame.outline import Outline, Shape
from ....core.heights.section import Profile
from ....core.light.rows import Obstacle, Section
from ..base import Answer, Asked, Counted, IsoDate, Key, Metres, Number, Units
from ..frames import FrameIn
from ..shared import ReasonOut
from .plan import YieldCostOut

Bearing = Annotated[Number, Field(ge=0, le=360)]


class SectionIn(Asked):
    """A row across: a trapezoid from the skirt up, with a roof of a pitch."""

    height_m: Annotated[Number, Field(ge=0.1, le=15)]
    base_width_m: Annotated[Number, Field(ge=0.1, le=15)]
    top_width_m: Annotated[Number, Field(ge=0, le=15)]
    skirt_m: Annotated[Number, Field(ge=0, le=5)]
    pitch_deg: Annotated[Number, Field(ge=0, le=60)] = 0

    def core(self) -> Profile:
        """As the core has it."""
        return Profile(
            Section(self.height_m, self.base_width_m, self.top_width_m, self.skirt_m),
            self.pitch_deg,
        )


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
    """Endless rows at a place on a date. ``step_m``: rise to the next row on the right-hand side;
    ``hours``: asked of the walls at ``at_m``.
    """

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
    """A wall by the bearing it faces: hours of direct sun at each height, and the share of it lit
    by solar hour.
    """

    facing_deg: float
    sun_hours: list[float]
    by_hour: list[float]


class HedgerowOut(Answer):
    """Both walls, the right-hand one (row bearing + 90°) first; ``tallest_m``: rows at which each
    still gets the hours, None where no height does.
    """

    walls: list[WallSunOut]
    cut_walls: list[WallSunOut] | None
    tallest_m: list[float | None] | None
    inner_light: float
    reasons: list[ReasonOut]


class RenewalIn(Asked):
    """A school over years, as the methods have it."""

    school: Key
    sectors: Annotated[Counted, Field(ge=1, le=12)] = 3
    years: Annotated[Counted, Field(ge=1, le=40)]
    start_m: (
        Annotated[Number, Field(ge=0.01, le=30)]
        | Annotated[
            list[Annotated[Number, Field(ge=0.01, le=30)]], Field(min_length=1, max_length=12)
        ]
    )
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
    """``cut``: index of the sector or group that goes down; ``height_m``: tallest sector after
    regrowth.
    """

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
    """Volume a metre of row, share of the bearing shell, thickest wood and whether a bar takes it,
    the crop given up.
    """

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

    shape: Shape
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

    top_m: float
    half_m: float
    breaks: list[BreakOut]
    edge: list[EdgePoint]


class WhichLimbIn(Asked):
    """A frame; ``seasons``: since each limb's hard cut."""

    frame: FrameIn
    low_m: Annotated[Number, Field(ge=0.1, le=15)] = 1.5
    seasons: Annotated[
        dict[str, Annotated[Counted, Field(ge=0, le=200)]], Field(max_length=200)
    ] = {}


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
    """Main limbs, the one to take first; for a stored tree the heights a limb is lowered to and the
    rest tipped at.
    """

    low_m: float | None = None
    tip_m: float | None = None
    limbs: list[RankedOut]


class BarkSunIn(Asked):
    """Bark that a cut would bare: which way it faces, and how far its surface rises from level (0:
    an upright stem).
    """

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
