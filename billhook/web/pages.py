"""The built front end: hashed files that never change, compressed by the build; and the page itself
for every route of its own.
"""

from __future__ import annotations

import mimetypes
from pathlib import Path

from flask import Response, abort, request, send_from_directory

from ..services.door.certificate import AUTHORITY, folder_of
from .answers import here

STATIC = Path(__file__).parent / "static"
_YEAR = 31_536_000


def _send(folder: Path, name: str) -> Response:
    """A file, as the build compressed it where the browser takes it so. Raises: 404."""
    packed = f"{name}.br"
    if request.accept_encodings["br"] > 0 and (folder / packed).is_file():
        kind, _ = mimetypes.guess_type(name)
        response = send_from_directory(folder, packed, mimetype=kind)
        response.headers["Content-Encoding"] = "br"
    else:
        response = send_from_directory(folder, name)
    response.vary.add("Accept-Encoding")
    return response


def asset(name: str) -> Response:
    """A hashed file: kept for a year."""
    response = _send(STATIC / "assets", name)
    response.cache_control.public = True
    response.cache_control.max_age = _YEAR
    response.cache_control.immutable = True
    return response


def authority() -> Response:
    """The certificate of the holding's own authority, for phones that are to trust it; its key
    stays on this computer. Raises: 404 where there is none.
    """
    folder = folder_of(here().settings).absolute()
    return send_from_directory(
        folder, AUTHORITY, mimetype="application/x-x509-ca-cert", download_name="billhook.crt"
    )


def page(name: str = "") -> Response:
    """A file of the front end, or the page for its own routes (names without a dot)."""
    if name.startswith("api/"):
        abort(404)
    if "." in name.rsplit("/", 1)[-1]:
        return _send(STATIC, name)
    response = _send(STATIC, "index.html")
    response.cache_control.no_cache = True
    return response
