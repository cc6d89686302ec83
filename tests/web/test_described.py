"""What the API says of itself, and how its pages are served."""

from __future__ import annotations

import json
import re
from collections import Counter
from pathlib import Path

from billhook.web import models
from billhook.web.app import api_description

from .bodies import CALCULATORS

ROOT = Path(__file__).parents[2]


def test_description_is_openapi_and_has_not_drifted(served):
    document = served.client.get("/api/openapi.json").get_json()
    assert document["openapi"] == "3.1.0"
    kept = json.loads((ROOT / "frontend" / "openapi.json").read_text(encoding="utf-8"))
    assert document == kept, "the API changed: run `make types`"
    for path in CALCULATORS:
        assert (
            "application/problem+json"
            in document["paths"][path]["post"]["responses"]["422"]["content"]
        )
    assert api_description(served.client.application)["paths"].keys() == document["paths"].keys()


def test_pages_and_assets_are_served_compressed_and_cached(served):
    page = served.client.get("/tree/anything")
    assert (page.status_code, page.headers["Cache-Control"]) == (200, "no-cache")
    name = next(
        p.name for p in (ROOT / "billhook" / "web" / "static" / "assets").glob("index-*.js")
    )
    asset = served.client.get(f"/assets/{name}", headers={"Accept-Encoding": "br"})
    assert "immutable" in asset.headers["Cache-Control"]
    assert asset.headers["Content-Encoding"] == "br"
    assert len(asset.data) < 150_000
    assert served.client.get("/assets/nothing.js").status_code == 404
    assert served.client.get("/nothing.txt").status_code == 404
    assert served.client.get("/../pyproject.toml").status_code == 404


def test_no_two_models_share_a_name_so_that_the_description_shows_each():
    folder = Path(models.__file__).parent
    names = [
        n
        for f in folder.rglob("*.py")
        for n in re.findall(r"^class (\w+)\(", f.read_text(), re.MULTILINE)
    ]
    assert len(names) > 200
    assert [n for n, count in Counter(names).items() if count > 1] == []


def test_the_season_calculator_s_place_is_described_as_it_is_taken(served):
    schemas = served.client.get("/api/openapi.json").get_json()["components"]["schemas"]
    place = schemas["SeasonIn"]["properties"]["site"]["$ref"].rsplit("/", 1)[-1]
    assert {"normals", "last_frost", "first_frost"} <= set(schemas[place]["required"])
    assert "version" not in schemas[place]["properties"]
