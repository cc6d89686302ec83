"""The log of the holding, and come-backs."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, IsoDate, LongText, Number, Text, Uuid, Work, Written


class TaskOut(Answer):
    """Something to come back for, with the catalogue rule of its date."""

    id: str
    kind: str
    does: str
    due: IsoDate
    rule: str
    state: str
    version: int


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
