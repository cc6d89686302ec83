"""Whose shoot it is."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ....core.shoot.case import Whose
from ..base import Answer, Asked, IsoDate, Key, Number, Share
from ..shared import ReasonOut


class PriorIn(Asked):
    """How likely each kind is before any clue; the three sum to one."""

    rootstock_sucker: Share
    water_sprout: Share
    scion_shoot: Share


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
