"""Somebody who writes all that can be written, takes each back and puts it back."""

from __future__ import annotations

import datetime as dt
import io
import json
import re
from dataclasses import replace
from typing import Any

from PIL import Image

from billhook.web.door.rights import NO_ACTS

from ..places import new_id
from .bodies import ID, resources
from .conftest import Served
from .test_walk_api import walked

ODD = "0dd00000-0000-4000-8000-000000000000"
_APART = ("act", "change", "takenback", "framesize", "alembic_version", "sqlite_sequence")


def standing(served: Served) -> dict[str, set[str]]:
    """Every row of every table, versions apart: they only rise."""
    with served.at.store.reading() as session:
        run = session.connection().exec_driver_sql
        tables = [t for (t,) in run("SELECT name FROM sqlite_master WHERE type = 'table'")]
        return {
            t: {
                json.dumps({k: v for k, v in row._mapping.items() if k != "version"})
                for row in run(f'SELECT * FROM "{t}"')
            }
            for t in tables
            if t not in _APART
        }


def spoil(served: Served) -> None:
    """An entry that makes no sense, as an old folder may hold one."""
    with served.at.store.writing() as session:
        run = session.connection().exec_driver_sql
        run(
            "INSERT INTO observation (id, act, scope, scope_id, kind, value, date, made_at) "
            "VALUES (?, 1, 'tree', ?, 'vigour', 'huge', '2027-03-01', '2027-03-01 00:00:00')",
            (ODD, served.tree_id),
        )


def write(served: Served, call: str, body: Any, act: str) -> dict[str, Any]:
    method, path = call.split(" ")
    given = {"data": body} if isinstance(body, bytes) else {"json": body}
    answer = served.client.open(path, method=method, headers={"Billhook-Act": act}, **given)
    assert answer.status_code < 300, (call, answer.text)
    return answer.get_json()


def undo(served: Served, act: str, also: bool = False, mine: str | None = None):
    headers = {"Billhook-Act": mine or new_id()}
    return served.client.post(f"/api/acts/{act}/undo", json={"also": also}, headers=headers)


def writes(served: Served) -> set[str]:
    """The writes that the description names."""
    paths = served.client.get("/api/openapi.json").get_json()["paths"]
    return {
        f"{method.upper()} {path}"
        for path, methods in paths.items()
        if "/calc/" not in path and path.split("/")[2] not in NO_ACTS
        for method in methods
        if method in ("post", "put", "patch", "delete")
    }


def template(call: str, known: set[str]) -> str:
    """The write of the description that a call is."""
    for one in known:
        if re.fullmatch(re.sub(r"\{\w+\}", "[^/]+", one), call):
            return one
    raise AssertionError(f"{call} is no write")


_TABLES = {"blocks": "block", "trees": "tree", "sites": "site", "tasks": "task"}
_TABLES |= {"rotations": "rotation", "sheets": "plan"}


def version(served: Served, call: str) -> int:
    """The version that holds now of what a call names."""
    kind, row = call.split("/")[2:4]
    with served.at.store.reading() as session:
        run = session.connection().exec_driver_sql
        return int(run(f'SELECT version FROM "{_TABLES[kind]}" WHERE id = ?', (row,)).scalar())


def first_cut(served: Served) -> str:
    """The call that ticks the first cut of the sheet."""
    cuts = served.client.get(f"/api/sheets/{ID}").get_json()["lines"]
    return f"PUT /api/sheets/{ID}/cuts/{cuts[0]['id']}"


def picture() -> bytes:
    made = io.BytesIO()
    Image.new("RGB", (400, 600), "white").save(made, "JPEG")
    return made.getvalue()


