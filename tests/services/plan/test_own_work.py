"""Each cut is the work it is by itself: dead, broken and sick wood and suckers are free, live wood
never is, whatever the sheet was asked for.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.frame.model import Cut
from billhook.core.season.model import FREE_WORK
from billhook.services.plan import cutting, finishing, proposals, sheet_making, sheets
from billhook.services.plan.wishes import Wish
from billhook.services.walk import walks

from ...places import TODAY, new_id
from ..walk.walking import walked

WINTER = dt.date(2026, 11, 25)
MIXED = [Cut("d", 0), Cut("k", 0), Cut("e", 1.5)]  # dead, a sucker, live


@pytest.mark.parametrize("asked", ["sanitation", "sucker", "fruit", "thin"])
def test_one_dead_branch_does_not_make_live_wood_free(garden, asked):
    found = cutting.preview(garden.at, garden.tree_ids[0], MIXED, asked, WINTER)
    assert [a.work for a in found.advice] == ["sanitation", "sucker", "thin"]
    assert (found.work, found.verdict.work, found.verdict.status) == ("thin", "thin", "stop")
    assert not found.against.fits
    (besides,) = [r for r in found.against.reasons if r.code == "free-besides"]
    assert said(besides).startswith("2 of these cuts")
    young = cutting.preview(garden.at, garden.tree_ids[0], MIXED, "height", TODAY)
    assert young.work == "height"


def test_what_is_free_is_judged_by_itself_on_a_closed_day(garden):
    free = cutting.preview(garden.at, garden.tree_ids[0], MIXED[:2], "thin", WINTER)
    assert free.work in FREE_WORK
    assert (free.verdict.status, free.against.fits) == ("go", True)


def test_a_limb_found_broken_counts_nothing_from_the_mark_to_the_log(garden):
    at, tree = garden.at, garden.tree_ids[0]
    cuts, sick = [Cut("e", 0), Cut("w", 1.5)], {"e"}
    found = cutting.preview(at, tree, cuts, "thin", TODAY, sick=sick)
    assert [a.work for a in found.advice] == ["sanitation", "thin"]
    assert found.against.removed < 0.2 < found.answer.canopy_share_removed
    plan = sheet_making.make_sheet(
        at, tree, new_id(), cuts, "thin", TODAY, garden.frame_id, sick=sick
    )
    lines = sheets.sheet(at, plan.id).lines
    assert {x.cut.limb_key: x.advice.work for x in lines} == {"e": "sanitation", "w": "thin"}
    for line in lines:
        sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "")
    entry = finishing.finish(at, plan.id, 1, TODAY)
    assert entry.share == pytest.approx(found.against.removed)


def test_a_limb_a_look_found_broken_goes_at_once_and_alone(garden):
    """Live in the drawing, broken by the look: off in winter, when no live wood may be cut."""
    at, tree = garden.at, garden.tree_ids[0]
    view = walked(at, tree, dead="broken", dead_limbs="e1@0")
    assert (view.cuts.work, view.cuts.against.fits) == ("sanitation", True)
    plan = proposals.plan_for(at, tree, Wish("tidy", WINTER, walk_id=view.walk.id))
    assert "e1" in {p.cut.limb for p in plan.proposal.cuts if p.work == "sanitation"}
    assert not [p for p in plan.proposal.cuts if p.work not in FREE_WORK]
    sheet = walks.plan(at, view.walk.id, new_id())
    assert (sheet.work, [x.advice.free for x in sheets.sheet(at, sheet.id).lines]) == (
        "sanitation",
        [True],
    )
