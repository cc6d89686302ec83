"""Writes in words, and taking them back."""

from __future__ import annotations

from typing import Annotated

from pydantic import AliasChoices, Field

from .base import Answer, Asked, IsoDate, Uuid, Written


class ActPath(Asked):
    """The write in the path."""

    id: Uuid


class UndoIn(Written):
    """also: take back, too, what stands on it."""

    also: bool = False


class ActSaidOut(Answer):
    """A write: its id, what it did, the holding's day, who."""

    id: str
    said: str = Field(validation_alias=AliasChoices("said", "says"))
    day: IsoDate
    person: str
    taken_back: bool


class ActListOut(Answer):
    """Writes, the newest first."""

    acts: list[ActSaidOut]


class UndoneOut(Answer):
    """What was taken back, the write asked for first; ``act``: take that back to have it again."""

    act: Uuid
    acts: Annotated[list[ActSaidOut], Field(min_length=1)]
