"""How much fruit comes off: from a sample of clusters, and by what the trunk's section carries."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import floor, pi, sqrt

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Rounded, Weight, say

_Z = 1.959964  # both-sided 95 % of the normal distribution


@dataclass(frozen=True)
class Thinning:
    """Fruit to remove per cluster and in all, with the interval that covers the truth 19 times in
    20; and how many more clusters to count.
    """

    per_cluster: float
    low: float
    high: float
    remove: int
    remove_low: int
    remove_high: int
    enough: bool
    reasons: tuple[Reason, ...]


def _t(freedom: int) -> float:
    """Student's t for 95 %, both sides, by the Cornish-Fisher series; within half a per cent from
    four degrees of freedom on.
    """
    z, v = _Z, freedom
    return (
        z
        + (z**3 + z) / (4 * v)
        + (5 * z**5 + 16 * z**3 + 3 * z) / (96 * v**2)
        + (3 * z**7 + 19 * z**5 + 17 * z**3 - 15 * z) / (384 * v**3)
    )


def thinning(know: Knowledge, counts: Sequence[int], keep: int, clusters: int) -> Thinning:
    """Fruit to remove when every cluster is left with ``keep`` at most, judged from counts of some
    clusters of a tree with ``clusters``.

    Raises: InvalidInput for too few counts, or more counts than clusters.
    """
    least = int(know.number("thinning/counts"))
    if len(counts) < least:
        raise invalid("/counts", say("bad-count-at-least-clusters-taken-as", least=least))
    if clusters < len(counts):
        raise invalid("/clusters", say("bad-must-be-at-least-the-that", n=len(counts)))
    excess = [max(0, c - keep) for c in counts]
    n = len(excess)
    mean = sum(excess) / n
    spread = sqrt(sum((e - mean) ** 2 for e in excess) / (n - 1))
    # a sample of many of the clusters is surer than one of few
    half = _t(n - 1) * spread / sqrt(n) * sqrt(max(0.0, 1 - n / clusters))
    low, high = max(0.0, mean - half), mean + half
    enough = mean == 0 or half <= know.number("thinning/sure-within") * mean
    text = say(
        "load-clusters", n=n, mean=Rounded(mean, 1), clusters=clusters, total=round(mean * clusters)
    )
    reasons = [
        Reason(
            "thinning",
            text,
            {
                "clusters counted": n,
                "fruit too many, per cluster": round(mean, 2),
                "spread": round(spread, 2),
                "kept": keep,
            },
        )
    ]
    if not enough:
        reasons.append(Reason("count-more", say("load-count-more")))
    return Thinning(
        mean,
        low,
        high,
        round(mean * clusters),
        floor(low * clusters),
        round(high * clusters + 0.499),
        enough,
        tuple(reasons),
    )


@dataclass(frozen=True)
class CropLoad:
    """Trunk section [cm2], the fruit it may carry [kg, count], what hangs, and what comes off."""

    section_cm2: float
    limit_kg: float
    limit_fruit: int
    hangs_kg: float
    remove: int
    reasons: tuple[Reason, ...]


def crop_load(
    know: Knowledge,
    trunks_mm: Sequence[float],
    year_in_ground: int,
    fruit: int,
    fruit_kg: float,
    units: Units = "metric",
) -> CropLoad:
    """Whether the trunk carries the crop. Several trunks add their sections; the fifth year's limit
    holds for all later ones.
    """
    section = sum(pi / 4 * (d / 10) ** 2 for d in trunks_mm)
    row = f"crop-limit/year-{max(1, min(5, year_in_ground))}/limit"
    small = fruit_kg < know.number("crop-limit/small-fruit-kg")
    limit = section * know.number(row) * (2 if small else 1)
    most = floor(limit / fruit_kg + 1e-9)
    remove = max(0, fruit - most)
    ids = (row, "crop-limit/small-fruit-kg") if small else (row,)
    text = say(
        "load-trunk",
        section=Rounded(section, 1),
        year_in_ground=year_in_ground,
        limit=Weight(limit, units),
        most=most,
        remove=say("load-take-off") + str(remove) if remove else say("load-carries"),
    )
    used: dict[str, float | str | None] = {
        "trunk section, cm²": round(section, 2),
        "limit, kg": round(limit, 3),
        "one fruit, kg": fruit_kg,
    }
    return CropLoad(
        section,
        limit,
        most,
        fruit * fruit_kg,
        remove,
        (Reason("crop-load", text, used, catalogue_ids=ids),),
    )
