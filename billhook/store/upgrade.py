"""Bringing a database up to date: whole, or not at all.

The tables are changed in a copy beside the database. Only when the copy is done, checked and on
disk does it take the database's place, in one step; the database as it was stays beside it.
Whatever stops it before that step leaves all as it was.

    billhook.sqlite  ──copy──►  billhook.sqlite.upgrading  ──migrate, check──►  billhook.sqlite
           └──────────────────────── kept as ──────────────────────────────►
           billhook.before-0010.sqlite
"""

from __future__ import annotations

import os
import shutil
import sqlite3
from contextlib import closing, suppress
from pathlib import Path

from sqlalchemy import event
from sqlmodel import create_engine

from ..core.errors import BillhookError
from .lock import held

_MIGRATIONS = Path(__file__).parent / "migrations"


class CannotOpen(BillhookError):
    """A database that this program cannot use, and why, in one sentence."""


def newest_revision() -> str:
    """The revision that this program works with."""
    return max(_known_revisions())


def _known_revisions() -> set[str]:
    return {f.name.split("_")[0] for f in (_MIGRATIONS / "versions").glob("[0-9]*.py")}


def revision_of(path: Path) -> str | None:
    """The revision a database is at; None where there is none yet. Raises: CannotOpen for what is
    not Billhook's.
    """
    if not path.exists() or path.stat().st_size == 0:
        return None
    try:
        with closing(sqlite3.connect(path)) as database:
            tables = {
                name
                for (name,) in database.execute(
                    "SELECT name FROM sqlite_master WHERE type = 'table'"
                )
            }
            if not tables:
                return None
            found = (
                database.execute("SELECT version_num FROM alembic_version").fetchone()
                if "alembic_version" in tables
                else None
            )
    except sqlite3.Error as error:
        raise CannotOpen(f"{path} cannot be read as a database: {error}.") from error
    if found is None:
        raise CannotOpen(f"{path} is a database, but not Billhook's.")
    return str(found[0])


def check_revision(path: Path) -> str | None:
    """The revision of a database that this program can use. Raises: CannotOpen, also for one that a
    newer Billhook wrote.
    """
    found = revision_of(path)
    if found is not None and found not in _known_revisions():
        raise CannotOpen(
            f"{path} was written by a newer Billhook (tables {found}; this one knows "
            f"{newest_revision()}): use that one or a newer."
        )
    return found


def damage_of(path: Path) -> str | None:
    """What is broken in a database file, None for one that is whole."""
    with closing(sqlite3.connect(path)) as database:
        try:
            whole = database.execute("PRAGMA integrity_check").fetchone()[0]
            loose = database.execute("PRAGMA foreign_key_check").fetchall()
        except sqlite3.Error as error:
            return str(error)
    if whole != "ok":
        return str(whole)
    return f"{len(loose)} rows of {loose[0][0]} point nowhere" if loose else None


def bring_up_to_date(path: Path) -> None:
    """Upgrade a database in one step, or make a new one. Raises: CannotOpen, with the database as
    it was.
    """
    if check_revision(path) == newest_revision():
        return
    with held(path.with_name(path.name + ".lock"), wait=True):
        # another program may have done it while this one waited
        before = check_revision(path)
        if before == newest_revision():
            return
        made = path.with_name(path.name + ".upgrading")
        _clear(made)
        try:
            if before is not None:
                _copy(path, made)
            _migrate(made)
            broken = damage_of(made)
            if broken is not None:
                raise CannotOpen(
                    f"{path} could not be brought up to date: {broken}. It is as it was."
                )
            _put_in_place(made, path, before)
        except (sqlite3.Error, OSError) as error:
            raise CannotOpen(
                f"{path} could not be brought up to date: {error}. It is as it was."
            ) from error
        finally:
            _clear(made)


def _clear(made: Path) -> None:
    for end in ("", "-wal", "-shm", "-journal"):
        made.with_name(made.name + end).unlink(missing_ok=True)


def _copy(path: Path, made: Path) -> None:
    with closing(sqlite3.connect(path)) as source, closing(sqlite3.connect(made)) as copy:
        source.backup(copy)


def new_at(path: Path, revision: str) -> None:
    """A new, empty database as a revision had it. Raises: CannotOpen for one that is not known."""
    if revision not in _known_revisions():
        raise CannotOpen(
            f"it was written by a newer Billhook (tables {revision}; this one knows "
            f"{newest_revision()}): use that one or a newer."
        )
    _migrate(path, revision)


def _migrate(made: Path, to: str = "head") -> None:
    """Run the migrations on the copy; foreign keys are off, since a table that is rebuilt is gone
    for a moment.
    """
    from alembic import command
    from alembic.config import Config
    from sqlalchemy.exc import SQLAlchemyError

    engine = create_engine(f"sqlite:///{made}")

    @event.listens_for(engine, "connect")
    def _connect(connection: sqlite3.Connection, _record: object) -> None:
        connection.execute("PRAGMA foreign_keys=OFF")
        # what is left of a table that an older program was rebuilding when it was stopped
        for (name,) in connection.execute(
            "SELECT name FROM sqlite_master WHERE name LIKE '\\_alembic\\_tmp\\_%' ESCAPE '\\'"
        ).fetchall():
            connection.execute(f'DROP TABLE "{name}"')

    config = Config()
    config.set_main_option("script_location", str(_MIGRATIONS))
    config.attributes["engine"] = engine
    try:
        command.upgrade(config, to)
    except SQLAlchemyError as error:
        raise CannotOpen(
            f"{made.with_suffix('')} could not be brought up to date: "
            f"{error.__cause__ or error}. It is as it was."
        ) from error
    finally:
        engine.dispose()


def _put_in_place(made: Path, path: Path, before: str | None) -> None:
    with made.open("rb+") as file:
        os.fsync(file.fileno())
    if before is not None:
        _settle(path)
        kept = path.with_name(f"{path.stem}.before-{newest_revision()}{path.suffix}")
        kept.unlink(missing_ok=True)
        try:
            os.link(path, kept)
        except OSError:  # a file system without links
            shutil.copyfile(path, kept)
    os.replace(made, path)
    _to_disk(path.parent)


def _settle(path: Path) -> None:
    """Fold the database's side files into it, so that none is left to be taken for the new one's.
    Raises: CannotOpen while somebody has it open.
    """
    with closing(sqlite3.connect(path)) as database:
        busy = database.execute("PRAGMA wal_checkpoint(TRUNCATE)").fetchone()[0]
        database.execute("PRAGMA journal_mode=DELETE")
    if busy or path.with_name(path.name + "-wal").exists():
        raise CannotOpen(
            f"{path} is open elsewhere: close every other Billhook on this folder, then "
            "start again. It is as it was."
        )


def _to_disk(folder: Path) -> None:
    with suppress(OSError):
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)
