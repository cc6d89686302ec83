"""Trees named in a sentence."""

from __future__ import annotations

from collections.abc import Sequence

from ...store.trees import TreeRecord

_MOST = 6


def named(trees: Sequence[TreeRecord]) -> str:
    """The first trees of a list by name, and how many more there are."""
    names = [r.name for r in trees]
    more = f" and {len(names) - _MOST} more" if len(names) > _MOST else ""
    return ", ".join(names[:_MOST]) + more
