"""Down to the wanted height in several visits: how far each goes, and what it takes."""

from __future__ import annotations

import datetime as dt
from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from ..errors import invalid
from ..frame.generator import Habit, sketch_frame
from ..frame.geometry import height_m, limb_ends
from ..frame.model import Frame, is_sucker
from ..frame.share import canopy_total, leaf_beyond
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, say

_STEPS = 60
LeafAbove = Callable[[float], float]
"""Share of the leaf [0..1] that hangs above a part [0..1] of a tree's height."""


@dataclass(frozen=True)
class DayLimit:
    """What a day allows [0..1 of the canopy], and what a cut costs on it [crops per share]."""

    day: dt.date
    share: float
    price: float | None = None


@dataclass(frozen=True)
class Visit:
    """to_m: the height right after the cut; after_m: at the next visit, or a year on."""

    day: dt.date
    to_m: float
    share: float
    price: float | None
    after_m: float


@dataclass(frozen=True)
class Stairs:
    """Visits in order. reached: one of them comes down to the wanted height."""

    visits: tuple[Visit, ...]
    reached: bool
    reasons: tuple[Reason, ...]


def leaf_above(frame: Frame, above_m: float, power: float = 2.0) -> float:
    """Share of the canopy [0..1] that cutting everything at a height above ground takes off."""
    total = canopy_total(frame, power)
    if total <= 0:
        return 0.0
    ends, by_id = limb_ends(frame), {x.id: x for x in frame.limbs}
    kept: dict[str, float] = {}

    def keeps(limb_id: str) -> float:
        """What stays of a limb [m]; below nothing where what bears it is gone."""
        if limb_id not in kept:
            limb = by_id[limb_id]
            low, high = ends[limb_id][0][2], ends[limb_id][1][2]
            whole = limb.length_m
            if limb.on in by_id and limb.at_m > keeps(limb.on) + 1e-9:
                kept[limb_id] = -1.0
            elif low >= above_m:
                kept[limb_id] = 0.0
            else:
                part = (above_m - low) / (high - low) if high > above_m else 1.0
                kept[limb_id] = whole * part
        return kept[limb_id]

    gone = 0.0
    for limb in frame.limbs:
        stays = keeps(limb.id)
        if 0 <= stays < limb.length_m - 1e-9 and not is_sucker(frame, limb):
            gone += leaf_beyond(limb, stays, power)
    return min(1.0, gone / total)


def leaf_by_height(frames: Sequence[Frame], power: float = 2.0) -> LeafAbove:
    """The mean over frames of the leaf above a part of their height."""
    parts = np.linspace(0, 1, _STEPS + 1)
    shares = np.zeros(parts.size)
    for frame in frames:
        top = height_m(frame)
        shares += [leaf_above(frame, float(p) * top, power) for p in parts]
    shares /= len(frames)
    return lambda part: float(np.interp(part, parts, shares))


def typical_leaf(
    know: Knowledge, form: Habit, height: float, spread: float, trunk_mm: float
) -> LeafAbove:
    """Of a tree of which only sizes are known: the mean of its habit's typical frames.

    Raises: InvalidInput for sizes no tree has.
    """
    seeds = range(int(know.number("stairs/seeds")))
    return leaf_by_height([sketch_frame(height, spread, trunk_mm, form, s) for s in seeds])


def stairs(
    height: float,
    wanted_m: float,
    regrow_m: float,
    limits: Sequence[DayLimit],
    leaf: LeafAbove,
    units: Units = "metric",
) -> Stairs:
    """As far down on each day as its limit allows, until the wanted height is reached; between
    visits it regrows [m a year]. The crown keeps its form as it comes down and grows again.

    Raises: InvalidInput where days are not in order.
    """
    days = [x.day for x in limits]
    if days != sorted(set(days)):
        raise invalid("/limits", say("bad-days-must-follow-one-another"))
    visits: list[Visit] = []
    at = height
    for nth, limit in enumerate(limits):
        to, share = _down(at, wanted_m, limit.share, leaf)
        following = limits[nth + 1].day if nth + 1 < len(limits) else None
        done = to <= wanted_m + 1e-9
        years = 1.0 if done or following is None else (following - limit.day).days / 365.25
        after = to + regrow_m * years
        if share > 1e-9:
            visits.append(Visit(limit.day, to, share, limit.price, after))
        if done:
            break
        at = after
    reached = any(v.to_m <= wanted_m + 1e-9 for v in visits) or height <= wanted_m
    return Stairs(tuple(visits), reached, (_why(height, wanted_m, visits, reached, units),))


def _down(at: float, wanted_m: float, limit: float, leaf: LeafAbove) -> tuple[float, float]:
    """The lowest height, not below the wanted one, that the limit allows, and its share."""
    if at <= wanted_m:
        return at, 0.0
    if leaf(wanted_m / at) <= limit + 1e-12:
        return wanted_m, leaf(wanted_m / at)
    low, high = wanted_m, at
    for _ in range(50):
        middle = (low + high) / 2
        low, high = (low, middle) if leaf(middle / at) <= limit else (middle, high)
    return high, leaf(high / at)


def _why(
    height: float, wanted_m: float, visits: Sequence[Visit], reached: bool, units: Units
) -> Reason:
    wanted, now = Length(wanted_m, units), Length(height, units)
    used = {"height, m": height, "wanted, m": wanted_m}
    if height <= wanted_m:
        return Reason("low-enough", say("stairs-low-enough", wanted=wanted), used)
    if reached:
        text = say("stairs", visits=len(visits), now=now, wanted=wanted, day=visits[-1].day)
        return Reason("stairs", text, used, date=visits[-1].day)
    lowest = min((v.to_m for v in visits), default=height)
    text = say("stairs-too-few", now=now, wanted=wanted, lowest=Length(lowest, units))
    return Reason("not-reached", text, used)
