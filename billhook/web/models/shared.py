"""Answers that several subjects share."""

from __future__ import annotations

from typing import Literal

from pydantic import AliasChoices, Field

from ...core.season.model import Status
from .base import Answer, IsoDate, Work


class ReasonOut(Answer):
    """Why: code, sentence, the inputs of this very answer, and the catalogue values it rests on."""

    code: str
    text: str = Field(validation_alias=AliasChoices("text", "says"))
    used: dict[str, float | str | None] = {}
    date: IsoDate | None = None
    school: str | None = None
    catalogue_ids: list[str] = []
    remedy: str | None = None


class SizesOut(Answer):
    """What is known of a tree's size."""

    height_m: float | None
    spread_m: float | None
    trunk_mm: float | None


class ActOut(Answer):
    """Something to say that would change the verdict: what it is called, what the button says, and
    a day to be shown.
    """

    act: str
    label: str
    day: IsoDate | None = None


class AskOut(Answer):
    """Something that would make a verdict surer: the kind of observation, the question, and whether
    a day or a length is asked.
    """

    kind: str
    words: str
    sort: str


class VerdictOut(Answer):
    """May I, on this day, do this work. ``price``: crops lost per share taken, null where none is
    at stake.
    """

    work: Work
    day: IsoDate
    status: Status
    sentence: str
    max_share: float | None
    reasons: list[ReasonOut]
    last_good_day: IsoDate | None
    opens: IsoDate | None
    price: float | None = None
    opens_price: float | None = None
    opens_share: float | None = None
    acts: list[ActOut] = []
    ask: AskOut | None = None


class FieldError(Answer):
    """One offending field. field: what it is called, empty where there is no single one."""

    pointer: str
    field: str
    message: str


class Problem(Answer):
    """An error as RFC 9457 has it. ``current`` says what holds now when somebody else was
    faster.
    """

    type: str = "about:blank"
    title: str
    status: int
    detail: str = ""
    errors: list[FieldError] = []
    current: dict[str, bool | float | str | None] | None = None


class PhotoOut(Answer):
    """A photo of a tree, a row or a block."""

    id: str
    moment: Literal["before", "after"]
    day: IsoDate
    width: int
    height: int


class PhotosOut(Answer):
    """Photos of a row or a block, the oldest first."""

    photos: list[PhotoOut]
