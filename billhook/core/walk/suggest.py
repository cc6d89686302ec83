"""Which limbs a finding means: those the drawing shows it of, each with its reason, where to cut
and what that costs.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from math import hypot

from ..frame.model import SOIL, TRUNK, Cut, Limb
from ..frame.share import canopy_total
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Length, Share, say
from .crossing import crowded, rubbing, side_by_side
from .option import Found, LimbOption, at_collar, live_limbs, lost
from .places import below_height, to_live_junction, to_side_branch, within_radius
from .sagging import hanging_low
from .tree import WalkTree, low_limbs


def limb_options(
    look: str, tree: WalkTree, know: Knowledge, answers: Mapping[str, str]
) -> tuple[LimbOption, ...]:
    """Every limb that can be meant by a question, those the drawing shows first, then from the foot
    up.
    """
    if tree.frame is None:
        return ()
    found, keep = _LOOKS[look](tree, know, answers), _KEEPS.get(look, at_collar)
    total = canopy_total(tree.frame, know.number("wood/exponent"))
    options = []
    for limb in tree.frame.limbs:
        if (limb.id in tree.suckers or limb.on == SOIL) != (look == "sucker"):
            continue
        at, why = found.get(limb.id, (keep(tree, know, limb), None))
        share, fruit = lost(tree, know, Cut(limb.id, at), total)
        options.append(
            LimbOption(limb.id, tree.names[limb.id], at, share, fruit, limb.diameter_mm(at), why)
        )
    return tuple(sorted(options, key=lambda o: (o.why is None, tree.ends[o.limb][0][2], o.limb)))


def _dead(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    assert tree.frame is not None
    return {
        x.id: (
            to_live_junction(tree, know, x),
            Reason("drawn-dead", say("drawn-dead", state=x.state)),
        )
        for x in tree.frame.limbs
        if x.state != "live" and x.id not in tree.suckers
    }


def _tuft(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    least = know.number("walk/tuft-foliage")
    return {
        x.id: (
            0.0,
            Reason(
                "tuft",
                say("tuft", leaf=Share(x.foliage)),
                {"leaf, 0 to 1": x.foliage},
                catalogue_ids=("walk/tuft-foliage",),
            ),
        )
        for x in live_limbs(tree)
        if x.foliage < least
    }


def _sprout(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    steep = know.number("walk/upright")
    return {
        x.id: (
            0.0,
            Reason(
                "sprout",
                say("sprout-upright"),
                {"rise, degrees": x.rise_deg},
                catalogue_ids=("walk/upright",),
            ),
        )
        for x in live_limbs(tree)
        if x.kind == "sprout" or (x.on != TRUNK and x.rise_deg >= steep)
    }


def _sucker(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    return {x: (0.0, Reason("below-union", say("starts-below-union"))) for x in tree.suckers}


def _form_low(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    low = low_limbs(tree, know, answers.get("form", tree.form))
    now = max(1, int(len(low) * know.number("form/stage")))
    return {
        x.id: (
            0.0,
            Reason(
                "low-branch",
                say("low-branch-thickest"),
                {"thickness, mm": x.base_mm},
                catalogue_ids=("form/stage",),
            ),
        )
        for x in low[:now]
    }


def _height(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    cap = tree.cap_m
    if cap is None:
        return {}  # nobody said how high it is wanted: its height is no finding
    tops = {x.id: max(p[2] for p in tree.ends[x.id]) for x in live_limbs(tree)}
    over = sorted((x for x in live_limbs(tree) if tops[x.id] > cap), key=lambda x: -tops[x.id])
    found: Found = {}
    for nth, limb in enumerate(over):
        keep = below_height(tree, know, limb, cap)
        found[limb.id] = (
            keep,
            Reason(
                "over-cap",
                say(
                    "over-cap-sets" if nth == 0 else "over-cap-stands",
                    top=Length(tops[limb.id], tree.units),
                    cap=Length(cap, tree.units),
                ),
                {"top, m": round(tops[limb.id], 2), "cap, m": round(cap, 2)},
            ),
        )
    return found


def _reaches(tree: WalkTree) -> dict[str, float]:
    return {
        x.id: max(hypot(p[0], p[1]) for p in tree.ends[x.id])
        for x in live_limbs(tree)
        if x.on == TRUNK
    }


def _wide(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    reach = _reaches(tree)
    if not reach:
        return {}
    if tree.width_m is not None:
        return _wider_than(tree, know, reach, tree.width_m / 2)
    wanted = sum(reach.values()) / len(reach) * (1 + know.number("walk/wide"))
    return {
        x.id: (
            within_radius(tree, know, x, wanted),
            Reason(
                "wide",
                say(
                    "wide", reach=Length(reach[x.id], tree.units), wanted=Length(wanted, tree.units)
                ),
                {"reach, m": round(reach[x.id], 2)},
                catalogue_ids=("walk/wide",),
            ),
        )
        for x in live_limbs(tree)
        if reach.get(x.id, 0) > wanted
    }


def _wider_than(
    tree: WalkTree, know: Knowledge, reach: Mapping[str, float], wanted: float
) -> Found:
    """Limbs that reach further from the stem than is wanted."""
    return {
        x.id: (
            within_radius(tree, know, x, wanted),
            Reason(
                "over-width",
                say(
                    "wide-aim",
                    reach=Length(reach[x.id], tree.units),
                    wanted=Length(wanted, tree.units),
                ),
                {"reach, m": round(reach[x.id], 2), "wanted, m": round(wanted, 2)},
            ),
        )
        for x in live_limbs(tree)
        if reach.get(x.id, 0) > wanted
    }


MARKED = "worn"
"""The look whose limbs are only told apart by it, not cut for it."""

_LOOKS: dict[str, Callable[[WalkTree, Knowledge, Mapping[str, str]], Found]] = {
    "dead": _dead,
    "rub": rubbing,
    MARKED: rubbing,
    "parallel": side_by_side,
    "cluster": crowded,
    "tuft": _tuft,
    "sprout": _sprout,
    "sucker": _sucker,
    "form-low": _form_low,
    "skirt": hanging_low,
    "height": _height,
    "wide": _wide,
}
_KEEPS: dict[str, Callable[[WalkTree, Knowledge, Limb], float]] = {
    "dead": to_live_junction,
    "skirt": lambda tree, know, limb: to_side_branch(
        tree, know, limb, lambda branch, _: branch.rise_deg > limb.rise_deg
    ),
    "height": lambda tree, know, limb: below_height(tree, know, limb, tree.cap_m or 0.0),
    "wide": lambda tree, know, limb: to_side_branch(tree, know, limb, lambda *_: True),
}
