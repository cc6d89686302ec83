"""What does not fit at once, laid out over the coming windows and years: each stage again the exact
choice within its share.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from .choose import choose_cuts
from .knapsack import Candidate

_MUST_BONUS = 1000.0  # musts come before any may-cut, the weightier first


@dataclass(frozen=True)
class Window:
    """A day on which work may go on. year: the growing year it lies in; shares: room by kind of
    work [0..1], None where the work costs none.
    """

    day: dt.date
    year: dt.date
    shares: Mapping[str, float | None]


@dataclass(frozen=True)
class Stage:
    """What is cut in a window. over: a single obligation that alone is more than any window's
    share.
    """

    day: dt.date
    limit: float
    cuts: tuple[str, ...]
    share: float
    over: bool


def staged(
    candidates: Sequence[Candidate],
    works: Mapping[str, str],
    windows: Sequence[Window],
    spent: float,
) -> tuple[tuple[Stage, ...], tuple[str, ...]]:
    """Stages, and the ids that no window has room for. works: kind of work by candidate; spent:
    share taken already in the year of the first window.

    A pure function of its inputs; a window that takes nothing is left out.
    """
    rest = {
        c.id: replace(c, must=False, benefit=c.benefit + (_MUST_BONUS if c.must else 0.0))
        for c in candidates
    }
    musts, known = {c.id for c in candidates if c.must}, {c.id: c for c in candidates}
    most = max((w.shares.get(works[i]) or 0.0 for w in windows for i in rest), default=0.0)
    used: dict[dt.date, float] = {windows[0].year: spent} if windows else {}
    stages: list[Stage] = []
    for window in windows:
        here = [_among(c, rest) for i, c in rest.items() if works[i] in window.shares]
        widest = max((s for s in window.shares.values() if s is not None), default=1.0)
        room = min(1.0, max(0.0, widest - used.get(window.year, 0.0)))
        fit = [
            c
            for c in here
            if (most_of := window.shares[works[c.id]]) is None or c.share <= most_of + 1e-9
        ]
        choice = choose_cuts([_among(c, {x.id: x for x in fit}) for c in fit], room)
        taken, share, over = (
            [i for i in choice.chosen if i not in choice.covered],
            choice.share,
            False,
        )
        large = [c for c in here if c.id in musts and c.share > most + 1e-9]
        if large and not any(i in musts for i in taken) and used.get(window.year, 0.0) == 0:
            one = min(large, key=lambda c: (c.share, c.order_class, c.id))
            taken, share, over = [one.id], one.share, True
        if taken:
            stages.append(Stage(window.day, room, tuple(taken), min(1.0, share), over))
            used[window.year] = used.get(window.year, 0.0) + share
            rest = _without(rest, set(taken), known)
    return tuple(stages), tuple(sorted(rest))


def _among(one: Candidate, rest: Mapping[str, Candidate]) -> Candidate:
    """A candidate that names only others that are still there."""
    return replace(
        one,
        within=one.within if one.within in rest else None,
        excludes=tuple(e for e in one.excludes if e in rest),
    )


def _without(
    rest: Mapping[str, Candidate], taken: set[str], known: Mapping[str, Candidate]
) -> dict[str, Candidate]:
    """What is left: nothing that fell with a cut further down, and an outer cut pays only for what
    is still on it.
    """
    left = {}
    for key, one in rest.items():
        if key in taken or _bearers(key, known) & taken:
            continue
        fallen = sum(rest[t].share for t in taken if key in _bearers(t, known))
        left[key] = replace(one, share=max(0.0, one.share - fallen))
    return left


def _bearers(key: str, known: Mapping[str, Candidate]) -> set[str]:
    """Every candidate a cut lies beyond."""
    found: set[str] = set()
    at = known[key].within
    while at is not None and at in known and at not in found:
        found.add(at)
        at = known[at].within
    return found
