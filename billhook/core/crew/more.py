"""Which hour more would bring most."""

from __future__ import annotations

from dataclasses import dataclass, replace

from .model import Crew, CrewPlan
from .plan import plan_beside

_LEAST = 1e-6


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
    if not now.unplaced or now.wants is None:
        return None
    helper, week = now.wants

    def more(minutes: tuple[float, ...]) -> tuple[float, ...]:
        return tuple(m + 60 if w == week else m for w, m in enumerate(minutes))

    helpers = tuple(
        replace(h, minutes=more(h.minutes)) if h.id == helper else h for h in crew.helpers
    )
    then = plan_beside(replace(crew, helpers=helpers), now, helper, week, seconds)
    saves = now.cost - then.cost
    return Hour(helper, week, saves) if saves > _LEAST else None
