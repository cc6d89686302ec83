"""A wall or an outline as cuts: sheared in one pass by machine, or cut back inside it by hand,
ragged, with holes for light.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import ceil

from ..frame.model import Cut, Limb
from ..frame.outline import Break, Outline, breaks
from ..frame.share import frame_answer
from ..frame.wood import wood_parameters
from ..known import Knowledge
from ..reasons import Reason
from ..walk.places import to_side_branch
from ..walk.tree import WalkTree
from ..words.values import Diameter, Length, Saying, Share, say


@dataclass(frozen=True)
class WallCut:
    """A cut that a wall asks for. must: it goes with the pass of the machine; why: the reason."""

    cut: Cut
    must: bool
    why: Reason


def machine_cuts(know: Knowledge, tree: WalkTree, outline: Outline) -> list[WallCut]:
    """Every limb where it leaves the wall; wood too thick for the bar is left to the saw, to a side
    branch or the collar.
    """
    assert tree.frame is not None
    most, found = know.number("machine/largest-mm"), []
    for b in breaks(tree.frame, outline):
        limb = tree.frame.limb(b.limb)
        wound = limb.diameter_mm(b.keep_m)
        if wound <= most:
            text = say("wall-past", beyond=Length(b.beyond_m, tree.units))
            found.append(WallCut(Cut(limb.id, b.keep_m), True, _why("past-wall", text, b, ())))
        else:
            text = say(
                "wall-thick", wound=Diameter(wound, tree.units), most=Diameter(most, tree.units)
            )
            found.append(
                WallCut(
                    Cut(limb.id, _inside(tree, know, limb, b)),
                    False,
                    _why("too-thick", text, b, ("machine/largest-mm",)),
                )
            )
    return found


def ragged_cuts(know: Knowledge, tree: WalkTree, outline: Outline) -> list[WallCut]:
    """Limbs past the wall, back to a fork inside it; every second one, round the tree, a fork
    further in, so that light gets in.
    """
    assert tree.frame is not None
    past = sorted(
        breaks(tree.frame, outline),
        key=lambda b: (
            (tree.frame.limb(b.limb).bearing_deg, b.limb) if tree.frame else (0.0, b.limb)
        ),
    )
    found = []
    for nth, b in enumerate(past):
        limb = tree.frame.limb(b.limb)
        keep = _inside(tree, know, limb, b)
        deeper = _deeper(tree, know, limb, keep) if nth % 2 else 0.0
        if deeper > 0:
            text = say("wall-hole", beyond=Length(b.beyond_m, tree.units))
        else:
            text = say("wall-fork", beyond=Length(b.beyond_m, tree.units))
        found.append(WallCut(Cut(limb.id, deeper or keep), False, _why("ragged", text, b, ())))
    return found


def shape_cuts(know: Knowledge, tree: WalkTree, outline: Outline) -> list[WallCut]:
    """Limbs past a shape, back to a fork inside it."""
    assert tree.frame is not None
    found = []
    for b in breaks(tree.frame, outline):
        text = say("shape-fork", beyond=Length(b.beyond_m, tree.units))
        keep = _inside(tree, know, tree.frame.limb(b.limb), b)
        found.append(WallCut(Cut(b.limb, keep), False, _why("past-shape", text, b, ())))
    return found


def fitting(
    know: Knowledge, tree: WalkTree, outline: Outline, limit: float
) -> tuple[Outline, float]:
    """The nearest wall whose pass takes no more than a share [0..1], and by how much it had to be
    set out [m].
    """
    assert tree.frame is not None
    frame, wood = tree.frame, wood_parameters(know, tree.species)

    def taken(by: float) -> float:
        cuts = [w.cut for w in machine_cuts(know, tree, outline.grown(by)) if w.must]
        answer = frame_answer(frame, cuts, wood, None, know.number("wood/exponent"))
        return answer.canopy_share_removed or 0.0

    if taken(0.0) <= limit:
        return outline, 0.0
    near, far = 0.0, know.number("machine/set-out-most")
    for _ in range(12):
        middle = (near + far) / 2
        near, far = (near, middle) if taken(middle) <= limit else (middle, far)
    centimetres = ceil(far * 100)
    # wood that grows too thick for the bar as the wall moves in may make the share jump: go on to
    # the next that fits
    while taken(centimetres / 100) > limit and centimetres < 100 * know.number(
        "machine/set-out-most"
    ):
        centimetres += 1
    return outline.grown(centimetres / 100), centimetres / 100


def how(
    know: Knowledge,
    tree: WalkTree,
    by: str,
    outline: Outline,
    set_out_m: float,
    limit: float,
    thick: int,
) -> Reason:
    """What hand or machine changes, in a sentence. thick: limbs that the bar does not take."""
    wall = say(
        "wall-set", half=Length(outline.half_m, tree.units), top=Length(outline.top_m, tree.units)
    )
    used: dict[str, float | str | None] = {
        "half width, m": round(outline.half_m, 2),
        "top, m": round(outline.top_m, 2),
        "lean, degrees": outline.lean_deg,
    }
    if by == "machine":
        out = (
            (say("wall-set-out", set_out=Length(set_out_m, tree.units), limit=Share(limit)))
            if set_out_m
            else ""
        )
        hand = say("wall-for-the-saw", thick=thick) if thick else ""
        text = say("wall-by-machine", wall=wall, out=out, hand=hand)
        return Reason(
            "by-machine",
            text,
            used,
            catalogue_ids=("machine/largest-mm", "machine/metres-a-minute"),
        )
    if by == "shape":
        return Reason("by-hand-shape", say("wall-shape", wall=wall), used)
    text = say("wall-ragged", wall=wall)
    return Reason("by-hand-ragged", text, used)


def machine_minutes(know: Knowledge, spacing_m: float) -> float:
    """Minutes of the machine for one tree: two faces and the top along its place in the row [m]."""
    return 3 * spacing_m / know.number("machine/metres-a-minute")


def _inside(tree: WalkTree, know: Knowledge, limb: Limb, b: Break) -> float:
    """Back to the outermost side branch that lies inside the wall; off at the collar where none
    would take over.
    """
    bound = b.keep_m
    keep = to_side_branch(tree, know, limb, lambda _, k: k <= bound)
    thin = limb.diameter_mm(bound) <= know.number("tools/hand-pruner/green-mm")
    return keep if keep > 0 or not thin else bound


def _deeper(tree: WalkTree, know: Knowledge, limb: Limb, keep_m: float) -> float:
    """Back to a fork clearly further in than a cut; 0 where there is none."""
    return to_side_branch(
        tree, know, limb, lambda _, k: k < keep_m - know.number("making/top-further-m")
    )


def _why(code: str, text: Saying, b: Break, ids: tuple[str, ...]) -> Reason:
    return Reason(code, text, {"past the wall, m": round(b.beyond_m, 2)}, catalogue_ids=ids)
