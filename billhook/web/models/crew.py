"""The weeks of the crew."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from ...core.crew.model import Skill
from .base import Answer, Asked, IsoDate, Units, Uuid, Written, whole
from .calc.crew import CrewPieceOut, UnplacedOut
from .sheets import PrintQuery


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
    says: str
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

    says: list[str]


class ShareOut(Answer):
    """Minutes placed, crops lost with them, minutes left, and what leaving costs more."""

    minutes: int
    crops: float
    left_minutes: int
    left_crops: float


class PlacedOut(Answer):
    """A helper, and the Monday of a week."""

    helper: str
    week: IsoDate


class MovedOut(Answer):
    """Work that lies elsewhere than it did: where it was and is, and why."""

    job: str
    block: str
    rows: list[int]
    says: str
    was: list[PlacedOut]
    now: list[PlacedOut]
    why: str


class DaysOffOut(Answer):
    """Days off, both included; ``name`` is null for everybody's."""

    id: str
    person_id: str | None
    name: str | None
    first: IsoDate
    last: IsoDate
    why: str


class DaysOffListOut(Answer):
    """Days off that are not over, the earliest first."""

    off: list[DaysOffOut]


class WeekPrintQuery(PrintQuery):
    """Which week, by its number from 0."""

    week: Annotated[int, BeforeValidator(whole), Field(ge=0, le=11)] = 0


class AwayIn(Written):
    """Days off of somebody; of everybody, for rain, where ``person_id`` is null."""

    person_id: Uuid | None
    first: IsoDate
    last: IsoDate
    why: Annotated[str, Field(max_length=120)] = ""


class FixIn(Written):
    """Somebody does the work in the week that holds a day."""

    person_id: Uuid
    day: IsoDate


class FixedOut(Answer):
    """Which work."""

    job: str


class TryIn(Asked):
    """Work that would be moved to a helper, in the week that holds a day."""

    job: Uuid
    person_id: Uuid
    day: IsoDate
    weeks: Annotated[int, Field(ge=4, le=12)] = 6
    units: Units = "metric"


class TriedOut(Answer):
    """What a move would come to; ``crops``: lost beyond the plan as it is."""

    crops: float
    says: list[str]
    moved: list[MovedOut]


class KeptIn(Written):
    """The plan of so many weeks is kept."""

    weeks: Annotated[int, Field(ge=4, le=12)] = 6


class KeptOut(Answer):
    """The day it was kept."""

    kept_on: IsoDate


class CrewWeeksOut(Answer):
    """``known``: somebody's hours are known; else the work is spread evenly. ``served``: the same
    work first come, first served; ``says``: what it comes to. ``fixed``: jobs that somebody fixed;
    ``moved``: what lies elsewhere than in the plan kept on ``kept_on``; ``off``: days off.
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
    says: list[str]
    fixed: list[str]
    kept_on: IsoDate | None
    moved: list[MovedOut]
    off: list[DaysOffOut]
    gap: float
    seconds: float
