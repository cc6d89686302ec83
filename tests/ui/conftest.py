"""The built application on a real port, the demo holding in it, and headless Chromium."""

from __future__ import annotations

import contextlib
import datetime as dt
import shutil
import socket
import tempfile
import threading
from collections.abc import Iterator
from dataclasses import dataclass, field
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from pathlib import Path

import pytest
from flask import Response
from flask_openapi.openapi import OpenAPI
from selenium import webdriver
from selenium.webdriver.chrome.service import Service

from billhook.demo.build import build_demo
from billhook.services.workplace import Workplace, open_workplace
from billhook.settings import Settings
from billhook.web.app import create_app
from billhook.web.listen import Listener, listener

DAY = dt.date(2027, 3, 24)
FLAGS = (
    "--headless=new --no-sandbox --disable-gpu --disable-quic --no-first-run "
    "--disable-background-networking --disable-component-update --disable-sync "
    "--force-prefers-reduced-motion --lang=en-GB"
)


@dataclass
class Server:
    """A running application; ``broken`` holds paths that answer 500 while they are in it."""

    url: str
    broken: set[str] = field(default_factory=set)
    app: OpenAPI | None = None
    at: Workplace | None = None
    port: int = 0
    _listener: Listener | None = None
    _thread: threading.Thread | None = None

    def back(self) -> None:
        """Listen, again on the same port after having been away."""
        self._listener = listener(self.app, self.at, self.port)
        self.port = self._listener.port
        self._thread = threading.Thread(target=self._listener.run, daemon=True)
        self._thread.start()

    def away(self) -> None:
        """No server answers any more, as where there is no signal."""
        self._listener.close()
        self._thread.join(timeout=5)

    @contextlib.contextmanager
    def weak(self) -> Iterator[None]:
        """Somebody takes the calls and never answers, as on a signal that is too weak."""
        self.away()
        try:
            with socket.create_server(("127.0.0.1", int(self.port)), backlog=64):
                yield
        finally:
            self.back()


def running(settings: Settings) -> Iterator[Server]:
    """Serve a data folder until the generator is closed."""
    at = open_workplace(settings)
    app = create_app(at)
    server = Server("")

    @app.before_request
    def _break() -> Response | None:
        from flask import request

        return (
            Response("{}", 500, mimetype="application/problem+json")
            if any(request.path.endswith(end) for end in server.broken)
            else None
        )

    server.app, server.at = app, at
    server.back()
    server.url = f"http://127.0.0.1:{server.port}"
    yield server
    server.away()
    at.store.close()


@pytest.fixture(scope="session")
def built(tmp_path_factory) -> Path:
    """The demo's folder, built once."""
    folder = tmp_path_factory.mktemp("built") / "demo-data"
    build_demo(Settings(data=folder, fixed_today=DAY, demo=True))
    return folder


def copied(built: Path, folder: Path) -> Iterator[Server]:
    """A copy of the demo, served."""
    shutil.copytree(built, folder)
    yield from running(Settings(data=folder, fixed_today=DAY, demo=True))


@pytest.fixture(scope="session")
def demo(built, tmp_path_factory) -> Iterator[Server]:
    yield from copied(built, tmp_path_factory.mktemp("holding") / "demo-data")


@pytest.fixture(scope="module")
def own_demo(built, tmp_path_factory) -> Iterator[Server]:
    """A demo for the tests of one file, which change what others count on."""
    yield from copied(built, tmp_path_factory.mktemp("own") / "demo-data")


@pytest.fixture
def empty(tmp_path) -> Iterator[Server]:
    yield from running(Settings(data=tmp_path / "data", fixed_today=DAY))


@contextlib.contextmanager
def started(*more: str) -> Iterator[webdriver.Chrome]:
    """A browser of its own, with an empty profile; more: flags."""
    options = webdriver.ChromeOptions()
    options.binary_location = "/usr/bin/chromium"
    with tempfile.TemporaryDirectory(ignore_cleanup_errors=True) as profile:
        for flag in (*FLAGS.split(), *more, f"--user-data-dir={profile}"):
            options.add_argument(flag)
        options.set_capability("goog:loggingPrefs", {"browser": "ALL"})
        options.add_experimental_option("prefs", {"intl.accept_languages": "en-GB"})
        driver = webdriver.Chrome(service=Service("/usr/bin/chromedriver"), options=options)
        yield driver
        driver.quit()


@pytest.fixture(scope="session")
def chromium() -> Iterator[webdriver.Chrome]:
    with started() as driver:
        yield driver


@pytest.fixture
def apart() -> Iterator[webdriver.Chrome]:
    """A second browser, for a test that leaves strange pages behind; for it every name that ends
    with ``.example`` leads to this machine.
    """
    with started("--host-resolver-rules=MAP *.example 127.0.0.1") as driver:
        yield driver


class _Page(BaseHTTPRequestHandler):
    def do_GET(self) -> None:
        self.send_response(200)
        self.send_header("Content-Type", "text/html")
        self.end_headers()
        self.wfile.write(b"<!doctype html><title>Another site</title><body><h1>Cheap saws</h1>")

    def log_message(self, *_: object) -> None:
        pass


@pytest.fixture
def elsewhere() -> Iterator[str]:
    """A page of another site on this machine."""
    server = ThreadingHTTPServer(("127.0.0.1", 0), _Page)
    threading.Thread(target=server.serve_forever, daemon=True).start()
    yield f"http://localhost:{server.server_port}/"
    server.shutdown()


@pytest.fixture
def browser(chromium) -> webdriver.Chrome:
    """The browser at a laptop's size, remembering nothing."""
    resize(chromium, 1280, 800)
    chromium.get("about:blank")
    chromium.get_log("browser")
    return chromium


def resize(driver: webdriver.Chrome, width: int, height: int) -> None:
    """An exact window size, a phone's as a phone."""
    driver.execute_cdp_cmd(
        "Emulation.setDeviceMetricsOverride",
        {"width": width, "height": height, "deviceScaleFactor": 1, "mobile": width < 600},
    )


AXE = Path(__file__).parents[2] / "frontend" / "node_modules" / "axe-core" / "axe.min.js"
