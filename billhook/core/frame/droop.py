"""How far a limb bends under fruit: a tapered round cantilever, or one that was pulled to see."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from ..errors import invalid
from ..known import Knowledge
from ..reasons import Reason, Used
from ..words.values import Diameter, say

G = 9.80665
_STEPS = 2000


@dataclass(frozen=True)
class Pull:
    """A known mass hung at the tip, and how far the tip came down [kg, m]."""

    mass_kg: float
    drop_m: float


@dataclass(frozen=True)
class Droop:
    """Drop of the tip and its height under load [m]. ``linear``: the drop is small enough to be
    proportional to the load.
    """

    drop_m: float
    tip_height_loaded_m: float
    touches_ground: bool
    below_clearance: bool
    method: str
    linear: bool
    reasons: tuple[Reason, ...]


def _compliance(length_m: float, base_mm: float, tip_mm: float, at: float) -> float:
    """Tip drop times E for a unit force at a fraction of the length [m * Pa / N]: the integral of
    (aL - s)(L - s) / I(s) over 0..aL.
    """
    steps = (np.arange(_STEPS) + 0.5) / _STEPS * at * length_m
    d = (base_mm + (tip_mm - base_mm) * steps / length_m) / 1000
    inertia = np.pi * d**4 / 64
    return float(
        np.sum((at * length_m - steps) * (length_m - steps) / inertia) * at * length_m / _STEPS
    )


def pulled_modulus_gpa(length_m: float, base_mm: float, tip_mm: float, pull: Pull) -> float:
    """Stiffness of a limb's wood [GPa] from a known mass hung at its tip; it serves for the other
    limbs of the tree.
    """
    return pull.mass_kg * G * _compliance(length_m, base_mm, tip_mm, 1.0) / pull.drop_m / 1e9


def droop(
    know: Knowledge,
    length_m: float,
    base_mm: float,
    tip_mm: float,
    load_kg: float,
    load_at: float,
    tip_height_m: float,
    clearance_m: float,
    elastic_gpa: float,
    pull: Pull | None = None,
) -> Droop:
    """Drop of a limb's tip under a load at a fraction ``load_at`` of its length [0..1].

    With a pull test the stiffness comes from it, and the modulus drops out. Raises: InvalidInput
    for a limb thicker at its tip than at its base.
    """
    if tip_mm > base_mm:
        raise invalid("/tip_mm", say("bad-a-limb-is-not-thicker-at", base_mm=Diameter(base_mm)))
    force = load_kg * G
    if pull is not None:
        modulus = pulled_modulus_gpa(length_m, base_mm, tip_mm, pull) * 1e9
        method = "pull_test"
    else:
        modulus, method = elastic_gpa * 1e9, "beam"
    drop = force * _compliance(length_m, base_mm, tip_mm, load_at) / modulus
    limit = know.number("droop/linear-to")
    linear = drop <= limit * length_m
    loaded = tip_height_m - drop
    used: dict[str, Used] = {
        "modulus, GPa": round(modulus / 1e9, 2),
        "load, kg": load_kg,
        "drop, m": round(drop, 3),
    }
    by = say("droop-beam") if pull is None else say("droop-pulled")
    reasons = [Reason("droop", by, used, catalogue_ids=("droop/linear-to",))]
    if not linear:
        over: dict[str, Used] = {"drop over length": round(drop / length_m, 2)}
        reasons.append(Reason("not-linear", say("droop-lower-bound"), over))
    return Droop(drop, loaded, loaded <= 0, loaded < clearance_m, method, linear, tuple(reasons))
