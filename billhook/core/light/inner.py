"""Light inside a crown: what is left under a depth of leaf, by Beer and Lambert's law.

Monsi and Saeki 1953, source named from memory, not consulted: I / I0 = exp(-k L), L the leaf area
over the ground above a point.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import exp, log

from ..frame.finish import after_cuts
from ..frame.geometry import limb_ends
from ..frame.leaf import leaf_above, leaf_left, own_leaf
from ..frame.model import Cut, Frame
from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Rounded, say


def light_under(leaf_area: float, k: float) -> float:
    """Share of the sky's light [0..1] under ``leaf_area`` (m2 of leaf over a m2 of ground) with
    extinction ``k``.
    """
    return exp(-k * leaf_area)


def leaf_area_for(light: float, k: float) -> float:
    """The leaf area under which a share of light [0..1] is left. Raises: ValueError for no
    light.
    """
    return -log(light) / k


def inside(know: Knowledge, species: str, group: str) -> Reason:
    """Light inside a crown as it stands uncut and after good pruning, against what wood there needs
    to flower.
    """
    row = next((r for r in (species, group) if f"light/{r}/k" in know), "other")
    k, full, target, need = (
        know.number(f"light/{row}/{c}") for c in ("k", "leaf-area", "target", "needed")
    )
    text = say(
        "inner-crown",
        full=full,
        light=Rounded(light_under(full, k) * 100),
        target=target,
        thinned=Rounded(light_under(target, k) * 100),
        need=Rounded(need * 100),
        area=Rounded(leaf_area_for(need, k), 1),
    )
    ids = (f"light/{row}/k", f"light/{row}/leaf-area", f"light/{row}/target", f"light/{row}/needed")
    return Reason("inner-light", text, {"k": k, "leaf area": full}, catalogue_ids=ids)


@dataclass(frozen=True)
class LowerLight:
    """Light on the lower limbs [0..1] before and after cuts, and what wood needs to flower
    there.
    """

    before: float
    after: float
    needed: float
    reasons: tuple[Reason, ...]


@dataclass(frozen=True)
class LeafLight:
    """How a kind's leaf takes light. k: extinction; area: leaf of an uncut tree over the ground
    under it [m2/m2]; needed: light that inner wood needs to flower [0..1]; row: of the catalogue.
    """

    k: float
    area: float
    needed: float
    row: str


def leaf_light(know: Knowledge, species: str, group: str) -> LeafLight:
    """Of a species, or of its group where the catalogue has no row of its own."""
    row = next((r for r in (species, group) if f"light/{r}/k" in know), "other")
    return LeafLight(
        know.number(f"light/{row}/k"),
        know.number(f"light/{row}/leaf-area"),
        know.number(f"light/{row}/needed"),
        row,
    )


def low_level_m(know: Knowledge, frame: Frame) -> float:
    """Height under which the limbs of a tree count as low [m]."""
    tops = (p[2] for ends in limb_ends(frame).values() for p in ends)
    return know.number("light/lower-part") * max(tops, default=0.0)


def lower_light(
    know: Knowledge, species: str, group: str, frame: Frame, cuts: Sequence[Cut]
) -> LowerLight:
    """Light on the lower part of a tree as it stands and as cuts leave it. group: of the species,
    where the catalogue has no row of its own.
    """
    light, power = leaf_light(know, species, group), know.number("wood/exponent")
    level, own = low_level_m(know, frame), own_leaf(frame, power)
    left, after = leaf_left(frame, own, cuts, power), after_cuts(frame, cuts)
    above = float(leaf_above(frame, own, [level])[0])
    still = float(leaf_above(after, left, [level])[0])
    total = sum(own.values())
    was, now = (
        light_under(light.area * part / total, light.k) if total else 1.0 for part in (above, still)
    )
    used: dict[str, float | str | None] = {
        "leaf area of the tree, m2 over m2": light.area,
        "of it above the lower limbs now": round(above / total, 3) if total else 0.0,
        "and after": round(still / total, 3) if total else 0.0,
        "k": light.k,
    }
    need, row = light.needed, light.row
    text = say(
        "inner-before-after",
        was=Rounded(was * 100),
        now=Rounded(now * 100),
        need=Rounded(need * 100),
    )
    ids = (f"light/{row}/k", f"light/{row}/leaf-area", f"light/{row}/needed", "light/lower-part")
    return LowerLight(was, now, need, (Reason("lower-light", text, used, catalogue_ids=ids),))


def between_rows(know: Knowledge, alley_m: float) -> tuple[float, Reason]:
    """Light left inside a full wall [0..1], and what it was worked out with.

    alley_m: clear ground between the rows [m].
    """
    k, area = know.number("light/other/k"), know.number("light/other/leaf-area")
    left = light_under(area, k)
    text = say("inner-wall", left=Rounded(left * 100))
    used: dict[str, float | str | None] = {"alley, m": round(alley_m, 2), "k": k, "leaf area": area}
    ids = ("light/other/k", "light/other/leaf-area")
    return left, Reason("inner-light", text, used, catalogue_ids=ids)
