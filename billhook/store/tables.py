"""The domain as tables. Ids are UUIDs made by whoever creates the thing; rows that change carry a
version; what happened is appended.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
from typing import Any

from sqlalchemy import JSON, Column, UniqueConstraint
from sqlmodel import Field, SQLModel

from .acts import Acted, new_id, utc_now


def json_column() -> Any:
    return Field(sa_column=Column(JSON, nullable=False))


class Holding(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    name: str
    units: str = "metric"
    scenario: str = "ordinary"
    version: int = 1


class Site(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    holding_id: str = Field(foreign_key="holding.id", index=True)
    name: str
    latitude: float
    longitude: float | None = None
    elevation_m: float | None = None
    climate: str
    last_frost: str | None = None
    first_frost: str | None = None
    dangers: list[str] = json_column()
    version: int = 1


class SiteNormals(SQLModel, table=True):
    """The newest row of a site holds."""

    id: str = Field(default_factory=new_id, primary_key=True)
    site_id: str = Field(foreign_key="site.id", index=True)
    tmin_c: list[float] = json_column()
    tmax_c: list[float] = json_column()
    origin: str
    seq: int = 1


class Block(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    site_id: str = Field(foreign_key="site.id", index=True)
    name: str
    kind: str = "orchard"
    offset_c: float = 0.0
    frost_pocket: bool = False
    cap_m: float | None = None
    elevation_m: float | None = None
    note: str = ""
    version: int = 1


class Row(SQLModel, table=True):
    __table_args__ = (UniqueConstraint("block_id", "n"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    block_id: str = Field(foreign_key="block.id", index=True)
    n: int
    kind: str = "trees"
    name: str | None = None
    note: str = ""

    @property
    def called(self) -> str:
        """As people call it: by its name, else by its number."""
        return self.name or str(self.n)


class Place(SQLModel, table=True):
    """Where a tree stands; it outlives the tree. x east and y north of the site's corner [m].
    together: the same for places in one hole or pot.
    """

    __table_args__ = (UniqueConstraint("row_id", "n"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    row_id: str = Field(foreign_key="row.id", index=True)
    n: int
    x: float = 0.0
    y: float = 0.0
    together: str | None = None


class Tree(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    place_id: str = Field(foreign_key="place.id", index=True)
    species: str
    planted_year: int
    removed_on: dt.date | None = None
    pot_l: float | None = None
    under_cover: bool = False
    note: str = ""
    name: str = ""
    origin: str | None = None
    medium: str | None = None
    form: str | None = None
    version: int = 1


class Stem(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    rootstock: str | None = None
    union_m: float | None = None
    union_mark: str | None = None


class Graft(SQLModel, table=True):
    id: str = Field(default_factory=new_id, primary_key=True)
    stem_id: str = Field(foreign_key="stem.id", index=True)
    cultivar: str
    mark: str = ""


class FrameRow(SQLModel, table=True):
    """One measured, sketched or cut skeleton of a stem; never changed once written."""

    __tablename__ = "frame"
    __table_args__ = (UniqueConstraint("stem_id", "seq"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    stem_id: str = Field(foreign_key="stem.id", index=True)
    seq: int
    date: dt.date
    origin: str
    previous_id: str | None = Field(default=None, foreign_key="frame.id")
    union_m: float | None = None
    trunk_mm: float
    trunk_m: float


class LimbRow(SQLModel, table=True):
    __tablename__ = "limb"
    frame_id: str = Field(foreign_key="frame.id", primary_key=True)
    limb_key: str = Field(primary_key=True)
    nth: int
    parent: str
    at_m: float
    base_mm: float
    tip_mm: float | None = None
    length_m: float
    rise_deg: float
    bearing_deg: float
    state: str = "live"
    foliage: float = 1.0
    fruit: int = 0
    headed_mm: float = 0.0
    kind: str | None = None
    bloom: float | None = None
    flush: str | None = None
    measured: bool = False


class FrameSize(SQLModel, table=True):
    """What a frame measures as a whole [m, mm]. Frames do not change, so it is worked out once; it
    can always be worked out again.
    """

    frame_id: str = Field(primary_key=True)
    height_m: float
    spread_m: float
    trunk_mm: float
    fruit: int
    suckers: int
    dead: int
    lowest_m: float | None = None


class Baseline(SQLModel, table=True):
    """The frame whose canopy is the total of the growing year that holds its first cut."""

    __table_args__ = (UniqueConstraint("tree_id", "first_cut"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    first_cut: dt.date
    frame_id: str = Field(foreign_key="frame.id")


class Observation(Acted, table=True):
    """What was seen of a tree or block, e.g. ``harvest_end``; a later one of a kind holds, a
    correction names what it corrects.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str
    scope_id: str = Field(index=True)
    kind: str
    value: str
    date: dt.date
    corrects: str | None = Field(default=None, foreign_key="observation.id")
    made_at: dt.datetime = Field(default_factory=utc_now)


