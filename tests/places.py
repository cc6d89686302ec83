"""Workplaces and frames that the tests of several layers use."""

from __future__ import annotations

import datetime as dt
import tempfile
import uuid
from functools import lru_cache
from pathlib import Path

from billhook.core.frame.model import Frame, Limb, Trunk
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings

# A day on which a clementine on a mediterranean coast may be thinned.
TODAY = dt.date(2027, 3, 24)


def empty_workplace(folder: Path, today: dt.date = TODAY) -> Workplace:
    """A workplace with nothing in it, on a fixed day."""
    settings = Settings(data=folder / "data", fixed_today=today)
    if not settings.database.exists():
        settings.data.mkdir(parents=True, exist_ok=True)
        settings.database.write_bytes(_empty_database())
    return open_workplace(settings)


@lru_cache(maxsize=1)
def _empty_database() -> bytes:
    """A database of the newest tables, made once: migrations have tests of their own."""
    with tempfile.TemporaryDirectory() as folder:
        settings = Settings(data=Path(folder))
        open_workplace(settings).store.close()
        return settings.database.read_bytes()


def new_id() -> str:
    """A client-made id."""
    return str(uuid.uuid4())


def forked_frame() -> Frame:
    """Two scaffolds of equal leaf (a quarter of each is 30 of 60 mm), a side branch, a sucker below
    the union, a dead end.
    """
    return Frame(
        Trunk(110, 0.7),
        (
            Limb("e", "trunk", 0.6, 60, 2.0, 55, 90, tip_mm=20, fruit=9),
            Limb("w", "trunk", 0.7, 60, 2.2, 60, 270, tip_mm=20, fruit=7),
            Limb("e1", "e", 1.0, 20, 0.8, 20, 180, fruit=3),
            Limb("k", "trunk", 0.1, 12, 0.4, 80, 200, tip_mm=4, kind="sucker"),
            Limb("d", "w", 1.4, 16, 0.5, 10, 300, state="dead", foliage=0),
        ),
        union_m=0.25,
    )


def trees_of(grove):
    """Trees of the API's grove, one by one, as its columns say them."""
    trees = grove["trees"]
    shared = {"row": "rows", "kind": "kinds", "needs": "needs"}
    found = []
    for nth in range(len(trees["id"])):
        tree = {k: column[nth] for k, column in trees.items() if k not in shared}
        tree["row_id"] = grove["rows"][trees["row"][nth]]["id"]
        tree |= grove["kinds"][trees["kind"][nth]] | grove["needs"][trees["needs"][nth]]
        found.append(tree)
    return found
