"""Trees named in a sentence."""

from __future__ import annotations

from collections.abc import Sequence

from ...core.words.values import Value, say
from ...store.trees import TreeRecord

_MOST = 6


def row_called(record: TreeRecord) -> Value:
    """A row with its block."""
    return say("row-of-block", block=record.block.name, row=record.row.called)


def named(trees: Sequence[TreeRecord]) -> Value:
    """The first trees of a list by name, and how many more there are."""
    names = [r.name for r in trees]
    first = ", ".join(names[:_MOST])
    more = len(names) - _MOST
    return say("trees-and-more", trees=first, more=more) if more > 0 else first