class Aim(Acted, table=True):
    """How high and how wide a tree, a row, a block or the holding is wanted [m]; the newest of a
    scope holds, and one with neither takes it back.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str
    scope_id: str = Field(index=True)
    height_m: float | None = None
    width_m: float | None = None
    said_on: dt.date
    made_at: dt.datetime = Field(default_factory=utc_now)


class Rotation(Acted, table=True):
    """A school of renewal adopted for a tree, a row or a block; one that was given up keeps its
    history. Heights in metres.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str
    scope_id: str = Field(index=True)
    school: str
    first_year: int
    years: int
    low_m: float
    tip_m: float
    started_on: dt.date
    ended_on: dt.date | None = None
    version: int = 1
    made_at: dt.datetime = Field(default_factory=utc_now)


class Task(SQLModel, table=True):
    """Something to come back for, at a tree or a whole row. ``rule``: the catalogue id its date
    rests on. ``does``: what it is for, in English; ``says``: the same as a message with its values,
    as plain data, for every other language. What a walk found to be done bears its kind of
    ``work``, the walk and its day.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str = "tree"
    scope_id: str = Field(index=True)
    kind: str
    does: str
    says: str | None = None
    due: dt.date
    rule: str
    cause: str | None = Field(default=None, foreign_key="logentry.id")
    rotation_id: str | None = Field(default=None, foreign_key="rotation.id")
    state: str = "open"
    calendar_uid: str = Field(default_factory=new_id)
    why_later: str = ""
    work: str | None = None
    walk_id: str | None = Field(default=None, foreign_key="walk.id")
    since: dt.date | None = None
    why_dropped: str = ""
    version: int = 1


class StanceChoice(SQLModel, table=True):
    """The school chosen on a topic for the holding, a block or a tree."""

    __table_args__ = (UniqueConstraint("scope_id", "topic"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str
    scope_id: str = Field(index=True)
    topic: str
    school: str


class WeatherDay(SQLModel, table=True):
    """One day measured at a site's station, brought in by hand or by a station."""

    __table_args__ = (UniqueConstraint("site_id", "date"),)
    id: str = Field(default_factory=new_id, primary_key=True)
    site_id: str = Field(foreign_key="site.id", index=True)
    date: dt.date
    tmin_c: float | None = None
    tmax_c: float | None = None
    rain_mm: float | None = None
    source: str


class PutOff(Acted, table=True):
    """Seasonal work on a tree that somebody put off, and why; the newest holds."""

    id: str = Field(default_factory=new_id, primary_key=True)
    tree_id: str = Field(foreign_key="tree.id", index=True)
    work: str
    until: dt.date
    why: str
    made_at: dt.datetime = Field(default_factory=utc_now)


class OwnSpecies(SQLModel, table=True):
    """A kind of tree that the catalogue lacks, described by its events."""

    id: str = Field(primary_key=True)
    name: str
    data: dict[str, Any] = json_column()


class Harvest(Acted, table=True):
    """Fruit picked from a tree, or from a row or block together [kg]."""

    id: str = Field(default_factory=new_id, primary_key=True)
    scope: str
    scope_id: str = Field(index=True)
    day: dt.date
    kg: float
    who: str = ""
    made_at: dt.datetime = Field(default_factory=utc_now)
