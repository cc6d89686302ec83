"""After frost on stored trees: the night with its pockets, scratches that find their boundary, and
what follows.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.frost.classes import CLASSES
from billhook.services.frost import looking
from billhook.services.frost import night as frost_night
from billhook.services.frost import tree as frost_tree
from billhook.services.holding import planting, setting_up
from billhook.services.tree import observing, views
from billhook.store.database import NotFound

from ...places import TODAY, new_id
from ...refusing import refusing

NIGHT = dt.date(2027, 1, 19)


def test_a_night_hurts_the_pocket_first(garden):
    at = garden.at
    block = views.tree_view(at, garden.tree_ids[0], TODAY, ("thin",)).record.block
    setting_up.describe_block(at, block.id, None, -2.0, True)
    higher = planting.plant(
        at, garden.site.id, "Alto", 1, 3, "mandarin", 2014, "clementine", "carrizo"
    )
    found = frost_night.night(at, garden.site.id, NIGHT, -4.0, 4)
    low, high = (next(b for b in found.blocks if b.name == n) for n in ("Baixo", "Alto"))
    assert low.at_c == pytest.approx(-6.0)
    assert max(map(CLASSES.index, low.classes)) > max(map(CLASSES.index, high.classes))
    assert [CLASSES.index(t.damage.worst) for t in found.trees] == sorted(
        (CLASSES.index(t.damage.worst) for t in found.trees), reverse=True
    )
    assert found.saved == 0
    saved = frost_night.night(at, garden.site.id, NIGHT, -4.0, 4, save=True)
    assert saved.saved == len([t for t in saved.trees if t.damage.worst != "F0"])
    assert {t for t, *_ in frost_tree.hurt_trees(at, garden.site.id)} >= set(garden.tree_ids)
    assert not {t for t, *_ in frost_tree.hurt_trees(at, garden.site.id)} & {
        garden.pot_id
    }  # it winters under cover
    assert higher.tree_ids
    with refusing(InvalidInput, "ahead"):
        frost_night.night(at, garden.site.id, TODAY + dt.timedelta(days=3), -3, 4)


def test_scratches_find_the_edge_on_a_limb_and_are_told_when_to_cut(drawn):
    at, tree = drawn
    assert frost_tree.after_frost(at, tree) is None
    observing.observe(at, "tree", tree, "freeze_class", "F4", NIGHT)
    first = frost_tree.after_frost(at, tree)
    assert (first.frost_class, first.verdict.verdict, first.verdict.may_cut) == (
        "F4",
        "wait",
        False,
    )
    limb = next(x for x in first.limbs if x.limb == "e")
    edge, count = 0.55 * limb.length_m, 0
    while limb.found.next_at_m is not None:
        looking.scratch(at, tree, new_id(), "e", limb.found.next_at_m, limb.found.next_at_m < edge)
        limb = next(x for x in frost_tree.after_frost(at, tree).limbs if x.limb == "e")
        count += 1
        assert count < 8
    assert limb.found.boundary[0] <= edge <= limb.found.boundary[1]
    assert limb.found.cut_at_m is None  # before the judging day it is a record
    assert "too early" in said(limb.found.says)
    after = frost_tree.after_frost(at, tree)
    assert after.verdict.provisional  # green this early proves nothing
    assert 0 < after.dead_share < 1
    assert after.feed.water == pytest.approx(1 - after.dead_share)


def test_a_second_test_says_how_far_dieback_moved(drawn):
    at, tree = drawn
    observing.observe(at, "tree", tree, "freeze_class", "F4", NIGHT)
    for day, edge in ((NIGHT + dt.timedelta(days=30), 0.8), (NIGHT + dt.timedelta(days=60), 0.5)):
        for place in (0.2, 0.45, 0.75, 0.85):
            looking.scratch(at, tree, new_id(), "e", place, place < edge, day)
    limb = next(x for x in frost_tree.after_frost(at, tree).limbs if x.limb == "e")
    assert limb.moved_m == pytest.approx(0.3)  # 0.75 was green, now 0.45 is the last
    assert not any(r.green and r.at_m > 0.5 for r in limb.readings)


def test_what_cannot_be_scratched_is_refused(drawn):
    at, tree = drawn
    with refusing(InvalidInput, "not on the drawing"):
        looking.scratch(at, tree, new_id(), "nobody", 0.1, True)
    with refusing(InvalidInput, "between 0 and"):
        looking.scratch(at, tree, new_id(), "e", 9.0, True)
    same = new_id()
    assert (
        looking.scratch(at, tree, same, "e", 0.3, True).id
        == looking.scratch(at, tree, same, "e", 0.3, True).id
    )
    with pytest.raises(NotFound):
        frost_tree.after_frost(at, "nobody")


def test_a_scratch_in_the_first_weeks_is_answered_with_the_day_to_look_again(drawn):
    at, tree = drawn
    night = TODAY - dt.timedelta(days=9)
    observing.observe(at, "tree", tree, "freeze_class", "F4", night)
    with refusing(InvalidInput, "look again on 5 Apr 2027"):
        looking.scratch(at, tree, new_id(), "e", 0.5, True)
    found = frost_tree.after_frost(at, tree)
    assert found.scratch_from == night + dt.timedelta(days=21)
    assert found.verdict.verdict == "wait"


def test_only_the_rootstock_alive_never_says_recovered(drawn):
    at, tree = drawn
    night = dt.date(2026, 1, 19)
    observing.observe(at, "tree", tree, "freeze_class", "F6", night)
    observing.observe(at, "tree", tree, "frost_above", "no", TODAY)
    observing.observe(at, "tree", tree, "frost_below", "yes", TODAY)
    found = frost_tree.after_frost(at, tree)
    assert found.verdict.verdict == "rootstock-only"
    assert not found.verdict.may_cut
    assert found.recovery.advice == "replant"
