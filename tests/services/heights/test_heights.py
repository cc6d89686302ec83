"""Heights of stored blocks and trees: section and sun, schools, which limb, rotations as dated work
that follow what was really done.
"""

from __future__ import annotations

import datetime as dt

import pytest
from sqlmodel import select

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frame.model import Cut, Frame, Limb, Trunk
from billhook.core.heights.section import Profile
from billhook.core.light.rows import Obstacle, Section
from billhook.services.heights import block as heights
from billhook.services.heights import rotations, section, turns
from billhook.services.heights import tree as tree_heights
from billhook.services.holding import planting, setting_up
from billhook.services.plan import finishing, proposals, sheet_making, sheets, wishes
from billhook.services.season import today
from billhook.services.season.calendar import calendar
from billhook.services.season.desk import SeasonDesk
from billhook.services.tree import framing, views
from billhook.store.database import NotFound, StaleVersion
from billhook.store.tables import FrameRow, LimbRow
from billhook.store.trees import tree_record

from ...places import TODAY, new_id
from ...refusing import refusing

LIMBS = (
    Limb("a", "trunk", 0.6, 70, 2.8, 70, 0, tip_mm=15, fruit=4),
    Limb("b", "trunk", 0.65, 70, 2.4, 55, 120, tip_mm=15, fruit=12),
    Limb("c", "trunk", 0.7, 70, 2.2, 50, 240, tip_mm=15, fruit=12),
    Limb("a1", "a", 0.8, 32, 0.9, 30, 40),
    Limb("b1", "b", 0.9, 32, 0.8, 25, 160),
    Limb("c1", "c", 0.9, 32, 0.8, 25, 280),
)


MEASURED = {x.id for x in LIMBS}


@pytest.fixture
def orchard(at):
    """Six rows of four clementines, sketched, the first of them measured."""
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    rows = [
        planting.plant(
            at, site.id, "Patamares", n, 4, "mandarin", 2014, "clementine", "carrizo", spacing_m=3
        )
        for n in range(1, 7)
    ]
    for row in rows:
        for tree in row.tree_ids:
            framing.sketch_tree(at, tree, 3.4, 2.4, 130, TODAY)
    first = rows[0].tree_ids[0]
    drawn = views.tree_view(at, first, TODAY, ("thin",)).frame.row.id
    framing.save_frame(at, first, Frame(Trunk(140, 0.9), LIMBS, 0.25), drawn, MEASURED, TODAY)
    return (
        at,
        views.tree_view(at, first, TODAY, ("thin",)).record.block.id,
        first,
        [r.row_id for r in rows],
    )


CUT = Profile(Section(2.8, 2.0, 1.4, 0.6))


def test_a_section_answers_with_sun_cost_and_rules(orchard):
    at, block, _, _ = orchard
    view = heights.block_heights(at, block)
    assert (len(view.rows), view.trees, view.measured) == (6, 24, 24)
    found = section.section_view(at, block, section.SectionAsk(CUT))
    assert min(found.cut_walls[0].sun_hours) >= min(
        found.walls[0].sun_hours
    )  # lower rows let more sun to the foot
    assert found.cost.volume_share > 0
    assert {r.id for r in found.rules} == {
        "twice-the-alley",
        "share-of-spacing",
        "by-latitude",
        "leans-in",
    }
    assert all(0 < s.elevation < 90 and len(s.lit_from) == 2 for s in found.steps)
    assert len(found.year) == 12
    assert max(max(m) for m in found.year) > min(min(m) for m in found.year)
    hill = section.section_view(
        at, block, section.SectionAsk(CUT, obstacles=(Obstacle(90, 30, 80, 40),))
    )
    assert sum(hill.cut_walls[0].sun_hours) + sum(hill.cut_walls[1].sun_hours) < sum(
        found.cut_walls[0].sun_hours
    ) + sum(found.cut_walls[1].sun_hours)
    with refusing(InvalidInput, "no alley"):
        section.section_view(at, block, section.SectionAsk(Profile(Section(2.8, 20, 1.4, 0.6))))


def test_schools_side_by_side_name_the_rows(orchard):
    at, block, _, _ = orchard
    rows, nothing = heights.schools_over_years(
        at, block, ["third-of-rows", "do-nothing"], 6, {}, None
    )
    assert sorted(r for y in rows.rows_cut[:3] for r in y) == [1, 2, 3, 4, 5, 6]
    assert rows.mean_crop < nothing.mean_crop
    assert rows.mean_hours > nothing.mean_hours == 0
    own = heights.schools_over_years(at, block, ["third-of-rows"], 6, {"recovery": (0.9,)}, None)[0]
    machine = heights.schools_over_years(at, block, ["third-of-rows"], 6, {}, None, True)[0]
    assert machine.mean_hours < rows.mean_hours
    assert own.mean_crop > rows.mean_crop  # the grower's own curve counts
    with refusing(InvalidInput, "is none of"):
        heights.schools_over_years(at, block, ["coppice"], 6, {}, None)


