"""The weeks ahead, shared out among those who have hours."""

from __future__ import annotations

import datetime as dt
import math
from collections.abc import Iterator
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
from ...core.known import Knowledge
from ...core.words.prices import NO_CROP, crop_words
from ...core.words.units import Units
from ...core.words.values import Saying, say
from ...store import people
from .. import progress
from ..holding.people import usual_skills
from ..progress import long_work
from ..season.ahead import Ahead
from ..workplace import Workplace
from .jobs import Gathered, by_block, gather

ANYBODY = "anybody"
_ALL: frozenset[str] = frozenset(get_args(Skill))
_STEP = 1.6  # what does not fit into even hours gets more of them, so often until it does


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
    work first come, first served. known: somebody's hours are known. says: what it comes to.
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
    says: tuple[Saying, ...]


def crew_weeks(
    at: Workplace, day: dt.date, n: int = 6, units: Units = "metric", seconds: float = 2.5
) -> CrewWeeks:
    """The work of the next weeks, by helper. Raises: InvalidInput for other than 4 to 12 weeks."""
    if not 4 <= n <= 12:
        raise invalid("/weeks", "must be between 4 and 12")
    with long_work(at, "weeks"):
        return _weeks(at, day, n, units, seconds)


def _weeks(at: Workplace, day: dt.date, n: int, units: Units, seconds: float) -> CrewWeeks:
    know, weeks = at.know, weeks_from(at.know, day, n)
    progress.part(say("weeks-gathering"))
    with at.store.reading() as session:
        jobs = gather(Ahead(at, session, day, weeks[-1].last, units), weeks)
        helpers, names = _helpers(know, session, weeks)
    if len(jobs) * n * max(1, len(helpers)) > MOST:
        jobs = by_block(know, weeks, jobs)
    progress.part(say("weeks-placing"))
    crew = Crew(weeks, helpers, tuple(g.job for g in jobs), know.number("crew/move"))
    crew = _of_their_own(crew, jobs)
    crew, made = (crew, plan(crew, seconds)) if helpers else _spread(know, crew, seconds)
    planned, served = (_share(crew, jobs, w) for w in (made.work, tuple(first_come(crew))))
    more = one_more_hour(crew, made, seconds) if helpers else None
    spent = own_minutes(crew, made.work)
    says = tuple(_says(weeks, names, planned, served, more)) if helpers else ()
    return CrewWeeks(
        day,
        weeks,
        helpers or crew.helpers,
        names,
        bool(helpers),
        tuple(jobs),
        made,
        spent,
        planned,
        served,
        says,
    )


def _spread(know: Knowledge, crew: Crew, seconds: float) -> tuple[Crew, CrewPlan]:
    """The work evenly over its weeks by whoever works; where its days lie too close together for
    that, with more hours.
    """
    if not crew.jobs:
        return crew, plan(crew, seconds)
    total = sum(j.minutes for j in crew.jobs)
    each = math.ceil(total * know.number("crew/room") / len(crew.weeks))
    most = math.ceil(total + crew.move_minutes * len(crew.jobs))
    while True:
        even = Helper(ANYBODY, (float(each),) * len(crew.weeks), _ALL)
        spread = replace(crew, helpers=(even,))
        made = plan(spread, seconds)
        if each >= most or all(x.why != "hours" for x in made.unplaced):
            return spread, made
        each = min(most, math.ceil(each * _STEP))


def _says(
    weeks: tuple[Week, ...], names: dict[str, str], planned: Share, served: Share, more: Hour | None
) -> Iterator[Saying]:
    """What the plan costs, what it saves, and what would help it."""
    if planned.crops >= NO_CROP:
        yield say("crew-cost", crops=crop_words(planned.crops))
    saved = served.crops + served.left_crops - planned.crops - planned.left_crops
    if saved >= NO_CROP:
        yield say("crew-served", crops=crop_words(saved))
    if more is not None:
        yield say("crew-more", who=names[more.helper], day=weeks[more.week].first)


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
    know: Knowledge, session: Session, weeks: tuple[Week, ...]
) -> tuple[tuple[Helper, ...], dict[str, str]]:
    """Those whose hours are known; of the first week, what is left of it."""
    there = [p for p in people.people(session) if p.hours_week]
    usual = frozenset(usual_skills(know))
    helpers = tuple(
        Helper(
            p.id,
            tuple(math.floor((p.hours_week or 0.0) * 60 * part_of(know, w)) for w in weeks),
            usual if p.skills is None else frozenset(p.skills.split()),
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
