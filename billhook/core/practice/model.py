"""A practice tree: what stands there, what the eye would see of each limb, and what a good
practitioner would do.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import dataclass
from typing import Literal

from ..frame.model import Cut, Frame
from ..known import Knowledge
from ..season.model import Site, TreeState, Work
from ..words.values import Saying

Act = Literal["cut", "leave"]


@dataclass(frozen=True)
class Part:
    """A limb that asks for a decision. role: a row of the catalogue's ``practice-roles``, with what
    the eye sees of it and why what is right is right; keep_m: where it is cut, right within
    ``near_m`` [m].
    """

    limb: str
    act: Act
    role: str
    keep_m: float = 0.0
    near_m: float = 0.08

    @property
    def cut(self) -> Cut:
        """The right cut."""
        return Cut(self.limb, self.keep_m)

    def looks(self, know: Knowledge) -> Saying:
        """What the eye sees of it."""
        return know.row(f"practice-roles/{self.role}/looks")

    def why(self, know: Knowledge) -> Saying:
        """Why what is right is right."""
        return know.row(f"practice-roles/{self.role}/why")


@dataclass(frozen=True)
class PracticeTree:
    """A tree with a trouble. waits: the right thing on its day is to wait; better: the day from
    which it is right, None where today is. wanted_m: height of the room it is to fit into, None
    where it stands in the open. dangers: what could hurt somebody, by caution.
    """

    seed: int
    trouble: str
    kind: str
    climate: str
    southern: bool
    day: dt.date
    site: Site
    tree: TreeState
    frame: Frame
    parts: tuple[Part, ...]
    goal: str
    wanted_m: float | None
    work: Work
    waits: bool
    better: dt.date | None
    dangers: tuple[str, ...]

    @property
    def right(self) -> tuple[Cut, ...]:
        """The cuts a good practitioner makes on its right day."""
        return tuple(p.cut for p in self.parts if p.act == "cut")
