"""Helpers, jobs and weeks, and the plan that is made of them."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from typing import Literal

Skill = Literal["saw", "ladder", "machine"]
"""What not everybody may do: saw big wood, stand on a ladder, drive a machine."""

Why = Literal["closed", "nobody", "hours", "dearer"]
"""Why a job stays: no week is open to it; nobody has its skills; no hours are left; any week costs
more than leaving it."""


@dataclass(frozen=True)
class Week:
    """A span of days, both inclusive."""

    first: dt.date
    last: dt.date


@dataclass(frozen=True)
class Helper:
    """minutes: own minutes in each week. pace: minutes of a job done in one of one's own."""

    id: str
    minutes: tuple[float, ...]
    skills: frozenset[str] = frozenset()
    pace: float = 1.0


@dataclass(frozen=True)
class Job:
    """Work at a place. prices: of an hour of it in each week, None where the week is closed.
    leave_price: of an hour that is not done, None for the usual one. must: leaving it counts
    tenfold. whole: in one week by one helper, or not at all.
    """

    id: str
    place: str
    minutes: int
    prices: tuple[float | None, ...]
    skills: frozenset[str] = frozenset()
    leave_price: float | None = None
    must: bool = False
    whole: bool = False


@dataclass(frozen=True)
class Crew:
    """What is to be planned. move_minutes: for each place a helper goes to in a week beyond the
    first. unplaced_per_minute: what a minute costs that is left, where its job does not say.
    """

    weeks: tuple[Week, ...]
    helpers: tuple[Helper, ...]
    jobs: tuple[Job, ...]
    move_minutes: float = 15.0
    unplaced_per_minute: float = 1.0

    def leaving(self, job: Job) -> float:
        """What a minute of a job costs that is left."""
        own = job.leave_price
        each = self.unplaced_per_minute if own is None else own / 60
        return each * MUST if job.must else each

    def may(self, job: Job, helper: Helper, week: int) -> bool:
        """Whether a helper may do a job in a week."""
        skilled = job.skills <= helper.skills
        return skilled and job.prices[week] is not None and helper.minutes[week] > 0


MUST = 10
"""How many times more it counts to leave what must be done (the method's own definition)."""


@dataclass(frozen=True)
class Piece:
    """Minutes of a job, done by a helper in a week, by its number from 0."""

    week: int
    helper: str
    job: str
    minutes: int


@dataclass(frozen=True)
class Left:
    """Minutes of a job that are not placed."""

    job: str
    minutes: int
    why: Why


@dataclass(frozen=True)
class CrewPlan:
    """bound: no plan costs less. gap: how far the cost lies above it, of the cost. wants: the
    helper and week, from 0, where one minute more would be worth most; None where none is.
    """

    work: tuple[Piece, ...]
    unplaced: tuple[Left, ...]
    cost: float
    bound: float
    gap: float
    seconds: float
    wants: tuple[str, int] | None = None
