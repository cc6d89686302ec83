"""A drawing over seasons: the laws it keeps, whatever is cut, where and when; and what the trade
remembers of cut trees.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from billhook.core.errors import InvalidInput
from billhook.core.frame.check import frame_problems
from billhook.core.frame.generator import habit, sketch_frame
from billhook.core.frame.leaf import leaf_left, own_leaf
from billhook.core.frame.model import TRUNK, Cut, Frame, Limb, Trunk
from billhook.core.frame.share import frame_answer
from billhook.core.frost.damage import thresholds
from billhook.core.grow.course import rehearse, spreads
from billhook.core.grow.harm import cold_tree, year_of
from billhook.core.grow.model import Asked, DatedCut, FrostNight
from billhook.core.heights.renewal import School, course
from billhook.core.heights.standing import natural_height
from billhook.core.light.inner import lower_light
from billhook.core.season.by_crop import price_by_crop
from billhook.core.season.events import growing_year_of
from billhook.core.season.model import TreeState
from billhook.core.season.season import season

from ..frames import frames
from ..sites import CLIMATES, KINDS, place

DAY = dt.date(2027, 3, 18)
MANDARIN = TreeState("mandarin", 2012)
kinds = st.sampled_from(KINDS)
seeds = st.integers(0, 10_000)


@pytest.fixture(scope="session")
def coast(know):
    return place(know, "mediterranean-coast")


def sketch(know, seed=5, height=3.0) -> Frame:
    return sketch_frame(height, 2.8, 110, habit(know, "rounded"), seed, 0.25)


def asked(site, frame, cuts=(), seasons=5, tree=MANDARIN, **more) -> Asked:
    return Asked(site, tree, frame, tuple(cuts), seasons, DAY, **more)


def cuts_of(frame: Frame, draw, day) -> list[DatedCut]:
    """A few cuts, some at the collar, some along the limb."""
    limbs = draw(
        st.lists(st.sampled_from([x.id for x in frame.limbs]), min_size=1, max_size=4, unique=True)
    )
    parts = draw(st.lists(st.sampled_from([0.0, 0.3, 0.6, 0.9]), min_size=4, max_size=4))
    return [
        DatedCut(limb, part * frame.limb(limb).length_m, day)
        for limb, part in zip(limbs, parts, strict=False)
    ]


def one_limb(base_mm: float = 40.0, heir_mm: float = 20.0) -> Frame:
    """A limb with a side branch at a metre, beside one that stays; what goes at 1.0 m is the
    same whether it is cut to the side branch or, without one, headed.
    """
    limbs = [
        Limb("a", TRUNK, 0.6, base_mm, 2.0, 60, 90, 8),
        Limb("b", TRUNK, 0.7, 60, 2.4, 75, 270, 8),
    ]
    if heir_mm:
        limbs.append(Limb("a1", "a", 0.99, heir_mm, 0.8, 40, 120, 6))
    return Frame(Trunk(90, 0.8), tuple(limbs), 0.25)


@settings(max_examples=60)
@given(data=st.data(), climate=st.sampled_from(CLIMATES), kind=kinds, seed=seeds)
def test_the_uncut_tree_is_never_lower_and_every_drawing_is_a_tree(know, data, climate, kind, seed):
    frame = sketch(know, seed % 50)
    cuts = cuts_of(frame, data.draw, DAY)
    tree = TreeState(kind[0], 2012, kind[1])
    found = rehearse(know, asked(place(know, climate), frame, cuts, tree=tree, seed=seed))
    for yours, twin in zip(found.seasons, found.twin, strict=True):
        assert yours.height_m <= twin.height_m + 1e-6
        assert 0 <= yours.light_inside <= 1
        assert yours.crop >= 0
        assert frame_problems(yours.frame) == []
    again = rehearse(know, asked(place(know, climate), frame, cuts, tree=tree, seed=seed))
    assert again == found


@settings(max_examples=40)
@given(frame=frames(), seed=seeds)
def test_any_drawing_grows_to_well_formed_drawings(know, coast, frame, seed):
    for found in rehearse(know, asked(coast, frame, seed=seed)).seasons:
        assert frame_problems(found.frame) == []
        assert found.leaf_share >= 0


@given(seed=seeds)
def test_heading_wakes_more_shoots_than_a_cut_to_a_side_branch(know, coast, seed):
    cut = [DatedCut("a", 1.0, DAY)]
    headed = rehearse(know, asked(coast, one_limb(heir_mm=0), cut, 2, seed=seed))
    thinned = rehearse(know, asked(coast, one_limb(), cut, 2, seed=seed))
    # remembered of the trade: heading gives several shoots from the last buds, thinning few
    assert 3 <= headed.seasons[1].sprouts <= 5
    assert thinned.seasons[1].sprouts <= 1
    assert [e.kind for e in thinned.seasons[1].events][:1] == ["to-side-branch"]
    weak = rehearse(know, asked(coast, one_limb(heir_mm=7), cut, 2, seed=seed))
    assert weak.seasons[1].sprouts >= 3  # under a third of the cut nothing takes over


def test_vigour_follows_severity(know, coast):
    frame = replace(one_limb(heir_mm=0), trunk=Trunk(90, 0.8))

    def longest(keep_m):
        found = rehearse(know, asked(coast, frame, [DatedCut("a", keep_m, DAY)], 2)).seasons[1]
        return max(x.length_m for x in found.frame.limbs if x.kind == "regrowth")

    assert longest(0.4) > 1.3 * longest(1.9)


@given(climate=st.sampled_from(CLIMATES), seed=st.integers(0, 40), part=st.floats(0.1, 0.9))
def test_the_first_season_is_what_the_frame_says(know, wood, climate, seed, part):
    frame = sketch(know, seed)
    keep = part * frame.limb("s1").length_m
    cuts = [Cut("s1", keep), Cut("s3b", 0.0)]
    dated = [DatedCut(c.limb, c.keep_m, DAY) for c in cuts]
    found = rehearse(know, asked(place(know, climate), frame, dated, 1)).seasons[0]
    answer = frame_answer(frame, cuts, wood)
    assert found.leaf_share == pytest.approx(1 - answer.canopy_share_removed)
    assert found.height_m == pytest.approx(answer.after.height_m)
    own = own_leaf(frame, 2.0)
    assert sum(leaf_left(frame, own, cuts, 2.0).values()) == pytest.approx(
        sum(own.values()) * (1 - answer.canopy_share_removed)
    )
    light = lower_light(know, "mandarin", "citrus", frame, cuts)
    assert found.light_inside == pytest.approx(light.after)  # the same law as Heights


def test_the_crop_of_the_first_season_is_the_price_of_the_day(know, coast):
    frame = sketch(know)
    day = dt.date(2027, 5, 20)  # fruit hangs
    answer = season(coast, MANDARIN, know, day, day, ("thin",))
    share = frame_answer(frame, [Cut("s1a", 0.0)], _wood(know)).canopy_share_removed
    found = rehearse(know, asked(coast, frame, [DatedCut("s1a", 0.0, day)], 1)).seasons[0]
    assert answer.prices["thin"][0] == pytest.approx(1.2)
    assert found.crop == pytest.approx(1 - 1.2 * share)


def _wood(know):
    from billhook.core.frame.wood import wood_parameters

    return wood_parameters(know)


@settings(max_examples=500)
@given(
    climate=st.sampled_from(CLIMATES),
    kind=kinds,
    days=st.tuples(st.integers(0, 364), st.integers(0, 364)),
    seed=st.integers(0, 30),
)
def test_where_a_day_is_dearer_the_tree_bears_less(know, climate, kind, days, seed):
    site, tree = place(know, climate), TreeState(kind[0], 2008, kind[1])
    start, end = growing_year_of(site, DAY)
    frame = sketch(know, seed % 9)
    limb = frame.limb("s2b")
    two = [start + dt.timedelta(days=min(d, (end - start).days)) for d in days]
    prices = []
    for d in two:
        rows = price_by_crop(site, tree, know, d, "thin", {}, {}, {})
        whole = float(season(site, tree, know, d, d, ("thin",)).prices["thin"][0])
        assert sum(rows.values()) == pytest.approx(whole)
        # fruit that still hangs from the year before is no crop of these seasons
        prices.append(sum(p for crop, p in rows.items() if crop >= start))
    crops = [
        sum(
            s.crop
            for s in rehearse(
                know, asked(site, frame, [DatedCut(limb.id, 0.0, d)], 4, tree=tree, seed=seed)
            ).seasons
        )
        for d in two
    ]
    if prices[0] > prices[1] + 1e-9:
        assert crops[0] < crops[1]
    elif prices[0] < prices[1] - 1e-9:
        assert crops[0] > crops[1]


def test_heights_follow_the_recurrence_of_renewal(know, coast):
    frame = sketch(know)
    natural = natural_height(know, "mandarin", 3.0)
    vigour = 3
    gain = know.by_vigour("renewal/gain-tipped", vigour)
    tree = replace(MANDARIN, vigour=vigour)
    middle = spreads(know, asked(coast, frame, seasons=6, tree=tree))
    alone = course(School("nothing", 1, regrow_m=gain, natural_m=natural, tips=False), 3.0, 5).years
    for grown, line in zip(middle[1:], alone, strict=True):
        assert grown["twin_height_m"].mean == pytest.approx(line.height_m, abs=0.2)
        assert grown["twin_height_m"].low <= line.height_m <= grown["twin_height_m"].high + 0.2
    lowered = know.by_vigour("renewal/gain-lowered", vigour)
    cuts = [DatedCut(f"s{i}", 0.4, DAY) for i in range(1, 6)]
    down = spreads(know, asked(coast, frame, cuts, 2, tree=tree))
    assert down[1]["height_m"].mean == pytest.approx(down[0]["height_m"].mean + lowered, abs=0.3)


def test_what_the_trade_remembers_of_hard_cuts(know, coast):
    """From memory: a citrus skeleton bears nothing in its first season and is near full from the
    third; a third a year keeps about two thirds of a crop at first.
    """
    frame = sketch(know)
    all_down = [DatedCut(f"s{i}", 0.3, DAY) for i in range(1, 6)]
    found = spreads(know, asked(coast, frame, all_down, 4))
    crops = [s["crop"].mean / s["twin_crop"].mean for s in found]
    assert crops[0] < 0.1
    assert 0.4 < crops[1] < 0.8
    assert crops[2] > 0.85
    third = [DatedCut(f"s{i}", 0.3, DAY) for i in (1, 2)]
    taken = 1 - rehearse(know, asked(coast, frame, third, 1)).seasons[0].leaf_share
    first = spreads(know, asked(coast, frame, third, 1))[0]["crop"].mean
    assert taken == pytest.approx(1 / 3, abs=0.1)
    assert first == pytest.approx(2 / 3, abs=0.1)


def test_an_avocado_headed_on_all_its_mains_bears_little_for_three_seasons(know, coast):
    """From memory: nothing in the first, hardly any in the second, a third in the third."""
    tree = replace(MANDARIN, species="avocado")
    all_down = [DatedCut(f"s{i}", 0.3, DAY) for i in range(1, 6)]
    found = spreads(know, asked(coast, sketch(know), all_down, 5, tree=tree))
    crops = [s["crop"].mean / s["twin_crop"].mean for s in found]
    assert crops[0] < 0.15
    assert crops[1] < 0.25
    assert 0.2 < crops[2] < 0.5
    assert crops[4] > 0.8
    late = [replace(c, day=DAY.replace(month=10)) for c in all_down]
    assert rehearse(know, asked(coast, sketch(know), late, 1, tree=tree)).seasons[0].crop < 0.5


def test_mango_flowers_on_time_after_its_pick_and_not_after_an_autumn_cut(know):
    site = place(know, "humid-peninsula")
    tree = TreeState("mango", 2008, "irwin")
    frame = sketch_frame(3.5, 3.2, 160, habit(know, "rounded"), 3, 0.3)
    ends = [x.id for x in frame.limbs if x.on != TRUNK][:6]

    def second_crop(day):
        cuts = [DatedCut(e, 0.1 * frame.limb(e).length_m, day) for e in ends]
        found = rehearse(know, asked(site, frame, cuts, 3, tree=tree))
        return found.seasons[1].crop / found.twin[1].crop

    pick = season(site, tree, know, dt.date(2027, 1, 1), dt.date(2027, 12, 31), ("tip",))
    picked = next(e.end for e in pick.events if e.name == "harvest" and e.end.year == 2027)
    assert second_crop(picked + dt.timedelta(days=3)) > 0.85
    assert second_crop(dt.date(2027, 11, 1)) < 0.75


@given(first=st.integers(0, 200), later=st.integers(0, 60), min_c=st.floats(-8, 1))
def test_a_later_cut_never_loses_less_to_frost(know, coast, first, later, min_c):
    frame = sketch(know)
    night = FrostNight(dt.date(2028, 1, 8), min_c, 4.0)
    days = [night.day - dt.timedelta(days=first + 1 + n) for n in (later, 0)]
    lost = []
    for day in days:
        ask = asked(coast, frame, [DatedCut("s1", 0.8, day)], 4, frosts=(night,))
        found = rehearse(know, ask)
        lost.append(sum(e.price for s in found.seasons for e in s.events if e.kind == "frost"))
    assert lost[1] >= lost[0] - 1e-9


def test_frost_takes_what_the_frost_tables_say(know, coast):
    frame = sketch(know)
    cut = DatedCut("s1", 0.8, dt.date(2027, 10, 10))
    night = FrostNight(dt.date(2027, 12, 20), 0.0, 4.0)
    ask = asked(coast, frame, [cut], 3, frosts=(night,))
    found = rehearse(know, ask)
    tree, soft = cold_tree(know, ask, night, ask.cuts, year_of(know, ask, found.years[1]))
    at = thresholds(know, tree, night.hours)
    assert soft
    assert at["flush"] < 0
    mild = [x.id for x in found.seasons[2].frame.limbs if x.kind == "regrowth"]
    assert mild  # above the threshold of soft growth nothing is lost
    hard = replace(night, min_c=at["flush"] - 0.1)
    frozen = rehearse(know, replace(ask, frosts=(hard,)))
    assert [x.id for x in frozen.seasons[2].frame.limbs if x.kind == "regrowth"] == []
    twin = rehearse(know, replace(ask, cuts=(), frosts=(hard,))).twin[2]
    assert twin.leaf_share > frozen.seasons[2].leaf_share


def test_beyond_the_year_sprouts_rise_steeply_and_bared_bark_burns_unless_painted(know):
    desert = place(know, "low-desert")
    frame = sketch(know)
    day = dt.date(2027, 4, 20)

    def after(n, **more):
        cuts = [DatedCut(f"s{i}", 0.4, day) for i in range(1, n + 1)]
        return rehearse(know, asked(desert, frame, cuts, 2, **more)).seasons[1]

    def over(found):
        return sum(len(e.shoots) for e in found.events if e.kind == "over-budget")

    some, many = over(after(2)), over(after(3))
    assert many > 1.5 * some > 0
    bared, painted = after(3), after(3, whitewash=True)
    assert "burnt" in [e.kind for e in bared.events]
    assert "burnt" not in [e.kind for e in painted.events]
    assert painted.leaf_share > bared.leaf_share
    cool = rehearse(
        know,
        asked(
            place(know, "maritime-cool"), frame, [DatedCut(f"s{i}", 0.4, day) for i in (1, 2, 3)]
        ),
    )
    assert all(e.kind != "burnt" for s in cool.seasons for e in s.events)


def test_suckers_that_are_left_take_from_the_top(know, coast):
    sucker = Limb("u", TRUNK, 0.1, 12, 0.6, 80, 200, 5)
    frame = sketch(know)
    with_sucker = replace(frame, limbs=(*frame.limbs, sucker))
    left = rehearse(know, asked(coast, with_sucker, seasons=3))
    off = rehearse(know, asked(coast, with_sucker, [DatedCut("u", 0.0, DAY)], 3))
    assert off.seasons[2].leaf_share > left.twin[2].leaf_share
    assert left.twin[0].sprouts == 1
    none = rehearse(know, asked(coast, frame, seasons=3))
    assert all(e.kind != "suckers" for s in none.twin for e in s.events)


def test_a_sprout_without_fruit_costs_no_crop(know, coast):
    frame = sketch(know)
    sprout = Limb("w", "s1", 0.6, 14, 1.0, 82, 90, 4, kind="sprout")
    grown = replace(frame, limbs=(*frame.limbs, sprout))
    off = rehearse(know, asked(coast, grown, [DatedCut("w", 0.0, DAY)], 1))
    assert off.seasons[0].crop == pytest.approx(off.twin[0].crop)
    bears = replace(frame, limbs=(*frame.limbs, replace(sprout, fruit=5)))
    assert rehearse(know, asked(coast, bears, [DatedCut("w", 0.0, DAY)], 1)).seasons[0].crop < 1


def test_a_pot_holds_a_tree_back(know, coast):
    frame = sketch(know, height=1.8)
    ground = rehearse(know, asked(coast, frame))
    pot = rehearse(know, asked(coast, frame, tree=replace(MANDARIN, in_pot=True)))
    gains = [g.twin[4].height_m - g.twin[0].height_m for g in (ground, pot)]
    assert 0 < gains[1] < 0.5 * gains[0]


def test_what_cannot_be_rehearsed_is_refused_at_its_field(know, coast):
    frame = sketch(know)
    with pytest.raises(InvalidInput) as refused:
        rehearse(know, asked(coast, frame, [DatedCut("nobody", 0.1, DAY)]))
    assert refused.value.problems[0].pointer == "/cuts/0/limb"
    with pytest.raises(InvalidInput) as refused:
        rehearse(know, asked(coast, frame, seasons=11))
    assert refused.value.problems[0].pointer == "/seasons"
    with pytest.raises(InvalidInput) as refused:
        rehearse(know, asked(coast, frame, frosts=(FrostNight(dt.date(2040, 1, 1), -3, 4),)))
    assert refused.value.problems[0].pointer == "/frosts/0/day"
