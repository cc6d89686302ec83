"""Which limbs a finding means: those the drawing shows it of, each with its reason, where to cut
and what that costs.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from math import cos, hypot, radians, sin

from ..frame.droop import Droop, Pull, droop, pulled_modulus_gpa
from ..frame.finish import gone_limbs
from ..frame.model import SOIL, TRUNK, Cut, Limb
from ..frame.near import angle_deg, nearest
from ..frame.share import canopy_total, leaf_beyond
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import length_words, weight_words
from .places import below_height, to_live_junction, to_side_branch, within_radius
from .questions import chosen_limb
from .skirt import clearance
from .tree import WalkTree, low_limbs

Found = dict[str, tuple[float, Reason | None]]
"""Kept length [m] by limb, with the reason where the drawing shows it."""


@dataclass(frozen=True)
class LimbOption:
    """A limb that may be meant. share: of the live canopy (None on a leafless tree); wound in mm;
    why: the drawing shows it.
    """

    limb: str
    name: str
    keep_m: float
    share: float | None
    fruit: int
    wound_mm: float
    why: Reason | None


def limb_options(
    look: str, tree: WalkTree, know: Knowledge, answers: Mapping[str, str]
) -> tuple[LimbOption, ...]:
    """Every limb that can be meant by a question, those the drawing shows first, then from the foot
    up.
    """
    if tree.frame is None:
        return ()
    found, keep = _LOOKS[look](tree, know, answers), _KEEPS.get(look, _at_collar)
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


def lost(
    tree: WalkTree, know: Knowledge, cut: Cut, total: float | None = None
) -> tuple[float | None, int]:
    """Share of the live canopy (None on a leafless tree) and fruit that a cut takes. total: of the
    canopy, where it is known already.
    """
    assert tree.frame is not None
    limb, power = tree.frame.limb(cut.limb), know.number("wood/exponent")
    of = canopy_total(tree.frame, power) if total is None else total
    gone = [x for x, by in gone_limbs(tree.frame, [cut]).items() if by == limb.id]
    return (leaf_beyond(limb, cut.keep_m, power) / of if of > 0 else None), limb.fruit + sum(
        tree.frame.limb(x).fruit for x in gone
    )


def _at_collar(tree: WalkTree, know: Knowledge, limb: Limb) -> float:
    return 0.0


def _live(tree: WalkTree) -> list[Limb]:
    assert tree.frame is not None
    return [x for x in tree.frame.limbs if x.id not in tree.suckers and x.state != "dead"]


def _dead(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    assert tree.frame is not None
    return {
        x.id: (to_live_junction(tree, know, x), Reason("drawn-dead", f"Drawn as {x.state}."))
        for x in tree.frame.limbs
        if x.state != "live" and x.id not in tree.suckers
    }


def _inwardness(tree: WalkTree, limb: Limb) -> float:
    """How far a limb grows towards the trunk's line [-1 outward .. 1 inward]."""
    base, _ = tree.ends[limb.id]
    out = hypot(base[0], base[1])
    flat = cos(radians(limb.rise_deg))
    if out < 0.05:
        return 0.0
    return (
        -flat
        * (sin(radians(limb.bearing_deg)) * base[0] + cos(radians(limb.bearing_deg)) * base[1])
        / out
    )


def _pairs(tree: WalkTree) -> list[tuple[Limb, Limb]]:
    limbs = [x for x in _live(tree) if x.length_m > 0]
    return [
        (a, b) for i, a in enumerate(limbs) for b in limbs[i + 1 :] if a.id != b.on and b.id != a.on
    ]


