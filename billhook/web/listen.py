"""What listens: hypercorn, over TLS where a certificate makes the page a secure one. A plain
address then leads to it.
"""

from __future__ import annotations

import asyncio
import errno
import logging
import resource
import socket
import ssl
import threading
from dataclasses import replace
from functools import partial
from http import HTTPStatus
from typing import Any
from urllib.parse import quote

from hypercorn.asyncio import serve
from hypercorn.config import Config
from hypercorn.typing import ASGIFramework, ASGIReceiveCallable, ASGISendCallable, Scope

from ..core.errors import BillhookError
from ..services.workplace import Workplace
from ..settings import Settings
from .bridge import Bridge, Refused, Wsgi, say, send_whole
from .door.names import host_of, ours
from .limits import most_bytes

_THREADS = 8
_BACKLOG = 256
_TRUSTED_FIRST = "/authority.pem"
"""A phone takes it before it trusts the secure page."""
_FAREWELL_SECONDS = 1.0


class BadCertificate(BillhookError):
    """A certificate without its key, or files that are none."""


class CannotListen(BillhookError):
    """A port that is taken, or an address that is none."""


class _Loop(asyncio.SelectorEventLoop):
    """Does not wait half a minute for a farewell that a phone out of reach never sends."""

    async def create_server(self, *where: Any, **how: Any) -> asyncio.Server:
        if how.get("ssl"):
            how.setdefault("ssl_shutdown_timeout", _FAREWELL_SECONDS)
        return await super().create_server(*where, **how)


class Listener:
    """Serves until it is interrupted or closed. port: where; leads_from: the plain port that leads
    to the secure page, None where there is none.
    """

    def __init__(self, app: Wsgi, at: Workplace, settings: Settings) -> None:
        self._settings = settings
        if settings.secure:
            _check_certificate(settings)
        self._bridge = Bridge(app, partial(most_bytes, at), _THREADS)
        self._socket = _bound(settings.host, settings.port)
        self.port: int = self._socket.getsockname()[1]
        self._plain = _plain(settings) if settings.secure else None
        self.leads_from = settings.plain_port if self._plain else None
        self._loop: asyncio.AbstractEventLoop | None = None
        self._done = asyncio.Event()
        self._ended = threading.Event()

    def run(self) -> None:
        """Serve."""
        _many_connections()
        try:
            with asyncio.Runner(loop_factory=_Loop) as runner:
                runner.run(self._serve())
        finally:
            self._bridge.close()
            self._ended.set()

    async def _serve(self) -> None:
        self._loop = asyncio.get_running_loop()
        self._loop.set_exception_handler(_unforeseen)
        app: ASGIFramework = self._bridge
        if self._settings.secure:
            app = Leading(self._bridge, self._settings, self.port)
        await serve(app, self._config(), shutdown_trigger=self._done.wait, mode="asgi")

    def _config(self) -> Config:
        config = Config()
        config.bind = [f"fd://{self._socket.detach()}"]
        if self._plain is not None:
            config.insecure_bind = [f"fd://{self._plain.detach()}"]
        config.include_server_header = False
        config.alpn_protocols = ["http/1.1"]
        config.backlog = _BACKLOG
        config.graceful_timeout = 2
        config.keep_alive_timeout = 30
        config.read_timeout = 60
        config.ssl_handshake_timeout = 15
        config.errorlog = logging.getLogger("billhook.server")
        if self._settings.secure:
            config.certfile = str(self._settings.certificate)
            config.keyfile = str(self._settings.key)
        return config

    def close(self) -> None:
        """Stop, and let go of the port."""
        if self._loop is None:
            self._socket.close()
            if self._plain is not None:
                self._plain.close()
            return
        if not self._loop.is_closed():
            self._loop.call_soon_threadsafe(self._done.set)
            self._ended.wait(timeout=10)


class Leading:
    """Whoever comes by a plain address of ours is led to the same page at the secure port."""

    def __init__(self, app: ASGIFramework, settings: Settings, port: int) -> None:
        self._app, self._settings, self._port = app, settings, port

    async def __call__(
        self, scope: Scope, receive: ASGIReceiveCallable, send: ASGISendCallable
    ) -> None:
        if scope["type"] != "http" or scope["scheme"] != "http" or scope["path"] == _TRUSTED_FIRST:
            await self._app(scope, receive, send)
            return
        name = host_of(dict(scope["headers"]).get(b"host", b"").decode("latin-1"))
        if name is None or not ours(name, self._settings):
            await say(send, Refused(HTTPStatus.FORBIDDEN, "Billhook does not answer to this name."))
            return
        where = f"[{name}]" if ":" in name else name
        query = scope["query_string"].decode("latin-1")
        path = quote(scope["path"]) + (f"?{query}" if query else "")
        location = f"https://{where}:{self._port}{path}"
        await send_whole(send, HTTPStatus.PERMANENT_REDIRECT, [("location", location)], b"")


def listener(app: Wsgi, at: Workplace, port: int | None = None) -> Listener:
    """A server for the application on its port, or another, 0 for any that is free. Raises:
    BadCertificate; CannotListen.
    """
    settings = at.settings if port is None else replace(at.settings, port=port)
    if (settings.certificate is None) != (settings.key is None):
        raise BadCertificate(
            "a certificate and its key go together: give --certificate and --key, or neither"
        )
    return Listener(app, at, settings)


def _bound(host: str, port: int) -> socket.socket:
    """A socket on an address. Raises: CannotListen."""
    try:
        family = socket.getaddrinfo(host or "0.0.0.0", port, type=socket.SOCK_STREAM)[0][0]
        return socket.create_server((host, port), family=family, backlog=_BACKLOG)
    except (OSError, OverflowError) as error:
        taken = isinstance(error, OSError) and error.errno == errno.EADDRINUSE
        why = (
            "another program listens there"
            if taken
            else (getattr(error, "strerror", None) or str(error))
        )
        raise CannotListen(
            f"Billhook cannot listen on {host}:{port}: {why}. Give another with --port or --host."
        ) from error


def _plain(settings: Settings) -> socket.socket | None:
    """Where a plain address is led to the secure page; None where that port is not to be had."""
    if not settings.plain_port:
        return None
    try:
        return _bound(settings.host, settings.plain_port)
    except CannotListen:
        return None


def _unforeseen(loop: asyncio.AbstractEventLoop, context: dict[str, Any]) -> None:
    """Written down, but for calls that are cut off as the program ends."""
    if not isinstance(context.get("exception"), asyncio.CancelledError):
        loop.default_exception_handler(context)


def _check_certificate(settings: Settings) -> None:
    try:
        ssl.create_default_context(ssl.Purpose.CLIENT_AUTH).load_cert_chain(
            str(settings.certificate), str(settings.key)
        )
    except OSError as error:
        raise BadCertificate(f"the certificate cannot be used: {error}") from error


def _many_connections() -> None:
    """As many as this machine lets one program hold."""
    _, most = resource.getrlimit(resource.RLIMIT_NOFILE)
    resource.setrlimit(resource.RLIMIT_NOFILE, (most, most))
