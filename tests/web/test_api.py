"""The API as its callers meet it: calculators against hand-worked answers, resources end to end,
conflicts, files.
"""

from __future__ import annotations

import re

import pytest

from billhook.core.season.model import WORKS
from billhook.services.holding import setting_up

from ..places import new_id
from .bodies import CUTS, FRAME, SEASON, TMAX, TMIN


def post(served, path, body, status=200):
    answer = served.client.post(path, json=body)
    assert answer.status_code == status, answer.get_json()
    return answer.get_json()


def test_frame_calculator_against_the_hand_worked_tree(served):
    """The scaffold tapers 60 to 20 mm over 2 m: 30 mm at 1.5 m, so a quarter of the only scaffold
    goes; its side branch stays.
    """
    found = post(served, "/api/calc/frame", {"frame": FRAME, "cuts": CUTS})
    assert found["canopy_share_removed"] == pytest.approx(0.25)
    assert found["wood_share_removed"] == pytest.approx(0.25)
    cut = found["cuts"][0]
    assert (cut["wound_mm"], cut["fruit_lost"], cut["void"], cut["lift_kg"] / cut["hand_kg"]) == (
        pytest.approx(30),
        9,
        False,
        2,
    )
    assert (found["before"]["fruit"], found["after"]["fruit"]) == (12, 3)
    assert found["balance_before"]["bearing_deg"] is not None
    heavier = post(
        served,
        "/api/calc/frame",
        {"frame": FRAME, "cuts": CUTS, "green_density_kg_m3": 1050, "exponent": 1},
    )
    assert heavier["cuts"][0]["wood_kg"] == pytest.approx(cut["wood_kg"] * 1050 / 950)
    assert heavier["canopy_share_removed"] == pytest.approx(0.5)


def test_heat_and_latest_cut_calculators(served):
    heat = post(
        served,
        "/api/calc/heat-units",
        {"tmin": [8, 13], "tmax": [22, 20], "base_c": 12.8, "method": "single_triangle"},
    )
    assert heat["daily"] == [pytest.approx(3.023, abs=1e-3), pytest.approx(3.7)]
    assert heat["total"] == pytest.approx(sum(heat["daily"]))
    warm = {
        "normals": {"tmin": [25] * 12, "tmax": [25] * 12},
        "base_c": 12.8,
        "heat_units": 830,
        "before": "2026-11-30",
        "safety_days": 0,
    }
    assert post(served, "/api/calc/latest-cut", warm) == {
        "latest": "2026-09-22",
        "matures_on": "2026-11-30",
        "days": 69,
        "reason": None,
    }
    cold = post(
        served, "/api/calc/latest-cut", warm | {"normals": {"tmin": [1] * 12, "tmax": [9] * 12}}
    )
    assert cold["latest"] is None
    assert "830" in cold["reason"]


def test_season_calculator_has_the_documented_shape(served):
    found = post(served, "/api/calc/season", SEASON)
    assert {e["name"] for e in found["events"]} >= {
        "first flush",
        "bloom",
        "harvest",
        "frost likely",
    }
    flush = next(e for e in found["events"] if e["name"] == "first flush")
    assert (flush["from"], flush["origin"]) == ("2027-03-20", "observed")
    assert {s["work"] for s in found["segments"]} == {"thin", "height"}
    first = found["segments"][0]
    assert first["from"] == "2027-03-24"
    assert set(first) == {"work", "from", "to", "status", "max_share", "price", "reasons"}
    assert all(
        {"code", "text", "used", "catalogue_ids"} <= set(r)
        for s in found["segments"]
        for r in s["reasons"]
    )
    bare = {
        "site": {
            "latitude": -33,
            "normals": {"tmin": TMIN[6:] + TMIN[:6], "tmax": TMAX[6:] + TMAX[:6]},
            "last_frost": None,
            "first_frost": None,
        },
        "tree": {"species": "avocado", "planted_year": 2014},
        "from": "2027-03-24",
        "to": "2027-03-24",
    }
    assert len(post(served, "/api/calc/season", bare)["segments"]) == len(WORKS)


def test_any_time_school_is_accepted_and_strict_about_its_name(served):
    for timing, status in (("any-time", 200), ("before-first-flush", 200), ("by-the-moon", 422)):
        assert (
            served.client.post(
                "/api/calc/season", json=SEASON | {"stance": {"timing": timing}}
            ).status_code
            == status
        )