def test_a_rotation_becomes_dated_work_in_its_windows(orchard):
    at, block, _, rows = orchard
    rid = new_id()
    for _ in range(2):  # the same id twice adopts once
        rotations.adopt(at, rid, "block", block, "third-of-rows", 1.5, 2.3, 6)
    found = rotations.view(at, "block", block)[0]
    assert found.rotation.school == "third-of-rows"
    down = [t for t in found.tasks if "whole row" in t.does]
    assert {t.scope_id for t in down[:6]} <= set(rows)
    per_row = {row: [t.due.year for t in down if t.scope_id == row] for row in rows}
    assert all(len(years) == 2 for years in per_row.values())  # each row twice in six years
    assert all(t.due >= TODAY for t in found.tasks)
    assert b"Patamares\\, row 1" in calendar(at).replace(b"\r\n ", b"")
    near = min(t.due for t in found.tasks)
    view = today.fortnight(at, near)
    item = next(i for i in view.items if i.task is not None and i.task.rotation_id == rid)
    assert len(item.trees) == 4  # the whole row is one piece of work


def test_changing_the_school_midway_keeps_the_history(orchard):
    at, block, _, _ = orchard
    first = rotations.adopt(at, new_id(), "block", block, "third-of-tree", 1.5, 2.3, 4)
    done = rotations.view(at, "block", block)[0].tasks[0]
    with at.store.writing() as session:
        task = session.get(type(done), done.id)
        task.state = "done"
        session.add(task)
    rotations.adopt(at, new_id(), "block", block, "limb-replacement", 1.5, 2.3, 4)
    new, old = rotations.view(at, "block", block)
    assert (new.rotation.ended_on, old.rotation.id, old.rotation.ended_on) == (
        None,
        first.id,
        TODAY,
    )
    assert [t.state for t in old.tasks].count("done") == 1
    assert not [t for t in old.tasks if t.state == "open"]
    with pytest.raises(StaleVersion):
        rotations.give_up(at, new.rotation.id, 99)
    rotations.give_up(at, new.rotation.id, new.rotation.version)
    assert rotations.view(at, "block", block)[0].rotation.ended_on == TODAY


def test_each_year_starts_from_what_was_really_done(orchard):
    at, _, tree, _ = orchard
    rotations.adopt(at, new_id(), "tree", tree, "limb-replacement", 1.5, 2.3, 3)
    before = rotations.view(at, "tree", tree)[0].tasks
    assert before[0].does.startswith(
        "Lower the north limb"
    )  # the most upright, with the least fruit
    view = views.tree_view(at, tree, TODAY, ("height",))
    plan = sheet_making.make_sheet(
        at, tree, new_id(), [Cut("a", 0.85)], "height", TODAY, view.frame.row.id
    )
    line = sheets.sheet(at, plan.id).lines[0]
    sheets.tick(at, plan.id, line.cut.id, new_id(), True, TODAY, None, "")
    finishing.finish(at, plan.id, plan.version, TODAY)
    after = rotations.view(at, "tree", tree)[0].tasks
    named = proposals.plan_for(at, tree, wishes.Wish("renew", TODAY, limit=0.5))
    assert any(
        p.named for p in (*named.proposal.cuts, *(x.proposed for x in named.proposal.left))
    )  # the plan knows whose turn it is
    assert len(after) == len(before)
    assert not after[0].does.startswith("Lower the north limb")
    assert turns.ranked(at, tree)[-1].limb == "a"  # it was cut this year, so its turn is last


def test_a_shape_is_laid_over_a_tree_that_was_only_sketched(garden):
    tree = garden.tree_ids[3]
    framing.sketch_tree(garden.at, tree, 3.0, 2.6, 90, TODAY)
    found = tree_heights.envelope_of(garden.at, tree, "round")
    assert 2.0 < found.outline.top_m <= 3.0


def test_a_shape_is_laid_over_a_stored_tree(orchard):
    at, _, tree, _ = orchard
    found = tree_heights.envelope_of(at, tree, "pyramid", 2.4, 1.4)
    assert found.breaks[0][1].beyond_m >= found.breaks[-1][1].beyond_m > 0
    assert found.edge[0][1] > found.edge[-1][1] == pytest.approx(0, abs=1e-9)
    with pytest.raises(NotFound):
        tree_heights.envelope_of(at, "nobody", "round")


