"""What is wrong with a crew, its weeks and its jobs, by field."""

from __future__ import annotations

from collections.abc import Iterable

from ..errors import refuse
from .model import Crew

MOST = 60_000
"""Jobs times weeks times helpers that are planned at once; more are gathered into jobs first."""


def check(crew: Crew) -> None:
    """Raises: InvalidInput for no weeks, unequal lengths, double ids, negative prices."""
    n = len(crew.weeks)
    problems: dict[str, str | None] = {"/weeks": None if n else "give at least one week"}
    for i, week in enumerate(crew.weeks):
        ends = "ends before it begins" if week.last < week.first else None
        problems[f"/weeks/{i}/to"] = ends
    size = len(crew.jobs) * n * len(crew.helpers)
    many = f"too many for {n} weeks and {len(crew.helpers)} helpers: gather them by row and work"
    problems["/jobs"] = many if size > MOST else None
    problems |= _doubles("helpers", (h.id for h in crew.helpers))
    problems |= _doubles("jobs", (j.id for j in crew.jobs))
    for i, helper in enumerate(crew.helpers):
        problems[f"/helpers/{i}/minutes"] = _each(n, len(helper.minutes))
        for w, minutes in enumerate(helper.minutes):
            problems[f"/helpers/{i}/minutes/{w}"] = _below(minutes)
        problems[f"/helpers/{i}/pace"] = None if helper.pace > 0 else "must be above 0"
    for i, job in enumerate(crew.jobs):
        problems[f"/jobs/{i}/minutes"] = _below(job.minutes)
        problems[f"/jobs/{i}/prices"] = _each(n, len(job.prices))
        for w, price in enumerate(job.prices):
            problems[f"/jobs/{i}/prices/{w}"] = _below(price)
        problems[f"/jobs/{i}/leave_price"] = _below(job.leave_price)
    problems["/move_minutes"] = _below(crew.move_minutes)
    problems["/unplaced_per_minute"] = _below(crew.unplaced_per_minute)
    refuse(problems)


def _each(weeks: int, given: int) -> str | None:
    return None if given == weeks else f"give one for each of the {weeks} weeks, not {given}"


def _below(value: float | None) -> str | None:
    return "must not be below 0" if value is not None and value < 0 else None


def _doubles(where: str, ids: Iterable[str]) -> dict[str, str | None]:
    seen: set[str] = set()
    found: dict[str, str | None] = {}
    for i, id in enumerate(ids):
        found[f"/{where}/{i}/id"] = f"{id} stands twice" if id in seen else None
        seen.add(id)
    return found
