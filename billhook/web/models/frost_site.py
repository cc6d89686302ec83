"""A cold night over a site: before it, what it hurt, and the record for next time."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...core.frost.classes import FrostClass
from .base import Answer, Asked, Counted, IsoDate, Text, Uuid, Written
from .calc.frost import FrostDamageOut, Hours, MinC, RecoveryOut
from .shared import ReasonOut


class NightIn(Written):
    """A cold night at the station; ``hours``: null where nobody knows. ``save``: write the night
    and its classes down.
    """

    day: IsoDate
    min_c: MinC
    hours: Hours | None = None
    dry_soil: bool = False
    source: Text = "typed"
    save: bool = False


class ColdNightOut(Answer):
    """A night the station measured, and the air in the coldest block."""

    day: IsoDate
    min_c: float
    at_c: float
    block: str
    saved: bool


class ColdNightsOut(Answer):
    """Cold nights of the station, the newest first, and the next one foreseen."""

    station: str
    simulated: bool
    nights: list[ColdNightOut]
    foreseen: ColdNightOut | None


class HurtTreeOut(Answer):
    """A tree on the night."""

    tree_id: str
    name: str
    species: str
    at_c: float
    damage: FrostDamageOut
    first: str


class HurtBlockOut(Answer):
    """A block on the night: how many of each class, the crop it will miss next, the share of
    hanging fruit that is hurt.
    """

    block_id: str
    name: str
    at_c: float
    classes: dict[str, int]
    missed_kg: float | None
    fruit_hurt: float | None


class SalvageOut(Answer):
    """Days for the cut test, and the two last days for juice."""

    test_from: IsoDate
    test_to: IsoDate
    early: IsoDate
    late: IsoDate
    warm: bool


class NightOut(Answer):
    """A cold night, the trees that must be seen to first at the top."""

    day: IsoDate
    min_c: float
    hours: float | None
    blocks: list[HurtBlockOut]
    trees: list[HurtTreeOut]
    unknown: list[str]
    salvage: SalvageOut
    saved: int
    uncertain_c: float


class ProtectionOut(Answer):
    """What is put on, when it comes off, and for how many trees."""

    kind: str
    on: IsoDate
    off: IsoDate
    does: str
    takes_off: str
    trees: int
    reason: ReasonOut


class BlockBeforeOut(Answer):
    """A block before the frosts."""

    block_id: str
    name: str
    protections: list[ProtectionOut]
    night: IsoDate | None
    at_c: float | None
    tonight: list[ReasonOut]


class BeforeOut(Answer):
    """Blocks that have something to protect, the coldest first."""

    blocks: list[BlockBeforeOut]


class ProtectIn(Written):
    """A block whose banks and wraps go among the come-backs."""

    block_id: Uuid


class ProtectOut(Answer):
    """How many come-backs were set."""

    set: int


class BlockCutTestIn(Asked):
    """A sample of a block's fruit."""

    id: Uuid
    block_id: Uuid
    cut: Annotated[Counted, Field(ge=0, le=10_000)]
    hurt: Annotated[Counted, Field(ge=0, le=10_000)]


class HurtOut(Answer):
    """A tree that bears a class."""

    tree_id: str
    name: str
    frost_class: FrostClass
    night: IsoDate


class HurtsOut(Answer):
    """Trees hurt by frost, the worst first; a class is off by so much either way."""

    trees: list[HurtOut]
    uncertain_c: float


class FrostPlaceOut(Answer):
    """A place where a tree was hurt."""

    tree_id: str
    name: str
    x: float
    y: float
    worst: FrostClass
    nights: int
    coldest_c: float | None
    stands: Literal["hurt", "back", "lost"]


class NightKeptOut(Answer):
    """A night with what was found of it."""

    day: IsoDate
    min_c: float | None
    hours: float | None
    source: str
    classes: dict[str, int]
    came_back: int
    lost: int


class BlockColdOut(Answer):
    """A block in the cold."""

    block_id: str
    name: str
    offset_c: float
    coldest_c: float | None
    hurt: int
    trees: int


class FrostRecordOut(Answer):
    """Nights, the newest first; blocks, the coldest first; places, the worst first."""

    nights: list[NightKeptOut]
    blocks: list[BlockColdOut]
    places: list[FrostPlaceOut]


class RecoveryGroupOut(Answer):
    """Like trees of a block and what is advised for them."""

    frost_class: FrostClass
    kind_name: str
    trees: int
    recovery: RecoveryOut


class BlockRecoveryOut(Answer):
    """Crop of a block by year; kilograms are 0 where nobody wrote a crop down, and ``known`` is
    False.
    """

    known: bool
    usual_kg: float
    kg: list[float]
    replant_kg: list[float]
    lost_kg: float
    heal_all_lost_kg: float
    replant_lost_kg: float
    groups: list[RecoveryGroupOut]
