"""A target shape laid over a frame: a wall along a row, or a round, pyramid or globe about the
trunk; which limbs break it, and where.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import cos, floor, hypot, radians, sin, sqrt, tan
from typing import Literal

from .geometry import Point, along, limb_ends
from .model import TRUNK, Frame, Limb, is_sucker

Shape = Literal["wall", "round", "pyramid", "globe"]
_STEPS = 48
_HAIR_M = 0.005  # a tip this little outside does not break the shape


@dataclass(frozen=True)
class Outline:
    """top_m: above ground. half_m: half the width at its foot, or the radius [m]. skirt_m: where
    the sides begin.

    lean_deg: sides lean in by this much. row_bearing_deg: of the row along a wall, clockwise from
    north. draw_in_m: so much less on the side ``draw_in_deg``.
    """

    shape: Shape
    top_m: float
    half_m: float
    skirt_m: float = 0.0
    lean_deg: float = 0.0
    row_bearing_deg: float = 0.0
    draw_in_m: float = 0.0
    draw_in_deg: float = 0.0

    def half_at(self, z: float) -> float:
        """Half the width at a height [m]; above the top that of the top."""
        z = min(z, self.top_m)
        if self.shape == "pyramid":
            low = min(self.skirt_m, self.top_m - 1e-6)
            return self.half_m * (self.top_m - max(z, low)) / (self.top_m - low)
        if self.shape == "globe":
            middle, tall = (
                (self.top_m + self.skirt_m) / 2,
                max(1e-6, (self.top_m - self.skirt_m) / 2),
            )
            return (
                self.half_m * sqrt(max(0.0, 1 - ((z - middle) / tall) ** 2))
                if z >= middle
                else self.half_m
            )
        return self.half_m - max(0.0, z - self.skirt_m) * tan(radians(self.lean_deg))

    def room_m(self, p: Point) -> float:
        """How far inside the shape a point is, measured level and to the top [m]; negative
        outside.
        """
        half = self.half_at(p[2])
        if self.shape == "wall":
            b = radians(self.row_bearing_deg)
            out = abs(p[0] * cos(b) - p[1] * sin(b))
        else:
            out = hypot(p[0], p[1])
        if self.draw_in_m and out > 0:
            d = radians(self.draw_in_deg)
            toward = (p[0] * sin(d) + p[1] * cos(d)) / max(hypot(p[0], p[1]), 1e-9)
            half -= self.draw_in_m * max(0.0, toward)
        return min(half - out, self.top_m - p[2])

    def grown(self, by_m: float) -> Outline:
        """The same shape, set out by so much on every side [m]."""
        return Outline(
            self.shape,
            self.top_m + by_m,
            self.half_m + by_m,
            self.skirt_m,
            self.lean_deg,
            self.row_bearing_deg,
            self.draw_in_m,
            self.draw_in_deg,
        )


@dataclass(frozen=True)
class Break:
    """A live limb that leaves the shape: what stays within [m], and how far it stands out at its
    furthest [m].
    """

    limb: str
    keep_m: float
    beyond_m: float


def breaks(frame: Frame, outline: Outline) -> list[Break]:
    """Every limb that leaves the shape, the furthest out first. A limb that starts outside is taken
    with what bears it and is not listed.
    """
    ends, found = limb_ends(frame), []
    for limb in frame.limbs:
        if limb.state == "dead" or (limb.on == TRUNK and is_sucker(frame, limb)):
            continue
        start, tip = ends[limb.id]
        worst = min(outline.room_m(start), outline.room_m(tip))
        if outline.room_m(start) >= 0 and worst < -_HAIR_M:
            found.append(
                Break(limb.id, floor(_leaves_at(outline, start, limb) * 1000) / 1000, -worst)
            )
    return sorted(found, key=lambda b: (-b.beyond_m, b.limb))


def _leaves_at(outline: Outline, start: Point, limb: Limb) -> float:
    """Where along a limb it leaves the shape [m]."""
    inside, outside = 0.0, limb.length_m
    for i in range(1, _STEPS + 1):
        here = limb.length_m * i / _STEPS
        if outline.room_m(along(start, limb, here)) < 0:
            outside = here
            break
        inside = here
    for _ in range(24):
        middle = (inside + outside) / 2
        if outline.room_m(along(start, limb, middle)) < 0:
            outside = middle
        else:
            inside = middle
    return inside
