"""After frost: the night, what to wait for, scratches, what to grow on, the crop to come."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Asked, Counted, IsoDate, Number, Uuid
from .frames import DrawnFrame
from .shared import ReasonOut

Key = Annotated[str, Field(min_length=1, max_length=60)]
FrostClass = Literal["F0", "F1", "F2", "F3", "F4", "F5", "F6"]
Metres = Annotated[Number, Field(ge=0, le=30)]
MinC = Annotated[Number, Field(ge=-25, le=10)]
Hours = Annotated[Number, Field(ge=0.25, le=24)]


class FrostDamageIn(Asked):
    """A tree on a cold night. ``hardening``: 0 to 1, from the last four weeks where known."""

    species: Key
    cultivar: Key | None = None
    rootstock: Key | None = None
    age_years: Annotated[Number, Field(ge=0, le=300)]
    min_c: MinC
    hours: Hours = 4
    hardening: Annotated[Number, Field(ge=0, le=1)] = 1
    fruit: Literal["none", "green", "ripe"] = "none"
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
    """The class, a worse one that is possible, the thresholds, the share of fruit hurt."""

    worst: FrostClass = Field(serialization_alias="class")
    possible: FrostClass | None
    thresholds: ThresholdsOut
    fruit_hurt: float
    reasons: list[ReasonOut]


class ReadingIn(Asked):
    """A scratch, from the limb's base."""

    at_m: Metres
    green: bool


class ScratchIn(Asked):
    """Scratches along a limb so far. ``judged``: the judging day has come; before it there is no cut."""

    length_m: Annotated[Number, Field(ge=0.05, le=30)]
    readings: Annotated[list[ReadingIn], Field(max_length=60)]
    resolution_m: Annotated[Number, Field(ge=0.01, le=5)] = 0.1
    into_green_m: Annotated[Number, Field(ge=0, le=1)] = 0.05
    side_branches_m: Annotated[list[Metres], Field(max_length=60)] = []
    judged: bool = True


class ScratchOut(Answer):
    """Where to scratch next, or the boundary (green to, dead from) and the cut: what to keep, 0 off at the base, None no cut."""

    next_at_m: float | None
    boundary: list[float | None]
    cut_at_m: float | None
    patchy: bool
    scratches_left: int
    says: str


class FrostVerdictIn(Asked):
    """What is known of a hurt tree."""

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


class FrostVerdictOut(Answer):
    """Alive above the union, only the rootstock, wait, or dead; the day to judge and the day to cut, never past."""

    verdict: Literal["alive", "rootstock-only", "wait", "dead"]
    provisional: bool
    judge_on: IsoDate
    cut_on: IsoDate
    may_cut: bool
    postponed: bool
    look_again: IsoDate | None
    reasons: list[ReasonOut]


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


class RecoveryIn(Asked):
    """A class, the tree, and its usual crop. ``live_bark``: share of the trunk's round that lives; ``live_above_m``: live wood above the union."""

    frost_class: FrostClass = Field(alias="class")
    age_years: Annotated[Number, Field(ge=0, le=300)]
    normal_kg: Annotated[Number, Field(ge=0, le=5000)]
    trees: Annotated[Counted, Field(ge=1, le=1_000_000)] = 1
    years: Annotated[Counted, Field(ge=1, le=20)] = 10
    replant_on: IsoDate | None = None
    live_bark: Annotated[Number, Field(ge=0, le=1)] | None = None
    live_above_m: Metres | None = None
    canopy_lost: Annotated[Number, Field(ge=0, le=1)] | None = None


class FeedOut(Answer):
    """Nitrogen and water against the usual."""

    nitrogen: float
    water: float
    reason: ReasonOut


class RecoveryOut(Answer):
    """Crop by year, as a share and in kilograms, against a tree replanted."""

    shares: list[float]
    kg: list[float]
    lost_kg: float
    replant: list[float]
    replant_lost_kg: float
    advice: Literal["rehabilitate", "replant", "wait"]
    reasons: list[ReasonOut]
    feed: FeedOut | None = None


class NightIn(Asked):
    """A cold night at the station. ``save``: write the classes down."""

    day: IsoDate
    min_c: MinC
    hours: Hours = 4
    save: bool = False


class HurtTreeOut(Answer):
    """A tree on the night."""

    tree_id: str
    name: str
    species: str
    at_c: float
    damage: FrostDamageOut
    first: str


class HurtBlockOut(Answer):
    """A block on the night: how many of each class, and the crop it will miss next."""

    block_id: str
    name: str
    at_c: float
    classes: dict[str, int]
    missed_kg: float | None


class NightOut(Answer):
    """A cold night, the trees that must be seen to first at the top."""

    day: IsoDate
    blocks: list[HurtBlockOut]
    trees: list[HurtTreeOut]
    unknown: list[str]
    salvage_by: list[IsoDate]
    saved: int


class HurtOut(Answer):
    """A tree that bears a class."""

    tree_id: str
    name: str
    frost_class: FrostClass
    night: IsoDate


class HurtsOut(Answer):
    """Trees hurt by frost, the worst first."""

    trees: list[HurtOut]


class TreeScratchIn(Asked):
    """A scratch on a limb of a stored tree."""

    id: Uuid
    limb: Key
    at_m: Metres
    green: bool
    day: IsoDate | None = None


class SignOut(Answer):
    """What to look for between two days."""

    start: IsoDate
    end: IsoDate
    sign: str
    means: str


class ReadingOut(Answer):
    """A scratch that holds."""

    at_m: float
    green: bool


class LimbTestOut(Answer):
    """A limb and its scratches; ``moved_m``: how far its edge went down since the test before."""

    limb: str
    name: str
    length_m: float
    readings: list[ReadingOut]
    found: ScratchOut
    moved_m: float | None


class TreeFrostOut(Answer):
    """A hurt tree; ``hurt`` is False for one that was not, and then there is nothing else."""

    hurt: bool
    today: IsoDate
    name: str = ""
    frost_class: FrostClass | None = None
    night: IsoDate | None = None
    verdict: FrostVerdictOut | None = None
    signs: list[SignOut] = []
    limbs: list[LimbTestOut] = []
    dead_share: float = 0
    feed: FeedOut | None = None
    recovery: RecoveryOut | None = None
    usual_kg: float | None = None
    leaders: LeaderOut | None = None
    names: dict[str, str] = {}
    frame: DrawnFrame | None = None
