"""Where ripe fruit hangs on what is due to be cut: pick and cut in one pass, whatever the kind, by
hand or by machine.
"""

from __future__ import annotations

from dataclasses import dataclass

from sqlmodel import Session

from ...core.reasons import Reason
from ...core.season.next_need import main_work
from ...core.words.units import Units
from ...core.words.values import Weight, say
from ...store import frames
from ...store.trees import TreeRecord
from ..tree.sizes import sizes_by
from ..workplace import Workplace
from .desk import SeasonDesk


@dataclass(frozen=True)
class OnePass:
    """How many trees of a row are ripe and due for their cut, and the fruit that is picked on the
    way [kg]; None of it where no frame is known.
    """

    trees: int
    kg: float | None
    reason: Reason


def pick_and_cut(ripe: Reason) -> Reason:
    """One job out of two, with one date."""
    text = say("one-pass")
    return Reason("one-pass", text, ripe.used, date=ripe.date, catalogue_ids=ripe.catalogue_ids)


def one_pass(
    at: Workplace, session: Session, records: list[TreeRecord], units: Units
) -> OnePass | None:
    """None where nothing of the row is ripe, or its main work is not open today."""
    desk = SeasonDesk(session, at, at.today())
    due, drawn, weight, machine = 0, False, 0.0, False
    for record in records:
        row = frames.current_row(session, record.stem.id)
        size = at.size(row.id, frames.frame_of(session, row)[0]) if row else None
        work = main_work(
            record.tree.pot_l is not None,
            record.row.kind == "hedgerow",
            sizes_by(size, desk.seen(record)).height_m,
            record.cap_m,
            desk.young(record),
        )
        found = desk.verdict(record, work)
        if found.status not in ("go", "light") or not any(r.code == "ripe" for r in found.reasons):
            continue
        due, machine = due + 1, machine or work == "hedge"
        if row is not None:
            drawn = True
            fruit = sum(x.fruit for x in frames.frame_of(session, row)[0].limbs)
            weight += fruit * at.know.number(
                at.know.first(f"species/{record.tree.species}/fruit-mass", "wood/fruit-mass").id
            )
    if not due:
        return None
    kg = weight if drawn else None
    about = say("one-pass-kg", kg=Weight(kg, units)) if kg else ""
    how = say("one-pass-machine" if machine else "one-pass-limbs", about=about)
    text = say("one-pass-block", due=due, how=how)
    return OnePass(
        due,
        kg,
        Reason("one-pass", text, {"trees": due, "fruit, kg": None if kg is None else round(kg, 1)}),
    )
