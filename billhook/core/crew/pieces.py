"""Whole minutes out of a solution, room that is left filled, and why the rest stays."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

import numpy as np

from .cost import left_of, own_minutes, visits
from .model import Crew, Job, Left, Piece, Why
from .programme import Floats, Programme

_NEARLY = 1e-6


def pieces_of(crew: Crew, p: Programme, x: Floats) -> list[Piece]:
    """Minutes rounded down, but for what is whole but for the solver's last digits."""
    minutes = np.floor(p.minutes(x) + _NEARLY).astype(int)
    found = [
        Piece(
            int(p.week[i]),
            crew.helpers[int(p.helper[i])].id,
            crew.jobs[int(p.job[i])].id,
            int(minutes[i]),
        )
        for i in np.flatnonzero(minutes > 0)
    ]
    return _within_hours(crew, found)


def _within_hours(crew: Crew, work: list[Piece]) -> list[Piece]:
    """Without what the last digits put over a helper's hours."""
    hours = {(h.id, w): m for h in crew.helpers for w, m in enumerate(h.minutes)}
    pace = {h.id: h.pace for h in crew.helpers}
    whole = {j.id for j in crew.jobs if j.whole}
    over = {
        key: spent - hours[key]
        for key, spent in own_minutes(crew, work).items()
        if spent > hours[key]
    }
    found = []
    for piece in work:
        key = piece.helper, piece.week
        if over.get(key, 0.0) > _NEARLY and piece.job not in whole:
            less = min(piece.minutes, int(np.ceil(over[key] * pace[piece.helper])))
            over[key] -= less / pace[piece.helper]
            piece = Piece(piece.week, piece.helper, piece.job, piece.minutes - less)
        if piece.minutes:
            found.append(piece)
    return found


def filled(crew: Crew, work: Sequence[Piece]) -> list[Piece]:
    """With minutes that are left put where one goes anyway and has time, where that is cheaper
    than leaving them.
    """
    hours = {(h.id, w): m for h in crew.helpers for w, m in enumerate(h.minutes)}
    room = {key: hours[key] - spent for key, spent in own_minutes(crew, work).items()}
    there = visits(crew, work)
    done = {(p.week, p.helper, p.job): p.minutes for p in work}
    left = left_of(crew, work)
    dearest = sorted(crew.jobs, key=lambda j: -crew.leaving(j))
    for job in dearest:
        if job.whole or not left[job.id]:
            continue
        ways = [
            (price, w, h)
            for w, price in enumerate(job.prices)
            if price is not None and price / 60 < crew.leaving(job)
            for h in crew.helpers
            if crew.may(job, h, w) and job.place in there.get((h.id, w), ())
        ]
        for _, w, h in sorted(ways, key=lambda way: way[:2]):
            more = min(left[job.id], int((room[h.id, w] + _NEARLY) * h.pace))
            if more > 0:
                key = (w, h.id, job.id)
                done[key] = done.get(key, 0) + more
                left[job.id] -= more
                room[h.id, w] -= more / h.pace
    return [Piece(w, h, j, m) for (w, h, j), m in sorted(done.items())]


def why_left(crew: Crew, work: Iterable[Piece]) -> list[Left]:
    """What is not placed, and why."""
    left = left_of(crew, work)
    return [Left(j.id, left[j.id], _why(crew, j)) for j in crew.jobs if left[j.id]]


def _why(crew: Crew, job: Job) -> Why:
    prices = [p for p in job.prices if p is not None]
    if not prices:
        return "closed"
    if not any(job.skills <= h.skills for h in crew.helpers):
        return "nobody"
    able = [
        p
        for w, p in enumerate(job.prices)
        if p is not None and any(crew.may(job, h, w) for h in crew.helpers)
    ]
    return "dearer" if able and min(able) / 60 >= crew.leaving(job) else "hours"
