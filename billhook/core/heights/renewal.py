"""Schools of renewal over years: height, crop, hard cuts and minutes, for one tree or every tree of
a block at once.

A tree has sectors. Each year the sector that has waited longest since its hard cut goes down, the
others are tipped; the crop is the mean over sectors of what each bears so many seasons after its
cut; then every sector regrows.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..errors import FieldProblem, InvalidInput, invalid
from ..words.values import say
from .ways import GoesDown

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class School:
    """How a way of renewal works. goes_down: what is cut hard in a year; tips: the rest is tipped.
    sectors: of a tree, or groups of rows. recovery: share of its crop that a
    sector bears so many seasons after its hard cut, 1 beyond.

    sister_gain: what light brings to the others in a year with a hard cut. tipped: sectors that are
    not lowered are tipped. falls: crop lost a year as canopies close, where nothing is done.
    crowds: crop lost a year where a tree ``crowds_of_m`` high is only tipped, from the year after
    ``crowds_after`` on, to ``crowds_most`` at most; more where it is taller, never below
    ``crowds_least``. swing: alternate bearing, half the difference between a heavy and a light year
    [0..1]. late_years: so many years nothing is done first.
    """

    goes_down: GoesDown = "sector"
    sectors: int = 3
    regrow_m: float = 0.5
    regrow_low_m: float | None = None
    low_m: float = 1.5
    tip_m: float = 2.2
    natural_m: float = 6.0
    recovery: tuple[float, ...] = (0.0,)
    sister_gain: float = 1.0
    falls: float = 0.0
    crowds: float = 0.0
    crowds_most: float = 0.0
    crowds_after: int = 0
    crowds_of_m: float = 3.0
    crowds_least: float = 0.0
    swing: float = 0.0
    late_years: int = 0
    tips: bool = True

    def cuts_hard(self, year: int) -> bool:
        """Whether something goes down in a year, counted from the first in which it is done."""
        return self.goes_down in ("sector", "rows") or (self.goes_down == "tree" and year == 0)

    @property
    def parts(self) -> int:
        """Into how many parts a tree is taken: one where it goes down whole."""
        return 1 if self.goes_down == "tree" else self.sectors


@dataclass(frozen=True)
class Years:
    """A school over years. cut: index of the sector or group that goes down, -1 in a year without;
    crop, height: shape (years, trees).

    crop: share of the crop of an uncut tree; height: tallest sector after regrowth [m]; hard: hard
    cuts (years, trees).
    """

    cut: NDArray[np.intp]
    crop: Floats
    height_m: Floats
    before_m: Floats
    hard: NDArray[np.intp]


def _next_down(height: Floats, waited: Floats) -> NDArray[np.intp]:
    """The sector of each tree that waited longest; of those the tallest; of those the first."""
    oldest = waited == waited.max(axis=1, keepdims=True)
    tall = np.where(oldest, height, -np.inf)
    first: NDArray[np.intp] = np.argmax(tall == tall.max(axis=1, keepdims=True), axis=1)
    return first


def renew(school: School, start_m: Floats, years: int) -> Years:
    """Years of a school from heights by tree and sector [m], shape (trees, sectors). Raises:
    InvalidInput.
    """
    _check(school, start_m, years)
    trees, sectors = start_m.shape
    height, waited = start_m.astype(float).copy(), np.full((trees, sectors), np.inf)
    curve = np.asarray((*school.recovery, 1.0), dtype=float)
    everyone = np.arange(trees)
    cuts, crops = np.full((years, trees), -1, dtype=np.intp), np.ones((years, trees))
    tops, before = np.zeros((years, trees)), np.zeros((years, trees))
    hard = np.zeros((years, trees), dtype=np.intp)
    closed = np.zeros(trees)
    for year in range(years):
        before[year] = height.max(axis=1)
        begun = year >= school.late_years
        down = np.full(trees, -1, dtype=np.intp)
        if begun and school.cuts_hard(year - school.late_years):
            down = _next_down(height, waited)
        cut_now = down >= 0
        lowered = everyone[cut_now], down[cut_now]
        if begun and school.tips:
            height = np.minimum(height, school.tip_m)
        height[lowered] = np.minimum(height[lowered], school.low_m)
        waited[lowered] = 0
        hard[year, cut_now] = 1
        crop = curve[np.minimum(waited, len(curve) - 1).astype(int)].mean(axis=1)
        crop = np.where(cut_now, np.minimum(1.0, crop * school.sister_gain), crop)
        if not school.tips or not begun:
            closed += before[year] >= school.tip_m
            crop = crop * np.maximum(0.0, 1 - school.falls * np.maximum(0.0, closed - 1))
        if begun and school.tips and school.goes_down == "nothing":
            crop = crop * _only_tipped(school, before[year], year - school.late_years)
        crops[year] = crop * (1 + school.swing * (1 if year % 2 == 0 else -1))
        grows = np.full((trees, sectors), school.regrow_m)
        if school.regrow_low_m is not None:
            grows[lowered] = school.regrow_low_m
        height = np.where(
            height < school.natural_m, np.minimum(height + grows, school.natural_m), height
        )
        waited += 1
        cuts[year], tops[year] = down, height.max(axis=1)
    return Years(cuts, crops, tops, before, hard)


def _only_tipped(school: School, before_m: Floats, year: int) -> Floats:
    """What is left of the crop where tips alone are taken: a top that comes down by more than a
    year's growth takes its leaf along, and shade and crowded ends thin out the inside, the more the
    taller.
    """
    deep = np.maximum(0.0, before_m - school.tip_m - school.regrow_m) / before_m
    crowded = school.crowds * max(0, year + 1 - school.crowds_after) * before_m / school.crowds_of_m
    most = np.minimum(
        1 - school.crowds_least, school.crowds_most * (before_m / school.crowds_of_m) ** 3
    )
    left: Floats = (1 - deep) * (1 - np.minimum(crowded, most)) if school.crowds else 1 - 0 * deep
    return left


def _check(school: School, start_m: Floats, years: int) -> None:
    wrong = []
    if not 1 <= years <= 40:
        wrong.append(FieldProblem("/years", say("bad-between", low=1, high=40)))
    if start_m.ndim != 2 or not start_m.size:
        wrong.append(FieldProblem("/start_m", say("bad-give-one-height-or-one-for")))
    if school.low_m > school.tip_m:
        wrong.append(FieldProblem("/low_m", say("bad-must-not-lie-above-the-height")))
    if wrong:
        raise InvalidInput(wrong)


def row_groups(rows: int, groups: int) -> list[int]:
    """Rows split as evenly as they go, the larger groups last."""
    groups = min(groups, rows)
    small, rest = divmod(rows, groups)
    return [small + (1 if i >= groups - rest else 0) for i in range(groups)]


@dataclass(frozen=True)
class YearLine:
    """One year: what goes down (a sector, or a group of rows), crop and height."""

    cut: int | None
    crop: float
    height_m: float


@dataclass(frozen=True)
class Course:
    """A school over years for one tree or block. under_cap_from: index of the year from which it
    stays under the cap, None where it never does.
    """

    years: tuple[YearLine, ...]
    mean_crop: float
    under_cap_from: int | None
    rows: tuple[int, ...] = ()


def course(
    school: School,
    start_m: float | Sequence[float],
    years: int,
    rows: int | None = None,
    cap_m: float | None = None,
) -> Course:
    """One tree, or a block of rows of which a group goes down each year. start_m: one height, or
    one for each sector or group [m].

    Raises: InvalidInput.
    """
    school = replace(school, sectors=school.parts)
    groups = tuple(row_groups(rows, school.sectors)) if school.goes_down == "rows" and rows else ()
    count = len(groups) or school.sectors
    given = list(start_m) if isinstance(start_m, Sequence) else [start_m] * count
    if school.goes_down == "tree" and len(given) > 1:
        given = [max(given)]
    if len(given) != count:
        raise invalid(
            "/start_m",
            say("bad-one-height-or-each-group", count=count)
            if groups
            else say("bad-one-height-or-each-sector", count=count),
        )
    found = renew(school, np.asarray([given], dtype=float), years)
    crop = found.crop[:, 0]
    if groups:
        crop = _weighted(school, given, groups, years)
    lines = tuple(
        YearLine(None if c < 0 else int(c), float(y), float(h))
        for c, y, h in zip(found.cut[:, 0], crop, found.height_m[:, 0], strict=True)
    )
    over = [i for i, line in enumerate(lines) if cap_m is not None and line.height_m > cap_m + 1e-9]
    start = (
        None if cap_m is None or (over and over[-1] == years - 1) else over[-1] + 1 if over else 0
    )
    return Course(lines, float(np.mean(crop)), start, groups)


def _weighted(
    school: School, start_m: Sequence[float], groups: Sequence[int], years: int
) -> Floats:
    """Crop of a block whose groups differ in rows: each group by its own seasons since its cut."""
    order = renew(school, np.asarray([start_m], dtype=float), years).cut[:, 0]
    waited, curve, found = [float("inf")] * len(groups), (*school.recovery, 1.0), []
    for year in range(years):
        if order[year] >= 0:
            waited[order[year]] = 0
        bears = [curve[min(int(w), len(curve) - 1)] if w != float("inf") else 1.0 for w in waited]
        crop = sum(b * n for b, n in zip(bears, groups, strict=True)) / sum(groups)
        crop = min(1.0, crop * school.sister_gain) if order[year] >= 0 else crop
        found.append(crop * (1 + school.swing * (1 if year % 2 == 0 else -1)))
        waited = [w + 1 for w in waited]
    return np.asarray(found)
