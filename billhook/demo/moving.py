"""The demo put on another day: its services run to that day once more, beside what is shown, and
take its place when they are done.
"""

from __future__ import annotations

import datetime as dt
import logging
import shutil
import threading
from dataclasses import dataclass, replace
from pathlib import Path

from ..core.errors import invalid
from ..core.words.values import say
from ..services.workplace import Workplace
from ..store.database import Store
from .build import PUT_ON, build_demo, in_the_making

_log = logging.getLogger("billhook")
_FOLDER = "moving"


@dataclass(frozen=True)
class Going:
    """How far it is. step, of: parts of the history that are done, of how many; failed: whether it
    came to nothing.
    """

    day: dt.date
    step: int
    of: int
    failed: bool = False


class Mover:
    """Puts one demo on other days, one after the other."""

    def __init__(self, at: Workplace) -> None:
        self.at = at
        self.going: Going | None = None
        self._lock = threading.Lock()

    def mornings(self) -> tuple[tuple[str, dt.date], ...]:
        """Days worth seeing, within the year around the demo's own."""
        year = self.at.today().year
        return (
            ("The morning after a frost", dt.date(year, 1, 20)),
            ("In spring", dt.date(year, 4, 20)),
            ("After the mango pick", dt.date(year, 9, 28)),
        )

    def put_on(self, day: dt.date) -> None:
        """Begin to run the demo to a day. Raises: InvalidInput for one too far off, or while it is
        under way to another.
        """
        if not dt.date(2020, 1, 1) <= day <= dt.date(2060, 12, 31):
            raise invalid("/day", say("bad-between", low=2020, high=2060))
        with self._lock:
            if self.going and not self.going.failed:
                raise invalid("/day", say("bad-the-demo-is-under-way-to"))
            self.going = Going(day, 0, in_the_making(self.at).steps)
        threading.Thread(target=self._run, args=(day,), daemon=True).start()

    def _run(self, day: dt.date) -> None:
        folder = self.at.settings.data / _FOLDER
        try:
            shutil.rmtree(folder, ignore_errors=True)
            build_demo(replace(self.at.settings, data=folder, fixed_today=day), self._stepped)
            self._take_its_place(folder, day)
            self.going = None
        except Exception:  # the demo stays as it was, and says so
            _log.exception("the demo cannot be put on %s", day)
            self.going = Going(day, 0, in_the_making(self.at).steps, failed=True)
        finally:
            shutil.rmtree(folder, ignore_errors=True)

    def _stepped(self, step: int) -> None:
        if self.going:
            self.going = replace(self.going, step=step)

    def _take_its_place(self, folder: Path, day: dt.date) -> None:
        """Put the new history where the old one was, while nobody reads or writes."""
        with self.at.gate.shut():
            self._swap(folder, day)

    def _swap(self, folder: Path, day: dt.date) -> None:
        at, data = self.at, self.at.settings.data
        at.store.close()
        for old in data.iterdir():
            if old.name not in (_FOLDER, "billhook.lock"):
                shutil.rmtree(old) if old.is_dir() else old.unlink()
        for new in folder.iterdir():
            if new.name != "billhook.lock":
                shutil.move(str(new), str(data / new.name))
        (data / PUT_ON).write_text(day.isoformat())
        at.settings = replace(at.settings, fixed_today=day)
        at.store = Store(at.settings.database, at.today)
        at.forget()
