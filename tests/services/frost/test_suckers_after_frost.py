"""A tree killed to its trunk or union: what lives may come from below, and nothing is cut of it
until it is judged; lesser damage leaves suckers free.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.services.season import today
from billhook.services.tree import observing, views

from ...places import TODAY

NIGHT = TODAY - dt.timedelta(days=60)


@pytest.mark.parametrize(
    ("frost_class", "suckers", "dead"),
    [("F1", "go", "go"), ("F3", "go", "wait"), ("F5", "wait", "wait"), ("F6", "wait", "wait")],
)
def test_dead_to_the_union_stops_what_lesser_damage_stops(garden, frost_class, suckers, dead):
    at, tree = garden.at, garden.tree_ids[0]  # it bears a drawn sucker
    observing.observe(at, "tree", tree, "freeze_class", frost_class, NIGHT)
    said = {v.work: v for v in views.tree_view(at, tree, TODAY).verdicts}
    assert (said["sucker"].status, said["sanitation"].status) == (suckers, dead)
    due = [
        i
        for i in today.fortnight(at, TODAY).items
        if i.work == "sucker" and tree in {r.tree.id for r in i.trees}
    ]
    assert bool(due) is (suckers == "go")
    judged = views.tree_view(at, tree, TODAY + dt.timedelta(days=200))
    assert next(v for v in judged.verdicts if v.work == "sucker").status == "go"
