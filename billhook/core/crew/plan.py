"""Who does what in which week, at what cost, and how far from the best that can be."""

from __future__ import annotations

import time

import numpy as np

from .check import check
from .cost import cost_of
from .model import Crew, CrewPlan, Piece
from .pieces import filled, pieces_of, why_left
from .programme import Programme, Solution, programme, relaxed, solve
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
    if len(crew.jobs) * len(crew.weeks) * len(crew.helpers) <= WHOLE_UP_TO:
        found, bound = _whole(p, seconds)
    else:
        found, bound = _restricted(p, seconds, begun)
    plans = [filled(crew, pieces_of(crew, p, x)) for x in found]
    # where the time was too short for any, better than nothing
    plans += [[], filled(crew, first_come(crew))]
    work = min(plans, key=lambda w: cost_of(crew, w))
    return _answer(crew, work, bound, time.perf_counter() - begun)


def _answer(crew: Crew, work: list[Piece], bound: float, seconds: float) -> CrewPlan:
    cost = cost_of(crew, work)
    bound = min(bound, cost)
    gap = (cost - bound) / cost if cost > 0 else 0.0
    return CrewPlan(tuple(work), tuple(why_left(crew, work)), cost, bound, gap, seconds)


def _whole(p: Programme, seconds: float) -> tuple[list[np.ndarray], float]:
    if not len(p.job):
        return [], _nothing(p)
    found = solve(p, seconds)
    return [] if found.x is None else [found.x], found.bound


def _nothing(p: Programme) -> float:
    """The cost of leaving everything."""
    return float(p.cost[len(p.cost) - len(p.given) :] @ p.given)


def _restricted(p: Programme, seconds: float, begun: float) -> tuple[list[np.ndarray], float]:
    """The relaxation gives the bound; restricted to the visits it uses, the programme is solved."""
    if not len(p.job):
        return [], _nothing(p)
    at = relaxed(p)
    found: list[Solution] = []
    for nth, used in enumerate(_USED):
        rest = seconds - (time.perf_counter() - begun)
        most = p.most.copy()
        most[p.visits] = np.where(at.x[p.visits] > used, 1.0, 0.0)
        found.append(solve(p, rest / (len(_USED) - nth) * _PART, most, gap=_NEAR))
    return [f.x for f in found if f.x is not None], at.cost
