"""One hurt tree: verdict, looks, scratches, cuts in their stages, what is grown on."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frost.classes import FrostClass
from ...core.frost.looks import Worth
from .base import Against, Answer, Asked, IsoDate, Key, Metres, Number, Units, Uuid, Written
from .calc.frost import FeedOut, FrostVerdictOut, LeaderOut, RecoveryOut, ScratchOut, StemRoundOut
from .calc.plan import WhitewashOut
from .cutting import AdviceOut
from .frames import DrawnFrame
from .shared import ReasonOut


class TreeScratchIn(Asked):
    """A scratch on a limb of a stored tree, or (limb ``trunk`` with a bearing) on a side of its
    trunk.
    """

    id: Uuid
    limb: Key
    at_m: Metres
    green: bool
    day: IsoDate | None = None
    bearing_deg: Annotated[Number, Field(ge=0, le=360)] | None = None


class LookIn(Asked):
    """What was seen of a hurt tree."""

    id: Uuid
    sign: Key
    day: IsoDate | None = None


class SayClassIn(Against):
    """The class the tree itself shows; F0: it came back. ``night``: of a tree that bore no class
    yet, else the site's last one.
    """

    frost_class: FrostClass = Field(alias="class")
    night: IsoDate | None = None


class SignOut(Answer):
    """What to look for between two days."""

    start: IsoDate
    end: IsoDate
    sign: str
    means: str
    when: Literal["past", "now", "ahead"]


class SignKindOut(Answer):
    """A sign that can be written down; before ``too_early`` it means nothing."""

    sign: str
    asks: str
    too_early: IsoDate | None


class WeighedOut(Answer):
    """A look with what it is worth."""

    day: IsoDate
    sign: str
    seen: str
    worth: Worth
    says: str
    again: IsoDate | None


class LooksOut(Answer):
    """Looks, the newest first; a class the tree itself speaks for, where it differs from the
    written one.
    """

    looks: list[WeighedOut]
    suggests: FrostClass | None
    collapsed_on: IsoDate | None


class ReadingOut(Answer):
    """A scratch that holds."""

    at_m: float
    green: bool


class LimbTestOut(Answer):
    """A limb and its scratches; ``moved_m``: how far its edge went down since the test before;
    ``again_at_m``: where one scratch shows whether it still holds.
    """

    limb: str
    name: str
    length_m: float
    readings: list[ReadingOut]
    found: ScratchOut
    moved_m: float | None
    tested_on: IsoDate | None
    again_at_m: float | None


class RoundReadingOut(Answer):
    """A scratch on a side of the trunk."""

    bearing_deg: float
    green: bool


class StemTestOut(Answer):
    """Scratches round the trunk at a height above ground."""

    at_m: float
    readings: list[RoundReadingOut]
    found: StemRoundOut
    decides: ReasonOut


class ForeseenOut(Answer):
    """What the night was reckoned to do to the tree."""

    at_c: float
    frost_class: FrostClass
    possible: FrostClass | None


class BarkPaintOut(Answer):
    """Where to paint and how much; None where the tree is not drawn."""

    where: ReasonOut
    paint: WhitewashOut | None


class SaidAliveOut(Answer):
    """Whether it was found alive on one side of its union, and when."""

    kind: Literal["frost_above", "frost_below"]
    alive: bool
    day: IsoDate


class TreeFrostOut(Answer):
    """A hurt tree; ``hurt`` is False for one that bears no class, and then there is nothing else.
    ``scratch_from``: only while it lies ahead.

    ``as_of``: the newest act that this answer knows of; what is written against it says so.
    """

    hurt: bool
    today: IsoDate
    as_of: int
    name: str = ""
    frost_class: FrostClass | None = None
    night: IsoDate | None = None
    foreseen: ForeseenOut | None = None
    verdict: FrostVerdictOut | None = None
    signs: list[SignOut] = []
    looks: LooksOut | None = None
    sign_kinds: list[SignKindOut] = []
    scratch_from: IsoDate | None = None
    uncertain_c: float = 0
    limbs: list[LimbTestOut] = []
    stem: StemTestOut | None = None
    dead_share: float = 0
    scratched: bool = False
    feed: FeedOut | None = None
    bark: BarkPaintOut | None = None
    recovery: RecoveryOut | None = None
    usual_kg: float | None = None
    frame: DrawnFrame | None = None
    alive: list[SaidAliveOut] = []


class UnitsQuery(Asked):
    """The units sentences speak in."""

    units: Units = "metric"


class StageCutOut(Answer):
    """A cut of a stage, how it is made, and what dead wood asks for besides."""

    advice: AdviceOut
    wound_mm: float
    hand_kg: float
    notes: list[ReasonOut]


class FrostStageOut(Answer):
    """A stage: its day, whether it is open, its cuts in working order, twigs that may hang, and
    limbs gone after it.
    """

    name: Literal["hazards", "suckers", "dead", "shaping"]
    when: IsoDate
    may: bool
    reason: ReasonOut
    cuts: list[StageCutOut]
    minutes: float
    left: list[str]
    gone: list[str]


class FrostStagesOut(Answer):
    """The stages in their order; none for a tree that bears no class or is not drawn."""

    stages: list[FrostStageOut]


class StageSheetIn(Asked):
    """A sheet for one stage."""

    id: Uuid
    stage: Literal["hazards", "suckers", "dead", "shaping"]


class GrowOnQuery(Asked):
    """A form in place of the tree's stance."""

    form: Literal["tree", "bush", "leader"] | None = None


class GrowOnIn(Written):
    """The shoots that are grown on, the best first."""

    keep: Annotated[list[Key], Field(max_length=12)]
    form: Literal["tree", "bush", "leader"] | None = None


class NewShootIn(Asked):
    """A shoot that came out of the trunk since the freeze."""

    id: Key
    at_m: Metres
    diameter_mm: Annotated[Number, Field(ge=1, le=300)]
    length_m: Annotated[Number, Field(ge=0.01, le=10)]
    rise_deg: Annotated[Number, Field(ge=-90, le=90)]
    bearing_deg: Annotated[Number, Field(ge=0, le=360)]


class GrowOnOut(Answer):
    """Shoots that could be grown on, with their names; ``chosen``: those that were."""

    hurt: bool
    form: Literal["tree", "bush", "leader"] = "tree"
    leaders: LeaderOut | None = None
    chosen: list[str] = []
    chosen_on: IsoDate | None = None
    names: dict[str, str] = {}
