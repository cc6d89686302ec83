"""Whose shoot it is, on a stored tree."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Asked, Key, Number
from .calc.shoot import ShootOut


class TreeShootIn(Asked):
    """What was seen of a shoot of a stored tree; ``skip`` names clues that cannot be told."""

    clues: Annotated[dict[Key, Key], Field(max_length=30)] = {}
    skip: Annotated[list[Key], Field(max_length=30)] = []
    union_seen: bool = False
    only_living_shoots: bool = False
    many_grafts: bool = False
    diameter_mm: Annotated[Number, Field(gt=0, le=500)] | None = None


class ChoiceOut(Answer):
    """One answer to a question, in the record's word and the grower's."""

    value: str
    says: str


class QuestionOut(Answer):
    """A clue as it is asked."""

    clue: str
    asks: str
    answers: list[ChoiceOut]


class TreeShootOut(ShootOut):
    """The answer so far and the next question; null once it is settled."""

    name: str
    headline: str
    comes_off: bool
    question: QuestionOut | None
    asked: list[QuestionOut]
    hazards: list[str]
