"""Coming in and going out."""

from __future__ import annotations

import datetime as dt
from typing import Annotated, Any

from pydantic import Field, StringConstraints

from ...services.door.roles import Role
from .base import Answer, Asked
from .place import QrOut

Name = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=60)]
Pin = Annotated[str, StringConstraints(max_length=128)]


class AccountOut(Answer):
    """Somebody who is signed in."""

    id: str
    name: str
    role: Role


class SessionOut(Answer):
    """``required``: whether one signs in here; ``account``: who is, null for nobody; ``safe``:
    whether a PIN may be sent from here; ``says``: what to do where it may not; ``plans``: whether
    whoever asks may plan and take lists out; ``owns``: and say who comes in; ``passkeys``: whether
    one may come in by passkey here.
    """

    required: bool
    account: AccountOut | None
    safe: bool
    says: str
    plans: bool
    owns: bool
    passkeys: bool


class AskedOut(Answer):
    """A question to the browser's passkeys, and its name."""

    asked: str
    options: dict[str, Any]


class PasskeyIn(Asked):
    """What the browser answered to the question of that name."""

    asked: Annotated[str, StringConstraints(max_length=60)]
    credential: dict[str, Any]


class SignInIn(Asked):
    """A name and its PIN."""

    name: Name
    pin: Pin


class JoinIn(Asked):
    """The code of an invitation, and a PIN of one's own; ``name``: where it has none."""

    code: Annotated[str, StringConstraints(min_length=1, max_length=100)]
    name: Annotated[str, StringConstraints(max_length=60)] = ""
    pin: Pin


class InviteIn(Asked):
    """Whom to let in, as what; a name that is known comes in anew, with a new PIN."""

    name: Name
    role: Role


class InviteOut(Answer):
    """Where the invitation leads, also as a code to point a phone at; for so many minutes."""

    url: str
    qr: QrOut | None
    minutes: int


class RoleIn(Asked):
    """What somebody may do from now on."""

    role: Role


class DevicePath(Asked):
    """A device in the path, by its digest."""

    id: Annotated[str, StringConstraints(pattern=r"^[0-9a-f]{64}$")]


class DeviceOut(Answer):
    """A device that is signed in; ``this``: the one that asks."""

    id: str
    device: str
    seen: dt.datetime
    this: bool


class AccountLineOut(AccountOut):
    """Somebody who may come in, with their devices; ``own_rows``: how many rows are theirs where
    they are shown no others.
    """

    own_rows: int | None
    devices: list[DeviceOut]


class RoleSaidOut(Answer):
    """A role and what it may do, in words."""

    id: Role
    says: str


class AccountsOut(Answer):
    """Everybody who may come in."""

    accounts: list[AccountLineOut]
    roles: list[RoleSaidOut]


class HeardLineOut(Answer):
    """Who did what at the door, when and from where."""

    at: dt.datetime
    name: str
    what: str
    about: str
    where: Annotated[str, Field(description="address")]


class HeardOut(Answer):
    """What happened at the door, the newest first."""

    heard: list[HeardLineOut]
