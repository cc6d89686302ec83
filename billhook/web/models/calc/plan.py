"""Cuts: chosen, costed, made."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ..base import Answer, Asked, Counted, Key, Number, Share, Units, Work
from ..cutting import AdviceOut
from ..frames import CutIn, FrameIn
from ..shared import ReasonOut


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
