"""When each kind of work is right: places, species, ages and forecasts, and what moves the dates."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace
from itertools import pairwise

import pytest
from hypothesis import given
from hypothesis import strategies as st

from billhook.core.season.claims import Asked
from billhook.core.season.events import growing_year, growing_year_starts
from billhook.core.season.model import STRICTNESS, WORKS, ForecastDay, Site, Span, TreeState
from billhook.core.season.normals import Normals
from billhook.core.season.place import climate_frost, climate_normals, nearest_climate, pocket_frost_dates
from billhook.core.season.rules import claims_of
from billhook.core.season.schools import stance_in_force
from billhook.core.season.season import season
from billhook.core.season.today import verdict

START, END = dt.date(2026, 1, 1), dt.date(2027, 6, 30)
CLIMATES = ["humid-gulf", "humid-peninsula", "low-desert", "inland-valley", "dry-cool-coast", "mediterranean-coast", "inland-mediterranean",
            "maritime-cool", "tropical-highland", "tropical-lowland"]  # fmt: skip
NAVEL = TreeState("navel-orange", 2012, "washington-navel")


def place(know, climate: str, southern: bool = False) -> Site:
    last, first = climate_frost(know, climate, southern)
    latitude = (-1 if southern else 1) * (8 if climate.startswith("tropical") else 30)
    return Site(latitude, climate_normals(know, climate, southern), last, first, climate)


def at(know, site, tree, work, day, **more):
    return verdict(season(site, tree, know, START, END, **more).segments, work, day)


@given(
    st.sampled_from(CLIMATES),
    st.booleans(),
    st.sampled_from(["navel-orange", "lemon", "mango", "avocado", "satsuma", "kumquat"]),
    st.booleans(),
    st.integers(2010, 2026),
)
def test_segments_have_no_gap_and_limits_hold(know, climate, southern, species, potted, planted):
    answer = season(place(know, climate, southern), TreeState(species, planted, in_pot=potted), know, START, END)
    for work in WORKS:
        lane = [s for s in answer.segments if s.work == work]
        assert (lane[0].start, lane[-1].end) == (START, END)
        assert all(b.start - a.end == dt.timedelta(days=1) for a, b in pairwise(lane))
        assert all(s.reasons for s in lane)
        if work in ("sucker", "sanitation", "fruit"):
            assert all(s.max_share is None and (s.status == "go" or work == "fruit") for s in lane)
        else:
            assert all((s.max_share > 0) == (s.status in ("go", "light")) for s in lane)
            assert all(s.max_share <= (0.95 if work == "skeleton" else 0.33) for s in lane)
    assert all(e.end >= e.start for e in answer.events)


def test_a_navel_in_the_year_of_a_gulf_coast(know):
    site = place(know, "humid-gulf")
    winter = at(know, site, NAVEL, "thin", dt.date(2026, 2, 1))
    assert winter.status == "light"
    assert "fruit-on" in [r.code for r in winter.reasons]
    autumn = at(know, site, NAVEL, "height", dt.date(2026, 10, 1))
    assert autumn.status == "stop"
    assert autumn.opens is not None
    assert autumn.opens > autumn.day
    assert "25 Nov 2026" in next(r.text for r in autumn.reasons if r.code == "flush-meets-frost")
    summer = at(know, site, NAVEL, "thin", dt.date(2026, 7, 15))
    assert (summer.status, "bark-sun" in [r.code for r in summer.reasons]) == ("light", True)
    assert summer.max_share <= 0.05


def test_bloom_stops_heading_and_only_heading(know):
    site = place(know, "humid-gulf")
    bloom = next(e for e in season(site, NAVEL, know, START, END).events if e.name == "bloom")
    day = bloom.start + dt.timedelta(days=5)
    assert at(know, site, NAVEL, "height", day).status == "stop"
    assert at(know, site, NAVEL, "thin", day).status == "wait"
    assert at(know, site, NAVEL, "sucker", day).status == "go"


def test_no_hot_season_never_frees_bark(know):
    """A cool coast reaches 25 °C at most, and still its warmest three months bare no bark."""
    cool = at(know, place(know, "dry-cool-coast"), NAVEL, "thin", dt.date(2026, 9, 15))
    assert (cool.status, "bark-sun" in [r.code for r in cool.reasons]) == ("light", True)
    assert at(know, place(know, "dry-cool-coast"), NAVEL, "skeleton", dt.date(2026, 9, 15)).status == "stop"


def test_no_frost_drops_only_the_frost_rules(know):
    site = place(know, "dry-cool-coast")
    codes = {r.code for s in season(site, NAVEL, know, START, END).segments for r in s.reasons}
    assert not codes & {"flush-meets-frost", "winter-frost", "unhardened"}
    assert {"bloom", "bark-sun"} <= codes


@pytest.mark.parametrize("month", range(12))
def test_warming_a_month_moves_the_computed_events(know, month):
    """December's warmth lies between the last safe day and the sums from 1 January: it moves only the winter rest, so only the segments."""
    site = place(know, "inland-mediterranean")
    warmer = Normals(*(tuple(t + 2 * (i == month) for i, t in enumerate(v)) for v in (site.normals.tmin_c, site.normals.tmax_c)))
    before, after = (season(replace(site, normals=n), NAVEL, know, START, END) for n in (site.normals, warmer))
    assert before != after
    if month not in (10, 11):
        assert {e for e in before.events if e.origin == "computed"} != {e for e in after.events if e.origin == "computed"}


