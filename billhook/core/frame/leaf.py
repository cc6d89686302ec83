"""Which limb bears which leaf, what cuts leave of it, and how much of it hangs above a height.

A section carries the leaf of all that grows beyond it; a limb's own leaf is what is left of that
without the limbs on it. All together is the canopy, so that shares here and in
:mod:`billhook.core.frame.share` are the same.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from .finish import gone_limbs, void_cuts
from .geometry import Point, limb_ends
from .model import TRUNK, Cut, Frame, Limb, is_sucker, roots_of
from .share import charged_to, leaf_beyond

Leaf = Mapping[str, float]
"""Leaf by limb [mm^p]."""


def own_leaf(frame: Frame, power: float) -> dict[str, float]:
    """Leaf of each limb above the union without what grows on it; the limbs of a main limb add up
    to the leaf the main limb carries [mm^p].
    """
    borne: dict[str, float] = {}
    for limb in frame.limbs:
        borne[limb.on] = borne.get(limb.on, 0.0) + leaf_beyond(limb, 0, power)
    found: dict[str, float] = {}
    for root, members in _by_main(frame).items():
        raw = {x.id: max(0.0, leaf_beyond(x, 0, power) - borne.get(x.id, 0.0)) for x in members}
        total, whole = sum(raw.values()), leaf_beyond(root, 0, power)
        found |= {k: v * whole / total if total > 0 else 0.0 for k, v in raw.items()}
    return found


def leaf_left(frame: Frame, own: Leaf, cuts: Sequence[Cut], power: float) -> dict[str, float]:
    """What cuts leave of the leaf of each limb: of every main limb as much as the share says, the
    cut limbs losing what hangs beyond the cut.
    """
    if not cuts:
        return dict(own)
    gone, keep = gone_limbs(frame, cuts), {cut.limb: cut.keep_m for cut in cuts}
    charged = charged_to(frame, cuts, void_cuts(frame, cuts), power)[1]
    found: dict[str, float] = {}
    for root, members in _by_main(frame).items():
        whole, had = leaf_beyond(root, 0, power), sum(own.get(x.id, 0.0) for x in members)
        part = 1 - min(whole, charged.get(root.id, 0.0)) / whole if whole > 0 else 1.0
        raw = {
            x.id: own.get(x.id, 0.0) * _stays(x, keep, power)
            for x in members
            if x.id not in gone and keep.get(x.id) != 0
        }
        total = sum(raw.values())
        found |= {k: v * part * had / total if total > 0 else 0.0 for k, v in raw.items()}
        if total == 0 and root.id in raw:
            found[root.id] = part * had
    return found


def _stays(limb: Limb, keep: Mapping[str, float], power: float) -> float:
    """Part of its own leaf that a limb keeps [0..1]."""
    whole = leaf_beyond(limb, 0, power)
    if limb.id not in keep or whole <= 0:
        return 1.0
    return 1 - leaf_beyond(limb, keep[limb.id], power) / whole


def _by_main(frame: Frame) -> dict[Limb, list[Limb]]:
    """The main limbs above the union, each with all that grows on it, itself included."""
    roots = roots_of(frame)
    found: dict[Limb, list[Limb]] = {
        x: [] for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)
    }
    for limb in frame.limbs:
        if (root := roots[limb.id]) in found:
            found[root].append(limb)
    return found


def leaf_above(
    frame: Frame,
    own: Leaf,
    heights_m: Sequence[float],
    ends: Mapping[str, tuple[Point, Point]] | None = None,
) -> NDArray[np.float64]:
    """Leaf that hangs above each height [mm^p], a limb's own spread evenly along it. Shape
    (heights,).
    """
    ends = limb_ends(frame) if ends is None else ends
    bears = [x for x in frame.limbs if own.get(x.id, 0.0) > 0]
    if not bears:
        return np.zeros(len(heights_m))
    z = np.sort([[ends[x.id][0][2], ends[x.id][1][2]] for x in bears], axis=1)
    leaf, level = np.array([own[x.id] for x in bears]), np.asarray(heights_m, dtype=float)[:, None]
    length = np.maximum(z[:, 1] - z[:, 0], 1e-9)
    above: NDArray[np.float64] = np.clip((z[:, 1] - level) / length, 0.0, 1.0) @ leaf
    return above
