"""Classes of frost damage, from none to a tree killed to its union."""

from __future__ import annotations

from typing import Literal, get_args

FrostClass = Literal["F0", "F1", "F2", "F3", "F4", "F5", "F6"]
CLASSES: tuple[FrostClass, ...] = get_args(FrostClass)


def at_least(frost_class: FrostClass, least: FrostClass) -> bool:
    """Whether a class is as bad as another, or worse."""
    return CLASSES.index(frost_class) >= CLASSES.index(least)
