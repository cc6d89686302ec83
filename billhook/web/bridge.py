"""Between the server and the application: a request reaches a thread only when all of it is here,
and its answer leaves from there whole. Whoever sends or reads slowly keeps no thread from others.
"""

from __future__ import annotations

import asyncio
import io
import json
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextlib import ExitStack
from http import HTTPStatus
from tempfile import SpooledTemporaryFile
from typing import IO, Any, cast

from a2wsgi.wsgi import build_environ
from hypercorn.typing import ASGIReceiveCallable, ASGISendCallable, HTTPScope, Scope

Wsgi = Callable[..., Any]
_IN_MEMORY = 1024 * 1024
_BODY_SECONDS = 300.0
"""How long a request may take to arrive: a photo over a weak signal, and no longer."""


class Refused(Exception):
    """A request that the application does not see: its status, and why."""

    def __init__(self, status: HTTPStatus, detail: str) -> None:
        super().__init__(detail)
        self.status = status


class Bridge:
    """An ASGI application of a WSGI one. most: the largest body a path takes [bytes]."""

    def __init__(self, app: Wsgi, most: Callable[[str], int], threads: int) -> None:
        self._app = app
        self._most = most
        self._pool = ThreadPoolExecutor(threads, thread_name_prefix="answer")

    async def __call__(
        self, scope: Scope, receive: ASGIReceiveCallable, send: ASGISendCallable
    ) -> None:
        if scope["type"] == "lifespan":
            await _lifespan(receive, send)
        elif scope["type"] == "http":
            try:
                body = await asyncio.wait_for(self._body(scope, receive), _BODY_SECONDS)
            except Refused as refused:
                await say(send, refused)
                return
            except (TimeoutError, ConnectionError):
                return
            loop = asyncio.get_running_loop()
            status, headers, whole = await loop.run_in_executor(
                self._pool, self._answer, scope, body
            )
            with whole:
                await _send(send, status, headers, whole)

    async def _body(self, scope: HTTPScope, receive: ASGIReceiveCallable) -> bytes:
        """All of it. Raises: Refused as soon as it is, or says it is, over its limit."""
        if not scope["query_string"].isascii():
            raise Refused(HTTPStatus.BAD_REQUEST, "The address holds what an address cannot.")
        most = self._most(scope["path"])
        said = dict(scope["headers"]).get(b"content-length", b"0")
        if not said.isdigit() or int(said) > most:
            raise _too_large(most)
        body = bytearray()
        while True:
            message = await receive()
            if message["type"] != "http.request":
                raise ConnectionError
            body += message.get("body", b"")
            if len(body) > most:
                raise _too_large(most)
            if not message.get("more_body"):
                return bytes(body)

    def _answer(
        self, scope: HTTPScope, body: bytes
    ) -> tuple[int, list[tuple[str, str]], SpooledTemporaryFile[bytes]]:
        """What the application says, whole: a large one on the disk."""
        # the body is a file already, where theirs reads on while the request comes in
        environ: dict[str, Any] = {**build_environ(cast(Any, scope), cast(Any, io.BytesIO(body)))}
        environ["wsgi.multiprocess"] = False
        environ["CONTENT_LENGTH"] = str(len(body))
        begun: list[Any] = []

        def start(status: str, headers: list[tuple[str, str]], _: object = None) -> None:
            begun[:] = [int(status.split(" ", 1)[0]), headers]

        parts = self._app(environ, start)
        with ExitStack() as done:
            whole = done.enter_context(SpooledTemporaryFile(_IN_MEMORY))
            try:
                for part in parts:
                    whole.write(part)
            finally:
                if hasattr(parts, "close"):
                    parts.close()
            whole.seek(0)
            done.pop_all()  # whoever sends it closes it
        status, headers = begun
        return status, headers, whole

    def close(self) -> None:
        """Let the threads go."""
        self._pool.shutdown(wait=False, cancel_futures=True)


def _too_large(most: int) -> Refused:
    return Refused(
        HTTPStatus.REQUEST_ENTITY_TOO_LARGE,
        f"It is larger than {most // (1024 * 1024)} MB. Nothing of it was kept.",
    )


async def say(send: ASGISendCallable, refused: Refused) -> None:
    """A problem+json answer, after which the connection ends."""
    status = refused.status
    said: dict[str, Any] = {
        "type": "about:blank",
        "title": status.phrase,
        "status": status.value,
        "detail": str(refused),
        "errors": [],
    }
    kind = ("content-type", "application/problem+json")
    await send_whole(send, status.value, [kind, ("connection", "close")], json.dumps(said).encode())


async def send_whole(
    send: ASGISendCallable, status: int, headers: list[tuple[str, str]], body: bytes
) -> None:
    """An answer in one piece."""
    await _send(send, status, headers, io.BytesIO(body))


async def _send(
    send: ASGISendCallable, status: int, headers: list[tuple[str, str]], body: IO[bytes]
) -> None:
    named = [(k.lower().encode("latin-1"), v.encode("latin-1")) for k, v in headers]
    await send({"type": "http.response.start", "status": status, "headers": named})
    more = True
    while more:
        part = body.read(_IN_MEMORY)
        more = len(part) == _IN_MEMORY
        await send({"type": "http.response.body", "body": part, "more_body": more})


async def _lifespan(receive: ASGIReceiveCallable, send: ASGISendCallable) -> None:
    while True:
        message = await receive()
        if message["type"] == "lifespan.startup":
            await send({"type": "lifespan.startup.complete"})
        else:
            await send({"type": "lifespan.shutdown.complete"})
            return
