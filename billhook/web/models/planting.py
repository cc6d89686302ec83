"""Setting up: the place, what stands there, a block."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, MonthDayText, Number, Text, Units, Written
from .calc.season import Temperature, Twelve


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


class MeanOut(Answer):
    """Mean of the measured trees of a row, and how many others took it."""

    from_trees: int
    height_m: float
    spread_m: float
    trunk_mm: float
    applied_to: int


class LatitudeNormalsIn(Asked):
    """Normals whose nearest climate is wanted."""

    latitude: Annotated[Number, Field(ge=-66, le=66)]
    tmin_c: Annotated[list[Temperature], Field(min_length=12, max_length=12)]
    tmax_c: Annotated[list[Temperature], Field(min_length=12, max_length=12)]


class NearestOut(Answer):
    """The nearest shipped climate."""

    climate: str
