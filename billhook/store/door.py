"""The file that says who may come in, and what happened at the door."""

from __future__ import annotations

import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from sqlalchemy import Engine, event
from sqlmodel import Session, col, create_engine, delete, func, select

from .door_tables import Account, DoorTable, Heard, Invite, Passkey, SignedIn
from .full import on_disk

FILE = "door.sqlite"
_HEARD_KEPT = 2000


class Door:
    """Sessions on the file; several programs may have it open."""

    def __init__(self, folder: Path) -> None:
        folder.mkdir(parents=True, exist_ok=True)
        self._engine: Engine = create_engine(
            f"sqlite:///{folder / FILE}", connect_args={"timeout": 15}
        )
        event.listen(self._engine, "connect", _as_the_holding)
        DoorTable.metadata.create_all(self._engine)

    @contextmanager
    def open(self) -> Iterator[Session]:
        """A session, written down at its end, all or nothing."""
        with on_disk(), Session(self._engine, expire_on_commit=False) as session, session.begin():
            yield session

    def close(self) -> None:
        """Let go of the file."""
        self._engine.dispose()


def _as_the_holding(connection: sqlite3.Connection, _record: object) -> None:
    connection.execute("PRAGMA foreign_keys=ON")
    connection.execute("PRAGMA synchronous=FULL")


def accounts(session: Session) -> list[Account]:
    """Everybody who may sign in, by name."""
    return list(session.exec(select(Account).order_by(Account.folded)).all())


def account_named(session: Session, folded: str) -> Account | None:
    """By name in small letters."""
    return session.exec(select(Account).where(Account.folded == folded)).first()


def account_of_calendar(session: Session, key: str) -> Account | None:
    """By what opens their calendar."""
    return session.exec(select(Account).where(Account.calendar == key)).first()


def owners(session: Session) -> int:
    """How many owners there are."""
    return int(session.exec(select(func.count()).where(Account.role == "owner")).one())


def devices(session: Session) -> list[SignedIn]:
    """Devices that are signed in, the one seen last first."""
    return list(session.exec(select(SignedIn).order_by(col(SignedIn.seen).desc())).all())


def passkeys_of(session: Session, account_id: str) -> list[Passkey]:
    """Somebody's passkeys."""
    return list(session.exec(select(Passkey).where(Passkey.account_id == account_id)).all())


def sign_out_all(session: Session, account_id: str) -> None:
    """No device of somebody's is signed in any more, and none comes in by its passkey."""
    session.exec(delete(SignedIn).where(col(SignedIn.account_id) == account_id))
    session.exec(delete(Passkey).where(col(Passkey.account_id) == account_id))


def let_go_of_old(session: Session, now: float) -> None:
    """Invitations whose time is over, and what was heard long ago."""
    session.exec(delete(Invite).where(col(Invite.until) < now))
    newest = session.exec(select(func.max(Heard.id))).one() or 0
    session.exec(delete(Heard).where(col(Heard.id) <= newest - _HEARD_KEPT))


def heard(session: Session, most: int) -> list[Heard]:
    """What happened, the newest first."""
    return list(session.exec(select(Heard).order_by(col(Heard.id).desc()).limit(most)).all())


def keep(session: Session, *rows: DoorTable) -> None:
    """Write down."""
    session.add_all(rows)
    session.flush()


def drop(session: Session, row: DoorTable) -> None:
    """Take away."""
    session.delete(row)
    session.flush()
