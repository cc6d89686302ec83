"""Schools of renewal side by side, for the trees that really stand there: height, crop, hours, hard
cuts, and where a school cannot work.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np

from ..known import Knowledge
from ..reasons import Reason
from ..words.units import Units
from ..words.values import Length, Share, Value, say
from .renewal import Floats, School, Years, renew, row_groups
from .standing import levels_to_hold
from .ways import Way, way


@dataclass(frozen=True)
class Stand:
    """What is renewed. heights_m, rows: by tree; scaffolds: main limbs of a typical tree; cap_m:
    the height to hold; by_machine: where a machine can do the work, it does.
    """

    heights_m: tuple[float, ...]
    rows: tuple[int, ...]
    scaffolds: int
    age_years: int
    vigour: int
    natural_m: float
    cap_m: float
    frost_pocket: bool = False
    group: str = "other"
    by_machine: bool = False


@dataclass(frozen=True)
class Compared:
    """A school over years for a stand, means over trees. rows_cut: row numbers by year where whole
    rows go down.

    over_cap: share of trees above the cap at the end of each year; barred: why it cannot work here.
    """

    school: str
    name: Value
    height_m: tuple[float, ...]
    crop: tuple[float, ...]
    hours: tuple[float, ...]
    hard_cuts: tuple[int, ...]
    over_cap: tuple[float, ...]
    rows_cut: tuple[tuple[int, ...], ...]
    mean_crop: float
    mean_hours: float
    under_cap_from: int | None
    barred: tuple[Reason, ...]
    reasons: tuple[Reason, ...]


def school_of(
    know: Knowledge, name: str, stand: Stand, own: Mapping[str, object] | None = None
) -> School:
    """A school with the catalogue's numbers for a stand; ``own``: the grower's in their place."""
    found = way(know, name)
    low, tip = levels_to_hold(know, stand.vigour, stand.cap_m)
    base = School(
        found.goes_down,
        found.sectors,
        regrow_m=know.by_vigour("renewal/gain-tipped", stand.vigour),
        regrow_low_m=know.by_vigour("renewal/gain-lowered", stand.vigour),
        low_m=low,
        tip_m=tip,
        natural_m=stand.natural_m,
        recovery=_recovery(know, found.row, stand.group),
        sister_gain=know.number(f"{found.row}/sister-gain"),
        falls=know.number("renewal/falls"),
        crowds=know.number("renewal/crowds"),
        crowds_most=know.number("renewal/crowds-most"),
        crowds_after=know.days("renewal/crowds-after"),
        crowds_of_m=know.number("renewal/crowds-of"),
        crowds_least=know.number("renewal/crowds-least"),
        tips=found.tips,
    )
    given: dict[str, Any] = {k: v for k, v in (own or {}).items() if v is not None}
    return replace(base, **given)


def _recovery(know: Knowledge, row: str, group: str) -> tuple[float, ...]:
    """How wood that a way of renewing cuts back hard bears again: of citrus one curve on every
    page, of other kinds the way's own row.
    """
    own = know.numbers(f"{row}/recovery")
    return (
        know.numbers("hard-regrowth/citrus/recovery") if group == "citrus" and own[0] < 1 else own
    )


def compare(
    know: Knowledge,
    stand: Stand,
    names: Sequence[str],
    years: int,
    own: Mapping[str, object] | None = None,
    units: Units = "metric",
) -> list[Compared]:
    """Every school on this stand. Raises: InvalidInput."""
    return [_one(know, stand, name, years, own, units) for name in names]


def _one(
    know: Knowledge,
    stand: Stand,
    name: str,
    years: int,
    own: Mapping[str, object] | None,
    units: Units,
) -> Compared:
    what, school = way(know, name), school_of(know, name, stand, own)
    found, rows_cut = _years(know, what, school, stand, years)
    hours = _hours(know, stand, what, found)
    over = (found.height_m > stand.cap_m + 1e-9).mean(axis=1)
    late = [i for i, part in enumerate(over) if part > 0.1]
    under = None if late and late[-1] == years - 1 else late[-1] + 1 if late else 0
    crop = found.crop.mean(axis=1)
    return Compared(
        school=name,
        name=what.name,
        height_m=tuple(map(float, found.height_m.mean(axis=1))),
        crop=tuple(map(float, crop)),
        hours=tuple(hours),
        hard_cuts=tuple(int(x) for x in found.hard.sum(axis=1)),
        over_cap=tuple(map(float, over)),
        rows_cut=rows_cut,
        mean_crop=float(crop.mean()),
        mean_hours=float(np.mean(hours)),
        under_cap_from=under,
        barred=_barred(know, stand, what),
        reasons=(_why(know, what, school, stand, float(crop.mean()), under, units),),
    )


def _years(
    know: Knowledge, what: Way, school: School, stand: Stand, years: int
) -> tuple[Years, tuple[tuple[int, ...], ...]]:
    """The years of a way on a stand, and row numbers by year where whole rows go down."""
    heights = np.asarray(stand.heights_m, dtype=float)
    if what.goes_down == "rows":
        return _by_rows(school, stand, heights, years)
    one = replace(school, sectors=school.parts)
    found = renew(one, np.repeat(heights[:, None], one.sectors, axis=1), years)
    return (_sorted(school, heights, found, years) if what.by_height else found), ()


def _why(
    know: Knowledge,
    what: Way,
    school: School,
    stand: Stand,
    crop: float,
    under: int | None,
    units: Units,
) -> Reason:
    """What it brings and costs here, in words."""
    good, bad = know.row(f"{what.row}/good"), know.row(f"{what.row}/bad")
    when = (
        "never"
        if under is None
        else say("ways-from-start")
        if under == 0
        else say("ways-from-year", under=under + 1)
    )
    text = say(
        "ways-compared",
        good=good,
        bad=bad,
        crop=Share(crop),
        cap=Length(stand.cap_m, units),
        when=when,
    )
    used: dict[str, float | str | None] = {
        "trees": len(stand.heights_m),
        "vigour": stand.vigour,
        "tipped at, m": round(school.tip_m, 2),
        "lowered to, m": round(school.low_m, 2),
        "regrows, m a year": school.regrow_m,
        "a lowered limb, m": school.regrow_low_m,
        "bears after its cut": ", ".join(f"{x:g}" for x in school.recovery),
    }
    ids = (
        f"{what.row}/recovery",
        f"{what.row}/sister-gain",
        "renewal/gain-tipped",
        "renewal/gain-lowered",
        f"renewal-minutes/middle/{know.text(f'{what.row}/minutes')}",
    )
    of = f"renewal/{what.stance}" if what.stance else None
    return Reason("school", text, used, school=of, catalogue_ids=ids)


def _sorted(school: School, heights: Floats, found: Years, years: int) -> Years:
    """A block sorted by height first: trees that tipping alone holds are only tipped, the tall ones
    get the third.
    """
    low = heights <= school.tip_m + 1e-9
    if not low.any() or low.all():
        return found
    tipped = renew(
        replace(school, goes_down="nothing", recovery=(1.0,), sister_gain=1.0),
        np.repeat(heights[:, None], school.sectors, axis=1),
        years,
    )
    pick = low[None, :]
    return Years(
        np.where(pick, tipped.cut, found.cut),
        np.where(pick, tipped.crop, found.crop),
        np.where(pick, tipped.height_m, found.height_m),
        np.where(pick, tipped.before_m, found.before_m),
        np.where(pick, tipped.hard, found.hard),
    )


def _by_rows(
    school: School, stand: Stand, heights: Floats, years: int
) -> tuple[Years, tuple[tuple[int, ...], ...]]:
    """Rows in groups, one group down each year, the tallest group first."""
    numbers = sorted(set(stand.rows))
    sizes, groups = row_groups(len(numbers), school.sectors), []
    row_of = np.asarray(stand.rows)
    # neighbouring rows are kept apart, so that light comes in everywhere: every third row is a
    # group
    dealt = [numbers[i :: len(sizes)] for i in range(len(sizes))]
    for rows in sorted(dealt, key=len):
        groups.append(rows)
    mean = [float(heights[np.isin(row_of, g)].mean()) for g in groups]
    order = renew(replace(school, sectors=len(groups)), np.asarray([mean]), years).cut[:, 0]
    cut = np.full((years, len(heights)), -1, dtype=np.intp)
    crop, top, before, hard = (
        np.zeros((years, len(heights))),
        np.zeros((years, len(heights))),
        np.zeros((years, len(heights))),
        np.zeros((years, len(heights)), dtype=np.intp),
    )
    curve = (*school.recovery, 1.0)
    for g, rows in enumerate(groups):
        where, waited, height = (
            np.isin(row_of, rows),
            float("inf"),
            heights[np.isin(row_of, rows)].copy(),
        )
        for year in range(years):
            before[year, where] = height
            down, begun = order[year] == g, order[year] >= 0
            if begun:
                height = np.minimum(height, school.low_m if down else school.tip_m)
            waited = 0 if down else waited
            bears = 1.0 if waited == float("inf") else curve[min(int(waited), len(curve) - 1)]
            crop[year, where] = min(
                1.0, bears * (school.sister_gain if begun and not down else 1.0)
            ) * (1 + school.swing * (1 if year % 2 == 0 else -1))
            cut[year, where], hard[year, where] = (g, 1) if down else (-1, 0)
            grow = (
                school.regrow_low_m if down and school.regrow_low_m is not None else school.regrow_m
            )
            height = np.where(
                height < school.natural_m, np.minimum(height + grow, school.natural_m), height
            )
            top[year, where] = height
            waited += 1
    named = tuple(tuple(groups[order[y]]) if order[y] >= 0 else () for y in range(years))
    return Years(cut, crop, top, before, hard), named


def _hours(know: Knowledge, stand: Stand, what: Way, found: Years) -> list[float]:
    """Hours by year: minutes by height class of what is done to each tree, and the shoots thinned
    after a hard cut.
    """
    column, after = know.text(f"{what.row}/minutes"), know.number(f"{what.row}/after-minutes")
    bounds = np.asarray(
        [know.number(f"renewal-minutes/{r}/to-m") for r in know.rows("renewal-minutes")]
    )
    table = {
        c: np.asarray(
            [know.number(f"renewal-minutes/{r}/{c}") for r in know.rows("renewal-minutes")]
        )
        for c in {column, "tip", "none"}
    }
    klass = np.minimum(np.searchsorted(bounds, found.before_m, side="left"), len(bounds) - 1)
    rest = "tip" if what.tips else "none"
    minutes = np.where(found.hard > 0, table[column][klass] + after, table[rest][klass])
    # from the second year on a tree is met as it was left
    minutes[1:] = minutes[1:] * know.number("renewal/regular")
    if stand.by_machine and what.machine:
        minutes = minutes * know.number("renewal/machine-factor")
    return [float(x) / 60 for x in minutes.sum(axis=1)]


def _barred(know: Knowledge, stand: Stand, what: Way) -> tuple[Reason, ...]:
    """Why a school cannot work here."""
    found: list[Reason] = []
    if what.asks == "scaffolds" and stand.scaffolds < know.number("renewal/least-scaffolds"):
        text = say("thirds-limbs", scaffolds=stand.scaffolds)
        found.append(
            Reason(
                "few-scaffolds",
                text,
                {"main limbs": stand.scaffolds},
                catalogue_ids=("renewal/least-scaffolds",),
            )
        )
    if what.asks == "rows" and len(set(stand.rows)) < know.number("renewal/least-rows"):
        found.append(
            Reason(
                "few-rows",
                say("thirds-rows", rows=len(set(stand.rows))),
                {"rows": len(set(stand.rows))},
                catalogue_ids=("renewal/least-rows",),
            )
        )
    if stand.frost_pocket and not what.cold_pocket:
        found.append(Reason("frost-pocket", say("thirds-frost-pocket")))
    if not what.any_age and stand.age_years > know.number("renewal/too-old"):
        found.append(
            Reason(
                "too-old",
                say("thirds-too-old", age_years=stand.age_years),
                {"age, years": stand.age_years},
                catalogue_ids=("renewal/too-old",),
            )
        )
    return tuple(found)
