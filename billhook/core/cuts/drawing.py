"""A cut as a drawing to scale, from the side."""

from __future__ import annotations

from dataclasses import dataclass
from math import cos, hypot, radians, sin, tan

from ..frame.model import SOIL, TRUNK, Frame, Limb
from ..frame.share import CutCost
from ..known import Knowledge
from ..notes import Notes
from ..reasons import Reason
from .making import Made
from .placing import above_a_bud

Spot = tuple[float, float]


@dataclass(frozen=True)
class _Line:
    """From start to end [m]."""

    start: Spot
    end: Spot

    @property
    def x0(self) -> float:
        """Where it starts, across [m]."""
        return self.start[0]

    @property
    def y0(self) -> float:
        """Where it starts, up [m]."""
        return self.start[1]

    @property
    def x1(self) -> float:
        """Where it ends, across [m]."""
        return self.end[0]

    @property
    def y1(self) -> float:
        """Where it ends, up [m]."""
        return self.end[1]


@dataclass(frozen=True)
class Piece(_Line):
    """A tapered piece of wood, in the upright plane of the limb. role: ``parent``, ``limb``,
    ``heir`` or ``bud``; ends and widths in metres.
    """

    role: str
    start_w: float
    end_w: float


@dataclass(frozen=True)
class Stroke(_Line):
    """One stroke of the blade, from where it enters [m]. n: its place in the order; deep: how far
    it goes through [0..1]; kind: ``under``, ``top``, ``last`` or ``wrong``.
    """

    n: int
    kind: str
    deep: float


@dataclass(frozen=True)
class CutDrawing:
    """A cut seen from the side, to scale. bar_m: a length for the scale bar [m]. wrong: where it
    must not be made, each with its reason in ``not_so``.
    """

    pieces: tuple[Piece, ...]
    strokes: tuple[Stroke, ...]
    bar_m: float
    wrong: tuple[Stroke, ...] = ()
    not_so: tuple[Reason, ...] = ()


def drawing(frame: Frame, cost: CutCost, made: Made, know: Knowledge) -> CutDrawing | None:
    """The cut from the side: the limb, what it grows on or what takes over, and every stroke in its
    order. None for the trunk.
    """
    if cost.limb == TRUNK:
        return None
    limb = frame.limb(cost.limb)
    width = cost.wound_mm / 1000
    along = (cos(radians(limb.rise_deg)), sin(radians(limb.rise_deg)))
    span = max(3.2 * width, know.number("making/hand-m") + 0.1 if made.count == 3 else 0.0, 0.05)
    if made.place in ("collar", "origin"):
        pieces, at = _off_its_parent(frame, limb, made, width, span, know)
    else:
        pieces, at = _along_itself(limb, cost.keep_m, made, width, span, know), 0.0
    across = (-along[1], along[0])
    strokes = _strokes(made, along, across, at, width, pieces, know)
    wrong, not_so = _wrong(made, strokes[-1], along, width, know)
    return CutDrawing(tuple(pieces), tuple(strokes), _bar(span), wrong, not_so)


def _wrong(
    made: Made, right: Stroke, along: Spot, width: float, know: Knowledge
) -> tuple[tuple[Stroke, ...], tuple[Reason, ...]]:
    """Where the cut must not be made, and why; nothing where no bud, collar or branch tells."""
    if made.place == "between" and not above_a_bud(know, width * 1000):
        return (), ()
    rows = [r for r in know.rows("wrong-cuts") if made.place in know.text(f"wrong-cuts/{r}/places")]
    strokes, says = [], Notes(know, "wrong-cuts")
    for n, row in enumerate(rows, 1):
        off = know.number(f"wrong-cuts/{row}/off") * width
        start, end = (_beyond(p, along, off) for p in (right.start, right.end))
        strokes.append(Stroke(start, end, n, "wrong", 1))
        says.say(row)
    return tuple(strokes), tuple(says.found)


def _off_its_parent(
    frame: Frame, limb: Limb, made: Made, width: float, span: float, know: Knowledge
) -> tuple[list[Piece], float]:
    """The parent's bark and the limb that leaves it, and where along the limb the cut lies [m]."""
    along = (cos(radians(limb.rise_deg)), sin(radians(limb.rise_deg)))
    parent, parent_w = _parent(frame, limb)
    # of a thick stem only the strip of bark beside the limb is drawn, with its edge where the
    # limb leaves it
    strip = min(parent_w, know.number("making/strip") * width)
    side = parent[0] * along[1] - parent[1] * along[0]
    inward = (-parent[1], parent[0]) if side < 0 else (parent[1], -parent[0])
    middle = _at(inward, strip / 2)
    half = max(2.2 * width, 0.03)
    low, high = _beyond(middle, parent, -half), _beyond(middle, parent, half)
    # the lower edge of a steep limb leaves the bark later than its middle does
    lean_out = abs(parent[0] * along[0] + parent[1] * along[1]) / max(abs(side), 0.25)
    collar = 0.0 if made.place == "origin" else know.number("making/collar-m")
    at = width / 2 * lean_out + collar
    stays = Piece(low, high, "parent", strip, strip)
    return [stays, Piece((0.0, 0.0), _at(along, at + span), "limb", width * 1.1, width)], at


