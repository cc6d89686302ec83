"""When each kind of work is right: places, species, ages and forecasts, and what moves the
dates.
"""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from itertools import pairwise

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.catalogue.wording import said
from billhook.core.season.claims import Asked
from billhook.core.season.events import growing_year, growing_year_starts
from billhook.core.season.model import STRICTNESS, WORKS, ForecastDay, Span, TreeState
from billhook.core.season.normals import Normals
from billhook.core.season.place import climate_normals, nearest_climate, pocket_frost_dates
from billhook.core.season.schools import stance_in_force
from billhook.core.season.season import season

from ..sites import CLIMATES, END, NAVEL, START, at, place


@pytest.mark.parametrize("month", range(12))
def test_warming_a_month_moves_the_computed_events(know, month):
    """The warmth of October to December lies between the last safe day and the sums from 1
    February: it moves only the winter rest.
    """
    site = place(know, "inland-mediterranean")
    warmer = Normals(
        *(
            tuple(t + 2 * (i == month) for i, t in enumerate(v))
            for v in (site.normals.tmin_c, site.normals.tmax_c)
        )
    )
    before, after = (
        season(replace(site, normals=n), NAVEL, know, START, END) for n in (site.normals, warmer)
    )
    if month not in (9, 10, 11):
        assert {e for e in before.events if e.origin == "computed"} != {
            e for e in after.events if e.origin == "computed"
        }


@pytest.mark.parametrize(
    ("month", "moves", "stays"),
    [
        (1, "first flush", "last safe hard cut"),
        (8, "last safe hard cut", "first flush"),
        (7, "strong sun on bark", "bloom"),
    ],
)
def test_warming_a_month_moves_what_rests_on_it_and_nothing_else(know, month, moves, stays):
    site = place(know, "inland-mediterranean")
    warmer = Normals(
        *(
            tuple(t + 4 * (i == month) for i, t in enumerate(v))
            for v in (site.normals.tmin_c, site.normals.tmax_c)
        )
    )
    span = (dt.date(2026, 1, 1), dt.date(2026, 12, 31))
    before, after = (
        {
            e.name: (e.start, e.end)
            for e in season(replace(site, normals=n), NAVEL, know, *span).events
            if e.start.year == 2026
        }
        for n in (site.normals, warmer)
    )
    assert before[moves] != after[moves]
    assert before[stays] == after[stays]
    assert before["frost likely"] == after["frost likely"]


def test_a_quarantine_is_said_and_closes_nothing(know):
    site = place(know, "mediterranean-coast")
    plain, held = (
        season(s, NAVEL, know, START, END).segments
        for s in (site, replace(site, dangers=frozenset({"quarantine"})))
    )
    assert [(s.work, s.start, s.status, s.max_share) for s in plain] == [
        (s.work, s.start, s.status, s.max_share) for s in held
    ]
    assert all("quarantine" in [r.code for r in s.reasons] for s in held)


@pytest.mark.parametrize("species", ["navel-orange", "lemon", "mango", "avocado"])
@pytest.mark.parametrize(
    "climate", ["inland-valley", "humid-gulf", "mediterranean-coast", "dry-cool-coast"]
)
def test_south_is_north_half_a_year_on(know, climate, species):
    """Events and the first day of each go within three days of half a year (months are not of one
    length).
    """
    tree, first, last = TreeState(species, 2010), dt.date(2026, 1, 1), dt.date(2028, 6, 30)
    north, south = (season(place(know, climate, s), tree, know, first, last) for s in (False, True))

    def starts(answer) -> dict[str, list[dt.date]]:
        found: dict[str, list[dt.date]] = {}
        for e in answer.events:
            found.setdefault(e.name, []).append(e.start)
        for work in WORKS:
            lane = [s for s in answer.segments if s.work == work]
            found[work] = [
                b.start for a, b in pairwise(lane) if b.status == "go" and a.status != "go"
            ]
        return found

    southern = starts(south)
    for name, days in starts(north).items():
        for day in (d for d in days if dt.date(2026, 9, 1) <= d <= dt.date(2027, 9, 1)):
            assert min(abs((d - day).days - 182.5) for d in southern[name]) <= 3.5, (name, day)