class Writer:
    """Writes, takes back, puts back; what stands is as before and as after."""

    def __init__(self, served: Served) -> None:
        self.served, self.known = served, writes(served)
        self.seen: set[str] = set()
        self.good = resources(served.tree_id, served.frame_id, served.site_id, served.block_id)
        self.tree, self.bare = f"/api/trees/{served.tree_id}", f"/api/trees/{served.bare_id}"
        self.site, self.block = f"/api/sites/{served.site_id}", f"/api/blocks/{served.block_id}"
        self.planted: list[str] = []
        self.young_block = ""

    def usual(self, call: str, **more: Any) -> dict[str, Any]:
        return self.one(call, self.good[call] | more)

    def one(self, call: str, body: Any) -> dict[str, Any]:
        served, act, back = self.served, new_id(), new_id()
        self.seen.add(template(call.split("?")[0], self.known))
        if isinstance(body, dict) and "version" in body and call.split("/")[2] in _TABLES:
            body = body | {"version": version(served, call)}
        before = standing(served)
        made = write(served, call, body, act)
        after = standing(served)
        assert before != after, f"{call} wrote nothing"
        assert "{" not in made["said"], call
        answer = undo(served, act, mine=back)
        assert answer.status_code == 200, (call, answer.get_json())
        assert standing(served) == before, call
        assert undo(served, back).status_code == 200, call
        self.seen.add("POST /api/acts/{id}/undo")
        assert standing(served) == after, call
        return made


def a_look(do: Writer) -> None:
    do.usual("POST /api/sheets/many", id=new_id(), goal="lower")
    walk = walked(do.served, dead="dead", dead_limbs="d@0")
    do.one(f"POST /api/walks/{walk['id']}/plan", {"id": new_id()})
    do.one(f"POST /api/walks/{walk['id']}/finish", {})
    do.usual("POST /api/today/let-go")


def the_holding(do: Writer) -> None:
    for call in ("POST /api/sites", "PUT /api/units", f"PUT {do.site}", "POST /api/species"):
        do.usual(call)
    do.usual(f"POST {do.site}/days", save=True)
    do.served.at.settings = replace(do.served.at.settings, demo=True)
    do.usual("PUT /api/weather/scenario")
    do.served.at.settings = replace(do.served.at.settings, demo=False)
    do.usual("POST /api/trees/import", save=True)
    do.usual("POST /api/trees/geojson", save=True)
    do.usual("POST /api/blocks")
    young = {"pot_l": None, "under_cover": False, "planted_year": 2026}
    made = do.usual("POST /api/plantings", **young)
    do.planted, do.young_block = made["tree_ids"], made["block_id"]
    do.usual(f"PUT {do.block}")
    do.usual(f"PUT {do.block}/lie")
    do.one(f"PATCH {do.block}", {"version": 0, "name": "Cimo", "note": "by the road"})
    do.usual(f"PUT /api/people/{ID}")
    do.usual("PUT /api/assignments", person_id=ID)
    the_weeks(do)
    do.one(f"DELETE /api/people/{ID}", {})
    do.one(f"PATCH /api/rows/{do.served.row_id}", {"name": "the wall", "spacing_m": 5})


def the_weeks(do: Writer) -> None:
    do.usual(f"PUT /api/crew/away/{ID}")
    do.one(f"DELETE /api/crew/away/{ID}", {})
    hours = {"hours_week": 20, "skills": ["saw", "ladder"]}
    do.usual(f"PUT /api/people/{ID}", **hours)
    do.usual("POST /api/crew/kept", id=new_id())
    found = do.served.client.get("/api/crew").get_json()
    job = next(j for j in found["jobs"] if any(c is not None for c in j["crops"]))
    week = next(i for i, c in enumerate(job["crops"]) if c is not None)
    fix = {"person_id": ID, "day": found["weeks"][week]["from"]}
    do.one(f"PUT /api/crew/fixes/{job['id']}", fix)
    do.one(f"DELETE /api/crew/fixes/{job['id']}", {})


def a_tree_and_its_record(do: Writer) -> None:
    do.one(f"POST /api/rows/{do.served.row_id}/mean", {})
    do.usual(f"PATCH {do.tree}")
    change = {"version": version(do.served, f"PATCH {do.tree}"), "pot_l": 90}
    do.one(f"POST {do.tree}/alike", {"scope": "row", "changes": change})
    do.one(f"POST {do.bare}/move", {"version": 0, "block": "Cimo", "row": "2"})
    do.one(f"PUT {do.bare}/spot", {"version": 0, "x_m": 3.5, "y_m": 1})
    do.one(f"POST {do.tree}/grafts", {"cultivar": "dancy", "mark": "the round leaf"})
    graft = do.served.client.get(do.tree).get_json()["grafts"][0]["id"]
    do.one(f"DELETE {do.tree}/grafts/{graft}", {})
    do.one(f"POST /api/trees/{do.planted[0]}/mistake", {"version": 0})
    do.one(f"POST /api/trees/{do.planted[1]}/gone", {"version": 0})
    do.one(f"POST /api/trees/{do.planted[1]}/stands", {"version": 0})
    do.one(f"PUT /api/photos/{ID}?tree_id={do.served.tree_id}&moment=before", picture())
    do.usual("POST /api/harvests")


