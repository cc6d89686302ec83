"""A tree as its page shows it, and what is changed of it."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frame.known import Standing
from ...core.frame.model import Flush
from ...core.season.model import Status
from .base import (
    Against,
    Answer,
    Asked,
    Counted,
    IsoDate,
    Key,
    LongText,
    Number,
    Text,
    Uuid,
    Work,
    Written,
)
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
    removed_on: IsoDate | None
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
    grafts: list[GraftOut]
    row_note: str
    block_note: str


class NeedOut(Answer):
    """Work a tree needs: what, whether it can be done now (``opens`` null), and when in words."""

    kind: str
    work: str
    says: str
    tone: Status
    when: str
    opens: IsoDate | None
    minutes: float
    plan_id: str | None
    task_id: str | None
    version: int | None


class NeedsOut(Answer):
    """What a tree needs, in working order."""

    needs: list[NeedOut]


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


class AlikeIn(Written):
    """Changes to the record of a tree and of every like tree of its row or block."""

    scope: Literal["row", "block"]
    changes: TreeChangeIn


class AlikeOut(Answer):
    """How many trees were changed."""

    trees: int


class SpotIn(Written):
    """Where a tree stands: east and north of the site's corner [m]."""

    version: Annotated[Counted, Field(ge=1)]
    x_m: Annotated[Number, Field(ge=-20000, le=20000)]
    y_m: Annotated[Number, Field(ge=-20000, le=20000)]


class GraftIn(Written):
    """A further cultivar on a tree, and what its leaf is told by."""

    cultivar: Key
    mark: Annotated[str, Field(min_length=1, max_length=120)]


class GraftPath(Asked):
    """A further cultivar of a tree."""

    id: Annotated[str, Field(min_length=1, max_length=60)]
    graft: Annotated[str, Field(min_length=1, max_length=60)]


class GraftOut(Answer):
    """A further cultivar on a tree."""

    id: str
    cultivar: str
    name: str
    mark: str


class VersionIn(Written):
    """The version that was looked at."""

    version: Annotated[Counted, Field(ge=1)]


class CalledIn(Written):
    """What a row or block is called, what is worth knowing of it, which way it runs, and of a
    row how far apart its trees stand; what is left out stays.
    """

    name: Annotated[str, Field(max_length=60)] | None = None
    version: Annotated[Counted, Field(ge=1)] | None = None
    note: LongText | None = None
    spacing_m: Annotated[Number, Field(ge=0.1, le=60)] | None = None
    bearing_deg: Annotated[Number, Field(ge=0, le=360)] | None = None


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


class SideIn(Asked):
    """What a side of a drawn tree carries, under an id made by the device [degrees; share of ends
    in bloom]; ``side_deg``: null for the whole tree.
    """

    id: Uuid
    side_deg: Annotated[Number, Field(ge=0, lt=360)] | None = None
    fruit: Annotated[Counted, Field(ge=0, le=20_000)] | None = None
    bloom: Annotated[Number, Field(ge=0, le=1)] | None = None
    flush: Flush | None = None


class SideOut(Answer):
    """The drawing that bears it now."""

    frame_id: str


class ObserveIn(Against):
    """What was seen of a tree or block."""

    kind: Text
    value: Text
    date: IsoDate