def test_a_tree_grows_on_paper_as_its_school_says(orchard):
    at, _, tree, _ = orchard
    found = tree_heights.grown_tree(at, tree, "third-of-tree", 4)
    for season, view, name in found.seasons:
        assert view.size.height_m == pytest.approx(season.height_m, abs=0.02)
        assert said(name).endswith("limb")
    assert len({s.cut for s, _, _ in found.seasons[:3]}) == 3  # each sector once
    assert found.seasons[0][1].row.origin == "simulated"


def test_schools_side_by_side_for_one_tree(orchard):
    at, _, tree, _ = orchard
    cap, (thirds, nothing) = tree_heights.schools_of_tree(
        at, tree, ["third-of-tree", "do-nothing"], 6, {}, 2.4
    )
    assert cap == 2.4
    assert thirds.height_m[-1] < nothing.height_m[-1]
    assert thirds.mean_crop < nothing.mean_crop
    assert said(thirds.reasons[0])


def test_two_trees_shade_each_other_and_the_taller_is_lowered(at):
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    pair = planting.plant(
        at, site.id, "Casa", 1, 2, "mandarin", 2014, None, "carrizo", spacing_m=2.2
    ).tree_ids
    for tree, height in zip(pair, (5.2, 2.2), strict=True):
        framing.sketch_tree(at, tree, height, 2.6, 120, TODAY)
    _, found, note = tree_heights.shade_of(at, pair[0], dt.date(2027, 6, 21))
    assert len(found) == 2
    low = next(s for s in found if s.lost == max(x.lost for x in found))
    assert low.lost > 0.25
    assert (
        low.by == views.tree_view(at, pair[0], TODAY, ("thin",)).record.name
    )  # the taller shades the lower
    assert note
    alone = planting.plant(at, site.id, "Alto", 1, 1, "avocado", 2014, None, None).tree_ids[0]
    framing.sketch_tree(at, alone, 4, 4, 150, TODAY)
    assert tree_heights.shade_of(at, alone)[1] == []


def test_nothing_is_planned_without_a_size(at):
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    row = planting.plant(at, site.id, "Novo", 1, 3, "mango", 2024, None, None)
    block = views.tree_view(at, row.tree_ids[0], TODAY, ("thin",)).record.block.id
    with at.store.writing() as session:
        for frame in session.exec(select(FrameRow)).all():
            for limb in session.exec(select(LimbRow).where(LimbRow.frame_id == frame.id)).all():
                session.delete(limb)
            session.delete(frame)
    with refusing(InvalidInput, "size"):
        heights.block_heights(at, block)


def test_a_rotation_is_laid_out_on_days_that_the_season_opens(at):
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    row = planting.plant(at, site.id, "Patamares", 1, 3, "mango", 2014, None, "seedling")
    made = rotations.adopt(at, new_id(), "row", row.row_id, "third-of-tree", 1.5, 2.3, 3)
    tasks = rotations.one(at, made.id).tasks
    assert [t.due.year for t in tasks] == [2027, 2028, 2029]
    with at.store.reading() as session:
        for task in tasks:
            found = SeasonDesk(session, at, task.due).verdict(
                tree_record(session, row.tree_ids[0]), "renewal", with_forecast=False
            )
            assert (found.status, found.max_share) == ("go", pytest.approx(0.33)), task.due


def test_hand_or_machine_decides_which_way_is_offered_first(orchard):
    at, block, _, _ = orchard
    names = ["do-nothing", "third-of-tree", "third-of-rows"]

    def order(by_machine):
        found = heights.schools_over_years(at, block, names, 4, {}, None, by_machine)
        return [c.school for c in found]

    assert order(False) == ["third-of-tree", "third-of-rows", "do-nothing"]
    assert order(True) == ["third-of-rows", "third-of-tree", "do-nothing"]


def test_the_low_trees_of_a_row_are_only_tipped(orchard):
    """A block sorted by height: the hard cut is for the tall ones."""
    at, block, first, rows = orchard
    site = views.tree_view(at, first, TODAY, ("thin",)).record.site
    added = planting.plant(at, site.id, "Patamares", 7, 2, "mandarin", 2023, "clementine")
    for tree, height in zip(added.tree_ids, (2.1, 3.4), strict=True):
        framing.sketch_tree(at, tree, height, 1.8, 80, TODAY)
    rotations.adopt(at, new_id(), "block", block, "third-of-tree", 1.5, 2.3, 2)
    said_of = {t.scope_id: t.does for t in rotations.view(at, "block", block)[0].tasks}
    assert "No higher than 2.30 m, only tipped: Patamares 7·1." in said_of[added.row_id]
    assert all("only tipped" not in said_of[r] for r in rows[1:])
