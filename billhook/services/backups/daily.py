"""A backup every day by itself: checked by opening it, kept for days, weeks and months."""

from __future__ import annotations

import datetime as dt
import logging
import re
import shutil
import threading
from collections.abc import Callable, Iterable
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path

from ...settings import Settings
from .archive import BadArchive, back_up
from .checking import check

_log = logging.getLogger("billhook")
_NAME = re.compile(r"billhook-(\d{4}-\d{2}-\d{2})\.zip")
DAYS, WEEKS, MONTHS = 7, 4, 12
LATE_DAYS = 2
"""After so many days without a new one something is wrong."""
_LOOK_SECONDS = 600.0
_NEW = ".new"
_HALF = re.compile(rf"\.?billhook-\d{{4}}-\d{{2}}-\d{{2}}\.zip\{_NEW}.*")
"""What is made of a backup before it is one."""


@dataclass(frozen=True)
class Backup:
    """One that is kept: its day, file and size [bytes]."""

    day: dt.date
    file: Path
    size: int


@dataclass(frozen=True)
class Backups:
    """folder: where they lie. kept: the newest first. trees: in the last that was made and checked
    by this program. failed: why the last one could not be made.
    """

    folder: Path
    kept: list[Backup]
    trees: int | None
    failed: str | None


def kept_of(days: Iterable[dt.date]) -> set[dt.date]:
    """Which of the days with a backup keep theirs: the newest seven, the newest of each of the last
    four weeks and twelve months that have one.
    """
    newest = sorted(set(days), reverse=True)
    keep = set(newest[:DAYS])
    for span, of in ((WEEKS, lambda d: d.isocalendar()[:2]), (MONTHS, lambda d: (d.year, d.month))):
        seen: dict[tuple[int, int], dt.date] = {}
        for day in newest:
            seen.setdefault(of(day), day)
        keep |= set(list(seen.values())[:span])
    return keep


class Daily:
    """Makes them while the program runs. clock: today, as this machine tells it: also where the
    holding's day is fixed.
    """

    def __init__(self, settings: Settings, clock: Callable[[], dt.date] = dt.date.today) -> None:
        self._settings, self._clock = settings, clock
        self._turn = threading.Lock()
        self._failed: str | None = None
        self._trees: int | None = None
        self._stop = threading.Event()

    def start(self) -> None:
        """Look again and again whether today's is there; what a killed program had begun goes."""
        self._tidy()
        threading.Thread(target=self._run, name="backups", daemon=True).start()

    def _tidy(self) -> None:
        with suppress(OSError):
            for half in self._settings.backups_folder.iterdir():
                if _HALF.fullmatch(half.name):
                    shutil.rmtree(half) if half.is_dir() else half.unlink()

    def stop(self) -> None:
        """Look no more."""
        self._stop.set()

    def _run(self) -> None:
        while not self._stop.is_set():
            try:
                self.make_due()
            except Exception:  # the next look may find better; the program goes on without
                _log.exception("the backup of today failed")
            self._stop.wait(_LOOK_SECONDS)

    def make_due(self) -> None:
        """Make today's if there is none."""
        if all(b.day != self._clock() for b in found_in(self._settings.backups_folder)):
            with suppress(BadArchive):
                self.make()

    def make(self) -> None:
        """Make one now, check it by opening it, then let go of those that are too old to be kept.
        One of the same day is replaced only by one that opens. Raises: BadArchive.
        """
        with self._turn:
            folder = self._settings.backups_folder
            place = folder / f"billhook-{self._clock().isoformat()}.zip"
            fresh = place.with_name(place.name + _NEW)
            try:
                back_up(self._settings, fresh)
                self._trees = check(fresh).trees
                fresh.replace(place)
            except (BadArchive, OSError) as error:
                with suppress(OSError):
                    fresh.unlink(missing_ok=True)
                self._failed = str(error)
                _log.warning("billhook: the backup of today failed: %s", error)
                raise BadArchive(self._failed) from error
            self._failed = None
            self._let_go()

    def _let_go(self) -> None:
        kept = found_in(self._settings.backups_folder)
        keep = kept_of(b.day for b in kept)
        for backup in kept:
            if backup.day not in keep:
                with suppress(OSError):
                    backup.file.unlink()

    def state(self) -> Backups:
        """What is kept, and whether the last one went well."""
        folder = self._settings.backups_folder
        return Backups(folder, found_in(folder), self._trees, self._failed)


def found_in(folder: Path) -> list[Backup]:
    """Those that lie in a folder, the newest first."""
    found = []
    with suppress(OSError):
        for file in folder.iterdir():
            named = _NAME.fullmatch(file.name)
            if named:
                with suppress(OSError, ValueError):
                    day = dt.date.fromisoformat(named[1])
                    found.append(Backup(day, file, file.stat().st_size))
    return sorted(found, key=lambda b: b.day, reverse=True)
