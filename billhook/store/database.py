"""The SQLite database: one writer at a time, readers beside it, foreign keys on, migrated at start."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from sqlalchemy import Engine, event
from sqlmodel import Session, create_engine

from ..core.errors import BillhookError

_BUSY_MS = 15_000
_MIGRATIONS = Path(__file__).parent / "migrations"


class StaleVersion(BillhookError):
    """Somebody else changed the same thing in the meantime. ``current`` says what holds now."""

    def __init__(self, message: str, current: dict[str, object]) -> None:
        super().__init__(message)
        self.current = current


class NotFound(BillhookError):
    """There is no such thing."""


class Store:
    """Sessions on one database file."""

    def __init__(self, path: Path) -> None:
        path.parent.mkdir(parents=True, exist_ok=True)
        self.path = path
        self.engine = _engine(path)
        self._reader = self.engine.execution_options(billhook_begin="BEGIN")

    @contextmanager
    def reading(self) -> Iterator[Session]:
        """A session that only reads; never waits for the writer."""
        with Session(self._reader, expire_on_commit=False) as session:
            yield session

    @contextmanager
    def writing(self) -> Iterator[Session]:
        """A session that writes, all or nothing; writers take turns."""
        with Session(self.engine, expire_on_commit=False) as session, session.begin():
            yield session

    def migrate(self) -> None:
        """Bring the tables up to date. Alembic is loaded only when there is something to do: starting is quicker without it."""
        if self._revision() == max(f.name.split("_")[0] for f in (_MIGRATIONS / "versions").glob("[0-9]*.py")):
            return
        from alembic import command
        from alembic.config import Config

        config = Config()
        config.set_main_option("script_location", str(_MIGRATIONS))
        config.attributes["engine"] = self.engine
        command.upgrade(config, "head")

    def _revision(self) -> str | None:
        """The migration the tables are at, None for an empty file."""
        with self.engine.connect() as connection:
            if not connection.exec_driver_sql("SELECT 1 FROM sqlite_master WHERE name = 'alembic_version'").first():
                return None
            found = connection.exec_driver_sql("SELECT version_num FROM alembic_version").first()
            return str(found[0]) if found else None

    def close(self) -> None:
        """Let go of the file."""
        self.engine.dispose()


def _engine(path: Path) -> Engine:
    engine = create_engine(f"sqlite:///{path}", connect_args={"isolation_level": None, "timeout": _BUSY_MS / 1000, "check_same_thread": False})

    @event.listens_for(engine, "connect")
    def _connect(connection, _record) -> None:  # type: ignore[no-untyped-def]  # SQLAlchemy hands over driver objects
        for pragma in ("journal_mode=WAL", "foreign_keys=ON", f"busy_timeout={_BUSY_MS}", "synchronous=NORMAL"):
            connection.execute(f"PRAGMA {pragma}")

    @event.listens_for(engine, "begin")
    def _begin(connection) -> None:  # type: ignore[no-untyped-def]  # SQLAlchemy hands over driver objects
        connection.exec_driver_sql(connection.get_execution_options().get("billhook_begin", "BEGIN IMMEDIATE"))

    return engine
