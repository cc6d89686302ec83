"""What every service works with: the store, the catalogue, today's date, and measures of frames
that never change.
"""

from __future__ import annotations

import datetime as dt
import threading
from collections.abc import Callable
from dataclasses import dataclass, field
from functools import lru_cache
from typing import Any, TypeVar

from sqlmodel import Session

from ..catalogue import load_catalogue
from ..core.frame.model import Frame
from ..core.frame.whole import Size, size_of
from ..core.known import Knowledge
from ..core.own_kind import with_own
from ..core.season.model import Weather
from ..settings import Settings
from ..store import frames
from ..store.acts import last_number
from ..store.database import Store
from ..store.standing import Standing, standing
from ..store.tables import FrameRow
from ..store.trees import own_species
from .gate import Gate

T = TypeVar("T")
_FEW = 400  # more ids than this in one query cost more than reading all


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
    _standing: Standing | None = None
    _kept: dict[str, Any] = field(default_factory=dict)
    _looking: threading.Lock = field(default_factory=threading.Lock)

    def today(self) -> dt.date:
        """Today as the settings tell it."""
        return self.settings.today()

    def forget(self) -> None:
        """Drop what was worked out, where another history has taken the place of the old one."""
        self._sizes.clear()
        self._standing = None
        self._kept.clear()
        self.weather_cache.clear()
        self.weather_changes += 1
        with self.store.reading() as session:
            own = [(k.id, k.name, k.data) for k in own_species(session)]
        self.know = with_own(self.shipped, own)

    def as_of(self) -> int:
        """The number of the newest act: what is read after asking is at least as new."""
        with self.store.reading() as session:
            return last_number(session)

    def standing(self, session: Session) -> Standing:
        """What stands on the holding as this session sees it: read once, then brought up to date
        by what was changed. What a writer sees is kept for nobody else.
        """
        if "act" in session.info:
            with self.store.reading() as beside:
                before = self.standing(beside)
            return standing(session, before)
        with self._looking:
            self._standing = standing(session, self._standing)
            return self._standing

    def kept(self, name: str, make: Callable[[], T]) -> T:
        """What a service keeps between two questions; made when it is first wanted, and forgotten
        with all else (:meth:`forget`).
        """
        found: T = self._kept.setdefault(name, make())
        return found

    def size(self, frame_id: str, frame: Frame) -> Size:
        """Height, spread, trunk and fruit of a frame; frames do not change, so they are worked out
        once.
        """
        if frame_id not in self._sizes:
            self._sizes[frame_id] = size_of(frame)
        return self._sizes[frame_id]

    def sizes(self, session: Session, rows: list[FrameRow]) -> dict[str, Size]:
        """Sizes by frame id, reading only frames not worked out before."""
        missing = [r for r in rows if r.id not in self._sizes]
        if missing:
            few = [r.id for r in missing] if len(missing) < _FEW else None
            self._sizes |= frames.sizes(session, few)
            unkept = [r for r in missing if r.id not in self._sizes]
            for frame_id, frame in frames.many_frames(session, unkept).items():
                self.size(frame_id, frame)
        return {r.id: self._sizes[r.id] for r in rows}


def open_workplace(settings: Settings) -> Workplace:
    """Open the data folder, migrating its database."""
    store = Store(settings.database)
    store.migrate()
    shipped = _knowledge()
    with store.reading() as session:
        know = with_own(shipped, [(k.id, k.name, k.data) for k in own_species(session)])
    _keep_sizes(store)
    at = Workplace(settings, store, know, shipped)
    store.today = at.today
    return at


def _keep_sizes(store: Store) -> None:
    """Work out what frames of an older Billhook measure."""
    while True:
        with store.reading() as session:
            rows = frames.unsized_rows(session)
            found = {i: size_of(f) for i, f in frames.many_frames(session, rows).items()}
        if not found:
            return
        with store.writing() as session:
            frames.keep_sizes(session, found)


@lru_cache(maxsize=1)
def _knowledge() -> Knowledge:
    return load_catalogue()
