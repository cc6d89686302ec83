"""Calculators of the cut plan and of what follows a cut."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frame.outline import Shape
from .base import Answer, Asked, Counted, IsoDate, Number, Units, Uuid, Work
from .frames import CutIn, DrawnFrame, FrameIn
from .shared import ReasonOut
from .trees import AdviceOut, PreviewOut

Key = Annotated[str, Field(min_length=1, max_length=60)]
Share = Annotated[Number, Field(ge=0, le=1)]


class CandidateIn(Asked):
    """A cut that could be made; ``within``: the candidate it lies beyond; ``excludes``: those that
    cannot be made beside it.
    """

    id: Key
    order_class: Annotated[Counted, Field(ge=0, le=20)]
    must: bool
    share: Share
    benefit: Annotated[Number, Field(ge=0, le=1e6)]
    wound_mm: Annotated[Number, Field(ge=0, le=3000)]
    within: Key | None = None
    excludes: Annotated[list[Key], Field(max_length=60)] = []


class CutPlanIn(Asked):
    """Candidates and the share of canopy that is left."""

    candidates: Annotated[list[CandidateIn], Field(max_length=120)]
    limit: Share


class CutPutOffOut(Answer):
    """A cut that is not in the choice, and why."""

    id: str
    reason: Literal["limit", "excluded", "covered", "no-benefit"]


class CutPlanOut(Answer):
    """The choice, in the order of the work."""

    chosen: list[str]
    share: float
    benefit: float
    over_limit: bool
    put_off: list[CutPutOffOut]
    covered: list[str]


class LimbCalcIn(Asked):
    """The diameter of an uncut limb where it would be cut, and its kind."""

    diameter_mm: Annotated[Number, Field(ge=1, le=1000)]
    species: Key | None = None
    green_density_kg_m3: Annotated[Number, Field(ge=300, le=1300)] | None = None


class LimbOut(Answer):
    """Its length and mass; ``lift_kg``: the mass to plan for."""

    length_m: float
    wood_kg: float
    leaf_kg: float
    total_kg: float
    lift_kg: float
    lower_on_line: bool
    reasons: list[ReasonOut]


class WoundIn(Asked):
    """A wound and what slows its closing."""

    diameter_mm: Annotated[Number, Field(ge=1, le=1000)]
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    species: Key | None = None
    stub: bool = False
    weak: bool = False
    cool: bool = False


class WoundOut(Answer):
    """Years until it closes."""

    years: float
    too_large: bool
    reasons: list[ReasonOut]


class ClippingsIn(Asked):
    """Fresh clippings, and how they are spread."""

    fresh_kg: Annotated[Number, Field(ge=0, le=1e6)]
    species: Key | None = None
    depth_m: Annotated[Number, Field(ge=0.01, le=0.5)] | None = None
    moisture: Annotated[Number, Field(ge=0.05, le=0.8)] | None = None
    nitrogen: Annotated[Number, Field(ge=0, le=0.1)] | None = None


class ClippingsOut(Answer):
    """Chips, ground they mulch, nitrogen they bring back."""

    chips_m3: float
    brush_m3: float
    dry_kg: float
    nitrogen_kg: float
    area_m2: float
    depth_m: float
    ring_m: float
    reasons: list[ReasonOut]


class BarkIn(Asked):
    """A piece of trunk or limb to be painted."""

    diameter_mm: Annotated[Number, Field(ge=1, le=3000)]
    length_m: Annotated[Number, Field(ge=0.01, le=30)]


class WhitewashIn(Asked):
    """Trunks painted all round, limbs on their upper side."""

    trunks: Annotated[list[BarkIn], Field(max_length=200)] = []
    limbs: Annotated[list[BarkIn], Field(max_length=500)] = []
    coats: Annotated[Counted, Field(ge=1, le=5)] | None = None
    cover_m2_per_l: Annotated[Number, Field(ge=1, le=20)] | None = None


class WhitewashOut(Answer):
    """Area, mix, paint and water."""

    area_m2: float
    mix_l: float
    paint_l: float
    water_l: float
    reasons: list[ReasonOut]


class DisinfectantIn(Asked):
    """A round of trees and tools, or a volume to mix."""

    agent: Key = "alcohol"
    trees: Annotated[Counted, Field(ge=1, le=100_000)] = 1
    tools: Annotated[Counted, Field(ge=1, le=50)] = 1
    dips_per_tree: Annotated[Counted, Field(ge=1, le=100)] = 1
    volume_l: Annotated[Number, Field(gt=0, le=1000)] | None = None
    stock: Annotated[Number, Field(gt=0, le=1)] | None = None
    target: Annotated[Number, Field(gt=0, le=1)] | None = None


class DisinfectantOut(Answer):
    """What is mixed, and how long it stays wet."""

    mix_l: float
    stock_ml: float
    water_l: float
    rags: int
    seconds: float
    reasons: list[ReasonOut]


class YieldCostIn(Asked):
    """The share of canopy taken, and what the crop is doing."""

    share: Share
    ripe_on: bool = False
    after_drop: bool = False
    after_heavy: bool = False
    before_heavy: bool = False


class YieldCostOut(Answer):
    """Shares of the crop that are lost."""

    picked: float
    this_year: float
    next_year: float
    third_year: float
    reasons: list[ReasonOut]


class GoalOut(Answer):
    """What a plan may be for."""

    id: str
    name: str
    says: str


class PlanIn(Asked):
    """What a plan is for. ``pins_in`` and ``pins_out`` name cuts as ``limb@kept metres``;
    ``weights`` by finding in place of the catalogue's.

    ``stance``: school by topic in place of the tree's; ``by``: hand, hand and ragged, or machine
    along a wall of ``top_m`` and ``half_m``.
    """

    goal: Key
    day: IsoDate | None = None
    walk_id: Uuid | None = None
    pins_in: Annotated[list[Annotated[str, Field(max_length=120)]], Field(max_length=120)] = []
    pins_out: Annotated[list[Annotated[str, Field(max_length=120)]], Field(max_length=120)] = []
    limit: Share | None = None
    weights: Annotated[dict[Key, Annotated[Number, Field(ge=0, le=100)]], Field(max_length=40)] = {}
    stance: Annotated[dict[Key, Key], Field(max_length=20)] = {}
    by: Literal["hand", "ragged", "machine"] = "hand"
    top_m: Annotated[Number, Field(ge=0.5, le=12)] | None = None
    half_m: Annotated[Number, Field(ge=0.2, le=8)] | None = None


class ProposedOut(Answer):
    """A cut of the plan: where, how, with what, what it costs, and why."""

    id: str
    limb: str
    keep_m: float
    name: str
    look: str
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
    schools: list[GoalOut]


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


class SafetyIn(Asked):
    """The air, the height a straight ladder touches at, a line's voltage, the length of a limb:
    whichever is asked.
    """

    air_c: Annotated[Number, Field(ge=-10, le=60)] | None = None
    humidity: Annotated[Number, Field(ge=0, le=1)] = 0.5
    contact_m: Annotated[Number, Field(gt=0, le=12)] | None = None
    line_kv: Annotated[Number, Field(ge=0, le=1000)] | None = None
    limb_m: Annotated[Number, Field(gt=0, le=30)] | None = None
    units: Units = "metric"


class SafetyOut(Answer):
    """Published limits; None for what was not asked. Local law, the utility and licensed practice
    decide.
    """

    feels_c: float | None
    heat: Literal["basic", "water-and-shade", "reschedule", "stop"] | None
    ladder_foot_m: float | None
    ladder_length_m: float | None
    line_m: float | None
    drop_zone_m: float | None
    reasons: list[ReasonOut]


class TechniqueIn(Asked):
    """Cuts on a frame, the kind of tree, and the work they are for."""

    frame: FrameIn
    cuts: Annotated[list[CutIn], Field(min_length=1, max_length=200)]
    species: Key
    work: Work = "thin"
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    units: Units = "metric"


class TechniqueOut(Answer):
    """How to make each."""

    cuts: list[AdviceOut]
