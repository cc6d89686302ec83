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
    found = [*_licensed(cost, height_m, know), *_heavy(cost, know, units)]
    if height_m > know.number("cuts/reach"):
        found.append(_up_high(height_m, know, units))
    if tool == "chainsaw":
        found.append(Reason("chainsaw", _CHAINSAW))
    sap = know.get(f"species/{species}/sap")
    if sap is not None and cost.counts:
        found.append(Reason("sap", str(sap.value), catalogue_ids=(sap.id,)))
    row = f"species/{species}/thorn-mm"
    thorn = know.number(row)
    if thorn >= know.number("cuts/thorn-mm"):
        text = (
            f"Thorns to {diameter_words(thorn, units)}, longer on sprouts: gauntlets and eye "
            "protection."
        )
        found.append(Reason("thorns", text, {"thorn, mm": thorn}, catalogue_ids=(row,)))
    return found


_CHAINSAW = (
    "Chainsaw: trained hands only, both feet on the ground, never over the shoulder, a second "
    "person in earshot."
)


def _licensed(cost: CutCost, height_m: float, know: Knowledge) -> list[Reason]:
    """Too thick, or too thick so high up, for anybody else."""
    high = height_m > know.number("cuts/licensed-high-m")
    thick = cost.wound_mm > know.number("cuts/licensed-mm")
    if not thick and not (high and cost.wound_mm > know.number("cuts/licensed-high-mm")):
        return []
    used = {"wound, mm": round(cost.wound_mm), "height, m": round(height_m, 2)}
    ids = ("cuts/licensed-mm", "cuts/licensed-high-mm", "cuts/licensed-high-m")
    text = "This is work for a licensed arborist."
    return [Reason("licensed", text, used, catalogue_ids=ids)]


def _heavy(cost: CutCost, know: Knowledge, units: Units) -> list[Reason]:
    if cost.lift_kg <= know.number("cuts/lower-kg"):
        return []
    away = length_words(drop_zone_m(know, _fall_m(cost, know)), units)
    text = (
        f"Plan for {weight_words(cost.lift_kg, units)}: take it down in pieces or on a line, and "
        f"keep everyone {away} away."
    )
    used = {"to plan for, kg": round(cost.lift_kg, 1)}
    ids = ("cuts/lower-kg", "wood/lift-factor")
    return [Reason("heavy", text, used, catalogue_ids=ids)]


def _up_high(height_m: float, know: Knowledge, units: Units) -> Reason:
    clear = length_words(know.number("cuts/line-clearance"), units)
    text = (
        f"{length_words(height_m, units)} up: from the ground with a pole, or on an orchard "
        "tripod. A straight ladder stands four up to one out, three points of contact, never "
        f"leaning on the limb you cut. Look for power lines first and keep {clear} away; nearer "
        "than that the utility decides."
    )
    ids = ("cuts/reach", "safety/ladder-slope", "cuts/line-clearance")
    return Reason("up-high", text, {"height, m": round(height_m, 2)}, catalogue_ids=ids)
