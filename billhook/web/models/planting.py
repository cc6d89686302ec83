"""Setting up: the place, what stands there, a block."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, IsoDate, MonthDayText, Number, Text, Units, Uuid, Written
from .calc.season import Temperature, Twelve

RowNumber = Annotated[Counted, Field(ge=1, le=999)]


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
    """What stands there, as it is said; ``day`` from which ages count, today if none is given."""

    text: Annotated[str, Field(min_length=1, max_length=600)]
    day: IsoDate | None = None


UNSAID = Field(exclude_if=lambda value: value is None)
"""Left out of the answer where it was not said."""


class GroupOut(Answer):
    """Like trees; what was not said is left out, or null where it is asked."""

    count: int | None
    species: str | None
    cultivar: str | None
    rootstock: str | None
    block: Annotated[str | None, UNSAID] = None
    row: Annotated[str | None, UNSAID] = None
    rows: Annotated[int | None, UNSAID] = None
    per_row: Annotated[int | None, UNSAID] = None
    spacing_m: Annotated[float | None, UNSAID] = None
    row_spacing_m: Annotated[float | None, UNSAID] = None
    in_pot: Annotated[bool | None, UNSAID] = None
    pot_l: Annotated[float | None, UNSAID] = None
    under_cover: Annotated[bool | None, UNSAID] = None
    planted_year: Annotated[int | None, UNSAID] = None
    age_years: Annotated[float | None, UNSAID] = None
    about: Annotated[bool | None, UNSAID] = None
    height_m: Annotated[float | None, UNSAID] = None
    spread_m: Annotated[float | None, UNSAID] = None
    trunk_mm: Annotated[float | None, UNSAID] = None
    origin: Annotated[Literal["grafted", "seedling", "cutting", "layered"] | None, UNSAID] = None
    medium: Annotated[Literal["water"] | None, UNSAID] = None
    form: Annotated[Literal["whip"] | None, UNSAID] = None
    together: Annotated[bool | None, UNSAID] = None


class PlantingAskOut(Answer):
    """What must still be said of a group."""

    group: int
    field: str
    words: str


class PlantingOut(Answer):
    """What was understood, group by group; runs of words that were not used; what is asked."""

    groups: list[GroupOut]
    unread: list[str]
    asks: list[PlantingAskOut]


class PlantIn(Written):
    """Like trees in a row."""

    site_id: Text
    block: Text
    row: Annotated[Counted, Field(ge=1, le=999)] | Annotated[str, Field(max_length=40)] | None = (
        None
    )
    count: Annotated[Counted, Field(ge=1, le=2000)]
    species: Text
    cultivar: Text | None = None
    rootstock: Text | None = None
    planted_year: Annotated[Counted, Field(ge=1850, le=2200)]
    pot_l: Annotated[Number, Field(ge=1, le=2000)] | None = None
    under_cover: bool = False
    spacing_m: Annotated[Number, Field(ge=0.2, le=30)] | None = None
    rows: Annotated[Counted, Field(ge=1, le=200)] = 1
    row_spacing_m: Annotated[Number, Field(ge=0.5, le=40)] | None = None
    height_m: Annotated[Number, Field(ge=0.05, le=30)] | None = None
    spread_m: Annotated[Number, Field(ge=0.05, le=30)] | None = None
    trunk_mm: Annotated[Number, Field(ge=2, le=2000)] | None = None
    origin: Literal["grafted", "seedling", "cutting", "layered"] | None = None
    medium: Literal["water"] | None = None
    form: Literal["whip"] | None = None
    together: Uuid | None = None


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
