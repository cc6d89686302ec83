"""The SQLite database: one writer at a time, readers beside it, foreign keys on, brought up to date
at start.
"""

from __future__ import annotations

import datetime as dt
import sqlite3
import threading
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

from sqlalchemy import Connection, Engine, event
from sqlalchemy.exc import OperationalError
from sqlmodel import Session, create_engine

from ..core.errors import BillhookError
from ..core.words.values import Value, say
from . import acts, changes
from .full import on_disk
from .upgrade import bring_up_to_date

_BUSY_MS = 15_000
_BUSY = say("bad-busy")


class StaleVersion(BillhookError):
    """Somebody else changed the same thing in the meantime. ``current`` says what holds now."""

    def __init__(self, message: Value, current: dict[str, object]) -> None:
        super().__init__(message)
        self.current = current


class NotFound(BillhookError):
    """There is no such thing."""


class Busy(BillhookError):
    """Somebody else has been writing for too long; the same write can be tried again."""


class Store:
    """Sessions on one database file. today: the holding's day, which every act is marked with."""

    def __init__(self, path: Path, today: Callable[[], dt.date] = dt.date.today) -> None:
        path.parent.mkdir(parents=True, exist_ok=True)
        self.path = path
        self.today = today
        self._turn = threading.Lock()
        self.engine = _engine(path, keeps=True)
        # what only reads has nothing to keep, and opens sooner
        self._reader = _engine(path, keeps=False).execution_options(billhook_begin="BEGIN")

    @contextmanager
    def reading(self) -> Iterator[Session]:
        """A session that only reads; never waits for the writer."""
        with Session(self._reader, expire_on_commit=False) as session:
            yield session

    @contextmanager
    def writing(self) -> Iterator[Session]:
        """A session that writes, all or nothing, as one act; writers take turns.

        Raises: DoneAlready for an act that was written before; Busy when another writes for too
        long.
        """
        act = acts.going_on()
        # within one program in turn: waiting for the file, whoever came late might come first
        if not self._turn.acquire(timeout=_BUSY_MS / 1000):
            raise Busy(_BUSY)
        try:
            with (
                on_disk(),
                Session(self.engine, expire_on_commit=False) as session,
                session.begin(),
            ):
                before = _changes(session)
                seq = acts.enter(session, act, self.today())
                fresh = _changes(session) > before
                session.info["act"] = seq
                changes.name_act(session, seq)
                named = _changes(session)
                yield session
                session.flush()
                if fresh and _changes(session) == named:
                    acts.leave_out(session, seq)
                    seq = 0
        except OperationalError as error:
            if "locked" in str(error.orig):
                raise Busy(_BUSY) from error
            raise
        finally:
            self._turn.release()
        act.seq = act.seq or seq or None

    def migrate(self) -> None:
        """Bring the tables up to date. Raises: CannotOpen, with the database as it was."""
        bring_up_to_date(self.path)

    def close(self) -> None:
        """Let go of the file."""
        self.engine.dispose()
        self._reader.dispose()


def _changes(session: Session) -> int:
    """Rows that this connection has written, deleted or changed so far."""
    return int(session.connection().exec_driver_sql("SELECT total_changes()").scalar() or 0)


def _engine(path: Path, keeps: bool) -> Engine:
    """keeps: its connections write down what they change."""
    settings = {"isolation_level": None, "timeout": _BUSY_MS / 1000, "check_same_thread": False}
    engine = create_engine(f"sqlite:///{path}", connect_args=settings)

    @event.listens_for(engine, "connect")
    def _connect(connection: sqlite3.Connection, _record: object) -> None:
        for pragma in (
            "journal_mode=WAL",
            "foreign_keys=ON",
            f"busy_timeout={_BUSY_MS}",
            "synchronous=FULL" if keeps else "synchronous=NORMAL",
        ):
            connection.execute(f"PRAGMA {pragma}")
        if keeps:
            changes.keep_changes(connection)

    @event.listens_for(engine, "begin")
    def _begin(connection: Connection) -> None:
        connection.exec_driver_sql(
            connection.get_execution_options().get("billhook_begin", "BEGIN IMMEDIATE")
        )

    return engine
