"""The walk under the tree: what is asked, what is answered, and what it comes to."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.season.model import Status
from .base import Answer, Asked, Counted, IsoDate, Key, Uuid, Work
from .frames import DrawnFrame
from .shared import PhotoOut, ReasonOut, VerdictOut
from .shoots import QuestionOut


class WalkIn(Asked):
    """Begin a walk under an id made by the device; ``day`` for one begun without signal;
    ``look``: what it is for, a row of the catalogue.
    """

    id: Uuid
    day: IsoDate | None = None
    look: Key | None = None


class WalkLookIn(Asked):
    """What a walk is for from now on, a row of the catalogue."""

    look: Key


class WalkAnswerIn(Asked):
    """An answer under an id made by the device; null takes it back. ``seen``: id of the answer the
    device knew of, empty for none.

    One choice; several with a space between; a number in m, mm, kg or a count; counts with a space
    between; limbs as ``id@kept metres``; ``later`` puts an open question off.
    """

    id: Uuid
    question: Key
    answer: Annotated[str, Field(max_length=2000)] | None
    seen: Annotated[str, Field(max_length=36)] | None = None


class WalkQuickIn(Asked):
    """A tree looked at in passing: nothing to do, so many rubbed off, or trained."""

    id: Uuid
    suckers: Annotated[Counted, Field(ge=0, le=200)] = 0
    sprouts: Annotated[Counted, Field(ge=0, le=500)] = 0
    trained: bool = False
    day: IsoDate | None = None


class WalksQuickIn(WalkQuickIn):
    """Many trees looked at in passing, the same of each."""

    tree_ids: Annotated[list[Uuid], Field(min_length=1, max_length=2000)]


class LookedOut(Answer):
    """How many trees were looked at."""

    trees: int


class WalkPlanIn(Asked):
    """Make the cut sheet of a walk under an id made by the device."""

    id: Uuid


class WalkPlanOut(Answer):
    """The sheet that was made."""

    id: str


class WalkChoiceOut(Answer):
    """One answer to a question; ``alone`` says there is nothing else, ``ends`` ends the walk."""

    answer: str
    says: str
    alone: bool
    ends: bool


class LimbOptionOut(Answer):
    """A limb that may be meant, where it would be cut and what that costs; ``why``: the drawing
    shows it.
    """

    limb: str
    name: str
    keep_m: float
    share: float | None
    fruit: int
    wound_mm: float
    why: ReasonOut | None


class WalkQuestionOut(Answer):
    """One thing to look at; asked when an answer of ``after`` (question-answer) is given, always
    where there is none.
    """

    id: str
    step: str
    kind: Literal[
        "one", "many", "length", "diameter", "gap", "mass", "count", "figure", "counts", "limbs"
    ]
    asks: str
    help: str
    after: list[str]
    low: float
    high: float
    choices: list[WalkChoiceOut]
    skipped: ReasonOut | None
    notes: list[ReasonOut]
    limbs: list[LimbOptionOut]
    given: str | None
    given_id: str | None


class WalkStepOut(Answer):
    """A stage of the walk and its hazard."""

    id: str
    title: str
    hazard: str


class NamedCutOut(Answer):
    """A cut that a finding named."""

    limb: str
    keep_m: float


class FindingOut(Answer):
    """What an answer found; ``work`` is null where nothing is to be cut; ``verdict``: whether that
    may be done today; ``done``: it was, on the spot or since.
    """

    answer: str
    step: str
    text: str
    work: Work | None
    again: IsoDate | None
    reasons: list[ReasonOut]
    cuts: list[NamedCutOut]
    verdict: VerdictOut | None
    done: bool


class LookOut(Answer):
    """A look by what it is for. ``questions``: ids of what it asks of this tree."""

    id: str
    says: str
    questions: list[str]


class CrossingOut(Answer):
    """Two devices answered one question without knowing of each other."""

    question: str
    holds: str
    other: str


class WalkCutOut(Answer):
    """One named cut with its place in words and its cost."""

    limb: str
    keep_m: float
    position: str
    share: float | None
    fruit_lost: int
    wound_mm: float
    void: bool
    free: bool


class WalkCutsOut(Answer):
    """The named cuts together, against the day's limit for the work that takes most."""

    work: Work
    verdict: VerdictOut
    sentence: str
    fits: bool
    fruit_lost: int
    minutes: float
    gone: list[str]
    cuts: list[WalkCutOut]


class PhotoQuery(Asked):
    """Whose photo (of one tree, row or block), of which moment and day."""

    tree_id: Uuid | None = None
    row_id: Uuid | None = None
    block_id: Uuid | None = None
    moment: Literal["before", "after"]
    day: IsoDate | None = None


class PhotosQuery(Asked):
    """Which row or block."""

    row_id: Uuid | None = None
    block_id: Uuid | None = None


class AfterCutOut(Answer):
    """A look that follows once the named cuts are made."""

    due: IsoDate
    does: str


class InGroupOut(Answer):
    """A tree of a group that is looked at as one [m]; ``looked``: on the day."""

    tree_id: str
    name: str
    height_m: float | None
    looked: bool


class WalkOut(Answer):
    """A walk as it stands; without an id where it is not begun."""

    id: str | None
    tree_id: str
    row_id: str
    name: str
    day: IsoDate
    state: Literal["blank", "open", "done"]
    look: str
    looks: list[LookOut]
    steps: list[WalkStepOut]
    questions: list[WalkQuestionOut]
    at: str | None
    findings: list[FindingOut]
    nothing: bool
    look_again: IsoDate
    reasons: list[ReasonOut]
    crossings: list[CrossingOut]
    frame: DrawnFrame | None
    cap_m: float | None
    reach_m: float
    cuts: WalkCutsOut | None
    after_cuts: list[AfterCutOut]
    next_tree: str | None
    photos: list[PhotoOut]
    group: list[InGroupOut] = []
    group_says: list[ReasonOut] = []


class WalkFormOut(WalkOut):
    """What a phone takes along for a tree: its walk, and the questions of whose shoot it is in the
    order that decides soonest.
    """

    shoot: list[QuestionOut]


class RowTreeOut(Answer):
    """A tree of a row with its last walk."""

    tree_id: str
    name: str
    kind: str
    walked: IsoDate | None
    state: Literal["never", "open", "done", "passed"]
    need: str
    tone: Status
    young: bool


class RowWalkOut(Answer):
    """A row as it is walked."""

    row_id: str
    block: str
    n: int
    day: IsoDate
    trees: list[RowTreeOut]
    open_sheets: int
    one_pass: ReasonOut | None
