"""Measures what is waited for over a real port, and starting."""

from __future__ import annotations

import datetime as dt
import json
import subprocess
import sys
import threading
import time
import urllib.request
import uuid
from pathlib import Path
from typing import Any

from timing import DAY, big_frame, median_ms, say

from billhook.services.season.desk import SeasonDesk
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.trees import tree_records
from billhook.web.app import create_app
from billhook.web.listen import listener


def ask(url: str, body: object | None = None) -> bytes:
    data = None if body is None else json.dumps(body).encode()
    request = urllib.request.Request(
        url, data, {"Content-Type": "application/json"} if data else {}
    )
    with urllib.request.urlopen(request) as answer:
        return answer.read()


def served(settings: Settings) -> None:
    at = open_workplace(settings)
    server = listener(create_app(at), at, 0)
    threading.Thread(target=server.run, daemon=True).start()
    url = f"http://127.0.0.1:{server.port}"
    start = time.perf_counter()
    ask(f"{url}/api/grove")
    say("the grove, first asked", (time.perf_counter() - start) * 1000, "ms", 1000)
    told = json.loads(ask(f"{url}/api/grove"))["trees"]
    trees = [
        {"id": i, "name": n, "measured": m}
        for i, n, m in zip(told["id"], told["name"], told["measured"], strict=True)
    ]
    say("the fortnight's list", median_ms(lambda: ask(f"{url}/api/today"), 3), "ms")
    say("the calendar feed", median_ms(lambda: ask(f"{url}/api/calendar.ics"), 3), "ms")
    start = time.perf_counter()
    with at.store.reading() as session:
        desk = SeasonDesk(session, at, DAY)
        for record in tree_records(session):
            desk.season_between(record, DAY, DAY + dt.timedelta(days=548))
    say(
        "season over 18 months of the whole demo holding, every tree",
        time.perf_counter() - start,
        "s",
        0.6,
    )
    say(
        f"the grove of {len(trees)} trees, asked again",
        median_ms(lambda: ask(f"{url}/api/grove"), 10),
        "ms",
    )
    taps(url, trees)
    cuts(url, trees)
    at.store.close()


def taps(url: str, trees: list[Any]) -> None:
    """What a thumb waits for under the tree."""
    tree = next(t for t in trees if t["name"] == "Baixo 4·7")["id"]
    walk = json.loads(ask(f"{url}/api/trees/{tree}/walks", {"id": str(uuid.uuid4())}))["id"]

    def tap() -> None:
        ask(
            f"{url}/api/walks/{walk}/answers",
            {"id": str(uuid.uuid4()), "question": "dead", "answer": "none", "seen": None},
        )

    say("an answer on a walk", median_ms(tap, 20), "ms", 100)
    say(
        "a cut plan",
        median_ms(lambda: ask(f"{url}/api/trees/{tree}/plan", {"goal": "tidy"}), 10),
        "ms",
    )


def cuts(url: str, trees: list[Any]) -> None:
    """What a pointer waits for while it marks cuts."""
    limbs = [
        {
            "id": x.id,
            "on": x.on,
            "at_m": x.at_m,
            "base_mm": x.base_mm,
            "tip_mm": x.tip_mm,
            "length_m": x.length_m,
            "rise_deg": x.rise_deg,
            "bearing_deg": x.bearing_deg,
            "fruit": x.fruit,
        }
        for x in big_frame().limbs
    ]
    body = {
        "frame": {"union_m": 0.2, "trunk": {"diameter_mm": 140, "height_m": 0.9}, "limbs": limbs},
        "cuts": [{"limb": "s0", "keep_m": 1.0}, {"limb": "s3", "keep_m": 0}],
    }
    say(
        "POST /api/calc/frame, 40 limbs",
        median_ms(lambda: ask(f"{url}/api/calc/frame", body)),
        "ms",
        20,
    )
    tree = json.loads(ask(f"{url}/api/trees/{next(t['id'] for t in trees if t['measured'])}"))
    marked = {
        "frame_id": tree["frame"]["id"],
        "cuts": [{"limb": tree["frame"]["limbs"][1]["id"], "keep_m": 0.2}],
        "work": "thin",
    }
    say(
        "POST preview of a cut while it is dragged",
        median_ms(lambda: ask(f"{url}/api/trees/{tree['id']}/preview", marked)),
        "ms",
        100,
    )
    say(
        "GET one tree with all its verdicts",
        median_ms(lambda: ask(f"{url}/api/trees/{tree['id']}"), 20),
        "ms",
        100,
    )


def start_again(folder: Path) -> None:
    start = time.perf_counter()
    command = [
        sys.executable,
        "-m",
        "billhook.cli",
        "demo",
        "--data",
        str(folder),
        "--port",
        "8497",
        "--today",
        DAY.isoformat(),
    ]
    server = subprocess.Popen(command, stdout=subprocess.PIPE, text=True)
    assert server.stdout is not None
    server.stdout.readline()
    say("a second start of the demo", time.perf_counter() - start, "s", 3)
    server.terminate()
    server.wait()
