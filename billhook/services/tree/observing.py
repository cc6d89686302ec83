"""What was seen of a tree or a block, written down."""

from __future__ import annotations

import datetime as dt

from ...core.choice import one_of
from ...core.days import seen_problem
from ...core.errors import invalid, refuse
from ...core.frost.classes import CLASSES
from ...core.observed import KINDS, value_problem
from ...core.words.values import listed, say
from ...store import places
from ...store.tables import Observation
from ...store.trees import not_overtaken, save_observations, tree_record
from ..frost.night_dates import class_corrected
from ..workplace import Workplace


def observe(
    at: Workplace,
    scope: str,
    scope_id: str,
    kind: str,
    value: str,
    date: dt.date,
    corrects: str | None = None,
    as_of: int | None = None,
) -> Observation:
    """Write down what was seen of a tree or block. as_of: the newest act that whoever saw it knew
    of.

    Raises: InvalidInput for a kind, value or day that makes no sense; NotFound; StaleVersion where
    something newer says otherwise.
    """
    if kind not in KINDS:
        raise invalid("/kind", say("bad-must-be-one-of", known=listed(KINDS)))
    refuse(
        {"/value": value_problem(kind, value, at.today()), "/date": seen_problem(date, at.today())}
    )
    with at.store.writing() as session:
        record = tree_record(session, scope_id) if scope == "tree" else None
        if record is None:
            places.block(session, scope_id)
        not_overtaken(session, scope_id, kind, value, as_of)
        seen = Observation(
            scope=scope, scope_id=scope_id, kind=kind, value=value, date=date, corrects=corrects
        )
        save_observations(session, seen)
        if kind == "freeze_class" and record is not None:
            class_corrected(at.know, session, record, one_of(CLASSES, value), date)
        return seen
