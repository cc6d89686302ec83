"""Looking back: planned against done by year, pace from visits, and calm words where too much went."""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.core.frame.model import Cut
from billhook.services import cutting, logbook, sheets
from billhook.services.look_back import look_back

from ..places import TODAY, new_id


def test_planned_and_done_by_year(garden):
    at, tree = garden.at, garden.tree_ids[0]
    plan = cutting.make_sheet(at, tree, new_id(), [Cut("k", 0.0), Cut("e1", 0.0)], "thin", TODAY, garden.frame_id)
    lines = sheets.sheet(at, plan.id).lines
    sheets.tick(at, plan.id, lines[0].cut.id, new_id(), True, TODAY, None, "")
    sheets.finish(at, plan.id, plan.version, TODAY, minutes=9)
    logbook.log_past_work(at, tree, new_id(), dt.date(TODAY.year - 1, 3, 1), "thin", share=0.31, height_before_m=3.2, height_after_m=2.9)
    found = look_back(at, tree)
    this, last = found.years
    assert (this.year, this.planned_cuts, this.done_cuts, this.taken_minutes) == (TODAY.year, 2, 1, 9)
    assert this.planned_share == pytest.approx(plan.answer["removed"])
    assert (last.done_share, last.planned_share, last.height_m) == (0.31, None, 2.9)
    assert [r.code for r in found.reasons] == ["took-much"]
    assert found.pace is None


def test_minutes_learn_from_three_visits(garden):
    at, tree = garden.at, garden.tree_ids[0]
    frame = garden.frame_id
    for limb in ("k", "d", "e1"):
        plan = cutting.make_sheet(at, tree, new_id(), [Cut(limb, 0.0)], "thin", TODAY, frame)
        line = sheets.sheet(at, plan.id).lines[0]
        sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "")
        frame = sheets.finish(at, plan.id, plan.version, TODAY, minutes=3 * line.advice.minutes).frame_after
    found = look_back(at, tree)
    assert found.pace == pytest.approx(3)
    assert [r.code for r in found.reasons] == ["pace"]
