"""How to make a cut: where exactly, with what, in how many cuts, how long it takes, and when to
leave it to someone licensed.
"""

from __future__ import annotations

from collections.abc import Collection, Mapping
from dataclasses import dataclass

from ..choice import one_of
from ..frame.geometry import along, limb_ends
from ..frame.model import TRUNK, Frame, Limb, is_sucker, roots_of
from ..frame.share import CutCost
from ..known import Knowledge
from ..reasons import Reason
from ..season.model import FREE_WORK, WORKS, Work
from ..words.units import Units
from ..words.values import Diameter, Rounded, Value, say
from .cautions import cautions_at
from .drawing import CutDrawing, drawing
from .making import Made, notes
from .names import limb_names, position_words, taking_over
from .placing import Place, above_a_bud, placing_of

SHEARING = ("hedge", "shear")  # work that follows a wall and chooses no bud

# Working order of the walk: below the union first, then dead wood, the skirt, sprouts, and what
# sets height and width.
ORDER_CLASSES = {"sucker": 2, "sanitation": 3, "skirt": 5, "sprout": 6, "other": 7}


@dataclass(frozen=True)
class CutAdvice:
    """Everything a helper needs for one cut. work: the kind of work it is by itself. minutes: on
    the tree, clean-up apart. cautions: what could hurt, at the place; making: what to know besides;
    drawing: the cut to scale, None for the trunk.
    """

    limb: str
    keep_m: float
    order_class: int
    work: Work
    at_height_m: float
    position: Value
    place: Place
    technique: Value
    tool: Value
    tool_id: str
    cuts_needed: int
    minutes: float
    closing_years: float
    takes_over: Value | None
    cautions: tuple[Reason, ...]
    making: tuple[Reason, ...] = ()
    drawing: CutDrawing | None = None

    @property
    def free(self) -> bool:
        """True for suckers and for dead, broken and diseased wood: the work that a year's share
        does not count.
        """
        return self.order_class <= ORDER_CLASSES["sanitation"]


def own_work(
    frame: Frame, limb: Limb | None, asked: str, sick: Collection[str] = (), young: bool = False
) -> Work:
    """Kind of work that a cut is by itself, whatever is asked for. sick: limbs that somebody found
    dead, broken or diseased. Live wood is never free: where free work is asked for, it is thinned,
    or trained on a tree still young.
    """
    if limb is not None and is_sucker(frame, roots_of(frame)[limb.id]):
        return "sucker"
    if limb is not None and (limb.state != "live" or limb.id in sick):
        return "sanitation"
    if asked in FREE_WORK:
        return "young" if young else "thin"
    return one_of(WORKS, asked)


def order_class(limb: Limb | None, work: Work) -> int:
    """Place of a cut in the working order."""
    if work in ("sucker", "sanitation"):
        return ORDER_CLASSES[work]
    if limb is not None and limb.kind == "sprout":
        return ORDER_CLASSES["sprout"]
    return ORDER_CLASSES.get(work, ORDER_CLASSES["other"])


def cut_height_m(frame: Frame, limb_id: str, keep_m: float) -> float:
    """Height of a cut above ground [m]."""
    if limb_id == TRUNK:
        return keep_m
    limb = frame.limb(limb_id)
    return along(limb_ends(frame)[limb_id][0], limb, keep_m)[2]


def _place(cost: CutCost, heir: Limb | None, sucker: bool, dead: bool, work: str) -> Place:
    """Where on the limb the cut lies."""
    if sucker:
        return "origin"
    if cost.keep_m == 0:
        return "collar"
    if heir:
        return "junction" if dead else "side-branch"
    return "sheared" if work in SHEARING and not dead else "between"


