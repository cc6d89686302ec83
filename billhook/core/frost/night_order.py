"""The order in which trees of a cold night are listed."""

from __future__ import annotations

from collections.abc import Sequence

from .classes import CLASSES
from .damage import Damage


def worst_first(found: Sequence[tuple[str, Damage]]) -> list[tuple[str, Damage]]:
    """What must be seen to first: the worse class, then what is possibly worse, then the name."""
    return sorted(
        found,
        key=lambda f: (
            -CLASSES.index(f[1].worst),
            -CLASSES.index(f[1].possible or f[1].worst),
            f[0],
        ),
    )
