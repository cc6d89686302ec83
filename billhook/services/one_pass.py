"""A row whose fruit is ripe and whose wall is due: pick and cut in one pass."""

from __future__ import annotations

from dataclasses import dataclass

from sqlmodel import Session

from ..core.reasons import Reason
from ..core.words.units import Units, weight_words
from ..store import frames
from ..store.trees import TreeRecord
from .seasons import SeasonDesk
from .workplace import Workplace


@dataclass(frozen=True)
class OnePass:
    """How many trees of a row are ripe and due for shearing, and the fruit that is picked on the way [kg]; None of it where no frame is known."""

    trees: int
    kg: float | None
    reason: Reason


def one_pass(at: Workplace, session: Session, records: list[TreeRecord], units: Units) -> OnePass | None:
    """None where the row is no hedge, is not ripe, or its wall may not be cut today."""
    if not records or records[0].row.kind != "hedgerow":
        return None
    desk, day = SeasonDesk(session, at, at.today()), at.today()
    due, drawn, weight = 0, False, 0.0
    for record in records:
        if desk.verdict(record, "hedge").status not in ("go", "light"):
            continue
        if not any(e.name == "harvest" and e.start <= day <= e.end for e in desk.season(record, ("sucker",)).events):
            continue
        due += 1
        row = frames.current_row(session, record.stem.id)
        if row is not None:
            drawn = True
            fruit = sum(x.fruit for x in frames.frame_of(session, row)[0].limbs)
            weight += fruit * at.know.number(at.know.first(f"species/{record.tree.species}/fruit-mass", "wood/fruit-mass").id)
    if not due:
        return None
    kg = weight if drawn else None
    about = f", about {weight_words(kg, units)} of it" if kg else ""
    text = f"{due} {'tree is' if due == 1 else 'trees are'} ripe and due for shearing: pick and cut in one pass, fruit{about} off before the bar, bins and clippings on opposite sides."
    return OnePass(due, kg, Reason("one-pass", text, {"trees": due, "fruit, kg": None if kg is None else round(kg, 1)}))
