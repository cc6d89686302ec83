"""Regrowth measured at a come-back: what it says of the tree's vigour, and the vigour set by it."""

from __future__ import annotations

import datetime as dt

from ...core.cuts.regrowth import Measured, measured_vigour
from ...core.days import done_problem
from ...core.errors import invalid, refuse
from ...core.season.events import vigour_of
from ...core.words.units import Units
from ...store import logbook
from ...store.trees import tree_record
from ..season.desk import SeasonDesk
from ..workplace import Workplace
from .observing import observe


def regrown(
    at: Workplace, tree_id: str, day: dt.date, length_m: float, units: Units = "metric"
) -> Measured:
    """Shoots of this length [m] at the last live cuts; the tree's vigour follows. Raises: NotFound;
    InvalidInput where no live cut is logged, or too early.
    """
    refuse({"/day": done_problem(day, at.today())})
    with at.store.reading() as session:
        record = tree_record(session, tree_id)
        cuts = [
            e
            for e in logbook.in_force(logbook.entries(session, tree_id))
            if e.share and e.date < day
        ]
        thought = vigour_of(SeasonDesk(session, at, day).state(record), at.know)
    if not cuts:
        raise invalid(
            "/day", "no live cut is logged before this day, so there is nothing to measure from"
        )
    found = measured_vigour(at.know, length_m, (day - cuts[0].date).days, thought, units)
    if found.vigour != thought:
        observe(at, "tree", tree_id, "vigour", str(found.vigour), day)
    return found
