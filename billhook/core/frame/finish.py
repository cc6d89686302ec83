"""Which limbs a set of cuts takes, which cuts are void, and the frame that is left."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from .model import SOIL, TRUNK, Cut, Frame, Limb, Trunk


def gone_limbs(frame: Frame, cuts: Sequence[Cut]) -> dict[str, str]:
    """Limbs that fall with the limb they grow on, each with the limb (or trunk) whose cut takes
    them.

    A limb falls when it is attached strictly beyond ``keep_m`` of a cut, or anywhere on a limb cut
    at its collar, or when the limb it grows on falls. The cut limbs themselves are not listed
    unless something further down takes them.
    """
    keep = {cut.limb: cut.keep_m for cut in cuts}
    by_id = {limb.id: limb for limb in frame.limbs}
    taken: dict[str, str | None] = {}

    def taker(limb: Limb) -> str | None:
        if limb.id not in taken:
            by: str | None = None
            if limb.on == TRUNK:
                by = TRUNK if TRUNK in keep and limb.at_m > keep[TRUNK] else None
            elif limb.on != SOIL:
                parent = by_id[limb.on]
                by = taker(parent)
                if (
                    by is None
                    and parent.id in keep
                    and (keep[parent.id] == 0 or limb.at_m > keep[parent.id])
                ):
                    by = parent.id
            taken[limb.id] = by
        return taken[limb.id]

    return {limb.id: by for limb in frame.limbs if (by := taker(limb)) is not None}


def whole_limbs_gone(frame: Frame, cuts: Sequence[Cut]) -> tuple[str, ...]:
    """Ids of the limbs of which nothing is left, for the drawing."""
    off = {cut.limb for cut in cuts if cut.keep_m == 0}
    gone = gone_limbs(frame, cuts)
    return tuple(limb.id for limb in frame.limbs if limb.id in gone or limb.id in off)


def void_cuts(frame: Frame, cuts: Sequence[Cut]) -> set[str]:
    """Limbs whose cut is void, because the limb goes anyway."""
    gone = gone_limbs(frame, cuts)
    return {cut.limb for cut in cuts if cut.limb in gone}


def after_cuts(frame: Frame, cuts: Sequence[Cut]) -> Frame:
    """The frame that is left: cut limbs end at ``keep_m`` with ``tip_mm = headed_mm = wound``; limb
    ids stay.
    """
    keep = {cut.limb: cut.keep_m for cut in cuts}
    gone = gone_limbs(frame, cuts)
    left: list[Limb] = []
    for limb in frame.limbs:
        if limb.id in gone or keep.get(limb.id) == 0:
            continue
        if limb.id in keep:
            wound = limb.diameter_mm(keep[limb.id])
            limb = replace(limb, length_m=keep[limb.id], tip_mm=wound, headed_mm=wound, fruit=0)
        left.append(limb)
    trunk = frame.trunk
    if TRUNK in keep:
        trunk = Trunk(trunk.diameter_mm, max(keep[TRUNK], 0.01))
    union = frame.union_m if frame.union_m is None else min(frame.union_m, trunk.height_m)
    return Frame(trunk, tuple(left), union)
