"""Frost over the API."""

from __future__ import annotations

import pytest

from ..places import new_id
from .asking import post, refused


def test_frost_calculators(served):
    damage = post(
        served,
        "/api/calc/frost-damage",
        {"species": "navel-orange", "age_years": 10, "min_c": -4.5, "hours": 5, "fruit": "ripe"},
    )
    assert (damage["class"], damage["possible"]) == ("F1", "F2")
    assert damage["thresholds"]["leaf"] == pytest.approx(-4.67, abs=0.02)
    assert damage["thresholds"]["flush"] is None
    assert "/species" in refused(
        served, "/api/calc/frost-damage", {"species": "feijoa", "age_years": 10, "min_c": -4.5}
    )
    first = post(served, "/api/calc/scratch", {"length_m": 1.6, "readings": []})
    assert (first["next_at_m"], first["scratches_left"]) == (0.8, 5)
    done = post(
        served,
        "/api/calc/scratch",
        {
            "length_m": 1.6,
            "readings": [{"at_m": 0.8, "green": True}, {"at_m": 0.9, "green": False}],
            "side_branches_m": [0.5],
        },
    )
    assert (done["next_at_m"], done["boundary"], done["cut_at_m"]) == (None, [0.8, 0.9], 0.5)
    assert "/readings/0/at_m" in refused(
        served, "/api/calc/scratch", {"length_m": 1.6, "readings": [{"at_m": 3, "green": True}]}
    )


def test_calculators_of_the_work_after_a_frost(served):
    verdict = post(
        served,
        "/api/calc/frost-verdict",
        {
            "class": "F4",
            "night": "2026-01-19",
            "last_frost": "2026-03-01",
            "today": "2026-04-01",
            "latest_cut": "2026-08-22",
        },
    )
    assert (verdict["verdict"], verdict["cut_on"]) == ("wait", "2026-06-29")
    assert "/today" in refused(
        served,
        "/api/calc/frost-verdict",
        {"class": "F4", "night": "2026-01-19", "last_frost": "2026-03-01", "today": "2026-01-01"},
    )
    shoots = [
        {"id": "up", "at_m": 0.4, "diameter_mm": 12, "rise_deg": 85, "above_union": True},
        {"id": "stock", "at_m": 0.1, "diameter_mm": 20, "rise_deg": 88, "above_union": False},
    ]
    ranked = post(served, "/api/calc/leader", {"shoots": shoots})
    assert [s["points"] is None for s in ranked["shoots"]] == [False, True]
    crop = post(
        served,
        "/api/calc/recovery",
        {"class": "F4", "age_years": 12, "normal_kg": 120, "canopy_lost": 0.6},
    )
    assert crop["kg"][2] == pytest.approx(78)
    assert crop["feed"]["nitrogen"] == pytest.approx(0.4)


def test_a_hurt_tree_over_the_api(served):
    path = f"/api/trees/{served.tree_id}"
    assert served.client.get(f"{path}/after-frost").get_json()["hurt"] is False
    night = post(
        served,
        f"/api/sites/{served.site_id}/night",
        {"day": "2027-01-19", "min_c": -7, "hours": 6, "save": True},
    )
    assert night["saved"] == len([t for t in night["trees"] if t["damage"]["class"] != "F0"]) > 0
    hurt = served.client.get(f"/api/sites/{served.site_id}/hurt").get_json()["trees"]
    assert served.tree_id in {t["tree_id"] for t in hurt}
    same = new_id()
    for _ in range(2):
        after = post(
            served, f"{path}/scratches", {"id": same, "limb": "e", "at_m": 0.4, "green": True}
        )
    limb = next(x for x in after["limbs"] if x["limb"] == "e")
    assert limb["readings"] == [{"at_m": 0.4, "green": True}]
    assert after["verdict"]["provisional"] is True
    assert after["frame"]["limbs"]


def test_a_cold_night_and_the_fruit_of_a_block_over_the_api(served):
    site = f"/api/sites/{served.site_id}"
    a_cold_night(served)
    assert served.client.get(f"{site}/cold-nights").get_json()["nights"] == []
    assert served.client.get(f"{site}/before-cold").get_json() == {"blocks": []}
    assert "/block_id" in refused(served, f"{site}/protect", {"block_id": served.block_id})
    sample = {"id": new_id(), "block_id": served.block_id, "cut": 20, "hurt": 5}
    found = post(served, f"{site}/cut-test", sample)
    assert found["low"] < found["share"] == 0.25 < found["high"]
    more = sample | {"id": new_id(), "cut": 2}
    assert "/hurt" in refused(served, f"{site}/cut-test", more)


