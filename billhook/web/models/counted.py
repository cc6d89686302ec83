"""Cuts by counting on a stored tree, and its recipe."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from .base import Answer, Asked, IsoDate, Key, LongText, Number, Uuid, Work
from .calc.counting import CountedIn, CutCountOut, RecipeLineOut
from .proposals import GoalOut
from .shared import ReasonOut, SizesOut, VerdictOut


class TreeRecipeIn(Asked):
    """What it is for, on a day; today if none is given."""

    goal: Key
    day: IsoDate | None = None


class TreeRecipeOut(Answer):
    """What to look for and count, within what the day allows."""

    name: str
    day: IsoDate
    goal: str
    work: Work
    verdict: VerdictOut
    sizes: SizesOut
    lines: list[RecipeLineOut]
    share: float
    reasons: list[ReasonOut]
    goals: list[GoalOut]


class TreeCountIn(Asked):
    """Counted cuts on a day, for a kind of work."""

    day: IsoDate | None = None
    work: Work = "thin"
    cuts: Annotated[list[CountedIn], Field(max_length=40)]


class TreeCountOut(CutCountOut):
    """What they take, against the day."""

    limit: float | None
    verdict: VerdictOut


class CountedLogIn(Asked):
    """Counted cuts that were made; ``found``: the one finding of a look that they were."""

    id: Uuid
    date: IsoDate
    work: Work
    cuts: Annotated[list[CountedIn], Field(min_length=1, max_length=40)]
    who: Annotated[str, Field(max_length=60)] = ""
    note: LongText = ""
    minutes: Annotated[Number, Field(ge=0, le=5000)] | None = None
    found: Key | None = None
