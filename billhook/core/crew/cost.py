"""What a plan costs, reckoned from its pieces alone."""

from __future__ import annotations

from collections.abc import Iterable

from .model import Crew, Piece


def visits(crew: Crew, work: Iterable[Piece]) -> dict[tuple[str, int], set[str]]:
    """Places each helper goes to in each week, by helper and week."""
    place = {j.id: j.place for j in crew.jobs}
    found: dict[tuple[str, int], set[str]] = {}
    for piece in work:
        found.setdefault((piece.helper, piece.week), set()).add(place[piece.job])
    return found


def left_of(crew: Crew, work: Iterable[Piece]) -> dict[str, int]:
    """Minutes of each job that the pieces leave."""
    left = {j.id: j.minutes for j in crew.jobs}
    for piece in work:
        left[piece.job] -= piece.minutes
    return left


def own_minutes(crew: Crew, work: Iterable[Piece]) -> dict[tuple[str, int], float]:
    """Minutes each helper spends in each week, with the moves."""
    pace = {h.id: h.pace for h in crew.helpers}
    pieces = list(work)
    spent = {
        key: crew.move_minutes * (len(places) - 1) for key, places in visits(crew, pieces).items()
    }
    for piece in pieces:
        spent[piece.helper, piece.week] += piece.minutes / pace[piece.helper]
    return spent


def cost_of(crew: Crew, work: Iterable[Piece]) -> float:
    """The cost of these pieces: their weeks' prices, the moves, and what is left."""
    pieces = list(work)
    jobs = {j.id: j for j in crew.jobs}
    done = sum(p.minutes * (jobs[p.job].prices[p.week] or 0.0) / 60 for p in pieces)
    moves = sum(len(places) - 1 for places in visits(crew, pieces).values())
    left = left_of(crew, pieces)
    leaving = sum(crew.leaving(jobs[job]) * minutes for job, minutes in left.items())
    return done + moves * crew.move_minutes / 60 + leaving
