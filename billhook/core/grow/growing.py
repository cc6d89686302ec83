"""The state of a tree between its seasons, and the ways in which it changes."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field, replace
from math import radians, sin, sqrt

from ..frame.check import LONGEST_M, SHORTEST_M
from ..frame.leaf import leaf_above
from ..frame.model import Frame, Limb, is_sucker, roots_of
from ..known import Knowledge
from ..light.inner import LeafLight, light_under

SHOOTS = frozenset({"sprout", "regrowth"})


@dataclass(frozen=True)
class Kind:
    """What of a tree its growth depends on. gain_m: height a tipped tree gains in a year;
    lowered_m: first growth of a limb cut back hard; natural_m: height left alone.
    """

    light: LeafLight
    vigour: int
    gain_m: float
    lowered_m: float
    leaf_gain: float
    natural_m: float
    level_m: float
    full_leaf: float


@dataclass
class Growing:
    """A tree that grows. own: leaf by limb [mm^p]; shaded: seasons in deep shade by limb; wounds:
    diameter [mm] and season by cut; soft: shoots of this season; grew_m: what each end grew last.
    """

    frame: Frame
    own: dict[str, float]
    shaded: dict[str, int] = field(default_factory=dict)
    wounds: list[tuple[float, int]] = field(default_factory=list)
    soft: set[str] = field(default_factory=set)
    grew_m: dict[str, float] = field(default_factory=dict)

    @property
    def leaf(self) -> float:
        """All leaf of the canopy [mm^p]."""
        return sum(self.own.values())

    def put(self, limbs: Iterable[Limb]) -> None:
        """Change limbs, or add new ones."""
        by_id = {x.id: x for x in self.frame.limbs} | {x.id: x for x in limbs}
        self.frame = replace(self.frame, limbs=tuple(by_id.values()))

    def drop(self, ids: set[str]) -> None:
        """Take limbs off, with all that grows on them."""
        gone = set(ids)
        by_id = {x.id: x for x in self.frame.limbs}
        for limb in self.frame.limbs:
            way = [limb.id]
            while (on := by_id[way[-1]].on) in by_id and way[-1] not in gone:
                way.append(on)
            if way[-1] in gone:
                gone.update(way)
        self.frame = replace(
            self.frame, limbs=tuple(x for x in self.frame.limbs if x.id not in gone)
        )
        for limb_id in gone:
            self.own.pop(limb_id, None)

    def light_at(self, kind: Kind, heights_m: list[float]) -> list[float]:
        """Share of the sky's light at heights [0..1], under what leaf hangs above."""
        above = leaf_above(self.frame, self.own, heights_m)
        per = kind.light.area / kind.full_leaf if kind.full_leaf > 0 else 0.0
        return [light_under(float(a) * per, kind.light.k) for a in above]

    def light_inside(self, kind: Kind) -> float:
        """Share of the sky's light on the lower part of the tree [0..1]."""
        return self.light_at(kind, [kind.level_m])[0]

    def sprouts(self) -> list[Limb]:
        """Upright shoots that wait for somebody to choose among them, suckers with them."""
        roots = roots_of(self.frame)
        return [
            x
            for x in self.frame.limbs
            if x.state == "live"
            and (x.kind in SHOOTS or (is_sucker(self.frame, x) and roots[x.id] is x))
        ]

    def ends(self) -> list[Limb]:
        """Living limbs that grow on at their tip: nothing grows at their end, and they were not
        cut there.
        """
        length = {x.id: x.length_m for x in self.frame.limbs}
        forked = {x.on for x in self.frame.limbs if x.at_m >= 0.98 * length.get(x.on, 1e9)}
        return [
            x
            for x in self.frame.limbs
            if x.state == "live" and x.foliage > 0 and x.headed_mm == 0 and x.id not in forked
        ]


def lengthened(limb: Limb, by_m: float) -> Limb:
    """A limb grown on at its tip: as much thicker at its base as it is longer, in part."""
    longer = min(LONGEST_M, max(SHORTEST_M, limb.length_m + by_m))
    return replace(limb, length_m=longer, tip_mm=min(limb.end_mm, limb.base_mm))


def rise_of(limb: Limb, least: float = 0.35) -> float:
    """How much of its length a limb rises, not less than ``least``."""
    return max(least, sin(radians(max(0.0, limb.rise_deg))))


def room_m(limb: Limb, tip_z_m: float, ceiling_m: float) -> float:
    """Length [m] a limb may still grow until its tip stands at a height."""
    up = sin(radians(limb.rise_deg))
    return 1e9 if up <= 0.01 else max(0.0, (ceiling_m - tip_z_m) / up)


def thickened(know: Knowledge, state: Growing, before: dict[str, float]) -> None:
    """Limbs as thick as the leaf they carry asks for: their cross-section follows it."""
    now, was = _carried(state.frame, state.own), _carried(state.frame, before)
    most = know.number("grow/thickens")
    changed = []
    for limb in state.frame.limbs:
        if limb.id in before and was.get(limb.id, 0) > 0 and limb.headed_mm == 0:
            factor = min(most, max(1.0, sqrt(now[limb.id] / was[limb.id])))
            changed.append(replace(limb, base_mm=limb.base_mm * factor, tip_mm=limb.end_mm))
    state.put(changed)


def _carried(frame: Frame, own: dict[str, float]) -> dict[str, float]:
    """Leaf of each limb with all that grows on it."""
    found = {x.id: own.get(x.id, 0.0) for x in frame.limbs}
    by_id = {x.id: x for x in frame.limbs}
    for limb in frame.limbs:
        at = limb
        while at.on in by_id:
            at = by_id[at.on]
            found[at.id] += own.get(limb.id, 0.0)
    return found
