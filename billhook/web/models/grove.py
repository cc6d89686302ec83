"""The holding in plan."""

from __future__ import annotations

import datetime as dt
from typing import Annotated

from pydantic import Field

from ...core.season.model import Status
from .base import Answer, Asked, IsoDate, Units


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
    """A block."""

    id: str
    site_id: str
    name: str
    kind: str
    offset_c: float
    frost_pocket: bool
    cap_m: float | None
    elevation_m: float | None
    version: int


class GroveBlockOut(BlockOut):
    """A block of the plan. ``in_rows``: it has rows and alleys to reckon with, unlike a few trees
    in a garden.
    """

    in_rows: bool


class FindQuery(Asked):
    """What is said of the trees that are looked for."""

    q: Annotated[str, Field(min_length=1, max_length=200)]


class FoundOut(Answer):
    """Trees in walking order."""

    trees: list[str]


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


class FrostTagOut(Answer):
    """``says``: frost foreseen, or hurt that wants judging, null where neither; ``rows``: with hurt
    trees, or with frost foreseen.
    """

    says: str | None
    rows: list[str]


class RestoredOut(Answer):
    """An archive was put back at a moment, and is of another."""

    at: dt.datetime
    as_of: dt.datetime


class GroveOut(Answer):
    """The holding in plan; ``holding`` is null before it is set up."""

    holding: str | None
    holding_id: str | None
    frost: FrostTagOut
    restored: RestoredOut | None
    units: Units
    demo: bool
    day: IsoDate
    sites: list[SiteOut]
    blocks: list[GroveBlockOut]
    rows: list[RowOut]
    trees: list[GroveTreeOut]
    gaps: list[GapOut]
