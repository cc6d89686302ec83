"""What tests of frost work do and read again and again."""

from __future__ import annotations

import datetime as dt

from billhook.services.frost import looking
from billhook.services.frost import tree as frost_tree
from billhook.store import logbook
from billhook.store.trees import tree_record

from ...places import new_id

NIGHT = dt.date(2027, 1, 19)


def scratched(at, tree, limb, edge, day=None):
    """Scratch a limb as the search asks until its edge is found; returns its test."""
    for _ in range(9):
        test = next(x for x in frost_tree.after_frost(at, tree).limbs if x.limb == limb)
        place = test.found.next_at_m
        if place is None:
            return test
        looking.scratch(at, tree, new_id(), limb, place, place <= edge, day)
    raise AssertionError("the search did not end")


def tasks_of(at, scope):
    with at.store.reading() as session:
        return logbook.tasks(session, scope)


def tree_record_block(at, tree_id):
    with at.store.reading() as session:
        return tree_record(session, tree_id).block.id
