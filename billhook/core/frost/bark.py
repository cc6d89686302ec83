"""Bark that lost its shade after a freeze: where it is painted, and how much that takes."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..aftercare.quantities import Whitewash, whitewash
from ..frame.model import TRUNK, Frame, is_sucker
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import say


@dataclass(frozen=True)
class BarkPaint:
    """Where to paint, in words, and the quantity; None where the tree is not drawn."""

    where: Reason
    paint: Whitewash | None


def bark_paint(
    know: Knowledge, frame: Frame | None, dead_from_m: Mapping[str, float], northern: bool
) -> BarkPaint:
    """Trunk all round up to its fork, main limbs on their upper side as far as they live; the
    afternoon's side first.
    """
    side = "south-west" if northern else "north-west"
    text = say("whitewash-now", side=side)
    where = Reason(
        "bark-paint", text, catalogue_ids=("whitewash/coats", "frost-class/F2/leaf-lost")
    )
    if frame is None:
        return BarkPaint(where, None)
    limbs = [
        (x.base_mm, min(x.length_m, max(0.0, dead_from_m.get(x.id, x.length_m))))
        for x in frame.limbs
        if x.on == TRUNK
        and not is_sucker(frame, x)
        and x.state != "dead"
        and x.base_mm >= know.number("frost/twig-mm")
    ]
    return BarkPaint(
        where,
        whitewash(
            know,
            [(frame.trunk.diameter_mm, frame.trunk.height_m)],
            [(d, length) for d, length in limbs if length > 0],
        ),
    )
