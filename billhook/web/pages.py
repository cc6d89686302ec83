"""The built front end: hashed files that never change, compressed once; and the page itself for
every route of its own.
"""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

import brotli
from flask import Response, abort, request, send_from_directory

STATIC = Path(__file__).parent / "static"
_TEXTS = (".js", ".css", ".svg", ".html")
_YEAR = 31_536_000


@lru_cache(maxsize=256)
def _compressed(path: Path, _changed: float) -> bytes:
    return bytes(brotli.compress(path.read_bytes(), quality=9))


def _send(folder: Path, name: str) -> Response:
    """A file, brotli-compressed where the browser takes it. Raises: 404."""
    response = send_from_directory(folder, name)
    response.vary.add("Accept-Encoding")
    if response.status_code == 200 and name.endswith(_TEXTS) and request.accept_encodings["br"] > 0:
        path = folder / name
        response.direct_passthrough = False
        response.set_data(_compressed(path, path.stat().st_mtime))
        response.headers["Content-Encoding"] = "br"
    return response


def asset(name: str) -> Response:
    """A hashed file: kept for a year."""
    response = _send(STATIC / "assets", name)
    response.cache_control.public = True
    response.cache_control.max_age = _YEAR
    response.cache_control.immutable = True
    return response


def page(name: str = "") -> Response:
    """A file of the front end, or the page for its own routes (names without a dot)."""
    if name.startswith("api/"):
        abort(404)
    if "." in name.rsplit("/", 1)[-1]:
        return _send(STATIC, name)
    response = _send(STATIC, "index.html")
    response.cache_control.no_cache = True
    return response
