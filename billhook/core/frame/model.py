"""The measured skeleton of one stem, and a cut on it.

::

              / limb: straight, base_mm at its collar, tip_mm at its end
             /    rise_deg above horizontal, bearing_deg clockwise from north
    trunk  |/_____ at_m along the parent
           |
    union  =       union_m above ground
    _______|_______ ground; x east, y north, z up
"""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass, replace
from typing import Literal, get_args

State = Literal["live", "dead", "broken", "diseased"]
STATES: tuple[State, ...] = get_args(State)
Flush = Literal["none", "soft", "hard"]
FLUSHES: tuple[Flush, ...] = get_args(Flush)
TRUNK = "trunk"
SOIL = "soil"
DEFAULT_TIP_MM = 6.0


@dataclass(frozen=True)
class Trunk:
    """diameter_mm: just above the union [mm]. height_m: ground to the highest fork [m]."""

    diameter_mm: float
    height_m: float


@dataclass(frozen=True)
class Limb:
    """One limb. ``at_m`` is measured from the parent's base (for the trunk: above ground; from the
    soil: out from the foot). bloom: share of its ends in bloom [0..1]; flush: how its young leaf
    is; None where nobody looked.
    """

    id: str
    on: str
    at_m: float
    base_mm: float
    length_m: float
    rise_deg: float
    bearing_deg: float
    tip_mm: float | None = None
    state: State = "live"
    foliage: float = 1.0
    fruit: int = 0
    headed_mm: float = 0.0
    kind: str | None = None
    bloom: float | None = None
    flush: Flush | None = None

    @property
    def end_mm(self) -> float:
        """Diameter at the tip; 6 mm, or the base if that is thinner, where it was not measured
        [mm].
        """
        return min(DEFAULT_TIP_MM, self.base_mm) if self.tip_mm is None else self.tip_mm

    @property
    def leafing(self) -> float:
        """Foliage that counts: none on dead wood [0..1]."""
        return 0.0 if self.state == "dead" else self.foliage

    def diameter_mm(self, along_m: float) -> float:
        """Diameter [mm] at ``along_m`` [m] from the base, linear between base and tip."""
        return self.base_mm + (self.end_mm - self.base_mm) * along_m / self.length_m


@dataclass(frozen=True)
class Frame:
    """A trunk and the limbs that matter for a decision. ``union_m`` is None on own roots or where
    it is unknown.
    """

    trunk: Trunk
    limbs: tuple[Limb, ...] = ()
    union_m: float | None = None

    def limb(self, limb_id: str) -> Limb:
        """The limb with this id. Raises: KeyError."""
        for limb in self.limbs:
            if limb.id == limb_id:
                return limb
        raise KeyError(limb_id)

    def broken(self, limbs: Collection[str]) -> Frame:
        """The same frame with live limbs known to be broken."""
        return replace(
            self,
            limbs=tuple(
                replace(x, state="broken") if x.id in limbs and x.state == "live" else x
                for x in self.limbs
            ),
        )


@dataclass(frozen=True)
class Cut:
    """A cut that leaves ``keep_m`` [m] of a limb (0: off at its collar); ``limb`` may be
    ``trunk``.
    """

    limb: str
    keep_m: float


def is_sucker(frame: Frame, limb: Limb) -> bool:
    """True for a shoot from the soil, or from the trunk below the union."""
    if limb.on == SOIL:
        return True
    return limb.on == TRUNK and frame.union_m is not None and limb.at_m < frame.union_m


def roots_of(frame: Frame) -> dict[str, Limb]:
    """For every limb id, the limb on the trunk or in the soil that finally bears it. The frame must
    be well formed.
    """
    by_id = {limb.id: limb for limb in frame.limbs}
    roots: dict[str, Limb] = {}
    for limb in frame.limbs:
        at = limb
        while at.on not in (TRUNK, SOIL):
            at = by_id[at.on]
        roots[limb.id] = at
    return roots
