"""The fortnight's work."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import BeforeValidator, Field

from ...core.season.model import Status
from .base import (
    Answer,
    Asked,
    Counted,
    IsoDate,
    Key,
    Number,
    Text,
    Units,
    Uuid,
    Work,
    Written,
    whole,
)
from .shared import ActOut, ReasonOut


class TodayQuery(Asked):
    """The day, how many days ahead, the units of sentences; ``within``: a row or block, else the
    holding.
    """

    day: IsoDate | None = None
    days: Annotated[int, BeforeValidator(whole), Field(ge=1, le=60)] = 14
    units: Units = "metric"
    within: Text | None = None


class TodayTreeOut(Answer):
    """A tree of an item."""

    id: str
    name: str


class LaterOut(Answer):
    """Until when work was put off, and why."""

    until: IsoDate
    why: str


class TodayTaskOut(Answer):
    """The come-back behind an item."""

    id: str
    version: int


class ItemOut(Answer):
    """Like work on trees of a row; a sweep goes over all rows of a block. ``helper``: whose trees
    they are, null where nobody was named. ``asks``: the day rests on this; where it is not so yet
    it is asked again on ``ask_again``.
    """

    key: str
    kind: Literal["work", "come-back", "sheet", "sweep", "too-late", "found"]
    work: str
    block: str
    rows: list[int]
    says: str
    tone: Status
    reasons: list[ReasonOut]
    opens: IsoDate | None
    last_good: IsoDate | None
    minutes: float
    trees: list[TodayTreeOut]
    task: TodayTaskOut | None
    plan_id: str | None
    closed_by: str | None
    later: LaterOut | None
    instead: str | None
    acts: list[ActOut] = []
    cost: str | None = None
    helper: str | None = None
    walk_id: str | None = None
    found: str | None = None
    asks: str | None = None
    ask_again: IsoDate | None = None


class TodayOut(Answer):
    """The fortnight in walking order, what is overdue apart; ``forecast`` says why there is none;
    ``next``: where nothing wants doing, what comes next, however far.
    """

    day: IsoDate
    until: IsoDate
    minutes: float
    late: list[ItemOut]
    next: ItemOut | None
    items: list[ItemOut]
    put_off: list[ItemOut]
    too_late: list[ItemOut]
    forecast: str | None


class PutOffIn(Written):
    """Work on trees put off, or a come-back by its id and version."""

    tree_ids: Annotated[
        list[Annotated[str, Field(max_length=60)]], Field(min_length=1, max_length=3000)
    ]
    work: Annotated[str, Field(max_length=40)]
    until: IsoDate
    why: Annotated[str, Field(min_length=1, max_length=200)]
    task_id: Annotated[str, Field(max_length=60)] | None = None
    version: Annotated[Counted, Field(ge=1)] | None = None


class LetGoIn(Written):
    """What a look found on trees, an answer of it, is not to be done."""

    tree_ids: Annotated[
        list[Annotated[str, Field(max_length=60)]], Field(min_length=1, max_length=3000)
    ]
    found: Key
    why: Annotated[str, Field(min_length=1, max_length=200)]


class DoneIn(Asked):
    """Work ticked off on trees; ``id`` names the request, so that sending it twice does it once.
    ``found``: the one finding of a look that it was.
    """

    id: Uuid
    tree_ids: Annotated[
        list[Annotated[str, Field(max_length=60)]], Field(min_length=1, max_length=3000)
    ]
    work: Work
    date: IsoDate
    who: Annotated[str, Field(max_length=120)] = ""
    minutes: Annotated[Number, Field(ge=0, le=10_000)] | None = None
    count: Annotated[Counted, Field(ge=1, le=500)] | None = None
    found: Key | None = None


class DoneOut(Answer):
    """Entries on record for the request."""

    entries: int


class PutOffOut(Answer):
    """How many trees it holds for."""

    trees: int
