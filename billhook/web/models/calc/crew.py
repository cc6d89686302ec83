"""The weeks of a crew."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from ....core.crew.model import Why
from ..base import Answer, Asked, Counted, IsoDate, Key, Number


def _whole(value: object) -> object:
    return int(value) if isinstance(value, float) and value.is_integer() else value


Minutes = Annotated[Counted, Field(ge=0, le=1_000_000), BeforeValidator(_whole)]
Price = Annotated[Number, Field(ge=0, le=1e9)]


class WeekIn(Asked):
    """A span of days, both inclusive."""

    from_: Annotated[IsoDate, Field(alias="from")]
    to: IsoDate


class HelperIn(Asked):
    """``minutes``: own minutes in each week; ``pace``: minutes of a job done in one of them."""

    id: Key
    minutes: Annotated[list[Minutes], Field(max_length=60)]
    skills: Annotated[list[Key], Field(max_length=30)] = []
    pace: Annotated[Number, Field(gt=0, le=10)] = 1.0


class JobIn(Asked):
    """``prices``: of an hour in each week, null where the week is closed; ``leave_price``: of an
    hour that is not done; ``must``: leaving it counts tenfold; ``whole``: in one week by one
    helper, or not at all.
    """

    id: Key
    place: Key
    minutes: Minutes
    skills: Annotated[list[Key], Field(max_length=30)] = []
    prices: Annotated[list[Price | None], Field(max_length=60)]
    leave_price: Price | None = None
    must: bool = False
    whole: bool = False


class CrewIn(Asked):
    """Weeks, helpers and jobs; ``move_minutes``: for each place a helper goes to in a week beyond
    the first; ``unplaced_per_minute``: the cost of a minute that is left.
    """

    weeks: Annotated[list[WeekIn], Field(max_length=60)]
    helpers: Annotated[list[HelperIn], Field(max_length=60)]
    jobs: Annotated[list[JobIn], Field(max_length=2000)]
    move_minutes: Annotated[Number, Field(ge=0, le=600)] = 15.0
    unplaced_per_minute: Price = 1.0


class CrewPieceOut(Answer):
    """Minutes of a job by a helper in a week, counted from 0."""

    week: int
    helper: str
    job: str
    minutes: int


class UnplacedOut(Answer):
    """What is not placed, and why."""

    job: str
    minutes: int
    why: Why


class CrewOut(Answer):
    """``bound``: nothing costs less; ``gap``: how far the cost lies above it, of the cost."""

    work: list[CrewPieceOut]
    unplaced: list[UnplacedOut]
    cost: float
    bound: float
    gap: float
    seconds: float
