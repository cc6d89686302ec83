"""Towns and the climate that is proposed for them."""

from __future__ import annotations

from typing import Annotated

from pydantic import BaseModel, Field

from .base import Answer, Asked


class TownQuery(Asked):
    """How a town's name begins; a region or country may follow a comma."""

    q: Annotated[str, Field(min_length=1, max_length=80)]


class PositionQuery(BaseModel):
    """A position [degrees]."""

    latitude: Annotated[float, Field(ge=-90, le=90, allow_inf_nan=False)]
    longitude: Annotated[float, Field(ge=-180, le=180, allow_inf_nan=False)]


class ZoneQuery(Asked):
    """A hardiness zone, such as 7b."""

    zone: Annotated[str, Field(min_length=1, max_length=10)]


class ClimateOfOut(Answer):
    """A shipped climate, why, and the next that would do."""

    climate: str
    why: str
    runner_up: str


class TownOut(ClimateOfOut):
    """A town with its climate."""

    name: str
    region: str | None
    country: str
    latitude: float
    longitude: float
    people: int


class TownsOut(Answer):
    """Towns, the largest first."""

    places: list[TownOut]


class NearOut(ClimateOfOut):
    """The climate of a position, and the town that is near."""

    name: str | None
    country: str | None
