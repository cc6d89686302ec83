"""The walk, its photos, plans and printed sheets over the API, as a phone or a script uses them."""

from __future__ import annotations

import io

import pytest
from PIL import Image
from pypdf import PdfReader

from ..places import TODAY, new_id
from ..services.walk.walking import FINE


def picture(fmt: str = "JPEG") -> bytes:
    out = io.BytesIO()
    Image.new("RGB", (200, 100), "olive").save(out, fmt)
    return out.getvalue()


def walked(served, **answers: str) -> dict:
    """A walk with these answers, the rest as a tree in order."""
    given = FINE | {k.replace("_", "-"): v for k, v in answers.items()}
    walk = served.client.post(
        f"/api/trees/{served.tree_id}/walks", json={"id": new_id()}
    ).get_json()
    while walk["at"] is not None:
        body = {
            "id": new_id(),
            "question": walk["at"],
            "answer": given.get(walk["at"], "later"),
            "seen": "",
        }
        answer = served.client.post(f"/api/walks/{walk['id']}/answers", json=body)
        assert answer.status_code == 201, answer.get_json()
        walk = answer.get_json()
    return walk


def test_a_form_is_all_a_phone_needs_to_walk_without_signal(served):
    form = served.client.get(f"/api/trees/{served.tree_id}/walk-form").get_json()
    assert (form["id"], form["state"], form["at"]) == (None, "blank", "form")
    questions = {q["id"]: q for q in form["questions"]}
    known = {f"{q['id']}-{c['answer']}" for q in form["questions"] for c in q["choices"]} | set(
        questions
    )
    assert all(
        not q["after"] or set(q["after"]) & known for q in form["questions"]
    )  # every question can be come to on the phone
    assert "tips-stage" not in questions  # not a tree in a pot
    assert {x["limb"] for x in questions["rub-limbs"]["limbs"]} == {"e", "w", "e1", "d"}
    assert {x["limb"] for x in questions["dead-limbs"]["limbs"] if x["why"]} == {"d"}
    assert form["shoot"][0]["answers"]
    assert len({q["clue"] for q in form["shoot"]}) == len(form["shoot"])
    assert served.client.get("/api/trees/nobody/walk-form").status_code == 404


def test_a_walk_from_end_to_end(served):
    walk = walked(served, dead="dead lichen", dead_limbs="d@0", below="rubbed", below_count="2")
    assert [f["answer"] for f in walk["findings"]] == ["below-rubbed", "dead-dead", "dead-lichen"]
    assert walk["cuts"]["cuts"][0]["free"] is True
    assert walk["cuts"]["sentence"] == "Costs no canopy."
    made = served.client.post(f"/api/walks/{walk['id']}/plan", json={"id": new_id()})
    assert made.status_code == 201
    done = served.client.post(f"/api/walks/{walk['id']}/finish").get_json()
    assert done["state"] == "done"
    tree = served.client.get(f"/api/trees/{served.tree_id}").get_json()
    assert [e["cuts"] for e in tree["log"] if e["work"] == "sucker"] == [2]
    late = served.client.post(
        f"/api/walks/{walk['id']}/answers",
        json={"id": new_id(), "question": "dead", "answer": "none", "seen": ""},
    )
    assert (late.status_code, late.get_json()["errors"][0]["pointer"]) == (422, "/question")


def test_a_live_cut_is_followed_by_its_looks(served):
    walk = walked(served, crossing="rub", rub_limbs="e1@0")
    does = [a["does"] for a in walk["after_cuts"]]
    assert any("sprouts" in d for d in does)
    assert any("second light trim" in d for d in does)
    assert [a["due"] for a in walk["after_cuts"]] == sorted(a["due"] for a in walk["after_cuts"])


def test_a_row_in_passing_over_the_api(served):
    row = served.client.get(f"/api/rows/{served.row_id}/walk").get_json()
    assert [t["state"] for t in row["trees"]] == ["never", "never"]
    sent = {"id": new_id(), "suckers": 0, "sprouts": 4, "day": TODAY.isoformat()}
    for _ in range(2):  # sent twice by the outbox
        after = served.client.post(f"/api/trees/{served.bare_id}/walks/quick", json=sent)
    assert after.status_code == 201
    assert [t["state"] for t in after.get_json()["trees"]] == ["never", "passed"]
    assert [
        e["cuts"] for e in served.client.get(f"/api/trees/{served.bare_id}").get_json()["log"]
    ] == [4]