def what_was_seen_and_is_wanted(do: Writer) -> None:
    do.usual(f"POST {do.tree}/observations")
    do.usual(f"POST {do.block}/observations")
    spoil(do.served)
    do.one(f"POST /api/odd/{ODD}/out", {})
    do.one("POST /api/says", {"saying": "picked", "tree_ids": [do.served.tree_id]})
    barren = {"saying": "no-fruit", "tree_ids": [do.served.tree_id]}
    said = do.served.client.post("/api/says", json=barren).get_json()
    do.one("POST /api/says/take-back", {"saying": "no-fruit", "ids": said["ids"]})
    for call in (
        "PUT /api/stances",
        "POST /api/today/put-off",
        f"PUT {do.tree}/aim",
        "PUT /api/aims",
    ):
        do.usual(call)
    do.usual("POST /api/rotations")
    do.one(f"POST /api/rotations/{ID}/end", {"version": 0})


def looking_and_cutting(do: Writer) -> None:
    do.usual(f"POST {do.tree}/walks")
    do.usual(f"PUT /api/walks/{ID}")
    do.one(f"PUT /api/walks/{ID}", {"look": "full"})
    do.usual(f"POST /api/walks/{ID}/answers", id=new_id())
    do.usual(f"POST {do.tree}/walks/quick")
    do.usual("POST /api/walks/quick")
    logged = do.usual(f"POST {do.tree}/log")
    do.one(f"PUT /api/log/{logged['id']}", {"tree_id": do.served.bare_id})
    do.usual("POST /api/today/done")
    do.usual(f"POST {do.tree}/sheets")
    tick = {"id": new_id(), "done": True, "diameter_mm": 40, "who": "first helper"}
    do.one(first_cut(do.served), tick)
    do.one(f"POST /api/sheets/{ID}/cuts", {"id": new_id(), "limb": "e1", "keep_m": 0})
    do.one(f"POST /api/sheets/{ID}/finish", {"version": 0, "who": "first helper"})
    with do.served.at.store.reading() as session:
        run = session.connection().exec_driver_sql
        task = run("SELECT id FROM task WHERE state = 'open' LIMIT 1").scalar()
    do.one(f"PUT /api/tasks/{task}", {"version": 0, "state": "done"})


def frost(do: Writer) -> None:
    do.usual(f"POST {do.site}/night")
    do.usual(f"POST {do.site}/cut-test")
    do.one(f"POST {do.site}/protect", {"block_id": do.young_block})
    for end in ("frost-class", "scratches", "new-shoots", "grow-on"):
        do.usual(f"POST {do.tree}/{end}")
    for end in ("looks", "frost-sheets"):
        do.usual(f"POST {do.tree}/{end}", id=new_id())


def sizes_and_frames(do: Writer) -> None:
    do.one(f"POST {do.bare}/sketch", do.good[f"POST {do.tree}/sketch"])
    counted = {"id": new_id(), "date": "2027-03-24", "work": "thin"}
    counted["cuts"] = [{"class": "finger", "n": 2, "sprout": False, "dead": False}]
    do.one(f"POST {do.bare}/counted", counted)
    newest = do.served.client.get(do.tree).get_json()["frame"]["id"]
    do.usual(f"POST {do.tree}/frames", id=new_id(), previous_id=newest)
    do.usual(f"POST {do.tree}/traces", id=new_id())
    do.usual(f"POST {do.tree}/sides", side_deg=None)
    do.served.at.settings = replace(do.served.at.settings, fixed_today=dt.date(2027, 9, 24))
    do.usual(f"POST {do.tree}/regrowth", length_m=1.4)


PARTS = (
    a_look,
    the_holding,
    a_tree_and_its_record,
    what_was_seen_and_is_wanted,
    looking_and_cutting,
    frost,
    sizes_and_frames,
)
