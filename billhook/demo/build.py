"""Makes the demo in its folder, once, and opens it on the day it was put on."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from ..services.workplace import Workplace, open_workplace
from ..settings import Settings
from .almirelo import Almirelo
from .large import Large

PUT_ON = "demo.day"  # the day it was put on from within
DONE = "demo.done"  # a finished demo's mark, with the day it was made for


def build_demo(settings: Settings, stepped: Callable[[int], None] = lambda _: None) -> None:
    """Make the demo in an empty data folder; a half-made one is made anew. stepped: told how many
    parts are done.
    """
    done = settings.data / DONE
    if done.exists():
        return
    for old in settings.data.glob("billhook.sqlite*") if settings.data.exists() else []:
        old.unlink()
    at = open_workplace(replace(settings, demo=True))
    in_the_making(at).build(stepped)
    at.store.close()
    Path(done).write_text(at.today().isoformat())


def in_the_making(at: Workplace) -> Almirelo | Large:
    """The usual demo, or the large one where its blocks are named."""
    return Large(at, at.settings.large) if at.settings.large else Almirelo(at)


def on_its_day(settings: Settings) -> Settings:
    """The settings with the day the demo was put on from within, where no other is asked for."""
    put = settings.data / PUT_ON
    if settings.fixed_today or not put.exists():
        return settings
    return replace(settings, fixed_today=dt.date.fromisoformat(put.read_text().strip()))
