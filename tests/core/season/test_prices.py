"""What a day costs, and which days of a year are open: the sense of it over every kind and climate,
and what must hold whatever the figures.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.known import Knowledge
from billhook.core.season.best import open_days, runs
from billhook.core.season.budget import own_limit, yearly_budget
from billhook.core.season.events import growing_year, growing_year_of
from billhook.core.season.model import WORKS, ForecastDay, TreeState
from billhook.core.season.normals import Normals, values_on
from billhook.core.season.season import season

from ..sites import CLIMATES, END, NAVEL, START, at, place

YEAR_ROUND = (dt.date(2026, 6, 1), dt.date(2027, 12, 31))
MAIN = ("thin", "height", "tip")
KINDS = [
    ("navel-orange", None),
    ("sweet-orange", "valencia"),
    ("lemon", None),
    ("mango", "keitt"),
    ("mango", "irwin"),
    ("avocado", "hass"),
    ("loquat", None),
    ("lychee", None),
    ("guava", None),
]
kinds = st.sampled_from(KINDS)


def grown(kind, **state) -> TreeState:
    return TreeState(kind[0], 2010, kind[1], **state)


def useful(know, work, tree) -> float:
    """The least share worth a visit, as the methods have it: between 6 and 10 % by what work and
    year allow.
    """
    own, year = (
        own_limit(tree, work, 18, know),
        yearly_budget(tree, 18, know, tree.fruit_on == "none").share,
    )
    return max(0.06, min(0.10, min(own, year) / 2))


@pytest.mark.parametrize("climate", CLIMATES)
def test_every_work_has_open_days_in_every_year_or_one_harm_is_named(know, climate):
    """All kinds; nothing seen, picked on a day, no fruit. At least three weeks a year on which a
    useful share may go.
    """
    site = place(know, climate)
    for species in know.rows("species"):
        for state, seen in (
            ({}, {}),
            ({}, {"harvest_end": dt.date(2027, 2, 20)}),
            ({"fruit_on": "none"}, {}),
        ):
            tree = TreeState(species, 2008, **state)
            answer = season(site, tree, know, *YEAR_ROUND, MAIN, seen)
            for work in MAIN:
                lane = [s for s in answer.segments if s.work == work]
                days = sum(
                    (s.end - s.start).days + 1
                    for s in lane
                    if s.status == "go" and s.max_share >= useful(know, work, tree) - 1e-9
                )
                # nineteen months hold at least one whole growing year and its three weeks
                assert days >= 21, (species, work, state)


def cheapest(answer, work="height", year=2026):
    """The cheapest open run of the growing year that began in ``year``."""
    return min(
        (b for b in answer.best if b.work == work and b.year.start.year == year),
        key=lambda b: (b.price, b.start),
    )


@pytest.mark.parametrize(
    "climate",
    [
        "humid-gulf",
        "humid-peninsula",
        "low-desert",
        "inland-valley",
        "mediterranean-coast",
        "inland-mediterranean",
    ],
)
@pytest.mark.parametrize(
    "kind",
    [("navel-orange", None), ("sweet-orange", "valencia"), ("grapefruit", None), ("satsuma", None)],
)
def test_citrus_is_lowered_in_late_winter_before_bloom(know, climate, kind):
    """Common practice: after the cold, before bloom, late kinds with fruit on (pick first)."""
    site = place(know, climate)
    answer = season(site, grown(kind), know, *YEAR_ROUND)
    best = cheapest(answer)
    bloom = next(e for e in answer.events if e.name == "bloom" and e.start.year == 2027)
    assert dt.date(2027, 1, 1) <= best.start <= dt.date(2027, 3, 15)
    assert best.end < bloom.start
    assert best.price == 1.0
    if kind[1] == "valencia":
        said = {
            r.remedy
            for s in answer.segments
            if s.work == "height" and s.start <= best.end <= s.end
            for r in s.reasons
        }
        assert "Pick first what hangs on the limbs you cut." in said


# Common practice: first flush and so the last of the resting weeks, by climate
@pytest.mark.parametrize(
    ("climate", "first", "last"),
    [
        ("humid-gulf", (2, 15), (3, 15)),
        ("low-desert", (2, 15), (3, 31)),
        ("mediterranean-coast", (3, 1), (4, 10)),
        ("inland-valley", (3, 1), (4, 10)),
        ("maritime-cool", (4, 1), (5, 31)),
    ],
)
def test_first_flush_of_citrus_by_climate(know, climate, first, last):
    flush = next(
        e
        for e in season(place(know, climate), NAVEL, know, *YEAR_ROUND).events
        if e.name == "first flush" and e.start.year == 2027
    )
    assert dt.date(2027, *first) <= flush.start <= dt.date(2027, *last)


def test_mango_is_cut_straight_after_the_pick_and_in_late_spring_where_it_bears_nothing(know):
    site = place(know, "humid-peninsula")
    bearing = cheapest(season(site, grown(("mango", "irwin")), know, *YEAR_ROUND))
    assert (
        dt.date(2027, 6, 15) <= bearing.start <= dt.date(2027, 7, 1)
    )  # Irwin is picked in June and July
    assert bearing.price <= 0.15
    barren = cheapest(season(site, grown(("mango", "irwin"), fruit_on="none"), know, *YEAR_ROUND))
    assert (
        dt.date(2027, 3, 10) <= barren.start <= dt.date(2027, 3, 25)
    )  # 45 days after its bloom began
    assert barren.price == 0
    picked = at(
        know,
        site,
        grown(("mango", "irwin")),
        "height",
        dt.date(2026, 6, 15),
        observed={"harvest_end": dt.date(2026, 6, 14)},
    )
    assert (picked.status, picked.price) == ("go", 0.0)
    seen = at(
        know,
        site,
        grown(("mango", "irwin"), fruit_on="none"),
        "height",
        dt.date(2026, 3, 28),
        observed={"bloom_start": dt.date(2026, 2, 20)},
    )
    assert (seen.status, "mango-shows" in [r.code for r in seen.reasons]) == (
        "wait",
        True,
    )  # its own bloom, three weeks later
    assert "Say when it bloomed." in [r.remedy for r in seen.reasons]


@pytest.mark.parametrize(
    ("climate", "kind", "first", "last"),
    [
        ("humid-gulf", ("avocado", None), (8, 1), (9, 20)),  # after its pick
        ("mediterranean-coast", ("avocado", "hass"), (3, 1), (5, 31)),  # before and in bloom
        ("mediterranean-coast", ("loquat", None), (5, 1), (7, 5)),  # after its fruit
        ("humid-peninsula", ("lychee", None), (6, 5), (9, 10)),  # with the pick
        ("humid-peninsula", ("longan", None), (8, 1), (9, 30)),
        (
            "mediterranean-coast",
            ("mango", "keitt"),
            (2, 1),
            (5, 1),
        ),  # picked too late for a cut after it
    ],
)
def test_the_other_kinds_open_when_growers_cut_them(know, climate, kind, first, last):
    best = cheapest(season(place(know, climate), grown(kind), know, *YEAR_ROUND))
    assert dt.date(2027, *first) <= best.start <= best.end <= dt.date(2027, *last)


@pytest.mark.parametrize("climate", CLIMATES)
@pytest.mark.parametrize("kind", KINDS)
def test_never_hard_cuts_into_heat_before_the_cool_or_into_frost(know, climate, kind):
    site = place(know, climate)
    answer = season(site, grown(kind), know, *YEAR_ROUND)
    high = values_on(site.normals.tmax_c, YEAR_ROUND[0], (YEAR_ROUND[1] - YEAR_ROUND[0]).days + 1)
    for s in (
        s for s in answer.segments if s.work in ("height", "thin", "hedge") and s.status == "go"
    ):
        here = slice((s.start - YEAR_ROUND[0]).days, (s.end - YEAR_ROUND[0]).days + 1)
        assert high[here].max() < 35 or s.max_share <= 0.05, (s.work, s.start)
        codes = {r.code for r in s.reasons}
        assert not codes & {"mango-too-late", "flush-meets-frost", "flush-meets-frost-soon"}, (
            s.work,
            s.start,
        )
        assert "bloom" not in codes or kind[0] == "avocado", (s.work, s.start)


@given(
    st.sampled_from(CLIMATES),
    st.booleans(),
    kinds,
    st.booleans(),
    st.integers(2010, 2026),
    st.integers(0, 400),
    st.integers(0, 40),
)
def test_segments_have_no_gap_and_limits_hold(
    know, climate, southern, kind, potted, planted, used, frost
):
    tree = TreeState(kind[0], planted, kind[1], in_pot=potted, used_share=(used % 25) / 100)
    cold = [ForecastDay(START + dt.timedelta(days=frost), -3.0, 12)] if frost else []
    answer = season(place(know, climate, southern), tree, know, START, END, forecast=cold)
    for work in WORKS:
        lane = [s for s in answer.segments if s.work == work]
        assert (lane[0].start, lane[-1].end) == (START, END)
        assert all(b.start - a.end == dt.timedelta(days=1) for a, b in pairwise(lane))
        if work in ("sucker", "sanitation", "fruit"):
            assert all(s.max_share is None for s in lane)
        else:
            assert all(s.reasons for s in lane)
            assert all((s.max_share > 0) == (s.status in ("go", "light")) for s in lane), [
                s for s in lane if (s.max_share > 0) != (s.status in ("go", "light"))
            ][:2]
            assert all(
                s.max_share <= {"skeleton": 0.95, "young": 0.5}.get(work, 0.33) for s in lane
            )
    assert all(e.end >= e.start for e in answer.events)


@given(
    st.sampled_from(CLIMATES),
    st.booleans(),
    kinds,
    st.integers(0, 540),
    st.integers(0, 300),
    st.integers(0, 300),
    st.sampled_from(["any-time", "after-harvest", "before-first-flush"]),
)
def test_the_answer_for_a_day_is_the_same_for_every_span(
    know, climate, southern, kind, day, before, after, school
):
    site, tree = place(know, climate, southern), grown(kind)
    on = START + dt.timedelta(days=day)
    works = ("thin", "height", "renewal", "pot")
    stance = {"timing": school}

    def answered(first, last):
        found = season(site, tree, know, first, last, works, stance=stance)
        here = [
            next(s for s in found.segments if s.work == w and s.start <= on <= s.end) for w in works
        ]
        return [
            (
                s.status,
                s.max_share,
                s.reasons,
                round(float(found.prices[s.work][(on - first).days]), 6),
            )
            for s in here
        ]

    assert answered(on, on) == answered(
        on - dt.timedelta(days=before), on + dt.timedelta(days=after)
    )


@given(st.sampled_from(CLIMATES[:8]), kinds, st.floats(0.2, 1.5))
def test_colder_autumns_never_end_a_stop_earlier_nor_make_a_day_cheaper(
    know, climate, kind, colder
):
    site, tree = place(know, climate), grown(kind)
    cool = Normals(
        *(
            tuple(t - colder * (i in (8, 9)) for i, t in enumerate(v))
            for v in (site.normals.tmin_c, site.normals.tmax_c)
        )
    )
    first, last = growing_year_of(site, dt.date(2027, 6, 1))
    warm, cold = (
        season(replace(site, normals=n), tree, know, first, last, ("height", "tip"))
        for n in (site.normals, cool)
    )
    after = growing_year(site, tree, know, first, last, {})
    for work in ("height", "tip"):
        stops = [
            [
                s
                for s in a.segments
                if s.work == work
                and "flush-meets-frost" in [r.code for r in s.reasons]
                and (s.start - first).days > 120
            ]
            for a in (warm, cold)
        ]
        if stops[0]:
            assert stops[1][-1].end >= stops[0][-1].end
        price = [a.prices[work] for a in (warm, cold)]
        days = price[0].size
        if (
            kind[0] == "mango"
        ):  # after its last day at all a mango's cut costs less again once the cool has come
            following = growing_year(
                replace(site, normals=cool),
                tree,
                know,
                *growing_year_of(site, last + dt.timedelta(days=1)),
                {},
            )
            days = (
                following.bloom_forms.start
                - dt.timedelta(days=know.days("mango/hard-stop"))
                - first
            ).days
            begin = (after.bloom.start - first).days
            assert np.all(price[1][begin:days] >= price[0][begin:days] - 1e-9)
        else:
            assert np.all(price[1][:days] >= price[0][:days] - 1e-9)


@given(st.sampled_from(CLIMATES), kinds, st.integers(1, 40))
def test_a_later_end_of_the_same_pick_never_makes_an_earlier_day_dearer(know, climate, kind, later):
    site, tree = place(know, climate), grown(kind)
    pick = next(
        (
            e
            for e in season(site, tree, know, *YEAR_ROUND, ("height",)).events
            if e.name == "harvest" and e.start >= dt.date(2026, 9, 1)
        ),
        None,
    )
    if pick is None:
        return
    early, late = (
        season(site, tree, know, *YEAR_ROUND, ("height",), {"harvest_end": d}).prices["height"]
        for d in (pick.end, pick.end + dt.timedelta(days=later))
    )
    before = (pick.end - YEAR_ROUND[0]).days + 1
    assert np.all(late[:before] <= early[:before] + 1e-9)


@given(
    st.sampled_from(CLIMATES), kinds, st.sampled_from(["ripe-from", "bloom.start", "flush", "peak"])
)
def test_more_price_rows_never_make_a_day_cheaper(know, climate, kind, begin):
    general = next(r for r in know.rules if r.id == "in-bloom")
    more = replace(
        general, id="more", slots=("more",), start=begin, end=f"{begin} + 40", when=(), rank=0
    )
    richer = Knowledge({k.id: k for k in know}, (*know.rules, more), know.dates)
    less, dearer = (
        season(place(know, climate), grown(kind), k, START, END, ("thin",)).prices["thin"]
        for k in (know, richer)
    )
    assert np.all(dearer >= less - 1e-9)
    assert dearer.sum() > less.sum() or (
        kind[0] == "lemon" and begin in ("ripe-from", "bloom.start")
    )  # which have no such day


@given(st.lists(st.floats(0, 3), min_size=30, max_size=60), st.integers(0, 29), st.integers(0, 20))
def test_open_days_hold_the_cheapest_and_three_weeks_in_a_row(know, prices, shut_from, shut_days):
    price = np.array(prices)
    shut = np.zeros(price.size, dtype=bool)
    shut[shut_from : shut_from + shut_days] = True
    cap, dear = np.full(price.size, 0.2), np.zeros(price.size, dtype=bool)
    found = open_days(know, price, shut, cap, dear, 0.1, False)
    assert not (found.go & shut).any()
    assert found.go[np.flatnonzero(~shut)[np.argmin(price[~shut])]]
    longest = max(b - a + 1 for a, b in runs(~shut))
    assert max(b - a + 1 for a, b in runs(found.go)) >= min(21, longest)
    # brute force: no other run of three weeks has a cheaper dearest day
    windows = [
        (price[i : i + 21].max(), i) for i in range(price.size - 20) if not shut[i : i + 21].any()
    ]
    if windows:
        assert (
            min(price[a : b + 1].max() for a, b in runs(found.go) if b - a >= 20)
            <= max(min(windows)[0], price[~shut].min() + 0.15) + 1e-9
        )


def test_where_no_day_leaves_a_useful_share_the_largest_is_open_in_rounds(know):
    cap, price = np.array([0.02] * 30 + [0.05] * 30), np.zeros(60)
    dear = np.zeros(60, dtype=bool)
    dear[50:] = True
    found = open_days(know, price, np.zeros(60, dtype=bool), cap, dear, 0.1, False)
    assert (runs(found.go), found.rounds) == ([(30, 49)], 2)


def test_ways_of_working_move_prices_and_never_shut_the_year(know):
    site, tree = place(know, "mediterranean-coast"), grown(("mandarin", "clementine"))
    for school in (
        "any-time",
        "before-first-flush",
        "light-tips-twice",
        "after-harvest",
        "after-fruit-set",
    ):
        answer = season(site, tree, know, *YEAR_ROUND, MAIN, stance={"timing": school})
        for work in MAIN:
            assert (
                sum(
                    (b.end - b.start).days + 1
                    for b in answer.best
                    if b.work == work and b.year.start.year == 2026
                )
                >= 21
            ), (school, work)
    july = dt.date(2026, 7, 1)
    assert at(know, site, tree, "thin", july).status == "go"
    assert at(know, site, tree, "thin", july).max_share <= 0.10
    assert (
        at(know, site, tree, "thin", july, stance={"timing": "before-first-flush"}).status == "wait"
    )
    flush = next(
        e.start
        for e in season(site, tree, know, START, END).events
        if e.name == "first flush" and e.start.year == 2026
    )
    held = at(
        know,
        site,
        tree,
        "thin",
        flush + dt.timedelta(days=25),
        stance={"timing": "before-first-flush"},
    )
    assert (held.status, "before-first-flush" in [r.code for r in held.reasons]) == (
        "wait",
        False,
    )  # in bloom by then, and the way ends with the flush


def test_a_wait_says_both_prices_and_the_day_it_names_is_open(know):
    site = place(know, "mediterranean-coast")
    found = at(know, site, grown(("avocado", "hass")), "height", dt.date(2026, 11, 1))
    assert found.status in ("wait", "stop")
    for kind in KINDS:
        for day in (
            dt.date(2026, 1, 20),
            dt.date(2026, 4, 20),
            dt.date(2026, 7, 20),
            dt.date(2026, 10, 20),
        ):
            now = at(know, site, grown(kind), "height", day)
            if now.opens is not None:
                assert at(know, site, grown(kind), "height", now.opens).status == "go", (kind, day)
            if now.status == "wait" and now.opens_price is not None and now.opens_price < now.price:
                assert any(r.code == "cheaper-day" and r.date == now.opens for r in now.reasons), (
                    kind,
                    day,
                )


def test_a_go_at_a_whole_crop_says_so_first(know):
    found = at(know, place(know, "humid-gulf"), NAVEL, "height", dt.date(2026, 3, 1))
    assert found.status == "go"
    assert "a whole crop" in found.sentence


@pytest.mark.parametrize(
    ("climate", "tree", "work", "day", "status", "code"),
    [
        # the sun goes by the temperature: 25 °C at most bares bark freely, 31 °C asks for
        # whitewash, 33 °C halves, 41 °C leaves small cuts
        (
            "dry-cool-coast",
            TreeState("loquat", 2012),
            "height",
            (2026, 6, 10),
            "go",
            "yearly-budget",
        ),
        ("mediterranean-coast", NAVEL, "thin", (2026, 7, 20), "go", "bark-whitewash"),
        ("humid-gulf", TreeState("lemon", 2012), "height", (2026, 7, 20), "go", "bark-sun"),
        ("low-desert", NAVEL, "thin", (2026, 7, 20), "light", "hot-season"),
        ("low-desert", NAVEL, "skeleton", (2026, 6, 1), "stop", "bark-burns"),
        ("humid-gulf", NAVEL, "height", (2026, 10, 1), "stop", "flush-meets-frost"),
        ("humid-gulf", NAVEL, "height", (2026, 2, 15), "go", "forecast-first"),
        ("humid-gulf", NAVEL, "renewal", (2026, 2, 15), "stop", "flush-meets-frost"),
        (
            "humid-peninsula",
            TreeState("mango", 2012, "irwin"),
            "tip",
            (2026, 10, 25),
            "stop",
            "mango-too-late",
        ),
        (
            "dry-cool-coast",
            TreeState("loquat", 2012),
            "tip",
            (2026, 10, 10),
            "wait",
            "bloom-to-come",
        ),
        (
            "inland-mediterranean",
            TreeState("lemon", 2018, in_pot=True, under_cover=True),
            "pot",
            (2026, 10, 20),
            "stop",
            "pot-before-carry-in",
        ),
        (
            "inland-mediterranean",
            TreeState("lemon", 2018, in_pot=True, under_cover=True),
            "sprout",
            (2026, 10, 20),
            "stop",
            "pot-before-carry-in",
        ),
        (
            "inland-mediterranean",
            TreeState("lemon", 2018, in_pot=True, under_cover=True, too_tall=True),
            "pot",
            (2026, 10, 20),
            "go",
            "pot-too-tall",
        ),
        (
            "inland-mediterranean",
            TreeState("lemon", 2018, in_pot=True, under_cover=True),
            "pot",
            (2026, 6, 1),
            "go",
            "pot-open",
        ),
        (
            "mediterranean-coast",
            TreeState("navel-orange", 2025),
            "young",
            (2026, 4, 1),
            "go",
            "young",
        ),
        (
            "mediterranean-coast",
            TreeState("navel-orange", 2025),
            "thin",
            (2026, 4, 1),
            "wait",
            "no-share-left",
        ),
        (
            "mediterranean-coast",
            TreeState("navel-orange", 2024),
            "hedge",
            (2026, 4, 1),
            "wait",
            "no-share-left",
        ),
        (
            "mediterranean-coast",
            TreeState("navel-orange", 2024),
            "shear",
            (2026, 4, 1),
            "wait",
            "no-share-left",
        ),
    ],
)
def test_days_of_the_trade(know, climate, tree, work, day, status, code):
    found = at(know, place(know, climate), tree, work, dt.date(*day))
    assert (found.status, code in [r.code for r in found.reasons]) == (status, True), [
        r.code for r in found.reasons
    ]


def test_a_tree_that_has_not_borne_hears_nothing_of_crops(know):
    young = TreeState("navel-orange", 2024, "washington-navel")
    codes = {
        r.code
        for s in season(
            place(know, "mediterranean-coast"), young, know, START, dt.date(2026, 8, 31)
        ).segments
        for r in s.reasons
    }
    assert not codes & {"ripe", "fruit-to-come", "bloom-to-come", "bloom"}
    said = at(
        know,
        place(know, "mediterranean-coast"),
        replace(NAVEL, fruit_on="never"),
        "thin",
        dt.date(2026, 7, 1),
    )
    assert said.price is None
    assert "crop" not in said.sentence


def test_barren_is_of_one_crop_and_picked_is_not_barren(know):
    site = place(know, "mediterranean-coast")
    july = dt.date(2026, 7, 1)
    this_year = replace(NAVEL, fruit_on="none", fruit_said=dt.date(2026, 6, 20))
    assert at(know, site, this_year, "thin", july).price == 0
    assert at(know, site, this_year, "thin", july).max_share > 0.1
    assert at(
        know, site, replace(NAVEL, fruit_on="none", fruit_said=dt.date(2025, 6, 20)), "thin", july
    ).price == pytest.approx(1.2)
    assert at(
        know, site, NAVEL, "thin", july, observed={"harvest_end": dt.date(2026, 2, 1)}
    ).price == pytest.approx(1.2)


def test_what_is_known_of_one_year_holds_for_that_year(know):
    site, summer = place(know, "mediterranean-coast"), dt.date(2027, 3, 1)
    used = replace(NAVEL, used_share=0.2, used_on=dt.date(2026, 3, 1))
    assert at(know, site, used, "thin", dt.date(2026, 7, 1)).status == "wait"
    assert at(know, site, used, "thin", summer).status == "go"
    assert (
        at(know, site, used, "sprout", dt.date(2026, 7, 1)).status == "go"
    )  # choosing among shoots is upkeep
    hurt = replace(NAVEL, freeze_class="F4", freeze_on=dt.date(2026, 1, 20))
    assert [at(know, site, hurt, "thin", d).status for d in (dt.date(2026, 4, 1), summer)] == [
        "stop",
        "go",
    ]
    dry = replace(NAVEL, condition="wilting", condition_on=dt.date(2026, 3, 1))
    assert [
        at(know, site, dry, "thin", d).status for d in (dt.date(2026, 3, 5), dt.date(2026, 4, 1))
    ] == ["wait", "go"]


def test_a_used_up_year_names_the_day_the_next_opens(know):
    site = place(know, "mediterranean-coast")
    found = at(
        know,
        site,
        replace(NAVEL, used_share=0.2, used_on=dt.date(2026, 3, 1)),
        "thin",
        dt.date(2026, 6, 1),
    )
    assert found.opens is not None
    assert any(r.code == "no-share-left" and r.date == found.opens for r in found.reasons)
    assert at(know, site, NAVEL, "thin", found.opens).status == "go"


def test_a_real_forecast_is_asked_for_on_the_day_itself_only(know):
    site, day = place(know, "humid-gulf"), dt.date(2026, 2, 15)
    asked = at(know, site, NAVEL, "height", day, unknown_on=day)
    assert asked.status == "wait"
    assert asked.sentence.startswith("Is frost forecast in the next 14 days?")
    assert {a.act for a in asked.acts} >= {"no-frost", "frost"}
    assert (
        at(know, site, NAVEL, "height", day + dt.timedelta(days=1), unknown_on=day).status == "go"
    )
    assert at(know, replace(site, frost_pocket=True), NAVEL, "height", day).status == "stop"


def test_pots_come_in_by_cold_nights_and_weeks_before_the_first_frost(know):
    """A lime that bears 4 °C: nights of one year in ten lie 5.1 K under the mean minimum."""
    site = place(know, "humid-gulf")
    lime = TreeState("persian-lime", 2018, in_pot=True, under_cover=True)

    def carried(observed=None):
        found = season(site, lime, know, *YEAR_ROUND, ("pot",), observed).events
        return {
            n: next(e.start for e in found if e.name == n and e.start.year == 2027)
            for n in ("carry out", "carry in")
        }

    dates = carried()
    assert dates["carry in"] <= dt.date(2027, 11, 11)  # first frost 25 November, 14 days at least
    night = values_on(site.normals.tmin_c, dates["carry in"] + dt.timedelta(days=1), 1)[0] - 5.12
    assert night <= 4 or dates["carry in"] == dt.date(2027, 11, 11)
    seen = dt.date(2027, 4, 20)
    moved = at(know, site, lime, "pot", dt.date(2027, 4, 28), observed={"carry_out": seen})
    assert (moved.status, moved.opens) == ("stop", seen + dt.timedelta(days=14))
    assert carried({"carry_out": seen})["carry out"] == seen


def test_no_cold_to_wait_for_goes_by_the_rains_and_the_pick(know):
    site = place(know, "tropical-highland")
    events = season(site, NAVEL, know, *YEAR_ROUND).events
    flush = next(e.start for e in events if e.name == "first flush" and e.start.year == 2027)
    assert (
        dt.date(2027, 3, 15) <= flush <= dt.date(2027, 4, 30)
    )  # three weeks after the rains of March
    for latitude in (0.0, 5.0, -5.0, -8.0):
        answer = season(replace(site, latitude=latitude), grown(("mango", None)), know, START, END)
        harvest = next(e for e in answer.events if e.name == "harvest" and e.start.year == 2026)
        assert harvest.start.month in (6, 7)
        assert not any("frost" in r.code for s in answer.segments for r in s.reasons)


def test_a_pick_is_of_the_crop_it_lies_nearest_to(know):
    """A crop that hangs into its second year and is picked months early is not the one before
    it.
    """
    site, tree = place(know, "mediterranean-coast"), grown(("avocado", "lamb-hass"))
    day = dt.date(2027, 3, 24)
    found = at(know, site, tree, "height", day, observed={"harvest_end": day})
    assert (found.status, found.price) == ("go", pytest.approx(0.5))
    assert at(know, site, tree, "height", day).status == "wait"
