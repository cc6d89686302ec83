"""After frost, as calculators: damage, scratches, verdict, cut fruit, shoots, the crop to come."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ....core.frost.classes import FrostClass
from ..base import Answer, Asked, Counted, IsoDate, Key, Metres, Number
from ..shared import ReasonOut

MinC = Annotated[Number, Field(ge=-25, le=10)]
Hours = Annotated[Number, Field(ge=0.25, le=24)]


class FrostDamageIn(Asked):
    """A tree on a cold night. ``hardening``: 0 to 1, from the last four weeks where known;
    ``hours``: null where nobody knows.
    """

    species: Key
    cultivar: Key | None = None
    rootstock: Key | None = None
    age_years: Annotated[Number, Field(ge=0, le=300)]
    min_c: MinC
    hours: Hours | None = 4
    hardening: Annotated[Number, Field(ge=0, le=1)] = 1
    fruit: Literal["none", "flowers", "fruitlets", "green", "ripe"] = "none"
    tender_flush: bool = False
    pruned_within_days: Annotated[Counted, Field(ge=0, le=3650)] | None = None
    crop_on: bool = False
    dry_soil: bool = False


class ThresholdsOut(Answer):
    """Temperature at which each organ is hurt at these hours; None where there is none of it."""

    flush: float | None = None
    fruit: float | None = None
    leaf: float
    twig: float
    wood: float
    trunk: float
    union: float


class FrostDamageOut(Answer):
    """The class, a worse one that is possible, the thresholds, the share of fruit hurt, the organs
    that are; ``milder``: the class of a short night where nobody knows the hours.
    """

    worst: FrostClass = Field(serialization_alias="class")
    possible: FrostClass | None
    thresholds: ThresholdsOut
    fruit_hurt: float
    reasons: list[ReasonOut]
    organs: list[str]
    milder: FrostClass | None = None


class ReadingIn(Asked):
    """A scratch, from the limb's base."""

    at_m: Metres
    green: bool


class ScratchIn(Asked):
    """Scratches along a limb so far. ``judged``: the judging day has come; before it there is no
    cut.
    """

    length_m: Annotated[Number, Field(ge=0.05, le=30)]
    readings: Annotated[list[ReadingIn], Field(max_length=60)]
    resolution_m: Annotated[Number, Field(ge=0.01, le=5)] = 0.1
    into_green_m: Annotated[Number, Field(ge=0, le=1)] = 0.05
    side_branches_m: Annotated[list[Metres], Field(max_length=60)] = []
    judged: bool = True


class ScratchOut(Answer):
    """Where to scratch next, or the boundary (green to, dead from) and the cut: what to keep, 0 off
    at the base, None no cut.
    """

    next_at_m: float | None
    boundary: list[float | None]
    cut_at_m: float | None
    patchy: bool
    scratches_left: int
    says: str


class RoundReadingIn(Asked):
    """A scratch on a side of the stem."""

    bearing_deg: Annotated[Number, Field(ge=0, le=360)]
    green: bool


class StemRoundIn(Asked):
    """Scratches round a stem so far."""

    readings: Annotated[list[RoundReadingIn], Field(max_length=40)]
    step_deg: Annotated[Number, Field(ge=5, le=90)] = 45


class DeadBarkOut(Answer):
    """A span of dead bark, clockwise."""

    from_deg: float
    to_deg: float


class StemRoundOut(Answer):
    """Where to scratch next, the share of the round that lives, and the dead spans."""

    next_bearing_deg: float | None
    live_share: float | None
    dead: list[DeadBarkOut]
    one_sided: bool
    says: str


class CutTestIn(Asked):
    """A sample of cut fruit; ``hurt``: dry, or with crystals, over a third of the segments."""

    cut: Annotated[Counted, Field(ge=0, le=10_000)]
    hurt: Annotated[Counted, Field(ge=0, le=10_000)]
    night: IsoDate
    today: IsoDate
    mean_c: Annotated[Number, Field(ge=-20, le=45)] | None = None


class CutTestOut(Answer):
    """Share of the crop that is hurt, with its span."""

    share: float
    low: float
    high: float
    advice: Literal["sound", "juice", "lost"]
    reason: ReasonOut


