"""What must hold of the price of a day, whatever the figures."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from itertools import pairwise

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.known import Knowledge
from billhook.core.season.best import open_days, runs
from billhook.core.season.events import growing_year, growing_year_of
from billhook.core.season.model import WORKS, ForecastDay, TreeState
from billhook.core.season.normals import Normals
from billhook.core.season.season import season

from ..sites import CLIMATES, END, START, YEAR_ROUND, grown, kinds, place


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
