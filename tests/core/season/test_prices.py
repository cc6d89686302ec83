"""Which days of a year are open, and the cheapest of them: the sense of it over every kind and
climate.
"""

from __future__ import annotations

import datetime as dt

import numpy as np
import pytest

from billhook.catalogue.wording import said
from billhook.core.season.best import open_days, runs
from billhook.core.season.budget import own_limit, yearly_budget
from billhook.core.season.model import TreeState
from billhook.core.season.normals import values_on
from billhook.core.season.rules import REMEDIES
from billhook.core.season.season import season
from billhook.core.season.today import verdict
from billhook.core.words.prices import crop_words

from ..sites import CLIMATES, END, KINDS, MAIN, NAVEL, START, YEAR_ROUND, at, grown, place


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
        assert REMEDIES["pick-first"] in said


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
    assert REMEDIES["say-bloomed"] in [r.remedy for r in seen.reasons]


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
    assert "a whole crop" in said(found.sentence)


@pytest.mark.parametrize("climate", ["mediterranean-coast", "tropical-lowland", "humid-gulf"])
def test_the_headline_and_the_reason_name_the_same_price(know, climate):
    """Within a span the price of a day moves; the page says one of them."""
    heard = 0
    for species in ("mango", "avocado", "navel-orange", "loquat"):
        answer = season(place(know, climate), TreeState(species, 2008), know, *YEAR_ROUND, MAIN)
        for nth in range(0, 180, 9):
            found = verdict(answer, "height", YEAR_ROUND[0] + dt.timedelta(days=nth))
            for reason in (r for r in found.reasons if r.code == "cheaper-day"):
                heard += 1
                assert crop_words(found.price) in said(reason), (species, found.day)
    assert heard


def test_a_mango_in_fruit_is_told_that_it_gets_no_nitrogen(know):
    site, tree = place(know, "mediterranean-coast"), TreeState("mango", 2008)
    answer = season(site, tree, know, *YEAR_ROUND, MAIN)
    told = {
        d.month: any(r.code == "no nitrogen" for r in verdict(answer, "thin", d).reasons)
        for d in (dt.date(2027, m, 15) for m in (2, 6, 8, 11))
    }
    assert told == {2: False, 6: True, 8: True, 11: False}


@pytest.mark.parametrize("kind", ["mandarin", "avocado", "mango", "lychee"])
def test_a_skeleton_costs_what_its_kind_s_wood_does_not_bear_while_it_grows_again(know, kind):
    """By the same row that a plan and a rehearsal reckon with."""
    site, tree = place(know, "mediterranean-coast"), TreeState(kind, 2008)
    day = dt.date(2027, 3, 24)
    answer = season(site, tree, know, day, day + dt.timedelta(days=5), ("thin", "skeleton"))
    group = know.text(f"species/{kind}/group")
    row = know.first(f"hard-regrowth/{group}/recovery", "hard-regrowth/other/recovery").id
    besides = answer.prices["skeleton"][0] - answer.prices["thin"][0]
    assert besides == pytest.approx(sum(1 - x for x in know.numbers(row)), abs=0.01)
