"""Whatever is sent by somebody who is signed in: no answer is an error of our own, no traceback is
printed, memory stays bounded. ``make hard`` sends ten thousand and more.
"""

from __future__ import annotations

import contextlib
import http.client
import json
import os
import random
import re
import shutil
import signal
import subprocess
import sys
import threading
from pathlib import Path
from urllib.parse import quote

import pytest

from billhook.demo.build import build_demo
from billhook.settings import Settings

from .killing import ask, free_port, let_in, started
from .places import TODAY, trees_of
from .web.bodies import leaves, resources, spoiled

ODD = int(os.environ.get("BILLHOOK_ODD", "200"))
EXAMPLES = int(os.environ.get("BILLHOOK_EXAMPLES", "1"))
MOST_MIB = 300
OWN = "^/api/(session|join|devices|accounts|invites|passkeys)"
"""What would sign the sender out."""
VALUES = (
    *(None, True, -1, 0, 1e308, 10**400, float("nan"), float("inf"), "", " ", "\x00", "\ud800"),
    *("x" * 70_000, "١٢٣", "=1+1", "../../etc/passwd", "2027-02-30", "9999-12-31", [], {}),
    *([[[]]], {"a": {"b": 1}}, [1] * 3000, "<script>", "'; DROP TABLE tree", "\u202e", "é" * 99),
)


@pytest.fixture
def holding(tmp_path):
    settings = Settings(data=tmp_path / "data", fixed_today=TODAY, demo=True)
    build_demo(settings)
    cookie, port, errors = let_in(settings, "Owner", "owner"), free_port(), tmp_path / "stderr"
    with errors.open("w") as told:
        server = started(settings, port, told=told)
        memory = Watched(server.pid)
        yield port, cookie
        memory.done.set()
        assert 50 < memory.peak <= MOST_MIB
        server.send_signal(signal.SIGTERM)
        assert server.wait(timeout=30) == 0
    assert "Traceback" not in errors.read_text()


def odd_request(chance: random.Random, calls: list[tuple[str, dict]], trees: list[str]):
    """A request that is good but for one thing, or nothing but odd."""
    call, body = chance.choice(calls)
    method, path = call.split(" ")
    headers = {"Content-Type": "application/json"}
    way = chance.randrange(6)
    if way == 0 and (places := list(leaves(body))):
        content = json.dumps(spoiled(body, chance.choice(places), chance.choice(VALUES))).encode()
    elif way == 1:
        content = json.dumps(body).encode()[: chance.randrange(40)] + chance.randbytes(9)
    elif way == 2:
        content = b"[" * chance.randrange(1, 90_000)
    elif way == 3:
        content, method = json.dumps(body).encode(), chance.choice(("GET", "PATCH", "BREW", "HEAD"))
    elif way == 4:
        name = chance.choice(
            ("If-None-Match", "Accept-Encoding", "Range", "Billhook-Act", "Cookie")
        )
        content, headers[name] = json.dumps(body).encode(), "\xff" * chance.randrange(1, 3000)
    else:
        odd = quote(str(chance.choice(VALUES))[:3000].encode(errors="replace"), safe="/")
        path = re.sub(r"[0-9a-f-]{36}", chance.choice((odd, chance.choice(trees))), path)
        content, method = b"", "GET"
        path += f"?{chance.choice(('day', 'within', 'units', 'q', 'since', 'weeks', 'n'))}={odd}"
    return method, path, content, headers


class Watched(threading.Thread):
    """The most memory a process had of its own, beside the libraries it shares [MiB]."""

    def __init__(self, pid: int) -> None:
        super().__init__(daemon=True)
        self.status, self.peak, self.done = Path(f"/proc/{pid}/status"), 0.0, threading.Event()
        self.start()

    def run(self) -> None:
        while not self.done.wait(0.02):
            with contextlib.suppress(OSError, TypeError):
                own = re.search(r"RssAnon:\s+(\d+) kB", self.status.read_text())[1]
                self.peak = max(self.peak, int(own) / 1024)


def test_odd_requests_are_answered_calmly(holding):
    port, cookie = holding
    _, grove = ask(port, "GET", "/api/grove", Cookie=cookie)
    trees = [t["id"] for t in trees_of(grove)]
    _, tree = ask(port, "GET", f"/api/trees/{trees[0]}", Cookie=cookie)
    frame = tree["frame"]["id"]
    site, block = grove["sites"][0]["id"], grove["blocks"][0]["id"]
    calls = sorted(resources(trees[0], frame, site, block).items())
    chance = random.Random(20270324)
    for _ in range(ODD):
        method, path, content, headers = odd_request(chance, calls, trees)
        connection = http.client.HTTPConnection("127.0.0.1", port, timeout=60)
        connection.request(method, path, content, {"Cookie": cookie, **headers})
        answer = connection.getresponse()
        answer.read()
        connection.close()
        assert answer.status < 500, (method, path, content[:300], headers)


def test_fuzzed_requests_are_answered_calmly(holding):
    port, cookie = holding
    command = [
        shutil.which("schemathesis", path=str(Path(sys.executable).parent)),
        "run",
        f"http://127.0.0.1:{port}/api/openapi.json",
        *("--checks", "not_a_server_error", "--phases", "fuzzing", "--mode", "all"),
        *("--header", f"Cookie: {cookie}", "--exclude-path-regex", OWN),
        *("--max-examples", str(EXAMPLES), "--generation-deterministic", "--workers", "2"),
    ]
    done = subprocess.run(command, capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stdout[-6000:]
    assert ask(port, "GET", "/api/session", Cookie=cookie)[1]["account"]["name"] == "Owner"
