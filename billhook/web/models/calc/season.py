"""Heat units, latest cut and the season, as calculators."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field, model_validator

from ....core.frost.classes import FrostClass
from ....core.season.heat import HeatMethod
from ....core.season.model import Condition, FruitOn, Severity, Status
from ....core.words.values import say
from ..base import Answer, Asked, Counted, IsoDate, MonthDayText, Number, Unfit, Work
from ..shared import ReasonOut

Temperature = Annotated[Number, Field(ge=-60, le=60)]
Twelve = Annotated[list[Temperature], Field(min_length=12, max_length=12)]
Rain = Annotated[list[Annotated[Number, Field(ge=0, le=3000)]], Field(min_length=12, max_length=12)]


class HeatUnitsIn(Asked):
    """Daily minima and maxima of the same length."""

    tmin: Annotated[list[Temperature], Field(min_length=1, max_length=40_000)]
    tmax: Annotated[list[Temperature], Field(min_length=1, max_length=40_000)]
    base_c: Annotated[Number, Field(ge=-10, le=30)]
    upper_c: Annotated[Number, Field(ge=0, le=60)] | None = None
    method: HeatMethod = "single_sine"


class HeatUnitsOut(Answer):
    """Day degrees of each day, and their sum."""

    daily: list[float]
    total: float


class NormalsIn(Asked):
    """Twelve monthly mean minima and maxima, January first."""

    tmin: Twelve
    tmax: Twelve
    rain: Rain | None = None


class LatestCutIn(Asked):
    """When must a cut be made so that the growth after it gathers this warmth before a date."""

    normals: NormalsIn
    base_c: Annotated[Number, Field(ge=-10, le=30)]
    heat_units: Annotated[Number, Field(gt=0, le=20_000)]
    before: IsoDate
    safety_days: Annotated[Counted, Field(ge=0, le=365)]
    upper_c: Annotated[Number, Field(ge=0, le=60)] | None = None
    method: HeatMethod = "single_sine"
    floor_days: Annotated[Counted, Field(ge=0, le=730)] = 0
    cap_days: Annotated[Counted, Field(ge=1, le=730)] | None = None


class LatestCutOut(Answer):
    """``latest`` is null with a reason when the warmth is never gathered."""

    latest: IsoDate | None
    matures_on: IsoDate | None
    days: int | None
    reason: str | None


class SeasonSiteIn(Asked):
    """A place. Frost dates as MM-DD at a risk of one year in ten, null where there is no frost."""

    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] | None = None
    normals: NormalsIn
    last_frost: MonthDayText
    first_frost: MonthDayText
    hot_from: MonthDayText = None
    hot_to: MonthDayText = None
    climate: Annotated[str, Field(max_length=60)] | None = None
    frost_pocket: bool = False
    dangers: Annotated[list[Annotated[str, Field(max_length=40)]], Field(max_length=20)] = []


class TreeIn(Asked):
    """What of a tree the season depends on."""

    species: Annotated[str, Field(max_length=60)]
    cultivar: Annotated[str, Field(max_length=60)] | None = None
    rootstock: Annotated[str, Field(max_length=60)] | None = None
    planted_year: Annotated[Counted, Field(ge=1850, le=2200)]
    in_pot: bool = False
    under_cover: bool = False
    vigour: Annotated[Counted, Field(ge=1, le=5)] | None = None
    condition: Condition = "healthy"
    freeze_class: FrostClass = "F0"
    fruit_on: FruitOn | None = None
    used_share: Annotated[Number, Field(ge=0, le=1)] = 0.0
    low_bloom: bool = False
    too_tall: bool = False
    cut: Severity | None = None


class ForecastIn(Asked):
    """One forecast day."""

    date: IsoDate
    tmin: Temperature
    tmax: Temperature
    rain_mm: Annotated[Number, Field(ge=0, le=2000)] = 0.0


class ObservedIn(Asked):
    """Dates seen this year; each beats the computed one."""

    flush_start: IsoDate | None = None
    flush_hard: IsoDate | None = None
    bloom_start: IsoDate | None = None
    harvest_start: IsoDate | None = None
    harvest_end: IsoDate | None = None
    last_frost: IsoDate | None = None
    first_frost: IsoDate | None = None
    carry_out: IsoDate | None = None
    carry_in: IsoDate | None = None


School = Annotated[str, Field(max_length=40)]


class StanceIn(Asked):
    """The school chosen on each topic; the catalogue's default where none is."""

    timing: School | None = None
    form: School | None = None
    middle: School | None = None
    height: School | None = None
    renewal: School | None = None
    vigour: School | None = None
    wounds: School | None = None
    leaf_miner: School | None = None
    first_fruit: School | None = None
    union_shoots: School | None = None


class SeasonIn(Asked):
    """A place, a tree, and the span asked about."""

    site: SeasonSiteIn
    tree: TreeIn
    observed: ObservedIn | None = None
    stance: StanceIn = StanceIn()
    forecast: Annotated[list[ForecastIn], Field(max_length=60)] = []
    from_: IsoDate = Field(alias="from")
    to: IsoDate
    work: Annotated[list[Work], Field(min_length=1, max_length=20)] | None = None

    @model_validator(mode="after")
    def _span(self) -> SeasonIn:
        if not 0 <= (self.to - self.from_).days < 1100:
            raise Unfit(say("bad-span-of-three-years"))
        return self


class EventOut(Answer):
    """A span of the year and where its dates come from. name: by which programs know it; says: what
    the reader calls it.
    """

    name: str
    says: str
    from_: IsoDate = Field(serialization_alias="from", validation_alias="start")
    to: IsoDate = Field(validation_alias="end")
    origin: str
    moved_days: int = 0


class SegmentOut(Answer):
    """One kind of work over a span without change; ``max_share`` is null where it costs no canopy;
    ``price``: crops per share on its cheapest day.
    """

    work: Work
    from_: IsoDate = Field(serialization_alias="from", validation_alias="start")
    to: IsoDate = Field(validation_alias="end")
    status: Status
    max_share: float | None
    price: float
    reasons: list[ReasonOut]


class BestOut(Answer):
    """A run of the cheapest days of one growing year, ``range``. ``rounds``: such cuts that come to
    an ordinary one, where the day's share is small.
    """

    work: Work
    range: list[IsoDate]
    from_: IsoDate = Field(serialization_alias="from", validation_alias="start")
    to: IsoDate = Field(validation_alias="end")
    price: float
    max_share: float | None
    rounds: int | None = None


class SeasonOut(Answer):
    """Events, the best days of each growing year, and gapless segments for every kind of work."""

    events: list[EventOut]
    best: list[BestOut]
    segments: list[SegmentOut]
