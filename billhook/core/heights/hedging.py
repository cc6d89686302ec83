"""A hedging round: which faces in which year, passes, hours of the machine and of hands, whitewash,
clippings.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import ceil, pi

from ..aftercare.quantities import clippings, whitewash
from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, say
from .section import Profile, wall_cost


@dataclass(frozen=True)
class HedgeRow:
    """A row of a hedging round. facings: bearings of its two walls."""

    n: int
    length_m: float
    trees: int
    facings: tuple[float, float]


@dataclass(frozen=True)
class Pass:
    """One row in one year: the walls that are cut, and whether the top is."""

    row: int
    facings: tuple[float, ...]
    top: bool


@dataclass(frozen=True)
class RoundYear:
    """A year's round, with what it takes."""

    year: int
    passes: tuple[Pass, ...]
    machine_h: float
    hand_h: float
    paint_l: float
    clippings_kg: float
    chips_m3: float


@dataclass(frozen=True)
class Round:
    """Years of hedging, and why they are laid out so."""

    years: tuple[RoundYear, ...]
    every: int
    reasons: tuple[Reason, ...]


def hedging_round(
    know: Knowledge,
    rows: Sequence[HedgeRow],
    now: Profile,
    cut: Profile,
    vigour: int,
    first_year: int,
    years: int,
    hot_sun: bool,
    group: str = "other",
    units: Units = "metric",
) -> Round:
    """Every face every year where growth is strong; else one face of each row a year, the faces of
    one alley together. hot_sun: bared bark burns here.
    """
    every = 1 if vigour >= know.number("hedging/cycle-vigorous") else 2
    ordered = sorted(rows, key=lambda r: r.n)
    grown = know.by_vigour("hedging/regrow", vigour)
    found = []
    for i in range(years):
        passes = tuple(_pass(row, nth, i, every) for nth, row in enumerate(ordered))
        faced = [(len(p.facings), p.top, r) for p, r in zip(passes, ordered, strict=True)]
        before = now if i == 0 else _regrown(cut, grown * every)
        faces = sum(count * row.length_m for count, _, row in faced) / 2
        volume = wall_cost(know, before, cut, units=units).volume_m3 * faces
        bared = faces * 2 * (cut.section.height_m - cut.section.skirt_m) if volume > 0 else 0.0
        kg = volume * know.number("hedging/leaf-kg-m3")
        hands = sum(row.trees for row in ordered) * know.number("hedging/hand-minutes") / 60
        found.append(
            RoundYear(
                first_year + i,
                passes,
                _machine_hours(know, sum((n + top) * _run(know, r) for n, top, r in faced)),
                hands * (0.5 if every == 2 else 1.0),
                _paint_l(know, bared) if hot_sun else 0.0,
                kg,
                clippings(know, kg, group).chips_m3,
            )
        )
    return Round(tuple(found), every, (_says(vigour, grown, every, len(rows), units),))


def _run(know: Knowledge, row: HedgeRow) -> float:
    """Minutes of one pass along a row, with the turn at its end."""
    speed = know.number("machine/metres-a-minute")
    return row.length_m / speed + know.number("hedging/turn-minutes")


def _machine_hours(know: Knowledge, minutes: float) -> float:
    """With setting up on every day it takes."""
    hours = minutes / 60
    days = ceil(hours / know.number("renewal/crew-hours"))
    return hours + days * know.number("hedging/setup-hours")


def _paint_l(know: Knowledge, bared_m2: float) -> float:
    """Whitewash for bark that a wall bares [l]."""
    painted = bared_m2 * know.number("hedging/painted-share")
    return whitewash(know, [(1000 / pi, painted)]).mix_l if painted else 0.0


def _says(vigour: int, grown: float, every: int, rows: int, units: Units) -> Reason:
    turns = say("hedge-every-face") if every == 1 else say("hedge-one-face")
    text = say("hedge-turns", vigour=vigour, grown=Length(grown, units), turns=turns)
    ids = (
        "hedging/cycle-vigorous",
        "hedging/regrow",
        "machine/metres-a-minute",
        "hedging/turn-minutes",
        "hedging/hand-minutes",
        "hedging/leaf-kg-m3",
        "hedging/painted-share",
    )
    return Reason("round", text, {"rows": rows, "vigour": vigour}, catalogue_ids=ids)


def _pass(row: HedgeRow, nth: int, year: int, every: int) -> Pass:
    """Both faces, or the one that lies on this year's alleys: of neighbouring rows those that look
    at each other.
    """
    if every == 1:
        return Pass(row.n, row.facings, True)
    side = (nth + year) % 2
    return Pass(row.n, (row.facings[side],), year % 2 == 0)


def _regrown(cut: Profile, by_m: float) -> Profile:
    s = cut.section
    return Profile(
        type(s)(s.height_m + by_m, s.base_width_m + 2 * by_m, s.top_width_m + 2 * by_m, s.skirt_m),
        cut.pitch_deg,
    )
