"""Regrowth measured at a come-back: what it says of the tree's vigour, and the vigour set by it."""

from __future__ import annotations

import datetime as dt

from ...core.cuts.regrowth import Measured, measured_vigour
from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.observed import value_problem
from ...core.season.events import vigour_of
from ...core.words.units import Units
from ...core.words.values import say
from ...store import logbook
from ...store.tables import Observation
from ...store.trees import save_observations, tree_record
from ..season.desk import SeasonDesk
from ..workplace import Workplace


def regrown(
    at: Workplace, tree_id: str, day: dt.date, length_m: float, units: Units = "metric"
) -> Measured:
    """Shoots of this length [m] at the last live cuts, kept; the tree's vigour follows. Raises:
    NotFound; InvalidInput where no live cut is logged, or too early.
    """
    length = f"{length_m:g}"
    problem = value_problem("regrown_m", length, day)
    refuse({"/day": done_problem(day, at.today()), "/length_m": problem})
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        cuts = [
            e
            for e in logbook.in_force(logbook.entries(session, tree_id))
            if e.share and e.date < day
        ]
        thought = vigour_of(SeasonDesk(session, at, day).state(record), at.know)
    if not cuts:
        raise invalid("/day", say("bad-no-live-cut-is-logged-before"))
    found = measured_vigour(at.know, length_m, (day - cuts[0].date).days, thought, units)
    seen = {"regrown_m": length}
    if found.vigour != thought:
        seen["vigour"] = str(found.vigour)
    with at.store.writing() as session:
        save_observations(
            session,
            *(
                Observation(scope="tree", scope_id=tree_id, kind=kind, value=value, date=day)
                for kind, value in seen.items()
            ),
        )
    return found
