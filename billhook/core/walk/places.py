"""Where on a limb a finding is cut: back to a side branch, to a live junction, or off at its
collar.
"""

from __future__ import annotations

from collections.abc import Callable

from ..frame.geometry import along
from ..frame.model import Limb
from ..known import Knowledge
from .tree import WalkTree


def side_branches(tree: WalkTree, limb: Limb) -> list[Limb]:
    """Live side branches of a limb that could take over, the outermost first."""
    assert tree.frame is not None
    return sorted(
        (x for x in tree.frame.limbs if x.on == limb.id and x.state == "live"),
        key=lambda x: -x.at_m,
    )


def to_side_branch(
    tree: WalkTree, know: Knowledge, limb: Limb, suits: Callable[[Limb, float], bool]
) -> float:
    """Kept length [m] of a cut to the outermost side branch that is thick enough and suits; 0 (at
    the collar) where none does.
    """
    ratio, beyond = know.number("cuts/side-branch-ratio"), know.number("walk/into-live")
    for branch in side_branches(tree, limb):
        keep = min(branch.at_m + beyond, limb.length_m * 0.99)
        if branch.base_mm >= ratio * limb.diameter_mm(keep) and suits(branch, keep):
            return round(keep, 3)
    return 0.0


def to_live_junction(tree: WalkTree, know: Knowledge, limb: Limb) -> float:
    """Kept length [m] of a dead or broken limb: to its outermost live side branch, else off at its
    collar.
    """
    branches = side_branches(tree, limb)
    return (
        round(min(branches[0].at_m + know.number("walk/into-live"), limb.length_m * 0.99), 3)
        if branches
        else 0.0
    )


def below_height(tree: WalkTree, know: Knowledge, limb: Limb, height_m: float) -> float:
    """Kept length [m] that brings a limb, and what takes over, under a height above ground."""
    start = tree.ends[limb.id][0]
    return to_side_branch(
        tree,
        know,
        limb,
        lambda branch, keep: (
            max(along(start, limb, keep)[2], tree.ends[branch.id][1][2]) <= height_m
        ),
    )


def within_radius(tree: WalkTree, know: Knowledge, limb: Limb, radius_m: float) -> float:
    """Kept length [m] that draws a limb, and what takes over, within a distance from the trunk."""
    start = tree.ends[limb.id][0]

    def near(branch: Limb, keep: float) -> bool:
        cut, tip = along(start, limb, keep), tree.ends[branch.id][1]
        return max(cut[0] ** 2 + cut[1] ** 2, tip[0] ** 2 + tip[1] ** 2) <= radius_m**2

    return to_side_branch(tree, know, limb, near)
