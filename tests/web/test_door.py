"""Only our own names and pages are answered; odd days and bodies are refused at the door."""

from __future__ import annotations

import dataclasses
import json

import pytest

from billhook.settings import Settings
from billhook.web.app import create_app
from billhook.web.door.names import ours

from ..places import TODAY, new_id, trees_of
from .bodies import FRAME
from .test_acts import send

DAY = TODAY.isoformat()


@pytest.mark.parametrize(
    ("host", "answered"),
    [
        ("localhost", True),
        ("127.0.0.1:8420", True),
        ("[::1]:8420", True),
        ("grove.localhost", True),
        ("127.8.9.1", True),
        ("farm.lan:8420", True),
        ("evil.example", False),
        ("evil.example:8420", False),
        ("203.0.113.9", False),
        ("localhost.evil.example", False),
        ("127.0.0.1.evil.example", False),
        ("[::1", False),
        ("", False),
    ],
)
def test_only_our_own_names_are_answered(served, host, answered):
    served.at.settings = dataclasses.replace(served.at.settings, names=("farm.lan",))
    client = create_app(served.at).test_client()
    got = client.get("/api/grove", headers={"Host": host})
    assert got.status_code == (200 if answered else 403)
    assert ("trees" in got.get_json()) is answered


def test_on_every_address_only_this_machine_s_are_answered():
    everywhere = Settings(host="0.0.0.0")
    assert ours("127.0.0.1", everywhere)
    assert not ours("203.0.113.9", everywhere)
    assert not ours("0.0.0.0", everywhere)
    assert ours("192.0.2.7", Settings(host="192.0.2.7"))
    assert not ours("192.0.2.8", Settings(host="192.0.2.7"))


@pytest.mark.parametrize(
    ("headers", "status"),
    [
        ({}, 200),
        ({"Origin": "http://localhost"}, 200),
        ({"Sec-Fetch-Site": "same-origin"}, 200),
        ({"Origin": "null"}, 403),
        ({"Origin": "http://localhost:3000"}, 403),
        ({"Origin": "https://evil.example"}, 403),
        ({"Sec-Fetch-Site": "same-site"}, 403),
        ({"Sec-Fetch-Site": "cross-site"}, 403),
        ({"Origin": "http://localhost", "Sec-Fetch-Site": "cross-site"}, 403),
    ],
)
def test_another_site_s_page_writes_nothing_with_or_without_a_body(served, headers, status):
    act = {"Billhook-Act": new_id()}
    assert (
        served.client.put("/api/units", json={"units": "us"}, headers=headers | act).status_code
        == status
    )
    walk = new_id()
    served.client.post(f"/api/trees/{served.tree_id}/walks", json={"id": walk})
    assert served.client.post(f"/api/walks/{walk}/finish", headers=headers).status_code == status
    assert served.client.get("/api/grove", headers=headers).status_code == 200


def test_every_answer_says_what_pages_may_do(served):
    for path in ("/api/grove", "/api/nothing", "/api/trees.csv"):
        headers = served.client.get(path).headers
        assert "frame-ancestors 'none'" in headers["Content-Security-Policy"]
        assert "unsafe" not in headers["Content-Security-Policy"]
        assert (headers["X-Content-Type-Options"], headers["Referrer-Policy"]) == (
            "nosniff",
            "no-referrer",
        )


@pytest.mark.parametrize("year", ["0001-05-01", "2016-05-01", "2028-05-01", "9999-05-01"])
def test_an_observed_date_is_held_to_sense(served, year):
    for path in (
        f"/api/trees/{served.tree_id}/observations",
        f"/api/blocks/{served.block_id}/observations",
    ):
        answer = served.client.post(path, json={"kind": "flush_start", "value": year, "date": DAY})
        assert answer.status_code == 422
        assert answer.get_json()["errors"][0]["pointer"] == "/value"
        assert "must be between" in answer.get_json()["errors"][0]["message"]
    assert served.client.get("/api/today").status_code == 200


