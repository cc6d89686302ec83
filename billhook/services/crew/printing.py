"""A helper's week on paper: what is done where, then the open cut sheets of those rows."""

from __future__ import annotations

from ...catalogue.wording import said
from ...core.errors import invalid
from ...core.words.units import Units
from ...core.words.values import Rounded, say
from ...formats.sheet_pdf import Paper, RoundList, write_round
from ...store import people, plans
from ..plan.printing import phrases_of, printed
from ..workplace import Workplace
from .crew import CrewWeeks, crew_weeks
from .jobs import Gathered


def week_pdf(
    at: Workplace, person_id: str, week: int, paper: Paper, code: str, units: Units
) -> bytes:
    """The week, by its number from 0, of somebody. Raises: NotFound; InvalidInput for a week that
    is none, or a language that is not there.
    """
    with at.store.reading() as session:
        name = people.person(session, person_id).name
        waiting = {p.tree_id: p.id for p in plans.open_plans(session)}
    phrases = phrases_of(code)
    found = crew_weeks(at, at.today(), units=units)
    if not 0 <= week < len(found.weeks):
        raise invalid("/week", say("bad-between", low=0, high=len(found.weeks) - 1))
    mine = _mine(found, person_id, week)
    trees = [t.tree.id for g, _ in mine for t in g.item.trees]
    sheets = [printed(at, waiting[t], code, units) for t in dict.fromkeys(trees) if t in waiting]
    span = found.weeks[week]
    hours = found.spent.get((person_id, week), 0.0) / 60
    first = RoundList(
        f"{said(span.first, code)} – {said(span.last, code)}",
        name,
        [f"{said(Rounded(hours, 1), code)} h", phrases.say("care-local")],
        (phrases.say("tree"), "h", "n", ""),
        [_row(g, minutes, code) for g, minutes in mine],
        code,
    )
    return write_round(first, sheets, paper)


def _mine(found: CrewWeeks, person_id: str, week: int) -> list[tuple[Gathered, int]]:
    jobs = {g.job.id: g for g in found.jobs}
    pieces = [p for p in found.plan.work if p.helper == person_id and p.week == week]
    by_place = sorted(pieces, key=lambda p: (jobs[p.job].item.block, jobs[p.job].item.rows))
    return [(jobs[p.job], p.minutes) for p in by_place]


def _row(g: Gathered, minutes: int, code: str) -> tuple[str, str, str, str]:
    item = g.item
    rows = ", ".join(str(n) for n in item.rows[:4]) + (" …" if len(item.rows) > 4 else "")
    says = said(item.says, code)
    return f"{item.block} {rows}", said(Rounded(minutes / 60, 1), code), str(len(item.trees)), says
