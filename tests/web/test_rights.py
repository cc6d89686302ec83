"""Where it listens to the network: nobody is answered who is not signed in, and each role does what
is its own.
"""

from __future__ import annotations

import re
from dataclasses import replace

import pytest

from billhook.services.door.roles import ROLES, may
from billhook.services.door.signing import Signing
from billhook.web.app import api_description, create_app
from billhook.web.door.rights import ANYBODY, LEAST, least
from billhook.web.door.signing import SIGNING

from ..places import TODAY, new_id
from .bodies import resources
from .conftest import ADDRESS, PIN, signed_in

FAR = {"REMOTE_ADDR": "192.0.2.50"}


@pytest.fixture
def networked(served):
    """The same holding, listening to every address of this machine."""
    served.at.settings = replace(served.at.settings, host="0.0.0.0")
    app = create_app(served.at)
    yield served, app
    app.extensions[SIGNING].close()


@pytest.fixture
def people(networked):
    _, app = networked
    return {role: signed_in(app, f"The {role}", role) for role in reversed(ROLES)}


def calls(app) -> set[str]:
    return {
        f"{method.upper()} {path}"
        for path, operations in api_description(app)["paths"].items()
        for method in operations
    }


def test_every_call_of_the_description_has_its_least_role_and_no_other_stands_there(networked):
    _, app = networked
    known = calls(app)
    assert {c for c in known - ANYBODY if least(c) is None} == set()
    assert set(LEAST) - known == {"GET /api/openapi.json"}
    assert least("GET /api/something/new") is None


def test_nobody_is_answered_who_is_not_signed_in(networked):
    _, app = networked
    client = app.test_client()
    open_to_all = set()
    for call in calls(app):
        method, path = call.split(" ")
        where = re.sub(r"{.*?}", new_id(), path)
        said = client.open(where, method=method, json={}, base_url=ADDRESS)
        if said.status_code != 401:
            open_to_all.add(call)
    assert open_to_all == ANYBODY
    # what is open says nothing of the holding
    assert client.get("/api/session", base_url=ADDRESS).get_json()["account"] is None
    assert client.get("/api/photos/../grove", base_url=ADDRESS).status_code in (401, 404)
    assert client.get("/grove", base_url=ADDRESS).status_code == 200


def test_each_role_does_what_is_its_own_and_no_more(networked, people):
    _, app = networked
    wrong = []
    for call in sorted(calls(app) - ANYBODY):
        method, path = call.split(" ")
        where = re.sub(r"{.*?}", new_id(), path)
        for role, client in people.items():
            if method != "GET" and may(role, least(call)):
                continue  # what it does is the other tests'
            said = client.open(where, method=method, json={}, base_url=ADDRESS)
            refused = said.status_code == 403
            if refused is may(role, least(call)):
                wrong.append((call, role, said.status_code))
    assert wrong == []


def test_a_helper_looks_and_ticks_and_plans_nothing(networked, people):
    served, _ = networked
    good = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)
    seen = f"/api/trees/{served.tree_id}/observations"
    body = {"kind": "fruit_on", "value": "none", "date": TODAY.isoformat()}
    assert people["helper"].post(seen, json=body, base_url=ADDRESS).status_code == 201
    assert people["viewer"].post(seen, json=body, base_url=ADDRESS).status_code == 403
    sheets = f"/api/trees/{served.tree_id}/sheets"
    plan = good[f"POST {sheets}"]
    assert people["helper"].post(sheets, json=plan, base_url=ADDRESS).status_code == 403
    assert people["manager"].post(sheets, json=plan, base_url=ADDRESS).status_code == 201


