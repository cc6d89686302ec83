"""Practice trees and the course."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from ...core.practice.debrief import RemarkKind
from .base import Answer, Asked, IsoDate, whole
from .calc.grow import Seed
from .frames import CutIn, DrawnFrame


class PracticeKindOut(Answer):
    """A kind of tree that can be practised on."""

    id: str
    name: str


class TroubleOut(Answer):
    """A trouble, its place in the course, 0 for none, and the kinds it is met in."""

    id: str
    name: str
    story: str
    lesson: int
    kinds: list[PracticeKindOut]


class TroublesOut(Answer):
    """Every trouble, those of the course first; what could hurt somebody; after how many days a
    lesson that went wrong comes back: once, twice, and from then on.
    """

    troubles: list[TroubleOut]
    dangers: list[str]
    comes_back_days: list[int]


class TroublePath(Asked):
    """Names a trouble."""

    id: Annotated[str, Field(max_length=40)]


class SeedQuery(Asked):
    """Which of the trees with this trouble, and of what kind; if not said, by the seed."""

    seed: Annotated[int, BeforeValidator(whole), Field(ge=0, le=2_000_000_000)] = 0
    kind: Annotated[str, Field(max_length=40)] | None = None


class ClueOut(Answer):
    """What the eye sees of a limb that asks for a decision."""

    limb: str
    name: str
    looks: str


class PracticeOut(Answer):
    """A practice tree to be looked at. days: on which it may be cut; pot_l, wanted_m: of its pot
    and of the room it is to fit into.
    """

    trouble: TroubleOut
    seed: int
    kind_name: str
    climate_name: str
    age_years: int
    day: IsoDate
    days: list[IsoDate]
    wanted_m: float | None
    pot_l: float | None
    frame: DrawnFrame
    clues: list[ClueOut]


class RemarkOut(Answer):
    """A difference, with what it costs over the seasons looked at, and when it is made good."""

    kind: RemarkKind
    limb: str | None
    crop: float
    minutes: float
    years: float
    text: str


class PracticeCutOut(Answer):
    """A cut, and the name of its limb."""

    limb: str
    keep_m: float
    name: str


class PlanOfWayOut(Answer):
    """What a way of working cuts, and what it comes to over the seasons looked at; an empty name
    where nothing is done.
    """

    name: str
    day: IsoDate
    cuts: list[PracticeCutOut]
    share: float
    crops: float
    height_m: float
    minutes: float


class DebriefOut(Answer):
    """Every difference, the gravest first; what was done, what is right, and what plans do: one's
    own way, another, nothing. alike: the other way does the same on the same day.
    """

    remarks: list[RemarkOut]
    better: IsoDate | None
    yours: PlanOfWayOut
    right: PlanOfWayOut
    ways: list[PlanOfWayOut]
    alike: bool
    seasons: int


class DecideIn(Asked):
    """A decision: cuts, or to wait; on which day, if not today; which dangers were looked for
    first.
    """

    seed: Seed = 0
    kind: Annotated[str, Field(max_length=40)] | None = None
    cuts: Annotated[list[CutIn], Field(max_length=60)] = []
    wait: bool = False
    on: IsoDate | None = None
    seen: Annotated[list[Annotated[str, Field(max_length=20)]], Field(max_length=10)] = []


class DecisionOut(Answer):
    """A decision that is offered, with its debrief."""

    says: str
    cuts: list[PracticeCutOut]
    wait: bool
    right: bool
    debrief: DebriefOut


class HazardOut(Answer):
    """What could hurt somebody at this tree, and what is said where it was not looked for."""

    id: str
    text: str


class LessonOut(PracticeOut):
    """A lesson: the tree, and the choices with what is said of each."""

    n: int
    dangers: list[HazardOut]
    choices: list[DecisionOut]
