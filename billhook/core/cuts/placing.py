"""Where a cut is set and what it leaves."""

from __future__ import annotations

from typing import Literal

from ..frame.model import TRUNK, Frame, Limb
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units, diameter_words

Place = Literal["origin", "collar", "side-branch", "junction", "between", "sheared"]


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
    found: list[Reason] = []
    ratio = know.number("cuts/side-branch-ratio")
    if (
        place == "between"
        and not dead
        and cost.wound_mm > know.number("tools/hand-pruner/green-mm")
    ):
        found.append(
            Reason(
                "between-branches",
                (
                    "Between branches a bunch of sprouts follows. Cut to a side branch, or off "
                    "at the collar, if you can."
                ),
                {"wound, mm": round(cost.wound_mm, 1)},
            )
        )
    if place == "side-branch" and heir is not None and heir.base_mm < ratio * cost.wound_mm:
        text = (
            f"The side branch ({diameter_words(heir.base_mm, units)}) is under a third of the "
            f"cut ({diameter_words(cost.wound_mm, units)}): too weak to take over, sprouts will "
            "follow."
        )
        found.append(
            Reason(
                "weak-side-branch",
                text,
                {"side branch, mm": heir.base_mm, "wound, mm": round(cost.wound_mm, 1)},
                catalogue_ids=("cuts/side-branch-ratio",),
            )
        )
    if not dead and cost.wound_mm > know.number(f"species/{species}/wound-max"):
        text = (
            f"A wound of {diameter_words(cost.wound_mm, units)} is larger than this kind closes "
            f"well ({diameter_words(know.number(f'species/{species}/wound-max'), units)})."
        )
        found.append(
            Reason(
                "large-wound",
                text,
                {"wound, mm": round(cost.wound_mm, 1)},
                catalogue_ids=(f"species/{species}/wound-max",),
            )
        )
    if (
        cost.limb != TRUNK
        and cost.counts
        and not dead
        and cost.wound_mm > know.number("cuts/wound-to-trunk") * frame.trunk.diameter_mm
    ):
        found.append(
            Reason(
                "third-of-trunk",
                (
                    "The wound is more than a third of the trunk's diameter: spread such cuts "
                    "over years."
                ),
                {"wound, mm": round(cost.wound_mm, 1), "trunk, mm": frame.trunk.diameter_mm},
                catalogue_ids=("cuts/wound-to-trunk",),
            )
        )
    if cost.fruit_lost:
        found.append(
            Reason(
                "fruit-on-it",
                f"{cost.fruit_lost} fruit on it: pick first.",
                {"fruit": cost.fruit_lost},
            )
        )
    return found
