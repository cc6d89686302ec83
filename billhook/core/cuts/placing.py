"""Where a cut is set and what it leaves."""

from __future__ import annotations

from typing import Literal

from ..frame.model import TRUNK, Frame, Limb
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Diameter, say

Place = Literal["origin", "collar", "side-branch", "junction", "between", "sheared"]


def above_a_bud(know: Knowledge, wound_mm: float) -> bool:
    """Whether wood is thin enough that a cut between branches is made above a bud."""
    return wound_mm <= know.number("cuts/bud-most-mm")


def placing_of(
    place: Place,
    cost: CutCost,
    heir: Limb | None,
    frame: Frame,
    dead: bool,
    know: Knowledge,
    species: str,
    units: Units,
) -> list[Reason]:
    """What is wrong with where the cut is."""
    wound = cost.wound_mm
    used: dict[str, float | str | None] = {"wound, mm": round(wound, 1)}
    found = []
    if place == "between" and not dead and wound > know.number("tools/hand-pruner/green-mm"):
        found.append(Reason("between-branches", _BETWEEN, used))
    if place == "side-branch" and heir is not None:
        found += _weak_heir(heir, cost, know, units)
    largest = know.number(f"species/{species}/wound-max")
    if not dead and wound > largest:
        text = say("wound-larger", wound=Diameter(wound, units), largest=Diameter(largest, units))
        ids = (f"species/{species}/wound-max",)
        found.append(Reason("large-wound", text, used, catalogue_ids=ids))
    trunk = frame.trunk.diameter_mm
    of_tree = cost.limb != TRUNK and cost.counts and not dead
    if of_tree and wound > know.number("cuts/wound-to-trunk") * trunk:
        ids = ("cuts/wound-to-trunk",)
        both = {**used, "trunk, mm": trunk}
        found.append(Reason("third-of-trunk", _OF_TRUNK, both, catalogue_ids=ids))
    if cost.fruit_lost:
        text = say("fruit-on-it", fruit_lost=cost.fruit_lost)
        found.append(Reason("fruit-on-it", text, {"fruit": cost.fruit_lost}))
    return found


_BETWEEN = say("between-branches")
_OF_TRUNK = say("third-of-trunk")


def _weak_heir(heir: Limb, cost: CutCost, know: Knowledge, units: Units) -> list[Reason]:
    """A side branch too thin to take over."""
    wound = cost.wound_mm
    if heir.base_mm >= know.number("cuts/side-branch-ratio") * wound:
        return []
    text = say(
        "weak-side-branch", basem=Diameter(heir.base_mm, units), wound=Diameter(wound, units)
    )
    used = {"side branch, mm": heir.base_mm, "wound, mm": round(wound, 1)}
    ids = ("cuts/side-branch-ratio",)
    return [Reason("weak-side-branch", text, used, catalogue_ids=ids)]
