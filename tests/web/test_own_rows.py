"""A helper who has rows of their own is told of those trees alone, and writes on no other; what is
said of a tree is the same for whoever asks.
"""

from __future__ import annotations

import re

import pytest

from billhook.demo.build import build_demo, on_its_day
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import api_description, create_app
from billhook.web.door.signing import SIGNING

from ..places import TODAY, new_id, trees_of
from .conftest import ADDRESS, signed_in

NAME = "Rows of one"
WALL = "Alto"


@pytest.fixture(scope="module")
def holding(tmp_path_factory):
    settings = Settings(data=tmp_path_factory.mktemp("own"), host="0.0.0.0", demo=True)
    build_demo(settings)
    at = open_workplace(on_its_day(settings))
    app = create_app(at)
    yield app
    app.extensions[SIGNING].close()
    at.store.close()


class Asker:
    def __init__(self, client) -> None:
        self.client = client

    def get(self, path: str):
        return self.client.get(path, base_url=ADDRESS)

    def told(self, path: str):
        said = self.get(path)
        assert said.status_code == 200, (path, said.get_json())
        return said.get_json()

    def send(self, path: str, body, method: str = "POST"):
        return self.client.open(path, method=method, json=body, base_url=ADDRESS)


@pytest.fixture(scope="module")
def askers(holding):
    owner = Asker(signed_in(holding, "Owner", "owner"))
    helper = Asker(signed_in(holding, NAME, "helper"))
    person = new_id()
    assert owner.send(f"/api/people/{person}", {"name": NAME}, "PUT").status_code == 200
    assert trees_of(helper.told("/api/grove")) == trees_of(owner.told("/api/grove"))
    grove = owner.told("/api/grove")
    block = next(b["id"] for b in grove["blocks"] if b["name"] == WALL)
    mine = next(r["id"] for r in grove["rows"] if r["block_id"] == block)
    given = {"scope": "row", "scope_ids": [mine], "person_id": person}
    assert owner.send("/api/assignments", given, "PUT").status_code == 200
    return owner, helper, mine


@pytest.fixture(scope="module")
def trees(askers):
    owner, _, mine = askers
    every = trees_of(owner.told("/api/grove"))
    own = {t["id"]: t["name"] for t in every if t["row_id"] == mine}
    others = {t["id"]: t["name"] for t in every if t["row_id"] != mine}
    assert own
    assert len(others) > len(own)
    return own, others


def test_no_answer_names_a_tree_in_another_row(holding, askers, trees):
    _, helper, mine = askers
    own, others = trees
    grove = helper.told("/api/grove")
    ids = {
        "trees": next(iter(own)),
        "rows": mine,
        "blocks": grove["blocks"][0]["id"],
        "sites": grove["sites"][0]["id"],
    }
    told, leaks = 0, []
    for path, operations in api_description(holding)["paths"].items():
        if "get" not in operations or path.startswith(("/api/calc", "/api/photos/")):
            continue
        kind = path.split("/")[2]
        where = path.replace("{id}", ids.get(kind, new_id())).replace("{name}", "trees")
        if path in ("/api/photos", "/api/rotations", "/api/stances"):
            where += f"?row_id={mine}&scope=row&scope_id={mine}"
        said = helper.get(where + ("?q=lemon" if path == "/api/find" else ""))
        if said.status_code != 200:
            assert said.status_code in (403, 404, 422), (where, said.status_code)
            continue
        told += 1
        text = said.get_data().decode(errors="replace")
        leaks += [(where, i) for i in others if i in text]
        leaks += [(where, n) for n in others.values() if re.search(rf"\b{re.escape(n)}\b", text)]
    assert sorted({where for where, _ in leaks}) == []
    assert told > 40
    assert {t["id"] for t in trees_of(grove)} == set(own)


def test_what_lies_in_another_row_is_refused_however_it_is_named(askers, trees):
    owner, helper, _ = askers
    own, others = (next(iter(t)) for t in trees)
    seen = {"kind": "fruit_on", "value": "none", "date": TODAY.isoformat()}
    assert helper.get(f"/api/trees/{others}").status_code == 403
    assert helper.send(f"/api/trees/{others}/observations", seen).status_code == 403
    assert helper.get(f"/api/trees/{others.upper()}").status_code == 403
    done = {"work": "sucker", "date": "2027-03-20", "id": new_id()}
    for trees_named in ([others], [own, others]):
        said = helper.send("/api/today/done", done | {"tree_ids": trees_named})
        assert said.status_code == 403, said.get_json()
        assert "not yours" in said.get_json()["detail"]
    block = helper.told("/api/grove")["blocks"][0]["id"]
    assert helper.get(f"/api/blocks/{block}/heights").status_code == 200
    assert helper.send(f"/api/blocks/{block}/observations", seen).status_code == 403
    sheet = owner.told("/api/log")["entries"][0]
    assert sheet["tree_id"] in trees[1]
    assert helper.send(f"/api/trees/{own}/observations", seen).status_code == 201
    assert [a["person"] for a in helper.told("/api/acts")["acts"]] == [NAME]


def test_what_is_said_of_a_tree_is_the_same_for_whoever_asks(askers, trees):
    owner, helper, mine = askers
    for tree in list(trees[0])[:4]:
        for what in ("", "/needs", "/shade", "/aim"):
            where = f"/api/trees/{tree}{what}"
            assert helper.told(where) == owner.told(where)
    assert helper.told("/api/today")["items"] == owner.told(f"/api/today?within={mine}")["items"]
    assert 0 < helper.told("/api/season-plan")["hours"] < owner.told("/api/season-plan")["hours"]
    work = owner.told("/api/crew")
    shown = helper.told("/api/crew")
    of_row = {j["id"] for j in work["jobs"] if j["row_id"] == mine}
    assert {j["id"] for j in shown["jobs"]} <= of_row


def test_rows_of_the_plan_that_was_kept_are_theirs_too(askers, trees):
    owner, helper, _ = askers
    people = {p["name"]: p for p in owner.told("/api/people")["people"]}
    own = people[NAME] | {"hours_week": 20, "skills": ["saw", "ladder"]}
    body = {k: v for k, v in own.items() if k not in ("id", "scope_ids")}
    assert owner.send(f"/api/people/{own['id']}", body, "PUT").status_code == 200
    assert owner.send("/api/crew/kept", {"weeks": 6}).status_code == 200
    crew = owner.told("/api/crew")
    planned = {p["job"] for p in crew["work"] if p["helper"] == own["id"]}
    rows = {j["row_id"] for j in crew["jobs"] if j["id"] in planned}
    assert rows <= {r["id"] for r in helper.told("/api/grove")["rows"]}
    assert len(rows) > 1
    assert helper.get(f"/api/people/{own['id']}/weeks.ics").status_code == 200
    assert helper.get(f"/api/people/{new_id()}/weeks.ics").status_code == 403