def test_from_marks_to_log_over_the_api(served):
    tree = served.client.get(f"/api/trees/{served.tree_id}").get_json()
    assert tree["name"] == "Baixo 4·1"
    assert tree["frame"]["limbs"][0]["start"] == [0, 0, 0.6]
    assert [x["id"] for x in tree["frame"]["limbs"] if x["sucker"]] == ["k"]
    body = {
        "frame_id": tree["frame"]["id"],
        "cuts": [{"limb": "e", "keep_m": 1.5}, {"limb": "k", "keep_m": 0}],
        "work": "thin",
    }
    preview = post(served, f"/api/trees/{served.tree_id}/preview", body)
    assert preview["canopy_share_removed"] == pytest.approx(0.125)
    assert preview["against"]["fits"]
    made = post(served, f"/api/trees/{served.tree_id}/sheets", body | {"id": new_id()}, 201)
    sheet = served.client.get(f"/api/sheets/{made['id']}?units=us").get_json()
    assert [line["advice"]["order_class"] for line in sheet["lines"]] == [2, 7]
    assert "'" in sheet["lines"][1]["advice"]["position"]
    for line in sheet["lines"]:
        answer = served.client.put(
            f"/api/sheets/{made['id']}/cuts/{line['id']}",
            json={"id": new_id(), "done": True, "diameter_mm": 29, "who": "first helper"},
        )
        assert answer.status_code == 200
    assert all(line["done"] and line["done_mm"] == 29 for line in answer.get_json()["lines"])
    done = post(served, f"/api/sheets/{made['id']}/finish", {"version": 1, "who": "first helper"})
    assert done["entry"]["share"] == pytest.approx(0.125)
    assert {t["kind"] for t in done["tasks"]} == {"sucker", "breaks", "trim"}
    entries = served.client.get("/api/log").get_json()["entries"]
    assert [(e["tree"], e["plan_id"]) for e in entries] == [("Baixo 4·1", made["id"])]
    assert "Baixo 4·1,thin" in served.client.get("/api/log.csv").get_data(as_text=True)
    task = done["tasks"][0]
    settled = served.client.put(f"/api/tasks/{task['id']}", json={"version": 1, "state": "done"})
    assert settled.get_json()["state"] == "done"


def test_measuring_and_a_conflict_that_says_what_holds(served):
    body = {"id": new_id(), "previous_id": served.frame_id, "frame": FRAME, "measured": ["e"]}
    saved = post(served, f"/api/trees/{served.tree_id}/frames", body, 201)
    assert [(x["id"], x["measured"]) for x in saved["frame"]["limbs"]] == [
        ("e", True),
        ("e1", False),
    ]
    conflict = post(served, f"/api/trees/{served.tree_id}/frames", body | {"id": new_id()}, 409)
    assert conflict["current"] == {"frame_id": saved["frame"]["id"]}
    stale = served.client.patch(f"/api/trees/{served.tree_id}", json={"version": 4, "note": "mine"})
    assert (stale.status_code, stale.get_json()["current"]["version"]) == (409, 1)
    changed = served.client.patch(
        f"/api/trees/{served.tree_id}", json={"version": 1, "note": "by the gate"}
    )
    assert (changed.get_json()["note"], changed.get_json()["version"]) == ("by the gate", 2)


def test_first_steps_over_the_api(served):
    climates = served.client.get("/api/climates?southern=true").get_json()["climates"]
    assert len(climates) == 13
    assert next(c for c in climates if c["id"] == "low-desert")["tmax_c"][0] == 42
    assert (
        post(served, "/api/climates/nearest", {"latitude": 36.8, "tmin_c": TMIN, "tmax_c": TMAX})[
            "climate"
        ]
        == "mediterranean-coast"
    )
    said = post(served, "/api/plantings/understand", {"text": "a lemon in a 40-litre pot"})
    assert said["groups"] == [
        {
            "count": 1,
            "species": "lemon",
            "cultivar": None,
            "rootstock": None,
            "in_pot": True,
            "pot_l": 40,
        }
    ]
    assert [(a["group"], a["field"]) for a in said["asks"]] == [(0, "planted_year")]
    post(
        served,
        "/api/sites",
        {"holding": "x", "site": "Sul", "latitude": -33.2, "climate": "low-desert"},
        201,
    )
    view = served.client.get("/api/grove").get_json()
    assert len(view["sites"]) == 2


def test_a_tree_is_sketched_observed_and_gone_over_the_api(served):
    sketched = post(
        served,
        f"/api/trees/{served.bare_id}/sketch",
        {"height_m": 3, "spread_m": 2.4, "trunk_mm": 90},
        201,
    )
    assert sketched["frame"]["origin"] == "sketched"
    assert post(served, f"/api/rows/{served.row_id}/mean", {})["applied_to"] == 1
    assert (
        post(
            served,
            f"/api/trees/{served.bare_id}/observations",
            {"kind": "fruit_on", "value": "full", "date": "2027-03-24"},
            201,
        )["value"]
        == "full"
    )
    assert (
        post(served, f"/api/trees/{served.bare_id}/gone", {"version": 1})["removed_on"]
        == "2027-03-24"
    )
    assert served.client.put("/api/units", json={"units": "us"}).get_json() == {"units": "us"}
    view = served.client.get("/api/grove").get_json()
    assert (view["units"], len(view["trees"]["id"]), len(view["gaps"])) == ("us", 1, 1)


