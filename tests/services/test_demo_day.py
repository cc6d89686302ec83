"""The demo put on another day from within."""

from __future__ import annotations

import datetime as dt
import time

import pytest

from billhook.core.errors import InvalidInput
from billhook.demo.build import build_demo, on_its_day
from billhook.demo.moving import Mover
from billhook.services.holding.grove import grove
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app
from billhook.web.holding.demo import MOVER

AFTER_FROST = dt.date(2027, 1, 20)


def test_the_demo_goes_to_the_morning_after_a_frost(tmp_path):
    settings = Settings(data=tmp_path / "demo", fixed_today=dt.date(2026, 11, 28), demo=True)
    build_demo(settings)
    at = open_workplace(settings)
    app = create_app(at)
    app.extensions[MOVER] = Mover(at)
    client = app.test_client()
    assert client.post("/api/demo", json={"day": "1999-01-01"}).status_code == 422
    assert client.post("/api/demo", json={"day": AFTER_FROST.isoformat()}).get_json()["going"]
    with pytest.raises(InvalidInput):  # one journey at a time
        app.extensions[MOVER].put_on(AFTER_FROST)
    until = time.monotonic() + 240
    while (state := client.get("/api/demo").get_json())["going"]:
        assert not state["going"]["failed"]
        assert client.get("/api/grove").status_code == 200  # it is open all the while
        assert time.monotonic() < until
        time.sleep(0.5)
    assert state["day"] == AFTER_FROST.isoformat()
    assert client.get("/api/grove").get_json()["day"] == AFTER_FROST.isoformat()
    assert len(grove(at, at.today()).trees) > 300
    today = client.get("/api/today").get_json()
    assert today["day"] == AFTER_FROST.isoformat()
    reasons = [r["text"] for item in today["items"] for r in item["reasons"]]
    assert any("after the frost" in text for text in reasons)
    assert on_its_day(Settings(data=settings.data, demo=True)).fixed_today == AFTER_FROST
    at.store.close()


def test_a_holding_of_ones_own_is_never_moved(tmp_path):
    at = open_workplace(Settings(data=tmp_path / "data", fixed_today=AFTER_FROST))
    client = create_app(at).test_client()
    assert client.get("/api/demo").get_json()["demo"] is False
    assert client.post("/api/demo", json={"day": "2027-05-01"}).status_code == 404
    at.store.close()
