"""What can hurt at a cut, said at the place."""

from __future__ import annotations

from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..safety import drop_zone_m
from ..words.units import Units, diameter_words, length_words, weight_words


def _fall_m(cost: CutCost, know: Knowledge) -> float:
    """About how long what falls is, by its diameter: elastic similarity [m]."""
    return float(know.number("wood/length-coefficient") * (cost.wound_mm / 1000) ** (2 / 3))


def cautions_at(
    cost: CutCost, height_m: float, species: str, tool: str, know: Knowledge, units: Units
) -> list[Reason]:
    """What could hurt someone, and when the work belongs to someone licensed."""
    found: list[Reason] = []
    if cost.wound_mm > know.number("cuts/licensed-mm") or (
        cost.wound_mm > know.number("cuts/licensed-high-mm")
        and height_m > know.number("cuts/licensed-high-m")
    ):
        found.append(
            Reason(
                "licensed",
                "This is work for a licensed arborist.",
                {"wound, mm": round(cost.wound_mm), "height, m": round(height_m, 2)},
                catalogue_ids=("cuts/licensed-mm", "cuts/licensed-high-mm", "cuts/licensed-high-m"),
            )
        )
    if cost.lift_kg > know.number("cuts/lower-kg"):
        text = (
            f"Plan for {weight_words(cost.lift_kg, units)}: take it down in pieces or on a "
            "line, and keep everyone "
            f"{length_words(drop_zone_m(know, _fall_m(cost, know)), units)} away."
        )
        found.append(
            Reason(
                "heavy",
                text,
                {"to plan for, kg": round(cost.lift_kg, 1)},
                catalogue_ids=("cuts/lower-kg", "wood/lift-factor"),
            )
        )
    if height_m > know.number("cuts/reach"):
        text = (
            f"{length_words(height_m, units)} up: from the ground with a pole, or on an orchard "
            "tripod. A straight ladder stands four up to one out, three points of contact, "
            "never leaning on the limb you cut. Look for power lines first and keep "
            f"{length_words(know.number('cuts/line-clearance'), units)} away; nearer than that "
            "the utility decides."
        )
        found.append(
            Reason(
                "up-high",
                text,
                {"height, m": round(height_m, 2)},
                catalogue_ids=("cuts/reach", "safety/ladder-slope", "cuts/line-clearance"),
            )
        )
    if tool == "chainsaw":
        found.append(
            Reason(
                "chainsaw",
                "Chainsaw: trained hands only, both feet on the ground, never over the "
                "shoulder, a second person in earshot.",
            )
        )
    sap = know.get(f"species/{species}/sap")
    if sap is not None and cost.counts:
        found.append(Reason("sap", str(sap.value), catalogue_ids=(sap.id,)))
    thorn = know.number(f"species/{species}/thorn-mm")
    if thorn >= know.number("cuts/thorn-mm"):
        found.append(
            Reason(
                "thorns",
                (
                    f"Thorns to {diameter_words(thorn, units)}, longer on sprouts: gauntlets "
                    "and eye protection."
                ),
                {"thorn, mm": thorn},
                catalogue_ids=(f"species/{species}/thorn-mm",),
            )
        )
    return found
