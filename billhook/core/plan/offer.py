"""What could be cut and what it brings: findings of the walk and the drawing as weighed cuts, under
a goal, a school and a way of working.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ..frame.model import Cut, Frame
from ..frame.outline import Outline
from ..known import Knowledge
from ..reasons import Reason
from ..walk.option import LimbOption, lost
from ..walk.suggest import limb_options
from ..walk.tree import WalkTree
from ..words.values import Value, say
from .schools import factor
from .skeleton import mains, skeleton_cuts
from .wall import WallCut, machine_cuts, ragged_cuts, shape_cuts

# findings that go with a skeleton prune: everything else is cut anyway
_WITH_SKELETON = frozenset({"sucker", "dead", "skeleton"})
# what the drawing says of the better one of a pair: it is named as a price, not proposed
_SPARED = frozenset({"rubbed", "parallel-upper"})


@dataclass(frozen=True)
class Proposed:
    """A cut that was weighed. look: the finding that weighs most; why: every reason for it; benefit
    in points.
    """

    id: str
    cut: Cut
    name: Value
    look: str
    work: str
    must: bool
    named: bool
    benefit: float
    share: float
    fruit: int
    why: tuple[Reason, ...]


def cut_id(cut: Cut) -> str:
    """How a cut is named in pins: its limb, ``@``, and the metres that are kept."""
    return f"{cut.limb}@{cut.keep_m:g}"


def _named(know: Knowledge, tree: WalkTree, frame: Frame, cut: Cut) -> tuple[str, LimbOption]:
    """A cut that only the walk names: what it is weighed as, and the option moved to its place."""
    sucker, dead = cut.limb in tree.suckers, frame.limb(cut.limb).state != "live"
    look = "dead" if dead else "sucker" if sucker else "rub"
    options = limb_options("sucker" if look == "sucker" else "dead", tree, know, {})
    option = next(o for o in options if o.limb == cut.limb)
    return look, replace(option, keep_m=cut.keep_m, why=Reason("named", say("named-on-walk")))


def offered(
    know: Knowledge,
    tree: WalkTree,
    goal: str,
    named: Sequence[Cut],
    weights: Mapping[str, float],
    by: str = "hand",
    outline: Outline | None = None,
) -> dict[str, Proposed]:
    """Every cut with a reason, by its id; several findings on one place add up."""
    found: dict[str, Proposed] = {}
    fruit = sum(x.fruit for x in tree.frame.limbs) if tree.frame else 0
    meant = {(c.limb, round(c.keep_m, 3)) for c in named}
    looks = [k for k in know.rows("plan-weights") if goal != "skeleton" or k in _WITH_SKELETON]
    walls = _wall(know, tree, by, outline)
    musts = {(w.cut.limb, w.cut.keep_m) for w in walls if w.must}

    def weight_of(look: str) -> float:
        own = weights.get(look, know.number(f"plan-weights/{look}/{goal}"))
        return own * factor(know, tree.stances, look)

    for look in looks:
        weight = weight_of(look)
        for option in _options(know, tree, look, goal, walls):
            on_walk = (option.limb, round(option.keep_m, 3)) in meant
            if option.why is None or (option.why.code in _SPARED and not on_walk):
                continue
            pass_ = look == "wall" and (option.limb, option.keep_m) in musts
            one = _weighed(know, tree, look, option, weight, on_walk, fruit, pass_)
            key = cut_id(one.cut)
            found[key] = _together(found[key], one) if key in found else one
    known = {(p.cut.limb, round(p.cut.keep_m, 3)) for p in found.values()}
    for cut in named:
        if (cut.limb, round(cut.keep_m, 3)) not in known and tree.frame is not None:
            look, moved = _named(know, tree, tree.frame, cut)
            found[cut_id(cut)] = _weighed(know, tree, look, moved, weight_of(look), True, fruit)
    return found


def _wall(know: Knowledge, tree: WalkTree, by: str, outline: Outline | None) -> list[WallCut]:
    if outline is None or tree.frame is None:
        return []
    return (
        machine_cuts(know, tree, outline)
        if by == "machine"
        else ragged_cuts(know, tree, outline)
        if by == "ragged"
        else shape_cuts(know, tree, outline)
        if by == "shape"
        else []
    )


def _options(
    know: Knowledge, tree: WalkTree, look: str, goal: str, walls: Sequence[WallCut]
) -> list[LimbOption]:
    if look == "wall":
        return _placed(know, tree, [(w.cut, w.why) for w in walls])
    if look == "skeleton":
        return (
            _placed(know, tree, skeleton_cuts(know, tree))
            if goal == "skeleton" and tree.frame is not None
            else []
        )
    if look != "upright":
        # before its day frost-hurt wood is not dead, whatever the drawing says
        waits = look == "dead" and tree.waiting_until is not None and tree.day < tree.waiting_until
        return [] if waits else list(limb_options(look, tree, know, {}))
    return _most_upright(know, tree, goal)


def _most_upright(know: Knowledge, tree: WalkTree, goal: str) -> list[LimbOption]:
    """The main limb that rises most steeply and strongly; of an even tree none stands out, unless
    the goal takes one every year.
    """
    steep = know.number("plan/upright-rise")
    big = sorted(mains(tree), key=lambda x: (x.rise_deg * x.base_mm, x.id), reverse=True)
    # one leader: the strongest upright limb stays; the next one competes with it
    at = 1 if tree.stances.get("form") == "central-leader" else 0
    upright = [x for n, x in enumerate(big) if x.rise_deg >= steep or n < at][at:]
    if len(big) < 3 or not upright or (at == 0 and upright[0] is not big[0]):
        return []
    first = upright[0]
    others = [x.rise_deg for x in big if x is not first]
    even = first.rise_deg - sum(others) / len(others) < know.number("plan/upright-over")
    if even and not know.number(f"goals/{goal}/every-year"):
        return []
    said = Reason("most-upright", say("most-upright"), catalogue_ids=("plan/upright-rise",))
    return [
        LimbOption(o.limb, o.name, o.keep_m, o.share, o.fruit, o.wound_mm, said)
        for o in limb_options("wide", tree, know, {})
        if o.limb == first.id
    ]


def _placed(
    know: Knowledge, tree: WalkTree, cuts: Sequence[tuple[Cut, Reason]]
) -> list[LimbOption]:
    """Cuts whose place is settled, with what each costs."""
    found = []
    by_limb = {o.limb: o for o in limb_options("wide", tree, know, {})}
    for cut, why in cuts:
        if cut.limb in by_limb and tree.frame is not None:
            share, fruit = lost(tree, know, cut)
            found.append(
                LimbOption(
                    cut.limb,
                    by_limb[cut.limb].name,
                    cut.keep_m,
                    share,
                    fruit,
                    tree.frame.limb(cut.limb).diameter_mm(cut.keep_m),
                    why,
                )
            )
    return found


def _weighed(
    know: Knowledge,
    tree: WalkTree,
    look: str,
    option: LimbOption,
    weight: float,
    on_walk: bool,
    fruit: int,
    with_pass: bool = False,
) -> Proposed:
    row = f"plan-weights/{look}"
    must = (
        with_pass
        or know.number(f"{row}/must") > 0
        or (look == "skirt" and option.why is not None and option.why.code == "touches")
    )
    of_fruit = option.fruit / fruit if fruit else 0.0
    benefit = (
        weight
        * (know.number("plan/named") if on_walk else 1.0)
        * max(0.0, 1 - know.number("plan/fruit-weight") * of_fruit)
    )
    free = look == "sucker" or (
        tree.frame is not None and tree.frame.limb(option.limb).state == "dead"
    )
    why = (option.why,) if option.why else ()
    cut = Cut(option.limb, option.keep_m)
    return Proposed(
        cut_id(cut),
        cut,
        option.name,
        look,
        know.text(f"{row}/work"),
        must,
        on_walk,
        benefit,
        0.0 if free else option.share or 0.0,
        option.fruit,
        why,
    )


def _together(a: Proposed, b: Proposed) -> Proposed:
    """Two findings on one cut: the weightier gives it its name and work, their points add up."""
    first, other = (a, b) if (a.must, a.benefit) >= (b.must, b.benefit) else (b, a)
    return Proposed(
        first.id,
        first.cut,
        first.name,
        first.look,
        first.work,
        a.must or b.must,
        a.named or b.named,
        a.benefit + b.benefit,
        first.share,
        first.fruit,
        (*first.why, *(w for w in other.why if w not in first.why)),
    )