def advise(
    frame: Frame,
    cost: CutCost,
    know: Knowledge,
    work: str,
    species: str,
    vigour: int,
    units: Units = "metric",
    dangers: Collection[str] = (),
    sick: Collection[str] = (),
    young: bool = False,
) -> CutAdvice:
    """Technique, tool and minutes for one cut whose cost is known. ``vigour`` 1..5 sets how fast
    the wound closes; dangers: diseases about; sick: limbs found dead, broken or diseased; young: a
    tree still trained.
    """
    names = limb_names(frame)
    limb = None if cost.limb == TRUNK else frame.limb(cost.limb)
    near = know.number("cuts/side-branch-near")
    whole = limb is None or cost.keep_m == 0
    heir = None if whole else taking_over(frame, cost.limb, cost.keep_m, near)
    sucker = limb is not None and is_sucker(frame, roots_of(frame)[limb.id])
    dead = limb is not None and limb.state == "dead"
    height = cut_height_m(frame, cost.limb, cost.keep_m)
    place = _place(cost, heir, sucker, dead, work)
    own = own_work(frame, limb, work, sick, young)
    tool = _tool(cost.wound_mm, dead, height, sucker, know)
    count = _cuts_needed(cost, tool, know)
    text = _technique(place, cost, heir, tool, count, know, names, units)
    minutes = _minutes(tool, cost.wound_mm, height, count, know)
    rate = know.by_vigour("cuts/closing-mm-a-year", vigour)
    cautions = (
        *placing_of(place, cost, heir, frame, dead, know, species, units),
        *cautions_at(cost, height, species, tool, know, units),
    )
    made = Made(place, heir, tool, count, dead, height)
    return CutAdvice(
        cost.limb,
        cost.keep_m,
        order_class(limb, own),
        own,
        height,
        position_words(frame, cost.limb, cost.keep_m, names, near, units),
        place,
        text,
        know.row(f"tools/{tool}/name"),
        tool,
        count,
        minutes,
        cost.wound_mm / (2 * rate),
        names.get(heir.id) if heir else None,
        cautions,
        notes(frame, cost, made, know, species, dangers, units),
        drawing(frame, cost, made, know),
    )


def _tool(wound_mm: float, dead: bool, height_m: float, sucker: bool, know: Knowledge) -> str:
    """The smallest tool that cuts this wood at this height. A chainsaw is for the ground alone:
    what a hand saw does not cut up there is left to an arborist.
    """
    if height_m > know.number("cuts/reach"):
        ladder = height_m > know.number("cuts/pole-reach")
        tools = ["hand-saw"] if ladder else ["pole-pruner", "pole-saw", "hand-saw"]
        tools.append("arborist")
    else:
        tools = [*(["finger"] if sucker else []), "hand-pruner", "lopper", "hand-saw", "chainsaw"]
    column = "dead-mm" if dead else "green-mm"
    return next((t for t in tools if wound_mm <= know.number(f"tools/{t}/{column}")), tools[-1])


def _cuts_needed(cost: CutCost, tool: str, know: Knowledge) -> int:
    """One cut; three (undercut, top cut, the clean one) for a saw; two for shears, which cannot
    undercut: long first, then close.
    """
    if tool in ("finger", "hand-pruner"):
        return 1
    thick = cost.wound_mm >= know.number("cuts/three-cut-always-mm")
    heavy = cost.hand_kg > know.number("cuts/three-cut-kg")
    loose = cost.wound_mm >= know.number("cuts/three-cut-mm") and cost.hand_kg > know.number(
        "cuts/one-hand-kg"
    )
    return (2 if tool in ("lopper", "pole-pruner") else 3) if thick or heavy or loose else 1


def _technique(
    place: Place,
    cost: CutCost,
    heir: Limb | None,
    tool: str,
    count: int,
    know: Knowledge,
    names: Mapping[str, Value],
    units: Units,
) -> Value:
    if place == "origin":
        return say("cutting-finger") if tool == "finger" else say("cutting-origin")
    if place == "collar":
        step: Value = say("cutting-collar")
    elif place == "sheared":
        step = say("cutting-sheared")
    else:
        step = _back_to(place, cost, heir, know, names, units)
    return say("cutting-long", cuts=count, step=step) if count > 1 else step


def _back_to(
    place: Place,
    cost: CutCost,
    heir: Limb | None,
    know: Knowledge,
    names: Mapping[str, Value],
    units: Units,
) -> Value:
    """Back to a side branch, or between two."""
    branch = names[heir.id] if heir else say("cutting-some-branch")
    if place == "junction":
        return say("cutting-junction", branch=branch)
    if place == "side-branch":
        mm, wound = Diameter(heir.base_mm if heir else 0, units), Diameter(cost.wound_mm, units)
        return say("cutting-side-branch", branch=branch, mm=mm, wound=wound)
    if not above_a_bud(know, cost.wound_mm):
        return say("cutting-square")
    stub = Diameter(know.number("cuts/stub-mm"), units)
    return say("cutting-bud", slope=Rounded(know.number("cuts/slope")), stub=stub)


def _minutes(tool: str, wound_mm: float, height_m: float, count: int, know: Knowledge) -> float:
    base = (
        know.number(f"tools/{tool}/minutes")
        + know.number(f"tools/{tool}/minutes-per-cm2") * (wound_mm / 10) ** 2
    )
    if count > 1:
        base *= know.number("cuts/three-cut-factor")
    if height_m > know.number("cuts/pole-reach"):
        return base * know.number("cuts/ladder-factor")
    if height_m > know.number("cuts/reach"):
        return base * know.number("cuts/pole-factor")
    return (
        base * know.number("cuts/crouch-factor") if height_m < know.number("cuts/crouch") else base
    )
