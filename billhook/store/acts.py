"""Acts: every write is one, with an id made by whoever writes and a number that only rises.

The number gives the order in which things came in, so that nothing hangs on a clock; the id makes a
thing sent twice one thing.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import datetime as dt
import uuid
from collections.abc import Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from dataclasses import dataclass
from typing import Any

from sqlalchemy import Connection, delete, event, insert, literal_column, select
from sqlalchemy.orm import Mapper, object_session
from sqlalchemy.sql import ColumnElement
from sqlmodel import Field, Session, SQLModel, col

from ..core.errors import BillhookError, refuse
from ..core.words.values import say


def new_id() -> str:
    """A new UUID as text."""
    return str(uuid.uuid4())


def utc_now() -> dt.datetime:
    """Now, aware, in UTC."""
    return dt.datetime.now(dt.UTC)


class Act(SQLModel, table=True):
    """One write. seq: its place in the order; day: the holding's day; made_at: what the clock said,
    for reading only.

    kind: what was asked for; device, person: who did it, empty where nobody says; undoes: the act
    that it takes back.
    """

    __table_args__ = {"sqlite_autoincrement": True}
    seq: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    kind: str
    device: str = ""
    person: str = ""
    day: dt.date
    undoes: str | None = None
    made_at: dt.datetime = Field(default_factory=utc_now)


class Acted(SQLModel):
    """A row that says which act wrote it; filled in as it is written, and who did it (``who``) by
    who is signed in where nobody else was named.
    """

    act: int = Field(default=0, foreign_key="act.seq")


@event.listens_for(Acted, "before_insert", propagate=True)
def _fill(_mapper: Mapper[Any], _connection: Connection, row: Acted) -> None:
    session = object_session(row)
    if session is not None and not row.act:
        row.act = session.info["act"]
    if getattr(row, "who", None) == "":
        row.who = going_on().person


ID_TAKEN = "was given to another write; make a new one"


class DoneAlready(BillhookError):
    """This act was written before. ``seq``: its number then."""

    def __init__(self, act_id: str, seq: int) -> None:
        super().__init__(say("bad-taken-already"))
        self.act_id, self.seq = act_id, seq


@dataclass
class Doing:
    """The act that is going on. seq: its number, once something of it was written."""

    id: str
    kind: str
    device: str = ""
    person: str = ""
    undoes: str | None = None
    seq: int | None = None


_going: ContextVar[Doing | None] = ContextVar("act", default=None)


@contextmanager
def doing(act: Doing) -> Iterator[Doing]:
    """What is written within is this act's."""
    before = _going.set(act)
    try:
        yield act
    finally:
        _going.reset(before)


def going_on() -> Doing:
    """The act that is going on; a write of nobody in particular is an act of its own."""
    return _going.get() or Doing(new_id(), "")


def enter(session: Session, act: Doing, day: dt.date) -> int:
    """The act's number; entered now, unless this very act has written before. Raises: DoneAlready
    for an act of an earlier time.
    """
    if act.seq is not None:
        return act.seq
    not_before(session, act)
    values = {
        "id": act.id,
        "kind": act.kind,
        "device": act.device,
        "person": act.person,
        "undoes": act.undoes,
        "day": day,
    }
    made = session.connection().execute(insert(Act).values(**values, made_at=utc_now()))
    # an insert of one row has one key
    return int(made.inserted_primary_key[0])  # type: ignore[index]


def not_before(session: Session, act: Doing) -> None:
    """Raises: DoneAlready for an act that was written; InvalidInput where its id was given to
    another.
    """
    known = (
        session.connection()
        .execute(select(col(Act.seq), col(Act.kind)).where(col(Act.id) == act.id))
        .first()
    )
    if known is not None:
        refuse({"/id": None if known[1] == act.kind else ID_TAKEN})
        raise DoneAlready(act.id, int(known[0] or 0))


def leave_out(session: Session, seq: int) -> None:
    """An act that wrote nothing is none."""
    session.connection().execute(delete(Act).where(col(Act.seq) == seq))


def arrival(table: type[Acted]) -> tuple[Any, ColumnElement[Any]]:
    """The order in which rows of a table came in, to order a query by; within an act by their place
    in the file.
    """
    return col(table.act), literal_column(f"{table.__tablename__}.rowid")


def last_number(session: Session) -> int:
    """The number of the newest act, 0 before there is any."""
    return int(
        session.connection()
        .execute(select(col(Act.seq)).order_by(col(Act.seq).desc()).limit(1))
        .scalar()
        or 0
    )
