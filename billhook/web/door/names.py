"""Who is answered: pages of this very site and programs on this machine. No other page that a
browser shows can read or write a holding.

A page that a grower visits may ask any address of his network, and a name that points here may be
anybody's. So the name that was asked for must be one of ours, and what writes must not come from
another site's page. Programs send neither ``Origin`` nor ``Sec-Fetch-Site`` and are let through.
"""

from __future__ import annotations

import ipaddress
import socket
from urllib.parse import urlsplit

from flask import Flask, Response, request

from ...core.words.values import say
from ...settings import Settings
from ..errors import problem

_USED = ("geolocation", "camera")
_UNUSED = (
    "accelerometer",
    "autoplay",
    "browsing-topics",
    "display-capture",
    "encrypted-media",
    "fullscreen",
    "gyroscope",
    "hid",
    "identity-credentials-get",
    "local-fonts",
    "magnetometer",
    "microphone",
    "midi",
    "otp-credentials",
    "payment",
    "picture-in-picture",
    "screen-wake-lock",
    "serial",
    "storage-access",
    "usb",
    "xr-spatial-tracking",
)
_ONLY = ", ".join((*(f"{name}=(self)" for name in _USED), *(f"{name}=()" for name in _UNUSED)))
HEADERS = {
    "Content-Security-Policy": "; ".join(
        (
            "default-src 'self'",
            "img-src 'self' data: blob:",
            "object-src 'none'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'",
            "script-src 'self'",
            "connect-src 'self'",
            "worker-src 'self'",
            "manifest-src 'self'",
        )
    ),
    "Permissions-Policy": _ONLY,
    "X-Content-Type-Options": "nosniff",
    "X-Frame-Options": "DENY",
    "Referrer-Policy": "no-referrer",
    "Cross-Origin-Resource-Policy": "same-origin",
    "Cross-Origin-Opener-Policy": "same-origin",
}
_ONE_DAY = "max-age=86400"
SAFE = ("GET", "HEAD", "OPTIONS")
"""Methods that write nothing."""
_ANY = ("0.0.0.0", "::", "")


def host_of(netloc: str) -> str | None:
    """The host of ``host:port``, None for what is none."""
    try:
        return (urlsplit(f"//{netloc}").hostname or "").rstrip(".") or None
    except ValueError:
        return None


def of_this_machine(address: ipaddress.IPv4Address | ipaddress.IPv6Address) -> bool:
    """Whether an address is one of this machine's: only such a one can be bound."""
    family = socket.AF_INET if address.version == 4 else socket.AF_INET6
    try:
        with socket.socket(family, socket.SOCK_DGRAM) as probe:
            probe.bind((str(address), 0))
    except OSError:
        return False
    return not address.is_unspecified


def ours(host: str | None, settings: Settings) -> bool:
    """Whether a host that was asked for is loopback, the address served, or a name given."""
    if host is None:
        return False
    host = host.lower()
    names = {settings.host.lower(), *(n.lower().rstrip(".") for n in settings.names)}
    if host == "localhost" or host.endswith(".localhost") or host in names:
        return host not in _ANY
    try:
        address = ipaddress.ip_address(host)
    except ValueError:
        return False
    return address.is_loopback or (settings.host in _ANY and of_this_machine(address))


def is_name(host: str | None) -> bool:
    """Whether a host is a name, and neither an address nor this machine to itself: a browser that
    holds on to a secure page must not hold on to what others serve at that address.
    """
    if host is None or host == "localhost" or host.endswith(".localhost"):
        return False
    try:
        ipaddress.ip_address(host)
    except ValueError:
        return True
    return False


def from_another_site() -> bool:
    """Whether a browser says that another site's page asks."""
    if request.headers.get("Sec-Fetch-Site", "none") not in ("same-origin", "none"):
        return True
    origin = request.headers.get("Origin")
    return origin is not None and urlsplit(origin).netloc.lower() != request.host.lower()


def register(app: Flask, settings: Settings) -> None:
    """Shut the door, and say to the browser what the pages may do."""

    @app.before_request
    def _shut() -> Response | None:
        if not ours(host_of(request.host), settings):
            said = say("bad-name-of-this-host", host=request.host)
            return problem(403, say("problem-not-this-name"), said)
        if request.method not in SAFE and from_another_site():
            return problem(403, say("problem-not-from-there"), say("bad-own-pages-alone"))
        return None

    @app.after_request
    def _say(response: Response) -> Response:
        for name, value in HEADERS.items():
            response.headers.setdefault(name, value)
        if settings.secure and is_name(host_of(request.host)):
            response.headers["Strict-Transport-Security"] = _ONE_DAY
        if request.path.startswith("/api/"):
            # what is known of a holding stays in no browser's store, but where it is asked anew
            kept = "private, no-cache" if response.headers.get("ETag") else "no-store"
            response.headers["Cache-Control"] = kept
        return response