@given(
    st.sampled_from(CLIMATES),
    st.sampled_from(["navel-orange", "mango", "avocado", "loquat"]),
    st.integers(0, 10**6),
    st.sampled_from(["price/wide-share", "price/wide-band"]),
)
def test_loosening_a_share_closes_no_day(know, climate, species, seed, known_id):
    """A grower who raises a limit within its range never finds a day closed by it, nor a smaller
    share.
    """
    looser = know.with_more({known_id: replace(know[known_id], value=know[known_id].high)})
    tree = TreeState(species, 2012, used_share=(seed % 20) / 100)
    before, after = (
        season(place(know, climate), tree, k, START, END).segments for k in (know, looser)
    )
    for work in ("thin", "height", "hedge", "tip"):
        for day in (START + dt.timedelta(days=(seed * 7 + i * 61) % 540) for i in range(9)):
            a, b = (
                next(s for s in found if s.work == work and s.start <= day <= s.end)
                for found in (before, after)
            )
            assert STRICTNESS[b.status] <= STRICTNESS[a.status], (work, day)
            assert b.max_share >= a.max_share - 1e-9, (work, day)


def test_suckers_of_a_hot_desert_are_swept_ahead_of_the_autumn_flush(know):
    events = season(place(know, "low-desert"), NAVEL, know, START, END).events
    sweeps = [e for e in events if e.name == "sucker sweep" and e.start.year == 2026]
    assert any(e.start.month in (8, 9) for e in sweeps)
    hottest = [e for e in events if e.name == "later flush" and e.start.month == 7]
    assert hottest == []


def test_a_pot_goes_out_and_comes_in_by_what_its_kind_bears(know):
    site = place(know, "inland-mediterranean")
    inside = {
        s: [
            e
            for e in season(
                site, TreeState(s, 2018, in_pot=True, under_cover=True), know, START, END
            ).events
            if e.name.startswith("carry")
        ]
        for s in ("kumquat", "mango")
    }
    out = {
        s: next(e.start for e in found if "out" in e.name and e.start.year == 2026)
        for s, found in inside.items()
    }
    back = {
        s: next(
            e.start
            for e in found
            if "in" in e.name.split() and e.start >= out[s] and "out" not in e.name
        )
        for s, found in inside.items()
    }
    assert out["kumquat"] <= out["mango"]
    assert back["mango"] < back["kumquat"]


def test_observed_date_beats_the_computed_one(know):
    site = place(know, "humid-gulf")
    seen = dt.date(2026, 2, 20)
    events = season(site, NAVEL, know, START, END, observed={"flush_start": seen}).events
    flush = next(e for e in events if e.name == "first flush" and e.start.year == 2026)
    assert (flush.start, flush.origin) == (seen, "observed")
    bloom = next(e for e in events if e.name == "bloom" and e.start.year == 2026)
    assert (bloom.start - seen).days == know.number("species/navel-orange/bloom-after-flush")


@pytest.mark.parametrize(
    ("tree", "share"),
    [
        (TreeState("navel-orange", 2026), 0.0),
        (TreeState("navel-orange", 2023), 0.10),
        (NAVEL, 0.20),
        (replace(NAVEL, used_share=0.15), 0.05),
        (replace(NAVEL, used_share=0.25), 0.0),
        (replace(NAVEL, condition="weak"), 0.10),
        (TreeState("navel-orange", 2012, in_pot=True), 0.20),
        (TreeState("avocado", 2012, "hass"), 0.15),
    ],
)
def test_budget_by_age_condition_and_what_is_used(know, tree, share):
    best = max(
        s.max_share
        for s in season(
            place(know, "mediterranean-coast"),
            tree,
            know,
            dt.date(2026, 2, 1),
            dt.date(2026, 6, 30),
            ["thin"],
        ).segments
    )
    assert best == pytest.approx(share)


def growing(know, site, tree, day=dt.date(2026, 6, 1), **changes) -> Asked:
    """The growing year around a day, with dates of one's own in place of the computed ones."""
    first, second, third, fourth = growing_year_starts(site, day, day)[:4]
    years = [
        growing_year(site, tree, know, s, e - dt.timedelta(days=1), {})
        for s, e in pairwise((first, second, third, fourth))
    ]
    return Asked(
        site, tree, know, years[0], replace(years[1], **changes), years[2], stance_in_force(know)
    )


