"""A frame out of touches on a picture: foot, top, something of known length, and for each limb its
fork, its tip and how thick it is. Nobody and nothing recognises anything in the picture.

Left and right are seen. What runs toward or away from who took it is asked, as a direction; a
second picture from another side answers it too. Each touch is a ray; a tip lies where it meets the
upright plane of its limb's direction through its fork.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from math import atan2, cos, degrees, hypot, radians, sin, sqrt

import numpy as np

from ..errors import FieldProblem, InvalidInput, invalid, refuse
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, say
from .camera import Camera, Picture, Touch, Vector, camera_of, nearest_point
from .check import checked
from .counting import counted
from .geometry import height_m, radius_m
from .model import TRUNK, Frame, Limb, State, Trunk, is_sucker
from .share import canopy_total, leaf_beyond


@dataclass(frozen=True)
class Thick:
    """How thick wood is: two touches across it, a class of the catalogue, or measured [mm]."""

    across: tuple[Touch, Touch] | None = None
    thickness: str | None = None
    mm: float | None = None


@dataclass(frozen=True)
class TracedLimb:
    """Touches [px] of a limb. on: what it grows on, where that is said; bearing_deg: which way it
    runs, degrees from north, None where it runs level with the picture; second: its tip on the
    second picture.
    """

    id: str
    fork: Touch
    tip: Touch
    thick: Thick
    on: str | None = None
    bearing_deg: float | None = None
    second: Touch | None = None
    state: State = "live"
    fruit: int = 0
    kind: str | None = None


@dataclass(frozen=True)
class Trace:
    """Everything touched. top: of the leaf; union: of scion and stock, None where not seen."""

    picture: Picture
    top: Touch
    trunk: Thick
    limbs: tuple[TracedLimb, ...]
    union: Touch | None = None
    second: Picture | None = None


@dataclass(frozen=True)
class LimbShare:
    """What one limb with all it bears carries of the canopy [0..1], and what it may be."""

    limb: str
    share: float
    low: float
    high: float


@dataclass(frozen=True)
class Traced:
    """The frame, the tree's height and spread [m] (to the top of the leaf), and shares by limb."""

    frame: Frame
    height_m: float
    spread_m: float
    shares: tuple[LimbShare, ...]
    reasons: tuple[Reason, ...]


@dataclass
class _Wood:
    """Wood placed so far: from where to where in the world, and on the picture [px]."""

    start: Vector
    end: Vector
    seen: tuple[Touch, Touch]


@dataclass
class _Tracing:
    know: Knowledge
    trace: Trace
    camera: Camera
    second: Camera | None
    wood: dict[str, _Wood] = field(default_factory=dict)
    spans: dict[str, tuple[float, float]] = field(default_factory=dict)

    def thick(self, thick: Thick, pointer: str, limb: str, away: float = 0.0) -> float:
        """Across [mm]. Raises: InvalidInput where nothing or too much says so."""
        if thick.across is not None:
            a, b = (self.camera.on_picture_plane(t, away) for t in thick.across)
            mm = float(np.linalg.norm(a - b)) * 1000
            if mm < 1:
                raise invalid(pointer, say("bad-the-two-touches-across-it-lie"))
            return mm
        if thick.thickness is not None:
            if thick.thickness not in self.know.rows("thickness"):
                raise invalid(
                    pointer, say("bad-is-no-thickness-of-the-catalogue", thickness=thick.thickness)
                )
            like = counted(self.know, thick.thickness, 1, False, False)
            self.spans[limb] = (like.least, like.most)
            return like.mm
        if thick.mm is None:
            raise invalid(pointer, say("bad-touch-across-it-or-say-how"))
        return thick.mm


