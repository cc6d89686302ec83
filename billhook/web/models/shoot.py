"""Calculators under the tree: whose shoot, droop, fruit, pots."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.shoot.judge import Whose
from .base import Answer, Asked, Counted, IsoDate, Number
from .shared import ReasonOut

Key = Annotated[str, Field(max_length=60)]
Chance = Annotated[Number, Field(ge=0, le=1)]


class PriorIn(Asked):
    """How likely each kind is before any clue; the three sum to one."""

    rootstock_sucker: Chance
    water_sprout: Chance
    scion_shoot: Chance


class ShootIn(Asked):
    """A shoot and its tree; ``clues`` by name, as GET /api/catalogue?prefix=shoot-clues lists
    them.
    """

    scion: Key
    rootstock: Key | None
    cultivar: Key | None = None
    clues: Annotated[dict[Key, Key], Field(max_length=30)] = {}
    prior: PriorIn | None = None
    region: Key = "mediterranean"
    union_seen: bool = False
    only_living_shoots: bool = False
    many_grafts: bool = False
    after_freeze: bool = False
    date: IsoDate | None = None
    southern: bool = False
    diameter_mm: Annotated[Number, Field(gt=0, le=500)] | None = None


class EvidenceOut(Answer):
    """One clue; ``weight`` is positive for the stock, negative for the scion (natural log)."""

    clue: str
    value: str
    weight: float
    says: str


class ShootOut(Answer):
    """Whose shoot it is, and the clue that would settle most."""

    verdict: Whose
    probabilities: dict[str, float]
    evidence: list[EvidenceOut]
    ask_next: str | None
    action: str
    reasons: list[ReasonOut]


class PullIn(Asked):
    """A known mass hung at the tip, and how far it came down."""

    mass_kg: Annotated[Number, Field(ge=0.05, le=100)]
    drop_m: Annotated[Number, Field(ge=0.001, le=5)]


class DroopIn(Asked):
    """A limb and its load; the wood of a species, or its modulus, or a pull test."""

    length_m: Annotated[Number, Field(ge=0.05, le=15)]
    base_mm: Annotated[Number, Field(ge=2, le=1000)]
    tip_mm: Annotated[Number, Field(ge=1, le=1000)]
    species: Key = "sweet-orange"
    elastic_gpa: Annotated[Number, Field(ge=1, le=20)] | None = None
    pull_test: PullIn | None = None
    load_kg: Annotated[Number, Field(gt=0, le=500)]
    load_at: Annotated[Number, Field(ge=0.05, le=1)] = 1.0
    tip_height_m: Annotated[Number, Field(ge=0, le=20)]
    clearance_m: Annotated[Number, Field(ge=0, le=5)]


class DroopOut(Answer):
    """How far the tip comes down, and whether it touches."""

    drop_m: float
    tip_height_loaded_m: float
    touches_ground: bool
    below_clearance: bool
    method: Literal["beam", "pull_test"]
    linear: bool
    reasons: list[ReasonOut]


class ThinningIn(Asked):
    """Counts of some clusters, what is left on each, and how many clusters there are."""

    counts: Annotated[
        list[Annotated[Counted, Field(ge=0, le=500)]], Field(min_length=1, max_length=500)
    ]
    keep: Annotated[Counted, Field(ge=0, le=50)]
    clusters: Annotated[Counted, Field(ge=1, le=100_000)]


class ThinningOut(Answer):
    """Fruit to remove, with the interval that covers the truth 19 times in 20."""

    per_cluster: float
    low: float
    high: float
    remove: int
    remove_low: int
    remove_high: int
    enough: bool
    reasons: list[ReasonOut]


class CropLoadIn(Asked):
    """Trunks, the year in the ground, and what hangs."""

    trunks_mm: Annotated[
        list[Annotated[Number, Field(ge=1, le=2000)]], Field(min_length=1, max_length=12)
    ]
    year_in_ground: Annotated[Counted, Field(ge=1, le=200)]
    fruit: Annotated[Counted, Field(ge=0, le=100_000)]
    fruit_kg: Annotated[Number, Field(ge=0.001, le=10)]


class CropLoadOut(Answer):
    """What the trunk carries, and what comes off."""

    section_cm2: float
    limit_kg: float
    limit_fruit: int
    hangs_kg: float
    remove: int
    reasons: list[ReasonOut]


class PotIn(Asked):
    """A pot, its tree, and the room it winters in."""

    pot_l: Annotated[Number, Field(ge=1, le=2000)]
    height_m: Annotated[Number, Field(ge=0, le=10)]
    windy: bool = False
    winter_room_m: Annotated[Number, Field(ge=0.5, le=10)] | None = None
    pot_height_m: Annotated[Number, Field(ge=0, le=2)] = 0.0


class PotOut(Answer):
    """How tall the tree may be above its soil."""

    cap_m: float
    by: Literal["pot", "winter room"]
    shorten_m: float
    reasons: list[ReasonOut]


class FlaggingIn(Asked):
    """Tips that die back on a tree in a pot."""

    dead_tips: Chance
    height_m: Annotated[Number, Field(gt=0, le=10)]
    stage: Literal["small_leaves", "bare_green", "dead"]


class FlaggingOut(Answer):
    """How much comes off the top."""

    shorten_from_m: float
    shorten_to_m: float
    stage: str
    reasons: list[ReasonOut]


class TreeShootIn(Asked):
    """What was seen of a shoot of a stored tree; ``skip`` names clues that cannot be told."""

    clues: Annotated[dict[Key, Key], Field(max_length=30)] = {}
    skip: Annotated[list[Key], Field(max_length=30)] = []
    union_seen: bool = False
    only_living_shoots: bool = False
    many_grafts: bool = False
    diameter_mm: Annotated[Number, Field(gt=0, le=500)] | None = None


class ChoiceOut(Answer):
    """One answer to a question, in the record's word and the grower's."""

    value: str
    says: str


class QuestionOut(Answer):
    """A clue as it is asked."""

    clue: str
    asks: str
    answers: list[ChoiceOut]


class TreeShootOut(ShootOut):
    """The answer so far and the next question; null once it is settled."""

    name: str
    headline: str
    question: QuestionOut | None
    asked: list[QuestionOut]
    hazards: list[str]
