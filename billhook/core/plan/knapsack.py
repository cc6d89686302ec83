"""The exact choice among cuts within a limit."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

TINY = 1e-9
WORD = 62
TIES = 1500
MOST_SETS = 8000
"""More undominated sets than this are not gone on with."""


class TooMany(Exception):
    """So many sets that none beats in both that another way is quicker."""


@dataclass(frozen=True)
class Candidate:
    """A cut that could be made. order_class: place in the working order. share: of the live canopy
    [0..1].

    within: the candidate it lies beyond, whose cut takes it along. excludes: candidates that cannot
    be made beside it.
    """

    id: str
    order_class: int
    must: bool
    share: float
    benefit: float
    wound_mm: float
    within: str | None = None
    excludes: tuple[str, ...] = ()


@dataclass(frozen=True)
class _Front:
    """Undominated sets: share and benefit of each, and which items are in it as bits."""

    share: NDArray[np.float64]
    benefit: NDArray[np.float64]
    bits: NDArray[np.uint64]


def _pruned(front: _Front, room: float) -> _Front:
    """Only sets that fit and that no other beats in both."""
    keep = front.share <= room + TINY
    share, benefit, bits = front.share[keep], front.benefit[keep], front.bits[keep]
    order = np.lexsort((-benefit, share))
    share, benefit, bits = share[order], benefit[order], bits[order]
    best_before = np.concatenate(([-1.0], np.maximum.accumulate(benefit)[:-1]))
    rises = benefit > best_before + TINY
    return _Front(share[rises], benefit[rises], bits[rises])


def _joined(a: _Front, b: _Front, room: float) -> _Front:
    """Every set of one with every set of the other."""
    share = (a.share[:, None] + b.share[None, :]).ravel()
    benefit = (a.benefit[:, None] + b.benefit[None, :]).ravel()
    bits = (a.bits[:, None, :] | b.bits[None, :, :]).reshape(len(share), -1)
    return _pruned(_Front(share, benefit, bits), room)


def _at_most(
    rest: list[Candidate], costs: Mapping[str, float], room: NDArray[np.float64]
) -> NDArray[np.float64]:
    """The best that fractions of the rest could still bring; what costs nothing comes on top."""
    free = sum(c.benefit for c in rest if costs[c.id] <= TINY)
    paid = sorted((c for c in rest if costs[c.id] > TINY), key=lambda c: -c.benefit / costs[c.id])
    shares = np.cumsum([0.0, *(costs[c.id] for c in paid)])
    brought = np.cumsum([0.0, *(c.benefit for c in paid)])
    return np.asarray(free + np.interp(room, shares, brought), dtype=np.float64)


def knapsack(
    items: list[Candidate],
    costs: Mapping[str, float],
    above: Mapping[str, tuple[str, ...]],
    room: float,
) -> frozenset[str]:
    """The best set of items of which none lies beyond another, exclusions apart."""
    if not items or room < -TINY:
        return frozenset()
    room = max(room, 0.0)
    index, words = {c.id: n for n, c in enumerate(items)}, len(items) // WORD + 1
    nearest = {c.id: next((a for a in above[c.id] if a in index), None) for c in items}
    below: dict[str | None, list[Candidate]] = {}
    for c in items:
        below.setdefault(nearest[c.id], []).append(c)

    def bit(n: int) -> NDArray[np.uint64]:
        row = np.zeros((1, words), dtype=np.uint64)
        row[0, n // WORD] = np.uint64(1) << np.uint64(n % WORD)
        return row

    empty = _Front(np.zeros(1), np.zeros(1), np.zeros((1, words), dtype=np.uint64))

    def of(c: Candidate) -> _Front:
        inner = empty
        for child in below.get(c.id, []):
            inner = _joined(inner, of(child), room)
        whole = _Front(np.array([costs[c.id]]), np.array([c.benefit]), bit(index[c.id]))
        both = _Front(
            np.append(inner.share, whole.share),
            np.append(inner.benefit, whole.benefit),
            np.vstack((inner.bits, whole.bits)),
        )
        return _pruned(both, room)

    # the densest trees first, so that a bound from what is left cuts most sets away
    trees = sorted(below.get(None, []), key=lambda c: (-c.benefit / (costs[c.id] + TINY), c.id))
    members = {t.id: [c for c in items if c.id == t.id or t.id in above[c.id]] for t in trees}
    incumbent = _greedy(trees, costs, room)
    front = empty
    for n, tree in enumerate(trees):
        front = _joined(front, of(tree), room)
        rest = [c for t in trees[n + 1 :] for c in members[t.id]]
        most = _at_most(rest, costs, room - front.share)
        keep = front.benefit + most >= incumbent - TINY
        front = _Front(front.share[keep], front.benefit[keep], front.bits[keep])
        if len(front.share) > MOST_SETS:
            raise TooMany
    last = front.bits[int(np.argmax(front.benefit))]
    return frozenset(
        c.id for c in items if int(last[index[c.id] // WORD]) >> (index[c.id] % WORD) & 1
    )


def _greedy(trees: list[Candidate], costs: Mapping[str, float], room: float) -> float:
    """A benefit that is surely reached."""
    got = 0.0
    for c in trees:
        if costs[c.id] <= room:
            room -= costs[c.id]
            got += c.benefit
    return got
