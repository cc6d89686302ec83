"""What a practitioner would say on a day, and what the product says."""

from __future__ import annotations

import datetime as dt
from dataclasses import replace

import pytest

from billhook.catalogue.wording import said as worded
from billhook.core.season.model import TreeState
from billhook.core.season.normals import values_on
from billhook.core.season.season import season

from ..sites import END, NAVEL, START, YEAR_ROUND, at, grown, place


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
    assert "crop" not in worded(said.sentence)


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
    assert worded(asked.sentence).startswith("Is frost forecast in the next 14 days?")
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
