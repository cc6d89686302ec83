"""Who asks: nobody in particular on this machine alone, somebody signed in where it listens to the
network.
"""

from __future__ import annotations

import ipaddress
import re
from typing import Any

from flask import Flask, Response, current_app, g, jsonify, request
from flask_openapi.blueprint import APIBlueprint

from ...core.words.values import say
from ...services.door.passkeys import At, Passkeys
from ...services.door.roles import may
from ...services.door.signing import DEVICE_DAYS, NotSignedIn, Signing, Wait, Who, required
from ...settings import Settings
from ...store.door import Door
from ..answers import body as answer
from ..answers import here
from ..errors import problem
from ..models.door import JoinIn, SessionOut, SignInIn
from .names import host_of, is_name, of_this_machine
from .rights import ANYBODY, BY_KEY, TAKES_OUT, least

routes = APIBlueprint("door_signing", __name__, url_prefix="/api")
SIGNING = "billhook_signing"
PASSKEYS = "billhook_passkeys"
_ACCOUNT = "Billhook-Account"
_PLAIN = say("bad-pin-over-a-plain-connection")
_TOOK_AWAY = {
    "people": "somebody on the list of people",
    "crew": "days off, or what was fixed of the weeks",
    "trees": "a cultivar grafted on a tree",
}
"""What is deleted by each kind of call; of the door's own calls it hears in other words."""
_PART = re.compile("<(?:[^:>]+:)?([^>]+)>")
_KINDS = ("iPhone", "iPad", "Android", "Windows", "Mac", "Linux")
_BROWSERS = (("Firefox", "Firefox"), ("Edg", "Edge"), ("Chrome", "Chrome"), ("Safari", "Safari"))


def door() -> Signing:
    """The door of the holding that is served."""
    found: Signing = current_app.extensions[SIGNING]
    return found


def who_asks() -> Who | None:
    """Who is signed in; None also where nobody has to."""
    found: Who | None = g.get("who")
    return found


def only_theirs() -> str | None:
    """The name of who may put right what they wrote themselves alone; None: anything."""
    who = who_asks()
    return who.name if who and not may(who.role, "manager") else None


def where_from() -> str:
    """The address that asks."""
    return request.remote_addr or ""


def _cookie(settings: Settings) -> str:
    return "__Host-billhook" if settings.secure else "billhook"


def device_words() -> str:
    """What asks, as its owner would call it."""
    agent = request.headers.get("User-Agent", "")
    kind = next((k for k in _KINDS if k in agent), "a device")
    browser = next((name for sign, name in _BROWSERS if sign in agent), "")
    return f"{kind}, {browser}" if browser else kind


def safe() -> bool:
    """Whether what is sent from here nobody else can read: over TLS, or from this very machine."""
    if request.is_secure:
        return True
    try:
        address = ipaddress.ip_address(request.remote_addr or "")
    except ValueError:
        return False
    return address.is_loopback or of_this_machine(address)


def passkeys_at() -> At | None:
    """Where passkeys are bound to; None where the page is not secure, or reached by an address."""
    host = host_of(request.host)
    local = host is not None and (host == "localhost" or host.endswith(".localhost"))
    if host is None or not (local or (request.is_secure and is_name(host))):
        return None
    return At(host, f"{request.scheme}://{request.host}")


def call_made() -> str | None:
    """``METHOD /path/{id}`` of the request; None for pages and for what there is not."""
    rule = request.url_rule
    if rule is None or not request.path.startswith("/api/"):
        return None
    method = "GET" if request.method == "HEAD" else request.method
    return f"{method} " + _PART.sub(r"{\1}", rule.rule)


