"""The same choice as an integer programme (scipy's HiGHS), for plans whose cuts rule so many others
out, or weigh so alike, that trying them in turn would take minutes.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import lil_array

from .knapsack import TINY, Candidate

_SECONDS = 3.0
_SCALE = 1000.0
"""Shares are small numbers, and the solver's tolerance is a fixed one."""
_TRIES = 4


def by_programme(
    items: Sequence[Candidate],
    costs: Mapping[str, float],
    against: Mapping[str, set[str]],
    above: Mapping[str, tuple[str, ...]],
    room: float,
) -> frozenset[str]:
    """The best set within the room of which none rules another out or takes it along; the best that
    was found where that takes longer than three seconds.
    """
    if not items or room < -TINY:
        return frozenset()
    index = {c.id: n for n, c in enumerate(items)}
    pairs = {
        tuple(sorted((index[c.id], index[o])))
        for c in items
        for o in (*against[c.id], *above[c.id])
        if o in index
    }
    each = lil_array((len(pairs), len(items)))
    for row, pair in enumerate(sorted(pairs)):
        for n in pair:
            each[row, n] = 1
    cost = np.array([costs[c.id] for c in items])
    limit = room
    for _ in range(_TRIES):
        rules = [LinearConstraint(cost[None, :] * _SCALE, -np.inf, limit * _SCALE)]
        if pairs:
            rules.append(LinearConstraint(each.tocsr(), -np.inf, 1))
        found = milp(
            -np.array([c.benefit for c in items]),
            integrality=np.ones(len(items)),
            bounds=Bounds(0, 1),
            constraints=rules,
            options={"time_limit": _SECONDS, "mip_rel_gap": 0.0},
        )
        if found.x is None:
            return frozenset()
        picked = [n for n, x in enumerate(found.x) if x > 0.5]
        over = float(cost[picked].sum()) - room
        if over <= TINY:
            return frozenset(items[n].id for n in picked)
        limit -= over + TINY  # it was let over the limit by its tolerance
    return frozenset()
