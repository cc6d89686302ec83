"""What is asked of a plan, and the plan as it is shown."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from ...core.aftercare.crop import YieldCost
from ...core.aftercare.quantities import Clippings, Whitewash
from ...core.frame.outline import Shape
from ...core.light.inner import LowerLight
from ...core.plan.offer import Proposed
from ...core.plan.propose import Proposal
from ...core.reasons import Reason
from ...core.season.model import Work
from ..tree.views import FrameView
from .cutting import Preview

WAYS = ("hand", "ragged", "machine", "shape")


@dataclass(frozen=True)
class Wish:
    """What a plan is asked for. walk_id: a walk whose named limbs weigh more. limit, weights,
    stance: in place of the day's, the catalogue's, the tree's.

    by: one of :data:`WAYS`; shape, draw_in_m, draw_in_deg: of what is laid over the tree; top_m,
    half_m: of the wall, where they differ from what the row leaves
    room for.
    """

    goal: str
    day: dt.date
    walk_id: str | None = None
    pins_in: Sequence[str] = ()
    pins_out: Sequence[str] = ()
    limit: float | None = None
    weights: Mapping[str, float] = field(default_factory=dict)
    stance: Mapping[str, str] = field(default_factory=dict)
    by: str = "hand"
    top_m: float | None = None
    half_m: float | None = None
    shape: Shape | None = None
    draw_in_m: float = 0.0
    draw_in_deg: float = 0.0


@dataclass(frozen=True)
class StageView:
    """A stage by what it cuts."""

    day: dt.date
    share: float
    limit: float
    over: bool
    cuts: tuple[Proposed, ...]


@dataclass(frozen=True)
class PlanView:
    """A proposal with its cost. preview: None where nothing is cut. crop: given up over three
    years. bark: paint for what is bared, None where none is.

    minutes: of hands and, where one is used, the machine, at the pace of past visits. skeleton:
    what an owner is told before one. not_today: why this is the plan of another day than was asked
    for.
    """

    name: str
    day: dt.date
    work: Work
    stance: dict[str, str]
    proposal: Proposal
    stages: tuple[StageView, ...]
    unplaced: tuple[Proposed, ...]
    frame: FrameView
    cap_m: float | None
    preview: Preview | None
    minutes: float
    light: LowerLight
    crop: YieldCost
    clippings: Clippings
    bark: Whitewash | None
    after: tuple[Reason, ...]
    regrowth: tuple[Reason, ...]
    skeleton: tuple[Reason, ...]
    not_today: Reason | None = None
