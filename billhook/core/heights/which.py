"""Which main limb to lower or take this year, to what height and side branch, and what the others
get.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ..frame.geometry import along
from ..frame.model import Cut, Frame, Limb, roots_of
from ..known import Knowledge
from ..plan.skeleton import mains
from ..reasons import Reason
from ..walk.option import lost
from ..walk.places import below_height
from ..walk.suggest import limb_options
from ..walk.tree import WalkTree
from ..words.values import Capital, Length, Saying, Value, listed, say


@dataclass(frozen=True)
class Ranked:
    """A main limb with its points. keep_m: where it is cut to come under the height; takes_over:
    the side branch that goes on, None for a bare end.

    others: cuts that tip the rest of the tree in the same year.
    """

    limb: str
    name: Value
    points: float
    keep_m: float
    cut_height_m: float
    takes_over: Value | None
    wound_mm: float
    share: float | None
    fruit: int
    seasons: int | None
    reasons: tuple[Reason, ...]


def rank_limbs(
    know: Knowledge, tree: WalkTree, low_m: float, seasons: Mapping[str, int]
) -> tuple[Ranked, ...]:
    """Main limbs, the one to take first. seasons: since each limb's hard cut; a limb that is not
    named was never cut.
    """
    big = mains(tree)
    if not big or tree.frame is None:
        return ()
    points = {limb.id: _points(know, tree, limb, big, seasons) for limb in big}
    found = [_ranked(know, tree, limb, low_m, points[limb.id], seasons) for limb in big]
    first, *others = sorted(found, key=lambda r: (-r.points, r.limb))
    before = Reason("renewal-first", say("renewal-first"))
    return replace(first, reasons=(*first.reasons, before)), *others


def _points(
    know: Knowledge, tree: WalkTree, limb: Limb, big: Sequence[Limb], seasons: Mapping[str, int]
) -> dict[str, float]:
    """What speaks for taking a limb, each against the most among its like [0..1]."""
    assert tree.frame is not None
    crosses = {o.limb for o in limb_options("rub", tree, know, {}) if o.why is not None}
    fruit = {x.id: lost(tree, know, Cut(x.id, 0.0))[1] for x in big}
    full = know.number("which-limb/seasons-full")
    waited = min(1.0, seasons[limb.id] / full) if limb.id in seasons else 1.0
    return {
        "upright": max(0.0, limb.rise_deg) / max(max(x.rise_deg, 1.0) for x in big),
        "thick": limb.base_mm / max(x.base_mm for x in big),
        "tall": top_of(tree, limb) / max(top_of(tree, x) for x in big),
        "waited": waited,
        "crossing": 1.0 if _crosses(tree.frame, limb, crosses) else 0.0,
        "fruit": 1 - fruit[limb.id] / max(1, *fruit.values()),
    }


def _ranked(
    know: Knowledge,
    tree: WalkTree,
    limb: Limb,
    low_m: float,
    parts: Mapping[str, float],
    seasons: Mapping[str, int],
) -> Ranked:
    """A limb with its points, the cut that lowers it, and why."""
    weights = {k: know.number(f"which-limb/{k}/points") for k in parts}
    points = sum(weights[k] * p for k, p in parts.items())
    keep = lowered_to(know, tree, limb, low_m)
    share, gone = lost(tree, know, Cut(limb.id, keep))
    heir = _heir(know, tree, limb, keep)
    height = along(tree.ends[limb.id][0], limb, keep)[2]
    top = sorted(parts, key=lambda k: (-weights[k] * parts[k], k))[:3]
    speaks = [know.row(f"which-limb/{k}/says") for k in top if parts[k] > 0.5]
    fruit = lost(tree, know, Cut(limb.id, 0.0))[1]
    name = tree.names[limb.id]
    text = say(
        "which-limb",
        name=Capital(name),
        speaks=listed(speaks) if speaks else say("which-nothing"),
        fruit=fruit,
    )
    used = {**{k: round(v, 2) for k, v in parts.items()}, "points": round(points, 2)}
    ids = tuple(f"which-limb/{k}/points" for k in parts)
    cut_at = {"cut at, m": round(height, 2)}
    return Ranked(
        limb.id,
        name,
        points,
        keep,
        height,
        tree.names[heir.id] if heir else None,
        limb.diameter_mm(keep),
        share,
        gone,
        seasons.get(limb.id),
        (
            Reason("which-limb", text, used, catalogue_ids=ids),
            Reason("limb-height", _where(tree, keep, height, heir), cut_at),
        ),
    )


def _heir(know: Knowledge, tree: WalkTree, limb: Limb, keep: float) -> Limb | None:
    """The side branch that takes over where a limb is lowered to it."""
    if not keep or tree.frame is None:
        return None
    near = know.number("cuts/side-branch-near")
    live = (x for x in tree.frame.limbs if x.on == limb.id and x.state == "live")
    return next((x for x in live if 0 <= keep - x.at_m <= near), None)


def _where(tree: WalkTree, keep: float, height: float, heir: Limb | None) -> Saying:
    if keep == 0:
        return say("which-at-collar")
    to = say("which-to-heir", names=tree.names[heir.id]) if heir else say("which-no-heir")
    return say(
        "which-where", height=Length(height, tree.units), keep=Length(keep, tree.units), to=to
    )


def top_of(tree: WalkTree, limb: Limb) -> float:
    """Highest point of a main limb and all it bears [m]."""
    assert tree.frame is not None
    roots = roots_of(tree.frame)
    return max(
        p[2]
        for x in tree.frame.limbs
        if roots[x.id].id == limb.id and x.state == "live"
        for p in tree.ends[x.id]
    )


def lowered_to(know: Knowledge, tree: WalkTree, limb: Limb, low_m: float) -> float:
    """Kept length [m] that brings a main limb under a height: to a side branch, else at that
    height, else off at the collar.
    """
    to_branch = below_height(tree, know, limb, low_m)
    if to_branch > 0:
        return to_branch
    start, tip = tree.ends[limb.id]
    if start[2] < low_m < tip[2]:
        return round(limb.length_m * (low_m - start[2]) / (tip[2] - start[2]), 3)
    return 0.0 if start[2] >= low_m else round(limb.length_m * 0.99, 3)


def _crosses(frame: Frame, limb: Limb, crossing: set[str]) -> bool:
    roots = roots_of(frame)
    return any(roots[c].id == limb.id for c in crossing)
