"""A rehearsal over the API: the stored tree's own season prices its first crop, the twin beside it,
a second plan, and nothing kept of it; the calculator takes what it gives.
"""

from __future__ import annotations

import pytest

from ..places import TODAY
from .asking import post, refused
from .bodies import FRAME, SEASON

CUT = {"limb": "e", "keep_m": 0.4}


def test_a_stored_tree_is_rehearsed_at_the_price_of_the_day(served):
    path = f"/api/trees/{served.tree_id}/rehearse"
    before = served.client.get(f"/api/trees/{served.tree_id}").get_json()
    found = post(served, path, {"cuts": [CUT], "day": TODAY.isoformat(), "seasons": 4})
    preview = post(
        served,
        f"/api/trees/{served.tree_id}/preview",
        {"cuts": [CUT], "work": "thin", "frame_id": served.frame_id, "day": TODAY.isoformat()},
    )
    first, twin = found["seasons"][0], found["twin"][0]
    share = preview["canopy_share_removed"]
    assert first["leaf_share"] == pytest.approx(1 - share)
    assert first["height_m"] == pytest.approx(preview["after"]["height_m"])
    price = preview["verdict"]["price"]
    assert first["crop"] == pytest.approx(twin["crop"] - price * share, abs=1e-3)
    assert found["second"] == []
    assert [r["code"] for r in found["reasons"]][:2] == ["grow-sum-crop", "grow-sum-height"]
    shoots = [e["shoots"] for s in found["seasons"] for e in s["events"] if e["kind"] == "headed"]
    drawn = {x["id"] for x in found["seasons"][1]["frame"]["limbs"]}
    assert set(shoots[0]) <= drawn
    assert served.client.get(f"/api/trees/{served.tree_id}").get_json() == before


def test_a_second_plan_and_the_range_over_many_weathers(served):
    path = f"/api/trees/{served.tree_id}/rehearse"
    body = {"cuts": [CUT], "second": [{"limb": "w", "keep_m": 0.0}], "seasons": 3, "seed": 5}
    found = post(served, path, body)
    assert len(found["second"]) == 3
    assert found["second"][0]["leaf_share"] != found["seasons"][0]["leaf_share"]
    other = post(served, path, body | {"cuts": body["second"], "second": None})
    assert other["seasons"][2]["crop"] == found["second"][2]["crop"]
    ranges = post(served, f"{path}/range", body)
    assert ranges["runs"] == 20
    for season in ranges["seasons"]:
        assert season["crop"]["low"] <= season["crop"]["mean"] <= season["crop"]["high"]
    assert ranges["seasons"][2]["height_m"]["low"] < ranges["seasons"][2]["height_m"]["high"]


def test_what_is_not_drawn_or_not_there_is_refused(served):
    bare = f"/api/trees/{served.bare_id}/rehearse"
    assert "not drawn" in refused(served, bare, {"cuts": []})[""]
    path = f"/api/trees/{served.tree_id}/rehearse"
    wrong = refused(served, path, {"cuts": [{"limb": "nobody", "keep_m": 0.1}]})
    assert "/cuts/0/limb" in wrong


def test_the_calculator_takes_what_it_gives(served):
    body = {
        "site": SEASON["site"],
        "tree": SEASON["tree"],
        "frame": FRAME,
        "cuts": [CUT | {"day": "2027-03-24"}],
        "seasons": 3,
    }
    found = post(served, "/api/calc/grow", body)
    assert [s["year"] for s in found["seasons"]] == [2027, 2028, 2029]
    assert len(found["twin"]["seasons"]) == 3
    again = post(
        served, "/api/calc/grow", body | {"frame": found["seasons"][2]["frame"], "cuts": []}
    )
    assert again["seasons"][0]["height_m"] == pytest.approx(found["seasons"][2]["height_m"])
    assert post(served, "/api/calc/grow", body) == found
    other = body | {"tree": SEASON["tree"] | {"species": "quince"}}
    assert "/tree/species" in refused(served, "/api/calc/grow", other)


def test_every_lesson_opens_with_one_right_choice_and_a_debrief_for_each(served):
    troubles = served.client.get("/api/practice").get_json()["troubles"]
    course = [t["id"] for t in troubles if t["lesson"]]
    assert [t["lesson"] for t in troubles if t["lesson"]] == list(range(1, 13))
    for trouble in course:
        lesson = served.client.get(f"/api/practice/lessons/{trouble}").get_json()
        assert [c["right"] for c in lesson["choices"]].count(True) == 1
        drawn = {x["id"] for x in lesson["frame"]["limbs"]}
        assert {c["limb"] for c in lesson["clues"]} <= drawn
        for choice in lesson["choices"]:
            found = choice["debrief"]
            assert choice["right"] or found["remarks"]
            assert len(found["ways"]) == 3
            assert all(r["text"] for r in found["remarks"])
    assert served.client.get("/api/practice/lessons/one-sided").status_code == 422


def test_a_decision_on_a_practice_tree_is_talked_over(served):
    tree = served.client.get("/api/practice/trees/too-tall?seed=4").get_json()
    assert tree["trouble"]["id"] == "too-tall"
    assert tree == served.client.get("/api/practice/trees/too-tall?seed=4").get_json()
    path = "/api/practice/trees/too-tall/debrief"
    nothing = post(served, path, {"seed": 4, "wait": True})
    right = [{"limb": c["limb"], "keep_m": c["keep_m"]} for c in nothing["right"]["cuts"]]
    done = post(served, path, {"seed": 4, "cuts": right, "seen": ["ladder", "thorns", "sap"]})
    assert [r["kind"] for r in done["remarks"] if r["kind"] != "over"] == []
    blind = post(served, path, {"seed": 4, "cuts": right})
    assert blind["remarks"][0]["kind"] == "danger"
    assert "/seen/0" in refused(served, path, {"seed": 4, "seen": ["dragons"]})
    assert "/trouble" in refused(served, "/api/practice/trees/none/debrief", {})
    assert "/kind" in refused(served, path, {"kind": "lemon"})
    assert "/on" in refused(served, path, {"seed": 4, "on": "2020-01-01"})
    assert tree["days"][0] == tree["day"]


def test_a_practice_tree_of_a_kind_gives_nothing_away_and_has_its_pot(served):
    bare = served.client.get("/api/practice/trees/bare-tips?seed=7&kind=avocado").get_json()
    assert "vocado" in bare["kind_name"]
    assert {x["state"] for x in bare["frame"]["limbs"]} == {"live"}
    assert [bare["pot_l"], bare["wanted_m"]] == [None, None]
    potted = served.client.get("/api/practice/trees/potted?seed=7").get_json()
    assert potted["pot_l"] > 0
    assert 0 < potted["wanted_m"] < potted["frame"]["height_m"]
    told = served.client.get("/api/practice").get_json()
    assert told["comes_back_days"] == sorted(told["comes_back_days"])
    assert all(t["kinds"] for t in told["troubles"])