@pytest.mark.parametrize(
    ("content", "query", "status"),
    [
        (picture(), "before", 201),
        (picture("PNG"), "after", 201),
        (b"text", "before", 422),
        (picture(), "never", 422),
    ],
)
def test_photos_over_the_api(served, content, query, status):
    photo = new_id()
    answer = served.client.put(
        f"/api/photos/{photo}?tree_id={served.tree_id}&moment={query}",
        data=content,
        content_type="image/jpeg",
    )
    assert answer.status_code == status
    if status == 201:
        shown = served.client.get(f"/api/photos/{photo}.jpg")
        assert (shown.mimetype, Image.open(io.BytesIO(shown.data)).size) == (
            "image/jpeg",
            (200, 100),
        )
    else:
        assert answer.get_json()["errors"]
        assert served.client.get(f"/api/photos/{photo}.jpg").status_code == 404


def test_a_photo_over_the_limit_is_refused_by_name(served):
    answer = served.client.put(
        f"/api/photos/{new_id()}?tree_id={served.tree_id}&moment=before",
        data=b"\0" * (10 * 1024 * 1024 + 1),
        content_type="image/jpeg",
    )
    assert (answer.status_code, answer.get_json()["errors"][0]["pointer"]) == (422, "/photo")
    assert "10 MB" in answer.get_json()["errors"][0]["message"]


def test_plan_sheet_and_print_over_the_api(served):
    plan = served.client.post(f"/api/trees/{served.tree_id}/plan", json={"goal": "tidy"}).get_json()
    assert [c["limb"] for c in plan["cuts"]][:2] == ["k", "d"]
    assert {g["id"] for g in plan["goals"]} == {
        "tidy",
        "open",
        "lower",
        "calm",
        "renew",
        "recover",
        "skeleton",
    }
    assert all(x["left_why"] for x in plan["left"])
    sheet = new_id()
    body = {
        "id": sheet,
        "frame_id": plan["frame"]["id"],
        "cuts": [{"limb": c["limb"], "keep_m": c["keep_m"]} for c in plan["cuts"]],
        "work": plan["work"],
    }
    assert served.client.post(f"/api/trees/{served.tree_id}/sheets", json=body).status_code == 201
    for query, mark in (
        ("", "Cut sheet"),
        ("?language=pt&paper=letter&units=us", "Folha de cortes"),
    ):
        printed = served.client.get(f"/api/sheets/{sheet}.pdf{query}")
        assert printed.mimetype == "application/pdf"
        assert mark in PdfReader(io.BytesIO(printed.data)).pages[0].extract_text()
    for units, wide in (("us", 612), ("metric", 595)):  # Letter where feet are spoken, points
        served.client.put("/api/units", json={"units": units})
        page = PdfReader(io.BytesIO(served.client.get(f"/api/sheets/{sheet}.pdf").data)).pages[0]
        assert round(float(page.mediabox.width)) == wide
        assert "one rag for this sheet" in " ".join(page.extract_text().split())
    assert served.client.get(f"/api/rows/{served.row_id}/sheets.pdf").mimetype == "application/pdf"
    assert served.client.get(f"/api/sheets/{sheet}.pdf?language=xx").status_code == 422
    bare = served.client.post(f"/api/trees/{served.bare_id}/plan", json={"goal": "tidy"})
    assert "not drawn" in bare.get_json()["errors"][0]["message"]


def test_two_ticks_on_one_cut_are_a_conflict_that_says_who(served):
    sheet = new_id()
    body = {
        "id": sheet,
        "frame_id": served.frame_id,
        "cuts": [{"limb": "k", "keep_m": 0}],
        "work": "sucker",
    }
    served.client.post(f"/api/trees/{served.tree_id}/sheets", json=body)
    line = served.client.get(f"/api/sheets/{sheet}").get_json()["lines"][0]["id"]
    first, second = (
        served.client.put(
            f"/api/sheets/{sheet}/cuts/{line}", json={"id": new_id(), "done": True, "who": who}
        )
        for who in ("first helper", "second helper")
    )
    assert (first.status_code, second.status_code) == (200, 409)
    assert second.get_json()["current"]["who"] == "first helper"
    years = served.client.get(f"/api/trees/{served.tree_id}/look-back").get_json()["years"]
    assert [(y["planned_cuts"], y["done_cuts"]) for y in years] == [(1, 0)]
