"""What can be written down of a tree or a block, and which values make sense. The door asks it, and
so does whoever reads what is stored.
"""

from __future__ import annotations

import datetime as dt
from typing import Literal, get_args

from .days import seen_problem
from .frost.classes import CLASSES
from .season.seen import OBSERVABLE, Observable

SaidKind = Literal[
    "condition",
    "vigour",
    "freeze_class",
    "fruit_on",
    "frost_ahead",
    "low_bloom",
    "frost_above",
    "frost_below",
    "too_tall",
    "ground",
    "shelter",
    "prized",
    "bark",
    "first_branch_m",
    "trunk_mm",
    "height_m",
    "spread_m",
    "winter_room_m",
    "regrown_m",
    "frost_open",
    "frost_look",
    "cut_test",
    "grow_on",
]
"""What is said of a tree; the last five by pages of their own alone."""
ObservationKind = SaidKind | Observable
"""What can be written down: said, or a day that was seen."""
WORDS: dict[str, tuple[str, ...]] = {
    "condition": (
        "healthy",
        "weak",
        "neglected",
        "transplanted",
        "diseased",
        "wilting",
        "leafless",
    ),
    "vigour": tuple("12345"),
    "freeze_class": CLASSES,
    "fruit_on": ("none", "light", "full", "never"),
    "frost_ahead": ("yes", "no"),
    "low_bloom": ("yes", "no"),
    "frost_above": ("yes", "no"),
    "frost_below": ("yes", "no"),
    "too_tall": ("yes", "no"),
    "ground": ("mulch", "mown", "sprayed", "bare"),
    "shelter": ("none", "cover", "heat"),
    "prized": ("yes", "no"),
    "bark": ("tips", "part", "base", "none"),
}
MEASURED: dict[str, tuple[float, float]] = {
    "first_branch_m": (0.05, 2.5),
    "trunk_mm": (3.0, 2000.0),
    "height_m": (0.05, 60.0),
    "spread_m": (0.05, 60.0),
    "winter_room_m": (0.5, 10.0),
    "regrown_m": (0.01, 5.0),
}
SAYS: dict[str, str] = {
    "condition": "condition",
    "vigour": "vigour",
    "freeze_class": "what the frost killed",
    "fruit_on": "fruit on it",
    "frost_ahead": "frost in the forecast",
    "low_bloom": "where the bloom sat",
    "frost_above": "frost above the union",
    "frost_below": "frost below the union",
    "too_tall": "height for its winter room",
    "ground": "the ground under it",
    "shelter": "shelter from frost",
    "prized": "a tree one would not lose",
    "bark": "how far bark is green when scratched",
    "trunk_mm": "trunk",
    "height_m": "height",
    "spread_m": "spread",
    "first_branch_m": "height of its first branches",
    "winter_room_m": "height of its winter room",
    "regrown_m": "shoots grown at its cuts",
    "flush_start": "first flush",
    "flush_hard": "leaves hard",
    "bloom_start": "first flowers open",
    "harvest_start": "first fruit picked",
    "harvest_end": "last fruit picked",
    "first_frost": "first frost",
    "last_frost": "last frost",
    "carry_out": "carried out",
    "carry_in": "carried in",
    "frost_open": "the day cuts open after the frost",
}
"""What an observation is of, in the grower's words."""
OTHERS = ("regrown_m", "frost_open", "frost_look", "cut_test", "grow_on")
KINDS = (*(k for k in get_args(SaidKind) if k not in OTHERS), *OBSERVABLE)
TAKEN_OUT = ""
"""The value that takes an entry out without putting another in its place."""


def value_words(kind: str, value: str) -> str:
    """A value as it is said."""
    return value


def _unit(kind: str) -> str:
    """The unit that a measured kind is in, by its name."""
    return next((f" {u}" for u in ("mm", "m") if kind.endswith(f"_{u}")), "")


def value_problem(kind: str, value: str, said_on: dt.date) -> str | None:
    """What is wrong with the value of an observation, None for one that can be used. Kinds that
    others look after are let through.
    """
    if kind in WORDS:
        return None if value in WORDS[kind] else f"must be one of {', '.join(WORDS[kind])}"
    if kind in MEASURED:
        low, high = MEASURED[kind]
        try:
            within = low <= float(value) <= high
        except ValueError:
            within = False
        return None if within else f"must be a number between {low:g} and {high:g}{_unit(kind)}"
    if kind in OBSERVABLE or (kind == "frost_open" and value != "none"):
        try:
            day = dt.date.fromisoformat(value)
        except ValueError:
            return "must be a date, as YYYY-MM-DD"
        return seen_problem(day, said_on)
    return None