@pytest.mark.parametrize(
    ("call", "body", "pointer"),
    [
        ("POST /api/trees/{tree}/gone", {"version": 1, "date": "2028-01-01"}, "/date"),
        (
            "POST /api/trees/{tree}/frames",
            {
                "frame": FRAME,
                "previous_id": None,
                "measured": [],
                "id": new_id(),
                "date": "0001-01-01",
            },
            "/date",
        ),
        (
            "POST /api/trees/{tree}/frames",
            {
                "frame": FRAME,
                "previous_id": None,
                "measured": [],
                "id": new_id(),
                "date": "2028-01-01",
            },
            "/date",
        ),
        (
            "POST /api/trees/{tree}/log",
            {"id": new_id(), "date": "2028-01-01", "work": "thin"},
            "/date",
        ),
        (
            "POST /api/today/put-off",
            {"tree_ids": ["{tree}"], "work": "thin", "until": "2190-01-01", "why": "rain"},
            "/until",
        ),
        ("PATCH /api/trees/{tree}", {"version": 1, "planted_year": 2199}, "/planted_year"),
        ("POST /api/sites/{site}/night", {"day": "1999-01-01", "min_c": -3.0}, "/day"),
    ],
)
def test_other_days_are_held_to_sense_too(served, call, body, pointer):
    ids = {"{tree}": served.tree_id, "{site}": served.site_id}
    text = json.dumps(body)
    for key, value in ids.items():
        call, text = call.replace(key, value), text.replace(key, value)
    answer = send(served.client, call, json.loads(text))
    assert answer.status_code == 422, answer.get_json()
    assert pointer in [e["pointer"] for e in answer.get_json()["errors"]]


def test_an_odd_row_is_shown_and_taken_out_and_closes_nothing(served):
    from billhook.store.tables import Observation

    with served.at.store.writing() as session:
        session.add(
            Observation(
                scope="tree",
                scope_id=served.tree_id,
                kind="flush_start",
                value="0001-01-01",
                date=TODAY,
            )
        )
        session.add(
            Observation(
                scope="block",
                scope_id=served.block_id,
                kind="bloom_start",
                value="soon",
                date=TODAY,
            )
        )
    for path in (
        "grove",
        "today",
        f"trees/{served.tree_id}",
        f"almanac?tree={served.tree_id}",
        "calendar.ics",
        f"rows/{served.row_id}/walk",
    ):
        assert served.client.get(f"/api/{path}").status_code == 200, path
    found = served.client.get("/api/odd").get_json()["entries"]
    assert [(e["where"], e["says"], e["value"]) for e in found] == [
        ("Baixo 4·1", "first flush", "0001-01-01"),
        ("Baixo", "first flowers open", "soon"),
    ]
    left = served.client.post(f"/api/odd/{found[0]['id']}/out", json={}).get_json()["entries"]
    assert [e["where"] for e in left] == ["Baixo"]
    assert served.client.post(f"/api/odd/{found[0]['id']}/out", json={}).status_code == 422


def test_what_nobody_foresaw_in_one_tree_s_record_closes_no_page(served):
    with served.at.store.writing() as session:
        session.connection().exec_driver_sql(
            "UPDATE tree SET species = 'unheard-of' WHERE id = ?", (served.bare_id,)
        )
    trees = {t["id"]: t["need"] for t in trees_of(served.client.get("/api/grove").get_json())}
    assert trees[served.bare_id].startswith("Cannot be worked out")
    assert not trees[served.tree_id].startswith("Cannot be worked out")
    for path in ("today", "calendar.ics"):
        assert served.client.get(f"/api/{path}").status_code == 200


def test_deep_json_and_old_line_ends_are_read_or_refused_by_name(served):
    deep = served.client.post("/api/plantings", data="[" * 50_000, content_type="application/json")
    assert (deep.status_code, deep.get_json()["title"]) == (400, "Not readable as JSON.")
    lines = ["block,row,place,species,planted_year", "Casa,1,1,lemon,2015", 'Casa,1,2,"lemon",2016']
    for end in ("\r", "\r\n", "\n"):
        answer = served.client.post(
            "/api/trees/import",
            json={"site_id": served.site_id, "text": end.join(lines), "save": False},
        )
        assert (answer.status_code, answer.get_json()["trees"], answer.get_json()["problems"]) == (
            200,
            2,
            [],
        )
        days = ["date,tmin,tmax", "2026-01-01,3,14", "2026-01-02,4,15"]
        answer = served.client.post(
            f"/api/sites/{served.site_id}/days", json={"text": end.join(days)}
        )
        assert (
            answer.status_code,
            answer.get_json()["count"],
            answer.get_json()["problem_count"],
        ) == (200, 2, 0)
    huge = served.client.post(
        "/api/trees/import",
        json={"site_id": served.site_id, "text": lines[0] + '\n"' + "x" * 200_000, "save": False},
    )
    assert huge.status_code == 200
    assert "cannot be read as CSV" in huge.get_json()["problems"][0]["message"]
