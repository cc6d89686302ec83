"""One picture of a tree from the side: where a touch on it lies in the world.

::

        z up                      the tree stands at the origin of the ground,
        |   y away                x runs to the right of the picture, y away from who took it
        |  /
        | /        camera: at (0, -distance, eye), tipped up or down so that the scale's two ends
        +----- x   come out where they were touched; turned by the lean of the scale

Without a distance every ray is level: a picture from far away. A pinhole (its two unknowns, focal
length and tip, found from two points of known height) is textbook geometry, from memory.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import cos, hypot, radians, sin, sqrt

import numpy as np
from numpy.typing import NDArray

from ..errors import refuse
from ..known import Knowledge
from ..words.values import Length, say

Touch = tuple[float, float]
Vector = NDArray[np.float64]


@dataclass(frozen=True)
class Staff:
    """Something upright of known length [m] beside the trunk: where its ends were touched [px]."""

    low: Touch
    high: Touch
    length_m: float


@dataclass(frozen=True)
class Picture:
    """What is known of a picture. from_deg: where its taker stood, degrees from north as seen from
    the tree; distance_m: how far off, None where that is not known; eye_m: height of the camera.
    """

    width: int
    height: int
    staff: Staff
    foot: Touch
    from_deg: float
    distance_m: float | None
    eye_m: float


@dataclass(frozen=True)
class Ray:
    """Where a touch may lie: every point ``start + t * way``."""

    start: Vector
    way: Vector


@dataclass(frozen=True)
class Camera:
    """A picture made measurable. focal_px: of a pinhole; px_per_m: where it is seen from far."""

    centre: Touch
    lean: tuple[float, float]
    focal_px: float | None
    px_per_m: float
    tip: tuple[float, float]
    start: tuple[float, float, float]
    from_deg: float

    def _turned(self, touch: Touch) -> tuple[float, float]:
        """Right and up of the picture's middle [px], the scale upright."""
        x, y = touch[0] - self.centre[0], self.centre[1] - touch[1]
        c, s = self.lean
        return x * c - y * s, x * s + y * c

    def seen(self, touch: Touch) -> Ray:
        """The ray of a touch in the picture's own axes: right, away, up [m]."""
        u, v = self._turned(touch)
        if self.focal_px is None:
            at = np.array([u / self.px_per_m, 0.0, v / self.px_per_m])
            return Ray(at + np.array(self.start), np.array([0.0, 1.0, 0.0]))
        c, s = self.tip
        f = self.focal_px
        return Ray(np.array(self.start), np.array([u, f * c - v * s, f * s + v * c]) / f)

    def on_picture_plane(self, touch: Touch, away: float = 0.0) -> Vector:
        """Where a touch lies if it is so far behind the trunk [m]."""
        ray = self.seen(touch)
        return np.asarray(ray.start + (away - ray.start[1]) / ray.way[1] * ray.way)

    def world(self, point: Vector) -> Vector:
        """Right, away, up as east, north, up."""
        right = radians(self.from_deg - 90)
        away = right - radians(90)
        east = point[0] * sin(right) + point[1] * sin(away)
        north = point[0] * cos(right) + point[1] * cos(away)
        return np.array([east, north, point[2]])

    def ray(self, touch: Touch) -> Ray:
        """The ray of a touch in the world: east, north, up."""
        own = self.seen(touch)
        return Ray(self.world(own.start), self.world(own.way))


def camera_of(picture: Picture, know: Knowledge) -> Camera:
    """Solve a picture. Raises: InvalidInput by field for a scale that is none."""
    staff = picture.staff
    right, up = staff.high[0] - staff.low[0], staff.low[1] - staff.high[1]
    long = hypot(right, up)
    _scale_stands(picture, right, up, long, know)
    centre = (picture.width / 2, picture.height / 2)
    lean = (up / long, right / long)
    px_per_m = long / staff.length_m
    flat = Camera(centre, lean, None, px_per_m, (1, 0), (0, 0, 0), picture.from_deg)
    if picture.distance_m is None:
        low, foot = flat.on_picture_plane(staff.low), flat.on_picture_plane(picture.foot)
        return _moved(flat, (-foot[0], 0.0, -low[2]))
    low_v, high_v = flat._turned(staff.low)[1], flat._turned(staff.high)[1]
    a = -picture.eye_m / picture.distance_m
    b = (staff.length_m - picture.eye_m) / picture.distance_m
    t = _tip(low_v, high_v, a, b)
    focal = (high_v - low_v) / ((b - t) / (1 + b * t) - (a - t) / (1 + a * t))
    c = 1 / sqrt(1 + t * t)
    pinhole = Camera(
        centre,
        flat.lean,
        focal,
        flat.px_per_m,
        (c, t * c),
        (0.0, -picture.distance_m, picture.eye_m),
        picture.from_deg,
    )
    return _moved(pinhole, (-pinhole.on_picture_plane(picture.foot)[0], 0.0, 0.0))


def _moved(camera: Camera, by: Sequence[float]) -> Camera:
    start = tuple(float(s + b) for s, b in zip(camera.start, by, strict=True))
    return Camera(
        camera.centre,
        camera.lean,
        camera.focal_px,
        camera.px_per_m,
        camera.tip,
        (start[0], start[1], start[2]),
        camera.from_deg,
    )


def _tip(low: float, high: float, a: float, b: float) -> float:
    """Tangent of how far the camera is tipped up, of two heights seen at tangents a and b."""
    p, q, r = b * high - a * low, (a * b - 1) * (low - high), b * low - a * high
    if abs(p) < 1e-9 * abs(q):
        return -r / q
    root = sqrt(max(0.0, q * q - 4 * p * r))
    return min(((-q + root) / (2 * p), (-q - root) / (2 * p)), key=abs)


def _scale_stands(picture: Picture, right: float, up: float, long: float, know: Knowledge) -> None:
    staff = picture.staff
    short = long < picture.height * know.number("trace/scale-least")
    leans = abs(right) > up * know.number("trace/lean-most")
    refuse(
        {
            "/staff/length_m": None
            if 0.2 <= staff.length_m <= 30
            else say("bad-between", low=Length(0.2), high=Length(30)),
            "/staff/high": say("bad-the-upper-end-of-the-scale")
            if up <= 0
            else say("bad-the-ends-of-the-scale-lie")
            if short
            else say("bad-the-scale-lies-across-it-must")
            if leans
            else None,
            "/distance_m": None
            if picture.distance_m is None or 1 <= picture.distance_m <= 200
            else say("bad-between", low=Length(1), high=Length(200)),
        }
    )


def nearest_point(one: Ray, other: Ray) -> Vector | None:
    """Where two rays come closest; None where they run side by side."""
    a, b = one.way / np.linalg.norm(one.way), other.way / np.linalg.norm(other.way)
    square = 1 - float(a @ b) ** 2
    if square < 0.03:
        return None
    gap = other.start - one.start
    t = (gap @ a - (gap @ b) * (a @ b)) / square
    s = ((gap @ a) * (a @ b) - gap @ b) / square
    return np.asarray((one.start + t * a + other.start + s * b) / 2)
