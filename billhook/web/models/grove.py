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


class GroveKindOut(Answer):
    """A kind of tree as one calls it."""

    species: str
    cultivar: str | None
    kind_name: str


class GroveNeedOut(Answer):
    """What trees need next, and until when."""

    tone: Status
    need: str
    need_alike: str
    need_kind: str
    need_by: IsoDate | None


class GroveTreesOut(Answer):
    """Trees in walking order, column by column; ``x`` and ``y`` in metres from the site's corner.
    ``row``, ``kind`` and ``needs``: places in ``rows``, ``kinds`` and ``needs`` of the grove.
    """

    id: list[str]
    name: list[str]
    row: list[int]
    x: list[float]
    y: list[float]
    kind: list[int]
    pot_l: list[float | None]
    planted_year: list[int]
    height_m: list[float | None]
    spread_m: list[float | None]
    measured: list[bool]
    needs: list[int]


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


class GroveQuery(DayQuery):
    """``since``: the ``mark`` of an answer that the asker has."""

    since: Annotated[str, Field(max_length=80)] | None = None


class GroveOut(Answer):
    """The holding in plan; ``holding`` is null before it is set up. ``mark`` names its state. Where
    ``since`` is named, ``trees`` are those that differ from that state, and ``gone`` are the ids of
    those that no longer stand; else they are all.
    """

    mark: str
    since: str | None
    gone: list[str]

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
    kinds: list[GroveKindOut]
    needs: list[GroveNeedOut]
    trees: GroveTreesOut
    gaps: list[GapOut]
