"""The crop that a cut gives up, this year, next and the third."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Share, say


@dataclass(frozen=True)
class YieldCost:
    """Shares of the crop that are lost [0..1]. picked: of the ripe crop still on the tree."""

    picked: float
    this_year: float
    next_year: float
    third_year: float
    reasons: tuple[Reason, ...]


def _by_share(know: Knowledge, taken: float) -> dict[str, float]:
    """Crop lost by the share taken in three seasons, from the catalogue's table."""
    rows = know.rows("yield-loss")
    at = [know.number(f"yield-loss/{r}/taken") for r in rows]
    return {
        c: float(np.interp(taken, at, [know.number(f"yield-loss/{r}/{c}") for r in rows]))
        for c in ("this-year", "next-year", "third-year")
    }


def yield_cost(
    know: Knowledge,
    taken: float,
    ripe_on: bool = False,
    after_drop: bool = False,
    after_heavy: bool = False,
    before_heavy: bool = False,
    price: float | None = None,
    hard_group: str | None = None,
    of_crop: float | None = None,
) -> YieldCost:
    """Crop lost by the share of canopy taken [0..1]: by the day's price where it is known, else
    interpolated in the catalogue's table.

    ripe_on: the mature crop still hangs. after_drop: the new fruit has set. after_heavy,
    before_heavy: the last crop, the expected one. price: crops per share on the day. hard_group:
    group of the kind, where it is cut back hard: the seasons after follow its recovery curve.
    of_crop: the part of the crop at hand that goes, where its limbs say so [0..1].
    """
    lost = _by_share(know, taken)
    this, following = lost["this-year"], lost["next-year"]
    ids = ["yield-loss/fifth/this-year"]
    if after_drop:
        this = min(1.0, know.number("yield-loss/after-drop") * taken)
        ids.append("yield-loss/after-drop")
    if before_heavy:
        this *= know.number("yield-loss/before-heavy")
        ids.append("yield-loss/before-heavy")
    if after_heavy and taken > 0:
        following = min(1.0, following + know.number("yield-loss/heavy-next"))
        ids.append("yield-loss/heavy-next")
    if price is not None:
        this = min(1.0, (taken if of_crop is None else of_crop) * price)
    if hard_group is not None:
        curve = know.first(f"hard-regrowth/{hard_group}/recovery", "hard-regrowth/other/recovery")
        borne = (*know.numbers(curve.id), 1.0, 1.0)
        following, lost["third-year"] = taken * (1 - borne[0]), taken * (1 - borne[1])
        ids = [curve.id]
    picked = taken if ripe_on else 0.0
    third = lost["third-year"]
    text = say(
        "crop-lost",
        taken=Share(taken),
        this=Share(this),
        following=Share(following),
        third_year=Share(third),
    ) + (say("crop-lost-ripe", picked=Share(picked)) if ripe_on else ".")
    why = Reason("yield-cost", text, {"share taken": round(taken, 3)}, catalogue_ids=tuple(ids))
    return YieldCost(picked, this, following, third, (why,))
