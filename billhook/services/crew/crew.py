"""The weeks ahead, shared out among those who have hours."""

from __future__ import annotations

import datetime as dt
import math
from dataclasses import dataclass, replace
from typing import get_args

from sqlmodel import Session

from ...core.crew.check import MOST
from ...core.crew.cost import left_of, own_minutes
from ...core.crew.model import Crew, CrewPlan, Helper, Piece, Skill, Week
from ...core.crew.more import Hour, one_more_hour
from ...core.crew.plan import plan
from ...core.crew.served import first_come
from ...core.crew.weeks import part_of, weeks_from
from ...core.errors import invalid
from ...core.words.units import Units
from ...store import people
from ..season.ahead import Ahead
from ..workplace import Workplace
from .jobs import Gathered, by_block, gather

ANYBODY = "anybody"
_ROOM = 1.25
"""Hours of whoever works, where nobody's are known: what there is, evenly, and a quarter."""
_ALL: frozenset[str] = frozenset(get_args(Skill))
_UNSAID = _ALL - {"machine"}


@dataclass(frozen=True)
class Share:
    """Minutes that are spent and crops that are lost by a way of sharing out, with what is left
    [minutes, and crops it then costs more].
    """

    minutes: int
    crops: float
    left_minutes: int
    left_crops: float


@dataclass(frozen=True)
class CrewWeeks:
    """names: of helpers by id; spent: own minutes of each helper in each week. served: the same
    work first come, first served. known: somebody's hours are known.
    """

    day: dt.date
    weeks: tuple[Week, ...]
    helpers: tuple[Helper, ...]
    names: dict[str, str]
    known: bool
    jobs: tuple[Gathered, ...]
    plan: CrewPlan
    spent: dict[tuple[str, int], float]
    planned: Share
    served: Share
    more: Hour | None


def crew_weeks(
    at: Workplace, day: dt.date, n: int = 6, units: Units = "metric", seconds: float = 2.5
) -> CrewWeeks:
    """The work of the next weeks, by helper. Raises: InvalidInput for other than 4 to 12 weeks."""
    if not 4 <= n <= 12:
        raise invalid("/weeks", "must be between 4 and 12")
    weeks = weeks_from(day, n)
    with at.store.reading() as session:
        jobs = gather(Ahead(at, session, day, weeks[-1].last, units), weeks)
        helpers, names = _helpers(session, weeks)
    if len(jobs) * n * max(1, len(helpers)) > MOST:
        jobs = by_block(at.know, weeks, jobs)
    known = bool(helpers)
    if not known and jobs:
        each = math.ceil(sum(g.job.minutes for g in jobs) * _ROOM / len(weeks))
        helpers = (Helper(ANYBODY, (float(each),) * len(weeks), _ALL),)
    crew = _of_their_own(
        Crew(weeks, helpers, tuple(g.job for g in jobs), at.know.number("crew/move")), jobs
    )
    made = plan(crew, seconds)
    more = one_more_hour(crew, made, seconds) if known else None
    return CrewWeeks(
        day,
        weeks,
        helpers,
        names,
        known,
        tuple(jobs),
        made,
        own_minutes(crew, made.work),
        _share(crew, jobs, made.work),
        _share(crew, jobs, tuple(first_come(crew))),
        more,
    )


def _of_their_own(crew: Crew, jobs: list[Gathered]) -> Crew:
    """What stands in somebody's rows is theirs, where they have hours: a skill nobody else has."""
    there = {h.id for h in crew.helpers}
    helpers = (replace(h, skills=h.skills | {h.id}) for h in crew.helpers)
    own = (
        replace(g.job, skills=g.job.skills | {g.whose}) if g.whose in there and g.whose else g.job
        for g in jobs
    )
    return replace(crew, helpers=tuple(helpers), jobs=tuple(own))


def _helpers(
    session: Session, weeks: tuple[Week, ...]
) -> tuple[tuple[Helper, ...], dict[str, str]]:
    """Those whose hours are known; of the first week, what is left of it."""
    there = [p for p in people.people(session) if p.hours_week]
    helpers = tuple(
        Helper(
            p.id,
            tuple(math.floor((p.hours_week or 0.0) * 60 * part_of(w)) for w in weeks),
            _UNSAID if p.skills is None else frozenset(p.skills.split()),
        )
        for p in there
    )
    return helpers, {p.id: p.name for p in there}


def _share(crew: Crew, jobs: list[Gathered], work: tuple[Piece, ...]) -> Share:
    by_id = {g.job.id: g for g in jobs}
    left = left_of(crew, work)
    return Share(
        sum(p.minutes for p in work),
        sum(by_id[p.job].crops(p.week, p.minutes) for p in work),
        sum(left.values()),
        sum(by_id[job].crops_later(minutes) for job, minutes in left.items()),
    )
