"""How high the skirt is to hang: by form, climate, ground care, snakes and load."""

from __future__ import annotations

from collections.abc import Mapping

from ..known import Knowledge
from ..reasons import Reason
from ..words.values import Length, say
from .tree import WalkTree, facts, heeding, holds


def clearance(tree: WalkTree, know: Knowledge, answers: Mapping[str, str]) -> tuple[float, Reason]:
    """Height of the loaded tips above ground [m], and why: the highest that applies. What was
    answered on this walk counts.
    """
    known = facts(heeding(tree, answers), know)
    rows = [r for r in know.rows("clearance") if holds(know.text(f"clearance/{r}/when"), known)]
    best = max(rows, key=lambda r: know.number(f"clearance/{r}/height"))
    height = know.number(f"clearance/{best}/height")
    text = say(
        "skirt-clear", height=Length(height, tree.units), says=know.row(f"clearance/{best}/says")
    )
    return height, Reason(
        "clearance", text, {"clearance, m": height}, catalogue_ids=(f"clearance/{best}/height",)
    )
