"""A client on a workplace with one measured tree."""

from __future__ import annotations

from dataclasses import dataclass

import pytest
from flask.testing import FlaskClient

from billhook.services.holding import planting, setting_up
from billhook.services.tree import framing
from billhook.services.workplace import Workplace
from billhook.web.app import create_app
from billhook.web.door.signing import SIGNING

from ..places import TODAY, empty_workplace, forked_frame


@dataclass(frozen=True)
class Served:
    """A client, and the ids it may ask for."""

    client: FlaskClient
    at: Workplace
    site_id: str
    tree_id: str
    bare_id: str
    frame_id: str
    row_id: str
    block_id: str


@pytest.fixture
def served(tmp_path) -> Served:
    at = empty_workplace(tmp_path)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    row = planting.plant(at, site.id, "Baixo", 4, 2, "mandarin", 2014, "clementine", "carrizo")
    frame = framing.save_frame(at, row.tree_ids[0], forked_frame(), None, {"e", "w"}, TODAY)
    yield Served(
        create_app(at).test_client(),
        at,
        site.id,
        row.tree_ids[0],
        row.tree_ids[1],
        frame.id,
        row.row_id,
        row.block_id,
    )
    at.store.close()


PIN = "oliva 88"
ADDRESS = "http://localhost"


def signed_in(app, name: str, role: str, address: str = ADDRESS) -> FlaskClient:
    """A client of somebody who came in by an invitation, where one signs in."""
    client = app.test_client()
    code = app.extensions[SIGNING].invite(name, role, "t")
    said = client.post("/api/join", json={"code": code, "pin": PIN}, base_url=address)
    assert said.status_code == 200, said.get_json()
    assert said.get_json()["account"]["role"] == role
    return client
