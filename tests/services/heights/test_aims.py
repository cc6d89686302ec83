"""How high a tree is wanted: the nearest word wins, nobody's height is invented, and the stairs
down keep to the days.
"""

from __future__ import annotations

import datetime as dt

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.heights import aims, down, turns
from billhook.services.holding import find, grove, planting, setting_up
from billhook.services.plan import proposals
from billhook.services.plan.wishes import Wish
from billhook.services.season import needs
from billhook.services.tree import observing, views

from ...places import TODAY, empty_workplace


@pytest.fixture
def tall(garden):
    like = planting.Like(height_m=4.572, spread_m=4.267, trunk_mm=203)
    made = planting.plant(garden.at, garden.site.id, "Old", 1, 2, "key-lime", 2010, like=like)
    return garden.at, made.tree_ids


def test_the_nearest_word_wins(tall):
    at, (one, other) = tall
    assert aims.aim_of(at, one).height_m is None
    aims.say_aim(at, one, "holding", 4.0)
    aims.say_aim(at, one, "block", 3.5)
    aims.say_aim(at, one, "tree", 3.0, 2.5)
    mine, its = aims.aim_of(at, one), aims.aim_of(at, other)
    assert (mine.height_m, mine.width_m, mine.said_by) == (3.0, 2.5, "tree")
    assert (its.height_m, its.width_m, its.said_by) == (3.5, None, "block")
    aims.say_aim(at, one, "tree", None)
    assert aims.aim_of(at, one).height_m == 3.5  # taken back
    assert views.tree_view(at, one, TODAY, ("thin",)).record.cap_m == 3.5


def test_so_much_off_the_top(tall):
    at, (one, _) = tall
    assert aims.say_aim(at, one, "tree", None, off_top_m=1.0).height_m == pytest.approx(
        3.57, abs=0.05
    )
    for scope, height in (("grove", 3.0), ("tree", 0.1)):
        with pytest.raises(InvalidInput):
            aims.say_aim(at, one, scope, height)


def test_nobody_s_height_is_a_finding(drawn):
    """A drawn tree of which nobody said how high it is wanted has no limb over its height."""
    at, tree = drawn
    looks = {c.look for c in proposals.plan_for(at, tree, Wish("tidy", TODAY)).proposal.cuts}
    assert "height" not in looks
    lowered = proposals.plan_for(at, tree, Wish("lower", TODAY, limit=0.5)).proposal
    assert lowered.cuts or lowered.left  # lowering that is asked for still has an answer


def test_the_stairs_keep_to_the_days(tall):
    at, (one, _) = tall
    assert down.stairs_of(at, one) is None
    aims.say_aim(at, one, "tree", 3.05)
    found = down.stairs_of(at, one)
    assert found.visits
    assert [v.day for v in found.visits] == sorted({v.day for v in found.visits})
    assert all(v.day >= TODAY and v.to_m >= 3.05 - 1e-9 for v in found.visits)
    lowest = min(v.to_m for v in found.visits)
    assert found.reached == (lowest <= 3.05 + 1e-6)
    assert down.stairs_of(at, one, 6.0).reasons[0].code == "low-enough"


def test_the_stairs_begin_on_the_day_that_the_tree_s_page_opens(tmp_path):
    """An avocado in the lowland tropics in November, at a tenth of a crop; none from August on. A
    page that says go and one that begins next year would contradict each other.
    """
    day = dt.date(2026, 11, 10)
    at = empty_workplace(tmp_path, day)
    site = setting_up.set_up(at, "Cay", "Cay", 25.8, "tropical-lowland")
    like = planting.Like(height_m=6.5, spread_m=5.5, trunk_mm=260)
    (tree,) = planting.plant(at, site.id, "Old", 1, 1, "avocado", 2012, like=like).tree_ids
    aims.say_aim(at, tree, "tree", 4.5)
    (verdict,) = views.tree_view(at, tree, day, ("height",)).verdicts
    assert verdict.status == "go"
    assert verdict.price > 0.03
    found = down.stairs_of(at, tree)
    assert found.visits[0].day == day


