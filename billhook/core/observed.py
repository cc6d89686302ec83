"""What can be written down of a tree or a block, and which values make sense. The door asks it, and
so does whoever reads what is stored.
"""

from __future__ import annotations

import datetime as dt
from typing import Literal, get_args

from .days import seen_problem
from .frost.classes import CLASSES
from .season.seen import OBSERVABLE, Observable
from .words.values import Diameter, Length, Value, Weight, listed, say

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
SAYS: dict[str, Value] = {
    "condition": say("seen-condition"),
    "vigour": say("seen-vigour"),
    "freeze_class": say("seen-freeze-class"),
    "fruit_on": say("seen-fruit-on"),
    "frost_ahead": say("seen-frost-ahead"),
    "low_bloom": say("seen-low-bloom"),
    "frost_above": say("seen-frost-above"),
    "frost_below": say("seen-frost-below"),
    "too_tall": say("seen-too-tall"),
    "ground": say("seen-ground"),
    "shelter": say("seen-shelter"),
    "prized": say("seen-prized"),
    "bark": say("seen-bark"),
    "trunk_mm": say("seen-trunk-mm"),
    "height_m": say("seen-height-m"),
    "spread_m": say("seen-spread-m"),
    "first_branch_m": say("seen-first-branch-m"),
    "winter_room_m": say("seen-winter-room-m"),
    "regrown_m": say("seen-regrown-m"),
    "flush_start": say("seen-flush-start"),
    "flush_hard": say("seen-flush-hard"),
    "bloom_start": say("seen-bloom-start"),
    "harvest_start": say("seen-harvest-start"),
    "harvest_end": say("seen-harvest-end"),
    "first_frost": say("seen-first-frost"),
    "last_frost": say("seen-last-frost"),
    "carry_out": say("seen-carry-out"),
    "carry_in": say("seen-carry-in"),
    "frost_open": say("seen-frost-open"),
}
"""What an observation is of, in the grower's words."""
OTHERS = ("regrown_m", "frost_open", "frost_look", "cut_test", "grow_on")
KINDS = (*(k for k in get_args(SaidKind) if k not in OTHERS), *OBSERVABLE)
TAKEN_OUT = ""
"""The value that takes an entry out without putting another in its place."""


def measure(field: str, number: float) -> Value:
    """A number as the measure that the name of its field tells: metres, millimetres, kilograms."""
    kinds = {"m": Length, "mm": Diameter, "kg": Weight}
    made = kinds.get(field.rsplit("_", 1)[-1])
    return number if made is None else made(number)


def value_problem(kind: str, value: str, said_on: dt.date) -> Value | None:
    """What is wrong with the value of an observation, None for one that can be used. Kinds that
    others look after are let through.
    """
    if kind in WORDS:
        return (
            None if value in WORDS[kind] else say("bad-must-be-one-of", known=listed(WORDS[kind]))
        )
    if kind in MEASURED:
        low, high = MEASURED[kind]
        try:
            within = low <= float(value) <= high
        except ValueError:
            within = False
        return (
            None
            if within
            else say("bad-number-between", low=measure(kind, low), high=measure(kind, high))
        )
    if kind in OBSERVABLE or (kind == "frost_open" and value != "none"):
        try:
            day = dt.date.fromisoformat(value)
        except ValueError:
            return say("bad-must-be-a-date-as-yyyy")
        return seen_problem(day, said_on)
    return None
