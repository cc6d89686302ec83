"""What each act changed, row by row, so that it can be taken back.

Triggers of every connection write it down, whatever the statement that did it. A change holds the
key of its row, and of each column that changed what stood before and what stands after:

    made      before: nothing     after: nothing (the row itself says)
    changed   before: the columns' old values     after: their new ones
    deleted   before: the whole row     after: nothing

Taking an act back is an act like any other, so it can be taken back too.

No ``from __future__ import annotations`` here: SQLModel reads the annotations at run time.
"""

import json
import sqlite3
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import Any, Literal

from sqlalchemy import Table
from sqlalchemy import text as sql
from sqlmodel import Field, Session, SQLModel

Op = Literal["made", "changed", "deleted"]

# what is bookkeeping of the store, or follows from the rest, and stands behind no decision
_APART = frozenset({"act", "change", "takenback", "framesize"})
# columns that hold the id of a row of some table, and are no foreign keys
_POINTS = ("scope_id", "row_id", "block_id", "species")


class Change(SQLModel, table=True):
    """One row that an act made, changed or deleted. of: the table; key: its primary key as JSON."""

    n: int | None = Field(default=None, primary_key=True)
    act: int = Field(foreign_key="act.seq", index=True)
    of: str
    key: str = Field(index=True)
    op: str
    was: str | None = None
    became: str | None = None


class TakenBack(SQLModel, table=True):
    """An act that another took back. by, act: their numbers."""

    by: int = Field(foreign_key="act.seq", primary_key=True)
    act: int = Field(foreign_key="act.seq", primary_key=True)


@dataclass(frozen=True)
class Changed:
    """A change as it is read. was, became: values by column, of those that changed."""

    act: int
    of: str
    key: str
    op: Op
    was: dict[str, Any]
    became: dict[str, Any]

    @property
    def row(self) -> tuple[str, str]:
        """Which row."""
        return self.of, self.key


# --- writing it down -------------------------------------------------------------------------


def keep_changes(connection: sqlite3.Connection) -> None:
    """Have a connection write down what it changes, once an act has been named to it."""
    connection.create_function("bh_row", -1, _row_json, deterministic=True)
    connection.create_function("bh_was", -1, _was_json, deterministic=True)
    connection.create_function("bh_became", -1, _became_json, deterministic=True)
    connection.execute("CREATE TEMP TABLE IF NOT EXISTS going (seq INTEGER)")
    standing = "SELECT name FROM sqlite_master WHERE type = 'table'"
    connection.executescript(_script(frozenset(n for (n,) in connection.execute(standing))))


def name_act(session: Session, seq: int | None) -> None:
    """What is written from here on is this act's; of nobody's, and not written down, for None."""
    connection = session.connection()
    connection.exec_driver_sql("DELETE FROM temp.going")
    if seq is not None:
        connection.exec_driver_sql("INSERT INTO temp.going VALUES (?)", (seq,))


@lru_cache(maxsize=4)
def _script(tables: frozenset[str]) -> str:
    """The triggers of every table that stands there."""
    return ";".join(s for t in _journaled() if t.name in tables for s in _triggers(t)) + ";"


@lru_cache(maxsize=1)
def _journaled() -> tuple[Table, ...]:
    return tuple(t for t in SQLModel.metadata.sorted_tables if t.name not in _APART)


def _triggers(table: Table) -> Iterable[str]:
    """One trigger for rows that are made, one for those that change, one for those deleted."""

    def key(row: str) -> str:
        return f"json_array({', '.join(f'{row}.{quoted(c.name)}' for c in table.primary_key)})"

    columns = [c.name for c in table.columns]
    whole = ", ".join(f"'{c}', OLD.{quoted(c)}" for c in columns)
    both = ", ".join(f"'{c}', OLD.{quoted(c)}, NEW.{quoted(c)}" for c in columns)
    into = 'INSERT INTO change (act, "of", key, op, was, became) SELECT seq,'
    yield _trigger(table, "INSERT", f"{into} '{table.name}', {key('NEW')}, 'made', NULL, NULL")
    yield _trigger(
        table, "DELETE", f"{into} '{table.name}', {key('OLD')}, 'deleted', bh_row({whole}), NULL"
    )
    yield _trigger(
        table,
        "UPDATE",
        f"{into} '{table.name}', {key('OLD')}, 'changed', bh_was({both}), bh_became({both})",
    )


