"""Passkeys: made by who is signed in, and coming in by one."""

from __future__ import annotations

from typing import Any

from flask import Response, current_app
from flask_openapi.blueprint import APIBlueprint

from ...core.words.values import say
from ...services.door.passkeys import At, Passkeys
from ...services.door.signing import required
from ...store.database import NotFound
from ..answers import body as answer
from ..answers import here
from ..models.door import AskedOut, PasskeyIn, SessionOut
from .signing import (
    PASSKEYS,
    device_words,
    passkeys_at,
    session_body,
    signed_in,
    where_from,
    who_asks,
)

routes = APIBlueprint("door_passkeys", __name__, url_prefix="/api")


def _known() -> tuple[Passkeys, At]:
    at = passkeys_at()
    if at is None or not required(here().settings):
        raise NotFound(say("bad-passkeys-are-for-a-secure-page"))
    return current_app.extensions[PASSKEYS], at


@routes.post("/session/passkey/options", responses={200: AskedOut})
def post_sign_in_options() -> dict[str, Any]:
    """What the browser is asked in order to sign in by a passkey."""
    passkeys, at = _known()
    asked, options = passkeys.to_sign_in(at)
    return answer(AskedOut, {"asked": asked, "options": options})


@routes.post("/session/passkey", responses={200: SessionOut})
def post_sign_in(body: PasskeyIn) -> Response:
    """Sign in by a passkey."""
    passkeys, at = _known()
    who, token = passkeys.sign_in(body.asked, body.credential, at, device_words(), where_from())
    return signed_in(who, token)


@routes.post("/passkeys/options", responses={200: AskedOut})
def post_passkey_options() -> dict[str, Any]:
    """What the browser is asked in order to make a passkey for who is signed in."""
    passkeys, at = _known()
    who = who_asks()
    if who is None:
        raise NotFound(say("bad-nobody-is-signed-in"))
    asked, options = passkeys.to_make(who, at)
    return answer(AskedOut, {"asked": asked, "options": options})


@routes.post("/passkeys", responses={200: SessionOut})
def post_passkey(body: PasskeyIn) -> dict[str, Any]:
    """Keep the passkey that the browser made."""
    passkeys, at = _known()
    who = who_asks()
    if who is None:
        raise NotFound(say("bad-nobody-is-signed-in"))
    passkeys.make(who, body.asked, body.credential, at, where_from())
    return session_body()
