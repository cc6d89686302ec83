"""Who works in the weeks ahead: hours without days off, skills, pace, and how far they reach."""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import replace

from sqlmodel import Session

from ...core.crew.model import Crew, Helper, Job, Week
from ...core.crew.weeks import part_of
from ...core.known import Knowledge
from ...store import crew as kept
from ...store import people
from ...store.crew_tables import CrewFix
from ...store.people_tables import Person
from ..holding.people import usual_skills
from .jobs import Gathered


def helpers_of(
    know: Knowledge, session: Session, weeks: tuple[Week, ...]
) -> tuple[tuple[Helper, ...], dict[str, Person]]:
    """Those whose hours are known, and who each is."""
    there = [p for p in people.people(session) if p.hours_week]
    off = kept.aways(session, weeks[0].first)

    def minutes(person: Person, week: Week) -> int:
        spans = [(a.first, a.last) for a in off if a.person_id in (None, person.id)]
        return math.floor((person.hours_week or 0.0) * 60 * part_of(know, week, spans))

    usual = frozenset(usual_skills(know))
    helpers = tuple(
        Helper(
            p.id,
            tuple(minutes(p, w) for w in weeks),
            usual if p.skills is None else frozenset(p.skills.split()),
            p.pace or 1.0,
        )
        for p in there
    )
    return helpers, {p.id: p for p in there}


def as_they_are(crew: Crew, jobs: list[Gathered], who: Mapping[str, Person]) -> Crew:
    """What stands in somebody's rows is theirs, and what somebody reaches from the ground, by hand
    or with a pole, asks them for no ladder. Both are skills of their own.
    """
    there = {h.id for h in crew.helpers}
    own = {h.id: set(h.skills) | {h.id} for h in crew.helpers}
    asked = []
    for g in jobs:
        skills = set(g.job.skills)
        if g.whose in there and g.whose:
            skills.add(g.whose)
        if g.tall_m is not None:
            up = f"up to {g.tall_m}"
            skills = (skills - {"ladder"}) | {up}
            for h in crew.helpers:
                reach = max(who[h.id].reach_m or 0.0, who[h.id].pole_m or 0.0)
                if "ladder" in h.skills or reach >= g.tall_m:
                    own[h.id].add(up)
        asked.append(replace(g.job, skills=frozenset(skills)))
    helpers = tuple(replace(h, skills=frozenset(own[h.id])) for h in crew.helpers)
    return replace(crew, helpers=helpers, jobs=tuple(asked))


def fixed_to(crew: Crew, job: Job, helper: str, week: int) -> Crew:
    """With a job that only one may do, in one week, and that counts tenfold."""
    mine = f"fixed {job.id}"
    prices = tuple(p if i == week else None for i, p in enumerate(job.prices))
    fixed = replace(job, prices=prices, skills=job.skills | {mine}, must=True)
    return replace(
        crew,
        jobs=tuple(fixed if j.id == job.id else j for j in crew.jobs),
        helpers=tuple(
            replace(h, skills=h.skills | {mine}) if h.id == helper else h for h in crew.helpers
        ),
    )


def with_fixes(crew: Crew, fixes: Mapping[str, CrewFix]) -> Crew:
    """With what is fixed, where its week is among them and open, and its helper has hours."""
    for job in crew.jobs:
        fix = fixes.get(job.id)
        week = None if fix is None else week_of(crew.weeks, fix)
        if fix is not None and week is not None and job.prices[week] is not None:
            crew = fixed_to(crew, job, fix.person_id, week)
    return crew


def week_of(weeks: tuple[Week, ...], fix: CrewFix) -> int | None:
    """The week that holds the day of what is fixed."""
    return next((i for i, w in enumerate(weeks) if w.first <= fix.day <= w.last), None)
