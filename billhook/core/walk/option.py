"""A limb that a finding may mean, with why and what it costs."""

from __future__ import annotations

from dataclasses import dataclass
from math import cos, hypot, radians, sin

from ..frame.finish import gone_limbs
from ..frame.model import Cut, Limb
from ..frame.share import canopy_total, leaf_beyond
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Value
from .tree import WalkTree

Found = dict[str, tuple[float, Reason | None]]
"""Kept length [m] by limb, with the reason where the drawing shows it."""


@dataclass(frozen=True)
class LimbOption:
    """A limb that may be meant. share: of the live canopy (None on a leafless tree); wound in mm;
    why: the drawing shows it.
    """

    limb: str
    name: Value
    keep_m: float
    share: float | None
    fruit: int
    wound_mm: float
    why: Reason | None


def lost(
    tree: WalkTree, know: Knowledge, cut: Cut, total: float | None = None
) -> tuple[float | None, int]:
    """Share of the live canopy (None on a leafless tree) and fruit that a cut takes. total: of the
    canopy, where it is known already.
    """
    assert tree.frame is not None
    limb, power = tree.frame.limb(cut.limb), know.number("wood/exponent")
    of = canopy_total(tree.frame, power) if total is None else total
    gone = [x for x, by in gone_limbs(tree.frame, [cut]).items() if by == limb.id]
    return (leaf_beyond(limb, cut.keep_m, power) / of if of > 0 else None), limb.fruit + sum(
        tree.frame.limb(x).fruit for x in gone
    )


def at_collar(tree: WalkTree, know: Knowledge, limb: Limb) -> float:
    return 0.0


def live_limbs(tree: WalkTree) -> list[Limb]:
    assert tree.frame is not None
    return [x for x in tree.frame.limbs if x.id not in tree.suckers and x.state != "dead"]


def inwardness(tree: WalkTree, limb: Limb) -> float:
    """How far a limb grows towards the trunk's line [-1 outward .. 1 inward]."""
    base, _ = tree.ends[limb.id]
    out = hypot(base[0], base[1])
    flat = cos(radians(limb.rise_deg))
    if out < 0.05:
        return 0.0
    return (
        -flat
        * (sin(radians(limb.bearing_deg)) * base[0] + cos(radians(limb.bearing_deg)) * base[1])
        / out
    )
