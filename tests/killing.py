"""Billhook as a process of its own, listening to the network, and those who write to it signed in,
each thing again until it is acknowledged, as a phone does.
"""

from __future__ import annotations

import http.client
import io
import json
import socket
import subprocess
import sys
import threading
import time
import uuid
from collections.abc import Callable
from pathlib import Path
from typing import TextIO

from PIL import Image

from billhook.services.door.signing import Signing
from billhook.services.holding import planting, setting_up
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.door import Door

from .places import TODAY

PIN = "oliva 88"


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return probe.getsockname()[1]


def jpeg() -> bytes:
    out = io.BytesIO()
    Image.new("RGB", (640, 480), "green").save(out, "JPEG")
    return out.getvalue()


JPEG = jpeg()


def planted(settings: Settings, writers: int) -> list[str]:
    """A holding with a tree for each writer; their ids."""
    at = open_workplace(settings)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    trees = planting.plant(
        at, site.id, "Baixo", 1, writers, "mandarin", 2014, "clementine", "carrizo"
    ).tree_ids
    at.store.close()
    return trees


def let_in(settings: Settings, name: str, role: str) -> str:
    """The cookie of somebody who came in."""
    signing = Signing(Door(settings.data))
    code = signing.invite(name, role, "t")
    _, token = signing.join(code, name, PIN, "a phone", "")
    signing.close()
    return f"billhook={token}"


def started(
    settings: Settings, port: int, told: TextIO | int = subprocess.DEVNULL
) -> subprocess.Popen[str]:
    """Listening to every address. told: where its errors go."""
    where = ["--data", str(settings.data), "--host", "0.0.0.0", "--port", str(port)]
    server = subprocess.Popen(
        [sys.executable, "-m", "billhook.cli", "serve", *where, "--today", TODAY.isoformat()],
        stdout=subprocess.PIPE,
        stderr=told,
        text=True,
        cwd=Path(__file__).parents[1],
    )
    said = ""
    while "is open at" not in said:
        said = server.stdout.readline()
        assert said, "it did not start"
    threading.Thread(target=server.stdout.read, daemon=True).start()
    return server


def ask(port: int, method: str, path: str, body: bytes = b"", **headers: str) -> tuple[int, dict]:
    """Status and JSON of one request. Raises: OSError or ValueError where nobody answers whole."""
    connection = http.client.HTTPConnection("127.0.0.1", port, timeout=20)
    try:
        connection.request(method, path, body, {k.replace("_", "-"): v for k, v in headers.items()})
        answer = connection.getresponse()
        return answer.status, json.loads(answer.read())
    except http.client.HTTPException as error:
        raise ValueError("cut off") from error
    finally:
        connection.close()


class Writer(threading.Thread):
    """Sends entries one after the other, and every fourth time a photo; refused: sentences of a
    disk that took nothing.
    """

    def __init__(self, port: int, tree: str, cookie: str) -> None:
        super().__init__(daemon=True)
        self.port, self.tree, self.cookie = port, tree, cookie
        self.stop = threading.Event()
        self.acknowledged: list[str] = []
        self.sent: list[str] = []
        self.photos: list[str] = []
        self.refused: list[str] = []

    def run(self) -> None:
        while not self.stop.is_set():
            one = str(uuid.uuid4())
            photo = len(self.acknowledged) % 4 == 3
            self.sent.append(one)
            while not (self._photo(one) if photo else self._entry(one)):
                if self.stop.is_set():
                    return
                time.sleep(0.02)
            if photo:
                self.photos.append(one)
            self.acknowledged.append(one)

    def _entry(self, act: str) -> bool:
        body = json.dumps({"id": act, "date": TODAY.isoformat(), "work": "sucker"}).encode()
        return self._offer(act, "POST", f"/api/trees/{self.tree}/log", body, "application/json")

    def _photo(self, act: str) -> bool:
        whose = f"tree_id={self.tree}&moment=before&day={TODAY.isoformat()}"
        return self._offer(act, "PUT", f"/api/photos/{act}?{whose}", JPEG, "image/jpeg")

    def _offer(self, act: str, method: str, path: str, body: bytes, kind: str) -> bool:
        named = {"Billhook_Act": act, "Content_Type": kind, "Cookie": self.cookie}
        try:
            status, found = ask(self.port, method, path, body, **named)
        except (OSError, ValueError):
            return False
        if status == 507:
            self.refused.append(found["detail"])
        return found.get("act") == act and (status == 201 or found.get("taken") is True)


def written(writers: list[Writer]) -> int:
    return sum(len(w.acknowledged) for w in writers)


def wait_for(holds: Callable[[], bool], seconds: float = 30.0) -> None:
    until = time.monotonic() + seconds
    while not holds():
        assert time.monotonic() < until, "it did not come about"
        time.sleep(0.005)
