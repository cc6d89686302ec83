"""A plausible frame from height, spread, trunk and habit, for trees nobody has measured yet.

::

    trunk ─ fork ─┬─ scaffold ──┬─ side branch        base² of the scaffolds together = trunk²
                  └─ scaffold   └─ fork of two        side² + fork² of a scaffold     = its base²

Cross-sections are kept at every fork (Leonardo's rule, exponent 2). Our rule: form and proportions
come from the catalogue's habits.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import atan2, cos, degrees, hypot, radians, sin, sqrt

import numpy as np

from ..errors import FieldProblem, InvalidInput
from ..known import Knowledge
from ..observed import measure
from ..words.values import say
from .geometry import limb_ends, radius_m
from .model import TRUNK, Frame, Limb, Trunk, roots_of

_GOLDEN_DEG = 137.508


@dataclass(frozen=True)
class Habit:
    """How a kind of tree branches. Angles in degrees above horizontal, shares of tree height or
    limb length.
    """

    scaffolds: int
    rise_deg: tuple[float, ...]
    clear_trunk_share: float
    fork_spread_m: float
    side_at_share: float
    taper: float
    fork_drop_deg: float


def habit(know: Knowledge, name: str) -> Habit:
    """A habit of the catalogue. Raises: UnknownKnowledge."""
    row = f"habits/{name}"
    return Habit(
        int(know.number(f"{row}/scaffolds")),
        know.numbers(f"{row}/rise"),
        know.number(f"{row}/clear-trunk"),
        know.number(f"{row}/fork-spacing"),
        know.number(f"{row}/side-at"),
        know.number(f"{row}/taper"),
        know.number(f"{row}/fork-drop"),
    )


def sketch_frame(
    height: float,
    spread: float,
    trunk_mm: float,
    form: Habit,
    seed: int,
    union_m: float | None = None,
    fruit: int = 0,
    foliage: float = 1.0,
) -> Frame:
    """A frame ``height`` [m] tall, ``spread`` [m] across (twice the radius), on a trunk of
    ``trunk_mm``; the same for the same seed.

    Raises: InvalidInput when height, spread or trunk cannot belong to a tree.
    """
    problems = [
        FieldProblem(
            f"/{name}", say("bad-between", low=measure(name, low), high=measure(name, high))
        )
        for name, value, low, high, unit in (
            ("height_m", height, 0.3, 30, "m"),
            ("spread_m", spread, 0.1, 30, "m"),
            ("trunk_mm", trunk_mm, 4, 2000, "mm"),
        )
        if not low <= value <= high
    ]
    if problems:
        raise InvalidInput(problems)
    rng = np.random.default_rng(seed)
    clear = max(form.clear_trunk_share * height, min((union_m or 0) + 0.05, 0.5 * height))
    gap = min(form.fork_spread_m, 0.25 * height / form.scaffolds)
    trunk = Trunk(trunk_mm, clear + gap * (form.scaffolds - 1))
    weights = rng.uniform(0.8, 1.25, form.scaffolds)
    bases = trunk_mm * np.sqrt(weights / weights.sum())
    start = float(rng.uniform(0, 360))
    limbs: list[Limb] = []
    for i in range(form.scaffolds):
        limbs += _scaffold(
            i, clear + gap * i, float(bases[i]), (start + _GOLDEN_DEG * i) % 360, form, rng
        )
    limbs = _scaled(trunk, limbs, height, spread / 2)
    limbs = _with_fruit(limbs, fruit, foliage)
    return Frame(trunk, tuple(limbs), union_m)


def _scaffold(
    i: int, at_m: float, base: float, bearing: float, form: Habit, rng: np.random.Generator
) -> list[Limb]:
    name = f"s{i + 1}"
    rise = float(form.rise_deg[i % len(form.rise_deg)] + rng.uniform(-4, 4))
    end = base * form.taper
    side = sqrt(base**2 - end**2)
    split = float(rng.uniform(0.45, 0.6))
    sway = float(rng.uniform(25, 40))
    turn = 1 if rng.uniform() < 0.5 else -1
    return [
        Limb(name, TRUNK, at_m, base, 1.0, rise, bearing, end),
        Limb(
            f"{name}a",
            name,
            form.side_at_share,
            side,
            0.62,
            rise - form.fork_drop_deg,
            (bearing + turn * 1.6 * sway) % 360,
        ),
        Limb(
            f"{name}b",
            name,
            1.0,
            end * sqrt(split),
            0.7,
            min(88.0, rise + 8),
            (bearing - turn * 0.5 * sway) % 360,
        ),
        Limb(
            f"{name}c",
            name,
            1.0,
            end * sqrt(1 - split),
            0.6,
            rise - form.fork_drop_deg / 2,
            (bearing + turn * sway) % 360,
        ),
    ]


def _stretched(limbs: list[Limb], across: float, up: float) -> list[Limb]:
    """Limbs with their run scaled by ``across`` and their rise by ``up``; attachments keep their
    share of the parent.
    """
    shape: dict[str, float] = {}
    out: list[Limb] = []
    for limb in limbs:
        run, lift = (
            limb.length_m * cos(radians(limb.rise_deg)) * across,
            limb.length_m * sin(radians(limb.rise_deg)) * up,
        )
        length = hypot(run, lift)
        shape[limb.id] = length / limb.length_m
        at = limb.at_m * shape.get(limb.on, 1.0)
        out.append(
            Limb(
                limb.id,
                limb.on,
                at,
                limb.base_mm,
                length,
                degrees(atan2(lift, run)),
                limb.bearing_deg,
                limb.tip_mm,
            )
        )
    return out


def _scaled(trunk: Trunk, limbs: list[Limb], height: float, radius: float) -> list[Limb]:
    """Stretch until height and radius are met exactly: ends move out in proportion to the run, and
    up in proportion to the lift.
    """
    frame = Frame(trunk, tuple(limbs))
    roots = roots_of(frame)
    foot = {x.id: roots[x.id].at_m for x in limbs}
    tips = {key: ends[1][2] for key, ends in limb_ends(frame).items()}
    up = min((height - foot[key]) / (z - foot[key]) for key, z in tips.items() if z > foot[key])
    return _stretched(limbs, radius / radius_m(frame), up)


def _with_fruit(limbs: list[Limb], fruit: int, foliage: float) -> list[Limb]:
    """Spread fruit over the bearing ends by their cross-section."""
    ends = [i for i, limb in enumerate(limbs) if limb.on != TRUNK]
    area = np.array([limbs[i].base_mm ** 2 for i in ends])
    counts = np.floor(fruit * area / area.sum()).astype(int)
    counts[: fruit - int(counts.sum())] += 1
    given = dict(zip(ends, counts.tolist(), strict=True))
    return [
        Limb(
            x.id,
            x.on,
            x.at_m,
            x.base_mm,
            x.length_m,
            x.rise_deg,
            x.bearing_deg,
            x.tip_mm,
            foliage=foliage,
            fruit=given.get(i, 0),
        )
        for i, x in enumerate(limbs)
    ]