def _trigger(table: Table, what: str, statement: str) -> str:
    return (
        f"CREATE TEMP TRIGGER IF NOT EXISTS bh_{table.name}_{what.lower()} "
        f"AFTER {what} ON main.{quoted(table.name)} BEGIN {statement} FROM temp.going; END"
    )


def quoted(name: str) -> str:
    """A name as SQL takes it, ``row`` among them."""
    return f'"{name}"'


def _row_json(*pairs: Any) -> str:
    return json.dumps(dict(zip(pairs[::2], pairs[1::2], strict=True)))


def _was_json(*threes: Any) -> str:
    names, old, new = threes[::3], threes[1::3], threes[2::3]
    return json.dumps({n: a for n, a, b in zip(names, old, new, strict=True) if a != b})


def _became_json(*threes: Any) -> str:
    names, old, new = threes[::3], threes[1::3], threes[2::3]
    return json.dumps({n: b for n, a, b in zip(names, old, new, strict=True) if a != b})


# --- reading ---------------------------------------------------------------------------------


def changes_of(session: Session, seq: int) -> list[Changed]:
    """What an act changed, in its order."""
    return _read(session, "WHERE act = :act", {"act": seq})


def _read(session: Session, where: str, values: dict[str, Any]) -> list[Changed]:
    statement = f'SELECT act, "of", key, op, was, became FROM change {where} ORDER BY n'
    return [
        Changed(act, of, key, op, json.loads(was or "{}"), json.loads(became or "{}"))
        for act, of, key, op, was, became in session.connection().execute(sql(statement), values)
    ]


def out_of_force(session: Session) -> set[int]:
    """Numbers of acts that were taken back, and of those that took them back."""
    pairs = session.connection().execute(sql("SELECT by, act FROM takenback ORDER BY by DESC"))
    out: set[int] = set()
    took: set[int] = set()
    for by, act in pairs:
        # one that was itself taken back takes nothing back any more
        if by not in out or by in took:
            out |= {by, act}
            took.add(by)
    return out


def take_back(session: Session, seq: int, acts: Iterable[int]) -> None:
    """Enter that an act took others back, and put their rows as they were, the newest first."""
    for act in sorted(acts, reverse=True):
        turn_back(session, changes_of(session, act))
        session.add(TakenBack(by=seq, act=act))
    session.flush()


def taken_by(session: Session, seq: int) -> int | None:
    """The number of the act that took this one back, and was not taken back itself."""
    found = session.connection().execute(
        sql("SELECT by FROM takenback WHERE act = :act ORDER BY by DESC"), {"act": seq}
    )
    return next((by for (by,) in found.all() if taken_by(session, by) is None), None)


def kept_acts(session: Session, seqs: Sequence[int]) -> dict[int, str]:
    """Ids, by number, of those of these acts of which it is known what they changed."""
    run = session.connection().execute
    known = sql(
        "SELECT id FROM act WHERE seq = :seq AND EXISTS (SELECT 1 FROM change WHERE act = :seq)"
    )
    found = {seq: run(known, {"seq": seq}).scalar() for seq in set(seqs)}
    return {seq: str(act) for seq, act in found.items() if act is not None}


def only_key(change: Changed) -> str:
    """The id of a changed row whose key is one column."""
    return str(json.loads(change.key)[0])


def column(session: Session, change: Changed, *names: str) -> str | None:
    """The value of the first of these columns that a changed row has; None once it is gone."""
    table = SQLModel.metadata.tables[change.of]
    name = next((n for n in names if n in table.columns), None)
    if name is None:
        return None
    if change.op == "deleted":
        return change.was.get(name)
    where, key = _where(table, change.key)
    found = session.connection().execute(
        sql(f"SELECT {quoted(name)} FROM {quoted(table.name)} WHERE {where}"), key
    )
    return found.scalar()


