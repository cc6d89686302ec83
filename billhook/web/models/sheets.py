"""Cut sheets: read, ticked, printed, finished."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...formats.sheet_pdf import Paper
from .base import (
    Answer,
    Asked,
    Counted,
    IdPath,
    IsoDate,
    Key,
    LongText,
    Number,
    Text,
    Units,
    Uuid,
    Work,
    Written,
)
from .calc.counting import CountedIn, RecipeOut
from .cutting import AdviceOut, MarkedIn
from .frames import CutCostOut, DrawnFrame, MeasuresOut
from .logbook import LogOut, TaskOut
from .shared import ReasonOut


class CutPath(IdPath):
    """A cut of a sheet."""

    cut_id: Annotated[str, Field(min_length=1, max_length=60)]


class SheetLink(Answer):
    """A cut sheet of a tree."""

    id: str
    day: IsoDate
    work: Work
    work_words: str
    state: str


class PrintQuery(Asked):
    """Paper and units of a printed sheet, the holding's where nothing is said; language: the
    reader's.
    """

    paper: Paper | None = None
    language: Annotated[str, Field(pattern="^[a-z]{2,3}$")] | None = None
    units: Units | None = None


class LaterIn(Asked):
    """What a plan leaves for a later window."""

    day: IsoDate
    says: Annotated[str, Field(min_length=1, max_length=300)]


class SheetIn(Asked):
    """A cut sheet; the id is made by whoever makes the sheet. ``later``: stages of the plan that
    wait for their windows, kept as come-backs.
    """

    id: Uuid
    frame_id: Text
    cuts: Annotated[list[MarkedIn], Field(max_length=200)]
    work: Work
    day: IsoDate | None = None
    later: Annotated[list[LaterIn], Field(max_length=12)] = []


class ManyIn(Asked):
    """Sheets for many trees; the id is made by whoever asks. ``goal``: null lowers what is over its
    wanted height and tidies the rest.
    """

    id: Uuid
    tree_ids: Annotated[list[Uuid], Field(min_length=1, max_length=60)]
    goal: Key | None = None
    day: IsoDate | None = None


class MadeOut(Answer):
    """A sheet that was made."""

    tree_id: str
    tree: str
    sheet_id: str
    day: IsoDate
    cuts: int


class WithoutOut(Answer):
    """A tree that got none, and why."""

    tree_id: str
    tree: str
    says: str


class ToCountOut(Answer):
    """A tree that nobody has drawn: what to look for and count on it instead of a sheet."""

    tree_id: str
    tree: str
    goal: str
    recipe: RecipeOut


class ManyOut(Answer):
    """Of the trees asked about, those with a sheet, those to count on, and those without."""

    made: list[MadeOut]
    to_count: list[ToCountOut]
    without: list[WithoutOut]


class SheetLineOut(Answer):
    """One cut of a sheet in working order."""

    id: str
    nth: int
    cost: CutCostOut
    advice: AdviceOut
    done: bool
    done_mm: float | None
    done_by: str
    done_on: IsoDate | None
    extra: bool
    left: str
    said_id: str


class SheetOut(Answer):
    """A cut sheet with its tree and drawing; ``today``: the day that ticks made now bear."""

    id: str
    version: int
    state: str
    day: IsoDate
    work: Work
    work_words: str
    tree_id: str
    tree: str
    tree_line: str
    status: str
    sentence: str
    total: str
    removed: float
    max_share: float | None
    before: MeasuresOut
    after: MeasuresOut
    minutes: float
    gone: list[str]
    cap_m: float | None
    reach_m: float
    cautions: list[ReasonOut]
    reasons: list[ReasonOut]
    frame: DrawnFrame
    lines: list[SheetLineOut]
    today: IsoDate
    log_id: str | None


class TickIn(Asked):
    """A tick on a cut, its taking back, or with ``why`` that it was not made. ``seen``: the line's
    ``said_id`` as the device knew it, empty for none.
    """

    id: Uuid
    done: bool
    diameter_mm: Annotated[Number, Field(ge=1, le=3000)] | None = None
    who: Annotated[str, Field(max_length=60)] = ""
    date: IsoDate | None = None
    why: Annotated[str, Field(max_length=200)] = ""
    seen: Annotated[str, Field(max_length=60)] | None = None


class ExtraLimbIn(Asked):
    """A limb of the trunk that was not in the drawing [m, mm, degrees]; ``length_m``: its usual one
    where nobody measured it.
    """

    at_m: Annotated[Number, Field(ge=0, le=30)]
    diameter_mm: Annotated[Number, Field(ge=2, le=1000)]
    bearing_deg: Annotated[Number, Field(ge=0, le=360)]
    rise_deg: Annotated[Number, Field(ge=-90, le=90)] = 45.0
    length_m: Annotated[Number, Field(gt=0, le=30)] | None = None


class ExtraCutIn(Asked):
    """A cut that was not planned, under an id made by the device: of a limb of the drawing, or of
    one that is drawn in with it.
    """

    id: Uuid
    limb: Text | None = None
    keep_m: Annotated[Number, Field(ge=0, le=60)] = 0.0
    drawn: ExtraLimbIn | None = None


class FinishIn(Written):
    """Finish a sheet: what is ticked is cut from the frame. ``besides``: cuts that are not in the
    drawing, counted.
    """

    version: Annotated[Counted, Field(ge=1)]
    date: IsoDate | None = None
    who: Annotated[str, Field(max_length=60)] = ""
    minutes: Annotated[Number, Field(ge=0, le=5000)] | None = None
    note: LongText = ""
    besides: Annotated[list[CountedIn], Field(max_length=40)] = []


class FinishedOut(Answer):
    """The log entry and the come-backs that finishing made."""

    entry: LogOut
    tasks: list[TaskOut]
