"""Sizes of a whole tree that can be true."""

from __future__ import annotations


def size_problems(
    height_m: float | None, spread_m: float | None, trunk_mm: float | None
) -> dict[str, str | None]:
    """What is wrong with each of the sizes that are given, by field. Our rule: no tree is ten times
    as wide as tall, and no trunk a third as thick as its tree is tall.
    """
    low = height_m is not None and spread_m is not None and height_m < spread_m / 10
    thick = height_m is not None and trunk_mm is not None and trunk_mm > height_m * 1000 / 3
    return {
        "/height_m": "is under a tenth of the spread; one of the two is wrong" if low else None,
        "/trunk_mm": f"is thicker than a tree {height_m:g} m tall has; measure it across, not round"
        if thick
        else None,
    }
