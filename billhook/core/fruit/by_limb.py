"""What cuts take of a crop whose limbs are known: those that carry none of it cost none of it."""

from __future__ import annotations

from collections.abc import Collection, Sequence

from ..frame.model import Frame, is_sucker
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Share, say

_SET = "fruit-to-come"
_BLOOM = frozenset({"bloom-to-come", "in-bloom"})


def of_the_crop(
    know: Knowledge, frame: Frame, costs: Sequence[CutCost], share: float, codes: Collection[str]
) -> tuple[float, Reason | None]:
    """The part of the coming crop that cuts take [0..1], and why it is not their share of the leaf.

    codes: of the prices in force on the day. Fruit counted on limbs says it of a crop that has set,
    ends in bloom of one that blooms; else the leaf says it.
    """
    made = [c for c in costs if not c.void]
    hung = sum(x.fruit for x in frame.limbs)
    if _SET in codes and hung:
        part = sum(c.fruit_lost for c in made) / hung
        text = say("crop-by-fruit", part=Share(round(part, 2)), share=Share(share))
        return part, Reason("by-limb", text, {"fruit on limbs": hung})
    seen = [x for x in frame.limbs if x.bloom is not None and not is_sucker(frame, x)]
    if _BLOOM & set(codes) and seen:
        bloom = {x.id: float(x.bloom or 0.0) for x in seen}
        mean = sum(bloom.values()) / len(bloom)
        part = sum((c.share or 0.0) * bloom.get(c.limb, mean) for c in made) / mean if mean else 0.0
        text = say("crop-by-bloom", part=Share(round(min(1.0, part), 2)), share=Share(share))
        return min(1.0, part), Reason("by-limb", text, {"limbs looked at": len(seen)})
    return share, None


def half_of_few(know: Knowledge, hung: int, left: int) -> Reason | None:
    """Asked where few fruit hang and half of them or more go with the cuts."""
    few = int(know.number("fruit/few"))
    if not 0 < hung <= few or left > hung * know.number("fruit/much-of-few"):
        return None
    text = say("half-of-few", lost=hung - left, hung=hung)
    ids = ("fruit/few", "fruit/much-of-few")
    return Reason("half-the-fruit", text, {"fruit": hung, "left": left}, catalogue_ids=ids)
