"""Crews to be planned."""

from __future__ import annotations

import datetime as dt
from itertools import product

import numpy as np

from billhook.core.crew.cost import cost_of, left_of, own_minutes
from billhook.core.crew.model import Crew, Helper, Job, Piece, Week

SKILLS = ("saw", "ladder", "spray")


def weeks(n: int) -> tuple[Week, ...]:
    first = dt.date(2027, 3, 1)
    return tuple(
        Week(first + dt.timedelta(days=7 * i), first + dt.timedelta(days=7 * i + 6))
        for i in range(n)
    )


def grove_crew(jobs: int, n: int, helpers: int, load: float, seed: int, places: int = 100) -> Crew:
    """A crew whose jobs ask for so many times the hours there are."""
    r = np.random.default_rng(seed)

    def skills(often: float) -> frozenset[str]:
        return frozenset(s for s in SKILLS if r.random() < often)

    team = tuple(
        Helper(
            f"h{i}",
            tuple(float(m) for m in r.integers(600, 1800, n)),
            skills(0.7) if i else frozenset(SKILLS),
            float(r.choice([0.8, 1.0, 1.2])),
        )
        for i in range(helpers)
    )
    rough = r.integers(30, 600, jobs)
    total = sum(sum(h.minutes) for h in team) * load
    work = []
    for j in range(jobs):
        opens = int(r.integers(0, n))
        closes = int(r.integers(opens, n))
        base = float(r.random() * 20)
        prices = tuple(
            base * (1 + 0.3 * (w - opens)) if opens <= w <= closes else None for w in range(n)
        )
        minutes = int(rough[j] * total / rough.sum())
        place = f"p{int(r.integers(0, places))}"
        must = bool(r.random() < 0.1)
        work.append(Job(f"j{j}", place, minutes, prices, skills(0.2), None, must))
    return Crew(weeks(n), team, tuple(work))


def broken(crew: Crew, work: tuple[Piece, ...]) -> list[str]:
    """What a plan does that it may not."""
    helpers, jobs = {h.id: h for h in crew.helpers}, {j.id: j for j in crew.jobs}
    found = []
    for piece in work:
        job, helper = jobs[piece.job], helpers[piece.helper]
        if not job.skills <= helper.skills:
            found.append(f"{piece}: lacks a skill")
        if job.prices[piece.week] is None:
            found.append(f"{piece}: a closed week")
        if piece.minutes <= 0 or (job.whole and piece.minutes != job.minutes):
            found.append(f"{piece}: in part")
    spent = own_minutes(crew, work).items()
    found += [f"{h} {w}: over hours" for (h, w), m in spent if m > helpers[h].minutes[w] + 1e-6]
    found += [f"{j}: more than there is" for j, left in left_of(crew, work).items() if left < 0]
    return found


def cheapest(crew: Crew, step: int) -> float:
    """The least cost of all plans in pieces of so many minutes, by trying every one."""
    slots = [(w, h) for w in range(len(crew.weeks)) for h in crew.helpers]
    ways = []
    for job in crew.jobs:
        most = job.minutes // step
        mine = []
        for units in product(range(most + 1), repeat=len(slots)):
            done = [(s, u) for s, u in zip(slots, units, strict=True) if u]
            able = all(crew.may(job, h, w) for (w, h), _ in done)
            fits = sum(units) <= most and (not job.whole or sorted(units)[-1] in (0, most))
            if able and fits:
                mine.append([Piece(w, h.id, job.id, u * step) for (w, h), u in done])
        ways.append(mine)
    plans = (tuple(p for part in chosen for p in part) for chosen in product(*ways))
    return min(cost_of(crew, work) for work in plans if not broken(crew, work))
