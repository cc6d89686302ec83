"""What can hurt at a cut, said at the place."""

from __future__ import annotations

from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..safety import drop_zone_m
from ..words.units import Units
from ..words.values import Diameter, Length, Weight, say


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
        found.append(Reason("sap", know.row(sap.id), catalogue_ids=(sap.id,)))
    row = f"species/{species}/thorn-mm"
    thorn = know.number(row)
    if thorn >= know.number("cuts/thorn-mm"):
        text = say("caution-thorns", thorn=Diameter(thorn, units))
        found.append(Reason("thorns", text, {"thorn, mm": thorn}, catalogue_ids=(row,)))
    return found


_CHAINSAW = say("caution-chainsaw")


def _licensed(cost: CutCost, height_m: float, know: Knowledge) -> list[Reason]:
    """Too thick, or too thick so high up, for anybody else."""
    high = height_m > know.number("cuts/licensed-high-m")
    thick = cost.wound_mm > know.number("cuts/licensed-mm")
    if not thick and not (high and cost.wound_mm > know.number("cuts/licensed-high-mm")):
        return []
    used = {"wound, mm": round(cost.wound_mm), "height, m": round(height_m, 2)}
    ids = ("cuts/licensed-mm", "cuts/licensed-high-mm", "cuts/licensed-high-m")
    text = say("caution-arborist")
    return [Reason("licensed", text, used, catalogue_ids=ids)]


def _heavy(cost: CutCost, know: Knowledge, units: Units) -> list[Reason]:
    if cost.lift_kg <= know.number("cuts/lower-kg"):
        return []
    away = Length(drop_zone_m(know, _fall_m(cost, know)), units)
    text = say("caution-weight", lift_kg=Weight(cost.lift_kg, units), away=away)
    used = {"to plan for, kg": round(cost.lift_kg, 1)}
    ids = ("cuts/lower-kg", "wood/lift-factor")
    return [Reason("heavy", text, used, catalogue_ids=ids)]


def _up_high(height_m: float, know: Knowledge, units: Units) -> Reason:
    clear = Length(know.number("cuts/line-clearance"), units)
    text = say("caution-height", height=Length(height_m, units), clear=clear)
    ids = ("cuts/reach", "safety/ladder-slope", "cuts/line-clearance")
    return Reason("up-high", text, {"height, m": round(height_m, 2)}, catalogue_ids=ids)
