"""A plan for a stored tree: within the day's limit, pinned and re-planned, a pure function, and
printed in the helper's language.
"""

from __future__ import annotations

import datetime as dt
import io

import pytest
from pypdf import PdfReader

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.words.values import say
from billhook.services.plan import proposals, sheet_making
from billhook.services.plan.printing import row_pdf, sheet_pdf
from billhook.services.plan.wishes import Wish
from billhook.services.tree import framing, observing, views
from billhook.store.database import NotFound
from billhook.store.tables import Tree

from ...places import TODAY, new_id
from ...refusing import refusing


@pytest.fixture
def crowded(garden):
    """A tree with parallels, an inward limb, a dead end, a sucker and a limb that sets the top."""
    limbs = (
        Limb("e", "trunk", 0.6, 60, 2.0, 45, 90, tip_mm=20, fruit=9),
        Limb("w", "trunk", 0.7, 60, 2.2, 40, 270, tip_mm=20, fruit=3),
        Limb("n", "trunk", 0.65, 45, 2.4, 75, 0, tip_mm=15),
        Limb("e1", "e", 0.8, 18, 0.9, 30, 90, fruit=5),
        Limb("e2", "e", 1.0, 18, 0.9, 34, 92),
        Limb("w1", "w", 1.2, 14, 0.6, 80, 270, kind="sprout"),
        Limb("d", "w", 1.6, 14, 0.5, 10, 300, state="dead", foliage=0),
        Limb("k", "trunk", 0.1, 12, 0.4, 80, 200, tip_mm=4),
    )
    framing.save_frame(
        garden.at,
        garden.tree_ids[0],
        Frame(Trunk(110, 0.75), limbs, 0.25),
        garden.frame_id,
        {x.id for x in limbs},
        TODAY,
    )
    return garden.at, garden.tree_ids[0]


def ids(view) -> list[str]:
    return [c.cut.limb for c in view.proposal.cuts]


def test_what_must_go_is_in_and_the_rest_keeps_to_the_limit(crowded):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("tidy", TODAY))
    assert ids(view)[:2] == ["k", "d"]  # sucker, then dead wood: the order of the work
    assert "e1" in ids(view)  # the lower of the parallels
    assert view.proposal.share <= view.proposal.limit + 1e-9
    assert view.proposal.share == pytest.approx(view.preview.answer.canopy_share_removed)
    assert view.crop.this_year > 0
    assert view.clippings.chips_m3 > 0
    assert [r.code for r in view.regrowth] == ["regrowth-collar"]
    assert all(r.date > TODAY for r in view.regrowth)
    again = proposals.plan_for(at, tree, Wish("tidy", TODAY))
    assert again.proposal == view.proposal


def test_an_aim_changes_the_plan(crowded):
    at, tree = crowded
    assert ids(proposals.plan_for(at, tree, Wish("recover", TODAY))) == ["k", "d"]
    calm = proposals.plan_for(at, tree, Wish("calm", TODAY, limit=0.5))
    assert "n" in ids(calm)  # the most upright of the main limbs
    assert calm.bark is not None  # its wound bares bark


def test_pins_and_limits_re_plan(crowded):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("tidy", TODAY))
    pinned = next(c.id for c in view.proposal.cuts if c.cut.limb == "e1")
    without = proposals.plan_for(at, tree, Wish("tidy", TODAY, pins_out=[pinned]))
    assert "e1" not in ids(without)
    assert next(x.why for x in without.proposal.left if x.proposed.id == pinned) == say(
        "left-out-by-you"
    )
    assert "e1" in ids(proposals.plan_for(at, tree, Wish("recover", TODAY, pins_in=[pinned])))
    none = proposals.plan_for(at, tree, Wish("tidy", TODAY, limit=0.0))
    assert ids(none) == ["k", "d"]
    weights = proposals.plan_for(at, tree, Wish("tidy", TODAY, weights={"parallel": 0.0}))
    assert "e1" not in ids(weights)
    for wrong, at_field in (
        ({"goal": "moon"}, "/goal"),
        ({"goal": "tidy", "pins_in": ["x@0"]}, "/pins_in/0"),
        ({"goal": "tidy", "weights": {"moon": 1.0}}, "/weights"),
    ):
        with pytest.raises(InvalidInput) as refused:
            proposals.plan_for(at, tree, Wish(day=TODAY, **wrong))
        assert refused.value.problems[0].pointer == at_field


def test_a_day_on_which_nothing_may_be_cut_leaves_it_with_its_date(crowded):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("lower", dt.date(2027, 11, 20)))
    assert all(c.must or c.share == 0 for c in view.proposal.cuts)
    waiting = [x for x in view.proposal.left if x.until is not None]
    assert waiting
    assert all(x.until > dt.date(2027, 11, 20) for x in waiting)