def test_a_tree_of_which_only_the_height_is_known_is_lowered_on_every_page(tmp_path):
    """Said in the first minutes: how tall, and how tall it is wanted. No trunk, no drawing."""
    day = dt.date(2026, 11, 29)
    at = empty_workplace(tmp_path, day)
    site = setting_up.set_up(at, "Garden", "Garden", 32.7, "dry-cool-coast")
    like = planting.Like(height_m=5.5)
    (tree,) = planting.plant(at, site.id, "Garden", 1, 1, "mango", 2006, like=like).tree_ids
    aims.say_aim(at, tree, "tree", 3.0)
    view = views.tree_view(at, tree, day)
    assert view.main_work == "height"
    assert "height" in [n.work for n in needs.needs(at, tree, day)]
    (shown,) = grove.grove(at, day).trees
    assert (shown.size.height_m, shown.need.kind) == (5.5, "height")
    assert [r.tree.id for r in find.find(at, "over the wanted height")] == [tree]
    visits = down.stairs_of(at, tree).visits
    assert visits[0].to_m < 5.5
    # which trunk is taken for it hardly matters
    known = []
    for trunk in (110, 250):
        observing.observe(at, "tree", tree, "trunk_mm", str(trunk), day)
        known.append(down.stairs_of(at, tree).visits[0].to_m)
    assert known == pytest.approx([visits[0].to_m] * 2, abs=0.15)


def test_many_are_wanted_at_one_height_and_as_wide_as_before(tall):
    at, (one, other) = tall
    aims.say_aim(at, one, "tree", 3.0, 2.5)
    assert aims.say_aims(at, [one, other, one], 2.8) == 2
    mine, its = aims.aim_of(at, one), aims.aim_of(at, other)
    assert (mine.height_m, mine.width_m) == (2.8, 2.5)
    assert (its.height_m, its.width_m, its.said_by) == (2.8, None, "tree")
    with pytest.raises(InvalidInput):
        aims.say_aims(at, [one], 0.1)


def test_an_aim_says_how_high_the_tree_comes_and_what_rows_leave_light_for(garden):
    at, tree = garden.at, garden.tree_ids[0]
    found = aims.aim_of(at, tree)
    assert found.full.used["least, m"] < found.full.used["most, m"]
    assert "no topping" not in said(found.full)
    above = aims.say_aim(at, tree, "tree", found.full.used["most, m"] + 0.5)
    assert "it needs no topping" in said(above.full)
    assert not any("between rows" in said(p.says) for p in found.picks)  # one row alone
    planting.plant(at, garden.site.id, "Baixo", 2, 4, "mandarin", 2014)
    (by_rows,) = [p for p in aims.aim_of(at, tree).picks if "between rows" in said(p.says)]
    assert by_rows.height_m > 2


def test_renewal_begins_with_the_pick_and_dead_wood(drawn):
    at, tree = drawn
    first, *others = turns.ranked(at, tree)
    assert first.reasons[-1].code == "renewal-first"
    assert all("renewal-first" not in [r.code for r in o.reasons] for o in others)


def test_fruit_that_hangs_ripe_for_weeks_lifts_the_reach(garden):
    """Common practice: what must be picked within weeks is kept within hand and pole."""
    at, site = garden.at, garden.site.id
    avocado = planting.plant(at, site, "Alto", 1, 1, "avocado", 2014).tree_ids[0]
    lychee = planting.plant(at, site, "Alto", 2, 1, "lychee", 2014).tree_ids[0]

    def rounds(tree):
        return [p.height_m for p in aims.aim_of(at, tree).picks if "in rounds" in said(p.says)]

    ground = aims.aim_of(at, avocado).picks[0].height_m
    assert rounds(avocado) == [pytest.approx(ground + 1.2)]
    assert rounds(lychee) == []
