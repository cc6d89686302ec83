"""A place and the days measured there."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .base import Answer, Counted, IsoDate, MonthDayText, Number, Written
from .calc.season import Twelve


class SiteViewOut(Answer):
    """A place with the normals in force and where they come from."""

    id: str
    name: str
    version: int
    latitude: float
    longitude: float | None
    elevation_m: float | None
    climate: str
    tmin_c: list[float]
    tmax_c: list[float]
    origin: str
    last_frost: str | None
    first_frost: str | None
    dangers: list[str]


class DangerOut(Answer):
    """A pest or disease of a region that moves windows."""

    id: str
    name: str
    says: str


class DangersOut(Answer):
    """What may be about in a region."""

    dangers: list[DangerOut]


class SiteIn(Written):
    """A place, corrected."""

    version: Annotated[Counted, Field(ge=1)]
    latitude: Annotated[Number, Field(ge=-66, le=66)]
    longitude: Annotated[Number, Field(ge=-180, le=180)] | None = None
    elevation_m: Annotated[Number, Field(ge=-430, le=5000)] | None = None
    climate: Annotated[str, Field(max_length=60)]
    tmin_c: Twelve
    tmax_c: Twelve
    last_frost: MonthDayText
    first_frost: MonthDayText
    dangers: Annotated[list[Annotated[str, Field(max_length=40)]], Field(max_length=20)] = []


class DaysIn(Written):
    """A station's daily series as CSV text; ``accept`` names what is left as it is."""

    text: Annotated[str, Field(min_length=1, max_length=4_000_000)]
    accept: Annotated[
        list[Literal["gaps", "duplicates", "swapped", "fahrenheit"]], Field(max_length=4)
    ] = []
    risk: Annotated[Number, Field(ge=0.02, le=0.5)] = 0.1
    save: bool = False
    as_normals: bool = False


class DayProblemOut(Answer):
    """What is wrong on a line (0: the whole list); ``accept`` is the word that lets it pass, null
    where it must be mended.
    """

    line: int
    column: str
    message: str
    accept: str | None


class DaysOut(Answer):
    """What a series holds and would make of the place."""

    count: int
    problems: list[DayProblemOut]
    problem_count: int
    tmin_c: list[float] | None
    tmax_c: list[float] | None
    last_frost: str | None
    first_frost: str | None
    hot_from: str | None
    hot_to: str | None
    first: IsoDate | None
    last: IsoDate | None
    years: int | None
    why_not: str | None
    saved: bool


class QrOut(Answer):
    """A QR code: ``side`` in modules without the quiet zone, ``path`` of its dark ones for an
    SVG.
    """

    side: int
    path: str


class LinkOut(Answer):
    """An address, also as a code to point a phone at."""

    url: str
    qr: QrOut


class AddressOut(Answer):
    """Where phones on the network open Billhook; null where it listens to this machine alone.
    ``trust``: where they take in the certificate of this computer, null where there is none.
    """

    url: str | None
    secure: bool
    qr: QrOut | None
    trust: LinkOut | None
