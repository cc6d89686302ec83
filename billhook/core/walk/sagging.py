"""Limbs that come down under their fruit."""

from __future__ import annotations

from collections.abc import Mapping
from math import cos, pi, radians

from ..frame.droop import Droop, Pull, droop, pulled_modulus_gpa
from ..frame.model import Limb
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Length, Weight, say
from .option import Found, live_limbs
from .places import to_side_branch
from .questions import chosen_limb
from .skirt import clearance
from .tree import WalkTree


def sag(
    tree: WalkTree, know: Knowledge, limb: Limb, answers: Mapping[str, str], clear_m: float
) -> Droop:
    """Sag of a limb under what hangs on it, or a full crop by its girth where that is more;
    stiffness by a pull where one was made.
    """
    assert tree.frame is not None
    section_cm2 = pi / 4 * (limb.base_mm / 10) ** 2
    load = max(limb.fruit * tree.fruit_kg, section_cm2 * know.number("crop-limit/year-5/limit"))
    elastic = know.number(
        know.first(f"stiffness/{tree.species}/elastic", f"stiffness/{tree.group}/elastic").id
    )
    pulled = answers.get("skirt-limbs", "").split()
    if pulled and all(answers.get(k, "later") != "later" for k in ("skirt-pull", "skirt-drop")):
        first = tree.frame.limb(chosen_limb(pulled[0])[0])
        elastic = pulled_modulus_gpa(
            first.length_m,
            first.base_mm,
            first.end_mm,
            Pull(float(answers["skirt-pull"]), float(answers["skirt-drop"])),
        )
    # a slanting limb is bent only by the part of the load across it
    across = cos(radians(limb.rise_deg)) ** 2
    return droop(
        know,
        limb.length_m,
        limb.base_mm,
        limb.end_mm,
        load * across,
        know.number("skirt/load-at"),
        tree.ends[limb.id][1][2],
        clear_m,
        elastic,
    )


def lifted(tree: WalkTree, know: Knowledge, limb: Limb, clear_m: float) -> float:
    """Kept length [m] to a side branch that rises more than the limb and stands clear."""
    return to_side_branch(
        tree,
        know,
        limb,
        lambda branch, _: branch.rise_deg > limb.rise_deg and tree.ends[branch.id][1][2] >= clear_m,
    )


def hanging_low(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    if tree.pot_l is not None:
        return {}  # a tree in a pot has no skirt to the ground
    found: Found = {}
    clear, _ = clearance(tree, know, answers)
    for limb in live_limbs(tree):
        if abs(limb.rise_deg) > know.number("skirt/steepest"):
            continue
        bent = sag(tree, know, limb, answers, clear)
        if bent.below_clearance:
            # wet ground: what touches it goes at its origin
            wet = tree.humid and bent.touches_ground
            keep = 0.0 if wet else lifted(tree, know, limb, clear)
            tip = tree.ends[limb.id][1][2]
            end = (
                say("tip-on-ground")
                if bent.touches_ground
                else say("tip-up", tip_height_loaded=Length(bent.tip_height_loaded_m, tree.units))
            )
            load = Weight(float(bent.reasons[0].used["load, kg"] or 0.0), tree.units)
            text = say(
                "tip-hangs",
                tip=Length(tip, tree.units),
                end=end,
                load=load,
                clear=Length(clear, tree.units),
            )
            found[limb.id] = (
                keep,
                Reason(
                    "touches" if bent.touches_ground else "sags",
                    text,
                    {**bent.reasons[0].used, "tip now, m": round(tip, 2)},
                    catalogue_ids=("skirt/load-at", "droop/linear-to"),
                ),
            )
    return found
