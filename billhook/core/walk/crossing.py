"""Limbs that rub, run side by side, or crowd in one place."""

from __future__ import annotations

from collections.abc import Mapping
from itertools import combinations
from math import hypot

from ..frame.geometry import apart_deg
from ..frame.model import SOIL, TRUNK, Limb
from ..frame.near import angle_deg, nearest
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Length, listed, say
from .option import Found, inwardness, live_limbs
from .questions import LATER
from .tree import WalkTree


def _pairs(tree: WalkTree) -> list[tuple[Limb, Limb]]:
    limbs = [x for x in live_limbs(tree) if x.length_m > 0]
    return [
        (a, b) for i, a in enumerate(limbs) for b in limbs[i + 1 :] if a.id != b.on and b.id != a.on
    ]


def _worn(answers: Mapping[str, str]) -> frozenset[str]:
    """Limbs whose bark was found worn through."""
    said = answers.get("rub-worn", LATER)
    return frozenset(x.rpartition("@")[0] for x in said.split()) if said != LATER else frozenset()


def rubbing(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    worn = _worn(answers)
    for a, b in _pairs(tree):
        gap, s, t = nearest(tree.ends[a.id], tree.ends[b.id])
        bark = gap - (a.diameter_mm(s * a.length_m) + b.diameter_mm(t * b.length_m)) / 2000
        # two that leave one stem meet at its foot, and do not rub there
        at_foot = a.on == b.on and min(s * a.length_m, t * b.length_m) < know.number("walk/foot")
        if bark > know.number("walk/rub-gap") or at_foot:
            continue
        worse, better = sorted(
            (a, b),
            key=lambda x: (x.id not in worn, -round(inwardness(tree, x), 2), x.base_mm, x.id),
        )
        where = Length(s * a.length_m if worse is a else t * b.length_m, tree.units)
        inward = inwardness(tree, worse) > max(0.2, inwardness(tree, better))
        other = tree.names[better.id]
        if worse.id in worn:
            says = say("rubs-worn", limb=other, out=where)
        elif inward:
            says = say("rubs-inward", limb=other, out=where)
        else:
            says = say("rubs-thinner", limb=other, out=where)
        ids = ("walk/rub-gap",)
        used: dict[str, float | str | None] = {"bark to bark, m": round(bark, 3)}
        found[worse.id] = (0.0, Reason("rubs", says, used, catalogue_ids=ids))
        found.setdefault(
            better.id,
            (
                0.0,
                Reason("rubbed", say("rubbed", limb=tree.names[worse.id]), used, catalogue_ids=ids),
            ),
        )
    return found


def side_by_side(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
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
                say("parallel-lower", limb=tree.names[high.id]),
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
                    say("parallel-upper", limb=tree.names[low.id]),
                    used,
                    catalogue_ids=ids,
                ),
            ),
        )
    return found


def _best_spread(tree: WalkTree, know: Knowledge, crowd: list[Limb]) -> tuple[Limb, ...]:
    """Those of a cluster that stay: spread round the stem, then the best placed; never an upright
    one while another is there.
    """
    steep = know.number("walk/upright")
    flat = [x for x in crowd if x.rise_deg < steep] or crowd
    most = min(int(know.number("walk/cluster-keep")), max(1, len(crowd) - 2), len(flat))

    def placed(limbs: tuple[Limb, ...]) -> tuple[float, float, float]:
        apart = min(
            (apart_deg(a.bearing_deg, b.bearing_deg) for a, b in combinations(limbs, 2)),
            default=360.0,
        )
        return apart, -sum(abs(x.rise_deg - 45) for x in limbs), sum(x.base_mm for x in limbs)

    return max(combinations(flat, most), key=placed)


def crowded(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> Found:
    found: Found = {}
    within, least = know.number("walk/cluster-within"), int(know.number("walk/cluster-count"))
    by_parent: dict[str, list[Limb]] = {}
    for limb in live_limbs(tree):
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
                        say(
                            "below-cluster", shoots=len(crowd), along=Length(first.at_m, tree.units)
                        ),
                        catalogue_ids=("walk/cluster-count",),
                    ),
                )
            best = _best_spread(tree, know, crowd)
            stay = listed((tree.names[x.id] for x in best), say("and-between"))
            for limb in crowd:
                if limb not in best:
                    found.setdefault(
                        limb.id,
                        (
                            0.0,
                            Reason(
                                "in-cluster",
                                say("in-cluster", shoots=len(crowd), limb=stay),
                                catalogue_ids=("walk/cluster-count", "walk/cluster-keep"),
                            ),
                        ),
                    )
            break
    return found
