"""What a rehearsal is asked, and what it answers."""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, field
from typing import Literal, get_args

from ..frame.model import Frame
from ..reasons import Reason
from ..season.model import Site, Span, Stance, TreeState
from ..season.seen import Moved, Observed
from ..words.units import Units

EventKind = Literal[
    "headed",
    "to-side-branch",
    "collar",
    "over-budget",
    "burnt",
    "frost",
    "shade",
    "suckers",
    "price",
]
EVENT_KINDS: tuple[EventKind, ...] = get_args(EventKind)


@dataclass(frozen=True)
class DatedCut:
    """A cut on a day: it leaves ``keep_m`` [m] of a limb, 0 for off at its collar."""

    limb: str
    keep_m: float
    day: dt.date


@dataclass(frozen=True)
class FrostNight:
    """A night of the series: its minimum [degrees C], held so many hours."""

    day: dt.date
    min_c: float
    hours: float


@dataclass(frozen=True)
class Asked:
    """A tree, its cuts and the seasons to look at. today: the day that stands for the first growing
    year where nothing is cut. seed: of the seasons' weather. whitewash: bark that is bared is
    painted the same day. observed, moved, stance: as the season is asked. units: of the reader.
    """

    site: Site
    tree: TreeState
    frame: Frame
    cuts: tuple[DatedCut, ...]
    seasons: int
    today: dt.date
    seed: int = 0
    whitewash: bool = False
    frosts: tuple[FrostNight, ...] = ()
    observed: Observed = field(default_factory=dict)
    moved: Moved = field(default_factory=dict)
    stance: Stance = field(default_factory=dict)
    units: Units = "metric"


@dataclass(frozen=True)
class Event:
    """Something a rule did. limb: on which; None for the whole tree. price: share of a crop or of
    the leaf that it takes, None where it takes none. shoots: limbs that come of it.
    """

    kind: EventKind
    limb: str | None
    price: float | None
    reason: Reason
    shoots: tuple[str, ...] = ()


@dataclass(frozen=True)
class SeasonTree:
    """The tree of a season, as it stands after that season's cuts. crop: 1 is a grown tree in a
    middle year; leaf_share: of the frame that was sent; light_inside: on its lower part [0..1].

    sprouts: upright shoots that wait for somebody to choose among them; minutes: what that takes;
    wounds_open: how many cuts have not closed.
    """

    year: int
    frame: Frame
    height_m: float
    crop: float
    leaf_share: float
    light_inside: float
    sprouts: int
    minutes: float
    wounds_open: int
    events: tuple[Event, ...]


@dataclass(frozen=True)
class Grown:
    """A tree over seasons, and its twin that was not cut, in the same weather."""

    seasons: tuple[SeasonTree, ...]
    twin: tuple[SeasonTree, ...]
    years: tuple[Span, ...]


@dataclass(frozen=True)
class Spread:
    """Lowest, mean and highest of a figure over the weather of many seasons."""

    low: float
    mean: float
    high: float
