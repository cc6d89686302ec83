"""Trees that are sized, not drawn: a recipe by counting, and cuts that go into the log."""

from __future__ import annotations

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.counting import counted
from billhook.core.frame.model import Cut
from billhook.services.book import logbook
from billhook.services.holding import planting
from billhook.services.plan import counted as counting
from billhook.services.plan import finishing, proposals, sheet_making, sheets
from billhook.services.plan.wishes import Wish
from billhook.services.tree import observing, views
from billhook.services.walk.tree import walked_tree
from billhook.store.acts import new_id
from billhook.store.logbook import counts
from billhook.store.trees import tree_record

from ...places import TODAY


@pytest.fixture
def sized(garden):
    """An orange 15 ft tall and 14 ft wide, its trunk 8 inches across."""
    like = planting.Like(height_m=4.572, spread_m=4.267, trunk_mm=203)
    made = planting.plant(garden.at, garden.site.id, "Old", 1, 1, "sweet-orange", 2005, like=like)
    return garden.at, made.tree_ids[0]


def test_an_outline_is_not_planned_limb_by_limb(sized):
    at, tree = sized
    view = views.tree_view(at, tree, TODAY, ("thin",))
    assert (view.standing, view.frame.drawn) == ("sized", False)
    with pytest.raises(InvalidInput) as refused:
        proposals.plan_for(at, tree, Wish("tidy", TODAY))
    assert "Count cuts" in said(refused.value.problems[0].message)


def test_the_walk_finds_nothing_on_limbs_the_program_drew(sized):
    at, tree = sized
    with at.store.reading() as session:
        found = walked_tree(at, session, tree_record(session, tree), TODAY).tree
    assert found.frame is None
    assert found.height_m == pytest.approx(4.57, abs=0.05)
    assert found.trunk_mm == pytest.approx(203)


def test_a_recipe_keeps_to_the_day(sized):
    at, tree = sized
    found = counting.recipe_for(at, tree, TODAY, "lower")
    limit = found.verdict.max_share or 0.0
    assert found.recipe.share <= limit + 1e-9
    assert found.work == "height"
    assert {"dead", "suckers"} <= {x.row for x in found.recipe.lines}
    with pytest.raises(InvalidInput):
        counting.recipe_for(at, tree, TODAY, "no such aim")


def test_counted_cuts_are_logged_and_count_against_the_year(sized, know):
    at, tree = sized
    cuts = [counted(know, "thumb", 3, False, False), counted(know, "pencil", 2, True, False)]
    now = counting.count_on(at, tree, TODAY, "thin", cuts)
    entry_id = new_id()
    for _ in range(2):  # the same entry twice is one
        counting.log_counted(at, tree, entry_id, TODAY, "thin", cuts)
    view = views.tree_view(at, tree, TODAY, ("thin",))
    (entry,) = view.log
    assert entry.share == pytest.approx(now.count.share)
    assert entry.cuts == 5
    assert view.used_share == pytest.approx(now.count.share)
    with at.store.reading() as session:
        kept = counts(session, [entry_id])[entry_id]
    assert [(c.thickness, c.n, c.sprout) for c in kept] == [
        ("pencil", 2, True),
        ("thumb", 3, False),
    ]
    after = counting.count_on(at, tree, TODAY, "thin", cuts)
    assert after.count.year_share == pytest.approx(2 * now.count.share)


def test_a_tree_of_which_only_the_trunk_is_known_is_counted_too(garden, know):
    tree = planting.plant(garden.at, garden.site.id, "Old", 2, 1, "lemon", 2015).tree_ids[0]
    cuts = [counted(know, "finger", 1, False, False)]
    with pytest.raises(InvalidInput) as refused:
        counting.count_on(garden.at, tree, TODAY, "thin", cuts)
    assert refused.value.problems[0].pointer == "/trunk_mm"
    observing.observe(garden.at, "tree", tree, "trunk_mm", "90", TODAY)
    found = counting.count_on(garden.at, tree, TODAY, "thin", cuts)
    assert found.count.share == pytest.approx(15**2 / 90**2)
    with pytest.raises(InvalidInput):
        counting.log_counted(garden.at, tree, new_id(), TODAY, "thin", [])


def test_a_correction_counts_anew_or_keeps_what_was_known(sized, know):
    at, tree = sized
    two = [counted(know, "thumb", 2, False, False)]
    first = logbook.log_past_work(at, tree, new_id(), TODAY, "thin", cuts=two)
    share = counting.count_on(at, tree, TODAY, "thin", two).count.share
    assert (first.share, first.cuts) == (pytest.approx(share), 2)
    again = {"share": first.share, "corrects": first.id, "note": "by hand", "cuts": two}
    kept = logbook.log_past_work(at, tree, new_id(), TODAY, "thin", **again)
    assert (kept.share, kept.cuts) == (first.share, 2)
    one = [counted(know, "thumb", 1, False, False)]
    anew = logbook.log_past_work(at, tree, new_id(), TODAY, "thin", corrects=kept.id, cuts=one)
    assert (anew.share, anew.cuts) == (pytest.approx(share / 2), 1)
    assert views.tree_view(at, tree, TODAY, ("thin",)).used_share == pytest.approx(share / 2)


def test_cuts_besides_a_sheet_add_to_it_and_stay_when_it_is_corrected(garden, know):
    at, tree = garden.at, garden.tree_ids[0]
    plan = sheet_making.make_sheet(
        at, tree, new_id(), [Cut("e1", 0.0)], "thin", TODAY, garden.frame_id
    )
    line = sheets.sheet(at, plan.id).lines[0]
    sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "")
    besides = [counted(know, "finger", 2, False, False)]
    more = counting.count_on(at, tree, TODAY, "thin", besides).count.share
    version = sheets.sheet(at, plan.id).plan.version
    entry = finishing.finish(at, plan.id, version, TODAY, besides=besides)
    assert entry.share == pytest.approx(line.cost.share + more)
    assert entry.cuts == 3
    fixed = logbook.log_past_work(
        at, tree, new_id(), TODAY, "thin", entry.share, corrects=entry.id, cuts=besides
    )
    assert (fixed.share, fixed.cuts, fixed.plan_id) == (entry.share, 3, plan.id)
