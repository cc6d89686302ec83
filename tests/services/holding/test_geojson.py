"""Surveyed blocks come in as they were surveyed, or not at all; what leaves comes back the same."""

from __future__ import annotations

import json
from itertools import pairwise

import pytest

from billhook.catalogue.wording import said
from billhook.core.errors import InvalidInput
from billhook.services.holding import planting, setting_up
from billhook.services.holding.geojson import export_geojson, import_geojson
from billhook.store.trees import tree_records

CORNER = (-3.5, 36.8)
# a field of about 100 m by 50 m, at a corner of the place
RING = [[-3.4988, 36.8], [-3.4977, 36.8], [-3.4977, 36.80045], [-3.4988, 36.80045]]
OF = {"species": "mango", "planted_year": 2020, "row_spacing_m": 5, "spacing_m": 3}


@pytest.fixture
def place(at):
    return setting_up.set_up(
        at, "Almirelo", "Almirelo", CORNER[1], "mediterranean-coast", longitude=CORNER[0]
    )


def outline(ring, **more):
    shape = {"type": "Polygon", "coordinates": [[*ring, ring[0]]]}
    return {"type": "Feature", "geometry": shape, "properties": OF | {"block": "Nova"} | more}


def text(*features) -> str:
    return json.dumps({"type": "FeatureCollection", "features": list(features)})


def records(at):
    with at.store.reading() as session:
        return tree_records(session)


def test_the_rows_of_a_surveyed_block_are_counted_out(at, place):
    checked = import_geojson(at, place.id, text(outline(RING)), save=False)
    assert (checked.saved, checked.problems, records(at)) == (False, [], [])
    made = import_geojson(at, place.id, text(outline(RING)), save=True)
    found = records(at)
    assert (made.saved, made.trees, made.blocks) == (True, len(found), 1)
    rows = {r.row.n for r in found}
    assert rows == set(range(1, 11)), "fifty metres at five"
    assert {r.place.n for r in found if r.row.n == 1} == set(range(1, 34)), "98 m at three"
    assert 100 < found[0].place.x < 120


def test_what_leaves_comes_back_the_same(at, place, tmp_path):
    import_geojson(at, place.id, text(outline(RING, cultivar="kent")), save=True)
    out = export_geojson(at, place.id)
    kinds = [f["geometry"]["type"] for f in json.loads(out)["features"]]
    assert (kinds.count("Polygon"), kinds.count("LineString")) == (1, 10)
    ring = json.loads(out)["features"][0]["geometry"]["coordinates"][0]
    area = sum(a[0] * b[1] - b[0] * a[1] for a, b in pairwise(ring))
    assert ring[0] == ring[-1]
    assert area > 0, "an outline goes against the clock (RFC 7946, 3.1.6)"
    before = {(r.name, r.tree.species, r.cultivar, r.place.x, r.place.y) for r in records(at)}
    points = [f for f in json.loads(out)["features"] if f["geometry"]["type"] == "Point"]
    other = setting_up.set_up(
        at, "Almirelo", "Sul", CORNER[1], "mediterranean-coast", longitude=CORNER[0]
    )
    made = import_geojson(at, other.id, text(*points), save=True)
    assert made.problems == []
    after = {
        (r.name, r.tree.species, r.cultivar, r.place.x, r.place.y)
        for r in records(at)
        if r.site.id == other.id
    }
    assert {a[:3] for a in after} == {b[:3] for b in before}
    for a, b in zip(sorted(after), sorted(before), strict=True):
        assert a[3:] == pytest.approx(b[3:], abs=0.02)


@pytest.mark.parametrize(
    ("features", "says"),
    [
        ([outline([RING[0], RING[2], RING[1], RING[3]])], "crosses itself"),
        ([outline(RING[:2])], "at least three corners"),
        ([outline(RING, spacing_m=0)], "between 0.3 and 60"),
        ([outline(RING, row_spacing_m=None)], "is missing, or is no number"),
        ([outline(RING, species="oak")], "is not in the catalogue"),
        ([outline(RING, planted_year=None)], "planted_year is missing"),
        ([outline(RING), outline(RING, block="Outra")], "lies over feature"),
        ([outline(RING), outline(RING)], "is feature 1 already"),
        ([{"type": "Feature", "geometry": None, "properties": {}}], "no feature with places"),
        ([outline([[200, 0], *RING[1:]])], "no feature with places"),
    ],
)
def test_a_file_that_is_wrong_says_where_and_leaves_nothing(at, place, features, says):
    made = import_geojson(at, place.id, text(*features), save=True)
    assert says in " ".join(said(p.message) for p in made.problems)
    assert all(1 <= p.line <= len(features) for p in made.problems)
    assert (made.saved, records(at)) == (False, [])


@pytest.mark.parametrize("broken", ["", "{", "[]", '{"features": 3}', "[" * 100_000])
def test_what_is_no_geojson_says_so(at, place, broken):
    made = import_geojson(at, place.id, broken or " ", save=True)
    assert "no GeoJSON" in said(made.problems[0].message)


def test_nothing_is_laid_over_trees_that_stand(at, place):
    import_geojson(at, place.id, text(outline(RING)), save=True)
    before = len(records(at))
    again = import_geojson(at, place.id, text(outline(RING, block="Outra")), save=True)
    assert "stand within it already" in said(again.problems[0].message)
    assert len(records(at)) == before


def test_a_place_without_a_longitude_is_asked_for_one(at):
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    planting.plant(at, site.id, "Baixo", 1, 2, "lemon", 2019)
    with pytest.raises(InvalidInput):
        export_geojson(at, site.id)
    with pytest.raises(InvalidInput):
        import_geojson(at, site.id, text(outline(RING)), save=True)
