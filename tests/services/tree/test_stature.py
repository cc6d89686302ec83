"""Heights of a tree over the years: only what was measured or cut is one."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

from billhook.services.tree import framing
from billhook.services.tree.stature import heights_of
from billhook.store import frames
from billhook.store.trees import tree_record

from ...places import TODAY, forked_frame


def days(at, tree_id):
    with at.store.reading() as session:
        return [(h.day, h.cut) for h in heights_of(at, session, tree_record(session, tree_id))]


def measured(at, tree_id, frame, day):
    with at.store.reading() as session:
        current = frames.current_row(session, tree_record(session, tree_id).stem.id)
    framing.save_frame(at, tree_id, frame, current.id if current else None, {"e"}, day)


def test_a_foot_measured_anew_and_a_sketch_put_aside_are_no_heights(garden):
    at, tree = garden.at, garden.tree_ids[1]
    earlier = TODAY - dt.timedelta(days=700)
    with at.store.writing() as session:  # what a list said of its size, put down today
        framing.sketch(at, session, tree_record(session, tree), 3.4, 3.0, 100, TODAY)
    measured(at, tree, forked_frame(), earlier)
    assert days(at, tree) == [(earlier, False)]
    foot = replace(forked_frame(), trunk=replace(forked_frame().trunk, diameter_mm=140.0))
    measured(at, tree, foot, TODAY - dt.timedelta(days=3))
    assert days(at, tree) == [(earlier, False)]
    limbs = tuple(replace(x, length_m=x.length_m * 1.1) for x in forked_frame().limbs)
    measured(at, tree, replace(forked_frame(), limbs=limbs), TODAY)
    assert days(at, tree) == [(earlier, False), (TODAY, False)]
