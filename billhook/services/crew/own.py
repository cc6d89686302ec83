"""The weeks as one helper is shown them: what is theirs, in rows that are theirs."""

from __future__ import annotations

from collections import defaultdict
from dataclasses import replace

from ..holding.own_rows import Own
from .crew import CrewWeeks


def of_one(found: CrewWeeks, own: Own) -> CrewWeeks:
    """Their own pieces, hours and days off; of work that is nobody's yet that of their rows."""
    rows = {g.job.id: {r.row.id for r in g.item.trees} for g in found.jobs}
    helpers = tuple(h for h in found.helpers if h.id == own.person_id or not found.known)
    shown = {h.id for h in helpers}
    work = tuple(p for p in found.plan.work if p.helper in shown and rows[p.job] <= own.rows)
    jobs = {p.job for p in work}
    spent: dict[tuple[str, int], float] = defaultdict(float)
    for piece in work:
        spent[piece.helper, piece.week] += piece.minutes
    return replace(
        found,
        helpers=helpers,
        names={i: name for i, name in found.names.items() if i in shown},
        jobs=tuple(g for g in found.jobs if g.job.id in jobs),
        plan=replace(found.plan, work=work, unplaced=()),
        spent=found.spent if found.known else dict(spent),
        planned=replace(found.planned, left_minutes=0, left_crops=0.0),
        says=(),
        fixed=found.fixed & jobs,
        moved=tuple(m for m in found.moved if m.job in jobs),
        off=tuple(o for o in found.off if o.person_id in (None, own.person_id)),
    )
