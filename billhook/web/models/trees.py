"""A tree as its page shows it, and what is changed of it."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frame.known import Standing
from .base import Against, Answer, Counted, IsoDate, LongText, Number, Text, Work, Written
from .frames import DrawnFrame
from .logbook import LogOut, TaskOut
from .shared import PhotoOut, SizesOut, VerdictOut
from .sheets import SheetLink


class SeenOut(Answer):
    """The latest observation of a kind."""

    kind: str
    value: str
    date: IsoDate


class TreeOut(Answer):
    """A tree on a day: record, frame, verdict of every kind of work, what is due, sheets and
    log.
    """

    id: str
    name: str
    version: int
    site: str
    block: str
    block_id: str
    row_id: str
    species: str
    kind_name: str
    cultivar: str | None
    rootstock: str | None
    rootstock_name: str | None
    planted_year: int
    own_name: str
    origin: str | None
    form: str | None
    medium: str | None
    row: str
    pot_l: float | None
    under_cover: bool
    union_m: float | None
    union_mark: str | None
    note: str
    cap_m: float | None
    reach_m: float
    day: IsoDate
    used_share: float
    year_share: float
    main_work: Work
    seen: list[SeenOut]
    frame: DrawnFrame | None
    standing: Standing
    sizes: SizesOut
    verdicts: list[VerdictOut]
    tasks: list[TaskOut]
    sheets: list[SheetLink]
    log: list[LogOut]
    photos: list[PhotoOut]


class TreeChangeIn(Written):
    """Changes to a tree's record; ``version`` is the one they were made on."""

    version: Annotated[Counted, Field(ge=1)]
    species: Text | None = None
    cultivar: Annotated[str, Field(max_length=60)] | None = None
    name: Annotated[str, Field(max_length=60)] | None = None
    origin: Literal["grafted", "seedling", "cutting", "layered"] | None = None
    planted_year: Annotated[Counted, Field(ge=1850, le=2200)] | None = None
    rootstock: Annotated[str, Field(max_length=60)] | None = None
    union_mark: Annotated[str, Field(max_length=60)] | None = None
    pot_l: Annotated[Number, Field(ge=1, le=2000)] | None = None
    under_cover: bool | None = None
    note: LongText | None = None


class MoveIn(Written):
    """To another block and row, by what they are called; a new row if none is named."""

    version: Annotated[Counted, Field(ge=1)]
    block: Text
    row: Annotated[str, Field(max_length=40)] | None = None


class VersionIn(Written):
    """The version that was looked at."""

    version: Annotated[Counted, Field(ge=1)]


class CalledIn(Written):
    """What a row or block is called."""

    name: Annotated[str, Field(max_length=60)]
    version: Annotated[Counted, Field(ge=1)] | None = None


class CalledOut(Answer):
    """What it is called now."""

    id: str
    called: str


class GoneIn(Written):
    """The tree is gone since a day, today if none is given."""

    version: Annotated[Counted, Field(ge=1)]
    date: IsoDate | None = None


class GoneOut(Answer):
    """The day a tree went."""

    id: str
    removed_on: IsoDate


class ObserveIn(Against):
    """What was seen of a tree or block."""

    kind: Text
    value: Text
    date: IsoDate
