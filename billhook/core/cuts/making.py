"""Beside the technique: what a hand that has never made this cut must know, and the cut as a
drawing to scale.
"""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass
from math import cos, hypot, radians, sin, tan

from ..frame.model import SOIL, TRUNK, Frame, Limb
from ..frame.share import CutCost
from ..known import Knowledge
from ..notes import Notes
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Compass, Diameter, Weight, say

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
    it goes through [0..1]; kind: ``under``, ``top`` or ``last``.
    """

    n: int
    kind: str
    deep: float


@dataclass(frozen=True)
class CutDrawing:
    """A cut seen from the side, to scale. bar_m: a length for the scale bar [m]."""

    pieces: tuple[Piece, ...]
    strokes: tuple[Stroke, ...]
    bar_m: float


@dataclass(frozen=True)
class Made:
    """What the words of a cut turn on: where it is, who takes over, the tool and the number of
    strokes.
    """

    place: str
    heir: Limb | None
    tool: str
    count: int
    dead: bool
    height_m: float


def notes(
    frame: Frame,
    cost: CutCost,
    made: Made,
    know: Knowledge,
    species: str,
    dangers: Collection[str],
    units: Units,
) -> tuple[Reason, ...]:
    """In the order one needs them: look for fruit, support, blade, nodes, where growth goes, what
    is normal after, hygiene, who must not.
    """
    said = Notes(know, "making")
    limb = None if cost.limb == TRUNK else frame.limb(cost.limb)
    live = not made.dead and limb is not None and limb.state == "live"
    if live and made.place != "origin":
        said.say("look-first")
    if cost.hand_kg > know.number("cuts/one-hand-kg"):
        said.say(
            "support",
            used={"in the hand, kg": round(cost.hand_kg, 1)},
            ids=("cuts/one-hand-kg",),
            weight=Weight(cost.hand_kg, units),
        )
    _blade(said, know, cost, made, units)
    if limb is not None and live:
        _growth(said, limb, made)
        if made.place == "between" and limb.foliage <= know.number("making/bare-below"):
            said.say("nodes")
        if made.place == "between":
            said.say("browning")
        if made.place == "sheared":
            said.say("sheared")
    sick = limb is not None and limb.state == "diseased"
    if sick:
        said.say("clean-each-cut")
    elif set(dangers) & _ON_BLADES:
        said.say("clean-each-tree")
    _not_for(said, know, species, made)
    return tuple(said.found)


_ON_BLADES = {"canker", "viroid", "sunblotch", "mal-secco"}


def _blade(said: Notes, know: Knowledge, cost: CutCost, made: Made, units: Units) -> None:
    """Which side the blade goes, and whether a larger tool would cut cleaner."""
    if made.tool in ("hand-pruner", "lopper", "pole-pruner"):
        said.say("blade-side")
    elif made.tool not in ("hand-saw", "pole-saw"):
        return
    column = f"tools/{made.tool}/{'dead' if made.dead else 'green'}-mm"
    most = know.number(column)
    if cost.wound_mm > know.number("making/upper-size") * most:
        said.say(
            "upper-size",
            used={"wound, mm": round(cost.wound_mm, 1), "tool's largest, mm": most},
            ids=(column, "making/upper-size"),
            size=Diameter(most, units),
        )


def _growth(said: Notes, limb: Limb, made: Made) -> None:
    """Which bud or side branch, and which way new growth will go."""
    if made.heir is not None:
        rise = made.heir.rise_deg
        said.say(
            "grows-with-heir",
            used={"rise, degrees": rise},
            wind=Compass(made.heir.bearing_deg),
            steep=say(
                "heir-steep" if rise >= 60 else "heir-slanting" if rise >= 20 else "heir-flat"
            ),
        )
    elif made.place == "between":
        said.say(
            "grows-from-bud",
            used={"bearing, degrees": limb.bearing_deg},
            wind=Compass(limb.bearing_deg),
            side=say("bud-under" if limb.rise_deg < 60 else "bud-outer"),
        )
    elif made.place == "collar":
        said.say("grows-nowhere")


def _not_for(said: Notes, know: Knowledge, species: str, made: Made) -> None:
    """Who must not make this cut."""
    if f"species/{species}/sap" in know:
        said.say("not-sap")
    if made.tool == "chainsaw":
        said.say("not-for-chainsaw")
    elif made.height_m > know.number("cuts/pole-reach"):
        said.say("not-for-ladder")


def drawing(frame: Frame, cost: CutCost, made: Made, know: Knowledge) -> CutDrawing | None:
    """The cut from the side: the limb, what it grows on or what takes over, and every stroke in its
    order. None for the trunk.
    """
    if cost.limb == TRUNK:
        return None
    limb = frame.limb(cost.limb)
    width = cost.wound_mm / 1000
    along = (cos(radians(limb.rise_deg)), sin(radians(limb.rise_deg)))
    across = (-along[1], along[0])
    span = max(3.2 * width, know.number("making/hand-m") + 0.1 if made.count == 3 else 0.0, 0.05)
    pieces: list[Piece] = []
    if made.place in ("collar", "origin"):
        parent, parent_w = _parent(frame, limb)
        # of a thick stem only the strip of bark beside the limb is drawn, with its edge where the
        # limb leaves it
        strip = min(parent_w, know.number("making/strip") * width)
        side = parent[0] * along[1] - parent[1] * along[0]
        inward = (-parent[1], parent[0]) if side < 0 else (parent[1], -parent[0])
        middle = (inward[0] * strip / 2, inward[1] * strip / 2)
        half = max(2.2 * width, 0.03)
        low, high = (
            (middle[0] + sign * parent[0] * half, middle[1] + sign * parent[1] * half)
            for sign in (-1, 1)
        )
        pieces.append(Piece(low, high, "parent", strip, strip))
        # the lower edge of a steep limb leaves the bark later than its middle does
        lean_out = abs(parent[0] * along[0] + parent[1] * along[1]) / max(abs(side), 0.25)
        at = width / 2 * lean_out + (
            0.0 if made.place == "origin" else know.number("making/collar-m")
        )
        pieces.append(Piece((0.0, 0.0), _at(along, at + span), "limb", width * 1.1, width))
    else:
        pieces.append(
            Piece(
                _at(along, -span),
                _at(along, span),
                "limb",
                limb.diameter_mm(max(0.0, cost.keep_m - span)) / 1000,
                width * 0.95,
            )
        )
        at = 0.0
        if made.heir is not None:
            way = radians(made.heir.bearing_deg - limb.bearing_deg)
            out = (cos(radians(made.heir.rise_deg)) * cos(way), sin(radians(made.heir.rise_deg)))
            size = hypot(*out) or 1.0
            heir_w = made.heir.base_mm / 1000
            base = _at(along, -max(cost.keep_m - made.heir.at_m, 0.6 * heir_w))
            pieces.append(
                Piece(
                    base,
                    (base[0] + out[0] / size * span, base[1] + out[1] / size * span),
                    "heir",
                    heir_w,
                    heir_w * 0.9,
                )
            )
        elif made.place == "between":
            base = _at(along, -know.number("cuts/stub-mm") / 1000 - width / 2)
            bud = (base[0] - across[0] * width * 0.5, base[1] - across[1] * width * 0.5)
            pieces.append(
                Piece(
                    bud,
                    (
                        bud[0] + (along[0] - across[0]) * width * 0.3,
                        bud[1] + (along[1] - across[1]) * width * 0.3,
                    ),
                    "bud",
                    width * 0.3,
                    0.0,
                )
            )
    return CutDrawing(
        tuple(pieces), tuple(_strokes(made, along, across, at, width, pieces, know)), _bar(span)
    )


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
    if made.place == "between":
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
        high = (
            _at(along, where)[0] + across[0] * reach + along[0] * tilt * reach,
            _at(along, where)[1] + across[1] * reach + along[1] * tilt * reach,
        )
        low = (
            _at(along, where)[0] - across[0] * reach - along[0] * tilt * reach,
            _at(along, where)[1] - across[1] * reach - along[1] * tilt * reach,
        )
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


def _bar(span: float) -> float:
    """A round length for the scale bar [m]."""
    return next(b for b in (0.01, 0.02, 0.05, 0.1, 0.2, 0.5) if b >= span / 5)
