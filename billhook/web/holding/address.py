"""The address at which a phone on the network finds Billhook, also as a code to point it at."""

from __future__ import annotations

import ipaddress
import socket
from contextlib import suppress
from typing import Any

from flask_openapi.blueprint import APIBlueprint

from ...formats.qr import qr_code
from ...services.door.certificate import AUTHORITY, folder_of
from ...settings import Settings
from ..answers import body as answer
from ..answers import here
from ..models.place import AddressOut

routes = APIBlueprint("holding_address", __name__, url_prefix="/api")
_NOWHERE = ("192.0.2.1", 9)  # of a block kept for documentation (RFC 5737): nothing is sent


@routes.get("/address", responses={200: AddressOut})
def get_address() -> dict[str, Any]:
    """Where phones open Billhook; null where it listens to this machine alone."""
    settings = here().settings
    url = url_on_network(settings)
    code = qr_code(url) if url else None
    trust = None
    if url and settings.secure and (folder_of(settings) / AUTHORITY).exists():
        at = f"{url}authority.pem"
        trust = {"url": at, "qr": qr_code(at)}
    return answer(AddressOut, {"url": url, "secure": settings.secure, "qr": code, "trust": trust})


def url_on_network(settings: Settings) -> str | None:
    """Where phones open Billhook; None where it listens to this machine alone."""
    host = _host_on_network(settings)
    return f"http{'s' if settings.secure else ''}://{host}:{settings.port}/" if host else None


def own_url(settings: Settings) -> str:
    """Where Billhook is opened, by phones if they can."""
    scheme = "https" if settings.secure else "http"
    return url_on_network(settings) or f"{scheme}://{settings.host}:{settings.port}/"


def _host_on_network(settings: Settings) -> str | None:
    """A name that was given before the address listened at; of all addresses the one that leads
    out.
    """
    if settings.host in ("0.0.0.0", "::", ""):
        found = settings.names[0] if settings.names else None
        with suppress(OSError), socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as probe:
            probe.connect(_NOWHERE)
            found = found or probe.getsockname()[0]
        return found
    if settings.host == "localhost":
        return None
    try:
        address = ipaddress.ip_address(settings.host)
    except ValueError:
        return settings.host
    return None if address.is_loopback else f"[{address}]" if address.version == 6 else str(address)
