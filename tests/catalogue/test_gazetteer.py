"""Towns by name, and the climate that is proposed for them.

What the map says is held against well-known climates of cities (from memory), and the distance to
the sea against an atlas (from memory).
"""

from __future__ import annotations

import pytest

from billhook.catalogue.gazetteer import nearest_town, towns_named, zone_at
from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.core.season.climate_of import climate_of, climate_of_zone, hardiness_low_c


def climate(know, typed: str) -> str:
    town = towns_named(typed)[0]
    return climate_of(know, town.latitude, *zone_at(town.latitude, town.longitude)).climate


@pytest.mark.parametrize(
    ("town", "expected"),
    [
        ("Orlando, Florida", "humid-peninsula"),
        ("New Orleans", "humid-gulf"),
        ("Phoenix, Arizona", "low-desert"),
        ("Fresno, California", "inland-valley"),
        ("San Diego, California", "dry-cool-coast"),
        ("Málaga, Spain", "mediterranean-coast"),
        ("Faro, Portugal", "mediterranean-coast"),
        ("Córdoba, Spain", "inland-mediterranean"),
        ("Kerikeri", "maritime-cool"),
        ("Bogotá, Colombia", "tropical-highland"),
        ("Cairns, Australia", "tropical-lowland"),
        ("Brisbane, Australia", "humid-peninsula"),
        ("Chicago", "cold-humid"),
        ("Berlin, Germany", "cold-maritime"),
        ("Denver, Colorado", "cold-dry"),
    ],
)
def test_the_climate_a_grower_there_would_name(know, town, expected):
    assert climate(know, town) == expected


def test_two_towns_of_one_name_and_other_names():
    regions = {t.region for t in towns_named("Springfield")}
    assert {"Missouri", "Illinois", "Ohio"} <= regions
    assert next(t.country for t in towns_named("valencia, spain")) == "Spain"
    assert towns_named("Malaga, Spain")[0].name == "Málaga"
    assert towns_named("Nelspruit")[0].name == "Mbombela"
    assert towns_named("Phoenix")[0].country == "United States"
    assert towns_named("no such town at all") == towns_named(", ") == []


def test_at_most_ten_the_largest_first():
    found = towns_named("san")
    assert len(found) == 10
    assert [t.people for t in found] == sorted((t.people for t in found), reverse=True)


def test_the_sea_and_what_the_map_does_not_show(know):
    assert zone_at(36.72, -4.42)[1] == pytest.approx(10, abs=12)  # Málaga lies at the sea
    assert zone_at(41.88, -87.63)[1] is None  # a thousand kilometres inland
    assert zone_at(70.0, 20.0) == (None, None)
    unknown = climate_of(know, 5.0, None, None)
    assert "latitude alone" in said(unknown.why)
    assert nearest_town(37.02, -7.93).name == "Faro"
    assert nearest_town(-40.0, -120.0) is None  # the middle of an ocean


@pytest.mark.parametrize(
    ("zone", "low_c"), [("7b", -13.6), ("9a", -5.3), ("10", 1.7), ("13a", 16.9), ("1a", -49.7)]
)
def test_hardiness_zones_by_their_definition(zone, low_c):
    """Zone 7b is 5 to 10 °F, zone 9a 20 to 25, zone 10 30 to 40 (USDA, from memory)."""
    assert hardiness_low_c(zone) == pytest.approx(low_c, abs=0.06)


def test_a_zone_picks_the_nearest_lowest(know):
    assert climate_of_zone(know, "5b").climate in ("cold-humid", "cold-dry")
    assert climate_of_zone(know, "9b").climate in ("humid-peninsula", "low-desert")
    for wrong in ("0a", "14", "seven", "7c"):
        with pytest.raises(InvalidInput):
            climate_of_zone(know, wrong)


def test_the_towns_ship_small():
    """Under three megabytes, as said to growers on slow lines."""
    from importlib.resources import files

    folder = files("billhook.catalogue") / "places"
    assert sum(len(f.read_bytes()) for f in folder.iterdir()) < 3e6