@pytest.mark.parametrize(
    ("month", "moves", "stays"),
    [(1, "first flush", "last safe hard cut"), (8, "last safe hard cut", "first flush"), (7, "strong sun on bark", "bloom")],
)
def test_warming_a_month_moves_what_rests_on_it_and_nothing_else(know, month, moves, stays):
    site = place(know, "inland-mediterranean")
    warmer = Normals(*(tuple(t + 4 * (i == month) for i, t in enumerate(v)) for v in (site.normals.tmin_c, site.normals.tmax_c)))
    span = (dt.date(2026, 1, 1), dt.date(2026, 12, 31))
    before, after = (
        {e.name: (e.start, e.end) for e in season(replace(site, normals=n), NAVEL, know, *span).events if e.start.year == 2026}
        for n in (site.normals, warmer)
    )
    assert before[moves] != after[moves]
    assert before[stays] == after[stays]
    assert before["frost likely"] == after["frost likely"]


def test_a_quarantine_is_said_and_closes_nothing(know):
    site = place(know, "mediterranean-coast")
    plain, held = (season(s, NAVEL, know, START, END).segments for s in (site, replace(site, dangers=frozenset({"quarantine"}))))
    assert [(s.work, s.start, s.status, s.max_share) for s in plain] == [(s.work, s.start, s.status, s.max_share) for s in held]
    assert all("quarantine" in [r.code for r in s.reasons] for s in held)


@pytest.mark.parametrize("species", ["navel-orange", "lemon", "mango", "avocado"])
@pytest.mark.parametrize("climate", ["inland-valley", "humid-gulf", "mediterranean-coast", "dry-cool-coast"])
def test_south_is_north_half_a_year_on(know, climate, species):
    """Events and the first day of each go within three days of half a year (months are not of one length)."""
    tree, first, last = TreeState(species, 2010), dt.date(2026, 1, 1), dt.date(2028, 6, 30)
    north, south = (season(place(know, climate, s), tree, know, first, last) for s in (False, True))

    def starts(answer) -> dict[str, list[dt.date]]:
        found: dict[str, list[dt.date]] = {}
        for e in answer.events:
            found.setdefault(e.name, []).append(e.start)
        for work in WORKS:
            lane = [s for s in answer.segments if s.work == work]
            found[work] = [b.start for a, b in pairwise(lane) if b.status == "go" and a.status != "go"]
        return found

    southern = starts(south)
    for name, days in starts(north).items():
        for day in (d for d in days if dt.date(2026, 9, 1) <= d <= dt.date(2027, 9, 1)):
            assert min(abs((d - day).days - 182.5) for d in southern[name]) <= 3.5, (name, day)


@given(
    st.sampled_from(CLIMATES), st.sampled_from(["navel-orange", "mango", "avocado", "loquat"]), st.integers(0, 10**6),
    st.sampled_from(["season/light-share", "budget/citrus-mature", "budget/mango-mature", "budget/avocado-mature", "budget/loquat-mature", "windows/hedge-light-share"]),
)  # fmt: skip
def test_loosening_a_share_closes_no_day(know, climate, species, seed, known_id):
    """A grower who raises a limit within its range never finds a day closed by it, nor a smaller share."""
    looser = know.with_more({known_id: replace(know[known_id], value=know[known_id].high)})
    tree = TreeState(species, 2012, used_share=(seed % 20) / 100)
    before, after = (season(place(know, climate), tree, k, START, END).segments for k in (know, looser))
    for work in ("thin", "height", "hedge", "tip"):
        for day in (START + dt.timedelta(days=(seed * 7 + i * 61) % 540) for i in range(9)):
            a, b = (next(s for s in found if s.work == work and s.start <= day <= s.end) for found in (before, after))
            assert STRICTNESS[b.status] <= STRICTNESS[a.status], (work, day)
            assert b.max_share >= a.max_share - 1e-9, (work, day)


