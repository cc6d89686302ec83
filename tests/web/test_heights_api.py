"""Heights, frost, safety and looking back over the API, as a script uses them: known answers,
refusals at the field, nothing saved by a calculator.
"""

from __future__ import annotations

import pytest

from ..places import new_id
from .asking import post, refused
from .bodies import FRAME

ROWS = {
    "latitude": 36.8,
    "date": "2027-04-15",
    "row_bearing_deg": 80,
    "row_spacing_m": 4.5,
    "height_m": 3.6,
    "base_width_m": 2.4,
    "top_width_m": 2.1,
    "skirt_m": 0.5,
    "heights_m": [0.6, 2.0, 3.4],
}


def test_rows_and_sun(served):
    found = post(
        served,
        "/api/calc/hedgerow",
        ROWS
        | {
            "cut": {"height_m": 3.0, "base_width_m": 2.3, "top_width_m": 1.5, "skirt_m": 0.5},
            "hours": 4,
        },
    )
    right, left = found["walls"]
    assert (right["facing_deg"], left["facing_deg"]) == (170, 350)
    assert right["sun_hours"] == sorted(right["sun_hours"])
    assert sum(found["cut_walls"][0]["sun_hours"]) >= sum(right["sun_hours"])
    assert len(right["by_hour"]) == 24
    assert right["by_hour"][0] == 0  # midnight
    assert found["tallest_m"][1] is None  # the wall away from the sun never gets four hours
    assert found["reasons"][1]["catalogue_ids"]
    bare = post(served, "/api/calc/hedgerow", ROWS)
    assert (bare["cut_walls"], bare["tallest_m"]) == (None, None)
    assert "/base_width_m" in refused(served, "/api/calc/hedgerow", ROWS | {"base_width_m": 5.0})
    assert "/height_m" in refused(served, "/api/calc/hedgerow", ROWS | {"skirt_m": 4.0})


def test_renewal_as_the_methods_have_it(served):
    body = {
        "school": "third-of-tree",
        "sectors": 3,
        "years": 4,
        "start_m": [3.0, 3.4, 3.2],
        "regrow_m": 0.5,
        "regrow_low_m": 1.2,
        "low_m": 1.5,
        "tip_m": 2.2,
        "natural_m": 6.0,
        "recovery": [0.05, 0.5, 0.9],
        "cap_m": 2.8,
    }
    found = post(served, "/api/calc/renewal", body)
    assert [y["cut"] for y in found["years"]] == [1, 0, 2, 1]
    assert found["mean_crop"] == pytest.approx((0.68333 + 0.51667 + 2 * 0.48333) / 4, abs=1e-4)
    assert found["under_cap_from"] == 0
    rows = post(
        served, "/api/calc/renewal", body | {"school": "third-of-rows", "start_m": 3.0, "rows": 7}
    )
    assert rows["rows"] == [2, 2, 3]
    tips = post(served, "/api/calc/renewal", body | {"school": "tip-only", "start_m": 3.0})
    assert {y["cut"] for y in tips["years"]} == {None}
    assert "/start_m" in refused(served, "/api/calc/renewal", body | {"start_m": [3.0, 3.0]})
    assert "/low_m" in refused(served, "/api/calc/renewal", body | {"low_m": 2.5})


def test_a_wall_and_its_rules(served):
    now = {"height_m": 3.6, "base_width_m": 2.6, "top_width_m": 2.2, "skirt_m": 0.5}
    body = {
        "now": now,
        "cut": now | {"height_m": 3.0, "base_width_m": 2.2},
        "row_spacing_m": 4.5,
        "latitude": 36.8,
    }
    found = post(served, "/api/calc/wall", body)
    assert (
        0 < found["volume_share"] < found["shell_share"] < 1
    )  # what is cut lies in the part that bears
    assert found["crop"]["this_year"] > found["crop"]["next_year"] >= 0
    assert [r["id"] for r in found["rules"]] == [
        "twice-the-alley",
        "share-of-spacing",
        "by-latitude",
        "leans-in",
    ]
    assert all(r["reason"]["school"] for r in found["rules"])
    nothing = post(served, "/api/calc/wall", body | {"cut": now})
    assert nothing["volume_m3"] == 0
    ripe = post(served, "/api/calc/wall", body | {"ripe_on": True})
    assert ripe["crop"]["picked"] > 0


