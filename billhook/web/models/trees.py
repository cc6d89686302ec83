"""One tree, its cuts, sheets and log."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...formats.sheet_pdf import Paper
from .base import (
    Against,
    Answer,
    Asked,
    Counted,
    IsoDate,
    LongText,
    Number,
    Text,
    Units,
    Uuid,
    Work,
    Written,
)
from .frames import CutCostOut, CutIn, DrawnFrame, MeasuresOut
from .shared import PhotoOut, ReasonOut, VerdictOut


class IdPath(Asked):
    """The thing in the path."""

    id: Annotated[str, Field(min_length=1, max_length=60)]


class CutPath(IdPath):
    """A cut of a sheet."""

    cut_id: Annotated[str, Field(min_length=1, max_length=60)]


class TaskOut(Answer):
    """Something to come back for, with the catalogue rule of its date."""

    id: str
    kind: str
    does: str
    due: IsoDate
    rule: str
    state: str
    version: int


class SheetLink(Answer):
    """A cut sheet of a tree."""

    id: str
    day: IsoDate
    work: Work
    work_words: str
    state: str


class LogOut(Answer):
    """One log entry."""

    id: str
    tree_id: str
    tree: str
    date: IsoDate
    work: Work
    share: float | None
    cuts: int | None
    height_before_m: float | None
    height_after_m: float | None
    minutes: float | None
    who: str
    note: str
    plan_id: str | None
    corrects: str | None
    corrected_by: str | None


class LogListOut(Answer):
    """Log entries, the newest work first."""

    entries: list[LogOut]


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
    verdicts: list[VerdictOut]
    tasks: list[TaskOut]
    sheets: list[SheetLink]
    log: list[LogOut]
    photos: list[PhotoOut]


class TreeChangeIn(Written):
    """Changes to a tree's record; ``version`` is the one they were made on."""

    version: Annotated[Counted, Field(ge=1)]
    planted_year: Annotated[Counted, Field(ge=1850, le=2200)] | None = None
    rootstock: Annotated[str, Field(max_length=60)] | None = None
    union_mark: Annotated[str, Field(max_length=60)] | None = None
    pot_l: Annotated[Number, Field(ge=1, le=2000)] | None = None
    under_cover: bool | None = None
    note: LongText | None = None


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


class PreviewIn(Asked):
    """Cuts marked on a frame, for a kind of work on a day."""

    frame_id: Text | None = None
    cuts: Annotated[list[CutIn], Field(max_length=200)]
    work: Work
    day: IsoDate | None = None
    units: Units = "metric"


class PieceOut(Answer):
    """A tapered piece of wood in the upright plane of the limb; ends and widths in metres."""

    role: Literal["parent", "limb", "heir", "bud"]
    x0: float
    y0: float
    x1: float
    y1: float
    start_w: float
    end_w: float


class StrokeOut(Answer):
    """A stroke of the blade from where it enters; ``deep``: how far it goes through."""

    n: int
    kind: Literal["under", "top", "last"]
    x0: float
    y0: float
    x1: float
    y1: float
    deep: float


class CutDrawingOut(Answer):
    """A cut seen from the side, to scale; ``bar_m``: a length for the scale bar."""

    pieces: list[PieceOut]
    strokes: list[StrokeOut]
    bar_m: float


class AdviceOut(Answer):
    """How to make one cut."""

    limb: str
    keep_m: float
    order_class: int
    at_height_m: float
    position: str
    place: str
    technique: str
    tool: str
    cuts_needed: int
    minutes: float
    closing_years: float
    takes_over: str | None
    free: bool
    cautions: list[ReasonOut]
    making: list[ReasonOut]
    drawing: CutDrawingOut | None


class AgainstOut(Answer):
    """The running total against the limit of the day."""

    removed: float
    limit: float | None
    over: float
    fits: bool
    sentence: str
    reasons: list[ReasonOut]


class PreviewOut(Answer):
    """Cost of the cuts, verdict, total, and how to make each."""

    frame_id: str
    before: MeasuresOut
    after: MeasuresOut
    canopy_share_removed: float | None
    wood_share_removed: float
    cuts: list[CutCostOut]
    verdict: VerdictOut
    against: AgainstOut
    advice: list[AdviceOut]
    minutes: float
    gone: list[str]
    reasons: list[ReasonOut]


class PrintQuery(Asked):
    """Paper, language and units of a printed sheet."""

    paper: Paper = "a4"
    language: Literal["en", "es", "pt"] = "en"
    units: Units = "metric"


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
    cuts: Annotated[list[CutIn], Field(max_length=200)]
    work: Work
    day: IsoDate | None = None
    later: Annotated[list[LaterIn], Field(max_length=12)] = []


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


class ExtraCutIn(Asked):
    """A cut that was not planned, under an id made by the device."""

    id: Uuid
    limb: Text
    keep_m: Annotated[Number, Field(ge=0, le=60)] = 0.0


class FinishIn(Written):
    """Finish a sheet: what is ticked is cut from the frame."""

    version: Annotated[Counted, Field(ge=1)]
    date: IsoDate | None = None
    who: Annotated[str, Field(max_length=60)] = ""
    minutes: Annotated[Number, Field(ge=0, le=5000)] | None = None
    note: LongText = ""


class FinishedOut(Answer):
    """The log entry and the come-backs that finishing made."""

    entry: LogOut
    tasks: list[TaskOut]


class PastWorkIn(Asked):
    """Work already done, logged without a plan; or a correction of an entry."""

    id: Uuid
    date: IsoDate
    work: Work
    share: Annotated[Number, Field(ge=0, le=1)] | None = None
    height_before_m: Annotated[Number, Field(ge=0, le=60)] | None = None
    height_after_m: Annotated[Number, Field(ge=0, le=60)] | None = None
    who: Annotated[str, Field(max_length=60)] = ""
    note: LongText = ""
    minutes: Annotated[Number, Field(ge=0, le=5000)] | None = None
    corrects: Text | None = None


class TaskIn(Written):
    """Settle a come-back, or put it off."""

    version: Annotated[Counted, Field(ge=1)]
    state: Literal["open", "done", "dropped"]
    due: IsoDate | None = None
