"""Who may come in, in a file of its own: not in backups, and no part of what can be undone.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
from secrets import token_urlsafe

from sqlalchemy.orm import registry
from sqlmodel import Field, SQLModel

from .acts import new_id, utc_now


class DoorTable(SQLModel, registry=registry()):
    """Tables of the door's own file."""


class Account(DoorTable, table=True):
    """Somebody who may sign in. pin: as argon2 keeps it. misses: wrong PINs in a row; shut_until:
    no PIN is looked at before [s since 1970]. calendar: what opens their calendar to a program that
    cannot sign in, and nothing else.
    """

    id: str = Field(default_factory=new_id, primary_key=True)
    name: str
    folded: str = Field(unique=True)
    role: str
    pin: str
    calendar: str = Field(default_factory=lambda: token_urlsafe(24), unique=True)
    misses: int = 0
    shut_until: float = 0.0


class Passkey(DoorTable, table=True):
    """What a device signs in with in place of a PIN. public_key: base64url; used: how often, as the
    device counts.
    """

    id: str = Field(primary_key=True)
    account_id: str = Field(foreign_key="account.id", index=True)
    public_key: str
    used: int = 0


class SignedIn(DoorTable, table=True):
    """A device that is signed in. digest: of what its cookie holds."""

    digest: str = Field(primary_key=True)
    account_id: str = Field(foreign_key="account.id", index=True)
    device: str
    since: dt.datetime = Field(default_factory=utc_now)
    seen: dt.datetime = Field(default_factory=utc_now)


class Invite(DoorTable, table=True):
    """A code by which somebody comes in once. name: empty where they say it themselves; until [s
    since 1970].
    """

    digest: str = Field(primary_key=True)
    name: str
    role: str
    until: float


class Heard(DoorTable, table=True):
    """What happened at the door."""

    id: int | None = Field(default=None, primary_key=True)
    at: dt.datetime = Field(default_factory=utc_now)
    name: str
    what: str
    about: str = ""
    where: str = ""