@pytest.mark.parametrize(
    ("vigour", "name", "day"),
    [
        (4, "mango-latest-tip", (7, 30)),
        (3, "mango-latest-tip", (8, 14)),
        (1, "mango-latest-tip", (9, 3)),
        (2, "mango-latest-tip", (8, 24)),
        (5, "mango-latest-tip", (7, 15)),
        (4, "mango-latest-scaffold", (5, 31)),
        (3, "mango-hard", (9, 22)),
    ],
)
def test_mango_ladder_of_worked_dates(know, vigour, name, day):
    """From memory: cool nights from 1 Dec; tips by vigour 3 Sep, 24 Aug, 14 Aug, 30 Jul, 15 Jul; a
    scaffold lowered 31 May; hard stop 22 Sep.
    """
    asked = growing(
        know,
        place(know, "humid-peninsula"),
        TreeState("mango", 2012, vigour=vigour),
        bloom_forms=Span(dt.date(2026, 12, 1), dt.date(2027, 1, 30)),
    )
    assert asked.date(name) == dt.date(2026, *day)


def test_forecast_frost_stops_live_cuts_and_not_suckers(know):
    """From memory: -0.5 °C ten days after 1 March stops thinning, never a sucker."""
    cold = [ForecastDay(dt.date(2026, 3, 11), -0.5, 12)]
    site = replace(place(know, "mediterranean-coast"), last_frost=(2, 10))
    tree = TreeState("mandarin", 2012, "clementine")
    assert at(know, site, tree, "thin", dt.date(2026, 3, 1)).status == "go"
    stopped = at(know, site, tree, "thin", dt.date(2026, 3, 1), forecast=cold)
    assert (stopped.status, "forecast-frost" in [r.code for r in stopped.reasons]) == ("stop", True)
    assert at(know, site, tree, "sucker", dt.date(2026, 3, 1), forecast=cold).status == "go"
    assert at(know, site, tree, "thin", dt.date(2026, 3, 15), forecast=cold).status == "go"


def test_frozen_trees_wait_for_their_class(know):
    site = replace(place(know, "humid-gulf"), last_frost=(3, 1))
    hurt = replace(NAVEL, freeze_class="F4")
    assert at(know, site, hurt, "thin", dt.date(2026, 6, 28)).status == "stop"
    reason = next(
        r
        for r in at(know, site, hurt, "thin", dt.date(2026, 6, 28)).reasons
        if r.code == "after-freeze"
    )
    assert "29 Jun 2026" in said(reason)  # from memory: last frost 1 March and 120 days
    assert at(know, site, hurt, "thin", dt.date(2026, 6, 29)).status != "stop"


def test_verdict_names_the_last_good_day(know):
    site, tree = place(know, "mediterranean-coast"), TreeState("mandarin", 2012, "clementine")
    good = at(know, site, tree, "thin", dt.date(2026, 3, 1))
    assert good.status == "go"
    assert at(know, site, tree, "thin", good.last_good_day).status == "go"
    assert at(know, site, tree, "thin", good.last_good_day + dt.timedelta(days=1)).status != "go"
    assert "20 %" in said(good.sentence)


def test_nearest_climate_and_frost_pocket(know):
    for climate in CLIMATES:
        assert nearest_climate(know, climate_normals(know, climate), 30) == climate
        assert nearest_climate(know, climate_normals(know, climate, True), -30) == climate
    normals = climate_normals(know, "inland-mediterranean")
    last, first = pocket_frost_dates(normals, (3, 10), (11, 25), -1.5)
    assert (3, 20) < last < (4, 20)
    assert (11, 1) < first < (11, 20)
    assert pocket_frost_dates(normals, (3, 10), None, 0) == ((3, 10), None)
    warm_last, warm_first = pocket_frost_dates(normals, (3, 10), (11, 25), 1.0)
    assert warm_last < (3, 10)
    assert warm_first > (11, 25)
