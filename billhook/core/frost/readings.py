"""Readings of scratched bark on a hurt tree: which still count, and what they come to."""

from __future__ import annotations

import datetime as dt
from collections.abc import Collection, Sequence
from dataclasses import dataclass

from ..frame.model import TRUNK, Frame, Limb, is_sucker
from .scratch import Reading


@dataclass(frozen=True)
class Noted:
    """Bark scratched on a limb, so far from its base [m], on a day."""

    limb: str
    at_m: float
    green: bool
    day: dt.date


def counting(made: Sequence[Noted], limb: str, until: dt.date | None = None) -> list[Reading]:
    """Readings that hold on a limb: the last word of a place holds; brown stays, green counts only
    from the newest day the limb was tested on.
    """
    here = [s for s in made if s.limb == limb and (until is None or s.day <= until)]
    if not here:
        return []
    newest = max(s.day for s in here)
    last = {round(s.at_m, 3): s for s in here}
    greens = sorted(a for a, s in last.items() if s.green and s.day == newest)
    return [
        *(Reading(a, True) for a in greens),
        *(Reading(a, False) for a in sorted(a for a, s in last.items() if not s.green)),
    ]


def green_days(made: Sequence[Noted]) -> list[dt.date]:
    """The last day on which each limb that still shows green was tested."""
    return [
        max(s.day for s in made if s.limb == x)
        for x in {s.limb for s in made}
        if any(r.green for r in counting(made, x))
    ]


def steady_since(made: Sequence[Noted], fine_m: float) -> dt.date | None:
    """The day since which no edge has moved by more than the resolution; None before every limb
    with an edge was tested a second time.
    """
    found: list[dt.date] = []
    for limb in {s.limb for s in made if not s.green}:
        days = sorted({s.day for s in made if s.limb == limb})
        edges = {
            d: max((r.at_m for r in counting(made, limb, d) if r.green), default=0.0) for d in days
        }
        held = [
            d
            for i, d in enumerate(days[:-1])
            if all(edges[d] - edges[later] <= fine_m for later in days[i + 1 :])
        ]
        if not held:
            return None
        found.append(min(held))
    return max(found, default=None)


def main_limbs(frame: Frame) -> list[Limb]:
    """Limbs on the trunk that are not suckers."""
    return [x for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)]


def all_brown(frame: Frame, made: Sequence[Noted], fine_m: float) -> bool:
    """Every main limb that is not dead was scratched brown at its base."""
    mains = {x.id for x in main_limbs(frame) if x.state != "dead"}
    brown = {s.limb for s in made if not s.green and s.at_m <= fine_m}
    return bool(mains) and mains <= brown


def dead_leaf_share(frame: Frame, made: Sequence[Noted]) -> float | None:
    """Share [0..1] of the leaf that hung on wood found dead, by the cross-section where each
    scratched main limb goes brown; the others are taken to be like them. None before a main limb
    was scratched. frame: as the tree stood on the night.
    """
    tested: Collection[str] = {s.limb for s in made}
    mains = [x for x in main_limbs(frame) if x.id in tested]
    if not mains:
        return None
    dead = 0.0
    for limb in mains:
        readings = [r for r in counting(made, limb.id) if r.at_m <= limb.length_m]
        browns = [r.at_m for r in readings if not r.green]
        greens = [r.at_m for r in readings if r.green and r.at_m < min(browns, default=0.0)]
        if browns:
            dead += limb.diameter_mm(min(browns) if greens else 0.0) ** 2
    return min(1.0, dead / sum(x.base_mm**2 for x in mains))
