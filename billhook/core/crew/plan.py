"""Who does what in which week, at what cost, and how far from the best that can be."""

from __future__ import annotations

import time
from dataclasses import replace

import numpy as np

from .check import check
from .cost import cost_of
from .model import Crew, CrewPlan, Piece
from .pieces import filled, pieces_of, why_left
from .programme import Programme, Relaxed, Solution, a_minute_more, programme, relaxed, solve
from .served import first_come

WHOLE_UP_TO = 500
"""Jobs times weeks times helpers up to which the whole programme is solved to the best."""

_USED = (0.0, 0.2, 0.5)
"""Visits kept of the relaxed solution: those it uses above so much."""

_NEAR = 0.002
"""How near its own best a restricted programme is solved: far nearer than it is to the bound."""

_PART = 0.8
"""Of the time that is left, so that rounding and filling have theirs."""


def plan(crew: Crew, seconds: float = 5.0) -> CrewPlan:
    """The cheapest plan that is found in the time; small crews get the cheapest there is.

    cost = minutes times the price of their week, plus what is left, plus a move for each place a
    helper goes to in a week beyond the first. Raises: InvalidInput, see :func:`check`.
    """
    begun = time.perf_counter()
    check(crew)
    p = programme(crew)
    if not len(p.job):
        return _answer(crew, [], _nothing(p), begun)
    at = relaxed(p)
    if _small(crew):
        sought = solve(p, seconds)
        found, bound = [sought], max(sought.bound, at.cost)
    else:
        found, bound = _restricted(p, at, seconds, begun), at.cost
    plans = [filled(crew, pieces_of(crew, p, f.x)) for f in found if f.x is not None]
    # where the time was too short for any, better than nothing
    plans += [[], filled(crew, first_come(crew))]
    work = min(plans, key=lambda w: cost_of(crew, w))
    return replace(_answer(crew, work, bound, begun), wants=_wanted(crew, p, at))


def plan_beside(crew: Crew, now: CrewPlan, helper: str, week: int, seconds: float) -> CrewPlan:
    """The plan again where one helper has other hours in one week: the visits of now stay open, and
    all of that week; small crews are planned as a whole. Raises: InvalidInput, see :func:`check`.
    """
    begun = time.perf_counter()
    if _small(crew):
        return plan(crew, seconds)
    p = programme(crew)
    at = {j.id: j.place for j in crew.jobs}
    there = {(at[w.job], w.helper, w.week) for w in now.work}
    most = p.most.copy()
    most[p.visits] = [
        float(visit in there or visit[1:] == (helper, week)) for visit in p.visited(crew)
    ]
    found = solve(p, seconds, most, gap=_NEAR)
    work = [] if found.x is None else pieces_of(crew, p, found.x)
    plans = [filled(crew, work), filled(crew, now.work)]
    return _answer(crew, min(plans, key=lambda w: cost_of(crew, w)), now.bound, begun)


def _small(crew: Crew) -> bool:
    return len(crew.jobs) * len(crew.weeks) * len(crew.helpers) <= WHOLE_UP_TO


def _wanted(crew: Crew, p: Programme, at: Relaxed) -> tuple[str, int] | None:
    """The helper and week where a minute more is worth most by the relaxation."""
    each = a_minute_more(crew, p, at)
    best = int(np.argmin(each))
    if each.flat[best] >= 0:
        return None
    return crew.helpers[best // len(crew.weeks)].id, best % len(crew.weeks)


def _answer(crew: Crew, work: list[Piece], bound: float, begun: float) -> CrewPlan:
    cost = cost_of(crew, work)
    bound = min(bound, cost)
    gap = (cost - bound) / cost if cost > 0 else 0.0
    took = time.perf_counter() - begun
    return CrewPlan(tuple(work), tuple(why_left(crew, work)), cost, bound, gap, took)


def _nothing(p: Programme) -> float:
    """The cost of leaving everything."""
    return float(p.cost[len(p.cost) - len(p.given) :] @ p.given)


def _restricted(p: Programme, at: Relaxed, seconds: float, begun: float) -> list[Solution]:
    """The programme restricted to the visits that its relaxation uses, which gives the bound."""
    found: list[Solution] = []
    for nth, used in enumerate(_USED):
        rest = seconds - (time.perf_counter() - begun)
        most = p.most.copy()
        most[p.visits] = np.where(at.x[p.visits] > used, 1.0, 0.0)
        found.append(solve(p, rest / (len(_USED) - nth) * _PART, most, gap=_NEAR))
    return found
