"""Work moved to another week or helper by hand, with what that costs; and the plan that is kept."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from ...catalogue.wording import said
from ...core.crew.model import Piece
from ...core.crew.stay import plan_near
from ...core.errors import invalid
from ...core.words.prices import NO_CROP, crop_words
from ...core.words.units import Units
from ...core.words.values import Saying, listed, say
from ...store import crew as store
from ...store.acts import new_id
from ...store.crew_tables import CrewFix, CrewKept
from ...store.database import NotFound
from ..workplace import Workplace
from .crew import Found, crew_weeks, found_work, share_of
from .hands import fixed_to, week_of
from .moved import Moved, agreed_in, differing, places_of

_SECONDS = 1.5


@dataclass(frozen=True)
class Tried:
    """What a move would come to. crops: lost beyond the plan as it is; moved: what else lies
    elsewhere then.
    """

    crops: float
    says: tuple[Saying, ...]
    moved: tuple[Moved, ...]


def try_move(
    at: Workplace, job: str, person_id: str, day: dt.date, n: int = 6, units: Units = "metric"
) -> Tried:
    """What it would cost if somebody did a job in the week that holds a day. Raises: NotFound;
    InvalidInput where the week is closed to it, or they may not do it.
    """
    found = found_work(at, at.today(), n, units, job)
    week = _may(at, found, job, person_id, day)
    agreed = agreed_in(found.kept, found.crew.weeks) if found.kept else []
    keep = at.know.number("crew/keep")
    present = plan_near(found.crew, agreed, keep, _SECONDS)
    asked = next(j for j in found.crew.jobs if j.id == job)
    crew = fixed_to(found.crew, asked, person_id, week)
    others = [p for p in present.work if p.job != job]
    other = plan_near(crew, [Piece(week, person_id, job, asked.minutes), *others], keep, _SECONDS)
    before, after = (share_of(found.crew, found.jobs, p.work) for p in (present, other))
    crops = after.crops + after.left_crops - before.crops - before.left_crops
    was, now = (places_of(crew.weeks, p.work) for p in (present, other))
    moved = differing(crew, found.jobs, was, now, None, found.day, {job: _fix(job, person_id, day)})
    return Tried(crops, tuple(_says(crops, before.left_minutes, after.left_minutes)), tuple(moved))


def _says(crops: float, left_before: int, left_after: int) -> list[Saying]:
    says: list[Saying] = [
        say("move-costs", crops=crop_words(crops))
        if crops >= NO_CROP
        else say("move-saves", crops=crop_words(-crops))
        if crops <= -NO_CROP
        else say("move-same")
    ]
    if left_after > left_before:
        says.append(say("move-leaves", hours=round((left_after - left_before) / 60, 1)))
    return says


def _fix(job: str, person_id: str, day: dt.date) -> CrewFix:
    return CrewFix(job=job, person_id=person_id, day=day)


def _may(at: Workplace, found: Found, job: str, person_id: str, day: dt.date) -> int:
    """The week. Raises: NotFound; InvalidInput where it cannot be."""
    asked = next((j for j in found.crew.jobs if j.id == job), None)
    helper = next((h for h in found.crew.helpers if h.id == person_id), None)
    if asked is None or helper is None:
        raise NotFound(say("bad-there-is-no-such-work-or"))
    week = week_of(found.crew.weeks, _fix(job, person_id, day))
    if week is None:
        raise invalid("/day", say("bad-lies-outside-the-weeks-ahead"))
    gathered = next(g for g in found.jobs if g.job.id == job)
    if gathered.job.prices[week] is None:
        raise invalid("/day", say("bad-that-week-is-closed-to-this"))
    if not asked.skills <= helper.skills:
        lacks = [
            at.know.row(f"crew-skills/{s}/says")
            for s in at.know.rows("crew-skills")
            if s in gathered.job.skills - helper.skills
        ]
        raise invalid(
            "/person_id",
            say("bad-may-not", skills=listed(lacks, say("bad-or")))
            if lacks
            else say("bad-may-not-work-here"),
        )
    if helper.minutes[week] <= 0:
        raise invalid("/day", say("bad-has-no-hours-in-that-week"))
    return week


def fix(at: Workplace, job: str, person_id: str, day: dt.date, n: int = 6) -> None:
    """Somebody does a job in the week that holds a day. Raises: as :func:`try_move`."""
    _may(at, found_work(at, at.today(), n, but=job), job, person_id, day)
    with at.store.writing() as session:
        store.save_fix(session, _fix(job, person_id, day))


def unfix(at: Workplace, job: str) -> None:
    """The plan says again when it is done. Raises: NotFound."""
    with at.store.writing() as session:
        held = store.fixes(session).get(job)
        if held is None:
            raise NotFound(say("bad-that-is-fixed-to-nobody"))
        store.let_go(session, held)


def keep(at: Workplace, kept_id: str | None = None, n: int = 6) -> dt.date:
    """Keep the plan as it is: what is planned anew later is held against it."""
    found = crew_weeks(at, at.today(), n)
    weeks = found.weeks
    jobs = {g.job.id: g for g in found.jobs}
    row = CrewKept(
        id=kept_id or new_id(),
        made_on=at.today(),
        work=[
            {
                "job": p.job,
                "helper": p.helper,
                "first": weeks[p.week].first.isoformat(),
                "minutes": p.minutes,
            }
            for p in found.plan.work
        ],
        hours={
            h.id: {w.first.isoformat(): int(m) for w, m in zip(weeks, h.minutes, strict=True)}
            for h in found.helpers
        },
        jobs={
            i: {
                "block": g.item.block,
                "rows": list(g.item.rows),
                "says": said(g.item.says) if isinstance(g.item.says, Saying) else g.item.says,
            }
            for i, g in jobs.items()
        },
    )
    with at.store.writing() as session:
        store.save_kept(session, row)
    return row.made_on
