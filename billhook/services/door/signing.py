"""Coming in and going out: invitations, PINs with rising delays, devices that stay signed in.

What a cookie or an invitation holds is kept as its SHA-256 alone; PINs as :mod:`.pins` has it.
"""

from __future__ import annotations

import datetime as dt
import hashlib
import ipaddress
import secrets
import threading
import time
from collections.abc import Callable
from dataclasses import dataclass

from sqlmodel import Session

from ...core.errors import BillhookError, invalid
from ...core.words.values import say
from ...settings import Settings
from ...store import door as store
from ...store.acts import utc_now
from ...store.database import NotFound
from ...store.door_tables import Account, Heard, Invite, SignedIn
from .pins import PIN_LEAST, PIN_MOST, Pins
from .roles import ROLES, Role

INVITE_SECONDS = 600
DEVICE_DAYS = 180
FREE_MISSES = 3
FIRST_WAIT_SECONDS, LONGEST_WAIT_SECONDS = 5, 900
_SEEN_SECONDS = 300
_HEARD_SHOWN = 100


class NotSignedIn(BillhookError):
    """Nobody, or no longer; or with a wrong PIN."""


class Wait(BillhookError):
    """Too many wrong PINs. ``seconds``: how long none is looked at."""

    def __init__(self, seconds: int) -> None:
        super().__init__(say("bad-too-many-pins", seconds=seconds))
        self.seconds = seconds


class LastOwner(BillhookError):
    """The last owner stays one."""


@dataclass(frozen=True)
class Who:
    """Somebody who is signed in; device: which of theirs, by its digest."""

    id: str
    name: str
    role: str
    device: str


def required(settings: Settings) -> bool:
    """Whether one signs in: where it listens to more than this machine."""
    if settings.host == "localhost":
        return False
    try:
        return not ipaddress.ip_address(settings.host).is_loopback
    except ValueError:
        return True


