"""From marks to a sheet, ticks, a finished frame, the log and the days to come back."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.finish import after_cuts
from billhook.core.frame.model import Cut, Limb
from billhook.services.book import logbook
from billhook.services.holding.grove import grove
from billhook.services.plan import cutting, finishing, sheet_making, sheets
from billhook.services.tree import framing, records, views
from billhook.store import frames
from billhook.store.database import NotFound, StaleVersion

from ...places import TODAY, forked_frame, new_id
from ...refusing import refusing

CUTS = [Cut("e", 1.5), Cut("k", 0), Cut("d", 0)]


def make(garden, cuts=CUTS, work="thin", day=TODAY):
    return sheet_making.make_sheet(
        garden.at, garden.tree_ids[0], new_id(), cuts, work, day, garden.frame_id
    )


def tick_all(garden, plan, day=TODAY, **only):
    for line in sheets.sheet(garden.at, plan.id).lines:
        sheets.tick(
            garden.at, plan.id, line.cut.id, new_id(), True, day, only.get("mm"), "first helper"
        )


def test_preview_costs_marks_against_the_day(garden):
    found = cutting.preview(garden.at, garden.tree_ids[0], CUTS, "thin", TODAY)
    # e tapers from 60 to 20 mm over 2 m: 30 mm at 1.5 m, a quarter of its half of the canopy
    assert found.answer.canopy_share_removed == pytest.approx(30**2 / (2 * 60**2))
    assert found.against.fits
    assert found.verdict.status == "go"
    assert found.gone == ("k", "d")
    assert [a.order_class for a in found.advice] == [7, 2, 3]
    over = cutting.preview(garden.at, garden.tree_ids[0], [Cut("e", 0)], "thin", TODAY)
    assert not over.against.fits
    assert over.against.over == pytest.approx(0.5 - 0.2)
    winter = cutting.preview(garden.at, garden.tree_ids[0], CUTS, "thin", dt.date(2026, 11, 25))
    assert (winter.verdict.status, winter.against.fits) == ("stop", False)


def test_sentences_speak_the_units_asked_for(garden):
    metric = cutting.preview(
        garden.at, garden.tree_ids[0], [Cut("e", 1.0)], "thin", TODAY, "metric"
    )
    feet = cutting.preview(garden.at, garden.tree_ids[0], [Cut("e", 1.0)], "thin", TODAY, "us")
    assert said(metric.advice[0].position) == "1.00 m up the east limb, to the first fork"
    assert said(feet.advice[0].position) == "3'3\" up the east limb, to the first fork"


def test_a_sucker_is_never_cut_to_a_stub(garden):
    with pytest.raises(InvalidInput) as refused:
        cutting.preview(
            garden.at, garden.tree_ids[0], [Cut("e", 1.5), Cut("k", 0.2)], "sucker", TODAY
        )
    assert [p.pointer for p in refused.value.problems] == ["/cuts/1/keep_m"]


def test_sheet_stands_in_working_order_and_is_saved_once(garden):
    plan_id = new_id()
    for _ in range(2):
        plan = sheet_making.make_sheet(
            garden.at, garden.tree_ids[0], plan_id, CUTS, "thin", TODAY, garden.frame_id
        )
    view = sheets.sheet(garden.at, plan.id)
    assert [(line.cut.nth, line.cut.limb_key) for line in view.lines] == [
        (1, "k"),
        (2, "d"),
        (3, "e"),
    ]
    assert view.plan.answer["sentence"].startswith("Go, 24 Mar 2027")
    assert view.plan.answer["removed"] == pytest.approx(0.125)
    assert len(views.tree_view(garden.at, garden.tree_ids[0], TODAY).sheets) == 1
    assert (
        next(
            t for t in grove(garden.at, TODAY).trees if t.record.tree.id == garden.tree_ids[0]
        ).need.kind
        == "sheet"
    )


def test_void_cuts_do_not_reach_the_sheet(garden):
    plan = make(garden, [Cut("e", 0.5), Cut("e1", 0.2)])
    assert [line.cut.limb_key for line in sheets.sheet(garden.at, plan.id).lines] == ["e"]


def test_an_empty_sheet_is_refused(garden):
    with pytest.raises(InvalidInput) as refused:
        make(garden, [])
    assert refused.value.problems[0].pointer == "/cuts"


def test_a_tree_that_is_gone_gets_no_sheet(garden):
    version = views.tree_view(garden.at, garden.tree_ids[0], TODAY).record.tree.version
    records.remove_tree(garden.at, garden.tree_ids[0], version, TODAY)
    with pytest.raises(InvalidInput) as refused:
        make(garden)
    assert "gone since" in said(refused.value.problems[0].message)


def test_finishing_cuts_the_frame_writes_the_log_and_sets_come_backs(garden):
    plan = make(garden)
    tick_all(garden, plan, mm=31.0)
    entry = finishing.finish(garden.at, plan.id, 1, TODAY, "first helper")
    assert entry.minutes is None  # nobody timed it, and what is reckoned is not logged
    view = views.tree_view(garden.at, garden.tree_ids[0], TODAY)
    assert view.frame.frame == after_cuts(forked_frame(), CUTS)
    assert (view.frame.row.origin, view.frame.row.previous_id) == ("after-plan", garden.frame_id)
    assert view.frame.measured == {"e", "w", "e1"}
    assert entry.share == pytest.approx(0.125)
    assert (entry.cuts, entry.who, entry.frame_before, entry.frame_after) == (
        3,
        "first helper",
        garden.frame_id,
        view.frame.row.id,
    )
    assert entry.height_after_m <= entry.height_before_m
    assert view.used_share == pytest.approx(0.125)
    due = {t.kind: (t.due - TODAY).days for t in view.tasks}
    assert due == {"sucker": 75, "breaks": 28, "trim": 90}
    assert all(t.rule.startswith("comeback/") and t.rule in garden.at.know for t in view.tasks)
    assert next(v for v in view.verdicts if v.work == "thin").max_share == pytest.approx(
        0.2 - 0.125
    )
    assert sheets.sheet(garden.at, plan.id).log_id == entry.id
    with garden.at.store.reading() as session:
        assert (
            frames.frame_of(session, frames.frame_row(session, garden.frame_id))[0]
            == forked_frame()
        )


def test_only_what_is_ticked_is_cut(garden):
    plan = make(garden)
    first = sheets.sheet(garden.at, plan.id).lines[0]
    with refusing(InvalidInput, "no cut is ticked"):
        finishing.finish(garden.at, plan.id, 1, TODAY)
    tick_id = new_id()
    sheets.tick(garden.at, plan.id, first.cut.id, tick_id, True, TODAY, None, "")
    sheets.tick(garden.at, plan.id, first.cut.id, tick_id, True, TODAY, None, "")
    sheets.tick(garden.at, plan.id, first.cut.id, new_id(), False, TODAY, None, "")
    assert all(line.tick is None for line in sheets.sheet(garden.at, plan.id).lines)
    sheets.tick(garden.at, plan.id, first.cut.id, new_id(), True, TODAY, 11.0, "second helper")
    entry = finishing.finish(garden.at, plan.id, 1, TODAY)
    assert (entry.cuts, entry.share) == (1, 0.0)
    left = views.tree_view(garden.at, garden.tree_ids[0], TODAY).frame.frame
    assert {x.id for x in left.limbs} == {"e", "w", "e1", "d"}


def test_two_visits_in_a_year_add_up_against_one_total(garden):
    first = make(garden, [Cut("e", 1.5)])
    tick_all(garden, first)
    finishing.finish(garden.at, first.id, 1, TODAY)
    later = TODAY + dt.timedelta(days=10)
    garden.at.settings = replace(garden.at.settings, fixed_today=later)
    now = views.tree_view(garden.at, garden.tree_ids[0], later)
    second = sheet_making.make_sheet(
        garden.at, garden.tree_ids[0], new_id(), [Cut("e", 1.0)], "thin", later, now.frame.row.id
    )
    tick_all(garden, second, later)
    finishing.finish(garden.at, second.id, 1, later)
    # cutting e at 1.0 m in one go would cost the same: 40 of 60 mm, of two scaffolds of 60
    assert views.tree_view(garden.at, garden.tree_ids[0], later).used_share == pytest.approx(
        40**2 / (2 * 60**2)
    )
    next_year = views.tree_view(garden.at, garden.tree_ids[0], dt.date(2028, 3, 1))
    assert next_year.used_share == 0


def test_a_finished_sheet_takes_no_more(garden):
    plan = make(garden)
    tick_all(garden, plan)
    finishing.finish(garden.at, plan.id, 1, TODAY)
    line = sheets.sheet(garden.at, plan.id).lines[0]
    with pytest.raises(InvalidInput):
        sheets.tick(garden.at, plan.id, line.cut.id, new_id(), False, TODAY, None, "")
    with pytest.raises(InvalidInput):
        finishing.finish(garden.at, plan.id, 2, TODAY)
    with pytest.raises(NotFound):
        sheets.sheet(garden.at, "nothing")


def test_a_tick_on_a_cut_of_another_sheet_is_not_taken(garden):
    plan = make(garden)
    with pytest.raises(NotFound):
        sheets.tick(garden.at, plan.id, "nothing", new_id(), True, TODAY, None, "")


def test_two_people_on_one_tree_get_a_conflict_and_lose_nothing(garden):
    plan = make(garden)
    tick_all(garden, plan)
    moved = framing.save_frame(
        garden.at, garden.tree_ids[0], forked_frame(), garden.frame_id, set(), TODAY
    )
    with pytest.raises(StaleVersion) as refused:
        finishing.finish(garden.at, plan.id, 1, TODAY)
    assert refused.value.current == {"frame_id": moved.id}
    assert all(line.tick for line in sheets.sheet(garden.at, plan.id).lines)
    with pytest.raises(StaleVersion):
        make(garden)
    with pytest.raises(StaleVersion):
        finishing.finish(garden.at, plan.id, 7, TODAY)
    with pytest.raises(StaleVersion) as stale:
        records.change_tree(garden.at, garden.tree_ids[0], 9, {"note": "mine"})
    assert stale.value.current == {"version": 1, "note": ""}


def test_bared_bark_in_strong_sun_is_looked_at_again(garden):
    day = dt.date(2027, 7, 20)
    garden.at.settings = replace(garden.at.settings, fixed_today=day)
    plan = sheet_making.make_sheet(
        garden.at, garden.tree_ids[0], new_id(), [Cut("e1", 0)], "thin", day, garden.frame_id
    )
    tick_all(garden, plan, day)
    finishing.finish(garden.at, plan.id, 1, day)
    assert "bark" in [t.kind for t in views.tree_view(garden.at, garden.tree_ids[0], day).tasks]


def test_a_come_back_is_settled_once(garden):
    plan = make(garden, [Cut("k", 0)])
    tick_all(garden, plan)
    finishing.finish(garden.at, plan.id, 1, TODAY)
    task = views.tree_view(garden.at, garden.tree_ids[0], TODAY).tasks[0]
    soon = task.due - dt.timedelta(days=7)
    assert (
        next(
            t for t in grove(garden.at, soon).trees if t.record.tree.id == garden.tree_ids[0]
        ).need.kind
        == "sanitation"
    )
    logbook.settle_task(garden.at, task.id, 1, "open", task.due + dt.timedelta(days=30))
    with pytest.raises(StaleVersion):
        logbook.settle_task(garden.at, task.id, 1, "done")
    with pytest.raises(InvalidInput):
        logbook.settle_task(garden.at, task.id, 2, "forgotten")
    logbook.settle_task(garden.at, task.id, 2, "done")
    assert views.tree_view(garden.at, garden.tree_ids[0], TODAY).tasks == []


def test_what_was_not_planned_and_what_was_not_done_go_to_the_log(garden):
    at, tree = garden.at, garden.tree_ids[0]
    plan = sheet_making.make_sheet(
        at, tree, new_id(), [Cut("k", 0.0), Cut("d", 0.0)], "thin", TODAY, garden.frame_id
    )
    first, second = sheets.sheet(at, plan.id).lines
    sheets.tick(at, plan.id, first.cut.id, new_id(), True, TODAY, 13, "first helper")
    with pytest.raises(StaleVersion) as crossed:  # the second helper, who did not see it
        sheets.tick(at, plan.id, first.cut.id, new_id(), True, TODAY, 14, "second helper")
    assert crossed.value.current.items() >= {"who": "first helper", "diameter_mm": 13}.items()
    sheets.tick(
        at, plan.id, second.cut.id, new_id(), False, TODAY, None, "first helper", "a nest in it"
    )
    extra = new_id()
    for _ in range(2):
        sheets.add_cut(at, plan.id, extra, Cut("e1", 0.0))
    for limb, keep, field in (("e1", 0.0, "/limb"), ("moon", 0.0, "/limb"), ("e", 9.0, "/keep_m")):
        with pytest.raises(InvalidInput) as refused:
            sheets.add_cut(at, plan.id, new_id(), Cut(limb, keep))
        assert refused.value.problems[0].pointer == field
    sheets.tick(at, plan.id, extra, new_id(), True, TODAY, None, "")
    lines = sheets.sheet(at, plan.id).lines
    assert [(x.cut.limb_key, x.cut.extra, x.left) for x in lines] == [
        ("k", False, ""),
        ("d", False, "a nest in it"),
        ("e1", True, ""),
    ]
    entry = finishing.finish(at, plan.id, plan.version, TODAY)
    assert entry.note == "1 not planned. not done: cut 2: a nest in it"
    assert entry.cuts == 2


def test_another_limb_on_a_sheet_is_taken_off_or_shortened(garden):
    at, sheet = garden.at, make(garden, [Cut("e1", 0)])
    sheets.add_cut(at, sheet.id, new_id(), Cut("w", 1.0))
    lines = {x.cost.limb: x for x in sheets.sheet(at, sheet.id).lines}
    assert lines["w"].cost.keep_m == 1.0
    assert 0 < lines["w"].cost.share < 0.5  # what stays keeps its leaf
    with pytest.raises(InvalidInput) as refused:
        sheets.add_cut(at, sheet.id, new_id(), Cut("d", 9.0))
    assert refused.value.problems[0].pointer == "/keep_m"


def test_a_limb_that_was_not_in_the_drawing_is_drawn_in_with_its_cut(garden):
    at, sheet = garden.at, make(garden, [Cut("e1", 0)])
    new, cut_id = Limb("n", "trunk", 0.5, 25, 0.0, 60, 200), new_id()
    for _ in range(2):
        sheets.add_limb_cut(at, sheet.id, cut_id, new, 0.0)
    view = sheets.sheet(at, sheet.id)
    (line,) = [x for x in view.lines if x.cost.limb == "n"]
    assert line.cost.wound_mm == 25
    drawn = view.frame.frame.limb("n")
    assert 1 < drawn.length_m < 5  # as long as wood so thick usually is
    with pytest.raises(InvalidInput) as refused:
        sheets.add_limb_cut(at, sheet.id, new_id(), replace(new, id="m", at_m=9.0), 0.0)
    assert refused.value.problems[0].pointer == "/at_m"
    tick_all(garden, view.plan)
    finishing.finish(at, sheet.id, view.plan.version, TODAY)
    after = views.tree_view(at, garden.tree_ids[0], TODAY)
    assert {"n", "e1"} & {x.id for x in after.frame.frame.limbs} == set()
