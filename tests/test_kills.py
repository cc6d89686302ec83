"""Killed at any moment under four writers, nothing acknowledged is lost and nothing sent again is
doubled. ``make hard`` kills more often.
"""

from __future__ import annotations

import http.client
import json
import os
import random
import signal
import socket
import subprocess
import sys
import threading
import time
import uuid
from pathlib import Path

from billhook.services.book import logbook
from billhook.services.holding import planting, setting_up
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.upgrade import damage_of

from .places import TODAY
from .store.test_upgrade import counts, killed_while_migrating, unpacked

KILLS = int(os.environ.get("BILLHOOK_KILLS", "20"))
WRITERS = 4


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return probe.getsockname()[1]


class Writer(threading.Thread):
    """Sends entries one after the other, each again until it is acknowledged, as the outbox
    does.
    """

    def __init__(self, port: int, tree: str) -> None:
        super().__init__(daemon=True)
        self.port, self.tree, self.stop, self.acknowledged, self.sent = (
            port,
            tree,
            threading.Event(),
            [],
            [],
        )

    def run(self) -> None:
        while not self.stop.is_set():
            act = str(uuid.uuid4())
            self.sent.append(act)
            while not self._offer(act):
                time.sleep(0.02)
            self.acknowledged.append(act)

    def _offer(self, act: str) -> bool:
        body = json.dumps({"id": act, "date": TODAY.isoformat(), "work": "sucker"})
        headers = {"Content-Type": "application/json", "Billhook-Act": act}
        try:
            connection = http.client.HTTPConnection("127.0.0.1", self.port, timeout=10)
            connection.request("POST", f"/api/trees/{self.tree}/log", body, headers)
            answer = connection.getresponse()
            found = json.loads(answer.read())
            connection.close()
        except (OSError, ValueError, http.client.HTTPException):
            return False
        return found.get("act") == act and (answer.status == 201 or found.get("taken") is True)


def started(settings: Settings, port: int) -> subprocess.Popen[str]:
    options = ["--data", str(settings.data), "--port", str(port), "--today", TODAY.isoformat()]
    server = subprocess.Popen(
        [sys.executable, "-m", "billhook.cli", "serve", *options],
        stdout=subprocess.PIPE,
        stderr=subprocess.DEVNULL,
        text=True,
        cwd=Path(__file__).parents[1],
    )
    assert "is open at" in server.stdout.readline()
    return server


def wait_for_a_write(writers: list[Writer]) -> None:
    """However slow the machine: a kill comes between writes, or in the midst of one."""
    held_before = sum(len(w.acknowledged) for w in writers)
    waited = time.monotonic() + 20
    while sum(len(w.acknowledged) for w in writers) == held_before:
        assert time.monotonic() < waited, "nothing is written at all"
        time.sleep(0.005)


def test_nothing_acknowledged_is_lost_under_four_writers(tmp_path):
    settings = Settings(data=tmp_path / "data", fixed_today=TODAY)
    at = open_workplace(settings)
    site = setting_up.set_up(at, "Almirelo", "Almirelo", 36.8, "mediterranean-coast")
    trees = planting.plant(
        at, site.id, "Baixo", 1, WRITERS, "mandarin", 2014, "clementine", "carrizo"
    ).tree_ids
    at.store.close()
    port, chance = free_port(), random.Random(20270324)
    writers = [Writer(port, tree) for tree in trees]
    for nth in range(KILLS + 1):
        server = started(settings, port)
        for writer in writers if nth == 0 else []:
            writer.start()
        if nth < KILLS:
            wait_for_a_write(writers)
            time.sleep(chance.uniform(0, 0.3))
            server.send_signal(signal.SIGKILL)
            server.wait()
    for writer in writers:
        writer.stop.set()
    for writer in writers:
        writer.join(timeout=30)
    server.send_signal(signal.SIGTERM)
    assert server.wait(timeout=20) == 0
    at = open_workplace(settings)
    held = [line.entry.id for line in logbook.log(at, limit=1_000_000)]
    at.store.close()
    acknowledged = {act for w in writers for act in w.acknowledged}
    assert len(acknowledged) >= KILLS
    assert acknowledged <= set(held)
    assert len(held) == len(set(held))
    assert sorted(held) == sorted(act for w in writers for act in w.sent)
    assert damage_of(settings.database) is None


def test_killed_while_migrating_a_folder_is_old_or_new_and_whole(tmp_path):
    folder = unpacked("0.1.0", tmp_path / "data")
    before = counts(folder / "billhook.sqlite")
    kills = max(20, KILLS // 5)
    assert killed_while_migrating(folder, kills) >= kills // 2
    open_workplace(Settings(data=folder, fixed_today=TODAY)).store.close()
    after = counts(folder / "billhook.sqlite")
    assert {t: after[t] for t in before} == before
