"""A whip: one stem with leaves and no limbs; what heading it costs, where, and what comes after."""

from __future__ import annotations

from dataclasses import dataclass

from ..errors import refuse
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Diameter, Length, Share, say


@dataclass(frozen=True)
class WhipCut:
    """Share of leaf above the cut [0..1] with its range, whether it comes too early, and why."""

    share: float
    low: float
    high: float
    too_small: bool
    reasons: tuple[Reason, ...]


def head_whip(
    know: Knowledge,
    height_m: float,
    leaves_from_m: float,
    cut_at_m: float,
    in_pot: bool = False,
    units: Units = "metric",
) -> WhipCut:
    """What heading a single stem takes: leaf goes by the leafy length above the cut. Heights from
    the ground [m]. in_pot: in a pot, or of a seedling.

    Raises: InvalidInput for leaves above the top, or a cut outside the stem. Our rule.
    """
    refuse(
        {
            "/leaves_from_m": say("bad-must-lie-below-the-top")
            if leaves_from_m >= height_m
            else None,
            "/cut_at_m": None if 0 < cut_at_m < height_m else say("bad-must-lie-on-the-stem"),
        }
    )
    leafy = height_m - leaves_from_m
    share = min(1.0, (height_m - cut_at_m) / leafy)
    error = know.number("counting/young-error")
    row = "young/heading-pot" if in_pot else "young/heading-ground"
    low, high = (float(x) for x in know.text(row).split(" to "))
    too_small = height_m < low
    return WhipCut(
        share,
        max(0.0, share - error),
        min(1.0, share + error),
        too_small,
        tuple(_reasons(know, row, (low, high), share, cut_at_m, leaves_from_m, too_small, units)),
    )


def _reasons(
    know: Knowledge,
    row: str,
    first_pinch: tuple[float, float],
    share: float,
    cut_at_m: float,
    leaves_from_m: float,
    too_small: bool,
    units: Units,
) -> list[Reason]:
    low, high = (Length(m, units) for m in first_pinch)
    ids = (row,)
    used = {"leaf that goes, 0 to 1": round(share, 3)}
    if too_small:
        return [Reason("whip-small", say("whip-small", low=low), used, catalogue_ids=ids)]
    found = [Reason("first-pinch", say("whip-pinch", low=low, high=high), used, catalogue_ids=ids)]
    if cut_at_m <= leaves_from_m:
        found.append(Reason("below-leaves", say("whip-below-leaves", leaf=Share(share))))
    else:
        found.append(Reason("leaf", say("whip-leaf", leaf=Share(share)), used))
    above = Diameter(know.number("cuts/stub-mm"), units)
    found.append(Reason("node", say("whip-node", above=above), catalogue_ids=("cuts/stub-mm",)))
    found.append(Reason("after", say("whip-after")))
    return found
