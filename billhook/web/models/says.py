"""One tap that changes what the season says."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, IsoDate, Text, Written


class SayIn(Written):
    """A saying, such as ``picked``, of trees by id, or of a row or block and, where given, its
    kinds; today unless a day is given.
    """

    saying: Text
    tree_ids: Annotated[list[Text], Field(max_length=20_000)] = []
    scope: Text | None = None
    scope_id: Annotated[str, Field(max_length=60)] = ""
    species: Annotated[list[Text], Field(max_length=60)] = []
    day: IsoDate | None = None


class SaidOut(Answer):
    """What was said, of how many trees, and the ids to take it back by."""

    saying: str
    trees: int
    words: str
    ids: list[str]


class TakeBackIn(Written):
    """What was said, by saying and ids."""

    saying: Text
    ids: Annotated[list[Text], Field(min_length=1, max_length=20_000)]


class TakenBackOut(Answer):
    """Of how many it was taken back."""

    taken_back: int