def trace_frame(know: Knowledge, trace: Trace, units: Units = "metric") -> Traced:
    """The frame that was touched. Raises: InvalidInput by field: a scale that lies across, a top
    below the foot, a limb on nothing or one that runs straight at the camera.
    """
    tracing = _Tracing(
        know,
        trace,
        camera_of(trace.picture, know),
        camera_of(trace.second, know) if trace.second else None,
    )
    _tree_stands(tracing)
    trunk_mm = tracing.thick(trace.trunk, "/trunk", TRUNK)
    limbs: list[Limb] = []
    problems: list[FieldProblem] = []
    for n, touched in enumerate(trace.limbs):
        try:
            limbs.append(_limb(tracing, touched, limbs, f"/limbs/{n}", trunk_mm))
        except InvalidInput as error:
            problems += error.problems
    if problems:
        raise InvalidInput(problems)
    forks = [x.at_m for x in limbs if x.on == TRUNK]
    top = float(tracing.camera.on_picture_plane(trace.top)[2])
    union = None
    if trace.union is not None:
        union = round(max(0.0, float(tracing.camera.on_picture_plane(trace.union)[2])), 3)
    trunk = Trunk(round(trunk_mm, 1), round(max(forks, default=top), 3))
    frame = Frame(trunk, tuple(limbs), union)
    checked(frame)
    spread = 2 * radius_m(frame)
    return Traced(
        frame,
        max(top, height_m(frame)),
        spread,
        _shares(frame, tracing.spans),
        _reasons(trace, top, spread, units),
    )


def _tree_stands(tracing: _Tracing) -> None:
    foot = tracing.camera.on_picture_plane(tracing.trace.picture.foot)
    top = tracing.camera.on_picture_plane(tracing.trace.top)
    tall = top[2] - foot[2]
    refuse(
        {
            "/top": say("bad-the-top-was-touched-below-the")
            if tall <= 0
            else say("bad-that-makes-a-tree-over-40")
            if tall > 40
            else None
        }
    )


def _limb(
    tracing: _Tracing, touched: TracedLimb, limbs: Sequence[Limb], at: str, trunk_mm: float
) -> Limb:
    on = touched.on or _grows_on(tracing, touched, limbs, at, trunk_mm)
    if on != TRUNK and on not in tracing.wood:
        raise invalid(f"{at}/on", say("bad-it-grows-on-a-limb-that"))
    fork, along = _fork(tracing, touched, on)
    tip = _tip(tracing, touched, fork, at)
    way = tip - fork
    length, flat = float(np.linalg.norm(way)), hypot(way[0], way[1])
    if length < 0.02:
        raise invalid(f"{at}/tip", say("bad-fork-and-tip-lie-on-one"))
    own = tracing.camera.world(np.array([0.0, 1.0, 0.0]))
    base = tracing.thick(touched.thick, f"{at}/thick", touched.id, float(fork @ own))
    tracing.wood[touched.id] = _Wood(fork, tip, (touched.fork, touched.tip))
    return Limb(
        touched.id,
        on,
        round(along, 3),
        round(base, 1),
        round(length, 3),
        round(degrees(atan2(way[2], flat)), 1),
        round(degrees(atan2(way[0], way[1])) % 360, 1) % 360,
        state=touched.state,
        fruit=touched.fruit,
        kind=touched.kind,
    )


def _grows_on(
    tracing: _Tracing, touched: TracedLimb, limbs: Sequence[Limb], at: str, trunk_mm: float
) -> str:
    """The wood a fork was touched on: the trunk within its own width, else the nearest."""
    picture = tracing.trace.picture
    foot, top = picture.foot, tracing.trace.top
    tall = hypot(top[0] - foot[0], top[1] - foot[1])
    here = tracing.camera.on_picture_plane(touched.fork)
    stem = max((x.at_m for x in limbs if x.on == TRUNK), default=float(here[2]))
    near = tall * tracing.know.number("trace/on-trunk")
    half = max(near, trunk_mm / 2000 * tracing.camera.px_per_m)
    off_axis = abs(float(here[0])) * tracing.camera.px_per_m
    above = (float(here[2]) - stem) * tracing.camera.px_per_m
    gaps = {name: _gap(touched.fork, *wood.seen) for name, wood in tracing.wood.items()}
    best = min(gaps, key=lambda k: gaps[k], default=None)
    if off_axis <= half and (above <= half * 3 or best is None or gaps[best] > off_axis):
        return TRUNK
    if best is None or gaps[best] > tall * tracing.know.number("trace/on-limb"):
        raise invalid(f"{at}/fork", say("bad-its-fork-lies-on-no-wood"))
    return best


