"""Where a phone opens Billhook, and whose entries are taken."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest

from billhook.services.door.signing import required
from billhook.web.app import create_app

from ..places import new_id
from .conftest import signed_in


@pytest.mark.parametrize(
    ("host", "more", "url"),
    [
        ("127.0.0.1", {}, None),
        ("localhost", {}, None),
        ("192.168.1.20", {}, "http://192.168.1.20:8420/"),
        ("fd00::7", {}, "http://[fd00::7]:8420/"),
        ("0.0.0.0", {"names": ("grove.lan",)}, "http://grove.lan:8420/"),
        (
            "192.168.1.20",
            {"certificate": Path("c.pem"), "key": Path("k.pem"), "port": 8443},
            "https://192.168.1.20:8443/",
        ),
    ],
)
def test_a_phone_is_told_the_address_that_is_listened_at(served, host, more, url):
    at = replace(served.at, settings=replace(served.at.settings, host=host, **more))
    app = create_app(at)
    base = f"http{'s' if at.settings.secure else ''}://localhost"
    client = signed_in(app, "Ana", "viewer", base) if required(at.settings) else app.test_client()
    answer = client.get("/api/address", base_url=base)
    found = answer.get_json()
    assert found["url"] == url
    assert (found["qr"] is None) == (url is None)


def test_what_was_entered_for_another_holding_is_not_taken(served):
    path = f"/api/trees/{served.tree_id}/observations"
    body = {"kind": "fruit_on", "value": "full", "date": "2027-03-24"}
    own = served.client.get("/api/grove").get_json()["holding_id"]
    written = []
    for home, status in ((new_id(), 409), (own, 201)):
        act = new_id()
        headers = {"Billhook-Act": act, "Billhook-Holding": home}
        answer = served.client.post(path, json=body, headers=headers)
        assert answer.status_code == status
        assert answer.get_json()["act"] == act
        written.append(len(served.client.get("/api/acts").get_json()["acts"]))
    assert written[1] == written[0] + 1
