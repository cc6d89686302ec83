"""Cut plans of a stored tree."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frame.outline import Shape
from .base import Answer, Asked, IsoDate, Key, Number, Share, Uuid, Work
from .calc.plan import ClippingsOut, WhitewashOut, YieldCostOut
from .cutting import PreviewOut
from .frames import DrawnFrame
from .shared import ReasonOut


class Chosen(Answer):
    """One of several that can be chosen, in words."""

    id: str
    name: str
    says: str


class GoalOut(Chosen):
    """What a plan may be for. ``alone``: planned tree by tree, never for many at once."""

    alone: bool


class GoalsOut(Answer):
    """Every one of them."""

    goals: list[GoalOut]


class PlanIn(Asked):
    """What a plan is for. ``pins_in`` and ``pins_out`` name cuts as ``limb@kept metres``;
    ``weights`` by finding in place of the catalogue's.

    ``stance``: school by topic in place of the tree's; ``by``: hand, hand and ragged, machine
    along a wall of ``top_m`` and ``half_m``, or back into a ``shape`` laid over the tree.
    """

    goal: Key
    day: IsoDate | None = None
    walk_id: Uuid | None = None
    pins_in: Annotated[list[Annotated[str, Field(max_length=120)]], Field(max_length=120)] = []
    pins_out: Annotated[list[Annotated[str, Field(max_length=120)]], Field(max_length=120)] = []
    limit: Share | None = None
    weights: Annotated[dict[Key, Annotated[Number, Field(ge=0, le=100)]], Field(max_length=40)] = {}
    stance: Annotated[dict[Key, Key], Field(max_length=20)] = {}
    by: Literal["hand", "ragged", "machine", "shape"] = "hand"
    top_m: Annotated[Number, Field(ge=0.5, le=12)] | None = None
    half_m: Annotated[Number, Field(ge=0.2, le=8)] | None = None
    shape: Shape | None = None
    draw_in_m: Annotated[Number, Field(ge=0, le=8)] = 0.0
    draw_in_deg: Annotated[Number, Field(ge=0, le=360)] = 0.0


class ProposedOut(Answer):
    """A cut of the plan: where, how, with what, what it costs, and why."""

    id: str
    limb: str
    keep_m: float
    name: str
    look: str
    work: Work
    must: bool
    named: bool
    benefit: float
    share: float
    fruit: int
    why: list[ReasonOut]


class LeftOut(ProposedOut):
    """A cut that is left: why, and from when it may be made."""

    left_why: str
    until: IsoDate | None


class WeightOut(Answer):
    """What a finding weighs under the aim; ``points`` as the catalogue has it."""

    look: str
    says: str
    points: float


class StageOut(Answer):
    """What is cut in a later window; ``over``: one limb alone is more than any window holds."""

    day: IsoDate
    share: float
    limit: float
    over: bool
    cuts: list[ProposedOut]


class SchoolChoice(Answer):
    """A topic, the school in force, and those that may be chosen."""

    topic: str
    school: str
    schools: list[Chosen]


class WallOut(Answer):
    """The wall a plan follows, and by how much it was set out to keep to the limit."""

    shape: Shape
    top_m: float
    half_m: float
    skirt_m: float
    lean_deg: float
    row_bearing_deg: float
    set_out_m: float


class LowerLightOut(Answer):
    """Light on the lower limbs before and after, and what wood needs to flower."""

    before: float
    after: float
    needed: float
    reasons: list[ReasonOut]


class PlanOut(Answer):
    """A plan for one tree on one day."""

    name: str
    day: IsoDate
    goal: str
    goals: list[GoalOut]
    weights: list[WeightOut]
    work: Work
    share: float
    limit: float
    over_limit: bool
    stages: list[StageOut]
    unplaced: list[ProposedOut]
    stance: list[SchoolChoice]
    wall: WallOut | None
    reasons: list[ReasonOut]
    cuts: list[ProposedOut]
    left: list[LeftOut]
    frame: DrawnFrame
    cap_m: float | None
    reach_m: float
    preview: PreviewOut | None
    minutes: float
    light: LowerLightOut
    crop: YieldCostOut
    clippings: ClippingsOut
    bark: WhitewashOut | None
    after: list[ReasonOut]
    regrowth: list[ReasonOut]
    skeleton: list[ReasonOut]
    not_today: ReasonOut | None = None
