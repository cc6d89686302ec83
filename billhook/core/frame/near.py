"""How near limbs come to each other."""

from __future__ import annotations

from math import acos, degrees, sqrt

from .geometry import Point

Segment = tuple[Point, Point]


def _minus(a: Point, b: Point) -> Point:
    return (a[0] - b[0], a[1] - b[1], a[2] - b[2])


def _dot(a: Point, b: Point) -> float:
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]


def nearest(a: Segment, b: Segment) -> tuple[float, float, float]:
    """Least distance of two straight limbs [m], and where on each it lies [0..1].

    Source: the closest points of two segments by clamping the common perpendicular, a standard
    construction.
    """
    along_a, along_b, between = _minus(a[1], a[0]), _minus(b[1], b[0]), _minus(a[0], b[0])
    aa, bb, ab = _dot(along_a, along_a), _dot(along_b, along_b), _dot(along_a, along_b)
    ad, bd = _dot(along_a, between), _dot(along_b, between)
    across = aa * bb - ab * ab
    s = min(1.0, max(0.0, (ab * bd - ad * bb) / across)) if across > 1e-12 else 0.0
    t = (ab * s + bd) / bb
    if not 0 <= t <= 1:
        t = min(1.0, max(0.0, t))
        s = min(1.0, max(0.0, (ab * t - ad) / aa))
    gap = tuple(between[i] + s * along_a[i] - t * along_b[i] for i in range(3))
    return sqrt(sum(g * g for g in gap)), s, t


def angle_deg(a: Segment, b: Segment) -> float:
    """Angle between the directions of two limbs [degrees, 0..180]."""
    u, v = _minus(a[1], a[0]), _minus(b[1], b[0])
    return degrees(acos(max(-1.0, min(1.0, _dot(u, v) / sqrt(_dot(u, u) * _dot(v, v))))))
