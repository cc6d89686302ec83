"""What lies elsewhere than in the plan that was kept, and why."""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from typing import Literal

from ...core.crew.model import Crew, Piece, Week
from ...core.words.values import Saying, Value, say
from ...store.crew_tables import CrewFix, CrewKept
from .jobs import Gathered

Why = Literal["slipped", "away", "closed", "fixed", "room", "new", "gone", "left"]
Place = tuple[str, dt.date]
"""A helper's id and the first day of a week."""


@dataclass(frozen=True)
class Moved:
    """Work of a job that lies elsewhere. was, now: who and in the week from when, None where it was
    not planned, or is not now. what: the block, rows and words of the job.
    """

    job: str
    block: str
    rows: tuple[int, ...]
    says: Value
    was: tuple[Place, ...]
    now: tuple[Place, ...]
    why: Why
    sentence: Saying


def _monday(day: dt.date) -> dt.date:
    return day - dt.timedelta(days=day.weekday())


def agreed_in(kept: CrewKept, weeks: tuple[Week, ...]) -> list[Piece]:
    """Pieces of the plan that was kept, in the weeks of now."""
    numbers = {_monday(w.first): i for i, w in enumerate(weeks)}
    found = []
    for piece in kept.work:
        week = numbers.get(_monday(dt.date.fromisoformat(piece["first"])))
        if week is not None:
            found.append(Piece(week, piece["helper"], piece["job"], piece["minutes"]))
    return found


def places_of(weeks: tuple[Week, ...], work: Iterable[Piece]) -> dict[str, set[Place]]:
    """Where each job lies in a plan, by week from its Monday."""
    found: dict[str, set[Place]] = {}
    for piece in work:
        found.setdefault(piece.job, set()).add((piece.helper, _monday(weeks[piece.week].first)))
    return found


def moved_since(
    kept: CrewKept | None,
    day: dt.date,
    crew: Crew,
    jobs: list[Gathered],
    work: tuple[Piece, ...],
    fixes: Mapping[str, CrewFix],
) -> list[Moved]:
    """What lies elsewhere than in the plan that was kept; nothing where none was."""
    if kept is None:
        return []
    was: dict[str, set[Place]] = {}
    for piece in kept.work:
        first = _monday(dt.date.fromisoformat(piece["first"]))
        was.setdefault(piece["job"], set()).add((piece["helper"], first))
    return list(differing(crew, jobs, was, places_of(crew.weeks, work), kept, day, fixes))


def differing(
    crew: Crew,
    jobs: list[Gathered],
    was: Mapping[str, set[Place]],
    now: Mapping[str, set[Place]],
    kept: CrewKept | None,
    day: dt.date,
    fixes: Mapping[str, CrewFix],
) -> Iterable[Moved]:
    """Jobs that lie elsewhere, those of the kept plan first."""
    by_id = {g.job.id: g for g in jobs}
    for job in dict.fromkeys([*was, *now]):
        before, after = was.get(job, set()), now.get(job, set())
        if before == after:
            continue
        gathered = by_id.get(job)
        why = _why(crew, gathered, job, before, after, kept, day, fixes)
        if gathered is not None:
            item = gathered.item
            what = item.block, tuple(item.rows), item.says
        elif kept is not None and job in kept.jobs:
            told = kept.jobs[job]
            what = told["block"], tuple(told["rows"]), told["says"]
        else:
            continue
        sides = tuple(sorted(before)), tuple(sorted(after))
        yield Moved(job, *what, *sides, why, _SAYS[why])


def _why(
    crew: Crew,
    gathered: Gathered | None,
    job: str,
    before: set[Place],
    after: set[Place],
    kept: CrewKept | None,
    day: dt.date,
    fixes: Mapping[str, CrewFix],
) -> Why:
    if gathered is None:
        return "gone"
    if not before:
        return "new"
    if job in fixes:
        return "fixed"
    monday = _monday(day)
    if any(first < monday for _, first in before):
        return "slipped"
    weeks = {_monday(w.first): i for i, w in enumerate(crew.weeks)}
    # where only part of it had to go elsewhere, all places count
    left = [p for p in before if p not in after] or list(before)
    if any(gathered.job.prices[weeks[first]] is None for _, first in left if first in weeks):
        return "closed"
    if any(_fewer(crew, kept, who, first, weeks.get(first)) for who, first in left):
        return "away"
    return "room" if after else "left"


def _fewer(crew: Crew, kept: CrewKept | None, who: str, first: dt.date, week: int | None) -> bool:
    """Whether a helper has fewer hours in a week than when the plan was kept."""
    helper = next((h for h in crew.helpers if h.id == who), None)
    if helper is None or week is None:
        return True
    if kept is None:
        return False
    then = kept.hours.get(who, {}).get(first.isoformat())
    # of a week that has begun, part is gone by itself
    return then is not None and crew.weeks[week].first == first and helper.minutes[week] < then


_SAYS: Mapping[Why, Saying] = {
    "slipped": say("moved-slipped"),
    "away": say("moved-away"),
    "closed": say("moved-closed"),
    "fixed": say("moved-fixed"),
    "room": say("moved-room"),
    "new": say("moved-new"),
    "gone": say("moved-gone"),
    "left": say("moved-left"),
}
