"""How well a tree is known: said, sized, or drawn."""

from __future__ import annotations

from collections.abc import Set
from typing import Literal

from .model import TRUNK, Frame, is_sucker

Standing = Literal["said", "sized", "drawn"]


def is_drawn(frame: Frame, measured: Set[str]) -> bool:
    """Every main limb was measured or traced; what a sketch made up is an outline, and no page
    names, ranks or plans it. A bare trunk that was measured is drawn too.
    """
    mains = {x.id for x in frame.limbs if x.on == TRUNK and not is_sucker(frame, x)}
    return bool(frame.limbs) and mains <= measured