def _along_itself(
    limb: Limb, keep_m: float, made: Made, width: float, span: float, know: Knowledge
) -> list[Piece]:
    """The limb on both sides of the cut, with the side branch or the bud that takes over."""
    along = (cos(radians(limb.rise_deg)), sin(radians(limb.rise_deg)))
    across = (-along[1], along[0])
    back = limb.diameter_mm(max(0.0, keep_m - span)) / 1000
    pieces = [Piece(_at(along, -span), _at(along, span), "limb", back, width * 0.95)]
    if made.heir is not None:
        way = radians(made.heir.bearing_deg - limb.bearing_deg)
        out = (cos(radians(made.heir.rise_deg)) * cos(way), sin(radians(made.heir.rise_deg)))
        heir_w = made.heir.base_mm / 1000
        base = _at(along, -max(keep_m - made.heir.at_m, 0.6 * heir_w))
        tip = _beyond(base, out, span / (hypot(*out) or 1.0))
        pieces.append(Piece(base, tip, "heir", heir_w, heir_w * 0.9))
    elif made.place == "between" and above_a_bud(know, width * 1000):
        base = _at(along, -know.number("cuts/stub-mm") / 1000 - width / 2)
        bud = _beyond(base, across, -width * 0.5)
        tip = _beyond(_beyond(bud, along, width * 0.3), across, -width * 0.3)
        pieces.append(Piece(bud, tip, "bud", width * 0.3, 0.0))
    return pieces


def _strokes(
    made: Made,
    along: Spot,
    across: Spot,
    at: float,
    width: float,
    pieces: list[Piece],
    know: Knowledge,
) -> list[Stroke]:
    """The last cut as the place asks for it; before it the undercut and the top cut of a heavy
    limb, or the long cut of shears.
    """
    lean = 0.0
    if made.place == "between" and above_a_bud(know, width * 1000):
        lean = -tan(radians(know.number("cuts/slope")))  # further out on the side of the bud
    elif made.place in ("side-branch", "junction"):
        heir = next((p for p in pieces if p.role == "heir"), None)
        upper = (
            heir is None
            or (heir.end[0] - heir.start[0]) * across[0] + (heir.end[1] - heir.start[1]) * across[1]
            >= 0
        )
        lean = (1 if upper else -1) * tan(radians(know.number("cuts/slope") / 2))
    reach = width * 0.62

    def line(
        n: int, kind: str, where: float, tilt: float, deep: float, below: bool = False
    ) -> Stroke:
        middle = _at(along, where)
        high = _beyond(_beyond(middle, across, reach), along, tilt * reach)
        low = _beyond(_beyond(middle, across, -reach), along, -tilt * reach)
        start, end = (low, high) if below else (high, low)
        return Stroke(
            start,
            (start[0] + (end[0] - start[0]) * deep, start[1] + (end[1] - start[1]) * deep),
            n,
            kind,
            deep,
        )

    hand = know.number("making/hand-m")
    if made.count == 3:
        return [
            line(1, "under", at + hand, 0, know.number("making/undercut-deep"), True),
            line(2, "top", at + hand + know.number("making/top-further-m"), 0, 1),
            line(3, "last", at, lean, 1),
        ]
    if made.count == 2:
        return [line(1, "top", at + max(2 * width, 0.05), 0, 1), line(2, "last", at, lean, 1)]
    return [line(1, "last", at, lean, 1)]


def _parent(frame: Frame, limb: Limb) -> tuple[Spot, float]:
    """Direction, in the limb's upright plane, and width [m] of what a limb grows on."""
    if limb.on in (TRUNK, SOIL):
        return (0.0, 1.0), frame.trunk.diameter_mm / 1000
    parent = frame.limb(limb.on)
    way = radians(parent.bearing_deg - limb.bearing_deg)
    out = (cos(radians(parent.rise_deg)) * cos(way), sin(radians(parent.rise_deg)))
    size = hypot(*out)
    return ((out[0] / size, out[1] / size) if size > 0.05 else (0.0, 1.0)), parent.diameter_mm(
        min(limb.at_m, parent.length_m)
    ) / 1000


def _at(along: Spot, where: float) -> Spot:
    return along[0] * where, along[1] * where


def _beyond(spot: Spot, way: Spot, by: float) -> Spot:
    return spot[0] + way[0] * by, spot[1] + way[1] * by


def _bar(span: float) -> float:
    """A round length for the scale bar [m]."""
    return next(b for b in (0.01, 0.02, 0.05, 0.1, 0.2, 0.5) if b >= span / 5)
