"""What every service works with: the store, the catalogue, today's date, and measures of frames
that never change.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass, field
from functools import lru_cache

from sqlmodel import Session

from ..catalogue import load_catalogue
from ..core.frame.geometry import height_m, limb_ends, lowest_tip_m, radius_m
from ..core.frame.model import Frame, is_sucker
from ..core.known import Knowledge
from ..core.own_kind import with_own
from ..core.season.model import Weather
from ..settings import Settings
from ..store import frames
from ..store.acts import last_number
from ..store.database import Store
from ..store.tables import FrameRow
from ..store.trees import own_species
from .gate import Gate


@dataclass(frozen=True)
class Size:
    """What a frame measures as a whole [m, mm], and what can come off it any day: suckers and dead
    limbs. lowest_m: its lowest living tip.
    """

    height_m: float
    spread_m: float
    trunk_mm: float
    fruit: int
    suckers: int
    dead: int
    lowest_m: float | None = None


@dataclass
class Workplace:
    """One holding at work. know: the catalogue with this holding's own kinds; shipped: the
    catalogue alone. gate: who reads and writes goes through it.
    """

    settings: Settings
    store: Store
    know: Knowledge
    shipped: Knowledge
    weather_changes: int = 0
    weather_cache: dict[str, Weather | None] = field(default_factory=dict)
    gate: Gate = field(default_factory=Gate)
    _sizes: dict[str, Size] = field(default_factory=dict)

    def today(self) -> dt.date:
        """Today as the settings tell it."""
        return self.settings.today()

    def forget(self) -> None:
        """Drop what was worked out, where another history has taken the place of the old one."""
        self._sizes.clear()
        self.weather_cache.clear()
        self.weather_changes += 1
        with self.store.reading() as session:
            own = [(k.id, k.name, k.data) for k in own_species(session)]
        self.know = with_own(self.shipped, own)

    def as_of(self) -> int:
        """The number of the newest act: what is read after asking is at least as new."""
        with self.store.reading() as session:
            return last_number(session)

    def size(self, frame_id: str, frame: Frame) -> Size:
        """Height, spread, trunk and fruit of a frame; frames do not change, so they are worked out
        once.
        """
        if frame_id not in self._sizes:
            ends = limb_ends(frame)
            suckers = sum(is_sucker(frame, x) for x in frame.limbs)
            dead = sum(x.state == "dead" for x in frame.limbs)
            fruit = sum(x.fruit for x in frame.limbs)
            self._sizes[frame_id] = Size(
                height_m(frame, ends),
                2 * radius_m(frame, ends),
                frame.trunk.diameter_mm,
                fruit,
                suckers,
                dead,
                lowest_tip_m(frame, ends),
            )
        return self._sizes[frame_id]

    def sizes(self, session: Session, rows: list[FrameRow]) -> dict[str, Size]:
        """Sizes by frame id, reading only frames not worked out before."""
        missing = [r for r in rows if r.id not in self._sizes]
        if missing:
            for frame_id, frame in frames.many_frames(session, missing).items():
                self.size(frame_id, frame)
        return {r.id: self._sizes[r.id] for r in rows}


def open_workplace(settings: Settings) -> Workplace:
    """Open the data folder, migrating its database."""
    store = Store(settings.database)
    store.migrate()
    shipped = _knowledge()
    with store.reading() as session:
        know = with_own(shipped, [(k.id, k.name, k.data) for k in own_species(session)])
    at = Workplace(settings, store, know, shipped)
    store.today = at.today
    return at


@lru_cache(maxsize=1)
def _knowledge() -> Knowledge:
    return load_catalogue()
