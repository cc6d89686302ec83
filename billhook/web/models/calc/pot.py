"""Trees in pots."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ..base import Answer, Asked, Number, Share
from ..shared import ReasonOut


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

    dead_tips: Share
    height_m: Annotated[Number, Field(gt=0, le=10)]
    stage: Literal["small_leaves", "bare_green", "dead"]


class FlaggingOut(Answer):
    """How much comes off the top."""

    shorten_from_m: float
    shorten_to_m: float
    stage: str
    reasons: list[ReasonOut]
