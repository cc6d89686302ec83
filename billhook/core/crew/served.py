"""First come, first served: what is done where nobody plans, to compare with."""

from __future__ import annotations

from .model import Crew, Piece


def first_come(crew: Crew) -> list[Piece]:
    """Each job as soon as its first week opens, in the order they came, by whoever has time."""
    room = {(h.id, w): h.minutes[w] for h in crew.helpers for w in range(len(crew.weeks))}
    at: dict[tuple[str, int], set[str]] = {}
    left = {j.id: j.minutes for j in crew.jobs}
    found: dict[tuple[int, str, str], int] = {}
    for w in range(len(crew.weeks)):
        for job in crew.jobs:
            for helper in crew.helpers:
                if not left[job.id] or not crew.may(job, helper, w):
                    continue
                places = at.setdefault((helper.id, w), set())
                move = crew.move_minutes if places and job.place not in places else 0.0
                most = min(left[job.id], int((room[helper.id, w] - move) * helper.pace))
                if most <= 0 or (job.whole and most < job.minutes):
                    continue
                places.add(job.place)
                room[helper.id, w] -= most / helper.pace + move
                left[job.id] -= most
                found[w, helper.id, job.id] = most
    return [Piece(w, h, j, m) for (w, h, j), m in found.items()]
