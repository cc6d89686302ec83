"""Coming in by a passkey (W3C Web Authentication): the phone's own lock in place of a PIN. Only
where the page is secure and is reached by a name, which a passkey is bound to.
"""

from __future__ import annotations

import json
import secrets
import threading
import time
from collections import OrderedDict
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from webauthn import (
    generate_authentication_options,
    generate_registration_options,
    options_to_json,
    verify_authentication_response,
    verify_registration_response,
)
from webauthn.helpers import base64url_to_bytes, bytes_to_base64url
from webauthn.helpers.exceptions import WebAuthnException
from webauthn.helpers.structs import (
    AuthenticatorSelectionCriteria,
    PublicKeyCredentialDescriptor,
    ResidentKeyRequirement,
    UserVerificationRequirement,
)

from ...core.words.values import say
from ...store import door as store
from ...store.door_tables import Account, Passkey
from .signing import NotSignedIn, Signing, Who

_ASKED_SECONDS = 300
_ASKED_MOST = 500
_NOT_TAKEN = say("bad-passkey-not-known")


@dataclass(frozen=True)
class At:
    """The name that a page is reached by, which passkeys are bound to, and its whole origin."""

    name: str
    origin: str


@dataclass(frozen=True)
class _Asked:
    challenge: bytes
    account_id: str | None
    until: float


class Passkeys:
    """Passkeys of one holding. What was asked of a device is known for five minutes, once."""

    def __init__(self, signing: Signing, clock: Callable[[], float] = time.time) -> None:
        self._signing, self._clock = signing, clock
        self._asked: OrderedDict[str, _Asked] = OrderedDict()
        self._lock = threading.Lock()

    def to_make(self, who: Who, at: At) -> tuple[str, dict[str, Any]]:
        """What a device is asked in order to make one. Returns: the name of the question, and the
        question as the browser takes it.
        """
        with self._signing.door.open() as session:
            known = store.passkeys_of(session, who.id)
        options = generate_registration_options(
            rp_id=at.name,
            rp_name="Billhook",
            user_name=who.name,
            user_id=who.id.encode(),
            authenticator_selection=AuthenticatorSelectionCriteria(
                resident_key=ResidentKeyRequirement.REQUIRED,
                user_verification=UserVerificationRequirement.REQUIRED,
            ),
            exclude_credentials=[
                PublicKeyCredentialDescriptor(id=base64url_to_bytes(k.id)) for k in known
            ],
        )
        return self._ask(options.challenge, who.id), json.loads(options_to_json(options))

    def make(self, who: Who, asked: str, credential: dict[str, Any], at: At, where: str) -> None:
        """Keep one that a device made. Raises: NotSignedIn for one that was not asked for so."""
        known = self._answered(asked, who.id)
        try:
            made = verify_registration_response(
                credential=credential,
                expected_challenge=known.challenge,
                expected_rp_id=at.name,
                expected_origin=at.origin,
                require_user_verification=True,
            )
        except _REFUSED as error:
            raise NotSignedIn(say("bad-passkey-not-made")) from error
        key = Passkey(
            id=bytes_to_base64url(made.credential_id),
            account_id=who.id,
            public_key=bytes_to_base64url(made.credential_public_key),
            used=made.sign_count,
        )
        with self._signing.door.open() as session:
            if session.get(Passkey, key.id) is not None:
                raise NotSignedIn(say("bad-passkey-known-already"))
            store.keep(session, key)
        self._signing.hear(who.name, "made a passkey", "", where)

    def to_sign_in(self, at: At) -> tuple[str, dict[str, Any]]:
        """What a device is asked in order to sign in with whichever passkey it has for here."""
        options = generate_authentication_options(
            rp_id=at.name, user_verification=UserVerificationRequirement.REQUIRED
        )
        return self._ask(options.challenge, None), json.loads(options_to_json(options))

    def sign_in(
        self, asked: str, credential: dict[str, Any], at: At, device: str, where: str
    ) -> tuple[Who, str]:
        """Returns: who, and what the cookie holds. Raises: NotSignedIn."""
        known = self._answered(asked, None)
        with self._signing.door.open() as session:
            key = session.get(Passkey, str(credential.get("id", "")))
            account = session.get(Account, key.account_id) if key else None
        if key is None or account is None:
            raise NotSignedIn(_NOT_TAKEN)
        try:
            found = verify_authentication_response(
                credential=credential,
                expected_challenge=known.challenge,
                expected_rp_id=at.name,
                expected_origin=at.origin,
                credential_public_key=base64url_to_bytes(key.public_key),
                credential_current_sign_count=key.used,
                require_user_verification=True,
            )
        except _REFUSED as error:
            raise NotSignedIn(_NOT_TAKEN) from error
        with self._signing.door.open() as session:
            key.used = found.new_sign_count
            store.keep(session, session.merge(key))
        return self._signing.let_in(account.id, "signed in by passkey", device, where)

    def _ask(self, challenge: bytes, account_id: str | None) -> str:
        name = secrets.token_urlsafe(16)
        with self._lock:
            self._asked[name] = _Asked(challenge, account_id, self._clock() + _ASKED_SECONDS)
            while len(self._asked) > _ASKED_MOST:
                self._asked.popitem(last=False)
        return name

    def _answered(self, asked: str, account_id: str | None) -> _Asked:
        with self._lock:
            known = self._asked.pop(asked, None)
        if known is None or known.until < self._clock() or known.account_id != account_id:
            raise NotSignedIn(say("bad-took-too-long"))
        return known


_REFUSED = (WebAuthnException, ValueError, KeyError, TypeError, AttributeError)
"""What is thrown for a credential that is none."""
