"""Ways of renewal, as the catalogue's rows have them: what goes down in a year, what it asks, and
the work it becomes. A new row is a new way.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal, get_args

from ..choice import one_of
from ..errors import invalid
from ..known import Knowledge
from ..season.model import WORKS, Work
from ..words.values import Value, listed, say

GoesDown = Literal["sector", "rows", "tree", "nothing"]
GOES_DOWN: tuple[GoesDown, ...] = get_args(GoesDown)


@dataclass(frozen=True)
class Way:
    """goes_down: what is cut hard in a year. tips: what is not cut hard is tipped. by_height: trees
    that tipping alone holds are only tipped. named_limb: the limb whose turn it is is named;
    in_turn: a plan puts it first. asks: what there must be enough of. after: the
    work of a year in which nothing is cut hard, with holes for heights; empty where there is none.
    """

    id: str
    name: Value
    stance: str
    sectors: int
    goes_down: GoesDown
    tips: bool
    by_height: bool
    machine: bool
    adopted: bool
    one_tree: bool
    named_limb: bool
    in_turn: bool
    cold_pocket: bool
    any_age: bool
    asks: str
    work: Work
    after: str

    @property
    def row(self) -> str:
        """Where its figures stand in the catalogue."""
        return f"renewal/{self.id}"


def way(know: Knowledge, name: str, pointer: str = "/school") -> Way:
    """The way of this name. Raises: InvalidInput at ``pointer`` for one that is none."""
    rows = know.rows("renewal")
    if name not in rows:
        raise invalid(pointer, say("bad-is-none-of", name=name, known=listed(rows)))
    return _read(know, name)


def ways(know: Knowledge) -> tuple[Way, ...]:
    """Every way, in the catalogue's order."""
    return tuple(_read(know, name) for name in know.rows("renewal"))


def _read(know: Knowledge, name: str) -> Way:
    def text(column: str) -> str:
        return know.text(f"renewal/{name}/{column}")

    def yes(column: str) -> bool:
        return bool(know.number(f"renewal/{name}/{column}"))

    return Way(
        id=name,
        name=know.row(f"renewal/{name}/name"),
        stance=text("stance"),
        sectors=int(know.number(f"renewal/{name}/sectors")),
        goes_down=one_of(GOES_DOWN, text("goes-down")),
        tips=yes("tips"),
        by_height=yes("by-height"),
        machine=yes("machine"),
        adopted=yes("adopted"),
        one_tree=yes("one-tree"),
        named_limb=yes("named-limb"),
        in_turn=yes("in-turn"),
        cold_pocket=yes("cold-pocket"),
        any_age=yes("any-age"),
        asks=text("asks"),
        work=one_of(WORKS, text("work")),
        after=text("after"),
    )
