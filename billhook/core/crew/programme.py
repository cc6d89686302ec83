"""The weeks of a crew as a mixed-integer programme, and its solutions.

Minutes of a job by a helper in a week are columns, and so is each visit of a place; a visit is
whole, minutes may be split. Solved by HiGHS through scipy.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from scipy.optimize import Bounds, LinearConstraint, linprog, milp
from scipy.sparse import coo_array, csr_array

from .model import Crew

Floats = npt.NDArray[np.float64]
Ints = npt.NDArray[np.int64]


@dataclass(frozen=True)
class Rows:
    """Sparse rows being gathered: entries and upper bounds."""

    row: list[Ints]
    column: list[Ints]
    value: list[Floats]

    def add(self, row: Ints, column: Ints, value: Floats) -> None:
        """Entries, one a place of the three arrays."""
        self.row.append(row)
        self.column.append(column)
        self.value.append(value)

    def matrix(self, rows: int, columns: int) -> csr_array:
        """All of them, as a matrix."""
        at = (np.concatenate(self.row), np.concatenate(self.column))
        return csr_array(coo_array((np.concatenate(self.value), at), shape=(rows, columns)))


@dataclass(frozen=True)
class Programme:
    """min cost·x, upper·x ≤ limit, equal·x = given, 0 ≤ x ≤ most.

    job, helper, week: of each column of minutes, the first n; scale: minutes of one in it, 1 but
    for jobs that are whole; visit: which visit it is part of. visits: the columns that are visits,
    in the middle; then the moves of each helper and week, then what is left of each job. Rows: the
    hours of each helper and week, minutes only where one goes, moves, the hours at each place.
    """

    job: Ints
    helper: Ints
    week: Ints
    scale: Floats
    visit: Ints
    visits: slice
    cost: Floats
    most: Floats
    whole: npt.NDArray[np.bool_]
    upper: csr_array
    limit: Floats
    equal: csr_array
    given: Floats

    def minutes(self, x: Floats) -> Floats:
        """Minutes of each column of work, of a solution."""
        return np.asarray(x[: len(self.job)] * self.scale)

    def visited(self, crew: Crew) -> list[tuple[str, str, int]]:
        """Place, helper and week of each visit."""
        _, firsts = np.unique(self.visit, return_index=True)
        return [
            (
                crew.jobs[int(self.job[i])].place,
                crew.helpers[int(self.helper[i])].id,
                int(self.week[i]),
            )
            for i in firsts
        ]


@dataclass(frozen=True)
class Solution:
    """x: None where none was found in the time. bound: nothing costs less."""

    x: Floats | None
    bound: float


def _columns(crew: Crew) -> tuple[Ints, Ints, Ints]:
    """Who may do which job in which week."""
    may = [
        (j, h, w)
        for j, job in enumerate(crew.jobs)
        for h, helper in enumerate(crew.helpers)
        if job.skills <= helper.skills
        for w in range(len(crew.weeks))
        if crew.may(job, helper, w)
        and (not job.whole or job.minutes <= helper.minutes[w] * helper.pace)
    ]
    found = np.array(may, dtype=np.int64).reshape(-1, 3)
    return found[:, 0], found[:, 1], found[:, 2]


def programme(crew: Crew) -> Programme:
    """The programme of a crew."""
    job, helper, week = _columns(crew)
    n, weeks = len(job), len(crew.weeks)
    minutes = np.array([j.minutes for j in crew.jobs], dtype=float)
    pace = np.array([h.pace for h in crew.helpers], dtype=float)
    hours = np.array([h.minutes for h in crew.helpers], dtype=float).reshape(-1)
    prices = np.array(
        [[0.0 if p is None else p for p in j.prices] for j in crew.jobs], dtype=float
    ).reshape(-1, weeks)
    is_whole = np.array([j.whole for j in crew.jobs], dtype=bool)
    scale = np.where(is_whole[job], minutes[job], 1.0)
    names = {p: i for i, p in enumerate(dict.fromkeys(j.place for j in crew.jobs))}
    place = np.array([names[j.place] for j in crew.jobs], dtype=np.int64)
    spell = helper * weeks + week  # a helper's week
    keys, visit = np.unique(place[job] * len(hours) + spell, return_inverse=True)
    visit_spell = keys % len(hours) if len(hours) else keys
    v, m, left = n, n + len(keys), n + len(keys) + len(hours)
    columns = left + len(minutes)
    most_minutes = np.minimum(minutes[job], hours[spell] * pace[helper])
    most_each = np.where(is_whole[job], 1.0, most_minutes)
    at, ones = np.arange(n), np.ones
    rows = Rows([], [], [])
    # hours of a helper's week, with the moves
    rows.add(spell, at, scale / pace[helper])
    spells = np.arange(len(hours))
    rows.add(spells, m + spells, np.full(len(hours), crew.move_minutes))
    # minutes only where one goes
    first = len(hours)
    rows.add(first + at, at, ones(n))
    rows.add(first + at, v + visit, -most_each)
    # moves are the places beyond the first
    second = first + n
    rows.add(second + visit_spell, v + np.arange(len(keys)), ones(len(keys)))
    rows.add(second + spells, m + spells, -ones(len(hours)))
    # at one place no more than a week has
    third = second + len(hours)
    rows.add(third + visit, at, scale / pace[helper])
    rows.add(third + np.arange(len(keys)), v + np.arange(len(keys)), -hours[visit_spell])
    given = Rows([], [], [])
    given.add(job, at, scale)
    given.add(np.arange(len(minutes)), left + np.arange(len(minutes)), ones(len(minutes)))
    leaving = np.array([crew.leaving(j) for j in crew.jobs], dtype=float)
    return Programme(
        job,
        helper,
        week,
        scale,
        visit,
        slice(v, m),
        np.concatenate(
            [
                prices[job, week] / 60 * scale,
                np.zeros(len(keys)),
                np.full(len(hours), crew.move_minutes / 60),
                leaving,
            ]
        ),
        np.concatenate([most_each, ones(len(keys)), np.full(len(hours), np.inf), minutes]),
        np.concatenate(
            [
                is_whole[job],
                ones(len(keys), dtype=bool),
                np.zeros(len(hours) + len(minutes), dtype=bool),
            ]
        ),
        rows.matrix(third + len(keys), columns),
        np.concatenate([hours, np.zeros(n), ones(len(hours)), np.zeros(len(keys))]),
        given.matrix(len(minutes), columns),
        minutes,
    )


@dataclass(frozen=True)
class Relaxed:
    """The programme with visits that may be part. cost: nothing whole comes under it. rows, most:
    what one more of each row's limit and of each column's upper bound changes the cost by.
    """

    x: Floats
    cost: float
    rows: Floats
    most: Floats


def relaxed(p: Programme) -> Relaxed:
    """Its solution."""
    found = linprog(
        p.cost,
        A_ub=p.upper,
        b_ub=p.limit,
        A_eq=p.equal,
        b_eq=p.given,
        bounds=np.column_stack([np.zeros(len(p.most)), p.most]),
        method="highs",
    )
    return Relaxed(
        np.asarray(found.x),
        float(found.fun),
        np.asarray(found.ineqlin.marginals),
        np.asarray(found.upper.marginals),
    )


def a_minute_more(crew: Crew, p: Programme, at: Relaxed) -> Floats:
    """What one more own minute changes the relaxed cost by, shape (helpers, weeks): by the hours
    themselves, and by all that is bounded by them.
    """
    n, weeks = len(p.job), len(crew.weeks)
    pace = np.array([h.pace for h in crew.helpers])[p.helper]
    hours = np.array([h.minutes for h in crew.helpers]).reshape(-1)
    spell = p.helper * weeks + p.week
    by_hours = p.most[:n] >= hours[spell] * pace - 1e-9  # else the job itself is the shorter
    found = at.rows[: len(hours)].copy()
    links = at.rows[len(hours) : len(hours) + n]
    visited = at.x[p.visits][p.visit]
    each = np.where(by_hours & (p.scale == 1), pace * (links * visited + at.most[:n]), 0.0)
    np.add.at(found, spell, each)
    third = at.rows[2 * len(hours) + n :]
    whose = np.zeros(len(third), dtype=np.int64)
    whose[p.visit] = spell
    np.add.at(found, whose, third * at.x[p.visits])
    return found.reshape(-1, weeks)


def solve(p: Programme, seconds: float, most: Floats | None = None, gap: float = 0.0) -> Solution:
    """The programme in whole visits. most: upper bounds of the columns in place of its own."""
    found = milp(
        p.cost,
        integrality=p.whole.astype(int),
        bounds=Bounds(np.zeros(len(p.most)), p.most if most is None else most),
        constraints=[
            LinearConstraint(p.upper, -np.inf, p.limit),
            LinearConstraint(p.equal, p.given, p.given),
        ],
        options={"time_limit": max(seconds, 0.05), "mip_rel_gap": gap},
    )
    bound = found.mip_dual_bound
    x = None if found.x is None else np.asarray(found.x)
    return Solution(x, -np.inf if bound is None else float(bound))