class Signing:
    """The door of one holding. clock: seconds since 1970."""

    def __init__(self, door: store.Door, clock: Callable[[], float] = time.time) -> None:
        self.door, self._clock = door, clock
        self._turn = threading.Lock()
        self._pins = Pins()

    def close(self) -> None:
        """Let go of the file."""
        self.door.close()

    # invitations

    def owned(self) -> bool:
        """Whether there is an owner."""
        with self.door.open() as session:
            return store.owners(session) > 0

    def invite(self, name: str, role: Role, by: str, where: str = "") -> str:
        """A code that lets somebody in once, within ten minutes: anew, or with a new PIN where the
        name is known. name: empty where they say it themselves.
        """
        code = secrets.token_urlsafe(24)
        with self.door.open() as session:
            store.let_go_of_old(session, self._clock())
            until = self._clock() + INVITE_SECONDS
            store.keep(session, Invite(digest=_digest(code), name=name, role=role, until=until))
            _hear(session, by, "invited", f"{name or 'somebody'} as {role}", where)
        return code

    def join(self, code: str, name: str, pin: str, device: str, where: str) -> tuple[Who, str]:
        """Come in by an invitation, with a name and a PIN of one's own. Returns: who, and what the
        cookie holds. Raises: InvalidInput by field, NotSignedIn for a code that holds no longer.
        """
        with self.door.open() as session:
            invite = session.get(Invite, _digest(code))
            left = invite.until - self._clock() if invite else 0.0
            if invite is None or not 0 <= left <= INVITE_SECONDS:  # none of a clock set back
                raise NotSignedIn(say("bad-invitation-over"))
            called = " ".join((invite.name or name).split())
            if not called:
                raise invalid("/name", say("bad-say-your-name"))
        self._refuse_pin(pin, called)
        hashed = self._pins.kept(pin)
        with self._turn, self.door.open() as session:
            # once: whoever came second with the same code finds it gone
            invite = session.get(Invite, _digest(code))
            if invite is None:
                raise NotSignedIn(say("bad-invitation-used"))
            known = store.account_named(session, called.casefold())
            account = known or Account(
                name=called, folded=called.casefold(), role=invite.role, pin=hashed
            )
            if known is not None:
                _keep_an_owner(session, account, invite.role)
                store.sign_out_all(session, account.id)
            account.role, account.pin, account.misses, account.shut_until = (
                invite.role,
                hashed,
                0,
                0.0,
            )
            store.keep(session, account)
            store.drop(session, invite)
            _hear(session, account.name, "came in by an invitation", account.role, where)
            return self._let_in(session, account, device)

    @staticmethod
    def _refuse_pin(pin: str, name: str) -> None:
        if not PIN_LEAST <= len(pin) <= PIN_MOST:
            raise invalid("/pin", say("bad-must-be-characters-or-more", pin_least=PIN_LEAST))
        runs = ("0123456789" * 2, "9876543210" * 2)
        if (
            len(set(pin)) == 1
            or any(pin in run for run in runs)
            or pin.casefold() in (name.casefold(), "password", "billhook")
        ):
            raise invalid("/pin", say("bad-is-among-the-first-that-anybody"))

    # signing in

    def sign_in(self, name: str, pin: str, device: str, where: str) -> tuple[Who, str]:
        """By name and PIN. Returns: who, and what the cookie holds. Raises: NotSignedIn; Wait after
        some wrong ones, longer each time.
        """
        folded = " ".join(name.split()).casefold()
        with self._turn, self.door.open() as session:
            account = store.account_named(session, folded)
            shut = account.shut_until - self._clock() if account else 0.0
            if 0 < shut <= LONGEST_WAIT_SECONDS:  # longer: the clock was set back
                raise Wait(int(shut) + 1)
            if account is not None:
                # counted before it is looked at, so that many at once are counted all
                account.misses += 1
                over = account.misses - FREE_MISSES
                if over > 0:
                    wait = min(FIRST_WAIT_SECONDS * 2 ** (over - 1), LONGEST_WAIT_SECONDS)
                    account.shut_until = self._clock() + wait
                store.keep(session, account)
        right = self._pins.is_right(account.pin if account else None, pin)
        with self.door.open() as session:
            if account is None or not right:
                _hear(session, name[:60], "tried a wrong PIN", "", where)
        if account is None or not right:
            raise NotSignedIn(say("bad-no-such-name-with-that-pin"))
        again = self._pins.kept(pin) if self._pins.outgrown(account.pin) else account.pin
        with self.door.open() as session:
            fresh = session.get(Account, account.id)
            if fresh is None or fresh.pin != account.pin:
                raise NotSignedIn(say("bad-no-such-name-with-that-pin"))
            fresh.pin, fresh.misses, fresh.shut_until = again, 0, 0.0
            _hear(session, fresh.name, "signed in", device, where)
            return self._let_in(session, fresh, device)

    def let_in(self, account_id: str, what: str, device: str, where: str) -> tuple[Who, str]:
        """Somebody who has shown who they are. Raises: NotSignedIn for one who may not any more."""
        with self.door.open() as session:
            account = session.get(Account, account_id)
            if account is None:
                raise NotSignedIn(say("bad-no-more"))
            account.misses, account.shut_until = 0, 0.0
            _hear(session, account.name, what, device, where)
            return self._let_in(session, account, device)

    def _let_in(self, session: Session, account: Account, device: str) -> tuple[Who, str]:
        token = secrets.token_urlsafe(32)
        signed = SignedIn(digest=_digest(token), account_id=account.id, device=device)
        store.keep(session, signed)
        return Who(account.id, account.name, account.role, signed.digest), token

    def who(self, token: str | None) -> Who | None:
        """Who a cookie is of; None for nobody's, one signed out, or one not seen for long."""
        if not token:
            return None
        with self.door.open() as session:
            signed = session.get(SignedIn, _digest(token))
            account = session.get(Account, signed.account_id) if signed else None
            if signed is None or account is None:
                return None
            now, seen = utc_now(), signed.seen.replace(tzinfo=dt.UTC)
            if now - seen > dt.timedelta(days=DEVICE_DAYS):
                store.drop(session, signed)
                return None
            if abs((now - seen).total_seconds()) > _SEEN_SECONDS:
                signed.seen = now
                store.keep(session, signed)
            return Who(account.id, account.name, account.role, signed.digest)

    def sign_out(self, digest: str, by: Who, where: str) -> None:
        """A device is signed out: one's own, or as owner anybody's. Raises: NotFound."""
        with self.door.open() as session:
            signed = session.get(SignedIn, digest)
            if signed is None or (signed.account_id != by.id and by.role != "owner"):
                raise NotFound(say("bad-there-is-no-such-device"))
            account = session.get(Account, signed.account_id)
            store.drop(session, signed)
            whose = "" if account is None or account.id == by.id else f"{account.name}, "
            _hear(session, by.name, "signed out a device", whose + signed.device, where)

    # calendars

    def calendar_key(self, account_id: str, renew: bool = False) -> str:
        """What opens somebody's calendar; with renew another, so that the old one opens nothing.
        Raises: NotFound.
        """
        with self.door.open() as session:
            account = _account(session, account_id)
            if renew:
                account.calendar = secrets.token_urlsafe(24)
                store.keep(session, account)
            return account.calendar

    def who_by_calendar(self, key: str) -> Who | None:
        """Whose calendar a key opens."""
        with self.door.open() as session:
            account = store.account_of_calendar(session, key)
            return Who(account.id, account.name, account.role, "") if account else None

    # accounts

    def accounts(self) -> list[tuple[Account, list[SignedIn]]]:
        """Everybody who may sign in, with their devices."""
        with self.door.open() as session:
            devices = store.devices(session)
            return [
                (a, [d for d in devices if d.account_id == a.id]) for a in store.accounts(session)
            ]

    def change_role(self, account_id: str, role: Role, by: Who, where: str) -> None:
        """Raises: NotFound, LastOwner."""
        with self.door.open() as session:
            account = _account(session, account_id)
            _keep_an_owner(session, account, role)
            account.role = role
            store.keep(session, account)
            _hear(session, by.name, "changed a role", f"{account.name} is {role}", where)

    def remove(self, account_id: str, by: Who, where: str) -> None:
        """Somebody may come in no more. Raises: NotFound, LastOwner."""
        with self.door.open() as session:
            account = _account(session, account_id)
            _keep_an_owner(session, account, None)
            store.sign_out_all(session, account_id)
            store.drop(session, account)
            _hear(session, by.name, "took a right to come in", account.name, where)

    def hear(self, who: str, what: str, about: str, where: str) -> None:
        """Write down what somebody did that an owner may ask after."""
        with self.door.open() as session:
            _hear(session, who, what, about, where)

    def heard(self) -> list[Heard]:
        """What happened at the door, the newest first."""
        with self.door.open() as session:
            return store.heard(session, _HEARD_SHOWN)


def _digest(secret: str) -> str:
    return hashlib.sha256(secret.encode()).hexdigest()


def _account(session: Session, account_id: str) -> Account:
    found = session.get(Account, account_id)
    if found is None:
        raise NotFound(say("bad-account", account_id=account_id))
    return found


def _keep_an_owner(session: Session, account: Account, role: str | None) -> None:
    if account.role == ROLES[-1] != role and store.owners(session) < 2:
        raise LastOwner(say("bad-is-the-last-owner-make-somebody", name=account.name))


def _hear(session: Session, name: str, what: str, about: str, where: str) -> None:
    store.keep(session, Heard(name=name[:60], what=what, about=about[:200], where=where[:60]))
