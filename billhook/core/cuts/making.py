"""Beside the technique: what a hand that has never made this cut must know."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass

from ..frame.model import TRUNK, Frame, Limb
from ..frame.share import CutCost
from ..known import Knowledge
from ..notes import Notes
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Compass, Diameter, Weight, say
from .placing import above_a_bud


@dataclass(frozen=True)
class Made:
    """What the words of a cut turn on: where it is, who takes over, the tool and the number of
    strokes.
    """

    place: str
    heir: Limb | None
    tool: str
    count: int
    dead: bool
    height_m: float


def notes(
    frame: Frame,
    cost: CutCost,
    made: Made,
    know: Knowledge,
    species: str,
    dangers: Collection[str],
    units: Units,
) -> tuple[Reason, ...]:
    """In the order one needs them: look for fruit, support, blade, nodes, where growth goes, what
    is normal after, hygiene, who must not.
    """
    said = Notes(know, "making")
    limb = None if cost.limb == TRUNK else frame.limb(cost.limb)
    live = not made.dead and limb is not None and limb.state == "live"
    if live and made.place != "origin":
        said.say("look-first")
    if live and limb is not None and limb.flush == "soft":
        said.say("soft-flush")
    if live and limb is not None and cost.fruit_lost == 0 and any(x.fruit for x in frame.limbs):
        said.say("bears-none")
    if cost.hand_kg > know.number("cuts/one-hand-kg"):
        said.say(
            "support",
            used={"in the hand, kg": round(cost.hand_kg, 1)},
            ids=("cuts/one-hand-kg",),
            weight=Weight(cost.hand_kg, units),
        )
    elif made.count == 3 and made.height_m <= know.number("cuts/reach"):
        said.say("in-hand", ids=("cuts/one-hand-kg",))
    _blade(said, know, cost, made, units)
    if limb is not None and live:
        _growth(said, limb, made, above_a_bud(know, cost.wound_mm))
        if made.place == "between" and limb.foliage <= know.number("making/bare-below"):
            said.say("nodes")
        if made.place == "between":
            said.say("browning")
        if made.place == "sheared":
            said.say("sheared")
    sick = limb is not None and limb.state == "diseased"
    if sick:
        said.say("clean-each-cut")
    elif set(dangers) & _ON_BLADES:
        said.say("clean-each-tree")
    _not_for(said, know, species, made)
    return tuple(said.found)


_ON_BLADES = {"canker", "viroid", "sunblotch", "mal-secco"}


def _blade(said: Notes, know: Knowledge, cost: CutCost, made: Made, units: Units) -> None:
    """Which side the blade goes, and whether a larger tool would cut cleaner."""
    if made.tool in ("hand-pruner", "lopper", "pole-pruner"):
        said.say("blade-side")
    elif made.tool not in ("hand-saw", "pole-saw"):
        return
    column = f"tools/{made.tool}/{'dead' if made.dead else 'green'}-mm"
    most = know.number(column)
    if cost.wound_mm > know.number("making/upper-size") * most:
        said.say(
            "upper-size",
            used={"wound, mm": round(cost.wound_mm, 1), "tool's largest, mm": most},
            ids=(column, "making/upper-size"),
            size=Diameter(most, units),
        )


def _growth(said: Notes, limb: Limb, made: Made, bud: bool) -> None:
    """Which bud or side branch, and which way new growth will go."""
    if made.heir is not None:
        rise = made.heir.rise_deg
        said.say(
            "grows-with-heir",
            used={"rise, degrees": rise},
            wind=Compass(made.heir.bearing_deg),
            steep=say(
                "heir-steep" if rise >= 60 else "heir-slanting" if rise >= 20 else "heir-flat"
            ),
        )
    elif made.place == "between" and not bud:
        said.say("grows-anywhere", ids=("cuts/bud-most-mm",))
    elif made.place == "between":
        said.say(
            "grows-from-bud",
            used={"bearing, degrees": limb.bearing_deg},
            wind=Compass(limb.bearing_deg),
            side=say("bud-under" if limb.rise_deg < 60 else "bud-outer"),
        )
    elif made.place == "collar":
        said.say("grows-nowhere")


def _not_for(said: Notes, know: Knowledge, species: str, made: Made) -> None:
    """Who must not make this cut."""
    if f"species/{species}/sap" in know:
        said.say("not-sap")
    if made.tool == "chainsaw":
        said.say("not-for-chainsaw")
    elif made.height_m > know.number("cuts/pole-reach"):
        said.say("not-for-ladder")