def test_who_wrote_it_is_kept_and_a_helper_takes_back_their_own_alone(networked, people):
    served, _ = networked
    ids = {}
    for role, tree in (("manager", served.tree_id), ("helper", served.bare_id)):
        ids[role] = new_id()
        said = people[role].post(
            f"/api/trees/{tree}/observations",
            json={"kind": "fruit_on", "value": "none", "date": TODAY.isoformat()},
            headers={"Billhook-Act": ids[role]},
            base_url=ADDRESS,
        )
        assert said.status_code == 201, said.get_json()
    told = people["viewer"].get("/api/acts", base_url=ADDRESS).get_json()["acts"]
    assert {a["id"]: a["person"] for a in told if a["id"] in ids.values()} == {
        ids["manager"]: "The manager",
        ids["helper"]: "The helper",
    }
    undo = {role: f"/api/acts/{act}/undo" for role, act in ids.items()}
    refused = people["helper"].post(undo["manager"], json={}, base_url=ADDRESS)
    assert refused.status_code == 409
    assert "Somebody else wrote that" in refused.get_json()["detail"]
    assert people["helper"].post(undo["helper"], json={}, base_url=ADDRESS).status_code == 200
    assert people["manager"].post(undo["manager"], json={}, base_url=ADDRESS).status_code == 200


def test_who_did_it_is_filled_in_by_itself_and_the_book_and_the_record_say_it(networked, people):
    served, _ = networked
    log = f"/api/trees/{served.tree_id}/log"
    done = {"work": "sucker", "date": TODAY.isoformat()}
    picked = {"scope": "row", "scope_id": served.row_id, "day": TODAY.isoformat(), "kg": 12}
    for path, body in (
        (log, done | {"id": new_id()}),
        (log, done | {"id": new_id(), "who": "Somebody else"}),
        ("/api/today/done", done | {"id": new_id(), "tree_ids": [served.bare_id]}),
        ("/api/harvests", picked | {"id": new_id()}),
    ):
        said = people["helper"].post(path, json=body, base_url=ADDRESS)
        assert said.status_code in (200, 201), said.get_json()
    book = people["viewer"].get("/api/log", base_url=ADDRESS).get_json()
    wrote = ["Somebody else", "The helper", "The helper"]
    assert sorted(e["who"] for e in book["entries"]) == wrote
    assert [p["who"] for p in book["picked"]] == ["The helper"]
    report = people["viewer"].get("/api/season-report", base_url=ADDRESS).get_json()
    assert sorted(r["who"] for r in report["record"]) == wrote


def test_a_helper_corrects_their_own_entries_alone(networked, people):
    served, _ = networked
    log = f"/api/trees/{served.tree_id}/log"
    wrote = {role: new_id() for role in ("manager", "helper")}
    done = {"work": "sucker", "date": TODAY.isoformat()}
    for role, entry in wrote.items():
        said = people[role].post(log, json=done | {"id": entry}, base_url=ADDRESS)
        assert said.status_code == 201
    asked = [("helper", "manager"), ("helper", "helper"), ("manager", "manager")]
    answers = {}
    for by, whose in asked:
        body = done | {"id": new_id(), "note": "two", "corrects": wrote[whose]}
        answers[by, whose] = people[by].post(log, json=body, base_url=ADDRESS)
    assert [answers[a].status_code for a in asked] == [422, 201, 201]
    (error,) = answers["helper", "manager"].get_json()["errors"]
    assert "somebody else wrote that" in error["message"]


def test_what_waits_on_a_phone_is_sent_by_its_person_alone(networked, people):
    served, _ = networked
    mine = people["helper"].get("/api/session", base_url=ADDRESS).get_json()["account"]["id"]
    body = {"kind": "fruit_on", "value": "none", "date": TODAY.isoformat()}
    where = f"/api/trees/{served.tree_id}/observations"
    headers = {"Billhook-Account": mine, "Billhook-Act": new_id()}
    held = people["manager"].post(where, json=body, headers=headers, base_url=ADDRESS)
    assert held.status_code == 401
    assert "act" not in held.get_json()  # so that the phone goes on keeping it
    sent = people["helper"].post(where, json=body, headers=headers, base_url=ADDRESS)
    assert sent.status_code == 201


