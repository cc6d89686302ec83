"""Every field of every request, spoiled one at a time: 422, the field named, plain words, nothing
saved.
"""

from __future__ import annotations

import json
from typing import Any

import pytest

from billhook.services.book import logbook
from billhook.services.holding.grove import grove

from ..places import TODAY
from .bodies import CALCULATORS, FRAME, leaves, pointer, resources, spoiled, value_at, without


def send(client, call: str, body: Any):
    method, path = call.split(" ") if " " in call else ("POST", call)
    return client.open(path, method=method, data=json.dumps(body), content_type="application/json")


def refused(answer, wanted: str) -> str:
    """The message at the field; fails unless the answer is a problem that names it."""
    assert answer.status_code == 422, answer.get_json()
    assert answer.mimetype == "application/problem+json"
    errors = {e["pointer"]: e["message"] for e in answer.get_json()["errors"]}
    assert wanted in errors, errors
    message = errors[wanted]
    assert message
    assert "Traceback" not in message
    assert "Input should" not in message
    return message


def standing(served) -> tuple[int, int, int]:
    """What a half-saved request would change."""
    with served.at.store.reading() as session:
        tables = [
            session.connection().exec_driver_sql(f"select count(*) from {t}").scalar()
            for t in ("frame", "plan", "observation", "site", "tree")
        ]
    return (len(grove(served.at, TODAY).trees), len(logbook.log(served.at)), sum(tables))


@pytest.mark.parametrize("path", sorted(CALCULATORS))
def test_calculators_take_the_good_body_and_name_each_spoiled_field(served, path):
    body = CALCULATORS[path]
    assert served.client.post(path, json=body).status_code == 200
    for place in leaves(body):
        refused(
            send(
                served.client,
                path,
                spoiled(
                    body,
                    place,
                    {"what": "is this"} if not isinstance(value_at(body, place), dict) else "text",
                ),
            ),
            pointer(place),
        )
        if isinstance(value_at(body, place), (int, float)) and not isinstance(
            value_at(body, place), bool
        ):
            refused(send(served.client, path, spoiled(body, place, float("nan"))), pointer(place))
            refused(send(served.client, path, spoiled(body, place, 1e12)), pointer(place))
            refused(send(served.client, path, spoiled(body, place, True)), pointer(place))
        if isinstance(value_at(body, place), str):
            refused(send(served.client, path, spoiled(body, place, "x" * 10_000)), pointer(place))


def test_resources_name_each_spoiled_field_and_save_nothing(served):
    before = standing(served)
    for call, body in resources(
        served.tree_id, served.frame_id, served.site_id, served.block_id
    ).items():
        for place in leaves(body):
            value = value_at(body, place)
            refused(
                send(
                    served.client,
                    call,
                    spoiled(
                        body, place, {"what": "is this"} if not isinstance(value, dict) else "text"
                    ),
                ),
                pointer(place),
            )
            if isinstance(value, (int, float)) and not isinstance(value, bool):
                refused(
                    send(served.client, call, spoiled(body, place, float("inf"))), pointer(place)
                )
                refused(send(served.client, call, spoiled(body, place, -1e9)), pointer(place))
            if isinstance(value, str) and place[-1] != "text":
                refused(
                    send(served.client, call, spoiled(body, place, "x" * 10_000)), pointer(place)
                )
        refused(send(served.client, call, body | {"colour": "blue"}), "/colour")
    assert standing(served) == before


@pytest.mark.parametrize(
    ("path", "missing"),
    [
        (
            "/api/calc/frame",
            [
                "frame",
                "frame/trunk",
                "frame/trunk/diameter_mm",
                "frame/limbs/1/on",
                "frame/limbs/1/length_m",
                "cuts/0/limb",
                "cuts/0/keep_m",
            ],
        ),
        ("/api/calc/heat-units", ["tmin", "tmax", "base_c"]),
        (
            "/api/calc/latest-cut",
            ["normals", "normals/tmin", "heat_units", "before", "safety_days"],
        ),
        (
            "/api/calc/season",
            [
                "site",
                "site/latitude",
                "site/last_frost",
                "tree/species",
                "tree/planted_year",
                "from",
                "to",
            ],
        ),
    ],
)
def test_missing_fields_are_named(served, path, missing):
    for name in missing:
        place = tuple(int(p) if p.isdigit() else p for p in name.split("/"))
        assert (
            refused(send(served.client, path, without(CALCULATORS[path], place)), f"/{name}")
            == "is missing"
        )