def test_shapes_and_limbs_of_a_frame(served):
    outline = {"shape": "round", "top_m": 1.2, "half_m": 0.5, "skirt_m": 0.2}
    found = post(served, "/api/calc/envelope", {"frame": FRAME, "outline": outline})
    assert found["breaks"]
    assert [b["beyond_m"] for b in found["breaks"]] == sorted(
        (b["beyond_m"] for b in found["breaks"]), reverse=True
    )
    assert found["edge"][0]["half_m"] == pytest.approx(0.5)
    wide = post(
        served,
        "/api/calc/envelope",
        {"frame": FRAME, "outline": outline | {"top_m": 12, "half_m": 10}},
    )
    assert wide["breaks"] == []
    ranked = post(served, "/api/calc/which-limb", {"frame": FRAME, "low_m": 1.0, "seasons": {}})[
        "limbs"
    ]
    assert [r["points"] for r in ranked] == sorted((r["points"] for r in ranked), reverse=True)
    stored = served.client.get(f"/api/trees/{served.tree_id}/which-limb").get_json()["limbs"]
    assert all(len(r["reasons"]) >= 2 for r in stored)
    assert served.client.get(f"/api/trees/{served.bare_id}/shade").get_json()["pairs"] == []


def test_safety_figures(served):
    found = post(
        served,
        "/api/calc/safety",
        {"air_c": 32.2, "humidity": 0.7, "contact_m": 4.8, "line_kv": 115, "limb_m": 4},
    )
    assert found["heat"] == "reschedule"
    assert found["feels_c"] == pytest.approx(41.1, abs=0.6)
    assert (found["ladder_foot_m"], found["drop_zone_m"]) == (pytest.approx(1.2), 6)
    assert found["line_m"] == pytest.approx(3.70, abs=0.005)
    empty = post(served, "/api/calc/safety", {})
    assert {v for k, v in empty.items() if k != "reasons"} == {None}


def test_looking_back_over_the_api(served):
    pick = {
        "id": new_id(),
        "scope": "tree",
        "scope_id": served.tree_id,
        "day": "2027-01-10",
        "kg": 12.5,
    }
    for _ in range(2):
        assert post(served, "/api/harvests", pick)["kg"] == 12.5
    block = served.client.get(f"/api/blocks/{served.block_id}/look-back").get_json()
    assert [y["crop_kg"] for y in block["years"]] == [12.5]
    assert "/day" in refused(served, f"/api/trees/{served.tree_id}/regrowth", {"length_m": 0.4})
    assert (
        served.client.post(
            "/api/harvests", json=pick | {"id": new_id(), "scope_id": new_id()}
        ).status_code
        == 404
    )


def test_heights_of_a_block_over_the_api(served):
    view = served.client.get(f"/api/blocks/{served.block_id}/heights").get_json()
    assert view["rows"] == [4]
    assert view["proposed"]["base_width_m"] <= view["profile"]["base_width_m"]
    cut = {k: view["proposed"][k] for k in ("height_m", "base_width_m", "top_width_m", "skirt_m")}
    section = post(served, f"/api/blocks/{served.block_id}/section", {"cut": cut})
    assert len(section["year"]) == 12
    assert all(len(s["lit_from"]) == 2 for s in section["steps"])
    schools = post(
        served,
        f"/api/blocks/{served.block_id}/schools",
        {"schools": ["third-of-rows", "tip-only"], "years": 4},
    )["compared"]
    assert [b["code"] for b in schools[0]["barred"]] == ["few-rows"]
    assert schools[1]["barred"] == []
    made = post(
        served,
        "/api/rotations",
        {
            "id": new_id(),
            "scope": "block",
            "scope_id": served.block_id,
            "school": "tip-only",
            "low_m": 1.5,
            "tip_m": 2.2,
            "years": 3,
        },
    )
    assert len({t["due"][:4] for t in made["tasks"]}) == 3
    ended = post(served, f"/api/rotations/{made['id']}/end", {"version": made["version"]})
    assert ended["ended_on"] is not None
    assert (
        served.client.post(
            f"/api/rotations/{made['id']}/end", json={"version": made["version"]}
        ).status_code
        == 409
    )
    grown = post(served, f"/api/trees/{served.tree_id}/grown", {"school": "tip-only", "years": 3})[
        "seasons"
    ]
    assert [s["frame"]["height_m"] for s in grown] == pytest.approx(
        [s["height_m"] for s in grown], abs=0.02
    )
    round_ = post(served, f"/api/blocks/{served.block_id}/hedging-round", {"cut": cut, "years": 2})
    assert {p["row"] for p in round_["years"][0]["passes"]} == {4}
