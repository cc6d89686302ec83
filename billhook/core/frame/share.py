"""What cuts cost: share of canopy, wound, weight, fruit, height and spread.

Pipe model (Shinozaki et al. 1964, source named from memory, not consulted): the leaf a section
carries follows its cross-section.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..reasons import Reason
from ..words.values import say
from .check import checked
from .finish import after_cuts, gone_limbs, void_cuts
from .geometry import height_m, limb_ends, radius_m
from .model import TRUNK, Cut, Frame, Limb, is_sucker, roots_of
from .wood import WoodParameters, frustum_volume_m3, hand_kg


@dataclass(frozen=True)
class Measures:
    """Height, radius [m] and fruit of a tree."""

    height_m: float
    radius_m: float
    fruit: int


@dataclass(frozen=True)
class CutCost:
    """What one cut costs. ``share`` is None on a leafless tree; ``lift_kg`` is the weight to plan
    for when lifting.
    """

    limb: str
    keep_m: float
    share: float | None
    wood_share: float
    wound_mm: float
    wood_kg: float
    hand_kg: float
    lift_kg: float
    fruit_lost: int
    void: bool
    counts: bool


@dataclass(frozen=True)
class FrameAnswer:
    """The cost of a set of cuts on a frame."""

    before: Measures
    after: Measures
    canopy_share_removed: float | None
    wood_share_removed: float
    cuts: tuple[CutCost, ...]
    reasons: tuple[Reason, ...]


def leaf_beyond(limb: Limb, along_m: float, power: float, foliage: float | None = None) -> float:
    """Leaf carried beyond ``along_m`` [m]: ``foliage (d^p - headed^p)``, never negative [mm^p]."""
    leafing = limb.leafing if foliage is None else foliage
    return leafing * max(0.0, float(limb.diameter_mm(along_m) ** power - limb.headed_mm**power))


def canopy_total(frame: Frame, power: float, foliage: float | None = None) -> float:
    """Leaf of the whole canopy: the limbs on the trunk above the union [mm^p]."""
    return sum(
        leaf_beyond(limb, 0, power, foliage)
        for limb in frame.limbs
        if limb.on == TRUNK and not is_sucker(frame, limb)
    )


def charged_to(
    frame: Frame, cuts: Sequence[Cut], void: set[str], power: float, foliage: float | None = None
) -> tuple[list[float], dict[str, float]]:
    """Leaf that each cut takes, and what each main limb loses, not more than it has [mm^p].
    foliage: in place of each limb's own; 1 for the wood.
    """
    roots = roots_of(frame)
    by_id = {limb.id: limb for limb in frame.limbs}
    scaffolds = [limb for limb in frame.limbs if limb.on == TRUNK and not is_sucker(frame, limb)]
    own = {limb.id: leaf_beyond(limb, 0, power, foliage) for limb in scaffolds}
    charged = dict.fromkeys(own, 0.0)
    takes: list[float] = []
    for cut in cuts:
        leaf = 0.0
        if cut.limb in void:
            pass
        elif cut.limb == TRUNK:
            for limb in scaffolds:
                if limb.at_m > cut.keep_m:
                    leaf += own[limb.id]
                    charged[limb.id] = own[limb.id]
        elif roots[cut.limb].id in own:
            leaf = leaf_beyond(by_id[cut.limb], cut.keep_m, power, foliage)
            charged[roots[cut.limb].id] += leaf
        takes.append(leaf)
    return takes, {key: min(own[key], charged[key]) for key in own}


def _removed(
    frame: Frame,
    cuts: Sequence[Cut],
    void: set[str],
    total: float,
    power: float,
    foliage: float | None,
) -> tuple[list[float], float]:
    """Share of each cut, and of the tree, against ``total``."""
    takes, charged = charged_to(frame, cuts, void, power, foliage)
    return [leaf / total for leaf in takes], sum(charged.values()) / total


def frame_answer(
    frame: Frame,
    cuts: Sequence[Cut],
    wood: WoodParameters,
    baseline: Frame | None = None,
    power: float = 2.0,
) -> FrameAnswer:
    """Cost of ``cuts`` on ``frame``.

    baseline: the frame at the start of the growing year, whose canopy is the total; this frame
    where None. power: exponent of the pipe model. Raises: InvalidInput naming each malformed field.
    """
    checked(frame, cuts, baseline)
    void, of = void_cuts(frame, cuts), baseline or frame
    leaf_total, wood_total = canopy_total(of, power), canopy_total(of, power, 1.0)
    wood_shares, wood_removed = [0.0] * len(cuts), 0.0
    if wood_total:
        wood_shares, wood_removed = _removed(frame, cuts, void, wood_total, power, 1.0)
    leaf_shares: list[float] | None = None
    removed: float | None = None
    reasons = []
    if leaf_total > 0:
        leaf_shares, removed = _removed(frame, cuts, void, leaf_total, power, None)
    else:
        reasons.append(Reason("leafless", _LEAFLESS))
    reasons.append(_working(frame, cuts, leaf_total, power, baseline is not None))
    weights = _weights(frame, cuts, void, wood)
    costs = tuple(
        replace(
            cost,
            share=(0.0 if cost.void else leaf_shares[i]) if leaf_shares else None,
            wood_share=0.0 if cost.void else wood_shares[i],
        )
        for i, cost in enumerate(weights)
    )
    left = after_cuts(frame, cuts)
    return FrameAnswer(
        _measures(frame), _measures(left), removed, wood_removed, costs, tuple(reasons)
    )


_LEAFLESS = say("share-no-leaf")


def _weights(
    frame: Frame, cuts: Sequence[Cut], void: set[str], wood: WoodParameters
) -> list[CutCost]:
    """Wound, weights and fruit of each cut, its shares not yet known; a cut that goes with another
    weighs nothing of its own.
    """
    roots, gone = roots_of(frame), gone_limbs(frame, cuts)
    found = []
    for cut in cuts:
        wound, volume = _wound(frame, cut)
        counts = cut.limb == TRUNK or not is_sucker(frame, roots[cut.limb])
        if cut.limb in void:
            none = (0.0, 0.0, 0.0)
            found.append(CutCost(cut.limb, cut.keep_m, None, 0.0, wound, *none, 0, True, counts))
            continue
        limbs = [limb for limb in frame.limbs if gone.get(limb.id) == cut.limb]
        volume += sum(frustum_volume_m3(x.length_m, x.base_mm, x.end_mm) for x in limbs)
        own = 0 if cut.limb == TRUNK else frame.limb(cut.limb).fruit
        fruit, wood_kg = own + sum(x.fruit for x in limbs), volume * wood.green_density_kg_m3
        held = hand_kg(wood_kg, wound, fruit, wood)
        kg = (wood_kg, held, held * wood.lift_factor)
        found.append(CutCost(cut.limb, cut.keep_m, None, 0.0, wound, *kg, fruit, False, counts))
    return found


def _wound(frame: Frame, cut: Cut) -> tuple[float, float]:
    """Diameter of a cut [mm], and the wood of its own limb beyond it [m3]."""
    if cut.limb == TRUNK:
        thick = frame.trunk.diameter_mm
        return thick, frustum_volume_m3(frame.trunk.height_m - cut.keep_m, thick, thick)
    limb = frame.limb(cut.limb)
    wound = limb.diameter_mm(cut.keep_m)
    return wound, frustum_volume_m3(limb.length_m - cut.keep_m, wound, limb.end_mm)


def _working(
    frame: Frame, cuts: Sequence[Cut], total: float, power: float, of_baseline: bool
) -> Reason:
    """The inputs of this very answer: the year's total, and the diameter each cut is made at."""
    start = "the tree as it was at the start of the growing year" if of_baseline else "this tree"
    used: dict[str, float | str | None] = {
        f"canopy total of {start}, mm^{power:g}": round(total, 1)
    }
    for cut in cuts:
        wound = (
            frame.trunk.diameter_mm
            if cut.limb == TRUNK
            else frame.limb(cut.limb).diameter_mm(cut.keep_m)
        )
        used[f"{cut.limb} cut at {cut.keep_m:g} m, diameter, mm"] = round(wound, 2)
        if cut.limb != TRUNK:
            used[f"{cut.limb}, foliage, 0 to 1"] = frame.limb(cut.limb).leafing
    text = say("share-model", power=power)
    return Reason("pipe-model", text, used, catalogue_ids=("wood/exponent",))


def _measures(frame: Frame) -> Measures:
    ends = limb_ends(frame)
    return Measures(
        height_m(frame, ends), radius_m(frame, ends), sum(limb.fruit for limb in frame.limbs)
    )
