"""The log of the holding, and come-backs."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, IsoDate, Key, LongText, Number, Text, Uuid, Work, Written
from .calc.counting import CountedIn


class TaskOut(Answer):
    """Something to come back for, with the catalogue rule of its date."""

    id: str
    kind: str
    does: str
    due: IsoDate
    rule: str
    state: str
    version: int


class CountedOut(Answer):
    """Like cuts that were counted: their thickness by class, None where measured, and how many."""

    thickness: Annotated[str | None, Field(alias="class")]
    mm: float
    n: int
    sprout: bool
    dead: bool


class LogOut(Answer):
    """One log entry. ``act``: take that back where it is not so; ``with_it``: how many more entries
    the same act wrote.
    """

    id: str
    tree_id: str
    tree: str
    date: IsoDate
    work: Work
    share: float | None
    cuts: int | None
    counted: list[CountedOut]
    height_before_m: float | None
    height_after_m: float | None
    minutes: float | None
    who: str
    note: str
    plan_id: str | None
    corrects: str | None
    corrected_by: str | None
    act: str | None = None
    with_it: int = 0


class OtherTreeIn(Written):
    """The tree that an entry was done on."""

    tree_id: Uuid


class SumsOut(Answer):
    """What the entries come to: hours and kilograms of those where somebody wrote it down, the
    share of its canopy that a tree lost in the mean.
    """

    entries: int
    trees: int
    cuts: int
    hours: float
    share: float | None
    kg: float


class PickedOut(Answer):
    """Fruit of a tree, a row or a block. ``act``: take that back where it is not so."""

    id: str
    day: IsoDate
    where: str
    kg: float
    who: str
    act: str | None


class LogListOut(Answer):
    """Log entries, the newest work first; their sums; what was picked in those days; everybody who
    is named; how many older entries were asked for and are not listed.
    """

    entries: list[LogOut]
    older: int
    sums: SumsOut
    picked: list[PickedOut]
    people: list[str]


class LogQuery(Asked):
    """Which entries: within days, of a kind of work, of somebody, of a block, of a kind of tree."""

    first: IsoDate | None = None
    last: IsoDate | None = None
    work: Work | None = None
    who: Annotated[str, Field(max_length=60)] | None = None
    block_id: Annotated[str, Field(max_length=60)] | None = None
    species: Key | None = None


class PastWorkIn(Asked):
    """Work already done, logged without a plan; or a correction of an entry. ``cuts``: counted,
    in place of the share.
    """

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
    cuts: Annotated[list[CountedIn], Field(max_length=40)] = []


class TaskIn(Written):
    """Settle a come-back, or put it off."""

    version: Annotated[Counted, Field(ge=1)]
    state: Literal["open", "done", "dropped"]
    due: IsoDate | None = None