def _gap(point: Touch, a: Touch, b: Touch) -> float:
    """How far a point lies from a stretch [px]."""
    long = (b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2
    along = ((point[0] - a[0]) * (b[0] - a[0]) + (point[1] - a[1]) * (b[1] - a[1])) / (long or 1)
    t = min(1.0, max(0.0, along))
    return hypot(point[0] - a[0] - t * (b[0] - a[0]), point[1] - a[1] - t * (b[1] - a[1]))


def _fork(tracing: _Tracing, touched: TracedLimb, on: str) -> tuple[Vector, float]:
    """Where a limb starts in the world, and how far along what it grows on [m]."""
    if on == TRUNK:
        z = max(0.0, float(tracing.camera.on_picture_plane(touched.fork)[2]))
        return np.array([0.0, 0.0, z]), z
    parent = tracing.wood[on]
    along, length = parent.end - parent.start, float(np.linalg.norm(parent.end - parent.start))
    ray = tracing.camera.ray(touched.fork)
    # the point of the parent's line that lies nearest to the ray
    a, b, gap = along / length, ray.way / np.linalg.norm(ray.way), ray.start - parent.start
    square = 1 - float(a @ b) ** 2
    t = float((gap @ a - (gap @ b) * (a @ b)) / square) if square > 1e-6 else length / 2
    t = min(length, max(0.0, t))
    return parent.start + a * t, t


def _tip(tracing: _Tracing, touched: TracedLimb, fork: Vector, at: str) -> Vector:
    camera, ray = tracing.camera, tracing.camera.ray(touched.tip)
    if touched.second is not None:
        if tracing.second is None:
            raise invalid(f"{at}/second", say("bad-there-is-no-second-picture"))
        found = nearest_point(ray, tracing.second.ray(touched.second))
        if found is None:
            raise invalid(f"{at}/second", say("bad-both-pictures-were-taken-from-nearly"))
        return found
    if touched.bearing_deg is None:
        way = camera.world(np.array([1.0, 0.0, 0.0]))
    else:
        said = radians(touched.bearing_deg)
        way = np.array([sin(said), cos(said), 0.0])
    # start + t * ray.way = fork + s * way, on the ground plan
    across = ray.way[0] * way[1] - ray.way[1] * way[0]
    flat = hypot(ray.way[0], ray.way[1])
    if abs(across) < flat * sin(radians(tracing.know.number("trace/edge-on"))):
        raise invalid(f"{at}/bearing_deg", say("bad-runs-straight-toward-or-away-from"))
    gap = fork - ray.start
    t = (gap[0] * way[1] - gap[1] * way[0]) / across
    tip = np.asarray(ray.start + t * ray.way)
    if touched.bearing_deg is not None and float((tip - fork) @ way) < -0.02:
        raise invalid(f"{at}/bearing_deg", say("bad-is-seen-to-run-to-the"))
    return tip


def _shares(frame: Frame, spans: Mapping[str, tuple[float, float]]) -> tuple[LimbShare, ...]:
    """Share of every limb; where a thickness was said by class, what it may be.

    Source: error of a quotient of independent terms, textbook, from memory.
    """
    total = canopy_total(frame, 2)
    if not total:
        return ()
    scaffolds = {x.id: x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)}

    def half(limb: Limb) -> float:
        low, high = spans.get(limb.id, (limb.base_mm, limb.base_mm))
        return limb.leafing * (high**2 - low**2) / 2

    found = []
    for limb in frame.limbs:
        if limb.on != TRUNK or limb.id in scaffolds:
            share = leaf_beyond(limb, 0, 2) / total
            own = half(limb) / total * ((1 - share) if limb.id in scaffolds else 1)
            others = [half(x) / total * share for x in scaffolds.values() if x.id != limb.id]
            around = own + sqrt(sum(o * o for o in others))
            found.append(
                LimbShare(limb.id, share, max(0.0, share - around), min(1.0, share + around))
            )
    return tuple(found)


def _reasons(trace: Trace, top: float, spread: float, units: Units) -> tuple[Reason, ...]:
    far = trace.picture.distance_m is None
    sizes = say("traced", height=Length(top, units), across=Length(spread, units))
    found = [Reason("traced", sizes, {"limbs": len(trace.limbs)}, catalogue_ids=("trace/eye",))]
    if far:
        found.append(Reason("traced-flat", say("traced-flat")))
    return tuple(found)
