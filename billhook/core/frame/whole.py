"""What a frame measures as a whole."""

from __future__ import annotations

from typing import NamedTuple

from .geometry import height_m, limb_ends, lowest_tip_m, radius_m
from .model import Frame, is_sucker


class Size(NamedTuple):
    """What a frame measures as a whole [m, mm], and what can come off it any day: suckers and dead
    limbs. lowest_m: its lowest living tip.
    """

    height_m: float
    spread_m: float
    trunk_mm: float
    fruit: int
    suckers: int
    dead: int
    lowest_m: float | None = None


def size_of(frame: Frame) -> Size:
    """Height, spread, trunk, fruit, suckers, dead limbs and lowest tip of a frame."""
    ends = limb_ends(frame)
    return Size(
        height_m(frame, ends),
        2 * radius_m(frame, ends),
        frame.trunk.diameter_mm,
        sum(x.fruit for x in frame.limbs),
        sum(is_sucker(frame, x) for x in frame.limbs),
        sum(x.state == "dead" for x in frame.limbs),
        lowest_tip_m(frame, ends),
    )
