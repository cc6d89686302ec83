"""How grave a damage is, to compare."""

from __future__ import annotations

from billhook.core.frost.classes import CLASSES


def rank(damage) -> int:
    return CLASSES.index(damage.worst)
