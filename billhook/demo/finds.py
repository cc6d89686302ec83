"""What the last look finds on the demo's measured trees."""

from __future__ import annotations

from dataclasses import replace

from ..core.frame.model import TRUNK, Cut, Frame, Limb
from ..core.season.model import Work


def found_on(frame: Frame, nth: int) -> list[Limb]:
    """Limbs that grew or died since a tree was measured; nth: its place among the measured, by
    which the finds differ.
    """
    union = frame.union_m
    mains = [x for x in frame.limbs if x.on == TRUNK and (union is None or x.at_m >= union)]
    added = []
    if union is not None and nth % 3 != 2:
        added += [_sucker(union, nth, k) for k in range(1 + nth % 2)]
    if nth % 2 == 0 and mains:
        added.append(_sprout(mains[nth % len(mains)], nth))
    if nth % 4 < 2 and mains:
        added.append(_dead_end(mains[(nth + 1) % len(mains)], nth))
    return added


def _sucker(union_m: float, nth: int, k: int) -> Limb:
    low = round(max(0.02, union_m - 0.06 - 0.03 * k), 2)
    side, thick = (40 + 150 * k + 37 * nth) % 360, 8 + 3 * ((nth + k) % 3)
    return Limb(f"k{k + 1}", TRUNK, low, thick, 0.35 + 0.06 * k, 74, side, 3, kind="sucker")


def _sprout(host: Limb, nth: int) -> Limb:
    along, length = round(host.length_m * 0.35, 2), round(0.9 + 0.1 * (nth % 4), 2)
    side, thick = (host.bearing_deg + 20) % 360, 17 + nth % 5
    return Limb("w1", host.id, along, thick, length, 86, side, 6, foliage=0.3, kind="sprout")


def _dead_end(host: Limb, nth: int) -> Limb:
    along, thick = round(host.length_m * 0.6, 2), 18 + nth % 7
    side = (host.bearing_deg - 35) % 360
    return Limb("d1", host.id, along, thick, 0.7, 8, side, 6, state="dead", foliage=0)


def held_together(frame: Frame) -> Frame:
    """Attachments and tips brought back within what a scattered measurement left of the parent."""
    lengths = {x.id: x.length_m for x in frame.limbs} | {TRUNK: frame.trunk.height_m}
    limbs = tuple(
        replace(
            x,
            at_m=min(x.at_m, lengths[x.on]),
            base_mm=max(2.0, x.base_mm),
            tip_mm=None if x.tip_mm is None else min(x.tip_mm, max(2.0, x.base_mm)),
            rise_deg=max(-80.0, min(88.0, x.rise_deg)),
        )
        for x in frame.limbs
    )
    return replace(frame, limbs=limbs)


def careful_cuts(frame: Frame, work: Work, limit: float | None) -> list[Cut]:
    """What a careful helper would take: suckers, or ends within half of the limit."""
    if work == "sucker":
        return [
            Cut(x.id, 0)
            for x in frame.limbs
            if x.on == TRUNK and frame.union_m is not None and x.at_m < frame.union_m
        ]
    ends = [
        x
        for x in frame.limbs
        if x.on != TRUNK and x.state == "live" and not any(y.on == x.id for y in frame.limbs)
    ]
    ends.sort(key=lambda x: (-x.rise_deg if work == "height" else x.base_mm, x.id))
    total = sum(x.base_mm**2 for x in frame.limbs if x.on == TRUNK)
    chosen, share = [], 0.0
    for limb in ends[:6]:
        share += limb.base_mm**2 / total
        if share > 0.6 * (limit or 0.1):
            break
        chosen.append(Cut(limb.id, 0.0))
    return chosen
