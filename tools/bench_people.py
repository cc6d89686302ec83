"""Measures signing in, and what others wait for meanwhile."""

from __future__ import annotations

import http.client
import json
import statistics
import threading
import time
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import replace

from timing import say

from billhook.services.door.roles import Role
from billhook.services.door.signing import Signing
from billhook.services.workplace import open_workplace
from billhook.settings import Settings
from billhook.store.door import Door
from billhook.web.app import create_app
from billhook.web.listen import listener

_PIN = "grafting knife"
_HELPERS = 5
_PAGES = ("/api/session", "/api/grove", "/api/today")
_JSON = {"Content-Type": "application/json"}


def signing_in(settings: Settings) -> None:
    """A holding with an owner and five helpers, who sign in one after the other without a pause
    while the owner looks at pages.
    """
    settings = replace(settings, host="0.0.0.0")
    signing = Signing(Door(settings.data))
    token = _joined(signing, "Owner", "owner")
    helpers = [f"Helper {n}" for n in range(_HELPERS)]
    for name in helpers:
        _joined(signing, name, "helper")
    signing.close()
    at = open_workplace(settings)
    server = listener(create_app(at), at, 0)
    threading.Thread(target=server.run, daemon=True).start()
    took = sorted(_sign_in(server.port, helpers[n % _HELPERS]) for n in range(60))
    say("signing in, 95 of 100", took[int(len(took) * 0.95)], "ms", 400)
    quiet = {path: _pages(server.port, token, path) for path in _PAGES}
    with _others_signing_in(server.port, helpers):
        busy = {path: _pages(server.port, token, path) for path in _PAGES}
    for path in _PAGES:
        say(f"GET {path}, nobody signing in", quiet[path], "ms")
        say("  while somebody signs in every second", busy[path], "ms", 1.25 * quiet[path])
    server.close()
    at.store.close()


def _joined(signing: Signing, name: str, role: Role) -> str:
    """What the cookie of one who has come in holds."""
    code = signing.invite(name, role, "")
    return signing.join(code, name, _PIN, "a phone", "127.0.0.1")[1]


def _sign_in(port: int, name: str) -> float:
    """How long one takes [ms]."""
    ask = http.client.HTTPConnection("127.0.0.1", port, timeout=60)
    start = time.perf_counter()
    ask.request("POST", "/api/session", json.dumps({"name": name, "pin": _PIN}), _JSON)
    answer = ask.getresponse()
    answer.read()
    assert answer.status == 200, answer.status
    ask.close()
    return (time.perf_counter() - start) * 1000


def _pages(port: int, token: str, path: str) -> float:
    """Median of one page [ms] over ten seconds."""
    ask = http.client.HTTPConnection("127.0.0.1", port, timeout=60)
    taken, end = [], time.perf_counter() + 10
    while time.perf_counter() < end:
        start = time.perf_counter()
        ask.request("GET", path, headers={"Cookie": f"billhook={token}"})
        answer = ask.getresponse()
        answer.read()
        assert answer.status == 200, answer.status
        taken.append((time.perf_counter() - start) * 1000)
        time.sleep(0.05)
    ask.close()
    return statistics.median(taken)


@contextmanager
def _others_signing_in(port: int, helpers: list[str]) -> Iterator[None]:
    done = threading.Event()

    def sign() -> None:
        n = 0
        while not done.wait(1.0):
            _sign_in(port, helpers[n % len(helpers)])
            n += 1

    thread = threading.Thread(target=sign)
    thread.start()
    try:
        yield
    finally:
        done.set()
        thread.join()