@pytest.mark.parametrize("latitude", [0.0, 5.0, -5.0, -8.0])
def test_near_the_equator_nothing_turns_and_nothing_freezes(know, latitude):
    site = replace(place(know, "tropical-lowland"), latitude=latitude)
    answer = season(site, TreeState("mango", 2012), know, START, END)
    harvest = next(e for e in answer.events if e.name == "harvest" and e.start.year == 2026)
    assert harvest.start.month == 6
    assert not any("frost" in r.code for s in answer.segments for r in s.reasons)
    assert any(s.status == "go" for s in answer.segments if s.work == "thin")


def test_two_rules_on_a_day_the_stricter_wins_and_both_show(know):
    site = place(know, "low-desert")
    summer = at(know, site, NAVEL, "thin", dt.date(2026, 7, 20))
    codes = {r.code for r in summer.reasons}
    assert {"bark-sun", "hot-season"} <= codes
    assert summer.status == "light"
    both = at(know, site, replace(NAVEL, condition="transplanted"), "thin", dt.date(2026, 7, 20))
    assert {"bark-sun", "transplanted"} <= {r.code for r in both.reasons}
    assert (both.status, both.max_share) == ("wait", 0)


@pytest.mark.parametrize(
    ("climate", "tree", "work", "day", "status", "code"),
    [
        ("mediterranean-coast", TreeState("sweet-orange", 2012, "valencia"), "thin", (2027, 4, 5), "light", "two-crops"),
        ("mediterranean-coast", TreeState("avocado", 2025, "hass"), "thin", (2026, 5, 1), "wait", "avocado-young"),
        ("mediterranean-coast", TreeState("loquat", 2012), "tip", (2026, 10, 10), "stop", "loquat-buds"),
        ("mediterranean-coast", TreeState("loquat", 2012), "tip", (2026, 7, 5), "go", "loquat-after-fruiting"),
        ("humid-peninsula", TreeState("lychee", 2012), "tip", (2026, 7, 1), "go", "lychee-with-pick"),
        ("humid-peninsula", TreeState("lychee", 2012), "tip", (2026, 10, 5), "stop", "lychee-late-flush"),
        ("humid-peninsula", TreeState("mango", 2012, "keitt", fruit_on="none"), "height", (2026, 4, 20), "go", "mango-off-crop"),
        ("inland-mediterranean", TreeState("lemon", 2018, in_pot=True, under_cover=True), "pot", (2026, 10, 20), "stop", "pot-before-carry-in"),
        ("inland-mediterranean", TreeState("lemon", 2018, in_pot=True, under_cover=True, too_tall=True), "pot", (2026, 10, 20), "light", "pot-too-tall"),
        ("humid-gulf", TreeState("lemon", 2012), "thin", (2026, 2, 20), "go", "thin-everbearing"),
        ("low-desert", TreeState("navel-orange", 2012), "skeleton", (2026, 4, 20), "stop", "skeleton-no-time"),
    ],
)  # fmt: skip
def test_rules_of_the_trade_on_their_days(know, climate, tree, work, day, status, code):
    found = at(know, place(know, climate), tree, work, dt.date(*day))
    assert (found.status, code in [r.code for r in found.reasons]) == (status, True), [r.code for r in found.reasons]


def test_suckers_of_a_hot_desert_are_swept_ahead_of_the_autumn_flush(know):
    events = season(place(know, "low-desert"), NAVEL, know, START, END).events
    sweeps = [e for e in events if e.name == "sucker sweep" and e.start.year == 2026]
    assert any(e.start.month in (8, 9) for e in sweeps)
    hottest = [e for e in events if e.name == "later flush" and e.start.month == 7]
    assert hottest == []


def test_a_pot_goes_out_and_comes_in_by_what_its_kind_bears(know):
    site = place(know, "inland-mediterranean")
    inside = {
        s: [e for e in season(site, TreeState(s, 2018, in_pot=True, under_cover=True), know, START, END).events if e.name.startswith("carry")]
        for s in ("kumquat", "mango")
    }
    out = {s: next(e.start for e in found if "out" in e.name and e.start.year == 2026) for s, found in inside.items()}
    back = {s: next(e.start for e in found if "in" in e.name.split() and e.start >= out[s] and "out" not in e.name) for s, found in inside.items()}
    assert out["kumquat"] <= out["mango"]
    assert back["mango"] < back["kumquat"]


