"""Which hour more would bring most."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from .model import Crew, CrewPlan
from .plan import plan
from .programme import a_minute_more, programme, relaxed


@dataclass(frozen=True)
class Hour:
    """One more hour of a helper in a week, and how much less the plan costs with it."""

    helper: str
    week: int
    saves: float


def one_more_hour(crew: Crew, now: CrewPlan, seconds: float = 5.0) -> Hour | None:
    """The hour that brings most: of the helper and week whose hours the relaxation wants most,
    solved again with 60 minutes more. None where no hour brings anything.
    """
    if not now.unplaced or not crew.helpers:
        return None
    p = programme(crew)
    if not len(p.job):
        return None
    best = int(np.argmin(a_minute_more(crew, p, relaxed(p))))
    helper, week = crew.helpers[best // len(crew.weeks)], best % len(crew.weeks)
    minutes = tuple(m + 60 if w == week else m for w, m in enumerate(helper.minutes))
    helpers = tuple(replace(h, minutes=minutes) if h is helper else h for h in crew.helpers)
    saves = now.cost - plan(replace(crew, helpers=helpers), seconds).cost
    return Hour(helper.id, week, saves) if saves > 1e-6 else None
