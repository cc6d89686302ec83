"""Sizes of a whole tree that can be true."""

from __future__ import annotations

from ..known import Knowledge
from ..words.values import Length, Value, say


def size_problems(
    know: Knowledge, height_m: float | None, spread_m: float | None, trunk_mm: float | None
) -> dict[str, Value | None]:
    """What is wrong with each of the sizes that are given, by field: a tree far wider than tall, or
    a trunk too thick for its height.
    """
    least, thickest = know.number("sizes/least-of-spread"), know.number("sizes/trunk-of-height")
    low = height_m is not None and spread_m is not None and height_m < spread_m * least
    thick = height_m is not None and trunk_mm is not None and trunk_mm > height_m * 1000 * thickest
    return {
        "/height_m": say("bad-is-far-under-the-spread-one") if low else None,
        "/trunk_mm": say("bad-is-thicker-than-a-tree-tall", height_m=Length(height_m))
        if thick and height_m
        else None,
    }
