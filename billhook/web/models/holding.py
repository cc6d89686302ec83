"""The holding: places, planting, lists of trees."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.season.model import Status
from .base import Answer, Asked, Counted, IsoDate, MonthDayText, Number, Text, Units, Written
from .season import Temperature, Twelve


class DayQuery(Asked):
    """The day asked about, today if none is given, and the units of sentences."""

    day: IsoDate | None = None
    units: Units = "metric"


class SiteOut(Answer):
    """A place."""

    id: str
    name: str
    latitude: float
    climate: str
    last_frost: str | None
    first_frost: str | None


class BlockOut(Answer):
    """A block with its rows."""

    id: str
    site_id: str
    name: str
    kind: str
    offset_c: float
    frost_pocket: bool
    cap_m: float | None
    elevation_m: float | None
    version: int


class BlockIn(Written):
    """How a block lies: the height it is kept at, how its nights differ from the station's, and
    whether it stands in hedgerows.
    """

    version: Annotated[Counted, Field(ge=1)]
    cap_m: Annotated[Number, Field(ge=0.3, le=30)] | None
    offset_c: Annotated[Number, Field(ge=-6, le=6)]
    elevation_m: Annotated[Number, Field(ge=-430, le=5000)] | None = None
    frost_pocket: bool
    rows: Literal["trees", "hedgerow"]


class RowOut(Answer):
    """A row."""

    id: str
    block_id: str
    n: int
    kind: str


class GroveTreeOut(Answer):
    """One tree in plan; position in metres from the site's corner."""

    id: str
    name: str
    row_id: str
    x: float
    y: float
    species: str
    cultivar: str | None
    kind_name: str
    pot_l: float | None
    planted_year: int
    height_m: float | None
    spread_m: float | None
    measured: bool
    tone: Status
    need: str
    need_alike: str
    need_kind: str
    need_by: IsoDate | None


class GapOut(Answer):
    """A place where no tree stands."""

    row_id: str
    x: float
    y: float


class GroveOut(Answer):
    """The holding in plan; ``holding`` is null before it is set up."""

    holding: str | None
    units: Units
    day: IsoDate
    sites: list[SiteOut]
    blocks: list[BlockOut]
    rows: list[RowOut]
    trees: list[GroveTreeOut]
    gaps: list[GapOut]


class ClimateQuery(Asked):
    """Which hemisphere the climates are for."""

    southern: Literal["true", "false"] = "false"


class ClimateOut(Answer):
    """A shipped climate."""

    id: str
    name: str
    tmin_c: list[float]
    tmax_c: list[float]
    last_frost: str | None
    first_frost: str | None


class ClimatesOut(Answer):
    """Every shipped climate."""

    climates: list[ClimateOut]


class SetUpIn(Written):
    """A place: a climate to take, or twelve pairs of temperatures."""

    holding: Text
    site: Text
    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] | None = None
    elevation_m: Annotated[Number, Field(ge=-430, le=5000)] | None = None
    climate: Annotated[str, Field(max_length=60)] | None = None
    tmin_c: Twelve | None = None
    tmax_c: Twelve | None = None
    last_frost: MonthDayText = None
    first_frost: MonthDayText = None
    units: Units = "metric"


class UnitsIn(Written):
    """Metric, or feet and inches, for the whole application."""

    units: Units


class UnitsOut(Answer):
    """Metric, or feet and inches, for the whole application."""

    units: Units


class PhraseIn(Asked):
    """A planting as it is said."""

    text: Annotated[str, Field(min_length=1, max_length=300)]


class PlantingOut(Answer):
    """What was understood; ``missing`` names what must still be said."""

    count: int
    species: str | None
    cultivar: str | None
    rootstock: str | None
    row: int | None
    pot_l: float | None
    planted_year: int | None
    missing: list[str]


class PlantIn(Written):
    """Like trees in a row."""

    site_id: Text
    block: Text
    row: Annotated[Counted, Field(ge=1, le=999)] | None = None
    count: Annotated[Counted, Field(ge=1, le=2000)]
    species: Text
    cultivar: Text | None = None
    rootstock: Text | None = None
    planted_year: Annotated[Counted, Field(ge=1850, le=2200)]
    pot_l: Annotated[Number, Field(ge=1, le=2000)] | None = None
    under_cover: bool = False
    spacing_m: Annotated[Number, Field(ge=0.2, le=30)] | None = None


class PlantedOut(Answer):
    """Ids of what was planted."""

    block_id: str
    row_id: str
    tree_ids: list[str]


class ImportIn(Written):
    """A list of trees as CSV text; ``save`` false only checks it."""

    site_id: Text
    text: Annotated[str, Field(min_length=1, max_length=4_000_000)]
    save: bool = False


class LineProblemOut(Answer):
    """What is wrong on a line of a list."""

    line: int
    column: str
    message: str


class ImportOut(Answer):
    """What an import did or would do."""

    trees: int
    blocks: int
    problems: list[LineProblemOut]
    saved: bool


class MeanOut(Answer):
    """Mean of the measured trees of a row, and how many others took it."""

    from_trees: int
    height_m: float
    spread_m: float
    trunk_mm: float
    applied_to: int


class KnownOut(Answer):
    """A catalogue value with all that is known about it. ``sure``: how sure it is, as a grower is
    told.
    """

    id: str
    value: float | str | list[float]
    unit: str
    says: str
    provenance: str
    sure: str
    source: str | None
    low: float | None
    high: float | None
    school: str | None
    rivals: str | None


class CatalogueOut(Answer):
    """The catalogue, or part of it."""

    version: str
    values: list[KnownOut]


class CatalogueQuery(Asked):
    """Only ids that start with this."""

    prefix: Annotated[str, Field(max_length=120)] = ""


class LatitudeNormalsIn(Asked):
    """Normals whose nearest climate is wanted."""

    latitude: Annotated[Number, Field(ge=-66, le=66)]
    tmin_c: Annotated[list[Temperature], Field(min_length=12, max_length=12)]
    tmax_c: Annotated[list[Temperature], Field(min_length=12, max_length=12)]


class NearestOut(Answer):
    """The nearest shipped climate."""

    climate: str
