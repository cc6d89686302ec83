"""The work of the weeks ahead, gathered by row and kind, with what it weighs in each week."""

from __future__ import annotations

import datetime as dt
import hashlib
import math
from collections.abc import Callable
from dataclasses import dataclass

from ...core.choice import one_of
from ...core.crew.model import Job, Left, Week
from ...core.crew.weeks import Weighed, weigh
from ...core.known import Knowledge
from ...core.season.model import FREE_WORK, WORKS
from ...core.words.prices import NO_CROP, crop_words
from ...core.words.values import Saying, say
from ..season.ahead import Ahead
from ..season.item import Item

_SAW = "saw"


@dataclass(frozen=True)
class Gathered:
    """A piece of the season's work as a job. free: it takes no live canopy of the year.
    whose: the id of whose trees they are."""

    job: Job
    item: Item
    weighed: Weighed
    free: bool
    whose: str | None

    def crops(self, week: int, minutes: int) -> float:
        """Crops lost by so many minutes of it in a week."""
        return (self.weighed.crops[week] or 0.0) * minutes / self.job.minutes

    def crops_later(self, minutes: int) -> float:
        """Crops lost by so many minutes of it after the weeks, beyond what they would have cost."""
        least = min((c for c in self.weighed.crops if c is not None), default=0.0)
        later = self.weighed.later
        return max(0.0, (least if later is None else later) - least) * minutes / self.job.minutes


_WHY = {
    "closed": say("crew-left-closed"),
    "hours": say("crew-left-hours"),
    "dearer": say("crew-left-dearer"),
}


def why_left(gathered: Gathered, left: Left) -> tuple[Saying, Saying]:
    """Why work is left, and what waiting costs."""
    skills = " and ".join(sorted(gathered.job.skills))
    why = say("crew-left-nobody", skills=skills) if left.why == "nobody" else _WHY[left.why]
    later = gathered.crops_later(left.minutes)
    if gathered.weighed.later is None and not gathered.free:
        return why, say("crew-later-closed")
    if later < NO_CROP:
        return why, say("crew-later-same")
    return why, say("crew-later-costs", crops=crop_words(later))


def gather(ahead: Ahead, weeks: tuple[Week, ...]) -> list[Gathered]:
    """What is due or open within the weeks; what is late comes first."""
    view = ahead.view()
    items = [i for i in (*view.late, *view.items) if i.minutes > 0]
    return [_gathered(ahead, weeks, item) for item in items]


def _gathered(ahead: Ahead, weeks: tuple[Week, ...], item: Item) -> Gathered:
    know, minutes = ahead.at.know, math.ceil(item.minutes)
    free = item.kind == "come-back" or item.work not in WORKS or item.work in FREE_WORK
    price_on, share, until = _days(ahead, item, free)
    canopy = share * len(item.trees)
    found = weigh(know, weeks, price_on, canopy, minutes / 60, until)
    job = Job(
        hashlib.sha256(item.key.encode()).hexdigest()[:12],
        item.trees[0].block.id if len(item.rows) > 1 else item.trees[0].row.id,
        minutes,
        found.prices,
        _skills(ahead, item, know),
        found.leave_price,
    )
    return Gathered(job, item, found, free, ahead.helpers.id_of(item.trees[0]))


def _days(
    ahead: Ahead, item: Item, free: bool
) -> tuple[Callable[[dt.date], float | None], float, dt.date]:
    """The price of each day, the share that may go, and up to when it may wait."""
    if item.kind == "come-back" or item.work not in WORKS:
        due = item.last_good or ahead.day
        return (lambda day: 0.0 if day >= due else None), 0.0, ahead.until
    work = one_of(WORKS, item.work)
    season = ahead.desk.season(item.trees[0], (work,), with_forecast=False)
    prices = season.prices[work]
    shares = [s.max_share for s in season.segments if s.status == "go" and s.max_share]

    def price_on(day: dt.date) -> float | None:
        at = (day - ahead.day).days
        if not 0 <= at < len(prices):
            return None
        open_ = any(s.status == "go" and s.start <= day <= s.end for s in season.segments)
        return float(prices[at]) if open_ else None

    share = 0.0 if free else min(shares, default=0.0)
    return price_on, share, ahead.day + dt.timedelta(days=len(prices) - 1)


def _skills(ahead: Ahead, item: Item, know: Knowledge) -> frozenset[str]:
    known_id = f"crew-work/{item.work}/skills"
    if item.kind == "come-back" or known_id not in know:
        return frozenset()
    skills = set(know.text(known_id).split())
    reach = know.number("cuts/reach")
    tall = any((ahead.sized[r.tree.id].height_m or 0.0) > reach for r in item.trees)
    if _SAW in skills and tall and item.work != "sanitation":
        skills.add("ladder")
    return frozenset(skills)
