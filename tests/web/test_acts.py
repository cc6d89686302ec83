"""Every write once, by its id."""

from __future__ import annotations

import threading

import pytest

from billhook.services.holding.grove import grove
from billhook.web.app import create_app

from ..places import TODAY, new_id
from .bodies import FRAME

DAY = TODAY.isoformat()


def calls(served) -> dict[str, tuple[str, dict]]:
    """Writes that have no id of their own in what they make."""
    site, tree, bare, block = served.site_id, served.tree_id, served.bare_id, served.block_id
    months = {"tmin_c": [4.0] * 12, "tmax_c": [20.0] * 12}
    return {
        "planting": (
            "POST /api/plantings",
            {
                "site_id": site,
                "block": "Alto",
                "count": 2,
                "species": "avocado",
                "planted_year": 2015,
            },
        ),
        "site": (
            "POST /api/sites",
            {"holding": "Almirelo", "site": "Sul", "latitude": -33.2, "climate": None, **months},
        ),
        "sketch": (
            f"POST /api/trees/{bare}/sketch",
            {"height_m": 3.0, "spread_m": 3.0, "trunk_mm": 100.0},
        ),
        "seen": (
            f"POST /api/trees/{tree}/observations",
            {"kind": "fruit_on", "value": "none", "date": DAY},
        ),
        "block seen": (
            f"POST /api/blocks/{block}/observations",
            {"kind": "ground", "value": "mulch", "date": DAY},
        ),
        "night": (
            f"POST /api/sites/{site}/night",
            {"day": DAY, "min_c": -3.0, "hours": 4.0, "save": True},
        ),
        "put off": (
            "POST /api/today/put-off",
            {"tree_ids": [tree], "work": "thin", "until": "2027-05-01", "why": "rain"},
        ),
        "record": (f"PATCH /api/trees/{bare}", {"version": 1, "note": "by the gate"}),
        "list": (
            "POST /api/trees/import",
            {
                "site_id": site,
                "text": "block,row,place,species,planted_year\nCasa,1,1,lemon,2015",
                "save": True,
            },
        ),
        "gone": (f"POST /api/trees/{bare}/gone", {"version": 1}),
    }


def rows(served) -> tuple[int, ...]:
    names = [
        "act",
        "tree",
        "site",
        "sitenormals",
        "frame",
        "observation",
        "frostnight",
        "putoff",
        "block",
        "place",
        "task",
    ]
    with served.at.store.reading() as session:
        return tuple(
            session.connection().exec_driver_sql(f"SELECT count(*) FROM {n}").scalar()
            for n in names
        )


def send(client, call: str, body, **headers):
    method, path = call.split(" ")
    return client.open(path, method=method, json=body, headers=headers)


@pytest.mark.parametrize("how", ["header", "body"])
@pytest.mark.parametrize(
    "what",
    [
        "planting",
        "site",
        "sketch",
        "seen",
        "block seen",
        "night",
        "put off",
        "record",
        "list",
        "gone",
    ],
)
def test_a_write_sent_twice_is_written_once_and_answered_alike(served, what, how):
    call, body = calls(served)[what]
    act = new_id()
    headers = {"Billhook-Act": act} if how == "header" else {}
    body = body if how == "header" else body | {"id": act}
    first = send(served.client, call, body, **headers)
    assert first.status_code in (200, 201), first.get_json()
    after = rows(served)
    again = send(served.client, call, body, **headers)
    assert (again.status_code, again.get_json()) == (first.status_code, first.get_json())
    assert rows(served) == after
    if how == "header":
        assert first.get_json()["act"] == act
    # another program of the same folder, which never gave the answer
    elsewhere = send(create_app(served.at).test_client(), call, body, **headers)
    assert (elsewhere.status_code, elsewhere.get_json()["taken"], elsewhere.get_json()["act"]) == (
        409,
        True,
        act,
    )
    assert rows(served) == after


def test_an_id_serves_one_write_only(served):
    act = {"Billhook-Act": new_id()}
    call, body = calls(served)["planting"]
    assert send(served.client, call, body, **act).status_code == 201
    for client in (served.client, create_app(served.at).test_client()):
        other = send(client, *calls(served)["sketch"], **act)
        assert (other.status_code, other.get_json()["errors"][0]["message"]) == (
            422,
            "was given to another write; make a new one",
        )


def test_the_same_write_sent_at_once_by_two_threads_is_one(served):
    call, body = calls(served)["planting"]
    act, answers = new_id(), []
    app = create_app(served.at)

    def post() -> None:
        answers.append(send(app.test_client(), call, body, **{"Billhook-Act": act}).get_json())

    threads = [threading.Thread(target=post) for _ in range(6)]
    for t in threads:
        t.start()
    for t in threads:
        t.join()
    assert all(a == answers[0] for a in answers)
    assert sum(t.record.block.name == "Alto" for t in grove(served.at, TODAY).trees) == 2


def test_a_refused_write_can_be_mended_under_its_id(served):
    call, body = calls(served)["planting"]
    act = {"Billhook-Act": new_id()}
    refused = send(served.client, call, body | {"species": "oak"}, **act)
    assert (refused.status_code, refused.get_json()["act"]) == (422, act["Billhook-Act"])
    assert send(served.client, call, body, **act).status_code == 201
    assert (
        send(served.client, call, body, **{"Billhook-Act": "mine"}).get_json()["errors"][0][
            "pointer"
        ]
        == "/Billhook-Act"
    )


def test_a_frame_sent_twice_is_one(served):
    body = {"id": new_id(), "frame": FRAME, "previous_id": served.frame_id, "measured": []}
    first = served.client.post(f"/api/trees/{served.tree_id}/frames", json=body)
    again = served.client.post(f"/api/trees/{served.tree_id}/frames", json=body)
    other = (
        create_app(served.at).test_client().post(f"/api/trees/{served.tree_id}/frames", json=body)
    )
    assert (first.status_code, again.status_code) == (201, 201)
    assert other.get_json()["taken"] is True
