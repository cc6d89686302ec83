"""Looking back: planned against done by year, pace from visits, and calm words where too much
went.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Cut
from billhook.services.book import harvests, logbook
from billhook.services.book.look_back import block_back, look_back
from billhook.services.book.report import season_report
from billhook.services.plan import finishing, sheet_making, sheets
from billhook.services.tree import regrown, views
from billhook.store.trees import observations

from ...places import TODAY, new_id
from ...refusing import refusing


def test_planned_and_done_by_year(garden):
    at, tree = garden.at, garden.tree_ids[0]
    plan = sheet_making.make_sheet(
        at, tree, new_id(), [Cut("k", 0.0), Cut("e1", 0.0)], "thin", TODAY, garden.frame_id
    )
    lines = sheets.sheet(at, plan.id).lines
    sheets.tick(at, plan.id, lines[0].cut.id, new_id(), True, TODAY, None, "")
    finishing.finish(at, plan.id, plan.version, TODAY, minutes=9)
    logbook.log_past_work(
        at,
        tree,
        new_id(),
        dt.date(TODAY.year - 1, 3, 1),
        "thin",
        share=0.31,
        height_before_m=3.2,
        height_after_m=2.9,
    )
    found = look_back(at, tree)
    this, last = found.years
    assert (this.year, this.planned_cuts, this.done_cuts, this.taken_minutes) == (
        TODAY.year,
        2,
        1,
        9,
    )
    assert this.planned_share == pytest.approx(plan.answer["removed"])
    assert (last.done_share, last.planned_share, last.height_m) == (0.31, None, 2.9)
    assert [r.code for r in found.reasons] == ["took-much"]
    assert found.pace is None


def test_minutes_learn_from_three_visits(garden):
    at, tree = garden.at, garden.tree_ids[0]
    frame = garden.frame_id
    for limb in ("k", "d", "e1"):
        plan = sheet_making.make_sheet(at, tree, new_id(), [Cut(limb, 0.0)], "thin", TODAY, frame)
        line = sheets.sheet(at, plan.id).lines[0]
        sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "")
        frame = finishing.finish(
            at, plan.id, plan.version, TODAY, minutes=3 * line.advice.minutes
        ).frame_after
    found = look_back(at, tree)
    assert found.pace == pytest.approx(3)
    assert [r.code for r in found.reasons] == ["pace"]


def test_regrowth_measured_corrects_the_vigour(drawn):
    at, tree = drawn
    with refusing(InvalidInput, "nothing to measure"):
        regrown.regrown(at, tree, TODAY, 0.4)
    logbook.log_past_work(
        at, tree, new_id(), TODAY - dt.timedelta(days=240), "thin", 0.12, 3.0, 2.8, "", ""
    )
    strong = regrown.regrown(at, tree, TODAY, 0.9)
    assert strong.vigour == 5
    with at.store.reading() as session:
        assert observations(session, [tree])[tree]["vigour"].value == "5"
    with refusing(InvalidInput, "too early"):
        regrown.regrown(at, tree, TODAY - dt.timedelta(days=220), 0.05)
    again = regrown.regrown(at, tree, TODAY, 0.9)
    assert "as expected" in said(again.reasons[0])
    name = views.tree_view(at, tree, TODAY, ("thin",)).record.block.name
    told = {block.block: block.regrown_m for block in season_report(at, None, None).blocks}
    assert told.pop(name) == pytest.approx(0.9)
    assert set(told.values()) == {None}  # nothing was measured elsewhere


def test_a_block_looks_back_on_share_wounds_hours_and_crop(garden):
    at = garden.at
    block = views.tree_view(at, garden.tree_ids[0], TODAY, ("thin",)).record.block.id
    for tree, share in zip(garden.tree_ids[:2], (0.1, 0.2), strict=True):
        logbook.log_past_work(
            at, tree, new_id(), dt.date(2026, 3, 1), "thin", share, 3.0, 2.8, "", "", minutes=30
        )
    pick = new_id()
    for _ in range(2):  # the same id twice is one picking
        harvests.pick(at, pick, "row", garden.row_id, dt.date(2026, 1, 20), 120.0)
    harvests.pick(at, new_id(), "tree", garden.tree_ids[0], dt.date(2026, 1, 25), 30.0)
    year = next(y for y in block_back(at, block).years if y.year == 2026)
    assert (year.trees, year.hours, year.crop_kg) == (2, 1.0, 150.0)
    assert year.share == pytest.approx(0.15)
    own = next(y for y in look_back(at, garden.tree_ids[0]).years if y.year == 2026)
    assert own.crop_kg == 30.0  # what a row gave together is not laid on one tree
    with pytest.raises(InvalidInput):
        harvests.pick(at, new_id(), "tree", garden.tree_ids[0], TODAY + dt.timedelta(days=1), 1.0)