class FrostVerdictIn(Asked):
    """What is known of a hurt tree. ``collapsed_on``: a false start was seen; ``hot_since``: the
    first hot day since green was seen.
    """

    frost_class: FrostClass = Field(alias="class")
    night: IsoDate
    last_frost: IsoDate
    today: IsoDate
    flush_start: IsoDate | None = None
    second_flush_hard: IsoDate | None = None
    alive_above: bool | None = None
    alive_below: bool | None = None
    boundary_steady_since: IsoDate | None = None
    latest_cut: IsoDate | None = None
    hot_from: IsoDate | None = None
    species: Key | None = None
    collapsed_on: IsoDate | None = None
    hot_since: IsoDate | None = None
    second_flush: IsoDate | None = None


class FrostVerdictOut(Answer):
    """Alive above the union, only the rootstock, wait, or dead; the day to judge and the day to
    cut, never past.
    """

    verdict: Literal["alive", "rootstock-only", "wait", "dead"]
    provisional: bool
    judge_on: IsoDate
    cut_on: IsoDate
    may_cut: bool
    postponed: bool
    look_again: IsoDate | None
    reasons: list[ReasonOut]
    opens_early: IsoDate | None
    tone: Literal["go", "light", "wait", "stop"]
    when: str


class LeaderShootIn(Asked):
    """A shoot that could be grown on."""

    id: Key
    at_m: Metres
    off_m: Metres = 0
    diameter_mm: Annotated[Number, Field(ge=1, le=300)]
    rise_deg: Annotated[Number, Field(ge=-90, le=90)]
    vigour: Annotated[Counted, Field(ge=1, le=5)] = 3
    above_union: bool


class LeaderIn(Asked):
    """Shoots after a freeze, and the form the tree is to have."""

    shoots: Annotated[list[LeaderShootIn], Field(min_length=1, max_length=40)]
    form: Literal["tree", "bush", "leader"] = "tree"
    trunk_m: Metres = 0


class RankedShootOut(Answer):
    """A shoot with its points; None where it must not be grown on."""

    id: str
    points: float | None
    reason: ReasonOut


class LeaderOut(Answer):
    """The best first, how many stay this season and the next."""

    shoots: list[RankedShootOut]
    keep_now: int
    keep_next: int
    reasons: list[ReasonOut]


class HurtStandIn(Asked):
    """What else decides: share of the trunk's round that lives, live wood above the union, the
    longest regrowth half a year after the last frost, and whether it was failing before.
    """

    live_bark: Annotated[Number, Field(ge=0, le=1)] | None = None
    live_above_m: Metres | None = None
    regrowth_m: Metres | None = None
    declining: bool = False


class RecoveryIn(Asked):
    """A class, the tree, and its usual crop."""

    frost_class: FrostClass = Field(alias="class")
    age_years: Annotated[Number, Field(ge=0, le=300)]
    normal_kg: Annotated[Number, Field(ge=0, le=5000)]
    trees: Annotated[Counted, Field(ge=1, le=1_000_000)] = 1
    years: Annotated[Counted, Field(ge=1, le=20)] = 10
    replant_on: IsoDate | None = None
    species: Key | None = None
    stand: HurtStandIn | None = None
    canopy_lost: Annotated[Number, Field(ge=0, le=1)] | None = None


class FeedOut(Answer):
    """Nitrogen and water against the usual; the day of the last nitrogen and the day wraps come
    off, None where no frost is expected.
    """

    nitrogen: float
    water: float
    last_nitrogen: IsoDate | None
    wraps_off: IsoDate | None
    reason: ReasonOut


class RecoveryOut(Answer):
    """Crop by year, as a share and in kilograms, against a tree replanted."""

    shares: list[float]
    kg: list[float]
    lost_kg: float
    replant: list[float]
    replant_kg: list[float]
    replant_lost_kg: float
    advice: Literal["as-usual", "rehabilitate", "replant", "wait", "not-yet"]
    reasons: list[ReasonOut]
    feed: FeedOut | None = None