def test_a_pin_goes_over_no_plain_connection_from_another_machine(networked):
    _, app = networked
    signing: Signing = app.extensions[SIGNING]
    code = signing.invite("", "owner", "t")
    client = app.test_client()
    body = {"code": code, "name": "Inês", "pin": PIN}
    far = client.post("/api/join", json=body, base_url=ADDRESS, environ_overrides=FAR)
    assert far.status_code == 403
    assert "certificate" in far.get_json()["detail"]
    told = client.get("/api/session", base_url=ADDRESS, environ_overrides=FAR).get_json()
    assert (told["safe"], told["required"]) == (False, True)
    over_tls = client.post(
        "/api/join", json=body, base_url="https://localhost", environ_overrides=FAR
    )
    assert over_tls.status_code == 200
    kept = over_tls.headers["Set-Cookie"]
    for part in ("HttpOnly", "SameSite=Strict", "Path=/"):
        assert part in kept


def test_wrong_pins_are_answered_with_how_long_to_wait(networked, people):
    _, app = networked
    client = app.test_client()
    guess = {"name": "The owner"}
    answers = [
        client.post("/api/session", json=guess | {"pin": f"guess {n}"}, base_url=ADDRESS)
        for n in range(6)
    ]
    assert [a.status_code for a in answers[:3]] == [401] * 3
    assert answers[-1].status_code == 429
    assert int(answers[-1].headers["Retry-After"]) > 0
    assert {a.get_json()["detail"] for a in answers[:3]} == {"No such name with that PIN."}
    # a name that nobody bears is answered alike
    nobody = client.post(
        "/api/session", json={"name": "Nobody", "pin": "guess 1"}, base_url=ADDRESS
    )
    assert nobody.get_json() == answers[0].get_json()


def test_a_device_signed_out_is_out_and_what_was_taken_out_is_heard(networked, people):
    owner = people["owner"]
    assert people["manager"].get("/api/trees.csv", base_url=ADDRESS).status_code == 200
    told = owner.get("/api/heard", base_url=ADDRESS).get_json()["heard"]
    assert (told[0]["name"], told[0]["what"], told[0]["about"]) == (
        "The manager",
        "took out",
        "trees.csv",
    )
    accounts = owner.get("/api/accounts", base_url=ADDRESS).get_json()["accounts"]
    helper = next(a for a in accounts if a["role"] == "helper")
    gone = owner.delete(f"/api/devices/{helper['devices'][0]['id']}", base_url=ADDRESS)
    assert gone.status_code == 200
    assert people["helper"].get("/api/today", base_url=ADDRESS).status_code == 401
    assert people["viewer"].delete("/api/session", base_url=ADDRESS).status_code == 200
    assert people["viewer"].get("/api/today", base_url=ADDRESS).status_code == 401
    last = owner.put(
        f"/api/accounts/{next(a for a in accounts if a['role'] == 'owner')['id']}",
        json={"role": "viewer"},
        base_url=ADDRESS,
    )
    assert last.status_code == 409
    assert "last owner" in last.get_json()["detail"]


def test_a_calendar_comes_in_by_its_key_to_nothing_else_until_it_is_renewed(networked, people):
    _, app = networked
    path = "/api/calendar-address"
    said = people["viewer"].get(path, base_url=ADDRESS).get_json()
    assert said["secret"]
    key = said["url"].split("?key=")[1]
    program = app.test_client()
    assert program.get(f"/api/calendar.ics?key={key}", base_url=ADDRESS).status_code == 200
    assert program.get("/api/calendar.ics", base_url=ADDRESS).status_code == 401
    assert program.get("/api/calendar.ics?key=", base_url=ADDRESS).status_code == 401
    assert program.get(f"/api/grove?key={key}", base_url=ADDRESS).status_code == 401
    assert people["viewer"].post(path, base_url=ADDRESS).status_code == 200
    assert program.get(f"/api/calendar.ics?key={key}", base_url=ADDRESS).status_code == 401


def test_on_this_machine_alone_nothing_asks_for_anything(served):
    told = served.client.get("/api/session").get_json()
    assert (told["required"], told["account"]) == (False, None)
    assert served.client.get("/api/backups").status_code == 200
    assert not (served.at.settings.data / "door.sqlite").exists()
    assert served.client.get("/api/accounts").status_code == 404
