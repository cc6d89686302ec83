"""What the season is asked about, and what it answers."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Literal, get_args

from ..frost.classes import FrostClass
from ..reasons import Reason
from ..words.values import Value, say
from .normals import Floats, Normals

MonthDay = tuple[int, int]
Status = Literal["go", "light", "wait", "stop"]
STATUSES: tuple[Status, ...] = get_args(Status)
STRICTNESS: dict[Status, int] = {"go": 0, "light": 1, "wait": 2, "stop": 3}
Work = Literal[
    "sucker",
    "sprout",
    "sanitation",
    "fruit",
    "skirt",
    "thin",
    "height",
    "hedge",
    "shear",
    "tip",
    "renewal",
    "skeleton",
    "pot",
    "young",
]
WORKS: tuple[Work, ...] = get_args(Work)
FREE_WORK: frozenset[str] = frozenset({"sucker", "sanitation", "fruit"})
BEARING: tuple[Work, ...] = (
    "skirt",
    "thin",
    "height",
    "hedge",
    "shear",
    "tip",
    "renewal",
    "skeleton",
    "pot",
)  # takes wood that may bear
LIVE: tuple[Work, ...] = ("sprout", *BEARING, "young")
HARD: tuple[Work, ...] = ("thin", "height", "hedge", "skirt", "skeleton", "renewal", "shear")
WORK_SETS: Mapping[str, tuple[Work, ...]] = {
    "bearing": BEARING,
    "live": LIVE,
    "hard": HARD,
    "all": WORKS,
}
Severity = Literal["tip", "second-node", "limb", "scaffold"]
OWN_BUDGET: frozenset[str] = frozenset({"skeleton", "renewal"})
Condition = Literal[
    "healthy", "weak", "neglected", "transplanted", "diseased", "wilting", "leafless"
]
FruitOn = Literal["none", "light", "full", "never"]
CONDITIONS: tuple[Condition, ...] = get_args(Condition)
FRUIT_ON: tuple[FruitOn, ...] = get_args(FruitOn)
Origin = Literal["observed", "computed", "catalogue"]
Stance = Mapping[str, str]


@dataclass(frozen=True)
class Weather:
    """Days that were measured at a place [deg C]; NaN where a day is missing. Two with the same key
    are the same. Arrays have shape (days,).
    """

    key: str
    first: dt.date
    tmin_c: Floats = field(compare=False)
    tmax_c: Floats = field(compare=False)


@dataclass(frozen=True)
class Site:
    """A place. Frost dates are those of one year in ten, None where there is no frost; hot dates
    None to compute them.

    dangers: pests and diseases of the region that move windows (rows of the catalogue's
    ``dangers``). weather: days measured here.
    """

    latitude: float
    normals: Normals
    last_frost: MonthDay | None
    first_frost: MonthDay | None
    climate: str
    hot_from: MonthDay | None = None
    hot_to: MonthDay | None = None
    frost_pocket: bool = False
    dangers: frozenset[str] = frozenset()
    weather: Weather | None = None

    @property
    def southern(self) -> bool:
        """True south of the equator."""
        return self.latitude < 0

    @property
    def turned(self) -> bool:
        """True where the calendar's months turn by six; not within 15 degrees of the equator, where
        rain makes the seasons.
        """
        return self.latitude <= -15


Bark = Literal["tips", "part", "base", "none"]


@dataclass(frozen=True)
class TreeState:
    """What of a tree the season depends on. vigour 1..5, None for the cultivar's own. used_share:
    live canopy cut this growing year [0..1].

    used_on: a day of the growing year it was cut in; without one, the year the asked span begins
    in. fruit_on: ``none``: no crop on it this year; ``never``: it has not borne yet. fruit_said,
    condition_on, freeze_on: the day it was seen, so that it holds for that crop, that illness, that
    winter; without one it holds all through. low_bloom: this year's bloom came late and low.
    too_tall: a pot taller than its winter room. cut: how far into the wood, where it is not the
    usual of the work. first_branch_m: how high its first branches are to be. bark: how far a
    leafless tree was green when it was scratched.
    """

    species: str
    planted_year: int
    cultivar: str | None = None
    rootstock: str | None = None
    in_pot: bool = False
    under_cover: bool = False
    vigour: int | None = None
    condition: Condition = "healthy"
    freeze_class: FrostClass = "F0"
    fruit_on: FruitOn | None = None
    used_share: float = 0.0
    low_bloom: bool = False
    too_tall: bool = False
    cut: Severity | None = None
    used_on: dt.date | None = None
    fruit_said: dt.date | None = None
    condition_on: dt.date | None = None
    freeze_on: dt.date | None = None
    first_branch_m: float | None = None
    bark: Bark | None = None


@dataclass(frozen=True)
class ForecastDay:
    """One forecast day [deg C, mm]."""

    date: dt.date
    tmin: float
    tmax: float
    rain_mm: float = 0.0


@dataclass(frozen=True)
class Span:
    """Inclusive days; empty spans do not exist (see :func:`span`)."""

    start: dt.date
    end: dt.date

    def holds(self, day: dt.date) -> bool:
        """True if the day lies in the span."""
        return self.start <= day <= self.end


def span(start: dt.date | None, end: dt.date | None) -> Span | None:
    """A span, or None where a bound is missing or the end comes before the start: empty, never
    wrapped.
    """
    return None if start is None or end is None or end < start else Span(start, end)


@dataclass(frozen=True)
class Event:
    """A span of the year with the origin of its dates, both inclusive. name: by which programs know
    it. moved_days: by how much earlier years corrected it.
    """

    name: str
    start: dt.date
    end: dt.date
    origin: Origin
    moved_days: int = 0

    @property
    def says(self) -> Value:
        """What the reader calls it."""
        return say("season-event", event=self.name.replace(",", "").replace(" ", "-"))


@dataclass(frozen=True)
class Segment:
    """One kind of work over a span without change. max_share: live canopy that may go, None where
    the work costs none.

    price: crops of the tree lost per share of its canopy taken, on the cheapest day of the span.
    """

    work: Work
    start: dt.date
    end: dt.date
    status: Status
    max_share: float | None
    price: float
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class Best:
    """A run of the cheapest days of one growing year. rounds: how many such cuts reach an ordinary
    one, where the day's share is small.
    """

    work: Work
    year: Span
    start: dt.date
    end: dt.date
    price: float
    max_share: float | None
    rounds: int | None = None


@dataclass(frozen=True)
class SeasonAnswer:
    """Events of the span, gapless segments per kind of work, the cheapest days of its growing
    years, and the price of every day by work. Arrays have shape (days,).
    """

    events: tuple[Event, ...]
    segments: tuple[Segment, ...]
    best: tuple[Best, ...] = ()
    prices: Mapping[str, Floats] = field(default_factory=dict, compare=False)


@dataclass(frozen=True)
class GrowingYear:
    """The events of one growing year, which runs from 60 days before the coldest normal day to the
    day before the next such date.

    bloom_forms: from when the ends of this year's bloom are made until its first petals. sun30,
    sun32, sun35: days with such normal maxima [deg C]. harvest_spread: days by which a tree's own
    pick may lie earlier or later, None where the day was seen. no_cold: no cold to wait for.
    """

    start: dt.date
    end: dt.date
    last_frost: dt.date | None
    first_frost: dt.date | None
    flush: dt.date
    flush_hard: dt.date
    bloom: Span | None
    drop_end: dt.date | None
    harvest: Span | None
    hot: Span | None
    sun30: Span | None
    sun32: Span | None
    sun35: Span | None
    peak: dt.date
    quiescent: Span | None
    bloom_forms: Span | None
    last_safe_hard: dt.date | None
    last_safe_light: dt.date | None
    unhardened: bool
    no_cold: bool
    harvest_spread: int | None = None
    later_flushes: tuple[Span, ...] = ()
    cool_hours: Span | None = None
    carry_out: dt.date | None = None
    carry_in: dt.date | None = None
    origins: Mapping[str, Origin] = field(default_factory=dict)
    moved: Mapping[str, int] = field(default_factory=dict)

    @property
    def age_year(self) -> int:
        """The calendar year this growing year stands for when a tree's age is counted."""
        return (self.start + dt.timedelta(days=151)).year