def test_schools_of_timing_differ_outside_the_windows(know):
    site, tree, day = place(know, "mediterranean-coast"), TreeState("mandarin", 2012, "clementine"), dt.date(2026, 6, 20)
    assert at(know, site, tree, "thin", day).status == "light"
    strict = at(know, site, tree, "thin", day, stance={"timing": "before-first-flush"})
    assert (strict.status, strict.max_share) == ("wait", 0)
    window = dt.date(2026, 3, 1)
    assert at(know, site, tree, "thin", window) == at(know, site, tree, "thin", window, stance={"timing": "before-first-flush"})


def test_observed_date_beats_the_computed_one(know):
    site = place(know, "humid-gulf")
    seen = dt.date(2026, 2, 20)
    events = season(site, NAVEL, know, START, END, observed={"flush_start": seen}).events
    flush = next(e for e in events if e.name == "first flush" and e.start.year == 2026)
    assert (flush.start, flush.origin) == (seen, "observed")
    bloom = next(e for e in events if e.name == "bloom" and e.start.year == 2026)
    assert (bloom.start - seen).days == know.number("species/navel-orange/bloom-after-flush")


def test_flush_before_the_last_frost_ends_ordinary_cuts_early(know):
    site = replace(place(know, "humid-gulf"), last_frost=(4, 10))
    tree = TreeState("satsuma", 2012)
    flush = next(e.start for e in season(site, tree, know, START, END).events if e.name == "first flush" and e.start.year == 2026)
    assert flush < dt.date(2026, 4, 10)
    assert at(know, site, tree, "thin", flush - dt.timedelta(days=3)).status == "go"
    assert at(know, site, tree, "thin", flush + dt.timedelta(days=1)).status != "go"
    pocket = replace(site, frost_pocket=True)
    assert at(know, pocket, tree, "thin", flush - dt.timedelta(days=3)).status != "go"
    assert at(know, site, tree, "skeleton", flush - dt.timedelta(days=3)).status != "go"


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
        s.max_share for s in season(place(know, "mediterranean-coast"), tree, know, dt.date(2026, 2, 1), dt.date(2026, 6, 30), ["thin"]).segments
    )
    assert best == pytest.approx(share)


def test_everbearing_trees_have_no_bloom_stop(know):
    codes = {r.code for s in season(place(know, "mediterranean-coast"), TreeState("lemon", 2012), know, START, END).segments for r in s.reasons}
    assert not codes & {"bloom", "fruit-on", "thin-main"}
    loaded = at(know, place(know, "mediterranean-coast"), TreeState("lemon", 2012, fruit_on="full"), "skeleton", dt.date(2026, 3, 1))
    assert (loaded.status, "full-crop" in [r.code for r in loaded.reasons]) == ("wait", True)


def growing(know, site, tree, day=dt.date(2026, 6, 1), **changes) -> Asked:
    """The growing year around a day, with dates of one's own in place of the computed ones."""
    first, second, third, fourth = growing_year_starts(site, day, day)[:4]
    years = [growing_year(site, tree, know, s, e - dt.timedelta(days=1), {}) for s, e in pairwise((first, second, third, fourth))]
    return Asked(site, tree, know, years[0], replace(years[1], **changes), years[2], stance_in_force(know))


@pytest.mark.parametrize(
    ("vigour", "name", "day"),
    [(4, "full-tip", (7, 30)), (3, "full-tip", (8, 14)), (1, "full-tip", (9, 3)), (2, "full-tip", (8, 24)), (5, "full-tip", (7, 15)),
     (4, "full-scaffold", (5, 31)), (3, "hard-stop", (9, 22))],
)  # fmt: skip
def test_mango_ladder_of_worked_dates(know, vigour, name, day):
    """From memory: cool nights from 1 Dec; tips by vigour 3 Sep, 24 Aug, 14 Aug, 30 Jul, 15 Jul; a scaffold lowered 31 May; hard stop 22 Sep."""
    asked = growing(
        know, place(know, "humid-peninsula"), TreeState("mango", 2012, vigour=vigour), bloom_forms=Span(dt.date(2026, 12, 1), dt.date(2027, 1, 30))
    )
    assert asked.date(name) == dt.date(2026, *day)


