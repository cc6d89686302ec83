"""What the season is asked about, and what it answers."""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Literal, get_args

from ..reasons import Reason
from .normals import Floats, Normals

MonthDay = tuple[int, int]
Status = Literal["go", "light", "wait", "stop"]
STRICTNESS: dict[Status, int] = {"go": 0, "light": 1, "wait": 2, "stop": 3}
Work = Literal["sucker", "sprout", "sanitation", "fruit", "skirt", "thin", "height", "hedge", "shear", "tip", "renewal", "skeleton", "pot"]
WORKS: tuple[Work, ...] = get_args(Work)
FREE_WORK: frozenset[str] = frozenset({"sucker", "sanitation", "fruit"})
OWN_BUDGET: frozenset[str] = frozenset({"skeleton", "renewal"})
Condition = Literal["healthy", "weak", "neglected", "transplanted", "diseased", "wilting"]
FruitOn = Literal["none", "light", "full"]
Origin = Literal["observed", "computed", "catalogue"]
Stance = Mapping[str, str]


@dataclass(frozen=True)
class Weather:
    """Days that were measured at a place [deg C]; NaN where a day is missing. Two with the same key are the same. Arrays have shape (days,)."""

    key: str
    first: dt.date
    tmin_c: Floats = field(compare=False)
    tmax_c: Floats = field(compare=False)


@dataclass(frozen=True)
class Site:
    """A place. Frost dates are those of one year in ten, None where there is no frost; hot dates None to compute them.

    dangers: pests and diseases of the region that move windows (rows of the catalogue's ``dangers``). weather: days measured here.
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
        """True where the calendar's months turn by six; not within 15 degrees of the equator, where rain makes the seasons."""
        return self.latitude <= -15


@dataclass(frozen=True)
class TreeState:
    """What of a tree the season depends on. vigour 1..5, None for the cultivar's own. used_share: live canopy cut this growing year [0..1].

    low_bloom: this year's bloom came late and low. too_tall: a pot taller than its winter room.
    """

    species: str
    planted_year: int
    cultivar: str | None = None
    rootstock: str | None = None
    in_pot: bool = False
    under_cover: bool = False
    vigour: int | None = None
    condition: Condition = "healthy"
    freeze_class: int = 0
    fruit_on: FruitOn | None = None
    used_share: float = 0.0
    low_bloom: bool = False
    too_tall: bool = False


@dataclass(frozen=True)
class ForecastDay:
    """One forecast day [deg C, mm]."""

    date: dt.date
    tmin: float
    tmax: float
    rain_mm: float = 0.0


@dataclass(frozen=True)
class Event:
    """A span of the year with the origin of its dates, both inclusive. moved_days: by how much earlier years corrected it."""

    name: str
    start: dt.date
    end: dt.date
    origin: Origin
    moved_days: int = 0


@dataclass(frozen=True)
class Segment:
    """One kind of work over a span without change. max_share: live canopy that may go, None where the work costs none."""

    work: Work
    start: dt.date
    end: dt.date
    status: Status
    max_share: float | None
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class SeasonAnswer:
    """Events of the span and gapless segments per kind of work."""

    events: tuple[Event, ...]
    segments: tuple[Segment, ...]


@dataclass(frozen=True)
class Span:
    """Inclusive days; empty spans do not exist (see :func:`span`)."""

    start: dt.date
    end: dt.date

    def holds(self, day: dt.date) -> bool:
        """True if the day lies in the span."""
        return self.start <= day <= self.end


def span(start: dt.date | None, end: dt.date | None) -> Span | None:
    """A span, or None where a bound is missing or the end comes before the start: empty, never wrapped."""
    return None if start is None or end is None or end < start else Span(start, end)


@dataclass(frozen=True)
class GrowingYear:
    """The events of one growing year, which runs from the coldest normal day to the day before the next."""

    start: dt.date
    end: dt.date
    last_frost: dt.date | None
    first_frost: dt.date | None
    flush: dt.date
    flush_hard: dt.date
    bloom: Span | None
    drop_end: dt.date | None
    harvest: Span | None
    bark_sun: Span
    hot: Span | None
    quiescent: Span | None
    bloom_forms: Span | None
    last_safe_hard: dt.date | None
    last_safe_light: dt.date | None
    unhardened: bool
    later_flushes: tuple[Span, ...] = ()
    carry_out: dt.date | None = None
    carry_in: dt.date | None = None
    origins: Mapping[str, Origin] = field(default_factory=dict)
    moved: Mapping[str, int] = field(default_factory=dict)

    @property
    def age_year(self) -> int:
        """The calendar year this growing year stands for when a tree's age is counted."""
        return (self.start + dt.timedelta(days=91)).year
