"""What a plan, its stages and a rotation lay on a day is allowed on that day, over the whole demo
holding and the whole year.
"""

from __future__ import annotations

import datetime as dt
from collections.abc import Iterator
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said as worded
from billhook.core.heights.ways import way
from billhook.services.frost.tree import after_frost, hurt_trees
from billhook.services.heights import rotation_work, rotations
from billhook.services.holding.grove import grove
from billhook.services.plan import counted, proposals
from billhook.services.plan.wishes import Wish
from billhook.services.season.desk import SeasonDesk
from billhook.services.season.today import fortnight
from billhook.services.tree.views import tree_view
from billhook.services.workplace import open_workplace
from billhook.store import places
from billhook.store import rotations as kept
from billhook.store.trees import tree_record

from ..places import new_id
from .conftest import DAY

DATES = [DAY + dt.timedelta(days=30 * n) for n in range(12)]
GOALS = ("tidy", "lower", "renew", "skeleton")


def typical(view, nth: int, drawn: bool = False) -> Iterator[str]:
    """One tree of each kind that has an outline, another one each time. drawn: whose limbs were
    measured.
    """
    kinds: dict[str, list[str]] = {}
    for tree in view.trees:
        if tree.measured if drawn else tree.origin is not None:
            kinds.setdefault(tree.record.tree.species, []).append(tree.record.tree.id)
    for ids in kinds.values():
        yield ids[(nth * 7) % len(ids)]


@pytest.mark.parametrize("nth", range(12))
def test_a_plan_proposes_only_what_its_day_allows(demo, nth):
    day, checked = DATES[nth], 0
    for k, tree_id in enumerate(typical(grove(demo, DAY), nth, drawn=True)):
        found = proposals.plan_for(demo, tree_id, Wish(GOALS[(nth + k) % len(GOALS)], day))
        with demo.store.reading() as session:
            record = tree_record(session, tree_id)

            def allowed(cuts, on, record=record, session=session) -> None:
                desk = SeasonDesk(session, demo, on)
                for cut in cuts:
                    verdict = desk.verdict(record, cut.work)
                    assert verdict.status in ("go", "light") or cut.share == 0, (
                        record.name,
                        cut.work,
                        on,
                        worded(verdict.sentence),
                    )

            allowed(found.proposal.cuts, found.day)
            if found.proposal.cuts and not found.proposal.over_limit:
                most = SeasonDesk(session, demo, found.day).verdict(record, found.work).max_share
                assert most is None or found.proposal.share <= most + 1e-6, (record.name, found.day)
            assert (found.not_today is None) == (found.day == day)
            for stage in found.stages:
                if stage.day > found.day and not stage.over:
                    allowed(stage.cuts, stage.day)
                    checked += 1
    assert checked or nth


@pytest.mark.parametrize("nth", range(0, 12, 3))
def test_a_recipe_takes_only_what_its_day_allows(demo, nth):
    day = DATES[nth]
    for k, tree_id in enumerate(typical(grove(demo, DAY), nth)):
        found = counted.recipe_for(demo, tree_id, day, GOALS[(nth + k) % 3])
        most = found.verdict.max_share or 0.0
        limit = most if found.verdict.status in ("go", "light") else 0.0
        assert found.recipe.share <= limit + 1e-9, (found.name, day)


def test_a_rotation_lies_on_days_that_are_open(demo):
    for nth, tree_id in enumerate(typical(grove(demo, DAY), 3)):
        school = ("third-of-tree", "limb-replacement", "tip-only", "all-at-once")[nth % 4]
        low, tip = rotations.levels(demo, tree_id)
        with demo.store.reading() as session:
            record = tree_record(session, tree_id)
            days = rotation_work.days_by_year(demo, session, record, school, DAY.year, 4)
            if not days:
                assert record.tree.pot_l is not None or DAY.year - record.tree.planted_year < 5, (
                    record.name
                )
                continue
        made = rotations.adopt(demo, new_id(), "tree", tree_id, school, low, tip, 4)
        with demo.store.reading() as session:
            for task in kept.tasks_of(session, made.id):
                found = SeasonDesk(session, demo, task.due).verdict(
                    tree_record(session, tree_id), way(demo.know, school).work
                )
                assert found.status == "go", (record.name, school, task.due, found.sentence)
        rotations.give_up(demo, made.id, made.version)


def test_today_and_the_tree_page_agree(demo):
    for day in DATES[::4]:
        for item in fortnight(demo, day).items:
            if (
                item.kind != "work"
                or item.work in ("sucker", "sanitation")
                or item.closed_by
                or item.opens > day
            ):
                continue
            for record in item.trees[:2]:
                said = next(
                    v for v in tree_view(demo, record.tree.id, day).verdicts if v.work == item.work
                )
                assert said.status == "go", (record.name, item.work, day, said.sentence)


def test_a_hurt_tree_hears_the_same_day_on_its_frost_page_and_its_tree_page(demo):
    checked = 0
    for day in DATES[::3]:
        at = open_workplace(replace(demo.settings, fixed_today=day))
        with at.store.reading() as session:
            site = places.sites(session)[0].id
        kinds: dict[str, str] = {}
        for tree_id, _, frost_class, _ in hurt_trees(at, site):
            if frost_class >= "F2":
                kinds.setdefault(frost_class, tree_id)
        for frost_class, tree_id in kinds.items():
            found = after_frost(at, tree_id)
            with at.store.reading() as session:
                desk = SeasonDesk(session, at, day)
                said = desk.verdict(tree_record(session, tree_id), "thin")
            held = any(r.code == "after-freeze" for r in said.reasons)
            if found.verdict.may_cut:
                assert not held, (found.name, day, said.sentence)
            elif frost_class != "F6" and found.verdict.cut_on > day:
                assert said.opens == found.verdict.cut_on, (found.name, day, said.sentence)
                checked += 1
        at.store.close()
    assert checked >= 3
