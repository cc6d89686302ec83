"""What a side of a tree carries, laid on the limbs that are there."""

from __future__ import annotations

from dataclasses import dataclass, replace

from ..frame.geometry import apart_deg
from ..frame.model import Flush, Frame, Limb, is_sucker, roots_of
from ..frame.share import leaf_beyond
from ..known import Knowledge


@dataclass(frozen=True)
class Carries:
    """What was seen of a side: fruit, share of its ends in bloom [0..1], how its young leaf is;
    each None where nobody looked. side_deg: towards which wind, None for the whole tree.
    """

    side_deg: float | None
    fruit: int | None = None
    bloom: float | None = None
    flush: Flush | None = None


def limbs_of_side(know: Knowledge, frame: Frame, side_deg: float | None) -> list[Limb]:
    """Living limbs whose root on the trunk stands towards a side; all where none is named."""
    half = know.number("fruit/side-half")
    roots = roots_of(frame)
    living = [x for x in frame.limbs if x.state == "live" and not is_sucker(frame, roots[x.id])]

    def towards(limb: Limb) -> bool:
        if side_deg is None:
            return True
        return apart_deg(roots[limb.id].bearing_deg, side_deg) <= half

    return [x for x in living if towards(x)]


def carried(know: Knowledge, frame: Frame, seen: Carries) -> Frame:
    """The frame with what a side carries laid on its limbs, the fruit by their own leaf. What was
    said of other limbs stays.
    """
    there, power = limbs_of_side(know, frame, seen.side_deg), know.number("wood/exponent")
    leaf = {x.id: leaf_beyond(x, 0, power) for x in there}
    counts = _dealt(seen.fruit, leaf)
    ids = {x.id for x in there}
    limbs = tuple(
        replace(
            x,
            fruit=x.fruit if counts is None else counts[x.id],
            bloom=x.bloom if seen.bloom is None else seen.bloom,
            flush=x.flush if seen.flush is None else seen.flush,
        )
        if x.id in ids
        else x
        for x in frame.limbs
    )
    return replace(frame, limbs=limbs)


def _dealt(fruit: int | None, leaf: dict[str, float]) -> dict[str, int] | None:
    """Whole fruit by leaf; what is left over goes to the largest parts."""
    if fruit is None:
        return None
    total = sum(leaf.values())
    shares = {k: fruit * v / total if total else 0.0 for k, v in leaf.items()}
    counts = {k: int(v) for k, v in shares.items()}
    rest = fruit - sum(counts.values()) if total else 0
    for key in sorted(shares, key=lambda k: (counts[k] - shares[k], k))[:rest]:
        counts[key] += 1
    return counts
