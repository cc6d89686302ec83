"""The work of the weeks ahead, gathered by row and kind, with what it weighs in each week."""

from __future__ import annotations

import math
import uuid
from collections import Counter
from dataclasses import dataclass, replace

from ...core.crew.model import Job, Left, Week
from ...core.crew.weeks import Days, Weighed, weigh
from ...core.known import Knowledge
from ...core.season.model import FREE_WORK, WORKS
from ...core.tasks import CUTS_AS
from ...core.words.prices import NO_CROP, crop_words
from ...core.words.values import Saying, Value, listed, say
from ..season.ahead import Ahead
from ..season.item import Item
from ..season.prices import days_of

_NAMES = uuid.UUID("b0f4d9f2-0f6e-4f0e-8a1c-3c6a7d0a5e21")


@dataclass(frozen=True)
class Gathered:
    """A piece of the season's work as a job. free: it takes no live canopy of the year.
    whose: the id of whose trees they are. days, share: the price of each day, and the share that
    may go of each tree. tall_m: its highest tree where a ladder is asked for.
    """

    job: Job
    item: Item
    weighed: Weighed
    free: bool
    whose: str | None
    days: Days
    share: float
    tall_m: float | None = None

    def crops(self, week: int, minutes: int) -> float:
        """Crops lost by so many minutes of it in a week."""
        return (self.weighed.crops[week] or 0.0) * minutes / self.job.minutes

    def crops_later(self, minutes: int) -> float:
        """Crops lost by leaving so many minutes of it, beyond what they would have cost."""
        return self.weighed.dearer * minutes / self.job.minutes


_WHY = {
    "closed": say("crew-left-closed"),
    "hours": say("crew-left-hours"),
    "dearer": say("crew-left-dearer"),
}


def why_left(know: Knowledge, gathered: Gathered, left: Left) -> tuple[Saying, Saying]:
    """Why work is left, and what waiting costs."""
    why = _WHY.get(left.why) or say("crew-left-nobody", skills=_may_words(know, gathered.job))
    later = gathered.crops_later(left.minutes)
    if gathered.weighed.later is None and not gathered.free:
        return why, say("crew-later-closed")
    if later < NO_CROP:
        return why, say("crew-later-same")
    return why, say("crew-later-costs", crops=crop_words(later))


def _may_words(know: Knowledge, job: Job) -> Value:
    asked = [s for s in know.rows("crew-skills") if s in job.skills]
    return listed((know.row(f"crew-skills/{s}/says") for s in asked), say("and-between"))


def gather(ahead: Ahead, weeks: tuple[Week, ...]) -> list[Gathered]:
    """What is due or open within the weeks; what is late comes first."""
    view = ahead.view()
    items = [i for i in (*view.late, *view.items) if i.minutes > 0]
    return _told_apart([_gathered(ahead, weeks, item) for item in items])


def _told_apart(jobs: list[Gathered]) -> list[Gathered]:
    """Jobs whose ids stay the same from day to day: by what is done where; like ones are
    numbered.
    """
    met: Counter[str] = Counter()
    apart = []
    for g in jobs:
        item = g.item
        alone = item.task.id if item.task else item.plan_id or item.found or ""
        what = f"{item.kind}|{item.work}|{g.job.place}|{alone}|{g.whose or ''}"
        met[what] += 1
        name = str(uuid.uuid5(_NAMES, f"{what}|{met[what]}"))
        apart.append(replace(g, job=replace(g.job, id=name)))
    return apart


def by_block(know: Knowledge, weeks: tuple[Week, ...], jobs: list[Gathered]) -> list[Gathered]:
    """Like work in the rows of a block as one job, where rows are too many to be planned apart."""
    alike: dict[tuple[object, ...], list[Gathered]] = {}
    for g in jobs:
        days = (g.days.first, g.days.prices.tobytes())
        key = (g.item.block, g.item.kind, g.item.work, g.item.says, g.whose, g.job.skills, days)
        alike.setdefault(key, []).append(g)
    return _told_apart([_together(know, weeks, rows) for rows in alike.values()])


def _together(know: Knowledge, weeks: tuple[Week, ...], rows: list[Gathered]) -> Gathered:
    first = rows[0]
    if len(rows) == 1:
        return first
    item = replace(
        first.item,
        rows=sorted({n for g in rows for n in g.item.rows}),
        trees=[t for g in rows for t in g.item.trees],
        minutes=sum(g.item.minutes for g in rows),
    )
    return _weighed(know, weeks, replace(first, item=item))


def _gathered(ahead: Ahead, weeks: tuple[Week, ...], item: Item) -> Gathered:
    free = item.kind == "come-back" or item.work not in WORKS or item.work in FREE_WORK
    days, share = days_of(ahead, item)
    job = Job("", "", 0, (), _skills(ahead, item, ahead.at.know))
    nothing = Weighed((), None, 0.0, (), 0.0)
    whose = ahead.helpers.id_of(item.trees[0])
    tall = max((ahead.sized[r.tree.id].height_m or 0.0 for r in item.trees), default=0.0)
    climbed = tall if "ladder" in job.skills else None
    asked = Gathered(job, item, nothing, free, whose, days, 0.0 if free else share, climbed)
    return _weighed(ahead.at.know, weeks, asked)


def _weighed(know: Knowledge, weeks: tuple[Week, ...], g: Gathered) -> Gathered:
    """With its minutes, its place and what it weighs in each week."""
    item, minutes = g.item, math.ceil(g.item.minutes)
    found = weigh(know, weeks, g.days, g.share * len(item.trees), minutes / 60)
    job = replace(
        g.job,
        place=item.trees[0].block.id if len(item.rows) > 1 else item.trees[0].row.id,
        minutes=minutes,
        prices=found.prices,
        leave_price=found.leave_price,
    )
    return replace(g, job=job, weighed=found)


def _skills(ahead: Ahead, item: Item, know: Knowledge) -> frozenset[str]:
    work = item.work
    if item.kind == "come-back":
        work = CUTS_AS.get(item.task.kind, "") if item.task else ""
    if work not in know.rows("crew-work"):
        return frozenset()
    skills = know.text(f"crew-work/{work}/skills").split()
    reach = know.number("cuts/reach")
    if any((ahead.sized[r.tree.id].height_m or 0.0) > reach for r in item.trees):
        skills += know.text(f"crew-work/{work}/above").split()
    return frozenset(skills)
