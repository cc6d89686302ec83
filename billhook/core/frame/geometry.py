"""Where limbs are in space, and the outline they make."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from math import atan2, cos, degrees, hypot, radians, sin

from .model import SOIL, TRUNK, Frame, Limb, is_sucker, roots_of

Point = tuple[float, float, float]


@dataclass(frozen=True)
class Balance:
    """Leaf-weighted mean of limb mid-points: how far off the trunk [m], and towards which bearing
    [degrees].
    """

    offset_m: float
    bearing_deg: float | None


@dataclass(frozen=True)
class Envelope:
    """Outline of the tree. reach_m: greatest horizontal reach per sector, clockwise from north;
    skirt_m: lowest live limb end.
    """

    height_m: float
    radius_m: float
    skirt_m: float | None
    reach_m: tuple[float, ...]


def along(start: Point, limb: Limb, distance_m: float) -> Point:
    """The point ``distance_m`` [m] up a limb that starts at ``start``."""
    rise, bearing = radians(limb.rise_deg), radians(limb.bearing_deg)
    flat = distance_m * cos(rise)
    return (
        start[0] + flat * sin(bearing),
        start[1] + flat * cos(bearing),
        start[2] + distance_m * sin(rise),
    )


def limb_ends(frame: Frame) -> dict[str, tuple[Point, Point]]:
    """Base and tip of every limb [m; x east, y north, z up from the foot of the trunk]."""
    by_id = {limb.id: limb for limb in frame.limbs}
    ends: dict[str, tuple[Point, Point]] = {}

    def place(limb: Limb) -> tuple[Point, Point]:
        if limb.id not in ends:
            if limb.on == TRUNK:
                base: Point = (0.0, 0.0, limb.at_m)
            elif limb.on == SOIL:
                out = radians(limb.bearing_deg)
                base = (limb.at_m * sin(out), limb.at_m * cos(out), 0.0)
            else:
                parent = by_id[limb.on]
                base = along(place(parent)[0], parent, limb.at_m)
            ends[limb.id] = (base, along(base, limb, limb.length_m))
        return ends[limb.id]

    for limb in frame.limbs:
        place(limb)
    return ends


def apart_deg(a_deg: float, b_deg: float) -> float:
    """How far two bearings stand apart [degrees, 0 to 180]."""
    apart = abs(a_deg - b_deg) % 360
    return min(apart, 360 - apart)


def height_m(frame: Frame, ends: Mapping[str, tuple[Point, Point]] | None = None) -> float:
    """Highest point, not below the trunk's height [m]."""
    ends = limb_ends(frame) if ends is None else ends
    return max([frame.trunk.height_m, *(max(a[2], b[2]) for a, b in ends.values())])


def radius_m(frame: Frame, ends: Mapping[str, tuple[Point, Point]] | None = None) -> float:
    """Greatest horizontal distance of any limb end from the trunk axis [m]."""
    ends = limb_ends(frame) if ends is None else ends
    return max([0.0, *(hypot(p[0], p[1]) for pair in ends.values() for p in pair)])


def lowest_tip_m(
    frame: Frame, ends: Mapping[str, tuple[Point, Point]] | None = None
) -> float | None:
    """Lowest tip of a living limb of the tree above the ground [m]; None where it has none."""
    ends = limb_ends(frame) if ends is None else ends
    living = (x for x in frame.limbs if x.state == "live" and not is_sucker(frame, x))
    return min((ends[x.id][1][2] for x in living), default=None)


def balance(frame: Frame) -> Balance:
    """Leaf-weighted mean of the mid-points of the limbs above the union. Our rule: each limb weighs
    its own leaf beyond its base.
    """
    ends, roots = limb_ends(frame), roots_of(frame)
    total = x = y = 0.0
    for limb in frame.limbs:
        if is_sucker(frame, roots[limb.id]):
            continue
        weight = limb.leafing * max(0.0, limb.base_mm**2 - limb.headed_mm**2)
        (x0, y0, _), (x1, y1, _) = ends[limb.id]
        total += weight
        x += weight * (x0 + x1) / 2
        y += weight * (y0 + y1) / 2
    if total == 0:
        return Balance(0.0, None)
    offset = hypot(x / total, y / total)
    return Balance(offset, degrees(atan2(x, y)) % 360 if offset > 1e-9 else None)


def envelope(frame: Frame, sectors: int = 16) -> Envelope:
    """Outline by compass sector; sector 0 is centred on north."""
    ends, roots = limb_ends(frame), roots_of(frame)
    reach = [0.0] * sectors
    skirt: float | None = None
    for limb in frame.limbs:
        if is_sucker(frame, roots[limb.id]):
            continue
        tip = ends[limb.id][1]
        sector = round(degrees(atan2(tip[0], tip[1])) % 360 / (360 / sectors)) % sectors
        reach[sector] = max(reach[sector], hypot(tip[0], tip[1]))
        if limb.state != "dead":
            skirt = tip[2] if skirt is None else min(skirt, tip[2])
    return Envelope(height_m(frame, ends), radius_m(frame, ends), skirt, tuple(reach))