def _rub(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    for a, b in _pairs(tree):
        gap, s, t = nearest(tree.ends[a.id], tree.ends[b.id])
        bark = gap - (a.diameter_mm(s * a.length_m) + b.diameter_mm(t * b.length_m)) / 2000
        # two that leave one stem meet at its foot, and do not rub there
        at_foot = a.on == b.on and min(s * a.length_m, t * b.length_m) < know.number("walk/foot")
        if bark > know.number("walk/rub-gap") or at_foot:
            continue
        worse, better = sorted(
            (a, b), key=lambda x: (-round(_inwardness(tree, x), 2), x.base_mm, x.id)
        )
        where = (
            length_words(s * a.length_m, tree.units)
            if worse is a
            else length_words(t * b.length_m, tree.units)
        )
        why = (
            "grows inward"
            if _inwardness(tree, worse) > max(0.2, _inwardness(tree, better))
            else "is the thinner one"
        )
        ids = ("walk/rub-gap",)
        used: dict[str, float | str | None] = {"bark to bark, m": round(bark, 3)}
        found[worse.id] = (
            0.0,
            Reason(
                "rubs",
                f"Rubs the {tree.names[better.id]} {where} out, and {why}.",
                used,
                catalogue_ids=ids,
            ),
        )
        found.setdefault(
            better.id,
            (
                0.0,
                Reason(
                    "rubbed",
                    f"The other of the pair: it is better placed than the {tree.names[worse.id]}.",
                    used,
                    catalogue_ids=ids,
                ),
            ),
        )
    return found


def _parallel(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    for a, b in _pairs(tree):
        if (
            angle_deg(tree.ends[a.id], tree.ends[b.id]) > know.number("walk/parallel-angle")
            or a.on != b.on
        ):
            continue
        gap = nearest(tree.ends[a.id], tree.ends[b.id])[0]
        middle = [
            [(p[0][i] + p[1][i]) / 2 for i in range(3)] for p in (tree.ends[a.id], tree.ends[b.id])
        ]
        apart = hypot(*(middle[0][i] - middle[1][i] for i in range(3)))
        if gap > know.number("walk/parallel-gap") or apart > 2 * know.number("walk/parallel-gap"):
            continue
        low, high = (a, b) if middle[0][2] <= middle[1][2] else (b, a)
        ids = ("walk/parallel-angle", "walk/parallel-gap")
        used: dict[str, float | str | None] = {"apart, m": round(gap, 2)}
        found[low.id] = (
            0.0,
            Reason(
                "parallel-lower",
                f"Runs under the {tree.names[high.id]} and is shaded first: the lower goes.",
                used,
                catalogue_ids=ids,
            ),
        )
        found.setdefault(
            high.id,
            (
                0.0,
                Reason(
                    "parallel-upper",
                    f"The upper of the pair over the {tree.names[low.id]}.",
                    used,
                    catalogue_ids=ids,
                ),
            ),
        )
    return found


def _cluster(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    within, least = know.number("walk/cluster-within"), int(know.number("walk/cluster-count"))
    by_parent: dict[str, list[Limb]] = {}
    for limb in _live(tree):
        by_parent.setdefault(limb.on, []).append(limb)
    for parent, members in by_parent.items():
        members.sort(key=lambda x: x.at_m)
        for first in members:
            crowd = [x for x in members if 0 <= x.at_m - first.at_m <= within]
            if len(crowd) < least:
                continue
            if parent not in (TRUNK, SOIL):
                keep = max(0.0, round(first.at_m - know.number("walk/into-live"), 3))
                found[parent] = (
                    keep,
                    Reason(
                        "below-cluster",
                        f"{len(crowd)} shoots spring {length_words(first.at_m, tree.units)} "
                        "along it: cut below the cluster.",
                        catalogue_ids=("walk/cluster-count",),
                    ),
                )
            best = max(crowd, key=lambda x: (-abs(x.rise_deg - 45), x.base_mm))
            for limb in crowd:
                if limb is not best:
                    found.setdefault(
                        limb.id,
                        (
                            0.0,
                            Reason(
                                "in-cluster",
                                f"One of {len(crowd)} from one point; the "
                                f"{tree.names[best.id]} stands best.",
                                catalogue_ids=("walk/cluster-count",),
                            ),
                        ),
                    )
            break
    return found


def _tuft(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    least = know.number("walk/tuft-foliage")
    return {
        x.id: (
            0.0,
            Reason(
                "tuft",
                f"Little leaf for its wood: {x.foliage:.0%} of what its girth could carry.",
                {"leaf, 0 to 1": x.foliage},
                catalogue_ids=("walk/tuft-foliage",),
            ),
        )
        for x in _live(tree)
        if x.foliage < least
    }


def _sprout(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    steep = know.number("walk/upright")
    return {
        x.id: (
            0.0,
            Reason(
                "sprout",
                "Upright off a main limb.",
                {"rise, degrees": x.rise_deg},
                catalogue_ids=("walk/upright",),
            ),
        )
        for x in _live(tree)
        if x.kind == "sprout" or (x.on != TRUNK and x.rise_deg >= steep)
    }


def _sucker(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    return {
        x: (0.0, Reason("below-union", "Starts below the union or in the soil."))
        for x in tree.suckers
    }


def _form_low(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    low = low_limbs(tree, know, answers.get("form", tree.form))
    now = max(1, int(len(low) * know.number("form/stage")))
    return {
        x.id: (
            0.0,
            Reason(
                "low-branch",
                "Among the thickest below the lowest kept branch.",
                {"thickness, mm": x.base_mm},
                catalogue_ids=("form/stage",),
            ),
        )
        for x in low[:now]
    }


def sag(
    tree: WalkTree, know: Knowledge, limb: Limb, answers: Mapping[str, str], clear_m: float
) -> Droop:
    """Sag of a limb under what hangs on it, or a full crop by its girth where that is more;
    stiffness by a pull where one was made.
    """
    assert tree.frame is not None
    section_cm2 = 3.14159 / 4 * (limb.base_mm / 10) ** 2
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


def _lifted(tree: WalkTree, know: Knowledge, limb: Limb, clear_m: float) -> float:
    """Kept length [m] to a side branch that rises more than the limb and stands clear."""
    return to_side_branch(
        tree,
        know,
        limb,
        lambda branch, _: branch.rise_deg > limb.rise_deg and tree.ends[branch.id][1][2] >= clear_m,
    )


def _skirt(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    clear, _ = clearance(tree, know, answers)
    for limb in _live(tree):
        if abs(limb.rise_deg) > know.number("skirt/steepest"):
            continue
        bent = sag(tree, know, limb, answers, clear)
        if bent.below_clearance:
            keep = _lifted(tree, know, limb, clear)
            tip = tree.ends[limb.id][1][2]
            end = (
                "on the ground"
                if bent.touches_ground
                else f"{length_words(bent.tip_height_loaded_m, tree.units)} up"
            )
            load = weight_words(float(bent.reasons[0].used["load, kg"] or 0.0), tree.units)
            text = (
                f"Its tip hangs {length_words(tip, tree.units)} up, {end} under {load} of "
                f"fruit; {length_words(clear, tree.units)} is wanted."
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


def _height(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    tops = {x.id: max(p[2] for p in tree.ends[x.id]) for x in _live(tree)}
    if not tops:
        return {}
    cap = (
        tree.cap_m
        if tree.cap_m is not None
        else max(tops.values()) * (1 - know.number("cuts/height-share"))
    )
    over = sorted((x for x in _live(tree) if tops[x.id] > cap), key=lambda x: -tops[x.id])
    found: Found = {}
    for nth, limb in enumerate(over):
        keep = below_height(tree, know, limb, cap)
        sets = "Sets the top" if nth == 0 else "Stands above the cap"
        found[limb.id] = (
            keep,
            Reason(
                "over-cap",
                (
                    f"{sets}: {length_words(tops[limb.id], tree.units)} against "
                    f"{length_words(cap, tree.units)}."
                ),
                {"top, m": round(tops[limb.id], 2), "cap, m": round(cap, 2)},
            ),
        )
    return found


def _reaches(tree: WalkTree) -> dict[str, float]:
    return {
        x.id: max(hypot(p[0], p[1]) for p in tree.ends[x.id]) for x in _live(tree) if x.on == TRUNK
    }


def _wide(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    reach = _reaches(tree)
    if not reach:
        return {}
    wanted = sum(reach.values()) / len(reach) * (1 + know.number("walk/wide"))
    return {
        x.id: (
            within_radius(tree, know, x, wanted),
            Reason(
                "wide",
                f"Reaches {length_words(reach[x.id], tree.units)} out; "
                f"{length_words(wanted, tree.units)} would be in line with the others.",
                {"reach, m": round(reach[x.id], 2)},
                catalogue_ids=("walk/wide",),
            ),
        )
        for x in _live(tree)
        if reach.get(x.id, 0) > wanted
    }


_LOOKS: dict[str, Callable[[WalkTree, Knowledge, Mapping[str, str]], Found]] = {
    "dead": _dead,
    "rub": _rub,
    "parallel": _parallel,
    "cluster": _cluster,
    "tuft": _tuft,
    "sprout": _sprout,
    "sucker": _sucker,
    "form-low": _form_low,
    "skirt": _skirt,
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