def test_mango_picked_late_says_what_is_lost(know):
    """From memory, picks that end 5 Sep and 1 Oct at vigour 3 with cool nights from 1 Dec: tips only and a warning; then nothing but hazards."""
    cool, tree = Span(dt.date(2026, 12, 1), dt.date(2027, 1, 30)), TreeState("mango", 2012, "keitt", vigour=3)
    claims = {}
    for end in (dt.date(2026, 9, 5), dt.date(2026, 10, 1)):
        asked = growing(know, place(know, "humid-peninsula"), tree, bloom_forms=cool, harvest=Span(dt.date(2026, 8, 1), end))
        claims[end.month] = [c for c in claims_of(asked) if c.work in ("tip", "thin") and c.kind == "window" and c.when.start > end]
    late = claims[9]
    assert {(c.work, c.status) for c in late} == {("tip", "light")}
    assert "60 %" in late[0].reason.text
    assert late[0].reason.used["last day for a full bloom"] == "2026-08-14"
    assert claims[10] == []


def test_mango_closes_before_the_cool_nights(know):
    site = place(know, "humid-peninsula")
    early = TreeState("mango", 2012, "irwin")
    assert at(know, site, early, "tip", dt.date(2026, 8, 5)).status == "go"
    late = at(know, site, early, "tip", dt.date(2026, 10, 5))
    assert (late.status, "mango-induction" in [r.code for r in late.reasons]) == ("stop", True)
    tropics = season(place(know, "tropical-lowland"), early, know, START, END)
    assert not any(r.code == "mango-induction" for s in tropics.segments for r in s.reasons)


def test_avocado_opens_after_frost_and_closes_before_it(know):
    site, tree = place(know, "mediterranean-coast"), TreeState("avocado", 2012, "hass")
    assert at(know, site, tree, "height", dt.date(2026, 4, 1)).status == "go"
    assert at(know, site, tree, "height", dt.date(2026, 11, 25)).status == "stop"
    humid = TreeState("avocado", 2012, "simmonds")
    assert at(know, place(know, "humid-peninsula"), humid, "thin", dt.date(2026, 10, 10)).status == "wait"


def test_pots_under_cover_have_no_frost_rule(know):
    site = place(know, "inland-mediterranean")
    indoors = TreeState("lemon", 2020, in_pot=True, under_cover=True)
    codes = {r.code for s in season(site, indoors, know, START, END).segments for r in s.reasons}
    assert not codes & {"flush-meets-frost", "winter-frost"}
    assert at(know, site, indoors, "pot", dt.date(2026, 3, 28)).status == "go"  # 10 Mar and two weeks of shade
    assert at(know, site, NAVEL, "pot", dt.date(2026, 3, 28)).status == "wait"


def test_forecast_frost_stops_live_cuts_and_not_suckers(know):
    """From memory: -0.5 °C ten days after 1 March stops thinning, never a sucker."""
    cold = [ForecastDay(dt.date(2026, 3, 11), -0.5, 12)]
    site = replace(place(know, "mediterranean-coast"), last_frost=(2, 10))
    tree = TreeState("mandarin", 2012, "clementine")
    assert at(know, site, tree, "thin", dt.date(2026, 3, 1)).status == "go"
    stopped = at(know, site, tree, "thin", dt.date(2026, 3, 1), forecast=cold)
    assert (stopped.status, stopped.reasons[-1].code in ("forecast-frost", "yearly-budget")) == ("stop", True)
    assert at(know, site, tree, "sucker", dt.date(2026, 3, 1), forecast=cold).status == "go"
    assert at(know, site, tree, "thin", dt.date(2026, 3, 15), forecast=cold).status == "go"


def test_frozen_trees_wait_for_their_class(know):
    site = replace(place(know, "humid-gulf"), last_frost=(3, 1))
    hurt = replace(NAVEL, freeze_class=4)
    assert at(know, site, hurt, "thin", dt.date(2026, 6, 28)).status == "stop"
    reason = next(r for r in at(know, site, hurt, "thin", dt.date(2026, 6, 28)).reasons if r.code == "after-freeze")
    assert reason.date == dt.date(2026, 6, 29)  # from memory: last frost 1 March and 120 days


def test_verdict_names_the_last_good_day(know):
    site, tree = place(know, "mediterranean-coast"), TreeState("mandarin", 2012, "clementine")
    good = at(know, site, tree, "thin", dt.date(2026, 3, 1))
    assert good.status == "go"
    assert at(know, site, tree, "thin", good.last_good_day).status == "go"
    assert at(know, site, tree, "thin", good.last_good_day + dt.timedelta(days=1)).status != "go"
    assert "20 %" in good.sentence


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
