"""A plan made anew that leaves what was agreed where it is, as far as that can stay."""

from __future__ import annotations

import time
from collections import defaultdict
from collections.abc import Iterable
from dataclasses import replace

from .cost import cost_of
from .model import Crew, CrewPlan, Helper, Piece
from .pieces import why_left
from .plan import plan


def stayed(crew: Crew, agreed: Iterable[Piece]) -> list[Piece]:
    """Those of the agreed pieces that can stay: their job is still there with so many minutes,
    their week is open, and their helper may and has the hours, moves included. What is whole stays
    whole or not at all; the first pieces come first.
    """
    jobs = {j.id: j for j in crew.jobs}
    helpers = {h.id: h for h in crew.helpers}
    room = {(h.id, w): m for h in crew.helpers for w, m in enumerate(h.minutes)}
    left = {j.id: j.minutes for j in crew.jobs}
    places: dict[tuple[str, int], set[str]] = defaultdict(set)
    found = []
    for piece in agreed:
        job, helper = jobs.get(piece.job), helpers.get(piece.helper)
        if job is None or helper is None or not crew.may(job, helper, piece.week):
            continue
        key = piece.helper, piece.week
        walk = crew.move_minutes if places[key] and job.place not in places[key] else 0.0
        fits = int((room[key] - walk) * helper.pace)
        minutes = min(piece.minutes, left[job.id], fits)
        if minutes <= 0 or (job.whole and minutes < job.minutes):
            continue
        room[key] -= walk + minutes / helper.pace
        left[job.id] -= minutes
        places[key].add(job.place)
        found.append(replace(piece, minutes=minutes))
    return found


def plan_near(crew: Crew, agreed: Iterable[Piece], keep: float, seconds: float = 5.0) -> CrewPlan:
    """The cheapest plan, or that in which what was agreed stays, where that costs no more than
    ``keep`` [hours] for each hour that would move. Our rule: a plan that people know is worth
    something. Raises: InvalidInput, see :func:`plan`.
    """
    begun = time.perf_counter()
    free = plan(crew, seconds)
    kept = stayed(crew, agreed)
    if not kept:
        return free
    rest = plan(_without(crew, kept), max(0.5, seconds - free.seconds)).work
    work = _together([*kept, *rest])
    cost = cost_of(crew, work)
    if cost > free.cost + keep * _elsewhere(kept, free.work) / 60:
        return free
    took = time.perf_counter() - begun
    gap = (cost - free.bound) / cost if cost > 0 else 0.0
    unplaced = tuple(why_left(crew, work))
    return CrewPlan(tuple(work), unplaced, cost, free.bound, gap, took, free.wants)


def _without(crew: Crew, kept: Iterable[Piece]) -> Crew:
    """What is left to be planned: of each job the minutes that do not stay, of each helper the
    hours that are left, less a move where one goes somewhere already.
    """
    done: dict[str, int] = defaultdict(int)
    spent: dict[tuple[str, int], float] = defaultdict(float)
    places: dict[tuple[str, int], set[str]] = defaultdict(set)
    at = {j.id: j.place for j in crew.jobs}
    pace = {h.id: h.pace for h in crew.helpers}
    for piece in kept:
        key = piece.helper, piece.week
        done[piece.job] += piece.minutes
        spent[key] += piece.minutes / pace[piece.helper]
        places[key].add(at[piece.job])

    def hours(helper: Helper) -> tuple[float, ...]:
        return tuple(
            max(0.0, m - spent[helper.id, w] - crew.move_minutes * len(places[helper.id, w]))
            for w, m in enumerate(helper.minutes)
        )

    return replace(
        crew,
        helpers=tuple(replace(h, minutes=hours(h)) for h in crew.helpers),
        jobs=tuple(
            replace(j, minutes=j.minutes - done[j.id]) for j in crew.jobs if j.minutes > done[j.id]
        ),
    )


def _together(pieces: Iterable[Piece]) -> list[Piece]:
    sums: dict[tuple[int, str, str], int] = defaultdict(int)
    for p in pieces:
        sums[p.week, p.helper, p.job] += p.minutes
    return [Piece(*key, minutes) for key, minutes in sorted(sums.items())]


def _elsewhere(agreed: Iterable[Piece], work: Iterable[Piece]) -> int:
    """Minutes of the agreed pieces that lie elsewhere in the work."""
    there = {(p.week, p.helper, p.job): p.minutes for p in work}
    return sum(max(0, p.minutes - there.get((p.week, p.helper, p.job), 0)) for p in agreed)
