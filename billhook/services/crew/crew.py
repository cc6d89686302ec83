"""The weeks ahead, shared out among those who have hours."""

from __future__ import annotations

import datetime as dt
import math
from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import get_args

from ...core.crew.check import MOST
from ...core.crew.cost import left_of, own_minutes
from ...core.crew.model import Crew, CrewPlan, Helper, Piece, Skill, Week
from ...core.crew.more import Hour, one_more_hour
from ...core.crew.plan import plan
from ...core.crew.served import first_come
from ...core.crew.stay import plan_near
from ...core.crew.weeks import weeks_from
from ...core.errors import invalid
from ...core.known import Knowledge
from ...core.words.prices import NO_CROP, crop_words
from ...core.words.units import Units
from ...core.words.values import Saying, say
from ...store import crew as store
from ...store.crew_tables import CrewFix, CrewKept
from .. import progress
from ..progress import long_work
from ..season.ahead import Ahead
from ..workplace import Workplace
from .away import DaysOff, days_off
from .hands import as_they_are, helpers_of, with_fixes
from .jobs import Gathered, by_block, gather
from .moved import Moved, agreed_in, moved_since

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
    fixed: jobs that somebody fixed. kept_on: the day the last plan was kept, and moved: what lies
    elsewhere than in it. off: days off.
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
    fixed: frozenset[str] = frozenset()
    kept_on: dt.date | None = None
    moved: tuple[Moved, ...] = ()
    off: tuple[DaysOff, ...] = ()


def crew_weeks(
    at: Workplace, day: dt.date, n: int = 6, units: Units = "metric", seconds: float = 2.5
) -> CrewWeeks:
    """The work of the next weeks, by helper. Raises: InvalidInput for other than 4 to 12 weeks."""
    with long_work(at, "weeks"):
        return _weeks(at, day, n, units, seconds)


@dataclass(frozen=True)
class Found:
    """What is to be planned: jobs of the weeks and who may do them. helpers: as they were said;
    names: of helpers by id. kept:
    the plan that was kept last; foreseen: the weather of the next days is known.
    """

    day: dt.date
    crew: Crew
    helpers: tuple[Helper, ...]
    jobs: list[Gathered]
    names: dict[str, str]
    fixes: dict[str, CrewFix]
    kept: CrewKept | None
    off: list[DaysOff]
    foreseen: bool


def found_work(
    at: Workplace, day: dt.date, n: int, units: Units = "metric", but: str | None = None
) -> Found:
    """The work of the weeks, with what is fixed of it but for one job. Raises: InvalidInput for
    other than 4 to 12 weeks.
    """
    if not 4 <= n <= 12:
        raise invalid("/weeks", say("bad-between", low=4, high=12))
    know, weeks = at.know, weeks_from(at.know, day, n)
    progress.part(say("weeks-gathering"))
    with at.store.reading() as session:
        ahead = Ahead(at, session, day, weeks[-1].last, units)
        jobs = gather(ahead, weeks)
        foreseen = not ahead.records or bool(ahead.desk.forecast(ahead.records[0]))
        helpers, who = helpers_of(know, session, weeks)
        fixes, kept, off = store.fixes(session), store.kept(session), days_off(session, day)
    if len(jobs) * n * max(1, len(helpers)) > MOST:
        jobs = by_block(know, weeks, jobs)
    crew = Crew(weeks, helpers, tuple(g.job for g in jobs), know.number("crew/move"))
    crew = with_fixes(as_they_are(crew, jobs, who), {k: f for k, f in fixes.items() if k != but})
    return Found(
        day, crew, helpers, jobs, {i: p.name for i, p in who.items()}, fixes, kept, off, foreseen
    )


def _weeks(at: Workplace, day: dt.date, n: int, units: Units, seconds: float) -> CrewWeeks:
    found = found_work(at, day, n, units)
    crew, jobs, know = found.crew, found.jobs, at.know
    helpers = crew.helpers
    progress.part(say("weeks-placing"))
    agreed = agreed_in(found.kept, crew.weeks) if found.kept else []
    if helpers:
        made = plan_near(crew, agreed, know.number("crew/keep"), seconds)
    else:
        crew, made = _spread(know, crew, seconds)
    planned, served = (share_of(crew, jobs, w) for w in (made.work, tuple(first_come(crew))))
    more = one_more_hour(crew, made, seconds) if helpers else None
    moved = moved_since(found.kept, day, crew, jobs, made.work, found.fixes) if helpers else ()
    says = tuple(_says(crew.weeks, found.names, planned, served, more)) if helpers else ()
    if jobs and not found.foreseen:
        says = (say("no-forecast"), *says)
    return CrewWeeks(
        day,
        crew.weeks,
        found.helpers or crew.helpers,
        found.names,
        bool(helpers),
        tuple(jobs),
        made,
        own_minutes(crew, made.work),
        planned,
        served,
        says,
        frozenset(found.fixes),
        found.kept.made_on if found.kept else None,
        tuple(moved),
        tuple(found.off),
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


def share_of(crew: Crew, jobs: list[Gathered], work: tuple[Piece, ...]) -> Share:
    by_id = {g.job.id: g for g in jobs}
    left = left_of(crew, work)
    return Share(
        sum(p.minutes for p in work),
        sum(by_id[p.job].crops(p.week, p.minutes) for p in work),
        sum(left.values()),
        sum(by_id[job].crops_later(minutes) for job, minutes in left.items()),
    )