def a_cold_night(served):
    night = {"day": "2027-01-19", "min_c": -7, "hours": None, "save": True}
    post(served, f"/api/sites/{served.site_id}/night", night)


def test_the_work_after_a_frost_over_the_api(served):
    """Looks, scratches round the stem, stages and their sheet, shoots, the record and the crop:
    each as the screen asks for it.
    """
    a_cold_night(served)
    site, path = f"/api/sites/{served.site_id}", f"/api/trees/{served.tree_id}"
    assert post(served, f"{path}/frost-class", {"class": "F5"})["frost_class"] == "F5"
    seen = post(
        served, f"{path}/looks", {"id": new_id(), "sign": "first-flush", "day": "2027-03-20"}
    )
    assert seen["looks"]["looks"][0]["worth"] == "provisional"
    assert "/sign" in refused(served, f"{path}/looks", {"id": new_id(), "sign": "moonlight"})
    round_ = post(
        served,
        f"{path}/scratches",
        {"id": new_id(), "limb": "trunk", "at_m": 0.4, "green": True, "bearing_deg": 0},
    )["stem"]
    assert round_["readings"] == [{"bearing_deg": 0, "green": True}]
    stages = served.client.get(f"{path}/frost-cuts?units=us").get_json()["stages"]
    assert [s["name"] for s in stages] == ["hazards", "suckers", "dead", "shaping"]
    assert [c["advice"]["limb"] for c in stages[1]["cuts"]] == ["k"]
    assert "/stage" in refused(served, f"{path}/frost-sheets", {"id": new_id(), "stage": "dead"})
    sheet = post(served, f"{path}/frost-sheets", {"id": new_id(), "stage": "suckers"})
    assert sheet["work"] == "sucker"
    shoots = post(
        served,
        f"{path}/new-shoots",
        {
            "id": "n1",
            "at_m": 0.4,
            "diameter_mm": 9,
            "length_m": 0.5,
            "rise_deg": 80,
            "bearing_deg": 200,
        },
    )
    assert shoots["names"]["n1"]
    assert "/keep/0" in refused(served, f"{path}/grow-on", {"keep": ["k"]})
    assert post(served, f"{path}/grow-on", {"keep": ["n1"], "form": "leader"})["chosen"] == ["n1"]
    assert served.client.get(f"{path}/grow-on?form=bush").get_json()["form"] == "bush"
    record = served.client.get(f"{site}/frost-record").get_json()
    assert record["places"][0]["worst"] == "F5"
    crop = served.client.get(f"/api/blocks/{served.block_id}/recovery").get_json()
    assert crop["known"] is False
    assert crop["groups"][0]["frost_class"] == "F5"
    assert post(served, f"{path}/frost-class", {"class": "F0"})["hurt"] is False


def test_stem_and_sample_calculators(served):
    quarters = [{"bearing_deg": b, "green": b < 100} for b in (0, 90, 180, 270)]
    assert (
        post(served, "/api/calc/stem-round", {"readings": quarters[:1]})["next_bearing_deg"] == 180
    )
    found = post(served, "/api/calc/stem-round", {"readings": quarters, "step_deg": 90})
    assert (found["live_share"], found["one_sided"]) == (0.5, True)
    assert found["dead"] == [{"from_deg": 135.0, "to_deg": 315.0}]
    early = {"cut": 20, "hurt": 4, "night": "2026-01-19", "today": "2026-01-20"}
    assert "/cut" in refused(served, "/api/calc/cut-test", early)
    assert post(served, "/api/calc/cut-test", early | {"today": "2026-01-26"})["advice"] == "juice"
    unknown = post(
        served,
        "/api/calc/frost-damage",
        {"species": "navel-orange", "age_years": 10, "min_c": -4.7, "hours": None, "fruit": "ripe"},
    )
    assert (unknown["milder"], unknown["class"], unknown["possible"]) == ("F1", "F1", "F2")