def _where(table: Table, key: str) -> tuple[str, dict[str, Any]]:
    """The condition that finds a row by its key, and its values."""
    names = [c.name for c in table.primary_key]
    where = " AND ".join(f"{quoted(n)} = :key_{n}" for n in names)
    return where, {f"key_{n}": v for n, v in zip(names, json.loads(key), strict=True)}


def later_on(session: Session, seq: int, changes: Sequence[Changed]) -> set[int]:
    """Numbers of the acts after this one that changed the same columns, or wrote what points to
    what it made; 0 for what was written before changes were kept.
    """
    found: set[int] = set()
    made = {c.row for c in changes if c.op == "made"}
    for change in changes:
        mine = set(change.was) - {"version"}
        for later in _read(
            session,
            'WHERE key = :key AND "of" = :of AND act > :act',
            {"key": change.key, "of": change.of, "act": seq},
        ):
            touched = set(later.became) - {"version"}
            if change.op != "changed" or later.op != "changed" or touched & mine:
                found.add(later.act)
    for of, key in made:
        found |= {n for n in _pointing(session, of, key, made) if n > seq}
    return found


def _pointing(session: Session, of: str, key: str, made: set[tuple[str, str]]) -> set[int]:
    """Numbers of the acts that wrote rows that point to a row; 0 where none wrote it down."""
    ids = json.loads(key)
    found: set[int] = set()
    if len(ids) != 1:
        return found
    for table in _journaled():
        columns = _pointers(table, of)
        if not columns:
            continue
        keys = ", ".join(quoted(c.name) for c in table.primary_key)
        where = " OR ".join(f"{quoted(c)} = :id" for c in columns)
        statement = f"SELECT json_array({keys}) FROM {quoted(table.name)} WHERE {where}"
        for (row,) in session.connection().execute(sql(statement), {"id": ids[0]}).all():
            if (table.name, row) not in made:
                made_by = session.connection().execute(
                    sql(
                        'SELECT max(act) FROM change WHERE "of" = :of AND key = :key '
                        "AND op = 'made'"
                    ),
                    {"of": table.name, "key": row},
                )
                found.add(int(made_by.scalar() or 0))
    return found


def _pointers(table: Table, of: str) -> list[str]:
    """The columns of a table in which the id of a row of another may stand."""
    return [
        c.name
        for c in table.columns
        if c.name in _POINTS or any(f.column.table.name == of for f in c.foreign_keys)
    ]


# --- taking back -----------------------------------------------------------------------------


def turn_back(session: Session, changes: Sequence[Changed]) -> None:
    """Put rows back as they were before these changes, the last one first.

    Raises: IntegrityError where something else has taken the place of what was deleted.
    """
    connection = session.connection()
    # rows that point to each other come and go together
    connection.exec_driver_sql("PRAGMA defer_foreign_keys = ON")
    for change in reversed(changes):
        table = SQLModel.metadata.tables[change.of]
        where, key = _where(table, change.key)
        if change.op == "made":
            connection.execute(sql(f"DELETE FROM {quoted(table.name)} WHERE {where}"), key)
        elif change.op == "deleted":
            columns = ", ".join(quoted(n) for n in change.was)
            values = ", ".join(f":{n}" for n in change.was)
            connection.execute(
                sql(f"INSERT INTO {quoted(table.name)} ({columns}) VALUES ({values})"), change.was
            )
        elif sets := _sets(change.was):
            connection.execute(
                sql(f"UPDATE {quoted(table.name)} SET {sets} WHERE {where}"), change.was | key
            )


def _sets(was: dict[str, Any]) -> str:
    """Columns as they were; a version goes on rising, since whoever read it read something else."""
    return ", ".join(
        "version = version + 1" if n == "version" else f"{quoted(n)} = :{n}" for n in was
    )
