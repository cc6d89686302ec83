"""The weeks of the crew."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from ...core.crew.model import Skill
from .base import Answer, Asked, IsoDate, Said, Units, whole
from .calc.crew import CrewPieceOut, UnplacedOut


class CrewQuery(Asked):
    """How many weeks, and the units of sentences."""

    weeks: Annotated[int, BeforeValidator(whole), Field(ge=4, le=12)] = 6
    units: Units = "metric"


class WeekOut(Answer):
    """Its first and last day."""

    from_: Annotated[IsoDate, Field(serialization_alias="from", validation_alias="first")]
    to: Annotated[IsoDate, Field(validation_alias="last")]


class CrewHelperOut(Answer):
    """``minutes``: there are, and ``spent``: of them, with the moves, in each week."""

    id: str
    name: str
    skills: list[Skill]
    minutes: list[int]
    spent: list[int]


class CrewJobOut(Answer):
    """Work of one kind in a row. ``crops``: lost if it is all done in a week, null where the
    week is closed; ``later``: lost after the weeks, null where it is not open again in a year.
    """

    id: str
    says: Said
    work: str
    block: str
    rows: list[int]
    trees: int
    row_id: str
    free: bool
    minutes: int
    skills: list[Skill]
    crops: list[float | None]
    later: float | None


class CrewLeftOut(UnplacedOut):
    """What is not placed; ``says``: why, and what waiting costs."""

    says: list[Said]


class ShareOut(Answer):
    """Minutes placed, crops lost with them, minutes left, and what leaving costs more."""

    minutes: int
    crops: float
    left_minutes: int
    left_crops: float


class CrewWeeksOut(Answer):
    """``known``: somebody's hours are known; else the work is spread evenly. ``served``: the same
    work first come, first served; ``says``: what it comes to.
    """

    day: IsoDate
    known: bool
    weeks: list[WeekOut]
    helpers: list[CrewHelperOut]
    jobs: list[CrewJobOut]
    work: list[CrewPieceOut]
    unplaced: list[CrewLeftOut]
    planned: ShareOut
    served: ShareOut
    says: list[Said]
    gap: float
    seconds: float