def test_a_block_is_described_and_its_cold_air_moves_the_window(served):
    def opens() -> str:
        verdicts = served.client.get(f"/api/trees/{served.tree_id}?day=2027-01-20").get_json()[
            "verdicts"
        ]
        return next(v["opens"] for v in verdicts if v["work"] == "thin")

    before = opens()
    body = {"version": 1, "cap_m": 2.5, "offset_c": -2, "frost_pocket": True, "rows": "trees"}
    answer = served.client.put(f"/api/blocks/{served.block_id}", json=body)
    assert (answer.status_code, answer.get_json()["version"]) == (200, 2)
    assert opens() > before
    assert served.client.get(f"/api/trees/{served.tree_id}").get_json()["cap_m"] == 2.5
    stale = served.client.put(f"/api/blocks/{served.block_id}", json=body)
    assert (stale.status_code, stale.get_json()["current"]["version"]) == (409, 2)
    served.client.put(
        f"/api/blocks/{served.block_id}", json=body | {"version": 2, "rows": "hedgerow"}
    )
    assert served.client.get("/api/grove").get_json()["rows"][0]["kind"] == "hedgerow"


def test_almanac_over_the_api(served):
    found = served.client.get(f"/api/almanac?tree={served.tree_id}&months=12").get_json()
    assert (found["from"], found["to"], found["kind_name"]) == (
        "2027-03-01",
        "2028-02-29",
        "Clementine mandarin",
    )
    assert found["lanes"][0]["name"] == "Suckers below the union"
    assert {"from", "to", "status", "max_share", "price", "reasons"} <= set(
        found["lanes"][1]["segments"][0]
    )
    for wrong in ("months=11", "months=many", "day=soon", "colour=blue"):
        assert served.client.get(f"/api/almanac?{wrong}").status_code == 422
    assert served.client.get("/api/almanac?tree=nothing").status_code == 404


def test_lists_over_the_api(served):
    text = "block,row,place,species,planted_year\nAlto,1,1,mango,2016\nAlto,1,1,mango,2016\n"
    found = post(
        served, "/api/trees/import", {"site_id": served.site_id, "text": text, "save": True}
    )
    assert (found["saved"], [p["line"] for p in found["problems"]]) == (False, [3])
    assert (
        served.client.get("/api/trees.csv")
        .get_data(as_text=True)
        .startswith("block,row,place,species")
    )


def test_the_catalogue_can_be_opened(served):
    found = served.client.get("/api/catalogue?prefix=comeback/").get_json()
    assert {v["id"] for v in found["values"]} >= {"comeback/sprout/days", "comeback/sprout/does"}
    assert all(v["provenance"] and v["says"] for v in found["values"])
    assert served.client.get("/api/catalogue?prefix=nothing").status_code == 422
    codes = {
        i
        for s in post(served, "/api/calc/season", SEASON)["segments"]
        for r in s["reasons"]
        for i in r["catalogue_ids"]
    }
    values = served.client.get("/api/catalogue").get_json()["values"]
    assert {v["of"] for v in values if v["id"] == "cold/meyer-lemon/leaf-h"} == {"Meyer lemon"}
    known = {v["id"] for v in values}
    assert codes
    assert codes <= known


def test_an_unforeseen_error_says_so_and_shows_no_insides(served, monkeypatch):
    def broken(*_: object) -> None:
        raise RuntimeError("secret path /root")

    monkeypatch.setattr(setting_up, "climates", broken)
    served.client.application.config["PROPAGATE_EXCEPTIONS"] = False
    answer = served.client.get("/api/climates")
    assert answer.status_code == 500
    assert "secret" not in answer.get_data(as_text=True)


def test_a_screen_leaves_plain_years_out_and_a_list_keeps_them(served):
    tree = f"/api/trees/{served.tree_id}"
    assert " 2027" not in served.client.get(tree).get_json()["verdicts"][0]["sentence"]
    assert (
        " 2028" in served.client.get(f"{tree}?day=2028-12-01").get_json()["verdicts"][0]["sentence"]
    )
    plan = served.client.post(f"{tree}/plan", json={"goal": "tidy"}).get_json()
    assert " 2027" not in plan["preview"]["verdict"]["sentence"]
    feed = served.client.get("/api/calendar.ics").get_data(as_text=True)
    assert "2027" in feed


def test_in_a_holding_in_feet_what_was_typed_stays_as_typed(served):
    served.client.put("/api/units", json={"units": "us"})
    tree = f"/api/trees/{served.tree_id}"
    typed = {"note": "rope 2 m up, 3 kg of fruit", "name": "the 2 m lemon"}
    version = served.client.get(tree).get_json()["version"]
    assert served.client.patch(tree, json={"version": version, **typed}).status_code == 200
    shown = served.client.get(tree).get_json()
    assert (shown["note"], shown["name"]) == (typed["note"], typed["name"])
    plan = served.client.post(f"{tree}/plan", json={"goal": "lower"}).get_json()
    chips = plan["clippings"]["reasons"][0]["text"]
    assert " lb " in chips
    assert not re.search(r"\d (kg|m²|m³|cm|g)\b", chips)
