"""Looking back: by year what was planned and what was done on a tree, how long it took, and what to do when too much went."""

from __future__ import annotations

from dataclasses import dataclass

from ..core.known import Knowledge
from ..core.reasons import Reason
from ..core.season.budget import tree_age, yearly_budget
from ..core.words.units import share_words
from ..store import logbook, plans
from ..store.trees import tree_record
from . import sheets
from .seasons import SeasonDesk
from .workplace import Workplace


@dataclass(frozen=True)
class Year:
    """One calendar year of a tree. planned_share: of sheets made that year; None where none was. minutes: reckoned and taken, None where nobody said."""

    year: int
    planned_share: float | None
    done_share: float
    planned_cuts: int
    done_cuts: int
    reckoned_minutes: float | None
    taken_minutes: float | None
    height_m: float | None


@dataclass(frozen=True)
class LookBack:
    """Years, the newest first; pace: minutes taken against those reckoned, None before three visits; reasons: what follows from it."""

    years: tuple[Year, ...]
    pace: float | None
    reasons: tuple[Reason, ...]


def look_back(at: Workplace, tree_id: str) -> LookBack:
    """What was planned and done on a tree. Raises: NotFound."""
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        log = logbook.in_force(logbook.entries(session, tree_id))
        made = list(plans.plans_of(session, tree_id))
        desk = SeasonDesk(session, at, at.today())
        budget = yearly_budget(desk.state(record), tree_age(desk.state(record), at.today().year), at.know).share
    reckoned = {p.id: (len(view.lines), sum(x.advice.minutes for x in view.lines)) for p in made if (view := sheets.sheet(at, p.id))}
    years = []
    for year in sorted({e.date.year for e in log} | {p.day.year for p in made}, reverse=True):
        entries, of_year = [e for e in log if e.date.year == year], [p for p in made if p.day.year == year]
        taken = [e.minutes for e in entries if e.minutes is not None and e.plan_id]
        heights = [e.height_after_m for e in entries if e.height_after_m is not None]
        years.append(
            Year(
                year, sum(float(p.answer["removed"]) for p in of_year) if of_year else None, sum(e.share or 0.0 for e in entries),
                sum(reckoned[p.id][0] for p in of_year), sum(e.cuts or 0 for e in entries), sum(reckoned[p.id][1] for p in of_year) if of_year else None,
                sum(taken) if taken else None, heights[-1] if heights else None,
            )
        )  # fmt: skip
    visits = [(e.minutes, reckoned[e.plan_id][1]) for e in log if e.plan_id in reckoned and e.minutes and reckoned[e.plan_id][1] > 0]
    pace = sum(m for m, _ in visits) / sum(r for _, r in visits) if len(visits) >= at.know.number("look-back/visits") else None
    return LookBack(tuple(years), pace, _reasons(at.know, years, pace, budget))


def _reasons(know: Knowledge, years: list[Year], pace: float | None, budget: float) -> tuple[Reason, ...]:
    found = []
    for year in years[:2]:
        if year.done_share > budget + 1e-9 and budget > 0:
            text = (
                f"In {year.year} {share_words(year.done_share)} went, more than the {share_words(budget)} the tree bears in a year. It is no disaster: it answers with sprouts and bears "
                "less for a season or two. Paint the bark that sees new sun, choose among the sprouts when they are a hand long, and take only suckers and dead wood next year."
            )
            found.append(Reason("took-much", text, {"taken": round(year.done_share, 3), "a year's share": round(budget, 3)}))
    if pace is not None and abs(pace - 1) > know.number("look-back/pace-off"):
        found.append(
            Reason("pace", f"Visits took {pace:.1f} times the minutes reckoned: plan the next ones by that.", {"taken over reckoned": round(pace, 2)})
        )
    return tuple(found)
