"""Places that the season's tests share."""

from __future__ import annotations

import datetime as dt

from hypothesis import strategies as st

from billhook.core.season.model import WORKS, Site, TreeState
from billhook.core.season.place import climate_frost, climate_normals
from billhook.core.season.season import season
from billhook.core.season.today import Verdict, verdict

START, END = dt.date(2026, 1, 1), dt.date(2027, 6, 30)
CLIMATES = [
    "humid-gulf",
    "humid-peninsula",
    "low-desert",
    "inland-valley",
    "dry-cool-coast",
    "mediterranean-coast",
    "inland-mediterranean",
    "maritime-cool",
    "tropical-highland",
    "tropical-lowland",
]
NAVEL = TreeState("navel-orange", 2012, "washington-navel")


YEAR_ROUND = (dt.date(2026, 6, 1), dt.date(2027, 12, 31))
MAIN = ("thin", "height", "tip")
KINDS = [
    ("navel-orange", None),
    ("sweet-orange", "valencia"),
    ("lemon", None),
    ("mango", "keitt"),
    ("mango", "irwin"),
    ("avocado", "hass"),
    ("loquat", None),
    ("lychee", None),
    ("guava", None),
]
kinds = st.sampled_from(KINDS)


def grown(kind, **state) -> TreeState:
    return TreeState(kind[0], 2010, kind[1], **state)


def place(know, climate: str, southern: bool = False) -> Site:
    """A site with a shipped climate, or its southern twin."""
    last, first = climate_frost(know, climate, southern)
    latitude = (-1 if southern else 1) * (8 if climate.startswith("tropical") else 30)
    return Site(latitude, climate_normals(know, climate, southern), last, first, climate)


def at(know, site, tree, work, day, **more) -> Verdict:
    """The verdict of a day."""
    return verdict(season(site, tree, know, START, END, WORKS, **more), work, day)
