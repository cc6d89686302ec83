"""Practice trees and the course."""

from __future__ import annotations

from typing import Annotated

from pydantic import BeforeValidator, Field

from ...core.practice.debrief import RemarkKind
from .base import Answer, Asked, IsoDate, Said, whole
from .calc.grow import Seed
from .frames import CutIn, DrawnFrame


class TroubleOut(Answer):
    """A trouble, and its place in the course, 0 for none."""

    id: str
    name: str
    story: str
    lesson: int


class TroublesOut(Answer):
    """Every trouble, those of the course first; what could hurt somebody."""

    troubles: list[TroubleOut]
    dangers: list[str]


class TroublePath(Asked):
    """Names a trouble."""

    id: Annotated[str, Field(max_length=40)]


class SeedQuery(Asked):
    """Which of the trees with this trouble."""

    seed: Annotated[int, BeforeValidator(whole), Field(ge=0, le=2_000_000_000)] = 0


class ClueOut(Answer):
    """What the eye sees of a limb that asks for a decision."""

    limb: str
    name: str
    looks: Said


class PracticeOut(Answer):
    """A practice tree to be looked at."""

    trouble: TroubleOut
    seed: int
    kind_name: str
    climate_name: str
    age_years: int
    day: IsoDate
    frame: DrawnFrame
    clues: list[ClueOut]


class RemarkOut(Answer):
    """A difference, with what it costs over the seasons looked at, and when it is made good."""

    kind: RemarkKind
    limb: str | None
    crop: float
    minutes: float
    years: float
    text: Said


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
    cuts: list[PracticeCutOut]
    share: float
    crops: float
    height_m: float
    minutes: float


class DebriefOut(Answer):
    """Every difference, the gravest first; what was done, what is right, and what plans do."""

    remarks: list[RemarkOut]
    better: IsoDate | None
    yours: PlanOfWayOut
    right: PlanOfWayOut
    ways: list[PlanOfWayOut]
    seasons: int


class DecideIn(Asked):
    """A decision: cuts, or to wait; which dangers were looked for first."""

    seed: Seed = 0
    cuts: Annotated[list[CutIn], Field(max_length=60)] = []
    wait: bool = False
    seen: Annotated[list[Annotated[str, Field(max_length=20)]], Field(max_length=10)] = []


class DecisionOut(Answer):
    """A decision that is offered, with its debrief."""

    says: Said
    cuts: list[PracticeCutOut]
    wait: bool
    right: bool
    debrief: DebriefOut


class HazardOut(Answer):
    """What could hurt somebody at this tree, and what is said where it was not looked for."""

    id: str
    text: Said


class LessonOut(PracticeOut):
    """A lesson: the tree, and the choices with what is said of each."""

    n: int
    dangers: list[HazardOut]
    choices: list[DecisionOut]