def test_frost_hurt_wood_is_not_planned_before_its_day(crowded):
    at, tree = crowded
    observing.observe(at, "tree", tree, "freeze_class", "F3", TODAY - dt.timedelta(days=40))
    assert "d" not in ids(proposals.plan_for(at, tree, Wish("recover", TODAY)))


@pytest.mark.parametrize(
    ("code", "says"),
    [("en", "off at its collar"), ("es", "quitar en su cuello"), ("pt", "tirar no colo")],
)
def test_a_sheet_is_printed_in_the_helper_s_language(crowded, code, says):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("tidy", TODAY))
    plan = sheet_making.make_sheet(
        at, tree, new_id(), [c.cut for c in view.proposal.cuts], view.work, TODAY, view.frame.row.id
    )
    reader = PdfReader(io.BytesIO(sheet_pdf(at, plan.id, "a4", code, "metric")))
    text = " ".join(reader.pages[0].extract_text().split())
    assert len(reader.pages) == 1
    assert says in text
    assert [str(n) for n in range(1, len(view.proposal.cuts) + 1) if str(n) not in text] == []


def test_a_row_is_printed_as_one_round_with_what_is_carried(crowded):
    at, tree = crowded
    row = views.tree_view(at, tree, TODAY, ("thin",)).record.row.id
    with pytest.raises(InvalidInput):
        row_pdf(at, row, "a4", "en", "metric")
    view = proposals.plan_for(at, tree, Wish("tidy", TODAY))
    sheet_making.make_sheet(
        at, tree, new_id(), [c.cut for c in view.proposal.cuts], view.work, TODAY, view.frame.row.id
    )
    sheet_making.make_sheet(at, tree, new_id(), [Cut("k", 0.0)], "sucker", TODAY, view.frame.row.id)
    reader = PdfReader(io.BytesIO(row_pdf(at, row, "letter", "en", "us")))
    assert len(reader.pages) == 3  # the list, then a page for each sheet
    first = reader.pages[0].extract_text()
    assert first.count("Baixo 1·1") == 2
    assert "hand pruner" in first
    with pytest.raises(NotFound):
        row_pdf(at, "nowhere", "a4", "en", "metric")


def test_what_waits_becomes_a_come_back_on_its_day(crowded):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("open", TODAY, limit=0.03))
    assert view.stages
    assert all(s.day > TODAY for s in view.stages)
    frame = view.frame.row.id
    made = sheet_making.make_sheet(
        at,
        tree,
        new_id(),
        [p.cut for p in view.proposal.cuts],
        view.work,
        TODAY,
        frame,
        {s.day: "the rest" for s in view.stages},
    )
    due = [t.due for t in views.tree_view(at, tree, TODAY, ("thin",)).tasks if t.kind == "stage"]
    assert due == [s.day for s in view.stages]
    sheet_making.make_sheet(
        at,
        tree,
        made.id,
        [p.cut for p in view.proposal.cuts],
        view.work,
        TODAY,
        frame,
        {s.day: "the rest" for s in view.stages},
    )
    assert len(
        [t for t in views.tree_view(at, tree, TODAY, ("thin",)).tasks if t.kind == "stage"]
    ) == len(due)  # sent twice is one


def test_the_tree_s_own_school_gives_way_for_one_plan(crowded):
    at, tree = crowded
    low = proposals.plan_for(at, tree, Wish("lower", TODAY, limit=0.4))
    tall = proposals.plan_for(at, tree, Wish("lower", TODAY, limit=0.4, stance={"height": "tall"}))
    assert low.stance["height"] == "low"
    assert not any(c.look == "height" for c in tall.proposal.cuts)
    with refusing(InvalidInput, "is no topic"):
        proposals.plan_for(at, tree, Wish("lower", TODAY, stance={"colour": "red"}))


def test_a_skeleton_tells_everything_before(crowded):
    at, tree = crowded
    view = proposals.plan_for(at, tree, Wish("skeleton", TODAY))
    codes = [r.code for r in view.skeleton]
    assert codes == ["stays", "looks", "crop-lost", "sun-date", "second-year", "seasons-back"]
    assert view.bark.area_m2 > 0.2  # the trunk too
    assert all(r.date > TODAY for r in view.skeleton if r.date)


def test_heat_and_prunings_that_poison_are_said_with_the_plan(crowded):
    at, tree = crowded
    mild, hot = (
        proposals.plan_for(at, tree, Wish("recover", day)).after
        for day in (TODAY, dt.date(2027, 8, 1))
    )
    assert "heat" not in [r.code for r in mild]
    assert "heat" in [r.code for r in hot]
    with at.store.writing() as session:
        row = session.get(Tree, tree)
        row.species = "avocado"
        session.add(row)
    avocado = proposals.plan_for(at, tree, Wish("recover", TODAY)).after
    assert "poison" in next(said(r) for r in avocado if r.code == "not-fodder")
