"""Two or three trees that stand as one: looked at together, the tallest first, with who shades
whom.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass

from sqlmodel import Session

from ...core.reasons import Reason
from ...core.walk.neighbours import balance
from ...core.walk.tree import WalkTree
from ...store import walks
from ...store.trees import TreeRecord
from ..heights.tree import shades_in
from ..tree.sizes import sizes_of_all
from ..workplace import Workplace
from .tree import planting_of


@dataclass(frozen=True)
class InGroup:
    """A tree of a group. looked: it was looked at on the day."""

    tree_id: str
    name: str
    height_m: float | None
    looked: bool


@dataclass(frozen=True)
class Group:
    """Trees of one planting, the tallest first, and who takes whose light, and to what height it
    would have to come down.
    """

    trees: tuple[InGroup, ...]
    says: tuple[Reason, ...]

    def after(self, tree_id: str) -> str | None:
        """The tree to be looked at next: the tallest that was not."""
        return next((t.tree_id for t in self.trees if not t.looked and t.tree_id != tree_id), None)


def group_of(
    at: Workplace, session: Session, record: TreeRecord, tree: WalkTree, day: dt.date
) -> Group | None:
    """The group a tree stands in; None for a tree alone or in a row of more."""
    planting = planting_of(at, session, record)
    if len(planting) < 2:
        return None
    sizes = sizes_of_all(at, session, planting)
    last = walks.last_walks(session, [r.tree.id for r in planting])
    trees = [
        InGroup(
            r.tree.id,
            r.name,
            sizes[r.tree.id].height_m,
            r.tree.id in last and last[r.tree.id].day == day and last[r.tree.id].state == "done",
        )
        for r in planting
    ]
    trees.sort(key=lambda t: (-(t.height_m or 0.0), t.name))
    if record.place.together:  # their crowns are one: which outgrows which, not whose shade falls
        return Group(tuple(trees), balance(tree, at.know))
    return Group(tuple(trees), shades_in(at, session, record, day)[1])