def register(app: Flask, settings: Settings) -> None:
    """Ask who it is before anything is answered, where it listens to more than this machine."""
    if not required(settings):
        return
    signing = app.extensions[SIGNING] = Signing(Door(settings.data))
    app.extensions[PASSKEYS] = Passkeys(signing)

    @app.before_request
    def _let_in() -> Response | None:
        if not request.path.startswith("/api/"):
            return None
        call = call_made()
        if call in ANYBODY or request.method == "OPTIONS":
            g.who = door().who(request.cookies.get(_cookie(settings)))
            return None
        g.who = who = door().who(request.cookies.get(_cookie(settings)))
        if who is None and call in BY_KEY:
            g.who = who = door().who_by_calendar(request.args.get("key", ""))
        if who is None:
            return problem(401, say("problem-sign-in"), say("bad-sign-in-to-go-on"))
        sent_by = request.headers.get(_ACCOUNT)
        if sent_by and sent_by != who.id:
            return problem(401, say("problem-somebody-elses"), say("bad-waits-for-who-entered-it"))
        wanted = least(call) if call else None
        if wanted is None or not may(who.role, wanted):
            said = say("bad-not-your-part", wanted=wanted, role=who.role) if wanted else ""
            return problem(403, say("problem-not-for-you"), said)
        first = request.path.split("/")[2]
        if call in TAKES_OUT:
            door().hear(who.name, "took out", request.path.removeprefix("/api/"), where_from())
        elif request.method == "DELETE" and first in _TOOK_AWAY:
            door().hear(who.name, "took away", _TOOK_AWAY[first], where_from())
        return None

    _register_errors(app)


def _register_errors(app: Flask) -> None:
    @app.errorhandler(NotSignedIn)
    def _nobody(error: NotSignedIn) -> Response:
        return problem(401, say("problem-not-signed-in"), error.says)

    @app.errorhandler(Wait)
    def _wait(error: Wait) -> Response:
        said = problem(429, say("problem-wait"), error.says)
        said.headers["Retry-After"] = str(error.seconds)
        return said


def session_body() -> dict[str, Any]:
    """Whether one signs in here, and who is."""
    settings = here().settings
    safely, who = safe(), who_asks()
    role = who.role if who else None if required(settings) else "owner"
    return answer(
        SessionOut,
        {
            "required": required(settings),
            "account": who,
            "plans": role is not None and may(role, "manager"),
            "owns": role is not None and may(role, "owner"),
            "passkeys": required(settings) and passkeys_at() is not None,
            "safe": safely,
            "says": "" if safely else _PLAIN,
        },
    )


def signed_in(who: Who, token: str) -> Response:
    g.who = who
    said = jsonify(session_body())
    settings = here().settings
    said.set_cookie(
        _cookie(settings),
        token,
        max_age=DEVICE_DAYS * 24 * 3600,
        secure=settings.secure,
        httponly=True,
        samesite="Strict",
        path="/",
    )
    return said


@routes.get("/session", responses={200: SessionOut})
def get_session() -> dict[str, Any]:
    """Whether one signs in here, and who is signed in."""
    return session_body()


@routes.post("/session", responses={200: SessionOut})
def post_session(body: SignInIn) -> Response:
    """Sign in by name and PIN; after some wrong ones none is looked at for a while."""
    if not required(here().settings) or not safe():
        return problem(403, say("problem-not-over-this-connection"), _PLAIN)
    return signed_in(*door().sign_in(body.name, body.pin, device_words(), where_from()))


@routes.delete("/session", responses={200: SessionOut})
def delete_session() -> Response | dict[str, Any]:
    """Sign this device out; what it keeps unsent stays there for its person."""
    who = who_asks()
    if who is None:
        return session_body()
    door().sign_out(who.device, who, where_from())
    g.who = None
    said = jsonify(session_body())
    settings = here().settings
    said.delete_cookie(
        _cookie(settings), path="/", secure=settings.secure, httponly=True, samesite="Strict"
    )
    return said


@routes.post("/join", responses={200: SessionOut})
def post_join(body: JoinIn) -> Response:
    """Come in by an invitation, with a PIN of one's own."""
    if not required(here().settings) or not safe():
        return problem(403, say("problem-not-over-this-connection"), _PLAIN)
    return signed_in(*door().join(body.code, body.name, body.pin, device_words(), where_from()))
