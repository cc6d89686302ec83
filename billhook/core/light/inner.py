"""Light inside a crown: what is left under a depth of leaf, by Beer and Lambert's law.

Monsi and Saeki 1953, source named from memory, not consulted: I / I0 = exp(-k L), L the leaf area
over the ground above a point.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import exp, log

from ..frame.geometry import limb_ends
from ..frame.model import TRUNK, Frame, is_sucker, roots_of
from ..frame.share import leaf_beyond
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


def lower_light(
    know: Knowledge, species: str, group: str, before: Frame, after: Frame
) -> LowerLight:
    """Light on the lower third of a tree as it stands and as it is left. group: of the species,
    where the catalogue has no row of its own.
    """
    row = next((r for r in (species, group) if f"light/{r}/k" in know), "other")
    k, full = know.number(f"light/{row}/k"), know.number(f"light/{row}/leaf-area")
    level = know.number("light/lower-part") * max(
        (p[2] for ends in limb_ends(before).values() for p in ends), default=0.0
    )
    above, total, left = (
        _leaf(know, before, level),
        _leaf(know, before, -1.0),
        _leaf(know, after, level),
    )
    was, now = (light_under(full * part / total, k) if total else 1.0 for part in (above, left))
    used: dict[str, float | str | None] = {
        "leaf area of the tree, m2 over m2": full,
        "of it above the lower limbs now": round(above / total, 3) if total else 0.0,
        "and after": round(left / total, 3) if total else 0.0,
        "k": k,
    }
    need = know.number(f"light/{row}/needed")
    text = say(
        "inner-before-after",
        was=Rounded(was * 100),
        now=Rounded(now * 100),
        need=Rounded(need * 100),
    )
    ids = (f"light/{row}/k", f"light/{row}/leaf-area", f"light/{row}/needed", "light/lower-part")
    return LowerLight(was, now, need, (Reason("lower-light", text, used, catalogue_ids=ids),))


def _leaf(know: Knowledge, frame: Frame, above_m: float) -> float:
    """Leaf that hangs above a height, each limb's own spread along it [mm^p]."""
    power, ends, roots, found = know.number("wood/exponent"), limb_ends(frame), roots_of(frame), 0.0
    for limb in frame.limbs:
        if is_sucker(frame, roots[limb.id]) or limb.leafing == 0:
            continue
        on_it = sum(
            leaf_beyond(x, 0, power) for x in frame.limbs if x.on == limb.id and x.on != TRUNK
        )
        own = max(0.0, leaf_beyond(limb, 0, power) - on_it)
        low, high = sorted((ends[limb.id][0][2], ends[limb.id][1][2]))
        part = (
            1.0 if low >= above_m else 0.0 if high <= above_m else (high - above_m) / (high - low)
        )
        found += own * part
    return found


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
