"""What is taken by counting cuts on a tree nobody has drawn: so many as thick as a thumb.

The pipe model: leaf follows the cross-section, and a tree's cross-section is kept from the trunk to
its branches.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import sqrt

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Share, Weight, say
from .wood import WoodParameters, typical_limb_kg


@dataclass(frozen=True)
class Counted:
    """So many like cuts. mm: across; least, most: what it may be [mm], the same where it was
    measured; sprout: a water sprout of this season; dead: bears no leaf; thickness: its class, None
    where it was measured.
    """

    mm: float
    n: int
    least: float
    most: float
    sprout: bool = False
    dead: bool = False
    thickness: str | None = None


@dataclass(frozen=True)
class CutCount:
    """Shares of the live canopy [0..1], the middle and what it may be; of the year with what was
    used before; wounds by thickness [mm]; masses [kg] of all together and of the heaviest piece.
    """

    share: float
    low: float
    high: float
    year_share: float
    wounds: tuple[tuple[float, int], ...]
    hand_kg: float
    heaviest_kg: float
    reasons: tuple[Reason, ...]


def counted(know: Knowledge, thickness: str, n: int, sprout: bool, dead: bool) -> Counted:
    """Cuts as thick as a class of the catalogue. Raises: UnknownKnowledge."""
    row = f"thickness/{thickness}"
    mm, least, most = (know.number(f"{row}/{c}") for c in ("mm", "least", "most"))
    return Counted(mm, n, least, most, sprout, dead, thickness)


def trunk_of(stems_mm: Sequence[float]) -> float:
    """One diameter [mm] with the cross-section of several stems."""
    return sqrt(sum(d * d for d in stems_mm))


def leafing(know: Knowledge, cut: Counted) -> float:
    """Leaf of a cut against bearing wood as thick [0..1]."""
    if cut.dead:
        return 0.0
    return know.number("wood/sprout-leafing") if cut.sprout else 1.0


def count_cuts(
    know: Knowledge,
    wood: WoodParameters,
    trunk_mm: float,
    cuts: Sequence[Counted],
    used_share: float = 0.0,
    limit: float | None = None,
) -> CutCount:
    """Share of the canopy that so many cuts take, with its range. trunk_mm: across, above the union
    and below the first branch. limit: what today allows [0..1].

    Raises: InvalidInput where more is cut than such a trunk bears.

    Source: Shinozaki and others 1964 for the pipe model, named from memory; the range is our rule.
    """
    kept, error = know.number("counting/kept"), know.number("counting/error")
    section = trunk_mm * trunk_mm
    share = sum(c.n * leafing(know, c) * c.mm**2 for c in cuts) / (kept * section)
    if share > 1:
        raise invalid("/trunk_mm", say("bad-more-is-cut-than-a-trunk"))
    by_class = sum(
        c.n * (leafing(know, c) * (c.most**2 - c.least**2) / (2 * section)) ** 2 for c in cuts
    )
    around = sqrt((error * share) ** 2 + by_class)
    wounds: dict[float, int] = {}
    for cut in cuts:
        if cut.n:
            wounds[cut.mm] = wounds.get(cut.mm, 0) + cut.n
    masses = {mm: typical_limb_kg(mm, wood) for mm in wounds}
    low, high = max(0.0, share - around), min(1.0, share + around)
    hand = sum(masses[mm] * n for mm, n in wounds.items())
    heaviest = max(masses.values(), default=0.0)
    return CutCount(
        share,
        low,
        high,
        used_share + share,
        tuple(sorted(wounds.items(), reverse=True)),
        hand,
        heaviest,
        _reasons(trunk_mm, share, low, high, heaviest, used_share, limit),
    )


def _reasons(
    trunk_mm: float,
    share: float,
    low: float,
    high: float,
    heaviest_kg: float,
    used_share: float,
    limit: float | None,
) -> tuple[Reason, ...]:
    used = {"trunk, mm": trunk_mm, "used before": used_share}
    ids = ("counting/kept", "counting/error", "wood/sprout-leafing")
    text = say(
        "counted",
        share=Share(round(share, 3)),
        low=Share(round(low, 2)),
        high=Share(round(high, 2)),
    )
    found = [Reason("counted", text, used, catalogue_ids=ids)]
    if heaviest_kg:
        mass = say("counted-mass", heaviest=Weight(heaviest_kg), twice=Weight(2 * heaviest_kg))
        found.append(Reason("mass", mass, catalogue_ids=("wood/lift-factor",)))
    if limit is not None and share > limit + 1e-9:
        text = say("counted-over", limit=Share(limit), over=Share(round(share - limit, 3)))
        found.append(Reason("over-limit", text, {"limit": limit}))
    elif limit is not None and high > limit + 1e-9:
        text = say("counted-may-be-over", limit=Share(limit), high=Share(round(high, 2)))
        found.append(Reason("may-be-over", text, {"limit": limit}))
    return tuple(found)
