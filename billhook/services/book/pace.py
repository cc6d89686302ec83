"""How long work really takes here: minutes logged against minutes reckoned, from past visits."""

from __future__ import annotations

from sqlmodel import Session

from ...core.known import Knowledge
from ...store import plans


def pace_of(session: Session, know: Knowledge, tree_id: str) -> float | None:
    """Minutes taken over minutes reckoned: of this tree, or of the whole holding where this tree
    had too few visits; None before there are enough.
    """
    need = int(know.number("look-back/visits"))
    for visits in (plans.visits(session, tree_id), plans.visits(session)):
        if len(visits) >= need:
            return sum(taken for taken, _ in visits) / sum(reckoned for _, reckoned in visits)
    return None