@pytest.mark.parametrize(
    ("place", "value", "at", "says"),
    [
        (("limbs", 1, "on"), "nobody", "/frame/limbs/1/on", "no limb “nobody”"),
        (("limbs", 0, "on"), "e1", "/frame/limbs/0/on", "circle"),
        (("limbs", 1, "at_m"), 2.5, "/frame/limbs/1/at_m", "ends at 2.00 m"),
        (("limbs", 1, "tip_mm"), 30, "/frame/limbs/1/tip_mm", "thicker than the base"),
        (("limbs", 1, "id"), "e", "/frame/limbs/1/id", "two limbs"),
        (("union_m",), 3, "/frame/union_m", "between -0.50 m and 0.70 m"),
    ],
)
def test_frames_that_cannot_be_are_refused_the_same_everywhere(served, place, value, at, says):
    frame = spoiled(FRAME, place, value)
    assert says in refused(send(served.client, "/api/calc/frame", {"frame": frame}), at)
    save = {"id": "x", "previous_id": served.frame_id, "frame": frame}
    assert says in refused(
        send(served.client, f"POST /api/trees/{served.tree_id}/frames", save), at
    )


def test_cuts_that_cannot_be_are_refused(served):
    for cuts, at in (
        ([{"limb": "e", "keep_m": 2.0}], "/cuts/0/keep_m"),
        ([{"limb": "e", "keep_m": 1}, {"limb": "e", "keep_m": 0}], "/cuts/1/limb"),
        ([{"limb": "z", "keep_m": 0}], "/cuts/0/limb"),
    ):
        refused(send(served.client, "/api/calc/frame", {"frame": FRAME, "cuts": cuts}), at)
        refused(
            send(
                served.client,
                f"POST /api/trees/{served.tree_id}/preview",
                {"cuts": cuts, "work": "thin"},
            ),
            at,
        )


@pytest.mark.parametrize(
    ("path", "change", "at"),
    [
        ("/api/calc/heat-units", {"tmax": [22]}, "/tmax"),
        ("/api/calc/heat-units", {"tmax": [22, 8]}, "/tmax/1"),
        ("/api/calc/heat-units", {"upper_c": 12}, "/upper_c"),
        ("/api/calc/latest-cut", {"cap_days": 20}, "/cap_days"),
        ("/api/calc/season", {"to": "2027-03-01"}, ""),
        ("/api/calc/season", {"tree": {"species": "oak", "planted_year": 2014}}, "/tree/species"),
        (
            "/api/calc/season",
            {"tree": {"species": "mango", "cultivar": "hass", "planted_year": 2014}},
            "/tree/cultivar",
        ),
        ("/api/calc/season", {"work": ["whittling"]}, "/work/0"),
    ],
)
def test_inputs_that_contradict_each_other_are_refused(served, path, change, at):
    refused(send(served.client, path, CALCULATORS[path] | change), at)


def test_what_is_not_json_or_not_there(served):
    broken = served.client.post("/api/calc/frame", data="{", content_type="application/json")
    assert (broken.status_code, broken.mimetype) == (400, "application/problem+json")
    assert served.client.get("/api/nothing").status_code == 404
    wrong = served.client.delete("/api/grove")
    assert (wrong.status_code, "GET" in wrong.headers["Allow"]) == (405, True)
    for path in ("/api/trees/nothing", "/api/sheets/nothing"):
        assert served.client.get(path).status_code == 404
    assert served.client.get("/api/grove?day=0").status_code == 422
    assert served.client.get("/api/grove?colour=blue").status_code == 422
    assert (
        served.client.post(
            "/api/calc/frame", data="x" * 9_000_000, content_type="application/json"
        ).status_code
        == 413
    )
